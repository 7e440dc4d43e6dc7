using Ikuzo.Core.Conduction;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Safety;

namespace Ikuzo.Core.Running.Aftercare;

/// <summary>How leftovers in a box cool.</summary>
/// <param name="DepthMm">Depth of the food, mm.</param>
/// <param name="ToTepidHours">Until the middle is at 21 °C, h.</param>
/// <param name="ToColdHours">Until the middle is at 5 °C, h, from the start.</param>
/// <param name="IsInTime">True when both are within the official limits.</param>
public sealed record CoolingCourse(double DepthMm, double ToTepidHours, double ToColdHours, bool IsInTime);

/// <summary>Cools leftovers in the fridge with the solver of the cook, against the official limits.</summary>
/// <remarks>
/// A box is a slab that loses heat to moving cold air above and below. Films and fridge are estimates; the limits are not.
/// </remarks>
public static class Cooling
{
    /// <summary>Least depth that is computed, mm.</summary>
    public const double LeastDepthMm = 5;

    /// <summary>Greatest depth that is computed, mm.</summary>
    public const double MostDepthMm = 200;

    private const double FridgeCelsius = 3,
        AirFilm = 14,
        IceBathFilm = 300; // °C, W/m²K: open box with room around it; stirred ice water
    private const double StepSeconds = 30,
        MostHours = 48;

    /// <summary>Courses of some depths.</summary>
    /// <param name="depthsMm">Depths, mm, 5 to 200.</param>
    /// <param name="inIceWater">True when the box stands in ice water first.</param>
    public static IReadOnlyList<CoolingCourse> Of(IReadOnlyList<double> depthsMm, bool inIceWater) =>
        [.. depthsMm.Select(d => Of(d, inIceWater))];

    private static CoolingCourse Of(double depthMm, bool inIceWater)
    {
        var box = new ConductionCourse(depthMm / 2000, Dimensionality: 1, Tissue.ChickenLeg.Material, CoreFraction: 0);
        var (film, around) = inIceWater ? (IceBathFilm, 0) : (AirFilm, FridgeCelsius);
        var (first, second) = (FoodRules.Cooling[0], FoodRules.Cooling[1]);
        var tepid = MostHours;
        foreach (var (hours, centre) in box.Centre(SafetyRule.CoolsFromCelsius, film, around, StepSeconds, MostHours))
        {
            tepid = centre <= first.Celsius ? Math.Min(tepid, hours) : tepid;
            if (centre <= second.Celsius)
            {
                return new(depthMm, Math.Round(tepid, 2), Math.Round(hours, 2), tepid <= first.Rule.Hours && hours <= second.Rule.Hours);
            }
        }

        return new(depthMm, Math.Round(tepid, 2), MostHours, IsInTime: false);
    }
}
