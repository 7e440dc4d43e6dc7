using System.Globalization;

namespace Ikuzo.Web.Data;

/// <summary>Which backups are kept: the newest of each of seven days and of each of four weeks; what somebody asked for a month,
/// and at most ten of that.</summary>
public static class BackupRules
{
    private const int Days = 7,
        Weeks = 4,
        AskedDays = 30,
        MostAsked = 10;

    private static readonly TimeSpan Daily = TimeSpan.FromHours(24);

    /// <summary>Whether one is to be made: none is of the last day. What a clock that was ahead dated later says nothing of it.</summary>
    /// <param name="all">All of them.</param>
    /// <param name="now">The present moment.</param>
    public static bool IsDue(IEnumerable<BackupFile> all, DateTimeOffset now) => all.All(b => b.At > now || now - b.At >= Daily);

    /// <summary>Those that are no longer kept. What is dated later than now takes nobody's place, and waits for its day.</summary>
    /// <param name="all">All of them.</param>
    /// <param name="now">The present moment.</param>
    public static IReadOnlyList<BackupFile> ToRemove(IReadOnlyList<BackupFile> all, DateTimeOffset now)
    {
        var newestFirst = all.Where(b => b.At <= now).OrderByDescending(b => b.At).ToList();
        var kept = newestFirst
            .DistinctBy(b => b.At.UtcDateTime.Date)
            .Take(Days)
            .Concat(newestFirst.DistinctBy(b => (ISOWeek.GetYear(b.At.UtcDateTime), ISOWeek.GetWeekOfYear(b.At.UtcDateTime))).Take(Weeks))
            .Concat(newestFirst.Where(b => b.Why == BackupWhy.ByHand && now - b.At < TimeSpan.FromDays(AskedDays)).Take(MostAsked))
            .Concat(newestFirst.Where(b => b.Why is not (BackupWhy.Daily or BackupWhy.ByHand) && now - b.At < TimeSpan.FromDays(AskedDays)))
            .ToHashSet();
        return [.. newestFirst.Where(b => !kept.Contains(b))];
    }
}
