namespace Ikuzo.Core.Companions;

/// <summary>How the minutes of something are counted.</summary>
public enum ReferenceWay
{
    /// <summary>At high pressure in the reference pot, vented at once.</summary>
    Vented,

    /// <summary>At high pressure in the reference pot, vented in short bursts.</summary>
    InBursts,

    /// <summary>At high pressure in the reference pot, left alone for ten minutes and then vented.</summary>
    TenMinutes,

    /// <summary>At high pressure in the reference pot, left alone until the pin drops.</summary>
    LeftAlone,

    /// <summary>In boiling water at sea level, lid off.</summary>
    Boiled,
}

/// <summary>Minutes at which something is just done, at its best and too far, in the cook that is named.</summary>
/// <param name="Just">Just done, min; 0 for what is done when the pressure is there.</param>
/// <param name="BestFrom">At its best from here, min; at least <paramref name="Just"/>.</param>
/// <param name="BestTo">At its best up to here, min; above <paramref name="BestFrom"/> unless both are 0.</param>
/// <param name="TooFar">Too far, min, above <paramref name="BestTo"/>; null for what is meant to fall apart, which never is.</param>
/// <param name="Way">In which cook.</param>
public sealed record ReferenceMinutes(double Just, double BestFrom, double BestTo, double? TooFar, ReferenceWay Way);
