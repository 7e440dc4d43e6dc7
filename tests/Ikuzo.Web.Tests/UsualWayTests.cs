namespace Ikuzo.Web.Tests;

/// <summary>What a household chose three times running is proposed the next time.</summary>
public class UsualWayTests(IkuzoServer server) : IClassFixture<IkuzoServer>
{
    private static object Dish(string? way) =>
        new
        {
            format = "ikuzo-dish",
            version = 1,
            name = "Crown and potatoes",
            servings = 4,
            way,
            promise = "measured",
            items = new object[]
            {
                new
                {
                    key = "bird",
                    kind = "meat",
                    load = new
                    {
                        cut = "turkey-crown",
                        pieces = 1,
                        totalKg = 2.2,
                    },
                    aim = "slice",
                },
                new
                {
                    key = "potatoes",
                    kind = "companion",
                    id = "potatoes-chunks",
                    grams = 800,
                },
            },
        };

    private async Task<string> ProposedAsync(string? way = null)
    {
        var (_, solved) = await server.PostAsync("/api/dishes/solve", Dish(way));
        return (string)solved!["ways"]![0]!["id"]!;
    }

    [Fact]
    public async Task WayThatWasChosenThreeTimes_IsProposed_UntilAnotherIs()
    {
        Assert.Equal("best", await ProposedAsync());
        for (var i = 0; i < 3; i++)
        {
            Assert.Equal("best", await ProposedAsync());
            await server.PostAsync("/api/dishes", Dish("one-go"));
            await server.PostAsync("/api/dishes", Dish(null)); // says nothing
        }

        Assert.Equal("one-go", await ProposedAsync());
        Assert.Equal("best", await ProposedAsync("best"));
        await server.PostAsync("/api/dishes", Dish("best"));
        Assert.Equal("best", await ProposedAsync());
    }
}
