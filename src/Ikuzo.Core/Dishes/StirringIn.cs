using Ikuzo.Core.Companions;
using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Dishes;

/// <summary>What goes in when the lid is off, in the order in which it does: what still cooks, then what thickens, then dairy.</summary>
public static class StirringIn
{
    /// <summary>A line for each, with its amount.</summary>
    /// <param name="dish">The dish.</param>
    /// <param name="keys">Items that are stirred in.</param>
    public static IReadOnlyList<string> Lines(DishRequest dish, IReadOnlyList<string> keys)
    {
        var say = new Wording(dish.Units);
        return
        [
            .. dish
                .Items.OfType<BesideItem>()
                .Where(b => keys.Contains(b.Key))
                .OrderBy(Turn)
                .Select(b => $"Stir in {DishWords.Amount(b, say)}{How(b)}. No more pressure from now on."),
        ];
    }

    private static int Turn(BesideItem item) =>
        !item.Companion.Is(CompanionTraits.AfterPressure) ? 0
        : item.Companion.Is(CompanionTraits.Thick) ? 1
        : 2;

    private static string How(BesideItem item) =>
        Turn(item) switch
        {
            1 => ", the meat lifted out, and let it bubble for a minute",
            2 => ", the heat off",
            _ => "",
        };
}
