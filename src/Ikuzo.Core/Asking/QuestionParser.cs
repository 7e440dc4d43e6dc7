using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Asking;

/// <summary>Understands what a cook types: "6 frozen thighs 3 lb", "duck legs x4 800g", "turkey breast bone in 2.2kg 8qt".</summary>
/// <remarks>
/// Text becomes tokens (words and numbers), tokens become lexemes (quantities, numbers, phrases), lexemes become what was heard (which
/// number belongs to which noun), and that becomes a question (cuts, pieces, weights). Every token ends in <see
/// cref="Question.Understood"/>, <see cref="Question.Doubts"/> or <see cref="Question.Unknown"/>, or is a word like "the".
/// </remarks>
public static class QuestionParser
{
    /// <summary>Longest text that is read, characters.</summary>
    public const int MostCharacters = 300;

    /// <summary>Reads a question. Nothing is dropped, and what could be read otherwise is asked about.</summary>
    /// <param name="text">What was typed.</param>
    /// <param name="units">Units of numbers that have none.</param>
    /// <param name="settled">What the cook answered to earlier doubts about the same text.</param>
    public static Question Parse(string text, UnitSystem units = UnitSystem.Metric, IReadOnlyList<Settled>? settled = null)
    {
        var doubts = new Doubts(settled ?? []);
        var lexemes = Lexer.Lex(Tokens.Split(text), doubts.IsLeftOut);
        return new Resolving(Listening.To(lexemes, units, doubts), doubts).Question();
    }
}
