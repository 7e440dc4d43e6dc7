using CsCheck;
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

    // The series that the application itself shows, against values computed elsewhere to eight digits.
    [Theory]
    [MemberData(nameof(Series))]
    public void Series_AgainstReferenceValues_AgreesToFiveDigits(
        double e,
        double biot,
        double fourier,
        double centre,
        double surface,
        double mean
    )
    {
        var theta = ConductionSeries.At(e, biot, fourier);
        Assert.Equal(centre, theta.Centre, 2e-6);
        Assert.Equal(surface, theta.Surface, 2e-6);
        Assert.Equal(mean, theta.Mean, 2e-6);
    }

    // Any shape, Biot and Fourier that a reader may pick on the page about trust. Before Fo = 0.02 the warm layer is thinner than four
    // shells.
    [Fact]
    public void Run_AnywhereInItsRange_IsNearTheSeries() =>
        Gen.Select(Gen.Double[1, 3], Gen.Double[-1, 3], Gen.Double[-1.7, 0.3])
            .Sample(
                (e, logBiot, logFourier) =>
                {
                    double biot = Math.Pow(10, logBiot),
                        fourier = Math.Pow(10, logFourier);
                    Theta solver = ConstantPropertyCheck.Run(e, biot, fourier),
                        exact = ConductionSeries.At(e, biot, fourier);
                    Assert.Equal(exact.Centre, solver.Centre, Tolerance);
                    Assert.Equal(exact.Mean, solver.Mean, Tolerance);
                },
                iter: Often.Times(300)
            );

    [Theory]
    [InlineData(0.9, 5, 0.1)]
    [InlineData(3.1, 5, 0.1)]
    [InlineData(2, 0, 0.1)]
    [InlineData(2, double.NaN, 0.1)]
    [InlineData(2, 5, -1)]
    public void Run_OutsideItsRange_IsRefused(double e, double biot, double fourier) =>
        Assert.Throws<ArgumentOutOfRangeException>(() => ConstantPropertyCheck.Run(e, biot, fourier));
}
