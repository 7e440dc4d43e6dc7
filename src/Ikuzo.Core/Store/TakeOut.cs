namespace Ikuzo.Core.Store;

/// <summary>When something leaves the freezer, so that it has thawed in the fridge when a dinner is begun.</summary>
/// <param name="By">The latest moment, at an hour at which somebody is up.</param>
/// <param name="For">When cooking begins.</param>
public sealed record TakeOut(DateTimeOffset By, DateTimeOffset For)
{
    private const int CookingHour = 18, // choice
        FirstHour = 7, // nobody gets up at night for it. Choice
        LastHour = 22;

    /// <summary>The next dinner for which it can still be thawed in the fridge; null for what is not frozen.</summary>
    /// <param name="item">The item.</param>
    /// <param name="now">The present moment.</param>
    /// <param name="zone">Time zone of the household.</param>
    public static TakeOut? Of(StoreItem item, DateTimeOffset now, TimeZoneInfo zone)
    {
        if (item.Place != StorePlace.Freezer)
        {
            return null;
        }

        var today = TimeZoneInfo.ConvertTime(now, zone).Date;
        for (var day = 0; ; day++)
        {
            var begins = At(today.AddDays(day).AddHours(CookingHour), zone);
            var by = Awake(TimeZoneInfo.ConvertTime(begins.AddHours(-UseBy.ThawHours(item)), zone), zone);
            if (by >= now)
            {
                return new(by, begins);
            }
        }
    }

    private static DateTimeOffset Awake(DateTimeOffset at, TimeZoneInfo zone) =>
        at.Hour >= LastHour ? At(at.Date.AddHours(LastHour), zone)
        : at.Hour < FirstHour ? At(at.Date.AddDays(-1).AddHours(LastHour), zone)
        : at;

    private static DateTimeOffset At(DateTime local, TimeZoneInfo zone) => new(local, zone.GetUtcOffset(local));
}
