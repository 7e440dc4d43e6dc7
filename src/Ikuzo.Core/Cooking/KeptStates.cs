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

    /// <summary>Forgets them all: what another cook left is nothing to come back to.</summary>
    public void Forget()
    {
        foreach (var slot in _slots)
        {
            slot.IsKept = false;
        }
    }

    /// <summary>Keeps a state in place of what was kept under its number.</summary>
    public void Keep(int slot, in PotProgress now, int samples, SpotStates bodies, SofteningStates beside)
    {
        while (_slots.Count <= slot)
        {
            _slots.Add(new Kept());
        }

        (_slots[slot].Now, _slots[slot].Samples, _slots[slot].IsKept) = (now, samples, true);
        _slots[slot].Bodies.CopyFrom(bodies);
        _slots[slot].Beside.CopyFrom(beside);
    }

    /// <summary>Puts the meat back into a kept state, and gives that of the pot and the length of the trace.</summary>
    /// <exception cref="InvalidOperationException">Nothing of this cook was kept under the number.</exception>
    public (PotProgress Now, int Samples) GoBack(int slot, SpotStates bodies, SofteningStates beside)
    {
        if (slot >= _slots.Count || !_slots[slot].IsKept)
        {
            throw new InvalidOperationException($"Nothing of this cook was kept under {slot}.");
        }

        bodies.CopyFrom(_slots[slot].Bodies);
        beside.CopyFrom(_slots[slot].Beside);
        return (_slots[slot].Now, _slots[slot].Samples);
    }

    private sealed class Kept
    {
        public PotProgress Now { get; set; }

        public int Samples { get; set; }

        public bool IsKept { get; set; }

        public SpotStates Bodies { get; } = new();

        public SofteningStates Beside { get; } = new();
    }
}
