using Ikuzo.Core.Conduction;

namespace Ikuzo.Core.Cooking;

/// <summary>One ending of a cook in full: outcome, carry-over, germs and curves over the clock.</summary>
public sealed class DetailedRun
{
    /// <summary>Minutes between the points of the curves.</summary>
    public const double CurveStepMinutes = 0.5;

    /// <summary>Minutes that the meat stands with the lid off, in which it may still warm in the middle.</summary>
    public const double OpenMinutes = 6;

    private const double MostCurveMinutes = 480;

    private DetailedRun(BranchOutcome outcome, double[] toPressure, int particles, int spots, int points)
    {
        Outcome = outcome;
        ToPressureMinutes = toPressure;
        PeakCelsius = [.. Enumerable.Range(0, spots).Select(_ => new double[particles])];
        LogReduction = new double[particles];
        DangerMinutes = new double[particles];
        TendernessAtCore = new double[particles];
        Pot = Curves(particles, points);
        Coldest = Curves(particles, points);
        Surface = Curves(particles, points);
    }

    /// <summary>State when the lid may be opened.</summary>
    public BranchOutcome Outcome { get; }

    /// <summary>From lid-on until pressure, min.</summary>
    public double[] ToPressureMinutes { get; }

    /// <summary>Highest temperature of each spot, carry-over after opening included, °C.</summary>
    public IReadOnlyList<double[]> PeakCelsius { get; }

    /// <summary>Log10 reduction of Salmonella at the least heated spot until opening.</summary>
    public double[] LogReduction { get; }

    /// <summary>Minutes between 5 and 60 °C at the slowest spot until opening.</summary>
    public double[] DangerMinutes { get; }

    /// <summary>Collagen converted at the bone or in the middle, least of the spots.</summary>
    public double[] TendernessAtCore { get; }

    /// <summary>Pot temperature per particle over the clock, °C.</summary>
    public IReadOnlyList<double[]> Pot { get; }

    /// <summary>Coldest spot per particle over the clock, °C.</summary>
    public IReadOnlyList<double[]> Coldest { get; }

    /// <summary>Surface per particle over the clock, °C.</summary>
    public IReadOnlyList<double[]> Surface { get; }

    /// <summary>Computes one ending in full.</summary>
    /// <param name="model">A cook that reaches pressure.</param>
    /// <param name="particles">Which possible cooks.</param>
    /// <param name="branch">The ending.</param>
    /// <param name="curveMinutes">Length of the curves, min, up to eight hours.</param>
    /// <param name="cancellation">Stops between blocks of particles.</param>
    public static DetailedRun Run(CookModel model, ParticleSource particles, Branch branch, double curveMinutes, CancellationToken cancellation = default)
    {
        var points = 1 + (int)Math.Ceiling(Math.Min(curveMinutes, MostCurveMinutes) / CurveStepMinutes);
        var spots = model.Bodies.Count;
        var run = new DetailedRun(new BranchOutcome(branch, particles.Count, spots), new double[particles.Count], particles.Count, spots, points);
        Ensemble.ForEachBlock(particles, (block, first) => run.Compute(block, model, particles, first), cancellation);
        return run;
    }

    private static double[][] Curves(int particles, int points)
        => [.. Enumerable.Range(0, particles).Select(_ => new double[points])];

    private void Compute(CookBlock block, CookModel model, ParticleSource particles, int first)
    {
        block.Trace = TracePool.Rent();
        block.Load(model, particles, first);
        block.ComeUp();
        Lanes.Store(block.PressureAtSeconds / Lanes.All(60), ToPressureMinutes, first);
        block.Hold(Outcome.Branch.HoldMinutes * 60);
        block.Let(Outcome.Branch.Release);
        Outcome.Record(block, first);
        RecordChanges(block, first);
        Span<Lane> peaks = stackalloc Lane[CookBlock.MostBodies];
        block.Open(OpenMinutes * 60, peaks);
        for (var i = 0; i < block.Spots; i++)
        {
            Lanes.Store(peaks[i], PeakCelsius[i], first);
        }

        for (var lane = 0; lane < Lanes.Width; lane++)
        {
            block.Trace.Resample(lane, CurveStepMinutes * 60, Pot[first + lane], Coldest[first + lane], Surface[first + lane]);
        }

        TracePool.Return(block.Trace);
    }

    private void RecordChanges(CookBlock block, int first)
    {
        Lanes.Store(LeastOf(block, s => s.Changes.LogReduction, System.Runtime.Intrinsics.Vector512.Min), LogReduction, first);
        Lanes.Store(LeastOf(block, s => s.Changes.TendernessAtCore(s.Batch), System.Runtime.Intrinsics.Vector512.Min), TendernessAtCore, first);
        Lanes.Store(LeastOf(block, s => s.Changes.DangerSeconds / Lanes.All(60), System.Runtime.Intrinsics.Vector512.Max), DangerMinutes, first);
    }

    private static Lane LeastOf(CookBlock block, Func<SpotState, Lane> value, Func<Lane, Lane, Lane> worse)
        => block.Spots == 1 ? value(block.Spot(0)) : worse(value(block.Spot(0)), value(block.Spot(1)));
}
