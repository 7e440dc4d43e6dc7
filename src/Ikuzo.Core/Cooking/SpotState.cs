using Ikuzo.Core.Conduction;

namespace Ikuzo.Core.Cooking;

/// <summary>The heat and the changes of one spot.</summary>
/// <param name="shells">Shells between the middle and the surface.</param>
internal sealed class SpotState(int shells)
{
    public ConductionBatch Batch { get; } = new(shells);

    public MeatChanges Changes { get; } = new(shells);

    public void CopyFrom(SpotState other)
    {
        Batch.CopyStateFrom(other.Batch);
        Changes.CopyFrom(other.Changes);
    }
}

/// <summary>
/// Room for the bodies of a cook: first the critical spots on the mesh of the product, then the average pieces, of which only sums are
/// wanted, on a coarser one.
/// </summary>
internal sealed class SpotStates
{
    public const int MostSpots = 2;
    public const int Most = 2 * MostSpots;

    private readonly SpotState[] _spots = Room(ConductionMesh.Shells);
    private readonly SpotState[] _averages = Room(ConductionMesh.AverageShells);
    private int _critical;

    /// <summary>Spots and average pieces in use.</summary>
    public int Count { get; private set; }

    public SpotState this[int index] => index < _critical ? _spots[index] : _averages[index - _critical];

    /// <summary>Sets how many are in use.</summary>
    public void Use(int critical, int averages) => (_critical, Count) = (critical, critical + averages);

    public void CopyFrom(SpotStates other)
    {
        Use(other._critical, other.Count - other._critical);
        for (var i = 0; i < Count; i++)
        {
            this[i].CopyFrom(other[i]);
        }
    }

    private static SpotState[] Room(int shells) => [.. Enumerable.Range(0, MostSpots).Select(_ => new SpotState(shells))];
}
