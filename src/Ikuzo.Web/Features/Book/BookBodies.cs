using Ikuzo.Core.Book;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Quantities;
using Ikuzo.Core.Running.Journal;
using Ikuzo.Web.Errors;
using Ikuzo.Web.Features.Cooks;
using Ikuzo.Web.Features.Plans;

namespace Ikuzo.Web.Features.Book;

/// <summary>A cook in the list of the book.</summary>
public sealed record BookItem
{
    /// <summary>The cook.</summary>
    public required string Id { get; init; }

    /// <summary>What the household calls it.</summary>
    public required string Name { get; init; }

    /// <summary>When its lid went on.</summary>
    public required DateTimeOffset CookedAt { get; init; }

    /// <summary>Id of the cut.</summary>
    public required string Cut { get; init; }

    /// <summary>The cut in words.</summary>
    public required string CutName { get; init; }

    /// <summary>Number of pieces.</summary>
    public required int Pieces { get; init; }

    /// <summary>Weight of all pieces, kg.</summary>
    public required double TotalKg { get; init; }

    /// <summary>State at lid-on.</summary>
    public required MeatState State { get; init; }

    /// <summary>Minutes under pressure, as they were.</summary>
    public required double Minutes { get; init; }

    /// <summary>How the pressure was let go; null when it never came to pressure.</summary>
    public required Release? Release { get; init; }

    /// <summary>The lowest last reading, °C; null when nobody measured.</summary>
    public required double? LowestCelsius { get; init; }

    /// <summary>True when a thermometer was read.</summary>
    public required bool Measured { get; init; }

    /// <summary>What was known about the meat at the end.</summary>
    public required CookVerdict Verdict { get; init; }

    /// <summary>What to do next time.</summary>
    public required string NextTime { get; init; }

    /// <summary>How juicy it was, -2 to 2; null when nobody said.</summary>
    public required int? Juicy { get; init; }

    /// <summary>How tender, -2 to 2; null when nobody said.</summary>
    public required int? Tender { get; init; }

    /// <summary>True when nothing is learned from it.</summary>
    public required bool LeftOut { get; init; }
}

/// <summary>Some cooks of the book.</summary>
/// <param name="Items">The newest first.</param>
/// <param name="Total">How many there are in all.</param>
public sealed record BookList(IReadOnlyList<BookItem> Items, int Total);

/// <summary>Something planned beside what happened.</summary>
/// <param name="What">What.</param>
/// <param name="Unit">Unit of the numbers.</param>
/// <param name="Planned">What was expected; null for nothing.</param>
/// <param name="Happened">What happened; null where nobody saw it.</param>
public sealed record Beside(string What, string Unit, Spread90? Planned, double? Happened);

/// <summary>A cook's page.</summary>
public sealed record BookPage
{
    /// <summary>Its line in the list.</summary>
    public required BookItem Item { get; init; }

    /// <summary>How it was judged.</summary>
    public required Tasting Tasting { get; init; }

    /// <summary>What Ikuzo would do next time.</summary>
    public required string Proposed { get; init; }

    /// <summary>Planned beside happened.</summary>
    public required IReadOnlyList<Beside> Beside { get; init; }

    /// <summary>What is unlike the household's other cooks, as questions.</summary>
    public required IReadOnlyList<string> Odd { get; init; }

    /// <summary>How often it was cooked on.</summary>
    public required int Returns { get; init; }

    /// <summary>What was cooked, to do it again with what was learned since.</summary>
    public required PreviewBody Again { get; init; }
}

/// <summary>A tasting.</summary>
public sealed record TastingBody : TastedBody
{
    /// <summary>Name that the client gives it; the same again changes nothing.</summary>
    [Longest(60)]
    [PlainText]
    public string? ClientId { get; init; }
}

/// <summary>A cook that nobody followed, in one line: "yesterday, 8 drumsticks, 12 min, vented, 85 °C".</summary>
/// <param name="Text">The line.</param>
/// <param name="TimeZone">Time zone of its words, as in "Europe/Vienna"; UTC unless given.</param>
public sealed record WriteInBody(
    [property: Needed, Longest(Core.Reading.CounterText.MostCharacters), PlainText] string? Text,
    [property: Longest(60), Zone] string? TimeZone = null
);

/// <summary>A cook to leave out, or to take in again.</summary>
/// <param name="CookId">The cook.</param>
public sealed record CookIdBody([property: Needed, Longest(60)] string? CookId);

/// <summary>What to forget: of a pot or of a cut. The word null in the place of it is everything.</summary>
/// <param name="PotId">All that was learned of a pot.</param>
/// <param name="Cut">All that was learned of a cut.</param>
public sealed record ForgetBody([property: Longest(60)] string? PotId, [property: Longest(60), CutId] string? Cut);

/// <summary>Something that was forgotten, to be taken back for a month.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">What it was about, in kitchen words.</param>
/// <param name="PotId">The pot; null for none.</param>
/// <param name="Cut">The cut; null for none, and with no pot for everything.</param>
/// <param name="At">When.</param>
public sealed record ForgottenView(long Id, string Name, string? PotId, string? Cut, DateTimeOffset At);

/// <summary>What is no longer to be forgotten.</summary>
/// <param name="Id">Its id.</param>
public sealed record RememberBody([property: Needed, Limits(1, 1_000_000_000)] long? Id);

/// <summary>What was learned of a pot.</summary>
public sealed record LearnedPot(string PotId, string Name, int Cooks, IReadOnlyList<LearnedThing> Parameters);

/// <summary>What was learned of a cut.</summary>
public sealed record LearnedCut(string Cut, string Name, int Cooks, IReadOnlyList<LearnedThing> Parameters);

/// <summary>A cook that is asked about.</summary>
public sealed record OddView(string CookId, string Name, DateTimeOffset CookedAt, string Question, bool LeftOut);

/// <summary>What the household has learned.</summary>
/// <param name="Pots">By pot.</param>
/// <param name="Cuts">By cut.</param>
/// <param name="Taste">How it is liked here; null where nobody can tell yet.</param>
/// <param name="Odd">Cooks that are unlike the others.</param>
/// <param name="Forgotten">What was forgotten in the last month, the newest first.</param>
/// <param name="StillToRead">Cooks that were brought in and are still to be learned from.</param>
public sealed record LearnedView(
    IReadOnlyList<LearnedPot> Pots,
    IReadOnlyList<LearnedCut> Cuts,
    string? Taste,
    IReadOnlyList<OddView> Odd,
    IReadOnlyList<ForgottenView> Forgotten,
    int StillToRead
);

/// <summary>A reading against what was expected.</summary>
/// <param name="CookId">The cook.</param>
/// <param name="Cut">Its cut.</param>
/// <param name="Seen">Reading, less what readings are usually too hot, °C.</param>
/// <param name="P01">1st percentile of what was foretold with all that was learned before it, °C.</param>
/// <param name="P50">The middle.</param>
/// <param name="P99">99th percentile.</param>
/// <param name="Inside">True within the band.</param>
public sealed record CalibrationPoint(string CookId, string Cut, double Seen, double P01, double P50, double P99, bool Inside);

/// <summary>How well what is foretold agrees with the household's thermometer.</summary>
/// <param name="Readings">How many readings.</param>
/// <param name="Inside">How many fell inside the band of 98 of 100.</param>
/// <param name="MeanOffKelvin">By how much readings are hotter than foretold, K on average.</param>
/// <param name="Text">What that means.</param>
/// <param name="Points">Each.</param>
public sealed record Calibration(int Readings, int Inside, double MeanOffKelvin, string Text, IReadOnlyList<CalibrationPoint> Points);
