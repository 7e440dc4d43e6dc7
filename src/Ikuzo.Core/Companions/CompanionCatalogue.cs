using static Ikuzo.Core.Companions.CompanionKind;
using static Ikuzo.Core.Companions.CompanionTraits;

namespace Ikuzo.Core.Companions;

/// <summary>Everything that may share the pot with the bird. To add one, add one line here.</summary>
/// <remarks>Windows are general kitchen knowledge of common pieces and ages; liquid figures are estimates.</remarks>
public static class CompanionCatalogue
{
    private const string General = "general kitchen knowledge; liquid: estimate";

    /// <summary>All companions: grains, pulses, pasta, roots, squash, greens, fruit, dough, and what makes the sauce.</summary>
    public static IReadOnlyList<Companion> All { get; } =
    [
        new("long-grain-white-rice", "Long-grain white rice", Grain, new(3, 4, 8), 1.3, 0, Foams, General),
        new("basmati-rice", "Basmati rice", Grain, new(3, 4, 7), 1.25, 0, Foams, General),
        new("brown-rice", "Brown rice", Grain, new(18, 22, 28), 1.6, 0, Foams, General),
        new("wild-rice-blend", "Wild rice blend", Grain, new(22, 26, 30), 1.7, 0, Foams, General),
        new("pearl-barley", "Pearl barley", Grain, new(16, 20, 26), 2.2, 0, Foams, General),
        new("farro", "Farro", Grain, new(8, 11, 16), 1.6, 0, Foams, General),
        new("quinoa", "Quinoa", Grain, new(1, 1, 4), 1.5, 0, Foams, General),
        new("millet", "Millet", Grain, new(7, 9, 12), 1.9, 0, Foams, General),
        new("polenta", "Polenta", Grain, new(7, 9, 14), 3.5, 0, Foams, General),
        new("dry-navy-beans", "Dry navy beans", Pulse, new(22, 26, 34), 1.3, 0, Foams, General),
        new("dry-black-eyed-peas", "Dry black-eyed peas", Pulse, new(12, 15, 20), 1.3, 0, Foams, General),
        new("dry-chickpeas", "Dry chickpeas", Pulse, new(36, 42, 52), 1.3, 0, Foams, General),
        new("soaked-chickpeas", "Soaked chickpeas", Pulse, new(11, 14, 20), 0.25, 0, Foams, General),
        new("soaked-white-beans", "Soaked white beans", Pulse, new(7, 10, 15), 0.25, 0, Foams, General),
        new("canned-white-beans", "Canned white beans", Pulse, new(0, 2, 12), 0.05, 0, None, General),
        new("canned-chickpeas", "Canned chickpeas", Pulse, new(0, 3, 20), 0.05, 0, None, General),
        new("brown-lentils", "Brown lentils", Pulse, new(7, 9, 13), 1.4, 0, Foams, General),
        new("red-lentils", "Red lentils", Pulse, new(3, 5, 10), 1.8, 0, Foams, General),
        new("penne-pasta", "Penne", Pasta, new(4, 5, 7), 1.2, 0, Foams, General),
        new("small-pasta", "Small pasta", Pasta, new(2, 3, 5), 1.3, 0, Foams, General),
        new("egg-noodles", "Egg noodles", Pasta, new(1, 2, 4), 1.2, 0, Foams, General),
        new("potatoes-chunks", "Potatoes in chunks", Root, new(4, 6, 11), 0, 0.03, None, General),
        new("potatoes-whole-small", "Small whole potatoes", Root, new(8, 10, 15), 0, 0.02, None, General),
        new("sweet-potato-chunks", "Sweet potato in chunks", Root, new(2, 4, 7), 0, 0.04, None, General),
        new("carrots-chunks", "Carrots in chunks", Root, new(2, 4, 9), 0, 0.06, None, General),
        new("carrots-whole", "Whole carrots", Root, new(5, 7, 14), 0, 0.05, None, General),
        new("parsnips-chunks", "Parsnips in chunks", Root, new(2, 3, 7), 0, 0.05, None, General),
        new("beetroot-whole", "Whole beetroot", Root, new(14, 20, 30), 0, 0.03, None, General),
        new("squash-chunks", "Squash in chunks", Flesh, new(3, 4, 8), 0, 0.10, None, General),
        new("brussels-sprouts", "Brussels sprouts", Green, new(1, 2, 4), 0, 0.05, None, General),
        new("green-beans", "Green beans", Green, new(0, 1, 3), 0, 0.05, None, General),
        new("broccoli", "Broccoli", Green, new(0, 0, 1), 0, 0.06, None, General),
        new("cauliflower", "Cauliflower", Green, new(0, 1, 3), 0, 0.06, None, General),
        new("peas", "Peas", Green, new(0, 0, 2), 0, 0.04, None, General),
        new("spinach", "Spinach", Green, new(0, 0, 2), 0, 0.50, None, General),
        new("kale", "Kale", Green, new(1, 3, 8), 0, 0.20, None, General),
        new("cabbage-wedges", "Cabbage wedges", Flesh, new(2, 4, 8), 0, 0.15, None, General),
        new("mushrooms", "Mushrooms", Aromatic, new(1, 4, 15), 0, 0.45, None, General),
        new("onions", "Onions", Aromatic, new(2, 5, 30), 0, 0.30, None, General),
        new("leeks", "Leeks", Aromatic, new(1, 3, 10), 0, 0.25, None, General),
        new("celery", "Celery", Aromatic, new(2, 5, 20), 0, 0.25, None, General),
        new("fennel", "Fennel", Flesh, new(2, 4, 10), 0, 0.20, None, General),
        new("bell-pepper", "Bell pepper", Aromatic, new(1, 2, 8), 0, 0.25, None, General),
        new("aubergine-diced", "Diced aubergine", Flesh, new(2, 3, 8), 0, 0.25, None, General),
        new("tomatoes", "Tomatoes", Aromatic, new(2, 5, 30), 0, 0.60, Acid, General),
        new("corn-cobs", "Corn cobs", Flesh, new(2, 3, 8), 0, 0.03, None, General),
        new("apples", "Apples", Flesh, new(1, 2, 6), 0, 0.20, None, General),
        new("prunes", "Prunes", Aromatic, new(3, 8, 25), 0.3, 0, Sweet, General),
        new("dumpling-dough", "Dumpling dough", Dough, new(3, 5, 9), 0.3, 0, Foams, General),
        new("crushed-tomatoes", "Crushed tomatoes", Aromatic, new(2, 8, 40), 0, 0.55, Acid | Thick, General),
        new("barbecue-sauce", "Thick sweet sauce", Enrichment, new(0, 5, 40), 0, 0.40, Thick | Sweet, General),
        new("honey-glaze", "Honey glaze", Enrichment, new(0, 5, 40), 0, 0.15, Sweet, General),
        new("cream", "Cream", Enrichment, new(0, 0, 0), 0, 0.70, AfterPressure, General),
        new("milk", "Milk", Enrichment, new(0, 0, 0), 0, 0.90, AfterPressure, General),
        new("soft-cheese", "Soft cheese", Enrichment, new(0, 0, 0), 0, 0.30, AfterPressure, General),
        new("coconut-milk", "Coconut milk", Enrichment, new(0, 0, 0), 0, 0.70, AfterPressure, General),
        new("starch-slurry", "Starch in cold water", Enrichment, new(0, 0, 0), 0, 0, AfterPressure | Thick, General),
    ];

    private static readonly Dictionary<string, Companion> ById = All.ToDictionary(c => c.Id);

    /// <summary>The companion with an id, or null.</summary>
    public static Companion? Find(string id) => ById.GetValueOrDefault(id);
}
