using Ikuzo.Core.Cooking;
using Ikuzo.Core.Planning;

namespace Ikuzo.Core.Tests.Planning;

/// <summary>Against chances that can be worked out by hand: every particle alike.</summary>
public class ReadinessTests
{
    private const int Particles = 256;

    private static Readiness Of(float first, float rested, float again, float coldestAgain, float? average = null)
    {
        var measured = new MeasuredOutcome(Particles, 1, average is not null);
        Array.Fill(measured.First[0].Thickest, first);
        Array.Fill(measured.Again[0].Thickest, again);
        Array.Fill(measured.Rested[0], rested);
        Array.Fill(measured.Stood[0], coldestAgain);
        if (average is { } celsius)
        {
            Array.Fill(measured.First[0].Average!, celsius);
            Array.Fill(measured.Again[0].Average!, celsius);
        }

        return new Readiness(measured);
    }

    // A probe at 74 °C reads 74 or more in two of three cases: the halves are as likely as they are wide.
    [Theory]
    [InlineData(90, 1)]
    [InlineData(74, 0.66667)]
    [InlineData(72, 0.21154)] // 4/3 (1 - Φ(1))
    [InlineData(60, 0)]
    public void MeatThatGetsThere_IsReadyAsOftenAsItReads74(float celsius, double share) =>
        Assert.Equal(share, Of(celsius, 80, celsius, 80).AtFirst, 1e-4);

    [Fact]
    public void MeatThatDoesNotGetThere_IsNotReadyWhateverItReads()
    {
        var ready = Of(74, 73.9f, 74, 73.9f);
        Assert.True(ready.AtFirst < 1e-6, $"{ready.AtFirst}");
        Assert.True(ready.AfterRest < 1e-6);
        Assert.False(ready.Keeps(0.5));
    }

    [Fact]
    public void SecondReading_CountsForThoseThatAreLeft()
    {
        var ready = Of(72, 80, 74, 80);
        Assert.Equal(1 - (1 - 0.21154) * (1 - 0.66667), ready.AfterRest, 1e-4);
        Assert.Equal(1 - ready.AfterRest, ready.ChanceOfReturn[7], 1e-9);
    }

    [Theory]
    [InlineData(0.34, true)]
    [InlineData(0.33, false)]
    public void Keeps_AsksForBothShares(double mostReturns, bool kept)
    {
        Assert.Equal(kept, Of(74, 80, 90, 90).Keeps(mostReturns));
        Assert.False(Of(74, 80, 74, 80).Keeps(mostReturns)); // one in nine goes back: more than one in twenty
    }

    // In 85 of 100 cases the thickest is read, else an average one.
    [Fact]
    public void OfSeveralPieces_TheEyeSometimesTakesAnother() =>
        Assert.Equal(0.85 * 0.66667 + 0.15, Of(74, 80, 74, 80, average: 95).AtFirst, 1e-4);

    [Fact]
    public void ChanceOfAReading_IsThatOfItsDraws()
    {
        var random = new SplitMix64(7);
        var errors = Enumerable.Range(0, 40_000).Select(_ => ProbeError.Draw(random)).ToList();
        foreach (var level in new[] { -1.5, -0.5, 0, 1, 3 })
        {
            Assert.Equal(errors.Count(e => e >= level) / 40_000.0, ProbeError.ChanceAbove(70 + level, 70), 0.01);
        }
    }
}
