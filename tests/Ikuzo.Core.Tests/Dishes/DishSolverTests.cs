using System.Diagnostics;
using Ikuzo.Core.Companions;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Dishes;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;

namespace Ikuzo.Core.Tests.Dishes;

public class DishSolverTests(ITestOutputHelper output)
{
    private static MeatItem Meat(string cut, int pieces, double kg, MeatState state = MeatState.Chilled, Aim? aim = null) =>
        new(
            "bird",
            new MeatLoad
            {
                Cut = CutCatalogue.Find(cut)!,
                Pieces = pieces,
                TotalKg = kg,
                State = state,
            },
            aim
        );

    private static BesideItem Beside(string id, double grams, PieceSize size = PieceSize.Usual) =>
        new(id, CompanionCatalogue.Find(id)!, grams, size);

    private static DishRequest Dish(params DishItem[] items) => new() { Pot = PotDefaults.For(5.7), Items = items };

    // Thighs and what goes with them in one stage, by hand from their windows; and what does not.
    [Theory]
    [InlineData("wild-rice-blend", 270, 1)]
    [InlineData("brown-rice", 250, 1)]
    [InlineData("pearl-barley", 200, 1)]
    [InlineData("potatoes-whole-small", 600, 1)]
    [InlineData("carrots-whole", 400, 1)]
    [InlineData("soaked-chickpeas", 300, 1)]
    [InlineData("prunes", 120, 1)]
    [InlineData("onions", 200, 1)]
    [InlineData("tomatoes", 400, 1)]
    [InlineData("beetroot-whole", 500, 1)]
    [InlineData("canned-chickpeas", 240, 1)]
    [InlineData("dry-navy-beans", 250, 1)]
    [InlineData("dry-chickpeas", 250, 2)]
    [InlineData("basmati-rice", 250, 2)]
    [InlineData("penne-pasta", 300, 2)]
    [InlineData("egg-noodles", 250, 2)]
    [InlineData("broccoli", 300, 2)]
    [InlineData("peas", 200, 2)]
    [InlineData("spinach", 200, 2)]
    [InlineData("dumpling-dough", 300, 2)]
    [InlineData("green-beans", 300, 2)]
    [InlineData("red-lentils", 200, 1)] // meant to fall apart
    public void Solve_ThighsToPullWithOneThing_TakesAsManyStagesAsACookWould(string beside, double grams, int stages)
    {
        var plan = DishSolver.Solve(Dish(Meat("chicken-thigh-bone-in", 6, 1.1), Beside(beside, grams)));
        output.WriteLine(string.Join(" | ", plan.Best?.Stages.Select(s => s.Why) ?? [plan.Impossible!.Why]));
        Assert.Equal(stages, plan.Best!.Stages.Count);
    }

    [Theory]
    [InlineData("chicken-breast-boneless", 4, 0.7, "wild-rice-blend", 270, 2)]
    [InlineData("chicken-breast-boneless", 4, 0.8, "potatoes-chunks", 600, 1)]
    [InlineData("chicken-breast-boneless", 4, 0.9, "carrots-whole", 400, 1)]
    [InlineData("chicken-breast-boneless", 4, 0.9, "pearl-barley", 250, 1)]
    [InlineData("chicken-breast-boneless", 4, 0.9, "spinach", 200, 2)]
    [InlineData("turkey-thigh-bone-in", 2, 1.3, "dry-navy-beans", 250, 1)]
    [InlineData("turkey-thigh-bone-in", 2, 1.3, "dry-chickpeas", 250, 1)]
    [InlineData("duck-leg", 4, 1.0, "prunes", 120, 1)]
    [InlineData("duck-leg", 4, 1.0, "wild-rice-blend", 250, 1)]
    [InlineData("duck-leg", 4, 1.0, "soaked-white-beans", 250, 2)]
    public void Solve_OtherMeatWithOneThing_TakesAsManyStagesAsACookWould(
        string cut,
        int pieces,
        double kg,
        string beside,
        double grams,
        int stages
    )
    {
        var plan = DishSolver.Solve(Dish(Meat(cut, pieces, kg), Beside(beside, grams)));
        output.WriteLine(string.Join(" | ", plan.Best?.Stages.Select(s => s.Why) ?? [plan.Impossible!.Why]));
        Assert.Equal(stages, plan.Best!.Stages.Count);
    }

    [Fact]
    public void Solve_ThawedBreastsUnderASlowGrain_IsRefusedInOneStageAndSaysWhatWouldWork()
    {
        var plan = DishSolver.Solve(Dish(Meat("chicken-breast-boneless", 4, 0.7), Beside("wild-rice-blend", 270)));
        Assert.Equal(2, plan.Best!.Stages.Count);
        Assert.Contains(plan.Suggestions, s => s.Change.Contains("leg quarters") && s.Stages == 1);
        Assert.DoesNotContain(plan.Suggestions, s => s.Change.Contains("frozen"));
    }

    [Fact]
    public void Solve_FrozenThighsUnderASlowGrain_JoinIt()
    {
        var stage = Assert.Single(
            DishSolver.Solve(Dish(Meat("chicken-thigh-bone-in", 6, 1.1, MeatState.Frozen), Beside("wild-rice-blend", 270))).Best!.Stages
        );
        Assert.InRange(stage.Minutes, 18, 30);
        Assert.NotEqual(ReleaseKind.Vent, stage.Release.Kind);
        Assert.InRange(stage.LiquidMl, 270 * 1.7 - 150, 270 * 1.7 + 60);
        Assert.All(stage.Outcomes.Where(o => o.ColdestP01 is not null), o => Assert.True(o.ColdestP01 >= 74));
    }

    [Fact]
    public void Solve_PotatoesBesideBreasts_MustBeCutLarge()
    {
        DishRequest Of(PieceSize size) => Dish(Meat("chicken-breast-boneless", 4, 0.7), Beside("potatoes-chunks", 600, size));
        Assert.Contains(DishSolver.Solve(Of(PieceSize.Usual)).Suggestions, s => s.Change.Contains("large"));
        Assert.Single(DishSolver.Solve(Of(PieceSize.Large)).Best!.Stages);
    }

    [Fact]
    public void Solve_WhatComesOutRightInOneGo_NeedsNoChange() =>
        Assert.Empty(
            DishSolver.Solve(Dish(Meat("chicken-drumstick", 8, 0.95), Beside("farro", 280), Beside("mushrooms", 200))).Suggestions
        );

    [Fact]
    public void Solve_WhatCannotGoIn_BlamesIt()
    {
        var plan = DishSolver.Solve(Dish(Meat("turkey-whole", 1, 7), Beside("peas", 200)));
        Assert.Null(plan.Best);
        Assert.Equal("bird", plan.Impossible!.Key);
        Assert.Equal("polenta", DishSolver.Solve(Dish(Meat("chicken-wing", 6, 0.5), Beside("polenta", 2000))).Impossible!.Key);
    }

    [Fact]
    public void Solve_BirdTooLargeForThePot_IsRefusedUntilTheLidWasTriedOverIt()
    {
        var dish = Dish(Meat("turkey-crown", 1, 2.0)) with
        {
            Pot = PotDefaults.For(3),
            OtherPots = [new NamedPot("bertha", "Bertha", PotDefaults.For(8))],
        };
        var refused = DishSolver.Solve(dish).Impossible!;
        Assert.Contains("Bertha", refused.Why, StringComparison.Ordinal);
        var tried = dish with { LidTried = refused.LidToTry };
        Assert.NotNull(DishSolver.Solve(tried).Best);
        Assert.Null(DishSolver.Solve(tried with { Items = [Meat("turkey-crown", 1, 2.1)] }).Best); // a larger bird was not tried
        Assert.Null(DishSolver.Solve(tried with { Pot = PotDefaults.For(2.5) }).Best); // nor a smaller pot
    }

    [Fact]
    public void Solve_WhatToLookOutFor_StandsWithItsStage()
    {
        var tight = Assert.Single(DishSolver.Solve(Dish(Meat("chicken-whole", 1, 2.0))).Best!.Stages).Warnings;
        Assert.Contains(tight, w => w.Code == "tight-fit");
    }

    [Fact]
    public void Solve_WithMoreThanOnePossibility_HasARunnerUpThatIsNotBetter()
    {
        var plan = DishSolver.Solve(Dish(Meat("chicken-thigh-bone-in", 6, 1.1), Beside("carrots-whole", 300), Beside("penne-pasta", 300)));
        Assert.True(plan.RunnerUp!.Cost >= plan.Best!.Cost && plan.Best.Cost > 0.3);
        Assert.Equal(3, plan.Best.Stages.Sum(s => s.Items.Count));
    }

    [Fact]
    public void Solve_StagesThatTheCookWants_ComeFirstWhileTheyWork()
    {
        var dish = Dish(Meat("chicken-thigh-bone-in", 6, 1.1), Beside("pearl-barley", 200));
        var best = DishSolver.Solve(dish);
        Assert.Single(best.Best!.Stages);
        var apart = DishSolver.Solve(
            dish with
            {
                Wanted =
                [
                    ["pearl-barley"],
                    ["bird"],
                ],
            }
        );
        Assert.Equal(
            [
                ["pearl-barley"],
                ["bird"],
            ],
            apart.Best!.Stages.Select(s => s.Items)
        );
        Assert.True(apart.IsWanted);
        Assert.Equal(best.Best.Stages.Count, apart.RunnerUp!.Stages.Count);
    }

    // Another cut is another dish: it is not held to stages that were laid for this one.
    [Fact]
    public void Solve_StagesLaidByHand_AreNotThoseOfAChange()
    {
        var plan = DishSolver.Solve(
            Dish(Meat("chicken-breast-boneless", 4, 0.7), Beside("wild-rice-blend", 270)) with
            {
                Wanted =
                [
                    ["wild-rice-blend"],
                    ["bird"],
                ],
            }
        );
        Assert.True(plan.IsWanted);
        Assert.Contains(plan.Suggestions, s => s.Change.Contains("leg quarters") && s.Stages == 1);
    }

    [Theory]
    [InlineData("bird")] // the grain is left out
    [InlineData("bird|wild-rice-blend|peas")] // what is not in the dish
    [InlineData("bird||wild-rice-blend")]
    public void Solve_StagesThatDoNotWork_GiveWayToTheBest(string wanted)
    {
        var dish = Dish(Meat("chicken-breast-boneless", 4, 0.7), Beside("wild-rice-blend", 270));
        var plan = DishSolver.Solve(
            dish with
            {
                Wanted = [.. wanted.Split('|').Select(s => s.Split(',', StringSplitOptions.RemoveEmptyEntries))],
            }
        );
        Assert.False(plan.IsWanted);
        Assert.Equal(2, plan.Best!.Stages.Count);
    }

    // Breasts do not bear the minutes of dry chickpeas: that is said, and what would be better, but it stays as the cook wants it. And it
    // is safe.
    [Fact]
    public void Solve_StagesThatDoNotMeet_StandAndSayWhatComesOfIt()
    {
        var dish = Dish(Meat("chicken-breast-boneless", 4, 0.7), Beside("dry-chickpeas", 250));
        var plan = DishSolver.Solve(
            dish with
            {
                Wanted =
                [
                    ["bird", "dry-chickpeas"],
                ],
            }
        );
        Assert.True(plan.IsWanted);
        var outcomes = Assert.Single(plan.Best!.Stages).Outcomes;
        Assert.True(outcomes[0].ColdestP01 >= 74);
        Assert.Equal((ItemVerdict.Over, ItemVerdict.InWindow), (outcomes[0].Verdict, outcomes[1].Verdict));
        Assert.True(outcomes[0].Score < 0.5 && outcomes[1].Score >= 0.5);
        Assert.Contains("do not all meet", plan.Best.Stages[0].Why);
        Assert.Equal(2, plan.RunnerUp!.Stages.Count);
    }

    [Fact]
    public void Solve_EightItems_FindsAnArrangementWithEachInOneStage()
    {
        var dish = Dish(
            Meat("chicken-thigh-bone-in", 4, 0.7),
            Beside("onions", 100),
            Beside("carrots-whole", 150),
            Beside("prunes", 60),
            Beside("peas", 100),
            Beside("tomatoes", 150),
            Beside("green-beans", 100),
            Beside("celery", 80)
        );
        DishSolver.Solve(dish);
        var start = Stopwatch.GetTimestamp();
        var best = DishSolver.Solve(dish).Best!;
        output.WriteLine($"{Stopwatch.GetElapsedTime(start).TotalMilliseconds:0} ms, {best.Stages.Count} stages");
        Assert.Equal(dish.Items.Select(i => i.Key).Order(), best.Stages.SelectMany(s => s.Items).Order());
    }

    [Fact]
    public void Solve_NoItemsOrAKeyTwice_IsRefused()
    {
        Assert.Throws<ArgumentException>(() => DishSolver.Solve(Dish()));
        Assert.Throws<ArgumentException>(() => DishSolver.Solve(Dish(Beside("peas", 100), Beside("peas", 100))));
    }

    // Together three litres with nothing but vegetables would stand above half the pot.
    [Fact]
    public void Solve_AStageWithoutMeat_FillsHalfThePotAtMost()
    {
        var carrots = CompanionCatalogue.Find("carrots-chunks")!;
        DishPlan Solve(double grams) => DishSolver.Solve(Dish(new BesideItem("a", carrots, grams), new BesideItem("b", carrots, grams)));
        Assert.Single(Solve(1200).Best!.Stages);
        Assert.Equal(2, Solve(1500).Best!.Stages.Count);
    }

    [Theory]
    [InlineData("basmati-rice", 250)]
    [InlineData("penne-pasta", 300)]
    [InlineData("red-lentils", 200)]
    public void Solve_AStageThatFoams_IsNeverVentedAtOnce(string beside, double grams) =>
        Assert.True(
            DishSolver.Solve(Dish(Beside(beside, grams))).Best!.Stages[0].Release
                is { Kind: ReleaseKind.Pulsed or ReleaseKind.Natural }
                    or { Kind: ReleaseKind.RestThenVent, RestMinutes: >= 10 }
        );

    // The pot that comes hot out of a stage is up sooner: at the same minutes the meat has had a little less.
    [Theory]
    [InlineData("chicken-breast-bone-in", 4, 1.4)]
    [InlineData("chicken-whole", 1, 1.8)]
    public void StageWithMeatAfterAnother_IsComputedInAHotPot(string cut, int pieces, double kg)
    {
        var dish = Dish(Beside("broccoli", 300), Meat(cut, pieces, kg)) with
        {
            Wanted =
            [
                ["broccoli"],
                ["bird"],
            ],
        };
        var after = DishSolver.Solve(dish).Best!.Stages[1];
        var alone = DishSolver.Solve(Dish(Meat(cut, pieces, kg))).Best!.Stages[0];
        Assert.True(after.ToPressureMinutes.P50 < alone.ToPressureMinutes.P50 - 2);
        Assert.True(after.Minutes >= alone.Minutes);

        var hot = Planner.Compute(
            StageRequest.Of(dish, [dish.Items[1]], (MeatItem)dish.Items[1], isFirst: false) with
            {
                Minutes = after.Minutes,
                Release = after.Release,
            }
        );
        Assert.True(hot.ChanceSafe >= 0.99, $"{hot.ChanceSafe}");
    }

    [Fact]
    public void PotThatIsHot_ComesUpSooner_AndMeatHasHadLessAtTheSameMinutes()
    {
        PlanRequest request = new() { Pot = PotDefaults.For(5.7), Load = Meat("chicken-whole", 1, 1.8).Load };
        var (cold, browned) = (Planner.Compute(request), Planner.Compute(request with { Browned = true }));
        var hot = Planner.Compute(request with { Browned = true, StartsHot = true });
        Assert.InRange(cold.ToPressureMinutes!.Value.P50 - browned.ToPressureMinutes!.Value.P50, 1, 5);
        Assert.True(hot.ToPressureMinutes!.Value.P50 < browned.ToPressureMinutes!.Value.P50);
        double Core(PlanRequest asked) => Planner.Compute(asked with { Minutes = 20, Release = Release.Vent }).Spots[0].AtOpening.P50;
        var cores = new[] { request, request with { Browned = true }, request with { StartsHot = true } }.Select(Core).ToList();
        Assert.True(cores[0] > cores[1] + 0.05 && cores[1] > cores[2] + 0.05);
        Assert.True(hot.SafeMinimumMinutes >= browned.SafeMinimumMinutes && browned.SafeMinimumMinutes >= cold.SafeMinimumMinutes);
    }
}
