using Ikuzo.Core.Conduction;
using Ikuzo.Core.Poultry;

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
    /// <summary>Cooling is counted from here, °C: FDA Food Code 3-501.14.</summary>
    public const double FromCelsius = 57;

    /// <summary>First limit: 21 °C within two hours.</summary>
    public const double TepidCelsius = 21,
        TepidHours = 2;

    /// <summary>Second limit: 5 °C within six hours in all.</summary>
    public const double ColdCelsius = 5,
        ColdHours = 6;

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
        var tepid = MostHours;
        foreach (var (hours, centre) in box.Centre(FromCelsius, film, around, StepSeconds, MostHours))
        {
            tepid = centre <= TepidCelsius ? Math.Min(tepid, hours) : tepid;
            if (centre <= ColdCelsius)
            {
                return new(depthMm, Math.Round(tepid, 2), Math.Round(hours, 2), tepid <= TepidHours && hours <= ColdHours);
            }
        }

        return new(depthMm, Math.Round(tepid, 2), MostHours, IsInTime: false);
    }
}
