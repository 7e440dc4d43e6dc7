using Ikuzo.Core.Companions;
using Ikuzo.Core.Dishes;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;

namespace Ikuzo.Core.Tests.Dishes;

/// <summary>What the name of a dish says of the liquid in it.</summary>
public class ServingsTests
{
    [Theory]
    [InlineData("Wild rice and thigh soup", Serving.Soup)]
    [InlineData("Duck wing broth with noodles", Serving.Broth)]
    [InlineData("Carcass broth, then barley", Serving.Broth)]
    [InlineData("Two Stews for Monday", Serving.Stew)]
    [InlineData("corn chowder", Serving.ThickSoup)]
    [InlineData("White turkey chilli", Serving.Sauce)]
    [InlineData("Chilli thighs", Serving.Plate)]
    [InlineData("Thighs in broth", Serving.Broth)]
    [InlineData("Soup greens under a bird", Serving.Plate)]
    [InlineData("Bird over roots", Serving.Plate)]
    [InlineData("", Serving.Plate)]
    [InlineData(null, Serving.Plate)]
    public void Name_SaysHowItIsServed_ByItsLastWord(string? name, Serving says) => Assert.Equal(says, Servings.Named(name));

    private static DishRequest Dish(Serving served, double litres = 5.7) =>
        new()
        {
            Pot = PotDefaults.For(litres),
            Promise = Promise.Measured,
            Served = served,
            Items =
            [
                new MeatItem(
                    "bird",
                    new MeatLoad
                    {
                        Cut = CutCatalogue.Find("chicken-thigh-bone-in")!,
                        Pieces = 5,
                        TotalKg = 0.85,
                    },
                    Aim.Pull
                ),
                Beside("carrots-chunks", 300),
                Beside("bell-pepper", 150),
                Beside("cream", 150),
            ],
        };

    private static BesideItem Beside(string id, double grams) => new(id, CompanionCatalogue.Find(id)!, grams) { MayChange = true };

    // 850 g, 300 g and 150 g; cream makes no soup longer.
    [Theory]
    [InlineData(Serving.Plate, 250)]
    [InlineData(Serving.Sauce, 290)]
    [InlineData(Serving.ThickSoup, 590)]
    [InlineData(Serving.Stew, 780)]
    [InlineData(Serving.Soup, 1300)]
    public void Liquid_IsThatOfItsServing(Serving served, double ml) =>
        Assert.Equal(ml, Assert.Single(DishSolver.Arrange(Dish(served)).Best!.Stages).LiquidMl);

    [Fact]
    public void Soup_InASmallPot_StaysUnderHalfOfIt() =>
        Assert.Equal(900, Assert.Single(DishSolver.Arrange(Dish(Serving.Soup, litres: 3)).Best!.Stages).LiquidMl);

    [Theory]
    [InlineData(Serving.Plate, true)]
    [InlineData(Serving.Stew, false)]
    public void Peppers_GoInWithTheOnions_WhereTheyMeltIntoAStew(Serving served, bool atTheEnd) =>
        Assert.Equal(atTheEnd, DishSolver.Arrange(Dish(served)).StirIn.Contains("bell-pepper"));
}
