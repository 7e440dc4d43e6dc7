using System.Data.Common;
using System.Globalization;
using System.Text.Json;
using Dapper;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Store;
using Ikuzo.Web.Data;
using Microsoft.AspNetCore.Http.Json;
using Microsoft.Extensions.Options;

namespace Ikuzo.Web.Features.Store;

/// <summary>What an item is, as it is kept.</summary>
internal sealed record StoreDocument(
    StoreKind Kind,
    string Name,
    string? Cut,
    int? Pieces,
    double? TotalKg,
    double? Portions,
    double? Ml,
    DateOnly? PrintedUseBy = null
)
{
    public StoreItem ToItem(IReadOnlyList<Move> moves) =>
        new()
        {
            Kind = Kind,
            Name = Name,
            Cut = Cut is null ? null : CutCatalogue.Find(Cut),
            Pieces = Pieces,
            TotalKg = TotalKg,
            Portions = Portions,
            Ml = Ml,
            PrintedUseBy = PrintedUseBy,
            Moves = moves,
        };

    public static StoreDocument Of(StoreItem item) =>
        new(item.Kind, item.Name, item.Cut?.Id, item.Pieces, item.TotalKg, item.Portions, item.Ml, item.PrintedUseBy);

    /// <summary>What is left, and what went, when so many of its portions or pieces go; null when all of it goes.</summary>
    public (StoreDocument Left, StoreDocument Went)? Divide(double went)
    {
        var all = Portions ?? Pieces;
        went = Portions is null ? Math.Max(1, Math.Round(went)) : went; // a piece goes whole
        if (all is not { } count || went >= count)
        {
            return null;
        }

        var share = went / count;
        StoreDocument Part(double of) =>
            this with
            {
                Portions = Portions * of,
                Pieces = Pieces is { } pieces && Portions is null ? (int)Math.Round(pieces * of) : Pieces,
                TotalKg = TotalKg is { } kg ? Math.Round(kg * of, 3) : null,
                Ml = Ml is { } ml ? Math.Round(ml * of) : null,
            };
        return (Part(1 - share), Part(share));
    }

    /// <summary>The whole again, when what went comes back.</summary>
    public StoreDocument With(StoreDocument part) =>
        this with
        {
            Portions = Portions + part.Portions,
            Pieces = Pieces is { } pieces && Portions is null ? pieces + part.Pieces : Pieces,
            TotalKg = TotalKg is { } kg ? Math.Round(kg + (part.TotalKg ?? 0), 3) : null,
            Ml = Ml + part.Ml,
        };
}

/// <summary>An item as it is kept.</summary>
internal sealed record KeptItem(string Id, StoreDocument Document, IReadOnlyList<Move> Moves, string? CookId)
{
    public StoreItem Item { get; } = Document.ToItem(Moves);
}

/// <summary>Keeps what is in the cold. Moves are only added to; the file itself refuses anything else.</summary>
internal sealed class ColdStore(Database database, TimeProvider clock, IOptions<JsonOptions> json, Unreadable unreadable)
{
    private const int Most = 2000; // items that are there at once

    private readonly JsonSerializerOptions _json = json.Value.SerializerOptions;

    /// <summary>Keeps an item; the one that is there where the client sent it before.</summary>
    public async Task<KeptItem> AddAsync(StoreItem item, string clientId, string? cookId, CancellationToken cancellation)
    {
        await using var db = await database.OpenAsync(cancellation);
        await using var transaction = await db.BeginTransactionAsync(cancellation);
        var id = Guid.CreateVersion7().ToString("N");
        var isNew = await db.ExecuteAsync(
            """
            INSERT INTO store_items (id, client_id, document, cook_id, created_at)
            VALUES (@id, @clientId, @Document, (SELECT id FROM cooks WHERE id = @cookId), @Now) ON CONFLICT (client_id) DO NOTHING
            """,
            new
            {
                id,
                clientId,
                cookId,
                Document = JsonSerializer.Serialize(StoreDocument.Of(item), _json),
                Now = StoredMoment.Text(clock.GetUtcNow()),
            },
            transaction
        );
        if (isNew == 1)
        {
            foreach (var move in item.Moves)
            {
                await InsertAsync(transaction, id, $"{clientId}/{move.Id}", move.To, move.At, null);
            }
        }

        await transaction.CommitAsync(cancellation);
        var kept = await db.ExecuteScalarAsync<string>("SELECT id FROM store_items WHERE client_id = @clientId", new { clientId });
        return (await FindAsync(kept!, cancellation))!;
    }

    /// <summary>All that is there.</summary>
    public Task<IReadOnlyList<KeptItem>> AllAsync(CancellationToken cancellation) =>
        ReadAsync(
            $"""
            WHERE i.id NOT IN (
              SELECT p.item_id FROM store_places p WHERE p.place = '{nameof(StorePlace.Gone)}'
            ) ORDER BY i.created_at DESC LIMIT {Most}
            """,
            null,
            cancellation
        );

    /// <summary>One item, there or gone; null when there never was one.</summary>
    public async Task<KeptItem?> FindAsync(string id, CancellationToken cancellation) =>
        await ReadAsync("WHERE i.id = @id", id, cancellation) is [var one, ..] ? one : null;

    /// <summary>Moves an item. A move that the client sent before changes nothing.</summary>
    /// <returns>The item after it, and why it was not moved; no item when there is none.</returns>
    public async Task<(KeptItem? Item, string? Refusal)> MoveAsync(
        string id,
        string clientId,
        StorePlace to,
        DateTimeOffset? at,
        string? cookId,
        double? portions,
        CancellationToken cancellation
    )
    {
        await using var db = await database.OpenAsync(cancellation);
        await using var transaction = await db.BeginTransactionAsync(cancellation); // one after the other: SQLite has one writer
        if (await IsKnownAsync(transaction, id, clientId) || await FindAsync(transaction, id) is not { } kept)
        {
            await transaction.RollbackAsync(cancellation);
            return (await FindAsync(id, cancellation), null);
        }

        var now = clock.GetUtcNow();
        var move = new Move("new", to, StoreMoves.When(kept.Item, at, now));
        if (StoreMoves.Refusal(kept.Item, move, now) is { } refusal)
        {
            return (kept, refusal);
        }

        if (portions is { } some && kept.Document.Divide(some) is var (left, went))
        {
            await DivideAsync(transaction, kept, left, went, clientId, move, cookId);
        }
        else
        {
            await InsertAsync(transaction, id, clientId, to, move.At, cookId, said: at);
        }

        await transaction.CommitAsync(cancellation);
        return (await FindAsync(id, cancellation), null);
    }

    /// <summary>Takes the last move back; false when there is none beside the first.</summary>
    public async Task<(KeptItem? Item, bool Undone)> UndoAsync(string id, string clientId, CancellationToken cancellation)
    {
        await using var db = await database.OpenAsync(cancellation);
        await using var transaction = await db.BeginTransactionAsync(cancellation);
        var isKnown = await IsKnownAsync(transaction, id, clientId);
        var kept = await FindAsync(transaction, id);
        if (!isKnown && kept is { Moves.Count: > 1 })
        {
            await db.ExecuteAsync(
                """
                INSERT INTO store_moves (item_id, client_id, at, written_at, undoes) VALUES (@id, @clientId, @Now, @Now, @Undoes)
                """,
                new
                {
                    id,
                    clientId,
                    Now = StoredMoment.Text(clock.GetUtcNow()),
                    Undoes = long.Parse(kept.Moves[^1].Id, CultureInfo.InvariantCulture),
                },
                transaction
            );
            await JoinAsync(transaction, kept);
        }

        await transaction.CommitAsync(cancellation);
        return (kept is null ? null : await FindAsync(id, cancellation), isKnown || kept is { Moves.Count: > 1 });
    }

    // What goes becomes an item of its own, which was wherever the whole was, so that it can be brought back.
    private async Task DivideAsync(
        DbTransaction transaction,
        KeptItem kept,
        StoreDocument left,
        StoreDocument went,
        string clientId,
        Move move,
        string? cookId
    )
    {
        var part = Guid.CreateVersion7().ToString("N");
        await transaction.Connection!.ExecuteAsync(
            """
            UPDATE store_items SET document = @Left WHERE id = @Id;
            INSERT INTO store_items (id, client_id, document, cook_id, created_at)
            SELECT @part, @PartClient, @Went, cook_id, created_at FROM store_items WHERE id = @Id;
            """,
            new
            {
                kept.Id,
                part,
                PartClient = $"{clientId}/part",
                Left = JsonSerializer.Serialize(left, _json),
                Went = JsonSerializer.Serialize(went, _json),
            },
            transaction
        );
        foreach (var (earlier, number) in kept.Moves.Select((m, i) => (m, i)))
        {
            await InsertAsync(transaction, part, $"{clientId}/{number}", earlier.To, earlier.At, null);
        }

        await InsertAsync(transaction, part, clientId, move.To, move.At, cookId);
        // The whole remembers the name, so that sending it again divides nothing again.
        await InsertAsync(transaction, kept.Id, clientId, kept.Item.Place, kept.Item.Since, null);
    }

    // Where the move that is taken back divided the item, what went is part of it again. Its own entry stays, of nothing.
    private async Task JoinAsync(DbTransaction transaction, KeptItem whole)
    {
        const string Sql = """
            SELECT part.item_id FROM store_moves here
            JOIN store_moves part ON part.client_id = here.client_id AND part.item_id <> here.item_id
            WHERE here.id = @Id AND here.item_id = @WholeId
            """;
        var move = new { Id = long.Parse(whole.Moves[^1].Id, CultureInfo.InvariantCulture), WholeId = whole.Id };
        if (
            await transaction.Connection!.ExecuteScalarAsync<string>(Sql, move, transaction) is { } id
            && await FindAsync(transaction, id) is { Item.Place: StorePlace.Gone } part
        )
        {
            await transaction.Connection!.ExecuteAsync(
                "UPDATE store_items SET document = @Document WHERE id = @Id",
                new { whole.Id, Document = JsonSerializer.Serialize(whole.Document.With(part.Document), _json) },
                transaction
            );
        }
    }

    private Task<int> InsertAsync(
        DbTransaction transaction,
        string itemId,
        string clientId,
        StorePlace to,
        DateTimeOffset at,
        string? cookId,
        DateTimeOffset? said = null
    ) =>
        transaction.Connection!.ExecuteAsync(
            """
            INSERT INTO store_moves (item_id, client_id, place, at, written_at, cook_id, said_at)
            VALUES (@itemId, @clientId, @Place, @At, @Now, (SELECT id FROM cooks WHERE id = @cookId), @Said)
            """,
            new
            {
                itemId,
                clientId,
                cookId,
                Place = to.ToString(),
                At = StoredMoment.Text(at),
                Now = StoredMoment.Text(clock.GetUtcNow()),
                Said = said is { } moment && moment != at ? StoredMoment.Text(moment) : null,
            },
            transaction
        );

    private static Task<bool> IsKnownAsync(DbTransaction transaction, string id, string clientId) =>
        transaction.Connection!.ExecuteScalarAsync<bool>(
            "SELECT EXISTS (SELECT 1 FROM store_moves WHERE item_id = @id AND client_id = @clientId)",
            new { id, clientId },
            transaction
        );

    private async Task<KeptItem?> FindAsync(DbTransaction transaction, string id) =>
        await ReadAsync(transaction.Connection!, transaction, "WHERE i.id = @id", id) is [var one, ..] ? one : null;

    private async Task<IReadOnlyList<KeptItem>> ReadAsync(string where, string? id, CancellationToken cancellation)
    {
        await using var db = await database.OpenAsync(cancellation);
        return await ReadAsync(db, null, where, id);
    }

    private async Task<IReadOnlyList<KeptItem>> ReadAsync(DbConnection db, DbTransaction? transaction, string where, string? id)
    {
        var items = (
            await db.QueryAsync<ItemRow>(
                $"SELECT i.id AS Id, i.document AS Document, i.cook_id AS CookId FROM store_items i {where}",
                new { id },
                transaction
            )
        ).ToList();
        var moves = (
            await db.QueryAsync<MoveRow>(
                $"""
                SELECT p.item_id AS ItemId, p.id AS Id, p.place AS Place, p.at AS At, p.written_at AS WrittenAt, p.set_since AS SetSince
                FROM store_places p WHERE @id IS NULL OR p.item_id = @id ORDER BY p.id
                """,
                new { id },
                transaction
            )
        ).ToLookup(m => m.ItemId);
        return [.. unreadable.Of("thing in the cold", items, i => i.Id, i => Kept(i, moves[i.Id]))];
    }

    private KeptItem Kept(ItemRow row, IEnumerable<MoveRow> moves) =>
        new(
            row.Id,
            JsonSerializer.Deserialize<StoreDocument>(row.Document, _json)!,
            [
                .. moves
                    .Select(m => new Move(
                        m.Id.ToString(CultureInfo.InvariantCulture),
                        Enum.Parse<StorePlace>(m.Place),
                        StoreMoves.Settled(StoredMoment.Of(m.At), StoredMoment.Of(m.WrittenAt), TimeSpan.FromSeconds(m.SetSince))
                    ))
                    .OrderBy(m => m.At), // in the order of writing where that is the same
            ],
            row.CookId
        );

    private sealed record ItemRow(string Id, string Document, string? CookId);

    private sealed record MoveRow
    {
        public required string ItemId { get; init; }

        public required long Id { get; init; }

        public required string Place { get; init; }

        public required string At { get; init; }

        public required string WrittenAt { get; init; }

        public required double SetSince { get; init; }
    }
}
