using Ikuzo.Core.Companions;
using Ikuzo.Core.Dishes;
using Ikuzo.Core.LineUps;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Running.Journal;

namespace Ikuzo.Core.Tests.Dishes;

/// <summary>Two times under the lid: what comes out waits covered, the liquid stays, and what waited goes back in at the end.</summary>
public class InTurnsTests
{
    private static readonly DishRequest CrownThenPotatoes = new()
    {
        Pot = PotDefaults.For(5.7),
        Promise = Promise.Measured,
        Items =
        [
            new MeatItem(
                "bird",
                new MeatLoad
                {
                    Cut = CutCatalogue.Find("turkey-crown")!,
                    Pieces = 1,
                    TotalKg = 2.2,
                },
                Aim.Slice
            ),
            new BesideItem("onions", CompanionCatalogue.Find("onions")!, 150) { MayChange = true },
            new BesideItem("potatoes-chunks", CompanionCatalogue.Find("potatoes-chunks")!, 800) { MayChange = true },
        ],
    };

    private static readonly DishPlan Plan = DishSolver.Arrange(CrownThenPotatoes);

    [Fact]
    public void SecondTime_GoesIntoTheLiquidOfTheFirst_AndTheMeatWaits()
    {
        Assert.Equal(2, Plan.Best!.Stages.Count);
        var steps = StageSteps.Of(Plan.Arranged!, Plan.Best.Stages, 2);
        Assert.StartsWith(
            "Lift out turkey crown and keep covered. The liquid stays: make it up to 250 ml. "
                + "Put in 800 g potatoes in chunks, cut small. Lid on",
            steps[0].Text,
            StringComparison.Ordinal
        );
    }

    // A litre and a half of stock would drown the rice; in a soup it is what is eaten.
    [Theory]
    [InlineData("Stock, then rice", "Ladle out all of the liquid but ")]
    [InlineData("Barley broth", "The liquid stays: make it up to ")]
    public void SecondTime_OfGrainInMuchStock_LadlesItOut(string name, string begins)
    {
        var dish = CrownThenPotatoes with
        {
            Served = Servings.Named(name),
            Items =
            [
                new MeatItem(
                    "bones",
                    new MeatLoad
                    {
                        Cut = CutCatalogue.Find("duck-carcass")!,
                        Pieces = 1,
                        TotalKg = 0.6,
                    },
                    null
                ),
                new BesideItem("rice", CompanionCatalogue.Find("long-grain-white-rice")!, 200) { MayChange = true },
            ],
        };
        var plan = DishSolver.Arrange(dish);
        var first = plan.Best!.Stages[0];
        Assert.Equal(["bones"], first.Items);
        Assert.True(first.LiquidMl > 1000);
        Assert.StartsWith(begins, DishWords.Liquid(plan.Arranged!, first, plan.Best.Stages[1]), StringComparison.Ordinal);

        // Bones are strained out, and nobody puts them back.
        var then = StageSteps.Of(plan.Arranged!, plan.Best.Stages, 2)[0].Text;
        Assert.StartsWith("Strain duck carcass out: it has given what it had. " + begins, then, StringComparison.Ordinal);
        Assert.Empty(DishWords.BackIn(plan.Arranged!, plan.Best.Stages));
    }

    [Fact]
    public void AtTheEnd_WhatWaitedGoesBackIn_UnlessItIsCrisped()
    {
        IReadOnlyList<string> Lines(bool crisps) => StirringIn.Lines(Plan.Arranged!, Plan.Best!.Stages, Plan.StirredIn, crisps);
        Assert.Equal(["Put back in what waited, to warm through: turkey crown."], Lines(crisps: false));
        Assert.Empty(Lines(crisps: true));
    }

    // Ten minutes left alone, and then somebody stands at the valve.
    [Fact]
    public void LineUp_OfARestThatIsVented_SaysWhenToVent()
    {
        var dish = CrownThenPotatoes with
        {
            Items =
            [
                new MeatItem(
                    "bird",
                    new MeatLoad
                    {
                        Cut = CutCatalogue.Find("chicken-thigh-bone-in")!,
                        Pieces = 6,
                        TotalKg = 1.1,
                    },
                    null
                ),
                new BesideItem("rice", CompanionCatalogue.Find("long-grain-white-rice")!, 280) { MayChange = true },
                new BesideItem("onions", CompanionCatalogue.Find("onions")!, 120)
                {
                    MayChange = true,
                    Measure = "1",
                    Food = "onion",
                },
            ],
        };
        var tasks = BackSchedule
            .Make(new() { Dish = dish, ServeAt = new DateTimeOffset(2026, 12, 6, 19, 0, 0, TimeSpan.Zero) })
            .Tasks.ToDictionary(t => t.Id);
        Assert.Equal("Leave it for 10 min, then the steam goes.", tasks["release-1"].Text);
        Assert.Equal(tasks["release-1"].Start.AddMinutes(10), tasks["vent-1"].Start);
        Assert.Contains(", 1 onion with ", tasks["lid-1"].Text, StringComparison.Ordinal);
        Assert.Contains("not on the bone", tasks["check-1"].Text, StringComparison.Ordinal);
        Assert.Equal("Plate it.", tasks["carve"].Text);
    }

    [Fact]
    public void LineUp_SaysBoth()
    {
        var tasks = BackSchedule
            .Make(new() { Dish = CrownThenPotatoes, ServeAt = new DateTimeOffset(2026, 12, 6, 19, 0, 0, TimeSpan.Zero) })
            .Tasks;
        Assert.StartsWith(
            "Lift out turkey crown and keep covered. The liquid stays: make it up to 250 ml. Put in",
            tasks.Single(t => t.Id == "lid-2").Text,
            StringComparison.Ordinal
        );
        Assert.Contains("Put back in what waited", tasks.Single(t => t.Id == "finish").Text, StringComparison.Ordinal);
    }
}
