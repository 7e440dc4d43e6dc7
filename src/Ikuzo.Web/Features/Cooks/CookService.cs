using System.Collections.Concurrent;
using System.Text.Json;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.LineUps;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Running.Journal;
using Ikuzo.Core.Running.Rescue;
using Ikuzo.Web.Features.Kitchen;
using Microsoft.AspNetCore.SignalR;

namespace Ikuzo.Web.Features.Cooks;

/// <summary>What came of adding to a journal: the cook after it, or why not.</summary>
/// <param name="Cook">The cook; null when there is none.</param>
/// <param name="Refusal">Why not; null when it was taken.</param>
internal readonly record struct Appended(CookView? Cook, JournalRefusal? Refusal);

/// <summary>Adds to journals one at a time per cook, tells who listens, and computes states.</summary>
internal sealed class CookService(CookStore store, KitchenStore kitchen, TimeProvider clock, IHubContext<CookHub> hub)
{
    private const int MostRemembered = 500;

    private readonly ConcurrentDictionary<string, SemaphoreSlim> _turns = new();
    private readonly ConcurrentDictionary<string, RescueAdvice> _advice = new();

    /// <summary>Raised with each entry, in the order of each journal.</summary>
    public event Action<LiveCook, CookEvent>? Taken;

    public async Task<CookView?> FindAsync(string id, CancellationToken cancellation) =>
        await LoadAsync(id, cancellation) is { } live ? View(live) : null;

    public async Task<LiveCook?> LoadAsync(string id, CancellationToken cancellation)
    {
        if (await store.FindAsync(id, cancellation) is not { } cook)
        {
            return null;
        }

        return new LiveCook(cook, cook.Planned.ToCook(await kitchen.UsualAsync(cancellation)), await store.JournalAsync(id, cancellation));
    }

    /// <summary>Adds an entry. One with a client id that is there already changes nothing.</summary>
    public async Task<Appended> AppendAsync(
        string id,
        string clientId,
        CookEventKind kind,
        DateTimeOffset? at,
        CookEventData data,
        CancellationToken cancellation
    )
    {
        var turn = _turns.GetOrAdd(id, _ => new SemaphoreSlim(1));
        await turn.WaitAsync(cancellation);
        try
        {
            if (await LoadAsync(id, cancellation) is not { } live)
            {
                return default;
            }

            return live.Journal.Any(j => j.ClientId == clientId)
                ? new(View(live), null)
                : await TakeAsync(live, clientId, kind, at, data, cancellation);
        }
        finally
        {
            turn.Release();
        }
    }

    /// <summary>What is left of a cook, from now on.</summary>
    public LineUp LineUp(LiveCook live, TimeZoneInfo zone) =>
        CookLineUp.Of(live.Planned, State(live, live.Events, live.Time.At(clock.GetUtcNow())), CookRecord.LidOnAt(live), zone);

    public CookView View(LiveCook live)
    {
        var time = live.Time;
        var state = State(live, live.Events, time.At(clock.GetUtcNow()));
        return CookView.Of(live, state, CookAhead.Of(live.Planned, live.Events, state, r => Advise(live.Cook.Id, r)), time.Speed);
    }

    private async Task<Appended> TakeAsync(
        LiveCook live,
        string clientId,
        CookEventKind kind,
        DateTimeOffset? at,
        CookEventData data,
        CancellationToken cancellation
    )
    {
        var now = live.Time.At(clock.GetUtcNow());
        var events = live.Events;
        var entry = CookJournal.Complete(new CookEvent("new", kind, at ?? now, data), State(live, events, now));
        if (CookJournal.Refuse(live.Planned, events, entry, now, r => Advise(live.Cook.Id, r)) is { } refusal)
        {
            return new(View(live), refusal);
        }

        // Begun is finished.
        var kept = await store.AppendAsync(live.Cook.Id, clientId, entry, State(live, [.. events, entry], now), CancellationToken.None);
        var after = new LiveCook(live.Cook, live.Planned, [.. live.Journal, kept]);
        Taken?.Invoke(after, kept.Event);
        var view = View(after);
        await hub.Clients.Groups(view.Id, CookHub.All).SendAsync(CookHub.Changed, view, cancellation);
        return new(view, null);
    }

    private CookState State(LiveCook live, IReadOnlyList<CookEvent> events, DateTimeOffset now) =>
        CookJournal.StateOf(live.Planned, events, now, r => Advise(live.Cook.Id, r));

    // Advice takes some tens of milliseconds and depends on nothing but the question.
    private RescueAdvice Advise(string cookId, RescueRequest request)
    {
        var key =
            $"{cookId} "
            + $"{JsonSerializer.Serialize(new { request.Plan.Load.Cut.Id, request.Plan.Load.Pieces, request.Plan.Load.TotalKg, request.MinutesHeld, request.Release, request.Readings, request.LiquidIsThick, request.Later, request.SeparatedAtCelsius })}";
        if (_advice.Count > MostRemembered)
        {
            _advice.Clear();
        }

        return _advice.GetOrAdd(key, _ => RescuePlanner.Advise(request));
    }
}

/// <summary>A cook with its plan and journal.</summary>
/// <param name="Cook">As kept.</param>
/// <param name="Planned">What it set out to do.</param>
/// <param name="Journal">All entries.</param>
internal sealed record LiveCook(KeptCook Cook, PlannedCook Planned, IReadOnlyList<KeptEvent> Journal)
{
    public IReadOnlyList<CookEvent> Events { get; } = [.. Journal.Select(j => j.Event)];

    public bool IsSimulated => Events.Any(e => e.Kind == CookEventKind.Simulated);

    public CookTime Time => CookJournal.TimeOf(Journal.Select(j => (j.Event, j.WrittenAt)));
}
