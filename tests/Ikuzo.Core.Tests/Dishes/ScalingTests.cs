using Ikuzo.Core.Companions;
using Ikuzo.Core.Dishes;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;

namespace Ikuzo.Core.Tests.Dishes;

public class ScalingTests
{
    private static readonly DishRequest Thighs = new()
    {
        Pot = PotDefaults.For(5.7),
        Items =
        [
            new MeatItem(
                "bird",
                new MeatLoad
                {
                    Cut = CutCatalogue.Find("chicken-thigh-bone-in")!,
                    Pieces = 6,
                    TotalKg = 1.2,
                    ThicknessMm = 36,
                },
                Aim.Pull
            ),
            new BesideItem("roots", CompanionCatalogue.Find("carrots-chunks")!, 300, PieceSize.Large),
        ],
    };

    private static MeatLoad Meat(ScaledDish scaled) => scaled.PerBatch.Items.OfType<MeatItem>().Single().Load;

    [Fact]
    public void To_HalfAsMany_ScalesPiecesAndVegetablesAndNearlyKeepsTheMinutes()
    {
        var scaled = Scaling.To(Thighs, 0.5)!;
        Assert.Equal((3, 0.6, 36.0), (Meat(scaled).Pieces, Meat(scaled).TotalKg, Meat(scaled).ThicknessMm));
        Assert.Equal(150, scaled.PerBatch.Items.OfType<BesideItem>().Single().Grams);
        var minutes = DishSolver.Solve(scaled.PerBatch).Best!.Stages[0].Minutes;
        // A smaller load comes up sooner, and heats less on the way.
        Assert.Equal(DishSolver.Solve(Thighs).Best!.Stages[0].Minutes, minutes, 4.0);
    }

    [Fact]
    public void To_APartOfAPiece_TakesOneMore()
    {
        var scaled = Scaling.To(Thighs, 0.75)!; // four and a half
        Assert.Equal((5, 1.0), (Meat(scaled).Pieces, Meat(scaled).TotalKg));
    }

    [Fact]
    public void To_MoreThanThePotHolds_BecomesBatches()
    {
        var scaled = Scaling.To(Thighs, 5)!;
        Assert.True(scaled.Batches >= 2);
        Assert.Contains("batches", scaled.Why);
        Assert.True(Meat(scaled).Pieces * scaled.Batches >= 30);
    }

    [Fact]
    public void To_MoreThanFourFillings_IsRefused() => Assert.Null(Scaling.To(Thighs, 20));

    [Fact]
    public void To_ASingleBird_GrowsWithTheGuests()
    {
        var bird = Thighs with
        {
            Items =
            [
                new MeatItem(
                    "bird",
                    new MeatLoad
                    {
                        Cut = CutCatalogue.Find("chicken-whole")!,
                        Pieces = 1,
                        TotalKg = 1.2,
                    },
                    null
                ),
            ],
        };
        Assert.Equal((1, 1.5), (Meat(Scaling.To(bird, 1.25)!).Pieces, Meat(Scaling.To(bird, 1.25)!).TotalKg));
    }

    [Fact]
    public void To_AFactorOutOfRange_IsAnError() => Assert.Throws<ArgumentOutOfRangeException>(() => Scaling.To(Thighs, 0));
}
