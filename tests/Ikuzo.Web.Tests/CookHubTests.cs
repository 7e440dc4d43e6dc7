using System.Text.Json.Nodes;
using Microsoft.AspNetCore.SignalR.Client;

namespace Ikuzo.Web.Tests;

public class CookHubTests(IkuzoServer server) : IClassFixture<IkuzoServer>
{
    private static readonly object Plan = new
    {
        load = new
        {
            cut = "chicken-cutlet",
            pieces = 3,
            totalKg = 0.4,
        },
    };

    private async Task<HubConnection> ListenAsync(string id, string message, TaskCompletionSource<JsonObject> heard)
    {
        var hub = new HubConnectionBuilder().WithUrl(new Uri(server.Http.BaseAddress!, "/hubs/cooks")).Build();
        hub.On<JsonObject>(message, cook => heard.TrySetResult(cook));
        await hub.StartAsync(TestContext.Current.CancellationToken);
        await hub.InvokeAsync("Watch", id, TestContext.Current.CancellationToken);
        return hub;
    }

    private async Task<string> StartAsync() => (string)(await server.PostAsync("/api/cooks", new { plan = Plan })).Body!["id"]!;

    [Fact]
    public async Task Listener_HearsAChange()
    {
        var id = await StartAsync();
        var heard = new TaskCompletionSource<JsonObject>();
        await using var hub = await ListenAsync(id, "changed", heard);
        await server.PostAsync($"/api/cooks/{id}/events", new { clientId = "a", kind = "lid-on" });
        var cook = await Deadline.ForAsync(heard.Task);
        Assert.Equal((id, "coming-up"), ((string)cook["id"]!, (string)cook["phase"]!));
    }

    [Fact]
    public async Task Listener_HearsPotAndProbeOfARehearsal()
    {
        var id = await StartAsync();
        await server.PostAsync($"/api/cooks/{id}/simulate", new { speed = 10 });
        var heard = new TaskCompletionSource<JsonObject>();
        await using var hub = await ListenAsync(id, "told", heard);
        await server.PostAsync($"/api/cooks/{id}/events", new { clientId = "a", kind = "lid-on" });
        var report = await Deadline.ForAsync(heard.Task);
        Assert.Equal(id, (string)report["cookId"]!);
        Assert.True((double)report["pot"]!["celsius"]! > 0);
    }

    [Fact]
    public async Task Listener_OfAnotherCook_HearsNothing()
    {
        var (id, other) = (await StartAsync(), await StartAsync());
        var heard = new TaskCompletionSource<JsonObject>();
        await using var hub = await ListenAsync(other, "changed", heard);
        await server.PostAsync($"/api/cooks/{id}/events", new { clientId = "a", kind = "lid-on" });
        await Task.Delay(300, TestContext.Current.CancellationToken);
        Assert.False(heard.Task.IsCompleted);
    }
}
