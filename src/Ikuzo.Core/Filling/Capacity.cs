using Ikuzo.Core.Loads;
using Ikuzo.Core.Poultry;

namespace Ikuzo.Core.Filling;

/// <summary>How much room a load takes, whatever its shape.</summary>
public static class Capacity
{
    /// <summary>True when the load cannot go into its pot at all.</summary>
    public static bool CannotGoIn(FilledPot filled) => Litres(filled) > filled.Pot.CapacityLitres;

    /// <summary>Room that liquid, meat and all else take together, l.</summary>
    public static double Litres(FilledPot filled) =>
        filled.Liquid / 1000
        + filled.Companions.Sum(c => c.Grams) / 1000 * Bulk.LitresPerKg
        + filled.Load.TotalKg * (filled.Load.Cut.Part is Part.Whole or Part.Carcass ? Bulk.BirdLitresPerKg : Bulk.LitresPerKg);
}
