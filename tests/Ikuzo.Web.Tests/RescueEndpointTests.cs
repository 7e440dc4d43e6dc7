namespace Ikuzo.Web.Tests;

public class RescueEndpointTests(IkuzoServer server) : IClassFixture<IkuzoServer>
{
    private static object Opened(double celsius, bool thick = false, string spot = "centre") =>
        new
        {
            plan = new
            {
                load = new
                {
                    cut = "chicken-thigh-bone-in",
                    pieces = 6,
                    totalKg = 1.1,
                },
            },
            minutesHeld = 4,
            release = new { kind = "natural" },
            readings = new[]
            {
                new
                {
                    spot,
                    celsius,
                    afterOpeningMinutes = 1,
                },
            },
            liquidIsThick = thick,
        };

    [Theory]
    [InlineData(false, "back-under-pressure")]
    [InlineData(true, "simmer-covered")]
    public async Task Rescue_OfShortMeat_SaysHowLongAndHow(bool thick, string method)
    {
        var (status, advice) = await server.PostAsync("/api/plans/rescue", Opened(45, thick));
        Assert.Equal(200, status);
        Assert.Equal("short", (string)advice!["verdict"]!);
        Assert.Equal(method, (string)advice["method"]!);
        Assert.True((double)advice["minutes"]! >= 1);
        Assert.True((double)advice["spots"]![0]!["peak"]!["p01"]! >= 74);
    }

    [Fact]
    public async Task Rescue_OfAnUnknownSpot_NamesTheFieldAndTheSpots()
    {
        var (status, problem) = await server.PostAsync("/api/plans/rescue", Opened(64, spot: "beak"));
        Assert.Equal(400, status);
        Assert.Contains("centre", (string)problem!["errors"]!["readings[0].spot"]![0]!);
    }

    [Theory]
    [InlineData("{}", "plan", "readings")]
    [InlineData(
        """{"plan":{"load":{"cut":"duck-leg","pieces":2,"totalKg":0.5}},"minutesHeld":-1,"readings":[{"spot":"centre"}]}""",
        "minutesHeld",
        "readings[0].celsius"
    )]
    public async Task Rescue_WithBadInput_NamesTheFields(string body, string one, string other)
    {
        var (status, problem) = await server.PostAsync("/api/plans/rescue", body);
        Assert.Equal(400, status);
        Assert.NotNull(problem!["errors"]![one]);
        Assert.NotNull(problem["errors"]![other]);
    }
}
