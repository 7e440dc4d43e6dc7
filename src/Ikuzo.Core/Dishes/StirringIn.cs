using Ikuzo.Core.Companions;
using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Dishes;

/// <summary>What goes in when the lid is off, in the order in which it does: what still cooks, then what thickens, then dairy.</summary>
public static class StirringIn
{
    /// <summary>A line for each, with its amount, and for what waited beside the pot meanwhile.</summary>
    /// <param name="dish">The dish.</param>
    /// <param name="stages">Its times under the lid.</param>
    /// <param name="stirred">What is stirred in.</param>
    /// <param name="crisps">True where the meat goes under the grill instead of back into the pot.</param>
    public static IReadOnlyList<string> Lines(
        DishRequest dish,
        IReadOnlyList<DishStage> stages,
        IReadOnlyList<StirredIn> stirred,
        bool crisps
    ) => [.. Lines(dish, stirred), .. crisps ? [] : DishWords.BackIn(dish, stages)];

    /// <summary>A line for each, with its amount.</summary>
    /// <param name="dish">The dish.</param>
    /// <param name="stirred">What is stirred in.</param>
    public static IReadOnlyList<string> Lines(DishRequest dish, IReadOnlyList<StirredIn> stirred)
    {
        var say = new Wording(dish.Units);
        return
        [
            .. dish
                .Items.OfType<BesideItem>()
                .Select(b => (Item: b, Stirred: stirred.FirstOrDefault(s => s.Key == b.Key)))
                .Where(b => b.Stirred is not null)
                .OrderBy(b => Turn(b.Item))
                .Select((b, i) => $"{Line(dish, b.Item, b.Stirred!, DishWords.Amount(b.Item, say))}{(i == 0 ? NoMorePressure : "")}"),
            .. BoilsDown(dish, stirred) ? [SaltLast] : Array.Empty<string>(),
        ];
    }

    private static bool BoilsDown(DishRequest dish, IReadOnlyList<StirredIn> stirred) =>
        dish.Items.OfType<BesideItem>().Any(b => b.IsStirredIn && stirred.Any(s => s.Key == b.Key && s.Simmers));

    private const string SaltLast = "Taste it, then salt it: what has boiled down is saltier than what went in.";

    private const string NoMorePressure = " No more pressure from now on."; // said once, with the first

    private static int Turn(BesideItem item) =>
        !item.Companion.Is(CompanionTraits.AfterPressure) ? 0
        : item.Companion.Is(CompanionTraits.Thick) || item.Companion.Is(CompanionTraits.Sweet) ? 1
        : 2;

    private static string Line(DishRequest dish, BesideItem item, StirredIn stirred, string amount)
    {
        var minutes = FormattableString.Invariant($"{stirred.Minutes:0} min");
        return (Turn(item), item.Companion.Kind, stirred) switch
        {
            (1, _, _) when item.Companion.Is(CompanionTraits.Sweet) =>
                $"Boil {amount} down with some of the juices for {minutes}, and turn the meat in it.",
            (1, _, _) => $"Stir in {amount}, the meat lifted out, and let it bubble for {minutes}.",
            (2, _, _) => $"Stir in {amount}, the heat off.",
            (_, CompanionKind.Dough, _) => Beside($"Drop in {amount} by the spoon, and simmer for {minutes}, the lid laid on loosely."),
            (_, CompanionKind.Pasta, { Simmers: true }) => Beside($"Simmer {amount} for {minutes}, the lid off; stir now and then."),
            (_, _, { Simmers: true }) => $"Put in {amount}, lay the lid on loosely and simmer for {minutes}.",
            (_, _, { Minutes: > 0 }) => $"Stir in {amount} and leave for {minutes} in the heat that is left.",
            _ => $"Stir in {amount}.",
        };

        // Whole pieces would boil on with it; dice and balls are in the sauce.
        string Beside(string line) =>
            dish.Items.OfType<MeatItem>().All(m => m.Load.Cut.IsTooSmallToMeasure)
                ? line
                : $"Lift the meat out and keep it covered. {line} Then the meat goes back in.";
    }
}
