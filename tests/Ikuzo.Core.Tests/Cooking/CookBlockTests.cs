using Ikuzo.Core.Conduction;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Physics;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;

namespace Ikuzo.Core.Tests.Cooking;

public class CookBlockTests
{
    private static CookModel Thighs(double liquidMl = 250, double kg = 1.1, Placement placement = Placement.Rack) =>
        ModelBuilder.Build(
            new PlanRequest
            {
                Pot = PotDefaults.For(5.7),
                LiquidMl = liquidMl,
                Load = new MeatLoad
                {
                    Cut = CutCatalogue.Find("chicken-thigh-bone-in")!,
                    Pieces = 6,
                    TotalKg = kg,
                    Placement = placement,
                },
            }
        );

    private static CookBlock AtPressure(CookModel model)
    {
        var block = new CookBlock();
        block.Load(model, ParticleSource.Nominal, 0);
        Assert.True(block.ComeUp());
        return block;
    }

    [Fact]
    public void ComeUp_EndsAtTheHeldTemperature()
    {
        var model = Thighs();
        Assert.Equal(model.HeldCelsius, AtPressure(model).PotCelsius[0], 0.01);
    }

    [Fact]
    public void ComeUp_WithMoreLiquid_TakesLonger() =>
        Assert.True(AtPressure(Thighs(1000)).PressureAtSeconds[0] > AtPressure(Thighs()).PressureAtSeconds[0] + 120);

    [Fact]
    public void ComeUp_OfAPotThatIsTooWeak_IsReported()
    {
        var model = Thighs() with { Pot = PotDefaults.For(5.7) with { HeaterWatts = 100 } };
        var block = new CookBlock();
        block.Load(model, ParticleSource.Nominal, 0);
        Assert.False(block.ComeUp());
    }

    [Fact]
    public void Hold_KeepsThePotAtPressureAndCountsFromThere()
    {
        var model = Thighs();
        var block = AtPressure(model);
        block.Hold(600);
        Assert.Equal(model.HeldCelsius, block.PotCelsius[0], 0.3);
        Assert.Equal(block.PressureAtSeconds[0] + 600, block.ElapsedSeconds[0], 0.01);
    }

    [Fact]
    public void Hold_InTwoParts_IsLikeOne()
    {
        CookBlock once = AtPressure(Thighs()),
            twice = AtPressure(Thighs());
        once.Hold(840);
        twice.Hold(300);
        twice.Hold(840);
        Assert.Equal(once.ColdestCelsius()[0], twice.ColdestCelsius()[0], 1e-4);
    }

    [Theory]
    [InlineData(250, 8, 13)]
    [InlineData(1000, 16, 26)]
    [InlineData(2000, 28, 42)]
    public void NaturalRelease_TakesAsLongAsCooksSee(double liquidMl, double least, double most)
    {
        var block = AtPressure(Thighs(liquidMl));
        block.Hold(15 * 60);
        block.Let(Release.Natural);
        Assert.InRange(block.ReleaseSeconds[0] / 60, least, most);
        Assert.Equal(block.BoilingCelsius[0] + Release.PinKelvin, block.PotCelsius[0], 0.5);
    }

    [Fact]
    public void Vent_TakesOneToThreeMinutesAndInBurstsLonger()
    {
        double Minutes(Release release)
        {
            var block = AtPressure(Thighs());
            block.Hold(600);
            block.Let(release);
            return block.ReleaseSeconds[0] / 60;
        }

        Assert.InRange(Minutes(Release.Vent), 1, 3);
        Assert.InRange(Minutes(Release.Pulsed), 3, 8);
        Assert.Equal(5 + Minutes(Release.Vent), Minutes(Release.RestThenVent(5)), 1.5);
    }

    [Fact]
    public void FlashLoss_OfHotMeat_IsNearTheTextbookAndNoneWhenLeftAlone()
    {
        var model = Thighs();
        double Flash(Release release)
        {
            var block = AtPressure(model);
            block.Hold(60 * 60);
            block.Let(release);
            return block.FlashPercent[0];
        }

        // c_p (T - T_boil) / h_fg for meat that is hot throughout, in percent; a fifth leaves by conduction during the fall.
        var textbook = 3500 * (model.HeldCelsius - model.BoilingCelsius - 1) / 2_257_000 * 100;
        Assert.InRange(Flash(Release.Vent), textbook * 0.75, textbook);
        Assert.Equal(0, Flash(Release.Natural));
        Assert.InRange(Flash(Release.RestThenVent(5)), 0, Flash(Release.Vent) * 0.9); // 84 W off 7.4 kJ/K: 3 of 15 K in five minutes
    }

    [Fact]
    public void Open_LetsTheMiddleWarmOnAndTheSurfaceCool()
    {
        var block = AtPressure(Thighs());
        block.Hold(3 * 60);
        block.Let(Release.Vent);
        var (core, surface) = (block.ColdestCelsius()[0], block.Spot(0).Batch.Shells[^1].Celsius[0]);
        Span<Lane> peaks = stackalloc Lane[SpotStates.Most];
        block.Open(360, peaks);
        Assert.True(peaks[0][0] > core);
        Assert.True(block.Spot(0).Batch.Shells[^1].Celsius[0] < surface);
    }

    [Fact]
    public void GoBack_RestoresEverything()
    {
        var block = AtPressure(Thighs());
        block.Hold(300);
        block.Keep(2);
        var (core, loss, elapsed, samples) = (
            block.ColdestCelsius()[0],
            block.WaterLossPercent()[0],
            block.ElapsedSeconds[0],
            block.Trace.Count
        );
        block.Let(Release.Natural);
        block.GoBack(2);
        Assert.Equal(
            (core, loss, elapsed, samples),
            (block.ColdestCelsius()[0], block.WaterLossPercent()[0], block.ElapsedSeconds[0], block.Trace.Count)
        );
    }

    [Fact]
    public void MeatInLiquid_IsHeatedSoonerThanOnTheRack() =>
        Assert.True(
            AtPressure(Thighs(1000, placement: Placement.InLiquid)).ColdestCelsius()[0] > AtPressure(Thighs(1000)).ColdestCelsius()[0]
        );

    [Fact]
    public void Changes_AtASteadyTemperature_FollowTheScalarKinetics()
    {
        const double celsius = 95,
            seconds = 60;
        var batch = new ConductionBatch();
        batch.Shape(Lanes.All(0.02), Lanes.All(2), Tissue.ChickenLeg.Material, Lane.One);
        batch.Reset(Lanes.All(celsius));
        var changes = new MeatChanges();
        changes.Reset();
        for (var i = 0; i < 30; i++)
        {
            changes.Update(batch, Lanes.All(seconds), Lane.One, Lane.One);
        }

        Assert.Equal(0.5, changes.Tenderness(batch)[0], 1e-4);
        Assert.Equal(0.5, changes.TendernessAtCore(batch)[0], 1e-4);
        var loss = Kinetics.EquilibriumWaterLossPercent(celsius) * (1 - Math.Exp(-1800 / Kinetics.WaterLossTauSeconds));
        Assert.Equal(loss, changes.WaterLossPercent[0], 1e-3);
        Assert.Equal(1, changes.LogReduction[0] / (Kinetics.SalmonellaLogPerSecond(celsius) * 1800), 1e-3);
        Assert.Equal(0, changes.DangerSeconds[0]);
    }
}
