using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Safety;

/// <summary>The household safety rule: the only place that says what is safe. Whoever asks, asks here.</summary>
public static class SafetyRule
{
    /// <summary>Every spot must reach this before the lid opens, °C: 165 °F, USDA FSIS, all poultry.</summary>
    public const double CoreCelsius = 74;

    /// <summary>Share of the possible cooks that must reach it. Our rule.</summary>
    public const double ShareSafe = 0.99;

    /// <summary>Share of the possible cooks below the value that is shown as the lowest: what the rule leaves out.</summary>
    public const double ShareBelow = 1 - ShareSafe;

    /// <summary>
    /// What is left out when meat that was read is called done: a quarter of <see cref="ShareBelow"/>, since of cooks that came out short
    /// one in a hundred of those that were then called done is too many. Our rule, after 2,000 of them (docs/performance.md); it costs
    /// readings rather than rounds.
    /// </summary>
    public const double ShareBelowAtCheck = ShareBelow / 4;

    /// <summary>Food is in danger above this and below <see cref="HotHoldingCelsius"/>, °C: FDA Food Code 3-501.16, 41 °F.</summary>
    public const double ColdHoldingCelsius = 5;

    /// <summary>Hot food is held at this or more, °C: USDA FSIS, 140 °F.</summary>
    public const double HotHoldingCelsius = 60;

    /// <summary>A room above this is hot, °C: USDA FSIS, 90 °F. How long food may be out there: <see cref="FoodRules"/>.</summary>
    public const double HotRoomCelsius = 32;

    /// <summary>Cooling is counted from here, °C: FDA Food Code 3-501.14.</summary>
    public const double CoolsFromCelsius = 57;

    /// <summary>What cools is at this first, °C: FDA Food Code 3-501.14.</summary>
    public const double TepidCelsius = 21;

    /// <summary>The temperature of the rule in both scales, for what is read by somebody else.</summary>
    public static readonly string CoreInBoth = FormattableString.Invariant($"{CoreCelsius} °C ({CoreFahrenheit} °F)");

    /// <summary>The same rule for who reads °F: USDA FSIS says 165 °F, which is 73.9 °C.</summary>
    public const double CoreFahrenheit = 165;

    /// <summary>True when a temperature, or the lowest of a belief, is that of the rule, in the scale in which it was said.</summary>
    /// <param name="celsius">Temperature, °C.</param>
    /// <param name="said">Scale in which it was said or read.</param>
    public static bool IsReached(double celsius, TemperatureScale said = TemperatureScale.Celsius) =>
        said == TemperatureScale.Fahrenheit ? Temperatures.Shown(celsius) >= CoreFahrenheit : celsius >= CoreCelsius;

    /// <summary>
    /// Share of cooks at the temperature of the rule, from a sample of them: where that temperature lies among the order statistics, the
    /// i-th of n at i / (n + 1), so that the share holds exactly when the quantile of the rule is at it.
    /// </summary>
    /// <param name="coldestCelsius">Coldest spot of each, °C, in any order; at least one.</param>
    /// <returns>0 to 1; 1 when all of them are.</returns>
    public static double ShareAtCore(ReadOnlySpan<float> coldestCelsius)
    {
        var below = 0;
        float under = float.NegativeInfinity,
            above = float.PositiveInfinity;
        foreach (var celsius in coldestCelsius)
        {
            if (IsReached(celsius))
            {
                above = Math.Min(above, celsius);
            }
            else
            {
                (below, under) = (below + 1, Math.Max(under, celsius));
            }
        }

        return below == 0 ? 1
            : below == coldestCelsius.Length ? 0
            : 1 - (below + (CoreCelsius - under) / (above - under)) / (coldestCelsius.Length + 1);
    }

    /// <summary>True when enough of the possible cooks are at the temperature of the rule.</summary>
    /// <param name="shareAtCore">Their share, 0 to 1.</param>
    public static bool Holds(double shareAtCore) => shareAtCore >= ShareSafe;

    /// <summary>True when enough of what is believed after a reading is at the temperature of the rule, then or after a rest.</summary>
    /// <param name="shareAtCore">Its share, 0 to 1.</param>
    public static bool HoldsAtCheck(double shareAtCore) => shareAtCore >= 1 - ShareBelowAtCheck;
}
