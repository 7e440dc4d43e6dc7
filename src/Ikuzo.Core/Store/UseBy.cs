using Ikuzo.Core.LineUps;
using Ikuzo.Core.Safety;

namespace Ikuzo.Core.Store;

/// <summary>How soon something has to be used.</summary>
public enum Urgency
{
    /// <summary>Past its time: do not eat it.</summary>
    Past,

    /// <summary>Today.</summary>
    Today,

    /// <summary>In the next days.</summary>
    Soon,

    /// <summary>Later.</summary>
    Later,
}

/// <summary>Until when something is good.</summary>
/// <param name="At">The moment; null for what is gone.</param>
/// <param name="Rule">The rule that says so; null for what is gone.</param>
/// <param name="IsQuality">True where it is a matter of taste only: in the freezer.</param>
public sealed record UseBy(DateTimeOffset? At, FoodRule? Rule, bool IsQuality)
{
    private const double SoonHours = 72;
    private const int DinnerIsOverAt = 12; // what ends before noon tomorrow must be cooked today. Choice

    /// <summary>Until when an item is good.</summary>
    /// <remarks>
    /// Hours in the fridge add up over all stays: the freezer stops the clock and does not turn it back. Thawing in the fridge counts
    /// beyond the time that the ice takes, once for each item. What was out too long, or thawed in cold water and not cooked, is never made
    /// good again by the cold.
    /// </remarks>
    /// <param name="item">The item.</param>
    /// <param name="habits">How strict the household is.</param>
    public static UseBy Of(StoreItem item, StoreHabits habits)
    {
        var byRule = ByRule(item, habits);
        return
            item.PrintedUseBy is { } day
            && byRule.At is { } at
            && item.Moves.All(m => m.To != StorePlace.Freezer)
            && new DateTimeOffset(day.ToDateTime(new TimeOnly(23, 59)), item.Moves[0].At.Offset) is var end
            && end < at
            ? new(end, FoodRules.Printed, false)
            : byRule;
    }

    private static UseBy ByRule(StoreItem item, StoreHabits habits)
    {
        double warm = 0,
            outside = 0,
            frozen = 0,
            ice = 0;
        var hasThawed = false;
        UseBy? water = null;
        for (var i = 0; i < item.Moves.Count; i++)
        {
            var (to, from) = (item.Moves[i].To, item.Moves[i].At);
            DateTimeOffset? until = i + 1 < item.Moves.Count ? item.Moves[i + 1].At : null;
            if (ColdRules.Of(item, to, habits.RoomCelsius) is not { } rule)
            {
                return new(null, null, false);
            }

            ice = (to == StorePlace.Freezer || i == 0) && !hasThawed ? ThawHours(item) : ice;
            var most = habits.Hours(item, to, rule);
            var left = to switch
            {
                StorePlace.Freezer => most - frozen,
                StorePlace.Out => most - outside,
                StorePlace.ColdWater => most + WaterHours(item),
                StorePlace.Thawing => most - warm + ice,
                _ => most - warm,
            };
            UseBy here = new(from.AddHours(Math.Max(0, left)), rule, rule.Gravity == Gravity.Quality);
            water ??= to == StorePlace.ColdWater ? here : null;
            var ends = water is { } cold && cold.At < here.At ? cold : here;
            if (until is null || (!ends.IsQuality && ends.At < until))
            {
                return ends;
            }

            var hours = (until.Value - from).TotalHours;
            var melting = to == StorePlace.Thawing ? Math.Min(ice, hours) : 0;
            warm += to is StorePlace.Fridge or StorePlace.Thawing ? hours - melting : 0;
            (ice, hasThawed) = to == StorePlace.Thawing ? (0, true) : (ice, hasThawed); // once
            outside += to == StorePlace.Out ? hours : 0;
            frozen += to == StorePlace.Freezer ? hours : 0;
        }

        throw new ArgumentException("An item has been somewhere.", nameof(item));
    }

    /// <summary>How soon it has to be used.</summary>
    /// <param name="now">The present moment.</param>
    /// <param name="zone">Time zone of the household.</param>
    public Urgency UrgencyAt(DateTimeOffset now, TimeZoneInfo zone)
    {
        if (At is not { } at)
        {
            return Urgency.Later;
        }

        var tomorrow = TimeZoneInfo.ConvertTime(now, zone).Date.AddDays(1).AddHours(DinnerIsOverAt);
        return now > at && !IsQuality ? Urgency.Past
            : TimeZoneInfo.ConvertTime(at, zone).DateTime < tomorrow ? Urgency.Today
            : (at - now).TotalHours < SoonHours ? Urgency.Soon
            : Urgency.Later;
    }

    /// <summary>Hours that the ice takes in the fridge, by the official rule of thumb.</summary>
    public static double ThawHours(StoreItem item) => Thawing.FridgeRuleHoursPerKg * (item.TotalKg ?? UsualKg);

    private static double WaterHours(StoreItem item) => Math.Max(LeastWaterHours, Thawing.WaterRuleHoursPerKg * (item.TotalKg ?? UsualKg));

    private const double UsualKg = 0.5, // of what nobody weighed: little, so that it is not given time that it does not have
        LeastWaterHours = 0.5;
}
