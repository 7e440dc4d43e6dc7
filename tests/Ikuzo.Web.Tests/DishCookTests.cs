using System.Text.Json.Nodes;
using Dapper;
using Ikuzo.Web.Data;
using Microsoft.Extensions.DependencyInjection;

namespace Ikuzo.Web.Tests;

/// <summary>Cooks of a dish: several meats, several times under the lid.</summary>
public class DishCookTests(IkuzoServer server) : CookTests(server), IClassFixture<IkuzoServer>
{
    private async Task<string> KeepAsync(params object[] items) =>
        (string)
            (
                await Server.PostAsync(
                    "/api/dishes",
                    new
                    {
                        format = "ikuzo-dish",
                        version = 1,
                        name = "Both",
                        servings = 4,
                        crispMinutes = 6,
                        finish = new[] { "Fold in herbs." },
                        items,
                    }
                )
            ).Body!["id"]!;

    private static object Meat(string key, string cut, double kg, string aim) =>
        new
        {
            key,
            kind = "meat",
            load = new
            {
                cut,
                pieces = 4,
                totalKg = kg,
            },
            aim,
        };

    private static object Beside(string id, double grams) =>
        new
        {
            key = id,
            kind = "companion",
            id,
            grams,
            inBowl = false, // said by the cook, so that it is not changed, and not stirred in
        };

    [Fact]
    public async Task WhatTheDishSays_IsSaidAgainAtThePot()
    {
        object Item(string key, string kind, string? id = null, string? measure = null, double? ml = null, string? text = null) =>
            new
            {
                key,
                kind,
                id,
                measure,
                ml,
                text,
            };
        var (_, kept) = await Server.PostAsync(
            "/api/dishes",
            new
            {
                format = "ikuzo-dish",
                version = 1,
                name = "Everything",
                servings = 4,
                brown = true,
                deglazeWith = "half a glass of cider",
                sauce = "120 ml plum glaze",
                later = new[] { "Freeze half of it." },
                aromatics = new[] { "5 cups of cheese", "1 tsp cumin" },
                finish = new[] { "Bake the crumbs for 30 minutes." },
                items = new[]
                {
                    Meat("bird", "chicken-thigh-bone-in", 0.8, "pull"),
                    Item("rice", "companion", "brown-rice", measure: "1 cup"),
                    Item("cream", "companion", "cream", measure: "100 ml"),
                    Item("stock", "liquid", "stock", ml: 300),
                    Item("tin", "liquid", "canned-tomatoes", measure: "1 can", ml: 400),
                    Item("leaf", "line", text: "2 bay leaves"),
                    Item("loaf", "line", text: "4 slices of bread"),
                },
            }
        );
        var (_, cook) = await Server.PostAsync("/api/cooks", new { dishId = (string)kept!["id"]!, confirmed = new[] { "browned-bits" } });
        var id = (string)cook!["id"]!;
        Assert.Equal(("step-done", "Sauce"), ((string)cook["next"]![0]!["kind"]!, (string)cook["next"]![0]!["title"]!));
        await DoAsync(id, "step-done", data: new { step = "sauce" });
        var (_, browning) = await DoAsync(id, "browning-started");
        Assert.Equal("Batch 1 of 2", (string)browning!["next"]![0]!["title"]!);
        Assert.Contains(
            browning["next"]!.AsArray(),
            n => ((string)n!["text"]!).StartsWith("For the last half minute: 1 tsp cumin", StringComparison.Ordinal)
        );
        var (_, ready) = await DoAsync(id, "browning-done");
        Assert.Contains("half a glass of cider", (string)browning["next"]!.AsArray()[^1]!["text"]!, StringComparison.Ordinal);
        string[] lines = [.. ready!["next"]![0]!["lines"]!.AsArray().Select(l => (string)l!)];
        Assert.StartsWith("1 cup brown rice", lines[0], StringComparison.Ordinal);
        Assert.Contains("300 ml stock", lines);
        Assert.Contains("2 bay leaves", lines);
        Assert.Contains("1 tsp cumin, fried", lines);
        Assert.DoesNotContain(lines, l => l.Contains("cheese", StringComparison.Ordinal) || l.Contains("bread", StringComparison.Ordinal));
        Assert.Contains(lines, l => l.StartsWith("1 can canned tomatoes, on top", StringComparison.Ordinal));
        Assert.DoesNotContain(lines, l => l.Contains("cream", StringComparison.Ordinal));
        foreach (var kind in new[] { "lid-on", "pressure-reached", "vented", "pin-down", "opened" })
        {
            Assert.Equal(200, (await DoAsync(id, kind)).Status);
        }

        var (_, after) = await DoAsync(id, "not-measured");
        string[] steps = [.. after!["next"]!.AsArray().Select(n => (string)n!["text"]!)];
        Assert.Contains(steps, s => s.StartsWith("Stir in", StringComparison.Ordinal) && s.Contains("cream", StringComparison.Ordinal));
        Assert.Contains(steps, s => s.Contains("120 ml plum glaze", StringComparison.Ordinal));
        Assert.Contains("Freeze half of it.", steps);
        Assert.Contains("Add 5 cups of cheese, the lid off.", steps);
        Assert.Contains("Beside it: 4 slices of bread.", steps);

        await DoAsync(id, "finished", clientId: "end");
        await DoAsync(id, "finished", clientId: "end");
        var box = (await Server.GetAsync("/api/store")).Body!.AsArray().Single(i => (string)i!["cookId"]! == id)!;
        Assert.Equal(("Everything: Freeze half of it.", "freezer"), ((string)box["name"]!, (string)box["place"]!));
        Assert.NotNull(box["takeOut"]!["by"]);
    }

    // A whole bird, a block of frozen thighs, browned, in a thick sauce: each is asked about, none is dead.
    [Fact]
    public async Task DishWithStops_IsAskedAboutAndThenItBegins()
    {
        object Load(string key, string cut, string state, string arrangement) =>
            new
            {
                key,
                kind = "meat",
                load = new
                {
                    cut,
                    pieces = cut == "chicken-whole" ? 1 : 4,
                    totalKg = 0.9,
                    state,
                    arrangement,
                },
            };
        foreach (
            var (item, code) in new[]
            {
                (Load("bird", "chicken-whole", "chilled", "single"), "giblets"),
                (Load("block", "chicken-thigh-bone-in", "frozen", "lump"), "lump"),
            }
        )
        {
            var dish = await KeepAsync(item);
            var (status, problem) = await Server.PostAsync("/api/cooks", new { dishId = dish });
            Assert.Equal((409, code), (status, (string)problem!["toConfirm"]!.AsArray().Single()!["code"]!));
            Assert.Equal(201, (await Server.PostAsync("/api/cooks", new { dishId = dish, confirmed = new[] { code } })).Status);
        }
    }

    [Fact]
    public async Task DishOfTwoMeatsInOnePot_IsDoneOnlyWhenBothWereMeasured()
    {
        var dish = await KeepAsync(
            Meat("breasts", "chicken-breast-boneless", 0.9, "slice"),
            Meat("thighs", "chicken-thigh-bone-in", 0.8, "slice")
        );
        var (_, cook) = await Server.PostAsync("/api/cooks", new { dishId = dish });
        var id = (string)cook!["id"]!;
        Assert.Equal(["centre", "thighs/centre"], cook["spots"]!.AsArray().Select(s => (string)s!["id"]!));
        await OpenAsync(id, 14);
        await ReadAsync(id, 88);
        var (_, said) = await ReadAsync(id, 89);
        Assert.Equal("measure-more", (string)said!["verdict"]!);
        var other = await Server.PostAsync(
            $"/api/cooks/{id}/readings",
            new
            {
                clientId = "both",
                spot = "thighs/centre",
                celsius = 87,
            }
        );
        Assert.Equal("done", (string)other.Body!["verdict"]!);
    }

    [Fact]
    public async Task DishWithMeatTwiceUnderTheLid_IsFollowedOneAfterTheOther()
    {
        var dish = await KeepAsync(Meat("breasts", "chicken-breast-boneless", 0.9, "slice"), Meat("legs", "duck-leg", 1.0, "fall-apart"));
        var (status, problem) = await Server.PostAsync("/api/cooks", new { dishId = dish });
        Assert.Equal(409, status);
        Assert.Contains("meat in 1 and 2", (string)problem!["detail"]!);
        var cuts = new List<string>();
        foreach (var stage in new[] { 1, 2 })
        {
            var (made, cook) = await Server.PostAsync("/api/cooks", new { dishId = dish, stage });
            Assert.Equal(201, made);
            cuts.Add((string)cook!["plan"]!["load"]!["cut"]!);
            Assert.Equal(stage == 2, (bool)cook["plan"]!["startsHot"]!);
        }

        Assert.Equal(["chicken-breast-boneless", "duck-leg"], cuts.Order());
        Assert.Equal(409, (await Server.PostAsync("/api/cooks", new { dishId = dish, stage = 3 })).Status);
        Assert.Equal(400, (await Server.PostAsync("/api/cooks", new { dishId = dish, stage = 9 })).Status);
    }

    [Theory]
    [InlineData("penne-pasta", 320, false)]
    [InlineData("dry-chickpeas", 300, true)]
    public async Task WhatIsCookedOnItsOwn_IsFollowedStepByStep(string beside, double grams, bool first)
    {
        var dish = await KeepAsync(Meat("bird", "chicken-breast-bone-in", 1.3, "slice"), Beside(beside, grams));
        var (_, cook) = await Server.PostAsync("/api/cooks", new { dishId = dish });
        var id = (string)cook!["id"]!;

        async Task<(string Id, string Text)[]> StepsAsync(JsonNode now, double minutesAgo)
        {
            List<(string, string)> steps = [];
            while (now["next"]![0] is { } next && (string)next["kind"]! == "step-done")
            {
                steps.Add(((string)next["step"]!, (string)next["text"]!));
                now = (await DoAsync(id, "step-done", Ago(minutesAgo), data: new { step = (string)next["step"]! })).Body!;
            }

            return [.. steps];
        }

        var before = await StepsAsync(cook, 60);
        Assert.Equal(first, before.Length > 0);
        await OpenAsync(id, 14);
        foreach (var spot in cook["spots"]!.AsArray())
        {
            await Server.PostAsync(
                $"/api/cooks/{id}/readings",
                new
                {
                    clientId = (string)spot!["id"]!,
                    spot = (string)spot["id"]!,
                    celsius = 97,
                }
            );
        }

        var after = await StepsAsync((await Server.GetAsync($"/api/cooks/{id}")).Body!, 0);
        Assert.Equal(
            first
                ? ["rest", "finish-1", "crisp", "carve"]
                :
                [
                    "rest",
                    "lid-stage-2",
                    "come-up-stage-2",
                    "hold-stage-2",
                    "release-stage-2",
                    "open-stage-2",
                    "finish-1",
                    "crisp",
                    "carve",
                ],
            after.Select(s => s.Id)
        );
        var stage = first ? before : after;
        Assert.Contains(stage, s => s.Text.Contains("valve to sealing", StringComparison.Ordinal));
        Assert.Contains(stage, s => s.Text.Contains($"{grams:0} g {beside.Split('-')[0]}", StringComparison.OrdinalIgnoreCase));
        Assert.Contains(stage, s => s.Text.Contains("pin is down", StringComparison.Ordinal));
    }

    [Fact]
    public async Task CookKeptByAnEarlierVersion_StillOpens()
    {
        var id = await StartAsync();
        await using var db = await Server.Services.GetRequiredService<Database>().OpenAsync(TestContext.Current.CancellationToken);
        await db.ExecuteAsync(
            "UPDATE cooks SET planned = json_remove(planned, '$.others', '$.before', '$.otherMeatKg') WHERE id = @id",
            new { id }
        );
        var (status, cook) = await DoAsync(id, "lid-on");
        Assert.Equal((200, "coming-up"), (status, (string)cook!["phase"]!));
    }
}
