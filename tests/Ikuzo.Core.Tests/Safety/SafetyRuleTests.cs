using Ikuzo.Core.Cooking;
using Ikuzo.Core.Quantities;
using Ikuzo.Core.Safety;

namespace Ikuzo.Core.Tests.Safety;

public class SafetyRuleTests
{
    [Theory]
    [InlineData(73.99, false)]
    [InlineData(74, true)] // 165 °F: USDA FSIS, all poultry
    public void Core_IsReachedAtSeventyFour(double celsius, bool reached) => Assert.Equal(reached, SafetyRule.IsReached(celsius));

    // A reading is compared as it was read: the official figure for who reads °F is 165, which is 73.89 °C.
    [Theory]
    [InlineData(73.8889, true)] // 165.0 °F
    [InlineData(73.9, true)]
    [InlineData(73.83, false)] // 164.9 °F
    public void CoreInFahrenheit_IsReachedAt165(double celsius, bool reached) =>
        Assert.Equal(reached, SafetyRule.IsReached(celsius, TemperatureScale.Fahrenheit));

    [Theory]
    [InlineData(0.9899, false)]
    [InlineData(0.99, true)]
    public void Rule_HoldsFor99Of100(double share, bool holds)
    {
        Assert.Equal(holds, SafetyRule.Holds(share));
        Assert.Equal(0.01, SafetyRule.ShareBelow, 1e-12);
    }

    [Theory]
    [InlineData(new[] { 75f, 73, 80, 20 }, 0.5)] // 74 lies half-way between the second and the third of four
    [InlineData(new[] { 74f, 90, 80 }, 1)]
    [InlineData(new[] { 73.9f, 20 }, 0)]
    public void Share_IsThatOfWhatTheSampleStandsFor(float[] coldest, double share) =>
        Assert.Equal(share, SafetyRule.ShareAtCore(coldest), 1e-6);

    [Theory]
    [InlineData(0.2)]
    [InlineData(1.5)]
    [InlineData(2.2)]
    [InlineData(2.6)]
    [InlineData(3.4)]
    public void Share_HoldsExactlyWhenTheLowestThatIsShownIsAtTheRule(double colder)
    {
        var coldest = Enumerable.Range(0, 256).Select(i => (float)(74.0 + (i - colder) * 0.3)).ToArray();
        Assert.Equal(Quantiles.Of(coldest, 0.01) >= 74, SafetyRule.Holds(SafetyRule.ShareAtCore(coldest)));
    }

    [Fact]
    public void DangerZone_IsFromFiveToSixty() => Assert.Equal((5, 60), (SafetyRule.ColdHoldingCelsius, SafetyRule.HotHoldingCelsius));
}
