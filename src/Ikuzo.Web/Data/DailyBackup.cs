namespace Ikuzo.Web.Data;

/// <summary>Makes a backup each day, the first when there is none of the last day, and again until one that failed could be made.</summary>
internal sealed partial class DailyBackup(Backups backups, TimeProvider clock, ILogger<DailyBackup> log) : BackgroundService
{
    private static readonly TimeSpan Look = TimeSpan.FromMinutes(30),
        First = TimeSpan.FromSeconds(20); // the start is not held up

    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        await Task.Delay(First, clock, stoppingToken);
        _ = backups.NewestGood();
        while (true)
        {
            try
            {
                if (backups.Failed is not null || BackupRules.IsDue(backups.List(), clock.GetUtcNow()))
                {
                    LogMade(log, backups.Make(BackupWhy.Daily).Name);
                }
            }
            catch (Exception error) when (error is IOException or UnauthorizedAccessException or Microsoft.Data.Sqlite.SqliteException)
            {
                LogNotMade(log, error);
            }

            await Task.Delay(Look, clock, stoppingToken);
        }
    }

    [LoggerMessage(LogLevel.Information, "Backup {Name}")]
    private static partial void LogMade(ILogger log, string name);

    [LoggerMessage(LogLevel.Error, "The backup of today could not be made; it is tried again in half an hour")]
    private static partial void LogNotMade(ILogger log, Exception error);
}
