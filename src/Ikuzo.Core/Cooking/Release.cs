using Ikuzo.Core.Physics;
using Ikuzo.Core.Pots;

namespace Ikuzo.Core.Cooking;

/// <summary>How the pressure is let go.</summary>
public enum ReleaseKind
{
    /// <summary>Left alone until the pin drops.</summary>
    Natural,

    /// <summary>Left alone for some minutes, then vented.</summary>
    RestThenVent,

    /// <summary>Vented at once.</summary>
    Vent,

    /// <summary>Vented in short bursts.</summary>
    Pulsed,
}

/// <summary>A way of letting the pressure go.</summary>
/// <param name="Kind">Which way.</param>
/// <param name="RestMinutes">Minutes left alone before venting, for <see cref="ReleaseKind.RestThenVent"/>; otherwise 0.</param>
public readonly record struct Release(ReleaseKind Kind, double RestMinutes = 0)
{
    /// <summary>Time constant of the fall of temperature with the valve open, s. Estimate, from two minutes until the pin drops.</summary>
    public const double VentTauSeconds = 42;

    /// <summary>The same when venting in bursts, s. Estimate, from five minutes until the pin drops.</summary>
    public const double PulsedTauSeconds = 110;

    /// <summary>The pin drops when the pot is this much above the local boiling point, K.</summary>
    public const double PinKelvin = 1;

    /// <summary>No pot keeps its pressure longer than this with the heater off, s.</summary>
    private const double RestLimitSeconds = 2 * 3600;

    /// <summary>A usual pot left alone drops its pin after so long, min. Estimate: 8 to 13 nearly dry.</summary>
    private const double UsualNaturalMinutes = 10;

    private static readonly double UsualFallKelvin = Saturation.PotCelsius(0, PotModel.UsualHighGaugeKpa) - Saturation.PotCelsius(0, 0);

    /// <summary>
    /// From the end of the hold until the pin drops in a usual pot at sea level, min: to say and to order before anything is computed.
    /// With the valve open the fall is exponential, from the usual high pressure to <see cref="PinKelvin"/>.
    /// </summary>
    internal double UsualMinutes =>
        Kind switch
        {
            ReleaseKind.Natural => UsualNaturalMinutes,
            ReleaseKind.RestThenVent => RestMinutes + FallMinutes,
            _ => FallMinutes,
        };

    private double FallMinutes => TauSeconds * Math.Log(UsualFallKelvin / PinKelvin) / 60;

    /// <summary>Longest time left alone before the valve is opened, s.</summary>
    internal double MostRestSeconds =>
        Kind switch
        {
            ReleaseKind.Natural => RestLimitSeconds,
            ReleaseKind.RestThenVent => RestMinutes * 60,
            _ => 0,
        };

    /// <summary>Time constant of the fall once the valve is open, s.</summary>
    internal double TauSeconds => Kind == ReleaseKind.Pulsed ? PulsedTauSeconds : VentTauSeconds;

    /// <summary>Left alone until the pin drops.</summary>
    public static Release Natural => new(ReleaseKind.Natural);

    /// <summary>Vented at once.</summary>
    public static Release Vent => new(ReleaseKind.Vent);

    /// <summary>Vented in short bursts.</summary>
    public static Release Pulsed => new(ReleaseKind.Pulsed);

    /// <summary>Left alone for some minutes, then vented.</summary>
    public static Release RestThenVent(double minutes) => new(ReleaseKind.RestThenVent, minutes);
}
