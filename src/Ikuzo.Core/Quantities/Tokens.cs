using System.Globalization;
using System.Text;
using System.Text.RegularExpressions;

namespace Ikuzo.Core.Quantities;

/// <summary>A word, a number or a mark of what the cook typed.</summary>
/// <param name="Text">In small letters, without accents and apostrophes: "don't" is "dont", "purée" is "puree".</param>
/// <param name="Number">Its value if it is a number.</param>
public readonly record struct Token(string Text, double? Number)
{
    /// <summary>Where it begins in what was typed, UTF-16 units.</summary>
    public int From { get; init; }

    /// <summary>Where it ends, exclusive.</summary>
    public int End { get; init; }

    /// <summary>True when nothing, or only a hyphen, stands between it and the token before it, as in "1kg500" and "bone-in".</summary>
    public bool IsGlued { get; init; }

    /// <summary>True after a comma, a bracket, "+" or "&amp;": what follows is another thing.</summary>
    public bool IsApart { get; init; }

    /// <summary>True for a mark between words: a comma, a bracket, a dash with space around it, the end of a line.</summary>
    public bool IsMark { get; init; }
}

/// <summary>
/// Cuts text into words, numbers and marks: "1,5", "1 1/2", "1-1/2", "½", "six", "half", "x4", "3lb" and "2-3" all come apart.
/// Every character that is no space belongs to a token.
/// </summary>
public static partial class Tokens
{
    /// <summary>Text of the token between the two numbers of a range such as "2-3".</summary>
    public const string To = "–";

    private static readonly Dictionary<char, string> Fractions = "½=1/2 ¼=1/4 ¾=3/4 ⅓=1/3 ⅔=2/3 ⅛=1/8 ⅜=3/8 ⅝=5/8 ⅞=7/8"
        .Split(' ')
        .ToDictionary(f => f[0], f => $" {f[2..]} ");

    // What hands write for words before they are cut: "2day", "1/2".
    private static readonly (string Typed, string Meant)[] Short =
    [
        ("2day", "today"),
        ("2moro", "tomorrow"),
        ("2nite", "tonight"),
        ("w/o", "without"),
        ("w/", "with "),
    ];

    /// <summary>Words and numbers, without the marks between them.</summary>
    public static IReadOnlyList<Token> Split(string text) => [.. Cut(text).Where(t => !t.IsMark)];

    /// <summary>Words, numbers and marks, in the order typed.</summary>
    public static IReadOnlyList<Token> Cut(string text)
    {
        var (plain, origin) = Plain(text);
        List<Token> tokens = [];
        var apart = false;
        var end = 0;
        foreach (Match match in Piece().Matches(plain))
        {
            var between = plain.AsSpan(end, match.Index - end);
            var glued = end > 0 && (between.Length == 0 || between is "-");
            var from = origin[match.Index];
            var stop = origin[match.Index + match.Length - 1] + 1;
            end = match.Index + match.Length;
            if (Dash().IsMatch(match.Value))
            {
                // Its spaces belong to nothing.
                tokens.Add(
                    new Token(To, null)
                    {
                        From = from,
                        End = stop,
                        IsGlued = true,
                        IsApart = apart,
                    }
                );
                apart = false;
                continue;
            }

            var isMark = match.Length == 1 && Marks().IsMatch(match.Value);
            if (isMark)
            {
                tokens.Add(
                    new Token(match.Value, null)
                    {
                        From = from,
                        End = stop,
                        IsMark = true,
                        IsGlued = glued,
                    }
                );
                apart |= match.Value[0] is not ('.' or '?' or '!' or '-' or ':');
                continue;
            }

            var word = match.Value.Replace("'", "", StringComparison.Ordinal);
            tokens.Add(
                new Token(word, ReadNumber(word))
                {
                    From = from,
                    End = stop,
                    IsGlued = glued,
                    IsApart = apart,
                }
            );
            apart = false;
        }

        return Joined(tokens);
    }

    // "1 1/2" and "1-1/2" are one number; words that are numbers have their value.
    private static List<Token> Joined(List<Token> tokens)
    {
        List<Token> joined = [];
        for (var i = 0; i < tokens.Count; i++)
        {
            var token = tokens[i];
            if (token.Number is { } whole && FractionAfter(tokens, i, whole) is var (at, part))
            {
                token = token with { Text = $"{token.Text} {tokens[at].Text}", Number = whole + part, End = tokens[at].End };
                i = at;
            }

            joined.Add(token with { Number = token.Number ?? NumberWords.Of(token.Text) });
        }

        return joined;
    }

    private static (int At, double Part)? FractionAfter(List<Token> tokens, int i, double number)
    {
        var at = i + 1 < tokens.Count && tokens[i + 1].Text == To ? i + 2 : i + 1;
        var isFraction = at < tokens.Count && tokens[at].Text.Contains('/', StringComparison.Ordinal) && number == Math.Floor(number);
        return isFraction && tokens[at].Number is { } part && (at == i + 1 || part < 1) ? (at, part) : null;
    }

    // One letter for one where it can be, so that each knows where it came from.
    private static (string Plain, List<int> Origin) Plain(string text)
    {
        var plain = new StringBuilder(text.Length);
        List<int> origin = new(text.Length);
        void Add(ReadOnlySpan<char> letters, int from)
        {
            foreach (var letter in letters)
            {
                plain.Append(letter);
                origin.Add(from);
            }
        }

        for (var i = 0; i < text.Length; i++)
        {
            if (ShortAt(text, i) is var (typed, meant))
            {
                Add(meant, i);
                i += typed.Length - 1;
                continue;
            }

            var c = text[i];
            if (Fractions.TryGetValue(c, out var fraction))
            {
                Add(fraction, i);
            }
            else if (c == 'T' && IsSpoon(text, i))
            {
                Add("tbsp", i); // "2T"; a small one is a teaspoon
            }
            else if (CharUnicodeInfo.GetUnicodeCategory(c) is not (UnicodeCategory.NonSpacingMark or UnicodeCategory.Format))
            {
                Add(Folded(c), i);
            }
        }

        return (plain.ToString(), origin);
    }

    private static (string, string)? ShortAt(string text, int at)
    {
        if (at > 0 && char.IsLetterOrDigit(text[at - 1]))
        {
            return null;
        }

        foreach (var pair in Short)
        {
            if (
                string.Compare(text, at, pair.Typed, 0, pair.Typed.Length, StringComparison.OrdinalIgnoreCase) == 0
                && (pair.Typed[^1] == '/' || at + pair.Typed.Length == text.Length || !char.IsLetterOrDigit(text[at + pair.Typed.Length]))
            )
            {
                return pair;
            }
        }

        return null;
    }

    private static bool IsSpoon(string text, int at)
    {
        var before = at - 1;
        while (before >= 0 && text[before] == ' ')
        {
            before--;
        }

        return before >= 0
            && (char.IsAsciiDigit(text[before]) || Fractions.ContainsKey(text[before]))
            && (at + 1 == text.Length || !char.IsLetterOrDigit(text[at + 1]));
    }

    private static string Folded(char c)
    {
        var small = char.ToLowerInvariant(c);
        return small switch
        {
            '\n' => ";", // the end of a line
            < (char)128 => small.ToString(),
            '’' or '‘' or '`' => "'",
            '″' or '”' or '“' => "\"",
            '×' => "x",
            '–' or '—' or '−' => "-",
            'œ' => "oe",
            'ß' => "ss",
            '°' => "°",
            _ when char.IsSurrogate(small) => " ",
            _ when small.ToString().Normalize(NormalizationForm.FormD) is [var letter, ..] && letter < 128 => letter.ToString(),
            _ => small.ToString(),
        };
    }

    // "1,200" is twelve hundred, "1,5" is one and a half.
    private static double? ReadNumber(string piece)
    {
        if (piece[0] == '-' && piece.Length > 1)
        {
            return -ReadNumber(piece[1..]);
        }

        if ((!char.IsAsciiDigit(piece[0]) && piece[0] != '.') || piece.Contains(':', StringComparison.Ordinal))
        {
            return null;
        }

        if (piece.Split('/') is [var top, var bottom])
        {
            return
                double.Parse(top, CultureInfo.InvariantCulture) / double.Parse(bottom, CultureInfo.InvariantCulture) is var ratio
                && double.IsFinite(ratio)
                ? ratio
                : null;
        }

        var plain = Thousands().IsMatch(piece) ? piece.Replace(",", "", StringComparison.Ordinal) : piece.Replace(',', '.');
        return double.TryParse(plain, NumberStyles.AllowDecimalPoint, CultureInfo.InvariantCulture, out var value) ? value : null;
    }

    [GeneratedRegex(
        @"\d{4}-\d{2}-\d{2}(?!\d)|\d{1,2}[./]\d{1,2}[./]\d{2,4}(?!\d)|"
            + @"(?<![\d\p{L}])-\d+(?:[.,]\d+)?(?=\s*(?:°|deg|c\b|f\b))|"
            + @"\d{1,2}:\d{2}(?!\d)|\d+/\d+|(?<=\d\s*)-\s*(?=[\d.])|\d+(?:,\d{3})+(?!\d)|"
            + @"\d+(?:\.\d+|,\d+(?!\.?\d))?|\.\d+|°|""|#|\p{L}+(?:'\p{L}+)*|(?<![\p{L}\d])-|-(?![\p{L}\d])|[^\s'-]"
    )]
    private static partial Regex Piece();

    [GeneratedRegex(@"^\s*-\s*$")]
    private static partial Regex Dash();

    [GeneratedRegex(@"^[,;:.()\[\]&+/?!|\n•*=~<>{}-]$")]
    private static partial Regex Marks();

    [GeneratedRegex(@"^\d{1,3}(,\d{3})+$")]
    private static partial Regex Thousands();
}
