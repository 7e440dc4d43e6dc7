namespace Ikuzo.Core.Reading;

/// <summary>Words that nothing came of and that may not be passed over in silence.</summary>
internal static class PassedOver
{
    // "in the car", "on a worktop": a place, and no word by itself.
    private static readonly HashSet<string> BeforePlaces =
    [
        "the",
        "a",
        "my",
        "our",
        "kitchen",
        "in",
        "on",
        "at",
        "hot",
        "warm",
        "was",
        "were",
    ];

    private static readonly HashSet<string> Heats = PlainWords.Of("heat");
    private static readonly HashSet<string> WarmPlaces = PlainWords.Of("warm");

    /// <summary>Heat that is not this pot's under pressure: a time beside it may be its own. Null where none was named.</summary>
    public static string? Heat(Heard heard, Script script) => First(heard, script, Heats, _ => true);

    /// <summary>A place that is not cold: the meat may have stood there. Null where none was named.</summary>
    public static string? WarmPlace(Heard heard, Script script) =>
        First(heard, script, WarmPlaces, at => script.Word(at - 1) is { } before && BeforePlaces.Contains(before));

    /// <summary>True where thawing was named behind a "not": whatever else was read, the meat may be frozen.</summary>
    public static bool SaysNotThawed(Script script) =>
        Enumerable
            .Range(0, script.Count)
            .Where(at => script.Word(at) is { } word && Thawing.Contains(word))
            .Any(at =>
                Enumerable
                    .Range(1, Near)
                    .Select(back => at - back)
                    .TakeWhile(i => !script.IsMark(i))
                    .Any(i => Grammar.IsNot(script.Word(i)!) || NotDone.Contains(script.Word(i)!))
            );

    private const int Near = 5; // words

    private static readonly HashSet<string> Thawing = PlainWords.Of("thawing");
    private static readonly HashSet<string> NotDone = PlainWords.Of("not-done");

    private static string? First(Heard heard, Script script, HashSet<string> words, Func<int, bool> stands) =>
        heard
            .Stretches.Where(s => s.About is About.Ordinary or About.Describing or About.Unknown)
            .SelectMany(s => Enumerable.Range(s.From, s.End - s.From))
            .Where(stands)
            .Select(script.Word)
            .FirstOrDefault(word => word is not null && words.Contains(word));
}
