using Ikuzo.Core.Cooking;
using Ikuzo.Core.Filling;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Planning;

/// <summary>One spot of the meat.</summary>
/// <param name="Id">Spot of the cut.</param>
/// <param name="Where">Where the probe goes.</param>
/// <param name="AtOpening">When the lid may be opened, °C.</param>
/// <param name="Peak">Highest value, carry-over after opening included, °C. Never makes a plan safe.</param>
public sealed record SpotOutcome(string Id, string Where, Spread98 AtOpening, Spread98 Peak);

/// <summary>How tender the meat ends. An index, not a measurement.</summary>
/// <param name="Index">Collagen converted, mean over the meat, 0 to 1.</param>
/// <param name="AtBone">The same where it is least, at the bone or in the middle.</param>
/// <param name="Label">In kitchen words.</param>
public sealed record TendernessOutcome(double Index, double AtBone, string Label);

/// <summary>Curves over minutes since lid-on.</summary>
/// <param name="Minutes">Clock, min.</param>
/// <param name="Pot">Median pot temperature, °C.</param>
/// <param name="Coldest">Coldest spot, °C.</param>
/// <param name="Surface">Median surface of the meat, °C.</param>
public sealed record HeatCurve(double[] Minutes, double[] Pot, CurveBand Coldest, double[] Surface);

/// <summary>A band of curves.</summary>
public sealed record CurveBand(double[] P01, double[] P50, double[] P99);

/// <summary>What one whole minute under pressure would give, with the release of the plan.</summary>
/// <param name="Minutes">Minutes held.</param>
/// <param name="ChanceSafe">Share of the ensemble at 74 °C or more.</param>
/// <param name="ColdestP01">Coldest spot, 1st percentile, °C.</param>
/// <param name="ColdestP50">Coldest spot, median, °C.</param>
/// <param name="WaterLossP50">Water lost, median, percent of raw weight.</param>
/// <param name="Tenderness">Tenderness index, median.</param>
/// <param name="ReadyAtFirst">Share of cooks that a thermometer finds done at the first reading.</param>
/// <param name="ReadyAfterRest">Share that is done then or after standing covered.</param>
/// <param name="Keeps">True when these minutes keep the promise of the plan.</param>
public sealed record BandPoint(
    double Minutes,
    double ChanceSafe,
    double ColdestP01,
    double ColdestP50,
    double WaterLossP50,
    double Tenderness,
    double ReadyAtFirst,
    double ReadyAfterRest,
    bool Keeps = false
);

/// <summary>The cook on the clock.</summary>
/// <param name="LidOn">Lid on, heater on.</param>
/// <param name="Pressure">Likely at pressure; the minutes begin.</param>
/// <param name="HoldOver">The minutes are over; the release begins.</param>
/// <param name="Open">The lid may likely be opened.</param>
/// <param name="Eat">On the table, late in one cook of twenty at most, rest and what may follow the first reading included.</param>
/// <param name="RestMinutes">Minutes that the meat rests before it is cut.</param>
public sealed record CookClock(
    DateTimeOffset LidOn,
    DateTimeOffset Pressure,
    DateTimeOffset HoldOver,
    DateTimeOffset Open,
    DateTimeOffset Eat,
    double RestMinutes
);

/// <summary>How hard a warning is.</summary>
public enum WarningLevel
{
    /// <summary>Do not start like this.</summary>
    Stop,

    /// <summary>Look out.</summary>
    Caution,

    /// <summary>Good to know.</summary>
    Note,
}

/// <summary>A warning: what to do and why.</summary>
/// <param name="Code">Stable name.</param>
/// <param name="Level">How hard.</param>
/// <param name="Text">What to do.</param>
/// <param name="Because">The harm or the reason.</param>
public sealed record Warning(string Code, WarningLevel Level, string Text, string Because)
{
    /// <summary>True for what the cook can see to and say so: a stop until then, a note after it.</summary>
    public bool CanBeSeenTo => ConfirmWith is not null;

    /// <summary>What the cook says when it is seen to; null for what no word mends.</summary>
    public string? ConfirmWith { get; init; }

    /// <summary>What makes it go, the least trouble first; empty for what only a word mends, and for meat that nothing mends.</summary>
    public IReadOnlyList<Mend> Mends { get; init; } = [];

    /// <summary>True for a stop that only waits for a word.</summary>
    public bool IsToConfirm => CanBeSeenTo && Level == WarningLevel.Stop;
}

/// <summary>What another way of letting the pressure go would cost.</summary>
/// <param name="Release">The way.</param>
/// <param name="Minutes">Minutes it needs to be safe and as tender as wanted; null when it never gets there.</param>
/// <param name="TotalMinutes">From lid-on to opening, nominal cook, min.</param>
/// <param name="ReleaseMinutes">From the end of the hold to opening, nominal cook, min.</param>
/// <param name="WaterLossPercent">Juice lost, nominal cook, percent of the raw weight of the muscle.</param>
public sealed record ReleaseOption(Release Release, double? Minutes, double TotalMinutes, double ReleaseMinutes, double WaterLossPercent);

/// <summary>The answer: minutes, release and what they lead to.</summary>
public sealed record Plan
{
    /// <summary>Code of the stop for minutes that were tried and are not safe.</summary>
    public const string TooShortCode = "too-short";

    /// <summary>Minutes under pressure; null when no plan can be made safe.</summary>
    public required double? Minutes { get; init; }

    /// <summary>Setting of the pot.</summary>
    public required PressureSetting Pressure { get; init; }

    /// <summary>How to let the pressure go.</summary>
    public required Release? Release { get; init; }

    /// <summary>Why these minutes and this release, in sentences.</summary>
    public required IReadOnlyList<string> Why { get; init; }

    /// <summary>Least whole minutes that are safe with this release; null when none are.</summary>
    public required double? SafeMinimumMinutes { get; init; }

    /// <summary>Minutes that Ikuzo would set; differs from <see cref="Minutes"/> when the cook tries others.</summary>
    public required double? RecommendedMinutes { get; init; }

    /// <summary>What was learned in this household; null where nothing was.</summary>
    public LearnedWord? Learned { get; init; }

    /// <summary>Share of the ensemble with the coldest spot at 74 °C or more at opening.</summary>
    public double? ChanceSafe { get; init; }

    /// <summary>What the minutes promise.</summary>
    public Promise Promise { get; init; }

    /// <summary>The same in one line, as it is kept by these minutes; null when there are none.</summary>
    public string? PromiseText { get; init; }

    /// <summary>True when there are minutes and they keep the promise.</summary>
    public bool KeepsPromise { get; init; }

    /// <summary>Share of cooks that a thermometer finds done at the first reading, so that nothing more is needed.</summary>
    public double? ReadyAtFirst { get; init; }

    /// <summary>Share that is done then or after standing covered; the rest goes back.</summary>
    public double? ReadyAfterRest { get; init; }

    /// <summary>From the first reading until the pot is open again, of those that go back, min; null when hardly any does.</summary>
    public LikelyAndLate? ReturnMinutes { get; init; }

    /// <summary>
    /// Minutes that are sure without measuring, where those of the plan are fewer and promise a thermometer something; else null.
    /// </summary>
    public double? SureMinutes { get; init; }

    /// <summary>The other promise; null when both come to the same minutes.</summary>
    public OtherPromise? OtherPromise { get; init; }

    /// <summary>What knowing more would save, the most first; only what is worth something.</summary>
    public IReadOnlyList<WorthKnowing> WorthKnowing { get; init; } = [];

    /// <summary>From lid-on until pressure.</summary>
    public Spread90? ToPressureMinutes { get; init; }

    /// <summary>From the end of the hold until the lid may be opened.</summary>
    public Spread90? ReleaseMinutes { get; init; }

    /// <summary>From lid-on until the lid may be opened.</summary>
    public Spread90? TotalMinutes { get; init; }

    /// <summary>The clock, when the time of lid-on was given.</summary>
    public CookClock? Clock { get; init; }

    /// <summary>Temperature at which the pot holds, °C.</summary>
    public required double HeldCelsius { get; init; }

    /// <summary>Boiling point in this kitchen, °C.</summary>
    public required double BoilingCelsius { get; init; }

    /// <summary>Thickness that was computed with, mm, and whether it was measured.</summary>
    public required double ThicknessMm { get; init; }

    /// <summary>The spots.</summary>
    public IReadOnlyList<SpotOutcome> Spots { get; init; } = [];

    /// <summary>
    /// Juice lost, expected over what follows, percent of the raw weight of the muscle; bone, skin and separable fat are not counted.
    /// </summary>
    public Spread90? WaterLossPercent { get; init; }

    /// <summary>Water lost to flashing at venting alone.</summary>
    public MedianOnly? FlashLossPercent { get; init; }

    /// <summary>How tender.</summary>
    public TendernessOutcome? Tenderness { get; init; }

    /// <summary>Log10 reduction of Salmonella at the least heated spot; information, never a reason to cook less.</summary>
    public LowOnly? Log10Reduction { get; init; }

    /// <summary>Minutes between 5 and 60 °C in the middle, 95th percentile.</summary>
    public double? DangerZoneMinutesP95 { get; init; }

    /// <summary>Curves; null when the pot never comes to pressure.</summary>
    public HeatCurve? Curve { get; init; }

    /// <summary>What every minute would give.</summary>
    public IReadOnlyList<BandPoint> Band { get; init; } = [];

    /// <summary>How what stands beside the meat comes out.</summary>
    public IReadOnlyList<BesideOutcome> Beside { get; init; } = [];

    /// <summary>The liquid.</summary>
    public LiquidOutcome? Liquid { get; init; }

    /// <summary>What there is to eat.</summary>
    public MeatYield? Yield { get; init; }

    /// <summary>Releases that a cook could not tell apart from the chosen one.</summary>
    public IReadOnlyList<ReleaseKind> WaysAlike { get; init; } = [];

    /// <summary>Other ways of letting the pressure go, with their cost.</summary>
    public IReadOnlyList<ReleaseOption> Releases { get; init; } = [];

    /// <summary>What other cooks would set, each computed for this load.</summary>
    public IReadOnlyList<SchoolOutcome> Schools { get; init; } = [];

    /// <summary>How the load sits in the pot.</summary>
    public required FitOutcome Fit { get; init; }

    /// <summary>The pot with its load, cut through the middle; null when the load cannot go in.</summary>
    public PotPicture? Picture { get; init; }

    /// <summary>Warnings, stops first.</summary>
    public required IReadOnlyList<Warning> Warnings { get; init; }
}

/// <summary>What was learned in this household and went into a plan.</summary>
/// <param name="Cooks">Cooks of this cut that were learned from.</param>
/// <param name="Text">In kitchen words, what it changed first.</param>
public sealed record LearnedWord(int Cooks, IReadOnlyList<string> Text);
