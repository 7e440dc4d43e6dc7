using System.Globalization;

namespace Ikuzo.Core.Quantities;

/// <summary>Numbers in words: "two and a half", "twenty-five", "half a dozen", "three quarters of", "one point five".</summary>
internal static class NumberWords
{
    private const double Hundred = 100;

    private static readonly Dictionary<string, double> Words = (
        "half=0.5 zero=0 one=1 two=2 couple=2 pair=2 three=3 four=4 five=5 six=6 seven=7 eight=8 nine=9 ten=10 eleven=11 twelve=12 "
        + "dozen=12 thirteen=13 fourteen=14 fifteen=15 sixteen=16 seventeen=17 eighteen=18 nineteen=19 twenty=20 thirty=30 forty=40 "
        + "fifty=50 sixty=60 seventy=70 eighty=80 ninety=90 hundred=100"
    )
        .Split(' ')
        .Select(word => word.Split('='))
        .ToDictionary(w => w[0], w => double.Parse(w[1], CultureInfo.InvariantCulture));

    private static readonly Dictionary<string, double> Parts = new()
    {
        ["half"] = 0.5,
        ["halves"] = 0.5,
        ["quarter"] = 0.25,
        ["quarters"] = 0.25,
        ["third"] = 1.0 / 3,
        ["thirds"] = 1.0 / 3,
        ["eighth"] = 0.125,
        ["eighths"] = 0.125,
    };

    /// <summary>The value of one word; null for one that is no number by itself.</summary>
    public static double? Of(string word) => Words.TryGetValue(word, out var value) ? value : null;

    /// <summary>True for a word that is a number or a part of one.</summary>
    public static bool Is(string word) => Words.ContainsKey(word) || Parts.ContainsKey(word);

    /// <summary>Reads one number, in figures or in words, that starts at a token; null when there is none.</summary>
    /// <param name="tokens">What was typed.</param>
    /// <param name="at">Where.</param>
    /// <returns>Its value, and how many tokens it took.</returns>
    public static (double Value, int Tokens)? ReadAt(IReadOnlyList<Token> tokens, int at)
    {
        if (PartAt(tokens, at, 1) is { } part)
        {
            return part;
        }

        if (tokens[at].Number is not { } value)
        {
            return null;
        }

        return tokens[at].Text switch
        {
            "half" => Word(tokens, at + 1) is "dozen" ? (6, 2)
            : Word(tokens, at + 1) is "a" && Word(tokens, at + 2) is "dozen" ? (6, 3)
            : (value, 1),
            var text when char.IsLetter(text[0]) => AndPart(tokens, at, InWords(tokens, at, value)),
            _ => AndPart(tokens, at, Dozens(tokens, at, value)),
        };
    }

    /// <summary>Reads one number without what an "and" adds to it.</summary>
    /// <param name="tokens">What was typed.</param>
    /// <param name="at">Where.</param>
    public static (double Value, int Tokens)? OneAt(IReadOnlyList<Token> tokens, int at) =>
        at >= tokens.Count || tokens[at].Number is not { } value ? null
        : char.IsLetter(tokens[at].Text[0]) ? InWords(tokens, at, value)
        : Dozens(tokens, at, value);

    // "quarter inch", "three quarters of a kilo": a part only where a unit follows; "three quarters" by itself are legs.
    private static (double, int)? PartAt(IReadOnlyList<Token> tokens, int at, double times)
    {
        var length = 1;
        if (
            tokens[at].Number is { } several
            && several is > 1 and < 8
            && (char.IsLetter(tokens[at].Text[0]) || (Word(tokens, at + 1) is "quarters" && Word(tokens, at + 2) is "of"))
        )
        {
            times = several;
            length = 2;
        }

        var unit = at + length;
        if (unit > tokens.Count || !Parts.TryGetValue(tokens[unit - 1].Text, out var part) || tokens[unit - 1].Text is "half")
        {
            return null;
        }

        var after = unit;
        after += Word(tokens, after) is "of" ? 1 : 0;
        after += Word(tokens, after) is "a" or "an" ? 1 : 0;
        return after < tokens.Count && (QuantityReader.IsUnit(tokens[after].Text) || tokens[after].Text == "in")
            ? (times * part, after - at)
            : null;
    }

    // "twenty five", "two hundred and fifty", "one point five".
    private static (double, int) InWords(IReadOnlyList<Token> tokens, int at, double value)
    {
        var length = 1;
        if (value is >= 20 and < Hundred && Below(tokens, at + length, 10) is { } ones)
        {
            (value, length) = (value + ones, length + 1);
        }

        if (Word(tokens, at + length) is "dozen" && value < Hundred)
        {
            return (value * 12, length + 1);
        }

        if (Word(tokens, at + length) is "hundred")
        {
            (value, length) = (value * Hundred, length + 1);
        }

        if (value >= Hundred)
        {
            var and = Word(tokens, at + length) is "and" ? 1 : 0;
            if (Below(tokens, at + length + and, Hundred) is { } rest)
            {
                var (tail, tailLength) = InWords(tokens, at + length + and, rest);
                (value, length) = (value + tail, length + and + tailLength);
            }
        }

        if (Word(tokens, at + length) is "point" && Below(tokens, at + length + 1, 10) is { } tenths)
        {
            (value, length) = (value + tenths / 10, length + 2);
        }

        return (value, length);
    }

    private static (double, int) Dozens(IReadOnlyList<Token> tokens, int at, double value) =>
        Word(tokens, at + 1) is "dozen" ? (value * 12, 2) : (value, 1);

    // "and a half", "and three quarters".
    private static (double, int) AndPart(IReadOnlyList<Token> tokens, int at, (double Value, int Length) whole)
    {
        var next = at + whole.Length;
        if (Word(tokens, next) is not "and")
        {
            return whole;
        }

        // "5 and 1/4"
        if (next + 1 < tokens.Count && tokens[next + 1] is { Number: > 0 and < 1 and var fraction } written && written.Text.Contains('/'))
        {
            return (whole.Value + fraction, whole.Length + 2);
        }

        var (times, from) = Word(tokens, next + 1) switch
        {
            "a" => (1.0, next + 2),
            { } word when Of(word) is > 1 and < 8 and var several => (several, next + 2),
            _ => (1.0, next + 1),
        };
        return Word(tokens, from) is { } name && Parts.TryGetValue(name, out var part) && IsPartOf(tokens, from)
            ? (whole.Value + times * part, from + 1 - at)
            : whole;
    }

    // "2 and half a chicken" are two things.
    private static bool IsPartOf(IReadOnlyList<Token> tokens, int at) => Word(tokens, at + 1) is not ("a" or "an");

    private static double? Below(IReadOnlyList<Token> tokens, int at, double limit) =>
        at < tokens.Count && char.IsLetter(tokens[at].Text[0]) && Of(tokens[at].Text) is { } value && value >= 1 && value < limit
            ? value
            : null;

    private static string? Word(IReadOnlyList<Token> tokens, int at) => at < tokens.Count ? tokens[at].Text : null;
}
