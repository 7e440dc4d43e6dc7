using System.Runtime.CompilerServices;
using System.Runtime.Intrinsics;
using Ikuzo.Core.Physics;

namespace Ikuzo.Core.Conduction;

/// <summary>
/// Heat conduction in sixteen pieces at once, each one-dimensional in a generalised shape between slab, cylinder and sphere.
/// </summary>
/// <remarks>
/// <para>
/// ∂H/∂t = x^(1-E) ∂/∂x ( x^(E-1) k ∂T/∂x ) on 0 ≤ x ≤ R, with -k ∂T/∂x = h (T - T∞) at R. Finite volumes on shells of equal
/// thickness; x is scaled by R. Time: two-step backward differentiation with variable steps (BDF2, second order, L-stable),
/// started by backward Euler wherever the surroundings jump. Conductivity and heat capacity are lagged by one step, except that a step
/// in which a shell freezes or thaws is repeated with the chord of its enthalpy; after each solve
/// the enthalpy is raised by what has flowed in and the temperature recomputed from it (Pham 1986, Int. J. Refrig. 9:322), so
/// that energy is conserved through freezing.
/// </para>
/// <para>
/// The unknown of each solve is the change of temperature, not the temperature, so that single precision loses nothing that matters.
/// A lane given a step of 0 s stands still. No method allocates.
/// </para>
/// </remarks>
public sealed class ConductionBatch
{
    private const double ShortestPrevious = 0.4; // BDF2 is zero-stable up to a ratio of 2.414

    private const double MostOvershootKelvin = 0.5; // of a shell that crosses its freezing point, before the step is repeated
    private const int MostRepeats = 4;

    private static readonly MaterialLanes BoneLanes = new(ThermalMaterial.Bone);

    private readonly AlignedArray<Shell> _memory;
    private readonly double _dx;
    private ThermalMaterial _meat = ThermalMaterial.Constant(1);
    private MaterialLanes _of;
    private int _coreShells,
        _jointShell;
    private Lane _scale,
        _conductivityFactor,
        _surface,
        _innerResistance,
        _joined; // thickness over that of a piece that has come apart: 1 from then on

    /// <summary>A batch on the mesh of the product, or on another for checks.</summary>
    /// <param name="shells">Shells between centre and surface, even, 4 or more.</param>
    public ConductionBatch(int shells = ConductionMesh.Shells)
    {
        ArgumentOutOfRangeException.ThrowIfLessThan(shells, 4);
        ArgumentOutOfRangeException.ThrowIfNotEqual(shells % 2, 0);
        _memory = new AlignedArray<Shell>(shells);
        _dx = 1.0 / shells;
    }

    /// <summary>The shells, from the centre outwards.</summary>
    public ReadOnlySpan<Shell> Shells => _memory.Span;

    /// <summary>Index of the innermost shell of meat: 0 without a bone.</summary>
    public int FirstMeatShell => _coreShells;

    /// <summary>True while some shell of some lane is frozen or about to.</summary>
    public bool NearFreezing { get; private set; }

    /// <summary>Sets geometry and material. Bone takes whole shells: the nearest number to its share, at least one if any.</summary>
    /// <param name="halfThicknessMetres">R, m, above 0, per lane.</param>
    /// <param name="dimensionality">E from 1 (slab) to 3 (sphere), per lane.</param>
    /// <param name="meat">Material of the outer shells.</param>
    /// <param name="conductivityFactor">Factor on the conductivity of meat and core, per lane.</param>
    /// <param name="coreFraction">Radius of a bone core as a share of R, 0 to 0.6.</param>
    public void Shape(Lane halfThicknessMetres, Lane dimensionality, ThermalMaterial meat, Lane conductivityFactor, double coreFraction = 0)
    {
        var shells = _memory.Span;
        _meat = meat;
        _of = new MaterialLanes(meat);
        _coreShells = coreFraction <= 0 ? 0 : Math.Max(1, (int)Math.Round(coreFraction * shells.Length));
        _conductivityFactor = conductivityFactor;
        _scale = Lane.One / (Lanes.All(meat.DensityKgPerM3) * halfThicknessMetres * halfThicknessMetres);
        _innerResistance = halfThicknessMetres * (float)(_dx / 2);
        _joined = Lane.One;
        Measure(dimensionality, halfThicknessMetres);
    }

    /// <summary>
    /// Makes every piece part of a lump: it is thicker until its joint has thawed, and then as it was shaped. What it is by share of its
    /// radius stays, so that no energy is lost or won. To be called between <see cref="Shape"/> and <see cref="Reset"/>.
    /// </summary>
    /// <param name="thickening">Thickness of the lump over that of a piece, 1 or more.</param>
    /// <param name="joint">Where it must have thawed to come apart, as a share of the radius, 0 to 1.</param>
    public void FreezeTogether(double thickening, double joint)
    {
        _jointShell = (int)(joint * _memory.Span.Length);
        _joined = Lanes.All(thickening);
        Stretch(_joined);
    }

    /// <summary>Gives every shell the same temperature and forgets the past.</summary>
    /// <param name="celsius">Temperature, °C, per lane.</param>
    public void Reset(Lane celsius)
    {
        var shells = _memory.Span;
        for (var i = 0; i < shells.Length; i++)
        {
            ref var shell = ref shells[i];
            shell.Celsius = celsius;
            shell.Gain = Lane.Zero;
            ref readonly var of = ref i < _coreShells ? ref BoneLanes : ref _of;
            shell.Enthalpy = of.Enthalpy(celsius);
            SetProperties(ref shell, of, _meat.Freezes && i >= _coreShells);
        }

        NearFreezing = true;
    }

    /// <summary>Takes over the thermal state of another batch of the same shape.</summary>
    public void CopyStateFrom(ConductionBatch other)
    {
        other.Shells.CopyTo(_memory.Span);
        NearFreezing = other.NearFreezing;
        (_scale, _surface, _innerResistance) = (other._scale, other._surface, other._innerResistance);
        (_joined, _jointShell) = (other._joined, other._jointShell);
    }

    /// <summary>One implicit step.</summary>
    /// <param name="seconds">Step, s, per lane; 0 stands still.</param>
    /// <param name="previousSeconds">
    /// The step before, s; 0 after a jump. A lane takes a backward Euler step where it is under 0.4 of this one.
    /// </param>
    /// <param name="film">Heat transfer coefficient h at the surface, W/m² K, 0 or more.</param>
    /// <param name="ambientCelsius">Temperature around the piece at the end of the step, °C.</param>
    /// <returns>Heat taken up, J per kg of piece, per lane.</returns>
    public Lane Step(Lane seconds, Lane previousSeconds, Lane film, Lane ambientCelsius)
    {
        // Variable-step BDF2: H' = H + w²/(1+2w) D + (1+w)/(1+2w) Δt F', with w the ratio of the steps and D the last gain.
        var started = Vector512.GreaterThan(previousSeconds, seconds * (float)ShortestPrevious);
        var ratio = Lanes.Pick(started, seconds / previousSeconds, Lane.Zero);
        var share = Lane.One / (Lane.One + ratio + ratio);
        var memory = ratio * ratio * share;
        var weight = seconds * (Lane.One + ratio) * share * _scale;
        var surface = weight * SurfaceConductance(film);
        Solve(memory, weight, surface, ambientCelsius);
        for (var i = 0; NearFreezing && i < MostRepeats && CapacityIsFarOff(); i++)
        {
            TakeChords();
            Solve(memory, weight, surface, ambientCelsius);
        }

        return WarmBone() + (NearFreezing ? WarmNearFreezing() : Warm());
    }

    /// <summary>Temperature at the centre, or at the face of the bone: parabola through the two innermost shells, °C.</summary>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    public Lane CentreCelsius()
    {
        var shells = _memory.Span;
        if (_coreShells == 0)
        {
            return shells[0].Celsius - (shells[1].Celsius - shells[0].Celsius) * 0.125f;
        }

        ref readonly Shell bone = ref shells[_coreShells - 1],
            meat = ref shells[_coreShells];
        return (bone.Conductivity * bone.Celsius + meat.Conductivity * meat.Celsius) / (bone.Conductivity + meat.Conductivity);
    }

    /// <summary>Temperature of the surface, from equal flux on both sides of it, °C.</summary>
    /// <param name="film">Heat transfer coefficient, W/m² K.</param>
    /// <param name="ambientCelsius">Temperature around, °C.</param>
    public Lane SurfaceCelsius(Lane film, Lane ambientCelsius)
    {
        var shells = _memory.Span;
        var inner = shells[^1].Conductivity / _innerResistance;
        return (inner * shells[^1].Celsius + film * ambientCelsius) / (inner + film);
    }

    /// <summary>Heat that enters through the surface, W per kg of piece.</summary>
    /// <param name="film">Heat transfer coefficient, W/m² K.</param>
    /// <param name="ambientCelsius">Temperature around, °C.</param>
    public Lane SurfaceFlux(Lane film, Lane ambientCelsius) => SurfaceConductance(film) * _scale * (ambientCelsius - Shells[^1].Celsius);

    /// <summary>Mean temperature by mass, °C.</summary>
    public Lane MeanCelsius()
    {
        var sum = Lane.Zero;
        foreach (ref readonly var shell in Shells)
        {
            sum += shell.Celsius * shell.MassShare;
        }

        return sum;
    }

    /// <summary>Mean enthalpy by mass, J/kg.</summary>
    public Lane MeanEnthalpy()
    {
        var sum = Lane.Zero;
        foreach (ref readonly var shell in Shells)
        {
            sum += shell.Enthalpy * shell.MassShare;
        }

        return sum;
    }

    /// <summary>Lets every shell above a temperature boil down to it.</summary>
    /// <param name="ceilingCelsius">Boiling point of the moment, °C.</param>
    /// <param name="active">Mask of the lanes that may boil.</param>
    /// <returns>Heat given off as steam, J per kg of piece.</returns>
    public Lane BoilDownTo(Lane ceilingCelsius, Lane active)
    {
        var shells = _memory.Span;
        var released = Lane.Zero;
        for (var i = _coreShells; i < shells.Length; i++)
        {
            ref var shell = ref shells[i];
            var above = Vector512.GreaterThan(shell.Celsius, ceilingCelsius) & active;
            if (!Lanes.Any(above))
            {
                continue;
            }

            var target = Lanes.Pick(above, ceilingCelsius, shell.Celsius);
            var heat = _of.HeatBetween(target, shell.Celsius);
            shell.Enthalpy -= heat;
            shell.Celsius = target;
            released += heat * shell.MassShare;
            SetProperties(ref shell, _of, NearFreezing);
        }

        return released;
    }

    private ThermalMaterial Material(int shell) => shell < _coreShells ? ThermalMaterial.Bone : _meat;

    private void Measure(Lane dimensionality, Lane halfThicknessMetres)
    {
        var shells = _memory.Span;
        Lane inner = Lane.Zero,
            total = Lane.Zero;
        for (var i = 0; i < shells.Length; i++)
        {
            ref var shell = ref shells[i];
            var x = Lanes.All((i + 1) * _dx);
            var outer = i == shells.Length - 1 ? Lane.One : Lanes.Power(x, dimensionality);
            shell.Face = outer / x / Lanes.All(_dx);
            shell.MassShare = (outer - inner) * (float)(Material(i).DensityKgPerM3 / _meat.DensityKgPerM3);
            total += shell.MassShare;
            inner = outer;
        }

        // Divided by the total so that volumes are shares of mass; faces and the scale follow: dV = x^(E-1) dx = d(x^E) / E.
        foreach (ref var shell in shells)
        {
            shell.MassShare /= total;
            shell.Face *= dimensionality / total * 0.5f; // times the sum of two conductivities
        }

        _surface = halfThicknessMetres * dimensionality / total;
    }

    private void SetProperties(ref Shell shell, in MaterialLanes of, bool nearFreezing)
    {
        var (c, k) = nearFreezing ? of.NearFreezingProperties(shell.Celsius) : (of.Capacity(shell.Celsius), of.Conductivity(shell.Celsius));
        shell.Capacity = c;
        shell.Conductivity = k * _conductivityFactor;
    }

    // Across the freezing point the capacity of the step before can be wrong by a factor of fifty, and what then flows into a small shell
    // would overshoot by hundreds of kelvin. So the capacity is replaced by the chord of the enthalpy over the change just found.
    private bool CapacityIsFarOff()
    {
        Lane worst = Lane.Zero,
            least = Lanes.All(0.01);
        foreach (ref var shell in _memory.Span[_coreShells..])
        {
            var guess = shell.Celsius + shell.Partial;
            shell.Carry = shell.Capacity;
            if (!Vector512.LessThanAny(Vector512.Min(shell.Celsius, guess), _of.NearFreezing))
            {
                continue;
            }

            var change = Vector512.Abs(shell.Partial);
            var chord = (_of.Enthalpy(guess) - shell.Enthalpy) / shell.Partial;
            shell.Carry = Lanes.Pick(Vector512.GreaterThan(change, least), chord, shell.Capacity);
            worst = Vector512.Max(worst, Vector512.Abs(shell.Capacity / shell.Carry - Lane.One) * change);
        }

        return Vector512.GreaterThanAny(worst, Lanes.All(MostOvershootKelvin));
    }

    private void TakeChords()
    {
        foreach (ref var shell in _memory.Span[_coreShells..])
        {
            shell.Capacity = shell.Carry;
        }
    }

    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    private Lane SurfaceConductance(Lane film)
    {
        var shells = _memory.Span;
        var inner = shells[^1].Conductivity / _innerResistance;
        return film * inner / (film + inner) * _surface;
    }

    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    private void Solve(Lane memory, Lane weight, Lane surface, Lane ambient)
    {
        Eliminate(memory, weight, surface, ambient);
        Substitute();
    }

    // The symmetric tridiagonal system V c δ + Σ g (δ - δ'neighbour) = V memory D + Σ g (T'neighbour - T) for the change of
    // temperature δ, eliminated from the centre and from the surface at once towards the shell in the middle: two independent chains
    // hide each other's latency. Leaves δ = Partial + Carry δ'inner neighbour of the chain, and δ itself in the middle.
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    private void Eliminate(Lane memory, Lane weight, Lane surface, Lane ambient)
    {
        var shells = _memory.Span;
        var low = Chain.From(Lane.Zero, Lane.Zero);
        var high = Chain.From(surface, surface * (ambient - shells[^1].Celsius));
        ref Shell bottom = ref shells[0],
            top = ref shells[^1];
        var middle = shells.Length / 2 - 1;
        for (var i = 1; i <= middle; i++)
        {
            ref Shell above = ref shells[i],
                below = ref shells[shells.Length - 1 - i];
            low.Eliminate(ref bottom, above, weight * bottom.Face, memory);
            high.Eliminate(ref top, below, weight * below.Face, memory);
            bottom = ref above;
            top = ref below;
        }

        high.Eliminate(ref top, bottom, weight * bottom.Face, memory);
        bottom.Partial = low.Meet(bottom, high, memory);
    }

    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    private void Substitute()
    {
        var shells = _memory.Span;
        var middle = shells.Length / 2 - 1;
        Lane inward = shells[middle].Partial,
            outward = inward;
        for (var i = 1; i <= middle; i++)
        {
            ref Shell below = ref shells[middle - i],
                above = ref shells[middle + i];
            inward = Lanes.Fma(below.Carry, inward, below.Partial);
            outward = Lanes.Fma(above.Carry, outward, above.Partial);
            below.Partial = inward;
            above.Partial = outward;
        }

        ref var last = ref shells[^1];
        last.Partial = Lanes.Fma(last.Carry, outward, last.Partial);
    }

    // Enthalpy takes what the linear system says has flowed in; the temperature follows from the enthalpy.
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    private Lane Warm()
    {
        ref readonly var of = ref _of;
        Lane heat = Lane.Zero,
            factor = _conductivityFactor;
        foreach (ref var shell in _memory.Span[_coreShells..])
        {
            heat += Gain(ref shell);
            var t = of.Newton(shell.Enthalpy, shell.Celsius + shell.Partial);
            shell.Celsius = t;
            shell.Capacity = of.Capacity(t);
            shell.Conductivity = of.Conductivity(t) * factor;
        }

        return heat;
    }

    private Lane WarmNearFreezing()
    {
        Lane heat = Lane.Zero,
            coldest = Lanes.All(float.MaxValue);
        foreach (ref var shell in _memory.Span[_coreShells..])
        {
            heat += Gain(ref shell);
            var guess = shell.Celsius + shell.Partial;
            var near = Vector512.LessThanAny(Vector512.Min(shell.Celsius, guess), _of.NearFreezing);
            shell.Celsius = near ? _of.Celsius(shell.Enthalpy, guess) : _of.Newton(shell.Enthalpy, guess);
            SetProperties(ref shell, _of, near);
            coldest = Vector512.Min(coldest, shell.Celsius);
        }

        NearFreezing = Vector512.LessThanAny(coldest, _of.NearFreezing);
        ComeApart();
        return heat;
    }

    private void ComeApart()
    {
        var thawed =
            Vector512.GreaterThan(_memory.Span[_jointShell].Celsius, Lanes.All(_meat.FreezingCelsius))
            & Vector512.GreaterThan(_joined, Lane.One);
        if (Lanes.Any(thawed))
        {
            Stretch(Lanes.Pick(thawed, Lane.One / _joined, Lane.One));
            _joined = Lanes.Pick(thawed, Lane.One, _joined);
        }
    }

    private void Stretch(Lane factor)
    {
        _scale /= factor * factor;
        _surface *= factor;
        _innerResistance *= factor;
    }

    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    private Lane WarmBone()
    {
        var heat = Lane.Zero;
        foreach (ref var shell in _memory.Span[.._coreShells])
        {
            heat += Gain(ref shell);
            shell.Celsius += shell.Partial;
        }

        return heat;
    }

    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    private static Lane Gain(ref Shell shell)
    {
        var gain = shell.Capacity * shell.Partial;
        shell.Gain = gain;
        shell.Enthalpy += gain;
        return gain * shell.MassShare;
    }

    /// <summary>One of the two eliminations: what its last shell hands on to the next.</summary>
    private struct Chain
    {
        private Lane _g,
            _flux,
            _carry,
            _partial; // conductance and flux from the side already eliminated

        public static Chain From(Lane g, Lane flux) => new() { _g = g, _flux = flux };

        [MethodImpl(MethodImplOptions.AggressiveInlining)]
        public void Eliminate(ref Shell shell, in Shell next, Lane face, Lane memory)
        {
            var g = face * (shell.Conductivity + next.Conductivity);
            var flux = g * (next.Celsius - shell.Celsius);
            var diagonal = Lanes.Fma(shell.MassShare, shell.Capacity, g + _g);
            var right = Lanes.Fma(shell.MassShare * memory, shell.Gain, Lanes.Fma(_g, _partial, flux + _flux));
            var inverse = Lane.One / (diagonal - _g * _carry);
            _carry = g * inverse;
            _partial = right * inverse;
            shell.Carry = _carry;
            shell.Partial = _partial;
            _g = g;
            _flux = -flux;
        }

        [MethodImpl(MethodImplOptions.AggressiveInlining)]
        public readonly Lane Meet(in Shell shell, in Chain other, Lane memory)
        {
            var diagonal = Lanes.Fma(shell.MassShare, shell.Capacity, _g + other._g) - _g * _carry - other._g * other._carry;
            var right = shell.MassShare * memory * shell.Gain + _flux + other._flux + _g * _partial + other._g * other._partial;
            return right / diagonal;
        }
    }
}
