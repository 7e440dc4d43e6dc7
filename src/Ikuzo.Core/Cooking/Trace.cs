using System.Runtime.InteropServices;

namespace Ikuzo.Core.Cooking;

/// <summary>Samples of sixteen cooks, each on its own clock, about every minute.</summary>
internal sealed class Trace
{
    private readonly List<Sample> _trunk = new(256); // of the come-up and hold that every ending shares
    private readonly List<Sample> _branch = new(64); // of the present ending
    private int _shared; // samples of the trunk that the present ending has behind it

    /// <summary>Samples so far.</summary>
    public int Count => _shared + _branch.Count;

    private ref readonly Sample At(int index) =>
        ref index < _shared ? ref CollectionsMarshal.AsSpan(_trunk)[index] : ref CollectionsMarshal.AsSpan(_branch)[index - _shared];

    /// <summary>Forgets everything.</summary>
    public void Clear()
    {
        _trunk.Clear();
        Branch(0);
    }

    /// <summary>Makes everything so far the trunk, to branch off later.</summary>
    /// <returns>Number to come back with.</returns>
    public int Keep()
    {
        _trunk.RemoveRange(_shared, _trunk.Count - _shared);
        _trunk.AddRange(_branch);
        Branch(_trunk.Count);
        return _shared;
    }

    /// <summary>Begins another ending after the first samples of the trunk, which stays whole.</summary>
    public void Branch(int shared)
    {
        _shared = shared;
        _branch.Clear();
    }

    public void Add(CookBlock block) =>
        _branch.Add(new Sample(block.ElapsedSeconds, block.PotCelsius, block.ColdestCelsius(), block.SurfaceCelsius()));

    /// <summary>Straight lines between the samples of one lane, onto a common clock; beyond the last sample its value stays.</summary>
    /// <param name="lane">Lane.</param>
    /// <param name="stepSeconds">Between the points, s.</param>
    /// <param name="points">Points from 0 s.</param>
    /// <param name="put">Takes point, pot, coldest spot and surface.</param>
    public void Resample(int lane, double stepSeconds, int points, Action<int, float, float, float> put)
    {
        var at = 0;
        for (var i = 0; i < points; i++)
        {
            var t = (float)(i * stepSeconds);
            while (at < Count - 2 && At(at + 1).Elapsed[lane] < t)
            {
                at++;
            }

            ref readonly Sample from = ref At(at),
                to = ref At(Math.Min(at + 1, Count - 1));
            var length = to.Elapsed[lane] - from.Elapsed[lane];
            var share = length > 0 ? Math.Clamp((t - from.Elapsed[lane]) / length, 0, 1) : 1f;
            float Mix(in Lane a, in Lane b) => a[lane] + share * (b[lane] - a[lane]);
            put(i, Mix(from.Pot, to.Pot), Mix(from.Coldest, to.Coldest), Mix(from.Surface, to.Surface));
        }
    }

    private readonly record struct Sample(Lane Elapsed, Lane Pot, Lane Coldest, Lane Surface);
}
