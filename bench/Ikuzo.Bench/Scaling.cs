using System.Diagnostics;
using Ikuzo.Core.Conduction;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Poultry;

namespace Ikuzo.Bench;

/// <summary>How the cost grows with shells, particles and minutes.</summary>
internal static class Scaling
{
    private const int Repeats = 40;

    public static void Show()
    {
        Console.WriteLine("shells: µs for 180 steps of sixteen pieces");
        foreach (var shells in new[] { 12, 24, 48, 96 })
        {
            Print(shells, Best(() => Conduct(new ConductionBatch(shells))));
        }

        var model = ModelBuilder.Build(Loads.Named("6 chicken thighs, bone in"));
        Console.WriteLine("particles: µs to 20 min and through a natural release, both cores");
        Print(ParticleSource.Nominal.Count, Best(() => Ensemble.Run(model, ParticleSource.Nominal, [new Branch(20, Release.Natural)])));
        Print(ParticleSource.Ensemble.Count, Best(() => Ensemble.Run(model, ParticleSource.Ensemble, [new Branch(20, Release.Natural)])));

        Console.WriteLine("minutes held: µs for 256 particles through a natural release, both cores");
        foreach (var minutes in new[] { 0, 10, 20, 40, 80 })
        {
            Print(minutes, Best(() => Ensemble.Run(model, ParticleSource.Ensemble, [new Branch(minutes, Release.Natural)])));
        }
    }

    private static void Conduct(ConductionBatch batch)
    {
        batch.Shape(Lanes.All(0.016), Lanes.All(1.6), Tissue.ChickenLeg.Material, Lane.One);
        batch.Reset(Lanes.All(4));
        for (var i = 0; i < 180; i++)
        {
            batch.Step(Lanes.All(10), Lanes.All(i == 0 ? 0 : 10), Lanes.All(700), Lanes.All(115));
        }
    }

    private static double Best(Action work)
    {
        var best = double.MaxValue;
        for (var i = 0; i < Repeats * 30; i++)
        {
            var start = Stopwatch.GetTimestamp();
            work();
            best = Math.Min(best, Stopwatch.GetElapsedTime(start).TotalMicroseconds);
        }

        return best;
    }

    private static void Print(int count, double microseconds) =>
        Console.WriteLine(FormattableString.Invariant($"  {count, 4}  {microseconds, 8:0}"));
}
