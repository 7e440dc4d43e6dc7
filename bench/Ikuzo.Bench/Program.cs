using BenchmarkDotNet.Running;
using Ikuzo.Bench;

// baseline FOLDER: against the programs of bench/baseline in that folder · scaling: how cost grows · otherwise BenchmarkDotNet with its own
// options.
switch (args)
{
    case ["baseline", var folder]:
        Baseline.Compare(folder);
        break;
    case ["scaling"]:
        Scaling.Show();
        break;
    default:
        BenchmarkSwitcher.FromAssembly(typeof(Loads).Assembly).Run(args);
        break;
}
