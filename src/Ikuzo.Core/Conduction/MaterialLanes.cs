using System.Runtime.CompilerServices;
using System.Runtime.Intrinsics;
using Ikuzo.Core.Physics;

namespace Ikuzo.Core.Conduction;

/// <summary>A material in the form of the inner loops. One that does not freeze never comes near its freezing point.</summary>
internal readonly struct MaterialLanes(ThermalMaterial of)
{
    private const double NeverCelsius = -1e6,
        NearKelvin = 2;

    private readonly Lane _c0 = Lanes.All(of.C0),
        _c1 = Lanes.All(of.C1),
        _halfC1 = Lanes.All(of.C1 / 2);
    private readonly Lane _k0 = Lanes.All(of.K0),
        _k1 = Lanes.All(of.K1),
        _k2 = Lanes.All(of.K2);
    private readonly Lane _inverseC = Lanes.All(1 / (of.C0 + 60 * of.C1));
    private readonly Lane _offset = Lanes.All(of.Freezes ? of.FreezingCelsius * (of.C0 + of.C1 / 2 * of.FreezingCelsius) : 0);
    private readonly Lane _freezing = Lanes.All(of.Freezes ? of.FreezingCelsius : NeverCelsius);
    private readonly Lane _frozenC = Lanes.All(of.FrozenC),
        _latent = Lanes.All(Water.FusionJoulePerKg * of.FreezableWater);
    private readonly Lane _kAtFreezing = Lanes.All(of.Freezes ? of.Conductivity(of.FreezingCelsius) : 0);
    private readonly Lane _iceGain = Lanes.All(of.FreezableWater * of.IceConductivityGain);

    /// <summary>Below this a shell takes the slow path through freezing, °C.</summary>
    public readonly Lane NearFreezing = Lanes.All(of.Freezes ? of.FreezingCelsius + NearKelvin : NeverCelsius);

    /// <summary>One Newton step on the parabola H(T) above freezing, from a guess within a few hundredths of a kelvin.</summary>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    public Lane Newton(Lane enthalpy, Lane t) => Lanes.Fma(enthalpy + _offset - t * Lanes.Fma(t, _halfC1, _c0), _inverseC, t);

    /// <summary>Temperature on both sides of freezing: three Newton steps above, the quadratic formula below.</summary>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    public Lane Celsius(Lane enthalpy, Lane guess)
    {
        var above = Newton(enthalpy, Newton(enthalpy, Newton(enthalpy, guess)));
        var b = enthalpy + _frozenC * _freezing + _latent;
        var below = (b - Vector512.Sqrt(b * b - _frozenC * _latent * _freezing * 4)) / (_frozenC * 2);
        return Lanes.Pick(Vector512.LessThan(enthalpy, Lane.Zero), below, above);
    }

    /// <summary>Enthalpy on both sides of freezing, J/kg.</summary>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    public Lane Enthalpy(Lane t)
    {
        var below = _frozenC * (t - _freezing) - _latent * (Lane.One - _freezing / t);
        return Lanes.Pick(Vector512.LessThan(t, _freezing), below, t * Lanes.Fma(t, _halfC1, _c0) - _offset);
    }

    /// <summary>Heat capacity above freezing, J/kg K.</summary>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    public Lane Capacity(Lane t) => Lanes.Fma(t, _c1, _c0);

    /// <summary>Conductivity above freezing, W/m K.</summary>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    public Lane Conductivity(Lane t) => Lanes.Fma(t, Lanes.Fma(t, _k2, _k1), _k0);

    /// <summary>Heat between two temperatures above freezing, J/kg.</summary>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    public Lane HeatBetween(Lane from, Lane to) => Lanes.Fma(to + from, _halfC1, _c0) * (to - from);

    /// <summary>Capacity and conductivity on both sides of freezing.</summary>
    public (Lane Capacity, Lane Conductivity) NearFreezingProperties(Lane t)
    {
        var frozen = Vector512.LessThan(t, _freezing);
        var ratio = _freezing / t;
        var c = _frozenC - _latent * ratio / t;
        var k = _kAtFreezing + (Lane.One - ratio) * _iceGain;
        return (Lanes.Pick(frozen, c, Capacity(t)), Lanes.Pick(frozen, k, Conductivity(t)));
    }
}
