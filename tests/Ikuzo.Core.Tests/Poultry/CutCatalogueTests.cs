using Ikuzo.Core.Poultry;

namespace Ikuzo.Core.Tests.Poultry;

public class CutCatalogueTests
{
    public static TheoryData<string> Ids() => [.. CutCatalogue.All.Select(c => c.Id)];

    [Theory]
    [MemberData(nameof(Ids))]
    public void Cut_IsWholeAndSourced(string id)
    {
        var cut = CutCatalogue.Find(id)!;
        Assert.True(cut.MinKg.Value < cut.TypicalKg.Value && cut.TypicalKg.Value < cut.MaxKg.Value);
        Assert.Equal(1, cut.Spots.Sum(s => s.MassShare.Value), 1e-9);
        Assert.Equal(1, cut.Tissue.Composition.Total, 0.015);
        Assert.NotEmpty(cut.Tissue.Source);
        Assert.All(cut.Spots, s => Assert.True(s.Axes.ThicknessMetres <= s.Axes.WidthMetres && s.Axes.WidthMetres <= s.Axes.LengthMetres));
        Assert.NotEmpty(cut.Spread.Source);
        Assert.All([cut.MinKg, cut.TypicalKg, cut.MaxKg, cut.ThicknessMm], f => Assert.NotEmpty(f.Source));
        Assert.True(cut.Window.PullLeast <= cut.Window.FallApartLeast && cut.Window.FallApartLeast < cut.Window.Most);
    }

    [Theory]
    [MemberData(nameof(Ids))]
    public void Thickness_FromEightTimesTheWeight_IsTwice(string id)
    {
        var cut = CutCatalogue.Find(id)!;
        Assert.Equal(2 * cut.ThicknessMetres(0.1), cut.ThicknessMetres(0.8), 1e-12);
    }

    // An ellipsoid of these axes and 1060 kg/m³, or a block, weighs what such a piece does; on the bone the bone is left out.
    [Theory]
    [InlineData("chicken-breast-boneless")]
    [InlineData("chicken-cutlet")]
    [InlineData("chicken-tender")]
    [InlineData("chicken-thigh-boneless")]
    [InlineData("chicken-thigh-bone-in")]
    [InlineData("chicken-drumstick")]
    [InlineData("chicken-diced")]
    [InlineData("chicken-meatball")]
    [InlineData("turkey-breast-boneless")]
    [InlineData("turkey-tenderloin")]
    [InlineData("turkey-thigh-boneless")]
    [InlineData("turkey-drumstick")]
    [InlineData("turkey-diced")]
    [InlineData("duck-breast-boneless")]
    public void Axes_WeighWhatThePieceDoes(string id)
    {
        var cut = CutCatalogue.Find(id)!;
        var (t, w, l) = cut.Spots[0].Axes;
        var volume = t * w * l * (cut.Spots[0].Form == Form.Block ? 1 : Math.PI / 6);
        Assert.InRange(1060 * volume / cut.TypicalKg.Value, 0.90, 1.10);
    }

    [Fact]
    public void Axes_Stretched_KeepTheirVolumeUntilTheyAreRound()
    {
        var (t, w, l) = new Axes(0.03, 0.09, 0.15).Stretched(1.44);
        Assert.Equal(0.0432, t, 1e-12);
        Assert.Equal((0.075, 0.125), (w, l));
        Assert.Equal(new Axes(0.06, 0.06, 0.06), new Axes(0.04, 0.04, 0.04).Stretched(1.5));
    }

    [Fact]
    public void Catalogue_HasOneUsualCutOfEachPartOfEachBird() =>
        Assert.All(CutCatalogue.All.GroupBy(c => (c.Species, c.Part)), g => Assert.Single(g, c => c.Usual));

    [Fact]
    public void WholeBirdsCrownsAndQuarters_HaveTwoSpots() =>
        Assert.All(CutCatalogue.All.Where(c => c.Part is Part.Whole or Part.Crown or Part.Leg), c => Assert.Equal(2, c.Spots.Count));
}
