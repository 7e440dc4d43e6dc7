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
        Assert.All(cut.Spots, s => Assert.InRange(s.Dimensionality.Value, 1, 3));
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

    [Fact]
    public void Catalogue_HasOneUsualCutOfEachPartOfEachBird() =>
        Assert.All(CutCatalogue.All.GroupBy(c => (c.Species, c.Part)), g => Assert.Single(g, c => c.Usual));

    [Fact]
    public void WholeBirdsCrownsAndQuarters_HaveTwoSpots() =>
        Assert.All(CutCatalogue.All.Where(c => c.Part is Part.Whole or Part.Crown or Part.Leg), c => Assert.Equal(2, c.Spots.Count));
}
