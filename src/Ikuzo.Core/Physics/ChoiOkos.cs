namespace Ikuzo.Core.Physics;

/// <summary>Thermal properties of the components of food as functions of temperature.</summary>
/// <remarks>
/// Choi and Okos, "Effects of temperature and composition on the thermal properties of foods" (1986), as tabulated in
/// the ASHRAE Handbook: Refrigeration, chapter 19, tables 1 and 2. Published range -40 to 150 °C; water from 0 °C.
/// Each row is a polynomial c0 + c1 t + c2 t² in °C.
/// </remarks>
public static class ChoiOkos
{
    /// <summary>
    /// Properties of one component: polynomials in °C for density (kg/m³), conductivity (W/m K) and heat capacity (J/kg K).
    /// </summary>
    public sealed record Component(double[] Density, double[] Conductivity, double[] HeatCapacity);

    /// <summary>Liquid water, 0 to 150 °C.</summary>
    public static readonly Component Water = new(
        [997.18, 3.1439e-3, -3.7574e-3],
        [0.57109, 1.7625e-3, -6.7036e-6],
        [4128.9, -9.0864e-2, 5.4731e-3]
    );

    /// <summary>Ice, -40 to 0 °C.</summary>
    public static readonly Component Ice = new([916.89, -0.13071, 0], [2.2196, -6.2489e-3, 1.0154e-4], [2062.3, 6.0769, 0]);

    /// <summary>Protein.</summary>
    public static readonly Component Protein = new([1329.9, -0.51840, 0], [0.17881, 1.1958e-3, -2.7178e-6], [2008.2, 1.2089, -1.3129e-3]);

    /// <summary>Fat.</summary>
    public static readonly Component Fat = new([925.59, -0.41757, 0], [0.18071, -2.7604e-4, -1.7749e-7], [1984.2, 1.4733, -4.8008e-3]);

    /// <summary>Ash, the minerals.</summary>
    public static readonly Component Ash = new([2423.8, -0.28063, 0], [0.32962, 1.4011e-3, -2.9069e-6], [1092.6, 1.8896, -3.6817e-3]);

    /// <summary>Value of a property polynomial.</summary>
    /// <param name="coefficients">c0, c1, c2.</param>
    /// <param name="celsius">Temperature, °C.</param>
    public static double At(double[] coefficients, double celsius) =>
        coefficients[0] + celsius * (coefficients[1] + celsius * coefficients[2]);

    /// <summary>Density of unfrozen food, kg/m³: specific volumes add.</summary>
    public static double Density(in Composition of, double celsius) => 1 / Parts(of).Sum(p => p.Mass / At(p.Component.Density, celsius));

    /// <summary>Heat capacity of unfrozen food, J/kg K: heat capacities add by mass.</summary>
    public static double HeatCapacity(in Composition of, double celsius) =>
        Parts(of).Sum(p => p.Mass * At(p.Component.HeatCapacity, celsius));

    /// <summary>Conductivity of unfrozen food, W/m K: parallel model, conductivities add by volume.</summary>
    public static double Conductivity(in Composition of, double celsius)
    {
        var density = Density(of, celsius);
        return Parts(of).Sum(p => p.Mass * density / At(p.Component.Density, celsius) * At(p.Component.Conductivity, celsius));
    }

    private static (Component Component, double Mass)[] Parts(in Composition of) =>
        [(Water, of.Water), (Protein, of.Protein), (Fat, of.Fat), (Ash, of.Ash)];
}
