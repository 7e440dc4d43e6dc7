using Ikuzo.Core.Running.Journal;
using Ikuzo.Core.Running.Rescue;
using static Ikuzo.Core.Running.Journal.CookEventKind;

namespace Ikuzo.Core.Tests.Running.Journal;

/// <summary>What the running cook does with the verdicts that ask for a covered rest, whatever the physics behind them.</summary>
public class CoveredRestTests
{
    private static readonly DateTimeOffset Start = new(2026, 12, 6, 17, 0, 0, TimeSpan.FromHours(1));
    private static readonly PlannedCook Bird = Planned.Cook(Planned.Request("chicken-whole", 1, 1.8) with { Confirmed = ["giblets"] });
    private static readonly RescueAdvice DoneAfterRest = Advice(CheckVerdict.Done, RescueMethod.None, 0) with { RestMinutes = 4 };
    private static readonly RescueAdvice Wait = Advice(CheckVerdict.Short, RescueMethod.LeaveCovered, 5);
    private static readonly RescueAdvice Again = Advice(CheckVerdict.Short, RescueMethod.ReadAgain, 0);
    private static readonly RescueAdvice Done = Advice(CheckVerdict.Done, RescueMethod.None, 0);

    private static readonly CookEvent[] Opened =
    [
        E("1", LidOn, 0),
        E("2", PressureReached, 12),
        E("3", CookEventKind.PinDown, 40),
        E("4", CookEventKind.Opened, 41),
    ];

    private static RescueAdvice Advice(CheckVerdict verdict, RescueMethod method, double minutes) =>
        new(verdict, method, minutes, [$"{method}"], []);

    private static CookEvent E(string id, CookEventKind kind, double minute, CookEventData? data = null) =>
        new(id, kind, Start.AddMinutes(minute), data ?? CookEventData.None);

    private static CookEvent Read(string id, double minute, string spot, double celsius) =>
        E(id, CookEventKind.Reading, minute, new() { Spot = spot, Celsius = celsius });

    private static FoldedJournal Fold(RescueAdvice advice, params CookEvent[] more) =>
        CookJournal.Fold(Bird, [.. Opened, .. more], r => r.CoveredMinutes == 0 && advice == Done && IsShort(r) ? Wait : advice);

    private static bool IsShort(RescueRequest request) => request.NewestReadings.Any(r => !r.IsSafe);

    private static CookState At(double minute, RescueAdvice advice, params CookEvent[] more) =>
        Fold(advice, more).State(Start.AddMinutes(minute));

    [Fact]
    public void DoneWithARest_IsNotServedBeforeItIsOver()
    {
        CookEvent[] read = [Read("5", 42, "breast", 76), Read("6", 42, "thigh", 80)];
        var state = At(43, DoneAfterRest, read);
        Assert.Equal((CookPhase.Finishing, CookVerdict.Done), (state.Phase, state.Verdict));
        Assert.Equal(Start.AddMinutes(46), state.CoveredUntil);
        Assert.Equal(("covered-rest", true, Start.AddMinutes(46)), (state.Next[0].Step, state.Next[0].Waits, state.Next[0].DueAt));
        var fold = Fold(DoneAfterRest, read);
        Assert.NotNull(fold.Try(E("7", Finished, 45), Start.AddMinutes(45)).Refusal);
        Assert.Null(fold.Try(E("7", Finished, 46), Start.AddMinutes(46)).Refusal);
        Assert.Null(At(46, DoneAfterRest, read).CoveredUntil);
        var rested = E("7", StepDone, 44, new() { Step = "covered-rest" });
        Assert.Null(Fold(DoneAfterRest, [.. read, rested]).Try(E("8", Finished, 44), Start.AddMinutes(44)).Refusal);
    }

    // Minutes for a thermometer, and none in the kitchen: closed for what is missing, or left closed until it is as sure.
    [Theory]
    [InlineData(1, "Close the lid again for 8 min")]
    [InlineData(9, null)]
    public void WithoutAThermometer_WaitingUnderTheLidOrClosingItAgainIsSure(double leftClosed, string? missing)
    {
        var cook = Bird with { SureMinutes = Bird.Minutes + 8, SureClosedMinutes = 9 };
        var journal = CookJournal.Fold(
            cook,
            [.. Opened[..3], E("4", CookEventKind.Opened, 40 + leftClosed)],
            _ => throw new InvalidOperationException("nothing was read")
        );
        Assert.Contains(
            "Leave it closed for 9 min",
            CookJournal.Fold(cook, Opened[..3], _ => Done).State(Start.AddMinutes(40)).Next[0].Text
        );
        var next = journal.State(Start.AddMinutes(42 + leftClosed)).Next;
        Assert.Equal(missing is not null, next.Any(n => n.Kind == BackUnderPressure && n.Text.Contains(missing ?? "")));
    }

    [Fact]
    public void DoneWithARest_TakesItOffTheRestBeforeCarving()
    {
        double Rest(RescueAdvice advice)
        {
            var state = At(43, advice, Read("5", 42, "breast", 90), Read("6", 42, "thigh", 90));
            return (state.Next.Last(n => n.Step == "rest").DueAt!.Value - Start).TotalMinutes;
        }

        Assert.Equal(Rest(Done), Rest(DoneAfterRest), 1e-6);
    }

    [Fact]
    public void LeftCovered_CountsDownToTheSecondReading_OfWhatWasShort()
    {
        CookEvent[] read = [Read("5", 42, "breast", 70), Read("6", 42, "thigh", 82)];
        var state = At(42, Wait, read);
        Assert.Equal((CookVerdict.Short, CookEventKind.Covered), (state.Verdict, state.Next[0].Kind));

        var tried = Fold(Wait, read).Try(E("7", CookEventKind.Covered, 43), Start.AddMinutes(43));
        Assert.Equal(5, tried.Entry.Data.Minutes);
        state = At(44, Wait, [.. read, tried.Entry]);
        Assert.Equal(Start.AddMinutes(48), state.CoveredUntil);
        Assert.Equal((CookEventKind.Reading, true, Start.AddMinutes(48)), (state.Next[0].Kind, state.Next[0].Waits, state.Next[0].DueAt));
        Assert.Equal(["breast"], state.SpotsToRead);
        var due = At(48, Wait, [.. read, tried.Entry]).Next[0];
        Assert.Equal((false, "Read it again"), (due.Waits, due.Title));

        state = At(49, Done, [.. read, tried.Entry, Read("8", 48.5, "breast", 78)]);
        Assert.Equal((CookPhase.Finishing, CookVerdict.Done), (state.Phase, state.Verdict));
        Assert.Equal(5.5, state.Readings[^1].CoveredMinutes, 1e-9);
        Assert.Null(state.CoveredUntil);
    }

    [Fact]
    public void LeftCovered_ASpotThatWasShortIsReadAgainBeforeItIsDone()
    {
        CookEvent[] events =
        [
            Read("5", 42, "breast", 70),
            Read("6", 42, "thigh", 71),
            E("7", CookEventKind.Covered, 43, new() { Minutes = 5 }),
            Read("8", 48, "breast", 78),
        ];
        var state = At(48, Done, events);
        Assert.Equal((CookPhase.Open, CookVerdict.MeasureMore), (state.Phase, state.Verdict));
        Assert.Equal(["thigh"], state.SpotsToRead);
        Assert.Equal(CookVerdict.Done, At(49, Done, [.. events, Read("9", 49, "thigh", 79)]).Verdict);
    }

    // Three readings that are nearly enough may be left to stand as well: then every spot is read again.
    [Fact]
    public void LeftCovered_ThoughNothingReadsShort_AsksForEverySpotAgain()
    {
        CookEvent[] events =
        [
            Read("5", 42, "breast", 75),
            Read("6", 42, "thigh", 80),
            E("7", CookEventKind.Covered, 43, new() { Minutes = 5 }),
        ];
        Assert.Equal(["breast", "thigh"], At(44, Wait, events).SpotsToRead);
    }

    // The first reading afterwards is of the one meat, but the other stood covered as long.
    [Fact]
    public void LeftCovered_CountsForEveryMeatOfThePot()
    {
        var two = Bird with { Others = [new PlannedMeat("legs", Planned.Request("duck-leg", 1, 0.3))] };
        List<RescueRequest> asked = [];
        CookEvent[] events =
        [
            .. Opened,
            Read("5", 42, "breast", 70),
            Read("6", 42, "legs/thigh", 71),
            E("7", CookEventKind.Covered, 43, new() { Minutes = 5 }),
            Read("8", 48, "breast", 78),
            Read("9", 48.5, "legs/thigh", 79),
        ];
        CookJournal.Fold(
            two,
            events,
            r =>
            {
                asked.Add(r);
                return Wait;
            }
        );
        Assert.Equal([5.0, 5.0], asked.TakeLast(2).Select(r => r.CoveredMinutes));
        Assert.All(asked.TakeLast(2), r => Assert.True(r.Counting.All(c => c.IsSafe)));
    }

    // Both stood covered; until the legs are read again nobody knows, and their old reading is no reason to wait once more.
    [Fact]
    public void LeftCovered_AMeatThatWasShortIsNotJudgedBeforeItIsReadAgain()
    {
        var two = Bird with { Others = [new PlannedMeat("legs", Planned.Request("duck-leg", 1, 0.3))] };
        CookEvent[] events =
        [
            .. Opened,
            Read("5", 42, "breast", 70),
            Read("6", 42, "thigh", 85),
            Read("7", 42, "legs/thigh", 71),
            Read("8", 42, "legs/drumstick", 84),
            E("9", CookEventKind.Covered, 43, new() { Minutes = 5 }),
            Read("10", 48, "breast", 78),
        ];
        var state = CookJournal.Fold(two, events, r => r.Counting.All(c => c.IsSafe) ? Done : Wait).State(Start.AddMinutes(48));
        Assert.Equal((CookPhase.Open, CookVerdict.MeasureMore), (state.Phase, state.Verdict));
        Assert.Equal(["legs/thigh"], state.SpotsToRead);
    }

    // Minutes for a thermometer, 18, and nobody has one: 26 are sure.
    [Fact]
    public void WithoutAThermometer_WhatIsMissingToBeSureIsSaid_AndCookedOn()
    {
        var cook = Planned.Cook(
            Planned.Request("chicken-whole", 1, 1.8) with
            {
                Confirmed = ["giblets"],
                Promise = Core.Planning.Promise.Measured,
            }
        );
        var fold = CookJournal.Fold(cook, Opened, _ => Done);
        var state = fold.State(Start.AddMinutes(42));
        Assert.Equal([CookEventKind.Reading, BackUnderPressure, NotMeasured], state.Next.Select(n => n.Kind));
        Assert.Contains("for 7 min under pressure", state.Next[1].Text);
        var back = fold.Try(E("5", BackUnderPressure, 43), Start.AddMinutes(43));
        Assert.Equal(7, back.After!.State(Start.AddMinutes(44)).Minutes);
        var sure = CookJournal.Fold(Bird, Opened, _ => Done).State(Start.AddMinutes(42));
        Assert.Equal([CookEventKind.Reading, NotMeasured], sure.Next.Select(n => n.Kind));
    }

    [Fact]
    public void ReadAgain_AsksForAnotherReading_AndIsNeitherShortNorDone()
    {
        var state = At(42, Again, Read("5", 42, "breast", 75), Read("6", 42, "thigh", 80));
        Assert.Equal((CookPhase.Open, CookVerdict.MeasureMore), (state.Phase, state.Verdict));
        Assert.Equal((CookEventKind.Reading, "ReadAgain"), (state.Next[0].Kind, state.Next[0].Text));
    }
}
