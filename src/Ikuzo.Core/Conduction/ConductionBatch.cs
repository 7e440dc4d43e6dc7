using System.Runtime.CompilerServices;
using System.Runtime.Intrinsics;
using Ikuzo.Core.Physics;

namespace Ikuzo.Core.Conduction;

/// <summary>
/// Heat conduction in eight pieces at once, each one-dimensional in a generalised shape between slab, cylinder and sphere.
/// </summary>
/// <remarks>
/// <para>
/// ∂H/∂t = x^(1-E) ∂/∂x ( x^(E-1) k ∂T/∂x ) on 0 ≤ x ≤ R, with -k ∂T/∂x = h (T - T∞) at R. Finite volumes on shells of equal
/// thickness; x is scaled by R. Time: two-step backward differentiation with variable steps (BDF2, second order, L-stable),
/// started by backward Euler wherever the surroundings jump. Conductivity and heat capacity are lagged by one step; after each solve
/// the enthalpy is raised by what has flowed in and the temperature recomputed from it (Pham 1986, Int. J. Refrig. 9:322), so
/// that energy is conserved through freezing.
/// </para>
/// <para>A lane given a step of 0 s stands still. No method allocates.</para>
/// </remarks>
public sealed class ConductionBatch
{
    private const int N = ConductionMesh.Shells;
    private const double Dx = 1.0 / N;
    private const double ShortestPrevious = 0.4; // BDF2 is zero-stable up to a ratio of 2.414

    private readonly Lane[] _celsius = new Lane[N];
    private readonly Lane[] _enthalpy = new Lane[N];
    private readonly Lane[] _gain = new Lane[N];
    private readonly Lane[] _volume = new Lane[N];
    private readonly Lane[] _capacity = new Lane[N];
    private readonly Lane[] _face = new Lane[N];
    private readonly Lane[] _k = new Lane[N];
    private readonly Lane[] _carry = new Lane[N];
    private readonly Lane[] _partial = new Lane[N];
    private ThermalMaterial _meat = ThermalMaterial.Constant(1);
    private Coefficients _of;
    private bool _nearFreezing; // true while some shell of some lane is frozen or about to
    private ThermalMaterial _core = ThermalMaterial.Bone;
    private int _coreShells;
    private Lane _halfThickness, _scale, _conductivityFactor, _totalVolume;

    /// <summary>Temperatures of the shells, °C, from the centre outwards.</summary>
    public ReadOnlySpan<Lane> Celsius => _celsius;

    /// <summary>Share of each shell in the mass of meat and core; adds up to 1 in each lane.</summary>
    public ReadOnlySpan<Lane> MassShare => _volume;

    /// <summary>Index of the innermost shell of meat: 0 without a bone.</summary>
    public int FirstMeatShell => _coreShells;

    /// <summary>Sets geometry and material. Bone takes whole shells: the nearest number to its share, at least one if any.</summary>
    /// <param name="halfThicknessMetres">R, m, above 0, per lane.</param>
    /// <param name="dimensionality">E from 1 (slab) to 3 (sphere), per lane.</param>
    /// <param name="meat">Material of the outer shells.</param>
    /// <param name="conductivityFactor">Factor on the conductivity of meat and core, per lane.</param>
    /// <param name="coreFraction">Radius of a bone core as a share of R, 0 to 0.6.</param>
    public void Shape(Lane halfThicknessMetres, Lane dimensionality, ThermalMaterial meat, Lane conductivityFactor, double coreFraction = 0)
    {
        _meat = meat;
        _of = new Coefficients(meat);
        _coreShells = coreFraction <= 0 ? 0 : Math.Max(1, (int)Math.Round(coreFraction * N));
        _halfThickness = halfThicknessMetres;
        _conductivityFactor = conductivityFactor;
        _scale = Lane.One / (Lanes.All(meat.DensityKgPerM3) * halfThicknessMetres * halfThicknessMetres);
        Measure(dimensionality);
    }

    /// <summary>Gives every shell the same temperature and forgets the past.</summary>
    /// <param name="celsius">Temperature, °C, per lane.</param>
    public void Reset(Lane celsius)
    {
        for (var i = 0; i < N; i++)
        {
            _celsius[i] = celsius;
            _gain[i] = Lane.Zero;
            for (var lane = 0; lane < Lanes.Width; lane++)
            {
                _enthalpy[i] = _enthalpy[i].WithElement(lane, Material(i).Enthalpy(celsius[lane]));
            }
        }

        _nearFreezing = true;
        SetProperties();
    }

    /// <summary>Takes over the thermal state of another batch of the same shape.</summary>
    public void CopyStateFrom(ConductionBatch other)
    {
        other._celsius.CopyTo(_celsius, 0);
        other._enthalpy.CopyTo(_enthalpy, 0);
        other._gain.CopyTo(_gain, 0);
        other._k.CopyTo(_k, 0);
        _nearFreezing = other._nearFreezing;
    }

    /// <summary>One implicit step.</summary>
    /// <param name="seconds">Step, s, per lane; 0 stands still.</param>
    /// <param name="previousSeconds">The step before, s; 0 after a jump. A lane takes a backward Euler step where it is under 0.4 of this one.</param>
    /// <param name="film">Heat transfer coefficient h at the surface, W/m² K, 0 or more.</param>
    /// <param name="ambientCelsius">Temperature around the piece at the end of the step, °C.</param>
    /// <returns>Heat taken up, J per kg of piece, per lane.</returns>
    public Lane Step(Lane seconds, Lane previousSeconds, Lane film, Lane ambientCelsius)
    {
        // Variable-step BDF2: H' = H + w²/(1+2w) D + (1+w)/(1+2w) Δt F', with w the ratio of the steps and D the last gain.
        var started = Vector512.GreaterThan(previousSeconds, seconds * ShortestPrevious);
        var ratio = Lanes.Pick(started, seconds / previousSeconds, Lane.Zero);
        var share = Lane.One / (Lane.One + ratio + ratio);
        var memory = ratio * ratio * share;
        var weight = seconds * (Lane.One + ratio) * share * _scale;
        SetProperties();
        var surface = weight * SurfaceConductance(film);
        Eliminate(memory, weight, surface, surface * ambientCelsius);
        return Substitute();
    }

    /// <summary>Temperature at the centre, or at the face of the bone: parabola through the two innermost shells, °C.</summary>
    public Lane CentreCelsius()
    {
        if (_coreShells == 0)
        {
            return _celsius[0] - (_celsius[1] - _celsius[0]) * 0.125;
        }

        Lane kCore = _k[_coreShells - 1], kMeat = _k[_coreShells];
        return (kCore * _celsius[_coreShells - 1] + kMeat * _celsius[_coreShells]) / (kCore + kMeat);
    }

    /// <summary>Temperature of the surface, from equal flux on both sides of it, °C.</summary>
    /// <param name="film">Heat transfer coefficient, W/m² K.</param>
    /// <param name="ambientCelsius">Temperature around, °C.</param>
    public Lane SurfaceCelsius(Lane film, Lane ambientCelsius)
    {
        var inner = _k[N - 1] / (_halfThickness * (Dx / 2));
        return (inner * _celsius[N - 1] + film * ambientCelsius) / (inner + film);
    }

    /// <summary>Heat that enters through the surface, W per kg of piece.</summary>
    /// <param name="film">Heat transfer coefficient, W/m² K.</param>
    /// <param name="ambientCelsius">Temperature around, °C.</param>
    public Lane SurfaceFlux(Lane film, Lane ambientCelsius)
        => SurfaceConductance(film) * _scale * (ambientCelsius - _celsius[N - 1]);

    /// <summary>Mean temperature by mass, °C.</summary>
    public Lane MeanCelsius() => Mean(_celsius);

    /// <summary>Mean enthalpy by mass, J/kg.</summary>
    public Lane MeanEnthalpy() => Mean(_enthalpy);

    /// <summary>Mean over the shells, weighted by mass.</summary>
    /// <param name="perShell">One value per shell.</param>
    public Lane Mean(ReadOnlySpan<Lane> perShell)
    {
        var sum = Lane.Zero;
        for (var i = 0; i < N; i++)
        {
            sum += perShell[i] * _volume[i];
        }

        return sum;
    }

    /// <summary>Lets every shell above a temperature boil down to it.</summary>
    /// <param name="ceilingCelsius">Boiling point of the moment, °C.</param>
    /// <param name="active">Mask of the lanes that may boil.</param>
    /// <returns>Heat given off as steam, J per kg of piece.</returns>
    public Lane BoilDownTo(Lane ceilingCelsius, Lane active)
    {
        var released = Lane.Zero;
        for (var i = _coreShells; i < N; i++)
        {
            var above = Vector512.GreaterThan(_celsius[i], ceilingCelsius) & active;
            if (above == Lane.Zero)
            {
                continue;
            }

            var target = Lanes.Pick(above, ceilingCelsius, _celsius[i]);
            var heat = (_of.C0 + (target + _celsius[i]) * _of.HalfC1) * (_celsius[i] - target);
            _enthalpy[i] -= heat;
            _celsius[i] = target;
            released += heat * _volume[i];
        }

        return released;
    }

    private ThermalMaterial Material(int shell) => shell < _coreShells ? _core : _meat;

    private void Measure(Lane dimensionality)
    {
        var inner = Lane.Zero;
        _totalVolume = Lane.Zero;
        for (var i = 0; i < N; i++)
        {
            var x = Lanes.All((i + 1) * Dx);
            var outer = i == N - 1 ? Lane.One : Lanes.Power(x, dimensionality);
            _face[i] = outer / x / Lanes.All(Dx);
            _volume[i] = (outer - inner) * (Material(i).DensityKgPerM3 / _meat.DensityKgPerM3);
            _totalVolume += _volume[i];
            inner = outer;
        }

        // Divided by the total so that volumes are shares of mass; faces and the scale follow: dV = x^(E-1) dx = d(x^E) / E.
        for (var i = 0; i < N; i++)
        {
            _volume[i] /= _totalVolume;
            _face[i] *= dimensionality / _totalVolume * 0.5; // times the sum of two conductivities
        }

        _totalVolume = dimensionality / _totalVolume;
    }

    private void SetProperties()
    {
        for (var i = 0; i < _coreShells; i++)
        {
            _capacity[i] = Lanes.All(_core.C0);
            _k[i] = _conductivityFactor * _core.K0;
        }

        ref readonly var of = ref _of;
        var factor = _conductivityFactor;
        for (var i = _coreShells; i < N; i++)
        {
            var t = _celsius[i];
            _capacity[i] = of.C0 + t * of.C1;
            _k[i] = (of.K0 + t * (of.K1 + t * of.K2)) * factor;
        }

        if (_nearFreezing)
        {
            SetFrozenProperties();
        }
    }

    private void SetFrozenProperties()
    {
        for (var i = _coreShells; i < N; i++)
        {
            var t = _celsius[i];
            if (Vector512.LessThanAny(t, _of.Freezing))
            {
                var (c, k) = Frozen(_of, t, _capacity[i], _k[i] / _conductivityFactor);
                _capacity[i] = c;
                _k[i] = k * _conductivityFactor;
            }
        }
    }

    private static (Lane C, Lane K) Frozen(in Coefficients of, Lane t, Lane cAbove, Lane kAbove)
    {
        var frozen = Vector512.LessThan(t, of.Freezing);
        var ratio = of.Freezing / t;
        var c = of.FrozenC - of.Latent * ratio / t;
        var k = of.KAtFreezing + (Lane.One - ratio) * of.IceGain;
        return (Lanes.Pick(frozen, c, cAbove), Lanes.Pick(frozen, k, kAbove));
    }

    private Lane SurfaceConductance(Lane film)
    {
        var inner = _k[N - 1] / (_halfThickness * (Dx / 2));
        return film * inner / (film + inner) * _halfThickness * _totalVolume;
    }

    // Forward sweep of the symmetric tridiagonal system V c T' + Σ g (T' - T'neighbour) = V (c T + memory D).
    private void Eliminate(Lane memory, Lane weight, Lane surface, Lane surfaceHeat)
    {
        Lane gBelow = Lane.Zero, carry = Lane.Zero, partial = Lane.Zero;
        for (var i = 0; i < N; i++)
        {
            var mass = _volume[i] * _capacity[i];
            var right = mass * _celsius[i] + _volume[i] * memory * _gain[i] + gBelow * partial;
            Lane gAbove;
            if (i < N - 1)
            {
                gAbove = weight * _face[i] * (_k[i] + _k[i + 1]);
            }
            else
            {
                gAbove = surface;
                right += surfaceHeat;
            }

            var inverse = Lane.One / (mass + gBelow + gAbove - gBelow * carry);
            carry = gAbove * inverse;
            partial = right * inverse;
            _carry[i] = carry;
            _partial[i] = partial;
            gBelow = gAbove;
        }
    }

    // Back substitution. Enthalpy takes what the linear system says has flowed in; the temperature follows from the enthalpy.
    private Lane Substitute()
    {
        ref readonly var of = ref _of;
        Lane next = Lane.Zero, heat = Lane.Zero, coldest = Lanes.All(double.MaxValue);
        for (var i = N - 1; i >= _coreShells; i--)
        {
            next = _partial[i] + _carry[i] * next;
            var gain = _capacity[i] * (next - _celsius[i]);
            var enthalpy = _enthalpy[i] + gain;
            _gain[i] = gain;
            _enthalpy[i] = enthalpy;
            heat += gain * _volume[i];
            var t = Newton(of, enthalpy, next);
            var coldestOfBoth = Vector512.Min(_celsius[i], next);
            _celsius[i] = _nearFreezing && Vector512.LessThanAny(coldestOfBoth, of.NearFreezing) ? NearFreezing(of, enthalpy, t) : t;
            coldest = Vector512.Min(coldest, _celsius[i]);
        }

        _nearFreezing = Vector512.LessThanAny(coldest, of.NearFreezing);
        for (var i = _coreShells - 1; i >= 0; i--)
        {
            next = _partial[i] + _carry[i] * next;
            _gain[i] = _capacity[i] * (next - _celsius[i]);
            _enthalpy[i] += _gain[i];
            _celsius[i] = next;
            heat += _gain[i] * _volume[i];
        }

        return heat;
    }

    // One Newton step on the parabola H(T) above freezing, from a guess that the linear system has brought within a few hundredths of a
    // kelvin; two more where a shell is, or was before the step, near freezing; the quadratic formula below freezing.
    private static Lane NearFreezing(in Coefficients of, Lane enthalpy, Lane guess)
    {
        var above = Newton(of, enthalpy, Newton(of, enthalpy, guess));
        var b = enthalpy + of.FrozenC * of.Freezing + of.Latent;
        var below = (b - Vector512.Sqrt(b * b - of.FrozenC * of.Latent * of.Freezing * 4)) / (of.FrozenC * 2);
        return Lanes.Pick(Vector512.LessThan(enthalpy, Lane.Zero), below, above);
    }

    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    private static Lane Newton(in Coefficients of, Lane enthalpy, Lane t)
        => t + (enthalpy + of.Offset - t * (of.C0 + t * of.HalfC1)) * of.InverseC;

    /// <summary>The material in the form of the inner loops. A material that does not freeze never comes near its freezing point.</summary>
    private readonly struct Coefficients(ThermalMaterial of)
    {
        private const double NeverCelsius = -1e6, NearKelvin = 2;

        public readonly Lane C0 = Lanes.All(of.C0), C1 = Lanes.All(of.C1), HalfC1 = Lanes.All(of.C1 / 2);
        public readonly Lane K0 = Lanes.All(of.K0), K1 = Lanes.All(of.K1), K2 = Lanes.All(of.K2);
        public readonly Lane InverseC = Lanes.All(1 / (of.C0 + 60 * of.C1));
        public readonly Lane Offset = Lanes.All(of.Freezes ? of.FreezingCelsius * (of.C0 + of.C1 / 2 * of.FreezingCelsius) : 0);
        public readonly Lane Freezing = Lanes.All(of.Freezes ? of.FreezingCelsius : NeverCelsius);
        public readonly Lane NearFreezing = Lanes.All(of.Freezes ? of.FreezingCelsius + NearKelvin : NeverCelsius);
        public readonly Lane FrozenC = Lanes.All(of.FrozenC), Latent = Lanes.All(ThermalMaterial.FusionJoulePerKg * of.FreezableWater);
        public readonly Lane KAtFreezing = Lanes.All(of.Freezes ? of.Conductivity(of.FreezingCelsius) : 0);
        public readonly Lane IceGain = Lanes.All(of.FreezableWater * of.IceConductivityGain);
    }
}
