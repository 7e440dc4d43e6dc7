using Ikuzo.Core.Companions;

namespace Ikuzo.Core.Reading;

/// <summary>When the steps of a recipe put a thing in.</summary>
public static class RecipeSteps
{
    private static readonly string[] AtTheTable =
    [
        "serve",
        "scatter",
        "garnish",
        "top with",
        "sprinkle",
        "spoon over",
        "dress",
        "drizzle",
        "toppings",
        "pack with",
    ];

    /// <summary>After pressure, or at the table, where the steps name it only then; null where earlier, or not at all.</summary>
    /// <param name="steps">The steps in order.</param>
    /// <param name="food">What it is called.</param>
    public static GoesIn? When(IReadOnlyList<string> steps, string food)
    {
        var sentences = steps.SelectMany(RecipeStep.Sentences).ToList();
        var opened = sentences.FindIndex(IsUnderPressure);
        var first = sentences.FindIndex(s => Names(s, food) && !IsExcept(s, food));
        return opened < 0 || first <= opened ? null
            : AtTheTable.Any(w => sentences[first].Contains(w, StringComparison.OrdinalIgnoreCase)) ? GoesIn.Aside
            : GoesIn.After;
    }

    private static bool IsUnderPressure(string sentence) =>
        sentence.Any(char.IsAsciiDigit) && UnderPressure.Any(w => sentence.Contains(w, StringComparison.OrdinalIgnoreCase));

    private static readonly string[] UnderPressure = ["pressure", "release", "seal", "vent"];

    // "Everything except the noodles goes in."
    private static bool IsExcept(string sentence, string food)
    {
        var at = sentence.IndexOf("except", StringComparison.OrdinalIgnoreCase);
        at = at < 0 ? sentence.IndexOf("apart from", StringComparison.OrdinalIgnoreCase) : at;
        return at >= 0 && Names(sentence[at..], food);
    }

    // The last word of a name carries it: "frozen peas" are peas.
    private static bool Names(string sentence, string food)
    {
        var head = food.Split(' ')[^1];
        var stem = head.Length > 4 ? head[..^1] : head;
        return sentence.Contains(stem, StringComparison.OrdinalIgnoreCase);
    }
}
