using System.ComponentModel.DataAnnotations;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Quantities;
using Ikuzo.Core.Running.Rescue;
using Ikuzo.Web.Errors;
using Ikuzo.Web.Features.Kitchen;

namespace Ikuzo.Web.Features.Plans;

/// <summary>A reading of the thermometer.</summary>
/// <param name="Spot">Spot of the cut; see /api/catalogue.</param>
/// <param name="Celsius">Reading, °C, -30 to 130.</param>
/// <param name="AfterOpeningMinutes">Minutes since the lid came off, 0 to 60; 1 unless given.</param>
/// <param name="Scale">Scale in which it was read; °C unless given.</param>
/// <param name="CoveredMinutes">Minutes that the meat stood covered just before, 0 to 60; 0 unless given.</param>
public sealed record ReadingBody(
    [property: Needed, Longest(60)] string? Spot,
    [property: Needed, Limits(ProbeReading.LeastCelsius, ProbeReading.MostCelsius, "°C")] double? Celsius,
    [property: Limits(0, 60, "min")] double? AfterOpeningMinutes,
    TemperatureScale? Scale = null,
    [property: Limits(0, 60, "min")] double? CoveredMinutes = null
);

/// <summary>A pot that was opened and measured.</summary>
public sealed record RescueBody : IValidatableObject
{
    /// <summary>What went in.</summary>
    [Needed]
    public PreviewBody? Plan { get; init; }

    /// <summary>Minutes that it was under pressure, 0 to 240.</summary>
    [Needed]
    [Limits(0, 240, "min")]
    public double? MinutesHeld { get; init; }

    /// <summary>How the pressure was let go; natural unless given.</summary>
    public ReleaseBody? Release { get; init; }

    /// <summary>One to twelve readings.</summary>
    [Needed]
    [Entries(1, 12)]
    public IReadOnlyList<ReadingBody>? Readings { get; init; }

    /// <summary>True when dairy or starch is in.</summary>
    public bool? LiquidIsThick { get; init; }

    /// <summary>Readings are taken at spots of the cut.</summary>
    public IEnumerable<ValidationResult> Validate(ValidationContext validationContext)
    {
        var spots = CutCatalogue.Find(Plan!.Load!.Cut!)!.Spots.Select(s => s.Id).ToArray();
        for (var i = 0; i < Readings!.Count; i++)
        {
            if (!spots.Contains(Readings[i].Spot))
            {
                yield return new($"must be one of {string.Join(", ", spots)}.", [$"{nameof(Readings)}[{i}].{nameof(ReadingBody.Spot)}"]);
            }
        }
    }

    /// <summary>The question for Core. Only for a body without errors.</summary>
    internal RescueRequest ToRequest(UsualKitchen kitchen) =>
        new(
            Plan!.ToRequest(kitchen),
            MinutesHeld!.Value,
            Release?.ToRelease() ?? Core.Cooking.Release.Natural,
            [
                .. Readings!.Select(r => new ProbeReading(r.Spot!, r.Celsius!.Value, r.AfterOpeningMinutes ?? 1)
                {
                    Scale = r.Scale ?? TemperatureScale.Celsius,
                    CoveredMinutes = r.CoveredMinutes ?? 0,
                }),
            ],
            LiquidIsThick ?? false
        );
}
