using System.Runtime.CompilerServices;
using System.Runtime.Intrinsics;
using Ikuzo.Core.Conduction;
using Ikuzo.Core.Physics;

namespace Ikuzo.Core.Cooking;

/// <summary>Energy that has moved so far, J, per particle.</summary>
internal record struct EnergyLedger(Lane Heater, Lane Losses, Lane Purge, Lane Steam, Lane Meat, Lane Juice);

/// <summary>
/// Sixteen possible cooks side by side, from lid-on to the table: the pot's energy balance around the meat's conduction.
/// </summary>
/// <remarks>
/// C dT/dt = P - UA (T - T_room) - Σ meat. Each step predicts the pot from the heat that the meat took in the step before, lets the
/// meat take its heat from that, and books what it really took, so that the balance closes. Objects are reused; no step allocates.
/// </remarks>
internal sealed class CookBlock
{
    private const double SlowTickSeconds = 60;
    private const float RestGrowth = 2; // nothing jumps while the pot cools by itself: steps grow by this factor
    private const float RestStepFactor = 8; // up to this many ordinary ones
    private const double LongestRestStepSeconds = 60;
    private const double StandStepFactor = 4; // standing in the open or covered: steps are this much longer than settled ones,
    private const double LongestStandStepSeconds = 40; // up to this

    /// <summary>Liquid that stood open for some minutes is so far below the boil, K. Estimate.</summary>
    internal const double OpenCooledKelvin = 6;

    private const float LateAfterSteps = 50; // of settled steps: half of the time that heat takes to the middle
    private const float VentGrowth = 1.1f; // the fall slows down as it goes: each step is so much longer
    private const float PileSpread = 0.3f; // how much one pile differs from another, of its logarithm. Estimate
    private const double PinTolerance = 0.02; // K, a second of the fall
    private const double ComeUpLimitSeconds = 3 * 3600;

    private readonly SpotStates _bodies = new();
    private readonly SofteningStates _beside = new();
    private readonly BodyModel[] _models = new BodyModel[SpotStates.Most];
    private readonly KeptStates _kept = new();
    private CookModel _model = null!;
    private Lane _power,
        _fullPower,
        _loss,
        _capacity,
        _held,
        _boiling,
        _room,
        _purge,
        _filmFactor,
        _waterFactor,
        _collagenFactor,
        _gaugeFactor;
    private Lane _sinceTick,
        _perPileLag,
        _tau;
    private double _stepSeconds,
        _settledStepSeconds,
        _lateStepSeconds;
    private PotProgress _now;
    private bool _onlyWarms; // while it stands: see Open

    public int Spots { get; private set; }

    public Lane PotCelsius => _now.Pot;

    public Lane ElapsedSeconds => _now.Elapsed;

    public Lane PressureAtSeconds => _now.PressureAt;

    public Lane ReleaseSeconds => _now.Release;

    public Lane FlashPercent => _now.Flash;

    public EnergyLedger Energy => _now.Energy;

    /// <summary>Liquid of the pot that has gone as steam, kg: all steam but that of the meat's own juice.</summary>
    public Lane SteamKg =>
        (_now.Energy.Purge + _now.Energy.Steam) * (float)(1 / Water.VaporisationJoulePerKg) - _now.Flash * (float)(_model.MeatKg / 100);

    /// <summary>Heat capacity of pot, liquid and companions, and of the juice that has run out of the meat, J/K.</summary>
    public Lane PotCapacity => _capacity + _now.JuiceKg * (float)Water.JoulePerKgKelvin;

    public Lane BoilingCelsius => _boiling;

    public Lane HeldCelsius => _held;

    /// <summary>Samples for curves.</summary>
    public Trace Trace { get; } = new();

    public SpotState Spot(int index) => _bodies[index];

    /// <summary>What softens beside the meat.</summary>
    public SofteningStates Beside => _beside;

    public void Load(CookModel model, ParticleSource source, int first)
    {
        var particles = source.Knowing(model.Learned);
        _model = model;
        Spots = model.Bodies.Count;
        _bodies.Use(Spots, model.Average.Count);
        for (var i = 0; i < _bodies.Count; i++)
        {
            _models[i] = i < Spots ? model.Bodies[i] : model.Average[i - Spots];
        }

        _stepSeconds = model.StepSeconds;
        _settledStepSeconds = model.SettledStepSeconds;
        _lateStepSeconds = ConductionMesh.LateStepSeconds(_settledStepSeconds);
        _power = particles.Factor(Uncertain.HeaterPower, first) * (float)(model.Pot.HeaterWatts * model.Pot.Efficiency);
        _fullPower = _power;
        _loss = particles.LogFactor(Uncertain.HeatLoss, first) * (float)model.Pot.LossWattPerKelvin;
        _capacity = Lanes.All(model.PotJoulePerKelvin);
        _purge = Vector512.Max(Lanes.All(0.1), particles.Factor(Uncertain.Purge, first)) * (float)model.Pot.PurgeJoule;
        _filmFactor = particles.LogFactor(Uncertain.SurfaceFilm, first);
        _waterFactor = particles.Factor(Uncertain.WaterLoss, first);
        _collagenFactor = particles.LogFactor(Uncertain.Collagen, first) * (float)model.CollagenRate;
        _boiling = Lanes.All(model.BoilingCelsius);
        _gaugeFactor = particles.Factor(Uncertain.GaugePressure, first);
        _held = HeldFor(model, _gaugeFactor);
        _room = Lanes.All(model.RoomCelsius);
        _perPileLag =
            model.PileLagSeconds > 0
                ? Lanes.Exp(particles.Draw(Uncertain.Touching, first) * -PileSpread) / Lanes.All(model.PileLagSeconds)
                : Lane.Zero;
        _now = new PotProgress { Pot = Lanes.All(model.PotCelsius ?? model.RoomCelsius), Pile = _room };
        _sinceTick = Lane.Zero;
        _beside.Load(model.Beside, Lanes.All(model.RoomCelsius));
        Trace.Clear();
        _kept.Forget();
        LoadMeat(model, particles, first);
        Trace.Add(this);
    }

    /// <summary>Puts more into every pot than the model says, or takes it out again.</summary>
    /// <param name="joulePerKelvin">Heat capacity of what is more, J/K.</param>
    public void Burden(Lane joulePerKelvin) => _capacity += joulePerKelvin;

    /// <summary>Heats until every particle is at pressure.</summary>
    /// <returns>False when some pot is too weak ever to get there.</returns>
    public bool ComeUp()
    {
        var step = Lanes.All(_stepSeconds);
        var store = new PotHeat(PotCapacity, _boiling, _purge);
        var coming = Lane.AllBitsSet;
        var limit = Lanes.Max(_now.Elapsed) + ComeUpLimitSeconds;
        while (coming != Lane.Zero && Lanes.Max(_now.Elapsed) < limit)
        {
            Lane before = _now.Pot,
                seconds = step & coming;
            var uncapped = Advance(seconds, Surroundings.ComeUp);
            var arrived = coming & Vector512.GreaterThanOrEqual(uncapped, _held);
            var early = store.Between(_held, uncapped) / store.Between(before, uncapped) * seconds;
            _now.Held = Lanes.Pick(arrived, early, _now.Held);
            _now.PressureAt = Lanes.Pick(arrived, _now.Elapsed - early, _now.PressureAt);
            coming = Vector512.AndNot(coming, arrived);
        }

        Tick();
        return coming == Lane.Zero;
    }

    /// <summary>Goes on holding until the timer stands at <paramref name="untilSeconds"/> since pressure was reached.</summary>
    public void Hold(double untilSeconds)
    {
        var until = Lanes.All(untilSeconds);
        Lane left;
        while (Vector512.GreaterThanAny(left = Vector512.Max(Lane.Zero, until - _now.Held), Lane.Zero))
        {
            var seconds = Vector512.Min(left, AlignedStep());
            Advance(seconds, Surroundings.Hold);
            _now.Held += seconds;
        }

        Tick();
    }

    /// <summary>Lets the pressure go until the pin has dropped.</summary>
    public void Let(Release release) => Let(Lanes.All(release.MostRestSeconds), Lanes.All(release.TauSeconds));

    /// <summary>Lets the pressure go, each particle in its own way.</summary>
    public void Let(Lane mostRestSeconds, Lane tauSeconds)
    {
        Rest(mostRestSeconds);
        VentAll(tauSeconds);
        Tick();
    }

    /// <summary>Temperature of each spot, °C.</summary>
    public void Centres(Span<Lane> celsius)
    {
        for (var i = 0; i < Spots; i++)
        {
            celsius[i] = _bodies[i].Batch.CentreCelsius();
        }
    }

    /// <summary>Leaves the meat standing with the lid off, and raises each spot's highest temperature where it gets warmer.</summary>
    /// <param name="seconds">How long, s.</param>
    /// <param name="peaks">Highest temperature of each spot, °C.</param>
    /// <param name="onlyWarms">True where nobody asks what else the heat does to the meat meanwhile.</param>
    public void Open(double seconds, Span<Lane> peaks, bool onlyWarms = false) => Stand(Surroundings.Open, seconds, peaks, onlyWarms);

    /// <summary>The same with the lid laid on and the heater off.</summary>
    public void Cover(double seconds, Span<Lane> peaks, bool onlyWarms = false)
    {
        _now.Pot = CooledInTheOpen;
        Stand(Surroundings.Covered, seconds, peaks, onlyWarms);
    }

    // Little heat passes through the surface, so that long steps are enough.
    private void Stand(Surroundings around, double seconds, Span<Lane> peaks, bool onlyWarms)
    {
        _onlyWarms = onlyWarms;
        _now.Previous = Lane.Zero;
        var step = Math.Min(_settledStepSeconds * StandStepFactor, LongestStandStepSeconds);
        for (var t = 0.0; t < seconds; t += step)
        {
            Advance(Lanes.All(Math.Min(step, seconds - t)), around);
            for (var i = 0; i < Spots; i++)
            {
                peaks[i] = Vector512.Max(peaks[i], _bodies[i].Batch.CentreCelsius());
            }
        }

        Tick();
        _onlyWarms = false;
    }

    /// <summary>Puts the lid back on and turns the heater on: to pressure again, or to a simmer.</summary>
    public void Reclose(bool underPressure)
    {
        _held = underPressure ? HeldFor(_model, _gaugeFactor) : _boiling;
        _now.Pot = CooledInTheOpen;
        _now.Pile = _now.Pot;
        _perPileLag = Lane.One; // hot meat takes no steam away from its neighbours
        _now.Previous = Lane.Zero;
        _now.Release = Lane.Zero;
        _now.MeatWatts = Lane.Zero;
    }

    /// <summary>Lets a cook that is watched go on for a while: the stage and the heater are in the hands of the caller.</summary>
    /// <param name="around">What the meat is in.</param>
    /// <param name="seconds">How long, s, above 0.</param>
    /// <param name="powerShare">Share of its power that the heater gives, 0 to 1.</param>
    /// <param name="tauSeconds">Time constant of venting, s; of no matter otherwise.</param>
    public void Live(Surroundings around, double seconds, double powerShare, double tauSeconds)
    {
        _power = _fullPower * (float)powerShare;
        _now.Pot = around == Surroundings.Covered ? CooledInTheOpen : _now.Pot;
        _tau = Lanes.All(tauSeconds);
        var step = around == Surroundings.Vent ? Math.Min(_stepSeconds, tauSeconds / 6) : _stepSeconds;
        for (var t = 0.0; t < seconds; t += step)
        {
            var now = Lanes.All(Math.Min(step, seconds - t));
            Advance(now, around);
            if (around == Surroundings.Vent)
            {
                BoilMeat(Lane.AllBitsSet);
            }
        }
    }

    /// <summary>From now on the thermostat keeps the pot at a temperature, instead of at its pressure.</summary>
    /// <param name="celsius">Temperature, °C.</param>
    public void KeepAt(double celsius) => _held = Lanes.All(celsius);

    /// <summary>Closes or opens the valve while heating: with an open one the pot stays at the boil.</summary>
    public void Seal(bool sealedUp) => _held = sealedUp ? HeldFor(_model, _gaugeFactor) : _boiling;

    /// <summary>Keeps the present state under a number, to come back to.</summary>
    public void Keep(int slot)
    {
        _kept.Keep(slot, _now, Trace.Keep(), _bodies, _beside);
    }

    /// <summary>Goes back to a kept state.</summary>
    public void GoBack(int slot)
    {
        (_now, var samples) = _kept.GoBack(slot, _bodies, _beside);
        _sinceTick = Lane.Zero;
        Trace.Branch(samples);
    }

    /// <summary>The coldest spot, °C; the pot itself where there is no meat.</summary>
    public Lane ColdestCelsius() =>
        Spots switch
        {
            0 => _now.Pot,
            1 => _bodies[0].Batch.CentreCelsius(),
            _ => Vector512.Min(_bodies[0].Batch.CentreCelsius(), _bodies[1].Batch.CentreCelsius()),
        };

    /// <summary>Surface of the first spot, °C; the pot itself where there is no meat.</summary>
    public Lane SurfaceCelsius() =>
        Spots == 0 ? _now.Pot : _bodies[0].Batch.SurfaceCelsius(Film.In(_model.Placement, _now.Pot, _boiling, _filmFactor), _now.Pot);

    /// <summary>Water lost to cooking and flashing so far, percent of the raw weight of the muscle.</summary>
    public Lane WaterLossPercent() => OverBodies((s, _) => s.WaterLossPercent) + _now.Flash;

    /// <summary>Mean enthalpy of the meat, J/kg.</summary>
    public Lane MeatEnthalpy() => OverBodies((_, batch) => batch.MeanEnthalpy());

    /// <summary>Collagen converted, mean over the meat, 0 to 1.</summary>
    public Lane Tenderness() => OverBodies((s, batch) => s.Tenderness(batch));

    private Lane OverBodies(Func<MeatChanges, ConductionBatch, Lane> of)
    {
        var sum = Lane.Zero;
        for (var i = 0; i < _bodies.Count; i++)
        {
            sum += of(_bodies[i].Changes, _bodies[i].Batch) * (float)_models[i].MassShare;
        }

        return sum;
    }

    private void LoadMeat(CookModel model, ParticleSource particles, int first)
    {
        Lane Draw(Uncertain q) => particles.Draw(q, first);
        Lane shape = particles.Factor(Uncertain.Shape, first),
            conductivity = particles.Factor(Uncertain.Conductivity, first);
        var startCelsius =
            Lanes.All(model.StartCelsius) + Draw(Uncertain.StartTemperature) * (float)Spreads.StartKelvin(model.Frozen).Value;
        if (!model.Frozen)
        {
            startCelsius = Vector512.Max(startCelsius, Lanes.All(0));
        }

        for (var i = 0; i < _bodies.Count; i++)
        {
            var body = _models[i];
            var dimensionality = Vector512.Max(Lane.One, Vector512.Min(Lanes.All(3), shape * (float)body.Dimensionality));
            var relative = Thickness(body.Size, i % Spots == 0 ? Uncertain.PieceThickness : Uncertain.SecondThickness);
            _bodies[i].Batch.Shape(relative * (float)body.HalfThicknessMetres, dimensionality, model.Meat, conductivity, body.CoreFraction);
            if (body.LumpThickening > 1)
            {
                _bodies[i].Batch.FreezeTogether(body.LumpThickening, body.LumpJoint);
            }

            _bodies[i].Batch.Reset(startCelsius);
            _bodies[i].Changes.Reset();
        }

        // Two spots share what is ours and the load's; the piece's own is each one's.
        Lane Thickness(SizeSpread size, Uncertain own) =>
            Lanes.Exp(
                Draw(Uncertain.OwnThickness) * (float)size.Ours
                    + Draw(Uncertain.LoadThickness) * (float)size.Load
                    + Draw(Uncertain.Touching) * (float)size.Touching
                    + Lanes.Map(Draw(own), size.Piece.Of)
            );
    }

    private static Lane HeldFor(CookModel model, Lane gaugeFactor) =>
        Lanes.Map(gaugeFactor, factor => Physics.Saturation.PotCelsius(model.AltitudeMetres, model.GaugeKpa * factor));

    // Steps of the hold end on whole steps since pressure, so that every whole minute is met. The first is not shorter than 0.4 steps;
    // long ones follow where nothing freezes, since nothing jumps.
    private Lane AlignedStep()
    {
        Lane step = Lanes.All(_stepSeconds),
            settled = Lanes.All(_settledStepSeconds),
            late = Lanes.All(_lateStepSeconds);
        var first = step - _now.Held;
        first = Lanes.Pick(Vector512.LessThan(first, step * 0.4f), first + step, first);
        var thawed = Thawed();
        var later = Lanes.Pick(IsMultiple(_now.Held, settled) & thawed, settled, step);
        var isLate = Vector512.GreaterThan(_now.Held, settled * LateAfterSteps) & IsMultiple(_now.Held, late);
        later = Lanes.Pick(isLate & thawed, late, later);
        return Lanes.Pick(Vector512.LessThan(_now.Held, step), first, later);
    }

    private static Lane IsMultiple(Lane of, Lane unit) => Vector512.Equals(Vector512.Floor(of / unit) * unit, of);

    private Lane Thawed()
    {
        for (var i = 0; i < _bodies.Count; i++)
        {
            if (_bodies[i].Batch.NearFreezing)
            {
                return Lane.Zero;
            }
        }

        return Lane.AllBitsSet;
    }

    private void Rest(Lane most)
    {
        Lane pin = Pin,
            step = Lanes.All(_stepSeconds);
        var resting = Vector512.GreaterThan(most, Lane.Zero) & PinUp();
        while (resting != Lane.Zero)
        {
            // Steps grow, and the last one ends where the pin drops: the meat would go on heating in what is beyond.
            var longest = Vector512.Min(
                Vector512.Max(_now.Previous, step) * RestGrowth,
                Vector512.Min(step * RestStepFactor, Lanes.All(LongestRestStepSeconds))
            );
            var falling = (_loss * (_now.Pot - _room) + _now.MeatWatts) / PotCapacity;
            var untilPin = Vector512.Max(
                Lane.One,
                Lanes.Pick(Vector512.GreaterThan(falling, Lane.Zero), (_now.Pot - pin) / falling, longest)
            );
            var seconds = Vector512.Min(Vector512.Min(longest, untilPin), most - _now.Release) & resting;
            Advance(seconds, Surroundings.Rest);
            _now.Release += seconds;
            resting &= PinUp() & Vector512.LessThan(_now.Release, most - Lanes.All(1e-3));
        }
    }

    private Lane CooledInTheOpen => Vector512.Min(_now.Pot, _boiling - Lanes.All(OpenCooledKelvin));

    private Lane Pin => _boiling + Lanes.All(Release.PinKelvin);

    private Lane PinUp() => Vector512.GreaterThan(_now.Pot, Pin + Lanes.All(PinTolerance));

    private void VentAll(Lane tauSeconds)
    {
        var above = Vector512.Max(Lane.One, (_now.Pot - _boiling) / Lanes.All(Release.PinKelvin + PinTolerance));
        var left = Vector512.Log(above) * tauSeconds;
        var step = Vector512.Min(Lanes.All(_stepSeconds), tauSeconds / Lanes.All(6));
        _tau = tauSeconds;
        while (Vector512.GreaterThanAny(left, Lane.Zero))
        {
            _now.Previous = Lane.Zero;
            var seconds = Vector512.Min(left, step);
            Advance(seconds, Surroundings.Vent);
            BoilMeat(Vector512.GreaterThan(seconds, Lane.Zero));
            _now.Release += seconds;
            left -= seconds;
            step *= VentGrowth;
        }
    }

    private void BoilMeat(Lane active)
    {
        for (var i = 0; i < _bodies.Count; i++)
        {
            var heat = _bodies[i].Batch.BoilDownTo(_now.Pot, active) * (float)_models[i].MassShare;
            _now.Flash += heat * (float)(100 / Water.VaporisationJoulePerKg);
            _now.Energy.Meat -= heat * MeatKg;
            _now.Energy.Steam += heat * MeatKg;
        }
    }

    /// <summary>One step of pot and meat; returns where the pot would be without its thermostat.</summary>
    private Lane Advance(Lane seconds, Surroundings around)
    {
        var power = around is Surroundings.ComeUp or Surroundings.Hold ? _power : Lane.Zero;
        var lost = _loss * (_now.Pot - _room);
        var store = new PotHeat(PotCapacity, _boiling, around == Surroundings.ComeUp ? _purge : Lane.Zero);
        var ambient = around switch
        {
            Surroundings.Open => _room,
            Surroundings.Vent => _boiling + (_now.Pot - _boiling) * Lanes.Exp(-seconds / _tau),
            _ => Vector512.Min(_held, store.Warm(_now.Pot, seconds * (power - lost - _now.MeatWatts))),
        };
        var heat = HeatMeat(seconds, around, ambient);
        var warmed = Lanes.Pick(Vector512.GreaterThan(seconds, Lane.Zero), _now.Owed, Lane.Zero);
        _now.Owed -= warmed;
        var uncapped = around switch
        {
            Surroundings.Open => _now.Pot,
            Surroundings.Vent => ambient,
            _ => store.Warm(_now.Pot, seconds * (power - lost) - heat - warmed),
        };
        Book(seconds, around, power, lost, store, heat, uncapped);
        return uncapped;
    }

    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    private Lane HeatMeat(Lane seconds, Surroundings around, Lane ambient)
    {
        var film = around switch
        {
            Surroundings.Open => Lanes.All(Film.Opened),
            Surroundings.Covered => Lanes.All(Film.Covered),
            _ => Film.In(_model.Placement, ambient, _boiling, _filmFactor),
        };
        var heat = Lane.Zero;
        _now.Pile = AroundPieces(seconds, around, ambient);
        for (var i = 0; i < _bodies.Count; i++)
        {
            heat += _bodies[i].Batch.Step(seconds, _now.Previous, film, _now.Pile) * (float)_models[i].MassShare;
        }

        return heat * MeatKg;
    }

    // Steam comes late to the middle of a pile; when the pressure falls it falls there too.
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    private Lane AroundPieces(Lane seconds, Surroundings around, Lane ambient) =>
        _model.PileLagSeconds == 0 || around is Surroundings.Open or Surroundings.Covered
            ? ambient
            : Vector512.Min(ambient, ambient + (_now.Pile - ambient) * Lanes.Exp(-seconds * _perPileLag));

    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    private void Book(Lane seconds, Surroundings around, Lane power, Lane lost, PotHeat store, Lane heat, Lane uncapped)
    {
        var saved = Vector512.Min(seconds * power, Vector512.Max(Lane.Zero, store.Between(_held, uncapped)));
        var pot = store.Warm(uncapped, -saved);
        ref var energy = ref _now.Energy;
        energy.Heater += seconds * power - saved;
        energy.Meat += heat;
        if (around == Surroundings.Vent)
        {
            energy.Steam += store.Between(pot, _now.Pot) - heat;
        }
        else if (around != Surroundings.Open)
        {
            energy.Losses += seconds * lost;
            energy.Purge += store.PurgedAt(pot) - store.PurgedAt(_now.Pot);
        }

        var moved = Vector512.GreaterThan(seconds, Lane.Zero);
        _now.MeatWatts = Lanes.Pick(moved, heat / seconds, _now.MeatWatts);
        _now.Pot = pot;
        _beside.Step(seconds, pot);
        _now.Elapsed += seconds;
        _now.Previous = seconds;
        _sinceTick += seconds;
        if (Lanes.Max(_sinceTick) >= SlowTickSeconds)
        {
            Tick();
        }
    }

    private void Tick()
    {
        if (!_onlyWarms)
        {
            for (var i = 0; i < _bodies.Count; i++)
            {
                _bodies[i].Changes.Update(_bodies[i].Batch, _sinceTick, _waterFactor, _collagenFactor);
            }

            RunOut();
        }

        _sinceTick = Lane.Zero;
        Trace.Add(this);
    }

    // Juice that runs out of the meat is liquid of the pot from then on: it is warmed to the pot with the next step, and holds up the
    // fall of the pressure as that does.
    private void RunOut()
    {
        Lane kg = Lane.Zero,
            kgCelsius = Lane.Zero;
        for (var i = 0; i < _bodies.Count; i++)
        {
            var share = (float)(_models[i].MassShare * _model.MuscleKg / 100);
            kg += _bodies[i].Changes.GivenPercent * share;
            kgCelsius += _bodies[i].Changes.GivenPercentCelsius * share;
        }

        const float Joule = (float)Water.JoulePerKgKelvin;
        _now.JuiceKg += kg;
        _now.Energy.Juice += (kgCelsius - kg * _room) * Joule;
        _now.Owed += (kg * _now.Pot - kgCelsius) * Joule;
    }

    // What has run out is no longer meat.
    private Lane MeatKg => Lanes.All(_model.MeatKg) - _now.JuiceKg;
}
