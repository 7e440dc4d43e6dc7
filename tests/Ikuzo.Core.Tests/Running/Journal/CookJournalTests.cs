using Ikuzo.Core.Book;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Running.Journal;
using Ikuzo.Core.Running.Rescue;
using static Ikuzo.Core.Running.Journal.CookEventKind;

namespace Ikuzo.Core.Tests.Running.Journal;

public class CookJournalTests
{
    private static readonly DateTimeOffset Start = new(2026, 12, 6, 17, 0, 0, TimeSpan.FromHours(1));
    private static readonly PlannedCook Thighs = Plan(
        new MeatLoad
        {
            Cut = CutCatalogue.Find("chicken-thigh-bone-in")!,
            Pieces = 4,
            TotalKg = 0.8,
        }
    );

    private static PlannedCook Plan(MeatLoad load)
    {
        var request = new PlanRequest
        {
            Pot = PotDefaults.For(5.7),
            Load = load,
            Confirmed = ["lump", "giblets"],
        };
        return Planned.Cook(request);
    }

    private static CookEvent E(string id, CookEventKind kind, double minute, CookEventData? data = null) =>
        new(id, kind, Start.AddMinutes(minute), data ?? CookEventData.None);

    private static CookEvent Read(string id, double minute, double celsius, string spot = "centre") =>
        E(id, CookEventKind.Reading, minute, new() { Spot = spot, Celsius = celsius });

    private static CookState At(double minute, params CookEvent[] events) =>
        CookJournal.StateOf(Thighs, events, Start.AddMinutes(minute), r => RescuePlanner.Advise(r));

    private static JournalRefusal? Refuse(double minute, CookEvent entry, params CookEvent[] events) => Try(minute, entry, events).Refusal;

    private static Tried Try(double minute, CookEvent entry, params CookEvent[] events) =>
        CookJournal.Fold(Thighs, events, r => RescuePlanner.Advise(r)).Try(entry, Start.AddMinutes(minute));

    private static CookEvent[] Opened(double held = 25) =>
        [
            E("1", LidOn, 0),
            E("2", PressureReached, 12),
            E("3", HoldOver, 12 + held),
            E("4", Vented, 12 + held),
            E("5", CookEventKind.PinDown, 14 + held),
            E("6", CookEventKind.Opened, 15 + held),
        ];

    [Fact]
    public void EndOfTheMinutes_SaysWhatItMeansBeforeItsTime_AndNothingElseDoes()
    {
        var holding = Assert.Single(At(13, E("1", LidOn, 0), E("2", PressureReached, 12)).Next);
        Assert.Equal(HoldOver, holding.Kind);
        Assert.Contains("the middle may stay raw", holding.Early, StringComparison.Ordinal);
        Assert.All(At(1, E("1", LidOn, 0)).Next.Concat(At(45, Opened()).Next), n => Assert.Null(n.Early));
    }

    [Fact]
    public void CookThatNobodyTouchedForThreeHoursPastItsEnd_AsksWhetherItWasEaten_AndIsClosedUnmeasured()
    {
        CookEvent[] events = [.. Opened(), Read("7", 42, 80)];
        Assert.DoesNotContain(At(200, events).Next, n => n.Kind == Finished);
        Assert.NotNull(Refuse(200, E("8", Finished, 200), events));
        var asked = At(260, events);
        Assert.Equal((Finished, "Was it eaten?", "Yes, it was eaten"), (asked.Next[0].Kind, asked.Next[0].Title!, asked.Next[0].Says!));
        Assert.Contains("for 3 hours", asked.Next[0].Text, StringComparison.Ordinal);
        Assert.Contains("throw it away", asked.Next[0].Text, StringComparison.Ordinal);
        Assert.Equal(CookEventKind.Reading, asked.Next[1].Kind); // whoever comes back may go on as before

        CookEvent[] closed = [.. events, E("8", Finished, 260)];
        var over = At(261, closed);
        Assert.Equal((CookPhase.Done, CookVerdict.NotMeasured, true), (over.Phase, over.Verdict, over.EverNotMeasured));
        Assert.Null(Happened.Of(Thighs, closed).TotalMinutes); // nobody knows when it was on the table
        Assert.DoesNotContain(At(260, [.. events, E("8", Note, 250, new() { Text = "still warm" })]).Next, n => n.Kind == Finished);
    }

    [Fact]
    public void CookThatWasReadShortAndEatenAllTheSame_StaysShort()
    {
        CookEvent[] events = [.. Opened(held: 6), Read("7", 24, 60)];
        Assert.Equal(CookVerdict.Short, At(25, events).Verdict);
        var over = At(301, [.. events, E("8", Finished, 300)]);
        Assert.Equal((CookPhase.Done, CookVerdict.Short), (over.Phase, over.Verdict));
    }

    [Fact]
    public void CookThatWaitsForNobody_IsNotForgotten()
    {
        Assert.DoesNotContain(At(400).Next, n => n.Kind == Finished); // never begun
        Assert.DoesNotContain(At(400, [.. Opened(), E("7", Abandoned, 60)]).Next, n => n.Kind == Finished);
    }

    [Fact]
    public void State_FollowsTheJournalFromLidOnToOpen()
    {
        var events = Opened();
        CookPhase[] phases =
        [
            .. Enumerable
                .Range(0, events.Length + 1)
                .Select(n => At(n == 0 ? 0 : (events[n - 1].At - Start).TotalMinutes, events[..n]).Phase),
        ];
        Assert.Equal(
            [
                CookPhase.Ready,
                CookPhase.ComingUp,
                CookPhase.Holding,
                CookPhase.Resting,
                CookPhase.Venting,
                CookPhase.PinDown,
                CookPhase.Open,
            ],
            phases
        );
    }

    [Fact]
    public void Hold_EndsByTheClock()
    {
        CookEvent[] events = [E("1", LidOn, 0), E("2", PressureReached, 12)];
        Assert.Equal(CookPhase.Holding, At(12 + Thighs.Minutes - 0.1, events).Phase);
        var after = At(12 + Thighs.Minutes + 3, events);
        Assert.Equal(CookPhase.Resting, after.Phase);
        Assert.Equal(Start.AddMinutes(12 + Thighs.Minutes), after.Since);
    }

    [Fact]
    public void ComeUp_ThatTakesTooLong_SaysWhatMayBeWrong()
    {
        CookEvent[] events = [E("1", LidOn, 0)];
        Assert.Null(At(Thighs.ToPressureMinutes.P50, events).Late);
        var late = At(Thighs.ToPressureMinutes.P95 + 2, events).Late!;
        Assert.Contains("valve", late);
        Assert.Contains("ring", late);
        Assert.Equal(Start.AddMinutes(Thighs.ToPressureMinutes.P50), At(1, events).Next[0].DueAt);
    }

    [Theory]
    [InlineData(CookEventKind.Opened, 20)]
    [InlineData(Finished, 20)]
    [InlineData(CookEventKind.Reading, 20)]
    [InlineData(LidOn, 20)]
    [InlineData(PressureReached, 20)]
    public void UnderPressure_WhatMakesNoSenseIsRefusedWithWhatWould(CookEventKind kind, double minute)
    {
        var refusal = Refuse(minute, E("x", kind, minute, new() { Spot = "centre", Celsius = 80 }), Opened()[..2])!;
        Assert.False(refusal.IsTime);
        Assert.Contains(Vented, refusal.Possible);
        Assert.DoesNotContain(kind, refusal.Possible);
    }

    [Fact]
    public void Finished_WithoutAReadingAtEverySpot_IsRefused()
    {
        Assert.NotNull(Refuse(45, E("x", Finished, 45), Opened()));
        CookEvent[] measured = [.. Opened(), Read("7", 42, 88)];
        Assert.Equal(CookPhase.Finishing, At(43, measured).Phase);
        Assert.Null(Refuse(45, E("x", Finished, 45), measured));
    }

    [Fact]
    public void NotMeasured_LetsTheCookGoOnAndStaysForEver()
    {
        CookEvent[] events = [.. Opened(), E("7", NotMeasured, 41)];
        var state = At(42, events);
        Assert.Equal((CookPhase.Finishing, CookVerdict.NotMeasured, true), (state.Phase, state.Verdict, state.EverNotMeasured));
        CookEvent[] undone = [.. events, E("8", Undone, 43, new() { Of = "7" }), Read("9", 44, 90)];
        state = At(45, undone);
        Assert.Equal((CookVerdict.Done, true), (state.Verdict, state.EverNotMeasured));
    }

    [Fact]
    public void ShortReading_SendsBackUnderPressureAndIsJudgedAnew()
    {
        CookEvent[] events = [.. Opened(held: 5), Read("7", 21, 61)];
        var state = At(21, events);
        Assert.Equal((CookPhase.Open, CookVerdict.Short), (state.Phase, state.Verdict));
        Assert.Equal(BackUnderPressure, state.Next[0].Kind);
        var minutes = state.Advice!.Minutes!.Value;
        var back = Try(23, E("8", BackUnderPressure, 23), events).Entry;
        Assert.Equal(minutes, back.Data.Minutes);
        CookEvent[] again =
        [
            .. events,
            back,
            E("9", PressureReached, 28),
            E("10", CookEventKind.PinDown, 28 + minutes + 10),
            E("11", CookEventKind.Opened, 28 + minutes + 11),
        ];
        state = At(28 + minutes + 11, again);
        Assert.Equal((CookPhase.Open, CookVerdict.Unknown, 2, minutes), (state.Phase, state.Verdict, state.Round, state.Minutes));
        Assert.Equal(Start.AddMinutes(20 + 120), state.OutUntil); // from the first opening
        state = At(28 + minutes + 12, [.. again, Read("12", 28 + minutes + 12, 86)]);
        Assert.Equal((CookPhase.Finishing, CookVerdict.Done), (state.Phase, state.Verdict));
    }

    [Theory]
    [InlineData(0.5, ReleaseKind.Vent, 0)]
    [InlineData(8.0, ReleaseKind.RestThenVent, 8)]
    [InlineData(null, ReleaseKind.Natural, 0)]
    public void Rescue_IsComputedForTheReleaseThatHappened(double? ventedAfter, ReleaseKind kind, double rest)
    {
        RescueRequest? asked = null;
        CookEvent[] events =
        [
            E("1", LidOn, 0),
            E("2", PressureReached, 12),
            E("3", HoldOver, 20),
            .. ventedAfter is { } after ? [E("4", Vented, 20 + after)] : Array.Empty<CookEvent>(),
            E("5", CookEventKind.PinDown, 31),
            E("6", CookEventKind.Opened, 32),
            Read("7", 33, 70),
        ];
        CookJournal.StateOf(Thighs, events, Start.AddMinutes(33), r => RescuePlanner.Advise(asked = r));
        Assert.Equal((8, kind, rest), (asked!.MinutesHeld, asked.Release.Kind, asked.Release.RestMinutes));
    }

    [Fact]
    public void HotReadingAfterAShortHold_IsNotBelievedWhereTheCookSaysOtherwise()
    {
        CookEvent[] events = [.. Opened(held: 1), Read("7", 17, 74.2)];
        Assert.Equal((CookVerdict.MeasureMore, CookPhase.Open), (At(17, events).Verdict, At(17, events).Phase));
    }

    [Fact]
    public void ThickSauce_IsNeverPutBackUnderPressure()
    {
        CookEvent[] events = [.. Opened(held: 5), E("7", Thickened, 21), Read("8", 22, 60)];
        var state = At(22, events);
        Assert.Equal(RescueMethod.SimmerCovered, state.Advice!.Method);
        var back = Try(23, E("9", BackUnderPressure, 23), events).Entry;
        state = At(24, [.. events, back]);
        Assert.Equal((CookPhase.Rescuing, true), (state.Phase, state.Simmers));
        Assert.Equal(CookPhase.PinDown, At(23 + back.Data.Minutes!.Value + 1, [.. events, back]).Phase);
    }

    [Fact]
    public void Undo_OfAnyEntry_IsUndoneAgain()
    {
        CookEvent[] events = [E("1", LidOn, 0), E("2", PressureReached, 12), E("3", Undone, 13, new() { Of = "2" })];
        Assert.Equal(CookPhase.ComingUp, At(13, events).Phase);
        Assert.Equal(CookPhase.Holding, At(14, [.. events, E("4", Undone, 14, new() { Of = "3" })]).Phase);
        var early = At(45, [.. Opened(), E("7", Undone, 45, new() { Of = "1" })]);
        Assert.Equal(CookPhase.Ready, early.Phase);
        Assert.Equal(["2", "3", "4", "5", "6"], early.Ignored);
    }

    [Fact]
    public void Corrected_MovesTheTimeOfAnEntry()
    {
        CookEvent[] events = [E("1", LidOn, 0), E("2", PressureReached, 16), E("3", Corrected, 12, new() { Of = "2" })];
        Assert.Equal(Start.AddMinutes(12), At(17, events).Since);
        Assert.True(Refuse(17, E("x", Corrected, -5, new() { Of = "2" }), events[..2])!.IsTime);
        Assert.True(Refuse(17, E("x", Corrected, 30, new() { Of = "2" }), events[..2])!.IsTime);
    }

    [Fact]
    public void EntriesThatStay_AreNotUndone()
    {
        CookEvent[] events = [E("1", Simulated, 0, new() { Speed = 10 }), E("2", LidOn, 1)];
        Assert.NotNull(Refuse(2, E("x", Undone, 2, new() { Of = "1" }), events));
        Assert.NotNull(Refuse(2, E("x", Corrected, 2, new() { Of = "1" }), events));
        Assert.Null(Refuse(2, E("x", Undone, 2, new() { Of = "2" }), events));
    }

    // Ahead of the clock, longer ago than a week, before what came before it: what may happen now happened now, and what was said stays
    // beside it. What may not happen now is refused, and what is refused is never said to be possible.
    [Theory]
    [InlineData(30)]
    [InlineData(60 * 24 * 9)]
    [InlineData(-60 * 24 * 8)]
    [InlineData(-3)]
    public void WhatWasPressed_IsNotRefusedForItsTime(double said)
    {
        CookEvent[] events = [E("1", LidOn, 0), E("2", PressureReached, 12), E("3", HoldOver, 22), E("4", Vented, 23)];
        var tried = Try(25, E("x", PinDown, said), events);
        Assert.Null(tried.Refusal);
        Assert.Equal((Start.AddMinutes(25), Start.AddMinutes(said)), (tried.Entry.At, tried.Entry.Data.SaidAt));
        Assert.Equal(CookPhase.PinDown, tried.After!.State(Start.AddMinutes(25)).Phase);
        var senseless = Refuse(25, E("x", BrowningDone, said), events)!;
        Assert.DoesNotContain(BrowningDone, senseless.Possible);
        var note = Try(25, E("x", Note, 24), events);
        Assert.Equal((Start.AddMinutes(24), null), (note.Entry.At, note.Entry.Data.SaidAt));
    }

    [Fact]
    public void CookWithMeat_IsNeverMadeARehearsal_ARehearsalMayRunFaster()
    {
        var simulated = E("x", Simulated, 2, new() { Speed = 60 });
        Assert.Null(Refuse(2, simulated));
        Assert.Contains("rehearsal", Refuse(2, simulated, E("1", LidOn, 1))!.Why);
        Assert.Null(Refuse(2, simulated, E("1", Simulated, 0, new() { Speed = 1 }), E("2", LidOn, 1)));
    }

    [Fact]
    public void FullJournal_TakesNoMore()
    {
        CookEvent[] full = [.. Enumerable.Range(0, CookJournal.MostEntries).Select(i => E($"{i}", Note, 1))];
        Assert.Contains("full", Refuse(2, E("x", Note, 2), full)!.Why);
        Assert.Null(Refuse(2, E("x", Note, 2), full[1..]));
    }

    [Fact]
    public void OpenedBeforePressure_StartsAnew()
    {
        CookEvent[] events = [E("1", LidOn, 0), E("2", CookEventKind.Opened, 15)];
        Assert.Equal((CookPhase.Ready, 0), (At(15, events).Phase, At(15, events).Round));
        Assert.Equal(Start.AddMinutes(16).AddMinutes(Thighs.ToPressureMinutes.P50), At(17, [.. events, E("3", LidOn, 16)]).Next[0].DueAt);
    }

    [Fact]
    public void TwoHours_BeginAtTheFirstOpening_AndAreOneInAHotKitchen()
    {
        Assert.Equal(Start.AddMinutes(40 + 120), At(60, Opened()).OutUntil);
        var hot = Thighs with { Request = Thighs.Request with { RoomCelsius = 33 } };
        var state = CookJournal.StateOf(hot, Opened(), Start.AddMinutes(60), r => RescuePlanner.Advise(r));
        Assert.Equal(Start.AddMinutes(40 + 60), state.OutUntil);
    }

    [Fact]
    public void Strip_HasNoGapsAndReachesTheTable()
    {
        foreach (var n in Enumerable.Range(1, 6))
        {
            var strip = At((Opened()[n - 1].At - Start).TotalMinutes + 0.5, Opened()[..n]).Strip;
            Assert.All(strip.Zip(strip.Skip(1)), p => Assert.Equal(p.First.To, p.Second.From));
            Assert.Equal(CookPhase.Finishing, strip[^1].Phase);
        }
    }

    [Fact]
    public void ClockOfARehearsal_RunsFastWhileThePotWorks_AndWaitsForTheHand()
    {
        var wall = Start.AddHours(1);
        Written simulated = new(E("1", Simulated, 0, new() { Speed = 60 }), wall);
        var vents = Thighs with { Release = Release.Vent };
        CookTime Time(params Written[] more) => CookJournal.TimeOf(vents, [simulated, .. more]);
        Assert.Equal(Start.AddMinutes(1), Time().At(wall.AddMinutes(1))); // the lid is not on yet
        var lid = new Written(E("2", LidOn, 0), wall);
        Assert.Equal(Start.AddMinutes(60), Time(lid).At(wall.AddMinutes(1)));
        var pressure = new Written(E("3", PressureReached, 10), wall.AddSeconds(10));
        var (open, waits) = (Time(lid, pressure, new Written(E("4", Vented, 20), wall.AddSeconds(20))), Time(lid, pressure));
        Assert.Equal(60, (open.At(wall.AddSeconds(22)) - open.At(wall.AddSeconds(21))).TotalSeconds, 1e-6); // venting is the pot's
        Assert.NotNull(waits.FastUntil); // at the valve it is the hand's
        Assert.Null(CookJournal.TimeOf(Thighs, [simulated, lid, pressure]).FastUntil); // left alone it is the pot's
        Assert.Equal(Start, CookJournal.TimeOf(Thighs, []).At(Start));
    }

    [Fact]
    public void Orders_ThatArriveLate_MergeByTheirTime()
    {
        CookEvent[] written = [E("1", LidOn, 0), E("3", Note, 20, new() { Text = "hisses" }), E("2", PressureReached, 12)];
        Assert.Equal((CookPhase.Holding, Start.AddMinutes(12)), (At(20, written).Phase, At(20, written).Since));
    }
}
