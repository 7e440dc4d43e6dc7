using BenchmarkDotNet.Attributes;
using Ikuzo.Core.Companions;
using Ikuzo.Core.Dishes;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;

namespace Ikuzo.Bench;

/// <summary>Dishes arranged in stages, from one item to the most that is taken.</summary>
[MemoryDiagnoser]
[ShortRunJob]
public class DishBenchmarks
{
    private static readonly (string Id, double Grams)[] Beside =
    [
        ("wild-rice-blend", 150),
        ("carrots-chunks", 150),
        ("onions", 100),
        ("peas", 100),
        ("potatoes-chunks", 200),
        ("mushrooms", 100),
        ("prunes", 60),
    ];

    private DishRequest _dish = null!;

    /// <summary>Items of the dish.</summary>
    [Params(2, 5, 8)]
    public int Items { get; set; }

    [GlobalSetup]
    public void Setup() =>
        _dish = new DishRequest
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
                    },
                    Aim.Pull
                ),
                .. Beside.Take(Items - 1).Select(b => new BesideItem(b.Id, CompanionCatalogue.Find(b.Id)!, b.Grams)),
            ],
        };

    [Benchmark]
    public DishPlan Solve() => DishSolver.Solve(_dish);
}
