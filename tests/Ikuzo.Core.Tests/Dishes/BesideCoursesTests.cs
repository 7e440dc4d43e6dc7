using Ikuzo.Core.Companions;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Dishes;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;

namespace Ikuzo.Core.Tests.Dishes;

/// <summary>What the search reads, against what the engine computes.</summary>
public class BesideCoursesTests
{
    private static readonly MeatLoad Thighs = new()
    {
        Cut = CutCatalogue.Find("chicken-thigh-bone-in")!,
        Pieces = 6,
        TotalKg = 1.1,
    };

    private static BesideItem Beside(string id, double grams) => new(id, CompanionCatalogue.Find(id)!, grams) { MayChange = true };

    private static DishRequest Dish(params DishItem[] items) => new() { Pot = PotDefaults.For(5.7), Items = items };

    // Sixteen pots in which meat is a load of heat, and straight lines between three of them: within a tenth of the heat.
    [Theory]
    [InlineData("wild-rice-blend", 270, ReleaseKind.Pulsed, 22)]
    [InlineData("wild-rice-blend", 270, ReleaseKind.Natural, 18)]
    [InlineData("carrots-chunks", 300, ReleaseKind.Vent, 14)]
    [InlineData("soaked-chickpeas", 300, ReleaseKind.Natural, 13)]
    public void Distance_IsNearTheFullComputation(string id, double grams, ReleaseKind kind, double minutes)
    {
        MeatItem meat = new("bird", Thighs, Aim.Pull);
        var beside = Beside(id, grams);
        var dish = Dish(meat, beside);
        Release release = new(kind);
        var read = new BesideCourses(dish).Distance(beside, release, minutes, StageRequest.JoulePerKelvin(dish, dish.Items));
        var model = ModelBuilder.Build(StageRequest.Of(dish, dish.Items, meat, isFirst: true));
        var heat = Ensemble.Run(model, ParticleSource.Nominal, [new(minutes, release)]).Outcomes[0].HeatMinutes[0][0];
        var levels = beside.Companion.Levels();
        var unit = read < 0 ? Math.Log(levels.BestFrom / levels.Just) : Math.Log(levels.TooFar / levels.BestTo);
        Assert.Equal(levels.Distance(heat) * unit, read * unit, 0.1);
    }

    [Fact]
    public void Places_AreOpenOnlyWhereTheCookLeftThemOpen()
    {
        Assert.Equal(6, BesideCourses.Places(Beside("potatoes-chunks", 300)).Count());
        Assert.Equal(2, BesideCourses.Places(Beside("potatoes-whole-small", 300)).Count()); // whole ones are as they are
        Assert.Equal(2, BesideCourses.Places(Beside("basmati-rice", 300)).Count());
        Assert.Single(BesideCourses.Places(Beside("onions", 300))); // they make the sauce
        Assert.Single(BesideCourses.Places(Beside("potatoes-chunks", 300) with { MayChange = false }));
    }

    [Fact]
    public void Costs_AreTheSquareOfTheDistance_MoreWhereItIsNoticed_AndForbiddenWhereItIsNotDone()
    {
        var (squash, rice, peas) = (Cost("squash-chunks"), Cost("basmati-rice"), Cost("peas"));
        Assert.Equal(0, squash(0));
        Assert.Equal(0.16, squash(-0.4), 1e-9);
        Assert.Equal(0.04, squash(0.4), 1e-9); // softer than its best is accepted of a root,
        Assert.Equal(0.08, rice(0.4), 1e-9); // less of grain,
        Assert.Equal(0.16, peas(0.4), 1e-9); // not of greens
        Assert.Equal(0.64 * 1.45, squash(-0.8), 1e-9);
        Assert.Equal(1.75 / 4, squash(1), 1e-9);
        Assert.Equal(4 * 3.25, squash(2), 1e-9); // as far again beyond, it is not
        Assert.True(squash(-1.01) > 1000);

        static Func<double, double> Cost(string id) => distance => BesideCourses.Cost(Beside(id, 300), Serving.Plate, distance);
    }

    [Fact]
    public void MeatWindow_BeginsWhereItIsSafe_LaterForATendererAimOrFromFrozen()
    {
        MeatWindow Of(Aim aim, MeatState state = MeatState.Chilled) =>
            new MeatWindows(Dish()).Of(new MeatItem("bird", Thighs with { State = state }, aim), Release.Natural);
        var slice = Of(Aim.Slice);
        var plan = Planner.Compute(
            StageRequest.Of(Dish(), [], new MeatItem("bird", Thighs, Aim.Slice), isFirst: true) with
            {
                Release = Release.Natural,
            }
        );
        Assert.InRange(slice.Least!.Value, plan.SafeMinimumMinutes!.Value - 3, plan.SafeMinimumMinutes.Value + 3);
        Assert.True(Of(Aim.FallApart).Least > slice.Least);
        Assert.True(Of(Aim.Slice, MeatState.Frozen).Least > slice.Least);
        Assert.Equal(0, slice.Distance(slice.Least.Value));
        Assert.True(slice.Distance(slice.Least.Value - 1) < -1 && slice.Distance(slice.Least.Value + 30) > 1);
    }

    [Fact]
    public void MeatThatIsSafeOnlyPastItsWindow_SaysSo()
    {
        MeatLoad breast = new()
        {
            Cut = CutCatalogue.Find("turkey-breast-boneless")!,
            Pieces = 1,
            TotalKg = 2,
        };
        Assert.True(new MeatWindows(Dish()).Of(new MeatItem("bird", breast, Aim.Slice), Release.Natural).IsPast);
    }

    // A frozen kilogram takes its heat of fusion as well: as much as two of what is as warm as the kitchen.
    [Fact]
    public void OtherMeat_IsTheHeatThatItTakes()
    {
        Assert.Equal(1.2, Thighs.HeatKg(21) / Thighs.TotalKg, 0.1);
        Assert.Equal(2.1, (Thighs with { State = MeatState.Frozen }).HeatKg(21) / Thighs.TotalKg, 0.2);
    }

    [Theory]
    [InlineData("peas", 3, 6, true)]
    [InlineData("spinach", 2, 5, true)]
    [InlineData("broccoli", 4, 7, true)]
    public void WhatIsQuick_IsStirredInForItsMinutes(string id, int from, int to, bool simmers)
    {
        var stirred = StirringHeat.Of(Dish(), Beside(id, 200))!;
        Assert.InRange(stirred.Minutes, from, to);
        Assert.Equal(simmers, stirred.Simmers);
        Assert.Null(StirringHeat.Of(Dish(), Beside("dry-chickpeas", 200)));
        Assert.Null(StirringHeat.Of(Dish(), Beside(id, 200) with { MayChange = false }));
    }
}
