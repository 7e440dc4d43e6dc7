using DbUp;
using DbUp.Engine.Output;
using Microsoft.Data.Sqlite;

namespace Ikuzo.Web.Data;

/// <summary>The one SQLite file of the household: opens connections and brings the schema up to date.</summary>
public sealed class Database
{
    private const int NotADatabase = 26,
        Corrupt = 11;

    private static readonly TimeSpan Patience = TimeSpan.FromSeconds(10); // until what is being written is written

    private readonly string _connectionString;
    private readonly Gate _gate = new();

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
        await _gate.EnterAsync(cancellation);
        var connection = new Through(_connectionString, _gate);
        try
        {
            await connection.OpenAsync(cancellation);
        }
        catch
        {
            await connection.DisposeAsync();
            throw;
        }

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
        catch (SqliteException error) when (IsDamage(error))
        {
            throw Damaged(backups, error);
        }
    }

    /// <summary>Runs the migrations that this file has not seen, each in a transaction.</summary>
    /// <exception cref="InvalidOperationException">A migration failed; the file is as before it.</exception>
    public void Migrate() => Migrate(_connectionString);

    /// <summary>The same of another file.</summary>
    /// <param name="connectionString">The file.</param>
    internal static void Migrate(string connectionString)
    {
        if (IsUpToDate(connectionString))
        {
            return;
        }

        var result = DeployChanges
            .To.SqliteDatabase(connectionString)
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

    /// <summary>True where a file is damaged, or no database.</summary>
    internal static bool IsDamage(SqliteException error) => error.SqliteErrorCode is NotADatabase or Corrupt;

    /// <summary>True while the file is there, and the kitchen, the plans and the cooks in it can be read.</summary>
    public async Task<bool> AnswersAsync(CancellationToken cancellation)
    {
        try
        {
            await using var db = await OpenAsync(cancellation);
            await using var command = db.CreateCommand();
            command.CommandText = """
                SELECT (SELECT count(*) FROM kitchen)
                  + (SELECT count(*) FROM (SELECT id FROM plans LIMIT 1)) + (SELECT count(*) FROM (SELECT id FROM cooks LIMIT 1))
                """;
            return (long)(await command.ExecuteScalarAsync(cancellation))! > 0 && File.Exists(Path);
        }
        catch (SqliteException)
        {
            return false;
        }
    }

    /// <summary>
    /// Puts all of another database in the place of this one, in one transaction of SQLite, while nobody else reads or writes: what was
    /// acknowledged before is in the way back, what is acknowledged after is in what was brought.
    /// </summary>
    /// <param name="path">A whole database of this version.</param>
    /// <param name="keep">Makes the way back.</param>
    /// <exception cref="IOException">Something else is being kept for too long; nothing was changed.</exception>
    /// <exception cref="SqliteException">It could not be written; nothing was changed.</exception>
    public async Task<BackupFile> ReplaceAsync(string path, Func<BackupFile> keep)
    {
        if (!await _gate.CloseAsync(Patience))
        {
            throw new IOException("Something else is being kept at this moment. Try again in a minute.");
        }

        try
        {
            var back = keep();
            SqliteConnection.ClearPool(new SqliteConnection(_connectionString));
            using (var other = Backups.Connection(path, SqliteOpenMode.ReadWrite))
            using (var here = new SqliteConnection(_connectionString))
            {
                here.Open();
                other.BackupDatabase(here);
            }

            SqliteConnection.ClearPool(new SqliteConnection(_connectionString));
            Replaced?.Invoke();
            return back;
        }
        finally
        {
            _gate.Open();
        }
    }

    // Goes out of the gate when it is closed.
    private sealed class Through(string connectionString, Gate gate) : SqliteConnection(connectionString)
    {
        private bool _isOut;

        protected override void Dispose(bool disposing)
        {
            base.Dispose(disposing);
            if (disposing && !_isOut)
            {
                _isOut = true;
                gate.Leave();
            }
        }
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
    private static bool IsUpToDate(string connectionString)
    {
        using var connection = new SqliteConnection(connectionString);
        connection.Open();
        return Schema(connection) is { } done && Scripts.All(done.Contains);
    }
}
