using System.Runtime.CompilerServices;
using System.Runtime.Intrinsics;

namespace Ikuzo.Core.Conduction;

/// <summary>Small helpers over <c>Lane</c>, the eight particles that are computed side by side.</summary>
public static class Lanes
{
    /// <summary>Particles in one lane vector.</summary>
    public const int Width = 8;

    /// <summary>The same value in every lane.</summary>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    public static Lane All(double value) => Vector512.Create(value);

    /// <summary>Eight values from a span.</summary>
    public static Lane From(ReadOnlySpan<double> eight) => Vector512.Create(eight);

    /// <summary>Picks from <paramref name="yes"/> where the mask is set and from <paramref name="no"/> elsewhere.</summary>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    public static Lane Pick(Lane mask, Lane yes, Lane no) => Vector512.ConditionalSelect(mask, yes, no);

    /// <summary>x^p in every lane, for x above 0.</summary>
    public static Lane Power(Lane x, Lane p) => Vector512.Exp(p * Vector512.Log(x));

    /// <summary>Writes the eight values to <paramref name="target"/> from index <paramref name="first"/>.</summary>
    public static void Store(Lane values, double[] target, int first) => values.CopyTo(target.AsSpan(first, Width));

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
