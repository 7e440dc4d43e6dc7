using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Reading;

/// <summary>Reads what a cook types at the Counter: "6 frozen thighs 3 lb", "duck legs x4 800g, dinner at half six".</summary>
public static class CounterText
{
    /// <summary>Longest text that is read, characters.</summary>
    public const int MostCharacters = 300;

    // A reading that costs so little more may be meant as well. Choice.
    private const double Near = 0.35;

    private const int MostReadings = 24;

    /// <summary>Reads a text. Nothing is dropped, and what could be read otherwise is asked about.</summary>
    /// <param name="text">What was typed.</param>
    /// <param name="units">Units of numbers that have none.</param>
    /// <param name="today">The present day of the household.</param>
    /// <param name="settled">What the cook answered to earlier doubts about the same text.</param>
    public static Question Read(
        string text,
        UnitSystem units = UnitSystem.Metric,
        DateOnly today = default,
        IReadOnlyList<Settled>? settled = null
    )
    {
        var answers = settled ?? [];
        today = today == default ? new DateOnly(2000, 1, 1) : today; // nobody asks for a day
        var script = new Script(text, word => answers.Any(a => a.Text == word && a.Reading == Doubts.LeftOut));
        var readings = new Reader(script)
            .Read(MostReadings)
            .Select(c => new Interpretation(script, c, units, today, answers))
            .OrderBy(r => r.Cost)
            .ToList();
        if (readings.Count == 0)
        {
            return new Interpretation(script, new(null, null, 0, default), units, today, answers).Question;
        }

        var best = readings.FirstOrDefault(r => r.Keeps(answers)) ?? readings[0];
        var other = readings.FirstOrDefault(r =>
            r.Cost <= best.Cost + Near
            && r != best
            && r.Meaning != best.Meaning
            && r.Differs(best) is { } d
            && !answers.Any(a => a.Text == d.Text)
        );
        var question = best.Question;
        if (Language.IsForeign(script))
        {
            question = question with { Meat = null, Also = [], Doubts = [], Problem = Language.OnlyEnglish };
        }
        else if (other is not null && question.Problem is null && question.Doubts.Count == 0)
        {
            question = question with { Doubts = [other.Differs(best)!] };
        }

        return question;
    }
}

/// <summary>One way to read a text, taken to its end.</summary>
internal sealed class Interpretation
{
    private readonly Script _script;
    private readonly IReadOnlyList<Stretch> _stretches;
    private readonly Course _course;

    public Interpretation(Script script, Course course, UnitSystem units, DateOnly today, IReadOnlyList<Settled> settled)
    {
        _script = script;
        _course = course;
        Cost = course.Cost;
        Heard = new Heard(new Doubts(settled)).Take(course);

        Heard.MayBeOfWhatHappened();
        Heard.MayBeOtherHeat(PassedOver.Heat(Heard, script) is not null);

        if (PassedOver.WarmPlace(Heard, script) is { } place)
        {
            Heard.MayHaveStood(place);
        }

        Heard.MayBeFrozen();
        if (PassedOver.SaysNotThawed(script))
        {
            Heard.MayNotBeThawed();
        }

        _stretches = [.. Heard.Stretches.OrderBy(s => s.From)];
        Question = new Resolving(Heard, units, today).Question() with { Spans = Spans() };
        var state = Question.State is Loads.MeatState.Frozen or Loads.MeatState.Room ? Question.State : null;
        Meaning = string.Create(
            System.Globalization.CultureInfo.InvariantCulture,
            $"{Key(Question.Meat)}|{string.Join('+', Question.Also.Select(Key))}|{Question.Minutes}|{state}|{Question.Release}|"
                + $"{Question.EatAt}|{Question.StoodMinutes}|{Question.Problem}|{Question.Arrangement == Loads.Arrangement.Lump}"
        );
        Cost +=
            Question.Doubts.Count * 0.4
            + (
                Heard.AllMeats.Count == 0
                && Heard.NotComputed.Count == 0
                && Heard.Others.Count == 0
                && Question.GoTo is null
                && Heard.Declined is null
                    ? 1.5
                    : 0
            )
            + OfLoose();
    }

    // Weights that found their noun late are looked at late.
    private double OfLoose() =>
        Heard.LooseKg.Count + Heard.LooseNumbers.Count == 0 || Question.Meat is not { } meat
            ? 0
            : new[] { meat }.Concat(Question.Also).Max(m => Plausibility.Distance(m.Cut, m.TotalKg / m.Pieces));

    private static string Key(AskedMeat? meat) => FormattableString.Invariant($"{meat?.Cut.Id} {meat?.Pieces} {meat?.TotalKg:0.###}");

    /// <summary>What was heard.</summary>
    public Heard Heard { get; }

    /// <summary>What it means.</summary>
    public Question Question { get; }

    /// <summary>What of it changes minutes or safety, to compare.</summary>
    public string Meaning { get; }

    /// <summary>What it costs.</summary>
    public double Cost { get; }

    /// <summary>True where it reads what was settled as it was settled.</summary>
    public bool Keeps(IReadOnlyList<Settled> settled) =>
        settled.All(s =>
            !IsOfReading(s) || _stretches.Any(t => Typed(t) == s.Text && (Label(t) == s.Reading || LabelOfOwner(t) == s.Reading))
        );

    private static bool IsOfReading(Settled settled) => settled.Reading.StartsWith(Prefix, StringComparison.Ordinal);

    private const string Prefix = "as ";

    /// <summary>The first stretch that another reading takes otherwise, as a question; null where no stretch tells them apart.</summary>
    public Doubt? Differs(Interpretation other)
    {
        foreach (var mine in _stretches)
        {
            var theirs = other._stretches.FirstOrDefault(t => t.From == mine.From && t.End == mine.End);
            if (
                theirs != default
                && theirs.About is not (About.Describing or About.Ordinary)
                && mine.About is not (About.Describing or About.Ordinary)
                && theirs.As.Length > 0
                && mine.As.Length > 0
                && (theirs.As != mine.As || IsOfOther(mine, other))
            )
            {
                return IsOfOther(mine, other)
                    ? new(Typed(mine), other.LabelOfOwner(theirs), [LabelOfOwner(mine)])
                    : new(Typed(mine), Label(theirs), [Label(mine)]);
            }
        }

        return null;
    }

    private string Typed(Stretch stretch) => _script.Typed(stretch.From, stretch.End).ToLowerInvariant();

    private static string Label(Stretch stretch) => $"{Prefix}{stretch.As}";

    private string LabelOfOwner(Stretch stretch) =>
        OwnerOf(stretch) is var (from, end) ? $"{Label(stretch)} of the {_script.Typed(from, end).ToLowerInvariant()}" : Label(stretch);

    // The nouns of which an amount is.
    private (int From, int End)? OwnerOf(Stretch amount) =>
        amount.About == About.Amount
        && _course
            .Phrases.Select(p => p.Item)
            .OfType<Item>()
            .FirstOrDefault(i => i.Nouns.Count > 0 && i.From <= amount.From && amount.End <= i.End)
            is { } item
            ? (item.Nouns[0].From, item.Nouns[^1].End)
            : null;

    // An amount of one thing here, of another there.
    private bool IsOfOther(Stretch amount, Interpretation other) =>
        OwnerOf(amount) is var (from, end) && other.OwnerOf(amount) is var (theirFrom, theirEnd) && (end <= theirFrom || theirEnd <= from);

    private List<TextSpan> Spans()
    {
        List<TextSpan> spans = [];
        var at = 0;
        foreach (var stretch in _stretches)
        {
            if (stretch.From < at || stretch.End <= stretch.From)
            {
                continue;
            }

            spans.Add(new(_script.Tokens[stretch.From].From, _script.Tokens[stretch.End - 1].End, Kind(stretch), stretch.As));
            at = stretch.End;
        }

        return spans;
    }

    private static string Kind(Stretch stretch) => stretch.About.ToString().ToLowerInvariant();
}

/// <summary>Tells English from other languages.</summary>
internal static class Language
{
    /// <summary>What is said of a text in another language.</summary>
    public const string OnlyEnglish = "Only English is read here. Try: 6 frozen thighs 1.3 kg.";

    // Words of neighbours' kitchens that look like English to a list of frequencies.
    private static readonly HashSet<string> Foreign = PlainWords.Of("foreign");

    private const int LeastForeign = 2;

    /// <summary>True for a text in another language.</summary>
    public static bool IsForeign(Script script)
    {
        var words = script.Words.OfType<string>().Where(w => w.Length > 1 && char.IsLetter(w[0])).ToList();
        var foreign = words.Count(w =>
            Foreign.Contains(w) && !(w is "con" or "os" or "dos" or "lar" or "sin" or "sans" or "ente" or "kip" or "kana")
            || (Foreign.Contains(w) && words.Count(Foreign.Contains) >= LeastForeign)
        );
        return foreign >= 1 && foreign * 3 >= words.Count;
    }
}
