using System.Text.Json.Nodes;

namespace Ikuzo.Web.Tests;

/// <summary>Which promise a household gets, and that a cook keeps the one with which it began.</summary>
public class PromiseTests
{
    private static readonly object Load = new
    {
        cut = "chicken-whole",
        pieces = 1,
        totalKg = 1.8,
    };

    private static async Task SetAsync(IkuzoServer server, bool? hasThermometer, string? usualPromise = null, double? mostReturns = null)
    {
        var (status, _) = await server.SendAsync(
            HttpMethod.Put,
            "/api/kitchen",
            new
            {
                name = "K",
                altitudeMetres = 0,
                roomCelsius = 21,
                units = "metric",
                hasThermometer,
                usualPromise,
                mostReturns,
            }
        );
        Assert.Equal(200, status);
    }

    private static async Task<JsonNode> PlanAsync(IkuzoServer server, string? promise = null, bool? thermometer = null) =>
        (
            await server.PostAsync(
                "/api/plans/preview",
                new
                {
                    load = Load,
                    promise,
                    thermometer,
                }
            )
        ).Body!;

    [Theory]
    [InlineData(null, null, null, null, "sure")] // nobody has said that there is one
    [InlineData(false, null, null, null, "sure")]
    [InlineData(true, null, null, null, "measured")]
    [InlineData(true, "sure", null, null, "sure")]
    [InlineData(true, "sure", "measured", null, "measured")]
    [InlineData(true, "measured", "measured", false, "sure")] // it is out of battery
    [InlineData(null, null, null, true, "measured")] // borrowed
    [InlineData(false, "measured", null, null, "sure")]
    public async Task Promise_IsTheHouseholds_OrThatOfTheCook(bool? has, string? usual, string? asked, bool? thermometer, string promise)
    {
        await using var server = new IkuzoServer();
        await SetAsync(server, has, usual);
        var plan = await PlanAsync(server, asked, thermometer);
        Assert.Equal(promise, (string)plan["promise"]!);
        Assert.True((bool)plan["keepsPromise"]!);
        Assert.Equal(promise == "sure" ? "measured" : "sure", (string)plan["otherPromise"]!["promise"]!);
        Assert.Equal(promise == "sure" ? 25 : 18, (double)plan["minutes"]!);
        Assert.Equal(25, (double)plan["safeMinimumMinutes"]!);
    }

    [Theory]
    [InlineData(null, 18)]
    [InlineData("measured", 18)]
    [InlineData("sure", 25)]
    public async Task Dish_PromisesWhatItSays_OrWhatIsUsual(string? promise, double minutes)
    {
        await using var server = new IkuzoServer();
        await SetAsync(server, true);
        var bird = new
        {
            key = "bird",
            kind = "meat",
            load = Load,
        };
        var (_, dish) = await server.PostAsync("/api/dishes/solve", new { promise, items = new[] { bird } });
        Assert.Equal(minutes, (double)dish!["stages"]![0]!["minutes"]!);
    }

    [Fact]
    public async Task ReturnsThatAreAllRight_AreKept_AndHaveALimit()
    {
        await using var server = new IkuzoServer();
        await SetAsync(server, true, "measured", 0.02);
        Assert.Equal(0.02, (double)(await server.GetAsync("/api/kitchen")).Body!["settings"]!["mostReturns"]!);
        Assert.True((double)(await PlanAsync(server))["readyAtFirst"]! >= 0.98);
        var (status, problem) = await server.PostAsync("/api/plans/preview", new { load = Load, mostReturns = 0.9 });
        Assert.Equal(400, status);
        Assert.NotNull(problem!["errors"]!["mostReturns"]);
    }

    [Fact]
    public async Task Cook_KeepsItsPromise_AndSaysWhatIsMissingWithoutAThermometer()
    {
        await using var server = new IkuzoServer();
        await SetAsync(server, true);
        var (status, cook) = await server.PostAsync("/api/cooks", new { plan = new { load = Load }, confirmed = new[] { "giblets" } });
        Assert.Equal(201, status);
        Assert.Null(cook!["tooShort"]);
        await SetAsync(server, false);
        var id = (string)cook["id"]!;
        Assert.Equal("measured", (string)(await server.GetAsync($"/api/cooks/{id}")).Body!["plan"]!["promise"]!);
        JsonNode? state = null;
        foreach (var (kind, ago) in new[] { ("lid-on", 50), ("pressure-reached", 38), ("pin-down", 4), ("opened", 3) })
        {
            var at = DateTimeOffset.UtcNow.AddMinutes(-ago);
            state = (
                await server.PostAsync(
                    $"/api/cooks/{id}/events",
                    new
                    {
                        clientId = kind,
                        kind,
                        at,
                    }
                )
            ).Body!;
            var text = (string)state["next"]![0]!["text"]!;
            Assert.Equal(kind == "pin-down", text.Contains("Leave it closed for ", StringComparison.Ordinal));
        }

        var next = state!["next"]!.AsArray();
        Assert.Equal(["reading", "back-under-pressure", "not-measured"], next.Select(n => (string)n!["kind"]!));
        Assert.Contains("7 min under pressure", (string)next[1]!["text"]!, StringComparison.Ordinal);
        var (_, back) = await server.PostAsync($"/api/cooks/{id}/events", new { clientId = "b", kind = "back-under-pressure" });
        Assert.Equal(7, (double)back!["state"]!["minutes"]!);
    }
}
