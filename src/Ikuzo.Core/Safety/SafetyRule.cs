namespace Ikuzo.Core.Safety;

/// <summary>The household safety rule.</summary>
public static class SafetyRule
{
    /// <summary>Every spot must reach this before the lid opens, °C: 165 °F, USDA FSIS, all poultry.</summary>
    public const double CoreCelsius = 74;

    /// <summary>Share of the ensemble that must reach it.</summary>
    public const double ShareSafe = 0.99;

    /// <summary>Longest time that food may spend between 5 and 60 °C, min (USDA FSIS two-hour rule).</summary>
    public const double DangerZoneMinutes = 120;
}
