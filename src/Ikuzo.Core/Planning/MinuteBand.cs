using System.Buffers;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Safety;

namespace Ikuzo.Core.Planning;

/// <summary>What every whole minute gives, from an ensemble computed at some of them: each particle is interpolated by itself.</summary>
internal sealed class MinuteBand
{
    /// <param name="nodes">Outcomes with rising hold minutes and one release.</param>
    public MinuteBand(IReadOnlyList<BranchOutcome> nodes)
    {
        var minutes = nodes.Select(n => n.Branch.HoldMinutes).ToArray();
        var loss = new MonotoneCurve(minutes, [.. nodes.Select(n => Median(n.WaterLossPercent))]);
        var tenderness = new MonotoneCurve(minutes, [.. nodes.Select(n => Median(n.Tenderness))]);
        var particles = nodes[0].Coldest.Length;
        var last = (int)minutes[^1];
        var coldest = ArrayPool<float>.Shared.Rent((last + 1) * particles);
        Parallel.For(0, particles, p => Spread(minutes, nodes, p, last, coldest, particles));
        var points = new BandPoint[last + 1];
        Parallel.For(0, last + 1, m => points[m] = Point(m, coldest.AsSpan(m * particles, particles), loss, tenderness));
        ArrayPool<float>.Shared.Return(coldest);
        Points = points;
    }

    /// <summary>One point per whole minute from 0.</summary>
    public IReadOnlyList<BandPoint> Points { get; }

    /// <summary>The least whole minutes that are safe, or null.</summary>
    public double? SafeMinimum => Points.FirstOrDefault(IsSafe)?.Minutes;

    /// <summary>The least whole minutes that are safe and at least this tender, or null.</summary>
    public double? Least(double tenderness) => Points.FirstOrDefault(p => IsSafe(p) && p.Tenderness >= tenderness)?.Minutes;

    private static bool IsSafe(BandPoint point) => SafetyRule.Holds(point.ChanceSafe);

    private static double Median(float[] values) => Quantiles.Of(Quantiles.Sorted(values), 0.5);

    private static void Spread(double[] minutes, IReadOnlyList<BranchOutcome> nodes, int particle, int last, float[] into, int particles)
    {
        Span<double> values = stackalloc double[nodes.Count];
        for (var i = 0; i < nodes.Count; i++)
        {
            values[i] = nodes[i].Coldest[particle];
        }

        Span<double> slopes = stackalloc double[nodes.Count];
        MonotoneCurve.Slopes(minutes, values, slopes);
        for (int m = 0, segment = 1; m <= last; m++)
        {
            while (segment < minutes.Length - 1 && minutes[segment] < m)
            {
                segment++;
            }

            into[m * particles + particle] = (float)MonotoneCurve.Between(minutes, values, slopes, segment, m);
        }
    }

    private static BandPoint Point(int minutes, Span<float> coldest, MonotoneCurve loss, MonotoneCurve tenderness)
    {
        coldest.Sort();
        return new BandPoint(
            minutes,
            SafetyRule.ShareAtCore(coldest),
            Quantiles.Of(coldest, SafetyRule.ShareBelow),
            Quantiles.Of(coldest, 0.5),
            loss.At(minutes),
            tenderness.At(minutes)
        );
    }
}
