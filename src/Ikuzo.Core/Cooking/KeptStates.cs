namespace Ikuzo.Core.Cooking;

/// <summary>Everything about the pot that a branch must restore, for sixteen cooks side by side.</summary>
internal struct PotProgress
{
    public Lane Pot,
        Elapsed,
        PressureAt,
        Held,
        Release,
        Flash,
        JuiceKg,
        Owed,
        Pile,
        MeatWatts,
        Previous;
    public EnergyLedger Energy;
}

/// <summary>States of a block that were kept to come back to, by number. Their memory is used again.</summary>
internal sealed class KeptStates
{
    private readonly List<Kept> _slots = [];

    /// <summary>Keeps a state in place of what was kept under its number.</summary>
    public void Keep(int slot, in PotProgress now, int samples, SpotStates bodies, SofteningStates beside)
    {
        while (_slots.Count <= slot)
        {
            _slots.Add(new Kept());
        }

        (_slots[slot].Now, _slots[slot].Samples) = (now, samples);
        _slots[slot].Bodies.CopyFrom(bodies);
        _slots[slot].Beside.CopyFrom(beside);
    }

    /// <summary>Puts the meat back into a kept state, and gives that of the pot and the length of the trace.</summary>
    public (PotProgress Now, int Samples) GoBack(int slot, SpotStates bodies, SofteningStates beside)
    {
        bodies.CopyFrom(_slots[slot].Bodies);
        beside.CopyFrom(_slots[slot].Beside);
        return (_slots[slot].Now, _slots[slot].Samples);
    }

    private sealed class Kept
    {
        public PotProgress Now { get; set; }

        public int Samples { get; set; }

        public SpotStates Bodies { get; } = new();

        public SofteningStates Beside { get; } = new();
    }
}
