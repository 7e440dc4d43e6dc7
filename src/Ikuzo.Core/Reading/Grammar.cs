using System.Globalization;
using System.Text;
using System.Text.RegularExpressions;
using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Reading;

/// <summary>What a circumstance is about; what is shown under the field is marked by it.</summary>
internal enum About
{
    State,
    Wish,
    Release,
    Time,
    Event,
    Amount,
    Meat,
    Beside,
    Liquid,
    Place,
    Pot,
    Ordinary,
    Unknown,
    Describing,
}

/// <summary>One production of a circumstance: what it is about, how it is said, and what follows from it.</summary>
/// <param name="About">What it is about.</param>
/// <param name="As">What it was taken for, in kitchen words; empty where <see cref="Follows"/> says it.</param>
/// <param name="Cost">What it costs: the less, the surer it is what it looks like.</param>
/// <param name="Pattern">How it is said.</param>
/// <param name="Follows">What follows from it.</param>
internal sealed record Production(About About, string As, double Cost, Pattern Pattern, Follows Follows);

/// <summary>A production and where it was found.</summary>
/// <param name="Script">What was typed.</param>
/// <param name="From">First token.</param>
/// <param name="Fit">How it fits.</param>
internal sealed record Spoken(Script Script, int From, Fit Fit)
{
    /// <summary>As typed.</summary>
    public string Text => Script.Typed(From, Fit.End);

    /// <summary>The first quantity.</summary>
    public Quantity Quantity => Fit.Captured.Select(c => c.Value).OfType<Quantity>().First();

    /// <summary>The first number or time, as minutes.</summary>
    public double Minutes =>
        Fit
            .Captured.Select(c => c.Value)
            .Select(v =>
                v is Quantity q ? q.Value
                : v is NumberSpan n ? n.Most
                : (double?)null
            )
            .First(v => v is not null)!
            .Value;

    /// <summary>The first number.</summary>
    public NumberSpan Number => Fit.Captured.Select(c => c.Value).OfType<NumberSpan>().First();

    /// <summary>The first time on the clock.</summary>
    public ClockTime Clock => Fit.Get<ClockTime>()!;
}

/// <summary>
/// The grammar of what is said beside the things themselves: the productions of <c>Words/grammar.txt</c>, by the field that they may be
/// meant in.
/// </summary>
internal static partial class Grammar
{
    /// <summary>What may stand in braces.</summary>
    public static readonly IReadOnlyDictionary<string, Pattern.Reads> Classes = new Dictionary<string, Pattern.Reads>
    {
        ["num"] = (script, at) => script.Number(at) is { } number ? [(at + number.Tokens, number, 0)] : [],
        ["hot"] = (script, at) => script.Number(at) is { Most: >= LeastHot and <= MostHot } hot ? [(at + hot.Tokens, hot, 0)] : [],
        ["time"] = (script, at) => QuantityOf(script, at, Dimension.Time, q => q.Value < Day),
        ["days"] = (script, at) => QuantityOf(script, at, Dimension.Time, q => q.Value >= Day),
        ["mass"] = (script, at) => QuantityOf(script, at, Dimension.Mass, _ => true),
        ["vol"] = (script, at) => QuantityOf(script, at, Dimension.Volume, _ => true),
        ["len"] = (script, at) => QuantityOf(script, at, Dimension.Length, _ => true),
        ["height"] = (script, at) => QuantityOf(script, at, Dimension.Length, q => q.Value >= LeastHeightMetres),
        ["temp"] = (script, at) => QuantityOf(script, at, Dimension.Temperature, _ => true),
        ["clock"] = Times.Clock,
        ["plainclock"] = Times.PlainClock,
        ["day"] = Times.Day,
        ["food"] = (script, at) => Ahead(script, at, SenseKind.Food),
        ["meatahead"] = (script, at) => Ahead(script, at, SenseKind.Meat),
        ["poultry"] = Poultry,
        ["end"] = (script, at) => script.IsMark(at) ? [(at, "", 0)] : [],
    };

    private const double Day = 1440;
    private const double LeastHeightMetres = 150;

    // A bare number that a thermometer may say of cooked meat, °C or °F.
    private const double LeastHot = 30,
        MostHot = 250;

    private static readonly ILookup<string, Production> Sections = Read();

    // Each field has the productions of what may be meant there.
    private static readonly Dictionary<Field, Index> ByField = new()
    {
        [Field.Counter] = Of("when", "cooking", "around", "stood", "at-the-pot", "declined"),
        [Field.Line] = Of("around", "stood", "lines"),
        [Field.Cold] = Of("cold", "stood"),
        [Field.Book] = Of("over", "cooking", "around", "at-the-pot"),
        [Field.Step] = Of("cooking", "around"),
    };

    private static Index Of(params string[] sections) => new([.. sections.SelectMany(s => Sections[s])]);

    private static readonly IReadOnlyList<Production> All = [.. ByField.Values.SelectMany(i => i.Productions)];

    // Productions by the words that they may begin with.
    private sealed class Index
    {
        public Index(IReadOnlyList<Production> productions)
        {
            Productions = productions;
            Open = [.. productions.Where(p => p.Pattern.First is null)];
            ByFirst = productions
                .Where(p => p.Pattern.First is not null)
                .SelectMany(p => p.Pattern.First!.Select(word => (word, p)))
                .GroupBy(p => p.word)
                .ToDictionary(g => g.Key, g => g.Select(p => p.p).ToList());
        }

        public IReadOnlyList<Production> Productions { get; }

        public List<Production> Open { get; }

        public Dictionary<string, List<Production>> ByFirst { get; }
    }

    /// <summary>Words that say nothing by themselves.</summary>
    private static readonly HashSet<string> Fillers = PlainWords.Of("fillers");

    private static readonly HashSet<string> Literals = [.. All.SelectMany(p => p.Pattern.Words)];

    private static readonly ILookup<(char, int), string> ForSlips = Literals
        .Where(w => w.Length >= Slips.Shortest)
        .Concat(Times.Words.Where(w => w.Length > Slips.Shortest))
        .Distinct()
        .ToLookup(w => (w[0], w.Length));

    /// <summary>True for a word that says nothing by itself.</summary>
    public static bool IsFiller(string word) => Fillers.Contains(word);

    private static readonly HashSet<string> NotWords = PlainWords.Of("not");

    /// <summary>True for a word that turns round what follows: it is never passed over on the way to something.</summary>
    public static bool IsNot(string word) => NotWords.Contains(word);

    private static readonly HashSet<string> Telling = PlainWords.Of("telling");

    /// <summary>True for a word that says much by itself.</summary>
    public static bool IsTelling(string word) => Telling.Contains(word);

    /// <summary>True for a word of the grammar.</summary>
    public static bool Knows(string word) => Literals.Contains(word) || Fillers.Contains(word) || Times.Words.Contains(word);

    /// <summary>Words of the grammar that may have been meant.</summary>
    public static IEnumerable<(string Word, int Slips)> Near(string typed)
    {
        var most = Slips.Most(typed.Length);
        for (var length = typed.Length - most; length <= typed.Length + most; length++)
        {
            foreach (var word in ForSlips[(typed[0], length)])
            {
                if (Slips.Distance(typed, word) is var slips && slips <= most && slips > 0)
                {
                    yield return (word, slips);
                }
            }
        }
    }

    /// <summary>Productions that fit from a place on.</summary>
    public static IEnumerable<(Production Production, Fit Fit)> At(Script script, int at, Field field)
    {
        var index = ByField[field];
        HashSet<Production> tried = [];
        foreach (var (word, _) in script.Variants(at))
        {
            foreach (var production in index.ByFirst.GetValueOrDefault(word) ?? [])
            {
                if (tried.Add(production))
                {
                    foreach (var fit in production.Pattern.At(script, at))
                    {
                        yield return (production, fit);
                    }
                }
            }
        }

        foreach (var production in index.Open)
        {
            foreach (var fit in production.Pattern.At(script, at))
            {
                yield return (production, fit);
            }
        }
    }

    private static IEnumerable<(int, object, double)> QuantityOf(Script script, int at, Dimension dimension, Func<Quantity, bool> fits)
    {
        if (script.Quantity(at) is { } quantity && quantity.Dimension == dimension && fits(quantity))
        {
            yield return (at + quantity.Tokens, quantity, 0);
        }
    }

    // The first thing that follows is food, as to lie on, or the meat: nothing is taken.
    private static IEnumerable<(int, object, double)> Ahead(Script script, int at, SenseKind kind)
    {
        for (var i = at; i < Math.Min(at + 6, script.Count) && !script.IsMark(i); i++)
        {
            var senses = script.Senses(i).Where(s => s.Cost == 0 && (kind == SenseKind.Food || !s.Sense.IsWeak)).ToList();
            if (senses.Exists(s => s.Sense.Kind == kind))
            {
                return [(at, "", 0)];
            }

            if (senses.Exists(s => s.Sense.Kind is SenseKind.Food or SenseKind.Meat && !s.Sense.IsWeak))
            {
                break;
            }
        }

        return [];
    }

    // Poultry in a sentence about something else: "brown the thighs".
    private static IEnumerable<(int, object, double)> Poultry(Script script, int at)
    {
        foreach (var sense in script.Senses(at))
        {
            if (sense.Sense.Kind == SenseKind.Meat)
            {
                yield return (at + sense.Length, sense.Sense, sense.Cost);
            }
        }
    }

    // A file of sections, of words by name, and of productions: a line that says what follows, and under it how it is said.
    private static ILookup<string, Production> Read()
    {
        List<(string Section, Production Production)> read = [];
        Dictionary<string, string> words = [];
        var section = "";
        string[]? head = null;
        StringBuilder said = new();
        void Finish()
        {
            var written = Expand(said.ToString().Trim(), words);
            said.Clear();
            if (head is ["$", var name])
            {
                words[name] = written;
            }
            else if (head is [var follows, var about, var cost, var @as])
            {
                read.Add(
                    (
                        section,
                        new(
                            Enum.Parse<About>(about, true),
                            @as,
                            double.Parse(cost, CultureInfo.InvariantCulture),
                            Pattern.Of(written, Classes),
                            ActionOf(follows)
                        )
                    )
                );
            }

            head = null;
        }

        foreach (var line in Lexicon.Lines("grammar"))
        {
            if (line[0] == ' ')
            {
                // What is cut behind a stroke goes on without a space.
                said.Append(said.Length > 0 && said[^1] == '|' ? line.TrimStart() : $" {line.TrimStart()}");
                continue;
            }

            Finish();
            section = line[0] == '[' ? line[1..^1] : section;
            head =
                line[0] == '$' ? ["$", line[1..].TrimEnd(' ', '=')]
                : line[0] == '[' ? null
                : line.Split('|', StringSplitOptions.TrimEntries);
        }

        Finish();
        return read.ToLookup(r => r.Section, r => r.Production);
    }

    private static string Expand(string written, Dictionary<string, string> words) =>
        Named()
            .Replace(
                written,
                m =>
                    words.TryGetValue(m.Groups[1].Value, out var of)
                        ? $"( {of} )"
                        : throw new FormatException($"No words are called {m.Value}.")
            );

    [GeneratedRegex(@"\$(\w+)")]
    private static partial Regex Named();
}
