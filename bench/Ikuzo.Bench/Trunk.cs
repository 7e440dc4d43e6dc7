using System.Diagnostics;
using System.Globalization;
using Ikuzo.Core.Conduction;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Physics;
using Ikuzo.Core.Planning;

namespace Ikuzo.Bench;

/// <summary>The come-up and hold of 256 pieces on one core, here and in bench/baseline/trunk.cpp: the same numbers, timed.</summary>
internal sealed class Trunk
{
    private const float StepSeconds = 10,
        Film = 700,
        Hot = 115,
        RampKelvin = 95,
        RampSteps = 60;

    private readonly ConductionBatch _batch = new();
    private readonly MeatChanges _changes = new();
    private readonly ThermalMaterial _meat;
    private readonly Lane[] _halfThickness,
        _dimensionality;
    private readonly float _startCelsius;
    private readonly int _steps;

    public Trunk(PlanRequest request, int steps)
    {
        var model = ModelBuilder.Build(request);
        var body = model.Bodies[0];
        Lane[] Drawn(Uncertain quantity, double mean, double spread) =>
            [
                .. Enumerable
                    .Range(0, ParticleDraws.Count / Lanes.Width)
                    .Select(i => Lanes.All(mean) * (Lane.One + ParticleSource.Ensemble.Draw(quantity, i * Lanes.Width) * (float)spread)),
            ];
        _meat = model.Meat;
        _startCelsius = (float)model.StartCelsius;
        _steps = steps;
        _halfThickness = Drawn(Uncertain.OwnThickness, body.HalfThicknessMetres, Spreads.Ruler.Value);
        _dimensionality = Drawn(Uncertain.Shape, body.Dimensionality, Spreads.Of(Uncertain.Shape).Value);
    }

    /// <summary>Runs all pieces.</summary>
    /// <returns>Mean temperature of the middle at the end, °C.</returns>
    public double Run()
    {
        var sum = 0.0;
        for (var block = 0; block < _halfThickness.Length; block++)
        {
            var centre = Run(block);
            for (var lane = 0; lane < Lanes.Width; lane++)
            {
                sum += centre[lane];
            }
        }

        return sum / (_halfThickness.Length * Lanes.Width);
    }

    /// <summary>What the baseline reads.</summary>
    public void Write(string file, int repeats)
    {
        var m = _meat;
        double[] numbers =
        [
            _startCelsius,
            _steps,
            repeats,
            m.C0,
            m.C1,
            m.K0,
            m.K1,
            m.K2,
            m.FreezingCelsius,
            m.FreezableWater,
            m.FrozenC,
            m.IceConductivityGain,
            m.DensityKgPerM3,
        ];
        var pieces = _halfThickness
            .Zip(_dimensionality, (r, e) => Enumerable.Range(0, Lanes.Width).SelectMany(i => new double[] { r[i], e[i] }))
            .SelectMany(p => p);
        File.WriteAllLines(file, numbers.Concat(pieces).Select(n => n.ToString("R", CultureInfo.InvariantCulture)));
    }

    /// <summary>Best time of many runs, ms.</summary>
    public double BestMilliseconds(int repeats)
    {
        var best = double.MaxValue;
        for (var i = 0; i < repeats; i++)
        {
            var start = Stopwatch.GetTimestamp();
            Run();
            best = Math.Min(best, Stopwatch.GetElapsedTime(start).TotalMilliseconds);
        }

        return best;
    }

    private Lane Run(int block)
    {
        _batch.Shape(_halfThickness[block], _dimensionality[block], _meat, Lane.One);
        _batch.Reset(Lanes.All(_startCelsius));
        _changes.Reset();
        for (var i = 0; i < _steps; i++)
        {
            var around = Lanes.All(Math.Min(Hot, Hot - RampKelvin + i * RampKelvin / RampSteps));
            _batch.Step(Lanes.All(StepSeconds), Lanes.All(i == 0 ? 0 : StepSeconds), Lanes.All(Film), around);
            if (i % 6 == 5)
            {
                _changes.Update(_batch, Lanes.All(60), Lane.One, Lane.One);
            }
        }

        return _batch.CentreCelsius();
    }
}
