using System.Globalization;

namespace Ikuzo.Core.Tests;

/// <summary>Rows of the cited reference tables in Reference/, as numbers.</summary>
internal static class ReferenceData
{
    public static IEnumerable<double[]> Rows(string file) =>
        File.ReadLines(Path.Combine(AppContext.BaseDirectory, "Reference", file))
            .Skip(1)
            .Select(line => line.Split(',').Select(cell => double.Parse(cell, CultureInfo.InvariantCulture)).ToArray());
}
