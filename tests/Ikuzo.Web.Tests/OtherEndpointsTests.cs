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
