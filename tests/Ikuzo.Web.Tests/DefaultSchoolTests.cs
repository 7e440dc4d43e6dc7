namespace Ikuzo.Web.Tests;

public class DefaultSchoolTests
{
    private static readonly object Bird = new
    {
        load = new
        {
            cut = "chicken-whole",
            pieces = 1,
            totalKg = 1.5,
        },
        confirmed = new[] { "giblets" },
    };
    private static readonly object ThinPieces = new
    {
        load = new
        {
            cut = "chicken-thigh-bone-in",
            pieces = 6,
            totalKg = 1.1,
        },
    };

    private static Task<(int Status, System.Text.Json.Nodes.JsonNode? Body)> FollowAsync(IkuzoServer server, string school) =>
        server.SendAsync(
            HttpMethod.Put,
            "/api/kitchen",
            new
            {
                name = "K",
                altitudeMetres = 0,
                roomCelsius = 21,
                units = "metric",
                defaultSchool = school,
            }
        );

    [Fact]
    public async Task SchoolOfTheHousehold_WhereItIsSafe_IsFollowedAndSaidSo()
    {
        await using var server = new IkuzoServer();
        await FollowAsync(server, "vent-at-once");
        var plan = (
            await server.PostAsync(
                "/api/plans/preview",
                new
                {
                    load = new
                    {
                        cut = "duck-leg",
                        pieces = 4,
                        totalKg = 1.0,
                    },
                    aim = "fall-apart",
                }
            )
        ).Body!;
        Assert.Equal("vent", (string)plan["release"]!["kind"]!);
        Assert.Contains(plan["warnings"]!.AsArray(), w => (string)w!["code"]! == "school-followed");
        Assert.True((double)plan["chanceSafe"]! >= 0.99);
    }

    [Fact]
    public async Task SchoolOfTheHousehold_WhereItIsShort_IsNotFollowedAndSaidSo()
    {
        await using var server = new IkuzoServer();
        var own = (await server.PostAsync("/api/plans/preview", Bird)).Body!;
        await FollowAsync(server, "by-weight");
        var plan = (await server.PostAsync("/api/plans/preview", Bird)).Body!;
        Assert.Equal("short", (string)own["schools"]!.AsArray().First(s => (string)s!["id"]! == "by-weight")!["verdict"]!);
        Assert.Equal((double)own["minutes"]!, (double)plan["minutes"]!);
        Assert.Contains(plan["warnings"]!.AsArray(), w => (string)w!["code"]! == "school-not-followed");
    }

    [Fact]
    public async Task SchoolWithNothingToSay_OrNone_LeavesTheComputedAnswer()
    {
        await using var server = new IkuzoServer();
        var own = (await server.PostAsync("/api/plans/preview", ThinPieces)).Body!;
        await FollowAsync(server, "flat");
        Assert.Equal((double)own["minutes"]!, (double)(await server.PostAsync("/api/plans/preview", ThinPieces)).Body!["minutes"]!);
    }

    [Fact]
    public async Task SchoolThatNobodyKnows_IsRefused()
    {
        await using var server = new IkuzoServer();
        var (status, problem) = await FollowAsync(server, "guess");
        Assert.Equal(400, status);
        Assert.NotNull(problem!["errors"]!["defaultSchool"]);
    }
}
