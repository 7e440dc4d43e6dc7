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

    /// <summary>The same of values in any order, which are put into another.</summary>
    /// <param name="values">Values, at least one.</param>
    /// <param name="share">Share, 0 to 1.</param>
    public static double Among(Span<float> values, double share)
    {
        var at = Math.Clamp(share * (values.Length + 1) - 1, 0, values.Length - 1);
        var below = (int)at;
        var low = Select(values, below);
        if (below + 1 == values.Length || at == below)
        {
            return low;
        }

        var high = values[below + 1];
        foreach (var value in values[(below + 2)..])
        {
            high = Math.Min(high, value);
        }

        return low + (at - below) * (high - low);
    }

    // The value that would stand at a place, were they sorted; none before it is greater then, none behind it less (Hoare 1961).
    private static float Select(Span<float> values, int place)
    {
        for (int first = 0, last = values.Length - 1; first < last; )
        {
            var pivot = values[first + (last - first) / 2];
            int i = first,
                j = last;
            while (i <= j)
            {
                while (values[i] < pivot)
                {
                    i++;
                }

                while (values[j] > pivot)
                {
                    j--;
                }

                if (i <= j)
                {
                    (values[i], values[j]) = (values[j], values[i]);
                    (i, j) = (i + 1, j - 1);
                }
            }

            (first, last) =
                place <= j ? (first, j)
                : place >= i ? (i, last)
                : (place, place);
        }

        return values[place];
    }

    /// <summary>A sorted copy.</summary>
    public static float[] Sorted(ReadOnlySpan<float> values)
    {
        var copy = values.ToArray();
        Array.Sort(copy);
        return copy;
    }
}
