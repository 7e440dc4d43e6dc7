using Ikuzo.Core.Quantities;
using Ikuzo.Core.Running.Rescue;
using Ikuzo.Core.Safety;

namespace Ikuzo.Core.Running.Journal;

/// <summary>Where a cook is.</summary>
public enum CookPhase
{
    /// <summary>Nothing is hot yet.</summary>
    Ready,

    /// <summary>Meat is being browned.</summary>
    Browning,

    /// <summary>Lid on, heating, no pressure yet.</summary>
    ComingUp,

    /// <summary>Under pressure; the minutes count.</summary>
    Holding,

    /// <summary>Heater off, valve closed.</summary>
    Resting,

    /// <summary>Valve open, pin still up.</summary>
    Venting,

    /// <summary>The lid may be opened.</summary>
    PinDown,

    /// <summary>Open and not yet known to be done.</summary>
    Open,

    /// <summary>On its way back to pressure, or simmering.</summary>
    Rescuing,

    /// <summary>Done in the pot; resting, crisping, sauce.</summary>
    Finishing,

    /// <summary>On the table, or given up.</summary>
    Done,
}

/// <summary>What is known about the meat.</summary>
public enum CookVerdict
{
    /// <summary>No reading yet.</summary>
    Unknown,

    /// <summary>Good so far, but not every spot was read.</summary>
    MeasureMore,

    /// <summary>Cook on.</summary>
    Short,

    /// <summary>Every spot was read at 74 °C or more, and the cook agrees.</summary>
    Done,

    /// <summary>The cook chose not to measure.</summary>
    NotMeasured,
}

/// <summary>What may happen next.</summary>
/// <param name="Kind">The event that says that it did.</param>
/// <param name="DueAt">When it is expected; null when it is up to the cook.</param>
/// <param name="LateAt">When it would be late; null when it cannot be.</param>
/// <param name="Text">What to do.</param>
public sealed record NextStep(CookEventKind Kind, DateTimeOffset? DueAt, DateTimeOffset? LateAt, string Text)
{
    /// <summary>Which step is done, for that kind; else null.</summary>
    public string? Step { get; init; }

    /// <summary>The step in a word or three, for large type; null for the phase.</summary>
    public string? Title { get; init; }

    /// <summary>What the cook says by doing it; null for what the kind says.</summary>
    public string? Says { get; init; }

    /// <summary>What goes in, one thing to a line, in order; empty for all that is one thing.</summary>
    public IReadOnlyList<string> Lines { get; init; } = [];

    /// <summary>True for a step in which the pot works alone, until it is due.</summary>
    public bool Waits { get; init; }

    /// <summary>How the valve is worked in this step; null unless in bursts.</summary>
    public Burst? Burst { get; init; }

    /// <summary>What it means to do it before it is due, to be asked first; null where nothing is lost by it.</summary>
    public string? Early { get; init; }
}

/// <summary>A stretch of the whole cook, as it was or is expected.</summary>
/// <param name="Phase">What.</param>
/// <param name="From">From.</param>
/// <param name="To">To.</param>
/// <param name="Happened">True for what is over.</param>
public sealed record StripPart(CookPhase Phase, DateTimeOffset From, DateTimeOffset To, bool Happened);

/// <summary>A reading of the present opening.</summary>
/// <param name="EventId">Its entry in the journal.</param>
/// <param name="Spot">Where.</param>
/// <param name="Celsius">What, °C.</param>
/// <param name="Piece">Which piece of a batch; null for any.</param>
/// <param name="At">When.</param>
/// <param name="Scale">Scale in which it was read.</param>
/// <param name="CoveredMinutes">Minutes that it stood covered just before, min; 0 for none.</param>
public sealed record CountedReading(
    string EventId,
    string Spot,
    double Celsius,
    int? Piece,
    DateTimeOffset At,
    TemperatureScale Scale = TemperatureScale.Celsius,
    double CoveredMinutes = 0
)
{
    /// <summary>True when it is at the temperature of the rule.</summary>
    public bool IsSafe => SafetyRule.IsReached(Celsius, Scale);
}

/// <summary>How the valve is worked in bursts.</summary>
/// <param name="OpenSeconds">Open for so long, s.</param>
/// <param name="ClosedSeconds">Then closed for so long, s.</param>
public readonly record struct Burst(double OpenSeconds, double ClosedSeconds)
{
    /// <summary>What keeps foam below the valve. Estimate.</summary>
    public static readonly Burst Usual = new(2, 5);
}

/// <summary>The state of a cook: journal and clock, nothing else.</summary>
public sealed record CookState
{
    /// <summary>Where it is.</summary>
    public required CookPhase Phase { get; init; }

    /// <summary>Since when.</summary>
    public required DateTimeOffset Since { get; init; }

    /// <summary>The moment for which this is said.</summary>
    public required DateTimeOffset Now { get; init; }

    /// <summary>How often the lid went on to cook: 0 before the first time.</summary>
    public required int Round { get; init; }

    /// <summary>Minutes of this time under the lid.</summary>
    public required double Minutes { get; init; }

    /// <summary>True while it simmers instead of being under pressure.</summary>
    public required bool Simmers { get; init; }

    /// <summary>How to vent just now; null unless in bursts.</summary>
    public required Burst? Burst { get; init; }

    /// <summary>True when dairy or starch is in: no more pressure.</summary>
    public required bool Thick { get; init; }

    /// <summary>What may happen next, the most likely first.</summary>
    public required IReadOnlyList<NextStep> Next { get; init; }

    /// <summary>What is wrong when something takes too long; null when nothing does.</summary>
    public required string? Late { get; init; }

    /// <summary>What is known about the meat.</summary>
    public required CookVerdict Verdict { get; init; }

    /// <summary>True once the cook went on without measuring, for ever.</summary>
    public required bool EverNotMeasured { get; init; }

    /// <summary>True when it was given up.</summary>
    public required bool Abandoned { get; init; }

    /// <summary>What the readings lead to; null before the first.</summary>
    public required RescueAdvice? Advice { get; init; }

    /// <summary>Readings since the pot was last opened.</summary>
    public required IReadOnlyList<CountedReading> Readings { get; init; }

    /// <summary>Spots that have not been read since then.</summary>
    public required IReadOnlyList<string> SpotsToRead { get; init; }

    /// <summary>Until when it stands covered, before it is read again or served; null unless it does.</summary>
    public required DateTimeOffset? CoveredUntil { get; init; }

    /// <summary>
    /// Until when it is as good left in the closed pot, for who comes late; null while there is pressure or once it was opened.
    /// </summary>
    public required DateTimeOffset? AsGoodUntil { get; init; }

    /// <summary>Until when cooked meat may be out of the cold and the heat; null before the first opening.</summary>
    public required DateTimeOffset? OutUntil { get; init; }

    /// <summary>Steps before and after the lid that are done.</summary>
    public required IReadOnlyList<string> StepsDone { get; init; }

    /// <summary>The whole cook, from lid-on to the table.</summary>
    public required IReadOnlyList<StripPart> Strip { get; init; }

    /// <summary>Ids of entries that make no sense any more, since an earlier one was undone.</summary>
    public required IReadOnlyList<string> Ignored { get; init; }
}
