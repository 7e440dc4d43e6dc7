using Ikuzo.Core.Cooking;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Running.Journal;
using Ikuzo.Core.Running.Rehearsal;

namespace Ikuzo.Core.Tests.Running.Rehearsal;

/// <summary>
/// Whole cooks on the simulated pot with hidden truths: as planned or cut short, measured, rescued until the journal says done.
/// </summary>
internal static class CookCampaign
{
    /// <summary>How one cook ended.</summary>
    /// <param name="Cut">What it was.</param>
    /// <param name="Verdict">What the journal said in the end.</param>
    /// <param name="TrueCelsius">Highest that the coldest spot truly was when it said so, °C.</param>
    /// <param name="Rescues">How often it went back.</param>
    /// <param name="Stood">How often it was left covered and read again.</param>
    /// <param name="ExtraMinutes">Minutes of all rescues under the lid.</param>
    internal sealed record Ended(string Cut, CookVerdict Verdict, double TrueCelsius, int Rescues, int Stood, double ExtraMinutes);

    private const int MostRescues = 4;
    private static readonly DateTimeOffset Start = new(2026, 12, 6, 17, 0, 0, TimeSpan.Zero);

    public static IEnumerable<Ended> Run(int cooks, ulong seed)
    {
        var random = new SplitMix64(seed);
        for (var done = 0; done < cooks; )
        {
            if (Draw(random) is { } cook)
            {
                yield return Cook(cook, (long)(random.Next() >> 2));
                done++;
            }
        }
    }

    // Any cut, chilled, frozen or in a lump, one in five with other meat in the same pot; half are cut short as by an impatient cook.
    private static PlannedCook? Draw(SplitMix64 random)
    {
        var pot = PotDefaults.For(random.Share() < 0.5 ? 5.7 : 8);
        var altitude = random.Share() * 1500;
        var loads = Enumerable.Range(0, random.Share() < 0.2 ? 2 : 1).Select(_ => Load(random)).ToArray();
        PlanRequest Request(MeatLoad load) =>
            new()
            {
                Pot = pot,
                AltitudeMetres = altitude,
                Load = load,
                Confirmed = ["giblets", "lump"],
            };
        var requests = loads.Select(l => Request(l).WithOtherMeat(loads.Sum(o => o.TotalKg) - l.TotalKg)).ToArray();
        var plans = requests.Select(r => Planner.Compute(r)).ToArray();
        if (plans.Any(p => p.Minutes is null))
        {
            return null;
        }

        var most = plans.Max(p => p.Minutes!.Value);
        var minutes = random.Share() < 0.5 ? Math.Floor(most * 0.9 * random.Share()) : most;
        return PlannedCook.Of(requests[0], plans[0] with { Minutes = minutes })! with
        {
            Others = [.. requests.Skip(1).Select(r => new PlannedMeat("other", r))],
        };
    }

    private static MeatLoad Load(SplitMix64 random)
    {
        var cut = CutCatalogue.All[(int)(random.Share() * CutCatalogue.All.Count)];
        var pieces = cut.TypicalKg.Value > 0.8 ? 1 : 1 + (int)(random.Share() * 5);
        var state = random.Share() < 0.35 ? MeatState.Frozen : MeatState.Chilled;
        return new MeatLoad
        {
            Cut = cut,
            Pieces = pieces,
            TotalKg = pieces * (cut.MinKg.Value + random.Share() * (cut.MaxKg.Value - cut.MinKg.Value)),
            State = state,
            Arrangement = state == MeatState.Frozen && pieces > 1 && random.Share() < 0.3 ? Arrangement.Lump : Arrangement.Single,
            Placement = random.Share() < 0.3 ? Placement.InLiquid : Placement.Rack,
        };
    }

    private static Ended Cook(PlannedCook cook, long seed)
    {
        var (pot, hand) = (new SimulatedPot(cook, seed, []), new ObedientHand(cook));
        hand.Do(pot, CookEventKind.LidOn, Start);
        for (var rescues = 0; ; rescues++)
        {
            hand.UntilOpen(pot);
            var state = hand.MeasureAndWait(pot);
            if (state.Verdict == CookVerdict.Done || state.Advice?.Minutes is null || rescues == MostRescues)
            {
                return new(
                    string.Join(" + ", cook.Meats.Select(m => m.Request.Load.Cut.Id)),
                    state.Verdict,
                    pot.WarmestColdest,
                    rescues,
                    hand.Stood,
                    hand.ExtraMinutes
                );
            }

            hand.Do(pot, CookEventKind.BackUnderPressure, hand.Now.AddSeconds(30 + 60 * rescues + seed % 120)); // quick hands and slow ones
        }
    }
}
