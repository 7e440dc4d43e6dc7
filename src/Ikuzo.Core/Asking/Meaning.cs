using Ikuzo.Core.Companions;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;

namespace Ikuzo.Core.Asking;

/// <summary>What a word does to the numbers around it.</summary>
internal enum Mark
{
    /// <summary>Nothing.</summary>
    None,

    /// <summary>"each": the weight is of one piece.</summary>
    Each,

    /// <summary>"in all": the weight is of all.</summary>
    All,

    /// <summary>"x".</summary>
    Times,

    /// <summary>"at", before a weight or a temperature.</summary>
    At,

    /// <summary>"of": what follows belongs to what came before.</summary>
    Of,

    /// <summary>"for".</summary>
    For,

    /// <summary>"serves".</summary>
    Serves,

    /// <summary>"people": what is counted is who eats.</summary>
    People,

    /// <summary>"packs": what is counted is bought together.</summary>
    Pack,

    /// <summary>"cans": what is counted is a can.</summary>
    Can,

    /// <summary>"lumps": what is counted is frozen together.</summary>
    Lumps,

    /// <summary>"thick".</summary>
    Thick,

    /// <summary>"long": a length that is not the thickness.</summary>
    OtherLength,

    /// <summary>"the heaviest".</summary>
    Heaviest,

    /// <summary>"reads": a temperature that a thermometer says.</summary>
    Reads,

    /// <summary>"open": the pot is open.</summary>
    Open,

    /// <summary>"in the fridge".</summary>
    Fridge,

    /// <summary>"marinated": the time is that of the marinade.</summary>
    Marinated,

    /// <summary>"crisped": the time is that under the grill.</summary>
    Crisped,

    /// <summary>"per", before a unit.</summary>
    Per,

    /// <summary>"then": what follows comes after.</summary>
    Then,

    /// <summary>"and": another thing.</summary>
    And,

    /// <summary>"no", "without": what follows is left out.</summary>
    Without,

    /// <summary>"at seven": when it is eaten.</summary>
    Clock,
}

/// <summary>How large pieces are said to be, beside others of their cut.</summary>
internal enum SaidSize
{
    /// <summary>Nobody said.</summary>
    Usual,

    /// <summary>"small".</summary>
    Small,

    /// <summary>"large".</summary>
    Large,

    /// <summary>"huge".</summary>
    Huge,
}

/// <summary>What a phrase says about the cook. Only the part that it is about is set.</summary>
internal sealed record Meaning
{
    public Species? Species { get; init; }

    public Part? Part { get; init; }

    public string? CutId { get; init; }

    public bool? BoneIn { get; init; }

    public MeatState? State { get; init; }

    public Arrangement? Arrangement { get; init; }

    public Placement? Placement { get; init; }

    public Aim? Aim { get; init; }

    public PressureSetting? Pressure { get; init; }

    public ReleaseKind? Release { get; init; }

    public bool? Browned { get; init; }

    public Mark Mark { get; init; }

    public bool PotWord { get; init; }

    /// <summary>How large each piece is said to be.</summary>
    public SaidSize Size { get; init; }

    /// <summary>Id of a thin liquid.</summary>
    public string? Liquid { get; init; }

    /// <summary>Something beside the bird.</summary>
    public Companion? Beside { get; init; }

    /// <summary>What it is that changes no minutes, in kitchen words.</summary>
    public string? Kept { get; init; }

    /// <summary>True for what seasons and may have an amount: "2 bay leaves".</summary>
    public bool Seasons { get; init; }

    /// <summary>Why it is not computed here.</summary>
    public string? Refused { get; init; }

    /// <summary>True when nothing is computed then; false for what may lie beside a bird that we know, as bacon.</summary>
    public bool RefusesAll { get; init; }

    /// <summary>True for what names meat.</summary>
    public bool IsMeat => (Species, Part, CutId) is not (null, null, null);

    /// <summary>True for a cut into which another is cut up.</summary>
    public bool IsCutUp => IsCutUpPart(Part);

    /// <summary>True for a part into which another is cut up.</summary>
    public static bool IsCutUpPart(Part? part) => part is Core.Poultry.Part.Diced or Core.Poultry.Part.Tender or Core.Poultry.Part.Cutlet;
}
