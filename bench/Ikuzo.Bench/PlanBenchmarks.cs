using BenchmarkDotNet.Attributes;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Planning;

namespace Ikuzo.Bench;

/// <summary>A whole plan, and one deterministic cook from lid-on to the pin (sixteen at once, as the solver does them).</summary>
[MemoryDiagnoser]
[ShortRunJob]
public class PlanBenchmarks
{
    private PlanRequest _request = null!;
    private CookModel _model = null!;

    /// <summary>Names of the loads.</summary>
    public static IEnumerable<string> Names => Loads.All.Select(l => l.Name);

    /// <summary>The load.</summary>
    [ParamsSource(nameof(Names))]
    public string Load { get; set; } = "";

    [GlobalSetup]
    public void Setup()
    {
        _request = Loads.Named(Load);
        _model = ModelBuilder.Build(_request);
    }

    [Benchmark]
    public Plan WholePlan() => Planner.Compute(_request);

    [Benchmark]
    public EnsembleResult OneCook() => Ensemble.Run(_model, ParticleSource.Nominal, [new Branch(20, Release.Natural)]);
}
