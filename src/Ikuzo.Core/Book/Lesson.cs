using Ikuzo.Core.Cooking;

namespace Ikuzo.Core.Book;

/// <summary>What a finished cook says about one thing that was seen, against what who has learned nothing expects.</summary>
/// <param name="What">What was seen.</param>
/// <param name="Seen">What it was, in the unit of <paramref name="What"/>.</param>
/// <param name="Expected">Its expected value.</param>
/// <param name="Slopes">By how much a standard deviation of a quantity moves it, for those that a household can learn.</param>
/// <param name="Noise">Standard deviation of all that is not learned, and of the seeing.</param>
public sealed record Sighting(Sight What, double Seen, double Expected, IReadOnlyDictionary<Uncertain, double> Slopes, double Noise)
{
    /// <summary>Which spot, for a reading; else null.</summary>
    public string? Spot { get; init; }
}

/// <summary>What can be seen of a cook.</summary>
public enum Sight
{
    /// <summary>Natural logarithm of the minutes from lid-on to pressure.</summary>
    ComeUp,

    /// <summary>Natural logarithm of the minutes of a natural release.</summary>
    Release,

    /// <summary>A reading, °C.</summary>
    Reading,

    /// <summary>Weight lost, percent of the raw weight, bone and skin with it.</summary>
    WeightLost,

    /// <summary>How tender it ate, -2 to 2.</summary>
    Tender,

    /// <summary>How juicy it ate, -2 to 2.</summary>
    Juicy,
}

/// <summary>All that one finished cook teaches. A function of its plan and its journal alone, so that it may be kept.</summary>
/// <param name="CookId">The cook.</param>
/// <param name="At">When its lid went on.</param>
/// <param name="PotId">The pot, as the household names it; null for one that it does not keep.</param>
/// <param name="PotLitres">Capacity of the pot, l.</param>
/// <param name="Cut">Id of the cut.</param>
/// <param name="Sightings">What was seen.</param>
public sealed record Lesson(
    string CookId,
    DateTimeOffset At,
    string? PotId,
    double PotLitres,
    string Cut,
    IReadOnlyList<Sighting> Sightings
)
{
    /// <summary>Raised when lessons are computed in another way, so that kept ones are computed anew.</summary>
    public const int Version = 2;

    /// <summary>True when a thermometer was read.</summary>
    public bool IsMeasured => Sightings.Any(s => s.What == Sight.Reading);
}
