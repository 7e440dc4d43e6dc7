namespace Ikuzo.Core.Quantities;

/// <summary>A figure of the catalogue: what it is worth, in which unit, and who says so.</summary>
/// <param name="Value">The value in <paramref name="Unit"/>.</param>
/// <param name="Unit">Unit, as in "kg" or "mm"; "1" for a ratio.</param>
/// <param name="Source">Citation, or the word "estimate".</param>
public sealed record Figure(double Value, string Unit, string Source)
{
    /// <summary>A figure of our own judgement.</summary>
    public static Figure Estimate(double value, string unit) => new(value, unit, "estimate");
}
