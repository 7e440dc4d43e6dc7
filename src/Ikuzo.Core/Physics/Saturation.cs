namespace Ikuzo.Core.Physics;

/// <summary>Where water boils: saturation of water and steam, and the air pressure above it.</summary>
/// <remarks>
/// IAPWS-IF97 region 4 (Wagner et al. 2000, J. Eng. Gas Turbines Power 122:150, equations 29 to 31), valid from 0.611 kPa
/// to 22 MPa. Atmosphere: ISO 2533 standard atmosphere, troposphere.
/// </remarks>
public static class Saturation
{
    private const double SeaLevelKpa = 101.325;

    private static readonly double[] N =
    [
        0.11670521452767e4,
        -0.72421316703206e6,
        -0.17073846940092e2,
        0.12020824702470e5,
        -0.32325550322333e7,
        0.14915108613530e2,
        -0.48232657361591e4,
        0.40511340542057e6,
        -0.23855557567849,
        0.65017534844798e3,
    ];

    /// <summary>Pressure of the standard atmosphere, kPa absolute.</summary>
    /// <param name="altitudeMetres">Geopotential altitude, m, from -500 to 11,000.</param>
    /// <exception cref="ArgumentOutOfRangeException">Outside the troposphere.</exception>
    public static double AtmosphereKpa(double altitudeMetres)
    {
        ArgumentOutOfRangeException.ThrowIfLessThan(altitudeMetres, -500);
        ArgumentOutOfRangeException.ThrowIfGreaterThan(altitudeMetres, 11_000);
        return SeaLevelKpa * Math.Pow(1 - 2.25577e-5 * altitudeMetres, 5.25588);
    }

    /// <summary>Temperature at which water boils under an absolute pressure, °C (IF97 equation 31).</summary>
    /// <param name="absoluteKpa">Absolute pressure, kPa, from 0.612 to 22,000.</param>
    /// <exception cref="ArgumentOutOfRangeException">Outside the range of the equation.</exception>
    public static double BoilingCelsius(double absoluteKpa)
    {
        ArgumentOutOfRangeException.ThrowIfLessThan(absoluteKpa, 0.612);
        ArgumentOutOfRangeException.ThrowIfGreaterThan(absoluteKpa, 22_000);
        var beta = Math.Pow(absoluteKpa / 1000, 0.25);
        var e = beta * beta + N[2] * beta + N[5];
        var f = N[0] * beta * beta + N[3] * beta + N[6];
        var g = N[1] * beta * beta + N[4] * beta + N[7];
        var d = 2 * g / (-f - Math.Sqrt(f * f - 4 * e * g));
        var kelvin = (N[9] + d - Math.Sqrt((N[9] + d) * (N[9] + d) - 4 * (N[8] + N[9] * d))) / 2;
        return kelvin - Water.ZeroCelsiusKelvin;
    }

    /// <summary>Temperature inside a pot at a gauge pressure above the local atmosphere, °C.</summary>
    /// <param name="altitudeMetres">Altitude of the kitchen, m, from -500 to 11,000.</param>
    /// <param name="gaugeKpa">Pressure above the atmosphere, kPa, 0 or more; 0 gives the local boiling point.</param>
    public static double PotCelsius(double altitudeMetres, double gaugeKpa) => BoilingCelsius(AtmosphereKpa(altitudeMetres) + gaugeKpa);
}
