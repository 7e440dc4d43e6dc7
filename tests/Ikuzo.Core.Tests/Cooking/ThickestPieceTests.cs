using CsCheck;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Physics;

namespace Ikuzo.Core.Tests.Cooking;

/// <summary>Of several pieces the thickest decides.</summary>
public class ThickestPieceTests
{
    [Fact]
    public void OfOnePiece_IsItsOwnSpread() => Assert.Equal(0.085 * -1.5, new ThickestPiece(0.085, 0.05, 1).Of(-1.5), 1e-12);

    // Expected greatest of n standard normals: Harter, Biometrika 48 (1961), table 1. Mean over the strata of a standard normal.
    [Theory]
    [InlineData(2, 0.56419)]
    [InlineData(4, 1.02938)]
    [InlineData(10, 1.53875)]
    [InlineData(25, 1.96531)]
    public void OfSeveral_IsTheGreatestOfSoMany(int pieces, double expected)
    {
        var piece = new ThickestPiece(0.06, 0.08, pieces); // 0.1 in all
        Assert.Equal(expected, Strata(piece).Average() / 0.1, 0.005);
    }

    // Straight from the definition: weights and plumpness by chance, kept where the heaviest is as heavy as was said.
    [Theory]
    [InlineData(4, 1.05)]
    [InlineData(4, 1.20)]
    [InlineData(8, 1.30)]
    public void WhereTheHeaviestIsKnown_AgreesWithChance(int pieces, double massRatio)
    {
        const double Plump = 0.07,
            Weight = 0.05;
        var heaviest = Math.Log(massRatio) / 3;
        var random = new SplitMix64(7);
        List<double> thickest = [];
        while (thickest.Count < 4000)
        {
            var others = Enumerable.Range(1, pieces - 1).Select(_ => Weight * random.Normal()).ToList();
            if (others.All(w => w <= heaviest))
            {
                thickest.Add(others.Append(heaviest).Max(w => w + Plump * random.Normal()));
            }
        }

        var strata = Strata(ThickestPiece.OfKnownHeaviest(Plump, Weight, pieces, massRatio)).Order().ToList();
        thickest.Sort();
        Assert.Equal(thickest.Average(), strata.Average(), 0.003);
        Assert.Equal(thickest[thickest.Count * 95 / 100], strata[strata.Count * 95 / 100], 0.01);
    }

    // What a scale on the heaviest says is worth something: over what it may say, the doubt that is left is less than before.
    [Fact]
    public void KnowingTheHeaviest_LeavesLessDoubt()
    {
        var before = new ThickestPiece(0.085, 0.05, 4).Of(2.33);
        var after = Enumerable
            .Range(0, 40)
            .Select(i => 0.05 * NormalQuantile.Of(Math.Pow((i + 0.5) / 40, 0.25)))
            .Average(w => ThickestPiece.OfKnownHeaviest(0.085, 0.05, 4, Math.Exp(3 * w)).Of(2.33));
        Assert.True(after < before, $"{after} against {before}");
    }

    [Fact]
    public void LargerDraws_AreNeverThinner() =>
        Check.Sample(
            Gen.Select(Gen.Double[0.01, 0.1], Gen.Double[0.01, 0.1], Gen.Int[2, 30], Gen.Double[1, 1.5], Gen.Double[-3, 2.9]),
            (plump, weight, pieces, ratio, z) =>
            {
                var known = ThickestPiece.OfKnownHeaviest(plump, weight, pieces, ratio);
                var unknown = new ThickestPiece(plump, weight, pieces);
                return known.Of(z) <= known.Of(z + 0.1) && unknown.Of(z) < unknown.Of(z + 0.1);
            }
        );

    private static IEnumerable<double> Strata(ThickestPiece piece) =>
        Enumerable.Range(0, 2000).Select(i => piece.Of(NormalQuantile.Of((i + 0.5) / 2000)));
}
