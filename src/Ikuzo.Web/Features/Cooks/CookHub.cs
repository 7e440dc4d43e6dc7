using Microsoft.AspNetCore.SignalR;

namespace Ikuzo.Web.Features.Cooks;

/// <summary>Tells listeners what changes. They ask for one cook, or for all.</summary>
internal sealed class CookHub : Hub
{
    /// <summary>Address of the hub.</summary>
    public const string Path = "/hubs/cooks";

    /// <summary>Group of those who listen to every cook.</summary>
    public const string All = "all";

    /// <summary>Message with a cook after a change.</summary>
    public const string Changed = "changed";

    /// <summary>Message with what pot and probe say.</summary>
    public const string Told = "told";

    private const int MostIdCharacters = 60;

    /// <summary>Listens to one cook.</summary>
    public Task Watch(string? id) =>
        id is { Length: > 0 and <= MostIdCharacters } ? Groups.AddToGroupAsync(Context.ConnectionId, id) : Task.CompletedTask;

    /// <summary>Stops listening to one cook.</summary>
    public Task Leave(string? id) => id is null ? Task.CompletedTask : Groups.RemoveFromGroupAsync(Context.ConnectionId, id);

    /// <summary>Listens to all.</summary>
    public Task WatchAll() => Groups.AddToGroupAsync(Context.ConnectionId, All);
}
