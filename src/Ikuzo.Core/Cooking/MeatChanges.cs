using System.Runtime.CompilerServices;
using System.Runtime.Intrinsics;
using Ikuzo.Core.Conduction;
using Ikuzo.Core.Physics;
using Ikuzo.Core.Safety;

namespace Ikuzo.Core.Cooking;

/// <summary>
/// What heat has done to one spot of sixteen particles: water lost, collagen converted, germs killed. See <see cref="Kinetics"/>.
/// </summary>
/// <remarks>
/// Shells are taken two and two at their mean temperature: what is shown of them is the mean over the meat, in whole per cent, and half of
/// the exponentials are enough for that.
/// </remarks>
/// <param name="shells">Shells of the batch that it belongs to.</param>
internal sealed class MeatChanges(int shells = ConductionMesh.Shells)
{
    private static readonly float CollagenRateAtReference = (float)Kinetics.CollagenRate(Kinetics.CollagenReferenceCelsius);
    private readonly Lane[] _loss = new Lane[shells];
    private readonly Lane[] _collagen = new Lane[shells]; // ∫ k dt, dimensionless

    /// <summary>Water lost so far, percent of the raw weight of the meat around the spot.</summary>
    public Lane WaterLossPercent { get; private set; }

    /// <summary>Water that went with the last update, percent of the raw weight.</summary>
    public Lane GivenPercent { get; private set; }

    /// <summary>The same times the temperature at which it went, percent °C.</summary>
    public Lane GivenPercentCelsius { get; private set; }

    public Lane LogReduction { get; private set; }

    public Lane DangerSeconds { get; private set; }

    public void Reset()
    {
        Array.Clear(_loss);
        Array.Clear(_collagen);
        WaterLossPercent = Lane.Zero;
        LogReduction = Lane.Zero;
        DangerSeconds = Lane.Zero;
    }

    public void CopyFrom(MeatChanges other)
    {
        other._loss.CopyTo(_loss, 0);
        other._collagen.CopyTo(_collagen, 0);
        WaterLossPercent = other.WaterLossPercent;
        LogReduction = other.LogReduction;
        DangerSeconds = other.DangerSeconds;
    }

    /// <summary>Carries the changes over a time in which the temperatures hardly moved.</summary>
    public void Update(ConductionBatch batch, Lane seconds, Lane lossFactor, Lane collagenFactor)
    {
        var share = Lane.One - Lanes.Exp(-seconds / Lanes.All(Kinetics.WaterLossTauSeconds));
        var from = batch.Shells;
        Lane given = Lane.Zero,
            warm = Lane.Zero,
            mass = Lane.Zero;
        for (var i = batch.FirstMeatShell; i < from.Length; i += Together)
        {
            var (shares, t) = Pair(from, i);
            var goes = Vector512.Max(Lane.Zero, EquilibriumLoss(t) * lossFactor - _loss[i]) * share;
            _loss[i] += goes;
            _collagen[i] += CollagenRate(t) * collagenFactor * seconds;
            mass += shares;
            given += goes * shares;
            warm += goes * shares * t;
        }

        GivenPercent = given / mass;
        GivenPercentCelsius = warm / mass;
        WaterLossPercent += GivenPercent;

        var core = batch.CentreCelsius();
        LogReduction += SalmonellaRate(core) * seconds;
        var danger =
            Vector512.GreaterThan(core, Lanes.All(SafetyRule.ColdHoldingCelsius))
            & Vector512.LessThan(core, Lanes.All(SafetyRule.HotHoldingCelsius));
        DangerSeconds += Lanes.Pick(danger, seconds, Lane.Zero);
    }

    public Lane Tenderness(ConductionBatch batch) => MeanOverMeat(batch, i => Lane.One - Lanes.Exp(-_collagen[i]));

    // Bone has none of it.
    private static Lane MeanOverMeat(ConductionBatch batch, Func<int, Lane> of)
    {
        var sum = Lane.Zero;
        var mass = Lane.Zero;
        for (var i = batch.FirstMeatShell; i < batch.Shells.Length; i += Together)
        {
            var shares = Pair(batch.Shells, i).MassShare;
            sum += of(i) * shares;
            mass += shares;
        }

        return sum / mass;
    }

    private const int Together = 2;

    // A shell and its outer neighbour; the last one alone where there is none.
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    private static (Lane MassShare, Lane Celsius) Pair(ReadOnlySpan<Shell> shells, int inner)
    {
        ref readonly var one = ref shells[inner];
        if (inner + 1 == shells.Length)
        {
            return (one.MassShare, one.Celsius);
        }

        ref readonly var other = ref shells[inner + 1];
        return (one.MassShare + other.MassShare, (one.Celsius + other.Celsius) * 0.5f);
    }

    public Lane TendernessAtCore(ConductionBatch batch) => Lane.One - Lanes.Exp(-_collagen[batch.FirstMeatShell]);

    // The lane forms of Kinetics.EquilibriumWaterLossPercent, CollagenRate and SalmonellaLogPerSecond.
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    private static Lane EquilibriumLoss(Lane t) =>
        Lanes.All(Kinetics.WaterLossCeilingPercent)
        / (Lane.One + Lanes.Exp((Lanes.All(Kinetics.WaterLossMidCelsius) - t) / Lanes.All(Kinetics.WaterLossWidthKelvin)));

    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    private static Lane CollagenRate(Lane t) =>
        Lanes.Exp(
            (
                Lanes.All(1 / (Kinetics.CollagenReferenceCelsius + Water.ZeroCelsiusKelvin))
                - Lane.One / (t + Lanes.All(Water.ZeroCelsiusKelvin))
            ) * (float)(Kinetics.CollagenActivation / Kinetics.GasConstant)
        ) * CollagenRateAtReference;

    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    private static Lane SalmonellaRate(Lane t) =>
        Lanes.Exp((t - Lanes.All(Kinetics.SalmonellaReferenceCelsius)) * (float)(Math.Log(10) / Kinetics.SalmonellaZKelvin))
        / Lanes.All(Kinetics.SalmonellaD60Seconds);
}
