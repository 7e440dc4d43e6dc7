using Ikuzo.Core.Companions;
using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Reading;

/// <summary>How much of a thing is meant, and as what it is computed.</summary>
internal static class Amounts
{
    // What measures hold of a thing of which nothing better is known. Estimates.
    private static readonly Dictionary<string, double> UsualGramsOf = new()
    {
        ["handful"] = 40,
        ["pinch"] = 1,
        ["knob"] = 15,
        ["thumb"] = 20,
        ["clove"] = 4,
        ["sprig"] = 2,
        ["bunch"] = 100,
        ["stick"] = 45,
        ["stalk"] = 45,
        ["spoon"] = 15,
    };

    private static readonly Dictionary<string, double> UsualMlOf = new()
    {
        ["splash"] = 20,
        ["glass"] = 150,
        ["mug"] = 300,
        ["bowl"] = 400,
        ["can"] = CanMl,
        ["bottle"] = 500,
        ["spoon"] = 15,
        ["cup"] = Wording.CupMl,
    };

    private const double CanMl = 400; // what an ordinary can holds; of what is nearly water also g

    // A small one and a large one, against a medium one. Estimate: about the grades of shops.
    private const double SmallShare = 0.65,
        LargeShare = 1.5;

    private const double LooseShare = 0.85; // what is grated lies loosely; estimate

    private const double MugMl = 300;

    private static readonly Dictionary<string, (double Juice, double Zest)> Of1 = new()
    {
        ["lemon"] = (40, 6),
        ["lime"] = (27, 4),
        ["orange"] = (75, 8),
    };

    /// <summary>What an item is, and how much of it.</summary>
    public static AskedBeside Of(Item item)
    {
        var food = item.Food!;
        var name = NameOf(item);
        var isCooked =
            item.Is(s => s.IsCooked || s.IsCanned || s.IsWay)
            || item.Container is { Value: "can" or "jar" } && food.Kind is FoodKind.Pulse or FoodKind.Aromatic or FoodKind.Green;
        var companion = item.Extract is null ? CompanionOf(item, isCooked) : null;
        var liquid = item.Extract == "juice" ? "juice" : food.Liquid;
        var grams = Grams(item);
        var ml = Ml(item, liquid is not null);
        if (liquid is not null && ml is null && grams is not null)
        {
            ml = grams;
        }

        return new(
            name,
            companion,
            liquid is not null ? null
                : grams is { } g ? Math.Round(g, 1)
                : null,
            liquid,
            ml is { } volume ? Math.Round(volume, 1) : null,
            item.Measure
        )
        {
            When = When(item, isCooked),
            IsMeasured =
                item.Volume is not null
                || item.Mass is not null
                || item.Container is { Value: "glass" or "bottle" or "can" or "mug" or "cup" },
            IsCooked = isCooked,
            Pieces = item.Container is null or { Value: "stick" or "clove" or "sprig" or "stalk" or "leaf" or "ear" or "spear" or "slice" }
                ? item.Count?.Value.Middle ?? (item.HasArticle ? 1 : null)
                : null,
            Size = SizeOf(item),
            IsSizeSaid = item.Size != default || item.Length is not null || item.Prep is Prep.Diced or Prep.Chunks,
        };
    }

    // "Juice of a lemon" is lemon juice.
    private static string NameOf(Item item)
    {
        var name = item.FoodSense!.Name;
        var isOwn = item.FoodSense.Food!.Name;
        return item.Extract is { } what ? $"{isOwn} {what}"
            : IsVariety(name, isOwn) ? name
            : isOwn;
    }

    // "Bok choy" is pak choi; "cherry tomato" stays one of its kind, and what shares its row for its figures keeps its own name.
    private static bool IsVariety(string name, string row) => !Synonyms.Contains(name) && name != row;

    private static readonly HashSet<string> Synonyms = PlainWords.Of("synonyms");

    private static Companion? CompanionOf(Item item, bool isCooked)
    {
        var food = item.Food!;
        var form =
            item.Is(s => s.IsCanned) || item.Container is { Value: "can" or "jar" } ? "canned"
            : item.Is(s => s.IsSoaked) ? "soaked"
            : item.Is(s => s.IsDried) ? "dried"
            : item.Prep is Prep.Whole ? "whole"
            : item.Prep is Prep.Halved or Prep.Quartered or Prep.Diced or Prep.Chunks or Prep.Chopped or Prep.Sliced or Prep.Wedges ? "cut"
            : "";
        var isLeft =
            isCooked
            && form != "canned"
            && food.Kind is FoodKind.Grain or FoodKind.Pulse or FoodKind.Pasta or FoodKind.Root or FoodKind.Green
            && item.Is(s => s.IsCooked || s.IsWay);
        var id = isLeft || item.When == GoesIn.Aside ? null : food.ByForm.GetValueOrDefault(form) ?? food.Companion;
        return id is null ? null : CompanionCatalogue.Find(id);
    }

    private static PieceSize SizeOf(Item item) =>
        item.Length is { } length && item.Prep is Prep.Diced or Prep.Chunks ? BySize(length.Value.Value)
        : item.Size is SaidSize.Small || item.Prep is Prep.Diced
            ? (item.Prep is Prep.Diced && item.Size != SaidSize.Small ? PieceSize.Usual : PieceSize.Small)
        : item.Size is SaidSize.Large or SaidSize.Huge ? PieceSize.Large
        : PieceSize.Usual;

    private static PieceSize BySize(double metres) =>
        metres < 0.018 ? PieceSize.Small
        : metres > 0.036 ? PieceSize.Large
        : PieceSize.Usual;

    private static GoesIn? When(Item item, bool isCooked) =>
        item.When
        ?? (
            isCooked && item.Is(s => s.IsCooked || s.IsWay) && item.Food!.Kind is not FoodKind.Meat
                ? (item.Food!.Kind is FoodKind.Pulse ? GoesIn.After : GoesIn.Aside)
                : item.Food!.When
        );

    // By weight where it was weighed; else what its measure holds of it.
    private static double? Grams(Item item)
    {
        var food = item.Food!;
        var measure = food.Measures;
        var isCan = item.Container is { Value: "can" };
        var several = Several(item);
        if (item.Mass is { } mass)
        {
            var grams = mass.Value.Middle * 1000 * several;
            // "a 400 g can": what is in it without its liquid.
            return isCan && IsDrained(food) && measure.TryGetValue("can", out var net) ? grams * net / CanMl : grams;
        }

        if (item.Volume is { } volume)
        {
            return measure.TryGetValue("cup", out var cup)
                ? volume.Value.Middle
                    / Wording.CupMl
                    * cup
                    * several
                    * (item.Prep is Prep.Grated && food.Kind is FoodKind.Root ? LooseShare : 1)
                : null;
        }

        var share =
            item.ContainerSize == SaidSize.Small ? SmallShare
            : item.ContainerSize == SaidSize.Large ? LargeShare
            : 1;
        if (item.Length is { } length && measure.TryGetValue("inch", out var ofInch))
        {
            return (item.Count?.Value.Middle ?? 1) * length.Value.Value * 1000 / Wording.InchMm * ofInch;
        }

        if (item.Container is { } container)
        {
            var count = item.Count?.Value.Middle ?? 1;
            return measure.TryGetValue(container.Value, out var each) ? count * each * share
                : container.Value == "mug" && measure.TryGetValue("cup", out var ofCup) ? count * ofCup * MugMl / Wording.CupMl
                : container.Value == "cup" && measure.TryGetValue("cup", out ofCup) ? count * ofCup
                : container.Value is "slice"
                && measure.TryGetValue("piece", out each)
                && food.Kind is FoodKind.Fruit or FoodKind.Aromatic or FoodKind.Root
                && item.Length is not null
                    ? count * each
                : UsualGramsOf.TryGetValue(container.Value, out var usual) ? count * usual * share
                : null;
        }

        var pieces = item.Count?.Value.Middle ?? (item.HasArticle ? 1 : (double?)null);
        return pieces is { } n && measure.TryGetValue("piece", out var one) ? n * one * ShareOf(item.Size) : null;
    }

    private static double ShareOf(SaidSize size) =>
        size switch
        {
            SaidSize.Small => SmallShare,
            SaidSize.Large or SaidSize.Huge => LargeShare,
            _ => 1,
        };

    // "2 x 400 g tins", "2 (400 g) tins": the weight is of each.
    private static double Several(Item item)
    {
        if (item.Count is not { } count || (item.Mass, item.Volume) is (null, null))
        {
            return 1;
        }

        var amountFrom = item.Mass?.From ?? item.Volume!.Value.From;
        var isEach =
            item.MassOf == WeightOf.Each
            || item.IsTimes
            || item.Container is not null && count.From < amountFrom && amountFrom < item.Container.Value.End;
        return isEach ? count.Value.Middle : 1;
    }

    private static bool IsDrained(Food food) =>
        food.Kind is FoodKind.Pulse or FoodKind.Green || (food.Kind == FoodKind.Aromatic && food.Measures.GetValueOrDefault("can") < 300);

    private static double? Ml(Item item, bool isPoured)
    {
        if (item.Volume is { } volume)
        {
            return volume.Value.Middle * Several(item);
        }

        if (item.Extract is { } what && Of1.TryGetValue(item.Food!.Name, out var of))
        {
            return (item.Count?.Value.Middle ?? 1) * (what == "juice" ? of.Juice : of.Zest);
        }

        if (!isPoured || item.Mass is not null)
        {
            return null; // by its weight
        }

        var share =
            item.ContainerSize == SaidSize.Small ? SmallShare
            : item.ContainerSize == SaidSize.Large ? LargeShare
            : 1;
        return item.Container is { } container
            ? (item.Count?.Value.Middle ?? 1)
                * (
                    item.Food!.Measures.TryGetValue(container.Value, out var ml)
                        ? ml
                        : UsualMlOf.GetValueOrDefault(container.Value, double.NaN)
                )
                * share
                is var all
            && double.IsFinite(all)
                ? all
                : null
            : null;
    }
}
