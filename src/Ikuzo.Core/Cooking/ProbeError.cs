using Ikuzo.Core.Physics;

namespace Ikuzo.Core.Cooking;

/// <summary>How far a reading may be from the coldest point of its spot, and from the thickest piece.</summary>
/// <remarks>
/// A normal error in two halves: a probe that misses the middle reads too hot, hardly ever too cold. Spreads about 1.5 K together. Of
/// several pieces the eye does not always take the thickest. Estimates for household probes, hands and eyes.
/// </remarks>
public static class ProbeError
{
    /// <summary>Standard deviation of readings that are too hot, K. Estimate.</summary>
    public const double TooHotKelvin = 2.0;

    /// <summary>Standard deviation of readings that are too cold, K. Estimate.</summary>
    public const double TooColdKelvin = 1.0;

    /// <summary>
    /// Share of readings that are of the thickest of several pieces, the others of an average one: the eye errs more often, but by less.
    /// Estimate.
    /// </summary>
    public const double ThickestTaken = 0.85;

    /// <summary>
    /// No reading is colder than what it is of by more, K: what is, has another cause than the hand. Six standard deviations.
    /// </summary>
    public const double MostTooColdKelvin = 6 * TooColdKelvin;

    /// <summary>99 of 100 readings are too hot by less, K: 2 · 2/3 · (1 − Φ(z)) = 0.01 for the wider half.</summary>
    public const double LikelyTooHotKelvin = 2.43 * TooHotKelvin;

    private const double ShareTooHot = TooHotKelvin / (TooHotKelvin + TooColdKelvin); // the halves are as likely as they are wide

    /// <summary>Logarithm of the likelihood of a reading, without its constant.</summary>
    /// <param name="readingCelsius">Reading, °C.</param>
    /// <param name="trueCelsius">Temperature of the spot, °C.</param>
    public static double LogLikelihood(double readingCelsius, double trueCelsius)
    {
        var error = readingCelsius - trueCelsius;
        var z = error / (error > 0 ? TooHotKelvin : TooColdKelvin);
        return -z * z / 2;
    }

    /// <summary>Likelihood of a reading in one of several pieces, without its constant.</summary>
    /// <param name="readingCelsius">Reading, °C.</param>
    /// <param name="thickestCelsius">Temperature of the spot in the thickest piece, °C.</param>
    /// <param name="averageCelsius">In an average piece, °C; null where there is only one.</param>
    public static double Likelihood(double readingCelsius, double thickestCelsius, double? averageCelsius)
    {
        var thickest = Math.Exp(LogLikelihood(readingCelsius, thickestCelsius));
        return averageCelsius is { } average
            ? ThickestTaken * thickest + (1 - ThickestTaken) * Math.Exp(LogLikelihood(readingCelsius, average))
            : thickest;
    }

    /// <summary>Its logarithm, finite however far the reading is off.</summary>
    /// <param name="readingCelsius">Reading, °C.</param>
    /// <param name="thickestCelsius">Temperature of the spot in the thickest piece, °C.</param>
    /// <param name="averageCelsius">In an average piece, °C; null where there is only one.</param>
    public static double LogLikelihood(double readingCelsius, double thickestCelsius, double? averageCelsius)
    {
        var thickest = LogLikelihood(readingCelsius, thickestCelsius);
        if (averageCelsius is not { } average)
        {
            return thickest;
        }

        var (a, b) = (Math.Log(ThickestTaken) + thickest, Math.Log(1 - ThickestTaken) + LogLikelihood(readingCelsius, average));
        var larger = Math.Max(a, b);
        return larger + Math.Log(Math.Exp(a - larger) + Math.Exp(b - larger));
    }

    /// <summary>Chance that a reading is at a level or above.</summary>
    /// <param name="levelCelsius">Level, °C.</param>
    /// <param name="trueCelsius">Temperature of the spot, °C.</param>
    public static double ChanceAbove(double levelCelsius, double trueCelsius)
    {
        var missing = levelCelsius - trueCelsius;
        return missing > 0
            ? 2 * ShareTooHot * (1 - NormalShare.Of(missing / TooHotKelvin))
            : 1 - 2 * (1 - ShareTooHot) * NormalShare.Of(missing / TooColdKelvin);
    }

    /// <summary>The same for a reading in one of several pieces.</summary>
    /// <param name="levelCelsius">Level, °C.</param>
    /// <param name="thickestCelsius">Temperature of the spot in the thickest piece, °C.</param>
    /// <param name="averageCelsius">In an average piece, °C; null where there is only one.</param>
    public static double ChanceAbove(double levelCelsius, double thickestCelsius, double? averageCelsius) =>
        averageCelsius is { } average
            ? ThickestTaken * ChanceAbove(levelCelsius, thickestCelsius) + (1 - ThickestTaken) * ChanceAbove(levelCelsius, average)
            : ChanceAbove(levelCelsius, thickestCelsius);

    /// <summary>An error by chance, K.</summary>
    internal static double Draw(SplitMix64 random) =>
        random.Share() < ShareTooHot ? Math.Abs(random.Normal()) * TooHotKelvin : -Math.Abs(random.Normal()) * TooColdKelvin;
}
