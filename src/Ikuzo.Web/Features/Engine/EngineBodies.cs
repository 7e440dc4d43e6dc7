using Ikuzo.Core.Conduction;
using Ikuzo.Core.Cooking;
using Ikuzo.Web.Errors;

namespace Ikuzo.Web.Features.Engine;

/// <summary>The textbook case to run: constant properties, a step change of the surroundings.</summary>
/// <param name="ShapeDimensionality">1 slab, 2 cylinder, 3 sphere, or between.</param>
/// <param name="Biot">h R / k, 0.001 to 10,000.</param>
/// <param name="Fourier">α t / R², 0.0001 to 20.</param>
public sealed record VerifyBody(
    [property: Needed, Limits(1, 3)] double? ShapeDimensionality,
    [property: Needed, Limits(0.001, 10_000)] double? Biot,
    [property: Needed, Limits(0.0001, 20)] double? Fourier
);

/// <summary>(T - T_pot) / (T_0 - T_pot) from the product's own solver on its own mesh, and from the exact series.</summary>
/// <param name="ThetaCentre">At the centre.</param>
/// <param name="ThetaSurface">At the surface.</param>
/// <param name="ThetaMean">Mean over the volume.</param>
/// <param name="Exact">The series; null at Fourier numbers too small for it.</param>
public sealed record VerifyView(double ThetaCentre, double ThetaSurface, double ThetaMean, Theta? Exact);

/// <summary>A textbook case over time.</summary>
/// <param name="ShapeDimensionality">1 slab, 2 cylinder, 3 sphere, or between.</param>
/// <param name="Biot">h R / k, 0.001 to 10,000.</param>
public sealed record CourseBody(
    [property: Needed, Limits(1, 3)] double? ShapeDimensionality,
    [property: Needed, Limits(0.001, 10_000)] double? Biot
);

/// <summary>Solver and series side by side.</summary>
/// <param name="Fourier">Times, dimensionless.</param>
/// <param name="Solver">From the product's solver.</param>
/// <param name="Exact">From the series.</param>
/// <param name="LargestDifference">Over centre, surface and mean.</param>
public sealed record CourseView(
    IReadOnlyList<double> Fourier,
    IReadOnlyList<Theta> Solver,
    IReadOnlyList<Theta> Exact,
    double LargestDifference
);

/// <summary>Where the heat of a cook goes, kJ, and what does not add up.</summary>
public sealed record EnergyView(
    double Minutes,
    Release Release,
    double HeaterKj,
    double MeatKj,
    double PotKj,
    double LossesKj,
    double SteamKj,
    double ResidualPercent
);
