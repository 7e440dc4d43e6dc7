using Ikuzo.Core.Poultry;

namespace Ikuzo.Core.Loads;

/// <summary>What a load usually weighs, where nobody said.</summary>
public static class UsualLoad
{
    /// <summary>From this typical weight on one piece is a meal, kg. Estimate.</summary>
    public const double LargePieceKg = 0.45;

    /// <summary>Pieces of a small cut that are usual. Estimate.</summary>
    public const int FewPieces = 4;

    /// <summary>The load with another cut: its typical weight; what was measured no longer holds.</summary>
    /// <param name="load">The load before.</param>
    /// <param name="cut">The cut.</param>
    public static MeatLoad With(MeatLoad load, Cut cut)
    {
        var pieces = cut.TypicalKg.Value > LargePieceKg ? 1 : Math.Max(load.Pieces, FewPieces);
        return load with
        {
            Cut = cut,
            Pieces = pieces,
            TotalKg = Math.Round(cut.TypicalKg.Value * pieces, 2),
            ThicknessMm = null,
            HeaviestKg = null,
        };
    }

    /// <summary>The load with another number of pieces, each as heavy as before.</summary>
    /// <param name="load">The load before.</param>
    /// <param name="pieces">Number of pieces, 1 or more.</param>
    public static MeatLoad With(MeatLoad load, int pieces) =>
        load with
        {
            Pieces = pieces,
            TotalKg = Math.Round(load.PieceKg * pieces, 3),
            HeaviestKg = pieces == 1 ? null : load.HeaviestKg,
        };
}
