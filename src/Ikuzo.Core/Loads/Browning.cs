namespace Ikuzo.Core.Loads;

/// <summary>How meat is browned: what fits on the floor of the pot at a time, and how long each side lies there.</summary>
/// <param name="Batches">How often the floor is filled, 1 or more.</param>
/// <param name="Sides">Sides of a piece that are browned.</param>
/// <param name="SideMinutes">How long each side lies in the fat, min.</param>
/// <param name="IsWhole">True for a bird or a large piece, which is turned as one.</param>
public sealed record Browning(int Batches, int Sides, double SideMinutes, bool IsWhole)
{
    // A household's pot browns this much at once without steaming, kg; a side takes this long, turning included, min. Estimates.
    private const double KgPerBatch = 0.6,
        PieceSideMinutes = 3,
        BirdSideMinutes = 4;
    private const double BirdKg = 0.8;

    /// <summary>All of it, min.</summary>
    public double Minutes => Batches * Sides * SideMinutes;

    /// <summary>How a load is browned.</summary>
    /// <param name="loads">The meat; at least one.</param>
    public static Browning Of(IReadOnlyList<MeatLoad> loads)
    {
        var birds = loads.Where(l => l.PieceKg >= BirdKg).Sum(l => l.Pieces);
        var small = Math.Ceiling(Math.Round(loads.Where(l => l.PieceKg < BirdKg).Sum(l => l.TotalKg) / KgPerBatch, 6));
        return birds > 0
            ? new(birds + (int)small, 2, BirdSideMinutes, IsWhole: small == 0)
            : new(Math.Max(1, (int)small), 2, PieceSideMinutes, IsWhole: false);
    }

    /// <summary>What to do, in one line: "Brown in 3 batches", "Brown it on both sides".</summary>
    public string Words =>
        (IsWhole, Batches) switch
        {
            (true, 1) => "Brown it on both sides",
            (true, _) => FormattableString.Invariant($"Brown them one after the other, {Batches} in all"),
            (false, 1) => "Brown in one batch",
            _ => FormattableString.Invariant($"Brown in {Batches} batches"),
        };
}
