using DbUp;
using DbUp.Engine.Output;
using Microsoft.Data.Sqlite;

namespace Ikuzo.Web.Data;

/// <summary>The one SQLite file of the household: opens connections and brings the schema up to date.</summary>
public sealed class Database
{
    private const int NotADatabase = 26,
        Corrupt = 11;

    private readonly string _connectionString;

    /// <summary>A database in a folder, which is made when missing.</summary>
    public Database(string folder)
    {
        Directory.CreateDirectory(folder);
        Folder = folder;
        Path = System.IO.Path.Combine(folder, "ikuzo.db");
        _connectionString = new SqliteConnectionStringBuilder
        {
            DataSource = Path,
            ForeignKeys = true,
            Pooling = true,
        }.ToString();
    }

    /// <summary>Its folder.</summary>
    public string Folder { get; }

    /// <summary>Path of the file.</summary>
    public string Path { get; }

    /// <summary>Raised after all that is in it became something else.</summary>
    public event Action? Replaced;

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

    /// <summary>Looks whether the file is whole and of a version that is known here.</summary>
    /// <returns>True when it is there and of an earlier version.</returns>
    /// <exception cref="StartRefusalException">It is not.</exception>
    public bool Check(Backups backups)
    {
        if (!File.Exists(Path) || new FileInfo(Path).Length == 0)
        {
            return backups.List() is not [var newest, ..]
                ? false
                : throw new StartRefusalException($"The database {Path} is gone or empty, though there are backups. {Offer(newest)}");
        }

        try
        {
            using var connection = new SqliteConnection(_connectionString);
            connection.Open();
            using var command = connection.CreateCommand();
            command.CommandText = "PRAGMA quick_check(1)";
            if (command.ExecuteScalar() is not "ok" || Schema(connection) is not { } done)
            {
                throw Damaged(backups, null);
            }

            return done.Except(Scripts).FirstOrDefault() is { } unknown
                ? throw new StartRefusalException(
                    $"The database {Path} was written by a newer Ikuzo ({Short(unknown)} is not known here); "
                        + "start that one, or restore an older backup with ./ikuzo restore FILE."
                )
                : Scripts.Except(done).Any();
        }
        catch (SqliteException error) when (error.SqliteErrorCode is NotADatabase or Corrupt)
        {
            throw Damaged(backups, error);
        }
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

    /// <summary>True while the file is there and can be read.</summary>
    public async Task<bool> AnswersAsync(CancellationToken cancellation)
    {
        try
        {
            await using var db = await OpenAsync(cancellation);
            await using var command = db.CreateCommand();
            command.CommandText = "SELECT count(*) FROM kitchen";
            await command.ExecuteScalarAsync(cancellation);
            return File.Exists(Path);
        }
        catch (SqliteException)
        {
            return false;
        }
    }

    /// <summary>Puts all of another database in the place of this one, in one transaction.</summary>
    /// <param name="other">A connection to a whole database of this product.</param>
    /// <param name="cancellation">Stops it before anything is changed.</param>
    public async Task ReplaceAsync(SqliteConnection other, CancellationToken cancellation)
    {
        await using (var here = await OpenAsync(cancellation))
        {
            other.BackupDatabase(here);
        }

        SqliteConnection.ClearPool(new SqliteConnection(_connectionString));
        Migrate();
        Replaced?.Invoke();
    }

    /// <summary>Names of all migrations that are known here.</summary>
    internal static IReadOnlyList<string> Scripts { get; } = [.. typeof(Database).Assembly.GetManifestResourceNames().Where(IsMigration)];

    /// <summary>Names of the migrations that a file has seen; null when it is none of ours.</summary>
    internal static HashSet<string>? Schema(SqliteConnection connection)
    {
        using var command = connection.CreateCommand();
        command.CommandText = "SELECT count(*) FROM sqlite_master WHERE name IN ('SchemaVersions', 'kitchen')";
        if ((long)command.ExecuteScalar()! < 2)
        {
            return null;
        }

        command.CommandText = "SELECT ScriptName FROM SchemaVersions";
        using var rows = command.ExecuteReader();
        HashSet<string> done = [];
        while (rows.Read())
        {
            done.Add(rows.GetString(0));
        }

        return done;
    }

    private StartRefusalException Damaged(Backups backups, Exception? error) =>
        new(
            $"The database {Path} is damaged. "
                + (
                    backups.NewestGood() is { } good
                        ? Offer(good)
                        : "There is no good backup; move the file away to begin anew, and keep it for who can repair it."
                ),
            error
        );

    private static string Offer(BackupFile backup) =>
        FormattableString.Invariant($"Bring back the backup of {backup.At:yyyy-MM-dd HH:mm} UTC with: ./ikuzo restore {backup.Name}");

    private static string Short(string script) => script[(script.IndexOf(".Migrations.", StringComparison.Ordinal) + 12)..];

    private static bool IsMigration(string resource) => resource.Contains(".Migrations.", StringComparison.Ordinal);

    // The usual start has nothing to do, and need not wake what migrates.
    private bool IsUpToDate()
    {
        using var connection = new SqliteConnection(_connectionString);
        connection.Open();
        return Schema(connection) is { } done && Scripts.All(done.Contains);
    }
}
