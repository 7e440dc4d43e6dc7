using Ikuzo.Core.Cooking;
using Ikuzo.Core.Planning;

namespace Ikuzo.Core.Running.Rescue;

/// <summary>Whether the meat is done.</summary>
public enum CheckVerdict
{
    /// <summary>Every spot reads 74 °C or more, and 99 of 100 such cooks are there by the end of the rest that goes with it.</summary>
    Done,

    /// <summary>Not known to be safe: cook on.</summary>
    Short,
}

/// <summary>How to go on, the cheapest first.</summary>
public enum RescueMethod
{
    /// <summary>Nothing to do.</summary>
    None,

    /// <summary>Read again in another place or piece: one reading more may be enough.</summary>
    ReadAgain,

    /// <summary>Lay the lid on, heater off, and read again: the middle goes on warming.</summary>
    LeaveCovered,

    /// <summary>Simmer with the lid on, without pressure: it is quicker, or dairy or starch is in already.</summary>
    SimmerCovered,

    /// <summary>Close the lid and go back under pressure.</summary>
    BackUnderPressure,

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

    /// <summary>
    /// Of them those that count: once it stood covered, what was read before counts only at spots that were hot enough then and were not
    /// read again.
    /// </summary>
    public IReadOnlyList<ProbeReading> Counting =>
        ReadingsThatCount.Of(NewestReadings, r => r.SpotId, r => r.CoveredMinutes, r => r.IsSafe);

    /// <summary>Minutes that it stood covered since it was last opened.</summary>
    public double CoveredMinutes => NewestReadings.Sum(r => r.CoveredMinutes);
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
/// <param name="Minutes">
/// Minutes at pressure, at a simmer or covered; 0 when done or to be read again; null when no time that we compute is enough.
/// </param>
/// <param name="Why">In sentences: what to do, then the cause.</param>
/// <param name="Spots">The spots after that, or as they are when done.</param>
public sealed record RescueAdvice(
    CheckVerdict Verdict,
    RescueMethod Method,
    double? Minutes,
    IReadOnlyList<string> Why,
    IReadOnlyList<SpotOutcome> Spots
)
{
    /// <summary>Minutes that it is left covered before it is served: part of the verdict that it is done; else 0.</summary>
    public double RestMinutes { get; init; }
}
