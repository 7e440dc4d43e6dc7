using DbUp;
using DbUp.Engine.Output;
using Microsoft.Data.Sqlite;

namespace Ikuzo.Web.Data;

/// <summary>The one SQLite file of the household: opens connections and brings the schema up to date.</summary>
public sealed class Database
{
    private readonly string _connectionString;

    /// <summary>A database in a folder, which is made when missing.</summary>
    public Database(string folder)
    {
        Directory.CreateDirectory(folder);
        Path = System.IO.Path.Combine(folder, "ikuzo.db");
        _connectionString = new SqliteConnectionStringBuilder
        {
            DataSource = Path,
            ForeignKeys = true,
            Pooling = true,
        }.ToString();
    }

    /// <summary>Path of the file.</summary>
    public string Path { get; }

    /// <summary>Opens a connection that waits for a busy database and loses nothing that was committed.</summary>
    public async Task<SqliteConnection> OpenAsync(CancellationToken cancellation)
    {
        var connection = new SqliteConnection(_connectionString);
        await connection.OpenAsync(cancellation);
        await using var command = connection.CreateCommand();
        command.CommandText = "PRAGMA journal_mode = WAL; PRAGMA synchronous = FULL; PRAGMA busy_timeout = 5000;";
        await command.ExecuteNonQueryAsync(cancellation);
        return connection;
    }

    /// <summary>Runs the migrations that this file has not seen, each in a transaction.</summary>
    /// <exception cref="InvalidOperationException">A migration failed; the file is as before it.</exception>
    public void Migrate()
    {
        if (IsUpToDate())
        {
            return;
        }

        var result = DeployChanges
            .To.SqliteDatabase(_connectionString)
            .WithScriptsEmbeddedInAssembly(typeof(Database).Assembly, IsMigration)
            .WithTransactionPerScript()
            .LogTo(new NoOpUpgradeLog())
            .Build()
            .PerformUpgrade();
        if (!result.Successful)
        {
            throw new InvalidOperationException(
                $"Migration {result.ErrorScript?.Name} failed; the database is as it was before it.",
                result.Error
            );
        }
    }

    private static bool IsMigration(string resource) => resource.Contains(".Migrations.", StringComparison.Ordinal);

    // The usual start has nothing to do, and need not wake what migrates.
    private bool IsUpToDate()
    {
        using var connection = new SqliteConnection(_connectionString);
        connection.Open();
        using var command = connection.CreateCommand();
        command.CommandText = "SELECT count(*) FROM sqlite_master WHERE name = 'SchemaVersions'";
        if ((long)command.ExecuteScalar()! == 0)
        {
            return false;
        }

        command.CommandText = "SELECT ScriptName FROM SchemaVersions";
        using var rows = command.ExecuteReader();
        HashSet<string> done = [];
        while (rows.Read())
        {
            done.Add(rows.GetString(0));
        }

        return typeof(Database).Assembly.GetManifestResourceNames().Where(IsMigration).All(done.Contains);
    }
}
