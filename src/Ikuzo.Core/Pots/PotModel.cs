namespace Ikuzo.Core.Pots;

/// <summary>An electric multicooker as the energy balance sees it.</summary>
public sealed record PotModel
{
    /// <summary>Nominal capacity to the brim, l.</summary>
    public required double CapacityLitres { get; init; }

    /// <summary>Electric power of the heater, W.</summary>
    public required double HeaterWatts { get; init; }

    /// <summary>Least thin liquid that the manual asks for, ml.</summary>
    public required double MinimumLiquidMl { get; init; }

    /// <summary>Usual pressure above the atmosphere on the high setting, kPa. Estimate: 70 to 80.</summary>
    public const double UsualHighGaugeKpa = 75;

    /// <summary>Usual pressure above the atmosphere on the low setting, kPa. Estimate.</summary>
    public const double UsualLowGaugeKpa = 40;

    /// <summary>Pressure above the atmosphere on the high setting, kPa.</summary>
    public double HighGaugeKpa { get; init; } = UsualHighGaugeKpa;

    /// <summary>Pressure above the atmosphere on the low setting, kPa.</summary>
    public double LowGaugeKpa { get; init; } = UsualLowGaugeKpa;

    /// <summary>Share of the electric power that reaches the contents and the hot parts.</summary>
    public double Efficiency { get; init; } = 0.85;

    /// <summary>Heat capacity of inner pot, lid and the parts that warm with them, J/K.</summary>
    public required double ShellJoulePerKelvin { get; init; }

    /// <summary>Heat lost to the kitchen per kelvin above it, W/K.</summary>
    public required double LossWattPerKelvin { get; init; }

    /// <summary>Heat carried off by air and steam before the valve closes, J.</summary>
    public required double PurgeJoule { get; init; }

    /// <summary>Usual level at which such pots keep warm by themselves, °C. Estimate: 60 to 75.</summary>
    public const double UsualKeepWarmCelsius = 65;

    /// <summary>Level at which it keeps warm by itself after the minutes, °C; null when it does not.</summary>
    public double? KeepWarmCelsius { get; init; } = UsualKeepWarmCelsius;

    /// <summary>Inner diameter, m.</summary>
    public required double InnerDiameterMetres { get; init; }

    /// <summary>Height from the floor of the pot to the underside of the lid, m.</summary>
    public required double UsableHeightMetres { get; init; }

    /// <summary>Height of the rack, m. Estimate.</summary>
    public double RackMetres { get; init; } = 0.025;

    /// <summary>Mark that liquid stays under, l; two thirds of the capacity unless the pot says otherwise.</summary>
    public double? FillMarkLitres { get; init; }

    /// <summary>Mark for what foams or swells, l; half of the capacity unless the pot says otherwise.</summary>
    public double? HalfMarkLitres { get; init; }

    /// <summary>Mark that liquid stays under, l.</summary>
    public double FillLitres => FillMarkLitres ?? CapacityLitres * UsualFillShare;

    /// <summary>Mark for what foams or swells, l.</summary>
    public double HalfLitres => HalfMarkLitres ?? CapacityLitres * UsualHalfShare;

    /// <summary>Floor of the pot, m².</summary>
    public double FloorSquareMetres => Math.PI / 4 * InnerDiameterMetres * InnerDiameterMetres;

    private const double UsualFillShare = 2.0 / 3,
        UsualHalfShare = 1.0 / 2; // usual marks of such pots
}

/// <summary>A pot by its name.</summary>
/// <param name="Id">Stable name.</param>
/// <param name="Name">What the household calls it.</param>
/// <param name="Pot">The pot.</param>
public sealed record NamedPot(string Id, string Name, PotModel Pot);

/// <summary>Defaults by capacity, for a pot of which the cook knows no more.</summary>
/// <remarks>
/// Estimates for 3, 5.7, 8 and 10 litres, straight lines between them and the nearest outside. Power and minimum liquid are
/// what such pots usually state; heat capacity follows from 2 to 5 kg of steel and aluminium that warm along, losses from the power
/// that such pots draw to hold (75 to 110 W for 5.7 litres at high pressure), purge from 8 to 20 g of steam.
/// </remarks>
public static class PotDefaults
{
    private static readonly double[] Litres = [3, 5.7, 8, 10];
    private static readonly double[] Watts = [800, 1000, 1200, 1400];
    private static readonly double[] MinimumMl = [250, 250, 375, 500];
    private static readonly double[] ShellJoulePerKelvin = [1400, 2150, 2800, 3300];
    private static readonly double[] LossWattPerKelvin = [0.65, 0.95, 1.1, 1.25];
    private static readonly double[] InnerDiameterMetres = [0.185, 0.220, 0.240, 0.260];
    private static readonly double[] UsableHeightMetres = [0.125, 0.160, 0.185, 0.200];
    private static readonly double[] PurgeJoule = [18_000, 28_000, 38_000, 46_000];

    /// <summary>A pot of a capacity with everything else at its default.</summary>
    /// <param name="capacityLitres">Capacity, l, 1 to 20.</param>
    public static PotModel For(double capacityLitres) =>
        new()
        {
            CapacityLitres = capacityLitres,
            HeaterWatts = Interpolate(Watts, capacityLitres),
            MinimumLiquidMl = Interpolate(MinimumMl, capacityLitres),
            ShellJoulePerKelvin = Interpolate(ShellJoulePerKelvin, capacityLitres),
            LossWattPerKelvin = Interpolate(LossWattPerKelvin, capacityLitres),
            PurgeJoule = Interpolate(PurgeJoule, capacityLitres),
            InnerDiameterMetres = Interpolate(InnerDiameterMetres, capacityLitres),
            UsableHeightMetres = Interpolate(UsableHeightMetres, capacityLitres),
        };

    private static double Interpolate(double[] values, double litres)
    {
        if (litres <= Litres[0])
        {
            return values[0];
        }

        var above = Array.FindIndex(Litres, l => l >= litres);
        if (above < 0)
        {
            return values[^1];
        }

        var share = (litres - Litres[above - 1]) / (Litres[above] - Litres[above - 1]);
        return values[above - 1] + share * (values[above] - values[above - 1]);
    }
}
