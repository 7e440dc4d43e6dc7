using CsCheck;
using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Tests.Quantities;

public class QuantityReaderTests
{
    private const double Exactly = 1e-9;

    [Theory]
    [InlineData("3 lb 4 oz", 1.4741752025)]
    [InlineData("3lb", 1.36077711)]
    [InlineData("1,5 kg", 1.5)]
    [InlineData("1.5kg", 1.5)]
    [InlineData("800 g", 0.8)]
    [InlineData("1,200 g", 1.2)]
    [InlineData("half a kilo", 0.5)]
    [InlineData("half kilo", 0.5)]
    [InlineData("½ kg", 0.5)]
    [InlineData("2½ lb", 1.133980925)]
    [InlineData("1 1/2 pounds", 0.680388555)]
    [InlineData("three pounds", 1.36077711)]
    [InlineData("12 ounces", 0.3401942775)]
    [InlineData("1-1/2 lb", 0.680388555)]
    [InlineData("2/3 lb", 0.30239491333333)]
    [InlineData("4#", 1.81436948)]
    public void Read_AMass_GivesKilograms(string text, double kilograms) =>
        Assert.Equal(kilograms, QuantityReader.Read(text, Dimension.Mass, 1)!.Value, Exactly);

    [Theory]
    [InlineData("2-3 lb", 2, 3, "lb")]
    [InlineData("1.2 – 1.4 kg", 1.2, 1.4, "kg")]
    [InlineData("2 to 3 pounds", 2, 3, "lb")]
    [InlineData("½-1 kg", 0.5, 1, "kg")]
    [InlineData("two to three kilos", 2, 3, "kg")]
    public void ReadAt_ARange_GivesBothEnds(string text, double least, double most, string unit)
    {
        var kg = unit == "lb" ? 0.45359237 : 1;
        var read = QuantityReader.ReadAt(Tokens.Split(text), 0)!.Value;
        Assert.Equal((least * kg, most * kg, (least + most) / 2 * kg), (read.Least!.Value, read.Value, read.Middle));
    }

    [Theory]
    [InlineData("32 mm", 0.032)]
    [InlineData("3.2cm", 0.032)]
    [InlineData("1 1/4 inches", 0.03175)]
    [InlineData("1¼\"", 0.03175)]
    [InlineData("2 in", 0.0508)]
    [InlineData("32", 0.032)]
    public void Read_ALength_GivesMetres(string text, double metres) =>
        Assert.Equal(metres, QuantityReader.Read(text, Dimension.Length, 0.001)!.Value, Exactly);

    [Theory]
    [InlineData("250 ml", 250)]
    [InlineData("0.5 l", 500)]
    [InlineData("2 cups", 473.176)]
    [InlineData("6 qt", 5678.112)]
    [InlineData("5,7 litres", 5700)]
    public void Read_AVolume_GivesMillilitres(string text, double millilitres) =>
        Assert.Equal(millilitres, QuantityReader.Read(text, Dimension.Volume, 1)!.Value, 1e-6);

    [Theory]
    [InlineData("74C", 74)]
    [InlineData("74 °C", 74)]
    [InlineData("165 F", 73.888888889)]
    [InlineData("165°F", 73.888888889)]
    [InlineData("40 degrees fahrenheit", 4.444444444)]
    public void Read_ATemperature_GivesCelsius(string text, double celsius) =>
        Assert.Equal(celsius, QuantityReader.Read(text, Dimension.Temperature, 1)!.Value, 1e-6);

    [Theory]
    [InlineData("", Dimension.Mass)]
    [InlineData("lots", Dimension.Mass)]
    [InlineData("3 kg", Dimension.Length)]
    [InlineData("3 kg of it", Dimension.Mass)]
    [InlineData("3 kg 2 kg", Dimension.Mass)]
    [InlineData("2-3 kg", Dimension.Mass)]
    [InlineData("kg", Dimension.Mass)]
    [InlineData("1/0 kg", Dimension.Mass)]
    public void Read_WhatIsNotOneQuantityOfTheKind_GivesNothing(string text, Dimension dimension) =>
        Assert.Null(QuantityReader.Read(text, dimension, 1));

    [Fact]
    public void Read_AnyText_NeverThrows() =>
        Gen.Select(Gen.String, Gen.Enum<Dimension>())
            .Sample(
                (text, dimension) =>
                {
                    var value = QuantityReader.Read(text, dimension, 1);
                    Assert.True(value is null || double.IsFinite(value.Value));
                }
            );

    [Fact]
    public void Read_WhatWordingWrote_GivesTheSameBack() =>
        Gen.Double[0.05, 12]
            .Sample(kilograms =>
            {
                var said = new Wording(UnitSystem.Metric).Mass(kilograms);
                Assert.Equal(kilograms, QuantityReader.Read(said, Dimension.Mass, 1)!.Value, 0.006);
            });
}
