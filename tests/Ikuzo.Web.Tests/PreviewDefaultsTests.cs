using System.Text.Json.Nodes;

namespace Ikuzo.Web.Tests;

/// <summary>What a request leaves out comes from the kitchen or is usual for the cut; what it says wins.</summary>
public class PreviewDefaultsTests(IkuzoServer server) : IClassFixture<IkuzoServer>
{
    private async Task<JsonNode> PlanAsync(string more = "", string load = "")
    {
        var (status, plan) = await server.PostAsync(
            "/api/plans/preview",
            $$"""{"load":{"cut":"chicken-drumstick","pieces":6,"totalKg":0.72{{load}}}{{more}}}"""
        );
        Assert.Equal(200, status);
        return plan!;
    }

    private static double Number(JsonNode plan, string property) => (double)plan[property]!;

    [Fact]
    public async Task Pot_LeftOut_IsTheHouseholdsDefault()
    {
        var household = await PlanAsync();
        Assert.Equal(250, (double)household["liquid"]!["minimumMl"]!);
        var own = await PlanAsync(""","pot":{"capacityLitres":8,"minimumLiquidMl":420}""");
        Assert.Equal(420, (double)own["liquid"]!["minimumMl"]!);
    }

    [Fact]
    public async Task Pressure_Low_HoldsCoolerAndLonger()
    {
        JsonNode high = await PlanAsync(),
            low = await PlanAsync(""","pressure":"low" """);
        Assert.True(Number(low, "heldCelsius") < Number(high, "heldCelsius") - 4);
        Assert.True(Number(low, "minutes") >= Number(high, "minutes"));
        Assert.Equal("low", (string)low["pressure"]!);
    }

    [Fact]
    public async Task Release_Given_IsUsed()
    {
        var plan = await PlanAsync(""","release":{"kind":"rest-then-vent","restMinutes":7}""");
        Assert.Equal("rest-then-vent", (string)plan["release"]!["kind"]!);
        Assert.Equal(7, (double)plan["release"]!["restMinutes"]!);
        Assert.InRange((double)plan["releaseMinutes"]!["p95"]!, 7, 10);
    }

    [Fact]
    public async Task Minutes_Given_AreTriedAndJudged()
    {
        var plan = await PlanAsync(""","minutes":2""");
        Assert.Equal(2, Number(plan, "minutes"));
        Assert.True(Number(plan, "chanceSafe") < 0.99);
        Assert.True(Number(plan, "recommendedMinutes") > 2);
        Assert.Contains(plan["warnings"]!.AsArray(), w => (string)w!["code"]! == "too-short");
    }

    [Fact]
    public async Task Thickness_Measured_NarrowsThePlan()
    {
        const string Left = ""","release":{"kind":"natural"}""";
        var weighed = await PlanAsync(Left);
        var measured = await PlanAsync(
            Left,
            load: $",\"thicknessMm\":{Number(weighed, "thicknessMm").ToString(System.Globalization.CultureInfo.InvariantCulture)}"
        );
        Assert.True(Number(measured, "safeMinimumMinutes") < Number(weighed, "safeMinimumMinutes"));
        Assert.DoesNotContain(measured["warnings"]!.AsArray(), w => (string)w!["code"]! == "unmeasured");
    }

    [Fact]
    public async Task Companions_AddHeatLoadAndDrinkLiquid()
    {
        JsonNode alone = await PlanAsync(""","liquidMl":600"""),
            withGrain = await PlanAsync(""","liquidMl":600,"companions":[{"id":"brown-rice","grams":300}]""");
        Assert.True((double)withGrain["toPressureMinutes"]!["p50"]! > (double)alone["toPressureMinutes"]!["p50"]!);
        Assert.InRange((double)withGrain["liquid"]!["absorbedMl"]!, 440, 480); // 1.6 ml/g, nearly all of it
        Assert.True((double)withGrain["liquid"]!["atEndMl"]!["p50"]! < (double)alone["liquid"]!["atEndMl"]!["p50"]!);
    }

    [Fact]
    public async Task Band_RunsFromNothingToBeyondTheRecommended()
    {
        var plan = await PlanAsync();
        var minutes = plan["band"]!.AsArray().Select(b => (double)b!["minutes"]!).ToList();
        Assert.Equal(0, minutes[0]);
        Assert.True(minutes[^1] > Number(plan, "recommendedMinutes"));
        Assert.Equal(minutes.Count, minutes.Distinct().Count());
    }

    [Fact]
    public async Task Curve_StartsColdInAColdPotAndPassesTheSafeLine()
    {
        var curve = (await PlanAsync())["curve"]!;
        Assert.Equal(0, (double)curve["minutes"]![0]!);
        Assert.Equal(21, (double)curve["pot"]![0]!, 0.5);
        Assert.Equal(4, (double)curve["coldest"]!["p50"]![0]!, 0.5);
        Assert.True(curve["coldest"]!["p01"]!.AsArray().Max(t => (double)t!) > 74);
        Assert.All(
            Enumerable.Range(0, curve["minutes"]!.AsArray().Count),
            i => Assert.True((double)curve["coldest"]!["p01"]![i]! <= (double)curve["coldest"]!["p99"]![i]!)
        );
    }

    [Fact]
    public async Task Units_OfTheHousehold_AreSpokenUnlessOthersAreAsked()
    {
        var metric = (await PlanAsync())["why"]!.ToJsonString();
        var us = (await PlanAsync(""","units":"us" """))["why"]!.ToJsonString();
        Assert.Contains("C,", metric.Replace("\\u00B0", "", StringComparison.Ordinal));
        Assert.Contains("F,", us.Replace("\\u00B0", "", StringComparison.Ordinal));
    }

    [Fact]
    public async Task WhatDoesNotFit_HasNoMinutesAndSaysWhy()
    {
        var (_, plan) = await server.PostAsync(
            "/api/plans/preview",
            new
            {
                load = new
                {
                    cut = "turkey-whole",
                    pieces = 1,
                    totalKg = 6,
                },
            }
        );
        Assert.Null(plan!["minutes"]);
        Assert.Null(plan["release"]);
        Assert.Contains(plan["warnings"]!.AsArray(), w => (string)w!["code"]! == "over-capacity" && (string)w["level"]! == "stop");
    }
}
