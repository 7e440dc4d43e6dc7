using System.ComponentModel.DataAnnotations;
using Ikuzo.Core.Companions;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Dishes;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Quantities;
using Ikuzo.Web.Errors;
using Ikuzo.Web.Features.Kitchen;

namespace Ikuzo.Web.Features.Plans;

/// <summary>The meat. Only cut, pieces and weight are needed.</summary>
public sealed record LoadBody : IValidatableObject
{
    private const double LeastCelsius = -40;
    private const double MostCelsius = 40;

    /// <summary>Id of the cut.</summary>
    [Needed]
    [Longest(60)]
    [CutId]
    public string? Cut { get; init; }

    /// <summary>State at lid-on; chilled unless given.</summary>
    public MeatState? State { get; init; }

    /// <summary>Temperature at lid-on, °C, -40 to 40.</summary>
    [Limits(LeastCelsius, MostCelsius, "°C")]
    public double? StartCelsius { get; init; }

    /// <summary>Pieces, 1 to 200.</summary>
    [Needed]
    [Limits(1, MeatLoad.MostPieces)]
    public int? Pieces { get; init; }

    /// <summary>Weight of all, kg, 0.005 to 15.</summary>
    [Needed]
    [Limits(MeatLoad.LeastKg, MeatLoad.MostKg, "kg")]
    public double? TotalKg { get; init; }

    /// <summary>Measured thickness, mm, 3 to 200.</summary>
    [Limits(MeatLoad.LeastThicknessMm, MeatLoad.MostThicknessMm, "mm")]
    public double? ThicknessMm { get; init; }

    /// <summary>Weight of the heaviest piece, kg, of several; at least the average.</summary>
    [Limits(MeatLoad.LeastKg, MeatLoad.MostKg, "kg")]
    public double? HeaviestKg { get; init; }

    /// <summary>How the pieces lie; single unless given.</summary>
    public Arrangement? Arrangement { get; init; }

    /// <summary>Where they lie; on the rack unless given.</summary>
    public Placement? Placement { get; init; }

    /// <summary>Days in the fridge since it was bought fresh or thawed, 0 to 60.</summary>
    [Limits(0, 60, "days")]
    public double? DaysInFridge { get; init; }

    /// <summary>Minutes that it has stood warm in all, 0 to a week; null when nobody said.</summary>
    [Limits(0, MeatLoad.MostStoodMinutes, "min")]
    public double? StoodMinutes { get; init; }

    /// <summary>A temperature at lid-on belongs to a state.</summary>
    public IEnumerable<ValidationResult> Validate(ValidationContext validationContext)
    {
        var (coldest, warmest) = State == MeatState.Frozen ? (LeastCelsius, -2.0) : (-1.0, MostCelsius);
        if (StartCelsius < coldest || StartCelsius > warmest)
        {
            yield return new(LimitsAttribute.Between(coldest, warmest, "°C in this state"), [nameof(StartCelsius)]);
        }

        if (HeaviestKg is { } heaviest && Pieces is { } pieces && TotalKg is { } total && !MeatLoad.CanBeHeaviest(heaviest, pieces, total))
        {
            yield return new(
                "cannot be of this load: of several pieces it is at least the average and less than all.",
                [nameof(HeaviestKg)]
            );
        }

        var thickest = MeatLoad.MostThicknessOf(Pieces ?? 1, TotalKg ?? MeatLoad.MostKg, HeaviestKg, Arrangement ?? default);
        if (ThicknessMm > thickest)
        {
            yield return new(
                FormattableString.Invariant($"cannot be of this load: a piece of this weight is at most {thickest:0} mm thick. ")
                    + "Check the thickness, the weight and the number of pieces.",
                [nameof(ThicknessMm)]
            );
        }
    }

    /// <summary>What is wrong with an aim for a load; nothing for most.</summary>
    internal static IEnumerable<ValidationResult> Unfit(LoadBody? load, Aim? aim) =>
        aim is { } wanted && CutCatalogue.Find(load?.Cut ?? "") is { } cut && !cut.EndsAs(wanted)
            ? [new($"cannot be of {cut.Plural}: only bones and the skin on them give stock. Take a cut with bones.", [nameof(Aim)])]
            : [];

    /// <summary>The body of a load.</summary>
    internal static LoadBody Of(MeatLoad load) =>
        new()
        {
            Cut = load.Cut.Id,
            State = load.State,
            StartCelsius = load.StartCelsius,
            Pieces = load.Pieces,
            TotalKg = load.TotalKg,
            ThicknessMm = load.ThicknessMm,
            HeaviestKg = load.HeaviestKg,
            Arrangement = load.Arrangement,
            Placement = load.Placement,
            DaysInFridge = load.DaysInFridge,
            StoodMinutes = load.StoodMinutes,
        };

    /// <summary>The meat for Core. Only for a body without errors.</summary>
    internal MeatLoad ToLoad() =>
        new()
        {
            Cut = CutCatalogue.Find(Cut!)!,
            State = State ?? MeatState.Chilled,
            StartCelsius = StartCelsius,
            Pieces = Pieces!.Value,
            TotalKg = TotalKg!.Value,
            ThicknessMm = ThicknessMm,
            HeaviestKg = HeaviestKg,
            Arrangement = Arrangement ?? Core.Loads.Arrangement.Single,
            Placement = Placement ?? Core.Loads.Placement.Rack,
            DaysInFridge = DaysInFridge,
            StoodMinutes = StoodMinutes,
        };
}

/// <summary>Something beside the bird.</summary>
/// <param name="Id">Id of the companion.</param>
/// <param name="Grams">Amount, g, 1 to 5,000.</param>
/// <param name="InBowl">True in a bowl on the rack.</param>
/// <param name="Size">How large it is cut; as its name says unless given.</param>
/// <param name="Measure">How much, as the cook measured it; for words only.</param>
public sealed record CompanionBody(
    [property: Needed, Longest(60), CompanionId] string? Id,
    [property: Needed, Limits(BesideItem.LeastGrams, BesideItem.MostGrams, "g")] double? Grams,
    bool? InBowl = null,
    PieceSize? Size = null,
    [property: Longest(40), PlainText] string? Measure = null
);

/// <summary>A release to try.</summary>
/// <param name="Kind">Which way.</param>
/// <param name="RestMinutes">Minutes left alone before venting, 0 to 120.</param>
public sealed record ReleaseBody([property: Needed] ReleaseKind? Kind, [property: Limits(0, 120, "min")] double? RestMinutes)
{
    private const double UsualRestMinutes = 10;

    /// <summary>The body of a release.</summary>
    internal static ReleaseBody Of(Release release) => new(release.Kind, release.RestMinutes);

    /// <summary>The release for Core; null for a body without a kind.</summary>
    internal Release? ToRelease() =>
        Kind is { } kind ? new Release(kind, kind == ReleaseKind.RestThenVent ? RestMinutes ?? UsualRestMinutes : 0) : null;
}

/// <summary>A question to the planner. What is left out comes from the kitchen or is usual for the cut.</summary>
public sealed record PreviewBody : IValidatableObject
{
    /// <summary>The pot; the household's default unless given.</summary>
    public PotBody? Pot { get; init; }

    /// <summary>Altitude, m, -100 to 4,500.</summary>
    [Limits(KitchenSettings.LeastAltitudeMetres, KitchenSettings.MostAltitudeMetres, "m")]
    public double? AltitudeMetres { get; init; }

    /// <summary>Temperature of the kitchen, °C, 5 to 45.</summary>
    [Limits(KitchenSettings.LeastRoomCelsius, KitchenSettings.MostRoomCelsius, "°C")]
    public double? RoomCelsius { get; init; }

    /// <summary>The meat.</summary>
    [Needed]
    public LoadBody? Load { get; init; }

    /// <summary>Thin liquid, ml, 0 to 15,000.</summary>
    [Limits(0, 15_000, "ml")]
    public double? LiquidMl { get; init; }

    /// <summary>What else is in the pot; at most 12.</summary>
    [Entries(0, 12)]
    public IReadOnlyList<CompanionBody>? Companions { get; init; }

    /// <summary>How the meat should end.</summary>
    public Aim? Aim { get; init; }

    /// <summary>Setting of the pot; high unless given.</summary>
    public PressureSetting? Pressure { get; init; }

    /// <summary>What the minutes promise; the household's usual one unless given.</summary>
    public Promise? Promise { get; init; }

    /// <summary>Share of cooks that may need more than the first reading, 0.01 to 0.5; the household's unless given.</summary>
    [Limits(KitchenSettings.LeastReturns, KitchenSettings.MostReturnsAsked)]
    public double? MostReturns { get; init; }

    /// <summary>False for a cook without a thermometer, who is promised to be sure; the household's unless given.</summary>
    public bool? Thermometer { get; init; }

    /// <summary>Minutes to try, 0 to 240.</summary>
    [Limits(0, 240, "min")]
    public double? Minutes { get; init; }

    /// <summary>Release to try.</summary>
    public ReleaseBody? Release { get; init; }

    /// <summary>School to follow where it is safe, or "none"; the household's unless given.</summary>
    [Longest(60)]
    [SchoolId]
    public string? School { get; init; }

    /// <summary>When the lid goes on, with offset; gives the answer a clock.</summary>
    [Moment]
    public DateTimeOffset? LidOnAt { get; init; }

    /// <summary>When it is to be eaten, with offset: then the clock counts back from it, never before the lid can go on.</summary>
    [Moment]
    public DateTimeOffset? EatAt { get; init; }

    /// <summary>True when the meat is browned in the pot first.</summary>
    public bool? Browned { get; init; }

    /// <summary>True when pot and liquid are still hot from what was cooked in it a moment ago.</summary>
    public bool? StartsHot { get; init; }

    /// <summary>False for an answer without what the household has learned.</summary>
    public bool? Learned { get; init; }

    /// <summary>Codes of stops that the cook has seen to, such as "giblets".</summary>
    [Entries(0, 20)]
    [Lines(60)]
    public IReadOnlyList<string>? Confirmed { get; init; }

    /// <summary>Units of the words in the answer; the household's unless given.</summary>
    public UnitSystem? Units { get; init; }

    /// <summary>An aim belongs to a cut.</summary>
    public IEnumerable<ValidationResult> Validate(ValidationContext validationContext) => LoadBody.Unfit(Load, Aim);

    /// <summary>What is promised in a kitchen: who has no thermometer can only be sure.</summary>
    internal Promise PromiseIn(KitchenSettings settings) =>
        Thermometer == false ? Core.Planning.Promise.Sure
        : Promise is { } asked ? asked
        : Thermometer == true ? settings.UsualPromise ?? Core.Planning.Promise.Measured
        : settings.Usual;

    /// <summary>The question for Core, with what was left out taken from the kitchen. Only for a question without errors.</summary>
    internal PlanRequest ToRequest(UsualKitchen kitchen) =>
        new()
        {
            Pot = Pot?.ToModel() ?? kitchen.Pot,
            AltitudeMetres = AltitudeMetres ?? kitchen.Settings.AltitudeMetres,
            RoomCelsius = RoomCelsius ?? kitchen.Settings.RoomCelsius,
            Load = Load!.ToLoad(),
            LiquidMl = LiquidMl,
            Companions =
            [
                .. (Companions ?? []).Select(c => new CompanionLoad(
                    CompanionCatalogue.Find(c.Id!)!,
                    c.Grams!.Value,
                    c.InBowl ?? false,
                    c.Size ?? PieceSize.Usual
                )
                {
                    Measure = c.Measure,
                    MayChange = c.Size is null && c.InBowl is null,
                }),
            ],
            Aim = Aim,
            Pressure = Pressure ?? PressureSetting.High,
            Promise = PromiseIn(kitchen.Settings),
            MostReturns = MostReturns ?? kitchen.Settings.Returns,
            Minutes = Minutes,
            Release = Release?.ToRelease(),
            School = School ?? kitchen.Settings.DefaultSchool,
            LidOnAt = LidOnAt,
            EatAt = EatAt,
            Browned = Browned ?? false,
            StartsHot = StartsHot ?? false,
            Learned = Learned == false ? LearnedDraws.Nothing : kitchen.LearnedOf(Pot, Load.ToLoad().Cut.Id),
            OtherPots = kitchen.Others(Pot),
            Confirmed = Confirmed ?? [],
            Units = Units ?? kitchen.Settings.Units,
        };
}

/// <summary>A load that becomes another: of its typical weight for another cut, each as heavy as before for another number.</summary>
/// <param name="Load">The load before.</param>
/// <param name="Cut">Id of another cut; the same unless given.</param>
/// <param name="Pieces">Another number of pieces; the same, or usual for another cut, unless given.</param>
public sealed record AdaptBody(
    [property: Needed] LoadBody? Load,
    [property: Longest(60), CutId] string? Cut,
    [property: Limits(1, MeatLoad.MostPieces)] int? Pieces
);

/// <summary>A plan of which it is asked what the household's cooks have changed in it.</summary>
/// <param name="Request">The question.</param>
/// <param name="Minutes">The minutes that Ikuzo would set, 0 to 240.</param>
/// <param name="Release">The release that goes with them.</param>
public sealed record LearnedBody(
    [property: Needed] PreviewBody? Request,
    [property: Needed, Limits(0, 240, "min")] double? Minutes,
    [property: Needed] ReleaseBody? Release
);

/// <summary>A plan to keep.</summary>
/// <param name="Name">What the household calls it; at most 80 characters.</param>
/// <param name="Request">The question.</param>
/// <param name="Id">Name that the client gives it; the same again keeps nothing more. A new one unless given.</param>
public sealed record SavePlanBody(
    [property: Needed, Longest(80), PlainText] string? Name,
    [property: Needed] PreviewBody? Request,
    Guid? Id = null
);

/// <summary>A kept plan.</summary>
public sealed record SavedPlan
{
    /// <summary>Stable name.</summary>
    public required string Id { get; init; }

    /// <summary>What the household calls it.</summary>
    public required string Name { get; init; }

    /// <summary>The question.</summary>
    public required PreviewBody Request { get; init; }

    /// <summary>Minutes when it was kept; null for one that was stopped.</summary>
    public required double? Minutes { get; init; }

    /// <summary>Release when it was kept.</summary>
    public required ReleaseBody? Release { get; init; }

    /// <summary>When it was kept.</summary>
    public required DateTimeOffset CreatedAt { get; init; }
}
