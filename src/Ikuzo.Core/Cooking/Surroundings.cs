namespace Ikuzo.Core.Cooking;

/// <summary>What happens around the meat.</summary>
internal enum Surroundings
{
    /// <summary>Lid on, heater at full power.</summary>
    ComeUp,

    /// <summary>Lid on, held by the thermostat.</summary>
    Hold,

    /// <summary>Lid on, heater off.</summary>
    Rest,

    /// <summary>Steam let out.</summary>
    Vent,

    /// <summary>Lid off.</summary>
    Open,

    /// <summary>Lid laid on, not locked, heater off.</summary>
    Covered,
}
