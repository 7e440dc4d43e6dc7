namespace Ikuzo.Core.Companions;

/// <summary>How the minutes of something are counted.</summary>
public enum ReferenceWay
{
    /// <summary>At high pressure in the reference pot, vented at once.</summary>
    Vented,

    /// <summary>At high pressure in the reference pot, left alone for ten minutes and then vented.</summary>
    TenMinutes,

    /// <summary>At high pressure in the reference pot, left alone until the pin drops.</summary>
    LeftAlone,

    /// <summary>In boiling water at sea level, lid off.</summary>
    Boiled,
}

/// <summary>Minutes at which something is just done, at its best and too far, in the cook that is named.</summary>
/// <param name="Just">Just done, min.</param>
/// <param name="Best">At its best, min.</param>
/// <param name="TooFar">Too far, min.</param>
/// <param name="Way">In which cook.</param>
public sealed record ReferenceMinutes(double Just, double Best, double TooFar, ReferenceWay Way);
