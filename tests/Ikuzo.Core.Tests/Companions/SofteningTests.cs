using Ikuzo.Core.Companions;
using Ikuzo.Core.Conduction;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Pots;

namespace Ikuzo.Core.Tests.Companions;

/// <summary>Softening by heat over time: the law, the lag, and what follows in other pots than that in which minutes are named.</summary>
public class SofteningTests
{
    private static Companion Find(string id) => CompanionCatalogue.Find(id)!;

    private static double Heat(CookModel model, double minutes, Release release) =>
        Ensemble.Run(model, ParticleSource.Nominal, [new(minutes, release)]).Outcomes[0].HeatMinutes[0][0];

    // Suzuki et al. 1976: 79.5 kJ/mol and then 36.8, so that 10 K more below the turn are a factor 2, and above 1.35.
    [Theory]
    [InlineData(90, 100, 2.03)]
    [InlineData(100, 110, 1.36)]
    [InlineData(110, 120, 1.34)]
    public void RiceSoftensByItsPublishedActivation(double from, double to, double factor) =>
        Assert.Equal(factor, SofteningLaw.Grain.Rate(to) / SofteningLaw.Grain.Rate(from), 0.01);

    [Fact]
    public void Rate_IsOneInBoilingWater_AndTheLanesAgree()
    {
        foreach (
            var law in new[] { SofteningLaw.Grain, SofteningLaw.Pulse, SofteningLaw.DryPulse, SofteningLaw.Pectin, SofteningLaw.Dough }
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
