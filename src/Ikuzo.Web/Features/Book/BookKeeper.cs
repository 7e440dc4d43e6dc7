using System.Collections.Concurrent;
using Ikuzo.Core.Book;
using Ikuzo.Core.Running.Journal;
using Ikuzo.Web.Data;
using Ikuzo.Web.Features.Cooks;
using Ikuzo.Web.Features.Kitchen;
using Ikuzo.Web.Serving;

namespace Ikuzo.Web.Features.Book;

/// <summary>
/// Reads finished cooks into the book and learns from them: lines at once, lessons after one another beside all else. What it keeps is a
/// cache of the journals; what it has not read yet it reads at the next start.
/// </summary>
internal sealed partial class BookKeeper(
    BookStore store,
    CookStore cookStore,
    CookService cooks,
    KitchenStore kitchen,
    LearnedNow now,
    WorkQueue queue,
    Database database,
    TimeProvider clock,
    ILogger<BookKeeper> log
) : BackgroundService
{
    private const int AtOnce = 20, // lessons for who waits for them: what a household cooks meanwhile
        AtATime = 4, // and of a long backlog as many as there is patience for
        Besides = 2; // and beside all else
    private static readonly TimeSpan Patience = TimeSpan.FromMilliseconds(400);
    private static readonly TimeSpan Pause = TimeSpan.FromMilliseconds(250);

    private readonly SemaphoreSlim _turn = new(1);
    private readonly SemaphoreSlim _wake = new(0);
    private readonly ConcurrentDictionary<string, bool> _unreadable = new(); // cooks that are left out
    private (DateTimeOffset At, string Id) _last;
    private bool _isBehind; // lessons that are older than the last are known and not learned from yet

    /// <summary>Writes the lines that are missing.</summary>
    public async Task WriteAsync(CancellationToken cancellation)
    {
        if ((await MissingAsync(cancellation)).Count == 0)
        {
            return;
        }

        await _turn.WaitAsync(cancellation);
        try
        {
            while (await MissingAsync(cancellation) is { Count: > 0 } missing)
            {
                foreach (var id in missing)
                {
                    await WriteAsync(id, cancellation);
                }
            }
        }
        finally
        {
            _turn.Release();
        }
    }

    /// <summary>
    /// Learns from cooks that were not learned from yet, for who waits for it: of a long backlog only as many as half a second allows.
    /// </summary>
    /// <returns>Cooks that are still to be learned from.</returns>
    public async Task<int> CatchUpAsync(CancellationToken cancellation)
    {
        var began = clock.GetTimestamp();
        for (var most = AtOnce; await LearnAsync(most, cancellation); most = AtATime)
        {
            if (clock.GetElapsedTime(began) > Patience)
            {
                return await store.CountToTeachAsync(cancellation);
            }
        }

        return 0;
    }

    // A few at a time; false when there were none.
    private async Task<bool> LearnAsync(int most, CancellationToken cancellation)
    {
        await WriteAsync(cancellation);
        var missing = (await store.ToTeachAsync(most + _unreadable.Count, cancellation)).Where(id => !_unreadable.ContainsKey(id)).ToList();
        var isLater = true;
        foreach (var id in missing)
        {
            if (await cooks.LoadAsync(id, cancellation) is not { } live)
            {
                _unreadable[id] = true; // it teaches nothing
                continue;
            }

            var potId = live.Cook.Planned.PotId ?? (await kitchen.UsualAsync(cancellation)).Own(live.Planned.Request.Pot)?.Id;
            var lesson = Teaching.Of(id, potId, live.Planned, live.Events, cancellation);
            await store.TeachAsync(lesson, live.Last, cancellation);
            isLater &= IsAfter((lesson.At, lesson.CookId), _last);
        }

        // Out of order all is learned anew: of a backlog only at its end.
        var isAtEnd = missing.Count < most;
        if (isAtEnd ? missing.Count > 0 || _isBehind : isLater && !_isBehind)
        {
            await LearnFromAsync(anew: !isLater || _isBehind, cancellation);
        }

        _isBehind = !isAtEnd && (_isBehind || !isLater);
        return missing.Count > 0;
    }

    /// <summary>Learns anew from all lessons: after one was left out, taken in again, or read anew.</summary>
    public Task RefreshAsync(CancellationToken cancellation) => LearnFromAsync(anew: true, cancellation);

    private async Task LearnFromAsync(bool anew, CancellationToken cancellation)
    {
        await _turn.WaitAsync(cancellation);
        try
        {
            var after = anew ? default : _last;
            var lessons = Learned
                .InOrder(await store.LessonsAsync(after.At, cancellation))
                .Where(l => IsAfter((l.At, l.CookId), after))
                .ToList();
            now.Learned = anew ? Learned.Of(lessons) : lessons.Aggregate(now.Learned, (all, lesson) => all.After(lesson));
            _last = lessons.Count > 0 ? (lessons[^1].At, lessons[^1].CookId) : after;
        }
        finally
        {
            _turn.Release();
        }
    }

    /// <inheritdoc/>
    public override async Task StartAsync(CancellationToken cancellationToken)
    {
        cooks.Taken += Woken;
        database.Replaced += Begun;
        await RefreshAsync(cancellationToken);
        await base.StartAsync(cancellationToken);
    }

    /// <inheritdoc/>
    public override Task StopAsync(CancellationToken cancellationToken)
    {
        cooks.Taken -= Woken;
        database.Replaced -= Begun;
        return base.StopAsync(cancellationToken);
    }

    /// <summary>Looks for work: after cooks were added otherwise than by their journals.</summary>
    public void Wake() => _wake.Release();

    /// <inheritdoc/>
    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        while (!stoppingToken.IsCancellationRequested)
        {
            try
            {
                // A year that is brought in is read in the pauses of all else.
                while (await queue.RunAsync(Work.Learning, "book", () => LearnAsync(Besides, stoppingToken), stoppingToken))
                {
                    await Task.Delay(Pause, stoppingToken);
                }
            }
            catch (Exception error) when (error is not OperationCanceledException)
            {
                NotWritten(log, error);
            }

            await _wake.WaitAsync(stoppingToken);
        }
    }

    // Another household's past: all is learned from it anew.
    private void Begun()
    {
        _isBehind = true;
        _unreadable.Clear();
        now.Learned = Learned.Of([]);
        Wake();
    }

    private void Woken(LiveCook cook, CookEvent entry)
    {
        if (cook.Cook.Ended || entry.Kind is CookEventKind.Finished or CookEventKind.Abandoned)
        {
            Wake();
        }
    }

    [LoggerMessage(LogLevel.Error, "The book could not be written; it is tried again with the next cook.")]
    private static partial void NotWritten(ILogger log, Exception error);

    private async Task<IReadOnlyList<string>> MissingAsync(CancellationToken cancellation) =>
        [.. (await store.ToWriteAsync(cancellation)).Where(id => !_unreadable.ContainsKey(id))];

    private async Task WriteAsync(string id, CancellationToken cancellation)
    {
        if (await cooks.LoadAsync(id, cancellation) is not { } live)
        {
            _unreadable[id] = true;
            return;
        }

        var kept = (await cookStore.FindAsync(id, cancellation))!;
        await store.WriteAsync(id, kept.Name, BookEntry.Of(kept.Name, live.Planned, live.Events, kept.Verdict), live.Last, cancellation);
    }

    // The order of Learned.InOrder.
    private static bool IsAfter((DateTimeOffset At, string Id) one, (DateTimeOffset At, string Id) other) =>
        one.At > other.At || (one.At == other.At && string.CompareOrdinal(one.Id, other.Id) > 0);
}
