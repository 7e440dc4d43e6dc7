using Ikuzo.Core.Cooking;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Reading;

/// <summary>Where a question that is no load is answered.</summary>
/// <param name="Place">Place: line-up, check, pot, cold, kitchen.</param>
/// <param name="Case">What happened.</param>
/// <param name="Why">In a sentence.</param>
/// <param name="Minutes">How long it had, or how long that took, min, where it was said.</param>
public sealed record Elsewhere(string Place, string Case, string Why, double? Minutes = null);

/// <summary>What was said, phrase by phrase, before anything is made of it.</summary>
internal sealed partial class Heard(Doubts doubts)
{
    /// <summary>Where what can be read otherwise is asked.</summary>
    public Doubts Doubts => doubts;

    /// <summary>Hears every phrase of a course.</summary>
    /// <returns>Itself.</returns>
    public Heard Take(Course course)
    {
        foreach (var phrase in course.Phrases)
        {
            phrase.Apply(this);
        }

        return this;
    }

    /// <summary>The meats, in the order said.</summary>
    public List<MeatHeard> Meats { get; } = [];

    /// <summary>The same, with what is done already and not computed.</summary>
    public List<MeatHeard> AllMeats { get; } = [];

    /// <summary>What is said of it in the cold.</summary>
    public ColdHeard Cold { get; } = new();

    /// <summary>True for a cook that is over: a hot temperature is what its thermometer said.</summary>
    public bool IsOver { get; init; }

    /// <summary>True when the pot is open already.</summary>
    public bool IsOpen { get; set; }

    /// <summary>True where one thing is stirred into another: "mixed with 2 tbsp water".</summary>
    public bool IsStirredTogether { get; set; }

    /// <summary>True for what stands in a bowl on the rack.</summary>
    public bool IsInBowl { get; set; }

    /// <summary>True where all of it is said to be cooked, apart from its noun.</summary>
    public bool IsCooked { get; set; }

    /// <summary>Names of all things, as one.</summary>
    public string NameOfAll
    {
        get
        {
            List<string> names = [.. AllMeats.Select(m => m.Text.ToLowerInvariant()), .. Beside.Select(b => b.FoodSense!.Name)];
            return Listed.And(names);
        }
    }

    /// <summary>All else that is cooked, poured or stirred in, in the order said.</summary>
    public List<Item> Beside { get; } = [];

    /// <summary>Poultry that is not computed, and why.</summary>
    public List<(string Text, string Why)> NotComputed { get; } = [];

    /// <summary>Other birds, meat and fish, in the order said.</summary>
    public List<(string Name, FoodKind Kind)> Others { get; } = [];

    /// <summary>"Frozen" behind something beside the meat, and what that is.</summary>
    public (string Text, string Food)? FrozenBehind { get; set; }

    /// <summary>Asks of what "frozen" was said where it stands behind something else and nobody said how the meat is.</summary>
    public void MayBeFrozen()
    {
        if (FrozenBehind is var (text, food) && State is null && Meats.Count > 0 && Meats.TrueForAll(m => m.State is null))
        {
            Doubts.Ask(text, ("the meat is frozen", () => State = MeatState.Frozen), ($"only the {food}", () => { }));
        }
    }

    /// <summary>Asks whether it is thawed where a "not" stands before that and nobody was heard to say frozen.</summary>
    public void MayNotBeThawed()
    {
        if (Meats.Count > 0 && State is not MeatState.Frozen && Meats.TrueForAll(m => m.State is not MeatState.Frozen))
        {
            Doubts.Ask("thawed", ("the meat is frozen", () => State = MeatState.Frozen), ("it is thawed", () => State = MeatState.Chilled));
        }
    }

    /// <summary>State at lid-on, said of all.</summary>
    public MeatState? State { get; set; }

    /// <summary>How the pieces lie.</summary>
    public Arrangement? Arrangement { get; set; }

    /// <summary>Where they lie.</summary>
    public Placement? Placement { get; set; }

    /// <summary>How they should end.</summary>
    public Aim? Aim { get; private set; }

    /// <summary>How they should not end.</summary>
    public HashSet<Aim> NotAims { get; } = [];

    /// <summary>Bone in or out, said apart from its noun.</summary>
    public bool? BoneIn { get; set; }

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

    /// <summary>Time that it stood warm, min.</summary>
    public double? StoodMinutes { get; private set; }

    /// <summary>True where it stood in heat, as in a car or in the sun.</summary>
    public bool StoodInHeat { get; private set; }

    /// <summary>Time in a marinade, h.</summary>
    public double? MarinadeHours { get; set; }

    /// <summary>Minutes under the grill; 0 for none.</summary>
    public double? CrispMinutes { get; set; }

    /// <summary>Size of the pot, ml.</summary>
    public double? PotMl { get; set; }

    /// <summary>Height above the sea, m.</summary>
    public double? AltitudeMetres { get; set; }

    /// <summary>What its minutes are to promise.</summary>
    public Promise? Promise { get; set; }

    /// <summary>Minutes under pressure.</summary>
    public double? Minutes { get; set; }

    /// <summary>How the pressure is let go.</summary>
    public ReleaseKind? Release { get; set; }

    /// <summary>Minutes left alone before venting.</summary>
    public double? RestMinutes { get; set; }

    /// <summary>What the thermometer says, °C; the lowest of several.</summary>
    public double? ReadingCelsius { get; private set; }

    /// <summary>Scale of the reading.</summary>
    public TemperatureScale ReadingScale { get; private set; }

    /// <summary>When it is eaten.</summary>
    public TimeOnly? EatAt { get; private set; }

    /// <summary>The day of it.</summary>
    public SaidDay? EatDay { get; private set; }

    /// <summary>In how many minutes it is eaten.</summary>
    public double? EatInMinutes { get; set; }

    /// <summary>Who eats.</summary>
    public double? Servings { get; set; }

    /// <summary>What must not go on, by its code.</summary>
    public HashSet<string> Stops { get; } = [];

    /// <summary>Where the question is answered.</summary>
    public Elsewhere? GoTo { get; private set; }

    /// <summary>Why nothing of it is computed.</summary>
    public string? Declined { get; private set; }

    /// <summary>What a production was taken for, where it does not say so itself.</summary>
    public string? As { get; set; }

    /// <summary>Sentences on what was assumed.</summary>
    public List<string> Assumed { get; } = [];

    /// <summary>Stretches of the text.</summary>
    public List<Stretch> Stretches { get; } = [];

    /// <summary>What was understood, in the order typed.</summary>
    public List<Understood> Understood { get; } = [];

    /// <summary>Words that mean nothing to us, in the order typed.</summary>
    public List<string> Unknown { get; } = [];

    /// <summary>Weights and numbers that have no noun yet.</summary>
    public List<(double Kg, WeightOf Of, string Text)> LooseKg { get; } = [];

    /// <summary>A number that is said of each of several kinds.</summary>
    public NumberSpan? OfEach { get; set; }

    /// <summary>Numbers that have no noun yet.</summary>
    public List<(NumberSpan Number, string Text)> LooseNumbers { get; } = [];

    /// <summary>Volumes of nothing that is named.</summary>
    public List<(double Ml, string Text)> LooseMl { get; } = [];
}
