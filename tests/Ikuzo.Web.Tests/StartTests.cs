using System.Net.Http.Json;
using Dapper;
using Ikuzo.Web.Data;
using Microsoft.Data.Sqlite;

namespace Ikuzo.Web.Tests;

/// <summary>It starts, or says in one sentence why not.</summary>
public sealed class StartTests : FolderTests
{
    private static async Task RefusesAsync(
        string sentence,
        string folder,
        Dictionary<string, string>? settings = null,
        string[]? arguments = null,
        string[]? before = null
    )
    {
        var (code, said) = await ServerProcess.RunAsync(folder, settings, arguments, before);
        Assert.Equal(1, code);
        Assert.Matches(sentence, said);
        Assert.DoesNotContain("   at ", said); // no stack trace
        Assert.Single(said.Split('\n', StringSplitOptions.RemoveEmptyEntries));
    }

    private async Task MakeAsync(string sql = "SELECT 1")
    {
        var database = new Database(Folder);
        database.Migrate();
        await using (var db = await database.OpenAsync(TestContext.Current.CancellationToken))
        {
            await db.ExecuteAsync(sql);
        }

        SqliteConnection.ClearAllPools();
    }

    [Fact]
    public Task FileForAFolder_IsSaid()
    {
        File.WriteAllText(DatabasePath, "");
        return RefusesAsync("ikuzo.db is a file; name a folder in IKUZO_DATA", DatabasePath);
    }

    [Fact]
    public Task FolderThatCannotBeMade_IsSaid() => RefusesAsync("cannot be (made|written) .*IKUZO_DATA", "/proc/nothing/here");

    [Theory]
    [InlineData("http://kitchen.example:5180", "names the host kitchen.example, which would answer on every address")]
    [InlineData("http://0.0.0.0:5180", "would answer other machines on 0.0.0.0 without a lock")]
    [InlineData("kitchen", "is not an address: kitchen")]
    public Task AddressForOthers_IsSaid(string urls, string sentence) => RefusesAsync(sentence, Folder, new() { ["IKUZO_URLS"] = urls });

    [Fact]
    public async Task PortInUse_AndASecondServer_AreSaid()
    {
        using var server = await ServerProcess.StartAsync(Folder);
        var other = Directory.CreateTempSubdirectory("ikuzo-start-").FullName;
        var address = server.Http.BaseAddress!.ToString().TrimEnd('/');
        await RefusesAsync("Something else listens on 127.0.0.1:.* already", other, new() { ["IKUZO_URLS"] = address });
        Directory.Delete(other, recursive: true);
        await RefusesAsync("Another Ikuzo serves the folder .* already; stop that one", Folder);
        await RefusesAsync("Another Ikuzo serves the folder", Folder, arguments: ["restore", "any.db"]);
        Assert.False(server.HasExited);
    }

    [Fact]
    public async Task NewerDatabase_IsSaid()
    {
        await MakeAsync(
            "INSERT INTO SchemaVersions (ScriptName, Applied) VALUES ('Ikuzo.Web.Data.Migrations.0999_later.sql', '2031-01-01')"
        );
        await RefusesAsync(@"written by a newer Ikuzo \(0999_later.sql is not known here\)", Folder);
    }

    [Fact]
    public async Task DamagedDatabase_IsSaid_AndTheNewestGoodBackupIsOffered()
    {
        await MakeAsync();
        var backups = new Backups(new Database(Folder), TimeProvider.System);
        var good = backups.Make(BackupWhy.Daily);
        var bad = Path.Combine(Folder, "backups", "ikuzo-21000101T000000000Z-daily.db");
        await File.WriteAllBytesAsync(bad, new byte[9000], TestContext.Current.CancellationToken); // newer, and no good
        await File.WriteAllTextAsync(DatabasePath, new string('x', 50_000), TestContext.Current.CancellationToken);
        await RefusesAsync($"is damaged. .*./ikuzo restore {good.Name}", Folder);
        var (code, brought) = await ServerProcess.RunAsync(Folder, arguments: ["restore", good.Name]);
        Assert.Equal((0, true), (code, brought.Contains("Brought back: 0 cooks, 0 dishes, 1 pots.", StringComparison.Ordinal)));
        Assert.False(new Database(Folder).Check(backups));
    }

    [Fact]
    public async Task DamagedDatabase_WithoutABackup_SaysWhatToDo()
    {
        await File.WriteAllTextAsync(DatabasePath, new string('x', 50_000), TestContext.Current.CancellationToken);
        await RefusesAsync("There is no good backup; move the file away", Folder);
    }

    // A disk of its own, which is full or cannot be written.
    [Theory]
    [InlineData("size=64k", "is full; make room")]
    [InlineData("size=4m,ro", "cannot be written")]
    public async Task DiskThatTakesNothing_IsSaid(string options, string sentence)
    {
        await RefusesAsync(sentence, Folder, before: await InMountsAsync($"mount -t tmpfs -o {options} tmpfs '{Folder}' && exec \"$@\""));
    }

    [Fact]
    public async Task UserWithoutAHome_ServesTheHouse()
    {
        var before = await InMountsAsync(
            "exec setpriv --reuid=1654 --regid=1654 --clear-groups --inh-caps=+dac_override --ambient-caps=+dac_override env -u HOME \"$@\""
        );
        var port = ServerProcess.FreePort();
        var settings = new Dictionary<string, string> { ["IKUZO_HOME"] = "true", ["IKUZO_HOME_PORT"] = $"{port}" };
        using var server = await ServerProcess.StartAsync(Folder, settings, before);
        using var handler = new HttpClientHandler { ServerCertificateCustomValidationCallback = (_, _, _, _) => true };
        using var http = new HttpClient(handler);
        while (true)
        {
            try
            {
                var health = await http.GetAsync(new Uri($"https://127.0.0.1:{port}/api/health"), TestContext.Current.CancellationToken);
                Assert.Equal(200, (int)health.StatusCode);
                return;
            }
            catch (HttpRequestException) when (!server.HasExited)
            {
                await Task.Delay(50, TestContext.Current.CancellationToken); // one address comes after the other
            }
        }
    }

    // What begins a program in mounts of its own.
    internal static async Task<string[]> InMountsAsync(string command)
    {
        using var tried = System.Diagnostics.Process.Start(new System.Diagnostics.ProcessStartInfo("unshare", ["-m", "true"]));
        await tried!.WaitForExitAsync(TestContext.Current.CancellationToken);
        Assert.SkipUnless(tried.ExitCode == 0, "This machine lets nobody mount a disk.");
        return ["unshare", "-m", "sh", "-c", command, "sh"];
    }

    [Fact]
    public async Task Stop_WaitsForNoComputation()
    {
        using var server = await ServerProcess.StartAsync(Folder);
        var bird = new
        {
            load = new
            {
                cut = "chicken-whole",
                pieces = 1,
                totalKg = 1.8,
            },
            pot = new { capacityLitres = 8 },
            confirmed = new[] { "giblets" },
        };
        const int Pages = 400; // seconds of computing
        var asked = Enumerable.Range(0, Pages).Select(AskAsync).ToArray();
        while (!asked.Any(IsAnswered))
        {
            await Task.WhenAny(asked.Where(a => !a.IsCompleted)); // some are told at once to come again
        }

        await server.StopAsync();
        await Task.WhenAll(asked).ContinueWith(_ => { }, TaskScheduler.Default);
        Assert.InRange(asked.Count(IsAnswered), 1, Pages / 2);

        static bool IsAnswered(Task<HttpResponseMessage> asked) => asked.IsCompletedSuccessfully && asked.Result.IsSuccessStatusCode;

        Task<HttpResponseMessage> AskAsync(int page)
        {
            var request = new HttpRequestMessage(HttpMethod.Post, "/api/plans/preview") { Content = JsonContent.Create(bird) };
            request.Headers.Add("Ikuzo-Client", $"{page}");
            return server.Http.SendAsync(request, TestContext.Current.CancellationToken);
        }
    }

    [Fact]
    public async Task UnreadableRow_IsLeftOutAndReported_TheOthersAreServed()
    {
        await MakeAsync(
            """
            INSERT INTO dishes (id, name, document, created_at, changed_at) VALUES
              ('bad', 'Bad', '{"items": "none"', '2026-01-01T00:00:00Z', '2026-01-01T00:00:00Z');
            INSERT INTO plans (id, name, request, created_at) VALUES ('bad', 'Bad', '[]', '2026-01-01T00:00:00Z');
            INSERT INTO cooks (id, name, planned, created_at) VALUES
              ('bad', 'Bad', '{}', '2026-01-01T00:00:00Z'), ('ended', 'Bad', 'nothing', '2026-01-01T00:00:00Z');
            UPDATE cooks SET ended = 1, to_book = 1 WHERE id = 'ended';
            INSERT INTO store_items (id, client_id, document, created_at) VALUES ('bad', 'bad', '{', '2026-01-01T00:00:00Z');
            INSERT INTO store_moves (item_id, client_id, place, at, written_at)
            VALUES ('bad', 'bad', 'Fridge', '2026-01-01T00:00:00Z', '2026-01-01T00:00:00Z');
            INSERT INTO book (cook_id, name, cooked_at, cut, pieces, total_kg, state, minutes, verdict, next_time, words,
              hidden, left_out)
            VALUES ('ended', 'Bad', '2026-01-01T00:00:00Z', 'duck-leg', 1, 1, 'Chilled', 1, 'Unknown', '', '', 0, 0);
            """
        );
        await using var server = new IkuzoServer(demo: false, Folder);
        foreach (var list in new[] { "/api/dishes", "/api/plans", "/api/cooks", "/api/cooks?state=active", "/api/store" })
        {
            Assert.Empty((await server.GetAsync(list)).Body!.AsArray());
        }

        Assert.Equal(404, (await server.GetAsync("/api/dishes/bad")).Status);
        Assert.Equal(404, (await server.GetAsync("/api/cooks/bad")).Status);
        Assert.Equal(200, (await server.GetAsync("/api/learned")).Status);
        Assert.Equal(200, (await server.GetAsync("/api/book")).Status);
        Assert.Empty((await server.GetAsync("/api/book/export")).Body!["cooks"]!.AsArray());
        var health = (await server.GetAsync("/api/health")).Body!;
        Assert.Equal("ok", (string)health["status"]!);
        Assert.Contains(
            "A dish (bad) cannot be read and is left out; it stays in the database.",
            health["problems"]!.AsArray().Select(p => (string)p!)
        );
    }

    [Fact]
    public async Task DatabaseThatGoes_IsSaidByHealth()
    {
        await using var server = new IkuzoServer(demo: false, Folder);
        Assert.Equal("ok", (string)(await server.GetAsync("/api/health")).Body!["status"]!);
        File.Move(DatabasePath, $"{DatabasePath}.away");
        SqliteConnection.ClearAllPools();
        var (status, health) = await server.GetAsync("/api/health");
        Assert.Equal((503, "failing"), (status, (string)health!["status"]!));
    }
}
