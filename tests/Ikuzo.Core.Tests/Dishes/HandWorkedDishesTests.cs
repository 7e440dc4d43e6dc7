using System.Globalization;
using Ikuzo.Core.Companions;
using Ikuzo.Core.Dishes;
using Ikuzo.Core.Filling;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;

namespace Ikuzo.Core.Tests.Dishes;

/// <summary>Forty dishes as a cook would arrange them: dishes.csv.</summary>
public class HandWorkedDishesTests
{
    public static TheoryData<string> Dishes => [.. ReferenceData.Lines("dishes.csv")];

    [Theory]
    [MemberData(nameof(Dishes))]
    public void Dish_IsArrangedAsACookWould(string line)
    {
        var cells = line.Split(';');
        var dish = Request(cells[0].Split(' '), cells[1].Split(", "), Number(cells[2]));
        var plan = DishSolver.Solve(dish);
        var best = plan.Best!;
        var said = string.Join(" | ", best.Stages.Select(s => s.Why));
        Assert.True(cells[3] == string.Join(',', best.Stages.Select(s => string.Join('+', s.Items))), said);
        Assert.Equal(cells[8], string.Join(',', plan.StirIn));
        var stage = best.Stages.Single(s => s.Items.Contains("bird"));
        Assert.True(stage.Minutes >= Number(cells[4]) && stage.Minutes <= Number(cells[5]), said);
        Assert.InRange(stage.LiquidMl, Number(cells[6]), Number(cells[7]));
        Assert.All(
            best.Stages.SelectMany(s => s.Outcomes),
            o => Assert.True(o.Verdict == ItemVerdict.InWindow || IsLetGo(o), $"{o.Key}: {said}")
        );
        Assert.All(best.Stages, s => Assert.True(s.Outcomes.All(o => o.ColdestP01 is not < 74), said));

        // Nothing is left dry, and no grain is drowned: what the dish wants is left, over what the meat gives more or less.
        var drunk = plan.Arranged!.Items.OfType<BesideItem>().Where(b => stage.Items.Contains(b.Key)).Sum(b => b.Load.AbsorbsMl);
        var given = dish.Items.OfType<MeatItem>().Single().Load.MuscleKg * 1000;
        Assert.True(stage.LiquidMl + 0.35 * given > drunk, "dry");
        var beside = plan.Arranged!.Items.OfType<BesideItem>().Where(b => stage.Items.Contains(b.Key)).Select(b => b.Load).ToList();
        var left = stage.LiquidMl + 0.25 * given - drunk;
        Assert.True(
            drunk == 0 || stage.LiquidMl <= dish.Pot.MinimumLiquidMl + ForLongHoldsMl || left < LiquidNeed.LeftMl(dish.Pot, beside) + 100,
            "drowned"
        );
    }

    private const double ForLongHoldsMl = 50;

    // What melts into the sauce, and what is a little too soft.
    private static bool IsLetGo(ItemOutcome outcome) =>
        outcome is { Verdict: ItemVerdict.Over, Distance: { } off }
        && (off <= 1.3 || CompanionCatalogue.Find(outcome.Key) is { Kind: CompanionKind.Aromatic });

    private static DishRequest Request(string[] meat, string[] beside, double litres) =>
        new()
        {
            Pot = PotDefaults.For(litres),
            Items =
            [
                new MeatItem(
                    "bird",
                    new MeatLoad
                    {
                        Cut = CutCatalogue.Find(meat[0])!,
                        Pieces = (int)Number(meat[1]),
                        TotalKg = Number(meat[2]),
                        State = Enum.Parse<MeatState>(meat[3], ignoreCase: true),
                    },
                    null
                ),
                .. beside
                    .Select(b => b.Split(' '))
                    .Select(b => new BesideItem(b[0], CompanionCatalogue.Find(b[0])!, Number(b[1])) { MayChange = true }),
            ],
        };

    private static double Number(string text) => double.Parse(text, CultureInfo.InvariantCulture);
}
