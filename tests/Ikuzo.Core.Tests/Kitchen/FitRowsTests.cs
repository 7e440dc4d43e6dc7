using Ikuzo.Core.Filling;
using Ikuzo.Core.Loads;

namespace Ikuzo.Core.Tests.Kitchen;

/// <summary>What goes into which pot, row by row, the unsure ones too.</summary>
public class FitRowsTests
{
    public static TheoryData<int> All => [.. Enumerable.Range(0, Rows.Count)];

    private static readonly List<KitchenRow> Rows = [.. KitchenRows.Of("fit.csv")];

    [Theory]
    [MemberData(nameof(All))]
    public void Fit_IsWhatHouseholdsGetIn(int index)
    {
        var row = Rows[index];
        var request = KitchenRows.Request(row.Number("pot_litres"), row["cut"], (int)row.Number("pieces"), row.Number("total_kg"));
        var placed = request with { Load = request.Load with { Placement = row["rack"] == "rack" ? Placement.Rack : Placement.InLiquid } };
        var wanted =
            row["fit"] == "fits" ? FitVerdict.Fits
            : row["fit"] == "does not fit" ? FitVerdict.DoesNotFit
            : FitVerdict.Tight;
        Assert.Equal(wanted, Fit.Of(placed).Verdict);
    }

    // The mark is about liquid and what swells.
    [Theory]
    [InlineData("chicken-whole", 1, 2.0, 1.5)]
    [InlineData("chicken-diced", 40, 1.0, 2.45)] // lies under the liquid
    public void Mark_CountsLiquidAndWhatLiesInIt_NotTheBird(string cut, int pieces, double kg, double litres)
    {
        var request = KitchenRows.Request(5.7, cut, pieces, kg) with { LiquidMl = 1500 };
        Assert.Equal(
            litres,
            LiquidBudget.FillOf(request with { Load = request.Load with { Placement = Placement.InLiquid } }, 0).BeforeLitres
        );
    }
}
