using CsCheck;
using Ikuzo.Core.Conduction;
using Ikuzo.Core.Physics;
using Ikuzo.Core.Poultry;

namespace Ikuzo.Core.Tests.Conduction;

/// <summary>The form of a material in the inner loops against its closed forms.</summary>
public class MaterialLanesTests
{
    private static readonly ThermalMaterial Meat = Tissue.ChickenBreast.Material;
    private static readonly MaterialLanes InLanes = new(Meat);
    private const double Rounding = 60; // J/kg, of 700,000 in single precision
    private static readonly Gen<double> Temperatures = Gen.Double[-40, 120].Where(t => Math.Abs(t) > 0.01);

    [Fact]
    public void Enthalpy_OnBothSidesOfFreezing_IsTheClosedForm() =>
        Temperatures.Sample(t => Assert.InRange(InLanes.Enthalpy(Lanes.All(t))[0] - Meat.Enthalpy(t), -Rounding, Rounding));

    [Fact]
    public void Celsius_OfAnEnthalpy_FindsItsTemperature() =>
        Gen.Select(Temperatures, Gen.Double[-15, 15])
            .Sample(
                (t, off) =>
                    Assert.Equal(
                        t,
                        InLanes.Celsius(Lanes.All(Meat.Enthalpy(t)), Lanes.All(Math.Max(Meat.FreezingCelsius, t + off)))[0],
                        0.05
                    )
            );

    [Fact]
    public void Properties_NearFreezing_AreThoseOfTheMaterial() =>
        Temperatures.Sample(t =>
        {
            var (capacity, conductivity) = InLanes.NearFreezingProperties(Lanes.All(t));
            Assert.Equal(1, conductivity[0] / Meat.Conductivity(t), 1e-4);
            var slope = (Meat.Enthalpy(t + 1e-4) - Meat.Enthalpy(t - 1e-4)) / 2e-4;
            if (Math.Abs(t - Meat.FreezingCelsius) > 0.01)
            {
                Assert.Equal(1, capacity[0] / slope, 1e-3);
            }
        });

    [Fact]
    public void HeatBetween_TwoTemperatures_IsTheDifferenceOfEnthalpy() =>
        Gen.Select(Gen.Double[0, 120], Gen.Double[0, 120])
            .Sample(
                (from, to) =>
                    Assert.InRange(
                        InLanes.HeatBetween(Lanes.All(from), Lanes.All(to))[0] - (Meat.Enthalpy(to) - Meat.Enthalpy(from)),
                        -Rounding,
                        Rounding
                    )
            );
}
