using Ikuzo.Core.Cooking;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Running.Journal;
using Ikuzo.Core.Running.Rehearsal;
using Ikuzo.Core.Running.Rescue;
using static Ikuzo.Core.Running.Journal.CookEventKind;

namespace Ikuzo.Core.Tests.Running.Journal;

/// <summary>Two meats in one pot: nothing is done before each of them is.</summary>
public class SeveralMeatsTests
{
    private const double Held = 14;
    private static readonly DateTimeOffset Start = new(2026, 12, 6, 17, 0, 0, TimeSpan.Zero);
    private static readonly PlannedCook Both = Planned();

    private static PlanRequest Request(string cut, double kg, double otherKg, Arrangement arrangement = Arrangement.Single) =>
        new PlanRequest
        {
            Pot = PotDefaults.For(5.7),
            Load = new MeatLoad
            {
                Cut = CutCatalogue.Find(cut)!,
                Pieces = 4,
                TotalKg = kg,
                Arrangement = arrangement,
                State = arrangement == Arrangement.Lump ? MeatState.Frozen : MeatState.Chilled,
            },
            Minutes = Held,
            Release = Release.Vent,
            Confirmed = ["lump"],
        }.WithOtherMeat(otherKg);

    private static PlannedCook Planned(Arrangement second = Arrangement.Single)
    {
        var request = Request("chicken-breast-boneless", 0.9, 0.8);
        return PlannedCook.Of(request, Planner.Compute(request))! with
        {
            Others = [new("thighs", Request("chicken-thigh-bone-in", 0.8, 0.9, second))],
        };
    }

    private static CookState After(PlannedCook cook, double held, params (string Spot, double Celsius)[] readings)
    {
        List<CookEvent> events =
        [
            .. new[]
            {
                (LidOn, 0),
                (PressureReached, 18),
                (Vented, 18 + held),
                (CookEventKind.PinDown, 20 + held),
                (CookEventKind.Opened, 21 + held),
            }.Select((e, i) => new CookEvent($"{i}", e.Item1, Start.AddMinutes(e.Item2), CookEventData.None)),
        ];
        events.AddRange(
            readings.Select(
                (r, i) =>
                    new CookEvent($"r{i}", CookEventKind.Reading, Start.AddMinutes(22 + held), new() { Spot = r.Spot, Celsius = r.Celsius })
            )
        );
        return CookJournal.StateOf(cook, events, Start.AddMinutes(40 + held), r => RescuePlanner.Advise(r));
    }

    [Fact]
    public void Spots_AreThoseOfEachMeatByName()
    {
        Assert.Equal(["centre", "thighs/centre"], Both.Spots.Select(s => s.Id));
        Assert.StartsWith("chicken thighs", Both.Spots[1].Where, StringComparison.Ordinal);
        Assert.Contains(
            CookJournal.StateOf(Both, [], Start, r => RescuePlanner.Advise(r)).Next[0].Lines,
            line => line.Contains("chicken thighs", StringComparison.Ordinal)
        );
    }

    [Fact]
    public void OneMeatMeasured_IsNotYetDone()
    {
        var state = After(Both, Held, ("centre", 90));
        Assert.Equal((CookVerdict.MeasureMore, CookPhase.Open), (state.Verdict, state.Phase));
        Assert.Equal(["thighs/centre"], state.SpotsToRead);
    }

    [Fact]
    public void BothMeasured_AreDoneOnlyTogether()
    {
        (string, double)[] two = [("centre", 90), ("centre", 91), ("thighs/centre", 88)];
        Assert.Equal(CookVerdict.MeasureMore, After(Both, Held, two[..2]).Verdict);
        Assert.Equal(CookVerdict.Done, After(Both, Held, two).Verdict);
        var state = After(Both, 3, ("centre", 80), ("thighs/centre", 61));
        Assert.Equal(CookVerdict.Short, state.Verdict);
        Assert.Contains(state.Advice!.Why, w => w.StartsWith("Chicken thighs", StringComparison.Ordinal));
        Assert.Contains(state.Advice.Spots, s => s.Id == "thighs/centre");
    }

    [Fact]
    public void BothShort_CookOnAsLongAsTheSlowerNeeds()
    {
        double Minutes(params (string, double)[] readings) => After(Both, 1, readings).Advice!.Minutes!.Value;
        var (breasts, thighs) = (Minutes(("centre", 60)), Minutes(("thighs/centre", 45)));
        Assert.Equal(Math.Max(breasts, thighs), Minutes(("centre", 60), ("thighs/centre", 45)));
    }

    [Fact]
    public void LumpBesideSinglePieces_IsTheOneThatIsTakenApart()
    {
        var state = After(Planned(Arrangement.Lump), 4, ("centre", 85), ("thighs/centre", 20));
        Assert.Equal((CookVerdict.Short, RescueMethod.SeparateAndRepeat), (state.Verdict, state.Advice!.Method));
        Assert.Null(
            After(Planned(Arrangement.Lump), 4, ("centre", 60))
                .Advice!.Why.FirstOrDefault(w => w.Contains("apart", StringComparison.Ordinal))
        );
    }

    [Fact]
    public void SimulatedPot_HoldsBothAndItsColdestIsTheColderOne()
    {
        var pot = new SimulatedPot(Both, 11, []);
        new Attached(pot, pot).After([new("1", LidOn, Start, CookEventData.None)], Start.AddMinutes(22));
        var (breast, thigh) = (pot.Read("centre")!.Value, pot.Read("thighs/centre")!.Value);
        Assert.NotEqual(breast, thigh);
        Assert.InRange(pot.ColdestCelsius, Math.Min(breast, thigh) - 8, Math.Min(breast, thigh) + 8);
        Assert.Null(pot.Read("wing"));
    }
}
