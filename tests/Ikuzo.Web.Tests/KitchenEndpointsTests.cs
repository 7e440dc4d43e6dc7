namespace Ikuzo.Web.Tests;

public class KitchenEndpointsTests(IkuzoServer server) : IClassFixture<IkuzoServer>
{
    [Fact]
    public async Task Altitude_OfTheKitchen_IsUsedByPlans()
    {
        var settings = new
        {
            name = "Hut",
            altitudeMetres = 3000,
            roomCelsius = 18,
            units = "metric",
        };
        Assert.Equal(200, (await server.SendAsync(HttpMethod.Put, "/api/kitchen", settings)).Status);
        var plan = (await server.PostAsync("/api/plans/preview", """{"load":{"cut":"chicken-wing","pieces":8,"totalKg":0.8}}""")).Body!;
        Assert.Equal(89.97, (double)plan["boilingCelsius"]!, 0.05);
        await server.SendAsync(
            HttpMethod.Put,
            "/api/kitchen",
            new
            {
                name = "Hut",
                altitudeMetres = 0,
                roomCelsius = 18,
                units = "metric",
            }
        );
    }

    [Fact]
    public async Task Kitchen_WithBadSettings_IsRefused()
    {
        var (status, problem) = await server.SendAsync(
            HttpMethod.Put,
            "/api/kitchen",
            new
            {
                name = "",
                altitudeMetres = 9999,
                roomCelsius = 21,
                units = "metric",
            }
        );
        Assert.Equal(400, status);
        Assert.Equal(["name", "altitudeMetres"], problem!["errors"]!.AsObject().Select(e => e.Key));
    }

    [Fact]
    public async Task Pot_IsAddedChangedRemovedAndBroughtBack()
    {
        var (created, pot) = await server.PostAsync("/api/kitchen/pots", new { name = "Big", capacityLitres = 8 });
        Assert.Equal(201, created);
        Assert.Equal(375, (double)pot!["minimumLiquidMl"]!);
        var path = $"/api/kitchen/pots/{pot["id"]}";
        var changed = (
            await server.SendAsync(
                HttpMethod.Put,
                path,
                new
                {
                    name = "Bigger",
                    capacityLitres = 10,
                    isDefault = true,
                }
            )
        ).Body!;
        Assert.True((bool)changed["isDefault"]!);
        Assert.Equal("Bigger", (string)(await PotsAsync())[0]!["name"]!);
        Assert.Equal(204, (await server.SendAsync(HttpMethod.Delete, path)).Status);
        Assert.True((bool)(await PotsAsync())[0]!["isDefault"]!);
        Assert.DoesNotContain(await PotsAsync(), p => (string)p!["name"]! == "Bigger");
        Assert.Equal(204, (await server.SendAsync(HttpMethod.Post, $"{path}/restore")).Status);
        Assert.Contains(await PotsAsync(), p => (string)p!["name"]! == "Bigger");
        await server.SendAsync(HttpMethod.Delete, path);
    }

    [Fact]
    public async Task LastPot_CannotBeRemoved() =>
        Assert.Equal(409, (await server.SendAsync(HttpMethod.Delete, $"/api/kitchen/pots/{(await PotsAsync()).Single()!["id"]}")).Status);

    [Fact]
    public async Task DemoHousehold_HasTwoPotsAndPlansOfAllThreeBirds()
    {
        await using var demo = new IkuzoServer(demo: true, folder: null);
        var kitchen = (await demo.GetAsync("/api/kitchen")).Body!;
        Assert.Equal(1350, (double)kitchen["settings"]!["altitudeMetres"]!);
        Assert.Equal([5.7, 3.0], kitchen["pots"]!.AsArray().Select(p => (double)p!["capacityLitres"]!));
        var birds = (await demo.GetAsync("/api/plans"))
            .Body!.AsArray()
            .Select(p => ((string)p!["request"]!["load"]!["cut"]!).Split('-')[0])
            .Distinct()
            .Order();
        Assert.Equal(["chicken", "duck", "turkey"], birds);
    }

    private async Task<System.Text.Json.Nodes.JsonArray> PotsAsync() => (await server.GetAsync("/api/kitchen")).Body!["pots"]!.AsArray();
}
