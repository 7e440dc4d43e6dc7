using System.Collections.Concurrent;
using System.Security.Cryptography;
using System.Text;
using Ikuzo.Core.Running.Journal;
using Ikuzo.Core.Running.Rehearsal;
using Ikuzo.Web.Data;
using Ikuzo.Web.Features.Cooks;

namespace Ikuzo.Web.Devices;

/// <summary>What pot and probe say.</summary>
/// <param name="CookId">Of which cook.</param>
/// <param name="At">When, on its clock.</param>
/// <param name="Pot">The pot.</param>
/// <param name="Probe">Spots and temperatures, °C, null while the probe is silent; empty while the lid is on.</param>
public sealed record DeviceReport(string CookId, DateTimeOffset At, CookerReport Pot, IReadOnlyDictionary<string, double?> Probe);

/// <summary>
/// The one runner of pots and probes: each follows the journal of its cook, and what it announces goes into the journal like a hand's
/// entry.
/// </summary>
/// <remarks>What is at a cook is made anew from the journal when the server starts.</remarks>
internal sealed partial class DeviceRunner(
    CookService cooks,
    CookStore store,
    Listeners listeners,
    TimeProvider clock,
    ILogger<DeviceRunner> logger,
    IEnumerable<IDeviceMaker> makers,
    Database database
) : BackgroundService
{
    private static readonly TimeSpan Beat = TimeSpan.FromMilliseconds(200);
    private const int BeatsPerReport = 4;

    private readonly ConcurrentDictionary<string, Running> _running = new();

    /// <summary>What a probe says now; null when the cook has none or it is silent.</summary>
    public double? Probe(string cookId, string spot)
    {
        if (!_running.TryGetValue(cookId, out var running))
        {
            return null;
        }

        lock (running.At.Pot)
        {
            return running.At.Pot.Report.LidOn ? null : running.At.Probe.Read(spot);
        }
    }

    /// <summary>True while the pin of the pot of a cook is up; false for a cook without one.</summary>
    public bool IsPinUp(string cookId)
    {
        if (!_running.TryGetValue(cookId, out var running))
        {
            return false;
        }

        lock (running.At.Pot)
        {
            return running.At.Pot.Report.PinUp;
        }
    }

    public override Task StartAsync(CancellationToken cancellationToken)
    {
        cooks.Taken += Follow;
        return base.StartAsync(cancellationToken);
    }

    /// <summary>What the pot of a cook went through until a moment, minutes since lid-on and °C; null for a cook without one.</summary>
    internal IReadOnlyList<(double Minutes, double Pot, double Coldest)>? Curve(LiveCook live, DateTimeOffset until)
    {
        if (!_running.TryGetValue(live.Cook.Id, out var running))
        {
            return (Make(live, until)?.At.Pot as IRecorder)?.Curve;
        }

        lock (running.At.Pot)
        {
            return running.At.Pot is IRecorder recorder ? [.. recorder.Curve] : null;
        }
    }

    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        await Task.Yield(); // the server answers meanwhile
        var isReplaced = true; // the first time as after a backup was brought back
        database.Replaced += () => Volatile.Write(ref isReplaced, true);
        using var timer = new PeriodicTimer(Beat, clock);
        for (var beat = 0; await timer.WaitForNextTickAsync(stoppingToken); beat++)
        {
            if (Interlocked.Exchange(ref isReplaced, false))
            {
                try
                {
                    _running.Clear();
                    await ResumeAsync(stoppingToken);
                }
                catch (Exception error) when (error is not OperationCanceledException)
                {
                    LogNotResumed(logger, error);
                    Volatile.Write(ref isReplaced, true); // with the next beat
                }
            }

            foreach (var (id, running) in _running)
            {
                try
                {
                    await GoOnAsync(id, running, beat % BeatsPerReport == 0, stoppingToken);
                }
                catch (Exception error) when (error is not OperationCanceledException)
                {
                    LogStopped(logger, error, id);
                    _running.TryRemove(id, out _);
                }
            }
        }
    }

    // What was on when the server stopped. Whatever happened to a cook since has brought its devices already.
    private async Task ResumeAsync(CancellationToken cancellation)
    {
        foreach (var cook in await store.AllAsync(ended: false, Page.First, cancellation))
        {
            try
            {
                if (makers.Any(m => m.Serves(cook)) && await cooks.LoadAsync(cook.Id, cancellation) is { } live && Make(live) is { } made)
                {
                    _running.TryAdd(cook.Id, made);
                }
            }
            catch (Exception error) when (error is not OperationCanceledException)
            {
                LogStopped(logger, error, cook.Id);
            }
        }
    }

    private async Task GoOnAsync(string id, Running running, bool report, CancellationToken cancellation)
    {
        Announcement[] said;
        DeviceReport? told = null;
        lock (running.At.Pot)
        {
            running.At.Pot.AdvanceTo(running.Time.At(clock.GetUtcNow()));
            // The journal's clock knows that itself.
            said = [.. running.At.Pot.TakeAnnouncements().Where(a => a.Kind != CookEventKind.HoldOver)];
            if (report)
            {
                told = Report(id, running);
            }
        }

        foreach (var announcement in said)
        {
            await cooks.AppendAsync(id, ClientId(id, announcement), announcement.Kind, announcement.At, CookEventData.None, cancellation);
        }

        if (told is not null)
        {
            listeners.Tell(CookHub.Told, told, id);
        }
    }

    private DeviceReport Report(string id, Running running)
    {
        var pot = running.At.Pot.Report;
        IReadOnlyList<CookSpot> spots = pot.LidOn ? [] : running.Planned.Spots;
        return new(id, running.Time.At(clock.GetUtcNow()), pot, spots.ToDictionary(s => s.Id, s => running.At.Probe.Read(s.Id)));
    }

    // In the order of the journal; called while the turn of the cook is held.
    private void Follow(LiveCook live, CookEvent entry)
    {
        var id = live.Cook.Id;
        if (entry.Kind is CookEventKind.Finished or CookEventKind.Abandoned)
        {
            _running.TryRemove(id, out _);
        }
        else if (
            _running.TryGetValue(id, out var running)
            && entry.Kind is not (CookEventKind.Simulated or CookEventKind.Undone or CookEventKind.Corrected)
        )
        {
            lock (running.At.Pot)
            {
                running.At.Pot.Take(entry);
            }

            _running[id] = running with { Time = live.Time };
        }
        else if (Make(live) is { } made)
        {
            _running[id] = made;
        }
        else
        {
            _running.TryRemove(id, out _);
        }
    }

    private Running? Make(LiveCook live, DateTimeOffset? until = null)
    {
        if (makers.Select(m => m.Make(live)).FirstOrDefault(a => a is not null) is not { } attached)
        {
            return null;
        }

        // Before its first entry nothing was done to it.
        var standing = CookJournal.Standing(live.Events).ToList();
        return (until ?? standing.LastOrDefault()?.At) is { } at ? new(live.Planned, attached.After(standing, at), live.Time) : null;
    }

    // The same announcement has the same name, also from a pot that was made anew.
    private static string ClientId(string cookId, Announcement said) =>
        new Guid(SHA256.HashData(Encoding.UTF8.GetBytes($"{cookId} {said.Kind} {said.At:O}")).AsSpan(0, 16)).ToString();

    [LoggerMessage(Level = LogLevel.Error, Message = "What was on could not be read; it is tried again")]
    private static partial void LogNotResumed(ILogger logger, Exception exception);

    [LoggerMessage(Level = LogLevel.Error, Message = "The devices of cook {Id} stopped")]
    private static partial void LogStopped(ILogger logger, Exception exception, string id);

    private sealed record Running(PlannedCook Planned, Attached At, CookTime Time);
}
