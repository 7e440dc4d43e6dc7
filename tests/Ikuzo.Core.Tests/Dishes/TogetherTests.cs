using Ikuzo.Core.Companions;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Dishes;
using Ikuzo.Core.Filling;
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

    // The meat would be sure after fewer minutes, at which the rice is hard: no promise offers them.
    [Theory]
    [InlineData(Promise.Sure)]
    [InlineData(Promise.Measured)]
    public void Plan_ThatTheRiceDecides_OffersNoFewerMinutes(Promise promise)
    {
        var request = Ask("chicken-thigh-bone-in", 6, 1.1, ("wild-rice-blend", 270)) with { Promise = promise };
        var plan = Together.Compute(request);
        Assert.True(plan.Minutes > Planner.Compute(request with { Companions = [] }).Minutes);
        Assert.True(plan.OtherPromise is null || plan.OtherPromise.Minutes >= plan.Minutes);
    }

    // The other way is a touch away, with what it costs, and is then computed as it was said.
    [Fact]
    public void Plan_InTurns_OffersOneGo()
    {
        var request = Ask("chicken-thigh-bone-in", 6, 1.1, ("long-grain-white-rice", 280)) with { Aim = Aim.Pull };
        var turns = Together.Compute(request).Warnings.Single(w => w.Code == "in-turns");
        var mend = Assert.Single(turns.Mends);
        Assert.Matches("^All in one go: \\d+ min, long-grain white rice too soft$", mend.Text);
        var inOne = Together.Compute(mend.To(request));
        Assert.Equal(mend.Minutes, inOne.Minutes);
        Assert.DoesNotContain(inOne.Warnings, w => w.Code == "in-turns");
        Assert.Contains(inOne.Beside, b => b.Id == "long-grain-white-rice");
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

    // What finishes in the open pot is said with its minutes, and is no turn of its own.
    [Theory]
    [InlineData("egg-noodles", 220, "Simmer 220 g egg noodles for 8 min, the lid off")]
    [InlineData("spinach", 200, "Put in 200 g spinach, lay the lid on loosely and simmer for ")]
    public void Plan_SaysWhatFinishesInTheOpenPot(string id, double grams, string says)
    {
        var asked = Ask("chicken-breast-boneless", 4, 0.9, (id, grams));
        var plan = Together.Compute(asked with { Companions = [.. asked.Companions.Select(c => c with { MayChange = true })] });
        Assert.Contains(says, plan.Warnings.Single(w => w.Code == "stir-in").Text);
        Assert.DoesNotContain(plan.Warnings, w => w.Code == "in-turns");
        Assert.Empty(plan.Beside);
    }

    [Fact]
    public void Plan_WithLessLiquidThanIsDrunk_SaysSo() =>
        Assert.Contains(
            Together.Compute(Ask("chicken-diced", 25, 0.5, ("long-grain-white-rice", 250)) with { LiquidMl = 250 }).Warnings,
            w => w.Code == "thirsty"
        );

    [Theory]
    [InlineData("chicken-breast-boneless", 4, 0.8, Promise.Sure)]
    [InlineData("chicken-whole", 1, 1.4, Promise.Measured)]
    [InlineData("chicken-diced", 25, 0.5, Promise.Sure)]
    [InlineData("duck-leg", 4, 1.0, Promise.Measured)]
    public void Dish_OfMeatAlone_IsItsPlan(string cut, int pieces, double kg, Promise promise)
    {
        var request = Ask(cut, pieces, kg) with { Pot = PotDefaults.For(8), Promise = promise, Confirmed = ["giblets"] };
        var plan = Planner.Compute(request);
        DishRequest dish = new()
        {
            Pot = request.Pot,
            Promise = promise,
            Items = [new MeatItem("bird", request.Load, null)],
        };
        var stage = Assert.Single(DishSolver.Solve(dish).Best!.Stages);
        Assert.Equal((plan.Minutes, plan.Release), (stage.Minutes, stage.Release));
    }

    // What a plan and a dish say of what stands beside the meat is one computation, and the ribbon shows where it is best.
    [Fact]
    public void Plan_SaysHowWhatStandsBesideComesOut()
    {
        var request = Ask("chicken-thigh-bone-in", 6, 1.1, ("wild-rice-blend", 270), ("onions", 100));
        var stage = Assert.Single(DishSolver.Solve(Together.AsDish(request)!).Best!.Stages);
        var plan = Together.Compute(request);
        Assert.Equal(["wild-rice-blend", "onions"], plan.Beside.Select(b => b.Id));
        foreach (var (said, outcome) in plan.Beside.Zip(stage.Outcomes.Where(o => o.Distance is not null)))
        {
            Assert.Equal(outcome.Distance!.Value, said.Distance, 0.06);
            Assert.Equal(outcome.Word, said.Word);
        }

        var rice = plan.Beside[0];
        Assert.True(rice.JustMinutes < rice.BestMinutes && rice.JustMinutes <= plan.Minutes, $"{rice} at {plan.Minutes}");
        var longer = Together.Compute(request with { Minutes = plan.Minutes + 10 }).Beside[0];
        Assert.True(longer.Distance > rice.Distance + 0.2);
        Assert.Equal(rice.BestMinutes!.Value, longer.BestMinutes!.Value, 0.6);
    }

    public static TheoryData<string> Drinking =>
        [
            .. CompanionCatalogue
                .All.Where(c => c.Kind is CompanionKind.Grain or CompanionKind.Pulse && c.PouredMlPerGram > 0.5)
                .Select(c => c.Id),
        ];

    // What the dish wants is left when the lid comes off, beside about a kilogram of meat.
    [Theory]
    [MemberData(nameof(Drinking))]
    public void Plan_LeavesAsMuchLiquidAsTheDishWants(string id)
    {
        var companion = CompanionCatalogue.Find(id)!;
        foreach (var (pieces, kg) in new[] { (5, 0.9), (6, 1.0), (6, 1.1) })
        {
            var best = (int)Math.Ceiling(companion.Minutes!.BestFrom);
            var asked = Ask("chicken-thigh-bone-in", pieces, kg, (id, companion.UsualGrams));
            var plan = Together.Compute(asked with { Minutes = Math.Max(8, best), Release = Release.Natural });
            var wanted = LiquidNeed.LeftMl(asked.Pot, [new CompanionLoad(companion, companion.UsualGrams)]);
            Assert.Equal(0, plan.Liquid!.ShortMl);
            Assert.InRange(plan.Liquid.AtEndMl.P50, wanted - 60, wanted + 60);
        }
    }

    // 250 g of rice drink 325 ml; in a litre they drown, and that is said with what to do.
    [Fact]
    public void Plan_WithFarMoreLiquidThanIsDrunk_SaysThatTheGrainDrowns()
    {
        var request = Ask("chicken-diced", 25, 0.5, ("long-grain-white-rice", 250));
        Assert.Contains(Together.Compute(request with { LiquidMl = 1000 }).Warnings, w => w.Code == "drowned");
        Assert.DoesNotContain(Together.Compute(request).Warnings, w => w.Code is "drowned" or "thirsty");
    }

    [Fact]
    public void Plan_WithKidneyBeansThatStayHard_Stops()
    {
        var request = Ask("chicken-thigh-bone-in", 6, 1.1, ("dry-kidney-beans", 250));
        Assert.DoesNotContain(Together.Compute(request).Warnings, w => w.Code == "boil-through");
        var hard = Together.Compute(request with { Minutes = 15 });
        Assert.Equal(WarningLevel.Stop, Assert.Single(hard.Warnings, w => w.Code == "boil-through").Level);
    }

    // Nothing is wrong with slices that are held longer than they need; they are only past it.
    [Fact]
    public void PastWindow_OfMinutesThatWereChosen_DoesNotBlameSafety()
    {
        var plan = Planner.Compute(Ask("chicken-breast-boneless", 4, 0.9) with { Minutes = 60, Aim = Aim.Slice });
        Assert.DoesNotContain("Being safe", Assert.Single(plan.Warnings, w => w.Code == "past-window").Because);
    }
}
