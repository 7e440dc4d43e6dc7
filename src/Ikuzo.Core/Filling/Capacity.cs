using Ikuzo.Core.Loads;
using Ikuzo.Core.Poultry;

namespace Ikuzo.Core.Filling;

/// <summary>How much room a load takes, whatever its shape.</summary>
public static class Capacity
{
    private const double MeatLitresPerKg = 0.95;
    private const double BoneAndGapLitresPerKg = 1.35; // a whole bird with its cavity; estimate

    /// <summary>True when the load cannot go into its pot at all.</summary>
    public static bool CannotGoIn(FilledPot filled) => Litres(filled) > filled.Pot.CapacityLitres;

    /// <summary>Room that liquid, meat and all else take together, l.</summary>
    public static double Litres(FilledPot filled) =>
        filled.Liquid / 1000
        + filled.Companions.Sum(c => c.Grams) / 1000 * MeatLitresPerKg
        + filled.Load.TotalKg * (filled.Load.Cut.Part is Part.Whole or Part.Carcass ? BoneAndGapLitresPerKg : MeatLitresPerKg);
}
