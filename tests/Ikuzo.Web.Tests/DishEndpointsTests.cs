using System.Globalization;
using System.Text.Json.Nodes;

namespace Ikuzo.Web.Tests;

public class DishEndpointsTests(IkuzoServer server) : IClassFixture<IkuzoServer>
{
    private static readonly object Thighs = new
    {
        key = "bird",
        kind = "meat",
        load = new
        {
            cut = "chicken-thigh-bone-in",
            pieces = 6,
            totalKg = 1.2,
        },
        aim = "pull",
    };

    private static object Beside(string id, double grams) =>
        new
        {
            key = "beside",
            kind = "companion",
            id,
            grams,
        };

    private static object Meal(params object[] items) =>
        new
        {
            dish = new
            {
                items,
                brown = true,
                crispMinutes = 8,
                marinadeHours = 2,
            },
            serveAt = "2026-12-06T19:00:00+01:00",
            now = "2026-12-05T10:00:00+01:00",
            timeZone = "Europe/Vienna",
        };

    [Fact]
    public async Task TypedLines_AreArrangedAsWellAsTheyCan_WhatWiltsGoesInWithTheLidOff()
    {
        string[] lines = ["6 boneless thighs 700 g to slice", "300 g rice", "200 g spinach"];
        List<JsonNode> items = [];
        foreach (var text in lines)
        {
            var (status, item) = await server.PostAsync("/api/dishes/item", new { text, key = $"i{items.Count}" });
            Assert.Equal(200, status);
            items.Add(item!);
        }

        Assert.Null(items[2]["size"]);
        Assert.Null(items[2]["inBowl"]);
        var plan = (await server.PostAsync("/api/dishes/solve", new { name = "Over rice", items })).Body!;
        var stage = Assert.Single(plan["stages"]!.AsArray());
        Assert.Equal(["i0", "i1"], stage!["items"]!.AsArray().Select(i => (string)i!));
        Assert.Contains(plan["stirredIn"]!.AsArray(), s => (string)s!["key"]! == "i2");
    }

    [Fact]
    public async Task Solve_ThighsUnderASlowGrain_AreOneStage()
    {
        var (status, plan) = await server.PostAsync("/api/dishes/solve", new { items = new[] { Thighs, Beside("wild-rice-blend", 270) } });
        Assert.Equal(200, status);
        var stage = Assert.Single(plan!["stages"]!.AsArray())!;
        Assert.Equal(["bird", "beside"], stage["items"]!.AsArray().Select(i => (string)i!));
        Assert.Equal("in-window", (string)stage["outcomes"]![0]!["verdict"]!);
        Assert.True((double)stage["outcomes"]![0]!["coldestP01"]! >= 74);
        Assert.True((double)plan["totalMinutes"]!["p95"]! > (double)plan["totalMinutes"]!["p50"]!);
        Assert.Null(plan["impossible"]);
    }

    [Theory]
    [InlineData("{}", "items")]
    [InlineData("""{"items":[]}""", "items")]
    [InlineData("""{"items":[{"key":"a","kind":"companion","id":"gravel","grams":5}]}""", "items[0].id")]
    [InlineData("""{"items":[{"key":"a","kind":"meat"}]}""", "items[0].load")]
    [InlineData("""{"items":[{"key":"a"}]}""", "items[0].kind")]
    [InlineData(
        """{"items":[{"key":"a","kind":"companion","id":"peas","grams":5},{"key":"a","kind":"companion","id":"peas","grams":5}]}""",
        "items"
    )]
    [InlineData("""{"items":[null]}""", "items")]
    public async Task Solve_WithBadInput_NamesTheField(string body, string field)
    {
        var (status, problem) = await server.PostAsync("/api/dishes/solve", body);
        Assert.Equal(400, status);
        Assert.NotNull(problem!["errors"]![field]);
    }

    [Fact]
    public async Task LineUp_OfAMeal_HasTasksInOrderWithOffsets()
    {
        var (status, lineUp) = await server.PostAsync("/api/lineup", Meal(Thighs, Beside("pearl-barley", 200)));
        Assert.Equal(200, status);
        var tasks = lineUp!["tasks"]!.AsArray();
        var starts = tasks.Select(t => DateTimeOffset.Parse((string)t!["start"]!, CultureInfo.InvariantCulture)).ToList();
        Assert.Equal(starts.Order(), starts);
        Assert.All(tasks, t => Assert.EndsWith("+01:00", (string)t!["start"]!));
        Assert.Equal((string)tasks[0]!["start"]!, (string)lineUp["startBy"]!);
        Assert.Superset(new HashSet<string> { "hands", "pot", "oven", "fridge" }, tasks.Select(t => (string)t!["lane"]!).ToHashSet());
        Assert.Empty(lineUp["conflicts"]!.AsArray());
    }

    [Fact]
    public async Task LineUp_OfStagesThatTheCookWants_HasThoseStages()
    {
        object?[] items = [Thighs, Beside("pearl-barley", 200)];
        async Task<string[]> LidsAsync(string[][]? stages)
        {
            var (status, lineUp) = await server.PostAsync(
                "/api/lineup",
                new
                {
                    dish = new { items, stages },
                    serveAt = "2026-12-06T19:00:00+01:00",
                    now = "2026-12-06T08:00:00+01:00",
                }
            );
            Assert.Equal(200, status);
            return
            [
                .. lineUp!["tasks"]!.AsArray().Select(t => (string)t!["id"]!).Where(id => id.StartsWith("lid-", StringComparison.Ordinal)),
            ];
        }

        Assert.Equal(["lid-1"], await LidsAsync(null));
        Assert.Equal(
            ["lid-1", "lid-2"],
            await LidsAsync([
                ["beside"],
                ["bird"],
            ])
        );
        var (bad, _) = await server.PostAsync("/api/dishes/solve", new { items, stages = new string?[][] { [null] } });
        Assert.Equal(400, bad);
    }

    [Fact]
    public async Task LineUp_AsCalendar_OpensInAParserAndHasAnAlarmPerTask()
    {
        var text = await server.PostTextAsync("/api/lineup/ics", Meal(Thighs));
        var calendar = Ical.Net.Calendar.Load(text)!;
        Assert.NotEmpty(calendar.Events);
        Assert.All(calendar.Events, e => Assert.Single(e.Alarms));
        Assert.Contains(calendar.Events, e => e.Summary!.StartsWith("Brown", StringComparison.Ordinal));
        Assert.All(text.Split("\r\n"), line => Assert.True(line.Length <= 75, line));
    }

    [Theory]
    [InlineData("""{"serveAt":"tomorrow"}""", "serveAt")]
    [InlineData("""{"dish":{"items":[{"key":"a","kind":"companion","id":"peas","grams":5}]}}""", "serveAt")]
    [InlineData(
        """
            {"dish":{"items":[{"key":"a","kind":"companion","id":"peas","grams":5}],"crispMinutes":900},
             "serveAt":"2026-12-06T19:00:00+01:00"}
            """,
        "dish.crispMinutes"
    )]
    [InlineData(
        """
            {"dish":{"items":[{"key":"a","kind":"companion","id":"peas","grams":5}]},
             "serveAt":"2026-12-06T19:00:00+01:00","timeZone":"Moon/Base"}
            """,
        "timeZone"
    )]
    public async Task LineUp_WithBadInput_NamesTheField(string body, string field)
    {
        var (status, problem) = await server.PostAsync("/api/lineup", body);
        Assert.Equal(400, status);
        Assert.Contains(problem!["errors"]!.AsObject(), e => e.Key == field);
    }
}
