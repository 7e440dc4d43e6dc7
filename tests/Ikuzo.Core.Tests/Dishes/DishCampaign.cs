using System.Diagnostics;
using System.Globalization;
using Ikuzo.Core.Companions;
using Ikuzo.Core.Dishes;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;

namespace Ikuzo.Core.Tests.Dishes;

/// <summary>Dishes by chance, of two to eight things in any pot: whatever is arranged can be cooked, filled, eaten, and is said.</summary>
[Trait("Campaign", "dishes")]
public class DishCampaign(ITestOutputHelper output)
{
    // Two meats whose scouts, each alone, find fewer minutes than both need together; beans at the edge of done in a full pot, and in one
    // that starts hot.
    private static readonly int[] Hard = [238, 1319, 1654];

    private static int Dishes => int.Parse(Environment.GetEnvironmentVariable("IKUZO_SOAK_DISHES") ?? "25", CultureInfo.InvariantCulture);

    [Fact]
    public void DishesByChance_AreDoneSafeAndFitTheirPot()
    {
        List<(double Ms, int Seed)> took = [];
        DishSolver.Solve(ByChance(Dishes)); // compiled
        int none = 0,
            stages = 0,
            tooSoft = 0;
        foreach (var seed in Enumerable.Range(0, Dishes).Concat(Hard))
        {
            var dish = ByChance(seed);
            var start = Stopwatch.GetTimestamp();
            var plan = DishSolver.Solve(dish);
            took.Add((Stopwatch.GetElapsedTime(start).TotalMilliseconds, seed));
            if (plan.Best is not { } best)
            {
                Assert.Contains(dish.Items, i => i.Key == plan.Impossible!.Key);
                none++;
                continue;
            }

            Ways(seed, dish, plan);
            var placed = best.Stages.SelectMany(s => s.Items).Concat(plan.StirIn);
            Assert.Equal(dish.Items.Select(i => i.Key).Order(), placed.Order());
            foreach (var stage in best.Stages)
            {
                stages++;
                tooSoft += stage.Outcomes.Count(o => o.Distance > 1);
                Assert.All(stage.Outcomes, o => Assert.True(o.Verdict != ItemVerdict.Under, $"{seed}: {stage.Why}"));
                Assert.True(
                    stage.Outcomes.All(o => o.ColdestP01 is not < 74) || stage.ReadyAtFirst >= 1 - dish.MostReturns - 1e-9,
                    $"{seed}: {stage.Why}"
                );
                Assert.True(stage.LiquidMl >= dish.Pot.MinimumLiquidMl, $"{seed}");
                Assert.True(IsUnderItsMark(plan.Arranged!, stage), $"{seed}: {stage.LiquidMl} ml");
            }
        }

        took.Sort();
        output.WriteLine(
            $"{Dishes} dishes, {none} of them in no pot, {stages} stages, {tooSoft} things too soft, none hard; "
                + $"{took[took.Count / 2].Ms:0} ms, 95th percentile {took[took.Count * 95 / 100].Ms:0}, "
                + $"at most {took[^1].Ms:0} (of {took[^1].Seed})"
        );
    }

    // What a cook lets go, on its own terms: at most so soft, no meat past its best, nothing hard. Where one go is that, it is what is
    // proposed; what curdles, thickens or turns to paste never goes under pressure unasked; and the other way is a touch away.
    private static void Ways(int seed, DishRequest dish, DishPlan plan)
    {
        var never = dish.Items.OfType<BesideItem>().Where(b => b.IsStirredIn || (b.MayChange && Paste.Contains(b.Key))).Select(b => b.Key);
        Assert.Empty(never.Intersect(plan.Best!.Stages.SelectMany(s => s.Items)));
        if (plan.Ways.FirstOrDefault(w => w.Id == WayId.OneGo) is not { } one)
        {
            Assert.True(plan.Best.Stages.Count > 1, $"{seed}");
            return;
        }

        Assert.Single(one.Order.Stages);
        var isSour = one.Order.Stages[0].Items.Any(k => k is "tomatoes" or "crushed-tomatoes");
        var isRight = one
            .Order.Stages[0]
            .Outcomes.All(o => o.Verdict == ItemVerdict.InWindow && !(isSour && o.Key.StartsWith("dry-", StringComparison.Ordinal)));
        Assert.True(
            !isRight || plan.Ways[0].Id == WayId.OneGo,
            $"{seed}: two turns for what comes out right in one: {string.Join(", ", one.Order.Stages[0].Outcomes)}"
        );
        Assert.Equal(plan.Ways[0].Order, plan.Best);
        if (plan.Ways.Count > 1)
        {
            var other = plan.Ways[1].Id;
            Assert.Equal(other, DishSolver.Solve(dish with { Way = other }).Ways[0].Id);
        }
    }

    private static readonly string[] Paste =
    [
        "egg-noodles",
        "dumpling-dough",
        "peas",
        "spinach",
        "asparagus",
        "broccoli",
        "courgette",
        "apples",
    ];

    private static bool IsUnderItsMark(DishRequest dish, DishStage stage)
    {
        var items = dish.Items.Where(i => stage.Items.Contains(i.Key)).ToList();
        var foams = items.OfType<BesideItem>().Any(b => b.Load.Spurts);
        var litres = stage.LiquidMl / 1000 + items.OfType<BesideItem>().Where(b => !b.InBowl).Sum(b => b.Grams) / 1000 * 0.95;
        return litres <= (foams ? dish.Pot.HalfLitres : dish.Pot.FillLitres) + 1e-9;
    }

    private static DishRequest ByChance(int seed)
    {
        var random = new Random(seed); // reproducible
        List<DishItem> items = [.. Enumerable.Range(0, random.NextDouble() < 0.15 ? 2 : 1).Select(i => Meat($"meat-{i}", random))];
        for (var want = 2 + random.Next(7); items.Count < want; )
        {
            var companion = CompanionCatalogue.All[random.Next(CompanionCatalogue.All.Count)];
            if (items.All(i => i.Key != companion.Id))
            {
                items.Add(
                    new BesideItem(companion.Id, companion, Math.Round(60 + 240 * random.NextDouble()))
                    {
                        MayChange = random.NextDouble() < 0.8,
                    }
                );
            }
        }

        double[] litres = [3, 5.7, 8, 10];
        return new()
        {
            Pot = PotDefaults.For(litres[random.Next(litres.Length)]),
            AltitudeMetres = random.NextDouble() < 0.2 ? 1500 : 0,
            BrothMl = random.NextDouble() < 0.15 ? 600 : 0,
            Promise = random.NextDouble() < 0.5 ? Promise.Sure : Promise.Measured,
            Items = items,
        };
    }

    private static MeatItem Meat(string key, Random random)
    {
        const double BirdKg = 0.8;
        var cut = CutCatalogue.All[random.Next(CutCatalogue.All.Count)];
        var pieces = cut.TypicalKg.Value > BirdKg ? 1 : Math.Clamp((int)((0.4 + 0.9 * random.NextDouble()) / cut.TypicalKg.Value), 1, 60);
        return new(
            key,
            new MeatLoad
            {
                Cut = cut,
                Pieces = pieces,
                TotalKg = Math.Round(pieces * cut.TypicalKg.Value * (0.85 + 0.3 * random.NextDouble()), 3),
                State = random.NextDouble() < 0.2 ? MeatState.Frozen : MeatState.Chilled,
            },
            null
        );
    }
}
