using System.Collections.Concurrent;
using Ikuzo.Core.Companions;
using Ikuzo.Core.Conduction;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;

namespace Ikuzo.Core.Planning;

/// <summary>
/// The cook in which minutes of what stands beside the meat are named: a pot of 5.7 litres at its defaults, at sea level and high
/// pressure, shared with a kilogram of chicken thighs from the fridge, with 300 ml of water and 300 g of it, at 21 °C. It comes up in
/// 11 to 12 min. Its minutes become heat here, once.
/// </summary>
public static class ReferenceCook
{
    /// <summary>Water in the reference pot, ml.</summary>
    public const double WaterMl = 300;

    /// <summary>What is cooked in it, g.</summary>
    public const double Grams = 300;

    /// <summary>Temperature at which all but the meat begins, °C.</summary>
    public const double StartCelsius = 21;

    // What is at its best when the pressure is there was just done with so much of that heat. Estimate.
    private const double JustBefore = 0.5;

    private static readonly ConcurrentDictionary<Companion, SoftnessLevels> Known = [];

    private static readonly CookModel Shared = ModelBuilder.Build(
        new PlanRequest
        {
            Pot = PotDefaults.For(5.7),
            Load = new MeatLoad
            {
                Cut = CutCatalogue.Find("chicken-thigh-bone-in")!,
                Pieces = 6,
                TotalKg = 1,
            },
            LiquidMl = WaterMl,
            RoomCelsius = StartCelsius,
        }
    );

    /// <summary>Heat that something wants.</summary>
    /// <param name="companion">Something that softens.</param>
    public static SoftnessLevels Levels(this Companion companion) =>
        Known.GetOrAdd(companion, c => Levels(c.Model(PieceSize.Usual), c.Minutes!));

    private static SoftnessLevels Levels(BesideModel model, ReferenceMinutes minutes)
    {
        double[] asked = [minutes.Just, minutes.BestFrom, minutes.BestTo, minutes.TooFar ?? minutes.BestTo];
        var heat = minutes.Way == ReferenceWay.Boiled ? Boil(model, asked) : Heat(model, asked, ReleaseOf(minutes.Way));
        return new(
            minutes.Just < minutes.BestFrom ? heat[0] : heat[1] * JustBefore,
            heat[1],
            heat[2],
            minutes.TooFar is null ? double.PositiveInfinity : heat[3]
        );
    }

    /// <summary>The pot with something in it.</summary>
    /// <param name="beside">What.</param>
    public static CookModel Pot(params BesideModel[] beside) =>
        Shared with
        {
            CompanionJoulePerKelvin = Grams / 1000 * Bulk.BesideJoulePerKgKelvin,
            Beside = beside,
        };

    /// <summary>Release of a way under pressure.</summary>
    public static Release ReleaseOf(ReferenceWay way) =>
        way switch
        {
            ReferenceWay.InBursts => Release.Pulsed,
            ReferenceWay.TenMinutes => Release.RestThenVent(10),
            ReferenceWay.LeftAlone => Release.Natural,
            _ => Release.Vent,
        };

    private static double[] Heat(BesideModel model, double[] minutes, Release release)
    {
        var result = Ensemble.Run(Pot(model), ParticleSource.Nominal, [.. minutes.Select(m => new Branch(m, release))]);
        return [.. result.Outcomes.Select(o => (double)o.HeatMinutes[0][0])];
    }

    // Into boiling water at sea level.
    private static double[] Boil(BesideModel model, double[] minutes)
    {
        const double StepSeconds = 2;
        var states = new SofteningStates();
        states.Load([model.InWater()], Lanes.All(StartCelsius));
        var at = 0.0;
        var heat = new double[minutes.Length];
        for (var i = 0; i < minutes.Length; i++)
        {
            for (; at < minutes[i] * 60 - 1e-6; at += StepSeconds)
            {
                states.Step(Lanes.All(StepSeconds), Lanes.All(SofteningLaw.ReferenceCelsius));
            }

            heat[i] = states.HeatMinutes(0)[0];
        }

        return heat;
    }
}
