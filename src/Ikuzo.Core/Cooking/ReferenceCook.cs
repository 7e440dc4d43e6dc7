using System.Collections.Concurrent;
using Ikuzo.Core.Companions;
using Ikuzo.Core.Conduction;
using Ikuzo.Core.Pots;

namespace Ikuzo.Core.Cooking;

/// <summary>
/// The cook in which minutes of what stands beside the meat are named: a pot of 5.7 litres at its defaults, at sea level and high
/// pressure, with 500 ml of water and 300 g of it, at 21 °C. Its minutes become heat here, once.
/// </summary>
public static class ReferenceCook
{
    /// <summary>Water in the reference pot, ml.</summary>
    public const double WaterMl = 500;

    /// <summary>What is cooked in it, g.</summary>
    public const double Grams = 300;

    /// <summary>Temperature at which everything begins, °C.</summary>
    public const double StartCelsius = 21;

    private static readonly ConcurrentDictionary<Companion, SoftnessLevels> Known = [];

    /// <summary>Heat that something wants.</summary>
    /// <param name="companion">Something that softens.</param>
    public static SoftnessLevels Levels(this Companion companion) =>
        Known.GetOrAdd(companion, c => Levels(c.Model(PieceSize.Usual), c.Minutes!));

    private static SoftnessLevels Levels(BesideModel model, ReferenceMinutes minutes)
    {
        double[] asked = [minutes.Just, minutes.Best, minutes.TooFar];
        var heat = minutes.Way == ReferenceWay.Boiled ? Boil(model, asked) : Heat(model, asked, ReleaseOf(minutes.Way));
        return new(heat[0], heat[1], heat[2]);
    }

    /// <summary>The pot with something in it.</summary>
    /// <param name="beside">What.</param>
    public static CookModel Pot(params BesideModel[] beside) =>
        CookModel.WithoutMeat(PotDefaults.For(5.7), WaterMl / 1000, Grams / 1000, beside, StartCelsius);

    /// <summary>Release of a way under pressure.</summary>
    public static Release ReleaseOf(ReferenceWay way) =>
        way switch
        {
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
        states.Load([model], Lanes.All(StartCelsius));
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
