using System.Collections.Immutable;
using System.Text.RegularExpressions;

namespace Ikuzo.Core.Reading;

/// <summary>What a class of a pattern has read.</summary>
/// <param name="Value">What.</param>
/// <param name="From">First token.</param>
/// <param name="End">Behind the last.</param>
internal sealed record Captured(object Value, int From, int End);

/// <summary>A stretch that a pattern fits.</summary>
/// <param name="End">Behind its last token.</param>
/// <param name="Cost">What it costs: slips and gaps.</param>
/// <param name="Captured">What its classes have read, in order.</param>
internal sealed record Fit(int End, double Cost, ImmutableList<Captured> Captured)
{
    /// <summary>The first thing of a type that was read.</summary>
    public T? Get<T>()
        where T : class => Captured.Select(c => c.Value).OfType<T>().FirstOrDefault();

    /// <summary>All things of a type.</summary>
    public IEnumerable<T> All<T>() => Captured.Select(c => c.Value).OfType<T>();
}

/// <summary>
/// The right side of a production, written as text: words; <c>a|b</c> one of several; <c>{class}</c> what a class reads;
/// <c>( … / … )</c> one of several rows; <c>?</c> at most once, <c>*</c> any number of times; <c>,</c> a mark or none; <c>~</c> up to
/// three other words.
/// </summary>
internal sealed partial class Pattern
{
    private const int MostRepeats = 8;
    private const int MostGap = 3;
    private const double GapCost = 0.2;

    private readonly Node _root;

    private Pattern(Node root) => _root = root;

    private abstract record Node;

    private sealed record Literal(HashSet<string> Words) : Node;

    private sealed record Class(string Name, Reads Reads) : Node;

    private sealed record Row(Node[] Parts) : Node;

    private sealed record OneOf(Node[] Ways) : Node;

    private sealed record Often(Node Part, int Least, int Most) : Node;

    private sealed record Comma : Node;

    private sealed record Mark : Node;

    private sealed record Gap : Node;

    /// <summary>Reads what a class stands for from a place on.</summary>
    public delegate IEnumerable<(int End, object Value, double Cost)> Reads(Script script, int at);

    /// <summary>Words that stand in it as they are.</summary>
    public HashSet<string> Words { get; } = [];

    /// <summary>Words of which it must begin with one; null where it may begin with anything.</summary>
    public HashSet<string>? First { get; private set; }

    /// <summary>Makes a pattern of its text.</summary>
    /// <param name="text">The text.</param>
    /// <param name="classes">What its classes are.</param>
    public static Pattern Of(string text, IReadOnlyDictionary<string, Reads> classes)
    {
        var parts = Parts().Matches(text).Select(m => m.Value).ToArray();
        HashSet<string> words = [];
        var at = 0;
        var pattern = new Pattern(Ways(parts, ref at, classes, words));
        if (at != parts.Length)
        {
            throw new FormatException($"A bracket too many in: {text}");
        }

        pattern.Words.UnionWith(words);
        HashSet<string> first = [];
        pattern.First = FirstOf(pattern._root, first) ? null : first;
        return pattern;
    }

    /// <summary>All stretches from a place on that it fits, one for each end, the cheapest.</summary>
    public IEnumerable<Fit> At(Script script, int at)
    {
        Dictionary<int, Fit> found = [];
        Match(
            script,
            [_root],
            0,
            at,
            0,
            [],
            (end, cost, captured) =>
            {
                if (end > at && (!found.TryGetValue(end, out var known) || known.Cost > cost))
                {
                    found[end] = new(end, cost, captured);
                }
            }
        );
        return found.Values;
    }

    private static Node Ways(string[] parts, ref int at, IReadOnlyDictionary<string, Reads> classes, HashSet<string> words)
    {
        List<Node> ways = [];
        List<Node> row = [];
        for (; at < parts.Length; at++)
        {
            var part = parts[at];
            if (part is ")" or ")?" or ")*")
            {
                break;
            }

            if (part == "/")
            {
                ways.Add(new Row([.. row]));
                row = [];
            }
            else if (part == "(")
            {
                at++;
                var inner = Ways(parts, ref at, classes, words);
                row.Add(
                    Repeated(
                        inner,
                        at < parts.Length ? parts[at] : throw new FormatException($"A bracket is open in: {string.Join(' ', parts)}")
                    )
                );
            }
            else
            {
                row.Add(Part(part, classes, words));
            }
        }

        ways.Add(new Row([.. row]));
        return ways.Count == 1 ? ways[0] : new OneOf([.. ways]);
    }

    private static Node Part(string part, IReadOnlyDictionary<string, Reads> classes, HashSet<string> words)
    {
        var plain = part.TrimEnd('?', '*');
        Node node = plain switch
        {
            "," => new Comma(),
            "~" => new Gap(),
            ['{', .., '}'] => new Class(plain[1..^1], classes[plain[1..^1]]),
            _ when plain.Split('|') is { Length: > 1 } ways && ways.Contains(",") => new OneOf([
                new Literal([.. ways.Where(w => w != ",")]),
                new Mark(),
            ]),
            _ => new Literal([.. plain.Split('|')]),
        };
        if (node is Literal or OneOf { Ways: [Literal, ..] })
        {
            words.UnionWith(node is Literal literal ? literal.Words : ((Literal)((OneOf)node).Ways[0]).Words);
        }

        return Repeated(node, part);
    }

    private static Node Repeated(Node node, string written) =>
        written[^1] switch
        {
            '?' => new Often(node, 0, 1),
            '*' => new Often(node, 0, MostRepeats),
            _ => node,
        };

    // True where it may begin with anything, or be empty.
    private static bool FirstOf(Node node, HashSet<string> first)
    {
        switch (node)
        {
            case Literal literal:
                first.UnionWith(literal.Words);
                return false;
            case Row row:
                foreach (var part in row.Parts)
                {
                    var open = FirstOf(part, first);
                    if (part is not Often && part is not Comma)
                    {
                        return open;
                    }

                    if (open && part is Often { Part: Class or Gap })
                    {
                        return true;
                    }
                }

                return true;
            case OneOf ways:
                var any = false;
                foreach (var way in ways.Ways)
                {
                    any |= FirstOf(way, first);
                }

                return any;
            case Often often:
                return FirstOf(often.Part, first);
            case Mark:
                return false; // a phrase begins with a word
            default:
                return true;
        }
    }

    private static void Match(
        Script script,
        Node[] parts,
        int next,
        int at,
        double cost,
        ImmutableList<Captured> captured,
        Action<int, double, ImmutableList<Captured>> done
    )
    {
        if (next == parts.Length)
        {
            done(at, cost, captured);
            return;
        }

        void Go(int end, double more, ImmutableList<Captured> with) => Match(script, parts, next + 1, end, cost + more, with, done);
        switch (parts[next])
        {
            case Literal literal:
                foreach (var (word, more) in script.Variants(at))
                {
                    if (literal.Words.Contains(word))
                    {
                        Go(at + 1, more, captured);
                        break;
                    }
                }

                break;
            case Class reads:
                foreach (var (end, value, more) in reads.Reads(script, at))
                {
                    Go(end, more, captured.Add(new(value, at, end)));
                }

                break;
            case Row row:
                Match(script, row.Parts, 0, at, 0, captured, (end, more, with) => Go(end, more, with));
                break;
            case OneOf ways:
                foreach (var way in ways.Ways)
                {
                    Match(script, [way], 0, at, 0, captured, (end, more, with) => Go(end, more, with));
                }

                break;
            case Often often:
                Repeat(script, often, often.Most, at, 0, captured, Go);
                break;
            case Comma:
                Go(at, 0, captured);
                for (var end = at; end < script.Count && script.IsMark(end) && end < at + 2; end++)
                {
                    Go(end + 1, 0, captured);
                }

                break;
            case Mark:
                if (at < script.Count && script.IsMark(at))
                {
                    Go(at + 1, 0, captured);
                }

                break;
            case Gap:
                for (var end = at; end <= at + MostGap && end <= script.Count; end++)
                {
                    Go(end, (end - at) * GapCost, captured);
                    if (end == script.Count || script.IsMark(end) || script.Tokens[end].Number is not null || NeverSkipped(script, end))
                    {
                        break;
                    }
                }

                break;
        }
    }

    // How the meat is goes past no gap.
    private static bool NeverSkipped(Script script, int at) => script.Word(at) is "frozen" or "thawed" or "raw";

    // As many as fit, and fewer.
    private static void Repeat(
        Script script,
        Often often,
        int left,
        int at,
        double cost,
        ImmutableList<Captured> captured,
        Action<int, double, ImmutableList<Captured>> go
    )
    {
        if (left > 0)
        {
            Match(
                script,
                [often.Part],
                0,
                at,
                0,
                captured,
                (end, more, with) =>
                {
                    if (end > at)
                    {
                        Repeat(script, often, left - 1, end, cost + more, with, go);
                    }
                }
            );
        }

        go(at, cost, captured);
    }

    [GeneratedRegex(@"\(|\)[?*]?|[^\s()]+")]
    private static partial Regex Parts();
}
