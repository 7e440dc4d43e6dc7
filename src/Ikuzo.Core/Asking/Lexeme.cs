using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Asking;

/// <summary>A stretch of what was typed that is one thing: a quantity, a number, a phrase, or a word that we do not know.</summary>
internal sealed record Lexeme
{
    /// <summary>As typed, in small letters.</summary>
    public required string Text { get; init; }

    /// <summary>True after a comma or the like.</summary>
    public bool IsApart { get; init; }

    /// <summary>A quantity with its unit.</summary>
    public Quantity? Quantity { get; init; }

    /// <summary>A bare number.</summary>
    public NumberSpan? Number { get; init; }

    /// <summary>What a phrase means.</summary>
    public Meaning? Meaning { get; init; }

    /// <summary>A time on the clock.</summary>
    public bool IsClock { get; init; }

    /// <summary>The word that was taken for a mistyped one.</summary>
    public string? SlipOf { get; init; }

    /// <summary>What it does to the numbers around it.</summary>
    public Mark Mark => Meaning?.Mark ?? Mark.None;

    /// <summary>True for a quantity of a kind.</summary>
    public bool Is(Dimension dimension) => Quantity?.Dimension == dimension;
}

/// <summary>Cuts what was typed into lexemes; every token is in one of them.</summary>
internal static class Lexer
{
    /// <summary>The lexemes, in the order typed.</summary>
    /// <param name="tokens">What was typed.</param>
    /// <param name="settled">Words that were said to mean nothing.</param>
    public static IReadOnlyList<Lexeme> Lex(IReadOnlyList<Token> tokens, Func<string, bool> settled)
    {
        List<Lexeme> lexemes = [];
        for (var at = 0; at < tokens.Count; )
        {
            var (lexeme, length) = Next(tokens, at, settled);
            lexemes.Add(lexeme with { Text = Text(tokens, at, length), IsApart = tokens[at].IsApart });
            at += length;
        }

        return lexemes;
    }

    private static (Lexeme, int) Next(IReadOnlyList<Token> tokens, int at, Func<string, bool> isLeftOut)
    {
        var blank = new Lexeme { Text = "" };
        if (Phrase(tokens, at, 2) is var (phrase, words))
        {
            return (blank with { Meaning = phrase }, words);
        }

        if (tokens[at].Text == Tokens.To)
        {
            return (blank with { Meaning = new() }, 1); // a dash between things
        }

        if (tokens[at].Text.Contains(':', StringComparison.Ordinal))
        {
            return (blank with { IsClock = true }, 1);
        }

        if (QuantityReader.ReadAt(tokens, at) is { } quantity)
        {
            return (blank with { Quantity = quantity }, quantity.Tokens);
        }

        if (QuantityReader.NumberAt(tokens, at) is { } number)
        {
            return (blank with { Number = number }, number.Tokens);
        }

        var text = tokens[at].Text;
        return (Vocabulary.Find(text) ?? InParts(text)) is { } meaning ? (blank with { Meaning = meaning }, 1)
            : !isLeftOut(text) && Slips.Nearest(text) is { } meant ? (blank with { Meaning = Vocabulary.Find(meant), SlipOf = meant }, 1)
            : (blank, 1);
    }

    private static (Meaning, int)? Phrase(IReadOnlyList<Token> tokens, int at, int least)
    {
        for (var length = Math.Min(Vocabulary.LongestPhrase, tokens.Count - at); length >= least; length--)
        {
            if (Vocabulary.Find(Text(tokens, at, length)) is { } meaning)
            {
                return (meaning, length);
            }
        }

        return null;
    }

    // "oven-ready" is known by its parts or not at all.
    private static Meaning? InParts(string text) =>
        text.Contains('-', StringComparison.Ordinal) ? Vocabulary.Find(text.Replace('-', ' ')) : null;

    private static string Text(IReadOnlyList<Token> tokens, int at, int length) =>
        string.Join(' ', tokens.Skip(at).Take(length).Select(t => t.Text));
}
