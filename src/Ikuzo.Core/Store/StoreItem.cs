using Ikuzo.Core.Poultry;

namespace Ikuzo.Core.Store;

/// <summary>What is kept.</summary>
public enum StoreKind
{
    /// <summary>Raw poultry.</summary>
    Raw,

    /// <summary>Cooked meat, or a dish with meat.</summary>
    Cooked,

    /// <summary>Stock.</summary>
    Stock,

    /// <summary>A meal that only has to be warmed.</summary>
    Meal,
}

/// <summary>Where it is.</summary>
public enum StorePlace
{
    /// <summary>In the fridge, 5 °C or less.</summary>
    Fridge,

    /// <summary>In the freezer, -18 °C or less.</summary>
    Freezer,

    /// <summary>Thawing in the fridge.</summary>
    Thawing,

    /// <summary>Thawing in cold water that is changed every half hour.</summary>
    ColdWater,

    /// <summary>Neither cold nor hot: on the table, on the way home.</summary>
    Out,

    /// <summary>Cooked, eaten or thrown away: no longer there.</summary>
    Gone,
}

/// <summary>It went to a place.</summary>
/// <param name="Id">Unique within the item.</param>
/// <param name="To">Where.</param>
/// <param name="At">When.</param>
public sealed record Move(string Id, StorePlace To, DateTimeOffset At);

/// <summary>Something in the cold: what it is, and where it has been.</summary>
public sealed record StoreItem
{
    /// <summary>Most moves of an item.</summary>
    public const int MostMoves = 200;

    /// <summary>What it is.</summary>
    public required StoreKind Kind { get; init; }

    /// <summary>What the household calls it.</summary>
    public required string Name { get; init; }

    /// <summary>The cut; null where it is of no matter.</summary>
    public Cut? Cut { get; init; }

    /// <summary>Number of pieces; null where it is of no matter.</summary>
    public int? Pieces { get; init; }

    /// <summary>Weight, kg; null where nobody weighed it.</summary>
    public double? TotalKg { get; init; }

    /// <summary>Portions; null where nobody counted.</summary>
    public double? Portions { get; init; }

    /// <summary>Volume, ml; null where it is of no matter.</summary>
    public double? Ml { get; init; }

    /// <summary>The use-by day that is printed on it; null where none is, or nobody typed it.</summary>
    public DateOnly? PrintedUseBy { get; init; }

    /// <summary>Where it has been, one move or more, in the order of time.</summary>
    public required IReadOnlyList<Move> Moves { get; init; }

    /// <summary>Where it is.</summary>
    public StorePlace Place => Moves[^1].To;

    /// <summary>Since when.</summary>
    public DateTimeOffset Since => Moves[^1].At;

    /// <summary>Hours for which it was in some places until a moment.</summary>
    /// <param name="until">The moment.</param>
    /// <param name="places">The places.</param>
    public double Hours(DateTimeOffset until, params StorePlace[] places)
    {
        var hours = 0.0;
        for (var i = 0; i < Moves.Count && Moves[i].At < until; i++)
        {
            var to = i + 1 < Moves.Count && Moves[i + 1].At < until ? Moves[i + 1].At : until;
            hours += places.Contains(Moves[i].To) ? (to - Moves[i].At).TotalHours : 0;
        }

        return hours;
    }
}
