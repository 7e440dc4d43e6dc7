using Ikuzo.Core.Book;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Running.Journal;
using Ikuzo.Core.Tests.Running;

namespace Ikuzo.Core.Tests.Book;

public class HappenedTests
{
    private static readonly DateTimeOffset Start = new(2026, 1, 4, 17, 0, 0, TimeSpan.Zero);
    private static readonly PlannedCook Breasts = Planned.Cook(Planned.Request("chicken-breast-boneless", 3, 0.7)) with
    {
        Minutes = 12,
        Release = Release.RestThenVent(5),
    };

    private static CookEvent[] Journal(params (CookEventKind Kind, double At, CookEventData? Data)[] entries) =>
        [.. entries.Select((e, i) => new CookEvent($"{i}", e.Kind, Start.AddMinutes(e.At), e.Data ?? CookEventData.None))];

    private static (CookEventKind, double, CookEventData?) Read(double at, double celsius) =>
        (CookEventKind.Reading, at, new() { Spot = "centre", Celsius = celsius });

    private static (CookEventKind, double, CookEventData?)[] Opened(double vented = 27) =>
        [
            (CookEventKind.LidOn, 0, null),
            (CookEventKind.PressureReached, 10, null),
            (CookEventKind.Vented, vented, null),
            (CookEventKind.PinDown, vented + 2, null),
            (CookEventKind.Opened, vented + 3, null),
        ];

    [Fact]
    public void Journal_SaysHowLongEachPartTook()
    {
        var happened = Happened.Of(Breasts, Journal([.. Opened(), Read(31, 79), Read(32, 76), (CookEventKind.Finished, 40, null)]));
        Assert.Equal(
            (10, 12, 7, 30, 40),
            (happened.ComeUpMinutes, happened.HeldMinutes, happened.ReleaseMinutes, happened.ToOpenMinutes, happened.TotalMinutes)
        );
        Assert.Equal(Release.RestThenVent(5), happened.Release);
        Assert.Equal(76, happened.LowestCelsius);
        Assert.Equal(
            ("centre", 76, 2),
            (happened.FirstReadings[0].SpotId, happened.FirstReadings[0].Celsius, happened.FirstReadings[0].AfterOpeningMinutes)
        );
    }

    [Fact]
    public void VentedEarly_WasHeldLess_AndAtOnce()
    {
        var happened = Happened.Of(Breasts, Journal(Opened(vented: 18)));
        Assert.Equal((8, Release.Vent), (happened.HeldMinutes, happened.Release));
    }

    [Fact]
    public void OnlyReadingsBeforeAnythingElse_SayHowThePlanDid()
    {
        var happened = Happened.Of(
            Breasts,
            Journal([
                .. Opened(),
                Read(31, 66),
                (CookEventKind.BackUnderPressure, 33, new() { Minutes = 4 }),
                (CookEventKind.Opened, 50, null),
                Read(51, 64),
            ])
        );
        Assert.Equal(66, Assert.Single(happened.FirstReadings).Celsius);
        Assert.Equal(64, happened.LowestCelsius);
        Assert.Equal(1, happened.Returns);
    }

    [Fact]
    public void WhatNobodySaw_TeachesNoTimes()
    {
        var journal = WrittenIn.Journal(Breasts, Start, 82, "salt");
        var happened = Happened.Of(Breasts, journal);
        Assert.Null(happened.ComeUpMinutes);
        Assert.Null(happened.ReleaseMinutes);
        Assert.Equal("salt", happened.Tasting.NextTime);
        Assert.Equal([Sight.Reading], Teaching.Of("c", null, Breasts, journal).Sightings.Select(s => s.What));
    }

    [Fact]
    public void Tasting_IsWhatWasSaidLast_ThingByThing()
    {
        var happened = Happened.Of(
            Breasts,
            Journal([
                .. Opened(),
                (CookEventKind.Tasted, 50, new() { Juicy = 1, NextTime = "a" }),
                (CookEventKind.Tasted, 60, new() { Tender = -1, NextTime = "b" }),
            ])
        );
        Assert.Equal(new Tasting(1, -1, "b", null, null), happened.Tasting);
    }

    // Expected values come from the plan itself: what was seen as foretold teaches that all is as foretold.
    [Fact]
    public void Lesson_OfACookAsForetold_IsNearItsExpectation_WithSlopesOfTheRightSign()
    {
        var up = Breasts.ToPressureMinutes.P50;
        var journal = Journal(
            (CookEventKind.LidOn, 0, null),
            (CookEventKind.PressureReached, up, null),
            (CookEventKind.PinDown, up + 12 + 10, null),
            (CookEventKind.Opened, up + 12 + 10, null),
            Read(up + 12 + 11, 92)
        );
        var lesson = Teaching.Of("c", "bertha", Breasts with { Release = Release.Natural }, journal);
        var come = lesson.Sightings.Single(s => s.What == Sight.ComeUp);
        Assert.Equal(Math.Log(up), come.Expected, 0.02);
        Assert.True(come.Slopes[Uncertain.HeaterPower] < -0.03 && come.Slopes[Uncertain.Purge] > 0);
        var reading = lesson.Sightings.Single(s => s.What == Sight.Reading);
        Assert.True(reading.Slopes[Uncertain.OwnThickness] < -1);
        Assert.Equal(91.2, reading.Seen, 1e-9); // less what probes read too hot
        Assert.InRange(reading.Noise, 1.4, 12);
        Assert.True(lesson.Sightings.Single(s => s.What == Sight.Release).Slopes[Uncertain.HeatLoss] < -0.1);
    }

    [Theory]
    [InlineData(0, 0, "No reading yet")]
    [InlineData(4, 4, "too few")]
    [InlineData(100, 98, "as they should")]
    [InlineData(100, 90, "Do not rely on it")]
    public void Calibration_SaysWhatItIs(int readings, int inside, string words) =>
        Assert.Contains(words, CalibrationWords.Of(readings, inside, 0));
}
