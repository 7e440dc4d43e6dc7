using System.Text.Json.Nodes;
using Ikuzo.Web.Errors;

namespace Ikuzo.Web.Tests;

public class OpenApiTests(IkuzoServer server) : IClassFixture<IkuzoServer>
{
    // What clients rely on: path and method.
    public static TheoryData<string, string> Operations() =>
        new()
        {
            { "/api/health", "get" },
            { "/api/catalogue", "get" },
            { "/api/ask", "post" },
            { "/api/quantities", "post" },
            { "/api/plans/preview", "post" },
            { "/api/plans", "post" },
            { "/api/plans", "get" },
            { "/api/plans/{id}", "get" },
            { "/api/plans/{id}", "delete" },
            { "/api/plans/{id}/restore", "post" },
            { "/api/kitchen", "get" },
            { "/api/kitchen", "put" },
            { "/api/kitchen/pots", "post" },
            { "/api/kitchen/pots/{id}", "put" },
            { "/api/kitchen/pots/{id}", "delete" },
            { "/api/plans/rescue", "post" },
            { "/api/dishes/solve", "post" },
            { "/api/lineup", "post" },
            { "/api/lineup/ics", "post" },
            { "/api/engine/verify", "post" },
            { "/api/engine/course", "post" },
            { "/api/engine/energy", "post" },
            { "/api/engine/assumptions", "get" },
        };

    [Theory]
    [MemberData(nameof(Operations))]
    public async Task Document_DescribesTheOperation(string path, string method) =>
        Assert.NotNull((await DocumentAsync())["paths"]![path]![method]!["responses"]);

    [Fact]
    public async Task Document_IsTheCommittedOne()
    {
        var committed = JsonNode.Parse(await File.ReadAllTextAsync(CommittedPath(), TestContext.Current.CancellationToken))!;
        var served = await DocumentAsync();
        Assert.Equal(committed["paths"]!.ToJsonString(), served["paths"]!.ToJsonString());
        Assert.Equal(committed["components"]!.ToJsonString(), served["components"]!.ToJsonString());
    }

    [Fact]
    public async Task Requests_CarryARangeForEveryNumberAndALengthForEveryText()
    {
        var document = await DocumentAsync();
        List<string> loose = [];
        foreach (var (path, operation) in document["paths"]!.AsObject().SelectMany(p => p.Value!.AsObject().Select(o => (p.Key, o.Value!))))
        {
            foreach (var content in (operation["requestBody"]?["content"]?.AsObject() ?? []).Where(c => c.Key == "application/json"))
            {
                Look(document, content.Value!["schema"]!, path, [], loose);
            }

            foreach (var query in (operation["parameters"]?.AsArray() ?? []).Where(q => (string)q!["in"]! == "query"))
            {
                Look(document, query!["schema"]!, $"{path}?{query["name"]}", [], loose);
            }
        }

        Assert.Empty(loose);
    }

    // What a client may send without a limit. Files, and moments and words of a closed set, have their own.
    private static void Look(JsonNode document, JsonNode schema, string at, HashSet<string> seen, List<string> loose)
    {
        if ((string?)schema["$ref"] is { } reference)
        {
            var name = reference[(reference.LastIndexOf('/') + 1)..];
            if (seen.Add(name) && name != "JsonNode")
            {
                Look(document, document["components"]!["schemas"]![name]!, name, seen, loose);
            }

            return;
        }

        var types = schema["type"] switch
        {
            JsonArray several => [.. several.Select(t => (string)t!)],
            JsonValue one => new[] { (string)one! },
            _ => [],
        };
        var number = types.Contains("number") || types.Contains("integer");
        var text = types.Contains("string") && schema["enum"] is null && schema["format"] is null;
        if ((number && (schema["minimum"] is null || schema["maximum"] is null)) || (text && schema["maxLength"] is null))
        {
            loose.Add(at);
        }

        foreach (var part in (schema["oneOf"] ?? schema["anyOf"] ?? schema["allOf"])?.AsArray() ?? [])
        {
            Look(document, part!, at, seen, loose);
        }

        foreach (var property in schema["properties"]?.AsObject() ?? [])
        {
            Look(document, property.Value!, $"{at}.{property.Key}", seen, loose);
        }
    }

    [Fact]
    public async Task Document_SpeaksTheWordsOfTheContract()
    {
        var schemas = (await DocumentAsync())["components"]!["schemas"]!;
        string[] Words(string schema) => [.. schemas[schema]!["enum"]!.AsArray().OfType<JsonNode>().Select(v => (string)v!)];
        Assert.Equal(["chilled", "frozen", "room"], Words("MeatState"));
        Assert.Equal(["single", "overlapping", "lump"], Words("Arrangement"));
        Assert.Equal(["rack", "in-liquid", "on-bed"], Words("Placement"));
        Assert.Equal(["slice", "pull", "fall-apart", "stock"], Words("Aim"));
        Assert.Equal(["natural", "rest-then-vent", "vent", "pulsed"], Words("ReleaseKind"));
        Assert.Equal(["stop", "caution", "note"], Words("WarningLevel"));
    }

    [Fact]
    public void EveryProblem_HasAStatusThatIsAnErrorAndATitle() =>
        Assert.All(
            Problems.Codes,
            code =>
            {
                var problem = Problems.Of(code);
                Assert.InRange(problem.Status!.Value, 400, 599);
                Assert.NotEmpty(problem.Title!);
                Assert.Equal($"/problems/{code}", problem.Type);
            }
        );

    private static string CommittedPath()
    {
        var folder = new DirectoryInfo(AppContext.BaseDirectory);
        while (!File.Exists(Path.Combine(folder.FullName, "Ikuzo.slnx")))
        {
            folder = folder.Parent!;
        }

        return Path.Combine(folder.FullName, "src/client/openapi/ikuzo.json");
    }

    private async Task<JsonNode> DocumentAsync() => (await server.GetAsync("/openapi/v1.json")).Body!;
}
