using Ikuzo.Core.Quantities;
using Ikuzo.Core.Running.Journal;
using Ikuzo.Core.Safety;

namespace Ikuzo.Core.Store;

/// <summary>Where an item may go next, and what to do with it.</summary>
public static class StoreMoves
{
    /// <summary>Longest that a move may lie in the past.</summary>
    public static readonly TimeSpan MostBehind = TimeSpan.FromDays(366);

    /// <summary>Places that make sense next. What was thawed in cold water is not frozen raw; what is past goes nowhere but out.</summary>
    /// <param name="item">The item.</param>
    /// <param name="useBy">Until when it is good.</param>
    /// <param name="now">The present moment.</param>
    public static IReadOnlyList<StorePlace> Of(StoreItem item, UseBy useBy, DateTimeOffset now)
    {
        if (item.Place == StorePlace.Gone)
        {
            return [];
        }

        var isPast = now > useBy.At && !useBy.IsQuality;
        var wasInWater = item.Moves.Any(m => m.To == StorePlace.ColdWater);
        IEnumerable<StorePlace> next =
            isPast ? []
            : item.Place == StorePlace.Freezer ? [StorePlace.Thawing, .. item.Kind == StoreKind.Raw ? new[] { StorePlace.ColdWater } : []]
            : wasInWater ? []
            : [StorePlace.Fridge, StorePlace.Freezer];
        return [.. next.Where(p => p != item.Place), StorePlace.Gone];
    }

    /// <summary>
    /// When a move happened: as it was said, unless one of two clocks was wrong. What is said to lie ahead happens now; what comes after a
    /// move that lies ahead, of a day on which the clock was, follows that one.
    /// </summary>
    /// <param name="item">The item before it.</param>
    /// <param name="said">When it is said to have happened; null for now.</param>
    /// <param name="now">The present moment.</param>
    public static DateTimeOffset When(StoreItem item, DateTimeOffset? said, DateTimeOffset now)
    {
        var isAhead = item.Since > now + CookJournal.MostAhead;
        var at = said is { } moment && moment <= now + CookJournal.MostAhead ? moment : now;
        return isAhead || said is null || at == now ? Later(at, item.Since) : at;
    }

    /// <summary>
    /// When a move was made, after the clock of the machine was set: no later than it was written, on the clock as it is now. A clock that
    /// was set forward makes nothing fresher than it was said to be.
    /// </summary>
    /// <param name="at">When it is said to have been.</param>
    /// <param name="writtenAt">When it was written.</param>
    /// <param name="setSince">How far the clock was set since then; negative for back.</param>
    public static DateTimeOffset Settled(DateTimeOffset at, DateTimeOffset writtenAt, TimeSpan setSince) =>
        setSince < TimeSpan.Zero && writtenAt + setSince is var written && written < at ? written : at;

    private static DateTimeOffset Later(DateTimeOffset one, DateTimeOffset other) => one > other ? one : other;

    /// <summary>Why a move is refused; null when it may be made.</summary>
    /// <param name="item">The item before it.</param>
    /// <param name="move">The move.</param>
    /// <param name="now">The present moment.</param>
    public static string? Refusal(StoreItem item, Move move, DateTimeOffset now) =>
        item.Moves.Count >= StoreItem.MostMoves ? $"It has been moved {StoreItem.MostMoves} times already. Write it in as something new."
        : move.At < now - MostBehind ? "This time is more than a year ago."
        : move.At < item.Since ? "It has been moved again since. Undo that first."
        : item.Place == StorePlace.Gone ? "It is no longer there. Undo that first."
        : null;

    /// <summary>What to do with it, in one sentence.</summary>
    /// <param name="item">The item.</param>
    /// <param name="useBy">Until when it is good.</param>
    /// <param name="urgency">How soon.</param>
    /// <param name="units">Units of the household.</param>
    public static string ToDo(StoreItem item, UseBy useBy, Urgency urgency, UnitSystem units)
    {
        var safe = new Wording(units).Temperature(SafetyRule.CoreCelsius);
        return (urgency, item.Kind) switch
        {
            (Urgency.Past, _) => $"Past its time: {item.Name}. Throw it away; do not taste it.",
            (Urgency.Today, StoreKind.Raw) when !useBy.IsQuality => $"Must be cooked today: {item.Name}.",
            (Urgency.Today, _) when !useBy.IsQuality => $"Must be eaten today, warmed to {safe}: {item.Name}.",
            (_, StoreKind.Raw) when useBy.IsQuality => "Cook it from frozen, or thaw it first.",
            (_, StoreKind.Raw) => "Cook it in time, or freeze it.",
            _ => $"Warm it to {safe}.",
        };
    }
}
