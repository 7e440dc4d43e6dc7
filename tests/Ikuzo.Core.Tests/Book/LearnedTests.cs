using Ikuzo.Core.Book;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Dishes;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;

namespace Ikuzo.Core.Tests.Book;

public class LearnedTests
{
    private const string Thighs = "chicken-thigh-bone-in";
    private static readonly DateTimeOffset Start = new(2026, 1, 4, 17, 0, 0, TimeSpan.Zero);

    // A reading that is so many K off what is expected, where a standard deviation of thickness makes it 4 K colder.
    private static Lesson Read(int day, double off, string cut = Thighs) =>
        Of(day, cut, new Sighting(Sight.Reading, 80 + off, 80, new Dictionary<Uncertain, double> { [Uncertain.OwnThickness] = -4 }, 6));

    private static Lesson CameUp(int day, double logOff, string pot = "bertha", double litres = 5.7) =>
        Of(
            day,
            Thighs,
            new Sighting(Sight.ComeUp, 2.5 + logOff, 2.5, new Dictionary<Uncertain, double> { [Uncertain.HeaterPower] = -0.06 }, 0.03)
        ) with
        {
            PotId = pot,
            PotLitres = litres,
        };

    private static Lesson Of(int day, string cut, params Sighting[] seen) =>
        new($"{day:000}", Start.AddDays(day), "bertha", 5.7, cut, seen);

    private static double Shift(Learned learned, string cut = Thighs) =>
        learned.Draws("bertha", 5.7, cut).Moved.TryGetValue(Uncertain.OwnThickness, out var moved) ? moved.Shift : 0;

    // By hand: two unknowns of weight 0.6 and 0.8, seen once as 2 with noise 1: gain 1/2 of each weight.
    [Fact]
    public void Gaussian_LearnsAsBayesSays()
    {
        var belief = new Gaussian();
        (string, double)[] sum = [("a", 0.6), ("b", 0.8)];
        belief.See(sum, 2, 1);
        Assert.Equal((0.6, 0.905538513814), Rounded(belief.Of([("a", 1)])));
        Assert.Equal((0.8, 0.824621125124), Rounded(belief.Of([("b", 1)])));
        Assert.Equal((1, 0.707106781187), Rounded(belief.Of(sum)));
        Assert.Equal((0, 1), Rounded(belief.Of([("c", 1)])));
        Assert.Equal(Math.Sqrt(1.5), belief.Foresee(sum, 1).Deviation, 1e-12);
    }

    private static (double, double) Rounded((double Mean, double Deviation) of) => (Math.Round(of.Mean, 12), Math.Round(of.Deviation, 12));

    [Fact]
    public void ColderReadings_AreThickerMeat_HotterOnesThinner()
    {
        Assert.True(Shift(Learned.Of([Read(1, -5), Read(2, -5)])) > 0.2);
        Assert.True(Shift(Learned.Of([Read(1, 5), Read(2, 5)])) < -0.2);
        Assert.Equal(LearnedDraws.Nothing, Learned.Nothing.Draws("bertha", 5.7, Thighs));
    }

    [Fact]
    public void SlowComeUps_AreAWeakPot_AndAnotherOfItsSizeLearnsALittle()
    {
        var learned = Learned.Of([.. Enumerable.Range(0, 6).Select(i => CameUp(i, 0.06))]);
        double Power(string? pot, double litres) => learned.Of(Uncertain.HeaterPower, pot, litres, Thighs).Mean;
        Assert.InRange(Power("bertha", 5.7), -0.96, -0.6);
        Assert.InRange(Power("new", 6), Power("bertha", 5.7) * 0.45, Power("bertha", 5.7) * 0.15);
        Assert.Equal(0, Power("new", 3));
    }

    [Fact]
    public void NewCut_LearnsMoreFromItsSpeciesThanFromAnother()
    {
        var learned = Learned.Of([.. Enumerable.Range(0, 10).Select(i => Read(i, -6))]);
        Assert.True(
            Shift(learned) > Shift(learned, "chicken-drumstick") && Shift(learned, "chicken-drumstick") > Shift(learned, "duck-leg")
        );
        Assert.True(Shift(learned, "duck-leg") > 0.05);
    }

    [Fact]
    public void OrderOfArrival_DoesNotMatter_OrderOfCookingDoes()
    {
        Lesson[] lessons = [Read(1, 0), Read(2, 1), Read(3, 14), Read(4, -2)];
        var learned = Learned.Of(lessons);
        Assert.Equal(learned.Draws("bertha", 5.7, Thighs).Moved, Learned.Of([.. lessons.Reverse()]).Draws("bertha", 5.7, Thighs).Moved);
        var later = lessons.Select(l => l.CookId == "003" ? l with { At = Start } : l);
        Assert.NotEqual(Shift(learned), Shift(Learned.Of(later)));
    }

    [Fact]
    public void OneAfterAnother_IsAllAtOnce_AndChangesNothingBefore()
    {
        Lesson[] lessons = [Read(1, 3), CameUp(2, 0.1), Read(3, -8, "duck-leg"), Read(4, 2)];
        var three = Learned.Of(lessons[..3]);
        var before = three.Draws("bertha", 5.7, Thighs).Moved;
        var four = three.After(lessons[3]);
        Assert.Equal(before, three.Draws("bertha", 5.7, Thighs).Moved);
        Assert.Equal(Learned.Of(lessons).Draws("bertha", 5.7, Thighs).Moved, four.Draws("bertha", 5.7, Thighs).Moved);
        Assert.Equal(3, four.CooksOfCut(Thighs));
        Assert.Equal(4, four.CooksOfPot("bertha"));
        Assert.Equal(3, four.Readings.Count);
    }

    // Twice as far off moves it less than twice, five times less than once does; and it is asked about.
    [Fact]
    public void OddReading_WeighsLittle_AndIsAskedAbout()
    {
        double After(double off) => -Shift(Learned.Of([Read(1, off)]));
        Assert.True(After(12) > After(6));
        Assert.True(After(40) < After(12) && After(40) > 0);
        var odd = Assert.Single(Learned.Of([Read(1, 40), Read(2, 1)]).OddCooks);
        Assert.Equal("001", odd.CookId);
        Assert.Contains("bone", odd.Question);
        Assert.Contains("thicker or colder", Assert.Single(Learned.Of([Read(1, -40)]).OddCooks).Question);
    }

    [Fact]
    public void WhatDiffersFromDayToDay_NeverShrinks()
    {
        var learned = Learned.Of([.. Enumerable.Range(0, 400).Select(i => CameUp(i, 0))]);
        var moved = learned.Draws("bertha", 5.7, Thighs).Moved[Uncertain.HeaterPower];
        Assert.InRange(moved.Scale, Math.Sqrt(0.2), Math.Sqrt(0.2) + 0.02);
    }

    [Theory]
    [InlineData(2, false)]
    [InlineData(3, true)]
    public void Minutes_FallOnlyAfterThreeAgreeingReadings(int readings, bool shorter)
    {
        var learned = Learned.Of([.. Enumerable.Range(0, readings).Select(i => Read(i, 9))]);
        var draws = learned.Draws("bertha", 5.7, Thighs);
        Assert.Equal(shorter, draws.MayShorten);
        PlanRequest request = new()
        {
            Pot = PotDefaults.For(5.7),
            Aim = Aim.Slice,
            Load = new MeatLoad
            {
                Cut = CutCatalogue.Find(Thighs)!,
                Pieces = 6,
                TotalKg = 1.1,
            },
        };
        var plain = Planner.Compute(request);
        var knowing = Planner.Compute(request with { Learned = draws });
        var unlearned = Together.UnlearnedMinutes(request with { Learned = draws }, knowing.Release!.Value);
        Assert.Equal(Planner.Compute(request with { Release = knowing.Release }).Minutes, unlearned);
        Assert.Equal(shorter, knowing.Minutes < unlearned);
        Assert.True(knowing.Minutes >= unlearned || shorter);
    }

    // A reading that surprises does not agree, and of another species does not count.
    [Fact]
    public void Agreement_IsOfTheSpecies_AndNotOfSurprises()
    {
        Assert.Equal(1, Learned.Of([Read(1, 1), Read(2, 40)]).AgreeingLike(Thighs));
        Assert.Equal(0, Learned.Of([Read(1, 1), Read(2, 1)]).AgreeingLike("duck-leg"));
    }

    [Fact]
    public void Cautiously_KeepsOnlyWhatMakesMinutesMore()
    {
        LearnedDraws Draws(double shift, bool may) =>
            new()
            {
                Moved = new Dictionary<Uncertain, Moved>
                {
                    [Uncertain.OwnThickness] = new(shift, 0.7),
                    [Uncertain.HeaterPower] = new(-1, 0.5),
                },
                MayShorten = may,
                Softer = -0.1,
            };
        var thick = Draws(0.8, may: false).Cautiously();
        Assert.Equal([Uncertain.OwnThickness], thick.Moved.Keys);
        Assert.Equal(new Moved(0.8, 1), thick.Moved[Uncertain.OwnThickness]);
        Assert.Equal(0, thick.Softer);
        Assert.Empty(Draws(-0.8, may: false).Cautiously().Moved);
        Assert.Equal(2, Draws(-0.8, may: true).Cautiously().Moved.Count);
    }

    [Fact]
    public void Tasted_TougherThanWanted_MeansSofterNextTime()
    {
        Lesson Tasted(int day, double mark) =>
            Of(day, Thighs, new Sighting(Sight.Tender, mark, 0, new Dictionary<Uncertain, double> { [Uncertain.Collagen] = 0.4 }, 0.7));
        var learned = Learned.Of([.. Enumerable.Range(0, 8).Select(i => Tasted(i, -1))]);
        Assert.InRange(learned.Softer.Mean, 0.4, 1);
        Assert.True(learned.Draws("bertha", 5.7, Thighs).Softer > 0.04);
        Assert.True(Learned.Of([.. Enumerable.Range(0, 40).Select(i => Tasted(i, 2))]).Softer.Mean >= -1);
    }
}
