using System.ComponentModel.DataAnnotations;
using System.Text.Json;
using Ikuzo.Core.Book;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Dishes;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Quantities;
using Ikuzo.Core.Running.Rescue;
using Ikuzo.Core.Store;
using Ikuzo.Web.Data;
using Ikuzo.Web.Errors;

namespace Ikuzo.Web.Features.Kitchen;

/// <summary>A pot of the household.</summary>
public sealed record Pot
{
    /// <summary>Stable name.</summary>
    public required string Id { get; init; }

    /// <summary>What the household calls it.</summary>
    public required string Name { get; init; }

    /// <summary>Capacity, l.</summary>
    public required double CapacityLitres { get; init; }

    /// <summary>Power, W.</summary>
    public required double HeaterWatts { get; init; }

    /// <summary>Least thin liquid by its manual, ml.</summary>
    public required double MinimumLiquidMl { get; init; }

    /// <summary>Pressure on high, kPa above the atmosphere.</summary>
    public required double HighGaugeKpa { get; init; }

    /// <summary>Pressure on low, kPa above the atmosphere.</summary>
    public required double LowGaugeKpa { get; init; }

    /// <summary>Inner diameter, mm, 80 to 500; usual for its capacity unless given.</summary>
    public double? InnerDiameterMm { get; init; }

    /// <summary>From the floor to the underside of the lid, mm, 50 to 500; usual for its capacity unless given.</summary>
    public double? UsableHeightMm { get; init; }

    /// <summary>Height of the rack, mm, 0 to 150; 25 unless given.</summary>
    public double? RackMm { get; init; }

    /// <summary>Mark that liquid stays under, l, at most the capacity; two thirds of it unless given.</summary>
    public double? FillMarkLitres { get; init; }

    /// <summary>Mark for what foams or swells, l, at most the capacity; half of it unless given.</summary>
    public double? HalfMarkLitres { get; init; }

    /// <summary>False for a pot that does not keep warm by itself after the minutes; true unless given.</summary>
    public bool? KeepsWarm { get; init; }

    /// <summary>Level at which it keeps warm, °C, 50 to 85; 65 unless given.</summary>
    public double? KeepWarmCelsius { get; init; }

    /// <summary>True for the pot that is used when none is named.</summary>
    public required bool IsDefault { get; init; }

    /// <summary>What it is now; a change may name it in If-Match.</summary>
    public string Version => Versions.Of(JsonSerializer.Serialize(ToBody()));

    /// <summary>The pot as the energy balance sees it.</summary>
    internal PotModel ToModel() => ToBody().ToModel();

    /// <summary>The pot as it was entered.</summary>
    internal PotBody ToBody() =>
        new()
        {
            Name = Name,
            CapacityLitres = CapacityLitres,
            HeaterWatts = HeaterWatts,
            MinimumLiquidMl = MinimumLiquidMl,
            HighGaugeKpa = HighGaugeKpa,
            LowGaugeKpa = LowGaugeKpa,
            InnerDiameterMm = InnerDiameterMm,
            UsableHeightMm = UsableHeightMm,
            RackMm = RackMm,
            FillMarkLitres = FillMarkLitres,
            HalfMarkLitres = HalfMarkLitres,
            KeepsWarm = KeepsWarm,
            KeepWarmCelsius = KeepWarmCelsius,
            IsDefault = IsDefault,
        };
}

/// <summary>A pot as it is entered: only the capacity is needed, the rest has defaults by capacity.</summary>
public sealed record PotBody : IValidatableObject
{
    private const double LeastMarkLitres = 0.3;

    /// <summary>Id of a pot of the household, which tells it from another of the same make; not needed for others.</summary>
    [Longest(60)]
    public string? Id { get; init; }

    /// <summary>What the household calls it; at most 60 characters.</summary>
    [Longest(60)]
    [PlainText]
    public string? Name { get; init; }

    /// <summary>Capacity, l, 1 to 20.</summary>
    [Needed]
    [Limits(1, 20, "l")]
    public double? CapacityLitres { get; init; }

    /// <summary>Power, W, 200 to 4,000.</summary>
    [Limits(200, 4000, "W")]
    public double? HeaterWatts { get; init; }

    /// <summary>Least thin liquid by its manual, ml, 50 to 2,000.</summary>
    [Limits(50, 2000, "ml")]
    public double? MinimumLiquidMl { get; init; }

    /// <summary>Pressure on high, kPa above the atmosphere, 20 to 120.</summary>
    [Limits(20, 120, "kPa")]
    public double? HighGaugeKpa { get; init; }

    /// <summary>Pressure on low, kPa above the atmosphere, 10 to 100.</summary>
    [Limits(10, 100, "kPa")]
    public double? LowGaugeKpa { get; init; }

    /// <summary>Inner diameter, mm, 80 to 500; usual for its capacity unless given.</summary>
    [Limits(80, 500, "mm")]
    public double? InnerDiameterMm { get; init; }

    /// <summary>From the floor to the underside of the lid, mm, 50 to 500; usual for its capacity unless given.</summary>
    [Limits(50, 500, "mm")]
    public double? UsableHeightMm { get; init; }

    /// <summary>Height of the rack, mm, 0 to 150; 25 unless given.</summary>
    [Limits(0, 150, "mm")]
    public double? RackMm { get; init; }

    /// <summary>Mark that liquid stays under, l, at most the capacity; two thirds of it unless given.</summary>
    [Limits(LeastMarkLitres, 20, "l")]
    public double? FillMarkLitres { get; init; }

    /// <summary>Mark for what foams or swells, l, at most the capacity; half of it unless given.</summary>
    [Limits(LeastMarkLitres, 20, "l")]
    public double? HalfMarkLitres { get; init; }

    /// <summary>False for a pot that does not keep warm by itself after the minutes; true unless given.</summary>
    public bool? KeepsWarm { get; init; }

    /// <summary>Level at which it keeps warm, °C, 50 to 85; 65 unless given.</summary>
    [Limits(50, 85, "°C")]
    public double? KeepWarmCelsius { get; init; }

    /// <summary>True to use it when no pot is named.</summary>
    public bool? IsDefault { get; init; }

    /// <summary>Marks lie within the pot, and low pressure below high.</summary>
    public IEnumerable<ValidationResult> Validate(ValidationContext validationContext)
    {
        foreach (var (mark, name) in new[] { (FillMarkLitres, nameof(FillMarkLitres)), (HalfMarkLitres, nameof(HalfMarkLitres)) })
        {
            if (mark > CapacityLitres)
            {
                yield return new(LimitsAttribute.Between(LeastMarkLitres, CapacityLitres!.Value, "l"), [name]);
            }
        }

        if (LowGaugeKpa > (HighGaugeKpa ?? PotModel.UsualHighGaugeKpa))
        {
            yield return new("must not be above the high pressure.", [nameof(LowGaugeKpa)]);
        }
    }

    internal PotModel ToModel()
    {
        var usual = PotDefaults.For(CapacityLitres!.Value);
        return usual with
        {
            HeaterWatts = HeaterWatts ?? usual.HeaterWatts,
            MinimumLiquidMl = MinimumLiquidMl ?? usual.MinimumLiquidMl,
            HighGaugeKpa = HighGaugeKpa ?? usual.HighGaugeKpa,
            LowGaugeKpa = LowGaugeKpa ?? Math.Min(usual.LowGaugeKpa, HighGaugeKpa ?? usual.HighGaugeKpa),
            InnerDiameterMetres = InnerDiameterMm / 1000 ?? usual.InnerDiameterMetres,
            UsableHeightMetres = UsableHeightMm / 1000 ?? usual.UsableHeightMetres,
            RackMetres = RackMm / 1000 ?? usual.RackMetres,
            FillMarkLitres = FillMarkLitres,
            HalfMarkLitres = HalfMarkLitres,
            KeepWarmCelsius = KeepsWarm == false ? null : KeepWarmCelsius ?? PotModel.UsualKeepWarmCelsius,
        };
    }

    internal Pot ToPot(string id)
    {
        var model = ToModel();
        return new Pot
        {
            Id = id,
            Name = Name!.Trim(),
            CapacityLitres = model.CapacityLitres,
            HeaterWatts = model.HeaterWatts,
            MinimumLiquidMl = model.MinimumLiquidMl,
            HighGaugeKpa = model.HighGaugeKpa,
            LowGaugeKpa = model.LowGaugeKpa,
            InnerDiameterMm = InnerDiameterMm,
            UsableHeightMm = UsableHeightMm,
            RackMm = RackMm,
            FillMarkLitres = FillMarkLitres,
            HalfMarkLitres = HalfMarkLitres,
            KeepsWarm = KeepsWarm,
            KeepWarmCelsius = KeepWarmCelsius,
            IsDefault = IsDefault ?? false,
        };
    }
}

/// <summary>The household's kitchen, without its pots.</summary>
public sealed record KitchenSettings
{
    internal const double LeastAltitudeMetres = -100;
    internal const double MostAltitudeMetres = 4500;
    internal const double LeastRoomCelsius = 5;
    internal const double MostRoomCelsius = 45;

    /// <summary>What the household calls it; at most 60 characters.</summary>
    [Needed]
    [Longest(60)]
    [PlainText]
    public required string Name { get; init; }

    /// <summary>Altitude, m, -100 to 4,500.</summary>
    [Limits(LeastAltitudeMetres, MostAltitudeMetres, "m")]
    public required double AltitudeMetres { get; init; }

    /// <summary>Usual temperature, °C, 5 to 45.</summary>
    [Limits(LeastRoomCelsius, MostRoomCelsius, "°C")]
    public required double RoomCelsius { get; init; }

    /// <summary>Units on screen.</summary>
    public required UnitSystem Units { get; init; }

    /// <summary>Id of the school that the household follows where it is safe; null for what is computed.</summary>
    [Longest(60)]
    [SchoolId]
    public string? DefaultSchool { get; init; }

    /// <summary>What the thermometer shows in stirred ice water, °C, -10 to 10; null when it was not checked.</summary>
    [Limits(-10, 10, "°C")]
    public double? IceCelsius { get; init; }

    /// <summary>What it shows in boiling water in this kitchen, °C, 70 to 115; null when it was not checked.</summary>
    [Limits(70, 115, "°C")]
    public double? BoilingCelsius { get; init; }

    /// <summary>Whether the household has a thermometer; null until it has said so.</summary>
    public bool? HasThermometer { get; init; }

    internal const double LeastReturns = 0.01;
    internal const double MostReturnsAsked = 0.5;

    /// <summary>What minutes usually promise; with a thermometer that it decides, without one to be sure, unless given.</summary>
    public Promise? UsualPromise { get; init; }

    /// <summary>Share of cooks that may need more than the first reading, 0.01 to 0.5; 0.2 unless given.</summary>
    [Limits(LeastReturns, MostReturnsAsked)]
    public double? MostReturns { get; init; }

    /// <summary>Days that raw poultry is kept in the fridge, 0.5 to 2; 2 unless given.</summary>
    [Limits(0.5, 2, "days")]
    public double? RawDays { get; init; }

    /// <summary>Days that cooked food is kept in the fridge, 1 to 4; 4 unless given.</summary>
    [Limits(1, 4, "days")]
    public double? CookedDays { get; init; }

    /// <summary>How strict the household is with what is in the cold: stricter than the rules, or as they are.</summary>
    internal StoreHabits Habits => new(RawDays ?? 2, CookedDays ?? 4, RoomCelsius);

    /// <summary>The usual promise: never one that needs a thermometer before the household has said that it has one.</summary>
    internal Promise Usual => HasThermometer == true ? UsualPromise ?? Promise.Measured : Promise.Sure;

    /// <summary>The share that may need more than the first reading: said, or usual.</summary>
    internal double Returns => MostReturns ?? Readiness.UsualMostReturns;

    /// <summary>The check of the thermometer at this altitude; null when it is not complete.</summary>
    internal ThermometerCheck? Thermometer =>
        IceCelsius is { } ice && BoilingCelsius is { } boiling
            ? new(ice, boiling, Core.Physics.Saturation.PotCelsius(AltitudeMetres, 0))
            : null;
}

/// <summary>What a question is computed with when it does not say otherwise.</summary>
/// <param name="Settings">Settings.</param>
/// <param name="Kept">All pots of the household, the default first.</param>
/// <param name="Learned">What the household has learned.</param>
internal sealed record UsualKitchen(KitchenSettings Settings, IReadOnlyList<Pot> Kept, Learned Learned)
{
    /// <summary>
    /// The pot of the household that is meant, by its id; by its figures where no id was said, the default where nothing was; null for
    /// another.
    /// </summary>
    public Pot? Own(PotBody? pot) =>
        pot is null ? Kept[0]
        : pot.Id is { } id ? Kept.FirstOrDefault(p => p.Id == id)
        : Own(pot.ToModel());

    /// <summary>The pot of the household with these figures, the first of several of one make; null for another.</summary>
    public Pot? Own(PotModel pot) => Kept.FirstOrDefault(p => p.ToModel() == pot);

    /// <summary>The way to cook a dish that was chosen of late; null where nobody looked, and where there is none.</summary>
    public WayId? UsualWay { get; init; }

    /// <summary>What was learned of a pot and a cut.</summary>
    public LearnedDraws LearnedOf(PotBody? pot, string cut) => Learned.Draws(Own(pot)?.Id, pot?.CapacityLitres ?? Pot.CapacityLitres, cut);

    /// <summary>All pots by name.</summary>
    public IReadOnlyList<NamedPot> Pots { get; } = [.. Kept.Select(p => new NamedPot(p.Id, p.Name, p.ToModel()))];

    /// <summary>The pot that is used when none is named.</summary>
    public PotModel Pot => Pots[0].Pot;

    /// <summary>All pots but the one that is used: one said, or the default.</summary>
    public IReadOnlyList<NamedPot> Others(PotBody? used) => Own(used) is { } own ? [.. Pots.Where(p => p.Id != own.Id)] : Pots;
}

/// <summary>Settings and pots.</summary>
/// <param name="Settings">Settings.</param>
/// <param name="Pots">Pots, the default first.</param>
/// <param name="BoilingCelsius">Boiling point at this altitude, °C.</param>
/// <param name="Thermometer">What the check of the thermometer says; null when it was not checked.</param>
/// <param name="Version">What the settings are now; a change may name it in If-Match.</param>
public sealed record KitchenView(
    KitchenSettings Settings,
    IReadOnlyList<Pot> Pots,
    double BoilingCelsius,
    ThermometerView? Thermometer,
    string Version
);

/// <summary>What the check of the thermometer says.</summary>
/// <param name="OffsetKelvin">By how much it reads too hot at 74 °C, K; negative for too cold.</param>
/// <param name="IsUsable">False for one that should be replaced.</param>
public sealed record ThermometerView(double OffsetKelvin, bool IsUsable);
