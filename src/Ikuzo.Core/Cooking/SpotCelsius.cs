using Ikuzo.Core.Conduction;
using Ikuzo.Core.Safety;

namespace Ikuzo.Core.Cooking;

/// <summary>
/// Temperature of a spot, one value per particle, °C: in the thickest piece, and where there are several in the average one.
/// </summary>
internal sealed class SpotCelsius(int particles, bool several)
{
    /// <summary>In the only or the thickest piece.</summary>
    public float[] Thickest { get; } = new float[particles];

    /// <summary>In the average piece; null where there is only one.</summary>
    public float[]? Average { get; } = several ? new float[particles] : null;

    /// <summary>Chance that a reading is at a level or above.</summary>
    public double ChanceAbove(double levelCelsius, int particle) =>
        ProbeError.ChanceAbove(levelCelsius, Thickest[particle], Average?[particle]);

    /// <summary>Likelihood of a reading, without its constant.</summary>
    public double Likelihood(double readingCelsius, int particle) =>
        ProbeError.Likelihood(readingCelsius, Thickest[particle], Average?[particle]);

    /// <summary>Its logarithm, finite for what cannot be read.</summary>
    public double LogLikelihood(double readingCelsius, int particle) =>
        ProbeError.LogLikelihood(readingCelsius, Thickest[particle], Average?[particle]);

    /// <summary>True for a reading that is colder than the thickest piece of every particle, by more than any probe errs.</summary>
    public bool IsColderThanAll(double readingCelsius) => readingCelsius + ProbeError.MostTooColdKelvin < Thickest.Min();

    /// <summary>Temperature that 99 of 100 of what is believed are below, in whichever piece is read, °C.</summary>
    public double HighestLikely(Belief belief) => belief.Quantile(Average ?? Thickest, 1 - SafetyRule.ShareBelow);

    /// <summary>
    /// True for a reading of a spot that is too cold in 99 of 100 of what is believed, hotter than all of these by more than a probe in the
    /// middle errs: fewer cooks are so than hands miss.
    /// </summary>
    public bool IsTooHotToBelieve(double readingCelsius, Belief belief) =>
        HighestLikely(belief) is var most && most < SafetyRule.CoreCelsius && readingCelsius - ProbeError.LikelyTooHotKelvin > most;

    /// <summary>One for each spot of a cook.</summary>
    public static SpotCelsius[] Of(CookModel model, int particles) =>
        [.. model.Bodies.Select(_ => new SpotCelsius(particles, model.Average.Count > 0))];

    public void Record(CookBlock block, int spot, int first)
    {
        Lanes.Store(block.Spot(spot).Batch.CentreCelsius(), Thickest, first);
        if (Average is not null)
        {
            Lanes.Store(block.Spot(block.Spots + spot).Batch.CentreCelsius(), Average, first);
        }
    }
}
