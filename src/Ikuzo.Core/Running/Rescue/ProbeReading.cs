using Ikuzo.Core.Cooking;
using Ikuzo.Core.Quantities;
using Ikuzo.Core.Safety;

namespace Ikuzo.Core.Running.Rescue;

/// <summary>What a thermometer says at a spot after the lid came off.</summary>
/// <param name="SpotId">Spot of the cut.</param>
/// <param name="Celsius">Reading, °C.</param>
/// <param name="AfterOpeningMinutes">Minutes since the lid came off, 0 or more.</param>
public readonly record struct ProbeReading(string SpotId, double Celsius, double AfterOpeningMinutes)
{
    /// <summary>Scale in which it was read.</summary>
    public TemperatureScale Scale { get; init; }

    /// <summary>True when it is at the temperature of the rule.</summary>
    public bool IsSafe => SafetyRule.IsReached(Celsius, Scale);

    /// <summary>Lowest reading that is taken, °C.</summary>
    public const double LeastCelsius = -30;

    /// <summary>Highest reading that is taken, °C.</summary>
    public const double MostCelsius = 130;
}

/// <summary>How far a reading may be from the coldest point of its spot.</summary>
/// <remarks>
/// A normal error in two halves: a probe that misses the middle reads too hot, hardly ever too cold. Spreads about 1.5 K together;
/// estimates for household probes and hands.
/// </remarks>
public static class ProbeError
{
    /// <summary>Standard deviation of readings that are too hot, K. Estimate.</summary>
    public const double TooHotKelvin = 2.0;

    /// <summary>Standard deviation of readings that are too cold, K. Estimate.</summary>
    public const double TooColdKelvin = 1.0;

    /// <summary>Logarithm of the likelihood of a reading, without its constant.</summary>
    /// <param name="readingCelsius">Reading, °C.</param>
    /// <param name="trueCelsius">Temperature of the spot, °C.</param>
    public static double LogLikelihood(double readingCelsius, double trueCelsius)
    {
        var error = readingCelsius - trueCelsius;
        var z = error / (error > 0 ? TooHotKelvin : TooColdKelvin);
        return -z * z / 2;
    }

    /// <summary>An error by chance, K. The halves are as likely as they are wide.</summary>
    internal static double Draw(SplitMix64 random) =>
        random.Share() < TooHotKelvin / (TooHotKelvin + TooColdKelvin)
            ? Math.Abs(random.Normal()) * TooHotKelvin
            : -Math.Abs(random.Normal()) * TooColdKelvin;
}
