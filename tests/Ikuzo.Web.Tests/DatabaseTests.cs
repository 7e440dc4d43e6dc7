using Dapper;
using Ikuzo.Web.Data;
using Microsoft.Data.Sqlite;

namespace Ikuzo.Web.Tests;

public sealed class DatabaseTests : IDisposable
{
    private readonly string _folder = Directory.CreateTempSubdirectory("ikuzo-data-").FullName;

    public void Dispose()
    {
        SqliteConnection.ClearAllPools();
        Directory.Delete(_folder, recursive: true);
    }

    [Fact]
    public async Task Migrate_OnAnEmptyFolder_MakesTheSchemaAndAPot()
    {
        await using var db = await OpenAsync();
        var tables = (await db.QueryAsync<string>("SELECT name FROM sqlite_master WHERE type = 'table'")).ToHashSet();
        Assert.Superset(new HashSet<string> { "kitchen", "pots", "plans" }, tables);
        Assert.Equal(1, await db.ExecuteScalarAsync<long>("SELECT count(*) FROM pots WHERE is_default = 1"));
        Assert.Equal("ok", await db.ExecuteScalarAsync<string>("PRAGMA integrity_check"));
    }

    [Fact]
    public async Task Migrate_Twice_ChangesNothing()
    {
        await using (var db = await OpenAsync())
        {
            await db.ExecuteAsync("UPDATE kitchen SET name = 'Ours'");
        }

        await using var again = await OpenAsync();
        Assert.Equal("Ours", await again.ExecuteScalarAsync<string>("SELECT name FROM kitchen"));
        Assert.Equal(1, await again.ExecuteScalarAsync<long>("SELECT count(*) FROM pots"));
    }

    [Fact]
    public async Task Open_LosesNothingThatWasCommitted()
    {
        await using var db = await OpenAsync();
        Assert.Equal("wal", await db.ExecuteScalarAsync<string>("PRAGMA journal_mode"));
        Assert.Equal(2, await db.ExecuteScalarAsync<long>("PRAGMA synchronous")); // FULL
    }

    [Fact]
    public async Task Tables_AreStrict()
    {
        await using var db = await OpenAsync();
        await Assert.ThrowsAsync<SqliteException>(() => db.ExecuteAsync("UPDATE kitchen SET altitude_metres = 'high'"));
        await Assert.ThrowsAsync<SqliteException>(() =>
            db.ExecuteAsync("INSERT INTO kitchen VALUES (2, 'Another', 0, 21, 'metric', NULL)")
        );
    }

    [Theory]
    [InlineData("UPDATE cook_events SET kind = 'Finished'")]
    [InlineData("DELETE FROM cook_events")]
    public async Task JournalOfACook_IsOnlyAddedTo(string change)
    {
        await using var db = await OpenAsync();
        await db.ExecuteAsync(
            """
            INSERT INTO cooks (id, name, planned, created_at) VALUES ('c', 'Cook', '{}', '2026-01-01');
            INSERT INTO cook_events (cook_id, client_id, kind, at, written_at, data)
            VALUES ('c', 'e', 'LidOn', '2026-01-01', '2026-01-01', '{}');
            """
        );
        Assert.Contains("only added to", (await Assert.ThrowsAsync<SqliteException>(() => db.ExecuteAsync(change))).Message);
    }

    // Every earlier version of the file comes up to date with what the household had put in.
    [Theory]
    [InlineData("0001_first.sql")]
    [InlineData("0002_default_school.sql")]
    [InlineData("0003_pot_sizes.sql")]
    [InlineData("0004_dishes.sql")]
    [InlineData("0005_cooks.sql")]
    [InlineData("0006_has_thermometer.sql")]
    public async Task Migrate_FromAnEarlierVersion_KeepsWhatWasThere(string newest)
    {
        var database = new Database(_folder);
        DbUp.DeployChanges.To.SqliteDatabase($"Data Source={database.Path}")
            .WithScriptsEmbeddedInAssembly(
                typeof(Database).Assembly,
                name => name.Split(".Migrations.") is [_, var script] && string.CompareOrdinal(script, newest) <= 0
            )
            .LogTo(new DbUp.Engine.Output.NoOpUpgradeLog())
            .Build()
            .PerformUpgrade();
        await using (var before = await database.OpenAsync(TestContext.Current.CancellationToken))
        {
            await before.ExecuteAsync(
                "UPDATE kitchen SET name = 'Old house'; INSERT INTO plans VALUES ('p', 'Old plan', '{}', 9, 'natural', 0, '2026-01-01', "
                    + "NULL)"
            );
        }

        await using var db = await OpenAsync();
        Assert.Equal("Old house", await db.ExecuteScalarAsync<string>("SELECT name FROM kitchen"));
        Assert.Equal("Old plan", await db.ExecuteScalarAsync<string>("SELECT name FROM plans"));
        Assert.Null(await db.ExecuteScalarAsync<string>("SELECT default_school FROM kitchen"));
        Assert.Null(await db.ExecuteScalarAsync<double?>("SELECT inner_diameter_mm FROM pots"));
        Assert.Equal(0, await db.ExecuteScalarAsync<long>("SELECT count(*) FROM dishes"));
    }

    [Fact]
    public async Task DemoHousehold_IsFilledOnceAndThenTheCooksOwn()
    {
        await using (var first = new IkuzoServer(demo: true, _folder))
        {
            foreach (var plan in (await first.GetAsync("/api/plans")).Body!.AsArray())
            {
                await first.SendAsync(HttpMethod.Delete, $"/api/plans/{plan!["id"]}");
            }
        }

        await using var second = new IkuzoServer(demo: true, _folder);
        Assert.Empty((await second.GetAsync("/api/plans")).Body!.AsArray());
        Assert.Equal(2, (await second.GetAsync("/api/kitchen")).Body!["pots"]!.AsArray().Count);
    }

    [Fact]
    public async Task TwoServers_OnTwoFolders_DoNotShare()
    {
        await using var one = new IkuzoServer();
        await using var two = new IkuzoServer();
        await one.PostAsync("/api/kitchen/pots", new { name = "Mine", capacityLitres = 6 });
        Assert.DoesNotContain((await two.GetAsync("/api/kitchen")).Body!["pots"]!.AsArray(), p => (string)p!["name"]! == "Mine");
    }

    [Fact]
    public async Task ManyAtOnce_AreAllKept()
    {
        await using var server = new IkuzoServer();
        var request = new
        {
            load = new
            {
                cut = "chicken-cutlet",
                pieces = 2,
                totalKg = 0.24,
            },
        };
        var answers = await Task.WhenAll(
            Enumerable.Range(0, 12).Select(i => server.PostAsync("/api/plans", new { name = $"Plan {i}", request }))
        );
        Assert.All(answers, a => Assert.Equal(201, a.Status));
        Assert.Equal(12, (await server.GetAsync("/api/plans")).Body!.AsArray().Count);
    }

    private async Task<SqliteConnection> OpenAsync()
    {
        var database = new Database(_folder);
        database.Migrate();
        return await database.OpenAsync(TestContext.Current.CancellationToken);
    }
}
