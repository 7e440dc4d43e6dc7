using System.Diagnostics.CodeAnalysis;

namespace Ikuzo.Core.Conduction;

/// <summary>One shell of sixteen pieces: what the solver keeps between two steps, side by side in memory.</summary>
[SuppressMessage(
    "Design",
    "CA1051:Do not declare visible instance fields",
    Justification = "The inner loops work on the fields by reference."
)]
public struct Shell
{
    /// <summary>Temperature, °C.</summary>
    public Lane Celsius;

    /// <summary>Enthalpy from the freezing point, J/kg.</summary>
    public Lane Enthalpy;

    /// <summary>Share of the mass of meat and core; adds up to 1 over the shells of a lane.</summary>
    public Lane MassShare;

    internal Lane Gain; // enthalpy gained in the step before, J/kg
    internal Lane Capacity; // heat capacity at the present temperature, J/kg K
    internal Lane Conductivity; // at the present temperature, W/m K
    internal Lane Face; // area over distance of the outer face, halved for the mean of two conductivities
    internal Lane Carry; // elimination: how much of the change of the next shell is passed on
    internal Lane Partial; // elimination: the rest; then the change of temperature in this step, K
}
