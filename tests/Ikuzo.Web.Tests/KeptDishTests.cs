using System.Text.Json.Nodes;

namespace Ikuzo.Web.Tests;

public class KeptDishTests(IkuzoServer server) : IClassFixture<IkuzoServer>
{
    private const string Own = """
        {"format":"ikuzo-dish","version":1,"name":"Attic thighs","servings":4,"seasoning":"salt","brown":true,"deglazeWith":"cider",
         "marinadeHours":2,"crispMinutes":6,
         "items":[{"key":"bird","kind":"meat","load":{"cut":"chicken-thigh-bone-in","pieces":6,"totalKg":1.2},"aim":"pull"},
                  {"key":"grain","kind":"companion","id":"wild-rice-blend","grams":270}],
         "aromatics":["1 bay leaf"],"meanwhile":[{"text":"Slice a salad","minutes":8}],"finish":["Fold in the meat."],
         "notes":["Good on Mondays."]}
        """;

    private Task<(int Status, JsonNode? Body)> ImportAsync(string file) => server.PostAsync("/api/dishes/import", file);

    [Fact]
    public async Task Dish_IsKeptChangedRemovedAndBroughtBack()
    {
        var (status, kept) = await server.PostAsync("/api/dishes", Own);
        Assert.Equal(201, status);
        var path = $"/api/dishes/{kept!["id"]}";
        var (_, changed) = await server.SendAsync(HttpMethod.Put, path, Own.Replace("Attic", "Cellar", StringComparison.Ordinal));
        Assert.Equal("Cellar thighs", (string)changed!["document"]!["name"]!);
        Assert.Equal(204, (await server.SendAsync(HttpMethod.Delete, path)).Status);
        Assert.Equal(404, (await server.GetAsync(path)).Status);
        Assert.DoesNotContain((await server.GetAsync("/api/dishes")).Body!.AsArray(), d => (string)d!["id"]! == (string)kept["id"]!);
        Assert.Equal(204, (await server.PostAsync($"{path}/restore", "")).Status);
        Assert.Equal("Cellar thighs", (string)(await server.GetAsync(path)).Body!["document"]!["name"]!);
    }

    [Fact]
    public async Task OwnFile_ReadAndWritten_IsTheSame()
    {
        var (status, taken) = await ImportAsync(Own);
        Assert.Equal(201, status);
        Assert.Empty(taken!["notMapped"]!.AsArray());
        var written = taken["dish"]!["document"]!;
        var again = (await ImportAsync(written.ToJsonString())).Body!["dish"]!["document"]!;
        Assert.True(JsonNode.DeepEquals(written, again));
        Assert.Equal("cider", (string)written["deglazeWith"]!);
    }

    [Fact]
    public async Task Recipe_WrittenAndReadAgain_IsTheSameDish()
    {
        var first = (await ImportAsync(Own)).Body!["dish"]!;
        var recipe = (await server.GetAsync($"/api/dishes/{first["id"]}/recipe")).Body!;
        Assert.Equal("Recipe", (string)recipe["@type"]!);
        var (status, taken) = await ImportAsync(recipe.ToJsonString());
        Assert.Equal(201, status);
        var second = taken!["dish"]!;
        foreach (
            var field in new[]
            {
                "name",
                "servings",
                "seasoning",
                "brown",
                "deglazeWith",
                "marinadeHours",
                "crispMinutes",
                "aromatics",
                "meanwhile",
                "finish",
                "notes",
            }
        )
        {
            Assert.True(
                JsonNode.DeepEquals(first["document"]![field], second["document"]![field]),
                $"{field}: {second["document"]![field]}"
            );
        }

        var (stages, stagesAgain) = (await StagesAsync(first), await StagesAsync(second));
        Assert.Equal(stages, stagesAgain);
    }

    private async Task<string> StagesAsync(JsonNode dish)
    {
        var solved = (
            await server.PostAsync(
                "/api/dishes/solve",
                new JsonObject { ["items"] = dish["document"]!["items"]!.DeepClone() }.ToJsonString()
            )
        ).Body!;
        return string.Join(
            "|",
            solved["stages"]!.AsArray().Select(s => $"{s!["minutes"]} {s["release"]!["kind"]} {s["items"]!.AsArray().Count}")
        );
    }

    [Fact]
    public async Task ForeignRecipe_IsMappedAndSaysWhatItCouldNot()
    {
        var (status, taken) = await ImportAsync(
            """
            {"@context":"https://schema.org","@graph":[{"@type":"WebPage"},{"@type":["Recipe"],"name":"Porch supper",
             "recipeYield":"Serves 6",
             "recipeIngredient":["1.2 kg chicken thighs, bone in","300 g carrots","2 tsp moon dust"],
             "recipeInstructions":[{"@type":"HowToStep","text":"Brown the meat well."},{"@type":"HowToStep","text":"Hum a tune."}]}]}
            """
        );
        Assert.Equal(201, status);
        var document = taken!["dish"]!["document"]!;
        Assert.Equal(6, (int)document["servings"]!);
        Assert.True((bool)document["brown"]!);
        Assert.Equal("chicken-thigh-bone-in", (string)document["items"]![0]!["load"]!["cut"]!);
        Assert.Equal(300, (double)document["items"]![1]!["grams"]!);
        var said = string.Join("\n", taken["notMapped"]!.AsArray().Select(n => (string)n!));
        Assert.Contains("moon dust", said);
        Assert.Contains("Hum a tune", said);
    }

    public static TheoryData<string, int> Hostile =>
        new()
        {
            { "not json", 422 },
            { "{}", 422 },
            { "[]", 422 },
            { "null", 422 },
            { string.Concat(Enumerable.Repeat("{\"a\":", 5000)) + "1" + new string('}', 5000), 422 },
            { """{"format":"ikuzo-dish","version":99,"name":"x"}""", 400 },
            { """{"format":"ikuzo-dish","version":1,"name":"x","servings":"many"}""", 422 },
            { """{"format":"ikuzo-dish","version":1,"name":7,"items":{}}""", 422 },
            { Own.Replace("Attic thighs", "<script>alert(1)</script>", StringComparison.Ordinal), 400 },
            { Own.Replace("1.2", "1e400", StringComparison.Ordinal), 400 },
            { Own.Replace("270", "-1", StringComparison.Ordinal), 400 },
            { Own.Replace("1 bay leaf", "<img src=x onerror=alert(1)>", StringComparison.Ordinal), 400 },
            { """{"@type":"Recipe","name":"Nothing here","recipeIngredient":["gravel"]}""", 422 },
            { """{"@type":"Recipe","recipeIngredient":{"a":[1]},"recipeInstructions":[[[{"text":5}]]]}""", 422 },
            { """{"@type":"Recipe","name":"<script>x</script>","recipeIngredient":["1 kg chicken thighs"]}""", 400 },
            { """{"@type":"Recipe","name":"x","recipeIngredient":["1 kg chicken thighs"],"recipeInstructions":"<iframe src=x>"}""", 400 },
        };

    [Theory]
    [MemberData(nameof(Hostile))]
    public async Task BrokenOrHostileFile_IsRefusedWithAReason(string file, int status)
    {
        var before = (await server.GetAsync("/api/dishes")).Body!.AsArray().Count;
        var (answered, problem) = await ImportAsync(file);
        Assert.Equal(status, answered);
        Assert.True(((string?)problem!["detail"] ?? problem["errors"]!.ToJsonString()).Length > 10);
        Assert.Equal(before, (await server.GetAsync("/api/dishes")).Body!.AsArray().Count);
    }

    [Fact]
    public async Task FileOfTenMegabytes_IsRefused()
    {
        using var request = new HttpRequestMessage(HttpMethod.Post, "/api/dishes/import");
        request.Headers.ExpectContinue = true; // so that the refusal comes before the ten megabytes
        request.Content = new StringContent(
            $"{{\"format\":\"ikuzo-dish\",\"name\":\"{new string('a', 10_000_000)}\"}}",
            System.Text.Encoding.UTF8,
            "application/json"
        );
        using var response = await server.Http.SendAsync(request, TestContext.Current.CancellationToken);
        Assert.Equal(413, (int)response.StatusCode);
        Assert.Contains("1 MB", await response.Content.ReadAsStringAsync(TestContext.Current.CancellationToken));
    }

    [Fact]
    public async Task Scale_KeepsMinutesAndFillsThePotTwiceWhenItMust()
    {
        var kept = (await server.PostAsync("/api/dishes", Own)).Body!;
        var (_, same) = await server.PostAsync($"/api/dishes/{kept["id"]}/scale?servings=6", "");
        Assert.Equal(9, (int)same!["document"]!["items"]![0]!["load"]!["pieces"]!);
        var (_, twice) = await server.PostAsync($"/api/dishes/{kept["id"]}/scale?servings=16", "");
        Assert.True((int)twice!["batches"]! > 1);
        Assert.Equal(400, (await server.PostAsync($"/api/dishes/{kept["id"]}/scale?servings=400", "")).Status);
    }

    [Fact]
    public async Task LineUp_OfAKeptDish_CarriesItsJobsAndFinish()
    {
        var kept = (await server.PostAsync("/api/dishes", Own)).Body!;
        var (status, lineUp) = await server.PostAsync(
            "/api/lineup",
            new
            {
                dishId = (string)kept["id"]!,
                serveAt = "2026-12-06T19:00:00+01:00",
                now = "2026-12-01T10:00:00+01:00",
            }
        );
        Assert.Equal(200, status);
        var said = string.Join("\n", lineUp!["tasks"]!.AsArray().Select(t => (string)t!["text"]!));
        Assert.Contains("Slice a salad", said);
        Assert.Contains("cider", said);
        Assert.Contains("Fold in the meat.", said);
        Assert.Equal(404, (await server.PostAsync("/api/lineup", new { dishId = "none", serveAt = "2026-12-06T19:00:00+01:00" })).Status);
    }

    [Fact]
    public async Task Thaw_ComparesEngineAndRuleForEachWay()
    {
        var (status, ways) = await server.PostAsync(
            "/api/lineup/thaw",
            new
            {
                load = new
                {
                    cut = "turkey-thigh-bone-in",
                    pieces = 2,
                    totalKg = 1.4,
                    state = "frozen",
                },
            }
        );
        Assert.Equal(200, status);
        Assert.Equal(["fridge", "cold-water", "none"], ways!.AsArray().Select(w => (string)w!["thaw"]!["way"]!));
        Assert.All(ways.AsArray(), w => Assert.True((double)w!["thaw"]!["computedHours"]! > 0 && (double)w["thaw"]!["ruleHours"]! > 0));
        Assert.All(
            ways.AsArray().Take(2),
            w =>
                Assert.True(
                    (double)w!["thaw"]!["hours"]! >= Math.Max((double)w["thaw"]!["computedHours"]!, (double)w["thaw"]!["ruleHours"]!)
                )
        );
        Assert.True((double)ways[2]!["cookMinutes"]!["p50"]! > (double)ways[0]!["cookMinutes"]!["p50"]!);
    }

    [Theory]
    [InlineData("6 frozen chicken thighs 1.2 kg", "meat", "chicken-thigh-bone-in", 1200)]
    [InlineData("250 g pearl barley", "companion", "pearl-barley", 250)]
    [InlineData("2 onions", "companion", "onions", 240)]
    public async Task Item_IsReadFromALine(string text, string kind, string id, double grams)
    {
        var (status, item) = await server.PostAsync("/api/dishes/item", new { text, key = "k" });
        Assert.Equal((200, kind, "k"), (status, (string)item!["kind"]!, (string)item["key"]!));
        Assert.Equal(id, (string)(item["id"] ?? item["load"]!["cut"])!);
        Assert.Equal(grams, item["grams"] is { } g ? (double)g : (double)item["load"]!["totalKg"]! * 1000, 1e-6);
    }

    [Theory]
    [InlineData("", "k")]
    [InlineData("250 g peas", "")]
    public async Task Line_OfNothing_IsRefused(string text, string key) =>
        Assert.Equal(400, (await server.PostAsync("/api/dishes/item", new { text, key })).Status);

    [Theory]
    [InlineData("a pinch of stardust", "line", "a pinch of stardust")]
    [InlineData("2 cups stock", "liquid", "stock")]
    public async Task Line_ThatChangesNoMinutes_IsKept(string text, string kind, string says)
    {
        var (status, item) = await server.PostAsync("/api/dishes/item", new { text, key = "k" });
        Assert.Equal((200, kind), (status, (string)item!["kind"]!));
        Assert.Equal(says, (string?)item["id"] ?? (string)item["text"]!);
    }

    [Fact]
    public async Task LineUp_ForMoreThanThePotCanEverHold_IsRefused()
    {
        var kept = (
            await server.PostAsync(
                "/api/dishes",
                Own.Replace("1.2", "6", StringComparison.Ordinal).Replace("\"pieces\":6", "\"pieces\":30", StringComparison.Ordinal)
            )
        ).Body!;
        var (status, problem) = await server.PostAsync(
            "/api/lineup",
            new
            {
                dishId = (string)kept["id"]!,
                servings = 40,
                serveAt = "2026-12-06T19:00:00+01:00",
            }
        );
        Assert.Equal(400, status);
        Assert.NotNull(problem!["errors"]!["batches"]);
        Assert.Equal(409, (await server.PostAsync($"/api/dishes/{kept["id"]}/scale?servings=40", "")).Status);
    }

    [Fact]
    public async Task File_IsTheDishAsItIsKept()
    {
        var kept = (await server.PostAsync("/api/dishes", Own)).Body!;
        Assert.True(JsonNode.DeepEquals(kept["document"], (await server.GetAsync($"/api/dishes/{kept["id"]}/file")).Body));
        Assert.Equal(404, (await server.GetAsync("/api/dishes/none/file")).Status);
    }

    [Fact]
    public async Task PublishedSchema_IsTheOneThatTheServerMakes()
    {
        var published = JsonNode.Parse(
            await File.ReadAllTextAsync(Path.Combine(Repository(), "docs", "dish.schema.json"), TestContext.Current.CancellationToken)
        );
        Assert.True(
            JsonNode.DeepEquals(published, (await server.GetAsync("/api/dishes/schema")).Body),
            "docs/dish.schema.json is out of date: take it anew from /api/dishes/schema"
        );
    }

    private static string Repository()
    {
        var at = AppContext.BaseDirectory;
        while (!File.Exists(Path.Combine(at, "Ikuzo.slnx")))
        {
            at = Path.GetDirectoryName(at)!;
        }

        return at;
    }
}
