namespace Ikuzo.Core.Companions;

/// <summary>What the measures of a kitchen hold of something, g; null where nobody measures it so.</summary>
/// <param name="CupGrams">One US cup (236.6 ml), level, as it is bought or cut.</param>
/// <param name="PieceGrams">One piece of medium size.</param>
/// <param name="CanGrams">One ordinary can of 400 ml: drained for pulses, whole for the rest.</param>
/// <param name="Source">Where the figures come from.</param>
public sealed record KitchenMeasure(double? CupGrams, double? PieceGrams, double? CanGrams, string Source)
{
    // A small piece and a large one, against a medium one. Estimate: about the grades of shops.
    private const double SmallShare = 0.65,
        LargeShare = 1.5;

    /// <summary>One piece of a size, g; null for what has no pieces.</summary>
    public double? Piece(PieceSize size) =>
        PieceGrams
        * size switch
        {
            PieceSize.Small => SmallShare,
            PieceSize.Large => LargeShare,
            _ => 1,
        };
}

/// <summary>Cups, spoons, cans and pieces in grams. To add one, add one line here.</summary>
/// <remarks>
/// Cups of grain, pulses and liquids, and pieces, are the household weights of USDA FoodData Central, rounded to 5 g; cans are drained
/// weights as they are printed on ordinary cans of 400 ml. What is an estimate says so.
/// </remarks>
public static class KitchenMeasures
{
    /// <summary>What an ordinary can holds, ml; of what is nearly water also g.</summary>
    public const double CanMl = 400;

    private const string Usda = "USDA FoodData Central, household weights, rounded";
    private const string Guess = "estimate, after the nearest thing in USDA FoodData Central";

    // Of what is in no list: water, and vegetables in pieces.
    private static readonly KitchenMeasure Poured = new(236.6, null, 400, Guess),
        Cut = new(140, null, null, Guess),
        Dry = new(190, null, null, Guess);

    private static readonly Dictionary<string, KitchenMeasure> ById = new()
    {
        ["long-grain-white-rice"] = new(185, null, null, Usda),
        ["basmati-rice"] = new(185, null, null, Guess),
        ["risotto-rice"] = new(200, null, null, Guess),
        ["bulgur"] = new(140, null, null, Usda),
        ["dry-kidney-beans"] = new(185, null, null, Usda),
        ["dry-black-beans"] = new(195, null, null, Usda),
        ["soaked-kidney-beans"] = new(175, null, 240, Guess),
        ["soaked-black-beans"] = new(175, null, 240, Guess),
        ["green-split-peas"] = new(195, null, null, Usda),
        ["swede-chunks"] = new(140, 400, null, Guess),
        ["celeriac-chunks"] = new(155, 500, null, Guess),
        ["courgette"] = new(125, 200, null, Guess),
        ["asparagus"] = new(135, 16, null, Usda),
        ["brown-rice"] = new(185, null, null, Usda),
        ["wild-rice-blend"] = new(160, null, null, Usda),
        ["pearl-barley"] = new(200, null, null, Usda),
        ["farro"] = new(180, null, null, Guess),
        ["quinoa"] = new(170, null, null, Usda),
        ["millet"] = new(200, null, null, Usda),
        ["polenta"] = new(155, null, null, Usda),
        ["dry-navy-beans"] = new(205, null, null, Usda),
        ["dry-black-eyed-peas"] = new(165, null, null, Usda),
        ["dry-chickpeas"] = new(200, null, null, Usda),
        ["soaked-chickpeas"] = new(165, null, null, Guess),
        ["soaked-white-beans"] = new(180, null, null, Guess),
        ["canned-white-beans"] = new(180, null, 240, Guess),
        ["canned-kidney-beans"] = new(175, null, 240, Guess),
        ["canned-black-beans"] = new(175, null, 240, Guess),
        ["canned-chickpeas"] = new(165, null, 240, Usda),
        ["brown-lentils"] = new(190, null, null, Usda),
        ["red-lentils"] = new(190, null, null, Usda),
        ["penne-pasta"] = new(95, null, null, Guess),
        ["small-pasta"] = new(130, null, null, Guess),
        ["egg-noodles"] = new(40, null, null, Usda),
        ["potatoes-chunks"] = new(150, 150, null, Usda),
        ["potatoes-whole-small"] = new(null, 60, null, Guess),
        ["sweet-potato-chunks"] = new(135, 250, null, Guess),
        ["carrots-chunks"] = new(130, 80, null, Guess),
        ["carrots-whole"] = new(null, 80, null, Guess),
        ["parsnips-chunks"] = new(135, 120, null, Guess),
        ["beetroot-whole"] = new(null, 130, null, Guess),
        ["squash-chunks"] = new(140, 900, null, Guess),
        ["brussels-sprouts"] = new(90, 19, null, Usda),
        ["green-beans"] = new(100, null, 225, Usda),
        ["broccoli"] = new(90, 350, null, Guess),
        ["cauliflower"] = new(105, 600, null, Usda),
        ["peas"] = new(145, null, 260, Usda),
        ["spinach"] = new(30, null, null, Usda),
        ["kale"] = new(20, null, null, Usda),
        ["cabbage-wedges"] = new(90, 900, null, Usda),
        ["mushrooms"] = new(70, 18, 230, Usda),
        ["onions"] = new(160, 120, null, Guess),
        ["leeks"] = new(90, 150, null, Guess),
        ["celery"] = new(100, 40, null, Usda),
        ["fennel"] = new(87, 230, null, Usda),
        ["bell-pepper"] = new(150, 150, null, Guess),
        ["aubergine-diced"] = new(80, 450, null, Guess),
        ["tomatoes"] = new(180, 100, 400, Guess),
        ["corn-cobs"] = new(null, 220, null, Guess),
        ["apples"] = new(125, 150, null, Guess),
        ["prunes"] = new(175, 9.5, null, Usda),
        ["dumpling-dough"] = new(240, null, null, Guess),
        ["crushed-tomatoes"] = new(240, null, 400, Guess),
        ["barbecue-sauce"] = new(280, null, null, Guess),
        ["honey-glaze"] = new(340, null, null, Usda),
        ["coconut-milk"] = new(225, null, 400, Guess),
    };

    /// <summary>The measures of something.</summary>
    public static KitchenMeasure Of(Companion companion) =>
        ById.TryGetValue(companion.Id, out var known) ? known
        : companion.Kind == CompanionKind.Enrichment ? Poured
        : companion.Kind is CompanionKind.Grain or CompanionKind.Pulse ? Dry
        : Cut;
}
