using Dapper;
using Microsoft.Data.Sqlite;

namespace Ikuzo.Web.Data;

/// <summary>
/// A copy of a file that is to take the place of the database: looked at, brought up to date, held against what a database of this version
/// is, and given who is let in here. Only what has passed all of that counts; until then nothing of what is served has changed.
/// </summary>
internal static class Staged
{
    private static readonly Lazy<(HashSet<string> Columns, HashSet<string> Others)> Expected = new(OfThisVersion);

    /// <summary>Makes such a copy.</summary>
    /// <param name="from">The file.</param>
    /// <param name="to">Path of the copy.</param>
    /// <param name="served">Path of the database that is served, of which who was let in stays so.</param>
    /// <returns>What is in it.</returns>
    /// <exception cref="InvalidDataException">It cannot take the place of a database; why, in a sentence.</exception>
    public static BackupLook Prepare(string from, string to, string served)
    {
        File.Copy(from, to, overwrite: true);
        Look(to);
        try
        {
            Database.Migrate(Backups.Text(to));
        }
        catch (InvalidOperationException error)
        {
            throw new InvalidDataException(
                $"It cannot be brought up to this version: {error.InnerException?.Message ?? error.Message}.",
                error
            );
        }

        using (var connection = Backups.Connection(to, SqliteOpenMode.ReadWrite))
        {
            Compare(connection);
            KeepWhoIsIn(connection, served);
        }

        return Look(to);
    }

    private static BackupLook Look(string path) =>
        Backups.Look(path) switch
        {
            ({ } look, _) => look,
            (_, var wrong) => throw new InvalidDataException(wrong),
        };

    private static void Compare(SqliteConnection connection)
    {
        var (columns, others) = ShapeOf(connection);
        if (Expected.Value.Columns.Except(columns).FirstOrDefault() is { } missing)
        {
            throw new InvalidDataException($"It is not whole: {missing} is missing.");
        }

        if (Difference(others, Expected.Value.Others) is { } other)
        {
            throw new InvalidDataException($"It is no database that Ikuzo made: {other}.");
        }

        if (connection.ExecuteScalar<long>("SELECT count(*) FROM kitchen") != 1)
        {
            throw new InvalidDataException("It is not whole: there is no kitchen in it.");
        }

        if (connection.QueryFirstOrDefault<string>("SELECT \"table\" FROM pragma_foreign_key_check") is { } torn)
        {
            throw new InvalidDataException($"It is not whole: something that {torn} belongs to is missing.");
        }
    }

    // What a backup says of who may come in, somebody else may have written.
    private static void KeepWhoIsIn(SqliteConnection connection, string served)
    {
        connection.Execute("DELETE FROM devices");
        try
        {
            connection.Execute("ATTACH @served AS here", new { served });
            connection.Execute("INSERT INTO devices SELECT * FROM here.devices");
            connection.Execute("DETACH here");
        }
        catch (SqliteException)
        {
            connection.Execute("DELETE FROM devices"); // who is in cannot be read: nobody is, until they are let in again
        }
    }

    private static string? Difference(HashSet<string> these, HashSet<string> expected) =>
        expected.Except(these).FirstOrDefault() is { } missing ? $"{missing} is missing"
        : these.Except(expected).FirstOrDefault() is { } odd ? $"{odd} is not of it"
        : null;

    private static (HashSet<string> Columns, HashSet<string> Others) ShapeOf(SqliteConnection connection) =>
        (
            [
                .. connection.Query<string>(
                    "SELECT m.name || '.' || c.name FROM sqlite_master m JOIN pragma_table_info(m.name) c WHERE m.type = 'table'"
                ),
            ],
            [
                .. connection.Query<string>(
                    """
                    SELECT type || ' ' || name || CASE type WHEN 'table' THEN '' ELSE ' ' || coalesce(sql, '') END FROM sqlite_master
                    WHERE name NOT LIKE 'sqlite_%'
                    """
                ),
            ]
        );

    private static (HashSet<string> Columns, HashSet<string> Others) OfThisVersion()
    {
        var path = Path.Combine(Path.GetTempPath(), $"ikuzo-{Guid.NewGuid():N}.tmp");
        try
        {
            Database.Migrate(Backups.Text(path));
            using var connection = Backups.Connection(path, SqliteOpenMode.ReadOnly);
            return ShapeOf(connection);
        }
        finally
        {
            Backups.Forget(path);
        }
    }
}
