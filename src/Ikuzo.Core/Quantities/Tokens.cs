using System.Globalization;
using System.Text;
using System.Text.RegularExpressions;

namespace Ikuzo.Core.Quantities;

/// <summary>A word or a number of what the cook typed.</summary>
/// <param name="Text">As typed, in lower case.</param>
/// <param name="Number">Its value if it is a number.</param>
public readonly record struct Token(string Text, double? Number);

/// <summary>
/// Cuts text into words and numbers: "1,5", "1 1/2", "1-1/2", "½", "six", "half", "x4", "3lb" and "2-3" all come apart rightly.
/// </summary>
public static partial class Tokens
{
    /// <summary>Text of the token between the two numbers of a range such as "2-3".</summary>
    public const string To = "–";

    private static readonly Dictionary<string, double> NumberWords =
        "half=0.5 one=1 two=2 couple=2 pair=2 three=3 four=4 five=5 six=6 seven=7 eight=8 nine=9 ten=10 eleven=11 twelve=12 dozen=12"
            .Split(' ')
            .Select(word => word.Split('='))
            .ToDictionary(w => w[0], w => double.Parse(w[1], CultureInfo.InvariantCulture));

    private static readonly Dictionary<char, string> Fractions = "½=1/2 ¼=1/4 ¾=3/4 ⅓=1/3 ⅔=2/3 ⅛=1/8 ⅜=3/8 ⅝=5/8 ⅞=7/8"
        .Split(' ')
        .ToDictionary(f => f[0], f => $" {f[2..]}");

    /// <summary>Splits text.</summary>
    public static IReadOnlyList<Token> Split(string text)
    {
        var pieces = Piece().Matches(Plain(text)).Select(m => Dash().IsMatch(m.Value) ? To : m.Value).ToList();
        var tokens = new List<Token>();
        for (var i = 0; i < pieces.Count; i++)
        {
            if (ReadNumber(pieces[i]) is not { } number)
            {
                tokens.Add(new Token(pieces[i], NumberWords.TryGetValue(pieces[i], out var word) ? word : null));
            }
            else if (FractionAfter(pieces, i, number) is var (at, part))
            {
                tokens.Add(new Token($"{pieces[i]} {pieces[at]}", number + part));
                i = at;
            }
            else
            {
                tokens.Add(new Token(pieces[i], number));
            }
        }

        return tokens;
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
        if (!char.IsAsciiDigit(piece[0]) && piece[0] != '.')
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
        @"\d+/\d+|(?<=\d)\s*[–-]\s*(?=[\d.])|\d+(?:,\d{3})+(?!\d)|\d+(?:[.,]\d+)?|\.\d+|°|""|#|\p{L}+(?:['-]\p{L}+)*|[^\s,.;:()&+–-]"
    )]
    private static partial Regex Piece();

    [GeneratedRegex(@"^\s*[–-]\s*$")]
    private static partial Regex Dash();

    [GeneratedRegex(@"^\d{1,3}(,\d{3})+$")]
    private static partial Regex Thousands();
}
