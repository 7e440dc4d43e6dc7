using Ikuzo.Core.Conduction;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Physics;
using Ikuzo.Core.Safety;

namespace Ikuzo.Core.Planning;

/// <summary>What a release needs, from a nominal and a cautious cook.</summary>
/// <param name="Release">The release.</param>
/// <param name="Minutes">
/// Minutes until the cautious cook is safe and the nominal one as tender as wanted; null if not within the limit.
/// </param>
/// <param name="TotalMinutes">From lid-on to opening at those minutes, nominal.</param>
/// <param name="ReleaseMinutes">From the end of the hold to opening, nominal.</param>
/// <param name="WaterLossPercent">Water lost at those minutes, nominal.</param>
public sealed record ScoutedRelease(Release Release, double? Minutes, double TotalMinutes, double ReleaseMinutes, double WaterLossPercent)
{
    /// <summary>The same for who measures; null where nobody asked.</summary>
    public ScoutedRelease? ForThermometer { get; init; }

    /// <summary>What a promise needs.</summary>
    public ScoutedRelease Of(Promise promise) => promise == Promise.Measured && ForThermometer is { } measured ? measured : this;
}

/// <summary>
/// Finds roughly how long each release needs, with one block of particles: lane i is the nominal cook with release i, lane i + 8 the
/// cautious one. The ensemble then looks closely around the answer.
/// </summary>
internal static class Scout
{
    /// <summary>No plan holds longer than this, min.</summary>
    public const double MostMinutes = 120;

    /// <summary>
    /// How far a cook stands from the nominal towards the cautious one, at which so many are ready: one in five instead of one in a
    /// hundred.
    /// </summary>
    /// <param name="mostReturns">Share that may need more than the first reading.</param>
    public static double Caution(double mostReturns) => NormalQuantile.Of(1 - mostReturns) / NormalQuantile.Of(SafetyRule.ShareSafe);

    private const int Releases = Lanes.Width / 2;

    /// <summary>Minutes that are looked at, the first 0.</summary>
    internal static double[] Minutes { get; } =
    [
        .. Enumerable.Range(0, 10).Select(i => 3.0 * i),
        .. Enumerable.Range(0, 6).Select(i => 30 + 5.0 * i),
        60,
        70,
        80,
        90,
        100,
        110,
        MostMinutes,
    ];

    /// <summary>Scouts up to four releases; null when the pot does not come to pressure.</summary>
    /// <param name="model">The cook.</param>
    /// <param name="releases">One to four releases.</param>
    /// <param name="leastTenderness">Least index.</param>
    /// <param name="caution">For who measures, see <see cref="Caution"/>; null where that is not asked.</param>
    public static IReadOnlyList<ScoutedRelease>? Run(
        CookModel model,
        IReadOnlyList<Release> releases,
        double leastTenderness,
        double? caution = null
    )
    {
        IReadOnlyList<ScoutedRelease>? found = null;
        Ensemble.ForEachBlock(
            ParticleSource.Scout,
            (block, _) => found = Run(block, model, releases, leastTenderness, caution),
            CancellationToken.None
        );
        return found;
    }

    private static ScoutedRelease[]? Run(
        CookBlock block,
        CookModel model,
        IReadOnlyList<Release> releases,
        double leastTenderness,
        double? caution
    )
    {
        block.Load(model, ParticleSource.Scout, 0);
        if (!block.ComeUp())
        {
            return null;
        }

        Lane rest = Lanes.Each(i => releases[Math.Min(i % Releases, releases.Count - 1)].MostRestSeconds);
        Lane tau = Lanes.Each(i => releases[Math.Min(i % Releases, releases.Count - 1)].TauSeconds);
        var tracks = releases.Select((r, i) => new Track(r, i, leastTenderness)).ToArray();
        foreach (var minutes in Minutes.TakeWhile(_ => tracks.Any(t => !t.Done)))
        {
            block.Hold(minutes * 60);
            block.Keep(0);
            block.Let(rest, tau);
            foreach (var track in tracks)
            {
                track.See(block, minutes);
            }

            block.GoBack(0);
        }

        return [.. tracks.Select(t => t.Result(1) with { ForThermometer = caution is { } c ? t.Result(c) : null })];
    }

    /// <summary>Follows one release from node to node until it is good enough, then interpolates.</summary>
    private sealed class Track(Release release, int lane, double leastTenderness)
    {
        private readonly List<Sample> _samples = [];

        public bool Done { get; private set; }

        public void See(CookBlock block, double minutes)
        {
            if (Done)
            {
                return;
            }

            var sample = new Sample(
                minutes,
                block.ColdestCelsius()[lane],
                block.ColdestCelsius()[lane + Releases],
                block.Tenderness()[lane],
                block.ElapsedSeconds[lane] / 60,
                block.ReleaseSeconds[lane] / 60,
                block.WaterLossPercent()[lane]
            );
            _samples.Add(sample);
            Done = IsEnough(sample, 1);
        }

        /// <summary>Minutes at which a cook so far from the nominal towards the cautious one is enough.</summary>
        public ScoutedRelease Result(double caution)
        {
            var enough = _samples.FindIndex(s => IsEnough(s, caution));
            var after = _samples[enough < 0 ? ^1 : enough];
            var before = _samples[Math.Max(0, (enough < 0 ? _samples.Count : enough) - 1)];
            var share = Math.Max(
                Crossing(before.Coldest(caution), after.Coldest(caution), SafetyRule.CoreCelsius),
                Crossing(before.Tenderness, after.Tenderness, leastTenderness)
            );
            double Mix(double from, double to) => from + share * (to - from);
            return new ScoutedRelease(
                release,
                enough >= 0 ? Math.Ceiling(Mix(before.Minutes, after.Minutes)) : null,
                Mix(before.Total, after.Total),
                Mix(before.Release, after.Release),
                Mix(before.Loss, after.Loss)
            );
        }

        private static double Crossing(double from, double to, double level) =>
            from >= level || to <= from ? 0 : Math.Min(1, (level - from) / (to - from));

        private bool IsEnough(Sample sample, double caution) =>
            SafetyRule.IsReached(sample.Coldest(caution)) && sample.Tenderness >= leastTenderness;

        private sealed record Sample(
            double Minutes,
            double Nominal,
            double Cautious,
            double Tenderness,
            double Total,
            double Release,
            double Loss
        )
        {
            public double Coldest(double caution) => Nominal + caution * (Cautious - Nominal);
        }
    }
}
