using Ikuzo.Core.Companions;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Asking;

/// <summary>What a weight is of.</summary>
internal enum WeightOf
{
    /// <summary>Nobody said.</summary>
    Unsaid,

    /// <summary>One piece.</summary>
    Each,

    /// <summary>All pieces.</summary>
    All,
}

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
    public string? CutId { get; set; }

    /// <summary>Bone in or out.</summary>
    public bool? BoneIn { get; set; }

    /// <summary>True for "a breast": one, where no number is said.</summary>
    public bool IsOne { get; set; }

    /// <summary>Number of pieces.</summary>
    public NumberSpan? Count { get; set; }

    /// <summary>How large each is said to be.</summary>
    public SaidSize Size { get; set; }

    /// <summary>Packs in which they were bought.</summary>
    public double? Packs { get; set; }

    /// <summary>Weight, kg.</summary>
    public double? Kg { get; set; }

    /// <summary>Of what.</summary>
    public WeightOf WeightOf { get; set; }

    /// <summary>The weight as typed.</summary>
    public string WeightText { get; set; } = "";

    /// <summary>The name as typed.</summary>
    public string Text { get; set; } = "";

    /// <summary>True when it was said of several.</summary>
    public bool IsPlural => Text.Split(' ').Any(w => w.EndsWith('s') && !w.EndsWith("ss", StringComparison.Ordinal));

    /// <summary>True once it is said what it is; a bird alone may still get its part.</summary>
    public bool IsNamed => Part is not null || CutId is not null;
}

/// <summary>Something beside the meat, as it was said.</summary>
/// <param name="Companion">What.</param>
/// <param name="Text">As typed.</param>
internal sealed record BesideHeard(Companion Companion, string Text)
{
    /// <summary>How much, by weight or by volume.</summary>
    public Quantity? Amount { get; init; }

    /// <summary>How many.</summary>
    public double? Count { get; init; }

    /// <summary>True when cans are counted.</summary>
    public bool InCans { get; init; }

    /// <summary>The amount as typed; null for a weight.</summary>
    public string? Measure { get; init; }

    /// <summary>How large it is.</summary>
    public PieceSize Size { get; init; } = PieceSize.Usual;
}

/// <summary>What was said, word by word, before anything is made of it.</summary>
internal sealed class Heard
{
    /// <summary>The meats, in the order said.</summary>
    public List<MeatHeard> Meats { get; } = [];

    /// <summary>What stands beside.</summary>
    public List<BesideHeard> Beside { get; } = [];

    /// <summary>What is poured in: its id, ml, and the amount as typed.</summary>
    public List<(string Id, double Ml, string Measure)> Liquids { get; } = [];

    /// <summary>State at lid-on.</summary>
    public MeatState? State { get; set; }

    /// <summary>How the pieces lie.</summary>
    public Arrangement? Arrangement { get; set; }

    /// <summary>Where they lie.</summary>
    public Placement? Placement { get; set; }

    /// <summary>How they should end.</summary>
    public Aim? Aim { get; set; }

    /// <summary>Setting of the pot.</summary>
    public PressureSetting? Pressure { get; set; }

    /// <summary>True when it is browned first.</summary>
    public bool? Browned { get; set; }

    /// <summary>Thickness, mm.</summary>
    public double? ThicknessMm { get; set; }

    /// <summary>Weight of the heaviest piece, kg.</summary>
    public double? HeaviestKg { get; set; }

    /// <summary>Temperature of the meat at lid-on, °C.</summary>
    public double? StartCelsius { get; set; }

    /// <summary>Days in the fridge.</summary>
    public double? DaysInFridge { get; set; }

    /// <summary>Time in a marinade, h.</summary>
    public double? MarinadeHours { get; set; }

    /// <summary>Minutes under the grill.</summary>
    public double? CrispMinutes { get; set; }

    /// <summary>Size of the pot, ml.</summary>
    public double? PotMl { get; set; }

    /// <summary>Minutes under pressure.</summary>
    public double? Minutes { get; set; }

    /// <summary>How the pressure is let go.</summary>
    public ReleaseKind? Release { get; set; }

    /// <summary>Minutes left alone before venting.</summary>
    public double? RestMinutes { get; set; }

    /// <summary>True when the pot is open already.</summary>
    public bool IsOpen { get; set; }

    /// <summary>What the thermometer says, °C.</summary>
    public double? ReadingCelsius { get; set; }

    /// <summary>Scale of the reading.</summary>
    public TemperatureScale ReadingScale { get; set; }

    /// <summary>Who eats.</summary>
    public double? Servings { get; set; }

    /// <summary>Why it is not computed here; null when it is.</summary>
    public string? Refused { get; set; }

    /// <summary>True when that is so also beside a bird that we know.</summary>
    public bool RefusesAll { get; set; }

    /// <summary>What was understood, in the order typed.</summary>
    public List<Understood> Understood { get; } = [];

    /// <summary>Words that mean nothing to us, in the order typed.</summary>
    public List<string> Unknown { get; } = [];
}
