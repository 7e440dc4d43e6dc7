using System.Runtime.Intrinsics;
using Ikuzo.Core.Companions;
using Ikuzo.Core.Conduction;
using Ikuzo.Core.Physics;

namespace Ikuzo.Core.Cooking;

/// <summary>What heat has done to the things beside the meat, in sixteen pots.</summary>
internal sealed class SofteningStates
{
    private State[] _states = [];

    /// <summary>How many there are.</summary>
    public int Count { get; private set; }

    /// <summary>Begins anew.</summary>
    /// <param name="beside">What there is.</param>
    /// <param name="startCelsius">Temperature of all of it, °C.</param>
    public void Load(IReadOnlyList<BesideModel> beside, Lane startCelsius)
    {
        Room(beside.Count);
        for (var i = 0; i < Count; i++)
        {
            _states[i] = new State(beside[i], startCelsius);
        }
    }

    public void CopyFrom(SofteningStates other)
    {
        Room(other.Count);
        Array.Copy(other._states, _states, Count);
    }

    /// <summary>Heat that one has had, minutes in boiling water at sea level.</summary>
    public Lane HeatMinutes(int index) => _states[index].HeatSeconds * (1f / 60);

    /// <summary>Lets a time pass in a pot of a temperature.</summary>
    /// <param name="seconds">How long, s.</param>
    /// <param name="pot">Temperature of the pot at its end, °C.</param>
    public void Step(Lane seconds, Lane pot)
    {
        foreach (ref var state in _states.AsSpan(0, Count))
        {
            state.Step(seconds, pot);
        }
    }

    private void Room(int count)
    {
        Count = count;
        if (_states.Length < count)
        {
            _states = new State[count];
        }
    }

    private struct State(BesideModel of, Lane start)
    {
        private static readonly float Reference = (float)(1 / (SofteningLaw.ReferenceCelsius + Water.ZeroCelsiusKelvin));
        private readonly float _perLag = (float)(1 / of.LagSeconds);
        private readonly float _perAroundLag = of.AroundLagSeconds > 0 ? (float)(1 / of.AroundLagSeconds) : 0;
        private readonly float _below = (float)(of.Law.ActivationJoulePerMol / Kinetics.GasConstant);
        private readonly float _above = (float)(of.Law.ActivationAboveJoulePerMol / Kinetics.GasConstant);
        private readonly float _turn = (float)(of.Law.TurnsAtCelsius + Water.ZeroCelsiusKelvin);
        private Lane _around = start,
            _piece = start;

        public Lane HeatSeconds { get; private set; }

        public void Step(Lane seconds, Lane pot)
        {
            if (_perAroundLag > 0)
            {
                _around = pot + (_around - pot) * Lanes.Exp(-seconds * _perAroundLag);
                pot = _around;
            }

            var before = _piece;
            _piece = pot + (before - pot) * Lanes.Exp(-seconds * _perLag);
            HeatSeconds += Rate((before + _piece) * 0.5f) * seconds;
        }

        // The lane form of SofteningLaw.Rate.
        private readonly Lane Rate(Lane celsius)
        {
            Lane kelvin = celsius + Lanes.All(Water.ZeroCelsiusKelvin),
                turn = Vector512.Create(_turn);
            return Lanes.Exp(
                (Vector512.Create(Reference) - Lane.One / Vector512.Min(kelvin, turn)) * _below
                    + (Lane.One / turn - Lane.One / Vector512.Max(kelvin, turn)) * _above
            );
        }
    }
}
