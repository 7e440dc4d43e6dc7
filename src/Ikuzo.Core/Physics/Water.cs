namespace Ikuzo.Core.Physics;

/// <summary>Figures of water, each once.</summary>
public static class Water
{
    /// <summary>Zero of the Celsius scale, K (exact by definition).</summary>
    public const double ZeroCelsiusKelvin = 273.15;

    /// <summary>Heat of vaporisation near 100 °C, J/kg (IAPWS-IF97: 2,256.5 kJ/kg, rounded).</summary>
    public const double VaporisationJoulePerKg = 2_257_000;

    /// <summary>Heat of fusion, J/kg (ASHRAE Refrigeration ch. 19).</summary>
    public const double FusionJoulePerKg = 333_600;

    /// <summary>Heat capacity of the liquid, J/kg K (IAPWS-IF97: 4,180 to 4,220 between 20 and 100 °C).</summary>
    public const double JoulePerKgKelvin = 4190;
}
