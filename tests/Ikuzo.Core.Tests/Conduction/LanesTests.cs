using CsCheck;
using Ikuzo.Core.Conduction;

namespace Ikuzo.Core.Tests.Conduction;

public class LanesTests
{
    [Fact]
    public void Exp_OverItsRange_IsWithinSinglePrecision() =>
        Gen.Float[-87, 87].Sample(x => Assert.Equal(1, Lanes.Exp(Lanes.All(x))[5] / Math.Exp(x), 3e-7));

    [Theory]
    [InlineData(1000, 87)]
    [InlineData(-1000, -87)]
    public void Exp_BeyondItsRange_IsClamped(double x, double at) => Assert.Equal(1, Lanes.Exp(Lanes.All(x))[0] / Math.Exp(at), 3e-7);

    [Fact]
    public void Power_IsThatOfEachLane() =>
        Gen.Select(Gen.Float[0.01f, 3], Gen.Float[0, 3])
            .Sample((x, p) => Assert.Equal(1, Lanes.Power(Lanes.All(x), Lanes.All(p))[2] / Math.Pow(x, p), 1e-5));

    [Fact]
    public void Pick_TakesEachLaneByItsMask()
    {
        var rising = Lanes.From([0, 1, 2, 3, 4, 5, 6, 7, 0, 0, 0, 0, 0, 0, 0, 9]);
        var picked = Lanes.Pick(System.Runtime.Intrinsics.Vector512.GreaterThan(rising, Lanes.All(3)), rising, Lanes.All(-1));
        Assert.Equal(Lanes.From([-1, -1, -1, -1, 4, 5, 6, 7, -1, -1, -1, -1, -1, -1, -1, 9]), picked);
        Assert.Equal(9, Lanes.Max(rising));
        Assert.True(Lanes.Any(System.Runtime.Intrinsics.Vector512.Equals(rising, Lanes.All(6))));
    }
}
