using Ikuzo.Core.Loads;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;

namespace Ikuzo.Core.Asking;

/// <summary>A stretch of what was typed, and what it was taken for.</summary>
/// <param name="Text">As typed.</param>
/// <param name="As">In kitchen words.</param>
public sealed record Understood(string Text, string As);

/// <summary>What the cook asked. Null where nothing was said.</summary>
public sealed record Question
{
    /// <summary>The cut.</summary>
    public required Cut Cut { get; init; }

    /// <summary>Number of pieces, said or guessed.</summary>
    public required int Pieces { get; init; }

    /// <summary>Weight of all pieces, kg, said or typical.</summary>
    public required double TotalKg { get; init; }

    /// <summary>Thickness, mm.</summary>
    public double? ThicknessMm { get; init; }

    /// <summary>State at lid-on.</summary>
    public MeatState? State { get; init; }

    /// <summary>Temperature at lid-on, °C.</summary>
    public double? StartCelsius { get; init; }

    /// <summary>How the pieces lie.</summary>
    public Arrangement? Arrangement { get; init; }

    /// <summary>Where they lie.</summary>
    public Placement? Placement { get; init; }

    /// <summary>How they should end.</summary>
    public Aim? Aim { get; init; }

    /// <summary>Setting of the pot.</summary>
    public PressureSetting? Pressure { get; init; }

    /// <summary>Capacity of the pot, l.</summary>
    public double? PotLitres { get; init; }

    /// <summary>Liquid, ml.</summary>
    public double? LiquidMl { get; init; }

    /// <summary>What was understood, in the order typed.</summary>
    public required IReadOnlyList<Understood> Understood { get; init; }

    /// <summary>Words that mean nothing to us, in the order typed.</summary>
    public required IReadOnlyList<string> Unknown { get; init; }

    /// <summary>What was not said and was assumed, in sentences.</summary>
    public required IReadOnlyList<string> Assumed { get; init; }
}
