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
    /// <summary>Time constant of the fall of temperature with the valve open, s. Estimate: two minutes until the pin drops.</summary>
    public const double VentTauSeconds = 42;

    /// <summary>The same when venting in bursts, s. Estimate: five minutes until the pin drops.</summary>
    public const double PulsedTauSeconds = 110;

    /// <summary>The pin drops when the pot is this much above the local boiling point, K.</summary>
    public const double PinKelvin = 1;

    /// <summary>No pot keeps its pressure longer than this with the heater off, s.</summary>
    private const double RestLimitSeconds = 2 * 3600;

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
