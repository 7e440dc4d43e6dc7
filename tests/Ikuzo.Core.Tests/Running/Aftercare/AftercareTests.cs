using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Quantities;
using Ikuzo.Core.Running.Aftercare;
using Ikuzo.Core.Running.Rescue;

namespace Ikuzo.Core.Tests.Running.Aftercare;

public class AftercareTests
{
    private static MeatLoad Load(string cut) =>
        new()
        {
            Cut = CutCatalogue.Find(cut)!,
            Pieces = 2,
            TotalKg = 0.6,
        };

    [Theory]
    [InlineData(0, 100, 80, 80)]
    [InlineData(2, 102, 76, 74)]
    [InlineData(-2, 98, 73, 73)] // reads too cold: taken as it is
    [InlineData(0, 104, 78, 75)]
    public void Thermometer_IsCorrectedByItsLineAndOnlyDownwards(double ice, double boiling, double shown, double expected) =>
        Assert.Equal(expected, new ThermometerCheck(ice, boiling, 100).Correct(shown), 1e-9);

    [Theory]
    [InlineData(1, 101, true)]
    [InlineData(4, 104, false)]
    [InlineData(20, 80, false)]
    public void Thermometer_ThatIsOffByTooMuch_IsNotUsable(double ice, double boiling, bool usable) =>
        Assert.Equal(usable, new ThermometerCheck(ice, boiling, 100).IsUsable);

    // Newton's law with the lumped time constant is the exact limit of a thin slab; here Bi is about 0.35, so within a quarter.
    [Fact]
    public void Cooling_OfAShallowBox_FollowsTheLumpedSlab()
    {
        var course = Cooling.Of([20], inIceWater: false)[0];
        const double RhoCp = 3.75e6,
            Half = 0.010,
            Film = 14;
        var lumped = RhoCp * Half / Film * Math.Log((57 - 3) / (21 - 3.0)) / 3600;
        Assert.InRange(course.ToTepidHours, lumped, lumped * 1.25);
    }

    [Fact]
    public void Cooling_DeeperIsSlowerAndIceIsFaster()
    {
        var fridge = Cooling.Of([20, 40, 60, 80], inIceWater: false);
        Assert.Equal(fridge.OrderBy(c => c.ToColdHours), fridge);
        Assert.True(fridge[0].IsInTime);
        Assert.False(fridge[^1].IsInTime);
        Assert.All(
            fridge.Zip(Cooling.Of([20, 40, 60, 80], inIceWater: true)),
            p => Assert.True(p.Second.ToColdHours < p.First.ToColdHours)
        );
    }

    [Fact]
    public void Crisping_OfDuckIsShorterAndWarnsOfFat()
    {
        var (duck, chicken) = (
            AfterPot.Crisping(Load("duck-leg"), UnitSystem.Metric),
            AfterPot.Crisping(Load("chicken-drumstick"), UnitSystem.Metric)
        );
        Assert.All(duck.Zip(chicken), p => Assert.True(p.First.MostMinutes < p.Second.MostMinutes));
        Assert.All(duck, c => Assert.Contains(c.Mind, m => m.Contains("fat", StringComparison.Ordinal)));
        Assert.Contains(chicken.Single(c => c.Way == CrispWay.Grill).Mind, m => m.Contains("glass", StringComparison.Ordinal));
    }

    [Fact]
    public void Steps_HaveRestFirstAndEveryFinishOnce()
    {
        var request = new PlanRequest { Pot = PotDefaults.For(5.7), Load = Load("duck-leg") };
        var steps = AfterPot.Steps(
            request,
            new()
            {
                Stages = [new("pasta", "Boil.", 5)],
                Finish = ["Skim.", "Bake for 30 minutes."],
                CrispMinutes = 6,
                Sauce = "200 ml glaze",
                Later = ["Freeze half."],
            }
        );
        Assert.Equal(["rest", "pasta", "finish-1", "finish-2", "sauce-after", "crisp", "carve", "later-1"], steps.Select(s => s.Id));
        Assert.Equal(30, steps[3].Minutes); // as it says itself
        Assert.Equal(["rest", "carve"], AfterPot.Steps(request, new()).Select(s => s.Id));
    }

    [Fact]
    public void Keeping_IsSaidOfTheFridgeAndTheFreezer() =>
        Assert.Equal(
            ["Cooked poultry keeps 3 to 4 days in the fridge.", "Frozen leftovers are at their best for about 4 months."],
            AfterPot.Keeping(UnitSystem.Metric)
        );

    // FDA Food Code 3-501.14: 57 to 21 °C within two hours, and to 5 °C within six in all.
    [Theory]
    [InlineData(false)]
    [InlineData(true)]
    public void Cooling_IsInTimeWithinTwoAndSixHours(bool inIceWater)
    {
        var courses = Cooling.Of([.. Enumerable.Range(5, 196).Select(i => (double)i)], inIceWater);
        Assert.All(courses, c => Assert.Equal(c is { ToTepidHours: <= 2, ToColdHours: <= 6 }, c.IsInTime));
        Assert.Contains(courses, c => c is { ToTepidHours: > 2 and < 4, ToColdHours: < 10, IsInTime: false });
    }
}
