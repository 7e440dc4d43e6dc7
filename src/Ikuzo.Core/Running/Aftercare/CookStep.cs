using Ikuzo.Core.LineUps;

namespace Ikuzo.Core.Running.Aftercare;

/// <summary>A step before or after the meat's own time under the lid: what to do and for how long.</summary>
/// <param name="Id">Stable within the cook.</param>
/// <param name="Text">What to do.</param>
/// <param name="Minutes">How long, min.</param>
/// <param name="Waits">True when the pot works alone so long, and nothing is asked of the hands.</param>
public sealed record CookStep(string Id, string Text, double Minutes, bool Waits = false)
{
    /// <summary>The step in a word or three, for large type; null for the phase that it is in.</summary>
    public string? Title { get; init; }

    /// <summary>What it needs; null for the pot while it waits, else the hands.</summary>
    public LineUpLane? Lane { get; init; }

    /// <summary>True for letting the pressure go in bursts.</summary>
    public bool InBursts { get; init; }
}
