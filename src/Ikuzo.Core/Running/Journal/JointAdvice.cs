using Ikuzo.Core.Planning;
using Ikuzo.Core.Quantities;
using Ikuzo.Core.Running.Rescue;

namespace Ikuzo.Core.Running.Journal;

/// <summary>Advice for a pot in which several meats are.</summary>
internal static class JointAdvice
{
    /// <summary>
    /// One advice for all meat of a pot: done only when each is, and as long as the slowest needs; spots get their names within the cook.
    /// </summary>
    /// <param name="each">At least one meat with its own advice.</param>
    public static RescueAdvice Of(IReadOnlyList<(PlannedMeat Meat, RescueAdvice Advice)> each)
    {
        SpotOutcome[] spots =
        [
            .. each.SelectMany(e =>
                e.Advice.Spots.Select(s => s with { Id = e.Meat.SpotId(e.Meat.Request.Load.Cut.Spots.First(c => c.Id == s.Id)) })
            ),
        ];
        if (each is [var (_, only)])
        {
            return only with { Spots = spots };
        }

        var shorts = each.Where(e => e.Advice.Verdict == CheckVerdict.Short).ToList();
        var decides = shorts.Count == 0 ? each : shorts;
        string[] why =
        [
            .. decides.SelectMany(e => e.Advice.Why.Select((w, i) => i == 0 ? $"{Wording.Capital(e.Meat.Request.Load.Name)}: {w}" : w)),
        ];
        return shorts.Count == 0
            ? new(CheckVerdict.Done, RescueMethod.None, 0, why, spots) { RestMinutes = each.Max(e => e.Advice.RestMinutes) }
            : Short(shorts.Max(e => e.Advice.Method), [.. shorts.Select(e => e.Advice)], why, spots);
    }

    // What one meat needs by the strongest way is long enough for those that would do with a weaker one.
    private static RescueAdvice Short(RescueMethod method, IReadOnlyList<RescueAdvice> shorts, string[] why, SpotOutcome[] spots)
    {
        var by = shorts.Where(a => a.Method == method).ToList();
        return new(CheckVerdict.Short, method, by.Any(a => a.Minutes is null) ? null : by.Max(a => a.Minutes), why, spots);
    }
}
