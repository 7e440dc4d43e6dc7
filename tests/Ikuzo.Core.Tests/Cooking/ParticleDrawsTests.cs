using Ikuzo.Core.Cooking;
using Ikuzo.Core.Poultry;

namespace Ikuzo.Core.Tests.Cooking;

public class ParticleDrawsTests
{
    public static TheoryData<Uncertain> Quantities() => [.. Enum.GetValues<Uncertain>()];

    [Theory]
    [MemberData(nameof(Quantities))]
    public void Draws_OfEachQuantity_AreStandardNormalAndStratified(Uncertain quantity)
    {
        var draws = ParticleDraws.Of(quantity).ToArray();
        Assert.Equal(ParticleDraws.Count, draws.Length);
        Assert.Equal(0, draws.Average(), 1e-9);
        Assert.Equal(1, Math.Sqrt(draws.Average(d => d * d)), 0.01);
        Assert.Equal(ParticleDraws.Count, draws.Distinct().Count());
        Assert.All(draws, d => Assert.InRange(d, -Spreads.CutAt, Spreads.CutAt));
    }

    [Fact]
    public void Draws_OfDifferentQuantities_AreNearlyUncorrelated()
    {
        foreach (var a in Enum.GetValues<Uncertain>())
        {
            foreach (var b in Enum.GetValues<Uncertain>().Where(b => b > a))
            {
                var (x, y) = (ParticleDraws.Of(a).ToArray(), ParticleDraws.Of(b).ToArray());
                Assert.InRange(x.Zip(y, (p, q) => p * q).Average(), -0.01, 0.01);
            }
        }
    }

    // First outputs of the published generator for the seed 1234567.
    [Fact]
    public void SplitMix64_GivesThePublishedSequence()
    {
        var random = new SplitMix64(1234567);
        Assert.Equal(6457827717110365317UL, random.Next());
        Assert.Equal(3203168211198807973UL, random.Next());
        Assert.Equal(9817491932198370423UL, random.Next());
    }

    [Theory]
    [MemberData(nameof(Quantities))]
    public void Spread_OfEachQuantity_HasASource(Uncertain quantity)
    {
        var thigh = CutCatalogue.Find("chicken-thigh-bone-in")!.Spread;
        var spread = quantity switch
        {
            Uncertain.OwnThickness => new Spread(thigh.Ours, thigh.Source),
            Uncertain.LoadThickness => new Spread(thigh.Load, thigh.Source),
            Uncertain.PieceThickness or Uncertain.SecondThickness => new Spread(thigh.Piece, thigh.Source),
            Uncertain.StartTemperature => Spreads.StartKelvin(frozen: false),
            _ => Spreads.Of(quantity),
        };
        Assert.True(spread.Value > 0);
        Assert.NotEmpty(spread.Source);
    }

    [Fact]
    public void Spread_OfWhatWasMeasured_IsSmaller()
    {
        Assert.All(CutCatalogue.All, c => Assert.True(Spreads.Ruler.Value < c.Spread.OfOne + 0.001));
        Assert.True(Spreads.StartKelvin(frozen: false).Value < Spreads.StartKelvin(frozen: true).Value);
    }
}
