namespace Ikuzo.Web.Tests;

public class OtherEndpointsTests(IkuzoServer server) : IClassFixture<IkuzoServer>
{
    [Fact]
    public async Task Health_IsOk() => Assert.Equal("ok", (string)(await server.GetAsync("/api/health")).Body!["status"]!);

    [Fact]
    public async Task Catalogue_HasCutsCompanionsAndPots()
    {
        var catalogue = (await server.GetAsync("/api/catalogue")).Body!;
        var ids = catalogue["cuts"]!.AsArray().Select(c => (string)c!["id"]!).ToList();
        Assert.Superset(
            new HashSet<string> { "chicken-whole", "poussin-whole", "turkey-tenderloin", "duck-crown", "duck-carcass" },
            ids.ToHashSet()
        );
        Assert.True(ids.Count >= 34);
        Assert.True(catalogue["companions"]!.AsArray().Count >= 49);
        Assert.NotEmpty(catalogue["pots"]!.AsArray());
    }

    [Fact]
    public async Task Verify_AnswersFromTheProductsSolver()
    {
        var (status, theta) = await server.PostAsync(
            "/api/engine/verify",
            new
            {
                shapeDimensionality = 2,
                biot = 5,
                fourier = 0.2,
            }
        );
        Assert.Equal(200, status);
        Assert.Equal(0.67141841, (double)theta!["thetaCentre"]!, 0.002);
        Assert.Equal(
            400,
            (
                await server.PostAsync(
                    "/api/engine/verify",
                    new
                    {
                        shapeDimensionality = 4,
                        biot = 5,
                        fourier = 0.2,
                    }
                )
            ).Status
        );
    }

    [Fact]
    public async Task Ask_SaysWhatBecameOfEachStretch_WhereItBelongs_AndWhatMustNotGoOn()
    {
        async Task<System.Text.Json.Nodes.JsonNode> AskAsync(string text) =>
            (await server.PostAsync("/api/ask", new { text, today = "2026-12-06" })).Body!;
        const string Text = "6 thighs, 12 min vent, eat at half seven";
        var heard = await AskAsync(Text);
        Assert.Equal(["6", "thighs"], heard["spans"]!.AsArray().Take(2).Select(s => Text[(int)s!["from"]!..(int)s["to"]!]));
        Assert.Equal(["amount", "meat"], heard["spans"]!.AsArray().Take(2).Select(s => (string)s!["kind"]!));
        Assert.Equal("19:30", (string)heard["eatAt"]!);
        Assert.Equal(12, (double)heard["minutes"]!);
        Assert.Empty(heard["stops"]!.AsArray());
        Assert.Null(heard["goTo"]);

        Assert.Equal("stood-warm", (string)(await AskAsync("4 breasts left on the counter for 4 hours"))["stops"]![0]!["code"]!);
        Assert.Empty((await AskAsync("4 breasts left on the counter for 1 hour"))["stops"]!.AsArray());
        Assert.Equal("stood-warm", (string)(await AskAsync("4 breasts left out in the sun for 90 minutes, 35 C"))["stops"]![0]!["code"]!);
        Assert.Equal("smells", (string)(await AskAsync("6 thighs that smell off"))["stops"]![0]!["code"]!);

        var reading = await AskAsync("is 71 inside ok");
        Assert.Equal("check", (string)reading["goTo"]!["place"]!);
        Assert.Equal(71, (double)reading["readingCelsius"]!);
        Assert.Equal("pot", (string)(await AskAsync("says burn"))["goTo"]!["place"]!);
        Assert.NotNull((await AskAsync("canning 6 jars of chicken breast"))["problem"]);
        Assert.Equal(1500, (double)(await AskAsync("6 thighs, we live at 1500 m"))["altitudeMetres"]!);
        Assert.Equal("sure", (string)(await AskAsync("6 thighs, no thermometer"))["promise"]!);

        var asked = (await AskAsync("500 g carrots, still frozen, 6 chicken thighs"))["doubts"]!.AsArray().Single()!;
        Assert.Equal("still frozen", (string)asked["text"]!);
        Assert.Equal(2, asked["follows"]!.AsArray().Count);
        Assert.NotEqual((string)asked["follows"]![0]!, (string)asked["follows"]![1]!);
    }

    [Fact]
    public async Task Ask_FillsTheSentenceAndReportsUnknownWords()
    {
        var (_, heard) = await server.PostAsync("/api/ask", new { text = "6 frozen thighs 3 lb blorf in the 5.7 l pot" });
        Assert.Equal("chicken-thigh-bone-in", (string)heard!["cut"]!);
        Assert.Equal("first", (string)heard["potId"]!);
        Assert.Equal("blorf", (string)heard["unknown"]![0]!);
        Assert.NotNull((await server.PostAsync("/api/ask", new { text = "hello" })).Body!["problem"]);
        Assert.Equal(400, (await server.PostAsync("/api/ask", new { text = new string('a', 301) })).Status);
    }

    [Theory]
    [InlineData("3 lb 4 oz", "mass", "metric", 1.4742)]
    [InlineData("1,5 kg", "mass", "us", 1.5)]
    [InlineData("2", "mass", "us", 0.9072)]
    [InlineData("32", "length", "metric", 32)]
    [InlineData("1 1/4", "length", "us", 31.75)]
    [InlineData("2 cups", "volume", "metric", 473.176)]
    [InlineData("74C", "temperature", "us", 74)]
    [InlineData("165", "temperature", "us", 73.8889)]
    [InlineData("21 °C", "temperature", "metric", 21)]
    public async Task Quantity_IsReadWithItsUnitOrTheHouseholds(string text, string dimension, string units, double value) =>
        Assert.Equal(
            value,
            (double)
                (
                    await server.PostAsync(
                        "/api/quantities",
                        new
                        {
                            text,
                            dimension,
                            units,
                        }
                    )
                ).Body!["value"]!,
            0.001
        );

    [Theory]
    [InlineData("lots", "mass")]
    [InlineData("3 kg", "length")]
    [InlineData("", "volume")]
    public async Task Quantity_ThatIsNotOne_IsRefused(string text, string dimension) =>
        Assert.Equal(
            400,
            (
                await server.PostAsync(
                    "/api/quantities",
                    new
                    {
                        text,
                        dimension,
                        units = "metric",
                    }
                )
            ).Status
        );

    [Fact]
    public async Task UnknownAddress_IsAProblem() =>
        Assert.Equal("/problems/not-found", (string)(await server.GetAsync("/api/nothing")).Body!["type"]!);

    [Theory]
    [InlineData("http://evil.example", "/api/kitchen", 403)]
    [InlineData("null", "/hubs/cooks/negotiate", 403)]
    [InlineData(null, "/api/kitchen", 200)]
    public async Task PageOfAnotherSite_IsTurnedAway(string? origin, string path, int status)
    {
        using var request = new HttpRequestMessage(
            path.StartsWith("/hubs", StringComparison.Ordinal) ? HttpMethod.Post : HttpMethod.Get,
            path
        );
        if (origin is not null)
        {
            request.Headers.Add("Origin", origin);
        }

        using var response = await server.Http.SendAsync(request, TestContext.Current.CancellationToken);
        Assert.Equal(status, (int)response.StatusCode);
    }

    [Fact]
    public async Task Answers_CarryAStrictPolicy()
    {
        using var response = await server.Http.GetAsync("/api/health", TestContext.Current.CancellationToken);
        var policy = Assert.Single(response.Headers.GetValues("Content-Security-Policy"));
        Assert.Contains("script-src 'self'", policy);
        Assert.DoesNotContain("unsafe", policy);
    }
}
