using System.Globalization;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Running.Journal;

namespace Ikuzo.Core.Book;

/// <summary>A finished cook as a line of the book.</summary>
/// <param name="CookedAt">When its lid went on.</param>
/// <param name="Cut">The cut.</param>
/// <param name="Pieces">Number of pieces.</param>
/// <param name="TotalKg">Weight of all pieces, kg.</param>
/// <param name="State">State at lid-on.</param>
/// <param name="Minutes">Minutes under pressure, as they were.</param>
/// <param name="Release">How the pressure was let go; null when it never came to pressure.</param>
/// <param name="LowestCelsius">The lowest last reading, °C; null when nobody measured.</param>
/// <param name="Verdict">What was known about the meat at the end.</param>
/// <param name="NextTime">What to do next time: said, else proposed.</param>
/// <param name="Juicy">How juicy it was, -2 to 2; null when nobody said.</param>
/// <param name="Tender">How tender, -2 to 2; null when nobody said.</param>
/// <param name="Words">Everything that is found by searching.</param>
public sealed record BookEntry(
    DateTimeOffset CookedAt,
    Cut Cut,
    int Pieces,
    double TotalKg,
    MeatState State,
    double Minutes,
    Release? Release,
    double? LowestCelsius,
    CookVerdict Verdict,
    string NextTime,
    int? Juicy,
    int? Tender,
    string Words
)
{
    /// <summary>The line of a cook.</summary>
    /// <param name="name">What the household calls it.</param>
    /// <param name="cook">What was planned.</param>
    /// <param name="journal">Its journal, one entry or more.</param>
    /// <param name="verdict">What was known about the meat at the end.</param>
    public static BookEntry Of(string name, PlannedCook cook, IReadOnlyList<CookEvent> journal, CookVerdict verdict)
    {
        var happened = Happened.Of(cook, journal);
        var load = cook.Request.Load;
        var next = happened.Tasting.NextTime ?? NextTimes.Propose(cook, happened, verdict);
        return new(
            happened.LidOnAt,
            load.Cut,
            load.Pieces,
            load.TotalKg,
            load.State,
            Math.Round(happened.HeldMinutes ?? 0, 1),
            happened.Release,
            happened.LowestCelsius,
            verdict,
            next,
            happened.Tasting.Juicy,
            happened.Tasting.Tender,
            string.Join(' ', Searched(name, cook, journal, happened.LidOnAt, verdict, next))
        );
    }

    private static IEnumerable<string> Searched(
        string name,
        PlannedCook cook,
        IReadOnlyList<CookEvent> journal,
        DateTimeOffset at,
        CookVerdict verdict,
        string next
    ) =>
        [
            name,
            .. cook.Meats.SelectMany(m =>
                new[] { m.Request.Load.Cut.Name, m.Request.Load.Cut.Plural, $"{m.Request.Load.Cut.Species}", $"{m.Request.Load.State}" }
            ),
            .. cook.Request.Companions.Select(c => c.Companion.Name),
            at.ToString("MMMM yyyy dddd", CultureInfo.InvariantCulture),
            verdict switch
            {
                CookVerdict.Done => "done measured",
                CookVerdict.NotMeasured => "not measured unmeasured",
                CookVerdict.Short => "short",
                _ => "",
            },
            .. CookJournal.Standing(journal).Select(e => e.Data.Text).OfType<string>().Where(t => t != BackDated.NotSeen),
            next,
        ];
}

/// <summary>What Ikuzo would do next time, in one sentence, from what happened.</summary>
public static class NextTimes
{
    private const double SlowKelvin = 12; // beyond the temperature of the rule the middle was done long ago. Choice

    /// <summary>Proposes it.</summary>
    /// <param name="cook">What was planned.</param>
    /// <param name="happened">What happened.</param>
    /// <param name="verdict">What was known about the meat at the end.</param>
    public static string Propose(PlannedCook cook, Happened happened, CookVerdict verdict)
    {
        string Say(FormattableString text) => text.ToString(CultureInfo.InvariantCulture);
        var tasted = happened.Tasting;
        return happened switch
        {
            { IsGivenUp: true } => "It was given up: begin with what went wrong.",
            { Returns: > 0 } => "It had to go back: measure the thickest piece, or give it a few minutes more.",
            { LowestCelsius: { } hot } when tasted.Juicy <= -1 && hot > Safety.SafetyRule.CoreCelsius + SlowKelvin =>
                "It was far hotter than it had to be, and dry: fewer minutes, and measure.",
            _ when tasted.Juicy <= -1 => "It was dry: let the pressure go more slowly.",
            _ when tasted.Tender <= -1 && cook.Request.WantedAim == Aim.Slice => "It was tough: fewer minutes, it toughens as it dries.",
            _ when tasted.Tender <= -1 => "It was tougher than wanted: a few minutes more.",
            _ when tasted.Tender >= 1 => "It was softer than wanted: fewer minutes.",
            _ when verdict != CookVerdict.Done && happened.LowestCelsius is null => "Nobody measured: read the thermometer next time.",
            { Stood: true } => "It had to stand covered: a minute or two more saves the second reading.",
            { ComeUpMinutes: { } up } when up > cook.ToPressureMinutes.P95 + 1 => Say(
                $"It took {up:0} min to come to pressure: begin earlier."
            ),
            _ => "Do the same again.",
        };
    }
}
