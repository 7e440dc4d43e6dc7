using Ikuzo.Core.Conduction;

namespace Ikuzo.Core.Tests.Conduction;

/// <summary>The solver on the product's mesh against the exact series (eigenvalue sums, E = 1, 1.5, 2, 3).</summary>
public class ConstantPropertyCheckTests
{
    // 0.002 is the accuracy promised in docs/model.md; the series itself is exact to eight digits.
    private const double Tolerance = 0.002;

    public static TheoryData<double, double, double, double, double, double> Series()
    {
        var data = new TheoryData<double, double, double, double, double, double>();
        foreach (var r in ReferenceData.Rows("conduction_series.csv"))
        {
            data.Add(r[0], r[1], r[2], r[3], r[4], r[5]);
        }

        return data;
    }

    [Theory]
    [MemberData(nameof(Series))]
    public void Run_AgainstExactSeries_IsWithinTolerance(double e, double biot, double fourier, double centre, double surface, double mean)
    {
        var theta = ConstantPropertyCheck.Run(e, biot, fourier);
        Assert.Equal(centre, theta.Centre, Tolerance);
        Assert.Equal(surface, theta.Surface, Tolerance);
        Assert.Equal(mean, theta.Mean, Tolerance);
    }

    [Theory]
    [InlineData(0.9, 5, 0.1)]
    [InlineData(3.1, 5, 0.1)]
    [InlineData(2, 0, 0.1)]
    [InlineData(2, double.NaN, 0.1)]
    [InlineData(2, 5, -1)]
    public void Run_OutsideItsRange_IsRefused(double e, double biot, double fourier)
        => Assert.Throws<ArgumentOutOfRangeException>(() => ConstantPropertyCheck.Run(e, biot, fourier));
}
