namespace Ikuzo.Core.Planning;

/// <summary>Piecewise cubic through points that never overshoots between them.</summary>
/// <remarks>Fritsch and Carlson (1980), with the three-point slopes of Fritsch and Butland (1984). Constant outside the points.</remarks>
public sealed class MonotoneCurve
{
    private readonly double[] _x;
    private readonly double[] _y;
    private readonly double[] _slopes;

    /// <summary>A curve through points.</summary>
    /// <param name="x">Abscissas, strictly rising, at least two.</param>
    /// <param name="y">Values, as many.</param>
    public MonotoneCurve(double[] x, double[] y)
    {
        _x = x;
        _y = y;
        _slopes = new double[x.Length];
        Slopes(x, y, _slopes);
    }

    /// <summary>Value at <paramref name="at"/>.</summary>
    public double At(double at)
    {
        var next = Array.FindIndex(_x, x => x >= at);
        return next switch
        {
            0 => _y[0],
            < 0 => _y[^1],
            _ => Between(_x, _y, _slopes, next, at),
        };
    }

    /// <summary>Slopes at the points that keep the curve monotone between them.</summary>
    public static void Slopes(ReadOnlySpan<double> x, ReadOnlySpan<double> y, Span<double> slopes)
    {
        slopes[0] = Secant(x, y, 1);
        slopes[^1] = Secant(x, y, x.Length - 1);
        for (var i = 1; i < x.Length - 1; i++)
        {
            double before = Secant(x, y, i),
                after = Secant(x, y, i + 1);
            double left = x[i] - x[i - 1],
                right = x[i + 1] - x[i];
            slopes[i] = before * after <= 0 ? 0 : 3 * (left + right) / ((2 * right + left) / before + (right + 2 * left) / after);
        }
    }

    /// <summary>Cubic of Hermite between the points <paramref name="next"/> - 1 and <paramref name="next"/>.</summary>
    public static double Between(ReadOnlySpan<double> x, ReadOnlySpan<double> y, ReadOnlySpan<double> slopes, int next, double at)
    {
        double h = x[next] - x[next - 1],
            t = Math.Clamp((at - x[next - 1]) / h, 0, 1);
        double t2 = t * t,
            t3 = t2 * t;
        return (2 * t3 - 3 * t2 + 1) * y[next - 1]
            + (t3 - 2 * t2 + t) * h * slopes[next - 1]
            + (3 * t2 - 2 * t3) * y[next]
            + (t3 - t2) * h * slopes[next];
    }

    private static double Secant(ReadOnlySpan<double> x, ReadOnlySpan<double> y, int next) =>
        (y[next] - y[next - 1]) / (x[next] - x[next - 1]);
}
