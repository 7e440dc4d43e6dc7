using Ikuzo.Core.Physics;

namespace Ikuzo.Core.Tests.Physics;

public class SaturationTests
{
    public static TheoryData<double, double, double, double, double> Table()
    {
        var data = new TheoryData<double, double, double, double, double>();
        foreach (var r in ReferenceData.Rows("pot_temperature.csv"))
        {
            data.Add(r[0], r[1], r[2], r[3], r[4]);
        }

        return data;
    }

    [Theory]
    [MemberData(nameof(Table))]
    public void PotCelsius_AgainstReferenceTable_IsWithinAFewHundredths(
        double altitude,
        double gauge,
        double atmosphere,
        double boiling,
        double held
    )
    {
        Assert.Equal(atmosphere, Saturation.AtmosphereKpa(altitude), 0.01);
        Assert.Equal(boiling, Saturation.PotCelsius(altitude, 0), 0.05);
        Assert.Equal(held, Saturation.PotCelsius(altitude, gauge), 0.05);
    }

    // IF97, table 36: the verification values of equation 31.
    [Theory]
    [InlineData(100, 372.755919)]
    [InlineData(1000, 453.035632)]
    [InlineData(10_000, 584.149488)]
    public void BoilingCelsius_AgainstIf97VerificationValues_AgreesToAMicrokelvin(double kpa, double kelvin) =>
        Assert.Equal(kelvin, Saturation.BoilingCelsius(kpa) + 273.15, 1e-5);
}
