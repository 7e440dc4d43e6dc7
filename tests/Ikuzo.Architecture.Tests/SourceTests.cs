using System.Runtime.CompilerServices;
using System.Text.RegularExpressions;

namespace Ikuzo.Architecture.Tests;

public partial class SourceTests
{
    private const int Width = 140;

    [Theory]
    [InlineData("src")]
    [InlineData("tests")]
    [InlineData("bench")]
    public void Lines_EndInTime(string folder) =>
        Assert.Empty(
            Directory
                .EnumerateFiles(Path.Combine(Root(), folder), "*.cs", SearchOption.AllDirectories)
                .Where(f => !f.Contains("/obj/", StringComparison.Ordinal) && !f.Contains("/node_modules/", StringComparison.Ordinal))
                .SelectMany(f => File.ReadLines(f).Select((line, i) => (f, i, line)))
                .Where(l => l.line.Length > Width)
                .Select(l => $"{l.f}:{l.i + 1}")
        );

    // Limits of food safety stand in one table; whoever needs one asks it. Sentences with figures of their own drift apart from it.
    [Fact]
    public void LimitsOfFoodSafety_StandInTheirTableAlone()
    {
        var safety = $"{Path.DirectorySeparatorChar}Safety{Path.DirectorySeparatorChar}";
        Assert.Empty(
            new[] { "*.cs", "*.ts", "*.vue" }
                .SelectMany(kind => Directory.EnumerateFiles(Path.Combine(Root(), "src"), kind, SearchOption.AllDirectories))
                .Where(f =>
                    !Skipped.Any(part => f.Contains(part, StringComparison.Ordinal)) && !f.Contains(safety, StringComparison.Ordinal)
                )
                .SelectMany(f => File.ReadLines(f).Select((line, i) => (f, i, line)))
                .Where(l => !Comment().IsMatch(l.line) && LimitOfItsOwn().IsMatch(l.line))
                .Select(l => $"{l.f}:{l.i + 1}: {l.line.Trim()}")
        );
    }

    private static readonly string[] Skipped = ["/obj/", "/bin/", "/node_modules/", "/dist/", "/wwwroot/", ".test.", "schema.d.ts"];

    [GeneratedRegex(@"^\s*(///|//|\*|/\*\*|#)")]
    private static partial Regex Comment();

    [GeneratedRegex(
        @"\b(74|165|32|57|21) °[CF]\b|\b(two|four|six|2|4|6|24|48|96) (h|hours)\b in the|within (two|2|six|6) h|"
            + @"\b[1-4] to [2-6] (days|months)\b|\b(one|two|three|four) (days|months) in the (fridge|freezer)|=== (74|165)\b|"
            + @"(Core|Safe|Holding|Tepid|Room)Celsius = (74|60|57|32);|"
            + @"temperature\((74|60|57|21|5)\)|(Thawed|Keeps|Frozen|HoursOut|Leftover)\w*(Hours|Days|Months) = \d"
    )]
    private static partial Regex LimitOfItsOwn();

    private static string Root([CallerFilePath] string here = "") => Path.Combine(Path.GetDirectoryName(here)!, "../..");
}
