namespace Ikuzo.Core.Physics;

/// <summary>The quantile function of the standard normal distribution.</summary>
/// <remarks>P. J. Acklam's rational approximation (2003), relative error below 1.15e-9 for 0 &lt; p &lt; 1.</remarks>
public static class NormalQuantile
{
    private static readonly double[] A =
    [
        -3.969683028665376e+01,
        2.209460984245205e+02,
        -2.759285104469687e+02,
        1.383577518672690e+02,
        -3.066479806614716e+01,
        2.506628277459239e+00,
    ];
    private static readonly double[] B =
    [
        -5.447609879822406e+01,
        1.615858368580409e+02,
        -1.556989798598866e+02,
        6.680131188771972e+01,
        -1.328068155288572e+01,
        1,
    ];
    private static readonly double[] C =
    [
        -7.784894002430293e-03,
        -3.223964580411365e-01,
        -2.400758277161838e+00,
        -2.549732539343734e+00,
        4.374664141464968e+00,
        2.938163982698783e+00,
    ];
    private static readonly double[] D = [7.784695709041462e-03, 3.224671290700398e-01, 2.445134137142996e+00, 3.754408661907416e+00, 1];

    /// <summary>Standard deviations from the mean below which a share <paramref name="p"/> lies.</summary>
    /// <param name="p">Probability, strictly between 0 and 1.</param>
    public static double Of(double p)
    {
        ArgumentOutOfRangeException.ThrowIfLessThanOrEqual(p, 0);
        ArgumentOutOfRangeException.ThrowIfGreaterThanOrEqual(p, 1);
        return p switch
        {
            < 0.02425 => Tail(p),
            > 1 - 0.02425 => -Tail(1 - p),
            _ => Centre(p - 0.5),
        };
    }

    private static double Centre(double q) => q * Horner(A, q * q) / Horner(B, q * q);

    private static double Tail(double p)
    {
        var q = Math.Sqrt(-2 * Math.Log(p));
        return Horner(C, q) / Horner(D, q);
    }

    private static double Horner(double[] coefficients, double x)
    {
        var sum = 0.0;
        foreach (var c in coefficients)
        {
            sum = sum * x + c;
        }

        return sum;
    }
}
