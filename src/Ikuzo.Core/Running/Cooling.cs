using Ikuzo.Core.Conduction;
using Ikuzo.Core.Poultry;

namespace Ikuzo.Core.Running;

/// <summary>How leftovers in a box cool.</summary>
/// <param name="DepthMm">Depth of the food, mm.</param>
/// <param name="ToTepidHours">Until the middle is at 21 °C, h.</param>
/// <param name="ToColdHours">Until the middle is at 5 °C, h, from the start.</param>
/// <param name="IsInTime">True when both are within the official limits.</param>
public sealed record CoolingCourse(double DepthMm, double ToTepidHours, double ToColdHours, bool IsInTime);

/// <summary>Cools leftovers in the fridge with the solver of the cook, against the official limits.</summary>
/// <remarks>A box is a slab that loses heat to moving cold air above and below. Films and fridge are estimates; the limits are not.</remarks>
public static class Cooling
{
    /// <summary>Cooling is counted from here, °C: FDA Food Code 3-501.14.</summary>
    public const double FromCelsius = 57;

    /// <summary>First limit: 21 °C within two hours.</summary>
    public const double TepidCelsius = 21, TepidHours = 2;

    /// <summary>Second limit: 5 °C within six hours in all.</summary>
    public const double ColdCelsius = 5, ColdHours = 6;

    private const double FridgeCelsius = 3, AirFilm = 14, IceBathFilm = 300; // °C, W/m²K: open box with room around it; stirred ice water
    private const double StepSeconds = 30, MostHours = 48;

    /// <summary>Courses of some depths.</summary>
    /// <param name="depthsMm">Depths, mm, 5 to 200.</param>
    /// <param name="inIceWater">True when the box stands in ice water first.</param>
    public static IReadOnlyList<CoolingCourse> Of(IReadOnlyList<double> depthsMm, bool inIceWater) => [.. depthsMm.Select(d => Of(d, inIceWater))];

    private static CoolingCourse Of(double depthMm, bool inIceWater)
    {
        var meat = Tissue.ChickenLeg.Material;
        var batch = new ConductionBatch();
        batch.Shape(Lanes.All(depthMm / 2000), Lane.One, meat, Lane.One, 0);
        batch.Reset(Lanes.All(FromCelsius));
        double seconds = 0, previous = 0, tepid = double.NaN;
        while (batch.CentreCelsius()[0] > ColdCelsius && seconds < MostHours * 3600)
        {
            batch.Step(Lanes.All(StepSeconds), Lanes.All(previous), Lanes.All(inIceWater ? IceBathFilm : AirFilm), Lanes.All(inIceWater ? 0 : FridgeCelsius));
            previous = StepSeconds;
            seconds += StepSeconds;
            if (double.IsNaN(tepid) && batch.CentreCelsius()[0] <= TepidCelsius)
            {
                tepid = seconds;
            }
        }

        var (toTepid, toCold) = (Math.Round(tepid / 3600, 2), Math.Round(seconds / 3600, 2));
        return new(depthMm, toTepid, toCold, toTepid <= TepidHours && toCold <= ColdHours);
    }
}
