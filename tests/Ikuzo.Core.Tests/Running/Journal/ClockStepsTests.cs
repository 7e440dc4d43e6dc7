using Ikuzo.Core.Running.Journal;
using static Ikuzo.Core.Running.Journal.CookEventKind;

namespace Ikuzo.Core.Tests.Running.Journal;

/// <summary>Journals of which the clock was set while the pot was on the stove.</summary>
public class ClockStepsTests
{
    private static readonly DateTimeOffset Start = new(2026, 12, 6, 17, 0, 0, TimeSpan.Zero);

    private static Written At(string id, CookEventKind kind, double minutes, double? seconds = null, string? of = null)
    {
        var at = Start.AddMinutes(minutes);
        return new(new(id, kind, at, new() { Seconds = seconds, Of = of }), at);
    }

    private static double[] Minutes(IReadOnlyList<Written> journal) => [.. journal.Select(w => (w.Event.At - Start).TotalMinutes)];

    // Lid on at 0, pressure at 12, the clock set at 15 by so much, over at 22, all in true minutes.
    [Theory]
    [InlineData(60)]
    [InlineData(-60)]
    [InlineData(24 * 60)]
    [InlineData(-24 * 60)]
    public void ClockThatIsSet_LeavesAsMuchTimeBetweenEntries(double by)
    {
        Written[] journal =
        [
            At("1", LidOn, 0),
            At("2", PressureReached, 12),
            At("3", ClockSet, 15 + by, by * 60),
            At("4", HoldOver, 22 + by),
        ];
        var settled = ClockSteps.Settle(journal);
        Assert.Equal([by, 12 + by, 15 + by, 22 + by], Minutes(settled));
        Assert.Equal(settled.Select(w => w.Event.At), settled.Select(w => w.WrittenAt));
        Assert.Equal(["1", "2", "3", "4"], settled.Select(w => w.Event.Id));
    }

    [Fact]
    public void ClockThatIsSetTwice_AddsUp()
    {
        Written[] journal =
        [
            At("1", LidOn, 0),
            At("2", ClockSet, 65, 3600),
            At("3", Note, 70),
            At("4", ClockSet, 15, -3600),
            At("5", Note, 20),
        ];
        Assert.Equal([0, 5, 10, 15, 20], Minutes(ClockSteps.Settle(journal)));
    }

    // The power was off from 15 to 40. The machine came up with its clock at 3, so that all stood still at first; at 45 it was set right.
    [Fact]
    public void ClockThatStoodStillWithoutPower_IsSetRight_AndWhatWasWrittenBeforeStandsWhereItWas()
    {
        Written[] behind = [At("1", LidOn, 0), At("2", PressureReached, 12), At("3", ClockSet, 3, -9 * 60), At("4", Note, 4)];
        Assert.Equal([-9, 3, 3, 4], Minutes(ClockSteps.Settle(behind)));
        Written[] right = [.. behind, At("5", ClockSet, 45, 37 * 60, "2"), At("6", Opened, 46)];
        Assert.Equal([0, 12, 40, 41, 45, 46], Minutes(ClockSteps.Settle(right)));
    }

    [Fact]
    public void ClockOfARehearsal_IsItsOwn()
    {
        Written[] journal = [At("1", Simulated, 0), At("2", LidOn, 1), At("3", ClockSet, 65, 3600)];
        var settled = ClockSteps.Settle(journal);
        Assert.Equal([0, 1, 65], Minutes(settled));
        Assert.Equal(Start.AddMinutes(61), settled[1].WrittenAt);
    }

    // A phone that knew of the lid only says when something happened by the clock as it was then.
    [Fact]
    public void WhatWasSaidByTheClockAsItWas_IsMovedAsTheClockWas()
    {
        CookEvent[] journal =
        [
            At("1", LidOn, 0).Event,
            At("2", ClockSet, 65, 3600).Event,
            At("3", Note, 70).Event,
            At("4", ClockSet, 40, -1800).Event,
        ];
        Assert.Equal(1800, ClockSteps.Since(journal, "1").TotalSeconds);
        Assert.Equal(-1800, ClockSteps.Since(journal, "2").TotalSeconds);
        Assert.Equal(0, ClockSteps.Since(journal, "4").TotalSeconds);
        Assert.Equal(1800, ClockSteps.Since(journal, "").TotalSeconds); // who knew of nothing yet
        Assert.Equal(0, ClockSteps.Since(journal, null).TotalSeconds);
        Assert.Equal(0, ClockSteps.Since(journal, "unheard of").TotalSeconds);
    }
}
