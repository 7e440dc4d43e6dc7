using System.Globalization;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Quantities;
using Ikuzo.Core.Running.Rescue;
using Ikuzo.Core.Safety;

namespace Ikuzo.Core.Tests.Running.Rescue;

public class RescueTests(ITestOutputHelper output)
{
    private static readonly int Cooks = int.Parse(
        Environment.GetEnvironmentVariable("IKUZO_SOAK_COOKS") ?? "150",
        CultureInfo.InvariantCulture
    );

    private static RescueRequest Thighs(
        double reading,
        double minutes = 4,
        bool thick = false,
        Arrangement arrangement = Arrangement.Single
    ) =>
        new(
            new PlanRequest
            {
                Pot = PotDefaults.For(5.7),
                Load = new MeatLoad
                {
                    Cut = CutCatalogue.Find("chicken-thigh-bone-in")!,
                    Pieces = 6,
                    TotalKg = 1.1,
                    Arrangement = arrangement,
                    State = arrangement == Arrangement.Lump ? MeatState.Frozen : MeatState.Chilled,
                },
            },
            minutes,
            Release.Natural,
            [new ProbeReading("centre", reading, 1)],
            thick
        );

    // The issue allows 1 in 100; a short run may have one more by chance.
    [Theory]
    [InlineData(TemperatureScale.Fahrenheit, 73.8889, CheckVerdict.Done)]
    [InlineData(TemperatureScale.Fahrenheit, 73.8, CheckVerdict.Short)] // 164.8 °F
    [InlineData(TemperatureScale.Celsius, 73.8889, CheckVerdict.Short)]
    [InlineData(TemperatureScale.Celsius, 74, CheckVerdict.Done)]
    public void Reading_IsComparedInTheScaleInWhichItWasRead(TemperatureScale scale, double celsius, CheckVerdict verdict)
    {
        var reading = new ProbeReading("centre", celsius, 1) { Scale = scale };
        Assert.Equal(verdict, RescuePlanner.Advise(Thighs(60) with { MinutesHeld = 40, Readings = [reading] }).Verdict);
    }

    [Fact]
    [Trait("Campaign", "rescue")]
    public void Advise_FollowedInCooksDrawnByChance_LeavesHardlyAnyCold()
    {
        var rescued = RescueCampaign.Run(Cooks, seed: 20261125).ToList();
        var cold = rescued.Where(r => r.AfterCelsius < SafetyRule.CoreCelsius).ToList();
        var over = rescued.Where(r => r.OverMinutes is not null).Select(r => r.OverMinutes!.Value).Order().ToList();
        output.WriteLine(
            $"{rescued.Count} cooks opened short; {cold.Count} below 74 °C after the advice; called done "
                + $"{rescued.Count(r => r.Advice.Verdict == CheckVerdict.Done)}; "
                + $"no time is enough {rescued.Count(r => r.Advice is { Verdict: CheckVerdict.Short, Minutes: null })}; over-cook median "
                + $"{over[over.Count / 2]} min, 90th percentile {over[over.Count * 9 / 10]} min"
        );
        foreach (var r in cold)
        {
            output.WriteLine(
                $"  {r.Cut}: {r.AtOpening:0.0} °C at opening, {r.Advice.Method} {r.Advice.Minutes} min, {r.AfterCelsius:0.0} °C after"
            );
        }

        Assert.True(cold.Count <= Cooks / 100.0 + (Cooks < 1000 ? 1 : 0), $"{cold.Count} of {Cooks} stayed cold");
    }

    [Fact]
    public void Advise_TheColderItReads_TheLongerItCooksOn()
    {
        var minutes = new[] { 72.0, 66, 60, 54 }.Select(r => RescuePlanner.Advise(Thighs(r)).Minutes!.Value).ToList();
        Assert.Equal(minutes.Order(), minutes);
        Assert.True(minutes[^1] > minutes[0]);
    }

    [Fact]
    public void Advise_WhatReadsWellAboveAndWasHeldLong_IsDone()
    {
        var advice = RescuePlanner.Advise(Thighs(90, minutes: 14));
        Assert.Equal((CheckVerdict.Done, RescueMethod.None, 0), (advice.Verdict, advice.Method, advice.Minutes));
        Assert.True(advice.Spots[0].AtOpening.P01 >= 74);
    }

    [Theory]
    [InlineData(73.9, 14)]
    [InlineData(74.0, 4)]
    public void Advise_WhatOnlyTheModelOrOnlyTheProbeCallsDone_IsShort(double reading, double minutes) =>
        Assert.Equal(CheckVerdict.Short, RescuePlanner.Advise(Thighs(reading, minutes)).Verdict);

    [Fact]
    public void Advise_WithThickLiquid_SimmersAndTakesLonger()
    {
        RescueAdvice thin = RescuePlanner.Advise(Thighs(60)),
            thick = RescuePlanner.Advise(Thighs(60, thick: true));
        Assert.Equal(RescueMethod.BackUnderPressure, thin.Method);
        Assert.Equal(RescueMethod.SimmerCovered, thick.Method);
        Assert.True(thick.Minutes > thin.Minutes);
    }

    [Fact]
    public void Advise_OfALump_TakesItApart() =>
        Assert.Equal(RescueMethod.SeparateAndRepeat, RescuePlanner.Advise(Thighs(20, 10, arrangement: Arrangement.Lump)).Method);

    [Fact]
    public void Advise_OfAReadingUnlikeAnythingExpected_StillFindsMinutes()
    {
        var advice = RescuePlanner.Advise(Thighs(30, minutes: 14));
        Assert.Equal(CheckVerdict.Short, advice.Verdict);
        Assert.True(advice.Minutes >= 3);
    }

    [Fact]
    public void Advise_WithoutAReadingOrAtASpotThatIsNotThere_IsRefused()
    {
        Assert.Throws<ArgumentException>(() => RescuePlanner.Advise(Thighs(60) with { Readings = [] }));
        Assert.Throws<ArgumentException>(() => RescuePlanner.Advise(Thighs(60) with { Readings = [new ProbeReading("wing", 60, 1)] }));
    }

    [Fact]
    public void Belief_FromLikelihoods_IsBayesRule()
    {
        var belief = Belief.From([Math.Log(1), Math.Log(3)]);
        Assert.Equal(0.25, belief.Weights[0], 1e-12);
        Assert.Equal(1 / (0.0625 + 0.5625), belief.EffectiveCount, 1e-12);
    }

    [Fact]
    public void Belief_ThatIsEven_HasTheQuantilesOfItsValues()
    {
        var values = Enumerable.Range(1, 1000).Select(i => (float)i).ToArray();
        var belief = Belief.Even(values.Length);
        Assert.Equal(500.5, belief.Quantile(values, 0.5), 1);
        Assert.Equal(10.5, belief.Quantile(values, 0.01), 1);
        Assert.True(belief.Low(values, 0.01) <= belief.Quantile(values, 0.01));
    }

    [Fact]
    public void ProbeError_ReadingTooHot_IsLikelierThanTooCold() =>
        Assert.True(ProbeError.LogLikelihood(72, 70) > ProbeError.LogLikelihood(68, 70));

    // Mean 80 and standard deviation 2, so 80 − 2.326 · 2: two particles have no tail of their own.
    [Fact]
    public void Belief_OfFewParticles_HasTheTailOfANormal()
    {
        float[] values = [78, 82];
        Assert.Equal(75.347, Belief.Even(2).Lowest(values), 0.001);
        Assert.False(Belief.Even(2).Holds([74.5f, 78.5f]));
    }

    // The model alone would have it hot throughout; what was read stays below and counts.
    [Theory]
    [InlineData(73.9, 40)]
    [InlineData(71, 60)]
    public void Advise_OfAShortReading_IsNeverDone(double reading, double minutes) =>
        Assert.Equal(CheckVerdict.Short, RescuePlanner.Advise(Thighs(reading, minutes)).Verdict);

    // As reviewed: minutes, and the coldest spot to a tenth, which shows the pause, the margin of a lump and the release.
    [Theory]
    [InlineData(60, Arrangement.Single, 250, ReleaseKind.Natural, 3, 80.6)]
    [InlineData(20, Arrangement.Lump, 250, ReleaseKind.Natural, 10, 92.3)]
    [InlineData(60, Arrangement.Single, 2500, ReleaseKind.Vent, 4, 79.8)]
    [InlineData(60, Arrangement.Single, 250, ReleaseKind.Vent, 5, 79.5)]
    public void Advice_IsAsReviewed(double reading, Arrangement lies, double liquidMl, ReleaseKind release, double minutes, double coldest)
    {
        var thighs = Thighs(reading, 10, arrangement: lies);
        var advice = RescuePlanner.Advise(thighs with { Plan = thighs.Plan with { LiquidMl = liquidMl }, Release = new(release) });
        Assert.Equal((minutes, coldest), (advice.Minutes, Math.Round(advice.Spots.Min(s => s.AtOpening.P50), 1)));
    }
}
