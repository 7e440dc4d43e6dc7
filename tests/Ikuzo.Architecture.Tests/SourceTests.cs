using System.Runtime.CompilerServices;

namespace Ikuzo.Architecture.Tests;

public class SourceTests
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

    private static string Root([CallerFilePath] string here = "") => Path.Combine(Path.GetDirectoryName(here)!, "../..");
}
