using Ikuzo.Web.Data;
using Ikuzo.Web.Demo;

namespace Ikuzo.Web.Serving;

/// <summary>Everything between the process and the first answer; and the tools of the command line.</summary>
internal static class Opening
{
    /// <summary>Takes the folder, looks at the database, backs it up before it changes, and brings it up to date.</summary>
    /// <exception cref="StartRefusalException">Something is not as it must be.</exception>
    public static async Task OpenAsync(IServiceProvider services, bool isDemo)
    {
        services.GetRequiredService<DataFolder>();
        var (database, backups) = (services.GetRequiredService<Database>(), services.GetRequiredService<Backups>());
        if (database.Check(backups))
        {
            backups.Make(BackupWhy.BeforeUpdate);
        }

        database.Migrate();
        if (isDemo)
        {
            await DemoData.FillAsync(services, CancellationToken.None);
        }
    }

    /// <summary>A user without a home, as in a container, has it in the folder: certificates cannot be served without one.</summary>
    public static void GiveHome(string folder)
    {
        if (string.IsNullOrEmpty(Environment.GetEnvironmentVariable("HOME")))
        {
            Environment.SetEnvironmentVariable("HOME", Path.GetFullPath(folder));
        }
    }

    /// <summary>Runs "backup [FILE]" and "restore FILE".</summary>
    /// <returns>False for anything else: then the server is started.</returns>
    /// <exception cref="StartRefusalException">It cannot be done.</exception>
    public static bool IsTool(string[] args, string folder)
    {
        if (args is not ["backup" or "restore", ..])
        {
            return false;
        }

        var database = new Database(folder);
        var backups = new Backups(database, TimeProvider.System);
        Console.WriteLine(args is ["backup", ..] ? Backup(database, backups, args.ElementAtOrDefault(1)) : Restore(folder, backups, args));
        return true;
    }

    private static string Backup(Database database, Backups backups, string? to)
    {
        if (!File.Exists(database.Path))
        {
            throw new StartRefusalException($"There is no database in {database.Folder} to back up; name its folder in IKUZO_DATA.");
        }

        try
        {
            if (to is null)
            {
                return $"Backed up as {backups.PathOf(backups.Make(BackupWhy.ByHand).Name)}";
            }

            backups.CopyTo(Path.GetFullPath(to));
            return $"Backed up as {Path.GetFullPath(to)}";
        }
        catch (Exception error) when (error is IOException or UnauthorizedAccessException or Microsoft.Data.Sqlite.SqliteException)
        {
            throw new StartRefusalException($"The backup was not made: {error.Message}", error);
        }
    }

    private static (BackupLook Look, string? Aside) Brought(string path, Backups backups)
    {
        try
        {
            return backups.Bring(path);
        }
        catch (InvalidDataException error)
        {
            throw new StartRefusalException($"{path} was not brought back: {error.Message}", error);
        }
    }

    private static string Restore(string folder, Backups backups, string[] args)
    {
        if (args is not ["restore", var name])
        {
            throw new StartRefusalException("Say which backup: ./ikuzo restore FILE, or the name of one in the folder backups.");
        }

        using var held = DataFolder.Open(folder);
        var path = backups.PathOf(name) ?? Path.GetFullPath(name);
        if (!File.Exists(path))
        {
            throw new StartRefusalException($"There is no file {path}, and no backup of that name in {folder}.");
        }

        var (look, aside) = Brought(path, backups);
        var what = FormattableString.Invariant($"Brought back: {look.Cooks} cooks, {look.Dishes} dishes, {look.Pots} pots.");
        return aside is null ? what : $"{what} What was there before is {aside}";
    }
}
