namespace Ikuzo.Core.Companions;

/// <summary>Everything that may share the pot with the bird. To add one, add one line here.</summary>
/// <remarks>Windows are general kitchen knowledge of common pieces and ages; liquid figures are estimates.</remarks>
public static class CompanionCatalogue
{
    private const string General = "general kitchen knowledge; liquid: estimate";

    /// <summary>All companions: grains, pulses, pasta, roots, squash, greens, fruit, dough.</summary>
    public static IReadOnlyList<Companion> All { get; } =
    [
        new("long-grain-white-rice", "Long-grain white rice", new(3, 4, 8), 1.3, 0, true, General),
        new("basmati-rice", "Basmati rice", new(3, 4, 7), 1.25, 0, true, General),
        new("brown-rice", "Brown rice", new(18, 22, 28), 1.6, 0, true, General),
        new("wild-rice-blend", "Wild rice blend", new(22, 26, 30), 1.7, 0, true, General),
        new("pearl-barley", "Pearl barley", new(16, 20, 26), 2.2, 0, true, General),
        new("farro", "Farro", new(8, 11, 16), 1.6, 0, true, General),
        new("quinoa", "Quinoa", new(1, 1, 4), 1.5, 0, true, General),
        new("millet", "Millet", new(7, 9, 12), 1.9, 0, true, General),
        new("polenta", "Polenta", new(7, 9, 14), 3.5, 0, true, General),
        new("dry-navy-beans", "Dry navy beans", new(22, 26, 34), 1.3, 0, true, General),
        new("dry-black-eyed-peas", "Dry black-eyed peas", new(12, 15, 20), 1.3, 0, true, General),
        new("dry-chickpeas", "Dry chickpeas", new(36, 42, 52), 1.3, 0, true, General),
        new("soaked-chickpeas", "Soaked chickpeas", new(11, 14, 20), 0.25, 0, true, General),
        new("soaked-white-beans", "Soaked white beans", new(7, 10, 15), 0.25, 0, true, General),
        new("canned-white-beans", "Canned white beans", new(0, 2, 12), 0.05, 0, false, General),
        new("canned-chickpeas", "Canned chickpeas", new(0, 3, 18), 0.05, 0, false, General),
        new("brown-lentils", "Brown lentils", new(7, 9, 13), 1.4, 0, true, General),
        new("red-lentils", "Red lentils", new(3, 5, 10), 1.8, 0, true, General),
        new("penne-pasta", "Penne", new(4, 5, 7), 1.2, 0, true, General),
        new("small-pasta", "Small pasta", new(2, 3, 5), 1.3, 0, true, General),
        new("egg-noodles", "Egg noodles", new(1, 2, 4), 1.2, 0, true, General),
        new("potatoes-chunks", "Potatoes in chunks", new(4, 6, 11), 0, 0.03, false, General),
        new("potatoes-whole-small", "Small whole potatoes", new(8, 10, 15), 0, 0.02, false, General),
        new("sweet-potato-chunks", "Sweet potato in chunks", new(2, 4, 7), 0, 0.04, false, General),
        new("carrots-chunks", "Carrots in chunks", new(2, 4, 9), 0, 0.06, false, General),
        new("carrots-whole", "Whole carrots", new(5, 7, 14), 0, 0.05, false, General),
        new("parsnips-chunks", "Parsnips in chunks", new(2, 3, 7), 0, 0.05, false, General),
        new("beetroot-whole", "Whole beetroot", new(14, 20, 30), 0, 0.03, false, General),
        new("squash-chunks", "Squash in chunks", new(3, 4, 8), 0, 0.10, false, General),
        new("brussels-sprouts", "Brussels sprouts", new(1, 2, 4), 0, 0.05, false, General),
        new("green-beans", "Green beans", new(0, 1, 3), 0, 0.05, false, General),
        new("broccoli", "Broccoli", new(0, 0, 1), 0, 0.06, false, General),
        new("cauliflower", "Cauliflower", new(0, 1, 3), 0, 0.06, false, General),
        new("peas", "Peas", new(0, 0, 2), 0, 0.04, false, General),
        new("spinach", "Spinach", new(0, 0, 2), 0, 0.50, false, General),
        new("kale", "Kale", new(1, 3, 8), 0, 0.20, false, General),
        new("cabbage-wedges", "Cabbage wedges", new(2, 4, 8), 0, 0.15, false, General),
        new("mushrooms", "Mushrooms", new(1, 4, 15), 0, 0.45, false, General),
        new("onions", "Onions", new(2, 5, 30), 0, 0.30, false, General),
        new("leeks", "Leeks", new(1, 3, 10), 0, 0.25, false, General),
        new("celery", "Celery", new(2, 5, 20), 0, 0.25, false, General),
        new("fennel", "Fennel", new(2, 4, 10), 0, 0.20, false, General),
        new("bell-pepper", "Bell pepper", new(1, 2, 8), 0, 0.25, false, General),
        new("aubergine-diced", "Diced aubergine", new(2, 3, 8), 0, 0.25, false, General),
        new("tomatoes", "Tomatoes", new(2, 5, 30), 0, 0.60, false, General),
        new("corn-cobs", "Corn cobs", new(2, 3, 8), 0, 0.03, false, General),
        new("apples", "Apples", new(1, 2, 6), 0, 0.20, false, General),
        new("prunes", "Prunes", new(3, 8, 25), 0.3, 0, false, General),
        new("dumpling-dough", "Dumpling dough", new(3, 5, 9), 0.3, 0, true, General),
    ];

    private static readonly Dictionary<string, Companion> ById = All.ToDictionary(c => c.Id);

    /// <summary>The companion with an id, or null.</summary>
    public static Companion? Find(string id) => ById.GetValueOrDefault(id);
}
