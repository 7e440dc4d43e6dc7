using CsCheck;
using Ikuzo.Core.Conduction;

namespace Ikuzo.Core.Tests.Conduction;

/// <summary>From the axes of a piece to its dimensionality.</summary>
public class EquivalentShapeTests
{
    [Theory]
    [InlineData(1, 1, 3)] // ball
    [InlineData(1, 1e6, 2)] // long rod
    [InlineData(1e6, 1e6, 1)] // slab
    public void Ellipsoid_IsExactAtItsEnds(double width, double length, double expected) =>
        Assert.Equal(expected, EquivalentShape.Ellipsoid(width, length, 20), 1e-5);

    // A surface that hardly takes heat: surface over volume counts, 1 + 1/2 + 1/3 by the published formula, less the correction.
    [Fact]
    public void Ellipsoid_OfASlowSurface_GoesWithSurfaceOverVolume()
    {
        const double Half = 1.0 / 2 * (1 - 0.28 * 0.125),
            Third = 1.0 / 3 * (1 - 0.28 * 8.0 / 27);
        Assert.Equal(1 + Half + Third, EquivalentShape.Ellipsoid(2, 3, 1e-6), 1e-4);
    }

    // From the three-dimensional solution (bench -- voxel): E whose exact series takes as long as the body until 37.5 % is left.
    [Theory]
    [InlineData(1.84, 3.04, 35, 1.36)]
    [InlineData(2.8, 5.0, 22, 1.155)]
    [InlineData(1.28, 2.03, 40, 1.83)]
    public void Ellipsoid_AgreesWithASolutionInThreeDimensions(double width, double length, double biot, double solved) =>
        Assert.Equal(solved, EquivalentShape.Ellipsoid(width, length, biot), 0.03);

    [Fact]
    public void Block_OfASlowSurface_IsNearlyACube() => Assert.Equal(2.94, EquivalentShape.Block(1, 1, 1e-3), 0.01);

    [Fact]
    public void LongerAndWider_IsNeverRounder() =>
        Check.Sample(
            Gen.Select(Gen.Double[1, 6], Gen.Double[1, 6], Gen.Double[0.1, 60], Gen.Double[1, 1.5]),
            (width, length, biot, more) =>
                EquivalentShape.Ellipsoid(width * more, length, biot) <= EquivalentShape.Ellipsoid(width, length, biot)
                && EquivalentShape.Block(width, length * more, biot) <= EquivalentShape.Block(width, length, biot)
                && EquivalentShape.Ellipsoid(width, length, biot) is >= 1 and <= 3
        );
}
