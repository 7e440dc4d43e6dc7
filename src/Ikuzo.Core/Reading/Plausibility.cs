using Ikuzo.Core.Poultry;
using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Reading;

/// <summary>
/// What the catalogue thinks of a reading: weights, numbers and measures that such a thing has cost nothing, others the more
/// the further off.
/// </summary>
internal static class Plausibility
{
    // Costs of the same kind as those of the grammar.
    private const double PerLogarithm = 2.2,
        Most = 7,
        NoPieces = 2.2,
        Many = 60,
        ManyCost = 1.2;

    /// <summary>What it costs.</summary>
    public static double Of(Item item) =>
        item.IsMeat ? OfMeat(item)
        : item.UnknownNoun is not null ? 0
        : OfFood(item);

    private static double OfMeat(Item item)
    {
        if (item.Is(s => s.IsCooked))
        {
            return 0; // what is left of it
        }

        double cost = 0;
        var count = item.Count?.Value;
        if (count is { Most: > Many })
        {
            cost += ManyCost;
        }

        if (
            count is { Least: < 1 }
            && item.Mass is null
            && !item.Nouns.Any(n => n.Value.Sense.Part is Part.Whole or Part.Breast or Part.Crown or null)
        )
        {
            cost += 1;
        }

        if (count is not null && item.Mass is null)
        {
            cost += 0.2; // a weight that stands beside it is likely its own
        }

        if (count is { Least: > 1 } && count.Value.Least != Math.Floor(count.Value.Least))
        {
            cost += 2;
        }

        if (item.Volume is not null)
        {
            cost += item.Is(s => s.IsCooked) || item.Prep is Prep.Grated or Prep.Diced ? 0.2 : 4; // nobody pours thighs
        }

        if (item.Mass is { } mass && Cuts(item) is { Count: > 0 } cuts)
        {
            cost += cuts.Min(c => Off(c, mass.Value.Value, count, item));
        }

        return cost;
    }

    private static double Off(Cut cut, double kg, NumberSpan? count, Item item)
    {
        if (count is null || item.Container is not null)
        {
            return kg > 15 ? 3 : 0;
        }

        var pieces = Math.Max(1, count.Value.Least);
        var ofAll = Distance(cut, kg / pieces);
        var ofEach = Distance(cut, kg);
        return item.MassOf switch
        {
            WeightOf.Each => ofEach,
            WeightOf.All => ofAll,
            _ => Math.Min(ofAll, ofEach),
        };
    }

    // Beyond the usual weights, by the logarithm of how far.
    /// <summary>What a weight of one piece costs.</summary>
    public static double Distance(Cut cut, double kg)
    {
        var low = cut.MinKg.Value * Cut.NearLeast;
        var high = cut.MaxKg.Value * Cut.NearMost;
        var off =
            kg < low ? Math.Log(low / Math.Max(kg, 1e-4))
            : kg > high ? Math.Log(kg / high)
            : 0;
        return Math.Min(Most, PerLogarithm * off);
    }

    private static List<Cut> Cuts(Item item)
    {
        var senses = item.Nouns.Select(n => n.Value.Sense).ToList();
        if (senses.Select(s => s.CutId).FirstOrDefault(id => id is not null) is { } id)
        {
            return [CutCatalogue.Find(id)!];
        }

        if (item.Prep is Prep.Diced or Prep.Chunks or Prep.Chopped or Prep.Pieces or Prep.Strips or Prep.Quartered)
        {
            return []; // what was counted was whole once
        }

        var species = senses.Select(s => s.Species).FirstOrDefault(s => s is not null) ?? Species.Chicken;
        var parts = senses.Select(s => s.Part).OfType<Part>().ToList();
        var part = parts.Count == 0 ? Part.Whole : parts.Aggregate(MeatNoun.Narrower);
        return [.. CutCatalogue.All.Where(c => c.Species == species && c.Part == part)];
    }

    private static double OfFood(Item item)
    {
        var food = item.Food!;
        double cost = item.HasNoAmount ? 0.15 : 0;
        if (food.Kind == FoodKind.Bird)
        {
            return cost;
        }

        var isCounted = item.Count is not null && item.Container is null && item.Mass is null && item.Volume is null && item.Length is null;
        var hasPieces = food.Measures.ContainsKey("piece");
        if (
            isCounted
            && !hasPieces
            && food.Kind
                is not (
                    FoodKind.Herb
                    or FoodKind.Spice
                    or FoodKind.Meat
                    or FoodKind.Fish
                    or FoodKind.Bread
                    or FoodKind.Other
                    or FoodKind.Bird
                )
        )
        {
            cost += NoPieces; // nobody counts rice
        }

        if (isCounted && item.Count!.Value.Value.Most > 40)
        {
            cost += 1.5;
        }

        // An amount on either side is one too many.
        if (
            item.Mass is { } weight
            && item.Count is { } number
            && item.Container is null
            && !item.IsTimes
            && weight.From < item.Nouns[0].From
            && number.From > item.Nouns[0].From
        )
        {
            cost += 1.5;
        }

        if (
            item.Volume is { } volume
            && item.Count is { } counted
            && item.Container is null
            && !item.IsTimes
            && item.MassOf != WeightOf.Each
            && (volume.From < item.Nouns[0].From) != (counted.From < item.Nouns[0].From)
        )
        {
            cost += 1.5;
        }

        // A herb by the kilogram, a lemon by the litre.
        if (food.Kind is FoodKind.Herb or FoodKind.Spice && item.Mass is { Value.Value: > 0.25 })
        {
            cost += 2;
        }

        if (item.Mass is not null && food.Liquid is "water" or "stock" or "wine" or "cider" or "beer" && item.Container is null)
        {
            cost += 1.4; // what is thin is poured by volume
        }

        if (item.MassOf == WeightOf.Each && item.Count is null)
        {
            cost += 1.5;
        }

        if (
            item.Mass is { Value.Value: > 0.9 }
            && food.Kind
                is not (
                    FoodKind.Root
                    or FoodKind.Green
                    or FoodKind.Flesh
                    or FoodKind.Pulse
                    or FoodKind.Grain
                    or FoodKind.Aromatic
                    or FoodKind.Meat
                    or FoodKind.Fish
                )
        )
        {
            cost += 0.8;
        }

        if (item.Mass is { Value.Value: > 4 })
        {
            cost += 1.5;
        }

        if (item.Volume is { Value.Value: > 6000 })
        {
            cost += 1;
        }

        return cost;
    }
}
