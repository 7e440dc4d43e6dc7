using Ikuzo.Core.Companions;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Dishes;
using Ikuzo.Core.Filling;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Running.Aftercare;

namespace Ikuzo.Core.Tests.Kitchen;

/// <summary>Bones and skin in water: what households do, and the law that carries it.</summary>
public class StockTests
{
    private static PlanRequest Pot(string cut, int pieces, double kg, double litres, MeatState state = MeatState.Chilled) =>
        new()
        {
            Pot = PotDefaults.For(litres),
            Load = new MeatLoad
            {
                Cut = CutCatalogue.Find(cut)!,
                Pieces = pieces,
                TotalKg = kg,
                State = state,
            },
            Aim = Aim.Stock,
            Confirmed = ["does-not-fit"],
        };

    // Households: 45 to 120 minutes and left until the pin drops, whatever the bones.
    [Theory]
    [InlineData("chicken-carcass", 1, 0.5, 5.7)]
    [InlineData("chicken-carcass", 1, 0.5, 3)]
    [InlineData("chicken-carcass", 2, 1.2, 5.7)]
    [InlineData("turkey-carcass", 1, 1.2, 8)]
    [InlineData("duck-carcass", 1, 0.6, 5.7)]
    [InlineData("chicken-wing", 12, 1.0, 5.7)]
    [InlineData("turkey-wing", 3, 1.05, 5.7)]
    [InlineData("chicken-foot", 20, 0.7, 5.7)]
    [InlineData("chicken-neck", 12, 0.6, 5.7)]
    [InlineData("turkey-neck", 3, 0.75, 5.7)]
    [InlineData("duck-neck", 6, 0.7, 5.7)]
    public void Stock_OfBones_TakesWhatHouseholdsTake(string cut, int pieces, double kg, double litres)
    {
        foreach (var state in new[] { MeatState.Chilled, MeatState.Frozen })
        {
            var plan = Planner.Compute(Pot(cut, pieces, kg, litres, state));
            Assert.InRange(plan.Minutes!.Value, 45, 120);
            Assert.Equal(Release.Natural, plan.Release);
            Assert.True(plan.ChanceSafe >= 0.99);
            Assert.Equal("gives stock that sets when cold", plan.Tenderness!.Label);
            Assert.DoesNotContain(plan.Warnings, w => w.Level == WarningLevel.Stop);
        }
    }

    [Theory]
    [InlineData(500)]
    [InlineData(2500)]
    public void Stock_IsNeverVented(double ml) =>
        Assert.Equal([Release.Natural], ReleaseChoice.Open(Pot("chicken-carcass", 1, 0.5, 5.7) with { LiquidMl = ml }));

    // What bones give is the water's: wings from which the meat falls in fifteen minutes have not given theirs.
    [Fact]
    public void Stock_OfWings_IsThinWhenTheirMeatFallsFromTheBone()
    {
        var wings = Pot("chicken-wing", 12, 1.0, 5.7) with { Minutes = 15 };
        Assert.Equal("falls from the bone", Planner.Compute(wings with { Aim = Aim.FallApart }).Tenderness!.Label);
        Assert.NotEqual("gives stock that sets when cold", Planner.Compute(wings).Tenderness!.Label);
    }

    // Half in half an hour at 115 °C: by hand, 0.2 of the rate of leg meat, whose half-life is half an hour at 95 °C and whose activation
    // energy is 95 kJ/mol, exp(95000 / 8.314 (1/368.15 - 1/388.15)) = 4.95 times that at 115 °C.
    [Fact]
    public void Gelatin_InHalfAnHourAt115_IsHalfOut()
    {
        var halfLifeMinutes = 30 / 4.95 / Gelatin.Rate;
        Assert.InRange(halfLifeMinutes, 27, 33);
    }

    [Theory]
    [InlineData("chicken-carcass", 1, 0.5, 5.7, 1300, 2200)]
    [InlineData("chicken-carcass", 1, 1.0, 5.7, 1800, 3000)] // a kilogram with 2.8 litres is two thirds of the pot
    [InlineData("turkey-carcass", 1, 1.2, 8, 2200, 3600)]
    [InlineData("chicken-wing", 12, 1.0, 5.7, 1500, 2300)]
    public void Water_ThatCovers_IsWhatCooksPour(string cut, int pieces, double kg, double litres, double least, double most)
    {
        var request = Pot(cut, pieces, kg, litres);
        Assert.InRange(request.Liquid, least, most);
        Assert.Equal(request.Liquid, Planner.Compute(request).Liquid!.PutInMl);
        Assert.True(LiquidBudget.FillOf(request, 0).BeforeLitres <= litres * 2 / 3);
    }

    [Fact]
    public void Water_OfSaidAmount_IsTaken_AndTooLittleIsSaid()
    {
        var little = Pot("chicken-carcass", 1, 0.8, 5.7) with { LiquidMl = 500 };
        Assert.Equal(500, little.Liquid);
        Assert.Contains(Planner.Compute(little).Warnings, w => w.Code == "not-covered");
        Assert.DoesNotContain(Planner.Compute(little with { LiquidMl = 2000 }).Warnings, w => w.Code == "not-covered");
    }

    // Carrots and onions are boiled out with the bones, not cooked on their own beside them.
    [Fact]
    public void WhatGoesInForItsTaste_StaysIn()
    {
        var request = Pot("chicken-carcass", 2, 1.2, 5.7) with
        {
            Confirmed = [],
            Companions = [new CompanionLoad(CompanionCatalogue.Find("carrots-chunks")!, 200)],
        };
        var plan = Together.Compute(request);
        Assert.InRange(plan.Minutes!.Value, 45, 120);
        Assert.DoesNotContain(plan.Warnings, w => w.Code == "in-turns" || w.Level == WarningLevel.Stop);
    }

    [Fact]
    public void Carcass_IsForStockUnlessSaid_AndBonelessNeverIs()
    {
        Assert.All(CutCatalogue.All.Where(c => c.Part is Part.Carcass or Part.Neck or Part.Foot), c => Assert.Equal(Aim.Stock, c.UsualAim));
        Assert.All(CutCatalogue.All.Where(c => !c.BoneIn), c => Assert.DoesNotContain(Aim.Stock, c.Aims));
    }

    [Fact]
    public void AfterStock_ItIsStrainedAndCooled_AndNothingIsCarved()
    {
        var pot = Pot("chicken-carcass", 1, 0.5, 5.7);
        var steps = AfterPot.Steps(pot, new());
        Assert.Equal(["strain", "cool"], steps.Select(s => s.Id));
        Assert.Contains("within two hours", steps[1].Text);
        Assert.Contains("within an hour", AfterPot.Steps(pot with { RoomCelsius = 35 }, new())[1].Text);
    }
}
