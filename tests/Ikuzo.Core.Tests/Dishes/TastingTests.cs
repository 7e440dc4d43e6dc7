using Ikuzo.Core.Companions;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Dishes;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Running.Aftercare;
using Ikuzo.Core.Running.Journal;

namespace Ikuzo.Core.Tests.Dishes;

/// <summary>What stands beside the meat is tasted where it may be firm, and what to do then is said.</summary>
public class TastingTests
{
    private static DishRequest Thighs(double altitudeMetres, params string[] beside) =>
        new()
        {
            Pot = PotDefaults.For(5.7),
            AltitudeMetres = altitudeMetres,
            Items =
            [
                new MeatItem(
                    "meat",
                    new MeatLoad
                    {
                        Cut = CutCatalogue.Find("chicken-thigh-bone-in")!,
                        Pieces = 6,
                        TotalKg = 1.1,
                    },
                    Aim.Slice
                ),
                .. beside.Select(id => new BesideItem(id, CompanionCatalogue.Find(id)!, 250)),
            ],
        };

    private static DishStage Stage(params (string Key, double Distance)[] beside) =>
        new(
            ["meat", .. beside.Select(b => b.Key)],
            12,
            Release.Natural,
            250,
            "",
            [.. beside.Select(b => new ItemOutcome(b.Key, ItemVerdict.InWindow, null, false, 1) { Distance = b.Distance })],
            default,
            default
        );

    // At sea level levels are minutes in boiling water: what is missing from just done to best.
    [Theory]
    [InlineData("penne-pasta", 0)]
    [InlineData("carrots-chunks", 0)]
    [InlineData("potatoes-chunks", 2500)]
    public void WhatMayBeFirm_SimmersOn_ForWhatIsMissingAtThisHeight(string id, double altitudeMetres)
    {
        var companion = CompanionCatalogue.Find(id)!;
        var missing = companion.Levels().BestFrom - companion.Levels().Just;
        var boiling = altitudeMetres == 0 ? 100.0 : 91.7; // steam tables
        var minutes = Math.Ceiling(missing / companion.Law.Rate(boiling));
        Assert.Equal(
            [
                FormattableString.Invariant(
                    $"Taste the {companion.Name.ToLowerInvariant()}. Still firm? {minutes} min at a simmer, the lid laid on loosely."
                ),
            ],
            Tasting.Lines(Thighs(altitudeMetres, id), Stage((id, -0.4)))
        );
    }

    [Fact]
    public void Grain_DrawsOnWithTheLidOn_AndWhatIsWetDries()
    {
        var line = Assert.Single(Tasting.Lines(Thighs(0, "long-grain-white-rice"), Stage(("long-grain-white-rice", -0.2))));
        Assert.StartsWith("Taste the long-grain white rice. Firm in the middle? Lid on, heat off, ", line, StringComparison.Ordinal);
        Assert.EndsWith("Too wet? Lid off, low heat, 2 min, without stirring.", line, StringComparison.Ordinal);
    }

    // Beans from dry may be old; what takes long at a simmer goes under the lid again.
    [Fact]
    public void BeansFromDry_AreTastedEvenAtTheirBest()
    {
        var line = Assert.Single(Tasting.Lines(Thighs(0, "dry-navy-beans"), Stage(("dry-navy-beans", 0.3))));
        Assert.Matches("^Taste the dry navy beans\\. Still firm\\? Close the lid again for \\d+ min under pressure", line);
        Assert.Empty(Tasting.Lines(Thighs(0, "dry-navy-beans"), Stage(("dry-navy-beans", 0.6))));
    }

    [Fact]
    public void WhatIsRight_IsNotTasted_ButAllOfATimeWithoutMeatIs()
    {
        var dish = Thighs(0, "carrots-chunks");
        Assert.Empty(Tasting.Lines(dish, Stage(("carrots-chunks", 0.1))));
        Assert.Equal("Taste: chicken thighs, bone in, carrots in chunks.", Tasting.Words(dish, Stage(("carrots-chunks", 0.1))));
    }

    [Fact]
    public void AtThePot_ItIsTastedWhileTheMeatRests_BeforeAnythingIsStirredIn()
    {
        var request = new PlanRequest { Pot = PotDefaults.For(5.7), Load = Thighs(0).Items.OfType<MeatItem>().First().Load };
        var steps = AfterPot.Steps(request, new AfterMeat { Taste = ["Taste the rice."], Finish = ["Stir in the cream."] });
        Assert.Equal(["rest", "taste-1", "finish-1", "carve"], steps.Select(s => s.Id));
        Assert.Equal("Lift the pieces out and let them rest, covered. Keep the liquid: it is stock.", steps[0].Text);
    }

    [Theory]
    [InlineData("chicken-diced", 20, 0.5, "Leave it in its juices with the heat off; it takes some of them up again.")]
    [InlineData("chicken-whole", 1, 1.8, "Lift it out with both hands and let it rest. Keep the liquid: it is stock.")]
    public void Rest_IsSaidAsTheLoadAllows(string cut, int pieces, double kg, string text)
    {
        var load = new MeatLoad
        {
            Cut = CutCatalogue.Find(cut)!,
            Pieces = pieces,
            TotalKg = kg,
        };
        var request = new PlanRequest { Pot = PotDefaults.For(5.7), Load = load };
        Assert.Equal(text, AfterPot.Steps(request, new())[0].Text);
        var layers = Layering.Lines(
            PlannedCook.Of(request with { Confirmed = ["giblets"] }, Planner.Compute(request with { Confirmed = ["giblets"] }))!
        );
        Assert.Equal(cut == "chicken-whole", layers.Contains("the rack"));
    }
}
