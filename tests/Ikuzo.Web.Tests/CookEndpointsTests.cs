using System.Globalization;
using System.Text.Json.Nodes;

namespace Ikuzo.Web.Tests;

public class CookEndpointsTests(IkuzoServer server) : CookTests(server), IClassFixture<IkuzoServer>
{
    [Fact]
    public async Task Cook_GoesThroughItsPhasesAndSaysWhatIsNext()
    {
        var id = await StartAsync();
        var (_, cook) = await DoAsync(id, "lid-on");
        Assert.Equal("coming-up", (string)cook!["phase"]!);
        Assert.Equal("pressure-reached", (string)cook["next"]![0]!["kind"]!);
        Assert.NotNull(cook["next"]![0]!["dueAt"]);
        Assert.Equal(["pressure-reached", "hold-over"], cook["ahead"]!.AsArray().Take(2).Select(a => (string)a!["after"]!));
        var phases = cook["ahead"]!.AsArray().Select(a => (string)a!["phase"]!).ToList();
        Assert.Contains("open", phases);
        Assert.Equal("done", phases[^1]); // unmeasured, for who is cut off
        (_, cook) = await DoAsync(id, "pressure-reached");
        Assert.Equal("holding", (string)cook!["phase"]!);
        Assert.Contains((await Server.GetAsync("/api/cooks?state=active")).Body!.AsArray(), c => (string)c!["id"]! == id);
        (_, cook) = await DoAsync(id, "abandoned");
        Assert.Equal("done", (string)cook!["phase"]!);
        Assert.Contains((await Server.GetAsync("/api/cooks?state=ended")).Body!.AsArray(), c => (string)c!["id"]! == id);
    }

    [Fact]
    public async Task SameClientId_ChangesNothing()
    {
        var id = await StartAsync();
        var clientId = Guid.NewGuid().ToString();
        var first = await DoAsync(id, "lid-on", clientId: clientId);
        var second = await DoAsync(id, "lid-on", clientId: clientId);
        Assert.Equal((200, 200), (first.Status, second.Status));
        Assert.Single(second.Body!["events"]!.AsArray());
        await Task.WhenAll(Enumerable.Range(0, 8).Select(_ => DoAsync(id, "note", data: new { text = "hiss" }, clientId: "the-same")));
        Assert.Equal(2, (await Server.GetAsync($"/api/cooks/{id}")).Body!["events"]!.AsArray().Count);
    }

    [Fact]
    public async Task WhatMakesNoSense_IsAConflictThatSaysWhatDoes()
    {
        var id = await StartAsync();
        var (status, problem) = await DoAsync(id, "opened");
        Assert.Equal(409, status);
        Assert.Equal("/problems/not-now", (string)problem!["type"]!);
        Assert.Contains(problem["possible"]!.AsArray(), k => (string)k! == "lid-on");
        await DoAsync(id, "lid-on");
        await DoAsync(id, "pressure-reached");
        Assert.Equal(409, (await DoAsync(id, "opened")).Status); // never with the pin up
        Assert.Equal(409, (await ReadAsync(id, 80)).Status);
        Assert.Equal(409, (await DoAsync(id, "finished")).Status);
    }

    [Theory]
    [InlineData("""{"kind":"lid-on"}""", "clientId")]
    [InlineData("""{"clientId":"a"}""", "kind")]
    [InlineData("""{"clientId":"a","kind":"reading"}""", "kind")]
    [InlineData("""{"clientId":"a","kind":"undone"}""", "data.of")]
    [InlineData("""{"clientId":"a","kind":"note","data":{"text":"<script>1</script>"}}""", "data.text")]
    [InlineData("""{"clientId":"a","kind":"clock-set"}""", "kind")]
    [InlineData("""{"clientId":"a","kind":"undone","data":{"of":"99999"}}""", "at")]
    public async Task BadEvent_NamesTheField(string body, string field)
    {
        var (status, problem) = await Server.PostAsync($"/api/cooks/{await StartAsync()}/events", body);
        Assert.Equal(400, status);
        Assert.NotNull(problem!["errors"]![field]);
    }

    private static object Bird(bool browned = false, int? minutes = null) =>
        new
        {
            load = new
            {
                cut = "chicken-whole",
                pieces = 1,
                totalKg = 1.5,
            },
            browned,
            minutes,
        };

    private static object Thighs(int? minutes = null) =>
        new
        {
            load = new
            {
                cut = "chicken-thigh-bone-in",
                pieces = 6,
                totalKg = 1.1,
            },
            minutes,
        };

    [Fact]
    public async Task WhatMustBeSeenTo_IsAskedForAndThenItBegins()
    {
        var (status, problem) = await Server.PostAsync("/api/cooks", new { plan = Bird(browned: true) });
        Assert.Equal((409, "/problems/to-confirm"), (status, (string)problem!["type"]!));
        var codes = problem["toConfirm"]!.AsArray().Select(c => (string)c!["code"]!).ToArray();
        Assert.Equal(["browned-bits", "giblets"], codes.Order());
        Assert.All(problem["toConfirm"]!.AsArray(), c => Assert.NotEmpty((string)c!["text"]!));
        var (half, left) = await Server.PostAsync("/api/cooks", new { plan = Bird(browned: true), confirmed = codes[..1] });
        Assert.Equal((409, codes[1]), (half, (string)left!["toConfirm"]!.AsArray().Single()!["code"]!));
        var (begun, cook) = await Server.PostAsync("/api/cooks", new { plan = Bird(browned: true), confirmed = codes });
        Assert.Equal((201, "browning-started"), (begun, (string)cook!["next"]![0]!["kind"]!));
    }

    private Task<JsonNode> UnderPressureAsync(string id) =>
        Deadline.UntilAsync(
            async () => (await Server.GetAsync($"/api/cooks/{id}")).Body!,
            cook => (string)cook["phase"]! is "holding" or "resting"
        );

    // With the pin up nothing is opened, whatever the hand says: the probe would stay silent for good.
    [Fact]
    public async Task RehearsedPot_IsNotOpenedAgainstItsPin()
    {
        var id = await StartAsync(Thighs());
        await Server.PostAsync($"/api/cooks/{id}/simulate", new { speed = 120, seed = 3 });
        await DoAsync(id, "lid-on");
        await UnderPressureAsync(id);
        await DoAsync(id, "vented");
        var (status, problem) = await DoAsync(id, "pin-down");
        Assert.Equal((409, "/problems/not-now"), (status, (string)problem!["type"]!));
        Assert.Contains("pin", (string)problem["detail"]!, StringComparison.Ordinal);
        Assert.Contains(problem["possible"]!.AsArray(), k => (string)k! == "vented");
        await DoAsync(id, "abandoned");
        Assert.Equal(409, await RehearseAsync(id));
    }

    private async Task<int> RehearseAsync(string id) => (await Server.PostAsync($"/api/cooks/{id}/simulate", new { speed = 60 })).Status;

    [Fact]
    public async Task CookThatWasBegunWithMeat_IsNotMadeARehearsal()
    {
        var id = await StartAsync(Thighs());
        await DoAsync(id, "lid-on");
        Assert.Equal(409, await RehearseAsync(id));
        Assert.False((bool)(await Server.GetAsync($"/api/cooks/{id}")).Body!["simulated"]!);
    }

    [Fact]
    public async Task PotThatIsOpenAlready_IsAskedForNothing()
    {
        var plan = new
        {
            load = new
            {
                cut = "chicken-whole",
                pieces = 1,
                totalKg = 1.5,
            },
            liquidMl = 50, // too little: it was cooked all the same
            minutes = 20,
            release = new { kind = "natural" },
        };
        Assert.Equal(201, (await Server.PostAsync("/api/cooks", new { plan, openedMinutesAgo = 2 })).Status);
        Assert.Equal("/problems/no-plan", (string)(await Server.PostAsync("/api/cooks", new { plan })).Body!["type"]!);
    }

    [Fact]
    public async Task MinutesThatAreNotSafe_AreSaidAtThePotAndInTheRecord()
    {
        var (_, cook) = await Server.PostAsync("/api/cooks", new { plan = Bird(minutes: 5), confirmed = new[] { "giblets" } });
        Assert.Equal("too-short", (string)cook!["tooShort"]!["code"]!);
        var id = (string)cook["id"]!;
        var table = await Server.Http.GetStringAsync($"/api/cooks/{id}/journal.csv", TestContext.Current.CancellationToken);
        Assert.Contains("Set at least", table, StringComparison.Ordinal);
        Assert.Equal("too-short", (string)(await Server.GetAsync($"/api/cooks/{id}/journal")).Body!["cook"]!["tooShort"]!["code"]!);
        Assert.Null((await Server.GetAsync($"/api/cooks/{await StartAsync(Thighs())}")).Body!["tooShort"]);
    }

    [Theory]
    [InlineData("fahrenheit", "done")]
    [InlineData("celsius", "short")]
    [InlineData(null, "short")] // a household of °C
    public async Task Reading_IsComparedAsItWasRead(string? scale, string verdict)
    {
        var id = await StartAsync(Thighs(minutes: 40));
        await DoAsync(id, "lid-on", Ago(75));
        await DoAsync(id, "pressure-reached", Ago(60));
        await DoAsync(id, "pin-down", Ago(2));
        await DoAsync(id, "opened", Ago(1));
        var (_, said) = await ReadAsync(id, 73.89, scale: scale);
        Assert.Equal(scale == "fahrenheit" ? "measure-more" : "short", (string)said!["verdict"]!); // 100 °C is expected by then
        await ReadAsync(id, 73.89, scale: scale);
        (_, said) = await ReadAsync(id, 73.89, scale: scale);
        Assert.Equal(verdict, (string)said!["verdict"]!);
        var (_, text) = await Server.PostAsync("/api/quantities", new { text = "165 F", dimension = "temperature" });
        Assert.Equal(("fahrenheit", 73.8889), ((string)text!["scale"]!, (double)text["value"]!));
    }

    [Fact]
    public async Task GoodReading_IsDoneAndMayBeServed()
    {
        var id = await StartAsync();
        await OpenAsync(id, 15);
        await ReadAsync(id, 97);
        var (status, said) = await ReadAsync(id, 98);
        Assert.Equal((200, "done", "none"), (status, (string)said!["verdict"]!, (string)said["method"]!));
        var (_, cook) = await DoAsync(id, "finished");
        Assert.Equal(("done", "done"), ((string)cook!["phase"]!, (string)cook["verdict"]!));
    }

    [Fact]
    public async Task ShortReading_GivesMinutesAndGoesBack()
    {
        var id = await StartAsync();
        await OpenAsync(id, 1);
        var (_, said) = await ReadAsync(id, 58);
        Assert.Equal(("short", "back-under-pressure"), ((string)said!["verdict"]!, (string)said["method"]!));
        Assert.True((double)said["minutes"]! >= 1);
        Assert.Equal(409, (await DoAsync(id, "finished")).Status);
        var (_, cook) = await DoAsync(id, "back-under-pressure");
        Assert.Equal("rescuing", (string)cook!["phase"]!);
        Assert.Equal((double)said["minutes"]!, (double)cook["state"]!["minutes"]!);
        Assert.Equal((double)said["minutes"]!, (double)cook["events"]!.AsArray()[^1]!["data"]!["minutes"]!);
    }

    [Fact]
    public async Task NotMeasured_StaysOnTheRecord()
    {
        var id = await StartAsync();
        await OpenAsync(id, 12);
        var (_, cook) = await DoAsync(id, "not-measured");
        Assert.Equal(("finishing", "not-measured"), ((string)cook!["phase"]!, (string)cook["verdict"]!));
        (_, cook) = await DoAsync(id, "finished");
        Assert.True((bool)cook!["state"]!["everNotMeasured"]!);
        Assert.Equal("not-measured", (string)cook["verdict"]!);
    }

    [Fact]
    public async Task ThermometerThatReadsTooHot_IsCorrectedNeverTheOtherWay()
    {
        await using var own = new IkuzoServer();
        var settings = (await own.GetAsync("/api/kitchen")).Body!["settings"]!;
        settings["iceCelsius"] = 2;
        settings["boilingCelsius"] = 102;
        var (_, kitchen) = await own.SendAsync(HttpMethod.Put, "/api/kitchen", settings.ToJsonString());
        Assert.Equal(2, (double)kitchen!["thermometer"]!["offsetKelvin"]!, 0.3);
        var id = (string)(await own.PostAsync("/api/cooks", new { plan = Breasts })).Body!["id"]!;
        foreach (var kind in new[] { "lid-on", "pressure-reached", "vented", "pin-down", "opened" })
        {
            await own.PostAsync($"/api/cooks/{id}/events", new { clientId = kind, kind });
        }

        var (_, said) = await own.PostAsync(
            $"/api/cooks/{id}/readings",
            new
            {
                clientId = "r",
                spot = "centre",
                celsius = 75,
            }
        );
        Assert.Equal(73, (double)said!["cook"]!["events"]!.AsArray()[^1]!["data"]!["celsius"]!, 0.3);
        Assert.Equal(75, (double)said["cook"]!["events"]!.AsArray()[^1]!["data"]!["shownCelsius"]!);
    }

    [Theory]
    [InlineData("vent")]
    [InlineData("natural")]
    public async Task PotThatIsOpenAlready_GetsAJournalWrittenBackAndItsVerdict(string kind)
    {
        var plan = new
        {
            load = new
            {
                cut = "chicken-breast-boneless",
                pieces = 3,
                totalKg = 0.7,
            },
            minutes = 3,
            release = new { kind },
        };
        var (status, cook) = await Server.PostAsync("/api/cooks", new { plan, openedMinutesAgo = 2 });
        Assert.Equal((201, "open"), (status, (string)cook!["phase"]!));
        Assert.All(cook["events"]!.AsArray(), e => Assert.Contains("not seen", (string)e!["data"]!["text"]!));
        Assert.Equal(kind == "vent", cook["events"]!.AsArray().Any(e => (string)e!["kind"]! == "vented"));
        var (_, said) = await ReadAsync((string)cook["id"]!, 62);
        Assert.Equal("short", (string)said!["verdict"]!);
        Assert.NotNull(
            (await Server.PostAsync("/api/cooks", new { plan = Breasts, openedMinutesAgo = 90 })).Body!["errors"]!["openedMinutesAgo"]
        );
        var unsaid = new
        {
            load = new
            {
                cut = "chicken-wing",
                pieces = 6,
                totalKg = 0.5,
            },
        };
        Assert.NotNull(
            (await Server.PostAsync("/api/cooks", new { plan = unsaid, openedMinutesAgo = 2 })).Body!["errors"]!["plan.minutes"]
        );
    }

    [Fact]
    public async Task LineUpOfACook_IsWhatIsLeftOfItAndGoesIntoACalendar()
    {
        var id = await StartAsync();
        await DoAsync(id, "lid-on", Ago(30));
        await DoAsync(id, "pressure-reached", Ago(1));
        var (status, lineUp) = await Server.GetAsync($"/api/cooks/{id}/lineup?timeZone=Europe/Vienna");
        Assert.Equal((200, "hold-1"), (status, (string)lineUp!["tasks"]![0]!["id"]!));
        Assert.Contains("later", (string)lineUp["conflicts"]![0]!);
        Assert.Equal(400, (await Server.GetAsync($"/api/cooks/{id}/lineup?timeZone=Nowhere")).Status);
        Assert.Equal(404, (await Server.GetAsync("/api/cooks/none/lineup")).Status);
        Assert.Contains(
            "BEGIN:VALARM",
            await Server.Http.GetStringAsync($"/api/cooks/{id}/lineup.ics", TestContext.Current.CancellationToken)
        );
    }

    [Fact]
    public async Task PlanWithAStop_IsNotBegun()
    {
        var (status, problem) = await Server.PostAsync(
            "/api/cooks",
            new
            {
                plan = new
                {
                    load = new
                    {
                        cut = "turkey-whole",
                        pieces = 1,
                        totalKg = 7,
                    },
                },
            }
        );
        Assert.Equal((409, "/problems/no-plan"), (status, (string)problem!["type"]!));
    }

    [Fact]
    public async Task Rehearsal_RunsToPressureByItself()
    {
        var id = await StartAsync();
        await Server.PostAsync(
            $"/api/cooks/{id}/simulate",
            new
            {
                speed = 120,
                seed = 7,
                faults = Array.Empty<string>(),
            }
        );
        await DoAsync(id, "lid-on");
        var cook = await UnderPressureAsync(id);
        var reached = cook["events"]!.AsArray().Single(e => (string)e!["kind"]! == "pressure-reached")!;
        var lidOn = cook["events"]!.AsArray().Single(e => (string)e!["kind"]! == "lid-on")!;
        var minutes = (
            DateTimeOffset.Parse((string)reached["at"]!, CultureInfo.InvariantCulture)
            - DateTimeOffset.Parse((string)lidOn["at"]!, CultureInfo.InvariantCulture)
        ).TotalMinutes;
        Assert.InRange(minutes, 5, 25);
        Assert.Equal(400, (await Server.PostAsync($"/api/cooks/{id}/simulate", new { speed = 1000 })).Status);
    }

    [Fact]
    public async Task Journal_GoesOutAsJsonAndCsvWithItsCurves()
    {
        var id = await StartAsync();
        await DoAsync(id, "lid-on", Ago(10));
        await DoAsync(id, "note", data: new { text = "=HYPERLINK(1)" });
        using var csv = new StringContent("minutes,core (°F),air\n0,40,70\n1.5,41,\n3,50,\n", System.Text.Encoding.UTF8, "text/csv");
        using var answer = await Server.Http.PostAsync($"/api/cooks/{id}/temperatures", csv, TestContext.Current.CancellationToken);
        Assert.Equal(200, (int)answer.StatusCode);
        var file = (await Server.GetAsync($"/api/cooks/{id}/journal")).Body!;
        Assert.Equal("ikuzo-cook", (string)file["format"]!);
        var measured = file["curves"]!["measured"]!.AsArray();
        Assert.Equal(["air", "core (°F)"], measured.Select(c => (string)c!["name"]!));
        Assert.Equal(5, (double)measured[1]!["celsius"]![1]!, 0.01);
        var table = await Server.Http.GetStringAsync($"/api/cooks/{id}/journal.csv", TestContext.Current.CancellationToken);
        Assert.Contains("event,LidOn", table);
        Assert.Contains("'=HYPERLINK", table);
        Assert.Contains("predicted coldest spot", table);
    }

    [Theory]
    [InlineData("")]
    [InlineData("just words")]
    [InlineData("time,a\nnoon,5")]
    [InlineData("time,a\n1,hot")]
    [InlineData("time,a\n1,900")]
    [InlineData("time,<script>\n1,20")]
    [InlineData("time,a\n99999,20")]
    public async Task BrokenTemperatureLog_IsRefusedWithAReason(string text)
    {
        using var csv = new StringContent(text, System.Text.Encoding.UTF8, "text/csv");
        using var answer = await Server.Http.PostAsync(
            $"/api/cooks/{await StartAsync()}/temperatures",
            csv,
            TestContext.Current.CancellationToken
        );
        Assert.Equal(422, (int)answer.StatusCode);
    }

    [Fact]
    public async Task Cooling_OfShallowBoxesIsInTimeAndOfDeepOnesNot()
    {
        var courses = (await Server.GetAsync("/api/cooling")).Body!.AsArray();
        Assert.True((bool)courses[0]!["isInTime"]!);
        Assert.False((bool)courses[^1]!["isInTime"]!);
        var iced = (await Server.GetAsync("/api/cooling?iceWater=true&depthMm=50")).Body!.AsArray();
        Assert.True((double)iced[0]!["toColdHours"]! < (double)courses[2]!["toColdHours"]!);
        Assert.Equal(400, (await Server.GetAsync("/api/cooling?depthMm=5000")).Status);
    }

    [Fact]
    public async Task Aftercare_WarnsOfGlassAndSugar()
    {
        var after = (await Server.GetAsync($"/api/cooks/{await StartAsync()}/aftercare")).Body!;
        var grill = after["crisping"]!.AsArray().Single(c => (string)c!["way"]! == "grill")!;
        Assert.Contains("glass", grill["mind"]!.ToJsonString());
        Assert.Contains("glaze", grill["mind"]!.ToJsonString());
        Assert.NotNull(after["liquid"]);
    }
}
