using System.Globalization;
using Microsoft.Data.Sqlite;

namespace Ikuzo.Web.Data;

/// <summary>Why a backup was made.</summary>
public enum BackupWhy
{
    /// <summary>Once a day, by itself.</summary>
    Daily,

    /// <summary>Somebody asked for it.</summary>
    ByHand,

    /// <summary>Before a newer version changed the database.</summary>
    BeforeUpdate,

    /// <summary>Before another one was brought back.</summary>
    BeforeRestore,
}

/// <summary>A backup.</summary>
/// <param name="Name">Name of its file.</param>
/// <param name="At">When it was made.</param>
/// <param name="Why">Why.</param>
/// <param name="Bytes">Its size.</param>
public sealed record BackupFile(string Name, DateTimeOffset At, BackupWhy Why, long Bytes);

/// <summary>A backup that could not be made.</summary>
/// <param name="At">When.</param>
/// <param name="Why">Why, in a sentence.</param>
public sealed record BackupFailure(DateTimeOffset At, string Why);

/// <summary>What is in a backup.</summary>
/// <param name="Cooks">Cooks.</param>
/// <param name="Dishes">Dishes.</param>
/// <param name="Pots">Pots.</param>
/// <param name="Things">Things in the cold.</param>
/// <param name="LastCookAt">When its last cook was begun; null without one.</param>
/// <param name="IsOlder">True for one of an earlier version, which is brought up to date.</param>
public sealed record BackupLook(long Cooks, long Dishes, long Pots, long Things, DateTimeOffset? LastCookAt, bool IsOlder);

/// <summary>Backups of the household: made while it is served, looked at before they count, kept for a month, brought back.</summary>
/// <param name="database">The database.</param>
/// <param name="clock">The clock.</param>
public sealed class Backups(Database database, TimeProvider clock)
{
    private const string Stamp = "yyyyMMdd'T'HHmmssfff'Z'",
        Part = ".part";

    private static readonly string[] Whys = ["daily", "by-hand", "before-update", "before-restore"]; // in the order of BackupWhy

    private static readonly string[] Files = ["-wal", "-shm", ""]; // what belongs to a database
    private readonly Lock _lock = new();

    /// <summary>The newest that was found whole; null until one was, or where there is none.</summary>
    public BackupFile? Good { get; private set; }

    /// <summary>The last that could not be made, until one could; null for none.</summary>
    public BackupFailure? Failed { get; private set; }

    private string Folder => Path.Combine(database.Folder, "backups");

    /// <summary>All of them, the newest first.</summary>
    public IReadOnlyList<BackupFile> List() =>
        !Directory.Exists(Folder)
            ? []
            : [.. new DirectoryInfo(Folder).EnumerateFiles("ikuzo-*.db").Select(Read).OfType<BackupFile>().OrderByDescending(b => b.At)];

    /// <summary>The newest that is whole; null without one.</summary>
    public BackupFile? NewestGood() => Good = List().FirstOrDefault(b => Look(PathOf(b.Name)!).Wrong is null);

    /// <summary>Path of a backup by its name; null when there is none.</summary>
    public string? PathOf(string name) => List().Any(b => b.Name == name) ? Path.Combine(Folder, name) : null;

    /// <summary>Makes one, and looks whether it is whole, before any is removed.</summary>
    /// <exception cref="IOException">It could not be made, or is not whole.</exception>
    public BackupFile Make(BackupWhy why)
    {
        try
        {
            (Good, Failed) = (MakeOne(why), null);
            return Good;
        }
        catch (Exception error) when (error is IOException or UnauthorizedAccessException or SqliteException)
        {
            Failed = new(clock.GetUtcNow(), Disk.IsFull(error) ? $"the disk is full. {Disk.MakeRoom}" : error.Message);
            throw;
        }
    }

    private BackupFile MakeOne(BackupWhy why)
    {
        lock (_lock)
        {
            Directory.CreateDirectory(Folder);
            var at = clock.GetUtcNow();
            while (File.Exists(PathAt(at, why)))
            {
                at = at.AddMilliseconds(1); // none takes the place of another
            }

            var path = PathAt(at, why);
            CopyTo(path);
            foreach (var old in BackupRules.ToRemove(List(), at))
            {
                File.Delete(Path.Combine(Folder, old.Name));
            }

            return Read(new FileInfo(path))!;
        }
    }

    /// <summary>A whole copy of the database as it is now, under another path.</summary>
    /// <exception cref="IOException">It could not be made, or is not whole.</exception>
    public void CopyTo(string path)
    {
        Forget(path + Part);
        try
        {
            Copy(path);
        }
        catch
        {
            Forget(path + Part); // half of it helps nobody, and takes the room that is missing
            throw;
        }
    }

    private void Copy(string path)
    {
        using (var from = Connection(database.Path, SqliteOpenMode.ReadOnly))
        using (var to = Connection(path + Part, SqliteOpenMode.ReadWriteCreate))
        {
            from.BackupDatabase(to);
            using var command = to.CreateCommand();
            command.CommandText = "PRAGMA journal_mode = DELETE";
            command.ExecuteNonQuery();
        }

        if (Look(path + Part).Wrong is { } wrong)
        {
            throw new IOException($"The backup is not whole: {wrong}");
        }

        using (var file = new FileStream(path + Part, FileMode.Open, FileAccess.ReadWrite))
        {
            file.Flush(flushToDisk: true);
        }

        File.Move(path + Part, path, overwrite: true);
    }

    /// <summary>A path beside the database for a file that is only needed for a while.</summary>
    public string Temporary(string what) => Path.Combine(database.Folder, $"ikuzo-{what}-{Guid.NewGuid():N}.tmp");

    /// <summary>Removes such a file, and what was opened beside it.</summary>
    public static void Forget(string path)
    {
        foreach (var end in Files)
        {
            File.Delete(path + end);
        }
    }

    /// <summary>What is in a file, or why it cannot be brought back.</summary>
    public static (BackupLook? Look, string? Wrong) Look(string path)
    {
        try
        {
            using var connection = Connection(path, SqliteOpenMode.ReadWrite);
            if (Answer(connection, "PRAGMA integrity_check(1)") != "ok")
            {
                return (null, "It is damaged.");
            }

            if (Database.Schema(connection) is not { } done)
            {
                return (null, "It is no database of Ikuzo.");
            }

            if (done.Except(Database.Scripts).Any())
            {
                return (null, "It was written by a newer Ikuzo. Update this one first.");
            }

            // What was removed can be undone, and is not counted.
            long Count(string table)
            {
                var columns = Answer(connection, $"SELECT group_concat(name) FROM pragma_table_info('{table}')") ?? "";
                var kept = columns.Contains("removed_at", StringComparison.Ordinal) ? "WHERE removed_at IS NULL" : "";
                return columns.Length == 0
                    ? 0
                    : long.Parse(Answer(connection, $"SELECT count(*) FROM {table} {kept}")!, CultureInfo.InvariantCulture);
            }

            var last = Count("cooks") > 0 ? Answer(connection, "SELECT max(created_at) FROM cooks") : null;
            return (
                new(
                    Count("cooks"),
                    Count("dishes"),
                    Count("pots"),
                    Count("store_items"),
                    last is null ? null : StoredMoment.Of(last),
                    Database.Scripts.Except(done).Any()
                ),
                null
            );
        }
        catch (Exception error) when (error is SqliteException or FormatException or InvalidCastException)
        {
            return (null, "It is damaged, or no database at all.");
        }
    }

    /// <summary>Puts a file in the place of all that is here, whole or not at all.</summary>
    /// <returns>What is in it, and the way back.</returns>
    /// <exception cref="InvalidDataException">The file cannot be brought back; nothing was changed.</exception>
    /// <exception cref="IOException">What is here could not be backed up first, or nothing can be written; nothing was changed.</exception>
    public async Task<(BackupLook Look, BackupFile WayBack)> RestoreAsync(string path)
    {
        var staged = Temporary("staged");
        try
        {
            var look = Staged.Prepare(path, staged, database.Path);
            return (look, await database.ReplaceAsync(staged, () => Make(BackupWhy.BeforeRestore)));
        }
        finally
        {
            Forget(staged);
        }
    }

    /// <summary>Puts a file in the place of the database of a server that does not run; what was there stays beside it.</summary>
    /// <returns>What is in it, and where that is; null where nothing was there.</returns>
    /// <exception cref="InvalidDataException">The file cannot be brought back; nothing was changed.</exception>
    public (BackupLook Look, string? Aside) Bring(string path)
    {
        var aside = $"{database.Path}.before-{Stamped(clock.GetUtcNow())}";
        var look = Staged.Prepare(path, database.Path + Part, database.Path);
        SqliteConnection.ClearAllPools();
        var was = File.Exists(database.Path);
        foreach (var end in Files.Where(e => File.Exists(database.Path + e)))
        {
            File.Move(database.Path + end, aside + end, overwrite: true);
        }

        File.Move(database.Path + Part, database.Path);
        Forget(database.Path + Part);
        return (look, was ? aside : null);
    }

    private string PathAt(DateTimeOffset at, BackupWhy why) => Path.Combine(Folder, $"ikuzo-{Stamped(at)}-{Whys[(int)why]}.db");

    private static string Stamped(DateTimeOffset at) => at.UtcDateTime.ToString(Stamp, CultureInfo.InvariantCulture);

    /// <summary>The way to a file that is not the one that is served.</summary>
    internal static string Text(string path, SqliteOpenMode mode = SqliteOpenMode.ReadWriteCreate) =>
        new SqliteConnectionStringBuilder
        {
            DataSource = path,
            Mode = mode,
            Pooling = false,
        }.ToString();

    /// <summary>A connection to it.</summary>
    internal static SqliteConnection Connection(string path, SqliteOpenMode mode)
    {
        var connection = new SqliteConnection(Text(path, mode));
        connection.Open();
        using var command = connection.CreateCommand();
        command.CommandText = "PRAGMA busy_timeout = 5000"; // a running server may be writing just now
        command.ExecuteNonQuery();
        return connection;
    }

    private static string? Answer(SqliteConnection connection, string sql)
    {
        using var command = connection.CreateCommand();
        command.CommandText = sql;
        return Convert.ToString(command.ExecuteScalar(), CultureInfo.InvariantCulture);
    }

    private static BackupFile? Read(FileInfo file)
    {
        var name = Path.GetFileNameWithoutExtension(file.Name);
        return
            name.Split('-', 3) is [_, var stamp, var why]
            && DateTime.TryParseExact(
                stamp,
                Stamp,
                CultureInfo.InvariantCulture,
                DateTimeStyles.AssumeUniversal | DateTimeStyles.AdjustToUniversal,
                out var at
            )
            && Array.IndexOf(Whys, why) is >= 0 and var index
            ? new(file.Name, at, (BackupWhy)index, file.Length)
            : null;
    }
}
