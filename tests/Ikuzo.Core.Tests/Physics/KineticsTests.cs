using Ikuzo.Core.Physics;

namespace Ikuzo.Core.Tests.Physics;

public class KineticsTests
{
    // 7 log10 of Salmonella in chicken with 12 % fat take 35 min at 60 °C and fewer the hotter it is: USDA FSIS appendix A, 2021.
    [Theory]
    [InlineData(60, 2100)]
    [InlineData(66.5, 210)]
    [InlineData(53.5, 21000)]
    public void SevenDecades_TakeAsLongAsTheOfficialTable(double celsius, double seconds) =>
        Assert.Equal(7, Kinetics.SalmonellaLogPerSecond(celsius) * seconds, 1e-9);

    // Published cook-loss curves for chicken breast, as read for the fit.
    [Theory]
    [InlineData(60, 12)]
    [InlineData(70, 24)]
    [InlineData(80, 33)]
    [InlineData(100, 38)]
    public void WaterLoss_GoesThroughThePublishedPoints(double celsius, double percent) =>
        Assert.Equal(percent, Kinetics.EquilibriumWaterLossPercent(celsius), 0.35);
}
