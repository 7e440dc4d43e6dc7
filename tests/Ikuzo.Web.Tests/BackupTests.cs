using System.IO.Compression;
using System.Net.Http.Headers;
using System.Text.Json.Nodes;
using Dapper;
using Ikuzo.Web.Data;
using Microsoft.Data.Sqlite;
using Microsoft.Extensions.DependencyInjection;
using Microsoft.Extensions.Time.Testing;

namespace Ikuzo.Web.Tests;

public sealed class BackupTests : FolderTests
{
    private static async Task<string[]> NamesAsync(IkuzoServer server) =>
        [.. (await server.GetAsync("/api/dishes?pageSize=500")).Body!.AsArray().Select(d => (string)d!["document"]!["name"]!).Order()];

    // Deleted, cut off, emptied, overwritten at its head and in its middle: each is noticed, and the backup brings all back.
    [Theory]
    [InlineData("deleted")]
    [InlineData("truncated")]
    [InlineData("emptied")]
    [InlineData("head")]
    [InlineData("middle")]
    public async Task DestroyedDatabase_IsBroughtBack(string way)
    {
        string name;
        await using (var server = new IkuzoServer(demo: false, Folder))
        {
            for (var i = 0; i < 30; i++)
            {
                await server.PostAsync("/api/dishes", Dish($"Dish {i:00}"));
            }

            name = (string)(await server.SendAsync(HttpMethod.Post, "/api/backups")).Body!["name"]!;
        }

        SqliteConnection.ClearAllPools();
        Destroy(way);
        var database = new Database(Folder);
        var backups = new Backups(database, TimeProvider.System);
        var refusal = Assert.Throws<StartRefusalException>(() => database.Check(backups));
        Assert.Contains($"./ikuzo restore {name}", refusal.Message);
        SqliteConnection.ClearAllPools();
        backups.Bring(backups.PathOf(name)!);
        await using var again = new IkuzoServer(demo: false, Folder);
        Assert.Equal(Enumerable.Range(0, 30).Select(i => $"Dish {i:00}"), await NamesAsync(again));
    }

    // It opens, and all that is asked for is there: only a look at every page tells.
    [Fact]
    public async Task DamageThatOpens_IsNoticed_InTheDatabaseAndInABackup()
    {
        await using (var server = new IkuzoServer(demo: false, Folder))
        {
            await server.PostAsync("/api/dishes", Dish("One"));
        }

        var database = new Database(Folder);
        Assert.Null(Backups.Look(DatabasePath).Wrong);
        await using (var db = await database.OpenAsync(TestContext.Current.CancellationToken))
        {
            const string Ours = "SELECT name FROM sqlite_master WHERE type = 'index' AND sql IS NOT NULL ORDER BY name LIMIT 1";
            await db.ExecuteAsync($"PRAGMA writable_schema = ON; DELETE FROM sqlite_master WHERE name = ({Ours})");
        }

        SqliteConnection.ClearAllPools();
        var refusal = Assert.Throws<StartRefusalException>(() => database.Check(new Backups(database, TimeProvider.System)));
        Assert.Contains("is damaged", refusal.Message);
        Assert.Equal("It is damaged.", Backups.Look(DatabasePath).Wrong);
    }

    private void Destroy(string way)
    {
        foreach (var beside in new[] { "-wal", "-shm" })
        {
            File.Delete(DatabasePath + beside);
        }

        switch (way)
        {
            case "deleted":
                File.Delete(DatabasePath);
                return;
            case "emptied":
                File.WriteAllBytes(DatabasePath, []);
                return;
        }

        using var file = File.OpenWrite(DatabasePath);
        switch (way)
        {
            case "truncated":
                file.SetLength(file.Length / 2);
                break;
            default:
                file.Position = way == "head" ? 0 : file.Length / 3;
                file.Write([.. Enumerable.Repeat((byte)0xA5, 20_000)]);
                break;
        }
    }

    [Fact]
    public async Task Restore_ShowsWhatIsInIt_HasAWayBack_AndGoesOnUnderLoad()
    {
        await using var server = new IkuzoServer(demo: false, Folder);
        await server.PostAsync("/api/dishes", Dish("First"));
        var (made, backup) = await server.SendAsync(HttpMethod.Post, "/api/backups");
        Assert.Equal(201, made);
        await server.PostAsync("/api/dishes", Dish("Second"));
        var name = (string)backup!["name"]!;
        var (_, look) = await server.SendAsync(HttpMethod.Post, $"/api/restore/look?backup={name}");
        Assert.Equal((1, 2), ((int)look!["look"]!["dishes"]!, (int)look["here"]!["dishes"]!));

        using var stop = new CancellationTokenSource();
        var writers = Enumerable.Range(0, 4).Select(i => WriteAsync(server, i, stop.Token)).ToArray();
        await Task.Delay(100, TestContext.Current.CancellationToken);
        var (status, restored) = await server.SendAsync(HttpMethod.Post, $"/api/restore?backup={name}");
        Assert.True(status == 200, $"{restored}");
        await Task.Delay(100, TestContext.Current.CancellationToken);
        await stop.CancelAsync();
        await Task.WhenAll(writers);
        var names = await NamesAsync(server);
        Assert.Contains("First", names);
        Assert.DoesNotContain("Second", names);

        var back = (string)restored!["wayBack"]!["name"]!;
        Assert.Equal(200, (await server.SendAsync(HttpMethod.Post, $"/api/restore?backup={back}")).Status);
        Assert.Contains("Second", await NamesAsync(server));
        await using var db = await new Database(Folder).OpenAsync(TestContext.Current.CancellationToken);
        Assert.Equal("ok", await db.ExecuteScalarAsync<string>("PRAGMA integrity_check"));
        Assert.Equal(404, (await server.SendAsync(HttpMethod.Post, "/api/restore?backup=../ikuzo.db")).Status);
        Assert.Equal(404, (await server.GetAsync("/api/backups/..%2f..%2fikuzo.db")).Status);
    }

    private static async Task WriteAsync(IkuzoServer server, int writer, CancellationToken stop)
    {
        for (var i = 0; !stop.IsCancellationRequested; i++)
        {
            Assert.Equal(201, (await server.PostAsync("/api/dishes", Dish($"Load {writer} {i}"))).Status);
        }
    }

    // The database and the same as JSON: both say what is here, and either way of bringing it back is the same.
    [Fact]
    public async Task Everything_IsOneFile_AndComesBack()
    {
        byte[] zip;
        await using (var server = new IkuzoServer(demo: false, Folder))
        {
            await server.PostAsync("/api/dishes", Dish("Kept"));
            await server.PostAsync("/api/store", new { text = "stock 1 l freezer" });
            zip = await server.Http.GetByteArrayAsync("/api/backup", TestContext.Current.CancellationToken);
        }

        using var archive = new ZipArchive(new MemoryStream(zip));
        Assert.Equal(["ikuzo.db", "ikuzo.json"], archive.Entries.Select(e => e.Name).Order());
        await using var text = await archive.GetEntry("ikuzo.json")!.OpenAsync(TestContext.Current.CancellationToken);
        var tables = (await JsonNode.ParseAsync(text, cancellationToken: TestContext.Current.CancellationToken))!["tables"]!.AsObject();
        Assert.Equal("Kept", (string)tables["dishes"]![0]!["name"]!);
        Assert.DoesNotContain("devices", tables.Select(t => t.Key));

        await using var other = new IkuzoServer();
        using var body = new ByteArrayContent(zip);
        body.Headers.ContentType = new MediaTypeHeaderValue("application/zip");
        using var answer = await other.Http.PostAsync("/api/restore", body, TestContext.Current.CancellationToken);
        Assert.Equal(200, (int)answer.StatusCode);
        Assert.Equal(["Kept"], await NamesAsync(other));
        await using var db = await new Database(other.Folder).OpenAsync(TestContext.Current.CancellationToken);
        foreach (var (table, rows) in tables)
        {
            var here = await db.ExecuteScalarAsync<long>($"SELECT count(*) FROM \"{table}\"");
            Assert.True(rows!.AsArray().Count == here, $"{table}: {rows.AsArray().Count} in the file, {here} here");
        }
    }

    [Theory]
    [InlineData("no database at all")]
    [InlineData("PK and no archive")]
    [InlineData("")]
    public async Task FileThatIsNoBackup_ChangesNothing(string text)
    {
        await using var server = new IkuzoServer();
        await server.PostAsync("/api/dishes", Dish("Here"));
        using var body = new StringContent(text, new MediaTypeHeaderValue("application/octet-stream"));
        using var answer = await server.Http.PostAsync("/api/restore", body, TestContext.Current.CancellationToken);
        Assert.Equal(422, (int)answer.StatusCode);
        Assert.Equal(["Here"], await NamesAsync(server));
        Assert.Empty(Directory.GetFiles(server.Folder, "*.tmp*"));
    }

    [Fact]
    public async Task OlderDatabase_IsBackedUpBeforeItIsChanged()
    {
        await using (var server = new IkuzoServer(demo: false, Folder))
        {
            Assert.Empty((await server.GetAsync("/api/backups")).Body!.AsArray());
        }

        await using (var db = await new Database(Folder).OpenAsync(TestContext.Current.CancellationToken))
        {
            await db.ExecuteAsync(
                "DROP TABLE devices; DROP TABLE cook_channels; DELETE FROM SchemaVersions WHERE ScriptName LIKE '%0010%'"
            );
            await db.ExecuteAsync("CREATE TABLE cook_temperatures (cook_id TEXT, channel TEXT, minutes REAL, celsius REAL)");
        }

        SqliteConnection.ClearAllPools();
        await using var again = new IkuzoServer(demo: false, Folder);
        Assert.Equal("before-update", (string)(await again.GetAsync("/api/backups")).Body![0]!["why"]!);
    }

    // 40 daily ones, two a day, and some by hand.
    [Fact]
    public void Backups_AreKeptForSevenDaysAndFourWeeks()
    {
        var now = new DateTimeOffset(2026, 11, 27, 12, 0, 0, TimeSpan.Zero); // a Friday
        BackupFile At(double days, BackupWhy why) => new($"{days}-{why}", now.AddDays(-days), why, 1);
        var daily = Enumerable.Range(0, 80).Select(i => At(i / 2.0, BackupWhy.Daily)).ToList();
        List<BackupFile> all = [.. daily, At(20.25, BackupWhy.ByHand), At(35, BackupWhy.ByHand)];
        var kept = all.Except(BackupRules.ToRemove(all, now)).OrderByDescending(b => b.At).ToList();
        Assert.Equal(["27", "26", "25", "24", "23", "22", "21", "15", "8", "7"], kept.Select(b => $"{b.At.Day}"));
        Assert.Equal(1, kept.Count(b => b.Why == BackupWhy.ByHand));
    }

    [Fact]
    public void BackupsDatedLaterThanNow_TakeNobodysPlace()
    {
        var now = new DateTimeOffset(2026, 11, 27, 12, 0, 0, TimeSpan.Zero);
        BackupFile At(double days) => new($"{days}", now.AddDays(-days), BackupWhy.Daily, 1);
        List<BackupFile> ahead = [.. Enumerable.Range(1, 12).Select(day => At(-day))]; // a clock that was ahead for twelve days
        Assert.True(BackupRules.IsDue(ahead, now));
        Assert.False(BackupRules.IsDue([.. ahead, At(0.9)], now));
        Assert.True(BackupRules.IsDue([.. ahead, At(1)], now));
        Assert.Empty(BackupRules.ToRemove([.. ahead, At(0), At(1)], now));
    }

    // The folder of backups is a file: none can be made until it is gone.
    [Fact]
    public async Task DailyBackupThatFails_ShowsUntilOneIsMade()
    {
        var clock = new FakeTimeProvider(new(2026, 12, 6, 3, 0, 0, TimeSpan.Zero));
        await using var server = new IkuzoServer(demo: false, Folder, services => services.AddSingleton<TimeProvider>(clock));
        var folder = Path.Combine(Folder, "backups");
        await File.WriteAllTextAsync(folder, "in the way", TestContext.Current.CancellationToken);
        clock.Advance(TimeSpan.FromSeconds(21));
        async Task<string> HealthAsync() => (await server.GetAsync("/api/health")).Body!.ToJsonString();
        var failed = await Deadline.UntilAsync(HealthAsync, h => !h.Contains("\"backupFailed\":null", StringComparison.Ordinal));
        Assert.Contains("The backup of 2026-12-06 03:00 UTC failed", failed);
        File.Delete(folder);
        clock.Advance(TimeSpan.FromMinutes(29));
        Assert.Contains("failed", await HealthAsync());
        clock.Advance(TimeSpan.FromMinutes(1));
        var made = await Deadline.UntilAsync(HealthAsync, h => h.Contains("\"backupFailed\":null", StringComparison.Ordinal));
        Assert.Contains("\"why\":\"daily\"", made);
        Assert.DoesNotContain("failed:", made);
        var first = Assert.Single(Directory.GetFiles(folder, "*.db"));

        // One that was asked for and failed is made within half an hour too.
        Directory.Move(folder, folder + "-away");
        await File.WriteAllTextAsync(folder, "in the way", TestContext.Current.CancellationToken);
        Assert.NotEqual(201, (await server.SendAsync(HttpMethod.Post, "/api/backups")).Status);
        Assert.Contains("failed:", await HealthAsync());
        File.Delete(folder);
        Directory.Move(folder + "-away", folder);
        clock.Advance(TimeSpan.FromMinutes(30));
        await Deadline.UntilAsync(HealthAsync, h => h.Contains("\"backupFailed\":null", StringComparison.Ordinal));
        Assert.NotEqual(first, Assert.Single(Directory.GetFiles(folder, "*.db"))); // of one day the newest stays
    }

    [Fact]
    public async Task Tool_MakesABackupBesideARunningServer()
    {
        await using var server = new IkuzoServer(demo: false, Folder);
        await server.PostAsync("/api/dishes", Dish("Here"));
        var to = Path.Combine(Folder, "elsewhere.db");
        var (code, said) = await ServerProcess.RunAsync(Folder, arguments: ["backup", to]);
        Assert.True(code == 0, said);
        Assert.Equal(1, Backups.Look(to).Look!.Dishes);
        Assert.Equal(1, (await ServerProcess.RunAsync(Folder, arguments: ["backup", "/proc/nothing/x.db"])).Code);
    }
}
