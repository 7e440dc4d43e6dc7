using Ikuzo.Core.Quantities;
using Ikuzo.Core.Safety;

namespace Ikuzo.Core.Tests.Safety;

public class FoodRulesTests
{
    // USDA FSIS: two hours out of the cold, one above 90 °F.
    [Theory]
    [InlineData(-40, 2)]
    [InlineData(21, 2)]
    [InlineData(32, 2)]
    [InlineData(32.1, 1)]
    [InlineData(45, 1)]
    public void OutOfTheCold_IsTwoHours_OrOneInAHotRoom(double roomCelsius, double hours)
    {
        Assert.Equal(hours, FoodRules.OutOfTheCold(roomCelsius).Hours);
        Assert.Equal(hours < 2, FoodRules.IsHot(roomCelsius));
        Assert.Equal(hours < 2 ? "an hour" : "two hours", FoodRules.OutOfTheCold(roomCelsius).Spoken);
    }

    // USDA FSIS, refrigeration and food safety; FoodSafety.gov, cold food storage chart: days in the fridge, and at its best frozen.
    [Theory]
    [InlineData(FoodKind.RawPieces, 2, 270, "two days", "nine months")]
    [InlineData(FoodKind.RawWhole, 2, 365, "two days", "12.2 months")]
    [InlineData(FoodKind.RawMince, 2, 120, "two days", "four months")]
    [InlineData(FoodKind.RawGiblets, 2, 120, "two days", "four months")]
    [InlineData(FoodKind.Cooked, 4, 120, "four days", "four months")]
    [InlineData(FoodKind.Stock, 4, 120, "four days", "four months")]
    public void Food_KeepsInTheFridge_AndFrozen(FoodKind kind, double days, double frozenDays, string spoken, string spokenFrozen)
    {
        var (fridge, freezer) = (FoodRules.InFridge(kind), FoodRules.InFreezer(kind));
        Assert.Equal((days * 24, frozenDays * 24), (fridge.Hours, freezer.Hours));
        Assert.Equal((Gravity.Danger, Gravity.Quality), (fridge.Gravity, freezer.Gravity));
        Assert.Equal((spoken, spokenFrozen), (fridge.Spoken, freezer.Spoken));
    }

    // USDA FSIS, the big thaw: a day or two after the fridge; at once after water and the microwave.
    [Theory]
    [InlineData(ThawedWhere.Fridge, 48)]
    [InlineData(ThawedWhere.ColdWater, 0)]
    [InlineData(ThawedWhere.Microwave, 0)]
    public void WhatThawed_Waits_OrIsCookedAtOnce(ThawedWhere where, double hours) => Assert.Equal(hours, FoodRules.Thawed(where).Hours);

    // FDA Food Code 3-501.14.
    [Fact]
    public void Cooling_IsTo21WithinTwoHours_AndTo5WithinSix()
    {
        Assert.Equal(57, SafetyRule.CoolsFromCelsius);
        Assert.Equal([(2.0, 21.0), (6.0, 5.0)], FoodRules.Cooling.Select(limit => (limit.Rule.Hours, limit.Celsius)));
        Assert.Equal(2, FoodRules.ThroughTheDangerZone.Hours);
    }

    [Fact]
    public void EveryRule_HasANameOfItsOwn_ASentence_AndASource()
    {
        Assert.Equal(18, FoodRules.All.Select(rule => rule.Id).Distinct().Count());
        foreach (var units in Enum.GetValues<UnitSystem>())
        {
            Assert.All(FoodRules.All, rule => Assert.Matches(@"^[A-Z].*\.$", rule.Words(new Wording(units))));
        }

        Assert.All(FoodRules.All, rule => Assert.NotEmpty(rule.Source));
        var say = new Wording(UnitSystem.Us);
        Assert.Equal(
            "Poultry is out of the cold for at most two hours in all, an hour above 90 °F.",
            FoodRules.OutOfTheCold(40).Words(say)
        );
        Assert.Equal("What was hot is at 41 °F within six hours in all.", FoodRules.Cooling[1].Rule.Words(say));
        Assert.Equal("74 °C (165 °F)", SafetyRule.CoreInBoth);
    }
}
