namespace Ikuzo.Core.Physics;

/// <summary>First-order kinetics of what heat does to meat: germs die, water leaves, collagen turns to gelatine.</summary>
public static class Kinetics
{
    /// <summary>Universal gas constant, J/mol K (CODATA 2018, exact).</summary>
    public const double GasConstant = 8.314462618;

    /// <summary>
    /// Activation energy of the conversion of collagen, J/mol. Estimate, middle of published 90 to 170 kJ/mol for slow cooking.
    /// </summary>
    public const double CollagenActivation = 95_000;

    /// <summary>Half-life of collagen in leg meat at <see cref="CollagenReferenceCelsius"/>, s. Estimate: half an hour.</summary>
    public const double CollagenHalfLifeSeconds = 1800;

    /// <summary>Reference temperature of the half-life, °C.</summary>
    public const double CollagenReferenceCelsius = 95;

    /// <summary>Reference temperature of the decimal reduction time, °C.</summary>
    public const double SalmonellaReferenceCelsius = 60;

    /// <summary>
    /// Decimal reduction time of Salmonella in chicken at 60 °C, s: a seventh of the 35 minutes that give 7 log10 in chicken
    /// with 12 % fat (USDA FSIS Cooking Guideline for Meat and Poultry Products, appendix A, 2021).
    /// </summary>
    public const double SalmonellaD60Seconds = 35.0 * 60 / 7;

    /// <summary>
    /// Rise in temperature that divides D by ten, K. Estimate from the spacing of the same table between 58 and 63 °C
    /// (6.0 to 6.5 K), rounded up, which counts fewer germs killed above 60 °C.
    /// </summary>
    public const double SalmonellaZKelvin = 6.5;

    /// <summary>No log reduction above this is counted or shown; the model has no meaning beyond it.</summary>
    public const double LogReductionCap = 12;

    /// <summary>Time constant of the loss of water, s. Estimate: eight minutes.</summary>
    public const double WaterLossTauSeconds = 480;

    /// <summary>Loss of water after long heating at a high temperature, percent of the raw weight of the muscle.</summary>
    public const double WaterLossCeilingPercent = 38.5;

    /// <summary>Temperature of the steepest loss of water, °C.</summary>
    public const double WaterLossMidCelsius = 66.1;

    /// <summary>Width of the sigmoid of water loss, K.</summary>
    public const double WaterLossWidthKelvin = 7.73;

    /// <summary>Rate of collagen conversion, 1/s, by Arrhenius.</summary>
    /// <param name="celsius">Temperature, °C.</param>
    public static double CollagenRate(double celsius) =>
        Math.Log(2)
        / CollagenHalfLifeSeconds
        * Math.Exp(
            CollagenActivation
                / GasConstant
                * (1 / (CollagenReferenceCelsius + Water.ZeroCelsiusKelvin) - 1 / (celsius + Water.ZeroCelsiusKelvin))
        );

    /// <summary>
    /// Loss that meat held at a temperature tends to, percent of the raw weight of the muscle: logistic through 12 % at 60 °C, 24 % at
    /// 70, 33 % at 80 and 38 % at 100, after published cook-loss curves for chicken breast; fitted to 0.3 percentage points.
    /// </summary>
    /// <param name="celsius">Highest temperature reached, °C.</param>
    public static double EquilibriumWaterLossPercent(double celsius) =>
        WaterLossCeilingPercent / (1 + Math.Exp((WaterLossMidCelsius - celsius) / WaterLossWidthKelvin));

    /// <summary>Log10 reduction of Salmonella per second at a temperature (log-linear D and z).</summary>
    /// <param name="celsius">Temperature, °C.</param>
    public static double SalmonellaLogPerSecond(double celsius) =>
        Math.Pow(10, (celsius - SalmonellaReferenceCelsius) / SalmonellaZKelvin) / SalmonellaD60Seconds;
}
