using Ikuzo.Core.Conduction;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Running.Rescue;

/// <summary>Possible cooks that were opened and can be left to stand or cooked on: the ensemble behind a check.</summary>
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
    private readonly Lane[] _peaks; // per block and spot, since the lid last came off
    private readonly float[] _elapsedMinutes; // until the last reading
    private readonly int _particles;

    private OpenedPot(CookModel model, int particles, int readings)
    {
        _model = model;
        _particles = particles;
        _blocks = [.. Enumerable.Range(0, particles / Lanes.Width).Select(_ => Ensemble.Rent())];
        _peaks = new Lane[_blocks.Length * SpotStates.MostSpots];
        _elapsedMinutes = new float[particles];
        AtReading = [.. Enumerable.Range(0, readings).Select(_ => new SpotCelsius(particles, model.Average.Count > 0))];
        Coldest = new float[particles];
        Spots = [.. model.Bodies.Select(_ => new float[particles])];
    }

    /// <summary>What each reading should have been, per particle.</summary>
    public IReadOnlyList<SpotCelsius> AtReading { get; }

    /// <summary>The coldest spot, each spot at its warmest until the last reading, °C.</summary>
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

                Lanes.Store(block.ElapsedSeconds / Lanes.All(60), pot._elapsedMinutes, first);
                block.Keep(AsRead);
            },
            cancellation
        );
        return pot;
    }

    /// <summary>Leaves it standing with the lid laid on, and looks every minute.</summary>
    /// <param name="minutes">How long, whole minutes.</param>
    /// <param name="cancellation">Stops between blocks of particles.</param>
    /// <returns>One for each minute from now.</returns>
    public IReadOnlyList<Stood> Stand(int minutes, CancellationToken cancellation)
    {
        var stood = Enumerable.Range(0, minutes + 1).Select(m => new Stood(m, _model, _particles)).ToArray();
        ForEach(
            (block, first) =>
            {
                Span<Lane> peaks = stackalloc Lane[SpotStates.MostSpots];
                PeaksOf(first).CopyTo(peaks);
                block.GoBack(AsRead);
                stood[0].Record(block, first, peaks);
                foreach (var later in stood[1..])
                {
                    block.Cover(60, peaks);
                    later.Record(block, first, peaks);
                }

                block.GoBack(AsRead);
            },
            cancellation
        );
        return stood;
    }

    /// <summary>
    /// Closes the lid, heats again and ends after each of some minutes, opened and left to stand covered for a while, until one is enough.
    /// </summary>
    /// <param name="underPressure">False for a simmer.</param>
    /// <param name="minutes">Rising.</param>
    /// <param name="release">How the pressure is let go; of no matter for a simmer.</param>
    /// <param name="stand">Minutes that it may stand covered afterwards.</param>
    /// <param name="isEnough">True for an ending after which nothing longer is wanted.</param>
    /// <param name="cancellation">Stops between blocks of particles.</param>
    /// <returns>The first that is enough; null when none is.</returns>
    public CookedOn? CookOn(
        bool underPressure,
        IReadOnlyList<double> minutes,
        Release release,
        double stand,
        Func<CookedOn, bool> isEnough,
        CancellationToken cancellation
    )
    {
        ForEach(
            (block, _) =>
            {
                Span<Lane> peaks = stackalloc Lane[SpotStates.MostSpots];
                block.GoBack(AsRead);
                block.Open(RecloseMinutes * 60, peaks);
                block.Reclose(underPressure);
                block.ComeUp();
                block.Keep(Reheated);
            },
            cancellation
        );
        foreach (var held in minutes)
        {
            var ending = new CookedOn(new Branch(held, release), _model, _particles);
            ForEach((block, first) => End(block, first, ending, stand), cancellation);
            ending.CountFrom(_elapsedMinutes);
            if (isEnough(ending))
            {
                return ending;
            }
        }

        return null;
    }

    public void Dispose()
    {
        foreach (var block in _blocks)
        {
            Ensemble.Return(block);
        }
    }

    private static void End(CookBlock block, int first, CookedOn ending, double stand)
    {
        Span<Lane> peaks = stackalloc Lane[SpotStates.MostSpots];
        block.GoBack(Reheated);
        block.Hold(ending.Outcome.Branch.HoldMinutes * 60);
        block.Keep(Reheated);
        block.Let(ending.Outcome.Branch.Release);
        ending.Outcome.Record(block, first);
        block.Centres(peaks);
        block.Cover(stand * 60, peaks);
        Lanes.Store(MeasuredOutcome.Lowest(peaks, block.Spots), ending.ColdestAfterStanding, first);
        for (var spot = 0; spot < block.Spots; spot++)
        {
            Lanes.Store(peaks[spot], ending.Peaks[spot], first);
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
        block.Centres(peaks);
        var since = 0.0;
        for (var i = 0; i < readings.Count; i++)
        {
            var passed = readings[i].AfterOpeningMinutes - since;
            var covered = Math.Min(passed, readings[i].CoveredMinutes);
            block.Open((passed - covered) * 60, peaks);
            if (covered > 0)
            {
                block.Cover(covered * 60, peaks);
            }

            since = readings[i].AfterOpeningMinutes;
            var spot = _model.Bodies.TakeWhile(b => b.SpotId != readings[i].SpotId).Count();
            AtReading[from + i].Record(block, spot, first);
        }

        peaks.CopyTo(PeaksOf(first));
        Lanes.Store(MeasuredOutcome.Lowest(peaks, block.Spots), Coldest, first);
        for (var i = 0; i < block.Spots; i++)
        {
            Lanes.Store(block.Spot(i).Batch.CentreCelsius(), Spots[i], first);
        }
    }

    private Span<Lane> PeaksOf(int first) => _peaks.AsSpan(first / Lanes.Width * SpotStates.MostSpots, SpotStates.MostSpots);

    private void ForEach(Action<CookBlock, int> work, CancellationToken cancellation) =>
        InParallel.For(_blocks.Length, i => work(_blocks[i], i * Lanes.Width), cancellation);
}

/// <summary>How it stands after some minutes with the lid laid on.</summary>
internal sealed class Stood(int minutes, CookModel model, int particles)
{
    /// <summary>Since the last reading, min.</summary>
    public int Minutes { get; } = minutes;

    /// <summary>Each spot by then, °C.</summary>
    public IReadOnlyList<SpotCelsius> Spots { get; } = SpotCelsius.Of(model, particles);

    /// <summary>The coldest spot, each at its warmest until then, °C.</summary>
    public float[] Coldest { get; } = new float[particles];

    public void Record(CookBlock block, int first, ReadOnlySpan<Lane> peaks)
    {
        for (var spot = 0; spot < block.Spots; spot++)
        {
            Spots[spot].Record(block, spot, first);
        }

        Lanes.Store(MeasuredOutcome.Lowest(peaks, block.Spots), Coldest, first);
    }
}

/// <summary>A way to cook on, and how warm the coldest spot gets in it and while it stands afterwards.</summary>
internal sealed class CookedOn(Branch branch, CookModel model, int particles)
{
    /// <summary>When the lid may be opened again.</summary>
    public BranchOutcome Outcome { get; } = new(branch, particles, model);

    /// <summary>Each spot at its warmest until it has stood, °C.</summary>
    public IReadOnlyList<float[]> Peaks { get; } = [.. model.Bodies.Select(_ => new float[particles])];

    /// <summary>The coldest of them, °C.</summary>
    public float[] ColdestAfterStanding { get; } = new float[particles];

    /// <summary>From the last reading until the lid may be opened again, min.</summary>
    public float[] MinutesFromNow { get; } = new float[particles];

    /// <summary>Sets the time from the last reading.</summary>
    /// <param name="elapsedMinutes">From lid-on until it, min.</param>
    public void CountFrom(float[] elapsedMinutes)
    {
        for (var i = 0; i < elapsedMinutes.Length; i++)
        {
            MinutesFromNow[i] = Outcome.ElapsedMinutes[i] - elapsedMinutes[i];
        }
    }
}
