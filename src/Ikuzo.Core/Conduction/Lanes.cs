using System.Runtime.CompilerServices;
using System.Runtime.Intrinsics;

namespace Ikuzo.Core.Conduction;

/// <summary>Small helpers over <c>Lane</c>, the sixteen particles that are computed side by side.</summary>
public static class Lanes
{
    /// <summary>Particles in one lane vector.</summary>
    public const int Width = 16;

    /// <summary>The same value in every lane.</summary>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    public static Lane All(double value) => Vector512.Create((float)value);

    /// <summary>A value of its own for each lane. Slow: for what is done once.</summary>
    public static Lane Each(Func<int, double> of)
    {
        Span<float> values = stackalloc float[Width];
        for (var i = 0; i < Width; i++)
        {
            values[i] = (float)of(i);
        }

        return From(values);
    }

    /// <summary>As many values from a span.</summary>
    public static Lane From(ReadOnlySpan<float> values) => Vector512.Create(values);

    /// <summary>a b + c, fused where the machine can.</summary>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    public static Lane Fma(Lane a, Lane b, Lane c) => Vector512.MultiplyAddEstimate(a, b, c);

    /// <summary>Picks from <paramref name="yes"/> where the mask is set and from <paramref name="no"/> elsewhere.</summary>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    public static Lane Pick(Lane mask, Lane yes, Lane no) => Vector512.ConditionalSelect(mask, yes, no);

    /// <summary>A function of each value. Slow: for what is done once.</summary>
    public static Lane Map(Lane values, Func<double, double> of)
    {
        var mapped = Lane.Zero;
        for (var i = 0; i < Width; i++)
        {
            mapped = mapped.WithElement(i, (float)of(values[i]));
        }

        return mapped;
    }

    /// <summary>True when the mask is set in any lane.</summary>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    public static bool Any(Lane mask) => Vector512.ExtractMostSignificantBits(mask) != 0;

    /// <summary>e^x in every lane, relative error under 2e-7; x is clamped to ±87, where single precision ends.</summary>
    /// <remarks>Cody and Waite reduction to |r| ≤ ln 2 / 2 and the polynomial of Cephes (S. L. Moshier, expf, 1992).</remarks>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    public static Lane Exp(Lane x)
    {
        x = Vector512.Min(Vector512.Max(x, Vector512.Create(-87f)), Vector512.Create(87f));
        var n = Vector512.Round(x * 1.44269504088896341f);
        var r = Fma(n, Vector512.Create(-0.693359375f), x);
        r = Fma(n, Vector512.Create(2.12194440e-4f), r);
        var p = Fma(Vector512.Create(1.9875691500e-4f), r, Vector512.Create(1.3981999507e-3f));
        p = Fma(p, r, Vector512.Create(8.3334519073e-3f));
        p = Fma(p, r, Vector512.Create(4.1665795894e-2f));
        p = Fma(p, r, Vector512.Create(1.6666665459e-1f));
        p = Fma(p, r, Vector512.Create(5.0000001201e-1f));
        p = Fma(p * r, r, r) + Lane.One;
        return p * ((Vector512.ConvertToInt32Native(n) + Vector512.Create(127)) << 23).AsSingle();
    }

    /// <summary>x^p in every lane, for x above 0.</summary>
    public static Lane Power(Lane x, Lane p) => Vector512.Exp(p * Vector512.Log(x));

    /// <summary>Writes the values to <paramref name="target"/> from index <paramref name="first"/>.</summary>
    public static void Store(Lane values, float[] target, int first) => values.CopyTo(target.AsSpan(first, Width));

    /// <summary>Smallest value of the lanes.</summary>
    public static double Least(Lane of) => -Max(-of);

    /// <summary>Largest value of the lanes.</summary>
    public static double Max(Lane of)
    {
        var max = of[0];
        for (var i = 1; i < Width; i++)
        {
            max = Math.Max(max, of[i]);
        }

        return max;
    }
}
