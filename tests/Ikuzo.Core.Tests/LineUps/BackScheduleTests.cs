using CsCheck;
using Ikuzo.Core.Companions;
using Ikuzo.Core.Dishes;
using Ikuzo.Core.LineUps;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;

namespace Ikuzo.Core.Tests.LineUps;

public class BackScheduleTests
{
    private static readonly DateTimeOffset Seven = new(2026, 12, 6, 19, 0, 0, TimeSpan.FromHours(1));

    private static DishRequest Dish(
        string cut = "chicken-thigh-bone-in",
        int pieces = 6,
        double kg = 1.1,
        MeatState state = MeatState.Chilled,
        params string[] beside
    ) =>
        new()
        {
            Pot = PotDefaults.For(5.7),
            Items =
            [
                new MeatItem(
                    "bird",
                    new MeatLoad
                    {
                        Cut = CutCatalogue.Find(cut)!,
                        Pieces = pieces,
                        TotalKg = kg,
                        State = state,
                    },
                    null
                ),
                .. beside.Select(id => new BesideItem(id, CompanionCatalogue.Find(id)!, 200)),
            ],
        };

    private static LineUpRequest Meal(DishRequest? dish = null) => new() { Dish = dish ?? Dish(), ServeAt = Seven };

    // A dish need not have meat in it: it is lined up all the same, and nothing is carved or read.
    [Theory]
    [InlineData("carrots-chunks")]
    [InlineData("pearl-barley", "carrots-chunks")]
    [InlineData("peas")]
    public void DishWithoutMeat_IsLinedUp_AndNothingIsCarved(params string[] beside)
    {
        var dish = Dish(beside: beside);
        var lineUp = BackSchedule.Make(Meal(dish with { Items = [.. dish.Items.Skip(1)] }));
        Assert.Empty(lineUp.Conflicts);
        Assert.Equal(Seven, lineUp.Tasks.Single(t => t.Text == "Serve.").Start);
        Assert.DoesNotContain(lineUp.Tasks, t => t.Id == "carve");
    }

    private static readonly Gen<LineUpRequest> Meals = Gen.Select(
            Gen.OneOf(
                Gen.Const("chicken-thigh-bone-in"),
                Gen.Const("chicken-breast-boneless"),
                Gen.Const("duck-leg"),
                Gen.Const("turkey-drumstick")
            ),
            Gen.Bool,
            Gen.OneOf(
                Gen.Const("peas"),
                Gen.Const("pearl-barley"),
                Gen.Const("carrots-chunks"),
                Gen.Const("penne-pasta"),
                Gen.Const("prunes")
            ),
            Gen.Bool,
            Gen.Double[0, 20],
            Gen.OneOf(Gen.Const(0.0), Gen.Const(0.5), Gen.Const(12.0)),
            Gen.Enum<ThawWay>()
        )
        .Select(
            (cut, frozen, beside, brown, crisp, marinade, thaw) =>
                Meal(Dish(cut, 4, 4 * CutCatalogue.Find(cut)!.TypicalKg.Value, frozen ? MeatState.Frozen : MeatState.Chilled, beside)) with
                {
                    Brown = brown,
                    CrispMinutes = Math.Round(crisp),
                    MarinadeHours = marinade,
                    Thaw = frozen ? thaw : ThawWay.None,
                }
        );

    [Fact]
    public void Make_OfAnyMeal_NeverNeedsTwoPairsOfHandsOrTwoPots() =>
        Meals.Sample(
            meal =>
            {
                var tasks = BackSchedule.Make(meal).Tasks;
                foreach (var busy in new[] { tasks.Where(t => t.HandsOn), tasks.Where(t => t.Lane == LineUpLane.Pot) })
                {
                    var inOrder = busy.Where(t => t.End > t.Start).OrderBy(t => t.Start).ToList();
                    Assert.All(
                        inOrder.Zip(inOrder.Skip(1)),
                        p => Assert.True(p.First.End <= p.Second.Start, $"{p.First.Id} and {p.Second.Id}")
                    );
                }

                Assert.All(tasks, t => Assert.True(t.End >= t.Start && (t.End <= meal.ServeAt || t.Id == "store")));
                Assert.Equal(tasks.Count, tasks.Select(t => t.Id).Distinct().Count());
            },
            iter: Often.Times(40)
        );

    [Fact]
    public void Make_CountsComeUpAndReleaseAsLateAsOneInTwentyMayBe()
    {
        var stage = DishSolver.Solve(Dish()).Best!.Stages[0];
        var tasks = BackSchedule.Make(Meal()).Tasks;
        var comeUp = tasks.Single(t => t.Id == "come-up-1");
        Assert.Equal(Math.Ceiling(stage.ToPressureMinutes.P95), (comeUp.End - comeUp.Start).TotalMinutes, 1e-6);
        Assert.True(stage.ToPressureMinutes.P95 > stage.ToPressureMinutes.P50);
        var release = tasks.Single(t => t.Id == "release-1");
        Assert.Equal(Math.Ceiling(stage.ReleaseMinutes.P95), (release.End - release.Start).TotalMinutes, 1e-6);
        Assert.True(Math.Ceiling(stage.ReleaseMinutes.P95) > Math.Ceiling(stage.ReleaseMinutes.P50));
    }

    [Fact]
    public void Make_WhatWaitsForMoreThanTwoHours_IsAConflict()
    {
        Assert.Contains("two hours", Assert.Single(BackSchedule.Make(Meal() with { CrispMinutes = 130 }).Conflicts));
        Assert.Empty(BackSchedule.Make(Meal() with { CrispMinutes = 60 }).Conflicts);
    }

    [Fact]
    public void Make_InAHotKitchen_AllowsOneHourAndNotTwo()
    {
        var hot = Meal(Dish() with { RoomCelsius = 35 });
        Assert.Contains("more than an hour", Assert.Single(BackSchedule.Make(hot with { CrispMinutes = 70 }).Conflicts));
        Assert.Empty(BackSchedule.Make(Meal() with { CrispMinutes = 70 }).Conflicts);
        Assert.Contains("an hour after opening", BackSchedule.Make(hot).Tasks.Single(t => t.Id == "store").Text);
    }

    [Fact]
    public void Make_MarinadeOfThawedMeat_TakesTwoDaysAtMost()
    {
        var meal = Meal(Dish(state: MeatState.Frozen)) with { Thaw = ThawWay.Fridge };
        Assert.Contains("two days", Assert.Single(BackSchedule.Make(meal with { MarinadeHours = 49 }).Conflicts));
        Assert.Empty(BackSchedule.Make(meal with { MarinadeHours = 47 }).Conflicts);
    }

    [Fact]
    public void Make_WhenItIsTooLate_SaysSoAndWhenDinnerCouldBe()
    {
        var meal = Meal() with { Now = Seven.AddMinutes(-20) };
        var late = BackSchedule.Make(meal);
        Assert.Contains("too late", Assert.Single(late.Conflicts));
        Assert.Equal(Seven + (Seven.AddMinutes(-20) - late.StartBy!.Value), late.Earliest);
        Assert.Contains($"{late.Earliest:HH:mm}", late.Conflicts[0]);
        var early = BackSchedule.Make(meal with { Now = Seven.AddHours(-5) });
        Assert.Empty(early.Conflicts);
        Assert.Null(early.Earliest);
    }

    [Fact]
    public void Make_ThawingInTheFridge_BeginsADayPerTwoKilogramsBeforeOrAsTheEngineSays()
    {
        var meal = Meal(Dish("turkey-breast-boneless", 1, 2, MeatState.Frozen)) with { Thaw = ThawWay.Fridge };
        var lineUp = BackSchedule.Make(meal);
        Assert.Empty(lineUp.Conflicts);
        var thaw = lineUp.Tasks.Single(t => t.Id == "thaw-bird");
        Assert.Equal(Thawing.Of(((MeatItem)meal.Dish.Items[0]).Load, ThawWay.Fridge).Hours, (thaw.End - thaw.Start).TotalHours, 1e-6);
        Assert.True((thaw.End - thaw.Start).TotalHours >= 24);
    }

    [Fact]
    public void Make_ThawingInColdWater_ChangesTheWaterEveryHalfHourAndCooksAtOnce()
    {
        var meal = Meal(Dish(state: MeatState.Frozen, kg: 1.5)) with { Thaw = ThawWay.ColdWater };
        var tasks = BackSchedule.Make(meal).Tasks;
        Assert.Equal(2, tasks.Count(t => t.Text == "Change the cold water."));
        Assert.Contains("at once", Assert.Single(BackSchedule.Make(meal with { MarinadeHours = 4 }).Conflicts));
    }

    // In the night of 25 October 2026 the clock of Berlin goes back from three to two.
    [Fact]
    public void Make_OverANightInWhichTheClockChanges_KeepsTheRealHours()
    {
        var zone = TimeZoneInfo.FindSystemTimeZoneById("Europe/Berlin");
        var meal = Meal() with
        {
            ServeAt = new DateTimeOffset(2026, 10, 25, 12, 0, 0, TimeSpan.FromHours(1)),
            MarinadeHours = 14,
            Zone = zone,
        };
        var marinade = BackSchedule.Make(meal).Tasks.Single(t => t.Id == "marinade");
        Assert.Equal(14, (marinade.End - marinade.Start).TotalHours, 1e-6);
        Assert.Equal((TimeSpan.FromHours(2), TimeSpan.FromHours(1)), (marinade.Start.Offset, marinade.End.Offset));
    }

    [Fact]
    public void Make_OfWhatCannotBeCooked_SaysWhy()
    {
        var lineUp = BackSchedule.Make(Meal(Dish("turkey-whole", 1, 7)));
        Assert.Empty(lineUp.Tasks);
        Assert.Contains("turkey", Assert.Single(lineUp.Conflicts));
    }

    [Fact]
    public void Make_JobsForFreeHands_GoWhereThePotWorksAlone()
    {
        var tasks = BackSchedule.Make(Meal() with { Meanwhile = [new("Make the salad.", 6), new("Mix the starch.", 3)] }).Tasks;
        var alone = tasks.Where(t => t.Lane == LineUpLane.Pot).ToList();
        var jobs = tasks.Where(t => t.Id.StartsWith("meanwhile", StringComparison.Ordinal)).ToList();
        Assert.Equal(3, jobs.Count);
        Assert.All(jobs, j => Assert.Contains(alone, p => p.Start <= j.Start && j.End <= p.End));
    }

    [Fact]
    public void Make_AJobThatFitsNoGap_IsDoneBeforeTheLid()
    {
        var tasks = BackSchedule.Make(Meal() with { Meanwhile = [new("Bake bread.", 110)] }).Tasks;
        Assert.True(tasks.Single(t => t.Text == "Bake bread.").End <= tasks.Single(t => t.Id == "come-up-1").Start);
    }

    [Fact]
    public void Make_Leftovers_AreInTheFridgeTwoHoursAfterOpening()
    {
        var tasks = BackSchedule.Make(Meal()).Tasks;
        Assert.Equal(120, (tasks.Single(t => t.Id == "store").End - tasks.Single(t => t.Id == "check-1").End).TotalMinutes, 1e-6);
    }

    [Fact]
    public void Make_TwoBatches_FillThePotTwice()
    {
        var tasks = BackSchedule.Make(Meal() with { Batches = 2 }).Tasks;
        Assert.True(tasks.Single(t => t.Id == "check-1").End <= tasks.Single(t => t.Id == "lid-2").Start);
    }

    [Fact]
    public void Make_CreamIsStirredInAfterTheLastOpening_AndNeverLayered()
    {
        var tasks = BackSchedule.Make(Meal(Dish(beside: ["penne-pasta", "cream"]))).Tasks;
        Assert.Contains("Stir in 200 g cream, the heat off.", tasks.Single(t => t.Id == "finish").Text);
        Assert.Contains("6 chicken thighs, bone in", tasks.Single(t => t.Id == "lid-1").Text);
        Assert.Contains("200 g penne", tasks.Single(t => t.Id == "lid-2").Text);
        Assert.All(tasks.Where(t => t.Id.StartsWith("lid", StringComparison.Ordinal)), t => Assert.DoesNotContain("cream", t.Text));
    }

    [Theory]
    [InlineData("lid-1", "sealing")]
    [InlineData("check-1", "not on the bone")]
    [InlineData("crisp", "never glass")]
    [InlineData("dry", "boil it or throw it away")]
    [InlineData("store", "never overnight on warm")]
    [InlineData("marinate", "do not rinse")]
    public void Make_EachTask_CarriesItsWarning(string id, string words) =>
        Assert.Contains(words, BackSchedule.Make(Meal() with { CrispMinutes = 8, MarinadeHours = 4 }).Tasks.Single(t => t.Id == id).Text);

    [Theory]
    [InlineData("chicken-whole", 1, 1.6, true, "Brown it on both sides")]
    [InlineData("chicken-cutlet", 6, 0.7, false, "Brown in 2 batches")]
    public void Make_SpeaksOfGibletsOfABirdAloneAndOfBatchesOfPiecesAlone(string cut, int pieces, double kg, bool giblets, string brown)
    {
        var meat = new MeatItem(
            "meat",
            new MeatLoad
            {
                Cut = CutCatalogue.Find(cut)!,
                Pieces = pieces,
                TotalKg = kg,
            },
            null
        );
        var tasks = BackSchedule.Make(Meal(Dish() with { Items = [meat] }) with { Brown = true }).Tasks;
        Assert.Equal(giblets, tasks.Single(t => t.Id == "season").Text.Contains("giblet", StringComparison.Ordinal));
        Assert.Contains(brown, tasks.Single(t => t.Id == "brown").Text);
    }

    [Fact]
    public void Make_WhatSaysHowLongItTakes_TakesSoLong_AndWhatIsFrozenGetsItsDay()
    {
        var meal = Meal() with { Finish = ["Bake the crumbs for 30 minutes.", "Scatter herbs."], Later = ["Freeze half of it."] };
        var tasks = BackSchedule.Make(meal).Tasks;
        var bake = tasks.Single(t => t.Id == "finish-1");
        Assert.Equal((30, LineUpLane.Oven, false), ((bake.End - bake.Start).TotalMinutes, bake.Lane, bake.HandsOn));
        Assert.Contains("Scatter herbs.", tasks.Single(t => t.Id == "finish").Text);
        var later = tasks.Single(t => t.Id == "later-1");
        Assert.True(later.Start >= meal.ServeAt);
        Assert.Contains("Good until 5 April 2027", later.Text);
    }
}
