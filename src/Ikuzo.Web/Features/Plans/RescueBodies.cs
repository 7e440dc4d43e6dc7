using Ikuzo.Core.Cooking;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Running.Rescue;
using Ikuzo.Web.Errors;
using Ikuzo.Web.Features.Kitchen;

namespace Ikuzo.Web.Features.Plans;

/// <summary>A reading of the thermometer.</summary>
/// <param name="Spot">Spot of the cut; see /api/catalogue.</param>
/// <param name="Celsius">Reading, °C, -30 to 130.</param>
/// <param name="AfterOpeningMinutes">Minutes since the lid came off, 0 to 60; 1 unless given.</param>
public sealed record ReadingBody(string? Spot, double? Celsius, double? AfterOpeningMinutes);

/// <summary>A pot that was opened and measured.</summary>
public sealed record RescueBody
{
    /// <summary>What went in.</summary>
    public PreviewBody? Plan { get; init; }

    /// <summary>Minutes that it was under pressure, 0 to 240.</summary>
    public double? MinutesHeld { get; init; }

    /// <summary>How the pressure was let go; natural unless given.</summary>
    public ReleaseBody? Release { get; init; }

    /// <summary>One to twelve readings.</summary>
    public IReadOnlyList<ReadingBody>? Readings { get; init; }

    /// <summary>True when dairy or starch is in.</summary>
    public bool? LiquidIsThick { get; init; }

    /// <summary>What is wrong, by field.</summary>
    internal FieldErrors Check()
    {
        var errors = (Plan ?? new PreviewBody()).Check("plan.");
        errors.RequiredRange("minutesHeld", MinutesHeld, 0, 240, "min");
        PreviewBody.CheckRelease(errors, "release", Release);
        if (Readings is not { Count: >= 1 and <= 12 })
        {
            errors.Add("readings", "must have one to twelve entries.");
            return errors;
        }

        var spots = Plan?.Load?.Cut is { } cut ? CutCatalogue.Find(cut)?.Spots : null;
        for (var i = 0; i < Readings.Count; i++)
        {
            errors.RequiredRange($"readings[{i}].celsius", Readings[i]?.Celsius, -30, 130, "°C");
            errors.Range($"readings[{i}].afterOpeningMinutes", Readings[i]?.AfterOpeningMinutes, 0, 60, "min");
            if (spots is not null && spots.All(s => s.Id != Readings[i]?.Spot))
            {
                errors.Add($"readings[{i}].spot", $"must be one of {string.Join(", ", spots.Select(s => s.Id))}.");
            }
        }

        return errors;
    }

    /// <summary>The question for Core. Only for a body without errors.</summary>
    internal RescueRequest ToRequest(UsualKitchen kitchen) =>
        new(
            Plan!.ToRequest(kitchen),
            MinutesHeld!.Value,
            Release?.ToRelease() ?? Core.Cooking.Release.Natural,
            [.. Readings!.Select(r => new ProbeReading(r.Spot!, r.Celsius!.Value, r.AfterOpeningMinutes ?? 1))],
            LiquidIsThick ?? false
        );
}
