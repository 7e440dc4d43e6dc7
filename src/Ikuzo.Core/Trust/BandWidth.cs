using Ikuzo.Core.Cooking;
using Ikuzo.Core.Planning;

namespace Ikuzo.Core.Trust;

/// <summary>How much of the width of the band comes from one thing that nobody knows exactly.</summary>
/// <param name="Name">What it is, in kitchen words.</param>
/// <param name="Share">Share of the variance of the coldest spot at opening, 0 to 1.</param>
public sealed record WidthShare(string Name, double Share);

/// <summary>Which unknown makes the band so wide.</summary>
/// <remarks>
/// First-order share of variance as the squared correlation of the draws with what came out, for a response that is near linear (Saltelli
/// and others, Global Sensitivity Analysis, 2008, ch. 1). What is left over is how they act together.
/// </remarks>
public static class BandWidth
{
    private const double Noticed = 0.03; // 256 draws correlate by chance with up to so much

    /// <summary>The unknowns of a cook that are more than chance, the greatest first.</summary>
    /// <param name="request">The question.</param>
    /// <param name="branch">Minutes held and release.</param>
    /// <param name="cancellation">Stops the computation.</param>
    public static IReadOnlyList<WidthShare> Of(PlanRequest request, Branch branch, CancellationToken cancellation = default)
    {
        var coldest = Ensemble
            .Run(ModelBuilder.Build(request), ParticleSource.Ensemble, [branch], cancellation: cancellation)
            .Outcomes[0]
            .Coldest;
        return
        [
            .. Enum.GetValues<Uncertain>()
                .GroupBy(q => UncertainWords.Name(q))
                .Select(g => new WidthShare(g.Key, Math.Round(g.Sum(q => Squared(Correlation(q, coldest))), 3)))
                .Where(s => s.Share >= Noticed)
                .OrderByDescending(s => s.Share),
        ];
    }

    private static double Squared(double value) => value * value;

    private static double Correlation(Uncertain quantity, float[] values)
    {
        var draws = ParticleDraws.Of(quantity);
        double mean = values.Average(),
            product = 0,
            drawn = 0,
            varied = 0;
        for (var i = 0; i < values.Length; i++)
        {
            product += draws[i] * (values[i] - mean);
            drawn += draws[i] * draws[i];
            varied += (values[i] - mean) * (values[i] - mean);
        }

        return varied == 0 ? 0 : product / Math.Sqrt(drawn * varied);
    }
}
