using Ikuzo.Core.Companions;
using Ikuzo.Core.Poultry;

namespace Ikuzo.Core.Reading;

/// <summary>What a word stands for.</summary>
internal enum SenseKind
{
    /// <summary>A bird, a part of one, or a cut by its own name.</summary>
    Meat,

    /// <summary>"Piece", "joint": says nothing of which.</summary>
    Piece,

    /// <summary>A part of poultry, or what is made of it, that is not computed.</summary>
    NotComputed,

    /// <summary>Food that is no poultry, or stands beside it.</summary>
    Food,

    /// <summary>A word that describes a noun.</summary>
    Describing,
}

/// <summary>How something is cut or made ready.</summary>
internal enum Prep
{
    /// <summary>Nothing is said.</summary>
    None,
    Diced,
    Chunks,
    Chopped,
    Pieces,
    Sliced,
    Thin,
    Halved,
    Split,
    Quartered,
    Wedges,
    Strips,
    Crushed,
    Grated,
    Pulled,
    Florets,
    Whole,
    Broken,
    Rolled,
}

/// <summary>What a describing word says; only what it is about is set.</summary>
internal sealed record Describing
{
    /// <summary>How it is cut.</summary>
    public Prep Prep { get; init; }

    /// <summary>How large.</summary>
    public SaidSize? Size { get; init; }

    /// <summary>True for "the biggest": a weight is of that one.</summary>
    public bool IsHeaviest { get; init; }

    /// <summary>True for "mini": of fillets it names the inner ones.</summary>
    public bool IsMini { get; init; }

    /// <summary>True for "thin".</summary>
    public bool IsThin { get; init; }

    /// <summary>Cold, frozen or tempered.</summary>
    public Loads.MeatState? State { get; init; }

    /// <summary>How the pieces lie.</summary>
    public Loads.Arrangement? Lies { get; init; }

    /// <summary>Bone in or out.</summary>
    public bool? BoneIn { get; init; }

    /// <summary>Skin on or off.</summary>
    public bool? SkinOn { get; init; }

    /// <summary>True for what is done once already.</summary>
    public bool IsCooked { get; init; }

    /// <summary>True for a way to cook, as "boiled": of what stands beside it is done already, of raw meat it is a wish.</summary>
    public bool IsWay { get; init; }

    /// <summary>True for "roast", which is a way to cook as well as what was cooked.</summary>
    public bool IsRoast { get; init; }

    /// <summary>True for what is dry.</summary>
    public bool IsDried { get; init; }

    /// <summary>True for what was soaked.</summary>
    public bool IsSoaked { get; init; }

    /// <summary>True for what comes from a can.</summary>
    public bool IsCanned { get; init; }

    /// <summary>True for what only meat can be.</summary>
    public bool IsOfMeat => BoneIn is not null || Lies is not null || Prep is Prep.Rolled;
}

/// <summary>What a kind of food is, and when it usually goes in.</summary>
internal enum FoodKind
{
    Grain,
    Pulse,
    Pasta,
    Root,
    Aromatic,
    Green,
    Flesh,
    Fruit,
    Herb,
    Spice,
    Fat,
    Dairy,
    Cheese,
    Egg,
    Meat,
    Bird,
    Fish,
    Bread,
    Dough,
    Starch,
    Sauce,
    Sweet,
    Nut,
    Liquid,
    Other,
}

/// <summary>One sense of a noun for food.</summary>
internal sealed record Food
{
    /// <summary>What it is called.</summary>
    public required string Name { get; init; }

    /// <summary>What it is.</summary>
    public required FoodKind Kind { get; init; }

    /// <summary>Id of the companion that it is computed as; null where none is.</summary>
    public string? Companion { get; init; }

    /// <summary>Id of the liquid that it is; null for what is not poured.</summary>
    public string? Liquid { get; init; }

    /// <summary>The companion by what is said of it: dried, soaked, canned, whole, cut.</summary>
    public IReadOnlyDictionary<string, string> ByForm { get; init; } = new Dictionary<string, string>();

    /// <summary>What one of each measure weighs, g; of what is poured, ml.</summary>
    public IReadOnlyDictionary<string, double> Measures { get; init; } = new Dictionary<string, double>();

    /// <summary>When it goes in where nobody says.</summary>
    public GoesIn? When { get; init; }
}

/// <summary>One sense of a word or phrase.</summary>
internal sealed record Sense(SenseKind Kind, string Name)
{
    /// <summary>The bird.</summary>
    public Species? Species { get; init; }

    /// <summary>The part.</summary>
    public Part? Part { get; init; }

    /// <summary>The cut, where one word says all of it.</summary>
    public string? CutId { get; init; }

    /// <summary>Bone in or out, where the name says it.</summary>
    public bool? BoneIn { get; init; }

    /// <summary>True for a word that names meat only beside a bird, a part or an amount: "half", "back", "strip".</summary>
    public bool IsWeak { get; init; }

    /// <summary>True for several.</summary>
    public bool IsPlural { get; init; }

    /// <summary>Why it is not computed.</summary>
    public string? Why { get; init; }

    /// <summary>The food.</summary>
    public Food? Food { get; init; }

    /// <summary>What it says of a noun.</summary>
    public Describing? Says { get; init; }
}

/// <summary>How large pieces are said to be, beside others of their cut.</summary>
internal enum SaidSize
{
    /// <summary>Nobody said, or as usual.</summary>
    Usual,

    /// <summary>"small".</summary>
    Small,

    /// <summary>"large".</summary>
    Large,

    /// <summary>"huge".</summary>
    Huge,
}
