using System.Globalization;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Quantities;
using Ikuzo.Core.Running.Journal;
using Ikuzo.Core.Safety;

namespace Ikuzo.Core.Book;

/// <summary>A cook that nobody followed and that is over, as somebody remembers it.</summary>
public static class WrittenIn
{
    private const double UsualComeUpMinutes = 12;

    /// <summary>From lid-on to pressure where nobody computed it, min: nobody saw it, and nothing is learned from it. Estimate.</summary>
    public static Spread90 ComeUpMinutes => new(UsualComeUpMinutes, UsualComeUpMinutes, UsualComeUpMinutes);

    /// <summary>The same of a release.</summary>
    /// <param name="release">The release.</param>
    public static Spread90 ReleaseMinutes(Release release) => new(release.UsualMinutes, release.UsualMinutes, release.UsualMinutes);

    /// <summary>A release in words that are read again as the same.</summary>
    /// <param name="release">The release.</param>
    public static string Words(Release release) =>
        release.Kind switch
        {
            ReleaseKind.Natural => "natural release",
            ReleaseKind.RestThenVent => string.Create(CultureInfo.InvariantCulture, $"{release.RestMinutes:0.#} min rest then vent"),
            ReleaseKind.Pulsed => "in bursts",
            _ => "vent at once",
        };

    /// <summary>Its journal: from its opening back as expected, what the thermometer said, served.</summary>
    /// <param name="cook">What was cooked.</param>
    /// <param name="openedAt">When the lid came off.</param>
    /// <param name="celsius">What the thermometer said, °C; null for nothing.</param>
    /// <param name="note">What to do next time; null for nothing.</param>
    public static IReadOnlyList<CookEvent> Journal(PlannedCook cook, DateTimeOffset openedAt, double? celsius, string? note)
    {
        List<CookEvent> journal = [.. BackDated.Journal(cook, openedAt)];
        void Add(CookEventKind kind, double minutes, CookEventData data) =>
            journal.Add(new($"{journal.Count}", kind, openedAt.AddMinutes(minutes), data));
        if (celsius is { } read)
        {
            Add(CookEventKind.Reading, 1, new() { Spot = cook.Spots[0].Id, Celsius = read });
        }

        Add(CookEventKind.NotMeasured, 2, CookEventData.None);
        Add(CookEventKind.Finished, 5, CookEventData.None);
        if (note is not null)
        {
            Add(CookEventKind.Tasted, 6, new() { NextTime = note });
        }

        return journal;
    }

    /// <summary>What is known of its meat. One reading that somebody remembers proves nothing about the other spots.</summary>
    /// <param name="celsius">What the thermometer said, °C; null for nothing.</param>
    public static CookVerdict Verdict(double? celsius) =>
        celsius is null ? CookVerdict.NotMeasured
        : SafetyRule.IsReached(celsius.Value) ? CookVerdict.MeasureMore
        : CookVerdict.Short;
}
