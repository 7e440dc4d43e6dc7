namespace Ikuzo.Core.Running.Rescue;

/// <summary>
/// Which readings of an opened pot still say how it is: the one rule for the check and for the screen that asks for more.
/// </summary>
public static class ReadingsThatCount
{
    /// <summary>
    /// All readings until it stood covered. From then on those at a spot since; of a spot that was not read since, those before when none
    /// of them was short.
    /// </summary>
    /// <param name="readings">In the order of time.</param>
    /// <param name="spot">Where.</param>
    /// <param name="coveredMinutes">Minutes that it stood covered just before.</param>
    /// <param name="isSafe">True when it is at the temperature of the rule.</param>
    public static IReadOnlyList<T> Of<T>(
        IReadOnlyList<T> readings,
        Func<T, string> spot,
        Func<T, double> coveredMinutes,
        Func<T, bool> isSafe
    )
    {
        var since = readings.Count - 1;
        while (since > 0 && coveredMinutes(readings[since]) == 0)
        {
            since--;
        }

        return
        [
            .. readings
                .Select((reading, i) => (Reading: reading, IsSince: i >= since))
                .GroupBy(r => spot(r.Reading))
                .SelectMany(of =>
                    of.Any(r => r.IsSince) ? of.Where(r => r.IsSince)
                    : of.All(r => isSafe(r.Reading)) ? of
                    : []
                )
                .Select(r => r.Reading),
        ];
    }
}
