using Ikuzo.Core.Filling;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;

namespace Ikuzo.Core.Tests.Filling;

public class FitTests
{
    private static PlanRequest Request(string cut, double kg, double litres, Placement placement = Placement.Rack, int pieces = 1) =>
        new()
        {
            Pot = PotDefaults.For(litres),
            Load = new MeatLoad
            {
                Cut = CutCatalogue.Find(cut)!,
                Pieces = pieces,
                TotalKg = kg * pieces,
                Placement = placement,
            },
        };

    [Theory]
    [InlineData("chicken-whole", 1.5, 5.7, FitVerdict.Fits)]
    [InlineData("chicken-whole", 2.2, 3, FitVerdict.DoesNotFit)]
    [InlineData("chicken-whole", 3.5, 5.7, FitVerdict.DoesNotFit)]
    [InlineData("duck-whole", 2.9, 5.7, FitVerdict.DoesNotFit)]
    [InlineData("duck-whole", 2.7, 8, FitVerdict.Tight)]
    [InlineData("turkey-whole", 4.5, 8, FitVerdict.DoesNotFit)]
    [InlineData("turkey-crown", 2.0, 8, FitVerdict.Fits)]
    [InlineData("chicken-thigh-bone-in", 0.18, 3, FitVerdict.Fits)]
    public void Of_BirdsInPots_IsWhatACookWouldFind(string cut, double kg, double litres, FitVerdict verdict) =>
        Assert.Equal(verdict, Fit.Of(Request(cut, kg, litres)).Verdict);

    [Fact]
    public void Of_ABirdThatDoesNotGoIn_SaysWhatWould()
    {
        var fit = Fit.Of(Request("turkey-crown", 3.0, 5.7));
        Assert.Equal(FitVerdict.DoesNotFit, fit.Verdict);
        Assert.Contains("without the rack", fit.Alternatives);
        Assert.NotEqual(FitVerdict.DoesNotFit, Fit.Of(Request("turkey-crown", 3.0, 5.7, Placement.InLiquid)).Verdict);
    }

    [Fact]
    public void Of_TwoPoussins_HaveRoomInALargePotOnly()
    {
        Assert.Equal(FitVerdict.Fits, Fit.Of(Request("poussin-whole", 0.45, 10, pieces: 2)).Verdict);
        Assert.Equal(FitVerdict.Tight, Fit.Of(Request("poussin-whole", 0.45, 3, pieces: 2)).Verdict);
        Assert.Equal(FitVerdict.DoesNotFit, Fit.Of(Request("poussin-whole", 0.9, 3, pieces: 2)).Verdict);
    }

    [Theory]
    [InlineData("chicken-whole")]
    [InlineData("turkey-whole")]
    [InlineData("duck-crown")]
    public void Of_AHeavierBirdOrSmallerPot_NeverFitsBetter(string cut)
    {
        for (var kg = 0.8; kg < 6; kg += 0.4)
        {
            Assert.True(Fit.Of(Request(cut, kg + 0.4, 8)).Verdict >= Fit.Of(Request(cut, kg, 8)).Verdict);
            Assert.True(Fit.Of(Request(cut, kg, 5.7)).Verdict >= Fit.Of(Request(cut, kg, 8)).Verdict);
        }
    }

    [Fact]
    public void Plan_OfABirdThatDoesNotGoIn_StopsUntilTheCookHasTried()
    {
        var request = Request("chicken-whole", 3.5, 5.7);
        Assert.Contains(Planner.Compute(request).Warnings, w => w is { Code: "does-not-fit", Level: WarningLevel.Stop });
        Assert.Contains(
            Planner.Compute(request with { Confirmed = ["does-not-fit"] }).Warnings,
            w => w is { Code: "does-not-fit", Level: WarningLevel.Note }
        );
    }

    [Fact]
    public void CircleMetres_OfTwoRoundBirds_IsTwiceOne() => Assert.Equal(0.2, new BirdSize(0.1, 0.1, 0.1).CircleMetres(2), 4);

    [Fact]
    public void Of_TwoSmallBirds_LieSideBySideWhereThatIsLowerThanOnEachOther()
    {
        var fit = Fit.Of(Request("poussin-whole", 0.45, 10, pieces: 2));
        Assert.Equal(2, fit.SideBySide);
        Assert.StartsWith("Side by side", fit.Why, StringComparison.Ordinal);
    }

    [Fact]
    public void Of_ABirdForTheBigPot_NamesThatPotOfTheKitchen()
    {
        var request = Request("chicken-whole", 3.5, 5.7) with
        {
            OtherPots = [new("bertha", "Bertha", PotDefaults.For(10)), new("pip", "Pip", PotDefaults.For(3))],
        };
        var ways = Fit.Of(request).Alternatives;
        Assert.Contains("in Bertha", ways);
        Assert.DoesNotContain("in Pip", ways);
    }

    [Fact]
    public void Of_OneBirdThatIsMoreThanThePotHolds_IsTakenApartAndNotCookedInBatches()
    {
        var plan = Planner.Compute(Request("turkey-whole", 4.5, 5.7));
        var stop = Assert.Single(plan.Warnings, w => w.Code == "over-capacity");
        Assert.Equal("Try it with the crown and the legs apart, or in a bigger pot.", stop.Text);
        Assert.True(plan.Picture!.ClearanceMm < 20);
    }

    [Fact]
    public void Of_PiecesThatAreMoreThanThePotHolds_GoIntoThePotThatHoldsThemOrInBatches()
    {
        var request = Request("chicken-thigh-bone-in", 0.2, 5.7, pieces: 40) with
        {
            OtherPots = [new("bertha", "Bertha", PotDefaults.For(10)), new("pip", "Pip", PotDefaults.For(3))],
        };
        Assert.Equal(["in Bertha", "in two batches"], Fit.Of(request).Alternatives);
        Assert.Null(Planner.Compute(request).Picture);
    }
}
