using Ikuzo.Core.Physics;

namespace Ikuzo.Core.Conduction;

/// <summary>The middle of one piece over hours in surroundings that stay as they are: a fridge, a bath, a box that cools.</summary>
/// <param name="HalfThicknessMetres">From the surface to the middle, m.</param>
/// <param name="Dimensionality">1 slab, 2 long cylinder, 3 sphere, and between.</param>
/// <param name="Material">What it is made of.</param>
/// <param name="CoreFraction">Share of the half-thickness that is bone, 0 to below 1.</param>
internal readonly record struct ConductionCourse(
    double HalfThicknessMetres,
    double Dimensionality,
    ThermalMaterial Material,
    double CoreFraction
)
{
    /// <summary>
    /// Moments after the beginning with the temperature of the middle, step by step until whoever listens has heard enough or time is up.
    /// </summary>
    /// <param name="startCelsius">Temperature throughout at the beginning, °C.</param>
    /// <param name="film">Heat transfer coefficient at the surface, W/m²K.</param>
    /// <param name="ambientCelsius">Surroundings, °C.</param>
    /// <param name="stepSeconds">Step of the solver, s.</param>
    /// <param name="mostHours">Longest course, h.</param>
    public IEnumerable<(double Hours, double CentreCelsius)> Centre(
        double startCelsius,
        double film,
        double ambientCelsius,
        double stepSeconds,
        double mostHours
    )
    {
        var batch = new ConductionBatch();
        batch.Shape(Lanes.All(HalfThicknessMetres), Lanes.All(Dimensionality), Material, Lane.One, CoreFraction);
        batch.Reset(Lanes.All(startCelsius));
        yield return (0, startCelsius);
        for (var taken = 1; taken * stepSeconds <= mostHours * 3600; taken++)
        {
            batch.Step(Lanes.All(stepSeconds), Lanes.All(taken == 1 ? 0 : stepSeconds), Lanes.All(film), Lanes.All(ambientCelsius));
            yield return (taken * stepSeconds / 3600, batch.CentreCelsius()[0]);
        }
    }
}
