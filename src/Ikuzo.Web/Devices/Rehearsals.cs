using System.Collections.Concurrent;
using System.Security.Cryptography;
using System.Text;
using Ikuzo.Core.Running.Journal;
using Ikuzo.Core.Running.Rehearsal;
using Ikuzo.Core.Trust;
using Ikuzo.Web.Features.Cooks;
using Ikuzo.Web.Features.Kitchen;
using Microsoft.AspNetCore.SignalR;

namespace Ikuzo.Web.Devices;

/// <summary>What pot and probe say.</summary>
/// <param name="CookId">Of which cook.</param>
/// <param name="At">When, on its clock.</param>
/// <param name="Pot">The pot.</param>
/// <param name="Probe">Spots and temperatures, °C, null while the probe is silent; empty while the lid is on.</param>
public sealed record DeviceReport(string CookId, DateTimeOffset At, CookerReport Pot, IReadOnlyDictionary<string, double?> Probe);

/// <summary>
/// Runs the simulated pots: each follows the journal of its cook, and what it announces goes into the journal like a hand's entry.
/// </summary>
/// <remarks>A pot is made anew from the journal when the server starts, and comes out the same.</remarks>
internal sealed partial class Rehearsals(
    CookService cooks,
    CookStore store,
    IHubContext<CookHub> hub,
    TimeProvider clock,
    ILogger<Rehearsals> logger
) : BackgroundService
{
    private static readonly TimeSpan Beat = TimeSpan.FromMilliseconds(200);
    private const int BeatsPerReport = 4;

    private readonly ConcurrentDictionary<string, Rehearsal> _running = new();

    /// <summary>What a probe says now; null when the cook has no simulated one or it is silent.</summary>
    public double? Probe(string cookId, string spot)
    {
        if (!_running.TryGetValue(cookId, out var rehearsal))
        {
            return null;
        }

        lock (rehearsal.Pot)
        {
            return rehearsal.Pot.Report.LidOn ? null : rehearsal.Pot.Read(spot);
        }
    }

    public override async Task StartAsync(CancellationToken cancellationToken)
    {
        cooks.Taken += Follow;
        foreach (var cook in await store.AllAsync(ended: false, cancellationToken))
        {
            if (cook.Simulated && await cooks.LoadAsync(cook.Id, cancellationToken) is { } live)
            {
                _running[cook.Id] = Make(live);
            }
        }

        await base.StartAsync(cancellationToken);
    }

    /// <summary>
    /// What the pot of a rehearsal has gone through until a moment, minutes since lid-on and °C; null for a cook without one.
    /// </summary>
    internal IReadOnlyList<(double Minutes, double Pot, double Coldest)>? Curve(LiveCook live, DateTimeOffset until)
    {
        if (!_running.TryGetValue(live.Cook.Id, out var rehearsal))
        {
            return live.IsSimulated ? Make(live, until).Pot.Curve : null;
        }

        lock (rehearsal.Pot)
        {
            return [.. rehearsal.Pot.Curve];
        }
    }

    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        using var timer = new PeriodicTimer(Beat, clock);
        for (var beat = 0; await timer.WaitForNextTickAsync(stoppingToken); beat++)
        {
            foreach (var (id, rehearsal) in _running)
            {
                try
                {
                    await GoOnAsync(id, rehearsal, beat % BeatsPerReport == 0, stoppingToken);
                }
                catch (Exception error) when (error is not OperationCanceledException)
                {
                    LogStopped(logger, error, id);
                    _running.TryRemove(id, out _);
                }
            }
        }
    }

    private async Task GoOnAsync(string id, Rehearsal rehearsal, bool report, CancellationToken cancellation)
    {
        Announcement[] said;
        DeviceReport? told = null;
        lock (rehearsal.Pot)
        {
            rehearsal.Pot.AdvanceTo(rehearsal.Time.At(clock.GetUtcNow()));
            // The journal's clock knows that itself.
            said = [.. rehearsal.Pot.TakeAnnouncements().Where(a => a.Kind != CookEventKind.HoldOver)];
            if (report)
            {
                told = Report(id, rehearsal);
            }
        }

        foreach (var announcement in said)
        {
            await cooks.AppendAsync(id, ClientId(id, announcement), announcement.Kind, announcement.At, CookEventData.None, cancellation);
        }

        if (told is not null)
        {
            await hub.Clients.Group(id).SendAsync(CookHub.Told, told, cancellation);
        }
    }

    private DeviceReport Report(string id, Rehearsal rehearsal)
    {
        var pot = rehearsal.Pot.Report;
        IReadOnlyList<CookSpot> spots = pot.LidOn ? [] : rehearsal.Planned.Spots;
        return new(id, rehearsal.Time.At(clock.GetUtcNow()), pot, spots.ToDictionary(s => s.Id, s => rehearsal.Pot.Read(s.Id)));
    }

    // In the order of the journal; called while the turn of the cook is held.
    private void Follow(LiveCook live, CookEvent entry)
    {
        var id = live.Cook.Id;
        var known = _running.TryGetValue(id, out var rehearsal);
        if (entry.Kind is CookEventKind.Finished or CookEventKind.Abandoned)
        {
            _running.TryRemove(id, out _);
        }
        else if (entry.Kind == CookEventKind.Simulated || (known && entry.Kind is CookEventKind.Undone or CookEventKind.Corrected))
        {
            _running[id] = Make(live);
        }
        else if (known)
        {
            lock (rehearsal!.Pot)
            {
                rehearsal.Pot.Take(entry);
            }
        }
    }

    private static Rehearsal Make(LiveCook live, DateTimeOffset? until = null)
    {
        var simulated = live.Events.Last(e => e.Kind == CookEventKind.Simulated).Data;
        var standing = CookJournal.Standing(live.Events).ToList();
        var pot = SimulatedPot.Replay(live.Planned, simulated.Seed ?? 0, simulated.Faults ?? [], standing, until ?? standing[^1].At);
        return new(live.Planned, pot, live.Time);
    }

    // The same announcement has the same name, also from a pot that was made anew.
    private static string ClientId(string cookId, Announcement said) =>
        new Guid(SHA256.HashData(Encoding.UTF8.GetBytes($"{cookId} {said.Kind} {said.At:O}")).AsSpan(0, 16)).ToString();

    [LoggerMessage(Level = LogLevel.Error, Message = "The simulated pot of cook {Id} stopped")]
    private static partial void LogStopped(ILogger logger, Exception exception, string id);

    private sealed record Rehearsal(PlannedCook Planned, SimulatedPot Pot, CookTime Time);
}
