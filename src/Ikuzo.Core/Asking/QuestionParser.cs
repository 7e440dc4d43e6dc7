using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Asking;

/// <summary>Understands what a cook types: "6 frozen thighs 3 lb", "duck legs x4 800g", "turkey breast bone in 2.2kg 8qt".</summary>
public static class QuestionParser
{
    /// <summary>Longest text that is read, characters.</summary>
    public const int MostCharacters = 300;

    /// <summary>Reads a question. Words that are not understood are listed, never dropped.</summary>
    /// <param name="text">What was typed.</param>
    /// <returns>The question; null when no bird or cut is named.</returns>
    public static Question? Parse(string text) => Resolving.ToQuestion(Listening.To(Tokens.Split(text)));
}
