using Ikuzo.Core.Safety;

namespace Ikuzo.Core.Store;

/// <summary>Which of the rules is meant for something in the cold.</summary>
public static class ColdRules
{
    /// <summary>The longest that a place allows for an item; null where time does not count.</summary>
    /// <param name="item">The item.</param>
    /// <param name="place">The place.</param>
    /// <param name="roomCelsius">Temperature of the kitchen, °C.</param>
    public static FoodRule? Of(StoreItem item, StorePlace place, double roomCelsius) =>
        place switch
        {
            StorePlace.Gone => null,
            StorePlace.Out => FoodRules.OutOfTheCold(roomCelsius),
            StorePlace.ColdWater => FoodRules.Thawed(ThawedWhere.ColdWater),
            StorePlace.Freezer => FoodRules.InFreezer(KindOf(item)),
            _ => FoodRules.InFridge(KindOf(item)),
        };

    private static FoodKind KindOf(StoreItem item) =>
        item.Kind switch
        {
            StoreKind.Stock => FoodKind.Stock,
            not StoreKind.Raw => FoodKind.Cooked,
            _ => item.Cut?.Raw ?? FoodKind.RawPieces,
        };
}

/// <summary>A household may be stricter than the rules, never laxer.</summary>
/// <param name="RawDays">Days that raw poultry may be in the fridge, 0.5 to 2.</param>
/// <param name="CookedDays">Days that cooked food may be in the fridge, 1 to 4.</param>
/// <param name="RoomCelsius">Temperature of the kitchen, °C: in a hot one food is out for less.</param>
public sealed record StoreHabits(double RawDays = 2, double CookedDays = 4, double RoomCelsius = 21)
{
    /// <summary>Hours that a rule for an item allows here.</summary>
    internal double Hours(StoreItem item, StorePlace place, FoodRule rule) =>
        place is not (StorePlace.Fridge or StorePlace.Thawing)
            ? rule.Hours
            : Math.Min(rule.Hours, 24 * (item.Kind == StoreKind.Raw ? RawDays : CookedDays));
}
