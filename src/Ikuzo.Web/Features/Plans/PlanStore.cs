using System.Text.Json;
using Dapper;
using Ikuzo.Core.Cooking;
using Ikuzo.Web.Data;
using Microsoft.AspNetCore.Http.Json;
using Microsoft.Extensions.Options;

namespace Ikuzo.Web.Features.Plans;

/// <summary>Keeps plans. A removed plan stays in the file so that removing can be undone.</summary>
public sealed class PlanStore(Database database, TimeProvider clock, IOptions<JsonOptions> json, Unreadable unreadable)
{
    private const string Columns =
        "id AS Id, name AS Name, request AS Request, minutes AS Minutes, release_kind AS ReleaseKind, rest_minutes AS RestMinutes, "
        + "created_at AS CreatedAt";

    private const string What = "plan";

    private readonly JsonSerializerOptions _json = json.Value.SerializerOptions;

    /// <summary>Keeps a plan; the one that is there where it was kept before.</summary>
    public async Task<SavedPlan> AddAsync(
        Guid id,
        string name,
        PreviewBody request,
        double? minutes,
        Release? release,
        CancellationToken cancellation
    )
    {
        var row = new Row
        {
            Id = id.ToString("N"),
            Name = name.Trim(),
            Request = JsonSerializer.Serialize(request, _json),
            Minutes = minutes,
            ReleaseKind = release?.Kind.ToString(),
            RestMinutes = release?.RestMinutes,
            CreatedAt = StoredMoment.Text(clock.GetUtcNow()),
        };
        await using var db = await database.OpenAsync(cancellation);
        await db.ExecuteAsync(
            """
            INSERT INTO plans (id, name, request, minutes, release_kind, rest_minutes, created_at)
            VALUES (@Id, @Name, @Request, @Minutes, @ReleaseKind, @RestMinutes, @CreatedAt) ON CONFLICT (id) DO NOTHING
            """,
            row
        );
        return await FindAsync(row.Id, cancellation) ?? ToPlan(row); // removed meanwhile
    }

    /// <summary>All kept plans, newest first.</summary>
    public async Task<IReadOnlyList<SavedPlan>> AllAsync(Page page, CancellationToken cancellation)
    {
        await using var db = await database.OpenAsync(cancellation);
        return
        [
            .. unreadable.Of(
                What,
                await db.QueryAsync<Row>(
                    $"SELECT {Columns} FROM plans WHERE removed_at IS NULL ORDER BY created_at DESC, id DESC LIMIT @Size OFFSET @Skip",
                    new { page.Size, page.Skip }
                ),
                row => row.Id,
                ToPlan
            ),
        ];
    }

    /// <summary>One plan, or null.</summary>
    public async Task<SavedPlan?> FindAsync(string id, CancellationToken cancellation)
    {
        await using var db = await database.OpenAsync(cancellation);
        var row = await db.QuerySingleOrDefaultAsync<Row>($"SELECT {Columns} FROM plans WHERE id = @id AND removed_at IS NULL", new { id });
        return row is null ? null : unreadable.One(What, id, () => ToPlan(row));
    }

    /// <summary>Removes a plan; false when it is not there.</summary>
    public Task<bool> RemoveAsync(string id, CancellationToken cancellation) =>
        ChangeAsync("UPDATE plans SET removed_at = @now WHERE id = @id AND removed_at IS NULL", id, cancellation);

    /// <summary>Brings a removed plan back; false when there is none.</summary>
    public Task<bool> RestoreAsync(string id, CancellationToken cancellation) =>
        ChangeAsync("UPDATE plans SET removed_at = NULL WHERE id = @id AND @now IS NOT NULL", id, cancellation);

    private async Task<bool> ChangeAsync(string sql, string id, CancellationToken cancellation)
    {
        await using var db = await database.OpenAsync(cancellation);
        return await db.ExecuteAsync(sql, new { id, now = StoredMoment.Text(clock.GetUtcNow()) }) == 1;
    }

    private SavedPlan ToPlan(Row row) =>
        new()
        {
            Id = row.Id,
            Name = row.Name,
            Request = JsonSerializer.Deserialize<PreviewBody>(row.Request, _json)!,
            Minutes = row.Minutes,
            Release = row.ReleaseKind is null ? null : new ReleaseBody(Enum.Parse<ReleaseKind>(row.ReleaseKind), row.RestMinutes),
            CreatedAt = StoredMoment.Of(row.CreatedAt),
        };

    private sealed record Row
    {
        public required string Id { get; init; }

        public required string Name { get; init; }

        public required string Request { get; init; }

        public double? Minutes { get; init; }

        public string? ReleaseKind { get; init; }

        public double? RestMinutes { get; init; }

        public required string CreatedAt { get; init; }
    }
}
