namespace Ikuzo.Core.Loads;

/// <summary>Bulk figures of what is in a pot, for how much room and heat it takes.</summary>
public static class Bulk
{
    /// <summary>Density of raw meat, kg/m³ (Choi and Okos 1986 for lean meat at 20 °C, rounded).</summary>
    public const double MeatKgPerCubicMetre = 1060;

    /// <summary>Density of vegetables and wet grain as they lie, kg/m³. Estimate.</summary>
    public const double BesideKgPerCubicMetre = 900;

    /// <summary>Room that a kilogram of food takes under a liquid line, l. Estimate between the two densities.</summary>
    public const double LitresPerKg = 0.95;

    /// <summary>Heat capacity of vegetables and whatever else is wet beside the meat, J/kg K. Estimate: mostly water.</summary>
    public const double BesideJoulePerKgKelvin = 3600;

    /// <summary>
    /// The same of dry grain, pulses and pasta: an eighth of water, the rest starch and protein (Choi and Okos 1986, rounded).
    /// </summary>
    public const double DryJoulePerKgKelvin = 1900;
}
