using System.Buffers;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Physics;
using Ikuzo.Core.Quantities;
using Ikuzo.Core.Safety;

namespace Ikuzo.Core.Planning;

/// <summary>What every whole minute gives, from an ensemble computed at some of them: each particle is interpolated by itself.</summary>
internal sealed class MinuteBand
{
    private const double MostReturnPercent = 2; // what a return is worth, in percent of juice: a tuning number
    private const double Surest = 3.7; // standard deviations: shares nearer to 0 or 1 than this are taken as such

    /// <param name="nodes">Outcomes with rising hold minutes and one release.</param>
    /// <param name="measured">What a thermometer would find at each of them, one or more in a row; null elsewhere.</param>
    public MinuteBand(IReadOnlyList<BranchOutcome> nodes, IReadOnlyList<MeasuredOutcome?> measured)
    {
        var minutes = nodes.Select(n => n.Branch.HoldMinutes).ToArray();
        var loss = new MonotoneCurve(minutes, [.. nodes.Select(n => Median(n.WaterLossPercent))]);
        var tenderness = new MonotoneCurve(minutes, [.. nodes.Select(n => Median(n.Tenderness))]);
        var (atFirst, afterRest) = Ready(minutes, measured);
        var particles = nodes[0].Coldest.Length;
        var last = (int)minutes[^1];
        var coldest = ArrayPool<float>.Shared.Rent((last + 1) * particles);
        InParallel.For(particles, p => Spread(minutes, nodes, p, last, coldest, particles));
        var points = new BandPoint[last + 1];
        InParallel.For(last + 1, m => points[m] = Point(m, coldest.AsSpan(m * particles, particles), loss, tenderness, atFirst, afterRest));
        ArrayPool<float>.Shared.Return(coldest);
        Points = points;
    }

    /// <summary>One point per whole minute from 0.</summary>
    public IReadOnlyList<BandPoint> Points { get; }

    /// <summary>The last minute that was looked at.</summary>
    public double Last => Points[^1].Minutes;

    /// <summary>The point at some minutes, or the last one.</summary>
    public BandPoint At(double minutes) => Points[(int)Math.Min(minutes, Points.Count - 1)];

    /// <summary>The least whole minutes that are safe, or null.</summary>
    public double? SafeMinimum => Points.FirstOrDefault(IsSafe)?.Minutes;

    /// <summary>The least whole minutes that are safe and at least this tender, or null.</summary>
    public double? Least(double tenderness) => Points.FirstOrDefault(p => IsSafe(p) && p.Tenderness >= tenderness)?.Minutes;

    /// <summary>
    /// Of the minutes that keep the promise of those who measure and are at least this tender, those with the least expected cost over
    /// what follows: juice, time, and going back; null when there are none.
    /// </summary>
    /// <param name="tenderness">Least index.</param>
    /// <param name="mostReturns">Share that may need more than the first reading.</param>
    /// <param name="most">No more minutes than these.</param>
    public double? LeastMeasured(double tenderness, double mostReturns, double most) =>
        Points
            .Where(p => p.Minutes <= most && p.Tenderness >= tenderness)
            .Where(p => Readiness.Keep(p.ReadyAtFirst, p.ReadyAfterRest, mostReturns))
            .MinBy(p =>
                p.WaterLossP50
                + ReleaseChoice.PercentPerMinute * (p.Minutes + (1 - p.ReadyAtFirst) * CoveredRest.MostMinutes)
                + MostReturnPercent * (1 - p.ReadyAfterRest)
            )
            ?.Minutes;

    // Between nodes shares are read on the scale of the normal: there they rise nearly straight. Before the first that was looked at
    // hardly any is ready, and at the first beyond them nearly all are.
    private static (MonotoneCurve AtFirst, MonotoneCurve AfterRest) Ready(double[] minutes, IReadOnlyList<MeasuredOutcome?> measured)
    {
        var ready = new Readiness?[minutes.Length];
        InParallel.For(minutes.Length, i => ready[i] = measured[i] is { } looked ? new Readiness(looked) : null);
        int[] known = [.. Enumerable.Range(0, minutes.Length).Where(i => i == 0 || ready[i] is not null || ready[i - 1] is not null)];
        double At(int i, Func<Readiness, double> share) =>
            ready[i] is { } looked ? Probit(share(looked))
            : i == 0 ? -Surest
            : Surest;
        MonotoneCurve Curve(Func<Readiness, double> share) => new([.. known.Select(i => minutes[i])], [.. known.Select(i => At(i, share))]);
        return (Curve(r => r.AtFirst), Curve(r => r.AfterRest));
    }

    private static double Probit(double share) => NormalQuantile.Of(Math.Clamp(share, NormalShare.Of(-Surest), NormalShare.Of(Surest)));

    private static double Share(MonotoneCurve probit, int minutes) => NormalShare.Of(probit.At(minutes));

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

    private static BandPoint Point(
        int minutes,
        Span<float> coldest,
        MonotoneCurve loss,
        MonotoneCurve tenderness,
        MonotoneCurve atFirst,
        MonotoneCurve afterRest
    )
    {
        return new BandPoint(
            minutes,
            SafetyRule.ShareAtCore(coldest),
            Quantiles.Among(coldest, SafetyRule.ShareBelow),
            Quantiles.Among(coldest, 0.5),
            loss.At(minutes),
            tenderness.At(minutes),
            Share(atFirst, minutes),
            Share(afterRest, minutes)
        );
    }
}
