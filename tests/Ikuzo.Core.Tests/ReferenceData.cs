using System.Globalization;

namespace Ikuzo.Core.Tests;

/// <summary>Rows of the reference tables in Reference/, which begin with a line of headings; lines with # are remarks.</summary>
internal static class ReferenceData
{
    public static IEnumerable<double[]> Rows(string file) =>
        Lines(file).Select(line => line.Split(',').Select(cell => double.Parse(cell, CultureInfo.InvariantCulture)).ToArray());

    public static IEnumerable<string> Lines(string file) =>
        File.ReadLines(Path.Combine(AppContext.BaseDirectory, "Reference", file)).Where(line => !line.StartsWith('#')).Skip(1);
}
