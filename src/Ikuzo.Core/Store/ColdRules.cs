using Ikuzo.Core.Poultry;
using Ikuzo.Core.Safety;

namespace Ikuzo.Core.Store;

/// <summary>How long something keeps, and who says so.</summary>
/// <param name="Hours">Hours in that place, all stays added up.</param>
/// <param name="Why">The rule in words.</param>
/// <param name="Source">Who says so.</param>
public sealed record ColdRule(double Hours, string Why, string Source)
{
    private const string Fsis = "USDA FSIS, refrigeration and food safety";
    private const string FoodSafetyGov = "FoodSafety.gov, cold food storage chart";

    /// <summary>Raw poultry in the fridge, fresh or thawed.</summary>
    public static readonly ColdRule RawInFridge = new(48, "Raw and thawed poultry keeps 1 to 2 days in the fridge.", Fsis);

    /// <summary>Cooked poultry and meals in the fridge.</summary>
    public static readonly ColdRule CookedInFridge = new(96, "Cooked poultry keeps 3 to 4 days in the fridge.", Fsis);

    /// <summary>Stock in the fridge.</summary>
    public static readonly ColdRule StockInFridge = new(96, "Stock keeps 3 to 4 days in the fridge.", FoodSafetyGov);

    /// <summary>Raw birds in the freezer.</summary>
    public static readonly ColdRule RawWholeInFreezer = new(365 * 24, "A frozen bird is at its best for a year.", FoodSafetyGov);

    /// <summary>Raw pieces in the freezer.</summary>
    public static readonly ColdRule RawPiecesInFreezer = new(270 * 24, "Frozen pieces are at their best for 9 months.", FoodSafetyGov);

    /// <summary>What is cooked in the freezer.</summary>
    public static readonly ColdRule CookedInFreezer = new(120 * 24, "Frozen leftovers are at their best for 2 to 4 months.", FoodSafetyGov);

    /// <summary>What was thawed in cold water: no hour beyond the thawing.</summary>
    public static readonly ColdRule ColdWater = new(0, "What thaws in cold water is cooked at once.", "USDA FSIS, the big thaw");

    /// <summary>The use-by day on the packet, for raw meat that was not frozen: it is the later day that never counts.</summary>
    public static readonly ColdRule Printed = new(0, "The use-by day that is printed on the packet.", "the packet");

    /// <summary>Out of the cold and the heat.</summary>
    public static readonly ColdRule Out = new(
        SafetyRule.MostHoursOut,
        "Poultry is out of the cold for at most 2 hours in all, 1 hour above 32 °C.",
        "USDA FSIS, danger zone"
    );

    /// <summary>The longest that a place allows for a kind; null where time does not count.</summary>
    public static ColdRule? Of(StoreItem item, StorePlace place) =>
        (item.Kind, place) switch
        {
            (_, StorePlace.Gone) => null,
            (_, StorePlace.Out) => Out,
            (_, StorePlace.ColdWater) => ColdWater,
            (StoreKind.Raw, StorePlace.Freezer) => item.Cut?.Part == Part.Whole ? RawWholeInFreezer : RawPiecesInFreezer,
            (_, StorePlace.Freezer) => CookedInFreezer,
            (StoreKind.Raw, _) => RawInFridge,
            (StoreKind.Stock, _) => StockInFridge,
            _ => CookedInFridge,
        };
}

/// <summary>A household may be stricter than the rules, never laxer.</summary>
/// <param name="RawDays">Days that raw poultry may be in the fridge, 0.5 to 2.</param>
/// <param name="CookedDays">Days that cooked food may be in the fridge, 1 to 4.</param>
/// <param name="RoomCelsius">Temperature of the kitchen, °C: in a hot one an hour out is too long.</param>
public sealed record StoreHabits(double RawDays = 2, double CookedDays = 4, double RoomCelsius = 21)
{
    /// <summary>Hours that a rule allows here.</summary>
    internal double Hours(ColdRule rule) =>
        rule == ColdRule.RawInFridge ? Math.Min(rule.Hours, RawDays * 24)
        : rule == ColdRule.CookedInFridge || rule == ColdRule.StockInFridge ? Math.Min(rule.Hours, CookedDays * 24)
        : rule == ColdRule.Out ? Math.Min(rule.Hours, SafetyRule.HoursOut(RoomCelsius))
        : rule.Hours;
}
