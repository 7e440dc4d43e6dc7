using System.Net.Http.Headers;
using Dapper;
using Ikuzo.Web.Data;
using Microsoft.Data.Sqlite;
using Microsoft.Extensions.DependencyInjection;

namespace Ikuzo.Web.Tests;

/// <summary>A backup that is not what it should be changes nothing; damage while the server runs is said within a minute.</summary>
public sealed class RestoreTests : FolderTests
{
    private static async Task<(int Status, string Said)> BringAsync(IkuzoServer server, byte[] file)
    {
        using var body = new ByteArrayContent(file);
        body.Headers.ContentType = new MediaTypeHeaderValue("application/octet-stream");
        using var answer = await server.Http.PostAsync("/api/restore", body, TestContext.Current.CancellationToken);
        return ((int)answer.StatusCode, await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken));
    }

    private async Task<byte[]> BackupAsync(IkuzoServer server, string sql)
    {
        var name = (string)(await server.SendAsync(HttpMethod.Post, "/api/backups")).Body!["name"]!;
        var copy = Path.Combine(Folder, "copy.db");
        File.Copy(Path.Combine(Folder, "backups", name), copy, overwrite: true);
        using (var connection = new SqliteConnection($"Data Source={copy};Pooling=False"))
        {
            await connection.OpenAsync(TestContext.Current.CancellationToken);
            await connection.ExecuteAsync(sql);
        }

        return await File.ReadAllBytesAsync(copy, TestContext.Current.CancellationToken);
    }

    [Theory]
    [InlineData("DELETE FROM SchemaVersions WHERE ScriptName LIKE '%0013%'", "cannot be brought up to this version")]
    [InlineData("DROP TABLE forgotten", "forgotten.id is missing")]
    [InlineData("ALTER TABLE pots DROP COLUMN heater_watts", "pots.heater_watts is missing")]
    [InlineData("DELETE FROM kitchen", "there is no kitchen in it")]
    [InlineData("DROP TRIGGER cook_events_are_not_changed", "cook_events_are_not_changed")]
    [InlineData("CREATE TRIGGER odd AFTER INSERT ON plans BEGIN DELETE FROM cooks; END", "odd")]
    [InlineData("PRAGMA foreign_keys = OFF; INSERT INTO cook_channels VALUES ('none', 'a', '[]', '[]')", "cook_channels")]
    [InlineData(
        "UPDATE SchemaVersions SET ScriptName = 'Ikuzo.Web.Data.Migrations.9999_later.sql' WHERE ScriptName LIKE '%0001%'",
        "newer"
    )]
    public async Task BackupThatIsNotWhole_ChangesNothing(string sql, string said)
    {
        await using var server = new IkuzoServer(demo: false, Folder);
        await server.PostAsync("/api/dishes", Dish("Before"));
        var file = await BackupAsync(server, sql);
        await server.PostAsync("/api/dishes", Dish("Here"));
        var (status, answer) = await BringAsync(server, file);
        Assert.Equal(422, status);
        Assert.Contains(said, answer, StringComparison.Ordinal);
        Assert.Equal(2, (await server.GetAsync("/api/dishes")).Body!.AsArray().Count);
        Assert.Equal(200, (await server.GetAsync("/api/health")).Status);
        Assert.Equal(201, (await server.PostAsync("/api/dishes", Dish("After"))).Status);
        Assert.Empty(Directory.GetFiles(Folder, "*.tmp*"));
        var refusal = Assert.Throws<InvalidDataException>(() =>
            new Backups(new Database(Folder), TimeProvider.System).Bring(Path.Combine(Folder, "copy.db"))
        );
        Assert.Contains(said, refusal.Message, StringComparison.Ordinal);
    }

    // A page in the middle that was torn, and half a file.
    [Theory]
    [InlineData(true)]
    [InlineData(false)]
    public async Task BackupThatIsTorn_ChangesNothing(bool inTheMiddle)
    {
        await using var server = new IkuzoServer(demo: false, Folder);
        await server.PostAsync("/api/dishes", Dish("Here"));
        var file = await BackupAsync(server, "SELECT 1");
        if (inTheMiddle)
        {
            file.AsSpan(file.Length / 2, 8192).Fill(0xA5);
        }

        Assert.Equal(422, (await BringAsync(server, inTheMiddle ? file : file[..(file.Length / 2)])).Status);
        Assert.Single((await server.GetAsync("/api/dishes")).Body!.AsArray());
    }

    // Who was let in here stays so, and nobody whom a backup names comes in by it.
    [Fact]
    public async Task WhoMayComeIn_IsNotInABackup()
    {
        const string Device =
            "INSERT INTO devices (id, name, is_guest, key_hash, let_in_at, seen_at) VALUES ('{0}', 'x', 0, '{0}', '', '')";
        await using var server = new IkuzoServer(demo: false, Folder);
        var planted = await BackupAsync(server, string.Format(System.Globalization.CultureInfo.InvariantCulture, Device, "planted"));
        await using var db = await new Database(Folder).OpenAsync(TestContext.Current.CancellationToken);
        await db.ExecuteAsync(string.Format(System.Globalization.CultureInfo.InvariantCulture, Device, "ours"));
        Assert.Equal(200, (await BringAsync(server, planted)).Status);
        Assert.Equal(["ours"], await db.QueryAsync<string>("SELECT id FROM devices"));
    }

    public static TheoryData<string> Tables =>
        ["kitchen", "pots", "plans", "dishes", "cooks", "cook_events", "book", "lessons", "store_items", "store_moves", "devices"];

    [Theory]
    [MemberData(nameof(Tables))]
    public async Task DamageWhileTheServerRuns_IsSaid(string table)
    {
        await using var server = new IkuzoServer(demo: true, Folder);
        Assert.Equal(201, (await server.SendAsync(HttpMethod.Post, "/api/backups")).Status);
        Assert.Equal(200, (await server.GetAsync("/api/health")).Status);
        await using (var db = await new Database(Folder).OpenAsync(TestContext.Current.CancellationToken))
        {
            await db.ExecuteAsync("PRAGMA wal_checkpoint(TRUNCATE)");
            var page = await db.ExecuteScalarAsync<long>("SELECT rootpage FROM sqlite_master WHERE name = @table", new { table });
            var size = await db.ExecuteScalarAsync<long>("PRAGMA page_size");
            await using var file = new FileStream(DatabasePath, FileMode.Open, FileAccess.Write, FileShare.ReadWrite);
            file.Position = (page - 1) * size;
            await file.WriteAsync(new byte[size], TestContext.Current.CancellationToken);
        }

        // One table a second: all of them within a minute.
        var watch = server.Services.GetRequiredService<TableWatch>();
        var looks = 0;
        for (var last = watch.Look(null); last is not null; last = watch.Look(last))
        {
            looks++;
        }

        Assert.InRange(looks, 11, 50);
        var (status, health) = await server.GetAsync("/api/health");
        Assert.Equal(503, status);
        Assert.Equal("failing", (string)health!["status"]!);
        Assert.Contains("./ikuzo restore ikuzo-", (string)health["problems"]![0]!, StringComparison.Ordinal);
    }
}
