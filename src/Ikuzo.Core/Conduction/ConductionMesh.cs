namespace Ikuzo.Core.Conduction;

/// <summary>The mesh and step that the product computes with; tests and the check against exact series use the same.</summary>
public static class ConductionMesh
{
    /// <summary>Shells of equal thickness between the centre and the surface.</summary>
    public const int Shells = 24;

    /// <summary>The same for a piece of which only the sums over all shells are wanted: heat, juice, tenderness.</summary>
    public const int AverageShells = 16;

    /// <summary>Largest step as a share of R²/α (dimensionless time) that keeps the error of the step under 0.1 K.</summary>
    public const double StepFourier = 0.005;

    /// <summary>
    /// The same while the surroundings do not change and nothing freezes or thaws: the core comes out up to 0.1 K colder.
    /// </summary>
    public const double SettledFourier = 0.01;

    /// <summary>After a jump of the surroundings the first step is taken in these shares.</summary>
    public static ReadOnlySpan<double> StartShares => [0.125, 0.125, 0.25, 0.5];

    private static readonly double[] Steps = [2, 2.5, 3, 5, 6, 7.5, 10];
    private static readonly double[] SettledSteps = [.. Steps, 15, 20];

    /// <summary>
    /// Step in seconds for a piece: the longest of 2 to 10 s that divides a minute and respects <see cref="StepFourier"/>.
    /// </summary>
    /// <param name="halfThicknessMetres">Half-thickness, m, above 0.</param>
    /// <param name="diffusivity">Thermal diffusivity, m²/s, above 0.</param>
    public static double StepSeconds(double halfThicknessMetres, double diffusivity) =>
        Longest(Steps, StepFourier, halfThicknessMetres, diffusivity);

    /// <summary>The same up to 20 s, for times in which the surroundings do not change and nothing freezes or thaws.</summary>
    /// <param name="halfThicknessMetres">Half-thickness, m, above 0.</param>
    /// <param name="diffusivity">Thermal diffusivity, m²/s, above 0.</param>
    public static double SettledStepSeconds(double halfThicknessMetres, double diffusivity) =>
        Longest(SettledSteps, SettledFourier, halfThicknessMetres, diffusivity);

    /// <summary>Twice as long where that divides a minute, up to 30 s: once heat has been on its way to the middle for a while.</summary>
    /// <param name="settledSeconds">Settled step, s.</param>
    public static double LateStepSeconds(double settledSeconds) => LateSteps.Last(s => s <= 2 * settledSeconds);

    private static readonly double[] LateSteps = [.. SettledSteps, 30];

    private static double Longest(double[] steps, double fourier, double halfThicknessMetres, double diffusivity)
    {
        var limit = fourier * halfThicknessMetres * halfThicknessMetres / diffusivity;
        return steps.LastOrDefault(s => s <= limit, steps[0]);
    }
}
