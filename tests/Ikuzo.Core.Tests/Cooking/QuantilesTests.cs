using CsCheck;
using Ikuzo.Core.Cooking;

namespace Ikuzo.Core.Tests.Cooking;

public class QuantilesTests
{
    // Type 6 of Hyndman and Fan on 1, 2, 3, 4: the values that R gives.
    [Theory]
    [InlineData(0, 1)]
    [InlineData(0.25, 1.25)]
    [InlineData(0.5, 2.5)]
    [InlineData(0.7, 3.5)]
    [InlineData(0.9, 4)]
    [InlineData(1, 4)]
    public void Of_FourValues_IsLikeType6(double share, double value) => Assert.Equal(value, Quantiles.Of([1, 2, 3, 4], share), 1e-12);

    [Fact]
    public void Of_OneValue_IsThatValue() => Assert.Equal(7, Quantiles.Of([7], 0.3));

    [Fact]
    public void Of_AnyValues_RisesWithTheShareAndStaysInside() =>
        Gen.Select(Gen.Float[-50, 150].Array[1, 40], Gen.Double[0, 1], Gen.Double[0, 1])
            .Sample(
                (values, a, b) =>
                {
                    var sorted = Quantiles.Sorted(values);
                    var (low, high) = (Quantiles.Of(sorted, Math.Min(a, b)), Quantiles.Of(sorted, Math.Max(a, b)));
                    Assert.True(sorted[0] <= low && low <= high + 1e-4 && high <= sorted[^1]);
                }
            );

    [Fact]
    public void Among_AnyValues_IsThatOfTheSorted() =>
        Gen.Select(Gen.OneOf(Gen.Float[-50, 150], Gen.Int[0, 3].Select(i => (float)i)).Array[1, 300], Gen.Double[0, 1])
            .Sample(
                (values, share) =>
                {
                    var sorted = Quantiles.Sorted(values);
                    Assert.Equal(Quantiles.Of(sorted, share), Quantiles.Among(values, share), 1e-4);
                    Assert.Equal(sorted, Quantiles.Sorted(values));
                }
            );

    [Fact]
    public void Sorted_LeavesItsInputAlone()
    {
        float[] values = [3, 1, 2];
        Assert.Equal([1, 2, 3], Quantiles.Sorted(values));
        Assert.Equal([3, 1, 2], values);
    }
}
