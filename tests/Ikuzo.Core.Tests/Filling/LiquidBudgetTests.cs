using Ikuzo.Core.Companions;
using Ikuzo.Core.Filling;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;

namespace Ikuzo.Core.Tests.Filling;

public class LiquidBudgetTests
{
    private static PlanRequest Request(string cut, int pieces, double kg, double liquidMl, params (string Id, double Grams)[] beside) =>
        new()
        {
            Pot = PotDefaults.For(5.7),
            Load = new MeatLoad
            {
                Cut = CutCatalogue.Find(cut)!,
                Pieces = pieces,
                TotalKg = kg,
            },
            LiquidMl = liquidMl,
            Companions = [.. beside.Select(b => new CompanionLoad(CompanionCatalogue.Find(b.Id)!, b.Grams))],
        };

    private static LiquidOutcome Budget(PlanRequest request, double loss, IReadOnlyList<(double, double)> over, double minutes) =>
        LiquidBudget.Of(request, loss, over, minutes, _ => request.Companions.Sum(c => c.AbsorbsMl), 12.4);

    [Fact]
    public void Of_ByHand_IsPutInPlusGivenOffLessDrunkLessSteam()
    {
        // 1.2 kg are 0.63 muscle and lose 25 % of it = 189 ml; 250 g of barley drink 2.2 ml/g = 550 ml; 12.4 ml are steam.
        var budget = Budget(Request("chicken-thigh-bone-in", 6, 1.2, 700, ("pearl-barley", 250)), 25, [(20, 25)], 20);
        Assert.Equal(189, budget.GivenOffMl.P50, 0.1);
        Assert.Equal(550, budget.AbsorbedMl, 0.1);
        Assert.Equal((12.4, 0), (budget.SteamMl, budget.ShortMl));
        Assert.Equal(700 + 189 - 550 - 12.4, budget.AtEndMl.P50, 0.2);
        Assert.Equal(budget.AtEndMl.P50, Assert.Single(budget.OverTime).InPotMl);
    }

    // 300 ml and 158 of juice less 12 of steam are not the 550 that the barley wants.
    [Fact]
    public void Of_WhatDrinksMoreThanThereIs_IsLeftShort()
    {
        var budget = Budget(Request("chicken-thigh-bone-in", 5, 1.0, 300, ("pearl-barley", 250)), 25, [], 20);
        Assert.Equal(550 - (300 + 157.5 - 12.4), budget.ShortMl, 0.2);
        Assert.Equal(0, budget.AtEndMl.P50);
        Assert.Equal(300 + 157.5 - 12.4, budget.AbsorbedMl, 0.2);
    }

    [Theory]
    [InlineData(5.7, 0.5, 370, 490)] // 481 ml for 370 g, and 160 to 185: half a kilogram of dice gives a little more than the usual thighs
    [InlineData(3, 0.5, 370, 490)]
    [InlineData(8, 0.5, 180, 375)] // no less than this pot asks for
    public void Need_IsWhatIsDrunkAndLeftLessWhatMeatGives(double litres, double kg, double grams, double ml)
    {
        var dice = Request("chicken-diced", 25, kg, 0).Load;
        CompanionLoad rice = new(CompanionCatalogue.Find("long-grain-white-rice")!, grams);
        Assert.Equal(ml, LiquidNeed.Of(PotDefaults.For(litres), [dice], [rice], 0));
        var least = PotDefaults.For(litres).MinimumLiquidMl;
        Assert.InRange(LiquidNeed.Of(PotDefaults.For(litres), [dice], [rice with { InBowl = true }], 0), least, least + 10);
        Assert.InRange(LiquidNeed.Of(PotDefaults.For(litres), [dice], [rice], 500), ml + 490, ml + 505);
    }

    [Fact]
    public void DrunkMl_IsNearlyAllAtItsBest_AndFirstOrderBefore()
    {
        CompanionLoad barley = new(CompanionCatalogue.Find("pearl-barley")!, 100);
        Assert.Equal(220, barley.DrunkMl(1), 1e-9);
        Assert.Equal(220 * (1 - Math.Exp(-1.5)) / (1 - Math.Exp(-3)), barley.DrunkMl(0.5), 1e-9);
        Assert.InRange(barley.DrunkMl(10), 220, 220 * 1.06);
    }

    [Fact]
    public void Of_Vegetables_GiveOffMoreTheLongerTheyCook()
    {
        var budget = Budget(Request("chicken-breast-boneless", 2, 0.5, 250, ("tomatoes", 400)), 0, [(1, 0), (10, 0), (60, 0)], 10);
        Assert.Equal(budget.OverTime.OrderBy(p => p.GivenOffMl), budget.OverTime);
        Assert.InRange(budget.OverTime[^1].GivenOffMl, 0.95 * 240, 240); // all of 0.6 ml/g in the end
    }

    [Fact]
    public void Of_TheSauce_GetsAsMuchColdWaterAsStarchAndMoreOfItTheThickerItIs()
    {
        var budget = Budget(Request("chicken-leg-quarter", 4, 1.2, 500), 25, [], 20);
        Assert.Equal(3, budget.Thicken.Count);
        Assert.All(budget.Thicken, t => Assert.Equal(t.StarchGrams, t.ColdWaterMl));
        Assert.Equal(Math.Round(0.028 * budget.AtEndMl.P50), budget.Thicken[1].StarchGrams);
        Assert.Equal(budget.Thicken.OrderBy(t => t.StarchGrams), budget.Thicken);
    }

    [Fact]
    public void ReductionMinutes_ByHand_IsLatentHeatOverPower() =>
        Assert.Equal(Math.Ceiling(400 * 2257 / (1000 * 0.85 * 0.6) / 60), LiquidBudget.ReductionMinutes(PotDefaults.For(5.7), 400));

    [Fact]
    public void Of_Duck_LeavesFatToSkim_AndBreastHardlyAny()
    {
        Assert.Equal(117, Budget(Request("duck-leg", 4, 1.0, 250), 20, [], 30).FatMl);
        Assert.Equal(4, Budget(Request("chicken-breast-boneless", 4, 1.0, 250), 20, [], 10).FatMl);
    }

    [Fact]
    public void FillOf_SwellingFood_CountsAgainstTheMarkOfThisPot()
    {
        var request = Request("chicken-thigh-bone-in", 4, 0.8, 900, ("dry-chickpeas", 500));
        var fill = LiquidBudget.FillOf(request with { Pot = request.Pot with { HalfMarkLitres = 2.5 } }, 200);
        Assert.True(fill.Swells);
        Assert.Equal(2.5, fill.MarkLitres);
        Assert.Equal(0.9 + 0.5 * 0.95, fill.BeforeLitres, 0.01);
        Assert.Equal(fill.BeforeLitres + 0.2, fill.AfterLitres, 0.011);
    }

    [Fact]
    public void Of_ABowlOnTheRack_DrinksItsOwnWater()
    {
        var request = Request("chicken-thigh-bone-in", 4, 0.8, 250);
        var bowl = request with { Companions = [new CompanionLoad(CompanionCatalogue.Find("brown-rice")!, 200, InBowl: true)] };
        Assert.Equal(0, Budget(bowl, 20, [], 20).AbsorbedMl);
        Assert.False(LiquidBudget.FillOf(bowl, 0).Swells);
        Assert.Equal(0.25, LiquidBudget.FillOf(bowl, 0).BeforeLitres);
    }

    [Fact]
    public void Picture_IsToScale_AndPiecesLieInsideThePot()
    {
        foreach (var cut in CutCatalogue.All)
        {
            var request = Request(cut.Id, 1, cut.TypicalKg.Value, 300) with { Pot = PotDefaults.For(8) };
            var picture = PotPicture.Of(request, 500);
            Assert.Equal(240, picture.DiameterMm);
            Assert.True(picture.LiquidAtEndMm > picture.LiquidMm, cut.Id);
            Assert.True(picture.HalfMarkMm < picture.FillMarkMm);
            if (Fit.Of(request).Verdict == FitVerdict.Fits)
            {
                Assert.All(picture.Pieces, p => Assert.True(Math.Abs(p.CentreMm) + p.WidthMm / 2 <= picture.DiameterMm / 2 + 1, cut.Id));
                Assert.True(picture.ClearanceMm > 0, cut.Id);
            }
        }
    }

    [Fact]
    public void Picture_OfLiquidAlone_StandsAsHighAsItsVolumeOverTheFloor()
    {
        var picture = PotPicture.Of(Request("chicken-thigh-bone-in", 4, 0.8, 500), 500);
        Assert.Equal(500 / (Math.PI / 4 * 22 * 22) * 10, picture.LiquidMm, 0.1); // mm, 22 cm across
    }
}
