namespace Ikuzo.Core.Running.Journal;

/// <summary>What can go wrong in a rehearsal.</summary>
public enum SimulatedFault
{
    /// <summary>The valve was left open for the first minutes: no pressure until it is closed.</summary>
    ValveOpen,

    /// <summary>Something sticks to the floor: the heater stops for some minutes on the way up.</summary>
    Scorch,

    /// <summary>The power fails for some minutes under pressure.</summary>
    PowerCut,

    /// <summary>The heater is a third weaker than it says.</summary>
    SlowHeater,

    /// <summary>The probe scatters.</summary>
    NoisyProbe,

    /// <summary>The probe is not in the middle and reads too hot.</summary>
    MisplacedProbe,

    /// <summary>The probe falls silent now and then.</summary>
    ProbeDropout,
}
