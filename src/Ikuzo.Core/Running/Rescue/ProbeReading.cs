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

    /// <summary>
    /// Minutes until the reading, since the one before it or since the lid came off, that the meat stood with the lid laid on; 0 for none.
    /// </summary>
    public double CoveredMinutes { get; init; }

    /// <summary>True when it is at the temperature of the rule.</summary>
    public bool IsSafe => SafetyRule.IsReached(Celsius, Scale);

    /// <summary>Lowest reading that is taken, °C.</summary>
    public const double LeastCelsius = -30;

    /// <summary>Highest reading that is taken, °C.</summary>
    public const double MostCelsius = 130;
}
