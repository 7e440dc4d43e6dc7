using Ikuzo.Core.Cooking;
using Ikuzo.Core.Filling;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Safety;

namespace Ikuzo.Core.Tests.Running.Rescue;

/// <summary>Cooks drawn by chance, opened short, measured with a chance error, and rescued as advised.</summary>
internal static class RescueCampaign
{
    /// <summary>One cook that came out short.</summary>
    /// <param name="Cut">What it was.</param>
    /// <param name="Walked">How it went on.</param>
    internal sealed record Rescued(string Cut, Walked Walked);

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
        // What is read of one load draws nothing of the next, so that another rule meets the same cooks.
        var walk = new Walk(request, held, new SplitMix64(random.Next())) { IsThick = thick };
        foreach (var walked in walk.Run(ParticleSource.Chance(random.Next())).Where(w => !SafetyRule.IsReached(w.AtOpening)))
        {
            yield return new($"{pieces} {cut.Id}", walked);
        }
    }
}
