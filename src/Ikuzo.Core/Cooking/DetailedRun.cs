using System.Buffers;
using System.Runtime.Intrinsics;
using Ikuzo.Core.Conduction;

namespace Ikuzo.Core.Cooking;

/// <summary>One ending of a cook in full: outcome, carry-over, germs and curves over the clock.</summary>
public sealed class DetailedRun : IDisposable
{
    private const double MostCurveMinutes = 480;
    private const int MostPoints = 140;

    private readonly float[] _pot;
    private readonly float[] _coldest;
    private readonly float[] _surface;

    internal DetailedRun(BranchOutcome outcome, MeasuredOutcome measured, float[] toPressure, double curveMinutes)
    {
        Outcome = outcome;
        Measured = measured;
        ToPressureMinutes = toPressure;
        Particles = outcome.Coldest.Length;
        PeakCelsius = [.. outcome.SpotCelsius.Select(_ => new float[Particles])];
        LogReduction = new float[Particles];
        DangerMinutes = new float[Particles];
        TendernessAtCore = new float[Particles];
        var length = Math.Min(curveMinutes, MostCurveMinutes);
        CurveStepMinutes = Math.Ceiling(length / MostPoints * 2) / 2;
        Points = 1 + (int)Math.Ceiling(length / CurveStepMinutes);
        _pot = ArrayPool<float>.Shared.Rent(Points * Particles);
        _coldest = ArrayPool<float>.Shared.Rent(Points * Particles);
        _surface = ArrayPool<float>.Shared.Rent(Points * Particles);
    }

    /// <summary>State when the lid may be opened.</summary>
    public BranchOutcome Outcome { get; }

    /// <summary>What a thermometer would find then and while it stands.</summary>
    internal MeasuredOutcome Measured { get; }

    /// <summary>From lid-on until pressure, min.</summary>
    public float[] ToPressureMinutes { get; }

    /// <summary>Highest temperature of each spot, carry-over while it stands covered included, °C.</summary>
    public IReadOnlyList<float[]> PeakCelsius { get; }

    /// <summary>Log10 reduction of Salmonella at the least heated spot until opening.</summary>
    public float[] LogReduction { get; }

    /// <summary>Minutes between 5 and 60 °C at the slowest spot until opening.</summary>
    public float[] DangerMinutes { get; }

    /// <summary>Collagen converted at the bone or in the middle, least of the spots.</summary>
    public float[] TendernessAtCore { get; }

    /// <summary>Points of the curves.</summary>
    public int Points { get; }

    /// <summary>Minutes between the points of the curves, a multiple of half a minute.</summary>
    public double CurveStepMinutes { get; }

    private int Particles { get; }

    /// <summary>Pot temperature of all particles at a point of the clock, °C. The span may be sorted.</summary>
    public Span<float> PotAt(int point) => _pot.AsSpan(point * Particles, Particles);

    /// <summary>Coldest spot of all particles at a point of the clock, °C. The span may be sorted.</summary>
    public Span<float> ColdestAt(int point) => _coldest.AsSpan(point * Particles, Particles);

    /// <summary>Surface of all particles at a point of the clock, °C. The span may be sorted.</summary>
    public Span<float> SurfaceAt(int point) => _surface.AsSpan(point * Particles, Particles);

    /// <summary>Gives the curves back.</summary>
    public void Dispose()
    {
        ArrayPool<float>.Shared.Return(_pot);
        ArrayPool<float>.Shared.Return(_coldest);
        ArrayPool<float>.Shared.Return(_surface);
    }

    /// <summary>Ends sixteen held cooks and records them.</summary>
    internal void Finish(CookBlock block, Release release, int first)
    {
        block.Let(release);
        Outcome.Record(block, first);
        RecordChanges(block, first);
        Span<Lane> peaks = stackalloc Lane[SpotStates.MostSpots];
        Measured.Record(block, first, peaks);
        for (var i = 0; i < block.Spots; i++)
        {
            Lanes.Store(peaks[i], PeakCelsius[i], first);
        }

        for (var lane = 0; lane < Lanes.Width; lane++)
        {
            var particle = first + lane;
            block.Trace.Resample(
                lane,
                CurveStepMinutes * 60,
                Points,
                (point, pot, coldest, surface) =>
                {
                    _pot[point * Particles + particle] = pot;
                    _coldest[point * Particles + particle] = coldest;
                    _surface[point * Particles + particle] = surface;
                }
            );
        }
    }

    private void RecordChanges(CookBlock block, int first)
    {
        Lanes.Store(Worst(block, s => s.Changes.LogReduction, Vector512.Min), LogReduction, first);
        Lanes.Store(Worst(block, s => s.Changes.TendernessAtCore(s.Batch), Vector512.Min), TendernessAtCore, first);
        Lanes.Store(Worst(block, s => s.Changes.DangerSeconds / Lanes.All(60), Vector512.Max), DangerMinutes, first);
    }

    private static Lane Worst(CookBlock block, Func<SpotState, Lane> value, Func<Lane, Lane, Lane> worse) =>
        block.Spots == 1 ? value(block.Spot(0)) : worse(value(block.Spot(0)), value(block.Spot(1)));
}
