using Ikuzo.Core.Companions;
using Ikuzo.Core.Dishes;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Reading;

namespace Ikuzo.Core.Tests.Reading;

public class DishLineTests
{
    public static TheoryData<string> Companions => [.. CompanionCatalogue.All.Select(c => c.Id)];

    public static TheoryData<string> Cuts => [.. CutCatalogue.All.Select(c => c.Id)];

    [Theory]
    [MemberData(nameof(Companions))]
    public void Read_WhatWriteWrote_IsTheSameCompanion(string id)
    {
        var item = new BesideItem("a", CompanionCatalogue.Find(id)!, 250, InBowl: true);
        Assert.Equal(item, Plain(DishLine.Read(DishLine.Write(item), "a")));
    }

    /// <summary>What was not said is left to the arrangement; what was said stays.</summary>
    [Theory]
    [InlineData("200 g spinach", true)]
    [InlineData("300 g rice", true)]
    [InlineData("2 carrots", true)]
    [InlineData("1 onion, chopped", true)]
    [InlineData("700 g potatoes", true)]
    [InlineData("700 g potatoes in chunks", false)]
    [InlineData("700 g small potatoes", true)] // a row of their own: they are not cut
    [InlineData("4 carrots, diced", false)]
    [InlineData("300 g rice in a bowl", false)]
    public void Read_ALine_MayBeArrangedUnlessItsSizeOrBowlWasSaid(string line, bool mayChange) =>
        Assert.Equal(mayChange, Assert.IsType<BesideItem>(DishLine.Read(line, "a")).MayChange);

    [Theory]
    [MemberData(nameof(Cuts))]
    public void Read_WhatWriteWrote_IsTheSameMeat(string id)
    {
        var cut = CutCatalogue.Find(id)!;
        foreach (var state in new[] { MeatState.Chilled, MeatState.Frozen })
        {
            var item = new MeatItem(
                "a",
                new MeatLoad
                {
                    Cut = cut,
                    Pieces = 2,
                    TotalKg = 1.25,
                    ThicknessMm = 33,
                    State = state,
                    Placement = Placement.OnBed,
                },
                Aim.Pull
            );
            Assert.Equal(item, Plain(DishLine.Read(DishLine.Write(item), "a")));
        }
    }

    [Theory]
    [InlineData("2 onions, sliced", "onions", 240)]
    [InlineData("1 large onion", "onions", 180)]
    [InlineData("1½ cups long-grain white rice", "long-grain-white-rice", 277.5)]
    [InlineData("1/2 lb mushrooms", "mushrooms", 226.8)]
    [InlineData("8 oz penne", "penne-pasta", 226.8)]
    [InlineData("0,5 kg carrots in chunks", "carrots-chunks", 500)]
    [InlineData("2 kilo carrots in chunks", "carrots-chunks", 2000)]
    [InlineData("250 ml cream", "cream", 250)]
    [InlineData("1,200 g potatoes", "potatoes-chunks", 1200)]
    [InlineData("2/3 lb carrots", "carrots-chunks", 302.4)]
    [InlineData("two onions", "onions", 240)]
    [InlineData("half an onion", "onions", 60)]
    [InlineData("2-3 onions", "onions", 300)]
    [InlineData("2 to 3 lb carrots", "carrots-chunks", 1134)]
    [InlineData("1-1/2 cups long-grain white rice", "long-grain-white-rice", 277.5)]
    [InlineData("3 tablespoons honey glaze", "honey-glaze", 63.8)]
    [InlineData("onions, 2", "onions", 240)]
    public void Read_LinesOfOtherCooks_FindsWhatAndHowMuch(string line, string id, double grams)
    {
        var item = Assert.IsType<BesideItem>(DishLine.Read(line, "a"));
        Assert.Equal(id, item.Companion.Id);
        Assert.Equal(grams, item.Grams, 0.1);
    }

    [Theory]
    [InlineData("1 tbsp duck fat")]
    [InlineData("salt and pepper")]
    [InlineData("3 sprigs of thyme")]
    [InlineData("rice, as much as you like")]
    [InlineData("a drizzle of moonlight")]
    public void Read_WhatChangesNoMinutes_IsKeptAsALine(string line) =>
        Assert.Equal(line, Assert.IsType<LineItem>(DishLine.Read(line, "a")).Text);

    // What it was called and when it goes in stands beside what it is.
    private static DishItem? Plain(DishItem? item) => item is BesideItem beside ? beside with { Food = null, When = null } : item;

    [Fact]
    public void Read_OfNothing_IsNull() => Assert.Null(DishLine.Read(" ", "a"));

    [Theory]
    [InlineData("2 cups chicken stock", "stock", 473.2, "2 cup")]
    [InlineData("300 ml water", "water", 300, "300 ml")]
    [InlineData("half a cup of white wine", "wine", 118.3, "half a cup")]
    [InlineData("a can of cola", "juice", 330, "can")]
    [InlineData("250 g thick cheese sauce", "cheese-sauce", 250, "250 g")]
    public void Read_WhatIsPoured_IsALiquid(string line, string id, double ml, string measure)
    {
        var item = Assert.IsType<LiquidItem>(DishLine.Read(line, "a"));
        Assert.Equal((id, ml), (item.Liquid.Id, item.Ml));
        Assert.Contains(measure, item.Measure);
    }

    [Theory]
    [InlineData("1 cup brown rice", 185, "1 cup")]
    [InlineData("2 cans white beans", 480, "2 cans")]
    [InlineData("3 carrots", 240, "3")]
    [InlineData("250 g rice", 250, null)]
    public void Read_KitchenMeasures_AreKeptAsTheyWereSaid(string line, double grams, string? measure)
    {
        var item = Assert.IsType<BesideItem>(DishLine.Read(line, "a"));
        Assert.Equal((grams, measure), (item.Grams, item.Measure));
    }

    [Fact]
    public void Read_SixFrozenThighs_AreMeat()
    {
        var meat = Assert.IsType<MeatItem>(DishLine.Read("6 frozen chicken thighs, 3 lb", "bird"));
        Assert.Equal(("chicken-thigh-bone-in", 6, MeatState.Frozen), (meat.Load.Cut.Id, meat.Load.Pieces, meat.Load.State));
        Assert.Equal(1.361, meat.Load.TotalKg, 0.01);
    }

    // The pot lives on it: so it is asked about, once. A splash is an amount.
    [Theory]
    [InlineData("wine", "wine")]
    [InlineData("white wine", "wine")]
    [InlineData("chicken stock", "stock")]
    [InlineData("water", "water")]
    [InlineData("a splash of wine", null)]
    [InlineData("lemon juice", null)]
    [InlineData("soy sauce", null)]
    [InlineData("bay leaf", null)]
    public void Read_AThinLiquidWithoutAnAmount_IsAskedAbout(string line, string? liquid) =>
        Assert.Equal(liquid, (DishLine.Read(line, "a") as LineItem)?.Pours?.Id);
}
