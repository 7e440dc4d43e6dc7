using Ikuzo.Core.Conduction;
using Ikuzo.Core.Cooking;

namespace Ikuzo.Core.Tests.Cooking;

public class ParticleSourceTests
{
    [Fact]
    public void Chance_OfTheSameSeed_IsTheSameAndOfAnotherIsNot()
    {
        Assert.Equal(
            ParticleSource.Chance(7).Draw(Uncertain.PieceThickness, 0),
            ParticleSource.Chance(7).Draw(Uncertain.PieceThickness, 0)
        );
        Assert.NotEqual(
            ParticleSource.Chance(7).Draw(Uncertain.PieceThickness, 0),
            ParticleSource.Chance(8).Draw(Uncertain.PieceThickness, 0)
        );
    }

    [Fact]
    public void Chance_OverManySeeds_HasTheSpreadOfTheEnsemble()
    {
        var draws = Enumerable
            .Range(0, 400)
            .SelectMany(seed =>
            {
                var eight = ParticleSource.Chance((ulong)seed).Draw(Uncertain.Conductivity, 0);
                return Enumerable.Range(0, Lanes.Width).Select(i => (double)eight[i]);
            })
            .ToArray();
        Assert.Equal(0, draws.Average(), 0.06);
        Assert.Equal(1, Math.Sqrt(draws.Average(d => d * d)), 0.06);
    }

    [Fact]
    public void Wide_HasTheSameDrawsFurtherOut()
    {
        var (usual, wide) = (ParticleSource.Check.Draw(Uncertain.Shape, 8), ParticleSource.Wide.Draw(Uncertain.Shape, 8));
        Assert.Equal(ParticleSource.Check.Count, ParticleSource.Wide.Count);
        Assert.True(Math.Abs(wide[3]) > Math.Abs(usual[3]) * 1.5);
    }

    [Fact]
    public void Scout_IsNominalFirstAndThenThickerAndFlatter()
    {
        var thickness = ParticleSource.Scout.Draw(Uncertain.PieceThickness, 0);
        Assert.Equal(0, thickness[ParticleSource.FirstCautious - 1]);
        Assert.True(thickness[ParticleSource.FirstCautious] > 1);
        Assert.True(ParticleSource.Scout.Draw(Uncertain.Shape, 0)[ParticleSource.FirstCautious] < 0);
    }
}
