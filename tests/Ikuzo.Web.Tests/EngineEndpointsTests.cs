namespace Ikuzo.Web.Tests;

public class EngineEndpointsTests(IkuzoServer server) : IClassFixture<IkuzoServer>
{
    // Thighs beside a slow grain take its minutes, on the Counter as here; alone they would have 15.
    [Fact]
    public async Task Energy_WithSomethingBeside_IsOfTheMinutesOnTheCounter()
    {
        var asked = new
        {
            load = new
            {
                cut = "chicken-thigh-bone-in",
                pieces = 6,
                totalKg = 1.1,
            },
            companions = new[] { new { id = "wild-rice-blend", grams = 270 } },
        };
        var minutes = (double)(await server.PostAsync("/api/plans/preview", asked)).Body!["minutes"]!;
        Assert.True(minutes >= 20);
        Assert.Equal(minutes, (double)(await server.PostAsync("/api/engine/energy", asked)).Body!["minutes"]!);
    }

    [Fact]
    public async Task Course_OfAnyShape_HasSolverAndSeriesWithinTheirPromise()
    {
        var (status, course) = await server.PostAsync("/api/engine/course", new { shapeDimensionality = 1.7, biot = 12 });
        Assert.Equal(200, status);
        Assert.Equal(course!["solver"]!.AsArray().Count, course["exact"]!.AsArray().Count);
        Assert.InRange((double)course["largestDifference"]!, 0, 0.002);
    }

    [Fact]
    public async Task Energy_OfAPlan_AddsUp()
    {
        var (status, energy) = await server.PostAsync(
            "/api/engine/energy",
            new
            {
                load = new
                {
                    cut = "duck-leg",
                    pieces = 4,
                    totalKg = 1.0,
                },
            }
        );
        Assert.Equal(200, status);
        var parts = new[] { "meatKj", "potKj", "lossesKj", "steamKj" }.Sum(p => (double)energy![p]!);
        Assert.Equal((double)energy!["heaterKj"]!, parts, (double)energy["heaterKj"]! * 0.005);
        Assert.InRange((double)energy["residualPercent"]!, -0.5, 0.5);
    }

    [Fact]
    public async Task Energy_OfACookThatCannotGoIn_IsRefused()
    {
        var (status, problem) = await server.PostAsync(
            "/api/engine/energy",
            new
            {
                load = new
                {
                    cut = "turkey-whole",
                    pieces = 1,
                    totalKg = 12,
                },
            }
        );
        Assert.Equal((409, "/problems/no-plan"), (status, (string)problem!["type"]!));
    }

    [Fact]
    public async Task Assumptions_AllSayWhoSaysSo()
    {
        var all = (await server.GetAsync("/api/engine/assumptions")).Body!.AsArray();
        Assert.True(all.Count > 40);
        Assert.All(all, a => Assert.NotEmpty((string)a!["source"]!));
        Assert.Superset(
            new HashSet<string> { "exact", "literature", "estimate", "index" },
            all.Select(a => (string)a!["standing"]!).ToHashSet()
        );
    }
}
