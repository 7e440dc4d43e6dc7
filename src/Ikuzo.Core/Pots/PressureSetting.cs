namespace Ikuzo.Core.Pots;

/// <summary>Setting of the pot.</summary>
public enum PressureSetting
{
    /// <summary>The usual one.</summary>
    High,

    /// <summary>The gentler one.</summary>
    Low,
}
