using Ikuzo.Core.Running.Rescue;

namespace Ikuzo.Core.Running.Journal;

/// <summary>The journal of a cook: from its entries and the clock to its state, and what may be added.</summary>
public static class CookJournal
{
    /// <summary>Longest that an entry may lie in the future, to allow for clocks that differ.</summary>
    public static readonly TimeSpan MostAhead = TimeSpan.FromMinutes(1);

    /// <summary>Most entries of a journal; a long cook has some tens.</summary>
    public const int MostEntries = 2000;

    /// <summary>Furthest that an entry may lie in the past.</summary>
    public static readonly TimeSpan MostBehind = TimeSpan.FromDays(7);

    /// <summary>Folds a journal, to ask for states and to try entries.</summary>
    /// <param name="cook">What was planned.</param>
    /// <param name="events">The journal in the order in which it was written.</param>
    /// <param name="advise">What readings lead to: <see cref="RescuePlanner.Advise"/>, or one that remembers.</param>
    public static FoldedJournal Fold(PlannedCook cook, IReadOnlyList<CookEvent> events, Func<RescueRequest, RescueAdvice> advise)
    {
        var fold = new CookFold(cook, advise);
        foreach (var entry in Standing(events))
        {
            fold.Take(entry);
        }

        return new FoldedJournal(cook, events, advise, fold);
    }

    /// <summary>The state at a moment.</summary>
    /// <param name="cook">What was planned.</param>
    /// <param name="events">The journal in the order in which it was written.</param>
    /// <param name="now">Moment on the clock of the cook.</param>
    /// <param name="advise">What readings lead to: <see cref="RescuePlanner.Advise"/>, or one that remembers.</param>
    public static CookState StateOf(
        PlannedCook cook,
        IReadOnlyList<CookEvent> events,
        DateTimeOffset now,
        Func<RescueRequest, RescueAdvice> advise
    ) => Fold(cook, events, advise).State(now);

    /// <summary>The clock of a cook: of a rehearsal it runs fast while the pot works, and waits where a hand has to act.</summary>
    /// <param name="cook">What was planned.</param>
    /// <param name="events">The journal at its settled times.</param>
    public static CookTime TimeOf(PlannedCook cook, IReadOnlyList<Written> events)
    {
        var time = CookTime.Wall;
        if (events.All(e => e.Event.Kind != CookEventKind.Simulated))
        {
            return time;
        }

        var fold = new CookFold(cook, HandMoments.Likely);
        var isRehearsal = false;
        foreach (var (entry, writtenAt) in events)
        {
            isRehearsal |= entry.Kind == CookEventKind.Simulated;
            var now = entry.Kind == CookEventKind.Simulated ? entry.At : time.At(writtenAt);
            fold.Take(entry);
            time = new(writtenAt, now, entry.Kind == CookEventKind.Simulated ? entry.Data.Speed ?? 1 : time.Speed);
            time = isRehearsal ? HandMoments.After(cook, time, fold.Fork().State(now, everNotMeasured: false)) : time;
        }

        return time;
    }

    /// <summary>The entries that hold, in the order in which they happened.</summary>
    /// <remarks>What was undone is left out, unless the undoing was undone; what was corrected stands at its new time.</remarks>
    public static IEnumerable<CookEvent> Standing(IReadOnlyList<CookEvent> events)
    {
        HashSet<string> gone = [];
        foreach (var undoing in events.Where(e => e.Kind == CookEventKind.Undone).Reverse())
        {
            if (!gone.Contains(undoing.Id))
            {
                gone.Add(undoing.Data.Of!);
            }
        }

        var moved = events
            .Where(e => e.Kind == CookEventKind.Corrected && !gone.Contains(e.Id))
            .GroupBy(e => e.Data.Of!)
            .ToDictionary(g => g.Key, g => g.Last().At);
        return events
            .Where(e => e.Kind is not (CookEventKind.Undone or CookEventKind.Corrected) && !gone.Contains(e.Id))
            .Select(e => moved.TryGetValue(e.Id, out var at) ? e with { At = at } : e)
            .OrderBy(e => e.At); // stable: what happened at once stays in the order of writing
    }
}
