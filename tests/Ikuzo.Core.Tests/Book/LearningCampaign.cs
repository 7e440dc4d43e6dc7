using System.Globalization;
using Ikuzo.Core.Book;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Safety;

namespace Ikuzo.Core.Tests.Book;

/// <summary>Households with hidden truths: what they learn brings what is foreseen nearer to what happens, and stays safe.</summary>
[Trait("Campaign", "learning")]
public class LearningCampaign(ITestOutputHelper output)
{
    private const int Cooks = 12,
        Measured = 5;

    private static int Households =>
        int.Parse(Environment.GetEnvironmentVariable("IKUZO_SOAK_HOUSEHOLDS") ?? "3", CultureInfo.InvariantCulture);

    [Fact]
    public void AfterFiveMeasuredCooks_WhatIsForeseenIsNear()
    {
        var (before, after) = Errors(wrongOneIn: 0);
        Say("measured", before, after);
        Assert.True(after.ComeUpSeconds < 45 && after.ReleaseSeconds < 80 && after.CoreKelvin < 3);
    }

    [Fact]
    public void WithOneWrongReadingInTen_ItIsTheSameWithinAThird()
    {
        var (before, after) = Errors(wrongOneIn: 10);
        Say("one wrong reading in ten", before, after);
        Assert.True(after.ComeUpSeconds < 45 && after.ReleaseSeconds < 80 && after.CoreKelvin < 4);
    }

    [Fact]
    public void WithoutReadings_NothingIsShortened()
    {
        foreach (var seed in Enumerable.Range(0, Math.Min(Households, 40)))
        {
            var home = new Household((ulong)seed);
            var learned = Learned.Of(Lessons(home, _ => false, 0).Select(l => l.Lesson));
            var wish = home.Wish(seed, Promise.Sure);
            var draws = learned.Draws(Household.Pot, wish.Pot.CapacityLitres, wish.Load.Cut.Id);
            var (plain, knowing) = (Planner.Compute(wish).Minutes, Planner.Compute(wish with { Learned = draws }).Minutes);
            Assert.False(draws.MayShorten);
            Assert.True(knowing >= plain, $"{seed}: {plain} to {knowing}");
        }
    }

    // Sure minutes of who has learned from twelve measured cooks, against cooks by chance of the same truth.
    [Theory]
    [InlineData(0)]
    [InlineData(10)]
    public void SureMinutes_FallOnAverage_AndStaySafe(int wrongOneIn)
    {
        Dictionary<string, (int Safe, int All)> safe = [];
        double fewer = 0,
            plans = 0;
        foreach (var seed in Enumerable.Range(0, Households))
        {
            var home = new Household((ulong)seed + 1000);
            var learned = Learned.Of(Lessons(home, _ => true, wrongOneIn).Select(l => l.Lesson));
            for (var number = 0; number < 4; number++)
            {
                var wish = home.Wish(number, Promise.Sure);
                var draws = learned.Draws(Household.Pot, wish.Pot.CapacityLitres, wish.Load.Cut.Id);
                var (plain, plan) = (Planner.Compute(wish), Planner.Compute(wish with { Learned = draws }));
                (fewer, plans) = (fewer + plain.Minutes!.Value - plan.Minutes!.Value, plans + 1);
                var cut = wish.Load.Cut.Id;
                var model = ModelBuilder.Build(wish) with { Learned = home.Truth(cut) };
                var run = Ensemble.Run(
                    model,
                    ParticleSource.Chance((ulong)(seed * 4 + number)),
                    [new(plan.Minutes.Value, plan.Release!.Value)]
                );
                var count = safe.GetValueOrDefault(cut);
                safe[cut] = (
                    count.Safe + run.Outcomes[0].Coldest.Count(c => SafetyRule.IsReached(c)),
                    count.All + run.Outcomes[0].Coldest.Length
                );
            }
        }

        output.WriteLine(
            $"{plans:0} plans, {fewer / plans:0.0} min fewer on average; safe: "
                + string.Join(", ", safe.Select(s => $"{s.Key} {100.0 * s.Value.Safe / s.Value.All:0.0} %"))
        );
        Assert.True(fewer > 0);
        // A few households are few: the campaign asks for 98.5.
        Assert.All(safe, s => Assert.True(100.0 * s.Value.Safe / s.Value.All >= (Households >= 100 ? 98.5 : 97), s.Key));
    }

    /// <summary>Medians of how far off what was foreseen is.</summary>
    /// <param name="ComeUpSeconds">From the come-up that happened.</param>
    /// <param name="ReleaseSeconds">From the release that happened.</param>
    /// <param name="CoreKelvin">From the middle of the cooks that this household has with such a load.</param>
    /// <param name="ThisCoreKelvin">From the one that it had that day, whose pieces nobody had seen.</param>
    private sealed record Error(double ComeUpSeconds, double ReleaseSeconds, double CoreKelvin, double ThisCoreKelvin);

    private static (Error Before, Error After) Errors(int wrongOneIn)
    {
        List<(double, double, double, double)> before = [],
            after = [];
        foreach (var seed in Enumerable.Range(0, Households))
        {
            var home = new Household((ulong)seed);
            var learned = Learned.Nothing;
            foreach (var (lesson, number, wish, branch, truth) in Lessons(home, _ => true, wrongOneIn, natural: true))
            {
                if (number >= Measured)
                {
                    before.Add(Off(home, wish, branch, LearnedDraws.Nothing, truth));
                    after.Add(Off(home, wish, branch, learned.Draws(Household.Pot, wish.Pot.CapacityLitres, wish.Load.Cut.Id), truth));
                }

                learned = learned.After(lesson);
            }
        }

        return (Median(before), Median(after));
    }

    private static Error Median(List<(double, double, double, double)> of)
    {
        double Middle(Func<(double, double, double, double), double> part) => of.Select(part).Order().ElementAt(of.Count / 2);
        return new(Middle(o => o.Item1), Middle(o => o.Item2), Middle(o => o.Item3), Middle(o => o.Item4));
    }

    private static (double, double, double, double) Off(
        Household home,
        PlanRequest wish,
        Branch branch,
        LearnedDraws draws,
        (double ComeUp, double Release, double Core) truth
    )
    {
        EnsembleResult Run(LearnedDraws known) =>
            Ensemble.Run(ModelBuilder.Build(wish) with { Learned = known }, ParticleSource.Ensemble, [branch]);
        double Core(EnsembleResult of) => PlanReport.Median(of.Outcomes[0].SpotCelsius[0]);
        var run = Run(draws);
        return (
            60 * Math.Abs(PlanReport.Median(run.ToPressureMinutes) - truth.ComeUp),
            60 * Math.Abs(PlanReport.Median(run.Outcomes[0].ReleaseMinutes) - truth.Release),
            Math.Abs(Core(run) - Core(Run(home.Truth(wish.Load.Cut.Id)))),
            Math.Abs(Core(run) - truth.Core)
        );
    }

    private static IEnumerable<(Lesson Lesson, int Number, PlanRequest Wish, Branch Branch, (double, double, double) Truth)> Lessons(
        Household home,
        Func<int, bool> measured,
        int wrongOneIn,
        bool natural = false
    )
    {
        for (var number = 0; number < Cooks; number++)
        {
            var wish = home.Wish(number, Promise.Measured);
            var plan = Planner.Compute(natural ? wish with { Release = Release.Natural } : wish);
            Branch branch = new(plan.Minutes!.Value, plan.Release!.Value);
            var wrong = wrongOneIn > 0 && number % wrongOneIn == wrongOneIn / 2 ? 12 : 0;
            var (cook, journal, core) = home.Cook(number, wish, branch, measured(number), wrong);
            var truth = (cook.ToPressureMinutes.P50, cook.ReleaseMinutes.P50, core);
            yield return (Teaching.Of($"{number:00}", Household.Pot, cook, journal), number, wish, branch, truth);
        }
    }

    private void Say(string what, Error before, Error after) =>
        output.WriteLine(
            $"{Households} households, {what}: come-up {before.ComeUpSeconds:0} to {after.ComeUpSeconds:0} s, "
                + $"release {before.ReleaseSeconds:0} to {after.ReleaseSeconds:0} s, "
                + $"core {before.CoreKelvin:0.0} to {after.CoreKelvin:0.0} K "
                + $"({before.ThisCoreKelvin:0.0} to {after.ThisCoreKelvin:0.0} from that day's)"
        );
}
