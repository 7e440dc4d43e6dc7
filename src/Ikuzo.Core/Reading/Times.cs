using System.Globalization;
using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Reading;

/// <summary>A time on the clock.</summary>
/// <param name="Minutes">Since midnight, 0 to 1439; in the evening where nobody said.</param>
/// <param name="IsPlain">True for what can be nothing else: "7 pm", "19:00", "half past six", "noon".</param>
internal sealed record ClockTime(int Minutes, bool IsPlain)
{
    /// <summary>As in "19:00".</summary>
    public TimeOnly Time => new(Minutes / 60 % 24, Minutes % 60);
}

/// <summary>A day as it is said: by its distance, its name or its number.</summary>
internal sealed record SaidDay
{
    /// <summary>Days from today.</summary>
    public int? Away { get; init; }

    /// <summary>Its name.</summary>
    public DayOfWeek? Weekday { get; init; }

    /// <summary>True for "last Monday", or "Thursday last".</summary>
    public bool IsLast { get; init; }

    /// <summary>Its number in the month.</summary>
    public int? Day { get; init; }

    /// <summary>Its month.</summary>
    public int? Month { get; init; }

    /// <summary>Its year.</summary>
    public int? Year { get; init; }

    /// <summary>Hour of its part, where one is said: morning, noon, evening.</summary>
    public int? Hour { get; init; }

    // Nobody speaks of days further away; those that are have no date.
    private const int MostDays = 10_000;

    /// <summary>Which day it is.</summary>
    /// <param name="today">The present day.</param>
    /// <param name="ahead">True for what is to come, such as a last day; false for what has happened.</param>
    /// <returns>Null where there is no such day.</returns>
    public DateOnly? On(DateOnly today, bool ahead)
    {
        if (Away is { } days)
        {
            return Math.Abs(days) > MostDays ? null : today.AddDays(days);
        }

        if (Weekday is { } name)
        {
            var back = ((int)today.DayOfWeek - (int)name + 7) % 7;
            return ahead ? today.AddDays((7 - back) % 7) : today.AddDays(-(back == 0 ? 7 : back));
        }

        return ByNumber(today, ahead);
    }

    private DateOnly? ByNumber(DateOnly today, bool ahead)
    {
        DateOnly? Of(int year, int month) =>
            Day is { } day && month is >= 1 and <= 12 && day >= 1 && day <= DateTime.DaysInMonth(year, month)
                ? new DateOnly(year, month, day)
                : null;
        if (Year is { } said)
        {
            return Of(said, Month!.Value);
        }

        if (Month is { } month)
        {
            var near = Of(today.Year, month);
            return ahead && near < today ? Of(today.Year + 1, month)
                : !ahead && near > today ? Of(today.Year - 1, month)
                : near;
        }

        var here = Of(today.Year, today.Month);
        var (next, before) = (today.AddMonths(1), today.AddMonths(-1));
        return ahead && (here is null || here < today) ? Of(next.Year, next.Month)
            : !ahead && (here is null || here > today) ? Of(before.Year, before.Month)
            : here;
    }
}

/// <summary>Reads times on the clock and days.</summary>
internal static class Times
{
    private static readonly string[] Months =
    [
        "january jan",
        "february feb",
        "march mar",
        "april apr",
        "may",
        "june jun",
        "july jul",
        "august aug",
        "september sept sep",
        "october oct",
        "november nov",
        "december dec",
    ];

    private static readonly (DayOfWeek Day, string Names)[] Weekdays =
    [
        (DayOfWeek.Monday, "monday mondays mon"),
        (DayOfWeek.Tuesday, "tuesday tuesdays tues tue"),
        (DayOfWeek.Wednesday, "wednesday wednesdays weds wed"),
        (DayOfWeek.Thursday, "thursday thursdays thurs thur thu"),
        (DayOfWeek.Friday, "friday fridays fri"),
        (DayOfWeek.Saturday, "saturday saturdays sat"),
        (DayOfWeek.Sunday, "sunday sundays sun"),
    ];

    private static readonly Dictionary<string, DayOfWeek> WeekdayOf = Weekdays
        .SelectMany(w => w.Names.Split(' ').Select(n => (n, w.Day)))
        .ToDictionary(w => w.n, w => w.Day);

    private static readonly Dictionary<string, int> MonthOf = Months
        .SelectMany((m, i) => m.Split(' ').Select(n => (n, i + 1)))
        .ToDictionary(m => m.n, m => m.Item2);

    /// <summary>All words of days, which are no slips of others.</summary>
    public static IEnumerable<string> Words => [.. WeekdayOf.Keys, .. MonthOf.Keys];

    /// <summary>Times on the clock from a place on, the longest first.</summary>
    public static IEnumerable<(int End, object Value, double Cost)> Clock(Script script, int at)
    {
        foreach (var (end, minutes, isPlain) in Clocks(script, at).OrderByDescending(c => c.End))
        {
            yield return (end, new ClockTime(minutes, isPlain), 0);
        }
    }

    /// <summary>The same, of what can be nothing else.</summary>
    public static IEnumerable<(int End, object Value, double Cost)> PlainClock(Script script, int at) =>
        Clock(script, at).Where(c => ((ClockTime)c.Value).IsPlain);

    private static IEnumerable<(int End, int Minutes, bool IsPlain)> Clocks(Script script, int at)
    {
        switch (script.Word(at))
        {
            case "noon" or "midday":
                yield return (at + 1, 12 * 60, true);
                yield break;
            case "midnight":
                yield return (at + 1, 0, true);
                yield break;
            case "half" when Hour(script, script.Word(at + 1) is "past" ? at + 2 : at + 1) is var (after, hour) && !IsUnitAt(script, after):
                yield return Half(script, after, hour, 30);
                yield break;
            case "quarter"
                when script.Word(at + 1) is "past" or "after" or "to" or "of" or "till" && Hour(script, at + 2) is var (end, hour):
                yield return Half(script, end, hour, script.Word(at + 1) is "past" or "after" ? 15 : -15);
                yield break;
        }

        if (
            NumberWords.OneAt(script.Tokens, at) is var (past, used)
            && past is >= 1 and < 60
            && script.Word(at + used) is "past" or "to" or "till"
            && Hour(script, at + used + 1) is var (stop, of)
            && !IsUnitAt(script, stop)
        )
        {
            yield return Half(script, stop, of, script.Word(at + used) == "past" ? (int)past : -(int)past);
        }

        if (Hour(script, at) is not var (next, minutes))
        {
            yield break;
        }

        if (HalfOfDay(script, next) is var (length, isMorning))
        {
            yield return (next + length, Twelve(minutes, isMorning), true);
            yield break;
        }

        if (script.Word(next) is "oclock" or "ish" || (script.Word(next) is "o" && script.Word(next + 1) is "clock"))
        {
            var stop2 = next + (script.Word(next) is "o" ? 2 : 1);
            yield return HalfOfDay(script, stop2) is var (more, morning)
                ? (stop2 + more, Twelve(minutes, morning), true)
                : (stop2, Evening(minutes), true);
            yield break;
        }

        if (script.Word(next) is "h" or "hrs" && minutes >= 13 * 60)
        {
            yield return (next + 1, minutes, true);
        }

        if (!IsUnitAt(script, next))
        {
            var typed = script.Word(at)!;
            var isWritten = typed.Contains(':', StringComparison.Ordinal);
            yield return (next, Evening(minutes), isWritten);
        }
    }

    private static (int, int, bool) Half(Script script, int after, int hour, int minutes)
    {
        var end = script.Word(after) is "oclock" ? after + 1 : after;
        return HalfOfDay(script, end) is var (length, isMorning)
            ? (end + length, Day(Twelve(hour, isMorning) + minutes), true)
            : (end, Day(Evening(hour) + minutes), true);
    }

    private static int Day(int minutes) => (minutes + 1440) % 1440;

    private static bool IsUnitAt(Script script, int at) =>
        script.Word(at) is { } word && (QuantityReader.IsUnit(word) || word is "percent" or "x" or "of");

    // An hour with its minutes, "7", "7:30", "7.30", "seven thirty".
    private static (int End, int Minutes)? Hour(Script script, int at)
    {
        if (script.Word(at) is not { } word)
        {
            return null;
        }

        if (word.Split(':', '.') is [var hours, { Length: 2 } rest] && int.TryParse(hours, out var h) && int.TryParse(rest, out var m))
        {
            return h <= 24 && m < 60 ? (at + 1, h * 60 + m) : null;
        }

        if (
            word.Contains('/', StringComparison.Ordinal)
            || script.Tokens[at].Number is not { } number
            || number != Math.Floor(number)
            || number is < 0 or > 24
            || word is "couple" or "pair" or "dozen"
        )
        {
            return null;
        }

        if (
            char.IsLetter(word[0])
            && NumberWords.OneAt(script.Tokens, at) is var (value, used)
            && used == 1
            && value <= 12
            && NumberWords.OneAt(script.Tokens, Math.Min(at + 1, script.Count - 1)) is var (more, length)
            && at + 1 < script.Count
            && more is 15 or 30 or 45 or 10 or 20 or 40 or 50
        )
        {
            return (at + 1 + length, (int)(number * 60 + more));
        }

        return char.IsLetter(word[0]) && number > 12 ? null : (at + 1, (int)number * 60);
    }

    private static (int Length, bool IsMorning)? HalfOfDay(Script script, int at) =>
        (script.Word(at), script.Word(at + 1), script.Word(at + 2)) switch
        {
            ("am", _, _) => (1, true),
            ("pm", _, _) => (1, false),
            ("a", "m", _) => (2, true),
            ("p", "m", _) => (2, false),
            ("in", "the", "morning") => (3, true),
            ("in", "the", "evening" or "afternoon") => (3, false),
            _ => null,
        };

    private static int Twelve(int minutes, bool isMorning) =>
        isMorning ? minutes % 720
        : minutes < 720 ? minutes + 720
        : minutes;

    private static int Evening(int minutes) => minutes is >= 60 and < 720 ? minutes + 720 : minutes % 1440;

    /// <summary>Days from a place on.</summary>
    public static IEnumerable<(int End, object Value, double Cost)> Day(Script script, int at)
    {
        foreach (var (end, day) in Days(script, at))
        {
            yield return (end, day, 0);
            // "Saturday evening", "yesterday morning"
            if (PartOfDay(script.Word(end)) is { } hour)
            {
                yield return (end + 1, day with { Hour = hour }, 0);
            }
        }
    }

    private static int? PartOfDay(string? word) =>
        word switch
        {
            "morning" or "am" => 8,
            "breakfast" => 8,
            "noon" or "midday" or "lunchtime" or "lunch" => 12,
            "afternoon" => 15,
            "evening" or "dinner" or "teatime" => 18,
            "night" => 21,
            _ => null,
        };

    private static IEnumerable<(int End, SaidDay Day)> Days(Script script, int at)
    {
        var (word, next) = (script.Word(at), script.Word(at + 1));
        switch (word)
        {
            case "today":
                yield return (at + 1, new() { Away = 0 });
                yield break;
            case "now" or "tonight":
                yield return (at + 1, new() { Away = 0 });
                yield break;
            case "just" when next is "now":
                yield return (at + 2, new() { Away = 0 });
                yield break;
            case "this" when PartOfDay(next) is { } hour:
                yield return (at + 2, new() { Away = 0, Hour = hour });
                yield break;
            case "yesterday":
                yield return (at + 1, new() { Away = -1 });
                yield break;
            case "tomorrow" or "tomorow" or "tommorow" or "tommorrow":
                yield return (at + 1, new() { Away = 1 });
                yield break;
            case "last" when next is "night" or "evening":
                yield return (at + 2, new() { Away = -1, Hour = 21 });
                yield break;
            case "the" when next is "day" && script.Word(at + 2) is "before" or "after":
                yield return (at + 4, new() { Away = script.Word(at + 2) == "before" ? -2 : 2 });
                yield break;
            case "day" when next is "before" or "after" && script.Word(at + 2) is "yesterday" or "tomorrow":
                yield return (at + 3, new() { Away = next == "before" ? -2 : 2 });
                yield break;
            case "lunch" or "lunchtime" or "breakfast" or "dinner" or "dinnertime":
                yield return (at + 1, new() { Away = 0, Hour = PartOfDay(word == "dinnertime" ? "dinner" : word) });
                yield break;
        }

        foreach (var ago in Ago(script, at))
        {
            yield return ago;
        }

        var named = word is "last" or "this" or "next" or "on" ? at + 1 : at;
        if (script.Word(named) is { } name && WeekdayOf.TryGetValue(name, out var weekday))
        {
            var isLast = word == "last" || script.Word(named + 1) is "last";
            var end = named + (script.Word(named + 1) is "last" ? 2 : 1);
            yield return (end, new() { Weekday = weekday, IsLast = isLast });
            // "Sunday 29th"
            if (NumberedDay(script, end) is var (stop, day))
            {
                yield return (stop, day);
            }

            yield break;
        }

        if (NumberedDay(script, at) is var (last, numbered))
        {
            yield return (last, numbered);
        }
    }

    // "3 days ago", "two weeks ago", "a week ago".
    private static IEnumerable<(int, SaidDay)> Ago(Script script, int at)
    {
        var (number, length) = script.Word(at) is "a" or "an" ? (1.0, 1) : NumberWords.OneAt(script.Tokens, at) ?? (0, 0);
        var unit = script.Word(at + length) switch
        {
            "day" or "days" => 1,
            "week" or "weeks" or "wk" or "wks" => 7,
            "month" or "months" => 30,
            _ => 0,
        };
        if (length > 0 && unit > 0 && script.Word(at + length + 1) is "ago" or "back" && number is >= 0 and < 400)
        {
            yield return (at + length + 2, new() { Away = -(int)(number * unit) });
        }
    }

    private static (int End, SaidDay Day)? NumberedDay(Script script, int at)
    {
        var from = script.Word(at) is "the" ? at + 1 : at;
        if (script.Word(from) is not { } word)
        {
            return null;
        }

        if (DateOnly.TryParseExact(word, "yyyy-MM-dd", CultureInfo.InvariantCulture, DateTimeStyles.None, out var date))
        {
            return (from + 1, Of(date.Day, date.Month, date.Year));
        }

        // "1.5" is a number; "27.11." and "28/11" are days.
        var isWritten =
            word.Contains('/', StringComparison.Ordinal)
            || word.Count(c => c == '.') == 2
            || script.IsMark(from + 1) && from + 1 < script.Count && script.Tokens[from + 1].Text == ".";
        if (
            isWritten
            && word.Split('.', '/') is [var d, var m, .. var more]
            && int.TryParse(d, out var day)
            && int.TryParse(m, out var month)
            && more.Length <= 1
            && month is >= 1 and <= 12
            && day is >= 1 and <= 31
        )
        {
            int? year = more is [var y] && int.TryParse(y, out var typed) ? (typed < 100 ? 2000 + typed : typed) : null;
            return (from + 1, Of(day, month, year));
        }

        if (MonthOf.TryGetValue(word, out var named) && DayNumber(script, from + 1) is var (after, number))
        {
            return (after, Of(number, named, YearAt(script, after)));
        }

        if (DayNumber(script, from) is not var (end, of))
        {
            return null;
        }

        var then = script.Word(end) is "of" ? end + 1 : end;
        if (script.Word(then) is { } name && MonthOf.TryGetValue(name, out var in_))
        {
            return (then + 1, Of(of, in_, YearAt(script, then + 1)));
        }

        // A number alone is a day only with its ending, or an article: "the 12th".
        var isOrdinal = end > from + 1 || Ordinals.ContainsKey(word);
        return isOrdinal ? (end, Of(of, null, null)) : null;
    }

    private static SaidDay Of(int day, int? month, int? year) =>
        new()
        {
            Day = day,
            Month = month,
            Year = year,
        };

    private static int? YearAt(Script script, int at) =>
        script.Word(at) is { Length: 4 } word && int.TryParse(word, out var year) && year is >= 2000 and < 2100 ? year : null;

    private static readonly Dictionary<string, int> Ordinals = new()
    {
        ["first"] = 1,
        ["second"] = 2,
        ["third"] = 3,
        ["fourth"] = 4,
        ["fifth"] = 5,
        ["sixth"] = 6,
        ["seventh"] = 7,
        ["eighth"] = 8,
        ["ninth"] = 9,
        ["tenth"] = 10,
    };

    private static (int End, int Day)? DayNumber(Script script, int at)
    {
        if (script.Word(at) is not { } word)
        {
            return null;
        }

        if (Ordinals.TryGetValue(word, out var said))
        {
            return (at + 1, said);
        }

        if (!int.TryParse(word, NumberStyles.None, CultureInfo.InvariantCulture, out var day) || day is < 1 or > 31)
        {
            return null;
        }

        return at + 1 < script.Count && script.Word(at + 1) is "st" or "nd" or "rd" or "th" && script.Tokens[at + 1].IsGlued
            ? (at + 2, day)
            : (at + 1, day);
    }

    /// <summary>Days that have come, or are said by name; for what lies ahead too.</summary>
    public static bool IsWeekday(string word) => WeekdayOf.ContainsKey(word);
}
