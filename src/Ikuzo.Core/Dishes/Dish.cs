using Ikuzo.Core.Companions;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Filling;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Dishes;

/// <summary>One thing that goes into a dish.</summary>
/// <param name="Key">Name of the item, unique within the dish.</param>
public abstract record DishItem(string Key);

/// <summary>Meat.</summary>
/// <param name="Key">Name of the item.</param>
/// <param name="Load">The meat.</param>
/// <param name="Aim">How it should end; null for what is usual for the cut.</param>
public sealed record MeatItem(string Key, MeatLoad Load, Aim? Aim) : DishItem(Key)
{
    /// <summary>The aim asked for or usual; of a carcass nothing but stock is made.</summary>
    public Aim WantedAim => Load.Cut.Part == Part.Carcass ? Poultry.Aim.Stock : Aim ?? Load.Cut.UsualAim;

    /// <summary>True for legs, thighs and wings of which nothing is said: they may fall from the bone, which no table sends back.</summary>
    public bool MayBeSofter => Aim is null && WantedAim != Poultry.Aim.Stock && Load.Cut.IsLegOrWing;

    /// <summary>
    /// So long kitchens hold it beside something, min: to carve where nothing else is said or usual; 0 from the freezer, and where they do
    /// not agree.
    /// </summary>
    public double HeldMinutes =>
        Load.State == MeatState.Frozen
            ? 0
            : Load.Cut.Held?.Minutes(
                Aim ?? (WantedAim == Poultry.Aim.Pull ? Poultry.Aim.Slice : WantedAim),
                Load.Cut.Outer is null ? null : Load.PieceKg
            ) ?? 0;
}

/// <summary>Something beside it.</summary>
/// <param name="Key">Name of the item.</param>
/// <param name="Companion">What.</param>
/// <param name="Grams">How much, g.</param>
/// <param name="Size">How large it is cut.</param>
/// <param name="InBowl">True in a bowl on the rack: slower, and its starch stays away from the valve.</param>
public sealed record BesideItem(string Key, Companion Companion, double Grams, PieceSize Size = PieceSize.Usual, bool InBowl = false)
    : DishItem(Key)
{
    /// <summary>Least amount, g.</summary>
    public const double LeastGrams = 1;

    /// <summary>Greatest amount, g.</summary>
    public const double MostGrams = 5000;

    /// <summary>True when the cook has not said how it is cut and where it stands, so that the dish may choose.</summary>
    public bool MayChange { get; init; }

    /// <summary>True when it goes in after pressure only.</summary>
    public bool IsStirredIn => Companion.Is(CompanionTraits.AfterPressure);

    /// <summary>How much, as the cook measured it; null for grams.</summary>
    public string? Measure { get; init; }

    /// <summary>What it was called; null for as the catalogue names it.</summary>
    public string? Food { get; init; }

    /// <summary>When the line says that it goes in, or is usual; null for nothing said.</summary>
    public GoesIn? When { get; init; }

    /// <summary>The same as a load of the pot.</summary>
    public CompanionLoad Load => new(Companion, Grams, InBowl, Size) { Measure = Measure, MayChange = MayChange };
}

/// <summary>A liquid that is poured in with the meat.</summary>
/// <param name="Key">Name of the item.</param>
/// <param name="Liquid">What.</param>
/// <param name="Ml">How much, ml.</param>
public sealed record LiquidItem(string Key, Liquid Liquid, double Ml) : DishItem(Key)
{
    /// <summary>Greatest amount, ml.</summary>
    public const double MostMl = 10_000;

    /// <summary>How much, as the cook measured it; null for millilitres.</summary>
    public string? Measure { get; init; }

    /// <summary>What it was called; null for as the catalogue names it.</summary>
    public string? Food { get; init; }

    /// <summary>What of it makes steam, ml.</summary>
    public double ThinMl => Ml * Liquid.ThinShare;
}

/// <summary>A line that changes no minutes: herbs, fat, what we do not know. It is said again at its moment.</summary>
/// <param name="Key">Name of the item.</param>
/// <param name="Text">As typed.</param>
public sealed record LineItem(string Key, string Text) : DishItem(Key)
{
    /// <summary>The food that it names; null where it names none.</summary>
    public string? Food { get; init; }

    /// <summary>When it goes in, as far as that is said or usual.</summary>
    public GoesIn? When { get; init; }

    /// <summary>When its kind goes in, for where nobody said; null for what is not known.</summary>
    public GoesIn? Usually { get; init; }

    /// <summary>How it is fried where the meat is browned; null for what is not.</summary>
    public FryAs? FriedAs { get; init; }

    /// <summary>How much, g, as far as it was said. It changes nothing.</summary>
    public double? Grams { get; init; }

    /// <summary>How much, ml, as far as it was said. It changes nothing.</summary>
    public double? Ml { get; init; }

    /// <summary>How many, as far as that was said.</summary>
    public double? Pieces { get; init; }

    /// <summary>True for what is cooked already.</summary>
    public bool IsCooked { get; init; }

    /// <summary>The thin liquid of which no amount was said; null for none. It is asked about, since the pot lives on it.</summary>
    public Liquid? Pours { get; init; }

    /// <summary>Amounts that are offered then, ml: half a glass, a glass and a half, enough for the sauce.</summary>
    public static IReadOnlyList<double> PouredMl { get; } = [100, 200, 400];
}

/// <summary>A dish to arrange: what goes in together, what first or after.</summary>
public sealed record DishRequest
{
    /// <summary>Most items that are arranged.</summary>
    public const int MostItems = 8;

    /// <summary>The pot.</summary>
    public required PotModel Pot { get; init; }

    /// <summary>Altitude, m.</summary>
    public double AltitudeMetres { get; init; }

    /// <summary>Temperature of the kitchen, °C.</summary>
    public double RoomCelsius { get; init; } = 21;

    /// <summary>Thin liquid wanted as broth beyond what the pot asks for, ml, 0 to 10,000.</summary>
    public double BrothMl { get; init; }

    /// <summary>How it is served, as its name says.</summary>
    public Serving Served { get; init; }

    /// <summary>Liquid in which something is simmered once the lid is off, ml; it is there from the start.</summary>
    public double OpenMl { get; init; }

    /// <summary>True when the meat is browned in the pot first.</summary>
    public bool Browned { get; init; }

    /// <summary>True when pot and liquid are hot before the first stage, see <see cref="PlanRequest.StartsHot"/>.</summary>
    public bool StartsHot { get; init; }

    /// <summary>What the household has learned, by id of the cut; what is missing is unknown.</summary>
    public IReadOnlyDictionary<string, LearnedDraws> Learned { get; init; } = new Dictionary<string, LearnedDraws>();

    /// <summary>Units of the words in the answer.</summary>
    public UnitSystem Units { get; init; }

    /// <summary>What the minutes of meat promise.</summary>
    public Promise Promise { get; init; }

    /// <summary>Share of cooks that may need more than the first reading, 0.01 to 0.5.</summary>
    public double MostReturns { get; init; } = Readiness.UsualMostReturns;

    /// <summary>Other pots of the kitchen, for what does not fit into this one.</summary>
    public IReadOnlyList<NamedPot> OtherPots { get; init; } = [];

    /// <summary>
    /// Stages that the cook wants, each with its keys, in order; null for the best. Used while they fit the items and are safe.
    /// </summary>
    public IReadOnlyList<IReadOnlyList<string>>? Wanted { get; init; }

    /// <summary>A bird too large by its weight over which the lid was tried and closes; null when nobody tried.</summary>
    public TriedLid? LidTried { get; init; }

    /// <summary>Stops that need no word here: the lid where it was tried.</summary>
    public IReadOnlyList<string> SeenTo(MeatLoad load) => LidTried?.Covers(load, Pot) == true ? [Fit.TryTheLidCode] : [];

    /// <summary>True for a stop that no arrangement gets around: one that waits for a word is asked about when the cook begins.</summary>
    public static bool Hinders(Warning warning) =>
        warning.Level == WarningLevel.Stop && (!warning.CanBeSeenTo || warning.Code == Fit.TryTheLidCode);

    /// <summary>Which of the two ways the cook wants; null for the one that is proposed.</summary>
    public WayId? Way { get; init; }

    /// <summary>The way that the household has chosen of late (<see cref="Habit"/>); null where it has none.</summary>
    public WayId? UsualWay { get; init; }

    /// <summary>What a household does by habit: what it chose the last times, where these agree.</summary>
    /// <param name="chosen">Ways that were chosen by hand, the last first.</param>
    public static WayId? Habit(IReadOnlyList<WayId> chosen) =>
        chosen.Count >= TimesForAHabit && chosen.Take(TimesForAHabit).Distinct().ToArray() is [var way] ? way : null;

    /// <summary>Once is a whim, twice may be the dish. Choice.</summary>
    public const int TimesForAHabit = 3;

    /// <summary>Meat and what stands beside it: one to eight items.</summary>
    public required IReadOnlyList<DishItem> Items { get; init; }

    /// <summary>What is poured in with the meat; what is missing to the liquid of a stage is water.</summary>
    public IReadOnlyList<LiquidItem> Liquids { get; init; } = [];
}

/// <summary>How an item comes out of a stage.</summary>
public enum ItemVerdict
{
    /// <summary>As it should be.</summary>
    InWindow,

    /// <summary>Not done.</summary>
    Under,

    /// <summary>Past it.</summary>
    Over,
}

/// <summary>An item after a stage.</summary>
/// <param name="Key">The item.</param>
/// <param name="Verdict">In its window, under or over.</param>
/// <param name="ColdestP01">Coldest spot at opening, 1st percentile, °C; null for what is not meat.</param>
/// <param name="StaysIn">True when it may stay in the pot for the stages that follow.</param>
/// <param name="Score">How near to its best, 0 to 1: 1 at the minutes that suit it best, a half at either end of its window.</param>
public sealed record ItemOutcome(string Key, ItemVerdict Verdict, double? ColdestP01, bool StaysIn, double Score)
{
    /// <summary>
    /// How far from its best, likely: 0 at its best, -1 where it is just done, 1 where it is too far; null for meat.
    /// </summary>
    public double? Distance { get; init; }

    /// <summary>The same in a word; null for meat.</summary>
    public string? Word { get; init; }

    /// <summary>How it is cut and where it stands, where that matters; null for as its name says.</summary>
    public string? How { get; init; }
}

/// <summary>One time under the lid.</summary>
/// <param name="Items">Keys of what goes in.</param>
/// <param name="Minutes">Minutes under pressure.</param>
/// <param name="Release">How the pressure is let go.</param>
/// <param name="LiquidMl">Thin liquid, ml.</param>
/// <param name="Why">Why like this.</param>
/// <param name="Outcomes">How each comes out.</param>
/// <param name="ToPressureMinutes">From lid-on to pressure, min.</param>
/// <param name="ReleaseMinutes">From the end of the hold to opening, min.</param>
public sealed record DishStage(
    IReadOnlyList<string> Items,
    double Minutes,
    Release Release,
    double LiquidMl,
    string Why,
    IReadOnlyList<ItemOutcome> Outcomes,
    LikelyAndLate ToPressureMinutes,
    LikelyAndLate ReleaseMinutes
)
{
    /// <summary>
    /// Share of cooks whose meat is done at the first reading; null for a stage without meat, and where the minutes are sure.
    /// </summary>
    public double? ReadyAtFirst { get; init; }

    /// <summary>
    /// Minutes after opening within which 19 of 20 are done: those of standing covered where more than one of 20 needs it.
    /// </summary>
    public double StandMinutes =>
        ReadyAtFirst < Readiness.LeastAfterRest ? Cooking.CoveredRest.MostMinutes + Cooking.CoveredRest.ReadMinutes : 0;

    /// <summary>What to look out for.</summary>
    public IReadOnlyList<Warning> Warnings { get; init; } = [];

    /// <summary>From lid-on to opening, min.</summary>
    public LikelyAndLate TotalMinutes =>
        new(ToPressureMinutes.P50 + Minutes + ReleaseMinutes.P50, ToPressureMinutes.P95 + Minutes + ReleaseMinutes.P95);
}

/// <summary>Stages in order.</summary>
/// <param name="Stages">The stages.</param>
/// <param name="TotalMinutes">All stages and the time between them, min.</param>
public sealed record StageOrder(IReadOnlyList<DishStage> Stages, LikelyAndLate TotalMinutes)
{
    /// <summary>
    /// What it costs, to compare: 1 is one thing at the edge of what it bears, or an hour; <see cref="DishSolver"/> says how it is counted.
    /// </summary>
    public double Cost { get; init; }

    /// <summary>Which stage has the first meat of a dish, from 0; it has one.</summary>
    /// <param name="dish">The dish that was arranged.</param>
    public int StageWithMeat(DishRequest dish)
    {
        var key = dish.Items.OfType<MeatItem>().First().Key;
        return Stages.TakeWhile(s => !s.Items.Contains(key)).Count();
    }
}

/// <summary>An item that nothing works for.</summary>
/// <param name="Key">The item to blame.</param>
/// <param name="Why">Why, and what to do.</param>
/// <param name="LidToTry">What may be said when only its size is in the way and the lid closes all the same; else null.</param>
public sealed record Blame(string Key, string Why, TriedLid? LidToTry = null);

/// <summary>Somebody tried it: the lid closes without touching, over so much, in a pot as large as this one.</summary>
/// <param name="Kg">Weight of the bird, kg, 0 to 15.</param>
/// <param name="PotLitres">Capacity of the pot, litres, 2 to 15.</param>
public sealed record TriedLid(double Kg, double PotLitres)
{
    /// <summary>True when what was tried says something about a load.</summary>
    public bool Covers(MeatLoad load, PotModel pot) => load.TotalKg <= Kg && pot.CapacityLitres >= PotLitres;
}

/// <summary>A change that would help: each thing nearer to its best, fewer stages, or less time.</summary>
/// <param name="Change">In words.</param>
/// <param name="Stages">Stages that it would take.</param>
/// <param name="TotalMinutes">How long it would take, min.</param>
public sealed record Suggestion(string Change, int Stages, LikelyAndLate TotalMinutes);

/// <summary>How to cook a dish of several things.</summary>
/// <param name="Best">The arrangement; null when none works.</param>
/// <param name="RunnerUp">The next best, if any.</param>
/// <param name="Impossible">What makes it impossible, if anything.</param>
/// <param name="Suggestions">Changes that would help most.</param>
public sealed record DishPlan(StageOrder? Best, StageOrder? RunnerUp, Blame? Impossible, IReadOnlyList<Suggestion> Suggestions)
{
    /// <summary>What is stirred in after the last opening.</summary>
    public IReadOnlyList<StirredIn> StirredIn { get; init; } = [];

    /// <summary>The dish with each thing cut and placed as it is arranged; null when none works.</summary>
    public DishRequest? Arranged { get; init; }

    /// <summary>Keys of what is stirred in after the last opening.</summary>
    public IReadOnlyList<string> StirIn => [.. StirredIn.Select(s => s.Key)];

    /// <summary>True when <see cref="Best"/> is what the cook wanted, and <see cref="RunnerUp"/> what would be best.</summary>
    public bool IsWanted { get; init; }

    /// <summary>
    /// In one go and at its best, the one that stands in <see cref="Best"/> first; one where they are the same, or there is no other; none
    /// for stages laid by hand.
    /// </summary>
    public IReadOnlyList<DishWay> Ways { get; init; } = [];
}

/// <summary>The two ways to cook a dish.</summary>
public enum WayId
{
    /// <summary>Everything that may share the pot in one time under the lid.</summary>
    OneGo,

    /// <summary>As many times under the lid as it takes for everything to be right.</summary>
    Best,
}

/// <summary>A way to cook a dish, and what it costs.</summary>
/// <param name="Id">Which.</param>
/// <param name="Order">Its stages.</param>
/// <param name="StirredIn">What finishes in the open pot.</param>
/// <param name="Words">What comes of it, in words.</param>
/// <param name="IsTolerable">True when everything stays within what a cook lets go; see <see cref="Tolerance"/>.</param>
public sealed record DishWay(WayId Id, StageOrder Order, IReadOnlyList<StirredIn> StirredIn, string Words, bool IsTolerable)
{
    /// <summary>Minutes in the open pot at the end: what takes longest of what finishes there.</summary>
    public double OpenMinutes => Dishes.StirredIn.Longest(StirredIn);

    /// <summary>From lid-on to the table, min.</summary>
    public LikelyAndLate TotalMinutes => new(Order.TotalMinutes.P50 + OpenMinutes, Order.TotalMinutes.P95 + OpenMinutes);
}
