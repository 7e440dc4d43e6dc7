using Ikuzo.Core.Conduction;

namespace Ikuzo.Core.Cooking;

/// <summary>The heat and the changes of one spot.</summary>
internal sealed class SpotState
{
    public ConductionBatch Batch { get; } = new();

    public MeatChanges Changes { get; } = new();

    public void CopyFrom(SpotState other)
    {
        Batch.CopyStateFrom(other.Batch);
        Changes.CopyFrom(other.Changes);
    }
}
