using Ikuzo.Core.Companions;
using Ikuzo.Core.Dishes;

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

    /// <summary>An item where the steps put it: what they pour in after pressure is a line, and not there from the start.</summary>
    /// <param name="item">The item as its line says it.</param>
    /// <param name="line">The line.</param>
    /// <param name="steps">The steps in order.</param>
    public static DishItem Placed(DishItem item, string line, IReadOnlyList<string> steps) =>
        item switch
        {
            BesideItem { Food: { } food } beside => beside with { When = When(steps, food) ?? beside.When },
            LineItem { Food: { } food } kept => kept with { When = When(steps, food) ?? kept.When },
            LiquidItem { Food: { } food } liquid when When(steps, food) is { } late => new LineItem(liquid.Key, line.Trim())
            {
                Food = food,
                When = late,
                Ml = liquid.Ml,
            },
            _ => item,
        };

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
        var words = food.Split(' ');
        var head = words is [var of, .., "sauce"] ? of : words[^1]; // "the sauce" is what all of it becomes
        var stem = head.Length > 4 ? head[..^1] : head;
        return sentence.Contains(stem, StringComparison.OrdinalIgnoreCase);
    }
}
