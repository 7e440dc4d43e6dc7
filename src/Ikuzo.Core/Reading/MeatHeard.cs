using Ikuzo.Core.Loads;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Reading;

/// <summary>One kind of meat, as it was said.</summary>
internal sealed class MeatHeard
{
    /// <summary>The bird.</summary>
    public Species? Species { get; set; }

    /// <summary>The part.</summary>
    public Part? Part { get; set; }

    /// <summary>What it was before it was cut up: "2 breasts, diced".</summary>
    public Part? CutFrom { get; set; }

    /// <summary>The cut, where one word says all of it.</summary>
    public string? CutId { get; init; }

    /// <summary>Bone in or out.</summary>
    public bool? BoneIn { get; set; }

    /// <summary>True for "a breast": one, where no number is said.</summary>
    public bool IsOne { get; init; }

    /// <summary>True when it was said of several.</summary>
    public bool IsPlural { get; init; }

    /// <summary>Number of pieces.</summary>
    public NumberSpan? Count { get; set; }

    /// <summary>True where the number is for each who eats.</summary>
    public bool IsPerPerson { get; init; }

    /// <summary>How large each is said to be.</summary>
    public SaidSize Size { get; init; }

    /// <summary>Portions, where they are counted.</summary>
    public double? Portions { get; set; }

    /// <summary>Packs in which they were bought.</summary>
    public double? Packs { get; set; }

    /// <summary>Weight, kg.</summary>
    public double? Kg { get; set; }

    /// <summary>Of what.</summary>
    public WeightOf WeightOf { get; set; }

    /// <summary>The weight as typed.</summary>
    public string WeightText { get; set; } = "";

    /// <summary>Weight of the heaviest, kg.</summary>
    public double? HeaviestKg { get; init; }

    /// <summary>The name as typed.</summary>
    public string Text { get; init; } = "";

    /// <summary>Its own state.</summary>
    public MeatState? State { get; set; }

    /// <summary>How these pieces lie.</summary>
    public Arrangement? Arrangement { get; init; }

    /// <summary>How these should end.</summary>
    public Aim? Aim { get; set; }

    /// <summary>True for what is thawing.</summary>
    public bool IsThawing { get; init; }

    /// <summary>True for what is done once already.</summary>
    public bool IsCooked { get; init; }

    /// <summary>True for "poached": in the liquid.</summary>
    public bool IsPoached { get; init; }

    /// <summary>True for "roast".</summary>
    public bool IsRoast { get; init; }

    /// <summary>True for a bird that was cut into its parts.</summary>
    public bool IsJointed { get; set; }

    /// <summary>True for what was boned, rolled and tied.</summary>
    public bool IsRolled { get; set; }

    /// <summary>The same meat before it was cooked.</summary>
    public MeatHeard Raw() =>
        new()
        {
            Species = Species,
            Part = Part,
            CutId = CutId,
            BoneIn = BoneIn,
            IsOne = IsOne,
            IsPlural = IsPlural,
            Count = Count,
            Kg = Kg,
            WeightOf = WeightOf,
            WeightText = WeightText,
            Text = Text,
        };

    /// <summary>True once it is said what it is; a bird alone may still get its part.</summary>
    public bool IsNamed => Part is not null || CutId is not null;
}
