namespace Ikuzo.Core.Cooking;

/// <summary>Samples of eight cooks, each on its own clock, about every half minute.</summary>
internal sealed class Trace
{
    private const int Most = 2048;
    private readonly Lane[] _elapsed = new Lane[Most];
    private readonly Lane[] _pot = new Lane[Most];
    private readonly Lane[] _coldest = new Lane[Most];
    private readonly Lane[] _surface = new Lane[Most];
    private int _count;

    public void Clear() => _count = 0;

    public void Add(CookBlock block)
    {
        if (_count == Most)
        {
            return;
        }

        _elapsed[_count] = block.ElapsedSeconds;
        _pot[_count] = block.PotCelsius;
        _coldest[_count] = block.ColdestCelsius();
        _surface[_count] = block.SurfaceCelsius();
        _count++;
    }

    /// <summary>Straight lines between the samples of one lane, onto a common clock; beyond the last sample its value stays.</summary>
    public void Resample(int lane, double stepSeconds, Span<double> pot, Span<double> coldest, Span<double> surface)
    {
        var at = 0;
        for (var i = 0; i < pot.Length; i++)
        {
            var t = i * stepSeconds;
            while (at < _count - 2 && _elapsed[at + 1][lane] < t)
            {
                at++;
            }

            var next = Math.Min(at + 1, _count - 1);
            double from = _elapsed[at][lane], to = _elapsed[next][lane];
            var share = to > from ? Math.Clamp((t - from) / (to - from), 0, 1) : 1;
            pot[i] = Mix(_pot, at, next, lane, share);
            coldest[i] = Mix(_coldest, at, next, lane, share);
            surface[i] = Mix(_surface, at, next, lane, share);
        }
    }

    private static double Mix(Lane[] series, int from, int to, int lane, double share)
        => series[from][lane] + share * (series[to][lane] - series[from][lane]);
}

/// <summary>Traces for reuse; each is half a megabyte.</summary>
internal static class TracePool
{
    private static readonly System.Collections.Concurrent.ConcurrentBag<Trace> Free = [];

    public static Trace Rent()
    {
        var trace = Free.TryTake(out var free) ? free : new Trace();
        trace.Clear();
        return trace;
    }

    public static void Return(Trace trace) => Free.Add(trace);
}
