using Ikuzo.Core.Cooking;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Quantities;
using Ikuzo.Core.Trust;

namespace Ikuzo.Core.Tests.Trust;

public class AssumptionsTests
{
    private static readonly IReadOnlyList<Assumption> All = Assumptions.Of(UnitSystem.Metric);

    [Fact]
    public void All_HaveNameValueAndSource() =>
        Assert.All(All, a => Assert.All(new[] { a.About, a.Name, a.Value, a.Source }, text => Assert.NotEmpty(text)));

    [Fact]
    public void All_CoverEveryCut() =>
        Assert.Superset(CutCatalogue.All.Select(c => c.Name).ToHashSet(), All.Select(a => a.Name).ToHashSet());

    [Fact]
    public void All_QuoteTheRuleThatIsApplied() =>
        Assert.Equal(
            ["74 °C", "165 °F"],
            new[] { UnitSystem.Metric, UnitSystem.Us }.Select(units => Assumptions.Of(units).First(a => a.Standing == Standing.Exact).Value)
        );

    [Fact]
    public void All_NameEverythingThatIsDrawn()
    {
        var drawn = All.Where(a => a.Value.StartsWith('±')).Select(a => a.Name).ToList();
        // Three levels of thickness are said by cut, together; the ruler besides; start temperature has two.
        Assert.Equal(Enum.GetValues<Uncertain>().Length - 4 + 2, drawn.Distinct().Count());
        Assert.All(All.Where(a => a.About == "Thickness of each cut"), a => Assert.Contains("±", a.Value));
        Assert.Contains("Heat lost to the kitchen", drawn);
        Assert.Contains("Steam lost before the valve closes", drawn);
    }

    [Fact]
    public void All_NeverCallAnEstimateLiterature() =>
        Assert.DoesNotContain(All, a => a.Standing == Standing.Literature && a.Source.StartsWith("estimate", StringComparison.Ordinal));
}
