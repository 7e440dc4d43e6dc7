using System.Net;
using System.Net.Sockets;
using System.Text;
using System.Text.Json.Nodes;

namespace Ikuzo.Web.Tests;

/// <summary>What another site, another name or a broken program may try.</summary>
public sealed class AttackTests(IkuzoServer server) : CookTests(server), IClassFixture<IkuzoServer>
{
    private async Task<HttpResponseMessage> SendAsync(HttpMethod method, string path, params (string Name, string Value)[] headers)
    {
        using var request = new HttpRequestMessage(method, path);
        foreach (var (name, value) in headers)
        {
            request.Headers.TryAddWithoutValidation(name, value);
        }

        return await Server.Http.SendAsync(request, TestContext.Current.CancellationToken);
    }

    // A site that points its own name at this machine sends Host and Origin that match each other.
    [Theory]
    [InlineData("evil.example", "http://evil.example", 403)]
    [InlineData("evil.example:5180", null, 403)]
    [InlineData("localhost", null, 200)]
    [InlineData("127.0.0.1", null, 200)]
    [InlineData("[::1]", null, 200)]
    public async Task NameThatIsNotOurs_IsTurnedAway(string host, string? origin, int status)
    {
        using var answer = await SendAsync(
            HttpMethod.Get,
            "/api/kitchen",
            origin is null ? [("Host", host)] : [("Host", host), ("Origin", origin)]
        );
        Assert.Equal(status, (int)answer.StatusCode);
    }

    [Theory]
    [InlineData("/api/kitchen", "GET", 403)]
    [InlineData("/api/dishes", "POST", 403)]
    [InlineData("/hubs/cooks/negotiate", "POST", 403)]
    [InlineData("/hubs/cooks", "GET", 403)]
    public async Task OtherScheme_AndOtherSites_AreTurnedAway(string path, string method, int status)
    {
        var host = Server.Http.BaseAddress!.Authority;
        foreach (
            var header in new[]
            {
                ("Origin", $"https://{host}"),
                ("Origin", "null"),
                ("Origin", $"http://{host}0"),
                ("Sec-Fetch-Site", "cross-site"),
                ("Sec-Fetch-Site", "same-site"),
            }
        )
        {
            using var answer = await SendAsync(new HttpMethod(method), path, header);
            Assert.True(status == (int)answer.StatusCode, $"{header}: {answer.StatusCode}");
        }

        using var own = await SendAsync(new HttpMethod(method), path, ("Origin", $"http://{host}"), ("Sec-Fetch-Site", "same-origin"));
        Assert.NotEqual(403, (int)own.StatusCode);
    }

    [Fact]
    public async Task LinkFromElsewhere_OpensAPage_AndNothingElse()
    {
        (string, string)[] link = [("Sec-Fetch-Site", "cross-site"), ("Sec-Fetch-Mode", "navigate")];
        using var page = await SendAsync(HttpMethod.Get, "/book", link);
        Assert.NotEqual(HttpStatusCode.Forbidden, page.StatusCode);
        using var data = await SendAsync(HttpMethod.Get, "/api/book/export", link);
        Assert.Equal(HttpStatusCode.Forbidden, data.StatusCode);
    }

    [Theory]
    [InlineData("GET", "/api/nothing", 404, "not-found")]
    [InlineData("POST", "/api/catalogue", 405, "wrong-method")]
    [InlineData("DELETE", "/api/kitchen", 405, "wrong-method")]
    [InlineData("PUT", "/api/dishes", 405, "wrong-method")]
    public async Task Refusal_SaysWhich_AndIsAProblem(string method, string path, int status, string code)
    {
        using var answer = await SendAsync(new HttpMethod(method), path);
        Assert.Equal(status, (int)answer.StatusCode);
        Assert.Equal("application/problem+json", answer.Content.Headers.ContentType!.MediaType);
        var problem = JsonNode.Parse(await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken))!;
        Assert.Equal($"/problems/{code}", (string)problem["type"]!);
    }

    [Fact]
    public async Task BodyOfAnotherKind_IsSaid()
    {
        using var body = new StringContent("text=6 thighs", Encoding.UTF8, "application/x-www-form-urlencoded");
        using var answer = await Server.Http.PostAsync("/api/ask", body, TestContext.Current.CancellationToken);
        Assert.Equal(415, (int)answer.StatusCode);
        Assert.Contains("wrong-type", await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken));
    }

    [Theory]
    [InlineData("/api/kitchen", "no-store")]
    [InlineData("/book", "no-cache")]
    public async Task Answers_SayHowLongTheyAreKept(string path, string kept)
    {
        using var answer = await SendAsync(HttpMethod.Get, path);
        Assert.Equal(kept, answer.Headers.CacheControl?.ToString());
    }

    public static TheoryData<string, string> Broken() =>
        new()
        {
            { "/api/ask", """{"text":"\ud800 6 thighs"}""" },
            { "/api/ask", $$$"""{"text":"{{{new string('9', 290)}}} thighs"}""" },
            { "/api/ask", $$$"""{"text":"6 thighs {{{new string('9', 250)}}} kg"}""" },
            { "/api/store", """{"text":"stock \udfff 1 l"}""" },
            { "/api/book", $$$"""{"text":"yesterday, {{{new string('8', 200)}}} drumsticks, 12 min"}""" },
            { "/api/quantities", $$$"""{"text":"{{{new string('9', 100)}}} kg","dimension":"mass","units":"metric"}""" },
            {
                "/api/lineup",
                """{"plan":{"load":{"cut":"duck-leg","pieces":4,"totalKg":1}},"serveAt":"9999-12-31T23:59Z","now":"9999-12-31T23:59Z"}"""
            },
            { "/api/lineup", """{"plan":{"load":{"cut":"duck-leg","pieces":4,"totalKg":1}},"serveAt":"0001-01-01T00:00:00Z"}""" },
            { "/api/cooks", """{"plan":{"load":{"cut":"duck-leg","pieces":4,"totalKg":1}},"confirmed":[null]}""" },
            {
                "/api/plans/preview",
                $$$"""{"load":{"cut":"duck-leg","pieces":4,"totalKg":1},"pot":{"name":"{{{new string('n', 50_000)}}}"}}"""
            },
            {
                "/api/plans/preview",
                $$$"""{"load":{"cut":"duck-leg","pieces":4,"totalKg":1},"confirmed":["{{{new string('n', 50_000)}}}"]}"""
            },
            { "/api/plans/preview", """{"load":{"cut":"duck-leg","pieces":4,"totalKg":1e999}}""" },
            { "/api/plans/preview", $$$"""{"load":{"cut":"duck-leg","pieces":{{{new string('9', 4000)}}},"totalKg":1}}""" },
            { "/api/dishes", """{"format":"ikuzo-dish","version":1,"name":"a\u0007b","servings":4,"items":[]}""" },
            { "/api/kitchen/pots", """{"name":"\u202e\u0000","capacityLitres":6,"heaterWatts":1000}""" },
        };

    [Theory]
    [MemberData(nameof(Broken))]
    public async Task BrokenBody_IsRefused_AndNeverOurFault(string path, string body)
    {
        var (status, _) = await Server.PostAsync(path, body);
        Assert.InRange(status, 200, 499);
        if (path is not ("/api/ask" or "/api/store"))
        {
            Assert.InRange(status, 400, 422);
        }
    }

    // Fullwidth signs are taken for plain ones by some programs.
    [Theory]
    [InlineData("=1+1")]
    [InlineData("＝1+1")]
    [InlineData("＋1")]
    [InlineData("－1")]
    [InlineData("＠SUM")]
    [InlineData("  =1")]
    public async Task NoteThatLooksLikeAFormula_IsNone(string text)
    {
        var id = await StartAsync();
        await DoAsync(id, "note", data: new { text });
        var table = await Server.Http.GetStringAsync($"/api/cooks/{id}/journal.csv", TestContext.Current.CancellationToken);
        Assert.Contains($"'{text.Trim()}", table);
    }

    // Those that say they will send much and never do wait for themselves alone, however many they are.
    [Fact]
    public async Task SlowUploads_HoldUpNobody()
    {
        var asked = new
        {
            load = new
            {
                cut = "duck-leg",
                pieces = 4,
                totalKg = 1,
            },
        };
        await Server.PostAsync("/api/plans/preview", asked); // the first costs the most
        var slow = Enumerable.Range(0, 4 * Environment.ProcessorCount).Select(_ => new TcpClient()).ToList();
        var turnedAway = new List<Task<int>>();
        foreach (var one in slow)
        {
            await one.ConnectAsync(IPAddress.Loopback, Server.Http.BaseAddress!.Port, TestContext.Current.CancellationToken);
            var begun =
                "POST /api/dishes/import HTTP/1.1\r\nHost: localhost\r\nContent-Type: application/json\r\nContent-Length: 99\r\n\r\n{";
            await one.GetStream().WriteAsync(Encoding.ASCII.GetBytes(begun), TestContext.Current.CancellationToken);
            turnedAway.Add(one.GetStream().ReadAsync(new byte[1], TestContext.Current.CancellationToken).AsTask());
        }

        var answer = Server.PostAsync("/api/plans/preview", asked);
        await Task.WhenAny(turnedAway.Append<Task>(answer));
        Assert.True(answer.IsCompleted, "It waited until a slow one was turned away.");
        Assert.Equal(200, (await answer).Status);
        slow.ForEach(one => one.Dispose());
        await Task.WhenAll(turnedAway).ContinueWith(_ => { }, TaskScheduler.Default);
    }

    [Fact]
    public async Task TwoWindows_TheSecondIsTold_AndGetsWhatItIsNow()
    {
        var dish = JsonNode.Parse(
            """
            {
              "format": "ikuzo-dish", "version": 1, "name": "One", "servings": 4,
              "items": [{"key": "a", "kind": "meat", "load": {"cut": "duck-leg", "pieces": 4, "totalKg": 1}}]
            }
            """
        )!;
        var (_, kept) = await Server.PostAsync("/api/dishes", dish.ToJsonString());
        var (path, version) = ($"/api/dishes/{kept!["id"]}", (string)kept["version"]!);
        async Task<(int, JsonNode)> PutAsync(string address, JsonNode body, string? match)
        {
            using var request = new HttpRequestMessage(HttpMethod.Put, address);
            request.Content = new StringContent(body.ToJsonString(), Encoding.UTF8, "application/json");
            request.Headers.TryAddWithoutValidation("If-Match", match);
            using var answer = await Server.Http.SendAsync(request, TestContext.Current.CancellationToken);
            return ((int)answer.StatusCode, JsonNode.Parse(await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken))!);
        }

        dish["name"] = "Two";
        var (first, after) = await PutAsync(path, dish, $"\"{version}\"");
        Assert.Equal(200, first);
        Assert.NotEqual(version, (string)after["version"]!);
        dish["name"] = "Three";
        var (second, problem) = await PutAsync(path, dish, $"\"{version}\"");
        Assert.Equal((412, "/problems/changed-elsewhere"), (second, (string)problem["type"]!));
        Assert.Equal("Two", (string)problem["current"]!["document"]!["name"]!);
        Assert.Equal(200, (await PutAsync(path, dish, (string)problem["current"]!["version"]!)).Item1);
        Assert.Equal(200, (await PutAsync(path, dish, null)).Item1);

        var (_, kitchen) = await Server.GetAsync("/api/kitchen");
        var settings = kitchen!["settings"]!.DeepClone();
        settings["name"] = "Ours";
        Assert.Equal(200, (await PutAsync("/api/kitchen", settings, (string)kitchen["version"]!)).Item1);
        settings["name"] = "Yours";
        var (late, other) = await PutAsync("/api/kitchen", settings, (string)kitchen["version"]!);
        Assert.Equal((412, "Ours"), (late, (string)other["current"]!["settings"]!["name"]!));

        var pot = kitchen["pots"]![0]!.DeepClone();
        var (at, seen) = ($"/api/kitchen/pots/{pot["id"]}", (string)pot["version"]!);
        pot["name"] = "Mine";
        Assert.Equal(200, (await PutAsync(at, pot, seen)).Item1);
        pot["name"] = "Thine";
        var (refused, now) = await PutAsync(at, pot, seen);
        Assert.Equal((412, "Mine"), (refused, (string)now["current"]!["name"]!));
        Assert.Equal(200, (await PutAsync(at, pot, (string)now["current"]!["version"]!)).Item1);
    }

    [Fact]
    public async Task LastPots_RemovedAtOnce_LeaveOne()
    {
        await using var server = new IkuzoServer();
        for (var round = 0; round < 5; round++)
        {
            var (_, pot) = await server.PostAsync(
                "/api/kitchen/pots",
                new
                {
                    name = "Other",
                    capacityLitres = 6,
                    heaterWatts = 1000,
                }
            );
            Assert.NotNull(pot);
            var ids = (await server.GetAsync("/api/kitchen")).Body!["pots"]!.AsArray().Select(p => (string)p!["id"]!).ToList();
            var removed = await Task.WhenAll(ids.Select(id => server.SendAsync(HttpMethod.Delete, $"/api/kitchen/pots/{id}")));
            Assert.Equal([204, 409], removed.Select(r => r.Status).Order());
            Assert.Single((await server.GetAsync("/api/kitchen")).Body!["pots"]!.AsArray());
        }
    }
}
