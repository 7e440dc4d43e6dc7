using System.Globalization;
using BenchmarkDotNet.Running;
using Ikuzo.Bench;

// baseline FOLDER: against the programs of bench/baseline in that folder · scaling: how cost grows · voxel: equivalent shapes
// against bodies · independent N CONTACT [PART]: sure against N cooks of each load in three dimensions · year FILE: a year of
// cooks of the demo household, which src/Ikuzo.Web/Demo/year.json is · otherwise BenchmarkDotNet with its own options.
switch (args)
{
    case ["baseline", var folder]:
        Baseline.Compare(folder);
        break;
    case ["scaling"]:
        Scaling.Show();
        break;
    case ["year", var file]:
        Year.Write(file);
        break;
    case ["voxel"]:
        Voxel.Show();
        break;
    case ["independent", var truths, var contact, .. var part]:
        Independent.Show(
            int.Parse(truths, CultureInfo.InvariantCulture),
            double.Parse(contact, CultureInfo.InvariantCulture),
            part.FirstOrDefault() ?? ""
        );
        break;
    default:
        BenchmarkSwitcher.FromAssembly(typeof(Loads).Assembly).Run(args);
        break;
}
