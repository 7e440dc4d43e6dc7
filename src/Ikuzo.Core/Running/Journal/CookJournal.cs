using Ikuzo.Core.Running.Rescue;
using Ikuzo.Core.Trust;

namespace Ikuzo.Core.Running.Journal;

/// <summary>Why an entry was not taken, and what would be.</summary>
/// <param name="IsTime">True when only its time is wrong.</param>
/// <param name="Why">In words.</param>
/// <param name="Possible">Kinds that make sense now.</param>
public sealed record JournalRefusal(bool IsTime, string Why, IReadOnlyList<CookEventKind> Possible);

/// <summary>The journal of a cook: from its entries and the clock to its state, and what may be added.</summary>
public static class CookJournal
{
    /// <summary>Longest that an entry may lie in the future, to allow for clocks that differ.</summary>
    public static readonly TimeSpan MostAhead = TimeSpan.FromMinutes(1);

    /// <summary>Most entries of a journal; a long cook has some tens.</summary>
    public const int MostEntries = 2000;

    /// <summary>Furthest that an entry may lie in the past.</summary>
    public static readonly TimeSpan MostBehind = TimeSpan.FromDays(7);

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
    )
    {
        var fold = new CookFold(cook, advise);
        foreach (var entry in Standing(events))
        {
            fold.Take(entry);
        }

        fold.AdvanceTo(now);
        return fold.State(now, events.Any(e => e.Kind == CookEventKind.NotMeasured));
    }

    /// <summary>The clock of a cook.</summary>
    /// <param name="events">The journal, each entry with the moment on the wall at which it was written.</param>
    public static CookTime TimeOf(IEnumerable<(CookEvent Event, DateTimeOffset WrittenAt)> events) =>
        events
            .Where(e => e.Event.Kind == CookEventKind.Simulated)
            .Select(e => new CookTime(e.WrittenAt, e.Event.At, e.Event.Data.Speed ?? 1))
            .DefaultIfEmpty(CookTime.Wall)
            .Last();

    /// <summary>An entry with what it left to the advice of the moment written out, so that the journal says what was done.</summary>
    public static CookEvent Complete(CookEvent entry, CookState before) =>
        entry.Kind == CookEventKind.BackUnderPressure
            ? entry with
            {
                Data = CookFold.Complete(entry.Data, before.Advice, before.Thick),
            }
            : entry;

    /// <summary>Why an entry may not be added; null when it may.</summary>
    public static JournalRefusal? Refuse(
        PlannedCook cook,
        IReadOnlyList<CookEvent> events,
        CookEvent entry,
        DateTimeOffset now,
        Func<RescueRequest, RescueAdvice> advise
    )
    {
        if (events.Count >= MostEntries && entry.Kind is not (CookEventKind.Finished or CookEventKind.Abandoned))
        {
            return new(false, $"This journal is full with {MostEntries} entries. Finish this cook and begin another.", []);
        }

        if (entry.At > now + MostAhead)
        {
            return new(true, "This time is in the future.", []);
        }

        if (entry.At < now - MostBehind)
        {
            return new(true, "This time is more than a week ago.", []);
        }

        if (
            entry.Kind is CookEventKind.Undone or CookEventKind.Corrected
            && !events.Any(e => e.Id == entry.Data.Of && CanBeTakenBack(e.Kind, entry.Kind))
        )
        {
            return new(true, "There is no such entry in this journal, or it is of a kind that stays.", []);
        }

        var before = StateOf(cook, events, now, advise);
        var after = StateOf(cook, [.. events, entry], now, advise);
        if (after.Ignored.Contains(entry.Id))
        {
            return new(
                false,
                $"{CookWords.Name(entry.Kind)} makes no sense while it is {CookWords.Name(before.Phase)}.",
                CookFold.Possible(before)
            );
        }

        return entry.Kind != CookEventKind.Undone && after.Ignored.Except(before.Ignored).Any()
            ? new(true, "At that time it does not fit what came before or after it.", CookFold.Possible(before))
            : null;
    }

    private static bool CanBeTakenBack(CookEventKind kind, CookEventKind how) =>
        kind is not (CookEventKind.Simulated or CookEventKind.Corrected) && (how == CookEventKind.Undone || kind != CookEventKind.Undone);

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
