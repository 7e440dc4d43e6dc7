using Ikuzo.Core.Conduction;
using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Cooking;

/// <summary>
/// An ensemble that stays in memory while a plan is made: brought to pressure and held once, ended with one release at several
/// minutes, and then finished in full at any minutes from the nearest kept state.
/// </summary>
public sealed class EnsembleSession : IDisposable
{
    private readonly CookModel _model;
    private readonly Release _release;
    private readonly CookBlock[] _blocks;
    private readonly double[] _minutes;
    private readonly int _particles;
    private readonly Dictionary<Branch, TriedEnding> _ended; // in full, each once

    private EnsembleSession(CookModel model, ParticleSource particles, Release release, double[] minutes, Func<double, bool>? stands)
    {
        _model = model;
        _release = release;
        _minutes = minutes;
        _particles = particles.Count;
        _blocks = [.. Enumerable.Range(0, particles.Count / Lanes.Width).Select(_ => Ensemble.Rent())];
        ToPressureMinutes = new float[particles.Count];
        Nodes = [.. minutes.Select(m => new BranchOutcome(new Branch(m, release), particles.Count, model))];
        Measured = [.. minutes.Select(m => stands?.Invoke(m) == true ? Measures() : null)];
        _ended = Nodes.Zip(Measured, (node, measured) => new TriedEnding(node, measured)).ToDictionary(e => e.Outcome.Branch);
    }

    /// <summary>From lid-on until pressure, min, per particle.</summary>
    public float[] ToPressureMinutes { get; }

    /// <summary>False when a particle never gets there: nothing is computed of it, and nothing more may be asked.</summary>
    public bool ReachesPressure { get; private set; } = true;

    /// <summary>What the release gives at each of the minutes asked for.</summary>
    public IReadOnlyList<BranchOutcome> Nodes { get; }

    /// <summary>What a thermometer would find at each of them; null where it was not looked at.</summary>
    internal IReadOnlyList<MeasuredOutcome?> Measured { get; }

    /// <summary>Computes an ensemble at some minutes.</summary>
    /// <param name="model">The cook.</param>
    /// <param name="particles">Which possible cooks.</param>
    /// <param name="release">How the pressure is let go.</param>
    /// <param name="minutes">Minutes held, rising; none before the first can be asked for later.</param>
    /// <param name="stands">Minutes after which it is opened, measured and left to stand as well; null for none.</param>
    /// <param name="cancellation">Stops between blocks of particles.</param>
    public static EnsembleSession Start(
        CookModel model,
        ParticleSource particles,
        Release release,
        double[] minutes,
        Func<double, bool>? stands = null,
        CancellationToken cancellation = default
    )
    {
        var session = new EnsembleSession(model, particles, release, minutes, stands);
        try
        {
            session.ForEach((block, first) => session.RunNodes(block, particles, first), cancellation);
            return session;
        }
        catch
        {
            session.Dispose();
            throw;
        }
    }

    /// <summary>Ends the cook in full at some minutes.</summary>
    /// <param name="minutes">Minutes held.</param>
    /// <param name="curveMinutes">Length of the curves, min.</param>
    /// <param name="cancellation">Stops between blocks of particles.</param>
    public DetailedRun Finish(double minutes, double curveMinutes, CancellationToken cancellation = default)
    {
        var run = new DetailedRun(
            new BranchOutcome(new Branch(minutes, _release), _particles, _model),
            Measures(),
            ToPressureMinutes,
            curveMinutes
        );
        var nearest = Nearest(minutes);
        ForEach(
            (block, first) =>
            {
                block.GoBack(nearest);
                block.Hold(minutes * 60);
                run.Finish(block, _release, first);
            },
            cancellation
        );
        return run;
    }

    /// <summary>Ends the cook in other ways, without curves; what was ended so before is not computed again.</summary>
    /// <param name="branches">Minutes and releases.</param>
    /// <param name="withThermometer">True to open, measure and let stand after each as well.</param>
    /// <param name="cancellation">Stops between blocks of particles.</param>
    internal IReadOnlyList<TriedEnding> Try(IReadOnlyList<Branch> branches, bool withThermometer, CancellationToken cancellation = default)
    {
        TriedEnding[] fresh =
        [
            .. branches
                .Distinct()
                .Where(b => !_ended.TryGetValue(b, out var known) || (withThermometer && known.Measured is null))
                .Select(b => new TriedEnding(new BranchOutcome(b, _particles, _model), withThermometer ? Measures() : null)),
        ];
        if (fresh.Length > 0)
        {
            ForEach((block, first) => End(block, first, fresh), cancellation);
        }

        foreach (var ending in fresh)
        {
            _ended[ending.Outcome.Branch] = ending;
        }

        return [.. branches.Select(b => _ended[b])];
    }

    private void End(CookBlock block, int first, TriedEnding[] endings)
    {
        Span<Lane> peaks = stackalloc Lane[SpotStates.MostSpots];
        foreach (var (outcome, measured) in endings)
        {
            block.GoBack(Nearest(outcome.Branch.HoldMinutes));
            block.Hold(outcome.Branch.HoldMinutes * 60);
            block.Let(outcome.Branch.Release);
            outcome.Record(block, first);
            measured?.Record(block, first, peaks);
        }
    }

    /// <summary>Gives the memory back.</summary>
    public void Dispose()
    {
        foreach (var block in _blocks)
        {
            Ensemble.Return(block);
        }
    }

    private MeasuredOutcome Measures() => MeasuredOutcome.Of(_model, _particles);

    private int Nearest(double minutes) => Array.FindLastIndex(_minutes, m => m <= minutes);

    private void ForEach(Action<CookBlock, int> work, CancellationToken cancellation) =>
        InParallel.For(_blocks.Length, i => work(_blocks[i], i * Lanes.Width), cancellation);

    private void RunNodes(CookBlock block, ParticleSource particles, int first)
    {
        block.Load(_model, particles, first);
        if (!block.ComeUp())
        {
            ReachesPressure = false;
            return;
        }

        Lanes.Store(block.PressureAtSeconds / Lanes.All(60), ToPressureMinutes, first);
        Span<Lane> peaks = stackalloc Lane[SpotStates.MostSpots];
        for (var i = 0; i < _minutes.Length; i++)
        {
            block.Hold(_minutes[i] * 60);
            block.Keep(i);
            block.Let(_release);
            Nodes[i].Record(block, first);
            Measured[i]?.Record(block, first, peaks);
            block.GoBack(i);
        }
    }
}

/// <summary>An ending that was tried, and what a thermometer would find after it.</summary>
/// <param name="Outcome">When the lid may be opened.</param>
/// <param name="Measured">Then and while it stands; null where nobody asked.</param>
internal sealed record TriedEnding(BranchOutcome Outcome, MeasuredOutcome? Measured);
