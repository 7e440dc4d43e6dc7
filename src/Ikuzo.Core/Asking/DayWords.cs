using System.Globalization;
using System.Text.RegularExpressions;
using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Asking;

/// <summary>Reads when something happened, in the words in which it is said: "yesterday", "3 days ago", "on Monday".</summary>
public static partial class DayWords
{
    private const int MostDays = 366;

    /// <summary>Takes a day out of a text.</summary>
    /// <param name="text">The text.</param>
    /// <param name="today">The present day.</param>
    /// <returns>The day, today unless said, never after it; the words that said it, null for none; and the text without them.</returns>
    public static (DateOnly Day, string? Words, string Others) Take(string text, DateOnly today)
    {
        foreach (var (pattern, day) in Readings(today))
        {
            if (
                pattern.Match(text) is { Success: true } match
                && day(match) is { } found
                && found <= today
                && found > today.AddDays(-MostDays)
            )
            {
                return (found, match.Value.Trim(), text.Remove(match.Index, match.Length).Insert(match.Index, " "));
            }
        }

        return (today, null, text);
    }

    private static IEnumerable<(Regex Pattern, Func<Match, DateOnly?> Day)> Readings(DateOnly today) =>
        [
            (BeforeYesterday(), _ => today.AddDays(-2)),
            (Yesterday(), _ => today.AddDays(-1)),
            (Today(), _ => today),
            (DaysAgo(), m => today.AddDays(-Number(m.Groups["n"].Value) * (m.Groups["unit"].Value[0] is 'w' or 'W' ? 7 : 1))),
            (IsoDate(), m => Date(m.Groups["y"].Value, m.Groups["m"].Value, m.Groups["d"].Value)),
            (Weekday(), m => Last(today, m.Groups["day"].Value)),
        ];

    private static DateOnly? Date(string year, string month, string day) =>
        DateOnly.TryParseExact($"{year}-{month}-{day}", "yyyy-MM-dd", CultureInfo.InvariantCulture, DateTimeStyles.None, out var date)
            ? date
            : null;

    private static DateOnly Last(DateOnly today, string name)
    {
        var wanted = Enum.GetValues<DayOfWeek>().First(d => d.ToString().StartsWith(name[..3], StringComparison.OrdinalIgnoreCase));
        var back = ((int)today.DayOfWeek - (int)wanted + 7) % 7;
        return today.AddDays(-(back == 0 ? 7 : back));
    }

    // "a day ago" is one.
    private static int Number(string word) =>
        int.TryParse(word, NumberStyles.None, CultureInfo.InvariantCulture, out var number)
            ? number
            : (int)(NumberWords.Of(word.ToLowerInvariant()) ?? 1);

    private const RegexOptions Plain = RegexOptions.IgnoreCase | RegexOptions.CultureInvariant;

    [GeneratedRegex(@"\b(?:the )?day before yesterday\b", Plain)]
    private static partial Regex BeforeYesterday();

    [GeneratedRegex(@"\b(?:from |since )?yesterday(?: evening| night| morning)?\b|\blast night\b", Plain)]
    private static partial Regex Yesterday();

    [GeneratedRegex(@"\b(?:bought |made |from |since )?(?:today|this morning|just now|tonight)\b", Plain)]
    private static partial Regex Today();

    [GeneratedRegex(@"\b(?<n>\d{1,4}|an?|one|two|three|four|five|six) (?<unit>days?|weeks?) ago\b", Plain)]
    private static partial Regex DaysAgo();

    [GeneratedRegex(@"\b(?:on |since |from )?(?<y>20\d\d)-(?<m>\d\d)-(?<d>\d\d)\b", Plain)]
    private static partial Regex IsoDate();

    [GeneratedRegex(@"\b(?:on |since |from |last )?(?<day>monday|tuesday|wednesday|thursday|friday|saturday|sunday)\b", Plain)]
    private static partial Regex Weekday();
}
