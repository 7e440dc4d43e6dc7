namespace Ikuzo.Core.Cooking;

/// <summary>Samples of eight cooks, each on its own clock, about every minute.</summary>
internal sealed class Trace
{
    private readonly List<Sample> _samples = new(256);

    /// <summary>Samples so far.</summary>
    public int Count => _samples.Count;

    /// <summary>Forgets everything.</summary>
    public void Clear() => _samples.Clear();

    /// <summary>Forgets what came after the first <paramref name="count"/> samples.</summary>
    public void CutTo(int count) => _samples.RemoveRange(count, _samples.Count - count);

    public void Add(CookBlock block)
        => _samples.Add(new Sample(block.ElapsedSeconds, block.PotCelsius, block.ColdestCelsius(), block.SurfaceCelsius()));

    /// <summary>Straight lines between the samples of one lane, onto a common clock; beyond the last sample its value stays.</summary>
    /// <param name="lane">Lane.</param>
    /// <param name="stepSeconds">Between the points, s.</param>
    /// <param name="points">Points from 0 s.</param>
    /// <param name="put">Takes point, pot, coldest spot and surface.</param>
    public void Resample(int lane, double stepSeconds, int points, Action<int, double, double, double> put)
    {
        var at = 0;
        for (var i = 0; i < points; i++)
        {
            var t = i * stepSeconds;
            while (at < _samples.Count - 2 && _samples[at + 1].Elapsed[lane] < t)
            {
                at++;
            }

            Sample from = _samples[at], to = _samples[Math.Min(at + 1, _samples.Count - 1)];
            var length = to.Elapsed[lane] - from.Elapsed[lane];
            var share = length > 0 ? Math.Clamp((t - from.Elapsed[lane]) / length, 0, 1) : 1;
            double Mix(Lane a, Lane b) => a[lane] + share * (b[lane] - a[lane]);
            put(i, Mix(from.Pot, to.Pot), Mix(from.Coldest, to.Coldest), Mix(from.Surface, to.Surface));
        }
    }

    private readonly record struct Sample(Lane Elapsed, Lane Pot, Lane Coldest, Lane Surface);
}
