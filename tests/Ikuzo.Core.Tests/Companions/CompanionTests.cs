using Ikuzo.Core.Companions;

namespace Ikuzo.Core.Tests.Companions;

public class CompanionTests
{
    public static TheoryData<string> Ids => [.. CompanionCatalogue.All.Select(c => c.Id)];

    [Theory]
    [MemberData(nameof(Ids))]
    public void EveryCompanion_HasAWindowInOrderWhateverItsSizeAndPlace(string id)
    {
        var of = CompanionCatalogue.Find(id)!;
        foreach (var size in Enum.GetValues<PieceSize>())
        {
            foreach (var inBowl in new[] { false, true })
            {
                var w = of.Window(size, inBowl);
                Assert.True(0 <= w.Min && w.Min <= w.Likely && w.Likely <= w.Max, $"{id} {size} {inBowl}: {w}");
            }
        }

        Assert.NotEmpty(of.Source);
        Assert.False(of.AbsorbsMlPerGram > 0 && of.GivesOffMlPerGram > 0, "it drinks or gives off, not both");
    }

    [Fact]
    public void Catalogue_HasAtLeastFortyThingsOfEveryKind()
    {
        Assert.True(CompanionCatalogue.All.Count >= 40);
        Assert.Equal(Enum.GetValues<CompanionKind>().Length, CompanionCatalogue.All.Select(c => c.Kind).Distinct().Count());
    }

    [Fact]
    public void LargerPieces_TakeLonger_AndGrainHasNoSize()
    {
        var roots = CompanionCatalogue.Find("carrots-chunks")!;
        Assert.True(roots.Window(PieceSize.Small, false).Likely < roots.Window(PieceSize.Usual, false).Likely);
        Assert.True(roots.Window(PieceSize.Large, false).Likely > roots.Window(PieceSize.Usual, false).Likely);
        var rice = CompanionCatalogue.Find("brown-rice")!;
        Assert.Equal(rice.Window(PieceSize.Usual, false), rice.Window(PieceSize.Large, false));
    }

    [Fact]
    public void InABowlOnTheRack_ItIsSlower()
    {
        var rice = CompanionCatalogue.Find("long-grain-white-rice")!;
        Assert.True(rice.Window(PieceSize.Usual, true).Min > rice.Window(PieceSize.Usual, false).Min + 3);
    }
}
