using Ikuzo.Core.Cooking;
using Ikuzo.Core.Safety;

namespace Ikuzo.Core.Book;

/// <summary>How a cook of the book is repeated.</summary>
public static class Repeating
{
    // So many measured cooks that agree know better than one that came out well. Choice.
    private const int CooksThatKnowBetter = 2;

    /// <summary>
    /// The ending of a cook that came out well, to set again as it was; null where it was given up, cooked on or read too cold, where
    /// nobody knows how long it was held, and where enough was measured since to compute it better.
    /// </summary>
    /// <param name="happened">What happened.</param>
    /// <param name="agreeing">Measured cooks of the kind that agree with what was foreseen.</param>
    public static Branch? AsItWas(Happened happened, int agreeing) =>
        happened
            is { IsGivenUp: false, Returns: 0, Stood: false, HeldMinutes: { } minutes, Release: { } release, LowestCelsius: var lowest }
        && (lowest is null || SafetyRule.IsReached(lowest.Value))
        && agreeing < CooksThatKnowBetter
            ? new(Math.Round(minutes), release)
            : null;
}
