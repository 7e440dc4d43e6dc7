using System.Collections.Concurrent;
using System.Globalization;
using Ikuzo.Core.LineUps;
using Ikuzo.Core.Running.Journal;
using Ikuzo.Web.Data;
using Ikuzo.Web.Features.Kitchen;
using Ikuzo.Web.Serving;

namespace Ikuzo.Web.Features.Cooks;

/// <summary>What came of adding to a journal: the cook after it, or why not.</summary>
/// <param name="Cook">The cook; null when there is none.</param>
/// <param name="Refusal">Why not; null when it was taken.</param>
/// <param name="Errors">What is wrong with its fields; null when nothing is.</param>
internal readonly record struct Appended(CookView? Cook, JournalRefusal? Refusal, IDictionary<string, string[]>? Errors = null);

/// <summary>Adds to journals one at a time per cook, tells who listens, and computes states.</summary>
internal sealed partial class CookService(
    CookStore store,
    KitchenStore kitchen,
    TimeProvider clock,
    Listeners listeners,
    AdviceCache advice,
    WorkQueue queue,
    Unreadable unreadable,
    ClockWatch watch,
    ILogger<CookService> log
) : IDisposable
{
    private const int MostRemembered = 200;

    private readonly ConcurrentDictionary<string, SemaphoreSlim> _turns = new();
    private readonly SemaphoreSlim _settling = new(1);
    private readonly Remembered<(string Cook, double ComeUpMinutes), Task<int>> _early = new(MostRemembered);

    /// <summary>Raised with each entry, in the order of each journal.</summary>
    public event Action<LiveCook, CookEvent>? Taken;

    public async Task<CookView?> FindAsync(string id, CancellationToken cancellation)
    {
        await SettleAsync(cancellation);
        return await LoadAsync(id, cancellation) is { } live ? View(live) : null;
    }

    /// <summary>Writes into what is on the stove that the clock of this machine was set, where it was.</summary>
    public async Task SettleAsync(CancellationToken cancellation)
    {
        if (watch.IsRight && _settling.CurrentCount > 0) // and nobody is still writing that it was not
        {
            return;
        }

        await _settling.WaitAsync(cancellation);
        try
        {
            var (set, wasRightBefore) = watch.Take(await store.NewestWrittenAsync(cancellation));
            if (set == TimeSpan.Zero)
            {
                return;
            }

            await store.SetClockAsync(set);
            foreach (var cook in await store.AllAsync(ended: false, Page.First, CancellationToken.None))
            {
                await SetClockAsync(cook.Id, set, wasRightBefore);
            }
        }
        finally
        {
            _settling.Release();
        }
    }

    private async Task SetClockAsync(string id, TimeSpan set, bool wasRightBefore)
    {
        var turn = _turns.GetOrAdd(id, _ => new SemaphoreSlim(1));
        await turn.WaitAsync();
        try
        {
            if (await LoadAsync(id, CancellationToken.None) is { } live)
            {
                var before = live.AsWritten.Reverse().SkipWhile(k => k.Event.Kind != CookEventKind.ClockSet).Skip(1).FirstOrDefault();
                await TakeAsync(
                    live,
                    Guid.CreateVersion7().ToString(),
                    CookEventKind.ClockSet,
                    null,
                    new() { Seconds = set.TotalSeconds, Of = wasRightBefore ? before?.Event.Id : null },
                    CancellationToken.None
                );
            }
        }
        finally
        {
            turn.Release();
        }
    }

    public async Task<LiveCook?> LoadAsync(string id, CancellationToken cancellation)
    {
        if (await store.FindAsync(id, cancellation) is not { } cook)
        {
            return null;
        }

        var usual = await kitchen.UsualAsync(cancellation);
        var journal = await store.JournalAsync(id, cancellation);
        return journal is null ? null : unreadable.One("cook", id, () => new LiveCook(cook, cook.Planned.ToCook(usual), journal));
    }

    /// <summary>Adds an entry. One with a client id that is there already changes nothing.</summary>
    /// <param name="id">The cook.</param>
    /// <param name="clientId">Name that the client gave the entry.</param>
    /// <param name="kind">What happened.</param>
    /// <param name="at">When, on the clock of the cook; null for now.</param>
    /// <param name="data">What belongs to it.</param>
    /// <param name="cancellation">Stops it before anything is kept.</param>
    /// <param name="check">What is wrong with it for this cook; null when that needs no look at the cook.</param>
    /// <param name="known">Id of the newest entry that was known when it was said; null for one that is not told.</param>
    public async Task<Appended> AppendAsync(
        string id,
        string clientId,
        CookEventKind kind,
        DateTimeOffset? at,
        CookEventData data,
        CancellationToken cancellation,
        Func<PlannedCook, IDictionary<string, string[]>?>? check = null,
        string? known = null
    )
    {
        await SettleAsync(cancellation);
        var turn = _turns.GetOrAdd(id, _ => new SemaphoreSlim(1));
        await turn.WaitAsync(cancellation);
        try
        {
            if (await LoadAsync(id, cancellation) is not { } live)
            {
                return default;
            }

            if (check?.Invoke(live.Planned) is { } errors)
            {
                return new(null, null, errors);
            }

            return live.Journal.Any(j => j.ClientId == clientId)
                ? new(View(live), null)
                : await TakeAsync(live, clientId, kind, at + ClockSteps.Since(live.Events, known), data, cancellation);
        }
        finally
        {
            turn.Release();
        }
    }

    /// <summary>What is left of a cook, from now on.</summary>
    public LineUp LineUp(LiveCook live, TimeZoneInfo zone) =>
        CookLineUp.Of(live.Planned, Fold(live).State(live.Time.At(clock.GetUtcNow())), CookRecord.LidOnAt(live), zone);

    public CookView View(LiveCook live) => View(live, Fold(live));

    private CookView View(LiveCook live, FoldedJournal journal)
    {
        var time = live.Time;
        var state = journal.State(time.At(clock.GetUtcNow()));
        return CookView.Of(live, state, journal.Ahead(state), MinutesMore(live, state));
    }

    // Asked once for each time at which pressure was reached, beside all else: who listens is told when it is known.
    private int MinutesMore(LiveCook live, CookState state)
    {
        if (state is not { Phase: CookPhase.Holding, Round: 1 })
        {
            return 0;
        }

        var standing = CookJournal.Standing(live.Events).ToList();
        var (lid, up) = (standing.Find(e => e.Kind == CookEventKind.LidOn), standing.Find(e => e.Kind == CookEventKind.PressureReached));
        if (lid is null || up is null || up.At <= lid.At || standing.Exists(e => e.Kind == CookEventKind.Lengthened))
        {
            return 0;
        }

        var minutes = (up.At - lid.At).TotalMinutes;
        var early = _early.Of((live.Cook.Id, minutes), () => EarlyAsync(live, minutes));
        return early.IsCompletedSuccessfully ? early.Result : 0;
    }

    private async Task<int> EarlyAsync(LiveCook live, double minutes)
    {
        var more = await queue.RunAsync(
            Work.AtThePot,
            $"cook {live.Cook.Id}",
            () => Task.FromResult(EarlyPressure.MinutesMore(live.Planned, minutes)),
            CancellationToken.None
        );
        if (more > 0)
        {
            _ = TellAgainAsync(live.Cook.Id);
        }

        return more;
    }

    private async Task TellAgainAsync(string id)
    {
        try
        {
            await Task.Yield(); // what was computed is known by then
            if (await FindAsync(id, CancellationToken.None) is { } view)
            {
                listeners.Tell(CookHub.Changed, view, id, CookHub.All);
            }
        }
        catch (Exception error)
        {
            LogUntold(log, error, id);
        }
    }

    [LoggerMessage(LogLevel.Error, "Nobody was told that cook {Id} takes longer; its page asks by itself")]
    private static partial void LogUntold(ILogger log, Exception error, string id);

    private async Task<Appended> TakeAsync(
        LiveCook live,
        string clientId,
        CookEventKind kind,
        DateTimeOffset? at,
        CookEventData data,
        CancellationToken cancellation
    )
    {
        const string Untitled = "new";
        var now = live.Time.At(clock.GetUtcNow());
        var journal = Fold(live);
        var tried = journal.Try(new CookEvent(Untitled, kind, at ?? journal.Present(now), data), now);
        if (tried.After is not { } after)
        {
            return new(View(live, journal), tried.Refusal);
        }

        // What was begun is finished, whoever hangs up.
        var kept = await store.AppendAsync(live.Cook.Id, clientId, tried.Entry, after.State(now), CancellationToken.None);
        var longer = new LiveCook(live.Cook, live.Planned, [.. live.AsWritten, kept]);
        Taken?.Invoke(longer, kept.Event);
        var view = View(longer, after.Kept(Untitled, kept.Event));
        listeners.Tell(CookHub.Changed, view, view.Id, CookHub.All);
        return new(view, null);
    }

    /// <inheritdoc/>
    public void Dispose() => _settling.Dispose();

    private FoldedJournal Fold(LiveCook live) => CookJournal.Fold(live.Planned, live.Events, advice.Of);
}

/// <summary>A cook with its plan and journal.</summary>
/// <param name="Cook">As kept.</param>
/// <param name="Planned">What it set out to do.</param>
/// <param name="AsWritten">All entries as they were written, in that order.</param>
internal sealed record LiveCook(KeptCook Cook, PlannedCook Planned, IReadOnlyList<KeptEvent> AsWritten)
{
    private CookTime? _time;

    /// <summary>The same at the times at which they stand after the clock was set.</summary>
    public IReadOnlyList<KeptEvent> Journal { get; } =
    [
        .. ClockSteps
            .Settle([.. AsWritten.Select(k => new Written(k.Event, k.WrittenAt))])
            .Zip(AsWritten, (w, k) => new KeptEvent(w.Event, k.ClientId, w.WrittenAt)),
    ];

    public IReadOnlyList<CookEvent> Events => field ??= [.. Journal.Select(j => j.Event)];

    /// <summary>Id of the last entry; 0 for none.</summary>
    public long Last => Journal is [.., { Event.Id: var id }] ? long.Parse(id, CultureInfo.InvariantCulture) : 0;

    public bool IsSimulated => Events.Any(e => e.Kind == CookEventKind.Simulated);

    public CookTime Time => _time ??= CookJournal.TimeOf(Planned, [.. Journal.Select(j => new Written(j.Event, j.WrittenAt))]);
}
