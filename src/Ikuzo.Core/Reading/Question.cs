using Ikuzo.Core.Companions;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Reading;

/// <summary>A stretch of what was typed, and what it was taken for.</summary>
/// <param name="Text">As typed.</param>
/// <param name="As">In kitchen words.</param>
public sealed record Understood(string Text, string As);

/// <summary>One kind of meat that was asked about.</summary>
/// <param name="Cut">The cut.</param>
/// <param name="Pieces">Number of pieces, said or guessed.</param>
/// <param name="TotalKg">Weight of all pieces, kg, said or typical.</param>
public sealed record AskedMeat(Cut Cut, int Pieces, double TotalKg);

/// <summary>Something beside the meat: by weight, a liquid by volume, or a line that changes no minutes.</summary>
/// <param name="Food">What it is called.</param>
/// <param name="Companion">What it is computed as; null for a liquid and for what is not computed.</param>
/// <param name="Grams">How much, g; null where nobody said, and for a liquid.</param>
/// <param name="Liquid">Id of a liquid; null for all else.</param>
/// <param name="Ml">How much, ml; null for all but what was measured by volume.</param>
/// <param name="Measure">How much, as it was typed.</param>
public sealed record AskedBeside(string Food, Companion? Companion, double? Grams, string? Liquid, double? Ml, string Measure)
{
    /// <summary>When it goes in, as far as that is said or usual.</summary>
    public GoesIn? When { get; init; }

    /// <summary>True where it was measured, and not by a splash.</summary>
    public bool IsMeasured { get; init; }

    /// <summary>True for what is cooked already: canned, left over.</summary>
    public bool IsCooked { get; init; }

    /// <summary>How many, where they were counted.</summary>
    public double? Pieces { get; init; }

    /// <summary>How large it is cut.</summary>
    public PieceSize Size { get; init; } = PieceSize.Usual;

    /// <summary>True where its size was said: then it stays so.</summary>
    public bool IsSizeSaid { get; init; }
}

/// <summary>Something that must not go on.</summary>
/// <param name="Code">Code: stood-warm, smells, stuffed.</param>
/// <param name="Text">Why, and what to do.</param>
public sealed record ReadStop(string Code, string Text);

/// <summary>A stretch of the text and what it was taken for.</summary>
/// <param name="From">Where it begins, UTF-16 units.</param>
/// <param name="To">Where it ends, exclusive.</param>
/// <param name="Kind">What it is about.</param>
/// <param name="As">In kitchen words; empty where there is nothing to say.</param>
public sealed record TextSpan(int From, int To, string Kind, string As);

/// <summary>What the cook asked. Null where nothing was said.</summary>
public sealed record Question
{
    /// <summary>The meat that decides; null when none was named, or none that we compute.</summary>
    public AskedMeat? Meat { get; init; }

    /// <summary>Further meats of the same pot.</summary>
    public IReadOnlyList<AskedMeat> Also { get; init; } = [];

    /// <summary>What stands beside, in the order said; liquids too.</summary>
    public IReadOnlyList<AskedBeside> Beside { get; init; } = [];

    /// <summary>Thickness, mm.</summary>
    public double? ThicknessMm { get; init; }

    /// <summary>Weight of the heaviest piece, kg.</summary>
    public double? HeaviestKg { get; init; }

    /// <summary>State at lid-on.</summary>
    public MeatState? State { get; init; }

    /// <summary>Temperature at lid-on, °C.</summary>
    public double? StartCelsius { get; init; }

    /// <summary>Days in the fridge.</summary>
    public double? DaysInFridge { get; init; }

    /// <summary>How long it stood warm, min.</summary>
    public double? StoodMinutes { get; init; }

    /// <summary>How the pieces lie.</summary>
    public Arrangement? Arrangement { get; init; }

    /// <summary>Where they lie.</summary>
    public Placement? Placement { get; init; }

    /// <summary>How they should end.</summary>
    public Aim? Aim { get; init; }

    /// <summary>How they should not end.</summary>
    public IReadOnlySet<Aim> NotAims { get; init; } = new HashSet<Aim>();

    /// <summary>Setting of the pot.</summary>
    public PressureSetting? Pressure { get; init; }

    /// <summary>Capacity of the pot, l.</summary>
    public double? PotLitres { get; init; }

    /// <summary>Thin liquid in all, ml.</summary>
    public double? LiquidMl { get; init; }

    /// <summary>Minutes under pressure that the cook wants.</summary>
    public double? Minutes { get; init; }

    /// <summary>Release that the cook wants.</summary>
    public Release? Release { get; init; }

    /// <summary>True when it is browned first.</summary>
    public bool? Browned { get; init; }

    /// <summary>Time in a marinade before it is cooked, h.</summary>
    public double? MarinadeHours { get; init; }

    /// <summary>Minutes under the grill after it; 0 for none.</summary>
    public double? CrispMinutes { get; init; }

    /// <summary>Height above the sea, m.</summary>
    public double? AltitudeMetres { get; init; }

    /// <summary>What its minutes are to promise.</summary>
    public Promise? Promise { get; init; }

    /// <summary>When it is eaten.</summary>
    public TimeOnly? EatAt { get; init; }

    /// <summary>On which day, where one was said.</summary>
    public DateOnly? EatDay { get; init; }

    /// <summary>In how many minutes it is eaten.</summary>
    public double? EatInMinutes { get; init; }

    /// <summary>What must not go on.</summary>
    public IReadOnlyList<ReadStop> Stops { get; init; } = [];

    /// <summary>Where it is answered, when not here.</summary>
    public Elsewhere? GoTo { get; init; }

    /// <summary>The whole text in stretches, in order, without gaps but for space.</summary>
    public IReadOnlyList<TextSpan> Spans { get; init; } = [];

    /// <summary>Who eats.</summary>
    public double? Servings { get; init; }

    /// <summary>What a thermometer says of a pot that is open already, °C.</summary>
    public double? ReadingCelsius { get; init; }

    /// <summary>Scale of that reading.</summary>
    public TemperatureScale? ReadingScale { get; init; }

    /// <summary>What was understood, in the order typed.</summary>
    public required IReadOnlyList<Understood> Understood { get; init; }

    /// <summary>Words that mean nothing to us, in the order typed.</summary>
    public required IReadOnlyList<string> Unknown { get; init; }

    /// <summary>What was read in an unusual way, or could be read otherwise.</summary>
    public required IReadOnlyList<Doubt> Doubts { get; init; }

    /// <summary>What was not said and was assumed, in sentences.</summary>
    public required IReadOnlyList<string> Assumed { get; init; }

    /// <summary>Why there is no answer; null when there is one.</summary>
    public string? Problem { get; init; }
}
