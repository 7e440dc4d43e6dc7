using System.Globalization;
using Ikuzo.Web.Data;
using Ikuzo.Web.Serving;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Ikuzo.Web.Features.Health;

/// <summary>State of the server.</summary>
/// <param name="Status">"ok", or "failing" when what is kept cannot be read, or nothing more can be kept.</param>
/// <param name="Problems">What is wrong and what to do, each in a sentence; also what does not keep it from serving.</param>
/// <param name="Now">What its clock shows.</param>
/// <param name="ClockSet">The last time that its clock was set while it served; null for never.</param>
/// <param name="Backup">The last good backup; null for none.</param>
/// <param name="BackupAgeHours">How old that is.</param>
/// <param name="BackupFailed">The last backup that failed since then; null for none.</param>
/// <param name="FreeBytes">Room on the disk; null for a disk that does not say.</param>
public sealed record Health(
    string Status,
    IReadOnlyList<string> Problems,
    DateTimeOffset Now,
    ClockSetting? ClockSet,
    BackupFile? Backup,
    double? BackupAgeHours,
    BackupFailure? BackupFailed,
    long? FreeBytes
);

internal static class HealthEndpoints
{
    private const long LeastFreeBytes = 50L * 1024 * 1024;
    private static readonly TimeSpan OldBackup = TimeSpan.FromDays(3),
        ClockIsNews = TimeSpan.FromHours(12);

    public static void MapHealth(this IEndpointRouteBuilder routes) =>
        routes.MapGet("/api/health", GetAsync).WithTags("Health").WithName("getHealth");

    private static async Task<Results<Ok<Health>, JsonHttpResult<Health>>> GetAsync(
        Database database,
        Unreadable unreadable,
        TableWatch tables,
        Backups backups,
        ClockWatch watch,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        var now = clock.GetUtcNow();
        var free = Disk.FreeBytes(database.Folder);
        List<string> failing =
        [
            .. await OfTheDatabaseAsync(database, tables, backups, cancellation),
            .. free < LeastFreeBytes ? new[] { "The disk is nearly full: soon nothing more can be kept. Make room on it." } : [],
        ];
        var health = new Health(
            failing.Count == 0 ? "ok" : "failing",
            [.. failing, .. OfBackups(backups, now), .. OfTheClock(watch, now), .. unreadable.All],
            now,
            watch.Last,
            backups.Good,
            backups.Good is { } good ? Math.Round((now - good.At).TotalHours, 1) : null,
            backups.Failed,
            free
        );
        return failing.Count == 0
            ? TypedResults.Ok(health)
            : TypedResults.Json(health, statusCode: StatusCodes.Status503ServiceUnavailable);
    }

    private static async Task<IEnumerable<string>> OfTheDatabaseAsync(
        Database database,
        TableWatch tables,
        Backups backups,
        CancellationToken cancellation
    )
    {
        var helps = backups.Good is { } good
            ? FormattableString.Invariant(
                $"Stop Ikuzo, then bring back the backup of {good.At:yyyy-MM-dd HH:mm} UTC: ./ikuzo restore {good.Name}"
            )
            : "Stop Ikuzo and start it again: it says what to do. Keep the file for who can repair it.";
        return tables.Damaged is { Count: > 0 } damaged ? [$"The database is damaged ({string.Join(", ", damaged)}). {helps}"]
            : await database.AnswersAsync(cancellation) ? []
            : [$"The database is gone or cannot be read. {helps}"];
    }

    private static IEnumerable<string> OfBackups(Backups backups, DateTimeOffset now)
    {
        if (backups.Failed is { } failed)
        {
            yield return string.Create(
                CultureInfo.InvariantCulture,
                $"The backup of {failed.At:yyyy-MM-dd HH:mm} UTC failed: {failed.Why} It is tried again every half hour."
            );
        }

        if (backups.Good is { } good && now - good.At > OldBackup)
        {
            yield return string.Create(CultureInfo.InvariantCulture, $"The last good backup is {(now - good.At).TotalDays:0} days old.");
        }
    }

    private static IEnumerable<string> OfTheClock(ClockWatch watch, DateTimeOffset now)
    {
        if (watch.Last is { } set && (now - set.At).Duration() < ClockIsNews)
        {
            var by = TimeSpan.FromSeconds(Math.Abs(set.Seconds));
            var words = by.TotalHours >= 1 ? FormattableString.Invariant($"{by.TotalHours:0.#} h") : $"{Math.Ceiling(by.TotalMinutes)} min";
            var way = set.Seconds > 0 ? "forward" : "back";
            yield return $"The clock of this machine was set {way} by {words}. What is on the stove goes on as it was; "
                + "look whether the clock is right.";
        }
    }
}
