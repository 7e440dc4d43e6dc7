using System.Text.Json;
using Dapper;
using Ikuzo.Core.Dishes;
using Ikuzo.Web.Data;
using Ikuzo.Web.Features.Kitchen;
using Microsoft.AspNetCore.Http.Json;
using Microsoft.Extensions.Options;

namespace Ikuzo.Web.Features.Dishes;

/// <summary>Keeps dishes. A removed dish stays in the file so that removing can be undone.</summary>
public sealed class DishStore(Database database, TimeProvider clock, IOptions<JsonOptions> json, Unreadable unreadable)
{
    private const string Columns = "id AS Id, document AS Document, changed_at AS ChangedAt";

    private const string What = "dish";

    private readonly JsonSerializerOptions _json = json.Value.SerializerOptions;

    private string Now => StoredMoment.Text(clock.GetUtcNow());

    /// <summary>Keeps a new dish.</summary>
    public async Task<KeptDish> AddAsync(DishDocument document, CancellationToken cancellation)
    {
        var row = new Row(Guid.CreateVersion7().ToString("N"), JsonSerializer.Serialize(document, _json), Now);
        await using var db = await database.OpenAsync(cancellation);
        await db.ExecuteAsync(
            "INSERT INTO dishes (id, name, document, created_at, changed_at) VALUES (@Id, @Name, @Document, @ChangedAt, @ChangedAt)",
            new
            {
                row.Id,
                Name = document.Name!.Trim(),
                row.Document,
                row.ChangedAt,
            }
        );
        return ToDish(row);
    }

    /// <summary>All kept dishes by name.</summary>
    public async Task<IReadOnlyList<KeptDish>> AllAsync(Page page, CancellationToken cancellation)
    {
        await using var db = await database.OpenAsync(cancellation);
        return
        [
            .. unreadable.Of(
                What,
                await db.QueryAsync<Row>(
                    $"SELECT {Columns} FROM dishes WHERE removed_at IS NULL ORDER BY name COLLATE NOCASE, id LIMIT @Size OFFSET @Skip",
                    new { page.Size, page.Skip }
                ),
                row => row.Id,
                ToDish
            ),
        ];
    }

    /// <summary>What a dish is computed with when it does not say otherwise.</summary>
    internal async Task<UsualKitchen> UsualAsync(KitchenStore kitchen, CancellationToken cancellation) =>
        await kitchen.UsualAsync(cancellation) with
        {
            UsualWay = DishRequest.Habit(await ChosenWaysAsync(cancellation)),
        };

    /// <summary>The ways that were chosen by hand, the last first, as many as make a habit.</summary>
    public async Task<IReadOnlyList<WayId>> ChosenWaysAsync(CancellationToken cancellation)
    {
        await using var db = await database.OpenAsync(cancellation);
        var rows = await db.QueryAsync<Row>(
            $"SELECT {Columns} FROM dishes WHERE removed_at IS NULL AND instr(document, '\"way\":\"') > 0 "
                + "ORDER BY changed_at DESC, id LIMIT @Most",
            new { Most = DishRequest.TimesForAHabit }
        );
        return [.. unreadable.Of(What, rows, row => row.Id, ToDish).Select(d => d.Document.Way).OfType<WayId>()];
    }

    /// <summary>One dish, or null.</summary>
    public async Task<KeptDish?> FindAsync(string id, CancellationToken cancellation)
    {
        await using var db = await database.OpenAsync(cancellation);
        var row = await db.QuerySingleOrDefaultAsync<Row>(
            $"SELECT {Columns} FROM dishes WHERE id = @id AND removed_at IS NULL",
            new { id }
        );
        return row is null ? null : unreadable.One(What, id, () => ToDish(row));
    }

    /// <summary>Replaces a dish; one of another version than is named stays as it is.</summary>
    /// <returns>The dish as it is now, null when it is not there, and whether it was replaced.</returns>
    public async Task<(KeptDish? Dish, bool Replaced)> PutAsync(
        string id,
        DishDocument document,
        string? version,
        CancellationToken cancellation
    )
    {
        var row = new Row(id, JsonSerializer.Serialize(document, _json), Now);
        await using var db = await database.OpenAsync(cancellation);
        await using var transaction = await db.BeginTransactionAsync(cancellation); // one after the other: SQLite has one writer
        var before = await db.QuerySingleOrDefaultAsync<Row>(
            $"SELECT {Columns} FROM dishes WHERE id = @id AND removed_at IS NULL",
            new { id },
            transaction
        );
        if (before is null || !Versions.Match(version, Versions.Of(before.Document)))
        {
            return (before is null ? null : unreadable.One(What, id, () => ToDish(before)), false);
        }

        await db.ExecuteAsync(
            "UPDATE dishes SET name = @Name, document = @Document, changed_at = @ChangedAt WHERE id = @Id AND removed_at IS NULL",
            new
            {
                row.Id,
                Name = document.Name!.Trim(),
                row.Document,
                row.ChangedAt,
            },
            transaction
        );
        await transaction.CommitAsync(cancellation);
        return (ToDish(row), true);
    }

    /// <summary>Removes a dish; false when it is not there.</summary>
    public Task<bool> RemoveAsync(string id, CancellationToken cancellation) =>
        ChangeAsync("UPDATE dishes SET removed_at = @now WHERE id = @id AND removed_at IS NULL", new { id, now = Now }, cancellation);

    /// <summary>Brings a removed dish back; false when there is none.</summary>
    public Task<bool> RestoreAsync(string id, CancellationToken cancellation) =>
        ChangeAsync("UPDATE dishes SET removed_at = NULL WHERE id = @id", new { id }, cancellation);

    private async Task<bool> ChangeAsync(string sql, object values, CancellationToken cancellation)
    {
        await using var db = await database.OpenAsync(cancellation);
        return await db.ExecuteAsync(sql, values) == 1;
    }

    private KeptDish ToDish(Row row) =>
        new()
        {
            Id = row.Id,
            Document = JsonSerializer.Deserialize<DishDocument>(row.Document, _json)!,
            ChangedAt = StoredMoment.Of(row.ChangedAt),
            Version = Versions.Of(row.Document),
        };

    private sealed record Row(string Id, string Document, string ChangedAt);
}
