namespace Ikuzo.Core.Planning;

/// <summary>Piecewise cubic through points that never overshoots between them.</summary>
/// <remarks>Fritsch and Carlson (1980), with the three-point slopes of Fritsch and Butland (1984). Constant outside the points.</remarks>
public sealed class MonotoneCurve
{
    private readonly double[] _x;
    private readonly double[] _y;
    private readonly double[] _slope;

    /// <summary>A curve through points.</summary>
    /// <param name="x">Abscissas, strictly rising, at least one.</param>
    /// <param name="y">Values, as many.</param>
    public MonotoneCurve(double[] x, double[] y)
    {
        _x = x;
        _y = y;
        _slope = new double[x.Length];
        for (var i = 0; i < x.Length; i++)
        {
            _slope[i] = SlopeAt(i);
        }
    }

    /// <summary>Value at <paramref name="at"/>.</summary>
    public double At(double at)
    {
        var next = Array.FindIndex(_x, x => x >= at);
        if (next <= 0)
        {
            return next == 0 ? _y[0] : _y[^1];
        }

        double h = _x[next] - _x[next - 1], t = (at - _x[next - 1]) / h;
        double t2 = t * t, t3 = t2 * t;
        return (2 * t3 - 3 * t2 + 1) * _y[next - 1] + (t3 - 2 * t2 + t) * h * _slope[next - 1]
            + (3 * t2 - 2 * t3) * _y[next] + (t3 - t2) * h * _slope[next];
    }

    private double SlopeAt(int i)
    {
        if (_x.Length < 2)
        {
            return 0;
        }

        if (i == 0 || i == _x.Length - 1)
        {
            return Secant(Math.Min(i, _x.Length - 2));
        }

        double before = Secant(i - 1), after = Secant(i);
        if (before * after <= 0)
        {
            return 0;
        }

        double left = _x[i] - _x[i - 1], right = _x[i + 1] - _x[i];
        return 3 * (left + right) / ((2 * right + left) / before + (right + 2 * left) / after);
    }

    private double Secant(int i) => (_y[i + 1] - _y[i]) / (_x[i + 1] - _x[i]);
}
