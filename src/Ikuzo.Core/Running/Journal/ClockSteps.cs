namespace Ikuzo.Core.Running.Journal;

/// <summary>An entry of a journal with the moment on the wall at which it was written.</summary>
/// <param name="Event">The entry.</param>
/// <param name="WrittenAt">When it was written.</param>
public readonly record struct Written(CookEvent Event, DateTimeOffset WrittenAt);

/// <summary>
/// What a journal says after the clock of the machine was set. A pot does not notice that: as much time lies between two entries as lay
/// there, and all of them stand at what the clock would have shown had it gone right.
/// </summary>
public static class ClockSteps
{
    /// <summary>The entries at their settled times, in the order of writing.</summary>
    /// <remarks>
    /// A <see cref="CookEventKind.ClockSet"/> moves what was written before it by its seconds. Where it names an entry, that one and all
    /// before it stand where they were written, whatever was set since: they were written by a clock that went right. The clock of a
    /// rehearsal is its own; there only the moments on the wall move.
    /// </remarks>
    /// <param name="journal">The entries as they were written.</param>
    public static IReadOnlyList<Written> Settle(IReadOnlyList<Written> journal)
    {
        if (journal.All(w => w.Event.Kind != CookEventKind.ClockSet))
        {
            return journal;
        }

        var isRehearsal = journal.Any(w => w.Event.Kind == CookEventKind.Simulated);
        var settled = new Written[journal.Count];
        var by = TimeSpan.Zero;
        List<(int Until, TimeSpan By)> right = []; // entries that stand where they were written but for what was set after
        for (var i = journal.Count - 1; i >= 0; i--)
        {
            while (right is [.., var last] && i <= last.Until)
            {
                by = last.By;
                right.RemoveAt(right.Count - 1);
            }

            var (entry, writtenAt) = journal[i];
            settled[i] = new(isRehearsal ? entry : entry with { At = entry.At + by }, writtenAt + by);
            if (entry.Kind == CookEventKind.ClockSet)
            {
                if (entry.Data.Of is { } of)
                {
                    right.Add((journal.Select(w => w.Event.Id).ToList().IndexOf(of), by));
                }

                by += TimeSpan.FromSeconds(entry.Data.Seconds ?? 0);
            }
        }

        return settled;
    }

    /// <summary>How far the clock was set since an entry was the last that somebody knew of.</summary>
    /// <param name="journal">The entries in the order of writing.</param>
    /// <param name="known">Id of the newest that was known; null for somebody who does not say.</param>
    public static TimeSpan Since(IReadOnlyList<CookEvent> journal, string? known) =>
        known is null || journal.Any(e => e.Kind == CookEventKind.Simulated)
            ? TimeSpan.Zero
            : TimeSpan.FromSeconds(
                (known.Length == 0 ? journal : journal.SkipWhile(e => e.Id != known).Skip(1))
                    .Where(e => e.Kind == CookEventKind.ClockSet)
                    .Sum(e => e.Data.Seconds ?? 0)
            );
}
