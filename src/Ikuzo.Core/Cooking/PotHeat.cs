using System.Runtime.CompilerServices;
using System.Runtime.Intrinsics;
using Ikuzo.Core.Conduction;

namespace Ikuzo.Core.Cooking;

/// <summary>Heat in pot, liquid and companions by their temperature, with the steam that drives out the air on the way up.</summary>
/// <remarks>
/// That steam counts as heat that is stored over 3 K around the boil (estimate). It is a stored heat and not a heat capacity looked up
/// at the beginning of a step, so that all of it is paid however the steps fall.
/// </remarks>
/// <param name="Capacity">Heat capacity of pot, liquid and companions, J/K.</param>
/// <param name="Boiling">Local boiling point, °C.</param>
/// <param name="Purge">Heat of the steam that goes with the air, J; 0 once the lid is sealed.</param>
internal readonly record struct PotHeat(Lane Capacity, Lane Boiling, Lane Purge)
{
    private const float FromKelvin = -1,
        SpanKelvin = 3;

    /// <summary>Heat that has gone with the air when the pot is at a temperature, J.</summary>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    public Lane PurgedAt(Lane pot) => Purge * (InBand(pot) * (1 / SpanKelvin));

    /// <summary>Heat from one temperature to another, J; negative downwards.</summary>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    public Lane Between(Lane from, Lane to) => Capacity * (to - from) + PurgedAt(to) - PurgedAt(from);

    /// <summary>Where the pot is after some heat, °C.</summary>
    /// <param name="pot">Where it was, °C.</param>
    /// <param name="joule">Heat, J; negative when it is taken away.</param>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    public Lane Warm(Lane pot, Lane joule)
    {
        var lower = Boiling + Lanes.All(FromKelvin);
        var upper = lower + Lanes.All(SpanKelvin);
        var plain = pot + joule / Capacity;
        if (Vector512.LessThanAll(Vector512.Max(pot, plain), lower) || Vector512.GreaterThanAll(Vector512.Min(pot, plain), upper))
        {
            return plain;
        }

        var stored = Between(lower, pot) + joule;
        var band = Capacity * SpanKelvin + Purge;
        var within = lower + stored / band * SpanKelvin;
        var above = upper + (stored - band) / Capacity;
        var below = lower + stored / Capacity;
        return Lanes.Pick(Vector512.LessThan(stored, Lane.Zero), below, Lanes.Pick(Vector512.LessThan(stored, band), within, above));
    }

    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    private Lane InBand(Lane pot) => Vector512.Max(Lane.Zero, Vector512.Min(Lanes.All(SpanKelvin), pot - Boiling - Lanes.All(FromKelvin)));
}
