using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Running.Journal;

/// <summary>What can happen to a cook.</summary>
public enum CookEventKind
{
    /// <summary>The first meat is in the hot fat.</summary>
    BrowningStarted,

    /// <summary>Browned, and the bits are loosened.</summary>
    BrowningDone,

    /// <summary>Lid on, valve to sealing, heater on.</summary>
    LidOn,

    /// <summary>The pin is up; the minutes count.</summary>
    PressureReached,

    /// <summary>Some minutes more were set while it is under pressure.</summary>
    Lengthened,

    /// <summary>The minutes are over and the heater is off.</summary>
    HoldOver,

    /// <summary>The valve was opened.</summary>
    Vented,

    /// <summary>The pin has dropped.</summary>
    PinDown,

    /// <summary>The lid came off.</summary>
    Opened,

    /// <summary>The thermometer was read: spot, temperature, and piece of a batch.</summary>
    Reading,

    /// <summary>The lid was laid on, heater off: the meat stands, and the middle goes on warming.</summary>
    Covered,

    /// <summary>The cook goes on without a reading. Stays on the record for ever.</summary>
    NotMeasured,

    /// <summary>Lid on again, to pressure or to a simmer, for some minutes.</summary>
    BackUnderPressure,

    /// <summary>Dairy or starch went in: from now on it simmers and is not put under pressure.</summary>
    Thickened,

    /// <summary>A step after the pot is done: rest, crisp, sauce and so on.</summary>
    StepDone,

    /// <summary>A note.</summary>
    Note,

    /// <summary>On the table.</summary>
    Finished,

    /// <summary>How it ate, what it weighed, what to do next time: whatever of it is said.</summary>
    Tasted,

    /// <summary>Given up; nothing is said about the meat.</summary>
    Abandoned,

    /// <summary>An earlier event happened at another time.</summary>
    Corrected,

    /// <summary>An earlier event did not happen.</summary>
    Undone,

    /// <summary>From here on the cook is a rehearsal on a simulated pot, on a clock that may run fast.</summary>
    Simulated,

    /// <summary>The clock of the machine was set; the cook went on as it was. Written by the machine alone.</summary>
    ClockSet,
}

/// <summary>What an event carries; what does not belong to its kind is null.</summary>
public sealed record CookEventData
{
    /// <summary>No data.</summary>
    public static readonly CookEventData None = new();

    /// <summary>Id of the event that is corrected or undone; of the last that was written by a right clock before it was set.</summary>
    public string? Of { get; init; }

    /// <summary>Text of a note; at most 500 characters.</summary>
    public string? Text { get; init; }

    /// <summary>Spot of a reading.</summary>
    public string? Spot { get; init; }

    /// <summary>Reading, °C, -30 to 130, after the correction for the household's thermometer.</summary>
    public double? Celsius { get; init; }

    /// <summary>What the thermometer showed before the correction, °C; null when there was none.</summary>
    public double? ShownCelsius { get; init; }

    /// <summary>Scale in which it was read; null for °C.</summary>
    public TemperatureScale? Scale { get; init; }

    /// <summary>Which piece of a batch was read, from 1.</summary>
    public int? Piece { get; init; }

    /// <summary>Minutes to cook on or to stand covered, 0 to 240.</summary>
    public double? Minutes { get; init; }

    /// <summary>True to cook on at a simmer.</summary>
    public bool? Simmer { get; init; }

    /// <summary>True when a lump was taken apart first.</summary>
    public bool? Separate { get; init; }

    /// <summary>Id of a step that is done.</summary>
    public string? Step { get; init; }

    /// <summary>How juicy it was, -2 (dry) to 2 (very juicy); 0 is right.</summary>
    public int? Juicy { get; init; }

    /// <summary>How tender it was, -2 (tough) to 2 (too soft); 0 is right.</summary>
    public int? Tender { get; init; }

    /// <summary>What to do next time; at most 500 characters.</summary>
    public string? NextTime { get; init; }

    /// <summary>Weight before, g.</summary>
    public double? RawGrams { get; init; }

    /// <summary>Weight out of the pot, bone and skin with it, g.</summary>
    public double? CookedGrams { get; init; }

    /// <summary>How many times faster than the wall the clock of a rehearsal runs, 1 to 120.</summary>
    public double? Speed { get; init; }

    /// <summary>Seed of the hidden truth of a rehearsal.</summary>
    public long? Seed { get; init; }

    /// <summary>How far the clock of the machine was set forward, s; negative for back.</summary>
    public double? Seconds { get; init; }

    /// <summary>When it happened as it was said, where that cannot be and the moment of hearing stands for it.</summary>
    public DateTimeOffset? SaidAt { get; init; }

    /// <summary>What goes wrong in a rehearsal.</summary>
    public IReadOnlyList<SimulatedFault>? Faults { get; init; }
}

/// <summary>One entry of the journal of a cook. Entries are never changed or removed.</summary>
/// <param name="Id">Unique within the cook.</param>
/// <param name="Kind">What happened.</param>
/// <param name="At">When, on the clock of the cook.</param>
/// <param name="Data">What belongs to it.</param>
public sealed record CookEvent(string Id, CookEventKind Kind, DateTimeOffset At, CookEventData Data);
