using Ikuzo.Core.Conduction;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Filling;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Running.Rescue;
using Ikuzo.Core.Safety;

namespace Ikuzo.Core.Tests.Running.Rescue;

/// <summary>Cooks drawn by chance, opened short, measured with a chance error, and rescued as advised.</summary>
internal static class RescueCampaign
{
    /// <summary>One rescued cook.</summary>
    /// <param name="Cut">What it was.</param>
    /// <param name="AtOpening">Coldest spot when it was opened, °C.</param>
    /// <param name="Advice">What was advised.</param>
    /// <param name="AfterCelsius">Coldest spot after following it, °C.</param>
    /// <param name="OverMinutes">Minutes advised beyond the least that would have been enough.</param>
    internal sealed record Rescued(string Cut, double AtOpening, RescueAdvice Advice, double AfterCelsius, double? OverMinutes);

    private static readonly double[] Whole = [.. Enumerable.Range(1, 90)];

    public static IEnumerable<Rescued> Run(int cooks, ulong seed)
    {
        var random = new SplitMix64(seed);
        var done = 0;
        while (done < cooks)
        {
            foreach (var rescued in Opened(random))
            {
                yield return rescued;
                if (++done == cooks)
                {
                    yield break;
                }
            }
        }
    }

    // Sixteen cooks of one load; those that came out short.
    private static IEnumerable<Rescued> Opened(SplitMix64 random)
    {
        var cut = CutCatalogue.All[(int)(random.Share() * CutCatalogue.All.Count)];
        var pieces = cut.TypicalKg.Value > 0.8 ? 1 : 1 + (int)(random.Share() * 6);
        var request = new PlanRequest
        {
            Pot = PotDefaults.For(8),
            AltitudeMetres = random.Share() * 1500,
            Load = new MeatLoad
            {
                Cut = cut,
                Pieces = pieces,
                TotalKg = pieces * (cut.MinKg.Value + random.Share() * (cut.MaxKg.Value - cut.MinKg.Value)),
                State = random.Share() < 0.4 ? MeatState.Frozen : MeatState.Chilled,
                Placement = random.Share() < 0.3 ? Placement.InLiquid : Placement.Rack,
            },
        };
        var model = ModelBuilder.Build(request);
        if (Capacity.CannotGoIn(request) || Scout.Run(model, [Release.Natural], 0) is not [{ Minutes: { } needed }])
        {
            yield break;
        }

        var release = random.Share() < 0.5 ? Release.Natural : Release.Vent;
        var held = new Branch(Math.Round(needed * random.Share() * 0.95), release);
        var thick = random.Share() < 0.3;
        var truth = ParticleSource.Chance(random.Next());
        ProbeReading[] perfect = [.. cut.Spots.Select((s, i) => new ProbeReading(s.Id, 0, 1 + i))];
        using var pot = OpenedPot.Cook(model, truth, held, perfect, [], default);
        var enough = pot.CookOn(!thick, Whole, release, default);
        for (var lane = 0; lane < Lanes.Width; lane++)
        {
            ProbeReading[] readings =
            [
                .. perfect.Select((r, i) => r with { Celsius = Math.Round(pot.AtReading[i][lane] + ProbeError.Draw(random), 1) }),
            ];
            if (pot.Coldest[lane] < SafetyRule.CoreCelsius)
            {
                yield return Follow(new RescueRequest(request, held.HoldMinutes, release, readings, thick), pot, enough, lane);
            }
        }
    }

    private static Rescued Follow(RescueRequest request, OpenedPot pot, IReadOnlyList<BranchOutcome> enough, int lane)
    {
        var advice = RescuePlanner.Advise(request);
        var cut = request.Plan.Load.Cut.Id;
        if (advice.Verdict == CheckVerdict.Done || advice.Minutes is not { } minutes)
        {
            return new(
                cut,
                pot.Coldest[lane],
                advice,
                advice.Verdict == CheckVerdict.Done ? pot.Coldest[lane] : double.PositiveInfinity,
                null
            );
        }

        var least = enough.FirstOrDefault(o => o.Coldest[lane] >= SafetyRule.CoreCelsius)?.Branch.HoldMinutes;
        return new(cut, pot.Coldest[lane], advice, enough[(int)minutes - 1].Coldest[lane], minutes - least);
    }
}
