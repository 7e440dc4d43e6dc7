using System.Text.Json;
using Dapper;
using Ikuzo.Core.Book;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Running.Journal;
using Ikuzo.Web.Data;
using Microsoft.AspNetCore.Http.Json;
using Microsoft.Extensions.Options;

namespace Ikuzo.Web.Features.Book;

/// <summary>Which cooks are wanted.</summary>
/// <param name="Query">Words, each of which must begin one of the cook's; null for all.</param>
/// <param name="Cut">Id of the cut; null for all.</param>
/// <param name="From">Cooked at this moment or later.</param>
/// <param name="To">Cooked before this moment.</param>
/// <param name="Page">Page, from 1.</param>
/// <param name="PageSize">Cooks of a page.</param>
public sealed record BookQuery(string? Query, string? Cut, DateTimeOffset? From, DateTimeOffset? To, int Page, int PageSize);

/// <summary>Keeps lines and lessons of the book, which may be read anew from journals, and what was left out and forgotten.</summary>
public sealed class BookStore(Database database, TimeProvider clock, IOptions<JsonOptions> json)
{
    private const string Columns = """
        b.cook_id AS Id, b.name AS Name, b.cooked_at AS CookedAt, b.cut AS Cut, b.pieces AS Pieces, b.total_kg AS TotalKg, b.state AS State,
        b.minutes AS Minutes, b.release_kind AS ReleaseKind, b.rest_minutes AS RestMinutes, b.lowest_celsius AS LowestCelsius,
        b.verdict AS Verdict, b.next_time AS NextTime, b.juicy AS Juicy, b.tender AS Tender, b.left_out AS LeftOut
        """;

    private readonly JsonSerializerOptions _json = json.Value.SerializerOptions;

    private string Now => StoredMoment.Text(clock.GetUtcNow());

    /// <summary>Ended cooks whose line is not written yet.</summary>
    public async Task<IReadOnlyList<string>> ToWriteAsync(CancellationToken cancellation)
    {
        await using var db = await database.OpenAsync(cancellation);
        return [.. await db.QueryAsync<string>("SELECT id FROM cooks WHERE to_book = 1 AND ended = 1 AND simulated = 0 LIMIT 500")];
    }

    /// <summary>
    /// Writes the line of a cook, and drops its lesson, which is to be read anew. Where the journal went on since the line was read, it
    /// stays to be written.
    /// </summary>
    /// <param name="cookId">The cook.</param>
    /// <param name="name">What it is called.</param>
    /// <param name="entry">Its line.</param>
    /// <param name="last">Id of the last entry that the line was read from; 0 for none.</param>
    /// <param name="cancellation">Stops it.</param>
    public async Task WriteAsync(string cookId, string name, BookEntry entry, long last, CancellationToken cancellation)
    {
        await using var db = await database.OpenAsync(cancellation);
        await using var transaction = await db.BeginTransactionAsync(cancellation);
        await db.ExecuteAsync(
            """
            INSERT INTO book (cook_id, name, cooked_at, cut, pieces, total_kg, state, minutes, release_kind, rest_minutes, lowest_celsius,
              verdict, next_time, juicy, tender, words, hidden, left_out)
            SELECT id, @name, @CookedAt, @Cut, @Pieces, @TotalKg, @State, @Minutes, @ReleaseKind, @RestMinutes, @LowestCelsius,
              @Verdict, @NextTime, @Juicy, @Tender, @Words, removed_at IS NOT NULL, left_out
            FROM cooks WHERE id = @cookId
            ON CONFLICT (cook_id) DO UPDATE SET name = @name, cooked_at = @CookedAt, minutes = @Minutes, release_kind = @ReleaseKind,
              rest_minutes = @RestMinutes, lowest_celsius = @LowestCelsius, verdict = @Verdict, next_time = @NextTime, juicy = @Juicy,
              tender = @Tender, words = @Words;
            DELETE FROM lessons WHERE cook_id = @cookId;
            UPDATE cooks SET to_book = @last <> (SELECT ifnull(max(id), 0) FROM cook_events WHERE cook_id = @cookId) WHERE id = @cookId;
            """,
            new
            {
                cookId,
                name,
                last,
                CookedAt = StoredMoment.Text(entry.CookedAt),
                Cut = entry.Cut.Id,
                entry.Pieces,
                entry.TotalKg,
                State = entry.State.ToString(),
                entry.Minutes,
                ReleaseKind = entry.Release?.Kind.ToString(),
                entry.Release?.RestMinutes,
                entry.LowestCelsius,
                Verdict = entry.Verdict.ToString(),
                entry.NextTime,
                entry.Juicy,
                entry.Tender,
                entry.Words,
            },
            transaction
        );
        await transaction.CommitAsync(cancellation);
    }

    /// <summary>Cooks of the book, the newest first.</summary>
    public async Task<BookList> ListAsync(BookQuery query, CancellationToken cancellation)
    {
        var parameters = new
        {
            Words = Words(query.Query),
            query.Cut,
            From = query.From is { } from ? StoredMoment.Text(from) : null,
            To = query.To is { } to ? StoredMoment.Text(to) : null,
            new Page(query.Page, query.PageSize).Skip,
            query.PageSize,
        };
        string?[] conditions =
        [
            "b.hidden = 0",
            parameters.Words is null ? null : "b.id IN (SELECT rowid FROM book_words WHERE book_words MATCH @Words)",
            query.Cut is null ? null : "b.cut = @Cut",
            query.From is null ? null : "b.cooked_at >= @From",
            query.To is null ? null : "b.cooked_at < @To",
        ];
        var where = $"FROM book b WHERE {string.Join(" AND ", conditions.OfType<string>())}";
        await using var db = await database.OpenAsync(cancellation);
        var total = await db.ExecuteScalarAsync<long>($"SELECT count(*) {where}", parameters);
        var rows = await db.QueryAsync<Row>(
            $"SELECT {Columns} {where} ORDER BY b.cooked_at DESC, b.id DESC LIMIT @PageSize OFFSET @Skip",
            parameters
        );
        return new([.. rows.Select(ToItem)], (int)total);
    }

    /// <summary>The line of one cook; null when it is not in the book.</summary>
    public async Task<BookItem?> FindAsync(string cookId, CancellationToken cancellation)
    {
        await using var db = await database.OpenAsync(cancellation);
        var row = await db.QuerySingleOrDefaultAsync<Row>(
            $"SELECT {Columns} FROM book b WHERE b.cook_id = @cookId AND b.hidden = 0",
            new { cookId }
        );
        return row is null ? null : ToItem(row);
    }

    /// <summary>Ids of all cooks of the book in the order of cooking.</summary>
    public async Task<IReadOnlyList<string>> IdsAsync(CancellationToken cancellation)
    {
        await using var db = await database.OpenAsync(cancellation);
        return [.. await db.QueryAsync<string>("SELECT cook_id FROM book WHERE hidden = 0 ORDER BY cooked_at, id")];
    }

    /// <summary>Removes a cook so that it can be brought back, or brings it back; false when it is not in the book.</summary>
    public Task<bool> RemoveAsync(string cookId, bool back, CancellationToken cancellation) =>
        MarkAsync("removed_at = @value", "hidden = @value IS NOT NULL", cookId, back ? null : Now, cancellation);

    /// <summary>Learns nothing from a cook, or learns from it again; false when it is not in the book.</summary>
    public Task<bool> LeaveOutAsync(string cookId, bool leaveOut, CancellationToken cancellation) =>
        MarkAsync("left_out = @value", "left_out = @value", cookId, leaveOut ? 1 : 0, cancellation);

    private async Task<bool> MarkAsync(string ofCook, string ofLine, string cookId, object? value, CancellationToken cancellation)
    {
        await using var db = await database.OpenAsync(cancellation);
        await using var transaction = await db.BeginTransactionAsync(cancellation);
        var rows = await db.ExecuteAsync($"UPDATE cooks SET {ofCook} WHERE id = @cookId AND ended = 1", new { cookId, value }, transaction);
        await db.ExecuteAsync($"UPDATE book SET {ofLine} WHERE cook_id = @cookId", new { cookId, value }, transaction);
        await transaction.CommitAsync(cancellation);
        return rows == 1;
    }

    /// <summary>Forgets what was learned until now of a pot or a cut, or of everything.</summary>
    public async Task ForgetAsync(string? potId, string? cut, CancellationToken cancellation)
    {
        await using var db = await database.OpenAsync(cancellation);
        await db.ExecuteAsync(
            "INSERT INTO forgotten (pot_id, cut, at) VALUES (@potId, @cut, @Now)",
            new
            {
                potId,
                cut,
                Now,
            }
        );
    }

    /// <summary>What was forgotten in the last month, the newest first.</summary>
    public async Task<IReadOnlyList<(long Id, string? PotId, string? Cut, DateTimeOffset At)>> ForgottenAsync(
        CancellationToken cancellation
    )
    {
        await using var db = await database.OpenAsync(cancellation);
        return
        [
            .. (
                await db.QueryAsync<(long Id, string? PotId, string? Cut, string At)>(
                    "SELECT id, pot_id, cut, at FROM forgotten WHERE at > @Since ORDER BY id DESC",
                    new { Since = StoredMoment.Text(clock.GetUtcNow() - Month) }
                )
            ).Select(f => (f.Id, f.PotId, f.Cut, StoredMoment.Of(f.At))),
        ];
    }

    /// <summary>Takes back that something was forgotten; false where nothing was in the last month.</summary>
    public async Task<bool> RememberAsync(long id, CancellationToken cancellation)
    {
        await using var db = await database.OpenAsync(cancellation);
        return await db.ExecuteAsync(
                "DELETE FROM forgotten WHERE id = @id AND at > @Since",
                new { id, Since = StoredMoment.Text(clock.GetUtcNow() - Month) }
            ) == 1;
    }

    private static readonly TimeSpan Month = TimeSpan.FromDays(30);

    /// <summary>Cooks of the book whose lesson is not known.</summary>
    public async Task<IReadOnlyList<string>> ToTeachAsync(int most, CancellationToken cancellation)
    {
        await using var db = await database.OpenAsync(cancellation);
        return
        [
            .. await db.QueryAsync<string>(
                $"SELECT b.cook_id FROM {ToTeach} ORDER BY b.cooked_at DESC LIMIT @most",
                new { Lesson.Version, most }
            ),
        ];
    }

    /// <summary>How many there are.</summary>
    public async Task<int> CountToTeachAsync(CancellationToken cancellation)
    {
        await using var db = await database.OpenAsync(cancellation);
        return await db.ExecuteScalarAsync<int>($"SELECT count(*) FROM {ToTeach}", new { Lesson.Version });
    }

    private const string ToTeach = "book b LEFT JOIN lessons l ON l.cook_id = b.cook_id AND l.version = @Version WHERE l.cook_id IS NULL";

    /// <summary>Keeps a lesson, unless the journal went on since it was read: then it is to be read anew.</summary>
    /// <param name="lesson">The lesson.</param>
    /// <param name="last">Id of the last entry that it was read from; 0 for none.</param>
    /// <param name="cancellation">Stops it.</param>
    public async Task TeachAsync(Lesson lesson, long last, CancellationToken cancellation)
    {
        await using var db = await database.OpenAsync(cancellation);
        await db.ExecuteAsync(
            """
            INSERT OR REPLACE INTO lessons (cook_id, version, at, lesson)
            SELECT @CookId, @Version, @At, @Json WHERE @last = (SELECT ifnull(max(id), 0) FROM cook_events WHERE cook_id = @CookId)
            """,
            new
            {
                last,
                lesson.CookId,
                Lesson.Version,
                At = StoredMoment.Text(lesson.At),
                Json = JsonSerializer.Serialize(lesson, _json),
            }
        );
    }

    /// <summary>Lessons that count, in the order of cooking: of cooks that are neither removed nor left out nor forgotten.</summary>
    /// <param name="from">Of cooks from this moment on.</param>
    /// <param name="cancellation">Stops it.</param>
    public async Task<IReadOnlyList<Lesson>> LessonsAsync(DateTimeOffset from, CancellationToken cancellation)
    {
        await using var db = await database.OpenAsync(cancellation);
        var forgotten = (await db.QueryAsync<(string? PotId, string? Cut, string At)>("SELECT pot_id, cut, at FROM forgotten"))
            .Select(f => (f.PotId, f.Cut, At: StoredMoment.Of(f.At)))
            .ToList();
        var lessons = await db.QueryAsync<string>(
            """
            SELECT l.lesson FROM lessons l JOIN cooks c ON c.id = l.cook_id
            WHERE l.version = @Version AND c.removed_at IS NULL AND c.left_out = 0 AND l.at >= @From ORDER BY l.at, l.cook_id
            """,
            new { Lesson.Version, From = StoredMoment.Text(from) }
        );
        return
        [
            .. lessons
                .Select(l => JsonSerializer.Deserialize<Lesson>(l, _json)!)
                .Where(l =>
                    CutCatalogue.Find(l.Cut) is not null
                    && !forgotten.Any(f => l.At <= f.At && (f.PotId is null || f.PotId == l.PotId) && (f.Cut is null || f.Cut == l.Cut))
                ),
        ];
    }

    // Each word begins one of the cook's, whatever else is typed.
    private static string? Words(string? query)
    {
        string[] words =
        [
            .. new string([.. (query ?? "").Select(c => char.IsLetterOrDigit(c) ? c : ' ')]).Split(
                ' ',
                StringSplitOptions.RemoveEmptyEntries
            ),
        ];
        return words.Length == 0 ? null : string.Join(' ', words.Select(w => $"\"{w}\"*"));
    }

    private static BookItem ToItem(Row row) =>
        new()
        {
            Id = row.Id,
            Name = row.Name,
            CookedAt = StoredMoment.Of(row.CookedAt),
            Cut = row.Cut,
            CutName = CutCatalogue.Find(row.Cut) is { } cut ? (row.Pieces == 1 ? cut.Name : cut.Plural) : row.Cut,
            Pieces = (int)row.Pieces,
            TotalKg = row.TotalKg,
            State = Enum.Parse<MeatState>(row.State),
            Minutes = row.Minutes,
            Release = row.ReleaseKind is { } kind ? new Release(Enum.Parse<ReleaseKind>(kind), row.RestMinutes ?? 0) : null,
            LowestCelsius = row.LowestCelsius,
            Measured = row.LowestCelsius is not null,
            Verdict = Enum.Parse<CookVerdict>(row.Verdict),
            NextTime = row.NextTime,
            Juicy = (int?)row.Juicy,
            Tender = (int?)row.Tender,
            LeftOut = row.LeftOut != 0,
        };

    private sealed record Row(
        string Id,
        string Name,
        string CookedAt,
        string Cut,
        long Pieces,
        double TotalKg,
        string State,
        double Minutes,
        string? ReleaseKind,
        double? RestMinutes,
        double? LowestCelsius,
        string Verdict,
        string NextTime,
        long? Juicy,
        long? Tender,
        long LeftOut
    );
}
