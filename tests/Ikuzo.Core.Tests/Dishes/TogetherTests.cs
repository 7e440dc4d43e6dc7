using Ikuzo.Core.Companions;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Dishes;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;

namespace Ikuzo.Core.Tests.Dishes;

/// <summary>Whoever asks, as a plan or as a dish, hears the same.</summary>
public class TogetherTests
{
    private static PlanRequest Ask(string cut, int pieces, double kg, params (string Id, double Grams)[] beside) =>
        new()
        {
            Pot = PotDefaults.For(5.7),
            Load = new MeatLoad
            {
                Cut = CutCatalogue.Find(cut)!,
                Pieces = pieces,
                TotalKg = kg,
            },
            Companions = [.. beside.Select(b => new CompanionLoad(CompanionCatalogue.Find(b.Id)!, b.Grams))],
        };

    [Theory]
    [InlineData("chicken-diced", 25, 0.5, "long-grain-white-rice", 250)]
    [InlineData("chicken-thigh-bone-in", 6, 1.1, "wild-rice-blend", 270)]
    [InlineData("chicken-diced", 30, 0.6, "potatoes-chunks", 400)]
    [InlineData("chicken-drumstick", 8, 0.96, "pearl-barley", 250)]
    public void Plan_OfWhatMeetsInOnePot_IsThatOfTheDish(string cut, int pieces, double kg, string id, double grams)
    {
        var request = Ask(cut, pieces, kg, (id, grams));
        var stage = Assert.Single(DishSolver.Solve(Together.AsDish(request)!).Best!.Stages);
        var plan = Together.Compute(request);
        Assert.Equal((stage.Minutes, stage.Release), (plan.Minutes, plan.Release));
        Assert.Equal(stage.LiquidMl, plan.Liquid!.PutInMl);
        Assert.True(plan.ChanceSafe >= 0.99);
        Assert.Equal(stage.Minutes, plan.RecommendedMinutes);
    }

    // Rice under 3 min is hard, whatever the meat is.
    [Fact]
    public void Plan_OfDiceWithRice_IsNotZeroMinutes() =>
        Assert.InRange(Together.Compute(Ask("chicken-diced", 25, 0.5, ("long-grain-white-rice", 250))).Minutes!.Value, 1, 8);

    [Fact]
    public void Plan_OfMeatAlone_IsThePlanners()
    {
        var request = Ask("chicken-thigh-bone-in", 6, 1.1);
        Assert.Equal(Planner.Compute(request).Minutes, Together.Compute(request).Minutes);
        Assert.Null(Together.AsDish(request));
    }

    [Fact]
    public void Plan_OfWhatDoesNotMeet_SaysThatItIsCookedInTurns()
    {
        var plan = Together.Compute(Ask("chicken-breast-boneless", 4, 0.9, ("dry-chickpeas", 300)));
        Assert.Contains("chickpeas", Assert.Single(plan.Warnings, w => w.Code == "in-turns").Text);
        Assert.True(plan.Minutes < 30);
    }

    [Fact]
    public void Plan_WithCream_LeavesItOutUntilTheLidIsOff()
    {
        var plan = Together.Compute(Ask("chicken-thigh-boneless", 6, 0.7, ("cream", 100)));
        Assert.DoesNotContain(plan.Warnings, w => w.Level == WarningLevel.Stop);
        Assert.Contains("cream", Assert.Single(plan.Warnings, w => w.Code == "stir-in").Text);
    }

    [Fact]
    public void Plan_WithMinutesTried_SaysWhatThatDoesToTheRest()
    {
        var request = Ask("chicken-thigh-bone-in", 6, 1.1, ("wild-rice-blend", 270)) with { Minutes = 12 };
        Assert.Contains("hard", Assert.Single(Together.Compute(request).Warnings, w => w.Code == "beside-off").Text);
        var vented = Ask("chicken-diced", 25, 0.5, ("potatoes-chunks", 400)) with { Release = Release.Vent };
        Assert.InRange(Together.Compute(vented).Minutes!.Value, 4, 11);
    }

    [Fact]
    public void Plan_WithLessLiquidThanIsDrunk_SaysSo() =>
        Assert.Contains(
            Together.Compute(Ask("chicken-diced", 25, 0.5, ("long-grain-white-rice", 250)) with { LiquidMl = 300 }).Warnings,
            w => w.Code == "thirsty"
        );

    // Nothing is wrong with slices that are held longer than they need; they are only past it.
    [Fact]
    public void PastWindow_OfMinutesThatWereChosen_DoesNotBlameSafety()
    {
        var plan = Planner.Compute(Ask("chicken-breast-boneless", 4, 0.9) with { Minutes = 60, Aim = Aim.Slice });
        Assert.DoesNotContain("Being safe", Assert.Single(plan.Warnings, w => w.Code == "past-window").Because);
    }
}
