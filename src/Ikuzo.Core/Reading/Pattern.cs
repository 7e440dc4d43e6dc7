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
    private const int MostRepeats = 12;
    private const int MostGap = 3;
    private const double GapCost = 0.2;
    private const int MostBetween = 2;
    private const double BetweenCost = 0.1;

    private readonly Node _root;

    private Pattern(Node root) => _root = root;

    private abstract record Node;

    private sealed record Literal(HashSet<string> Words) : Node;

    private sealed record Class(string Name, Reads Reads) : Node;

    private sealed record Row(Node[] Parts) : Node;

    private sealed record OneOf(Node[] Ways) : Node;

    private sealed record Often(Node Part, int Most) : Node;

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
        if (Trap().Match(text) is { Success: true } trap)
        {
            throw new FormatException($"{trap.Value} is one of several words and then another: write ( several / ways ).");
        }

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
    public IEnumerable<Fit> At(Script script, int at) => Onward(new(script, at), _root, [new(at, 0, [])]).FindAll(f => f.End > at);

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
            '?' => new Often(node, 1),
            '*' => new Often(node, MostRepeats),
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

    // Where a match began: between its words others may stand that change nothing.
    private sealed record Ground(Script Script, int From)
    {
        public bool IsPassed(int at) => at > From && Script.Word(at) is { } word && Between.Contains(word);
    }

    private static readonly HashSet<string> Between = PlainWords.Of("between");

    // All places to which a node leads from some, one way to each: the cheapest.
    private static List<Fit> Onward(Ground ground, Node node, List<Fit> from)
    {
        switch (node)
        {
            case Row row:
                foreach (var part in row.Parts)
                {
                    from = from.Count == 0 ? from : Onward(ground, part, from);
                }

                return from;
            case Often often:
                return Repeated(ground, often, from);
        }

        List<Fit> to = [];
        if (node is OneOf ways)
        {
            foreach (var way in ways.Ways)
            {
                foreach (var fit in Onward(ground, way, from))
                {
                    Keep(to, fit);
                }
            }

            return to;
        }

        foreach (var fit in from)
        {
            Step(ground, node, fit, to);
        }

        return to;
    }

    private static bool Keep(List<Fit> to, Fit fit)
    {
        for (var i = 0; i < to.Count; i++)
        {
            if (to[i].End == fit.End)
            {
                if (to[i].Cost <= fit.Cost)
                {
                    return false;
                }

                to[i] = fit;
                return true;
            }
        }

        to.Add(fit);
        return true;
    }

    // As many as fit, and fewer.
    private static List<Fit> Repeated(Ground ground, Often often, List<Fit> from)
    {
        List<Fit> all = [.. from];
        var last = from;
        for (var times = 0; times < often.Most && last.Count > 0; times++)
        {
            List<Fit> more = [];
            foreach (var fit in Onward(ground, often.Part, last))
            {
                if (Keep(all, fit))
                {
                    more.Add(fit);
                }
            }

            last = more;
        }

        return all;
    }

    private static void Step(Ground ground, Node node, Fit fit, List<Fit> to)
    {
        var script = ground.Script;
        switch (node)
        {
            case Literal or Class:
                for (var (at, passed) = (fit.End, 0); ; at++, passed++)
                {
                    Word(script, node, at, fit with { Cost = fit.Cost + passed * BetweenCost }, to);
                    if (passed == MostBetween || !ground.IsPassed(at))
                    {
                        break;
                    }
                }

                break;
            case Comma:
                Keep(to, fit);
                for (var end = fit.End; end < script.Count && script.IsMark(end) && end < fit.End + 2; end++)
                {
                    Keep(to, fit with { End = end + 1 });
                }

                break;
            case Mark:
                if (fit.End < script.Count && script.IsMark(fit.End))
                {
                    Keep(to, fit with { End = fit.End + 1 });
                }

                break;
            case Gap:
                for (var end = fit.End; end <= fit.End + MostGap && end <= script.Count; end++)
                {
                    Keep(to, fit with { End = end, Cost = fit.Cost + (end - fit.End) * GapCost });
                    if (end == script.Count || script.IsMark(end) || script.Tokens[end].Number is not null || NeverSkipped(script, end))
                    {
                        break;
                    }
                }

                break;
        }
    }

    private static void Word(Script script, Node node, int at, Fit fit, List<Fit> to)
    {
        if (node is Literal literal)
        {
            foreach (var (word, more) in script.Variants(at))
            {
                if (literal.Words.Contains(word))
                {
                    Keep(to, fit with { End = at + 1, Cost = fit.Cost + more });
                    break;
                }
            }
        }
        else if (node is Class reads)
        {
            foreach (var (end, value, more) in reads.Reads(script, at))
            {
                Keep(to, new(end, fit.Cost + more, fit.Captured.Add(new(value, at, end))));
            }
        }
    }

    // How the meat is goes past no gap.
    private static bool NeverSkipped(Script script, int at) => script.Word(at) is "frozen" or "thawed" or "raw";

    // "(long|many days)"
    [GeneratedRegex(@"\([^\s()]*\|[^\s()]+ [^()|/?*{}$]*\)")]
    private static partial Regex Trap();

    [GeneratedRegex(@"\(|\)[?*]?|[^\s()]+")]
    private static partial Regex Parts();
}
