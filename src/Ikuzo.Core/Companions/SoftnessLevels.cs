namespace Ikuzo.Core.Companions;

/// <summary>How much heat something wants: minutes in boiling water at sea level, counted where the heat is, in the piece.</summary>
/// <param name="Just">Just done.</param>
/// <param name="BestFrom">At its best from here.</param>
/// <param name="BestTo">At its best up to here.</param>
/// <param name="TooFar">Too far; infinite for what never is.</param>
public sealed record SoftnessLevels(double Just, double BestFrom, double BestTo, double TooFar)
{
    private const double AboutBest = 0.5;

    /// <summary>
    /// How far something is from its best: 0 while it is at its best, -1 where it is just done, 1 where it is too far. The logarithm of the
    /// heat, since each doubling is noticed alike.
    /// </summary>
    /// <param name="dose">Heat that it had, minutes in boiling water.</param>
    public double Distance(double dose) => DistanceOfLog(Math.Log(Math.Max(dose, BestFrom * Hardly)));

    /// <summary>The same from the logarithm of the heat.</summary>
    /// <param name="logDose">Natural logarithm of the heat, minutes in boiling water.</param>
    public double DistanceOfLog(double logDose) =>
        logDose < _logFrom ? (logDose - _logFrom) * _perLogBelow
        : logDose > _logTo ? (logDose - _logTo) * _perLogAbove
        : 0;

    private const double Hardly = 1e-6; // heat below this share of the best is none

    private readonly double _logFrom = Math.Log(BestFrom),
        _logTo = Math.Log(BestTo),
        _perLogBelow = 1 / Math.Log(BestFrom / Just),
        _perLogAbove = 1 / Math.Log(TooFar / BestTo);

    /// <summary>The same in a word, as a cook would say it.</summary>
    /// <param name="distance">See <see cref="Distance"/>.</param>
    public static string Word(double distance) =>
        distance < -1 ? "hard"
        : distance < -AboutBest ? "firm"
        : distance <= AboutBest ? "just right"
        : distance <= 1 ? "soft"
        : "too soft";
}
