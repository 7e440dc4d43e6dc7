using Ikuzo.Core.Companions;
using Ikuzo.Core.Conduction;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Dishes;
using Ikuzo.Core.Filling;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Reading;

namespace Ikuzo.Core.Tests.Kitchen;

/// <summary>What stands beside the meat, row by row against general kitchen practice.</summary>
public class KitchenMinutesTests
{
    private static readonly Dictionary<string, string> NotInBoilingWater = new()
    {
        ["quinoa"] = "a minute and ten of rest, which nobody doubts, is 12 min in boiling water at most; packages say 12 to 16",
        ["risotto-rice"] = "boiled means stirred while it is poured to little by little, not in plenty of water",
    };

    private static readonly Dictionary<string, string> NotInTheOpenPot = new()
    {
        ["dumpling-dough"] = "its minutes are named in the open pot",
        ["crushed-tomatoes"] = "15 min boil it down; it is soft after 5",
        ["aubergine-diced"] = "14 min melt it; its best begins at 8",
    };

    // What a step of the simulation more or less does to a distance.
    private const double Step = 0.02;

    public static TheoryData<string> Ids => [.. Rows.Keys];

    private static readonly Dictionary<string, KitchenRow> Rows = KitchenRows.Of("kitchen_minutes.csv").ToDictionary(r => r["id"]);

    private static Companion Find(string id) => CompanionCatalogue.Find(id)!;

    private static double BoilsUntil(Companion companion, double heat)
    {
        var states = new SofteningStates();
        states.Load([companion.Model(PieceSize.Usual).InWater()], Lanes.All(21));
        var seconds = 0;
        for (; states.HeatMinutes(0)[0] < heat; seconds += 5)
        {
            states.Step(Lanes.All(5), Lanes.All(100));
        }

        return seconds / 60.0;
    }

    // The levels come back in the cook in which they are named, by the release of those directions.
    [Theory]
    [MemberData(nameof(Ids))]
    public void UnderPressure_IsJustDoneBestAndTooFarAtTheNamedMinutes(string id)
    {
        var row = Rows[id];
        if (!row.Has("just_min") || Find(id).Kind == CompanionKind.Enrichment)
        {
            Assert.True(Find(id).Minutes is null or { Way: ReferenceWay.Boiled });
            return;
        }

        var levels = Find(id).Levels();
        double At(string heading) =>
            levels.Distance(
                Ensemble
                    .Run(
                        ReferenceCook.Pot(Find(id).Model(PieceSize.Usual)),
                        ParticleSource.Nominal,
                        [new(row.Number(heading), row.Release)]
                    )
                    .Outcomes[0]
                    .HeatMinutes[0][0]
            );
        Assert.Equal(row.Number("just_min") == row.Number("best_min_low") ? 0 : -1, At("just_min"), Step);
        Assert.Equal(0, At("best_min_low"), Step);
        Assert.Equal(0, At("best_min_high"), Step);
        if (row.Has("too_far_min"))
        {
            Assert.Equal(1, At("too_far_min"), Step);
        }
        else
        {
            Assert.Equal(0, levels.Distance(levels.BestTo * 100));
        }
    }

    [Theory]
    [MemberData(nameof(Ids))]
    public void InBoilingWater_ItsBestMeetsTheUsualDirections(string id)
    {
        var row = Rows[id];
        if (!row.Has("just_min") || !row.Has("boiled_min_low"))
        {
            return;
        }

        var levels = Find(id).Levels();
        var meets =
            BoilsUntil(Find(id), levels.BestFrom) <= row.Number("boiled_min_high") * 1.03
            && BoilsUntil(Find(id), levels.BestTo) >= row.Number("boiled_min_low") * 0.97;
        Assert.Equal(!NotInBoilingWater.ContainsKey(id), meets);
    }

    // From just done to too far: the open pot's minutes are one number, at a simmer.
    [Theory]
    [MemberData(nameof(Ids))]
    public void InTheOpenPot_ItIsDoneAtTheUsualMinutes(string id)
    {
        var row = Rows[id];
        if (Find(id).Minutes is null || !row.Has("just_min") || !row.Has("open_pot_min") || NotInTheOpenPot.ContainsKey(id))
        {
            return;
        }

        var levels = Find(id).Levels();
        Assert.InRange(
            row.Number("open_pot_min"),
            BoilsUntil(Find(id), levels.Just),
            Math.Min(600, BoilsUntil(Find(id), Math.Min(levels.TooFar, 1e3)))
        );
    }

    // Poured beside a kilogram of thighs on the bone, at the usual amount.
    [Theory]
    [MemberData(nameof(Ids))]
    public void WaterThatIsPoured_IsThatOfTheDirections(string id)
    {
        var row = Rows[id];
        if (!row.Has("water_ml_per_g"))
        {
            return;
        }

        var grams = row.Number("usual_amount_g");
        var thighs = KitchenRows.Request(5.7, "chicken-thigh-bone-in", 6, 1).Load;
        var poured = LiquidNeed.Of(PotDefaults.For(5.7), [thighs], [new CompanionLoad(Find(id), grams)], 0);
        Assert.InRange(poured / grams, row.Number("water_ml_per_g") * 0.95, row.Number("water_ml_per_g") * 1.05);
    }

    // What cooks mean: without an amount, by the piece, by the can.
    [Theory]
    [MemberData(nameof(Ids))]
    public void Amounts_AreWhatCooksMean(string id)
    {
        var row = Rows[id];
        Assert.Equal(row.Number("usual_amount_g"), Find(id).UsualGrams);
        if (row.Has("piece_g") && id != "green-beans") // nobody counts beans
        {
            Assert.InRange(Grams($"3 {Called[id]}") / 3, row.Number("piece_g") * 0.75, row.Number("piece_g") * 1.3);
        }

        if (row.Has("can_g"))
        {
            Assert.Equal(row.Number("can_g"), Grams($"1 can {Called[id]}"));
        }
    }

    private static double Grams(string line) => ((BesideItem)DishLine.Read(line, "a")!).Load.Grams;

    private static readonly Dictionary<string, string> Called = new()
    {
        ["canned-white-beans"] = "cannellini beans",
        ["canned-chickpeas"] = "chickpeas",
        ["potatoes-chunks"] = "potatoes",
        ["potatoes-whole-small"] = "new potatoes",
        ["sweet-potato-chunks"] = "sweet potatoes",
        ["carrots-chunks"] = "carrots",
        ["carrots-whole"] = "whole carrots",
        ["parsnips-chunks"] = "parsnips",
        ["swede-chunks"] = "swedes",
        ["celeriac-chunks"] = "celeriacs",
        ["beetroot-whole"] = "beetroots",
        ["squash-chunks"] = "butternut squashes",
        ["brussels-sprouts"] = "brussels sprouts",
        ["broccoli"] = "heads of broccoli",
        ["cauliflower"] = "cauliflowers",
        ["asparagus"] = "asparagus spears",
        ["courgette"] = "courgettes",
        ["cabbage-wedges"] = "cabbages",
        ["mushrooms"] = "mushrooms",
        ["onions"] = "onions",
        ["leeks"] = "leeks",
        ["celery"] = "sticks of celery",
        ["fennel"] = "fennel bulbs",
        ["bell-pepper"] = "bell peppers",
        ["aubergine-diced"] = "aubergines",
        ["tomatoes"] = "tomatoes",
        ["corn-cobs"] = "corn cobs",
        ["apples"] = "apples",
        ["prunes"] = "prunes",
        ["dumpling-dough"] = "dumplings",
        ["crushed-tomatoes"] = "crushed tomatoes",
        ["coconut-milk"] = "coconut milk",
    };
}
