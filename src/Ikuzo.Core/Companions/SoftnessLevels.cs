namespace Ikuzo.Core.Companions;

/// <summary>How much heat something wants: minutes in boiling water at sea level, counted where the heat is, in the piece.</summary>
/// <param name="Just">Just done.</param>
/// <param name="Best">At its best.</param>
/// <param name="TooFar">Too far.</param>
public sealed record SoftnessLevels(double Just, double Best, double TooFar)
{
    private const double AboutBest = 0.5;

    /// <summary>
    /// How far something is from its best: 0 at its best, -1 where it is just done, 1 where it is too far. The logarithm of the heat, since
    /// each doubling is noticed alike.
    /// </summary>
    /// <param name="dose">Heat that it had, minutes in boiling water.</param>
    public double Distance(double dose) => DistanceOfLog(Math.Log(Math.Max(dose, Best * Hardly)));

    /// <summary>The same from the logarithm of the heat.</summary>
    /// <param name="logDose">Natural logarithm of the heat, minutes in boiling water.</param>
    public double DistanceOfLog(double logDose)
    {
        var over = logDose - _logBest;
        return over < 0 ? over * _perLogBelow : over * _perLogAbove;
    }

    private const double Hardly = 1e-6; // heat below this share of the best is none

    private readonly double _logBest = Math.Log(Best),
        _perLogBelow = 1 / Math.Log(Best / Just),
        _perLogAbove = 1 / Math.Log(TooFar / Best);

    /// <summary>The same in a word, as a cook would say it.</summary>
    /// <param name="distance">See <see cref="Distance"/>.</param>
    public static string Word(double distance) =>
        distance < -1 ? "hard"
        : distance < -AboutBest ? "firm"
        : distance <= AboutBest ? "just right"
        : distance <= 1 ? "soft"
        : "too soft";
}
