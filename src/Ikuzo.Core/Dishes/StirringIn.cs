using Ikuzo.Core.Companions;
using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Dishes;

/// <summary>What goes in when the lid is off, in the order in which it does: what still cooks, then what thickens, then dairy.</summary>
public static class StirringIn
{
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
                .Select(b => $"Stir in {DishWords.Amount(b.Item, say)}{How(b.Item, b.Stirred!)}. No more pressure from now on."),
        ];
    }

    private static int Turn(BesideItem item) =>
        !item.Companion.Is(CompanionTraits.AfterPressure) ? 0
        : item.Companion.Is(CompanionTraits.Thick) ? 1
        : 2;

    private static string How(BesideItem item, StirredIn stirred) =>
        (Turn(item), stirred) switch
        {
            (1, _) => ", the meat lifted out, and let it bubble for a minute",
            (2, _) => ", the heat off",
            (_, { Simmers: true }) => FormattableString.Invariant($", simmer for {stirred.Minutes:0} min, the lid off"),
            (_, { Minutes: > 0 }) => FormattableString.Invariant($" and leave for {stirred.Minutes:0} min in the heat that is left"),
            _ => "",
        };
}
