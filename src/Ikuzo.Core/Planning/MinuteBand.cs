using Ikuzo.Core.Cooking;

namespace Ikuzo.Core.Planning;

/// <summary>What every whole minute gives, from an ensemble computed at some of them.</summary>
internal sealed class MinuteBand
{
    private readonly MonotoneCurve[] _coldest;
    private readonly MonotoneCurve _loss;
    private readonly MonotoneCurve _tenderness;

    /// <param name="nodes">Outcomes with rising hold minutes and one release.</param>
    public MinuteBand(IReadOnlyList<BranchOutcome> nodes)
    {
        var minutes = nodes.Select(n => n.Branch.HoldMinutes).ToArray();
        _coldest = [.. Enumerable.Range(0, nodes[0].Coldest.Length).Select(p => new MonotoneCurve(minutes, [.. nodes.Select(n => n.Coldest[p])]))];
        _loss = new MonotoneCurve(minutes, [.. nodes.Select(n => Median(n.WaterLossPercent))]);
        _tenderness = new MonotoneCurve(minutes, [.. nodes.Select(n => Median(n.Tenderness))]);
        Points = [.. Enumerable.Range(0, (int)minutes[^1] + 1).Select(m => At(m))];
    }

    /// <summary>One point per whole minute from 0.</summary>
    public IReadOnlyList<BandPoint> Points { get; }

    /// <summary>The least whole minutes that are safe, or null.</summary>
    public double? SafeMinimum => Points.FirstOrDefault(IsSafe)?.Minutes;

    /// <summary>The least whole minutes that are safe and at least this tender, or null.</summary>
    public double? Least(double tenderness) => Points.FirstOrDefault(p => IsSafe(p) && p.Tenderness >= tenderness)?.Minutes;

    private static bool IsSafe(BandPoint point)
        => point.ChanceSafe >= SafetyRule.ShareSafe && point.ColdestP01 >= SafetyRule.CoreCelsius;

    private static double Median(double[] values) => Quantiles.Of(Quantiles.Sorted(values), 0.5);

    private BandPoint At(double minutes)
    {
        var coldest = Array.ConvertAll(_coldest, c => c.At(minutes));
        Array.Sort(coldest);
        return new BandPoint(
            minutes,
            coldest.Count(t => t >= SafetyRule.CoreCelsius) / (double)coldest.Length,
            Quantiles.Of(coldest, 0.01),
            Quantiles.Of(coldest, 0.5),
            _loss.At(minutes),
            _tenderness.At(minutes));
    }
}
