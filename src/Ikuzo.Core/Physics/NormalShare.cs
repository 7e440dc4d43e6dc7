namespace Ikuzo.Core.Physics;

/// <summary>The distribution function of the standard normal distribution, the inverse of <see cref="NormalQuantile"/>.</summary>
/// <remarks>Zelen and Severo in Abramowitz and Stegun, Handbook of Mathematical Functions (1964), 26.2.17; error below 7.5e-8.</remarks>
public static class NormalShare
{
    private static readonly double[] B = [0.319381530, -0.356563782, 1.781477937, -1.821255978, 1.330274429];

    /// <summary>Share that lies below a number of standard deviations from the mean.</summary>
    /// <param name="z">Standard deviations.</param>
    public static double Of(double z)
    {
        var t = 1 / (1 + 0.2316419 * Math.Abs(z));
        var sum = t * (B[0] + t * (B[1] + t * (B[2] + t * (B[3] + t * B[4]))));
        var above = Math.Exp(-z * z / 2) / Math.Sqrt(2 * Math.PI) * sum;
        return z < 0 ? above : 1 - above;
    }
}
