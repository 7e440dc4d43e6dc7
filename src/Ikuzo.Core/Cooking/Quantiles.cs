namespace Ikuzo.Core.Cooking;

/// <summary>
/// Quantiles of an ensemble: straight lines between order statistics, of which the i-th of n lies at i / (n + 1) (Hyndman and Fan 1996,
/// type 6): between two of them lies, on average, as much of what the sample was drawn from as they say.
/// </summary>
public static class Quantiles
{
    /// <summary>The value below which a share of the ensemble lies.</summary>
    /// <param name="sorted">Values in rising order, at least one.</param>
    /// <param name="share">Share, 0 to 1.</param>
    public static double Of(ReadOnlySpan<float> sorted, double share)
    {
        var at = Math.Clamp(share * (sorted.Length + 1) - 1, 0, sorted.Length - 1);
        var below = (int)at;
        return below + 1 < sorted.Length ? sorted[below] + (at - below) * (sorted[below + 1] - sorted[below]) : sorted[below];
    }

    /// <summary>A sorted copy.</summary>
    public static float[] Sorted(ReadOnlySpan<float> values)
    {
        var copy = values.ToArray();
        Array.Sort(copy);
        return copy;
    }
}
