namespace Ikuzo.Core.Companions;

/// <summary>A liquid that is poured in.</summary>
/// <param name="Id">Stable name.</param>
/// <param name="Name">Name on screen.</param>
/// <param name="ThinShare">Share of it that makes steam as thin liquid does, 0 to 1. Estimate for what is thick.</param>
/// <param name="Traits">What it does to pot and release.</param>
public sealed record Liquid(string Id, string Name, double ThinShare, CompanionTraits Traits = CompanionTraits.None)
{
    /// <summary>True for what scorches on the floor of the pot, so that only a part of it counts.</summary>
    public bool IsThick => ThinShare < 1;
}

/// <summary>What may be poured in. To add one, add one line here.</summary>
public static class LiquidCatalogue
{
    /// <summary>All liquids, thin ones first.</summary>
    public static IReadOnlyList<Liquid> All { get; } =
    [
        new("water", "Water", 1),
        new("stock", "Stock", 1),
        new("wine", "Wine", 1, CompanionTraits.Acid),
        new("cider", "Cider", 1, CompanionTraits.Acid),
        new("beer", "Beer", 1),
        new("juice", "Juice", 1, CompanionTraits.Sweet),
        new("vinegar", "Vinegar", 1, CompanionTraits.Acid),
        new("soy-sauce", "Soy sauce", 1),
        new("canned-tomatoes", "Canned tomatoes", 0.55, CompanionTraits.Acid | CompanionTraits.Thick),
        new("passata", "Sieved tomatoes", 0.5, CompanionTraits.Acid | CompanionTraits.Thick),
        new("cheese-sauce", "Cheese sauce", 0.3, CompanionTraits.Thick),
        new("sweet-sauce", "Sweet thick sauce", 0.4, CompanionTraits.Thick | CompanionTraits.Sweet),
    ];

    private static readonly Dictionary<string, Liquid> ById = All.ToDictionary(l => l.Id);

    /// <summary>The liquid with an id, or null.</summary>
    public static Liquid? Find(string id) => ById.GetValueOrDefault(id);
}
