using CsCheck;
using Ikuzo.Core.Pots;

namespace Ikuzo.Core.Tests.Pots;

public class PotDefaultsTests
{
    [Theory]
    [InlineData(3, 800, 250)]
    [InlineData(5.7, 1000, 250)]
    [InlineData(8, 1200, 375)]
    [InlineData(10, 1400, 500)]
    public void For_TheFourSizes_HasTheirFigures(double litres, double watts, double minimumMl)
    {
        var pot = PotDefaults.For(litres);
        Assert.Equal(watts, pot.HeaterWatts, 1e-9);
        Assert.Equal(minimumMl, pot.MinimumLiquidMl, 1e-9);
    }

    [Fact]
    public void For_AnyTwoSizes_TheLargerIsNotSmallerInAnything() =>
        Gen.Select(Gen.Double[1, 20], Gen.Double[1, 20])
            .Sample(
                (a, b) =>
                {
                    PotModel small = PotDefaults.For(Math.Min(a, b)),
                        large = PotDefaults.For(Math.Max(a, b));
                    Assert.True(small.HeaterWatts <= large.HeaterWatts);
                    Assert.True(small.ShellJoulePerKelvin <= large.ShellJoulePerKelvin);
                    Assert.True(small.LossWattPerKelvin <= large.LossWattPerKelvin);
                    Assert.True(small.MinimumLiquidMl <= large.MinimumLiquidMl);
                }
            );
}
