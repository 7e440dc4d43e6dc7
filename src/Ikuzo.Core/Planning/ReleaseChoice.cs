using Ikuzo.Core.Cooking;

namespace Ikuzo.Core.Planning;

/// <summary>Which ways of letting the pressure go are open to a load, and which is best.</summary>
public static class ReleaseChoice
{
    /// <summary>
    /// What a minute is worth, in percent of water: a plan that takes ten minutes longer must save half a percent of juice.
    /// A tuning number.
    /// </summary>
    public const double PercentPerMinute = 0.05;

    private static readonly Release[] Ordinary = [Release.Vent, Release.RestThenVent(5), Release.Natural, Release.RestThenVent(10)];
    private static readonly Release[] Spurting = [Release.Pulsed, Release.Natural];

    /// <summary>More of the pot than this under liquid spurts when vented at once. Estimate.</summary>
    public const double SoupShare = 0.3;

    /// <summary>True when the contents foam, are starchy or fill the pot with liquid, so that venting at once would spurt.</summary>
    public static bool Spurts(PlanRequest request) => request.Companions.Any(c => c.Spurts) || IsSoup(request.Liquid, request.Pot);

    /// <summary>True when there is so much liquid that it spurts when vented at once.</summary>
    internal static bool IsSoup(double liquidMl, Pots.PotModel pot) => liquidMl > SoupShare * pot.CapacityLitres * 1000;

    /// <summary>Ways open to a load.</summary>
    public static IReadOnlyList<Release> Open(PlanRequest request) => Spurts(request) ? Spurting : Ordinary;

    /// <summary>The way with the least juice lost, time counted at <see cref="PercentPerMinute"/>; null when none is ever safe.</summary>
    public static ScoutedRelease? Best(IReadOnlyList<ScoutedRelease> scouted) =>
        scouted.Where(s => s.Minutes is not null).MinBy(s => s.WaterLossPercent + PercentPerMinute * s.TotalMinutes);
}
