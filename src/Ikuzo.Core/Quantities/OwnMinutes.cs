namespace Ikuzo.Core.Quantities;

/// <summary>How long a job takes that says so itself: "Bake for 30 minutes."</summary>
public static class OwnMinutes
{
    /// <summary>Longest that is believed, min.</summary>
    public const double Most = 240;

    /// <summary>The first time in a line, min; the middle of a range; null when it says none.</summary>
    /// <param name="line">What to do.</param>
    public static double? In(string line)
    {
        var tokens = Tokens.Split(line);
        return Enumerable
            .Range(0, tokens.Count)
            .Select(at => QuantityReader.ReadAt(tokens, at))
            .Where(q => q is { Dimension: Dimension.Time, Value: > 0 and <= Most })
            .Select(q => (double?)q!.Value.Middle)
            .FirstOrDefault();
    }
}
