using Ikuzo.Core.Physics;

namespace Ikuzo.Core.Conduction;

/// <summary>Dimensionless temperatures (T - T_pot) / (T_0 - T_pot) at one moment.</summary>
/// <param name="Centre">At the centre.</param>
/// <param name="Surface">At the surface.</param>
/// <param name="Mean">Mean over the volume.</param>
public readonly record struct Theta(double Centre, double Surface, double Mean);

/// <summary>Runs the product's own solver, mesh and step on the textbook case that has an exact series.</summary>
public static class ConstantPropertyCheck
{
    private const double Conductivity = 1e-3;

    /// <summary>Dimensionless temperatures of a piece with constant properties after a step change of its surroundings.</summary>
    /// <param name="dimensionality">E, 1 to 3.</param>
    /// <param name="biot">h R / k, above 0, at most 10,000.</param>
    /// <param name="fourier">α t / R², above 0, at most 20.</param>
    /// <exception cref="ArgumentOutOfRangeException">An argument is outside its range.</exception>
    public static Theta Run(double dimensionality, double biot, double fourier)
    {
        InRange(dimensionality, 1, 3, nameof(dimensionality));
        InRange(biot, 1e-6, 10_000, nameof(biot));
        InRange(fourier, 1e-6, 20, nameof(fourier));
        var body = new ConductionBatch();
        body.Shape(Lane.One, Lanes.All(dimensionality), ThermalMaterial.Constant(Conductivity), Lane.One);
        body.Reset(Lane.One);
        var steps = (int)Math.Ceiling(Math.Max(10, fourier / ConductionMesh.StepFourier));
        var step = fourier / Conductivity / steps;
        var film = Lanes.All(biot * Conductivity);
        var previous = 0.0;
        for (var i = 0; i < steps - 1 + ConductionMesh.StartShares.Length; i++)
        {
            var seconds = step * (i < ConductionMesh.StartShares.Length ? ConductionMesh.StartShares[i] : 1);
            body.Step(Lanes.All(seconds), Lanes.All(previous), film, Lane.Zero);
            previous = seconds;
        }

        return new Theta(body.CentreCelsius()[0], body.SurfaceCelsius(film, Lane.Zero)[0], body.MeanCelsius()[0]);
    }

    private static void InRange(double value, double least, double most, string name)
    {
        if (!(value >= least && value <= most))
        {
            throw new ArgumentOutOfRangeException(name, value, $"must lie between {least} and {most}");
        }
    }
}
