using Ikuzo.Core.Loads;
using Ikuzo.Core.Poultry;

namespace Ikuzo.Core.Tests.Loads;

public class UsualLoadTests
{
    private static readonly MeatLoad Thighs = new()
    {
        Cut = CutCatalogue.Find("chicken-thigh-bone-in")!,
        Pieces = 6,
        TotalKg = 1.2,
        ThicknessMm = 36,
        State = MeatState.Frozen,
    };

    [Theory]
    [InlineData("chicken-whole", 1, 1.8)]
    [InlineData("chicken-drumstick", 6, 0.72)]
    [InlineData("turkey-crown", 1, 2.8)]
    public void With_AnotherCut_TakesItsTypicalWeight(string cut, int pieces, double totalKg)
    {
        var load = UsualLoad.With(Thighs, CutCatalogue.Find(cut)!);
        Assert.Equal(
            (cut, pieces, totalKg, null, MeatState.Frozen),
            (load.Cut.Id, load.Pieces, load.TotalKg, load.ThicknessMm, load.State)
        );
    }

    [Fact]
    public void With_AnotherCutAfterOneBird_TakesAFew() =>
        Assert.Equal(4, UsualLoad.With(Thighs with { Pieces = 1 }, CutCatalogue.Find("duck-leg")!).Pieces);

    [Theory]
    [InlineData(3, 0.6)]
    [InlineData(7, 1.4)]
    public void With_AnotherNumber_KeepsTheWeightOfEach(int pieces, double totalKg)
    {
        var load = UsualLoad.With(Thighs, pieces);
        Assert.Equal((pieces, totalKg, 36.0), (load.Pieces, load.TotalKg, load.ThicknessMm));
    }
}
