using System.Runtime.Intrinsics;
using Ikuzo.Core.Conduction;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Physics;

namespace Ikuzo.Core.Cooking;

/// <summary>Heat transfer coefficients at the surface of the meat, W/m² K.</summary>
/// <remarks>
/// Condensing steam and boiling water are in the high hundreds, so that thickness rules; still moist air is about 20. Between them the
/// coefficient rises with the cube of the share of steam in the air, y = exp(13.1 (1 - Tb / T)) in kelvin (Clausius and Clapeyron
/// with 40.7 kJ/mol at 373 K): condensation is throttled by the air until little of it is left. All values are estimates.
/// </remarks>
internal static class Film
{
    public const double MoistAir = 20;
    public const double NaturalConvection = 250;
    public const double SteamOrBoiling = 700;
    public const double Opened = 12;
    public const double Covered = 15; // still, moist and hardly any steam: between the two

    public static Lane In(Placement placement, Lane potCelsius, Lane boilingCelsius, Lane factor)
    {
        var zero = Lanes.All(Water.ZeroCelsiusKelvin);
        var steam = Lanes.Exp(Lanes.All(13.1) * (Lane.One - (boilingCelsius + zero) / (potCelsius + zero)));
        var share = Vector512.Min(Lane.One, steam * steam * steam);
        var cold = placement switch
        {
            Placement.Rack => MoistAir,
            Placement.InLiquid => NaturalConvection,
            _ => (MoistAir + NaturalConvection) / 2,
        };
        return factor * (Lanes.All(cold) + share * (float)(SteamOrBoiling - cold));
    }
}
