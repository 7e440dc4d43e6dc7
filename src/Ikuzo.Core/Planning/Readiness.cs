using Ikuzo.Core.Cooking;
using Ikuzo.Core.Safety;

namespace Ikuzo.Core.Planning;

/// <summary>How often a cook who measures is done, by the verdict that the check would give.</summary>
/// <remarks>
/// The check says done when the lowest reading at every spot is at 74 °C and 399 of 400 of what is then believed are there by the end of a
/// covered rest. The least reading for which that belief holds is found once for each spot, for one reading and for as many as are
/// asked for; the chance of reading that much follows for each particle from the error of probes.
/// </remarks>
public sealed class Readiness
{
    /// <summary>Share that must be done at the latest after standing covered: 19 of 20.</summary>
    public const double LeastAfterRest = 0.95;

    /// <summary>Share that may need more than the first reading, unless the household says otherwise: 1 of 5.</summary>
    public const double UsualMostReturns = 0.2;

    private const double WarmestAsked = 96; // nothing is asked for that could not be read
    private const int Halvings = 6; // of 22 K: a third of a kelvin

    /// <summary>Judges an ending.</summary>
    /// <param name="measured">What a thermometer would find.</param>
    internal Readiness(MeasuredOutcome measured)
    {
        var particles = measured.Rested[0].Length;
        var even = Enumerable.Repeat(1.0, particles).ToArray();
        ChanceAtFirst = Chances(measured.First, measured.Rested, even);
        double[] left = [.. ChanceAtFirst.Select(c => 1 - c)];
        AtFirst = ChanceAtFirst.Average();
        var again = left.Sum() > 1e-9 ? Chances(measured.Again, measured.Stood, left) : even;
        ChanceOfReturn = [.. left.Zip(again, (l, a) => l * (1 - a))];
        AfterRest = 1 - ChanceOfReturn.Average();
    }

    /// <summary>Share that is done at the first reading, with the rest that goes with it.</summary>
    public double AtFirst { get; }

    /// <summary>Share that is done then or at the second reading, after standing covered.</summary>
    public double AfterRest { get; }

    /// <summary>Chance to be done at the first reading, per particle.</summary>
    internal double[] ChanceAtFirst { get; }

    /// <summary>Chance to be cooked on, per particle.</summary>
    internal double[] ChanceOfReturn { get; }

    /// <summary>True when minutes keep the promise of those who measure.</summary>
    /// <param name="mostReturns">Share that may need more than the first reading.</param>
    public bool Keeps(double mostReturns) => Keep(AtFirst, AfterRest, mostReturns);

    /// <summary>The same for shares that were read between computed minutes.</summary>
    internal static bool Keep(double atFirst, double afterRest, double mostReturns) =>
        atFirst >= 1 - mostReturns && afterRest >= LeastAfterRest;

    // Each spot is read, so that what is believed of it rests on its own reading.
    private static double[] Chances(IReadOnlyList<SpotCelsius> spots, IReadOnlyList<float[]> warmest, double[] prior)
    {
        var chances = Enumerable.Repeat(1.0, prior.Length).ToArray();
        foreach (var (spot, later) in spots.Zip(warmest))
        {
            double once = LeastReading(spot, later, prior, 1),
                often = once <= SafetyRule.CoreCelsius ? once : LeastReading(spot, later, prior, CoveredRest.MostReadings);
            for (var p = 0; p < chances.Length; p++)
            {
                double sure = spot.ChanceAbove(once, p),
                    perhaps = once > often ? spot.ChanceAbove(often, p) : sure;
                chances[p] *= sure + (perhaps - sure) * Every(perhaps, CoveredRest.MostReadings - 1);
            }
        }

        return chances;
    }

    // The least reading, found by halving, after which what is believed holds.
    private static double LeastReading(SpotCelsius spot, float[] later, double[] prior, int readings)
    {
        double low = SafetyRule.CoreCelsius,
            high = WarmestAsked;
        if (Holds(spot, later, prior, readings, low))
        {
            return low;
        }

        for (var i = 0; i < Halvings; i++)
        {
            var middle = (low + high) / 2;
            (low, high) = Holds(spot, later, prior, readings, middle) ? (low, middle) : (middle, high);
        }

        return high;
    }

    // That each of some independent readings is so.
    private static double Every(double once, int readings)
    {
        var every = once;
        for (var i = 1; i < readings; i++)
        {
            every *= once;
        }

        return every;
    }

    private static bool Holds(SpotCelsius spot, float[] later, double[] prior, int readings, double reading)
    {
        double all = 0,
            there = 0;
        for (var p = 0; p < later.Length; p++)
        {
            var once = spot.Likelihood(reading, p);
            var weight = prior[p] * Every(once, readings);
            all += weight;
            there += SafetyRule.IsReached(later[p]) ? weight : 0;
        }

        return all > 0 && SafetyRule.HoldsAtCheck(there / all);
    }
}
