using Ikuzo.Core.LineUps;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Poultry;

namespace Ikuzo.Core.Tests.LineUps;

public class ThawingTests
{
    private static MeatLoad Frozen(string cut, int pieces = 1, double? kg = null, Arrangement arrangement = Arrangement.Single)
    {
        var of = CutCatalogue.Find(cut)!;
        return new()
        {
            Cut = of,
            Pieces = pieces,
            TotalKg = kg ?? of.TypicalKg.Value * pieces,
            State = MeatState.Frozen,
            Arrangement = arrangement,
        };
    }

    public static TheoryData<string, ThawWay> Ways =>
        [.. from c in CutCatalogue.All from w in new[] { ThawWay.Fridge, ThawWay.ColdWater } select (c.Id, w)];

    [Theory]
    [MemberData(nameof(Ways))]
    public void Of_EveryCut_TakesTheLongerOfEngineAndRule(string cut, ThawWay way)
    {
        var thaw = Thawing.Of(Frozen(cut), way);
        Assert.True(thaw.ComputedHours > 0);
        Assert.True(thaw.Hours >= thaw.ComputedHours - 0.1 && thaw.Hours >= thaw.RuleHours);
        Assert.True(thaw.Hours < Math.Max(thaw.ComputedHours!.Value, thaw.RuleHours!.Value) + 0.6);
    }

    [Fact]
    public void Of_AWholeBirdInTheFridge_ByTheRule_TakesTwelveHoursPerKilogram() =>
        Assert.Equal(24, Thawing.Of(Frozen("chicken-whole", kg: 2), ThawWay.Fridge).RuleHours);

    [Fact]
    public void Of_AWholeBirdInColdWater_ByTheRule_TakesAnHourPerKilogram() =>
        Assert.Equal(2, Thawing.Of(Frozen("chicken-whole", kg: 2), ThawWay.ColdWater).RuleHours);

    [Fact]
    public void Of_ColdWater_IsFasterThanTheFridgeAndCookedAtOnce()
    {
        var load = Frozen("turkey-breast-bone-in");
        Assert.True(Thawing.Of(load, ThawWay.ColdWater).ComputedHours < Thawing.Of(load, ThawWay.Fridge).ComputedHours / 3);
        Assert.Equal(0, Thawing.Of(load, ThawWay.ColdWater).KeepsHours);
        Assert.Equal(48, Thawing.Of(load, ThawWay.Fridge).KeepsHours);
    }

    [Fact]
    public void Of_Slab_ThawsNearTheTimeOfPlank()
    {
        // Plank's equation for a slab of 40 mm in water: t = L (P d / (h dT) + R d^2 / (k dT)), P = 1/2, R = 1/8,
        // latent heat of lean meat about 2.3e8 J/m3, k thawed 0.48 W/mK, dT = 10 + 1 K; it neglects sensible heat, so the engine is longer.
        var cut = CutCatalogue.Find("chicken-breast-boneless")!;
        var load = new MeatLoad
        {
            Cut = cut,
            Pieces = 1,
            TotalKg = 0.25,
            State = MeatState.Frozen,
            ThicknessMm = 40,
        };
        var plank = 2.3e8 * (0.5 * 0.04 / (120 * 11) + 0.125 * 0.04 * 0.04 / (0.48 * 11)) / 3600;
        var engine = Thawing.Of(load, ThawWay.ColdWater).ComputedHours!.Value;
        Assert.InRange(engine, 0.5 * plank, 1.6 * plank); // the breast is between slab and cylinder, with warm-up before and after
    }

    [Fact]
    public void Of_ALump_TakesLongerThanSinglePieces() =>
        Assert.True(
            Thawing.Of(Frozen("chicken-thigh-bone-in", 8, arrangement: Arrangement.Lump), ThawWay.Fridge).Hours
                > Thawing.Of(Frozen("chicken-thigh-bone-in", 8), ThawWay.Fridge).Hours
        );

    [Fact]
    public void Of_NoThawing_TakesNoTimeAndForbidsTheCounter()
    {
        var none = Thawing.Of(Frozen("chicken-wing", 8), ThawWay.None);
        Assert.Equal(0, none.Hours);
        Assert.Contains("Never thaw on the counter", none.How);
    }
}
