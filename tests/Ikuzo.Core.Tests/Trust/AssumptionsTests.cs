using Ikuzo.Core.Poultry;
using Ikuzo.Core.Safety;
using Ikuzo.Core.Trust;

namespace Ikuzo.Core.Tests.Trust;

public class AssumptionsTests
{
    [Fact]
    public void All_HaveNameValueAndSource() =>
        Assert.All(Assumptions.All, a => Assert.All(new[] { a.About, a.Name, a.Value, a.Source }, text => Assert.NotEmpty(text)));

    [Fact]
    public void All_CoverEveryCut() =>
        Assert.Superset(CutCatalogue.All.Select(c => c.Name).ToHashSet(), Assumptions.All.Select(a => a.Name).ToHashSet());

    [Fact]
    public void All_QuoteTheRuleThatIsApplied() =>
        Assert.Contains(Assumptions.All, a => a.Standing == Standing.Exact && a.Value == $"{SafetyRule.CoreCelsius} °C");

    [Fact]
    public void All_NeverCallAnEstimateLiterature() =>
        Assert.DoesNotContain(
            Assumptions.All,
            a => a.Standing == Standing.Literature && a.Source.StartsWith("estimate", StringComparison.Ordinal)
        );
}
