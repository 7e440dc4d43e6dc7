using Ikuzo.Core.Cooking;
using Ikuzo.Core.LineUps;
using Ikuzo.Core.Planning;

namespace Ikuzo.Core.Running;

/// <summary>A step after the pot: what to do and for how long.</summary>
/// <param name="Id">Stable within the cook.</param>
/// <param name="Text">What to do.</param>
/// <param name="Minutes">How long, min.</param>
public sealed record AfterStep(string Id, string Text, double Minutes);

/// <summary>What a cook set out to do: the question, and of its answer what the running cook is held against.</summary>
public sealed record PlannedCook
{
    /// <summary>The question, with the pot and kitchen of that day.</summary>
    public required PlanRequest Request { get; init; }

    /// <summary>Minutes under pressure.</summary>
    public required double Minutes { get; init; }

    /// <summary>How the pressure is let go.</summary>
    public required Release Release { get; init; }

    /// <summary>From lid-on until pressure, min.</summary>
    public required Spread90 ToPressureMinutes { get; init; }

    /// <summary>From the end of the hold until the lid may be opened, min.</summary>
    public required Spread90 ReleaseMinutes { get; init; }

    /// <summary>Steps after the pot, in order.</summary>
    public IReadOnlyList<AfterStep> After { get; init; } = [];

    /// <summary>Jobs for free hands.</summary>
    public IReadOnlyList<HandsFreeJob> Meanwhile { get; init; } = [];

    /// <summary>The cook that a plan describes; null for a plan with a stop.</summary>
    public static PlannedCook? Of(PlanRequest request, Plan plan) => plan is { Minutes: { } minutes, Release: { } release, ToPressureMinutes: { } up, ReleaseMinutes: { } down }
        ? new() { Request = request, Minutes = minutes, Release = release, ToPressureMinutes = up, ReleaseMinutes = down, After = Aftercare.Steps(request, 0, []) }
        : null;
}
