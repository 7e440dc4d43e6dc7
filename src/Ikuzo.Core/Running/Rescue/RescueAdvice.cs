using Ikuzo.Core.Cooking;
using Ikuzo.Core.Planning;

namespace Ikuzo.Core.Running.Rescue;

/// <summary>Whether the meat is done.</summary>
public enum CheckVerdict
{
    /// <summary>Every spot is at 74 °C or more, in 99 of 100 such cooks.</summary>
    Done,

    /// <summary>Not known to be safe: cook on.</summary>
    Short,
}

/// <summary>How to cook on.</summary>
public enum RescueMethod
{
    /// <summary>Nothing to do.</summary>
    None,

    /// <summary>Close the lid and go back under pressure.</summary>
    BackUnderPressure,

    /// <summary>Simmer with the lid on, without pressure: dairy or starch is in already.</summary>
    SimmerCovered,

    /// <summary>Take the lump apart, spread the pieces out and go back under pressure.</summary>
    SeparateAndRepeat,
}

/// <summary>A pot that was opened, and what the thermometer said.</summary>
/// <param name="Plan">What went in.</param>
/// <param name="MinutesHeld">Minutes that it was under pressure, 0 to 240.</param>
/// <param name="Release">How the pressure was let go.</param>
/// <param name="Readings">At least one; spots of the cut.</param>
/// <param name="LiquidIsThick">True when dairy or starch is in, so that the pot would scorch under pressure.</param>
public sealed record RescueRequest(
    PlanRequest Plan,
    double MinutesHeld,
    Release Release,
    IReadOnlyList<ProbeReading> Readings,
    bool LiquidIsThick
)
{
    /// <summary>What was cooked on since, each time opened and measured again; empty for a pot that was opened once.</summary>
    public IReadOnlyList<RescueRound> Later { get; init; } = [];

    /// <summary>
    /// Coldest reading of a lump before its pieces were spread out and put in again, °C; null for all else. What is in
    /// <see cref="Readings"/> was then of the lump, and only <see cref="Later"/> counts.
    /// </summary>
    public double? SeparatedAtCelsius { get; init; }

    /// <summary>Readings since the pot was last opened.</summary>
    public IReadOnlyList<ProbeReading> NewestReadings => Later.Count > 0 ? Later[^1].Readings : Readings;
}

/// <summary>A time under the lid after the first.</summary>
/// <param name="UnderPressure">False for a simmer.</param>
/// <param name="MinutesHeld">Minutes at pressure or at a simmer, 0 to 240.</param>
/// <param name="Release">How the pressure was let go; of no matter for a simmer.</param>
/// <param name="Readings">What was measured when it was opened again.</param>
public sealed record RescueRound(bool UnderPressure, double MinutesHeld, Release Release, IReadOnlyList<ProbeReading> Readings)
{
    /// <summary>Minutes from the last reading before it until the lid was on again.</summary>
    public double ReclosedAfterMinutes { get; init; }
}

/// <summary>What to do with an opened pot.</summary>
/// <param name="Verdict">Done or short.</param>
/// <param name="Method">How to cook on.</param>
/// <param name="Minutes">Minutes at pressure, or at a simmer; 0 when done; null when no time that we compute is enough.</param>
/// <param name="Why">In sentences.</param>
/// <param name="Spots">The spots after the rescue, or as they are when done.</param>
public sealed record RescueAdvice(
    CheckVerdict Verdict,
    RescueMethod Method,
    double? Minutes,
    IReadOnlyList<string> Why,
    IReadOnlyList<SpotOutcome> Spots
);
