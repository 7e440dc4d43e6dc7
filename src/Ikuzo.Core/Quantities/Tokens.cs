using System.Buffers;
using System.Globalization;
using System.Text;
using System.Text.RegularExpressions;

namespace Ikuzo.Core.Quantities;

/// <summary>A word or a number of what the cook typed.</summary>
/// <param name="Text">As typed, in lower case.</param>
/// <param name="Number">Its value if it is a number.</param>
public readonly record struct Token(string Text, double? Number)
{
    /// <summary>True when nothing stands between it and the token before it, as in "1kg500".</summary>
    public bool IsGlued { get; init; }

    /// <summary>True after a comma, a bracket, "+" or "&amp;": what follows is another thing.</summary>
    public bool IsApart { get; init; }
}

/// <summary>
/// Cuts text into words and numbers: "1,5", "1 1/2", "1-1/2", "½", "six", "half", "x4", "3lb" and "2-3" all come apart rightly.
/// </summary>
public static partial class Tokens
{
    /// <summary>Text of the token between the two numbers of a range such as "2-3".</summary>
    public const string To = "–";

    private static readonly SearchValues<char> Separators = SearchValues.Create(",;()&+/");

    private static readonly Dictionary<char, string> Fractions = "½=1/2 ¼=1/4 ¾=3/4 ⅓=1/3 ⅔=2/3 ⅛=1/8 ⅜=3/8 ⅝=5/8 ⅞=7/8"
        .Split(' ')
        .ToDictionary(f => f[0], f => $" {f[2..]}");

    /// <summary>Splits text.</summary>
    public static IReadOnlyList<Token> Split(string text)
    {
        var plain = Plain(text);
        var pieces = Pieces(plain);
        var texts = pieces.ConvertAll(p => p.Text);
        var tokens = new List<Token>();
        for (var i = 0; i < pieces.Count; i++)
        {
            var (isGlued, isApart) = (pieces[i].IsGlued, pieces[i].IsApart);
            var number = ReadNumber(texts[i]);
            var said = texts[i];
            if (number is { } whole && FractionAfter(texts, i, whole) is var (at, part))
            {
                (number, said, i) = (whole + part, $"{texts[i]} {texts[at]}", at);
            }

            tokens.Add(new Token(said, number ?? NumberWords.Of(said)) { IsGlued = isGlued, IsApart = isApart });
        }

        return tokens;
    }

    // Words that hang together by a hyphen come apart where one of them is a number or a unit: "two-and-a-half", "six-pound".
    private static List<(string Text, bool IsGlued, bool IsApart)> Pieces(string plain)
    {
        List<(string, bool, bool)> pieces = [];
        var end = 0;
        foreach (Match match in Piece().Matches(plain))
        {
            var between = plain[end..match.Index];
            var glued = end > 0 && between.Length == 0;
            var apart = end > 0 && between.AsSpan().IndexOfAny(Separators) >= 0;
            end = match.Index + match.Length;
            var words = match.Value.Split('-');
            if (Dash().IsMatch(match.Value))
            {
                pieces.Add((To, glued, apart));
            }
            else if (words.Length > 1 && words.Any(w => NumberWords.Is(w) || QuantityReader.IsUnit(w)))
            {
                pieces.AddRange(words.Select((w, i) => (w, i > 0, i == 0 && apart)));
            }
            else
            {
                pieces.Add((match.Value, glued, apart));
            }
        }

        return pieces;
    }

    // "1 1/2" and "1-1/2".
    private static (int At, double Part)? FractionAfter(List<string> pieces, int i, double number)
    {
        var at = i + 1 < pieces.Count && pieces[i + 1] == To ? i + 2 : i + 1;
        var isFraction = at < pieces.Count && pieces[at].Contains('/') && number == Math.Floor(number);
        return isFraction && ReadNumber(pieces[at]) is { } part && (at == i + 1 || part < 1) ? (at, part) : null;
    }

    private static string Plain(string text)
    {
        var plain = new StringBuilder();
        foreach (var c in text.Normalize(NormalizationForm.FormC).ToLowerInvariant())
        {
            plain.Append(
                Fractions.TryGetValue(c, out var fraction)
                    ? fraction
                    : c switch
                    {
                        '’' => "'",
                        '″' or '”' => "\"",
                        '×' => "x",
                        _ => c.ToString(),
                    }
            );
        }

        return plain.ToString();
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
        @"(?<![\d\p{L}])-\d+(?:[.,]\d+)?(?=\s*(?:°|deg|c\b|f\b))|"
            + @"\d{1,2}:\d{2}(?!\d)|\d+/\d+|(?<=\d)\s*[–-]\s*(?=[\d.])|\d+(?:,\d{3})+(?!\d)|"
            + @"\d+(?:[.,]\d+)?|\.\d+|°|""|#|\p{L}+(?:['-]\p{L}+)*|[^\s,.;:()&+–?!-]"
    )]
    private static partial Regex Piece();

    [GeneratedRegex(@"^\s*[–-]\s*$")]
    private static partial Regex Dash();

    [GeneratedRegex(@"^\d{1,3}(,\d{3})+$")]
    private static partial Regex Thousands();
}
