using Ikuzo.Core.Companions;
using Ikuzo.Core.Dishes;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;

namespace Ikuzo.Core.Tests.Dishes;

/// <summary>What finishes in the open pot: that it never goes under the lid unasked, how long it takes, and how that is said.</summary>
public class OpenPotTests
{
    private static DishRequest Dish(string cut, int pieces, double kg, params (string Id, double Grams)[] beside) =>
        new()
        {
            Pot = PotDefaults.For(5.7),
            Promise = Promise.Measured,
            Items =
            [
                new MeatItem(
                    "bird",
                    new MeatLoad
                    {
                        Cut = CutCatalogue.Find(cut)!,
                        Pieces = pieces,
                        TotalKg = kg,
                    },
                    null
                ),
                .. beside.Select(b => new BesideItem(b.Id, CompanionCatalogue.Find(b.Id)!, b.Grams) { MayChange = true }),
            ],
        };

    private static string Said(DishRequest dish)
    {
        var plan = DishSolver.Arrange(dish);
        return string.Join(" ", StirringIn.Lines(plan.Arranged!, plan.StirredIn));
    }

    [Theory]
    [InlineData("peas", 200, "Put in 200 g peas, lay the lid on loosely and simmer for 3 min.")]
    [InlineData("cream", 150, "Stir in 150 g cream, the heat off.")]
    [InlineData("honey-glaze", 100, "Boil 100 g honey glaze down with some of the juices for 3 min, and turn the meat in it.")]
    [InlineData("starch-slurry", 40, "Stir in 40 g starch in cold water, the meat lifted out, and let it bubble for 1 min.")]
    [InlineData("dumpling-dough", 400, "Drop in 400 g dumpling dough by the spoon, and simmer for 13 min, the lid laid on loosely.")]
    [InlineData(
        "egg-noodles",
        180,
        "Lift the meat out and keep it covered. Simmer 180 g egg noodles for 8 min, the lid off; stir now and then."
    )]
    public void WhatDoesNotBearPressure_FinishesInTheOpenPot(string id, double grams, string says)
    {
        var dish = Dish("chicken-thigh-bone-in", 6, 1.1, (id, grams));
        Assert.Contains(says, Said(dish));
        Assert.Single(DishSolver.Arrange(dish).Best!.Stages);
    }

    [Fact]
    public void DiceStayInTheSauce_WhereWholePiecesAreLiftedOut() =>
        Assert.DoesNotContain("Lift", Said(Dish("chicken-diced", 30, 0.6, ("egg-noodles", 200), ("cream", 100))));

    // 180 g in broth, 8.5 ml a gram; in a sauce that they drink 2.9; and never more than half of the pot holds with them.
    [Theory]
    [InlineData(5.7, "egg-noodles", 180, null, 1530)]
    [InlineData(5.7, "egg-noodles", 180, "cream", 530)]
    [InlineData(3, "egg-noodles", 180, null, 1320)]
    [InlineData(5.7, "dumpling-dough", 400, null, 480)]
    [InlineData(5.7, "starch-slurry", 40, null, 300)]
    [InlineData(5.7, "peas", 200, null, 250)]
    public void Liquid_IsThereFromTheStart(double litres, string id, double grams, string? sauce, double ml)
    {
        var dish = Dish("chicken-thigh-bone-in", 4, 0.7, [(id, grams), .. sauce is null ? [] : new[] { (sauce, 100.0) }]);
        var plan = DishSolver.Arrange(dish with { Pot = PotDefaults.For(litres) });
        Assert.Equal(ml, Assert.Single(plan.Best!.Stages).LiquidMl, 0.5);
    }

    // What the cook fixes is done as fixed, noodles under the lid too.
    [Fact]
    public void WhatTheCookFixed_IsNotTakenOut()
    {
        var dish = Dish("chicken-diced", 30, 0.6, ("egg-noodles", 200));
        var held = dish with { Items = [.. dish.Items.Select(i => i is BesideItem b ? b with { MayChange = false } : i)] };
        Assert.Contains(DishSolver.Arrange(held).Best!.Stages, s => s.Items.Contains("egg-noodles"));
        Assert.Equal(["egg-noodles"], DishSolver.Arrange(dish).StirIn);
    }

    // What three things share is said once.
    [Fact]
    public void OneGo_SaysEachWordOnce()
    {
        var dish = Dish("duck-leg", 4, 1.1, ("potatoes-chunks", 400), ("carrots-chunks", 300), ("swede-chunks", 200));
        var oneGo = DishSolver.Arrange(dish with { Way = WayId.OneGo }).Ways[0];
        Assert.Equal("potatoes in chunks, carrots in chunks and swede in chunks too soft", oneGo.Words);
    }

    // Potatoes under duck legs for forty minutes are mush: two times are proposed, one is a touch away. Under thighs they are soft, which
    // is let go.
    [Theory]
    [InlineData("duck-leg", 4, 1.1, WayId.Best)]
    [InlineData("chicken-thigh-bone-in", 6, 1.1, WayId.OneGo)]
    public void OneGo_IsProposedWhereACookLetsItGo_AndTheOtherIsOffered(string cut, int pieces, double kg, WayId proposed)
    {
        var dish = Dish(cut, pieces, kg, ("potatoes-whole-small", 800), ("onions", 100));
        var plan = DishSolver.Arrange(dish);
        Assert.Equal(proposed, plan.Ways[0].Id);
        Assert.Equal(plan.Best, plan.Ways[0].Order);
        foreach (var way in plan.Ways)
        {
            var wanted = DishSolver.Arrange(dish with { Way = way.Id });
            Assert.Equal(way.Order.Stages.Count, wanted.Best!.Stages.Count);
            Assert.Equal(way.Id, wanted.Ways[0].Id);
        }

        Assert.Equal(proposed == WayId.Best ? 2 : 1, plan.Best!.Stages.Count);
    }

    // Beans from dry are held back by what is sour: beside meatballs they are cooked first, beside duck they have the time.
    [Theory]
    [InlineData("turkey-meatball", 24, 0.7, 2)]
    [InlineData("duck-leg", 4, 1.1, 1)]
    public void BeansFromDry_BesideTomatoes_HaveTheirTime(string cut, int pieces, double kg, int times) =>
        Assert.Equal(
            times,
            DishSolver.Arrange(Dish(cut, pieces, kg, ("dry-navy-beans", 350), ("crushed-tomatoes", 200))).Best!.Stages.Count
        );
}
