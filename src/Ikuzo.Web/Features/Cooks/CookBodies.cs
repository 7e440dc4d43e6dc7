using System.ComponentModel.DataAnnotations;
using System.Globalization;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Dishes;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Quantities;
using Ikuzo.Core.Running.Aftercare;
using Ikuzo.Core.Running.Journal;
using Ikuzo.Core.Running.Rescue;
using Ikuzo.Web.Errors;
using Ikuzo.Web.Features.Dishes;
using Ikuzo.Web.Features.Kitchen;
using Ikuzo.Web.Features.Plans;

namespace Ikuzo.Web.Features.Cooks;

/// <summary>A cook to begin: a plan, or a kept dish.</summary>
public sealed record StartBody : IValidatableObject
{
    /// <summary>Name that the client gives it; the same again answers with what was begun. A new one unless given.</summary>
    public Guid? Id { get; init; }

    /// <summary>When it was begun while the server was away; now unless given, and for what would lie ahead.</summary>
    public DateTimeOffset? BegunAt { get; init; }

    /// <summary>The plan.</summary>
    public PreviewBody? Plan { get; init; }

    /// <summary>A kept dish instead.</summary>
    [Longest(60)]
    public string? DishId { get; init; }

    /// <summary>Which time under the lid of the dish is followed, 1 to 3; the one with meat unless given.</summary>
    [Limits(1, 3)]
    public int? Stage { get; init; }

    /// <summary>
    /// The pot is open already, since so many minutes, 0 to 60: its journal is written back from there. The plan must then say minutes and
    /// release, as they were.
    /// </summary>
    [Limits(0, 60, "min")]
    public double? OpenedMinutesAgo { get; init; }

    /// <summary>What the household calls it; at most 80 characters. Named after its meat unless given.</summary>
    [Longest(80)]
    [PlainText]
    public string? Name { get; init; }

    /// <summary>What of the cold store goes into it.</summary>
    [Longest(60)]
    public string? StoreId { get; init; }

    /// <summary>Codes of stops that were seen to, such as "giblets"; those of the plan count too.</summary>
    [Entries(0, 20)]
    [Lines(60)]
    public IReadOnlyList<string>? Confirmed { get; init; }

    /// <summary>A plan or a dish; and of a pot that is open already, what was done.</summary>
    public IEnumerable<ValidationResult> Validate(ValidationContext validationContext)
    {
        if (Plan is null && DishId is null)
        {
            yield return new(NeededAttribute.Missing, [$"{nameof(Plan)}.{nameof(PreviewBody.Load)}"]);
        }

        if (OpenedMinutesAgo is not null && Plan is not { Minutes: not null, Release: not null })
        {
            yield return new(
                "and release are needed for a pot that is open already: how long it was held, and how the pressure was let go.",
                [$"{nameof(Plan)}.{nameof(PreviewBody.Minutes)}"]
            );
        }
    }
}

/// <summary>More meat in the same pot, as it is kept with a cook.</summary>
/// <param name="Key">Its name within the dish.</param>
/// <param name="Request">The question, as of the first meat.</param>
/// <param name="OtherMeatKg">Meat beside it, kg.</param>
public sealed record OtherMeatBody(string Key, PreviewBody Request, double OtherMeatKg)
{
    /// <summary>Heat that this takes, as kilograms of what is as warm as the kitchen; that of its weight for cooks from before.</summary>
    public double? OtherHeatKg { get; init; }

    /// <summary>What the household had learned that day; nothing for cooks from before.</summary>
    public LearnedDraws? Learned { get; init; }
}

/// <summary>What a cook set out to do, as it is kept with it.</summary>
public sealed record PlannedBody
{
    /// <summary>The question, with the pot, the kitchen, the minutes and the release of that day.</summary>
    public required PreviewBody Request { get; init; }

    /// <summary>The pot, as the household names it; null for one that it does not keep, and for cooks from before.</summary>
    public string? PotId { get; init; }

    /// <summary>What the household had learned that day; nothing for cooks from before.</summary>
    public LearnedDraws? Learned { get; init; }

    /// <summary>Meat beside that of the question, kg.</summary>
    public double OtherMeatKg { get; init; }

    /// <summary>Heat that this takes, as kilograms of what is as warm as the kitchen; that of its weight for cooks from before.</summary>
    public double? OtherHeatKg { get; init; }

    /// <summary>The same meat, each with its own question.</summary>
    public IReadOnlyList<OtherMeatBody> Others { get; init; } = [];

    /// <summary>Steps before the lid.</summary>
    public IReadOnlyList<CookStep> Before { get; init; } = [];

    /// <summary>From lid-on until pressure, min.</summary>
    public required Spread90 ToPressureMinutes { get; init; }

    /// <summary>From the end of the hold until the lid may be opened, min.</summary>
    public required Spread90 ReleaseMinutes { get; init; }

    /// <summary>Minutes that are sure without measuring, where those of the cook are for a thermometer.</summary>
    public double? SureMinutes { get; init; }

    /// <summary>Minutes after the pin has dropped from which it is as sure in the closed pot.</summary>
    public double? SureClosedMinutes { get; init; }

    /// <summary>Minutes since the pin dropped until which it is as good left in the closed pot.</summary>
    public double AsGoodMinutes { get; init; }

    /// <summary>What is wrong with the minutes that the cook chose against the plan; null for minutes that keep their promise.</summary>
    public Warning? TooShort { get; init; }

    /// <summary>Steps after the pot.</summary>
    public required IReadOnlyList<CookStep> After { get; init; }

    /// <summary>Thin liquids with their amounts.</summary>
    public IReadOnlyList<string> Liquids { get; init; } = [];

    /// <summary>What goes in and changes no minutes.</summary>
    public IReadOnlyList<string> Aromatics { get; init; } = [];

    /// <summary>What is fried besides the meat where that is browned, in order.</summary>
    public IReadOnlyList<FryStep> Frying { get; init; } = [];

    /// <summary>What loosens the browned bits.</summary>
    public string? DeglazeWith { get; init; }

    /// <summary>Jobs for free hands.</summary>
    public IReadOnlyList<JobBody> Meanwhile { get; init; } = [];

    /// <summary>A cook that is over and whose plan is known from elsewhere, in a pot of this kitchen.</summary>
    internal static PlannedBody Over(UsualKitchen kitchen, Pot pot, PreviewBody request, Spread90 toPressure, Spread90 release) =>
        new()
        {
            Request = request with
            {
                Pot = pot.ToBody(),
                AltitudeMetres = kitchen.Settings.AltitudeMetres,
                RoomCelsius = kitchen.Settings.RoomCelsius,
            },
            PotId = pot.Id,
            ToPressureMinutes = toPressure,
            ReleaseMinutes = release,
            After = [],
        };

    internal PlannedCook ToCook(UsualKitchen kitchen) =>
        new()
        {
            Request = Then(Request, kitchen, OtherMeatKg, OtherHeatKg, Learned),
            Others = [.. Others.Select(o => new PlannedMeat(o.Key, Then(o.Request, kitchen, o.OtherMeatKg, o.OtherHeatKg, o.Learned)))],
            Before = Before,
            Liquids = Liquids,
            Aromatics = Aromatics,
            Frying = Frying,
            DeglazeWith = DeglazeWith,
            Minutes = Request.Minutes!.Value,
            Release = Request.Release!.ToRelease()!.Value,
            ToPressureMinutes = ToPressureMinutes,
            ReleaseMinutes = ReleaseMinutes,
            SureMinutes = SureMinutes,
            SureClosedMinutes = SureClosedMinutes,
            AsGoodMinutes = AsGoodMinutes,
            After = After,
            Meanwhile = [.. Meanwhile.Select(j => j.ToCore())],
        };

    // The question as it was that day, whatever was learned since.
    private static PlanRequest Then(PreviewBody body, UsualKitchen kitchen, double otherKg, double? otherHeatKg, LearnedDraws? learned) =>
        body.ToRequest(kitchen).WithOtherMeat(otherKg, otherHeatKg) with
        {
            Learned = learned ?? LearnedDraws.Nothing,
        };
}

/// <summary>How a cook ate, what it weighed, what to do next time. What is left out stays as it was said.</summary>
public abstract record TastedBody
{
    /// <summary>How juicy it was, -2 (dry) to 2 (very juicy); 0 is right.</summary>
    [Limits(-2, 2)]
    public int? Juicy { get; init; }

    /// <summary>How tender it was, -2 (tough) to 2 (too soft); 0 is right.</summary>
    [Limits(-2, 2)]
    public int? Tender { get; init; }

    /// <summary>What to do next time.</summary>
    [Longest(500)]
    [PlainText]
    public string? NextTime { get; init; }

    /// <summary>Weight before, g.</summary>
    [Limits(1, 20_000, "g")]
    public double? RawGrams { get; init; }

    /// <summary>Weight out of the pot, bone and skin with it, g.</summary>
    [Limits(1, 20_000, "g")]
    public double? CookedGrams { get; init; }

    internal CookEventData Tasted() =>
        new()
        {
            Juicy = Juicy,
            Tender = Tender,
            NextTime = NextTime?.Trim(),
            RawGrams = RawGrams,
            CookedGrams = CookedGrams,
        };
}

/// <summary>What belongs to an entry; what does not belong to its kind is left out.</summary>
public sealed record EventDataBody : TastedBody
{
    /// <summary>Id of the entry that is corrected or undone.</summary>
    [Longest(40)]
    public string? Of { get; init; }

    /// <summary>Text of a note.</summary>
    [Longest(500)]
    [PlainText]
    public string? Text { get; init; }

    /// <summary>Minutes to cook on.</summary>
    [Limits(0, 240, "min")]
    public double? Minutes { get; init; }

    /// <summary>True to cook on at a simmer.</summary>
    public bool? Simmer { get; init; }

    /// <summary>True when a lump was taken apart first.</summary>
    public bool? Separate { get; init; }

    /// <summary>Id of a step that is done.</summary>
    [Longest(40)]
    public string? Step { get; init; }
}

/// <summary>Something that happened.</summary>
public sealed record EventBody : IValidatableObject
{
    /// <summary>Name that the client gives it; the same again changes nothing.</summary>
    [Needed]
    [Longest(60)]
    [PlainText]
    public string? ClientId { get; init; }

    /// <summary>What.</summary>
    [Needed]
    public CookEventKind? Kind { get; init; }

    /// <summary>When, on the clock of the cook; now unless given.</summary>
    public DateTimeOffset? At { get; init; }

    /// <summary>Id of the newest entry that was known when it was said, empty for none: the clock may have been set since.</summary>
    [Longest(40)]
    public string? Known { get; init; }

    /// <summary>What belongs to it.</summary>
    public EventDataBody? Data { get; init; }

    /// <summary>Some kinds have an address of their own, and some need data.</summary>
    public IEnumerable<ValidationResult> Validate(ValidationContext validationContext)
    {
        if (Kind is CookEventKind.Reading or CookEventKind.Simulated)
        {
            yield return new("has an address of its own: /readings or /simulate.", [nameof(Kind)]);
        }

        if (Kind is CookEventKind.ClockSet)
        {
            yield return new("is noticed and written by the server itself.", [nameof(Kind)]);
        }

        var needed = Kind switch
        {
            CookEventKind.Undone or CookEventKind.Corrected => (nameof(EventDataBody.Of), Data?.Of),
            CookEventKind.StepDone => (nameof(EventDataBody.Step), Data?.Step),
            CookEventKind.Note => (nameof(EventDataBody.Text), Data?.Text),
            CookEventKind.Lengthened => (nameof(EventDataBody.Minutes), Data?.Minutes?.ToString(CultureInfo.InvariantCulture)),
            _ => ("", "none"),
        };
        if (string.IsNullOrWhiteSpace(needed.Item2))
        {
            yield return new(NeededAttribute.Missing, [$"{nameof(Data)}.{needed.Item1}"]);
        }
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
            CookEventKind.Lengthened => new() { Minutes = Math.Min(Data!.Minutes!.Value, EarlyPressure.MostMinutes) },
            CookEventKind.Tasted => Data?.Tasted() ?? CookEventData.None,
            _ => new() { Text = Data?.Text },
        };
}

/// <summary>A reading of the thermometer.</summary>
/// <param name="ClientId">Name that the client gives it; the same again changes nothing.</param>
/// <param name="Spot">Spot of the cut.</param>
/// <param name="Celsius">What the thermometer shows, °C.</param>
/// <param name="Piece">Which piece of a batch, from 1.</param>
/// <param name="At">When, on the clock of the cook; now unless given.</param>
/// <param name="Scale">Scale in which it was read: 165 °F is done, as is 74 °C; that of the household's units unless given.</param>
/// <param name="Known">Id of the newest entry that was known when it was said, empty for none: the clock may have been set since.</param>
public sealed record CookReadingBody(
    [property: Needed, Longest(60), PlainText] string? ClientId,
    [property: Needed, Longest(100)] string? Spot,
    [property: Needed, Limits(ProbeReading.LeastCelsius, ProbeReading.MostCelsius, "°C")] double? Celsius,
    [property: Limits(1, 60)] int? Piece,
    DateTimeOffset? At,
    TemperatureScale? Scale = null,
    [property: Longest(40)] string? Known = null
)
{
    /// <summary>What is wrong with the spot for a cook; null when nothing is.</summary>
    internal IDictionary<string, string[]>? Check(PlannedCook cook)
    {
        var spots = cook.Spots.Select(s => s.Id).ToArray();
        return spots.Contains(Spot) ? null : Problems.OneField("spot", $"must be one of {string.Join(", ", spots)}.");
    }
}

/// <summary>A simulated pot and probe for a cook.</summary>
/// <param name="Speed">How many times faster its clock runs; 1 unless given.</param>
/// <param name="Seed">Seed of the hidden truth; by chance unless given.</param>
/// <param name="Faults">What goes wrong.</param>
public sealed record SimulateBody(
    [property: Limits(1, CookTime.MostSpeed, "times")] double? Speed,
    [property: Limits(0, SimulateBody.MostSeed)] long? Seed,
    [property: Entries(0, 10)] IReadOnlyList<SimulatedFault>? Faults
)
{
    /// <summary>Greatest seed that a number of JavaScript holds exactly.</summary>
    internal const long MostSeed = (1L << 53) - 1;
}

/// <summary>One measured curve.</summary>
/// <param name="Name">Channel of the thermometer.</param>
/// <param name="Minutes">Since lid-on, min.</param>
/// <param name="Celsius">Temperatures, °C.</param>
public sealed record TemperatureChannel(string Name, IReadOnlyList<double> Minutes, IReadOnlyList<double> Celsius);
