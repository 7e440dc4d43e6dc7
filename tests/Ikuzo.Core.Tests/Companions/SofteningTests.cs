using Ikuzo.Core.Companions;
using Ikuzo.Core.Conduction;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Pots;

namespace Ikuzo.Core.Tests.Companions;

/// <summary>Softening by heat over time: the law, the lag, and what follows in other pots than that in which minutes are named.</summary>
public class SofteningTests
{
    private static Companion Find(string id) => CompanionCatalogue.Find(id)!;

    private static double Heat(CookModel model, double minutes, Release release) =>
        Ensemble.Run(model, ParticleSource.Nominal, [new(minutes, release)]).Outcomes[0].HeatMinutes[0][0];

    private static double BoilsUntil(Companion companion, double heat)
    {
        var states = new SofteningStates();
        states.Load([companion.Model(PieceSize.Usual)], Lanes.All(21));
        var seconds = 0;
        for (; states.HeatMinutes(0)[0] < heat; seconds += 5)
        {
            states.Step(Lanes.All(5), Lanes.All(100));
        }

        return seconds / 60.0;
    }

    // Minutes are named under pressure; in boiling water they must come to what packages and cookery books say: just done within the
    // spread of the usual directions.
    [Theory]
    [InlineData("potatoes-chunks", 12, 20)]
    [InlineData("potatoes-whole-small", 15, 25)]
    [InlineData("sweet-potato-chunks", 10, 15)]
    [InlineData("carrots-chunks", 8, 15)]
    [InlineData("carrots-whole", 15, 25)]
    [InlineData("swede-chunks", 15, 25)]
    [InlineData("beetroot-whole", 28, 60)]
    [InlineData("squash-chunks", 10, 20)]
    [InlineData("brown-lentils", 20, 30)]
    [InlineData("red-lentils", 10, 20)]
    [InlineData("soaked-white-beans", 45, 75)]
    [InlineData("soaked-chickpeas", 60, 90)]
    [InlineData("dry-navy-beans", 90, 150)]
    [InlineData("dry-black-eyed-peas", 45, 70)]
    [InlineData("dry-kidney-beans", 90, 150)]
    [InlineData("dry-chickpeas", 120, 180)]
    public void NamedUnderPressure_InBoilingWater_IsJustDoneWithinTheUsualDirections(string id, double from, double to) =>
        Assert.InRange(BoilsUntil(Find(id), Find(id).Levels().Just), from, to);

    // And the other way round: named in boiling water, under pressure done, and not too far, at the minutes that pots of this kind are
    // usually set to with that release.
    [Theory]
    [InlineData("long-grain-white-rice", ReferenceWay.Vented, 4, 10)]
    [InlineData("brown-rice", ReferenceWay.TenMinutes, 15, 22)]
    [InlineData("wild-rice-blend", ReferenceWay.TenMinutes, 20, 28)]
    [InlineData("pearl-barley", ReferenceWay.TenMinutes, 18, 25)]
    [InlineData("penne-pasta", ReferenceWay.Vented, 3, 5)]
    [InlineData("quinoa", ReferenceWay.TenMinutes, 0.5, 2)]
    [InlineData("brussels-sprouts", ReferenceWay.Vented, 1, 2)]
    [InlineData("cauliflower", ReferenceWay.Vented, 0.5, 2)]
    [InlineData("green-beans", ReferenceWay.Vented, 0.5, 1)]
    public void NamedInBoilingWater_UnderPressure_IsDoneAtTheUsualMinutes(string id, ReferenceWay way, double from, double to)
    {
        var levels = Find(id).Levels();
        var pot = ReferenceCook.Pot(Find(id).Model(PieceSize.Usual));
        Assert.InRange(levels.Distance(Heat(pot, from, ReferenceCook.ReleaseOf(way))), -1, 1);
        Assert.InRange(levels.Distance(Heat(pot, to, ReferenceCook.ReleaseOf(way))), -1, 1);
    }

    // Suzuki et al. 1976: 79.5 kJ/mol up to 110 °C and 36.8 above, so that 10 K more below are a factor 2, and above 1.3.
    [Theory]
    [InlineData(90, 100, 2.03)]
    [InlineData(100, 110, 1.95)]
    [InlineData(110, 120, 1.34)]
    public void RiceSoftensByItsPublishedActivation(double from, double to, double factor) =>
        Assert.Equal(factor, SofteningLaw.Grain.Rate(to) / SofteningLaw.Grain.Rate(from), 0.01);

    [Fact]
    public void Rate_IsOneInBoilingWater_AndTheLanesAgree()
    {
        foreach (
            var law in new[] { SofteningLaw.Grain, SofteningLaw.Pulse, SofteningLaw.Pectin, SofteningLaw.Hydration, SofteningLaw.Dough }
        )
        {
            Assert.Equal(1, law.Rate(100), 1e-12);
            foreach (var celsius in new[] { 60.0, 95, 109, 112, 118 })
            {
                var states = new SofteningStates();
                states.Load([new BesideModel(law, 1)], Lanes.All(celsius));
                states.Step(Lanes.All(60), Lanes.All(celsius));
                Assert.Equal(law.Rate(celsius), states.HeatMinutes(0)[0], law.Rate(celsius) * 1e-4);
            }
        }
    }

    // One time constant stands for the piece: between its middle and its mean in the exact series, at a surface as hot as the pot.
    [Theory]
    [InlineData(PieceForm.Slab, 1)]
    [InlineData(PieceForm.Rod, 2)]
    [InlineData(PieceForm.Ball, 3)]
    public void Lag_LiesBetweenMiddleAndMeanOfTheExactSeries(PieceForm form, double e)
    {
        const double AtHighBiot = 50;
        foreach (
            var row in ReferenceData.Rows("conduction_series.csv").Where(r => r[0] == e && r[1] == AtHighBiot && r[2] is >= 0.1 and <= 1)
        )
        {
            var lag = new Piece(form, 0.01).LagSeconds;
            var theta = Math.Exp(-row[2] * 0.01 * 0.01 / 1.4e-7 / lag);
            Assert.InRange(theta, row[5] * 0.93, row[3] * 1.02);
        }
    }

    public static TheoryData<string> Softening => [.. CompanionCatalogue.All.Where(c => c.Minutes is not null).Select(c => c.Id)];

    // Never softer in a cooler history: low pressure, a mountain, a larger piece, a bowl, fewer minutes, an emptier pot that is sooner hot.
    [Theory]
    [MemberData(nameof(Softening))]
    public void CoolerOrShorter_IsNeverSofter(string id)
    {
        var of = Find(id);
        var pot = ReferenceCook.Pot(of.Model(PieceSize.Usual));
        var usual = Heat(pot, 5, Release.Vent);
        Assert.True(Heat(pot with { GaugeKpa = PotModel.UsualLowGaugeKpa }, 5, Release.Vent) < usual);
        Assert.True(Heat(pot with { AltitudeMetres = 1500 }, 5, Release.Vent) < usual);
        Assert.True(Heat(pot, 4, Release.Vent) < usual);
        Assert.True(Heat(pot, 5, Release.Natural) > usual);
        Assert.True(Heat(pot with { LiquidKg = 2 }, 5, Release.Vent) > usual, "a full pot is longer on its way");
        Assert.True(Heat(pot with { Beside = [of.Model(PieceSize.Usual, bowlKg: 0.5)] }, 5, Release.Vent) < usual);
        if (of.IsCut)
        {
            Assert.True(Heat(pot with { Beside = [of.Model(PieceSize.Large)] }, 5, Release.Vent) < usual);
            Assert.True(Heat(pot with { Beside = [of.Model(PieceSize.Small)] }, 5, Release.Vent) > usual);
        }
    }
}
