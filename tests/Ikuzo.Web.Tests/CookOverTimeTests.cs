using System.Globalization;
using System.Text.Json.Nodes;
using Microsoft.Data.Sqlite;

namespace Ikuzo.Web.Tests;

/// <summary>Cooks over restarts and over changes of the kitchen.</summary>
public sealed class CookOverTimeTests : IDisposable
{
    private static readonly object Plan = new
    {
        load = new
        {
            cut = "chicken-breast-boneless",
            pieces = 3,
            totalKg = 0.7,
        },
    };

    private readonly string _folder = Directory.CreateTempSubdirectory("ikuzo-time-").FullName;

    public void Dispose()
    {
        SqliteConnection.ClearAllPools();
        Directory.Delete(_folder, recursive: true);
    }

    private static async Task<JsonNode> BeginAsync(IkuzoServer server, double? speed = null)
    {
        var cook = (await server.PostAsync("/api/cooks", new { plan = Plan })).Body!;
        if (speed is { } fast)
        {
            await server.PostAsync($"/api/cooks/{cook["id"]}/simulate", new { speed = fast, seed = 4 });
        }

        return (await server.PostAsync($"/api/cooks/{cook["id"]}/events", new { clientId = "lid", kind = "lid-on" })).Body!;
    }

    private static Task<JsonNode> UntilAsync(IkuzoServer server, string id, Func<JsonNode, bool> enough) =>
        Deadline.UntilAsync(async () => (await server.GetAsync($"/api/cooks/{id}")).Body!, enough);

    private static DateTimeOffset At(JsonNode cook, string kind) =>
        DateTimeOffset.Parse(
            (string)cook["events"]!.AsArray().First(e => (string)e!["kind"]! == kind)!["at"]!,
            CultureInfo.InvariantCulture
        );

    [Fact]
    public async Task ManualCook_GoesOnAtTheRightSecondAfterARestart()
    {
        string id;
        JsonNode before;
        await using (var first = new IkuzoServer(demo: false, _folder))
        {
            before = await BeginAsync(first);
            id = (string)before["id"]!;
        }

        await using var second = new IkuzoServer(demo: false, _folder);
        var after = (await second.GetAsync($"/api/cooks/{id}")).Body!;
        Assert.Equal((string)before["phase"]!, (string)after["phase"]!);
        Assert.Equal((string)before["since"]!, (string)after["since"]!);
        Assert.Equal((string)before["next"]![0]!["dueAt"]!, (string)after["next"]![0]!["dueAt"]!);
    }

    [Fact]
    public async Task Rehearsal_GoesOnByItselfAfterARestartAndAnnouncesNothingTwice()
    {
        string id;
        await using (var first = new IkuzoServer(demo: false, _folder))
        {
            id = (string)(await BeginAsync(first, speed: 120))["id"]!;
        }

        DateTimeOffset reached;
        await using (var second = new IkuzoServer(demo: false, _folder))
        {
            reached = At(
                await UntilAsync(second, id, c => c["events"]!.AsArray().Any(e => (string)e!["kind"]! == "pressure-reached")),
                "pressure-reached"
            );
        }

        await using (var third = new IkuzoServer(demo: false, _folder))
        {
            await Task.Delay(600, TestContext.Current.CancellationToken);
            var cook = (await third.GetAsync($"/api/cooks/{id}")).Body!;
            Assert.Single(cook["events"]!.AsArray(), e => (string)e!["kind"]! == "pressure-reached");
            Assert.Equal(reached, At(cook, "pressure-reached"));
        }
    }

    [Fact]
    public async Task AnotherSpeed_DoesNotMoveWhatHappened()
    {
        await using var server = new IkuzoServer(demo: false, _folder);
        var cook = await BeginAsync(server, speed: 1);
        var id = (string)cook["id"]!;
        var lidOn = At(cook, "lid-on");
        await server.PostAsync($"/api/cooks/{id}/simulate", new { speed = 120, seed = 4 });
        var later = await UntilAsync(server, id, c => c["events"]!.AsArray().Any(e => (string)e!["kind"]! == "pressure-reached"));
        Assert.Equal(lidOn, At(later, "lid-on"));
        Assert.Equal(120, (double)later["speed"]!);
        Assert.InRange((At(later, "pressure-reached") - lidOn).TotalMinutes, 5, 25);
    }

    [Fact]
    public async Task ChangesOfTheKitchen_DoNotChangeTheCook()
    {
        await using var server = new IkuzoServer(demo: false, _folder);
        var cook = await BeginAsync(server);
        var kitchen = (await server.GetAsync("/api/kitchen")).Body!;
        var settings = kitchen["settings"]!;
        settings["altitudeMetres"] = 3000;
        await server.SendAsync(HttpMethod.Put, "/api/kitchen", settings.ToJsonString());
        await server.PostAsync(
            "/api/kitchen/pots",
            new
            {
                name = "Another",
                capacityLitres = 3,
                isDefault = true,
            }
        );
        var after = (await server.GetAsync($"/api/cooks/{cook["id"]}")).Body!;
        Assert.True(JsonNode.DeepEquals(cook["plan"], after["plan"]));
        Assert.Equal((string)cook["next"]![0]!["dueAt"]!, (string)after["next"]![0]!["dueAt"]!);
    }

    [Fact]
    public async Task ProbeOfARehearsal_IsSilentUnderTheLidAndSpeaksInTheOpen()
    {
        await using var server = new IkuzoServer(demo: false, _folder);
        var id = (string)(await BeginAsync(server, speed: 120))["id"]!;
        Assert.Null((await server.GetAsync($"/api/cooks/{id}/probe?spot=centre")).Body!["celsius"]);
        await UntilAsync(server, id, c => (string)c["phase"]! == "resting");
        await server.PostAsync($"/api/cooks/{id}/events", new { clientId = "vent", kind = "vented" });
        await UntilAsync(server, id, c => (string)c["phase"]! == "pin-down");
        await server.PostAsync($"/api/cooks/{id}/events", new { clientId = "open", kind = "opened" });
        Assert.InRange((double)(await server.GetAsync($"/api/cooks/{id}/probe?spot=centre")).Body!["celsius"]!, 40, 115);
        Assert.Equal(404, (await server.GetAsync("/api/cooks/none/probe?spot=centre")).Status);
    }

    [Fact]
    public async Task UndoneOpening_IsUndoneOnTheSimulatedPotToo()
    {
        await using var server = new IkuzoServer(demo: false, _folder);
        var cook = await BeginAsync(server, speed: 60);
        var id = (string)cook["id"]!;
        var lid = (string)cook["events"]!.AsArray().First(e => (string)e!["kind"]! == "lid-on")!["id"]!;
        var (status, after) = await server.PostAsync(
            $"/api/cooks/{id}/events",
            new
            {
                clientId = "u",
                kind = "undone",
                data = new { of = lid },
            }
        );
        Assert.Equal((200, "ready"), (status, (string)after!["phase"]!));
        await Task.Delay(700, TestContext.Current.CancellationToken);
        Assert.Equal("ready", (string)(await server.GetAsync($"/api/cooks/{id}")).Body!["phase"]!);
    }
}
