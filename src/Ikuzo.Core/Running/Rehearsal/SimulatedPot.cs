using Ikuzo.Core.Cooking;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Running.Journal;

namespace Ikuzo.Core.Running.Rehearsal;

/// <summary>
/// A multicooker and a probe made of the engine, with a hidden truth that the plan does not know: one cook drawn by chance. It follows the
/// journal, and its own clock in steps of a fixed grid, so that the same journal always gives the same cook.
/// </summary>
public sealed class SimulatedPot : IMulticooker, IProbe, IRecorder
{
    /// <summary>Grid of its clock, s.</summary>
    public const double GridSeconds = 5;

    private const double SlowShare = 0.67,
        ValveOpenMinutes = 4,
        ScorchMinutes = 6,
        PowerCutAfterMinutes = 3,
        PowerCutMinutes = 4;
    private const double NoisyFactor = 2.5,
        MisplacedKelvin = 5;
    private const int SilentEvery = 3,
        Truth = 0; // the lane that is looked at
    private const double CurveSeconds = 15;

    private readonly PlannedCook _cook;
    private readonly LearnedDraws _truth;
    private readonly HashSet<SimulatedFault> _faults;
    private readonly CookBlock[] _blocks; // one for each meat; the pot itself is that of the first
    private readonly ulong _seed;
    private readonly SplitMix64 _random;
    private readonly List<Announcement> _announced = [];
    private readonly List<(double Minutes, double Pot, double Coldest)> _curve = [];
    private Stage _stage = Stage.Idle;
    private DateTimeOffset _clock,
        _start,
        _stageSince;
    private double _minutes,
        _scorchedSeconds;
    private bool _simmers,
        _pinUp;
    private int _asked;

    /// <summary>A pot before its lid is on.</summary>
    /// <param name="cook">What is cooked.</param>
    /// <param name="seed">Same seed, same truth.</param>
    /// <param name="faults">What goes wrong.</param>
    /// <param name="truth">What is true of this household's pot and meat every day; nothing in particular unless given.</param>
    public SimulatedPot(PlannedCook cook, long seed, IReadOnlyList<SimulatedFault> faults, LearnedDraws? truth = null)
    {
        _cook = cook;
        _truth = truth ?? LearnedDraws.Nothing;
        _faults = [.. faults];
        _seed = (ulong)seed;
        _random = new SplitMix64(_seed);
        _blocks = [.. cook.Meats.Select(m => Block(new CookBlock(), ModelBuilder.Build(m.Request)))];
        WarmestColdest = ColdestCelsius;
    }

    private enum Stage
    {
        Idle,
        Heating,
        Holding,
        Off,
        Venting,
        Cool,
        Open,
        Covered,
    }

    /// <inheritdoc/>
    public CookerReport Report =>
        new(
            _stage is not (Stage.Idle or Stage.Open or Stage.Covered),
            _pinUp,
            _stage is Stage.Heating or Stage.Holding,
            Pot.PotCelsius[Truth]
        );

    /// <summary>The coldest spot as it truly is, °C.</summary>
    public double ColdestCelsius => _blocks.Min(b => b.ColdestCelsius()[Truth]);

    /// <summary>The highest that the coldest spot truly was, °C.</summary>
    public double WarmestColdest { get; private set; }

    /// <inheritdoc/>
    /// <remarks>Every quarter of a minute.</remarks>
    public IReadOnlyList<(double Minutes, double Pot, double Coldest)> Curve => _curve;

    /// <inheritdoc/>
    public void Take(CookEvent entry)
    {
        AdvanceTo(entry.At);
        switch (entry.Kind)
        {
            case CookEventKind.LidOn when _stage is Stage.Idle or Stage.Open or Stage.Covered:
                _start = _start == default ? entry.At : _start;
                Close(entry.At, _cook.Minutes, simmers: false);
                break;
            case CookEventKind.Lengthened when _stage is Stage.Holding:
                _minutes += entry.Data.Minutes ?? 0;
                break;
            case CookEventKind.Covered when _stage is Stage.Open:
                Enter(Stage.Covered);
                break;
            case CookEventKind.Reading when _stage is Stage.Covered:
                Enter(Stage.Open);
                break;
            case CookEventKind.BackUnderPressure when _stage is Stage.Open or Stage.Covered:
                if (entry.Data.Separate == true)
                {
                    TakeApart();
                }

                Each(b => b.Reclose(underPressure: true));
                Close(entry.At, entry.Data.Minutes ?? _cook.Minutes, simmers: entry.Data.Simmer == true);
                break;
            case CookEventKind.Vented when _pinUp:
                Enter(Stage.Venting);
                break;
            case CookEventKind.Opened when !_pinUp:
                Enter(Stage.Open);
                break;
        }
    }

    /// <inheritdoc/>
    /// <remarks>In whole steps of the grid.</remarks>
    public void AdvanceTo(DateTimeOffset until)
    {
        if (_stage == Stage.Idle)
        {
            return;
        }

        while (_clock.AddSeconds(GridSeconds) <= until)
        {
            Step();
        }
    }

    /// <inheritdoc/>
    public IReadOnlyList<Announcement> TakeAnnouncements()
    {
        Announcement[] taken = [.. _announced];
        _announced.Clear();
        return taken;
    }

    /// <inheritdoc/>
    public double? Read(string spotId)
    {
        if (++_asked % SilentEvery == 0 && _faults.Contains(SimulatedFault.ProbeDropout))
        {
            return null;
        }

        if (_cook.Spots.FirstOrDefault(s => s.Id == spotId) is not { } spot)
        {
            return null;
        }

        var body = _blocks[_cook.Meats.ToList().IndexOf(spot.Meat)].Spot(spot.Meat.Request.Load.Cut.Spots.ToList().IndexOf(spot.Spot));

        var error = ProbeError.Draw(_random) * (_faults.Contains(SimulatedFault.NoisyProbe) ? NoisyFactor : 1);
        return Math.Round(
            body.Batch.CentreCelsius()[Truth] + error + (_faults.Contains(SimulatedFault.MisplacedProbe) ? MisplacedKelvin : 0),
            1
        );
    }

    // The pieces of a lump go back as cold throughout as the coldest of them.
    private void TakeApart()
    {
        foreach (var (meat, block) in _cook.Meats.Zip(_blocks).Where(m => m.First.Request.Load.Arrangement == Arrangement.Lump))
        {
            var single = meat.Request with { Load = meat.Request.Load with { Arrangement = Arrangement.Single } };
            Block(block, ModelBuilder.Build(single) with { StartCelsius = block.ColdestCelsius()[Truth], Frozen = false });
        }
    }

    private CookBlock Block(CookBlock block, CookModel model)
    {
        block.Load(model with { Learned = _truth }, ParticleSource.Chance(_seed), 0);
        return block;
    }

    private void Each(Action<CookBlock> act) => Array.ForEach(_blocks, b => act(b));

    private void Close(DateTimeOffset at, double minutes, bool simmers)
    {
        (_clock, _minutes, _simmers) = (at, minutes, simmers);
        Each(b => b.Seal(!simmers));
        Enter(Stage.Heating);
    }

    private void Enter(Stage stage) => (_stage, _stageSince) = (stage, _clock);

    private CookBlock Pot => _blocks[0];

    private double InStage => (_clock - _stageSince).TotalMinutes;

    private void Step()
    {
        switch (_stage)
        {
            case Stage.Heating:
                Heat();
                break;
            case Stage.Holding:
                Live(Surroundings.Hold, PowerIsOff ? 0 : HeaterShare);
                break;
            default:
                Live(
                    _stage switch
                    {
                        Stage.Venting => Surroundings.Vent,
                        Stage.Open => Surroundings.Open,
                        Stage.Covered => Surroundings.Covered,
                        _ => Surroundings.Rest,
                    },
                    powerShare: 0
                );
                break;
        }

        _clock = _clock.AddSeconds(GridSeconds);
        WarmestColdest = Math.Max(WarmestColdest, ColdestCelsius);
        Record();
        Change();
    }

    private void Heat()
    {
        var valveOpen = _faults.Contains(SimulatedFault.ValveOpen) && InStage < _cook.ToPressureMinutes.P95 + ValveOpenMinutes;
        Each(b => b.Seal(!valveOpen && !_simmers));
        var scorching = _faults.Contains(SimulatedFault.Scorch) && Pot.PotCelsius[Truth] > 80 && _scorchedSeconds < ScorchMinutes * 60;
        if (scorching)
        {
            _scorchedSeconds += GridSeconds;
        }

        Live(Surroundings.ComeUp, scorching ? 0 : HeaterShare);
    }

    private double HeaterShare => _faults.Contains(SimulatedFault.SlowHeater) ? SlowShare : 1;

    private bool PowerIsOff =>
        _faults.Contains(SimulatedFault.PowerCut) && InStage is >= PowerCutAfterMinutes and < PowerCutAfterMinutes + PowerCutMinutes;

    private void Live(Surroundings around, double powerShare) =>
        Each(b => b.Live(around, GridSeconds, powerShare, _cook.Release.TauSeconds));

    private void Change()
    {
        var pin = Pot.BoilingCelsius[Truth] + Release.PinKelvin;
        if (_stage == Stage.Heating && _simmers && InStage >= _minutes)
        {
            Announce(CookEventKind.HoldOver, Stage.Cool);
        }
        else if (
            _stage == Stage.Heating
            && !_simmers
            && Pot.PotCelsius[Truth] >= Pot.HeldCelsius[Truth] - 0.05
            && Pot.HeldCelsius[Truth] > pin
        )
        {
            _pinUp = true;
            Announce(CookEventKind.PressureReached, Stage.Holding);
        }
        else if (_stage == Stage.Holding && InStage >= _minutes)
        {
            Announce(CookEventKind.HoldOver, Stage.Off);
        }
        else if (_stage is Stage.Off or Stage.Venting && Pot.PotCelsius[Truth] <= pin + 0.05)
        {
            _pinUp = false;
            Announce(CookEventKind.PinDown, Stage.Cool);
        }
    }

    private void Announce(CookEventKind kind, Stage stage)
    {
        _announced.Add(new Announcement(kind, _clock));
        Enter(stage);
    }

    private void Record()
    {
        var seconds = (_clock - _start).TotalSeconds;
        if (_curve.Count == 0 || seconds >= _curve[^1].Minutes * 60 + CurveSeconds)
        {
            _curve.Add((Math.Round(seconds / 60, 3), Math.Round(Pot.PotCelsius[Truth], 2), Math.Round(ColdestCelsius, 2)));
        }
    }
}
