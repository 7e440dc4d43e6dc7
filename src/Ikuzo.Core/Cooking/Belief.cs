using Ikuzo.Core.Quantities;
using Ikuzo.Core.Safety;

namespace Ikuzo.Core.Cooking;

/// <summary>How likely each particle of an ensemble is after some readings.</summary>
public sealed class Belief
{
    private Belief(double[] weights)
    {
        Weights = weights;
        EffectiveCount = 1 / weights.Sum(w => w * w);
    }

    /// <summary>Weights that add up to 1.</summary>
    public IReadOnlyList<double> Weights { get; }

    /// <summary>Number of equally likely particles that would say as much: 1 / Σ w² (Kong 1992).</summary>
    public double EffectiveCount { get; }

    /// <summary>All particles as likely as each other.</summary>
    public static Belief Even(int particles) => new([.. Enumerable.Repeat(1.0 / particles, particles)]);

    /// <summary>Bayes' rule with even priors.</summary>
    /// <param name="logLikelihood">Of each particle.</param>
    public static Belief From(IReadOnlyList<double> logLikelihood)
    {
        var best = logLikelihood.Max();
        var weights = logLikelihood.Select(l => Math.Exp(l - best)).ToArray();
        var sum = weights.Sum();
        return new([.. weights.Select(w => w / sum)]);
    }

    /// <summary>The value below which a share of the belief lies: straight lines between the middles of the sorted weights.</summary>
    /// <param name="values">One per particle.</param>
    /// <param name="share">Share, 0 to 1.</param>
    public double Quantile(float[] values, double share)
    {
        var order = Enumerable.Range(0, values.Length).Where(i => Weights[i] > 0).OrderBy(i => values[i]).ToArray();
        double below = 0,
            lastAt = 0,
            last = values[order[0]];
        foreach (var i in order)
        {
            var at = below + Weights[i] / 2;
            if (at >= share)
            {
                return at > lastAt ? last + (values[i] - last) * (share - lastAt) / (at - lastAt) : values[i];
            }

            below += Weights[i];
            (lastAt, last) = (at, values[i]);
        }

        return last;
    }

    /// <summary>
    /// A low value that a share of the belief lies above, with the tail of a normal where few particles are left to show one.
    /// </summary>
    /// <param name="values">One per particle.</param>
    /// <param name="share">Share below, under 0.5.</param>
    public double Low(float[] values, double share)
    {
        var quantile = Quantile(values, share);
        if (EffectiveCount * share >= 1)
        {
            return quantile;
        }

        double mean = 0,
            square = 0;
        for (var i = 0; i < values.Length; i++)
        {
            mean += Weights[i] * values[i];
        }

        for (var i = 0; i < values.Length; i++)
        {
            square += Weights[i] * (values[i] - mean) * (values[i] - mean);
        }

        return Math.Min(quantile, mean + Physics.NormalQuantile.Of(share) * Math.Sqrt(square));
    }

    /// <summary>The value that as much of the belief lies above as the safety rule asks for.</summary>
    /// <param name="values">One per particle.</param>
    public double Lowest(float[] values) => Low(values, SafetyRule.ShareBelow);

    /// <summary>Expected value.</summary>
    /// <param name="of">Value of a particle.</param>
    public double Mean(Func<int, double> of)
    {
        var sum = 0.0;
        for (var i = 0; i < Weights.Count; i++)
        {
            sum += Weights[i] * of(i);
        }

        return sum;
    }

    /// <summary>True when the safety rule holds for what is believed.</summary>
    /// <param name="coldestCelsius">Coldest spot, one per particle, °C.</param>
    public bool Holds(float[] coldestCelsius) => SafetyRule.IsReached(Lowest(coldestCelsius));

    /// <summary>1st, 50th and 99th percentile.</summary>
    public Spread98 Spread(float[] values) =>
        new(Math.Floor(Lowest(values) * 100) / 100, Math.Round(Quantile(values, 0.5), 2), Math.Round(Quantile(values, 0.99), 2));
}
