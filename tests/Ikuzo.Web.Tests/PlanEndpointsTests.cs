using System.Net.Http.Json;

namespace Ikuzo.Web.Tests;

public class PlanEndpointsTests(IkuzoServer server) : IClassFixture<IkuzoServer>
{
    private static readonly object Thighs = new
    {
        load = new
        {
            cut = "chicken-thigh-bone-in",
            pieces = 6,
            totalKg = 1.3,
            state = "frozen",
        },
    };

    // Body, and the field that the refusal must name.
    public static TheoryData<string, string> BadBodies() =>
        new()
        {
            { """{"load":{"cut":"chicken-wing","pieces":4,"totalKg":-1}}""", "load.totalKg" },
            { """{"load":{"cut":"chicken-wing","pieces":4,"totalKg":1e9}}""", "load.totalKg" },
            { """{"load":{"cut":"chicken-wing","pieces":4,"totalKg":1e999}}""", "load.totalKg" },
            { """{"load":{"cut":"chicken-wing","pieces":4,"totalKg":"NaN"}}""", "load.totalKg" },
            { """{"load":{"cut":"chicken-wing","pieces":4}}""", "load.totalKg" },
            { """{"load":{"cut":"chicken-wing","pieces":0,"totalKg":1}}""", "load.pieces" },
            { """{"load":{"cut":"chicken-wing","pieces":2.5,"totalKg":1}}""", "load.pieces" },
            { """{"load":{"cut":"penguin","pieces":1,"totalKg":1}}""", "load.cut" },
            { """{"load":{"cut":7,"pieces":1,"totalKg":1}}""", "load.cut" },
            { """{"load":{"cut":"chicken-wing","pieces":4,"totalKg":1,"state":"lukewarm"}}""", "load.state" },
            { """{"load":{"cut":"chicken-wing","pieces":4,"totalKg":1,"thicknessMm":0}}""", "load.thicknessMm" },
            { """{"load":{"cut":"chicken-wing","pieces":4,"totalKg":1,"thicknessMm":120}}""", "load.thicknessMm" },
            { """{"load":{"cut":"chicken-wing","pieces":4,"totalKg":1,"state":"frozen","startCelsius":4}}""", "load.startCelsius" },
            { """{"load":{"cut":"chicken-wing","pieces":4,"totalKg":1},"altitudeMetres":9000}""", "altitudeMetres" },
            { """{"load":{"cut":"chicken-wing","pieces":4,"totalKg":1},"pot":{"capacityLitres":-3}}""", "pot.capacityLitres" },
            { """{"load":{"cut":"chicken-wing","pieces":4,"totalKg":1},"pot":{}}""", "pot.capacityLitres" },
            { """{"load":{"cut":"chicken-wing","pieces":4,"totalKg":1},"companions":[{"id":"gravel","grams":10}]}""", "companions[0].id" },
            { """{"load":{"cut":"chicken-wing","pieces":4,"totalKg":1},"companions":[null]}""", "companions" },
            { """{"load":{"cut":"chicken-wing","pieces":4,"totalKg":1},"minutes":1000}""", "minutes" },
            {
                """{"load":{"cut":"chicken-wing","pieces":4,"totalKg":1},"pot":{"capacityLitres":3,"highGaugeKpa":40,"lowGaugeKpa":60}}""",
                "pot.lowGaugeKpa"
            },
            {
                """{"load":{"cut":"chicken-wing","pieces":4,"totalKg":1},"pot":{"capacityLitres":3,"fillMarkLitres":4}}""",
                "pot.fillMarkLitres"
            },
            { """{"load":{"cut":"chicken-wing","pieces":4,"totalKg":1},"release":{"restMinutes":5}}""", "release.kind" },
            { """{"load":null}""", "load" },
            { "{}", "load" },
            { """{"load":{"cut":"chicken-wing",""", "load" },
            { "not json", "body" },
            { "[]", "body" },
            { "null", "body" },
            { "", "body" },
        };

    [Theory]
    [MemberData(nameof(BadBodies))]
    public async Task Preview_WithBadInput_IsRefusedAndNamesTheField(string body, string field)
    {
        var (status, problem) = await server.PostAsync("/api/plans/preview", body);
        Assert.Equal(400, status);
        Assert.Contains(problem!["errors"]!.AsObject(), e => e.Key.StartsWith(field, StringComparison.Ordinal));
    }

    [Fact]
    public async Task Load_WithAnotherCutOrNumber_WeighsWhatIsUsual()
    {
        var load = new
        {
            cut = "chicken-thigh-bone-in",
            pieces = 6,
            totalKg = 1.2,
        };
        var wings = (await server.PostAsync("/api/plans/load", new { load, cut = "chicken-wing" })).Body!;
        Assert.Equal(("chicken-wing", 6, 0.54), ((string)wings["cut"]!, (int)wings["pieces"]!, (double)wings["totalKg"]!));
        var seven = (await server.PostAsync("/api/plans/load", new { load, pieces = 7 })).Body!;
        Assert.Equal((7, 1.4), ((int)seven["pieces"]!, (double)seven["totalKg"]!));
        Assert.Equal(400, (await server.PostAsync("/api/plans/load", new { load, pieces = 0 })).Status);
    }

    [Fact]
    public async Task Preview_WithAMegabyte_IsRefused()
    {
        var (status, problem) = await server.PostAsync("/api/plans/preview", new string('a', 1_000_000));
        Assert.Equal(413, status);
        Assert.NotNull(problem!["errors"]!["body"]);
    }

    [Fact]
    public async Task Save_WithBadInput_StoresNothing()
    {
        var before = (await server.GetAsync("/api/plans")).Body!.AsArray().Count;
        var (status, problem) = await server.PostAsync(
            "/api/plans",
            new
            {
                name = " ",
                request = new
                {
                    load = new
                    {
                        cut = "chicken-wing",
                        pieces = 0,
                        totalKg = 1,
                    },
                },
            }
        );
        Assert.Equal(400, status);
        Assert.NotNull(problem!["errors"]!["name"]);
        Assert.NotNull(problem["errors"]!["request.load.pieces"]);
        Assert.Equal(before, (await server.GetAsync("/api/plans")).Body!.AsArray().Count);
    }

    [Fact]
    public async Task Preview_Twice_IsTheSameToTheByte()
    {
        async Task<byte[]> Bytes()
        {
            using var response = await server.Http.PostAsJsonAsync("/api/plans/preview", Thighs, TestContext.Current.CancellationToken);
            return await response.Content.ReadAsByteArrayAsync(TestContext.Current.CancellationToken);
        }

        Assert.Equal(await Bytes(), await Bytes());
    }

    [Fact]
    public async Task Late_FollowsTheClosedPotByItsOwnLevel()
    {
        async Task<double> LastAsync(object pot)
        {
            var (status, late) = await server.PostAsync(
                "/api/plans/late",
                new
                {
                    load = new
                    {
                        cut = "duck-leg",
                        pieces = 4,
                        totalKg = 1.0,
                    },
                    pot,
                }
            );
            Assert.Equal(200, status);
            return (double)late!["moments"]![5]!["coreCelsius"]!;
        }

        Assert.Equal(75, await LastAsync(new { capacityLitres = 5.7, keepWarmCelsius = 75 }), 1.5);
        Assert.True(await LastAsync(new { capacityLitres = 5.7, keepsWarm = false }) < 60);
        Assert.Equal(400, (await server.PostAsync("/api/plans/late", new { load = new { cut = "duck-leg" } })).Status);
    }

    [Fact]
    public async Task Preview_IsSmallOnTheWire()
    {
        using var request = new HttpRequestMessage(HttpMethod.Post, "/api/plans/preview");
        request.Headers.AcceptEncoding.ParseAdd("br");
        request.Content = JsonContent.Create(
            new
            {
                load = new
                {
                    cut = "chicken-whole",
                    pieces = 1,
                    totalKg = 1.8,
                },
            }
        );
        using var response = await server.Http.SendAsync(request, TestContext.Current.CancellationToken);
        Assert.Equal(["br"], response.Content.Headers.ContentEncoding);
        Assert.True((await response.Content.ReadAsByteArrayAsync(TestContext.Current.CancellationToken)).Length < 6000);
    }

    [Fact]
    public async Task Preview_HasWhatClientsRelyOn()
    {
        var (status, plan) = await server.PostAsync("/api/plans/preview", Thighs);
        Assert.Equal(200, status);
        Assert.True((double)plan!["chanceSafe"]! >= 0.99);
        Assert.True((double)plan["toPressureMinutes"]!["p05"]! < (double)plan["toPressureMinutes"]!["p95"]!);
        Assert.Contains((string)plan["release"]!["kind"]!, new[] { "natural", "rest-then-vent", "vent", "pulsed" });
        Assert.Equal(plan["curve"]!["minutes"]!.AsArray().Count, plan["curve"]!["coldest"]!["p01"]!.AsArray().Count);
        Assert.NotEmpty(plan["band"]!.AsArray());
        Assert.True((double)plan["spots"]![0]!["atOpening"]!["p01"]! >= 74);
        Assert.True((double)plan["liquid"]!["minimumMl"]! > 0);
        Assert.All(plan["warnings"]!.AsArray(), w => Assert.Contains((string)w!["level"]!, new[] { "stop", "caution", "note" }));
    }

    [Fact]
    public async Task Preview_WithALidOnTime_HasAClock()
    {
        var (_, plan) = await server.PostAsync(
            "/api/plans/preview",
            """{"load":{"cut":"duck-leg","pieces":4,"totalKg":1},"lidOnAt":"2026-11-24T18:05:00+01:00"}"""
        );
        var eat = DateTimeOffset.Parse((string)plan!["clock"]!["eat"]!, System.Globalization.CultureInfo.InvariantCulture);
        Assert.InRange((eat - new DateTimeOffset(2026, 11, 24, 18, 5, 0, TimeSpan.FromHours(1))).TotalMinutes, 25, 90);
    }

    [Fact]
    public async Task SavedPlan_IsListedFoundRemovedAndBroughtBack()
    {
        var (created, saved) = await server.PostAsync("/api/plans", new { name = "Thighs & more", request = Thighs });
        Assert.Equal(201, created);
        var path = $"/api/plans/{saved!["id"]}";
        Assert.Equal("Thighs & more", (string)(await server.GetAsync(path)).Body!["name"]!);
        Assert.Contains((await server.GetAsync("/api/plans")).Body!.AsArray(), p => (string)p!["id"]! == (string)saved["id"]!);
        Assert.Equal(204, (await server.SendAsync(HttpMethod.Delete, path)).Status);
        Assert.Equal(404, (await server.GetAsync(path)).Status);
        Assert.Equal(404, (await server.SendAsync(HttpMethod.Delete, path)).Status);
        Assert.Equal(204, (await server.SendAsync(HttpMethod.Post, $"{path}/restore")).Status);
        Assert.Equal(200, (await server.GetAsync(path)).Status);
    }

    [Fact]
    public async Task SavedPlan_SurvivesARestart()
    {
        var folder = Directory.CreateTempSubdirectory("ikuzo-test-").FullName;
        string id;
        await using (var first = new IkuzoServer(demo: false, folder))
        {
            id = (string)(await first.PostAsync("/api/plans", new { name = "Kept", request = Thighs })).Body!["id"]!;
        }

        await using var second = new IkuzoServer(demo: false, folder);
        Assert.Equal("Kept", (string)(await second.GetAsync($"/api/plans/{id}")).Body!["name"]!);
    }
}
