using Ikuzo.Core.Cooking;
using Ikuzo.Core.Quantities;
using Ikuzo.Core.Safety;

namespace Ikuzo.Core.Planning;

/// <summary>What it would save to know one thing more.</summary>
/// <param name="What">Stable name of it.</param>
/// <param name="MinutesSaved">Minutes under pressure, about and on average.</param>
/// <param name="WaterLossSaved">Juice, percent of the raw weight of the muscle.</param>
/// <param name="Text">What to do and what it saves.</param>
public sealed record WorthKnowing(string What, double MinutesSaved, double WaterLossSaved, string Text)
{
    private const double Noticed = 0.5; // min: less is not worth a line

    /// <summary>What each thing that the cook can find out would save, the most first.</summary>
    /// <remarks>
    /// Fixed to first order: what a quantity explains of the coldest spot is taken out of each particle (the slope of the least squares on
    /// its draws, times the share of its spread that would go), and the minutes are read again at the share of cooks that the
    /// plan has there. Drawn particles are common to both, so that only what is known changes.
    /// </remarks>
    /// <param name="request">The question.</param>
    /// <param name="nodes">The ensemble at rising minutes with the release of the plan.</param>
    /// <param name="band">What every minute gives.</param>
    /// <param name="minutes">Minutes of the plan.</param>
    internal static IReadOnlyList<WorthKnowing> Of(PlanRequest request, IReadOnlyList<BranchOutcome> nodes, MinuteBand band, double minutes)
    {
        var at = nodes.Select(n => n.Branch.HoldMinutes).ToArray();
        var loss = new MonotoneCurve([.. band.Points.Select(p => p.Minutes)], [.. band.Points.Select(p => p.WaterLossP50)]);
        var aim = request.LeastTenderness;
        var tender = band.Points.FirstOrDefault(p => p.Tenderness >= aim)?.Minutes ?? 0;
        var share = 1 - band.At(minutes).ChanceSafe;
        share = Math.Clamp(share, SafetyRule.ShareBelow, 0.5);
        var now = Reached(at, [.. nodes.Select(n => n.Coldest)], share);
        return
        [
            .. Knowable(request)
                .Select(known =>
                {
                    var saved = now - Math.Max(tender, Reached(at, [.. nodes.Select(n => Without(n.Coldest, known.Shares))], share));
                    var juice = loss.At(now) - loss.At(now - saved);
                    return new WorthKnowing(known.What, Math.Round(saved, 1), Math.Round(juice, 1), Words(known.Act, saved, juice));
                })
                .Where(w => w.MinutesSaved >= Noticed)
                .OrderByDescending(w => w.MinutesSaved),
        ];
    }

    private static IEnumerable<Known> Knowable(PlanRequest request)
    {
        const double ThermometerKelvin = 0.7,
            BoilingTimed = 0.02;
        var (load, spread) = (request.Load, request.Load.Cut.Spread);
        if (load.ThicknessMm is null)
        {
            var weight = load.Pieces > 1 && load.HeaviestKg is null ? spread.Weight : 0;
            var all = Math.Sqrt(spread.OfOne * spread.OfOne + weight * weight);
            var gone = 1 - Spreads.Ruler.Value / all;
            if (gone > 0)
            {
                yield return new(
                    "thickness",
                    load.Pieces > 1 ? "Lay a ruler on the thickest piece" : "Lay a ruler on the thickest",
                    [(Uncertain.OwnThickness, gone), (Uncertain.LoadThickness, gone), (Uncertain.PieceThickness, gone)]
                );
            }
        }

        if (load is { ThicknessMm: null, HeaviestKg: null, Pieces: > 1 } && spread.Piece > 0)
        {
            yield return new(
                "heaviest",
                "Weigh the heaviest piece",
                [(Uncertain.PieceThickness, 1 - spread.Piece / double.Hypot(spread.Piece, spread.Weight))]
            );
        }

        if (load.StartCelsius is null)
        {
            var frozen = load.State == Loads.MeatState.Frozen;
            yield return new(
                "start",
                frozen ? "Read the thermometer of the freezer" : "Measure the raw middle",
                [(Uncertain.StartTemperature, Math.Max(0, 1 - ThermometerKelvin / Spreads.StartKelvin(frozen).Value))]
            );
        }

        yield return new(
            "power",
            "Time your pot to the boil once",
            [(Uncertain.HeaterPower, 1 - BoilingTimed / Spreads.Of(Uncertain.HeaterPower).Value)]
        );
    }

    private static string Words(string act, double minutes, double juice)
    {
        const double NoticedPercent = 0.25;
        var saved = FormattableString.Invariant($"{act}: about {Math.Max(1, Math.Round(minutes)):0} min less");
        return juice < NoticedPercent ? $"{saved}." : $"{saved}, {Wording.Percent(juice)} less juice lost.";
    }

    // The minutes at which a low quantile of the coldest spot is at the temperature of the rule.
    private static double Reached(double[] minutes, IReadOnlyList<float[]> coldest, double share)
    {
        const double Step = 0.1;
        var curve = new MonotoneCurve(minutes, [.. coldest.Select(c => Quantiles.Of(Quantiles.Sorted(c), share))]);
        var at = minutes[0];
        while (at < minutes[^1] && !SafetyRule.IsReached(curve.At(at)))
        {
            at += Step;
        }

        return at;
    }

    private static float[] Without(float[] coldest, (Uncertain Quantity, double Gone)[] shares)
    {
        var without = coldest.ToArray();
        foreach (var (quantity, gone) in shares)
        {
            var draws = ParticleDraws.Of(quantity);
            double product = 0,
                square = 0;
            for (var p = 0; p < draws.Length; p++)
            {
                product += draws[p] * coldest[p];
                square += draws[p] * draws[p];
            }

            for (var p = 0; p < draws.Length; p++)
            {
                without[p] -= (float)(gone * product / square * draws[p]);
            }
        }

        return without;
    }

    private sealed record Known(string What, string Act, (Uncertain Quantity, double Gone)[] Shares);
}
