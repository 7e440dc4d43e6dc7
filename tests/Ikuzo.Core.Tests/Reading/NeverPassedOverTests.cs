using Ikuzo.Core.Loads;
using Ikuzo.Core.Quantities;
using Ikuzo.Core.Reading;
using static Ikuzo.Core.Tests.Reading.AtTheCounter;

namespace Ikuzo.Core.Tests.Reading;

/// <summary>Frozen meat, and meat that stood warm, in the words of many cooks and anywhere in a text: heard, or asked about.</summary>
public class NeverPassedOverTests
{
    private static readonly string[] Meats = ["6 chicken thighs", "whole chicken 1.6 kg", "drumsticks x8"];

    private static IEnumerable<string> Around(string said) =>
        Meats.SelectMany(m =>
            new[]
            {
                $"{m} {said}",
                $"{said}: {m}",
                $"{m}; {said}, 500 g potatoes",
                $"500g carrots, {m} {said}",
                $"{said}, {m}, dinner at 7",
            }
        );

    [Theory]
    [InlineData("straight from the freezer")]
    [InlineData("out of the freezer")]
    [InlineData("just out of the freezer")]
    [InlineData("rock hard frozen")]
    [InlineData("not thawed")]
    [InlineData("not defrosted yet")]
    [InlineData("haven't thawed it")]
    [InlineData("forgot to thaw them")]
    [InlineData("didn't defrost")]
    [InlineData("still icy")]
    [InlineData("half thawed")]
    [InlineData("barely thawed")]
    [InlineData("hasn't defrosted")]
    [InlineData("cooking from frozen")]
    [InlineData("never thawed")]
    [InlineData("no time to thaw")]
    [InlineData("without thawing")]
    [InlineData("no thawing")]
    [InlineData("taken from the freezer now")]
    [InlineData("only half defrosted")]
    public void Frozen_IsHeardOrAsked(string said)
    {
        foreach (var text in Around(said))
        {
            var question = Read(text);
            Assert.True(question.State == MeatState.Frozen || IsAsked(question), $"{text}: {question.State}");
        }
    }

    [Theory]
    [InlineData("left out for 3 hours")]
    [InlineData("out on the counter all night")]
    [InlineData("in the car for 4 hours")]
    [InlineData("sat out overnight")]
    [InlineData("out of the fridge for 5 hours")]
    [InlineData("on the worktop since this morning")]
    [InlineData("forgotten on the table overnight")]
    [InlineData("at room temperature for 6 hours")]
    [InlineData("left in the boot of the car all day")]
    [InlineData("thawed on the worktop for 8 hours")]
    [InlineData("has been out since lunch")]
    [InlineData("sat in the sun for 2 hours")]
    [InlineData("on the kitchen counter since yesterday")]
    [InlineData("unrefrigerated for four hours")]
    [InlineData("not in the fridge for 5 hours")]
    [InlineData("fridge was off all night")]
    [InlineData("in a hot car 90 minutes")]
    [InlineData("forgot to put it in the fridge last night")]
    public void StoodWarm_StopsOrIsAsked(string said)
    {
        foreach (var text in Around(said))
        {
            var question = Read(text);
            Assert.True(question.Stops.Any(s => s.Code == "stood-warm") || IsAsked(question), $"{text}: {question.StoodMinutes}");
            Assert.True(question.Minutes is null, $"{text}: {question.Minutes} min under pressure");
        }
    }

    [Theory]
    [InlineData("6 thighs, forgotten in the boot")]
    [InlineData("4 chicken breasts on the windowsill")]
    public void InTheCold_AWarmPlaceIsOut(string text) =>
        Assert.Equal("out", ColdText.Read(text, new DateOnly(2026, 11, 30), UnitSystem.Metric).Place);
}
