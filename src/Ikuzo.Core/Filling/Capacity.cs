using Ikuzo.Core.Loads;
using Ikuzo.Core.Poultry;

namespace Ikuzo.Core.Filling;

/// <summary>How much room a load takes, whatever its shape.</summary>
public static class Capacity
{
    /// <summary>True when the load cannot go into its pot at all.</summary>
    public static bool CannotGoIn(FilledPot filled) => Litres(filled) > filled.Pot.CapacityLitres;

    /// <summary>True when it is so full that the lid may touch it.</summary>
    public static bool IsTight(FilledPot filled) =>
        Litres(filled) > filled.Pot.CapacityLitres * (filled.Load.Cut.Part is Part.Whole ? RoomyForBirds : RoomyForPieces);

    // Shares of the brim up to which nobody looks twice: a bird does not fill the corners, pieces do. Estimates.
    private const double RoomyForBirds = 0.55,
        RoomyForPieces = 0.75;

    /// <summary>
    /// Room that liquid, meat and all else take together, l; liquid that covers a heap fills what lies between the pieces.
    /// </summary>
    public static double Litres(FilledPot filled) =>
        filled.Companions.Sum(c => c.Grams) / 1000 * Bulk.LitresPerKg
        + Math.Max(
            filled.Load.TotalKg * filled.Load.Cut.HeapLitresPerKg.Value + (filled.IsForStock ? 0 : filled.Liquid / 1000),
            filled.Load.TotalKg * Bulk.LitresPerKg + filled.Liquid / 1000
        );
}
