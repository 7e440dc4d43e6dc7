using System.Globalization;
using Ikuzo.Core.Companions;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Poultry;

namespace Ikuzo.Core.Reading;

/// <summary>
/// The words of kitchens, read from the tables in <c>Words/</c>: a row a sense. To teach a word, add it to a row there, or add a row.
/// </summary>
internal sealed class Lexicon
{
    private const int LongestPhrase = 7;

    private readonly Dictionary<string, List<Entry>> _byFirst = [];
    private readonly Dictionary<(char, int), List<string>> _forSlips = [];

    private sealed record Entry(string[] Words, Sense Sense);

    private Lexicon()
    {
        foreach (var row in Rows("meat"))
        {
            foreach (var (form, sense) in Meat(row))
            {
                Add(form, sense);
            }
        }

        foreach (var row in Rows("foods"))
        {
            FoodRow(row);
        }

        foreach (var row in Rows("describing"))
        {
            var says = Says(row[1]);
            foreach (var form in Forms(row[0]))
            {
                Add(form, new Sense(SenseKind.Describing, form) { Says = says });
            }
        }

        foreach (var entries in _byFirst.Values)
        {
            entries.Sort((a, b) => b.Words.Length.CompareTo(a.Words.Length));
        }
    }

    /// <summary>The one lexicon.</summary>
    public static Lexicon Known { get; } = new();

    /// <summary>Number of different words and phrases for food.</summary>
    public int Nouns { get; private set; }

    /// <summary>Senses of the words from a place on, longest first.</summary>
    /// <param name="words">Words in small letters; null for a mark, which no phrase crosses.</param>
    /// <param name="at">Where.</param>
    public IEnumerable<(Sense Sense, int Length)> At(IReadOnlyList<string?> words, int at)
    {
        if (words[at] is not { } first || !_byFirst.TryGetValue(first, out var entries))
        {
            yield break;
        }

        foreach (var entry in entries)
        {
            if (Fits(entry.Words, words, at))
            {
                yield return (entry.Sense, entry.Words.Length);
            }
        }
    }

    /// <summary>True for a word that is one by itself.</summary>
    public bool Has(string word) => _byFirst.TryGetValue(word, out var entries) && entries.Any(e => e.Words.Length == 1);

    /// <summary>True for a word that begins a phrase or is in one.</summary>
    public bool IsPartOfOne(string word) => _inPhrases.Contains(word);

    private readonly HashSet<string> _inPhrases = [];

    /// <summary>Single words that may have been meant by one that was mistyped, with how many slips lie between.</summary>
    public IEnumerable<(string Word, int Slips)> Near(string typed)
    {
        var most = Slips.Most(typed.Length);
        for (var length = typed.Length - most; length <= typed.Length + most; length++)
        {
            foreach (var word in _forSlips.GetValueOrDefault((typed[0], length)) ?? [])
            {
                if (Slips.Distance(typed, word) is var slips && slips <= most && slips > 0)
                {
                    yield return (word, slips);
                }
            }
        }
    }

    private static bool Fits(string[] phrase, IReadOnlyList<string?> words, int at)
    {
        if (at + phrase.Length > words.Count)
        {
            return false;
        }

        for (var i = 1; i < phrase.Length; i++)
        {
            if (words[at + i] != phrase[i])
            {
                return false;
            }
        }

        return true;
    }

    private void Add(string form, Sense sense)
    {
        var words = form.Split(' ');
        if (words.Length > LongestPhrase)
        {
            throw new InvalidOperationException($"\"{form}\" is longer than {LongestPhrase} words.");
        }

        if (!_byFirst.TryGetValue(words[0], out var entries))
        {
            _byFirst[words[0]] = entries = [];
        }

        if (entries.Exists(e => e.Sense.Kind == sense.Kind && e.Words.AsSpan().SequenceEqual(words)))
        {
            return; // the first row counts
        }

        entries.Add(new(words, sense));
        _inPhrases.UnionWith(words);
        if (sense.Kind == SenseKind.Food)
        {
            Nouns++;
        }

        if (words.Length == 1 && form.Length >= Slips.Shortest)
        {
            var key = (form[0], form.Length);
            if (!_forSlips.TryGetValue(key, out var near))
            {
                _forSlips[key] = near = [];
            }

            near.Add(form);
        }
    }

    private static IEnumerable<(string, Sense)> Meat(string[] row)
    {
        var forms = Forms(row[1]);
        var value = row[2].Split(' ', StringSplitOptions.RemoveEmptyEntries);
        var sense = row[0] switch
        {
            "bird" => new Sense(SenseKind.Meat, forms[0]) { Species = Enum.Parse<Species>(value[0], true) },
            "part" => new Sense(SenseKind.Meat, forms[0])
            {
                Part = Enum.Parse<Part>(value[0], true),
                BoneIn = value.Contains("bone=out") ? false : null,
                IsWeak = value.Contains("weak"),
            },
            "both" => new Sense(SenseKind.Meat, forms[0])
            {
                Species = Enum.Parse<Species>(value[0], true),
                Part = Enum.Parse<Part>(value[1], true),
            },
            "cut" => new Sense(SenseKind.Meat, forms[0]) { CutId = value[0] },
            "piece" => new Sense(SenseKind.Piece, forms[0]),
            _ => new Sense(SenseKind.NotComputed, forms[0]) { Why = value[0] },
        };
        foreach (var form in forms)
        {
            yield return (form, sense);
            if (Plural(form) is { } plural)
            {
                yield return (plural, sense with { IsPlural = true });
            }
        }
    }

    private void FoodRow(string[] row)
    {
        // A form behind "?" is what dictation hears for it: believed only beside an amount.
        var heard = row[1].Split(',', StringSplitOptions.TrimEntries).Where(f => f.StartsWith('?')).Select(f => f[1..]).ToHashSet();
        var food = new Food { Name = row[1].Split(',')[0].Trim(), Kind = Enum.Parse<FoodKind>(row[0], true) };
        Dictionary<string, double> measures = [];
        Dictionary<string, string> byForm = [];
        foreach (var said in row[2].Split(' ', StringSplitOptions.RemoveEmptyEntries))
        {
            food = said[0] switch
            {
                '=' => food with { Companion = said[1..] },
                '~' => food with { Liquid = said[1..] },
                '@' => food with { When = Enum.Parse<GoesIn>(said[1..], true) },
                _ => food,
            };
            if (said.Split('=') is [{ Length: > 0 } measure, var grams])
            {
                measures[measure] = double.Parse(grams, CultureInfo.InvariantCulture);
            }
            else if (said.Split(':') is [var form, var id])
            {
                byForm[form] = id;
            }
        }

        food = food with { Measures = measures, ByForm = byForm };
        foreach (var form in Forms(row[1].Replace("?", "", StringComparison.Ordinal)))
        {
            // What is called otherwise keeps that name where it is a thing of its own: "red onion" beside "onion" has its own row.
            var isHeard = heard.Contains(form);
            var sense = new Sense(SenseKind.Food, isHeard ? food.Name : form) { Food = food, IsWeak = isHeard };
            Add(form, sense);
            if (Plural(form) is { } plural)
            {
                Add(plural, sense with { IsPlural = true });
            }
        }
    }

    private static Describing Says(string text)
    {
        var says = new Describing();
        foreach (var part in text.Split(' ', StringSplitOptions.RemoveEmptyEntries))
        {
            says = part.Split('=') switch
            {
                ["prep", var how] => says with { Prep = Enum.Parse<Prep>(how, true) },
                ["size", "heaviest"] => says with { IsHeaviest = true },
                ["size", "mini"] => says with { Size = SaidSize.Small, IsMini = true },
                ["size", "thin"] => says with { IsThin = true },
                ["size", "medium"] => says with { Size = SaidSize.Usual },
                ["size", var size] => says with { Size = Enum.Parse<SaidSize>(size, true) },
                ["state", var state] => says with { State = Enum.Parse<MeatState>(state, true) },
                ["lie", var lie] => says with { Lies = Enum.Parse<Arrangement>(lie, true) },
                ["bone", var bone] => says with { BoneIn = bone == "in" },
                ["skin", var skin] => says with { SkinOn = skin == "on" },
                ["cooked"] => says with { IsCooked = true },
                ["way"] => says with { IsWay = true },
                ["roast"] => says with { IsRoast = true },
                ["dried"] => says with { IsDried = true },
                ["soaked"] => says with { IsSoaked = true },
                ["canned"] => says with { IsCanned = true },
                _ => says,
            };
        }

        return says;
    }

    private static string[] Forms(string cell) =>
        [.. cell.Split(',', StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries).Select(Normal).Distinct()];

    // As a token is written: no accents, apostrophes or hyphens.
    private static string Normal(string form) => string.Join(' ', Quantities.Tokens.Split(form).Select(t => t.Text));

    /// <summary>The plural of a noun by rule; null for what looks like one.</summary>
    internal static string? Plural(string noun) =>
        noun.IndexOf(" of ", StringComparison.Ordinal) is > 0 and var of
            ? Plural(noun[..of]) is { } head
                ? head + noun[of..]
                : null
            : noun switch
            {
                [.., 's'] when !noun.EndsWith("ss", StringComparison.Ordinal) && !noun.EndsWith("us", StringComparison.Ordinal) => null,
                [.., 's'] or [.., 'x'] or [.., 'z'] => $"{noun}es",
                [.., 'c' or 's', 'h'] => $"{noun}es",
                [.., var before, 'y'] when !"aeiou".Contains(before, StringComparison.Ordinal) => $"{noun[..^1]}ies",
                [.., 'l' or 'e' or 'o', 'a', 'f'] or [.., 'l', 'f'] when !noun.EndsWith("loaf", StringComparison.Ordinal) =>
                    $"{noun[..^1]}ves",
                [.., 'l', 'o', 'a', 'f'] => $"{noun[..^1]}ves",
                [.., 't' or 'g', 'o'] => $"{noun}es",
                _ => $"{noun}s",
            };

    private static IEnumerable<string[]> Rows(string name) => Lines(name).Select(l => l.Split('|', StringSplitOptions.TrimEntries));

    /// <summary>Lines of a file of words that say something.</summary>
    public static IEnumerable<string> Lines(string name)
    {
        using var stream = typeof(Lexicon).Assembly.GetManifestResourceStream($"Ikuzo.Core.Reading.Words.{name}.txt")!;
        using var reader = new StreamReader(stream);
        while (reader.ReadLine() is { } line)
        {
            if (line.Length > 0 && line[0] != '#')
            {
                yield return line;
            }
        }
    }
}
