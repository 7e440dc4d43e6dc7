using System.Diagnostics;
using System.Globalization;

namespace Ikuzo.Bench;

/// <summary>Our trunk against the same scheme in C++.</summary>
internal static class Baseline
{
    private const int Steps = 180,
        Repeats = 300;

    public static void Compare(string folder)
    {
        Console.WriteLine(
            "| 256 pieces, 30 min, one core | here, ms | C++ -O3, ms | ratio | C++ -O3 -march=native, ms | ratio | mean middle here / "
                + "there, °C |"
        );
        Console.WriteLine("|---|---|---|---|---|---|---|");
        foreach (var name in new[] { "6 chicken thighs, bone in", "4 chicken breasts, frozen", "6 chicken cutlets" })
        {
            var trunk = new Trunk(Loads.Named(name), Steps);
            trunk.BestMilliseconds(Repeats); // tiers of the compiler
            var input = Path.Combine(folder, "trunk.txt");
            trunk.Write(input, Repeats);
            var here = trunk.BestMilliseconds(Repeats);
            var plain = There(folder, "trunk-o3", input);
            var native = There(folder, "trunk-native", input);
            Console.WriteLine(
                string.Create(
                    CultureInfo.InvariantCulture,
                    $"| {name} | {here:0.00} | {plain[0]:0.00} | {here / plain[0]:0.00} | {native[0]:0.00} | {here / native[0]:0.00} | "
                        + $"{trunk.Run():0.00} / {plain[1]:0.00} |"
                )
            );
        }
    }

    private static double[] There(string folder, string program, string input)
    {
        var start = new ProcessStartInfo(Path.Combine(folder, program), [input]) { RedirectStandardOutput = true };
        using var process = Process.Start(start)!;
        return [.. process.StandardOutput.ReadToEnd().Split(' ').Select(n => double.Parse(n, CultureInfo.InvariantCulture))];
    }
}
