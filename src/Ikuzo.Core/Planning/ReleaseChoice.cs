using Ikuzo.Core.Cooking;

namespace Ikuzo.Core.Planning;

/// <summary>What a pot holds, as far as letting the pressure go is concerned.</summary>
internal enum PotContents
{
    /// <summary>Little liquid, and nothing that foams.</summary>
    Calm,

    /// <summary>Starch or foam, which settle after some minutes.</summary>
    Starchy,

    /// <summary>Much liquid, which boils up as long as there is pressure.</summary>
    Soup,

    /// <summary>Bones in water, which is to stay clear.</summary>
    Stock,
}

/// <summary>Which ways of letting the pressure go are open to a load, and which is best.</summary>
public static class ReleaseChoice
{
    /// <summary>
    /// What a minute is worth, in percent of water: a plan that takes ten minutes longer must save half a percent of juice.
    /// A tuning number.
    /// </summary>
    public const double PercentPerMinute = 0.05;

    private static readonly Release[] Ordinary = [Release.Vent, Release.RestThenVent(10), Release.Natural];
    private static readonly Release[] Stock = [Release.Natural]; // vented it boils up and clouds, and bones go on giving as it cools
    private static readonly Release[] Soup = [Release.Pulsed, Release.Natural];
    private static readonly Release[] Starchy = [Release.Pulsed, Release.RestThenVent(CalmedMinutes), Release.Natural];

    /// <summary>
    /// Starch and foam have settled after so long, min, as kitchens vent rice; a pot of soup is as full of steam as before.
    /// </summary>
    private const double CalmedMinutes = 10;

    /// <summary>More of the pot than this under liquid spurts when vented at once. Estimate.</summary>
    public const double SoupShare = 0.3;

    /// <summary>True when the contents foam, are starchy or fill the pot with liquid, so that venting at once would spurt.</summary>
    public static bool Spurts(PlanRequest request) => request.Swells || IsSoup(request.Liquid, request.Pot);

    /// <summary>True when there is so much liquid that it spurts when vented at once.</summary>
    internal static bool IsSoup(double liquidMl, Pots.PotModel pot) => liquidMl > SoupShare * pot.CapacityLitres * 1000;

    /// <summary>What a pot holds, as far as letting the pressure go is concerned.</summary>
    internal static PotContents ContentsOf(double liquidMl, Pots.PotModel pot, bool spurts, bool isStock) =>
        isStock ? PotContents.Stock
        : IsSoup(liquidMl, pot) ? PotContents.Soup
        : spurts ? PotContents.Starchy
        : PotContents.Calm;

    /// <summary>Ways open to a load.</summary>
    public static IReadOnlyList<Release> Open(PlanRequest request) =>
        ContentsOf(request.Liquid, request.Pot, request.Swells, request.IsForStock) switch
        {
            PotContents.Stock => Stock,
            PotContents.Soup => Soup,
            PotContents.Starchy => Starchy,
            _ => Ordinary,
        };

    /// <summary>True when this way of letting the pressure go makes the valve of this pot spurt.</summary>
    public static bool MakesItSpurt(PlanRequest request, Release release) =>
        Spurts(request)
        && (
            release.Kind == ReleaseKind.Vent
            || (release.Kind == ReleaseKind.RestThenVent && (release.RestMinutes < CalmedMinutes || IsSoup(request.Liquid, request.Pot)))
        );

    // A cook cannot tell these apart: less than a point of juice, less than three minutes. Choices.
    private const double AlikePercent = 1,
        AlikeMinutes = 3;

    // What nobody has to stand by for is left only for twice as much, or a piece more would turn the way round. Choices.
    private const double ClearPercent = 1.5,
        ClearMinutes = 6;

    /// <summary>
    /// The way with the least juice lost, time counted at <see cref="PercentPerMinute"/>; of ways that a cook could not tell apart the
    /// one that is least work, so that a little more of anything does not turn it round. Null when none is ever safe.
    /// </summary>
    public static ScoutedRelease? Best(IReadOnlyList<ScoutedRelease> scouted)
    {
        var open = scouted.Where(s => s.Minutes is not null).ToList();
        return open.MinBy(Cost) is { } best ? open.Where(s => !IsClearlyBetter(best, s)).MinBy(s => Order(s.Release)) : null;

        static double Cost(ScoutedRelease s) => s.WaterLossPercent + PercentPerMinute * s.TotalMinutes;
    }

    /// <summary>Releases that a cook could not tell apart from the chosen one.</summary>
    /// <param name="scouted">All that were looked at.</param>
    /// <param name="chosen">The chosen one.</param>
    internal static IReadOnlyList<ReleaseKind> Alike(IReadOnlyList<ScoutedRelease> scouted, ScoutedRelease chosen) =>
        [.. scouted.Where(s => s != chosen && s.Minutes is not null && IsAlike(s, chosen)).Select(s => s.Release.Kind).Distinct()];

    private static bool IsClearlyBetter(ScoutedRelease one, ScoutedRelease other) =>
        other.WaterLossPercent - one.WaterLossPercent >= ClearPercent || other.TotalMinutes - one.TotalMinutes >= ClearMinutes;

    /// <summary>True for two ways that a cook could not tell apart.</summary>
    private static bool IsAlike(ScoutedRelease one, ScoutedRelease other) =>
        Math.Abs(one.WaterLossPercent - other.WaterLossPercent) < AlikePercent
        && Math.Abs(one.TotalMinutes - other.TotalMinutes) < AlikeMinutes;

    // The least work first: nobody has to come back for the valve, once, or at once.
    private static int Order(Release release) =>
        release.Kind switch
        {
            ReleaseKind.Natural => 0,
            ReleaseKind.RestThenVent => 1,
            ReleaseKind.Pulsed => 2,
            _ => 3,
        };
}
