using Ikuzo.Core.Companions;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Physics;

namespace Ikuzo.Core.Planning;

/// <summary>What the minutes of a plan do to something beside the meat.</summary>
/// <param name="Id">What it is.</param>
/// <param name="Name">Its name, and how it is cut or placed.</param>
/// <param name="Distance">How far from its best: 0 at its best, -1 where it is just done, 1 where it is too far.</param>
/// <param name="Word">The same in a word.</param>
/// <param name="JustMinutes">Minutes at which it is just done; null beyond two hours.</param>
/// <param name="BestMinutes">Minutes from which it is at its best; null beyond two hours.</param>
/// <param name="TooFarMinutes">Minutes at which it is too far; null beyond two hours, and for what is meant to fall apart.</param>
public sealed record BesideOutcome(
    string Id,
    string Name,
    double Distance,
    string Word,
    double? JustMinutes,
    double? BestMinutes,
    double? TooFarMinutes
);

/// <summary>The heat that each thing beside the meat has had after every number of minutes with one release, likely.</summary>
internal sealed class BesideCurves
{
    private readonly List<(CompanionLoad Load, Curve Heat)> _curves;
    private readonly IReadOnlyList<CompanionLoad> _all;

    /// <param name="companions">What stands beside the meat.</param>
    /// <param name="nodes">Outcomes of the ensemble with rising minutes, in which it is computed.</param>
    public BesideCurves(IReadOnlyList<CompanionLoad> companions, IReadOnlyList<BranchOutcome> nodes)
    {
        double[] minutes = [.. nodes.Select(n => n.Branch.HoldMinutes)];
        _all = companions;
        _curves =
        [
            .. companions
                .Where(c => c.Companion.Softens)
                .Select((c, i) => (c, new Curve(minutes, [.. nodes.Select(n => PlanReport.Median(n.HeatMinutes[i]))]))),
        ];
    }

    /// <summary>How each comes out.</summary>
    public IReadOnlyList<BesideOutcome> At(double minutes) =>
        [
            .. _curves.Select(c =>
            {
                var levels = c.Load.Companion.Levels();
                var distance = levels.Distance(c.Heat.At(minutes));
                return new BesideOutcome(
                    c.Load.Companion.Id,
                    c.Load.How is { } how ? $"{c.Load.Companion.Name}, {how}" : c.Load.Companion.Name,
                    Math.Round(distance, 2),
                    SoftnessLevels.Word(distance),
                    c.Heat.Where(levels.Just),
                    c.Heat.Where(levels.BestFrom),
                    c.Heat.Where(levels.TooFar)
                );
            }),
        ];

    /// <summary>What all of it has drunk, ml.</summary>
    public double DrunkMl(double minutes) =>
        _curves.Sum(c => c.Load.DrunkMl(c.Heat.At(minutes) / c.Load.Companion.Levels().BestFrom))
        + _all.Where(c => !c.Companion.Softens).Sum(c => c.AbsorbsMl);

    /// <summary>
    /// Heat by minutes: between the nodes a smooth curve, beyond the last a straight line, since the pot only holds on.
    /// </summary>
    private sealed class Curve(double[] minutes, double[] heat)
    {
        private const double MostMinutes = 120;

        private readonly MonotoneCurve _within = new(minutes, heat);
        private readonly double _perMinute = (heat[^1] - heat[^2]) / (minutes[^1] - minutes[^2]);

        public double At(double at) => at <= minutes[^1] ? _within.At(at) : heat[^1] + _perMinute * (at - minutes[^1]);

        /// <summary>Minutes at which it has had so much; null beyond what anybody holds.</summary>
        public double? Where(double level) => Crossing.Of(At, level, MostMinutes) is { } minutes ? Math.Round(minutes, 1) : null;
    }
}
