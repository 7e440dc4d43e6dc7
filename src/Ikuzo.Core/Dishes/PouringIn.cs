using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Dishes;

/// <summary>What is poured into a stage with meat: the liquids of the dish, and the water that is missing.</summary>
public static class PouringIn
{
    private const double NoticedMl = 5;

    /// <summary>A line for each, with its amount.</summary>
    /// <param name="dish">The dish.</param>
    /// <param name="stage">One of its stages, with meat.</param>
    public static IReadOnlyList<string> Lines(DishRequest dish, DishStage stage)
    {
        if (dish.Liquids.Count == 0)
        {
            return [];
        }

        var say = new Wording(dish.Units);
        var missing = stage.LiquidMl - dish.Liquids.Sum(l => l.ThinMl);
        return
        [
            .. dish.Liquids.Where(l => !l.Liquid.IsThick).Select(l => Amount(say, l)),
            .. missing > NoticedMl ? [$"{say.Pour(missing)} water"] : Array.Empty<string>(),
            .. dish.Liquids.Where(l => l.Liquid.IsThick).Select(l => $"{Amount(say, l)}, on top last; do not stir"),
        ];
    }

    private static string Amount(Wording say, LiquidItem item) =>
        $"{item.Measure ?? say.Pour(item.Ml)} {item.Liquid.Name.ToLowerInvariant()}";
}
