using System.Collections.Concurrent;
using Dapper;
using Microsoft.Data.Sqlite;

namespace Ikuzo.Web.Data;

/// <summary>Looks at one table after the other while the server runs: a page that a disk has lost is noticed before it is needed.</summary>
internal sealed partial class TableWatch : BackgroundService
{
    private static readonly TimeSpan Beat = TimeSpan.FromSeconds(1);
    private const int Idle = 30; // for so many times as long as a look took nothing is looked at

    private readonly ConcurrentDictionary<string, bool> _damaged = new();
    private readonly Database _database;
    private readonly TimeProvider _clock;
    private readonly ILogger<TableWatch> _log;

    public TableWatch(Database database, TimeProvider clock, ILogger<TableWatch> log)
    {
        (_database, _clock, _log) = (database, clock, log);
        database.Replaced += _damaged.Clear;
    }

    /// <summary>Tables that cannot be read in full.</summary>
    public IReadOnlyList<string> Damaged => [.. _damaged.Keys.Order()];

    /// <summary>Looks at the next one.</summary>
    /// <param name="after">The last; null for the first.</param>
    /// <returns>Its name; null after the last.</returns>
    public string? Look(string? after)
    {
        const string Next = """
            SELECT name FROM sqlite_master WHERE type = 'table' AND sql NOT LIKE 'CREATE VIRTUAL%' AND name > @after ORDER BY name LIMIT 1
            """;
        var name = after;
        try
        {
            using var connection = Backups.Connection(_database.Path, SqliteOpenMode.ReadOnly);
            name = connection.QueryFirstOrDefault<string>(Next, new { after = after ?? "" });
            if (name is null)
            {
                return null;
            }

            if (connection.ExecuteScalar<string>($"PRAGMA quick_check('{name}')") is not "ok" and var said)
            {
                Note(name, said);
            }
        }
        catch (SqliteException error) when (Database.IsDamage(error))
        {
            Note(name ?? "sqlite_master", error.Message);
        }

        return name;
    }

    private void Note(string table, string? said)
    {
        if (_damaged.TryAdd(table, true))
        {
            LogDamaged(_log, table, said);
        }
    }

    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        string? last = null;
        while (true)
        {
            var began = _clock.GetTimestamp();
            try
            {
                last = Look(last);
            }
            catch (SqliteException error)
            {
                LogNotLooked(_log, error); // it is written to just now; the next time
            }

            var took = _clock.GetElapsedTime(began);
            await Task.Delay(took * Idle > Beat ? took * Idle : Beat, _clock, stoppingToken);
        }
    }

    [LoggerMessage(LogLevel.Error, "The table {Table} is damaged: {Said}")]
    private static partial void LogDamaged(ILogger log, string table, string? said);

    [LoggerMessage(LogLevel.Warning, "The next table could not be looked at")]
    private static partial void LogNotLooked(ILogger log, Exception error);
}
