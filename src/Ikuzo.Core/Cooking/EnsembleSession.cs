using Ikuzo.Core.Conduction;

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

    private EnsembleSession(CookModel model, ParticleSource particles, Release release, double[] minutes)
    {
        _model = model;
        _release = release;
        _minutes = minutes;
        _particles = particles.Count;
        _blocks = [.. Enumerable.Range(0, particles.Count / Lanes.Width).Select(_ => Ensemble.Rent())];
        ToPressureMinutes = new float[particles.Count];
        Nodes = [.. minutes.Select(m => new BranchOutcome(new Branch(m, release), particles.Count, model.Bodies.Count))];
    }

    /// <summary>From lid-on until pressure, min, per particle.</summary>
    public float[] ToPressureMinutes { get; }

    /// <summary>What the release gives at each of the minutes asked for.</summary>
    public IReadOnlyList<BranchOutcome> Nodes { get; }

    /// <summary>Computes an ensemble at some minutes.</summary>
    /// <param name="model">A cook that reaches pressure.</param>
    /// <param name="particles">Which possible cooks.</param>
    /// <param name="release">How the pressure is let go.</param>
    /// <param name="minutes">Minutes held, rising, the first 0.</param>
    /// <param name="cancellation">Stops between blocks of particles.</param>
    public static EnsembleSession Start(
        CookModel model,
        ParticleSource particles,
        Release release,
        double[] minutes,
        CancellationToken cancellation = default
    )
    {
        var session = new EnsembleSession(model, particles, release, minutes);
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
            new BranchOutcome(new Branch(minutes, _release), _particles, _model.Bodies.Count),
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

    /// <summary>Ends the cook in other ways, without curves.</summary>
    /// <param name="branches">Minutes and releases.</param>
    /// <param name="cancellation">Stops between blocks of particles.</param>
    public IReadOnlyList<BranchOutcome> Try(IReadOnlyList<Branch> branches, CancellationToken cancellation = default)
    {
        var fresh = branches
            .Where(b => Node(b) is null)
            .Distinct()
            .ToDictionary(b => b, b => new BranchOutcome(b, _particles, _model.Bodies.Count));
        ForEach(
            (block, first) =>
            {
                foreach (var outcome in fresh.Values)
                {
                    block.GoBack(Nearest(outcome.Branch.HoldMinutes));
                    block.Hold(outcome.Branch.HoldMinutes * 60);
                    block.Let(outcome.Branch.Release);
                    outcome.Record(block, first);
                }
            },
            cancellation
        );
        return [.. branches.Select(b => Node(b) ?? fresh[b])];
    }

    /// <summary>Gives the memory back.</summary>
    public void Dispose()
    {
        foreach (var block in _blocks)
        {
            Ensemble.Return(block);
        }
    }

    private BranchOutcome? Node(Branch branch) => Nodes.FirstOrDefault(n => n.Branch == branch);

    private int Nearest(double minutes) => Array.FindLastIndex(_minutes, m => m <= minutes);

    private void ForEach(Action<CookBlock, int> work, CancellationToken cancellation) =>
        Parallel.For(0, _blocks.Length, new ParallelOptions { CancellationToken = cancellation }, i => work(_blocks[i], i * Lanes.Width));

    private void RunNodes(CookBlock block, ParticleSource particles, int first)
    {
        block.Load(_model, particles, first);
        block.ComeUp();
        Lanes.Store(block.PressureAtSeconds / Lanes.All(60), ToPressureMinutes, first);
        for (var i = 0; i < _minutes.Length; i++)
        {
            block.Hold(_minutes[i] * 60);
            block.Keep(i);
            block.Let(_release);
            Nodes[i].Record(block, first);
            block.GoBack(i);
        }
    }
}
