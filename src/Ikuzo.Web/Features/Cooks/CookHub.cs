using Microsoft.AspNetCore.SignalR;

namespace Ikuzo.Web.Features.Cooks;

/// <summary>Tells listeners what changes. They ask for one cook, or for all.</summary>
internal sealed class CookHub(Listeners listeners) : Hub
{
    /// <summary>Address of the hub.</summary>
    public const string Path = "/hubs/cooks";

    /// <summary>Group of those who listen to every cook.</summary>
    public const string All = "all";

    /// <summary>Message with a cook after a change.</summary>
    public const string Changed = "changed";

    /// <summary>Message with what pot and probe say.</summary>
    public const string Told = "told";

    private const int MostIdCharacters = 60,
        MostGroups = 100;

    /// <inheritdoc/>
    public override Task OnConnectedAsync()
    {
        listeners.Add(Context);
        return Task.CompletedTask;
    }

    /// <inheritdoc/>
    public override Task OnDisconnectedAsync(Exception? exception)
    {
        listeners.Remove(Context.ConnectionId);
        return Task.CompletedTask;
    }

    /// <summary>Listens to one cook.</summary>
    public void Watch(string? id)
    {
        var groups = listeners.Of(Context.ConnectionId);
        if (id is { Length: > 0 and <= MostIdCharacters } && groups.Count < MostGroups)
        {
            groups[id] = true;
        }
    }

    /// <summary>Stops listening to one cook.</summary>
    public void Leave(string? id) => listeners.Of(Context.ConnectionId).TryRemove(id ?? "", out _);

    /// <summary>Listens to all.</summary>
    public void WatchAll() => Watch(All);
}
