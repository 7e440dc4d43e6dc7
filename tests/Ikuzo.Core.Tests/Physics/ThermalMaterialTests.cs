using Ikuzo.Core.Physics;
using Ikuzo.Core.Poultry;

namespace Ikuzo.Core.Tests.Physics;

public class ThermalMaterialTests
{
    private static readonly Tissue Breast = Tissue.ChickenBreast;

    // The straight line and the parabola stand in for Choi and Okos; docs/model.md promises half a percent.
    [Theory]
    [InlineData(5)]
    [InlineData(40)]
    [InlineData(74)]
    [InlineData(115)]
    public void Meat_AboveFreezing_FollowsChoiAndOkos(double celsius)
    {
        var meat = Breast.Material;
        var c = ChoiOkos.HeatCapacity(Breast.Composition, celsius);
        var k = ChoiOkos.Conductivity(Breast.Composition, celsius);
        Assert.Equal(c, meat.C0 + meat.C1 * celsius, c * 0.005);
        Assert.Equal(k, meat.Conductivity(celsius), k * 0.005);
    }

    [Fact]
    // 1,050 to 1,090 kg/m³ in the literature.
    public void Density_OfChickenBreast_IsNearPublishedValue() => Assert.InRange(Breast.Material.DensityKgPerM3, 1045, 1095);

    [Fact]
    public void Enthalpy_FromMinusForty_MatchesAshraeTable()
    {
        // ASHRAE Refrigeration ch. 19: lean poultry takes about 330 to 345 kJ/kg from -40 to +5 °C. The model is within 10 %.
        var taken = (Breast.Material.Enthalpy(5) - Breast.Material.Enthalpy(-40)) / 1000;
        Assert.InRange(taken, 300, 370);
    }

    [Fact]
    public void IceFraction_AtMinus18_IsNearAllFreezableWater() =>
        Assert.Equal(Breast.Material.FreezableWater * (1 - 1 / 18.0), Breast.Material.IceFraction(-18), 1e-9);

    [Fact]
    public void Meat_FractionsNotAddingUp_IsRefused() =>
        Assert.Throws<ArgumentException>(() => ThermalMaterial.Meat(new Composition(0.7, 0.1, 0.1, 0.01), -1));

    [Theory]
    [InlineData(60, 12)]
    [InlineData(70, 24)]
    [InlineData(80, 33)]
    [InlineData(100, 38)]
    public void EquilibriumWaterLoss_FollowsPublishedCurve(double celsius, double percent) =>
        Assert.Equal(percent, Kinetics.EquilibriumWaterLossPercent(celsius), 0.3);

    [Fact]
    public void CollagenRate_At95_HalvesInHalfAnHour() => Assert.Equal(0.5, Math.Exp(-Kinetics.CollagenRate(95) * 1800), 1e-9);

    // Probabilities and quantiles from published tables of the normal distribution.
    [Theory]
    [InlineData(0.5, 0)]
    [InlineData(0.975, 1.959963985)]
    [InlineData(0.01, -2.326347874)]
    [InlineData(0.001, -3.090232306)]
    public void NormalQuantile_MatchesTables(double p, double z) => Assert.Equal(z, NormalQuantile.Of(p), 1e-8);
}
