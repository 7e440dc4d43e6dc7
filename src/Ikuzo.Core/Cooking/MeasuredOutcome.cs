using System.Runtime.Intrinsics;
using Ikuzo.Core.Conduction;

namespace Ikuzo.Core.Cooking;

/// <summary>
/// What a thermometer would find after an ending: at the first reading, and at the second after the meat stood covered. One value per
/// particle.
/// </summary>
internal sealed class MeasuredOutcome
{
    public MeasuredOutcome(int particles, int spots, bool several)
    {
        First = [.. Enumerable.Range(0, spots).Select(_ => new SpotCelsius(particles, several))];
        Again = [.. Enumerable.Range(0, spots).Select(_ => new SpotCelsius(particles, several))];
        Rested = [.. Enumerable.Range(0, spots).Select(_ => new float[particles])];
        Stood = [.. Enumerable.Range(0, spots).Select(_ => new float[particles])];
    }

    /// <summary>Room for a cook.</summary>
    public static MeasuredOutcome Of(CookModel model, int particles) => new(particles, model.Bodies.Count, model.Average.Count > 0);

    /// <summary>Each spot when it is first read, <see cref="CoveredRest.ReadMinutes"/> after the lid came off.</summary>
    public IReadOnlyList<SpotCelsius> First { get; }

    /// <summary>
    /// Each spot at its warmest by the end of the longest rest that goes with the verdict after the first reading, °C.
    /// </summary>
    public IReadOnlyList<float[]> Rested { get; }

    /// <summary>Each spot when it has stood covered for as long as is asked of a cook.</summary>
    public IReadOnlyList<SpotCelsius> Again { get; }

    /// <summary>Each spot at its warmest by then, °C.</summary>
    public IReadOnlyList<float[]> Stood { get; }

    /// <summary>Lets sixteen cooks that may be opened stand, and records them. The highest of each spot is raised.</summary>
    public void Record(CookBlock block, int first, Span<Lane> peaks)
    {
        block.Centres(peaks);
        block.Open(CoveredRest.ReadMinutes * 60, peaks, onlyWarms: true);
        for (var spot = 0; spot < block.Spots; spot++)
        {
            First[spot].Record(block, spot, first);
        }

        block.Cover(CoveredRest.MostRestMinutes * 60, peaks, onlyWarms: true);
        Keep(peaks, Rested, first);
        block.Cover((CoveredRest.MostMinutes - CoveredRest.MostRestMinutes) * 60, peaks, onlyWarms: true);
        for (var spot = 0; spot < block.Spots; spot++)
        {
            Again[spot].Record(block, spot, first);
        }

        Keep(peaks, Stood, first);
    }

    private static void Keep(ReadOnlySpan<Lane> peaks, IReadOnlyList<float[]> into, int first)
    {
        for (var spot = 0; spot < into.Count; spot++)
        {
            Lanes.Store(peaks[spot], into[spot], first);
        }
    }

    /// <summary>The lowest of the spots.</summary>
    public static Lane Lowest(ReadOnlySpan<Lane> celsius, int spots) => spots == 1 ? celsius[0] : Vector512.Min(celsius[0], celsius[1]);
}
