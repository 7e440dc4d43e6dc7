using Ikuzo.Core.Companions;

namespace Ikuzo.Core.Reading;

/// <summary>The words of things as they are said, from <c>Words/items.txt</c>.</summary>
internal static class ItemWords
{
    private static readonly ILookup<string, string> Sections = Read();

    /// <summary>Measures by the names of what things come in.</summary>
    public static Dictionary<string, string> Containers { get; } =
        Rows("containers")
            .SelectMany(r => r[1].Split(',', StringSplitOptions.TrimEntries).Select(name => (name, r[0])))
            .ToDictionary(p => p.name, p => p.Item2);

    /// <summary>Words before a noun that say nothing of it.</summary>
    public static HashSet<string> Ahead { get; } = Words("ahead");

    /// <summary>Words between a noun and its amount.</summary>
    public static HashSet<string> Bridges { get; } = Words("bridges");

    /// <summary>Those behind which a describing word is of the noun before them.</summary>
    public static HashSet<string> DescribingBridges { get; } = Words("describing-bridges");

    /// <summary>When it goes in, by what it is for.</summary>
    public static (GoesIn? When, Pattern Pattern)[] Purposes { get; } =
    [.. Rows("purposes").Select(r => (r[0] == "-" ? (GoesIn?)null : Enum.Parse<GoesIn>(r[0], true), Of(r[1])))];

    /// <summary>Words between the weights of pieces that are weighed one by one.</summary>
    public static HashSet<string> BetweenWeights { get; } = Words("between-weights");

    /// <summary>"Each".</summary>
    public static Pattern[] Each { get; } = Patterns("each");

    /// <summary>"In all".</summary>
    public static Pattern[] All { get; } = Patterns("all");

    /// <summary>"Of them".</summary>
    public static Pattern[] Counted { get; } = Patterns("counted");

    /// <summary>"Of each".</summary>
    public static Pattern[] OfEach { get; } = Patterns("of-each");

    /// <summary>"Or".</summary>
    public static Pattern[] Alternatives { get; } = Patterns("alternatives");

    /// <summary>"Juice of".</summary>
    public static Pattern[] Extracts { get; } = Patterns("extracts");

    /// <summary>"In 2 cm dice".</summary>
    public static Pattern[] CutTo { get; } = Patterns("cut-to");

    /// <summary>"Each cut in three".</summary>
    public static Pattern[] CutInto { get; } = Patterns("cut-into");

    /// <summary>"Without the".</summary>
    public static Pattern[] Not { get; } = Patterns("not");

    /// <summary>"We are out of".</summary>
    public static Pattern[] RanOut { get; } = Patterns("ran-out");

    private static Pattern Of(string written) => Pattern.Of(written, Grammar.Classes);

    private static Pattern[] Patterns(string section) => [.. Sections[section].Select(Of)];

    private static HashSet<string> Words(string section) => [.. Sections[section].SelectMany(l => l.Split(' '))];

    // Its first stroke parts a row; those behind it are of the pattern.
    private static IEnumerable<string[]> Rows(string section) =>
        Sections[section].Select(l => l.Split(" | ", 2, StringSplitOptions.TrimEntries));

    private static ILookup<string, string> Read()
    {
        List<(string Section, string Line)> read = [];
        var section = "";
        foreach (var line in Lexicon.Lines("items"))
        {
            if (line[0] == '[')
            {
                section = line[1..^1];
            }
            else
            {
                read.Add((section, line));
            }
        }

        return read.ToLookup(r => r.Section, r => r.Line);
    }
}
