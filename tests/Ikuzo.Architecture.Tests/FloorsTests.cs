using System.Reflection;
using System.Runtime.CompilerServices;
using System.Text.RegularExpressions;
using Ikuzo.Core.Planning;
using NetArchTest.Rules;

namespace Ikuzo.Architecture.Tests;

/// <summary>Core is a house: what stands on a floor uses what is below it, and within a floor what stands before it in this list.</summary>
public partial class FloorsTests
{
    private const string Root = "Ikuzo.Core.";

    private static readonly string[][] Floors =
    [
        ["Quantities"],
        ["Physics", "Conduction", "Safety"],
        ["Poultry", "Companions", "Pots", "Loads"],
        ["Cooking"],
        ["Filling", "Planning"],
        ["Dishes", "LineUps", "Reading"],
        ["Running.Aftercare", "Running.Rescue", "Running.Journal", "Running.Rehearsal", "Trust", "Book", "Store"],
    ];

    private static readonly string[] Order = [.. Floors.SelectMany(f => f)];

    public static TheoryData<string> Rooms() => [.. Order];

    [Fact]
    public void EveryType_StandsOnAFloor()
    {
        var names = typeof(Planner)
            .Assembly.GetTypes()
            .Where(t => !t.IsDefined(typeof(CompilerGeneratedAttribute), inherit: false))
            .Select(t => t.Namespace)
            .OfType<string>()
            .Where(n => n.StartsWith(Root, StringComparison.Ordinal))
            .Distinct();
        Assert.Equal(Order.Select(o => Root + o).Order(), names.Order());
    }

    [Theory]
    [MemberData(nameof(Rooms))]
    public void Types_UseNothingAboveThem(string room) => Assert.Empty(TypesThatLookUp(typeof(Planner).Assembly, room));

    [Theory]
    [MemberData(nameof(Rooms))]
    public void Sources_NameNothingAboveThem(string room) =>
        Assert.Empty(
            Directory
                .EnumerateFiles(Path.Combine(Source(), room.Replace('.', '/')), "*.cs")
                .SelectMany(f => NamesAbove(room, File.ReadAllText(f)).Select(n => $"{f}: {n}"))
        );

    [Theory]
    [InlineData("using Ikuzo.Core.Planning;\nnamespace Ikuzo.Core.Conduction;")]
    [InlineData("using static Ikuzo.Core.Planning.Planner;\nnamespace Ikuzo.Core.Conduction;")]
    [InlineData("var held = Planning.Planner.MostMinutes;")]
    [InlineData("var held = Running.Journal.CookTime.MostSpeed;")]
    public void PlantedName_IsFound(string source) => Assert.NotEmpty(NamesAbove("Conduction", source));

    [Fact]
    public void PlantedType_IsFound() =>
        Assert.Equal(["Ikuzo.Core.Physics.LooksUp"], TypesThatLookUp(typeof(Core.Physics.LooksUp).Assembly, "Physics"));

    private static IEnumerable<string> Above(string room) => Order.SkipWhile(o => o != room).Skip(1);

    private static IReadOnlyList<string> TypesThatLookUp(Assembly assembly, string room) =>
        !Above(room).Any()
            ? []
            :
            [
                .. Types
                    .InAssembly(assembly)
                    .That()
                    .ResideInNamespace(Root + room)
                    .ShouldNot()
                    .HaveDependencyOnAny([.. Above(room).Select(a => Root + a)])
                    .GetResult()
                    .FailingTypeNames
                    ?? [],
            ];

    // Constants leave no trace in what is compiled, so the sources are read too.
    private static IEnumerable<string> NamesAbove(string room, string source) =>
        QualifiedName()
            .Matches(Comment().Replace(source, ""))
            .Select(m => m.Value)
            .Where(name =>
                Above(room)
                    .Any(above =>
                        name.StartsWith($"{Root}{above}", StringComparison.Ordinal)
                        || name.StartsWith($"{above}.", StringComparison.Ordinal)
                    )
            );

    private static string Source([CallerFilePath] string here = "") => Path.Combine(Path.GetDirectoryName(here)!, "../../src/Ikuzo.Core");

    [GeneratedRegex(@"(?<![\w.])[A-Z]\w*(?:\.[A-Z]\w*)+")]
    private static partial Regex QualifiedName();

    [GeneratedRegex(@"//.*")]
    private static partial Regex Comment();
}
