using Ikuzo.Core.Cooking;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Trust;

namespace Ikuzo.Core.Tests.Trust;

/// <summary>Which unknown makes the band so wide.</summary>
public class BandWidthTests
{
    private static IReadOnlyList<WidthShare> Of(double? thicknessMm) =>
        BandWidth.Of(
            new PlanRequest
            {
                Pot = PotDefaults.For(5.7),
                Load = new MeatLoad
                {
                    Cut = CutCatalogue.Find("chicken-breast-boneless")!,
                    Pieces = 4,
                    TotalKg = 0.9,
                    ThicknessMm = thicknessMm,
                },
            },
            new Branch(12, Release.Natural)
        );

    [Fact]
    public void OfPiecesThatWereOnlyWeighed_ThePieceComesFirst()
    {
        var shares = Of(null);
        Assert.Equal("How thick the thickest piece is", shares[0].Name);
        Assert.InRange(shares.Sum(s => s.Share), 0.8, 1.1);
        Assert.Equal(shares.OrderByDescending(s => s.Share), shares);
    }

    [Fact]
    public void RulerTakesThePieceAway() => Assert.DoesNotContain(Of(33), s => s.Name == "How thick the thickest piece is");
}
