using Ikuzo.Core.Loads;

namespace Ikuzo.Core.Dishes;

/// <summary>A dish for more or fewer people.</summary>
/// <param name="PerBatch">What goes into the pot at a time.</param>
/// <param name="Batches">How often the pot is filled.</param>
/// <param name="Why">In one sentence.</param>
public sealed record ScaledDish(DishRequest PerBatch, int Batches, string Why);

/// <summary>
/// Scales a dish by servings: pieces and liquid scale, minutes do not unless load or thickness does; the pot's limits stop it.
/// </summary>
public static class Scaling
{
    /// <summary>Most fillings of a pot for one meal.</summary>
    public const int MostBatches = 4;

    /// <summary>The dish for other servings; null when even four fillings do not hold it.</summary>
    /// <param name="dish">The dish.</param>
    /// <param name="factor">Servings wanted over servings of the dish, 0.1 to 20.</param>
    /// <param name="cancellation">Stops the computation.</param>
    /// <exception cref="ArgumentOutOfRangeException">The factor is outside its range.</exception>
    public static ScaledDish? To(DishRequest dish, double factor, CancellationToken cancellation = default)
    {
        ArgumentOutOfRangeException.ThrowIfLessThan(factor, 0.1);
        ArgumentOutOfRangeException.ThrowIfGreaterThan(factor, 20);
        var stages = new DishSolver.Search(dish).Quick?.Stages.Count ?? int.MaxValue;
        for (var batches = 1; batches <= MostBatches; batches++)
        {
            var scaled = dish with
            {
                BrothMl = dish.BrothMl * factor / batches,
                Items = [.. dish.Items.Select(i => Scale(i, factor / batches))],
                Liquids = [.. dish.Liquids.Select(l => l with { Ml = Math.Round(l.Ml * factor / batches), Measure = null })],
            };
            // Only what would do is computed in full.
            if (
                scaled.Items.All(IsWithinLimits)
                && new DishSolver.Search(scaled) is var search
                && search.Quick?.Stages.Count <= stages
                && search.Solve(DishSolver.Orders.Best, cancellation).Best is { } order
                && order.Stages.Count <= stages
            )
            {
                return new(
                    scaled,
                    batches,
                    batches == 1
                        ? "It goes in at once: more load only lengthens the come-up."
                        : FormattableString.Invariant(
                            $"It is more than this pot holds at once: cook it in {batches} batches, one after the other."
                        )
                );
            }
        }

        return null;
    }

    private static DishItem Scale(DishItem item, double factor) =>
        item switch
        {
            MeatItem meat => meat with { Load = Scale(meat.Load, factor) },
            BesideItem beside => beside with { Grams = Math.Round(beside.Grams * factor), Measure = null },
            _ => item,
        };

    // Pieces are whole and keep their weight; a single bird or roast stays one and grows with the guests.
    private static MeatLoad Scale(MeatLoad load, double factor)
    {
        if (load.Pieces == 1 && load.TotalKg * factor <= load.Cut.MaxKg.Value)
        {
            return load with { TotalKg = Math.Round(load.TotalKg * factor, 3), ThicknessMm = null };
        }

        var pieces = Math.Max(1, (int)Math.Ceiling(load.Pieces * factor - 0.01));
        return UsualLoad.With(load, pieces);
    }

    private static bool IsWithinLimits(DishItem item) =>
        item switch
        {
            MeatItem { Load: var load } => load.TotalKg is >= MeatLoad.LeastKg and <= MeatLoad.MostKg && load.Pieces <= MeatLoad.MostPieces,
            BesideItem beside => beside.Grams is >= BesideItem.LeastGrams and <= BesideItem.MostGrams,
            _ => true,
        };
}
