using Ikuzo.Core.Companions;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Planning;

namespace Ikuzo.Core.Dishes;

/// <summary>Tasting what stands beside the meat once the lid is off: what may still be firm, and what is done if it is.</summary>
public static class Tasting
{
    // Nobody stands longer at a simmer than this: the lid goes on again. Choice.
    private const int MostSimmerMinutes = 10;

    // How far past their best beans from dry may be by the book and still be firm: old ones soften late. Estimate.
    private const double OldBeans = 0.5;

    /// <summary>A line for each thing that may be firm when a stage is opened.</summary>
    /// <param name="dish">The dish as it is arranged.</param>
    /// <param name="stage">The stage.</param>
    public static IReadOnlyList<string> Lines(DishRequest dish, DishStage stage) =>
        [
            .. dish
                .Items.OfType<BesideItem>()
                .Where(b => stage.Outcomes.Any(o => o.Key == b.Key && o.Distance < MayBeFirmBelow(b)))
                .Select(b => $"Taste the {DishWords.Name(b)}. {IfFirm(dish, b)}"),
        ];

    /// <summary>The same in one, where all is tasted whatever it may be.</summary>
    /// <param name="dish">The dish as it is arranged.</param>
    /// <param name="stage">The stage.</param>
    public static string Words(DishRequest dish, DishStage stage) =>
        Lines(dish, stage) is { Count: > 0 } lines ? string.Join(" ", lines) : $"Taste: {DishWords.Names(dish, stage)}.";

    private static double MayBeFirmBelow(BesideItem item) => item.Companion is { Kind: CompanionKind.Pulse, Drinks: true } ? OldBeans : 0;

    // Firm is about just done: what is missing from there to the best.
    private static string IfFirm(DishRequest dish, BesideItem item)
    {
        var pot = StageRequest.WithoutMeat(dish, [], isFirst: true);
        var (just, best) = (item.Companion.Levels().Just, item.Companion.Levels().BestFrom);
        int At(double celsius) => Minutes(item, best - just, celsius);
        if (item.Companion.Kind == CompanionKind.Grain && !OpenPot.IsBroth(dish))
        {
            var minutes = At(pot.BoilingCelsius - CookBlock.OpenCooledKelvin);
            return FormattableString.Invariant(
                $"Firm in the middle? Lid on, heat off, {minutes} min. Too wet? Lid off, low heat, 2 min, without stirring."
            );
        }

        var simmered = At(pot.BoilingCelsius);
        return simmered <= MostSimmerMinutes
            ? FormattableString.Invariant($"Still firm? {simmered} min at a simmer, the lid laid on loosely.")
            : FormattableString.Invariant(
                $"Still firm? Close the lid again for {At(pot.HeldCelsius)} min under pressure, before anything else goes in."
            );
    }

    // It is hot through: only the rate counts.
    private static int Minutes(BesideItem item, double missing, double celsius) =>
        (int)Math.Ceiling(missing / item.Companion.Law.Rate(celsius));
}
