using System.Globalization;
using System.Text.Json.Nodes;

namespace Ikuzo.Web.Tests;

/// <summary>The household of the demo, its dishes solved and lined up.</summary>
public sealed class DemoServer : IAsyncLifetime
{
    private readonly string _folder = Directory.CreateTempSubdirectory("ikuzo-demo-").FullName;

    internal IkuzoServer Server { get; private set; } = null!;

    public ValueTask InitializeAsync()
    {
        Server = new IkuzoServer(demo: true, _folder);
        return ValueTask.CompletedTask;
    }

    public async ValueTask DisposeAsync()
    {
        await Server.DisposeAsync();
        Microsoft.Data.Sqlite.SqliteConnection.ClearAllPools();
        Directory.Delete(_folder, recursive: true);
    }
}

public class DemoDishTests(DemoServer demo) : IClassFixture<DemoServer>
{
    [Fact]
    public async Task EveryDemoDish_CanBeCooked()
    {
        var dishes = (await demo.Server.GetAsync("/api/dishes")).Body!.AsArray();
        Assert.NotEmpty(dishes);
        foreach (var dish in dishes)
        {
            var dishId = (string)dish!["id"]!;
            var first = await demo.Server.PostAsync("/api/cooks", new { dishId });
            var confirmed = first.Body!["toConfirm"]?.AsArray().Select(c => (string)c!["code"]!) ?? [];
            var (status, said) = await demo.Server.PostAsync("/api/cooks", new { dishId, confirmed });
            Assert.True(status == 201, $"{dish["document"]!["name"]}: {(string?)said!["detail"]}");
        }
    }

    // One of each route through the kitchen.
    [Theory]
    [InlineData("Frozen thighs on wild rice", "bird+wild-rice-blend")]
    [InlineData("Drumsticks with white beans and prunes", "bird+dry-navy-beans+onions+prunes")]
    [InlineData("Chicken breasts, then penne", "bird,penne-pasta")]
    [InlineData("Turkey tenderloins with broccoli", "bird")]
    [InlineData("Thighs with mushrooms, farro above", "bird+mushrooms+farro")]
    [InlineData("Flat chicken with potatoes, crisped", "bird+potatoes-whole-small")]
    [InlineData("Chicken soup with barley", "bird+pearl-barley+onions")]
    [InlineData("Duck legs with beetroot and apples", "bird+beetroot-whole")]
    [InlineData("Turkey crown with gravy", "bird")]
    public async Task DemoDish_TakesItsRoute(string name, string stages)
    {
        var solved = (await demo.Server.PostAsync("/api/dishes/solve", (await DocumentAsync(name))["document"]!.ToJsonString())).Body!;
        Assert.Equal(
            stages,
            string.Join(",", solved["stages"]!.AsArray().Select(s => string.Join("+", s!["items"]!.AsArray().Select(i => (string)i!))))
        );
        // The household has a thermometer: each stage with meat is ready at the first reading at least as often as it wants.
        Assert.All(
            solved["stages"]!.AsArray().Where(s => s!["outcomes"]!.AsArray().Any(o => o!["coldestP01"] is not null)),
            s => Assert.True((double)s!["readyAtFirst"]! >= 0.8)
        );
    }

    // The clocks go back on 25 October and forward on 28 March, each at night.
    [Theory]
    [InlineData("2026-12-06T19:00:00+01:00")]
    [InlineData("2026-10-25T12:30:00+01:00")]
    [InlineData("2027-03-28T12:30:00+02:00")]
    public async Task LineUpOfEachDemoDish_KeepsHandsAndWaitingRules(string serveAt)
    {
        foreach (var dish in (await demo.Server.GetAsync("/api/dishes")).Body!.AsArray())
        {
            var serve = DateTimeOffset.Parse(serveAt, CultureInfo.InvariantCulture);
            var (status, lineUp) = await demo.Server.PostAsync(
                "/api/lineup",
                new
                {
                    dishId = (string)dish!["id"]!,
                    serveAt,
                    now = serve.AddDays(-5),
                    timeZone = "Europe/Vienna",
                }
            );
            Assert.Equal(200, status);
            Assert.Empty(lineUp!["conflicts"]!.AsArray());
            var tasks = lineUp["tasks"]!
                .AsArray()
                .Select(t => (Id: (string)t!["id"]!, Start: At(t["start"]), End: At(t["end"]), HandsOn: (bool)t["handsOn"]!))
                .ToList();
            var hands = tasks.Where(t => t.HandsOn).OrderBy(t => t.Start).ToList();
            Assert.All(
                hands.Zip(hands.Skip(1)),
                pair =>
                    Assert.True(pair.First.End <= pair.Second.Start, $"{dish["document"]!["name"]}: {pair.First.Id} and {pair.Second.Id}")
            );
            Assert.All(tasks, t => Assert.True(t.Start <= t.End));
            Assert.All(tasks, t => Assert.Equal(Zone.GetUtcOffset(t.Start), t.Start.Offset));

            // Raw meat out of the fridge and cooked meat before it is eaten wait less than two hours in all.
            var opened = tasks.Where(t => t.Id.StartsWith("check", StringComparison.Ordinal)).Min(t => t.Start);
            Assert.True(serve - opened < TimeSpan.FromHours(2), $"{dish["document"]!["name"]} waits from {opened}");
        }
    }

    private static TimeZoneInfo Zone => TimeZoneInfo.FindSystemTimeZoneById("Europe/Vienna");

    private static DateTimeOffset At(JsonNode? moment) => DateTimeOffset.Parse((string)moment!, CultureInfo.InvariantCulture);

    private async Task<JsonNode> DocumentAsync(string name) =>
        (await demo.Server.GetAsync("/api/dishes")).Body!.AsArray().Single(d => (string)d!["document"]!["name"]! == name)!;
}
