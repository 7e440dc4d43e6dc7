namespace Ikuzo.Core.Physics;

/// <summary>
/// A material as the conduction solver sees it: enthalpy and conductivity as closed forms of temperature, with freezing.
/// </summary>
/// <remarks>
/// Above the freezing point c(T) = C0 + C1 T and k(T) = K0 + K1 T + K2 T². Below it, with ice fraction
/// x = X (1 - Tf/T) (ASHRAE Refrigeration ch. 19, equation 4), enthalpy from the freezing point is
/// h = Cf (T - Tf) - L X (1 - Tf/T) (the form of Schwartzberg 1976, ibid. equation 17), which inverts through a
/// quadratic, and conductivity is K0 + x Kice. Enthalpy is zero at the freezing point.
/// </remarks>
public sealed record ThermalMaterial
{
    /// <summary>Density, kg/m³, taken as constant.</summary>
    public required double DensityKgPerM3 { get; init; }

    /// <summary>Heat capacity above freezing at 0 °C, J/kg K.</summary>
    public required double C0 { get; init; }

    /// <summary>Slope of the heat capacity above freezing, J/kg K².</summary>
    public double C1 { get; init; }

    /// <summary>Conductivity above freezing at 0 °C, W/m K.</summary>
    public required double K0 { get; init; }

    /// <summary>Slope of the conductivity, W/m K².</summary>
    public double K1 { get; init; }

    /// <summary>Curvature of the conductivity, W/m K³.</summary>
    public double K2 { get; init; }

    /// <summary>Initial freezing point Tf, °C, below zero; minus infinity for a material that does not freeze.</summary>
    public double FreezingCelsius { get; init; } = double.NegativeInfinity;

    /// <summary>Water that can freeze, X = water - bound water, kg/kg.</summary>
    public double FreezableWater { get; init; }

    /// <summary>Heat capacity of the fully frozen food Cf, J/kg K.</summary>
    public double FrozenC { get; init; }

    /// <summary>Gain of conductivity per ice fraction Kice, W/m K.</summary>
    public double IceConductivityGain { get; init; }

    /// <summary>True for a material with a freezing point.</summary>
    public bool Freezes => FreezableWater > 0;

    /// <summary>Enthalpy from the freezing point (or from 0 °C when it does not freeze), J/kg.</summary>
    public double Enthalpy(double celsius)
    {
        if (Freezes && celsius < FreezingCelsius)
        {
            return FrozenC * (celsius - FreezingCelsius) - Water.FusionJoulePerKg * IceFraction(celsius);
        }

        var from = Freezes ? FreezingCelsius : 0;
        return C0 * (celsius - from) + C1 / 2 * (celsius * celsius - from * from);
    }

    /// <summary>Mass of ice per mass of food, kg/kg.</summary>
    public double IceFraction(double celsius) =>
        Freezes && celsius < FreezingCelsius ? FreezableWater * (1 - FreezingCelsius / celsius) : 0;

    /// <summary>Conductivity, W/m K.</summary>
    public double Conductivity(double celsius) =>
        Freezes && celsius < FreezingCelsius ? Unfrozen(FreezingCelsius) + IceFraction(celsius) * IceConductivityGain : Unfrozen(celsius);

    private double Unfrozen(double celsius) => K0 + celsius * (K1 + celsius * K2);

    /// <summary>Constant properties, as in the textbook series: no freezing, c = 1 J/kg K, density 1 kg/m³.</summary>
    /// <param name="conductivity">Conductivity, W/m K, above 0.</param>
    public static ThermalMaterial Constant(double conductivity) =>
        new()
        {
            DensityKgPerM3 = 1,
            C0 = 1,
            K0 = conductivity,
        };

    /// <summary>
    /// Bone as in the legs of poultry: density 1,250 kg/m³, c = 2,500 J/kg K, k = 0.40 W/m K. Estimates between the
    /// marrow-rich and compact bone values in the review of Henschel (1943) and in food-engineering tables.
    /// </summary>
    public static ThermalMaterial Bone { get; } =
        new()
        {
            DensityKgPerM3 = 1250,
            C0 = 2500,
            K0 = 0.40,
        };

    /// <summary>Meat of a composition, from Choi and Okos (see <see cref="ChoiOkos"/>) and the ice model of ASHRAE.</summary>
    /// <param name="of">Mass fractions that add up to 1.</param>
    /// <param name="freezingCelsius">Initial freezing point, °C, below 0 (about -1 for lean meat).</param>
    /// <exception cref="ArgumentException">The fractions do not add up to 1 within 0.02.</exception>
    public static ThermalMaterial Meat(Composition of, double freezingCelsius)
    {
        if (Math.Abs(of.Total - 1) > 0.02)
        {
            throw new ArgumentException($"The mass fractions add up to {of.Total}, not 1.", nameof(of));
        }

        // Straight line for c through 10 and 100 °C, parabola for k through 0, 60 and 120 °C: within 0.5 % of the source.
        double cLow = ChoiOkos.HeatCapacity(of, 10),
            cHigh = ChoiOkos.HeatCapacity(of, 100);
        var c1 = (cHigh - cLow) / 90;
        double k0 = ChoiOkos.Conductivity(of, 0),
            k60 = ChoiOkos.Conductivity(of, 60),
            k120 = ChoiOkos.Conductivity(of, 120);
        var k2 = (k120 - 2 * k60 + k0) / (2 * 60 * 60);
        var density = ChoiOkos.Density(of, 20);
        var freezable = of.Water - 0.4 * of.Protein; // bound water 0.4 protein: ASHRAE Refrigeration ch. 19
        return new ThermalMaterial
        {
            DensityKgPerM3 = density,
            C0 = cLow - 10 * c1,
            C1 = c1,
            K0 = k0,
            K1 = (k60 - k0) / 60 - 60 * k2,
            K2 = k2,
            FreezingCelsius = freezingCelsius,
            FreezableWater = freezable,
            FrozenC = FrozenHeatCapacity(of, freezable),
            IceConductivityGain = IceGain(density),
        };
    }

    private static double FrozenHeatCapacity(in Composition of, double freezable) =>
        ChoiOkos.HeatCapacity(of with { Water = of.Water - freezable }, 0) + freezable * ChoiOkos.At(ChoiOkos.Ice.HeatCapacity, -10);

    // Parallel model: a mass of water that turns to ice swaps conductivity at (about) its own volume.
    private static double IceGain(double density) =>
        density / ChoiOkos.At(ChoiOkos.Ice.Density, -10) * ChoiOkos.At(ChoiOkos.Ice.Conductivity, -10)
        - density / ChoiOkos.At(ChoiOkos.Water.Density, 0) * ChoiOkos.At(ChoiOkos.Water.Conductivity, 0);
}
