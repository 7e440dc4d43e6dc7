using Ikuzo.Core.Companions;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Quantities;
using Ikuzo.Web.Errors;
using Ikuzo.Web.Features.Kitchen;

namespace Ikuzo.Web.Features.Plans;

/// <summary>The meat. Only cut, pieces and weight are needed.</summary>
public sealed record LoadBody
{
    /// <summary>Id of the cut.</summary>
    public string? Cut { get; init; }

    /// <summary>State at lid-on; chilled unless given.</summary>
    public MeatState? State { get; init; }

    /// <summary>Temperature at lid-on, °C, -40 to 40.</summary>
    public double? StartCelsius { get; init; }

    /// <summary>Pieces, 1 to 200.</summary>
    public int? Pieces { get; init; }

    /// <summary>Weight of all, kg, 0.005 to 15.</summary>
    public double? TotalKg { get; init; }

    /// <summary>Measured thickness, mm, 3 to 200.</summary>
    public double? ThicknessMm { get; init; }

    /// <summary>How the pieces lie; single unless given.</summary>
    public Arrangement? Arrangement { get; init; }

    /// <summary>Where they lie; on the rack unless given.</summary>
    public Placement? Placement { get; init; }

    /// <summary>Days in the fridge since it was bought fresh or thawed, 0 to 60.</summary>
    public double? DaysInFridge { get; init; }

    /// <summary>Checks meat that must be there.</summary>
    internal static void Check(FieldErrors errors, LoadBody? load, string at)
    {
        if (load is null)
        {
            errors.Add(at, "is missing.");
            return;
        }

        if (load.Cut is null || CutCatalogue.Find(load.Cut) is null)
        {
            errors.Add($"{at}.cut", load.Cut is null ? "is missing." : "is not a cut that we know; see /api/catalogue.");
        }

        errors.RequiredRange($"{at}.pieces", load.Pieces, 1, MeatLoad.MostPieces, "");
        errors.RequiredRange($"{at}.totalKg", load.TotalKg, MeatLoad.LeastKg, MeatLoad.MostKg, "kg");
        errors.Range($"{at}.thicknessMm", load.ThicknessMm, MeatLoad.LeastThicknessMm, MeatLoad.MostThicknessMm, "mm");
        errors.Range($"{at}.daysInFridge", load.DaysInFridge, 0, 60, "days");
        var (coldest, warmest) = load.State == MeatState.Frozen ? (-40.0, -2.0) : (-1.0, 40.0);
        errors.Range($"{at}.startCelsius", load.StartCelsius, coldest, warmest, "°C in this state");
    }

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
            Arrangement = load.Arrangement,
            Placement = load.Placement,
            DaysInFridge = load.DaysInFridge,
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
            Arrangement = Arrangement ?? Core.Loads.Arrangement.Single,
            Placement = Placement ?? Core.Loads.Placement.Rack,
            DaysInFridge = DaysInFridge,
        };
}

/// <summary>Something beside the bird.</summary>
/// <param name="Id">Id of the companion.</param>
/// <param name="Grams">Amount, g, 1 to 5,000.</param>
/// <param name="InBowl">True in a bowl on the rack.</param>
public sealed record CompanionBody(string? Id, double? Grams, bool? InBowl = null);

/// <summary>A release to try.</summary>
/// <param name="Kind">Which way.</param>
/// <param name="RestMinutes">Minutes left alone before venting, 0 to 120.</param>
public sealed record ReleaseBody(ReleaseKind? Kind, double? RestMinutes)
{
    private const double UsualRestMinutes = 10;

    /// <summary>The release for Core; null for a body without a kind.</summary>
    internal Release? ToRelease() =>
        Kind is { } kind ? new Release(kind, kind == ReleaseKind.RestThenVent ? RestMinutes ?? UsualRestMinutes : 0) : null;
}

/// <summary>A question to the planner. What is left out comes from the kitchen or is usual for the cut.</summary>
public sealed record PreviewBody
{
    /// <summary>The pot; the household's default unless given.</summary>
    public PotBody? Pot { get; init; }

    /// <summary>Altitude, m, -100 to 4,500.</summary>
    public double? AltitudeMetres { get; init; }

    /// <summary>Temperature of the kitchen, °C, 5 to 45.</summary>
    public double? RoomCelsius { get; init; }

    /// <summary>The meat.</summary>
    public LoadBody? Load { get; init; }

    /// <summary>Thin liquid, ml, 0 to 15,000.</summary>
    public double? LiquidMl { get; init; }

    /// <summary>What else is in the pot; at most 12.</summary>
    public IReadOnlyList<CompanionBody>? Companions { get; init; }

    /// <summary>How the meat should end.</summary>
    public Aim? Aim { get; init; }

    /// <summary>Setting of the pot; high unless given.</summary>
    public PressureSetting? Pressure { get; init; }

    /// <summary>Minutes to try, 0 to 240.</summary>
    public double? Minutes { get; init; }

    /// <summary>Release to try.</summary>
    public ReleaseBody? Release { get; init; }

    /// <summary>School to follow where it is safe, or "none"; the household's unless given.</summary>
    public string? School { get; init; }

    /// <summary>When the lid goes on, with offset; gives the answer a clock.</summary>
    public DateTimeOffset? LidOnAt { get; init; }

    /// <summary>True when the meat is browned in the pot first.</summary>
    public bool? Browned { get; init; }

    /// <summary>Codes of stops that the cook has seen to, such as "giblets".</summary>
    public IReadOnlyList<string>? Confirmed { get; init; }

    /// <summary>Units of the words in the answer; the household's unless given.</summary>
    public UnitSystem? Units { get; init; }

    /// <summary>What is wrong with the question, by field.</summary>
    internal FieldErrors Check(string at = "")
    {
        var errors = new FieldErrors();
        Pot?.Check(errors, $"{at}pot.");
        errors.Range($"{at}altitudeMetres", AltitudeMetres, -100, 4500, "m");
        errors.Range($"{at}roomCelsius", RoomCelsius, 5, 45, "°C");
        errors.Range($"{at}liquidMl", LiquidMl, 0, 15_000, "ml");
        errors.Range($"{at}minutes", Minutes, 0, 240, "min");
        CheckRelease(errors, $"{at}release", Release);
        errors.KnownSchool($"{at}school", School);
        LoadBody.Check(errors, Load, $"{at}load");
        CheckLists(errors, at);
        if (LidOnAt is { Year: < 2000 or > 2200 })
        {
            errors.Add($"{at}lidOnAt", "must lie between the years 2000 and 2200.");
        }

        return errors;
    }

    /// <summary>Checks a release that may be missing.</summary>
    internal static void CheckRelease(FieldErrors errors, string field, ReleaseBody? release)
    {
        errors.Range($"{field}.restMinutes", release?.RestMinutes, 0, 120, "min");
        if (release is { Kind: null })
        {
            errors.Add($"{field}.kind", "is missing.");
        }
    }

    private void CheckLists(FieldErrors errors, string at)
    {
        var companions = Companions ?? [];
        if (companions.Count > 12 || Confirmed?.Count > 20)
        {
            errors.Add(companions.Count > 12 ? $"{at}companions" : $"{at}confirmed", "has too many entries.");
        }

        for (var i = 0; i < companions.Count; i++)
        {
            errors.RequiredRange($"{at}companions[{i}].grams", companions[i]?.Grams, 1, 5000, "g");
            if (companions[i]?.Id is not { } id || CompanionCatalogue.Find(id) is null)
            {
                errors.Add($"{at}companions[{i}].id", "is not a companion that we know; see /api/catalogue.");
            }
        }
    }

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
                .. (Companions ?? []).Select(c => new CompanionLoad(CompanionCatalogue.Find(c.Id!)!, c.Grams!.Value, c.InBowl ?? false)),
            ],
            Aim = Aim,
            Pressure = Pressure ?? PressureSetting.High,
            Minutes = Minutes,
            Release = Release?.ToRelease(),
            School = School ?? kitchen.Settings.DefaultSchool,
            LidOnAt = LidOnAt,
            Browned = Browned ?? false,
            OtherPots = kitchen.Others(Pot?.ToModel()),
            Confirmed = Confirmed ?? [],
            Units = Units ?? kitchen.Settings.Units,
        };
}

/// <summary>A plan to keep.</summary>
/// <param name="Name">What the household calls it; at most 80 characters.</param>
/// <param name="Request">The question.</param>
public sealed record SavePlanBody(string? Name, PreviewBody? Request);

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
