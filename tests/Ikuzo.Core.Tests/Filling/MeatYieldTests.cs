using Ikuzo.Core.Filling;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;

namespace Ikuzo.Core.Tests.Filling;

/// <summary>What there is to eat, to pour and to skim.</summary>
public class MeatYieldTests
{
    private static MeatLoad Load(string cut, int pieces, double kg) =>
        new()
        {
            Cut = CutCatalogue.Find(cut)!,
            Pieces = pieces,
            TotalKg = kg,
        };

    [Theory]
    [MemberData(nameof(Cuts))]
    public void Shares_AddUpToOne(string id)
    {
        var shares = CutCatalogue.Find(id)!.Shares;
        Assert.Equal(1, shares.Muscle + shares.SkinAndFat + shares.Bone, 1e-9);
        Assert.Equal(CutCatalogue.Find(id)!.BoneIn, shares.Bone > 0);
    }

    public static TheoryData<string> Cuts() => [.. CutCatalogue.All.Select(c => c.Id)];

    // Half of a whole chicken is muscle: 1.8 kg with a third of it lost leave 0.936 * 0.67 kg.
    [Fact]
    public void Of_ByHand()
    {
        var yield = MeatYield.Of(Load("chicken-whole", 1, 1.8), 33, 26);
        Assert.Equal(627, yield.CookedGrams);
        Assert.Equal(5, yield.Portions);
        var rendered = 1800 * 0.15 * 0.25 * (1 - Math.Exp(-34 / 15.0)); // g
        Assert.Equal(1800 * 0.15 - rendered, yield.SkinGrams, 1.0);
        Assert.Equal(rendered / 0.91, MeatYield.RenderedMl(Load("chicken-whole", 1, 1.8), 26), 0.1);
    }

    // Cooked yields of braised, roasted or stewed poultry in USDA Agriculture Handbook 102 and the Food Buying Guide, as edible share of
    // the raw weight; ranges since sources and methods differ.
    [Theory]
    [InlineData("chicken-whole", 1, 1.8, 0.30, 0.42)]
    [InlineData("chicken-breast-boneless", 4, 0.9, 0.60, 0.75)]
    [InlineData("chicken-thigh-bone-in", 6, 1.2, 0.38, 0.52)]
    [InlineData("turkey-whole", 1, 4.0, 0.34, 0.50)]
    [InlineData("duck-whole", 1, 2.2, 0.19, 0.30)]
    public void CookedMeat_IsTheUsualShareOfTheRawWeight(string cut, int pieces, double kg, double least, double most)
    {
        var plan = Planner.Compute(new PlanRequest { Pot = PotDefaults.For(10), Load = Load(cut, pieces, kg) });
        Assert.InRange(plan.Yield!.CookedGrams / (kg * 1000), least, most);
    }

    [Fact]
    public void Duck_GivesTheMostFat()
    {
        Assert.InRange(MeatYield.RenderedMl(Load("duck-whole", 1, 2.2), 22), 200, 350);
        Assert.True(MeatYield.RenderedMl(Load("chicken-whole", 1, 2.2), 22) < 100);
        Assert.Equal(0, MeatYield.RenderedMl(Load("chicken-diced", 20, 0.5), 5), 1.0);
    }

    [Fact]
    public void Bone_GivesNoJuice()
    {
        double Given(string cut) =>
            LiquidBudget.Of(new PlanRequest { Pot = PotDefaults.For(5.7), Load = Load(cut, 4, 1) }, 30, [], 10, _ => 0, 0).GivenOffMl.P50;
        Assert.Equal(300 * 0.99, Given("chicken-cutlet"), 0.1);
        Assert.Equal(300 * 0.58, Given("chicken-drumstick"), 0.1);
    }
}
