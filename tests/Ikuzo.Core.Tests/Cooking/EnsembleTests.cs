using CsCheck;
using Ikuzo.Core.Conduction;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;

namespace Ikuzo.Core.Tests.Cooking;

public class EnsembleTests
{
    private static readonly Cut[] SmallCuts = [.. CutCatalogue.All.Where(c => c.TypicalKg.Value < 2)];

    private static readonly Gen<CookModel> Cooks = Gen.Select(
            Gen.Int[0, SmallCuts.Length - 1].Select(i => SmallCuts[i]),
            Gen.Double[0.8, 1.2],
            Gen.Bool,
            Gen.Double[0, 2500],
            Gen.Bool
        )
        .Select(
            (cut, relative, frozen, altitude, inLiquid) =>
                ModelBuilder.Build(
                    new PlanRequest
                    {
                        Pot = PotDefaults.For(5.7),
                        AltitudeMetres = altitude,
                        Load = new MeatLoad
                        {
                            Cut = cut,
                            Pieces = 1,
                            TotalKg = cut.TypicalKg.Value * relative,
                            State = frozen ? MeatState.Frozen : MeatState.Chilled,
                            Placement = inLiquid ? Placement.InLiquid : Placement.Rack,
                        },
                    }
                )
        );

    // The accuracy of the core under halved steps; a thawing front that crosses a step a little earlier shows up to 0.2 K of it.
    private const double Noise = 0.3;

    // Near the boil the core only reports how far the last burst of steam let it down, and while the front thaws the innermost shells the
    // parabola to the centre dips by up to a kelvin; between the two it must behave.
    private static double Core(CookModel model, double minutes, Release? release = null) =>
        Math.Clamp(
            Ensemble.Run(model, ParticleSource.Nominal, [new Branch(minutes, release ?? Release.Vent)]).Outcomes[0].Coldest[0],
            2,
            model.BoilingCelsius - 2
        );

    private static double Up(CookModel model) => Ensemble.Run(model, ParticleSource.Nominal, []).ToPressureMinutes[0];

    [Fact]
    public void Core_OfThickerPiece_IsNeverWarmer() =>
        Gen.Select(Cooks, Gen.Double[1.05, 1.4], Gen.Int[0, 25])
            .Sample(
                (model, factor, minutes) =>
                {
                    var thicker = model with
                    {
                        Bodies = [.. model.Bodies.Select(b => b with { HalfThicknessMetres = b.HalfThicknessMetres * factor })],
                    };
                    return Core(thicker, minutes) <= Core(model, minutes) + Noise;
                },
                iter: Often.Times(40)
            );

    // A colder load and a weaker pot come up later, which adds heating time; so the clocks are made equal, not the timers.
    [Fact]
    public void Core_OfColderPieceOrInWeakerPot_IsNeverWarmerAtTheSameTime() =>
        Gen.Select(Cooks, Gen.Double[0.5, 4], Gen.Double[0.7, 0.95], Gen.Int[10, 30])
            .Sample(
                (model, kelvin, share, minutes) =>
                {
                    var colder = model with { StartCelsius = model.StartCelsius - kelvin };
                    var weaker = model with { Pot = model.Pot with { HeaterWatts = model.Pot.HeaterWatts * share } };
                    double At(CookModel m) => Core(m, Up(weaker) + minutes - Up(m));
                    return At(colder) <= At(model) + Noise && At(weaker) <= At(model) + Noise;
                },
                iter: Often.Times(40)
            );

    [Fact]
    public void Core_AtLowerPressure_IsNeverWarmer() =>
        Gen.Select(Cooks, Gen.Double[5, 30], Gen.Int[0, 25])
            .Sample(
                (model, kpa, minutes) => Core(model with { GaugeKpa = model.GaugeKpa - kpa }, minutes) <= Core(model, minutes) + Noise,
                iter: Often.Times(40)
            );

    // Higher up the water boils sooner and steam finds the meat earlier, which helps short cooks a little; the cooler hold outweighs it
    // later.
    [Fact]
    public void Core_HigherUp_IsNotWarmerOnceTheHoldOutweighsTheComeUp() =>
        Gen.Select(Cooks, Gen.Int[25, 40])
            .Sample(
                (model, minutes) =>
                    Core(model with { AltitudeMetres = model.AltitudeMetres + 800 }, minutes) <= Core(model, minutes) + Noise,
                iter: Often.Times(40)
            );

    [Fact]
    public void Core_WithMoreMinutes_IsNeverColder() =>
        Gen.Select(Cooks, Gen.Int[0, 25], Gen.Int[1, 10])
            .Sample(
                (model, minutes, more) => Core(model, minutes + more, Release.Natural) >= Core(model, minutes, Release.Natural) - Noise,
                iter: Often.Times(40)
            );

    [Fact]
    public void WeakerPot_ComesUpLater() =>
        Gen.Select(Cooks, Gen.Double[0.6, 0.95])
            .Sample(
                (model, share) => Up(model with { Pot = model.Pot with { HeaterWatts = model.Pot.HeaterWatts * share } }) > Up(model),
                iter: Often.Times(40)
            );

    // However the steps fall around the boil, all the steam that drives out the air is paid for.
    [Fact]
    public void ComeUp_OverPower_HasNoJumps()
    {
        var model = ModelBuilder.Build(
            new PlanRequest
            {
                Pot = PotDefaults.For(5.7),
                Load = new MeatLoad
                {
                    Cut = CutCatalogue.Find("chicken-thigh-bone-in")!,
                    Pieces = 1,
                    TotalKg = 0.18,
                },
            }
        );
        var up = Enumerable.Range(0, 60).Select(i => Up(model with { Pot = model.Pot with { HeaterWatts = 900 + 2 * i } })).ToArray();
        Assert.All(up.Zip(up.Skip(1)), p => Assert.InRange(p.First - p.Second, 0.01, 0.04));
    }

    [Fact]
    public void PotHeat_AnyHeatAddedAtAnyTemperature_IsFoundAgain() =>
        Gen.Select(Gen.Float[20, 120], Gen.Float[-20_000, 60_000], Gen.Float[0, 50_000])
            .Sample(
                (from, joule, purge) =>
                {
                    var store = new PotHeat(Lanes.All(3000), Lanes.All(97), Lanes.All(purge));
                    var to = store.Warm(Lanes.All(from), Lanes.All(joule));
                    Assert.Equal(joule, store.Between(Lanes.All(from), to)[0], 0.5);
                }
            );

    [Fact]
    public void WholePot_FromLidOnToThePin_ClosesItsEnergy() =>
        Gen.Select(Cooks, Gen.Int[0, 20])
            .Sample(
                (model, minutes) =>
                {
                    var block = new CookBlock();
                    block.Load(model, ParticleSource.Ensemble, 64);
                    var start = block.MeatEnthalpy();
                    block.ComeUp();
                    block.Hold(minutes * 60);
                    block.Let(Release.Natural);
                    var e = block.Energy;
                    var stored = block.PotCapacity * (block.PotCelsius - Lanes.All(model.RoomCelsius)) - e.Juice;
                    var perKg = block.MeatEnthalpy() - start;
                    for (var lane = 0; lane < Lanes.Width; lane++)
                    {
                        var within = e.Heater[lane] * 0.005;
                        Assert.Equal(e.Heater[lane], e.Losses[lane] + e.Purge[lane] + stored[lane] + e.Meat[lane], within);

                        // What has run out as juice was meat for a part of the time.
                        var least = model.MeatKg - model.MuscleKg * 0.6;
                        Assert.InRange(e.Meat[lane], perKg[lane] * least - within, perKg[lane] * model.MeatKg + within);
                    }
                },
                iter: Often.Times(25)
            );

    [Fact]
    public void EnergyBalance_OfANominalCook_ClosesWithinHalfAPercent() =>
        Gen.Select(Cooks, Gen.Int[0, 25], Gen.Bool)
            .Sample(
                (model, minutes, vent) =>
                    Math.Abs(EnergyBalance.Of(model, new Branch(minutes, vent ? Release.Vent : Release.Natural)).ResidualShare) < 0.005,
                iter: Often.Times(25)
            );

    [Fact]
    public void Outcome_OfAParticle_DoesNotDependOnItsNeighbours()
    {
        var model = Cooks.Single();
        BranchOutcome Alone(Branch branch) => Ensemble.Run(model, ParticleSource.Nominal, [branch]).Outcomes[0];
        Branch early = new(5, Release.Natural),
            late = new(9, Release.Vent);
        var both = Ensemble.Run(model, ParticleSource.Nominal, [early, late]).Outcomes;
        Assert.Equal(Alone(early).Coldest[0], both[0].Coldest[5], 1e-4);
        Assert.Equal(Alone(late).Coldest[0], both[1].Coldest[2], 1e-4);
    }
}
