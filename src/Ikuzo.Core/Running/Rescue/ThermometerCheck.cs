using Ikuzo.Core.Safety;

namespace Ikuzo.Core.Running.Rescue;

/// <summary>What a household's thermometer says in ice water and in boiling water, and what its readings are worth.</summary>
/// <param name="IceCelsius">In stirred ice water, where the truth is 0 °C.</param>
/// <param name="BoilingCelsius">In boiling water.</param>
/// <param name="TrueBoilingCelsius">Boiling point at the altitude of the kitchen, °C.</param>
public sealed record ThermometerCheck(double IceCelsius, double BoilingCelsius, double TrueBoilingCelsius)
{
    /// <summary>A thermometer that is off by more than this at 74 °C should be replaced, K. Estimate.</summary>
    public const double MostOffsetKelvin = 3;

    /// <summary>By how much it reads too hot at 74 °C, K; negative when it reads too cold.</summary>
    public double OffsetAtCore => SafetyRule.CoreCelsius - Line(SafetyRule.CoreCelsius);

    /// <summary>True when it is good enough to go by.</summary>
    public bool IsUsable => BoilingCelsius - IceCelsius > 0.8 * TrueBoilingCelsius && Math.Abs(OffsetAtCore) <= MostOffsetKelvin;

    /// <summary>A reading with the error taken out, °C. Only ever lower: a thermometer that reads too cold errs on the safe side.</summary>
    public double Correct(double celsius) => Math.Min(celsius, Line(celsius));

    // Straight line through the two checks.
    private double Line(double celsius) => (celsius - IceCelsius) / (BoilingCelsius - IceCelsius) * TrueBoilingCelsius;
}
