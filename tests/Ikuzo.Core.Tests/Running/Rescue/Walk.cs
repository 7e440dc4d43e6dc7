using Ikuzo.Core.Conduction;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Running.Rescue;

namespace Ikuzo.Core.Tests.Running.Rescue;

/// <summary>How a measured cook ended.</summary>
/// <param name="AtOpening">True temperature of the coldest spot when the lid could be opened, °C.</param>
/// <param name="First">What the first readings led to, each spot read once and more often where that was asked for.</param>
internal sealed record Walked(double AtOpening, RescueAdvice First)
{
    /// <summary>Warmest that the coldest spot truly was by the end of the rest of the verdict, °C; endless when given up.</summary>
    public double AtServing { get; init; } = double.PositiveInfinity;

    /// <summary>True when it was called done.</summary>
    public bool IsDone { get; init; }

    /// <summary>How often it was read.</summary>
    public int Readings { get; init; }

    /// <summary>How often it was left covered and read again.</summary>
    public int Stood { get; init; }

    /// <summary>How often it was cooked on.</summary>
    public int Returns { get; init; }

    /// <summary>From lid-on until it is served, the rest of the verdict included, min.</summary>
    public double Minutes { get; init; }

    /// <summary>Juice lost by then, percent of the raw muscle.</summary>
    public double WaterLossPercent { get; init; }

    /// <summary>What was foretold of the coldest spot for the reading after it stood, less what it truly was, K.</summary>
    public IReadOnlyList<double> Foretold { get; init; } = [];
}

/// <summary>A cook with a hidden truth and a thermometer with chance errors, who does what the check says until it is done.</summary>
/// <param name="request">What goes in.</param>
/// <param name="held">Minutes held and release.</param>
/// <param name="random">Errors of the probe, and which piece is read.</param>
internal sealed class Walk(PlanRequest request, Branch held, SplitMix64 random)
{
    private const int MostReturns = 3;
    private readonly CookBlock _block = new();
    private readonly List<ProbeReading> _readings = [];
    private readonly List<RescueRound> _later = [];
    private readonly List<double> _foretold = [];
    private int _read;
    private double _sinceOpened,
        _covered;
    private double? _separatedAt;

    /// <summary>By how much the thermometer reads too hot, K.</summary>
    public double OffsetKelvin { get; init; }

    /// <summary>True for thick liquid.</summary>
    public bool IsThick { get; init; }

    /// <summary>Cooks once and lets each of sixteen truths be measured.</summary>
    /// <param name="truth">Hidden truths.</param>
    public IEnumerable<Walked> Run(ParticleSource truth)
    {
        _block.Load(ModelBuilder.Build(request), truth, 0);
        if (!_block.ComeUp())
        {
            yield break;
        }

        _block.Hold(held.HoldMinutes * 60);
        _block.Let(held.Release);
        _block.Keep(0);
        for (var lane = 0; lane < Lanes.Width; lane++)
        {
            _block.GoBack(0);
            _readings.Clear();
            _later.Clear();
            _foretold.Clear();
            (_read, _sinceOpened, _covered, _separatedAt) = (0, 0, 0, null);
            yield return One(lane);
        }
    }

    private Walked One(int lane)
    {
        var atOpening = (double)_block.ColdestCelsius()[lane];
        var advice = Measure(lane);
        Walked walked = new(atOpening, advice);
        while (walked.Returns <= MostReturns)
        {
            if (advice.Verdict == CheckVerdict.Done)
            {
                return Serve(walked, lane, advice.RestMinutes);
            }

            if (advice is { Method: RescueMethod.LeaveCovered, Minutes: { } stand })
            {
                Cover(stand);
                _foretold.Add(advice.Spots.Min(s => s.AtOpening.P50) - _block.ColdestCelsius()[lane]);
                advice = Measure(lane);
                walked = walked with { Stood = walked.Stood + 1 };
                continue;
            }

            if (advice.Minutes is not { } minutes || advice.Method == RescueMethod.SeparateAndRepeat)
            {
                break;
            }

            CookOn(advice.Method == RescueMethod.BackUnderPressure, minutes);
            walked = walked with { Returns = walked.Returns + 1 };
            advice = Measure(lane);
        }

        return walked with
        {
            Foretold = [.. _foretold],
        };
    }

    private Walked Serve(Walked walked, int lane, double rest)
    {
        Span<Lane> peaks = stackalloc Lane[SpotStates.MostSpots];
        _block.Centres(peaks);
        _block.Cover(rest * 60, peaks);
        return walked with
        {
            AtServing = MeasuredOutcome.Lowest(peaks, _block.Spots)[lane],
            IsDone = true,
            Readings = _read,
            Minutes = _block.ElapsedSeconds[lane] / 60,
            WaterLossPercent = _block.WaterLossPercent()[lane],
            Foretold = [.. _foretold],
        };
    }

    private RescueAdvice Measure(int lane)
    {
        foreach (var spot in request.Load.Cut.Spots.Select(s => s.Id))
        {
            Read(lane, spot);
        }

        var advice = Advise();
        while (advice.Method == RescueMethod.ReadAgain)
        {
            var lowest = Asked().Counting.MinBy(r => r.Celsius).SpotId;
            Read(lane, lowest);
            advice = Advise();
        }

        return advice;
    }

    private RescueRequest Asked() =>
        new(request, held.HoldMinutes, held.Release, [.. _readings], IsThick) { Later = [.. _later], SeparatedAtCelsius = _separatedAt };

    private RescueAdvice Advise() => RescuePlanner.Advise(Asked());

    private void Read(int lane, string spot)
    {
        _read++;
        const double Seconds = 40;
        Span<Lane> peaks = stackalloc Lane[SpotStates.MostSpots];
        _block.Open(Seconds, peaks);
        _sinceOpened += _covered + Seconds / 60;
        var index = request.Load.Cut.Spots.Select(s => s.Id).ToList().IndexOf(spot);
        var thickest = request.Load.Pieces == 1 || random.Share() < ProbeError.ThickestTaken;
        var truth = _block.Spot(thickest ? index : _block.Spots + index).Batch.CentreCelsius()[lane];
        var reading = new ProbeReading(spot, Math.Round(truth + OffsetKelvin + ProbeError.Draw(random), 1), _sinceOpened)
        {
            CoveredMinutes = _covered,
        };
        _covered = 0;
        if (_later.Count == 0)
        {
            _readings.Add(reading);
        }
        else
        {
            _later[^1] = _later[^1] with { Readings = [.. _later[^1].Readings, reading] };
        }
    }

    private void Cover(double minutes)
    {
        Span<Lane> peaks = stackalloc Lane[SpotStates.MostSpots];
        _block.Cover(minutes * 60, peaks);
        _covered = minutes;
    }

    private void CookOn(bool underPressure, double minutes)
    {
        const double Pause = 0.75;
        Span<Lane> peaks = stackalloc Lane[SpotStates.MostSpots];
        _block.Open(Pause * 60, peaks);
        _block.Reclose(underPressure);
        _block.ComeUp();
        _block.Hold(minutes * 60);
        _block.Let(underPressure ? held.Release : Release.Vent);
        _later.Add(new RescueRound(underPressure, minutes, held.Release, []) { ReclosedAfterMinutes = Pause });
        _sinceOpened = 0;
    }
}
