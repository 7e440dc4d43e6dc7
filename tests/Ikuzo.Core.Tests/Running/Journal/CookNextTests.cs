using Ikuzo.Core.Cooking;
using Ikuzo.Core.LineUps;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Quantities;
using Ikuzo.Core.Running.Journal;
using Ikuzo.Core.Running.Rescue;
using static Ikuzo.Core.Running.Journal.CookEventKind;

namespace Ikuzo.Core.Tests.Running.Journal;

/// <summary>What the cook is told to do next.</summary>
public class CookNextTests
{
    private static readonly DateTimeOffset Start = new(2026, 12, 6, 17, 0, 0, TimeSpan.Zero);

    private static PlannedCook Cook(Release release, bool browned = false, IReadOnlyList<HandsFreeJob>? jobs = null) =>
        new()
        {
            Request = Planned.Request("chicken-thigh-bone-in", 4, 0.8) with { Browned = browned },
            Minutes = 10,
            Release = release,
            ToPressureMinutes = new Spread90(8, 10, 13),
            ReleaseMinutes = new Spread90(6, 9, 12),
            After = [new("rest", "Let it rest.", 5), new("carve", "Carve.", 5)],
            Meanwhile = jobs ?? [],
        };

    private static CookEvent[] Journal((CookEventKind Kind, double Minute)[] acts) =>
        [
            .. acts.Select(
                (a, i) =>
                    new CookEvent(
                        $"{i}",
                        a.Kind,
                        Start.AddMinutes(a.Minute),
                        new CookEventData { Step = a.Kind == StepDone ? "rest" : null }
                    )
            ),
        ];

    private static CookState At(PlannedCook cook, double minute, params (CookEventKind Kind, double Minute)[] acts) =>
        CookJournal.StateOf(cook, Journal(acts), Start.AddMinutes(minute), r => RescuePlanner.Advise(r));

    private static IReadOnlyList<CookAhead> Ahead(PlannedCook cook, double minute, params (CookEventKind Kind, double Minute)[] acts) =>
        CookJournal.Fold(cook, Journal(acts), r => RescuePlanner.Advise(r)).Ahead(At(cook, minute, acts));

    private static readonly (CookEventKind, double)[] UnderPressure = [(LidOn, 0), (PressureReached, 10)];

    [Fact]
    public void Ready_BrownsFirstOnlyWhereThePlanDoes()
    {
        Assert.Equal(BrowningStarted, At(Cook(Release.Natural, browned: true), 0).Next[0].Kind);
        Assert.Equal(LidOn, At(Cook(Release.Natural), 0).Next[0].Kind);
        var browning = At(Cook(Release.Natural, browned: true), 1, (BrowningStarted, 0)).Next;
        Assert.Equal([StepDone, StepDone, StepDone, StepDone, BrowningDone], browning.Select(n => n.Kind)); // two batches, two sides each
        Assert.Equal(("Batch 1 of 2", true, Start.AddMinutes(3)), (browning[0].Title, browning[0].Waits, browning[0].DueAt));
        Assert.Equal(
            [LidOn],
            At(Cook(Release.Natural, browned: true), 9, (BrowningStarted, 0), (BrowningDone, 8)).Next.Select(n => n.Kind)
        );
    }

    [Fact]
    public void WhatIsCookedFirst_ComesBeforeTheLidOfTheMeat()
    {
        var cook = Cook(Release.Natural) with
        {
            Before = [new("rest", "Greens in, lid on.", 4), new("pin", "Wait for the pin.", 8, Waits: true)],
        };
        Assert.Equal([StepDone, StepDone, LidOn], At(cook, 0).Next.Select(n => n.Kind));
        var waiting = At(cook, 10, (StepDone, 5)).Next[0];
        Assert.Equal(("pin", true, Start.AddMinutes(13)), (waiting.Step, waiting.Waits, waiting.DueAt!.Value));
        Assert.False(At(cook, 13, (StepDone, 5)).Next[0].Waits); // its time is over: a hand is wanted
        Assert.Equal(
            (CookPhase.Ready, 5.0 + 8),
            (At(cook, 10, (StepDone, 5)).Strip[0].Phase, (At(cook, 10, (StepDone, 5)).Strip[0].To - Start).TotalMinutes)
        );
    }

    [Fact]
    public void StepDone_BeforeTheLid_MakesNoSenseWithoutSteps()
    {
        Assert.Equal(["0"], At(Cook(Release.Natural), 1, (StepDone, 1)).Ignored);
        var journal = CookJournal.Fold(Cook(Release.Natural), [], r => RescuePlanner.Advise(r));
        var possible = journal.Try(new CookEvent("1", Finished, Start, CookEventData.None), Start).Refusal!.Possible;
        Assert.DoesNotContain(StepDone, possible);
    }

    [Fact]
    public void LidOn_SaysLiquidMinutesAndValve()
    {
        var text = At(Cook(Release.Natural), 0).Next[0].Text;
        Assert.Contains("250 ml", text);
        Assert.Contains("sealing", text);
        Assert.Contains("10 min", text);
    }

    [Fact]
    public void Hold_IsWhenTheHandsDoTheirJobs()
    {
        var next = At(Cook(Release.Natural, jobs: [new("Slice a salad", 8)]), 12, UnderPressure).Next[0];
        Assert.Contains("Slice a salad (8 min)", next.Text);
        Assert.Equal(Start.AddMinutes(20), next.DueAt);
    }

    [Theory]
    [InlineData(ReleaseKind.Natural, CookEventKind.PinDown, 29)]
    [InlineData(ReleaseKind.RestThenVent, Vented, 25)]
    [InlineData(ReleaseKind.Vent, Vented, 20)]
    [InlineData(ReleaseKind.Pulsed, Vented, 20)]
    public void AfterTheMinutes_TheReleaseOfThePlanIsNext(ReleaseKind release, CookEventKind kind, double due)
    {
        var next = At(Cook(new Release(release, release == ReleaseKind.RestThenVent ? 5 : 0)), 21, UnderPressure).Next[0];
        Assert.Equal((kind, Start.AddMinutes(due)), (next.Kind, next.DueAt!.Value));
    }

    [Fact]
    public void Bursts_AreCoachedOnlyWhilePulsing()
    {
        Assert.Equal(Burst.Usual, At(Cook(Release.Pulsed), 21, [.. UnderPressure, (Vented, 20.5)]).Burst);
        Assert.Null(At(Cook(Release.Pulsed), 19, UnderPressure).Burst);
        Assert.Null(At(Cook(Release.Vent), 21, [.. UnderPressure, (Vented, 20.5)]).Burst);
    }

    [Theory]
    [InlineData(true)]
    [InlineData(false)]
    public void Bursts_OfAStepWithoutMeat_AreCoachedToo(bool inBursts)
    {
        var cook = Cook(Release.Vent) with { Before = [new("release-stage-1", "Let it go.", 6) { InBursts = inBursts }] };
        Assert.Equal(inBursts ? Burst.Usual : null, At(cook, 0).Burst);
    }

    [Theory]
    [InlineData(12.9, false)]
    [InlineData(13.1, true)]
    public void ComeUp_IsLateOnceInTwentyCooks(double minute, bool late) =>
        Assert.Equal(late, At(Cook(Release.Natural), minute, (LidOn, 0)).Late is not null);

    [Fact]
    public void Pin_ThatStaysUp_IsNotForced()
    {
        var late = At(Cook(Release.Vent), 40, [.. UnderPressure, (Vented, 20)]).Late!;
        Assert.Contains("never force", late);
    }

    // Where each spot is measured says it, so that nothing else has to, and no bone is spoken of where none is.
    [Fact]
    public void Spots_NameTheBone_WhereThereIsOne() =>
        Assert.All(
            CutCatalogue.All.Where(c => !c.IsTooSmallToMeasure),
            c => Assert.All(c.Spots, s => Assert.Equal(c.BoneIn, s.Where.Contains("bone", StringComparison.Ordinal)))
        );

    [Fact]
    public void Opening_WarnsOfTheFaceAndReadingsOfTheBone()
    {
        (CookEventKind, double)[] down = [.. UnderPressure, (Vented, 20), (CookEventKind.PinDown, 22)];
        Assert.Contains("away from your face", At(Cook(Release.Vent), 22, down).Next[0].Text);
        var read = At(Cook(Release.Vent), 23, [.. down, (CookEventKind.Opened, 23)]).Next[0];
        Assert.Equal(CookEventKind.Reading, read.Kind);
        Assert.Contains("not on it", read.Text); // the bone, which its spot names
        Assert.Contains("thickest piece", read.Text);
    }

    [Fact]
    public void AfterThePot_StepsComeInOrderThenTheTable()
    {
        (CookEventKind, double)[] open =
        [
            .. UnderPressure,
            (Vented, 20),
            (CookEventKind.PinDown, 22),
            (CookEventKind.Opened, 23),
            (NotMeasured, 24),
        ];
        Assert.Equal(["Let it rest.", "Carve."], At(Cook(Release.Vent), 25, open).Next.Take(2).Select(n => n.Text));
        var rested = At(Cook(Release.Vent), 30, [.. open, (StepDone, 29)]);
        Assert.Equal(("Carve.", Start.AddMinutes(34)), (rested.Next[0].Text, rested.Next[0].DueAt)); // from when the rest was over
        Assert.Equal(Finished, rested.Next[^1].Kind);
    }

    [Fact]
    public void Ahead_FromTheLid_IsTheWholeWayToTheThermometer_AndUnmeasuredToTheTable()
    {
        var whole = Ahead(Cook(Release.RestThenVent(5)), 0);
        Assert.Equal((NotMeasured, CookVerdict.NotMeasured), (whole[6].After, whole[6].Verdict));
        Assert.Equal((Finished, CookPhase.Done, CookVerdict.NotMeasured), (whole[^1].After, whole[^1].Phase, whole[^1].Verdict));
        var ahead = whole.Take(6).ToList();
        Assert.Equal([LidOn, PressureReached, HoldOver, Vented, CookEventKind.PinDown, Opened], ahead.Select(a => a.After));
        Assert.Equal(
            [CookPhase.ComingUp, CookPhase.Holding, CookPhase.Resting, CookPhase.Venting, CookPhase.PinDown, CookPhase.Open],
            ahead.Select(a => a.Phase)
        );
        Assert.Equal([false, false, true, false, false, false], ahead.Select(a => a.ByClock));
        Assert.Equal([0, 10, 20, 25], ahead.Take(4).Select(a => (a.At - Start).TotalMinutes));
        Assert.Equal(Start.AddMinutes(20), ahead[1].Next[0].DueAt);
        Assert.Equal(CookEventKind.Reading, ahead[^1].Next[0].Kind);
    }

    [Fact]
    public void Ahead_OfAReadingThatIsShort_IsNothing()
    {
        var opened = new[] { (LidOn, 0.0), (PressureReached, 10), (Vented, 20), (CookEventKind.PinDown, 22), (Opened, 23) };
        var cook = Cook(Release.Vent);
        CookEvent[] journal =
        [
            .. Journal(opened),
            new("r", CookEventKind.Reading, Start.AddMinutes(24), new CookEventData { Spot = "centre", Celsius = 61 }),
        ];
        var fold = CookJournal.Fold(cook, journal, r => RescuePlanner.Advise(r));
        Assert.Empty(fold.Ahead(fold.State(Start.AddMinutes(24))));
    }

    [Fact]
    public void Ahead_OfWhatWasMeasured_EndsOnTheTable()
    {
        var ahead = Ahead(
            Cook(Release.Vent),
            25,
            (LidOn, 0),
            (PressureReached, 10),
            (Vented, 20),
            (CookEventKind.PinDown, 22),
            (Opened, 23),
            (NotMeasured, 24)
        );
        Assert.Equal(["rest", "carve", null], ahead.Select(a => a.Step));
        Assert.Equal((CookPhase.Done, CookVerdict.NotMeasured), (ahead[^1].Phase, ahead[^1].Verdict));
    }
}
