namespace Ikuzo.Core.Loads;

/// <summary>Where the meat lies in the pot.</summary>
public enum Placement
{
    /// <summary>On a rack above the liquid, in steam.</summary>
    Rack,

    /// <summary>Under the liquid.</summary>
    InLiquid,

    /// <summary>On a bed of vegetables or grain, half in liquid.</summary>
    OnBed,
}
