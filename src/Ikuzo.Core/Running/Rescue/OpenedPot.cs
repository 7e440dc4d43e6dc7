using System.Runtime.Intrinsics;
using Ikuzo.Core.Conduction;
using Ikuzo.Core.Cooking;

namespace Ikuzo.Core.Running.Rescue;

/// <summary>Possible cooks that were opened and can be cooked on: the ensemble behind a rescue.</summary>
internal sealed class OpenedPot : IDisposable
{
    /// <summary>
    /// Shortest time between the last reading and the lid going back on, min. Estimate; a slower hand lets the middle warm more.
    /// </summary>
    public const double RecloseMinutes = 0.5;

    private const int AsRead = 0,
        Reheated = 1;

    private readonly CookModel _model;
    private readonly CookBlock[] _blocks;
    private readonly int _particles;

    private OpenedPot(CookModel model, int particles, int readings)
    {
        _model = model;
        _particles = particles;
        _blocks = [.. Enumerable.Range(0, particles / Lanes.Width).Select(_ => Ensemble.Rent())];
        AtReading = [.. Enumerable.Range(0, readings).Select(_ => new float[particles])];
        Coldest = new float[particles];
        Spots = [.. model.Bodies.Select(_ => new float[particles])];
    }

    /// <summary>What each reading should have been, per particle, °C.</summary>
    public IReadOnlyList<float[]> AtReading { get; }

    /// <summary>The coldest spot at its warmest until the last reading, °C.</summary>
    public float[] Coldest { get; }

    /// <summary>Each spot at the last reading, °C.</summary>
    public IReadOnlyList<float[]> Spots { get; }

    /// <summary>Cooks until the last reading.</summary>
    /// <param name="model">The cook.</param>
    /// <param name="particles">Which possible cooks.</param>
    /// <param name="held">
    /// Minutes held and release; null when the pieces are put in again, each as cold throughout as it can be, into the hot pot.
    /// </param>
    /// <param name="readings">Spot and minutes after opening, in the order of time.</param>
    /// <param name="later">What was cooked on since.</param>
    /// <param name="cancellation">Stops between blocks of particles.</param>
    public static OpenedPot Cook(
        CookModel model,
        ParticleSource particles,
        Branch? held,
        IReadOnlyList<ProbeReading> readings,
        IReadOnlyList<RescueRound> later,
        CancellationToken cancellation
    )
    {
        var pot = new OpenedPot(model, particles.Count, readings.Count + later.Sum(l => l.Readings.Count));
        pot.ForEach(
            (block, first) =>
            {
                block.Load(model, particles, first);
                if (held is { } once)
                {
                    block.ComeUp();
                    block.Hold(once.HoldMinutes * 60);
                    block.Let(once.Release);
                    pot.Read(block, first, readings, 0);
                }

                var read = readings.Count;
                foreach (var round in later)
                {
                    pot.Again(block, round);
                    pot.Read(block, first, round.Readings, read);
                    read += round.Readings.Count;
                }

                block.Keep(AsRead);
            },
            cancellation
        );
        return pot;
    }

    /// <summary>Closes the lid, heats again and ends after each of some minutes.</summary>
    /// <param name="underPressure">False for a simmer.</param>
    /// <param name="minutes">Rising.</param>
    /// <param name="release">How the pressure is let go; of no matter for a simmer.</param>
    /// <param name="cancellation">Stops between blocks of particles.</param>
    public IReadOnlyList<BranchOutcome> CookOn(
        bool underPressure,
        IReadOnlyList<double> minutes,
        Release release,
        CancellationToken cancellation
    )
    {
        var outcomes = minutes.Select(m => new BranchOutcome(new Branch(m, release), _particles, _model.Bodies.Count)).ToArray();
        ForEach(
            (block, first) =>
            {
                Span<Lane> peaks = stackalloc Lane[SpotStates.MostSpots];
                block.GoBack(AsRead);
                block.Open(RecloseMinutes * 60, peaks);
                block.Reclose(underPressure);
                block.ComeUp();
                foreach (var outcome in outcomes)
                {
                    block.Hold(outcome.Branch.HoldMinutes * 60);
                    block.Keep(Reheated);
                    block.Let(release);
                    outcome.Record(block, first);
                    block.GoBack(Reheated);
                }
            },
            cancellation
        );
        return outcomes;
    }

    public void Dispose()
    {
        foreach (var block in _blocks)
        {
            Ensemble.Return(block);
        }
    }

    private void Again(CookBlock block, RescueRound round)
    {
        Span<Lane> peaks = stackalloc Lane[SpotStates.MostSpots];
        block.Open(Math.Max(round.ReclosedAfterMinutes, RecloseMinutes) * 60, peaks);
        block.Reclose(round.UnderPressure);
        block.ComeUp();
        block.Hold(round.MinutesHeld * 60);
        block.Let(round.UnderPressure ? round.Release : Release.Vent);
    }

    private void Read(CookBlock block, int first, IReadOnlyList<ProbeReading> readings, int from)
    {
        Span<Lane> peaks = stackalloc Lane[SpotStates.MostSpots];
        var (since, warmest) = (0.0, block.ColdestCelsius());
        for (var i = 0; i < readings.Count; i++)
        {
            block.Open((readings[i].AfterOpeningMinutes - since) * 60, peaks);
            since = readings[i].AfterOpeningMinutes;
            warmest = Vector512.Max(warmest, block.ColdestCelsius());
            var spot = _model.Bodies.TakeWhile(b => b.SpotId != readings[i].SpotId).Count();
            Lanes.Store(block.Spot(spot).Batch.CentreCelsius(), AtReading[from + i], first);
        }

        Lanes.Store(warmest, Coldest, first);
        for (var i = 0; i < block.Spots; i++)
        {
            Lanes.Store(block.Spot(i).Batch.CentreCelsius(), Spots[i], first);
        }
    }

    private void ForEach(Action<CookBlock, int> work, CancellationToken cancellation) =>
        Parallel.For(0, _blocks.Length, new ParallelOptions { CancellationToken = cancellation }, i => work(_blocks[i], i * Lanes.Width));
}
