using Ikuzo.Core.Cooking;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Safety;

namespace Ikuzo.Core.Tests.Planning;

public class ScoutTests
{
    private static readonly Release[] Ways = [Release.Vent, Release.RestThenVent(5), Release.Natural];

    private static CookModel Model(string cut, MeatState state = MeatState.Chilled, double watts = 1000) =>
        ModelBuilder.Build(
            new PlanRequest
            {
                Pot = PotDefaults.For(5.7) with { HeaterWatts = watts },
                Load = new MeatLoad
                {
                    Cut = CutCatalogue.Find(cut)!,
                    Pieces = 2,
                    TotalKg = CutCatalogue.Find(cut)!.TypicalKg.Value * 2,
                    State = state,
                },
            }
        );

    [Theory]
    [InlineData("chicken-breast-boneless")]
    [InlineData("chicken-leg-quarter")]
    [InlineData("turkey-drumstick")]
    public void Run_TheLongerThePotIsLeftAlone_TheFewerMinutesItNeeds(string cut)
    {
        var found = Scout.Run(Model(cut), Ways, leastTenderness: 0)!;
        Assert.Equal(Ways, found.Select(f => f.Release));
        Assert.True(found[0].Minutes >= found[1].Minutes && found[1].Minutes >= found[2].Minutes);
    }

    [Fact]
    public void Run_ForTendererMeat_NeedsMoreMinutesAndCostsMoreJuice()
    {
        var slice = Scout.Run(Model("duck-leg"), Ways, leastTenderness: 0)![2];
        var fall = Scout.Run(Model("duck-leg"), Ways, leastTenderness: 0.85)![2];
        Assert.True(fall.Minutes > slice.Minutes);
        Assert.True(fall.WaterLossPercent > slice.WaterLossPercent);
    }

    [Fact]
    public void Run_OfAPotThatNeverComesToPressure_FindsNothing() => Assert.Null(Scout.Run(Model("duck-leg", watts: 80), Ways, 0));

    [Fact]
    public void Run_IsCloseToWhatTheEnsembleThenFinds()
    {
        foreach (var cut in new[] { "chicken-thigh-bone-in", "chicken-breast-boneless", "turkey-thigh-boneless" })
        {
            var scouted = Scout.Run(Model(cut), [Release.Natural], 0)![0].Minutes!.Value;
            using var session = EnsembleSession.Start(Model(cut), ParticleSource.Ensemble, Release.Natural, [0, scouted, scouted + 4]);
            Assert.True(session.Nodes[2].ShareAtCore >= SafetyRule.ShareSafe, cut);
            Assert.True(session.Nodes[1].ShareAtCore >= 0.95, cut);
        }
    }

    [Fact]
    public void Session_FinishedAtANode_IsWhatTheNodeSaid()
    {
        using var session = EnsembleSession.Start(Model("chicken-wing"), ParticleSource.Ensemble, Release.Vent, [0, 5, 10]);
        using var run = session.Finish(5, curveMinutes: 30);
        Assert.Equal(session.Nodes[1].Coldest, run.Outcome.Coldest);
        Assert.True(run.Points >= 61);
        Assert.All(run.PeakCelsius[0].Zip(run.Outcome.Coldest), p => Assert.True(p.First >= p.Second));
    }

    [Fact]
    public void Session_FinishedInAnyOrder_GivesTheSameCurves()
    {
        float[] Coldest(EnsembleSession session, double minutes)
        {
            using var run = session.Finish(minutes, curveMinutes: 40);
            return [.. Enumerable.Range(0, run.Points).Select(point => run.ColdestAt(point)[100])];
        }

        using var session = EnsembleSession.Start(Model("chicken-wing"), ParticleSource.Ensemble, Release.Natural, [0, 5, 10]);
        var late = Coldest(session, 11);
        Coldest(session, 2);
        session.Try([new Branch(0, Release.Vent), new Branch(7, Release.Vent)], withThermometer: false);
        Assert.Equal(late, Coldest(session, 11));
    }
}
