using Ikuzo.Core.Companions;
using Ikuzo.Core.Dishes;
using Ikuzo.Core.LineUps;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Reading;
using Ikuzo.Core.Running.Journal;

namespace Ikuzo.Core.Tests.Dishes;

/// <summary>What is fried before the lid goes on, in the order in which it can take the heat, in the Line-up and at the pot.</summary>
public class FryingTests
{
    private static readonly string[] Typed =
    [
        "2 cloves garlic",
        "1 tsp cumin",
        "100 g bacon",
        "1 bay leaf",
        "2 tbsp tomato paste",
        "80 g grated cheese",
        "salt and pepper",
    ];

    private static readonly BesideItem[] Beside =
    [
        .. new[]
        {
            ("mushrooms", 250),
            ("onions", 200),
            ("celery", 100),
            ("carrots-chunks", 300),
            ("tomatoes", 200),
            ("bell-pepper", 150),
        }.Select(b => new BesideItem(b.Item1, CompanionCatalogue.Find(b.Item1)!, b.Item2) { MayChange = true }),
    ];

    private static IReadOnlyList<FryStep> Steps => LineMoments.Fried(Beside, Typed.Select(LineMoments.Read));

    [Fact]
    public void Steps_GoFromBaconToWhatBurns() =>
        Assert.Equal(
            [
                "Fry 100 g bacon until the fat runs; lift it out and keep it for the pot.",
                "Into the same fat: onions and celery. Stir now and then until soft.",
                "Add mushrooms; fry until their water has gone.",
                "For the last half minute: 2 cloves garlic, 1 tsp cumin and 2 tbsp tomato paste. Stir: it burns quickly.",
            ],
            Steps.Select(s => s.Text)
        );

    [Fact]
    public void WhatIsInABowlOrGoesInLate_IsNotFried() =>
        Assert.Empty(
            LineMoments.Fried(
                [new BesideItem("onions", CompanionCatalogue.Find("onions")!, 200, PieceSize.Usual, InBowl: true)],
                [LineMoments.Read("1 tsp cumin") with { When = GoesIn.After }]
            )
        );

    private static PlanRequest Thighs =>
        new()
        {
            Pot = PotDefaults.For(5.7),
            Load = new MeatLoad
            {
                Cut = CutCatalogue.Find("chicken-thigh-bone-in")!,
                Pieces = 6,
                TotalKg = 1.1,
            },
            Browned = true,
            Companions = [.. Beside.Take(2).Select(b => b.Load)],
        };

    private static PlannedCook Cook =>
        PlannedCook.Of(Thighs, Planner.Compute(Thighs))! with
        {
            Frying = Steps,
            Aromatics = LineMoments.Under(Typed.Select(LineMoments.Read)),
        };

    [Fact]
    public void AtThePot_TheMeatStandsBetweenBaconAndOnions() =>
        Assert.Equal(
            ["fry-first", "brown-1-1", "brown-1-2", "brown-2-1", "brown-2-2", "fry-soft", "fry-dry", "fry-last"],
            BrowningSteps.Of(Cook).Select(s => s.Id)
        );

    [Fact]
    public void Layers_SayWhatIsFriedAlready()
    {
        var lines = Layering.Lines(Cook);
        Assert.Contains("2 cloves garlic, fried", lines);
        Assert.Contains("1 bay leaf", lines);
        Assert.Contains(lines, l => l.EndsWith("onions, fried", StringComparison.Ordinal));
        Assert.DoesNotContain(lines, l => l.Contains("cheese", StringComparison.Ordinal));
    }

    [Fact]
    public void LineUp_HasThemInOrder_BeforeTheLid()
    {
        var request = new LineUpRequest
        {
            Dish = new DishRequest { Pot = PotDefaults.For(5.7), Items = [new MeatItem("bird", Thighs.Load, null), .. Beside.Take(2)] },
            ServeAt = new DateTimeOffset(2026, 12, 6, 19, 0, 0, TimeSpan.Zero),
            Brown = true,
            Frying = Steps,
            DeglazeWith = "a splash of cider",
        };
        var tasks = BackSchedule.Make(request).Tasks.Select(t => t.Id).ToList();
        string[] before = ["fry-first", "brown", "fry-soft", "fry-dry", "fry-last", "loosen", "lid-1"];
        Assert.Equal(before, tasks.Where(before.Contains));
        Assert.DoesNotContain(
            BackSchedule.Make(request with { Brown = false }).Tasks,
            t => t.Id.StartsWith("fry", StringComparison.Ordinal)
        );
    }
}
