namespace Ikuzo.Core.Conduction;

/// <summary>
/// The exact solution that the solver is held against: a body of constant properties whose surroundings jump once.
/// </summary>
/// <remarks>
/// θ(x, Fo) = Σ Aₙ Φ(λₙ x) exp(-λₙ² Fo) with Φ(z) = Γ(ν+1) (2/z)^ν J_ν(z), ν = E/2 - 1, where λₙ solves λ²/E Φ_(ν+1)(λ) = Bi Φ_ν(λ).
/// With u = Φ(λₙ) and Q = Bi² + λₙ² + (2 - E) Bi, the terms are 2 Bi/(u Q) at the centre, 2 Bi/Q at the surface and 2 E Bi²/(λₙ² Q) in the
/// mean. For E = 1, 2, 3 these are the series of Carslaw and Jaeger, Conduction of Heat in Solids (1959), ch. 3, 7 and 9; the same
/// equation holds between them.
/// </remarks>
public static class ConductionSeries
{
    /// <summary>Least Fourier number at which the terms that are left out are under 1e-6.</summary>
    public const double LeastFourier = 0.001;

    private const double LargestRoot = 150,
        RootStep = 0.02,
        Negligible = 40; // e^-40

    /// <summary>Dimensionless temperatures (T - T∞)/(T₀ - T∞).</summary>
    /// <param name="dimensionality">E, 1 to 3.</param>
    /// <param name="biot">h R / k, above 0.</param>
    /// <param name="fourier">α t / R², from <see cref="LeastFourier"/>.</param>
    /// <exception cref="ArgumentOutOfRangeException">An argument is outside its range.</exception>
    public static Theta At(double dimensionality, double biot, double fourier)
    {
        ArgumentOutOfRangeException.ThrowIfLessThan(fourier, LeastFourier);
        double centre = 0,
            surface = 0,
            mean = 0;
        foreach (var root in Roots(dimensionality, biot).TakeWhile(r => r * r * fourier < Negligible))
        {
            var q = biot * biot + root * root + (2 - dimensionality) * biot;
            var fade = Math.Exp(-root * root * fourier);
            centre += 2 * biot / (Phi(dimensionality / 2 - 1, root) * q) * fade;
            surface += 2 * biot / q * fade;
            mean += 2 * dimensionality * biot * biot / (root * root * q) * fade;
        }

        return new Theta(centre, surface, mean);
    }

    private static IEnumerable<double> Roots(double e, double biot)
    {
        ArgumentOutOfRangeException.ThrowIfLessThan(e, 1);
        ArgumentOutOfRangeException.ThrowIfGreaterThan(e, 3);
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(biot);
        double Condition(double z) => z * z / e * Phi(e / 2, z) - biot * Phi(e / 2 - 1, z);
        for (var z = 0.0; z < LargestRoot; z += RootStep)
        {
            if (Condition(z) <= 0 != Condition(z + RootStep) <= 0)
            {
                yield return Bisect(Condition, z, z + RootStep);
            }
        }
    }

    private static double Bisect(Func<double, double> of, double low, double high)
    {
        var sign = of(low) <= 0;
        for (var i = 0; i < 45; i++)
        {
            var middle = (low + high) / 2;
            (low, high) = of(middle) <= 0 == sign ? (middle, high) : (low, middle);
        }

        return (low + high) / 2;
    }

    // Power series up to 12, where cancellation costs five of sixteen digits; Hankel's asymptotic series beyond (Abramowitz and Stegun
    // 9.1.10, 9.2.5).
    private static double Phi(double nu, double z) => z <= 12 ? PowerSeries(nu, z) : Gamma(nu + 1) * Math.Pow(2 / z, nu) * Hankel(nu, z);

    private static double PowerSeries(double nu, double z)
    {
        double term = 1,
            sum = 1;
        for (var k = 1; Math.Abs(term) > 1e-17; k++)
        {
            term *= -z * z / 4 / (k * (k + nu));
            sum += term;
        }

        return sum;
    }

    private static double Hankel(double nu, double z)
    {
        double term = 1,
            p = 1,
            q = 0;
        for (var k = 1; k < 2 * z; k++)
        {
            term *= (4 * nu * nu - (2 * k - 1) * (2 * k - 1)) / (k * 8 * z);
            (p, q) = (k % 4) switch
            {
                0 => (p + term, q),
                1 => (p, q + term),
                2 => (p - term, q),
                _ => (p, q - term),
            };
            if (Math.Abs(term) < 1e-16)
            {
                break;
            }
        }

        var angle = z - nu * Math.PI / 2 - Math.PI / 4;
        return Math.Sqrt(2 / (Math.PI * z)) * (p * Math.Cos(angle) - q * Math.Sin(angle));
    }

    // Γ by recurrence and Stirling's series, for arguments from 0.5: error under 1e-12.
    private static double Gamma(double x)
    {
        var shift = 1.0;
        for (; x < 10; x++)
        {
            shift *= x;
        }

        var series = 1 / (12 * x) - 1 / (360 * x * x * x) + 1 / (1260 * Math.Pow(x, 5));
        return Math.Exp((x - 0.5) * Math.Log(x) - x + Math.Log(2 * Math.PI) / 2 + series) / shift;
    }
}
