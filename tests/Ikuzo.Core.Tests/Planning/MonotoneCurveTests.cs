using CsCheck;
using Ikuzo.Core.Planning;

namespace Ikuzo.Core.Tests.Planning;

public class MonotoneCurveTests
{
    [Fact]
    public void At_ThePoints_IsExact()
    {
        var curve = new MonotoneCurve([0, 3, 7, 12], [1, 4, 4.5, 20]);
        Assert.Equal([1.0, 4.0, 4.5, 20.0], new[] { 0.0, 3, 7, 12 }.Select(curve.At));
    }

    [Fact]
    public void At_OutsideThePoints_StaysAtTheEnds()
    {
        var curve = new MonotoneCurve([0, 3], [1, 4]);
        Assert.Equal(1, curve.At(-5));
        Assert.Equal(4, curve.At(99));
    }

    [Fact]
    public void At_OfAStraightLine_IsThatLine()
    {
        var curve = new MonotoneCurve([0, 2, 5, 9], [3, 7, 13, 21]);
        Assert.Equal(3 + 2 * 6.3, curve.At(6.3), 1e-12);
    }

    [Fact]
    public void At_BetweenRisingPoints_NeverFallsOrOvershoots() =>
        Gen.Double[0.01, 10]
            .Array[3, 9]
            .Sample(steps =>
            {
                var y = steps.Select((_, i) => steps.Take(i + 1).Sum()).ToArray();
                var x = steps.Select((_, i) => (double)i * 3).ToArray();
                var curve = new MonotoneCurve(x, y);
                var before = double.NegativeInfinity;
                for (var at = 0.0; at <= x[^1]; at += 0.25)
                {
                    var value = curve.At(at);
                    Assert.True(value >= before - 1e-9 && value <= y[^1] + 1e-9);
                    before = value;
                }
            });
}
