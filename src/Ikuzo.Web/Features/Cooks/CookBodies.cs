using Ikuzo.Core.Cooking;
using Ikuzo.Core.LineUps;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Quantities;
using Ikuzo.Core.Running.Aftercare;
using Ikuzo.Core.Running.Journal;
using Ikuzo.Web.Errors;
using Ikuzo.Web.Features.Dishes;
using Ikuzo.Web.Features.Kitchen;
using Ikuzo.Web.Features.Plans;

namespace Ikuzo.Web.Features.Cooks;

/// <summary>A cook to begin: a plan, or a kept dish.</summary>
public sealed record StartBody
{
    /// <summary>The plan.</summary>
    public PreviewBody? Plan { get; init; }

    /// <summary>A kept dish instead.</summary>
    public string? DishId { get; init; }

    /// <summary>Which time under the lid of the dish is followed, 1 to 3; the one with meat unless given.</summary>
    public int? Stage { get; init; }

    /// <summary>
    /// The pot is open already, since so many minutes, 0 to 60: its journal is written back from there. The plan must then say minutes and
    /// release,
    /// as they were.
    /// </summary>
    public double? OpenedMinutesAgo { get; init; }

    /// <summary>What the household calls it; at most 80 characters. Named after its meat unless given.</summary>
    public string? Name { get; init; }

    internal FieldErrors Check()
    {
        var errors = DishId is null ? (Plan ?? new PreviewBody()).Check("plan.") : new FieldErrors();
        errors.PlainText("name", Name, 80);
        errors.Range("stage", Stage, 1, 3, "");
        errors.Range("openedMinutesAgo", OpenedMinutesAgo, 0, 60, "min");
        if (OpenedMinutesAgo is not null && Plan is not { Minutes: not null, Release: not null })
        {
            errors.Add(
                "plan.minutes",
                "and release are needed for a pot that is open already: how long it was held, and how the pressure was let go."
            );
        }

        return errors;
    }
}

/// <summary>More meat in the same pot, as it is kept with a cook.</summary>
/// <param name="Key">Its name within the dish.</param>
/// <param name="Request">The question, as of the first meat.</param>
/// <param name="OtherMeatKg">Meat beside it, kg.</param>
public sealed record OtherMeatBody(string Key, PreviewBody Request, double OtherMeatKg);

/// <summary>What a cook set out to do, as it is kept with it.</summary>
public sealed record PlannedBody
{
    /// <summary>The question, with the pot, the kitchen, the minutes and the release of that day.</summary>
    public required PreviewBody Request { get; init; }

    /// <summary>Meat beside that of the question, kg.</summary>
    public double OtherMeatKg { get; init; }

    /// <summary>The same meat, each with its own question.</summary>
    public IReadOnlyList<OtherMeatBody> Others { get; init; } = [];

    /// <summary>Steps before the lid.</summary>
    public IReadOnlyList<CookStep> Before { get; init; } = [];

    /// <summary>From lid-on until pressure, min.</summary>
    public required Spread90 ToPressureMinutes { get; init; }

    /// <summary>From the end of the hold until the lid may be opened, min.</summary>
    public required Spread90 ReleaseMinutes { get; init; }

    /// <summary>Steps after the pot.</summary>
    public required IReadOnlyList<CookStep> After { get; init; }

    /// <summary>Jobs for free hands.</summary>
    public IReadOnlyList<JobBody> Meanwhile { get; init; } = [];

    internal PlannedCook ToCook(UsualKitchen kitchen) =>
        new()
        {
            Request = Request.ToRequest(kitchen).WithOtherMeat(OtherMeatKg),
            Others = [.. Others.Select(o => new PlannedMeat(o.Key, o.Request.ToRequest(kitchen).WithOtherMeat(o.OtherMeatKg)))],
            Before = Before,
            Minutes = Request.Minutes!.Value,
            Release = Request.Release!.ToRelease()!.Value,
            ToPressureMinutes = ToPressureMinutes,
            ReleaseMinutes = ReleaseMinutes,
            After = After,
            Meanwhile = [.. Meanwhile.Select(j => new HandsFreeJob(j.Text!, j.Minutes!.Value))],
        };
}

/// <summary>Something that happened.</summary>
public sealed record EventBody
{
    /// <summary>Name that the client gives it, at most 60 characters; the same again changes nothing.</summary>
    public string? ClientId { get; init; }

    /// <summary>What.</summary>
    public CookEventKind? Kind { get; init; }

    /// <summary>When, on the clock of the cook; now unless given.</summary>
    public DateTimeOffset? At { get; init; }

    /// <summary>What belongs to it.</summary>
    public CookEventData? Data { get; init; }

    internal FieldErrors Check()
    {
        var errors = new FieldErrors();
        errors.RequiredPlainText("clientId", ClientId, 60);
        if (Kind is null or CookEventKind.Reading or CookEventKind.Simulated)
        {
            errors.Add("kind", Kind is null ? "is missing." : "has an address of its own: /readings or /simulate.");
        }

        var data = Data ?? CookEventData.None;
        errors.PlainText("data.text", data.Text, 500);
        errors.Range("data.minutes", data.Minutes, 0, 240, "min");
        if (Kind is CookEventKind.Undone or CookEventKind.Corrected)
        {
            errors.RequiredText("data.of", data.Of, 40);
        }

        if (Kind == CookEventKind.StepDone)
        {
            errors.RequiredText("data.step", data.Step, 40);
        }

        if (Kind == CookEventKind.Note)
        {
            errors.RequiredText("data.text", data.Text, 500);
        }

        return errors;
    }

    /// <summary>Only what belongs to the kind is kept.</summary>
    internal CookEventData Kept() =>
        Kind switch
        {
            CookEventKind.Undone or CookEventKind.Corrected => new() { Of = Data!.Of },
            CookEventKind.BackUnderPressure => new()
            {
                Minutes = Data?.Minutes,
                Simmer = Data?.Simmer,
                Separate = Data?.Separate,
            },
            CookEventKind.StepDone => new() { Step = Data!.Step },
            _ => new() { Text = Data?.Text },
        };
}

/// <summary>A reading of the thermometer.</summary>
/// <param name="ClientId">Name that the client gives it; the same again changes nothing.</param>
/// <param name="Spot">Spot of the cut.</param>
/// <param name="Celsius">What the thermometer shows, °C, -30 to 130.</param>
/// <param name="Piece">Which piece of a batch, from 1.</param>
/// <param name="At">When, on the clock of the cook; now unless given.</param>
public sealed record CookReadingBody(string? ClientId, string? Spot, double? Celsius, int? Piece, DateTimeOffset? At)
{
    internal FieldErrors Check(PlannedCook cook)
    {
        var errors = new FieldErrors();
        errors.RequiredPlainText("clientId", ClientId, 60);
        errors.RequiredRange("celsius", Celsius, -30, 130, "°C");
        errors.Range("piece", Piece, 1, 60, "");
        var spots = cook.Spots;
        if (spots.All(s => s.Id != Spot))
        {
            errors.Add("spot", $"must be one of {string.Join(", ", spots.Select(s => s.Id))}.");
        }

        return errors;
    }
}

/// <summary>A simulated pot and probe for a cook.</summary>
/// <param name="Speed">How many times faster its clock runs, 1 to 120; 1 unless given.</param>
/// <param name="Seed">Seed of the hidden truth; by chance unless given.</param>
/// <param name="Faults">What goes wrong.</param>
public sealed record SimulateBody(double? Speed, long? Seed, IReadOnlyList<SimulatedFault>? Faults)
{
    internal FieldErrors Check()
    {
        var errors = new FieldErrors();
        errors.Range("speed", Speed, 1, CookTime.MostSpeed, "times");
        errors.Range("seed", Seed, 0, long.MaxValue, "");
        if (Faults?.Count > 10)
        {
            errors.Add("faults", "has too many entries.");
        }

        return errors;
    }
}

/// <summary>One measured curve.</summary>
/// <param name="Name">Channel of the thermometer.</param>
/// <param name="Minutes">Since lid-on, min.</param>
/// <param name="Celsius">Temperatures, °C.</param>
public sealed record TemperatureChannel(string Name, IReadOnlyList<double> Minutes, IReadOnlyList<double> Celsius);
