using System.Text.Json;
using Ikuzo.Core.LineUps;
using Ikuzo.Web.Features.Dishes;

namespace Ikuzo.Web.Tests;

public class RecipeFileTests
{
    private static (DishDocument Dish, IReadOnlyList<string> NotMapped) Read(
        string instructions,
        string ingredients = "\"1.2 kg chicken thighs, bone in\"",
        string more = ""
    )
    {
        using var document = JsonDocument.Parse(
            $$"""{"@type":"Recipe","name":"Test","recipeIngredient":[{{ingredients}}],"recipeInstructions":{{instructions}}{{more}}}"""
        );
        return RecipeReader.Read(document.RootElement.Clone(), TestContext.Current.CancellationToken);
    }

    [Theory]
    [InlineData("\"Brown the meat.\"")]
    [InlineData("[\"Brown the meat.\"]")]
    [InlineData("""[{"@type":"HowToStep","text":"Brown the meat."}]""")]
    [InlineData("""{"@type":"HowToSection","name":"Start","itemListElement":[{"@type":"HowToStep","text":"Brown the meat."}]}""")]
    [InlineData("""[{"@type":"HowToSection","itemListElement":{"@type":"HowToStep","name":"Brown the meat."}}]""")]
    public void Instructions_AreReadInEveryFormThatTheStandardAllows(string instructions) => Assert.True(Read(instructions).Dish.Brown);

    [Theory]
    [InlineData("Marinate for 4 hours in the fridge.", 4.0, null, null)]
    [InlineData("Leave to marinate 90 minutes.", 1.5, null, null)]
    [InlineData("Crisp under the grill for 6 minutes.", null, 6.0, null)]
    [InlineData("Rest for 10 min before carving.", null, null, 10.0)]
    public void Times_GoWhereTheyBelong(string step, double? marinade, double? crisp, double? rest)
    {
        var dish = Read(JsonSerializer.Serialize(step)).Dish;
        Assert.Equal((marinade, crisp, rest), (dish.MarinadeHours, dish.CrispMinutes, dish.RestMinutes));
    }

    [Theory]
    [InlineData("Thaw in the fridge.", ThawWay.Fridge)]
    [InlineData("Thaw in cold water.", ThawWay.ColdWater)]
    public void Thawing_IsUnderstood(string step, ThawWay way) => Assert.Equal(way, Read(JsonSerializer.Serialize(step)).Dish.Thaw);

    [Theory]
    [InlineData(""","recipeYield":"Serves 6" """, 6)]
    [InlineData(""","recipeYield":8""", 8)]
    [InlineData(""","recipeYield":["4","4 servings"]""", 4)]
    [InlineData("", 4)]
    [InlineData(""","recipeYield":"a crowd" """, 4)]
    [InlineData(""","recipeYield":"900" """, 40)]
    public void Yield_IsReadOrUsual(string yield, int servings) => Assert.Equal(servings, Read("\"Cook.\"", more: yield).Dish.Servings);

    [Fact]
    public void WhatHasNoPlace_IsKeptInWordsAndSaid()
    {
        var (dish, notMapped) = Read("""["Sing to the pot."]""", "\"1.2 kg chicken thighs, bone in\",\"3 sprigs of starlight\"");
        Assert.Contains("3 sprigs of starlight", dish.Aromatics!);
        Assert.Contains("Sing to the pot.", dish.Notes!);
        Assert.Equal(2, notMapped.Count);
    }

    [Fact]
    public void MoreThanEightThings_AreNotSilentlyDropped()
    {
        var beside = string.Join(
            ",",
            new[] { "carrots", "onions", "peas", "leeks", "celery", "kale", "mushrooms", "potatoes", "fennel" }.Select(n =>
                $"\"100 g {n}\""
            )
        );
        var (dish, notMapped) = Read("\"Cook.\"", $"\"1.2 kg chicken thighs, bone in\",{beside}");
        Assert.Equal(8, dish.Items!.Count);
        Assert.Equal(2, notMapped.Count(n => n.Contains("100 g", StringComparison.Ordinal)));
    }

    [Fact]
    public void LongText_IsCutNotRefused()
    {
        var dish = Read(JsonSerializer.Serialize(new string('x', 5000))).Dish;
        Assert.All(dish.Notes!, n => Assert.True(n.Length <= 200));
    }
}
