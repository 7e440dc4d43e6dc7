namespace Ikuzo.Core.Book;

/// <summary>
/// Many unknown numbers, each standard normal until something is seen, and what is believed of them: means and covariances. What is seen
/// is a weighted sum of some of them with noise (Kalman's update for one scalar, without a prediction: nothing moves by itself).
/// </summary>
internal sealed class Gaussian
{
    private readonly Dictionary<string, int> _names = [];
    private readonly List<double> _mean = [];
    private readonly List<double[]> _covariance = []; // of each with those before it and itself

    /// <summary>What was seen, as the belief had it before: its mean and standard deviation, noise included.</summary>
    internal readonly record struct Foreseen(double Mean, double Deviation);

    /// <summary>A sum of unknowns: mean and standard deviation.</summary>
    /// <param name="sum">Weight of each.</param>
    public (double Mean, double Deviation) Of(IReadOnlyList<(string Name, double Weight)> sum)
    {
        double mean = 0,
            variance = 0;
        for (var a = 0; a < sum.Count; a++)
        {
            var known = _names.TryGetValue(sum[a].Name, out var i);
            mean += known ? sum[a].Weight * _mean[i] : 0;
            for (var b = 0; b <= a; b++)
            {
                var twice = a == b ? 1 : 2;
                var covariance =
                    known && _names.TryGetValue(sum[b].Name, out var j) ? At(i, j)
                    : sum[a].Name == sum[b].Name ? 1
                    : 0;
                variance += twice * sum[a].Weight * sum[b].Weight * covariance;
            }
        }

        return (mean, Math.Sqrt(Math.Max(0, variance)));
    }

    /// <summary>What is expected to be seen.</summary>
    public Foreseen Foresee(IReadOnlyList<(string Name, double Weight)> sum, double noise)
    {
        var (mean, deviation) = Of(sum);
        return new(mean, double.Hypot(deviation, noise));
    }

    /// <summary>Learns from what was seen.</summary>
    /// <param name="sum">Of which unknowns it is a sum.</param>
    /// <param name="seen">What was seen.</param>
    /// <param name="noise">Standard deviation of its noise, above 0.</param>
    public void See(IReadOnlyList<(string Name, double Weight)> sum, double seen, double noise)
    {
        int[] indices = [.. sum.Select(s => Index(s.Name))];
        var count = _mean.Count;
        var gain = new double[count];
        for (var i = 0; i < count; i++)
        {
            for (var k = 0; k < indices.Length; k++)
            {
                gain[i] += At(i, indices[k]) * sum[k].Weight;
            }
        }

        double total = noise * noise,
            surprise = seen;
        for (var k = 0; k < indices.Length; k++)
        {
            total += sum[k].Weight * gain[indices[k]];
            surprise -= sum[k].Weight * _mean[indices[k]];
        }

        for (var i = 0; i < count; i++)
        {
            if (gain[i] == 0)
            {
                continue;
            }

            var share = gain[i] / total;
            _mean[i] += share * surprise;
            for (var j = 0; j <= i; j++)
            {
                _covariance[i][j] -= share * gain[j];
            }
        }
    }

    /// <summary>The same, to go on from without changing this one.</summary>
    public Gaussian Copy()
    {
        var copy = new Gaussian();
        foreach (var (name, index) in _names)
        {
            copy._names[name] = index;
        }

        copy._mean.AddRange(_mean);
        copy._covariance.AddRange(_covariance.Select(row => (double[])row.Clone()));
        return copy;
    }

    private double At(int i, int j) => i >= j ? _covariance[i][j] : _covariance[j][i];

    private int Index(string name)
    {
        if (!_names.TryGetValue(name, out var index))
        {
            _names[name] = index = _mean.Count;
            _mean.Add(0);
            _covariance.Add(new double[index + 1]);
            _covariance[index][index] = 1;
        }

        return index;
    }
}
