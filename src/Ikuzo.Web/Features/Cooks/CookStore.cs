using System.Data.Common;
using System.Globalization;
using System.Text.Json;
using Dapper;
using Ikuzo.Core.Running.Journal;
using Ikuzo.Web.Data;
using Microsoft.AspNetCore.Http.Json;
using Microsoft.Extensions.Options;

namespace Ikuzo.Web.Features.Cooks;

/// <summary>A cook as it is kept.</summary>
/// <param name="Id">Stable name.</param>
/// <param name="Name">What the household calls it.</param>
/// <param name="Planned">What it set out to do.</param>
/// <param name="CreatedAt">When it was begun, on the wall.</param>
/// <param name="Ended">True when it is over.</param>
/// <param name="Verdict">What was known about the meat at the last entry; for lists.</param>
/// <param name="Simulated">True for a rehearsal.</param>
public sealed record KeptCook(
    string Id,
    string Name,
    PlannedBody Planned,
    DateTimeOffset CreatedAt,
    bool Ended,
    CookVerdict Verdict,
    bool Simulated
)
{
    /// <summary>One that begins.</summary>
    public static KeptCook New(string id, string name, PlannedBody planned, DateTimeOffset begunAt) =>
        new(id, name.Trim(), planned, begunAt, Ended: false, CookVerdict.Unknown, Simulated: false);
}

/// <summary>An entry of a journal as it is kept.</summary>
/// <param name="Event">The entry.</param>
/// <param name="ClientId">Name that the client gave it.</param>
/// <param name="WrittenAt">When it was written, on the wall.</param>
public sealed record KeptEvent(CookEvent Event, string ClientId, DateTimeOffset WrittenAt);

/// <summary>Keeps cooks and their journals. Journals are only added to; the file itself refuses anything else.</summary>
public sealed class CookStore(Database database, TimeProvider clock, IOptions<JsonOptions> json, Unreadable unreadable)
{
    private const string Columns =
        "id AS Id, name AS Name, planned AS Planned, created_at AS CreatedAt, ended AS Ended, verdict AS Verdict, simulated AS Simulated";

    private const string What = "cook";

    private readonly JsonSerializerOptions _json = json.Value.SerializerOptions;

    /// <summary>Begins a cook, unless it is there already.</summary>
    /// <param name="cook">It, with nothing known about the meat yet.</param>
    /// <param name="journal">What happened already.</param>
    /// <param name="cancellation">Stops it before anything is kept.</param>
    public async Task AddAsync(KeptCook cook, IReadOnlyList<CookEvent> journal, CancellationToken cancellation)
    {
        await using var db = await database.OpenAsync(cancellation);
        await using var transaction = await db.BeginTransactionAsync(cancellation);
        if (!await InsertCookAsync(transaction, cook))
        {
            return;
        }

        foreach (var entry in journal)
        {
            await InsertAsync(transaction, cook.Id, Guid.CreateVersion7().ToString(), entry, clock.GetUtcNow());
        }

        await transaction.CommitAsync(cancellation);
    }

    /// <summary>Keeps a cook that is over, with all that happened; its id, or null when it is there already.</summary>
    /// <param name="id">Its id where it comes from; a new one unless given.</param>
    /// <param name="name">What the household calls it.</param>
    /// <param name="planned">What it set out to do.</param>
    /// <param name="journal">What happened, each entry with its name; what undoes or corrects another names that by its name.</param>
    /// <param name="verdict">What was known about the meat at the end.</param>
    /// <param name="cancellation">Stops it before anything is kept.</param>
    public async Task<string?> AddEndedAsync(
        string? id,
        string name,
        PlannedBody planned,
        IReadOnlyList<(string ClientId, CookEvent Event)> journal,
        CookVerdict verdict,
        CancellationToken cancellation
    )
    {
        id ??= Guid.CreateVersion7().ToString("N");
        await using var db = await database.OpenAsync(cancellation);
        await using var transaction = await db.BeginTransactionAsync(cancellation);
        if (!await InsertCookAsync(transaction, new(id, name, planned, journal[0].Event.At, Ended: true, verdict, Simulated: false)))
        {
            return null;
        }

        Dictionary<string, string> kept = [];
        foreach (var (clientId, entry) in journal.DistinctBy(e => e.ClientId))
        {
            var data = entry.Data.Of is { } of ? entry.Data with { Of = kept.GetValueOrDefault(of, of) } : entry.Data;
            kept[clientId] = Name(await InsertAsync(transaction, id, clientId, entry with { Data = data }, clock.GetUtcNow()));
        }

        await transaction.CommitAsync(cancellation);
        return id;
    }

    /// <summary>Cooks, newest first; of one state, or all.</summary>
    public async Task<IReadOnlyList<KeptCook>> AllAsync(bool? ended, Page page, CancellationToken cancellation)
    {
        await using var db = await database.OpenAsync(cancellation);
        return
        [
            .. unreadable.Of(
                What,
                await db.QueryAsync<Row>(
                    $"""
                    SELECT {Columns} FROM cooks WHERE @ended IS NULL OR ended = @ended
                    ORDER BY created_at DESC, id DESC LIMIT @Size OFFSET @Skip
                    """,
                    new
                    {
                        ended,
                        page.Size,
                        page.Skip,
                    }
                ),
                row => row.Id,
                ToCook
            ),
        ];
    }

    /// <summary>One cook, or null.</summary>
    public async Task<KeptCook?> FindAsync(string id, CancellationToken cancellation)
    {
        await using var db = await database.OpenAsync(cancellation);
        return await db.QuerySingleOrDefaultAsync<Row>($"SELECT {Columns} FROM cooks WHERE id = @id", new { id }) is { } row
            ? unreadable.One(What, id, () => ToCook(row))
            : null;
    }

    /// <summary>The journal of a cook in the order of writing; null where an entry cannot be read: a part of it could mislead.</summary>
    public async Task<IReadOnlyList<KeptEvent>?> JournalAsync(string cookId, CancellationToken cancellation)
    {
        await using var db = await database.OpenAsync(cancellation);
        var rows = await db.QueryAsync<EventRow>(
            "SELECT id AS Id, client_id AS ClientId, kind AS Kind, at AS At, written_at AS WrittenAt, data AS Data FROM "
                + "cook_events WHERE cook_id = @cookId ORDER BY id",
            new { cookId }
        );
        return unreadable.One(What, cookId, () => rows.Select(ToEvent).ToList());
    }

    /// <summary>When the newest entry of all was written; null without one.</summary>
    public async Task<DateTimeOffset?> NewestWrittenAsync(CancellationToken cancellation)
    {
        await using var db = await database.OpenAsync(cancellation);
        const string Sql = """
            SELECT max(written_at) FROM (
              SELECT * FROM (SELECT id, written_at FROM cook_events ORDER BY id DESC LIMIT 1)
              WHERE id > (SELECT coalesce(max(last_entry), 0) FROM clock_settings)
              UNION ALL
              SELECT * FROM (SELECT id, written_at FROM store_moves ORDER BY id DESC LIMIT 1)
              WHERE id > (SELECT coalesce(max(last_move), 0) FROM clock_settings)
            )
            """;
        return await db.ExecuteScalarAsync<string?>(Sql) is { } at ? StoredMoment.Of(at) : null;
    }

    /// <summary>Notes that the clock was set, for what was written before.</summary>
    public async Task SetClockAsync(TimeSpan by)
    {
        await using var db = await database.OpenAsync(CancellationToken.None);
        await db.ExecuteAsync(
            """
            INSERT INTO clock_settings (at, seconds, last_entry, last_move)
            SELECT @Now, @Seconds, (SELECT coalesce(max(id), 0) FROM cook_events), (SELECT coalesce(max(id), 0) FROM store_moves)
            """,
            new { Now = StoredMoment.Text(clock.GetUtcNow()), Seconds = by.TotalSeconds }
        );
    }

    /// <summary>Adds an entry and notes how the cook stands after it, in one transaction. It is on the disk when this returns.</summary>
    public async Task<KeptEvent> AppendAsync(
        string cookId,
        string clientId,
        CookEvent entry,
        CookState after,
        CancellationToken cancellation
    )
    {
        var now = clock.GetUtcNow();
        await using var db = await database.OpenAsync(cancellation);
        await using var transaction = await db.BeginTransactionAsync(cancellation);
        var id = await InsertAsync(transaction, cookId, clientId, entry, now);
        await db.ExecuteAsync(
            "UPDATE cooks SET ended = @ended, verdict = @verdict, simulated = max(simulated, @simulated), to_book = 1 WHERE id = @cookId",
            new
            {
                cookId,
                ended = after.Phase == CookPhase.Done,
                verdict = after.Verdict.ToString(),
                simulated = entry.Kind == CookEventKind.Simulated,
            },
            transaction
        );
        await transaction.CommitAsync(cancellation);
        return new(entry with { Id = Name(id) }, clientId, now);
    }

    // False when it is there already.
    private async Task<bool> InsertCookAsync(DbTransaction transaction, KeptCook cook) =>
        await transaction.Connection!.ExecuteAsync(
            """
            INSERT INTO cooks (id, name, planned, created_at, ended, verdict)
            VALUES (@Id, @Name, @Planned, @CreatedAt, @Ended, @Verdict) ON CONFLICT (id) DO NOTHING
            """,
            new
            {
                cook.Id,
                cook.Name,
                Planned = JsonSerializer.Serialize(cook.Planned, _json),
                CreatedAt = StoredMoment.Text(cook.CreatedAt),
                cook.Ended,
                Verdict = cook.Verdict.ToString(),
            },
            transaction
        ) == 1;

    private Task<long> InsertAsync(DbTransaction transaction, string cookId, string clientId, CookEvent entry, DateTimeOffset now) =>
        transaction.Connection!.ExecuteScalarAsync<long>(
            """
            INSERT INTO cook_events (cook_id, client_id, kind, at, written_at, data) VALUES (@cookId, @clientId, @kind, @at, @now, @data);
            SELECT last_insert_rowid();
            """,
            new
            {
                cookId,
                clientId,
                kind = entry.Kind.ToString(),
                at = StoredMoment.Text(entry.At),
                now = StoredMoment.Text(now),
                data = JsonSerializer.Serialize(entry.Data, _json),
            },
            transaction
        );

    /// <summary>Replaces the measured curves of a cook.</summary>
    public async Task SaveTemperaturesAsync(string cookId, IReadOnlyList<TemperatureChannel> channels, CancellationToken cancellation)
    {
        await using var db = await database.OpenAsync(cancellation);
        await using var transaction = await db.BeginTransactionAsync(cancellation);
        await db.ExecuteAsync("DELETE FROM cook_channels WHERE cook_id = @cookId", new { cookId }, transaction);
        await db.ExecuteAsync(
            "INSERT INTO cook_channels (cook_id, channel, minutes, celsius) VALUES (@cookId, @Name, @Minutes, @Celsius)",
            channels.Select(c => new
            {
                cookId,
                c.Name,
                Minutes = JsonSerializer.Serialize(c.Minutes),
                Celsius = JsonSerializer.Serialize(c.Celsius),
            }),
            transaction
        );
        await transaction.CommitAsync(cancellation);
    }

    /// <summary>The measured curves of a cook.</summary>
    public async Task<IReadOnlyList<TemperatureChannel>> TemperaturesAsync(string cookId, CancellationToken cancellation)
    {
        await using var db = await database.OpenAsync(cancellation);
        return
        [
            .. (
                await db.QueryAsync<(string Channel, string Minutes, string Celsius)>(
                    "SELECT channel, minutes, celsius FROM cook_channels WHERE cook_id = @cookId ORDER BY channel",
                    new { cookId }
                )
            ).Select(r => new TemperatureChannel(r.Channel, Numbers(r.Minutes), Numbers(r.Celsius))),
        ];
    }

    private static double[] Numbers(string text) => JsonSerializer.Deserialize<double[]>(text)!;

    private static string Name(long id) => id.ToString(CultureInfo.InvariantCulture);

    private KeptCook ToCook(Row row) =>
        new(
            row.Id,
            row.Name,
            JsonSerializer.Deserialize<PlannedBody>(row.Planned, _json)!,
            StoredMoment.Of(row.CreatedAt),
            row.Ended != 0,
            Enum.Parse<CookVerdict>(row.Verdict),
            row.Simulated != 0
        );

    private KeptEvent ToEvent(EventRow row) =>
        new(
            new CookEvent(
                Name(row.Id),
                Enum.Parse<CookEventKind>(row.Kind),
                StoredMoment.Of(row.At),
                JsonSerializer.Deserialize<CookEventData>(row.Data, _json)!
            ),
            row.ClientId,
            StoredMoment.Of(row.WrittenAt)
        );

    private sealed record Row(string Id, string Name, string Planned, string CreatedAt, long Ended, string Verdict, long Simulated);

    private sealed record EventRow(long Id, string ClientId, string Kind, string At, string WrittenAt, string Data);
}
