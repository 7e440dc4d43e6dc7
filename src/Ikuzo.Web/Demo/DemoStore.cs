using Ikuzo.Core.Poultry;
using Ikuzo.Core.Store;
using Ikuzo.Web.Features.Store;

namespace Ikuzo.Web.Demo;

/// <summary>What is in the demo household's cold: something urgent, something thawing, boxes and stock.</summary>
internal static class DemoStore
{
    private static StoreItem Raw(string name, string cut, int pieces, double kg, params (StorePlace To, double HoursAgo)[] moves) =>
        new()
        {
            Kind = StoreKind.Raw,
            Name = name,
            Cut = CutCatalogue.Find(cut),
            Pieces = pieces,
            TotalKg = kg,
            Moves = [.. moves.Select((m, i) => new Move($"{i}", m.To, DateTimeOffset.UnixEpoch.AddHours(-m.HoursAgo)))],
        };

    private static StoreItem Kept(StoreKind kind, string name, double? portions, double? ml, StorePlace place, double hoursAgo) =>
        new()
        {
            Kind = kind,
            Name = name,
            Portions = portions,
            Ml = ml,
            Moves = [new("0", place, DateTimeOffset.UnixEpoch.AddHours(-hoursAgo))],
        };

    // Hours before the present moment, counted from the epoch.
    private static readonly StoreItem[] Items =
    [
        Raw("6 chicken thighs, bone in", "chicken-thigh-bone-in", 6, 1.1, (StorePlace.Fridge, 38)),
        Raw("Whole duck", "duck-whole", 1, 2.2, (StorePlace.Freezer, 900), (StorePlace.Thawing, 20)),
        Raw("4 boneless breasts", "chicken-breast-boneless", 4, 0.85, (StorePlace.Fridge, 4)),
        Raw("Turkey crown", "turkey-crown", 1, 2.3, (StorePlace.Freezer, 500)),
        Raw("8 drumsticks", "chicken-drumstick", 8, 0.95, (StorePlace.Fridge, 300), (StorePlace.Freezer, 280)),
        Kept(StoreKind.Stock, "Stock of thighs", null, 1200, StorePlace.Fridge, 40),
        Kept(StoreKind.Cooked, "Pulled turkey thighs", 2, null, StorePlace.Fridge, 60),
        Kept(StoreKind.Meal, "Chicken soup with barley", 3, null, StorePlace.Freezer, 700),
        Kept(StoreKind.Cooked, "Shredded thighs", 4, null, StorePlace.Freezer, 1500),
    ];

    /// <summary>Keeps it.</summary>
    public static async Task FillAsync(ColdStore store, DateTimeOffset now, CancellationToken cancellation)
    {
        foreach (var (item, number) in Items.Select((item, i) => (item, i)))
        {
            var moves = item.Moves.Select(m => m with { At = now + (m.At - DateTimeOffset.UnixEpoch) });
            await store.AddAsync(item with { Moves = [.. moves] }, $"demo-{number}", null, cancellation);
        }
    }
}
