using System.Collections.Concurrent;
using Ikuzo.Core.Conduction;
using Ikuzo.Core.Quantities;
using Ikuzo.Core.Safety;

namespace Ikuzo.Core.Cooking;

/// <summary>A way to end the cook: minutes held, then a release.</summary>
/// <param name="HoldMinutes">Minutes at pressure, 0 or more.</param>
/// <param name="Release">How the pressure is let go.</param>
public readonly record struct Branch(double HoldMinutes, Release Release);

/// <summary>What an ending gives, one value per particle. Temperatures at the moment when the lid may be opened.</summary>
public sealed class BranchOutcome
{
    internal BranchOutcome(Branch branch, int particles, CookModel model)
    {
        Branch = branch;
        SpotCelsius = [.. model.Bodies.Select(_ => new float[particles])];
        HeatMinutes = [.. model.Beside.Select(_ => new float[particles])];
        SteamMl = new float[particles];
        Coldest = new float[particles];
        WaterLossPercent = new float[particles];
        FlashPercent = new float[particles];
        Tenderness = new float[particles];
        ReleaseMinutes = new float[particles];
        ElapsedMinutes = new float[particles];
    }

    /// <summary>The ending.</summary>
    public Branch Branch { get; }

    /// <summary>Each spot, °C.</summary>
    public IReadOnlyList<float[]> SpotCelsius { get; }

    /// <summary>Heat that each thing beside the meat has had, minutes in boiling water at sea level.</summary>
    public IReadOnlyList<float[]> HeatMinutes { get; }

    /// <summary>
    /// Liquid of the pot that has gone as steam: with the air on the way up, and through the valve when it was opened, ml.
    /// </summary>
    public float[] SteamMl { get; }

    /// <summary>The coldest spot, °C.</summary>
    public float[] Coldest { get; }

    /// <summary>Water lost, percent of the raw weight of the muscle, flash included.</summary>
    public float[] WaterLossPercent { get; }

    /// <summary>Water lost to flashing alone, percent of the raw weight of the muscle.</summary>
    public float[] FlashPercent { get; }

    /// <summary>Collagen converted, mean over the meat, 0 to 1.</summary>
    public float[] Tenderness { get; }

    /// <summary>From the end of the hold until the lid may be opened, min.</summary>
    public float[] ReleaseMinutes { get; }

    /// <summary>From lid-on until the lid may be opened, min.</summary>
    public float[] ElapsedMinutes { get; }

    /// <summary>Share of the particles whose coldest spot is at the temperature of the safety rule.</summary>
    public double ShareAtCore => SafetyRule.ShareAtCore(Coldest);

    /// <summary>True when the safety rule holds.</summary>
    public bool IsSafe => SafetyRule.Holds(ShareAtCore);

    internal void Record(CookBlock block, int first)
    {
        Lanes.Store(block.ColdestCelsius(), Coldest, first);
        Lanes.Store(block.SteamKg * Lanes.All(1000), SteamMl, first);
        Lanes.Store(block.WaterLossPercent(), WaterLossPercent, first);
        Lanes.Store(block.FlashPercent, FlashPercent, first);
        Lanes.Store(block.Tenderness(), Tenderness, first);
        Lanes.Store(block.ReleaseSeconds / Lanes.All(60), ReleaseMinutes, first);
        Lanes.Store(block.ElapsedSeconds / Lanes.All(60), ElapsedMinutes, first);
        for (var i = 0; i < block.Spots; i++)
        {
            Lanes.Store(block.Spot(i).Batch.CentreCelsius(), SpotCelsius[i], first);
        }

        for (var i = 0; i < HeatMinutes.Count; i++)
        {
            Lanes.Store(block.Beside.HeatMinutes(i), HeatMinutes[i], first);
        }
    }
}

/// <summary>An ensemble brought to pressure and ended in several ways.</summary>
/// <param name="ToPressureMinutes">From lid-on until pressure, min, per particle.</param>
/// <param name="ReachesPressure">False when a particle never gets there.</param>
/// <param name="Outcomes">One per branch, in the order asked for.</param>
public sealed record EnsembleResult(float[] ToPressureMinutes, bool ReachesPressure, IReadOnlyList<BranchOutcome> Outcomes)
{
    /// <summary>What a session found of some endings.</summary>
    internal EnsembleResult(EnsembleSession session, IReadOnlyList<TriedEnding> endings)
        : this(session.ToPressureMinutes, session.ReachesPressure, [.. endings.Select(e => e.Outcome)]) =>
        Measured = [.. endings.Select(e => e.Measured)];

    /// <summary>What a thermometer would find after each; null where nobody asked.</summary>
    internal IReadOnlyList<MeasuredOutcome?> Measured { get; init; } = [];
}

/// <summary>Computes many possible cooks. One trajectory of come-up and hold serves every ending: each branches off a kept state.</summary>
public static class Ensemble
{
    private static readonly ConcurrentBag<CookBlock> Pool = [];

    /// <summary>Brings all particles to pressure and ends them in every way asked for.</summary>
    /// <param name="model">The cook.</param>
    /// <param name="particles">Which possible cooks.</param>
    /// <param name="branches">Ways to end it; holds from 0 min.</param>
    /// <param name="withThermometer">True to open, measure and let stand after each as well.</param>
    /// <param name="cancellation">Stops between blocks of particles.</param>
    public static EnsembleResult Run(
        CookModel model,
        ParticleSource particles,
        IReadOnlyList<Branch> branches,
        bool withThermometer = false,
        CancellationToken cancellation = default
    )
    {
        var outcomes = branches.Select(b => new BranchOutcome(b, particles.Count, model)).ToArray();
        var measured = branches.Select(_ => withThermometer ? MeasuredOutcome.Of(model, particles.Count) : null).ToArray();
        var order = outcomes.Zip(measured).OrderBy(o => o.First.Branch.HoldMinutes).ToArray();
        var toPressure = new float[particles.Count];
        var reaches = true;
        ForEachBlock(
            particles,
            (block, first) =>
            {
                block.Load(model, particles, first);
                if (!block.ComeUp())
                {
                    Volatile.Write(ref reaches, false);
                    return;
                }

                Lanes.Store(block.PressureAtSeconds / Lanes.All(60), toPressure, first);
                Span<Lane> peaks = stackalloc Lane[SpotStates.MostSpots];
                foreach (var (outcome, thermometer) in order)
                {
                    block.Hold(outcome.Branch.HoldMinutes * 60);
                    block.Keep(0);
                    block.Let(outcome.Branch.Release);
                    outcome.Record(block, first);
                    thermometer?.Record(block, first, peaks);
                    block.GoBack(0);
                }
            },
            cancellation
        );
        return new EnsembleResult(toPressure, reaches, outcomes) { Measured = measured };
    }

    internal static void ForEachBlock(ParticleSource particles, Action<CookBlock, int> work, CancellationToken cancellation)
    {
        var blocks = particles.Count / Lanes.Width;
        if (blocks == 1)
        {
            With(block => work(block, 0));
            return;
        }

        InParallel.For(blocks, i => With(block => work(block, i * Lanes.Width)), cancellation);
    }

    internal static CookBlock Rent() => Pool.TryTake(out var pooled) ? pooled : new CookBlock();

    internal static void Return(CookBlock block) => Pool.Add(block);

    private static void With(Action<CookBlock> work)
    {
        var block = Rent();
        work(block);
        Return(block);
    }
}
