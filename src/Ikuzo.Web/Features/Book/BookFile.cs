using Ikuzo.Core.Running.Journal;
using Ikuzo.Web.Features.Cooks;

namespace Ikuzo.Web.Features.Book;

/// <summary>A cook in a file.</summary>
/// <param name="Id">Its name where it was written.</param>
/// <param name="Name">What the household calls it.</param>
/// <param name="CreatedAt">When it was begun.</param>
/// <param name="Verdict">What was known about the meat at the end.</param>
/// <param name="Planned">What it set out to do.</param>
/// <param name="Journal">What happened.</param>
public sealed record FiledCook(
    string? Id,
    string? Name,
    DateTimeOffset CreatedAt,
    CookVerdict Verdict,
    PlannedBody? Planned,
    IReadOnlyList<FiledEvent>? Journal
);

/// <summary>An entry in a file.</summary>
/// <param name="ClientId">Its name.</param>
/// <param name="Kind">What happened.</param>
/// <param name="At">When.</param>
/// <param name="Data">What belongs to it.</param>
public sealed record FiledEvent(string? ClientId, CookEventKind Kind, DateTimeOffset At, CookEventData? Data);

/// <summary>The whole book.</summary>
/// <param name="Format">"ikuzo-book".</param>
/// <param name="Version">1.</param>
/// <param name="Cooks">Every cook.</param>
public sealed record BookFile(string? Format, int Version, IReadOnlyList<FiledCook>? Cooks)
{
    /// <summary>Value of <see cref="Format"/>.</summary>
    public const string FormatName = "ikuzo-book";

    /// <summary>Largest file that is taken, bytes.</summary>
    public const int MostBytes = 8 * 1024 * 1024;

    /// <summary>Most cooks of a file.</summary>
    public const int MostCooks = 5000;

    internal const int MostEntries = CookJournal.MostEntries;
}

/// <summary>A column of a table that was kept elsewhere.</summary>
/// <param name="Name">As the table calls it.</param>
/// <param name="ReadAs">What it is read as; null for nothing.</param>
/// <param name="Examples">What its first rows say.</param>
public sealed record TableColumn(string Name, string? ReadAs, IReadOnlyList<string> Examples);

/// <summary>A table before it is taken in.</summary>
/// <param name="Columns">Its columns, in order.</param>
/// <param name="Fields">What a column may be read as.</param>
/// <param name="Rows">Rows that can be taken, read like this.</param>
/// <param name="Refused">Rows that cannot, and why; at most 100 lines.</param>
public sealed record TableLook(IReadOnlyList<TableColumn> Columns, IReadOnlyList<string> Fields, int Rows, IReadOnlyList<string> Refused);

/// <summary>What came of taking a file in.</summary>
/// <param name="Taken">Cooks that are new.</param>
/// <param name="Known">Cooks that were there already.</param>
/// <param name="Refused">What could not be taken, and why; at most 100 lines.</param>
/// <param name="Columns">Columns of a table that were read, and as what; those that mean nothing here are not.</param>
public sealed record BookImported(int Taken, int Known, IReadOnlyList<string> Refused, IReadOnlyDictionary<string, string> Columns);

/// <summary>A <see cref="BookFile"/> that is written out cook by cook, however many there are.</summary>
/// <param name="Format"><see cref="BookFile.FormatName"/>.</param>
/// <param name="Version">1.</param>
/// <param name="Cooks">Every cook.</param>
internal sealed record WrittenBook(string Format, int Version, IAsyncEnumerable<FiledCook> Cooks);
