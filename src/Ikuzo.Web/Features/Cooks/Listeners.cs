using System.Collections.Concurrent;
using System.Threading.Channels;
using Ikuzo.Web.Features.Home;
using Microsoft.AspNetCore.SignalR;

namespace Ikuzo.Web.Features.Cooks;

/// <summary>Who listens to which cooks. Each has a short line of its own, so that one who does not read keeps nobody waiting.</summary>
internal sealed class Listeners(IHubContext<CookHub> hub)
{
    private const int MostWaiting = 32; // each message says the whole state: the newest ones are enough
    private static readonly TimeSpan Patience = TimeSpan.FromSeconds(20);

    private readonly ConcurrentDictionary<string, Listener> _all = new();

    /// <summary>Somebody came.</summary>
    public void Add(HubCallerContext context)
    {
        var listener = new Listener(context);
        _all[context.ConnectionId] = listener;
        _ = TellAsync(listener);
    }

    /// <summary>Somebody went.</summary>
    public void Remove(string connectionId)
    {
        if (_all.TryRemove(connectionId, out var listener))
        {
            listener.Line.Writer.TryComplete();
        }
    }

    /// <summary>Hangs up on a device.</summary>
    public void Close(string deviceId)
    {
        foreach (var listener in _all.Values.Where(l => l.Context.GetHttpContext()?.Device()?.Id == deviceId))
        {
            listener.Context.Abort();
        }
    }

    /// <summary>What somebody listens to.</summary>
    public ConcurrentDictionary<string, bool> Of(string connectionId) => _all[connectionId].Groups;

    /// <summary>Tells all who listen to one of some groups, and waits for none of them.</summary>
    public void Tell(string message, object what, params ReadOnlySpan<string> groups)
    {
        foreach (var listener in _all.Values)
        {
            foreach (var group in groups)
            {
                if (listener.Groups.ContainsKey(group))
                {
                    listener.Line.Writer.TryWrite((message, what));
                    break;
                }
            }
        }
    }

    private async Task TellAsync(Listener listener)
    {
        try
        {
            await foreach (var (message, what) in listener.Line.Reader.ReadAllAsync())
            {
                await hub.Clients.Client(listener.Context.ConnectionId).SendAsync(message, what).WaitAsync(Patience);
            }
        }
        catch (TimeoutException)
        {
            listener.Context.Abort(); // it comes back when it reads again
        }
    }

    private sealed record Listener(HubCallerContext Context)
    {
        public ConcurrentDictionary<string, bool> Groups { get; } = new();

        public Channel<(string Message, object What)> Line { get; } =
            Channel.CreateBounded<(string, object)>(
                new BoundedChannelOptions(MostWaiting) { FullMode = BoundedChannelFullMode.DropOldest, SingleReader = true }
            );
    }
}
