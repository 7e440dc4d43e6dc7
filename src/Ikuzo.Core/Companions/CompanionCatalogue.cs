using static Ikuzo.Core.Companions.CompanionKind;
using static Ikuzo.Core.Companions.CompanionTraits;
using static Ikuzo.Core.Companions.ReferenceWay;

namespace Ikuzo.Core.Companions;

/// <summary>Everything that may share the pot with the bird. To add one, add one line here.</summary>
/// <remarks>
/// Minutes are general kitchen knowledge of common pieces and ages: just done, at its best, too far, in the reference cook
/// that is named. Half-thickness in mm as it is usually cut; liquid that it drinks or gives off. Estimates, all of them; what follows from
/// them in boiling water is held against the directions on packages in <c>SofteningTests</c>.
/// </remarks>
public static class CompanionCatalogue
{
    private const string General = "minutes: general kitchen knowledge; size and liquid: estimate";

    /// <summary>All companions: grains, pulses, pasta, roots, squash, greens, fruit, dough, and what makes the sauce.</summary>
    public static IReadOnlyList<Companion> All { get; } =
    [
        new("long-grain-white-rice", "Long-grain white rice", Grain, new(17, 29, 58, Boiled), Rod(1.0), 1.3, 0, Foams, General),
        new("basmati-rice", "Basmati rice", Grain, new(16, 26, 50, Boiled), Rod(0.9), 1.25, 0, Foams, General),
        new("risotto-rice", "Round rice", Grain, new(16, 22, 36, Boiled), Rod(1.3), 2.2, 0, Foams, General),
        new("brown-rice", "Brown rice", Grain, new(46, 66, 105, Boiled), Rod(1.1), 1.6, 0, Foams, General),
        new("wild-rice-blend", "Wild rice blend", Grain, new(64, 88, 125, Boiled), Rod(1.0), 1.7, 0, Foams, General),
        new("pearl-barley", "Pearl barley", Grain, new(46, 66, 110, Boiled), Ball(2.0), 2.2, 0, Foams, General),
        new("farro", "Farro", Grain, new(26, 37, 62, Boiled), Ball(2.0), 1.6, 0, Foams, General),
        new("bulgur", "Bulgur", Grain, new(13, 20, 42, Boiled), Ball(1.0), 1.5, 0, Foams, General),
        new("quinoa", "Quinoa", Grain, new(14, 22, 45, Boiled), Ball(0.8), 1.5, 0, Foams, General),
        new("millet", "Millet", Grain, new(21, 31, 54, Boiled), Ball(0.9), 1.9, 0, Foams, General),
        new("polenta", "Polenta", Grain, new(28, 42, 85, Boiled), Ball(0.6), 3.5, 0, Foams, General),
        new("dry-navy-beans", "Dry navy beans", Pulse, new(20, 26, 40, LeftAlone), Ball(3.5), 1.3, 0, Foams, General),
        new("dry-kidney-beans", "Dry kidney beans", Pulse, new(24, 30, 44, LeftAlone), Ball(4.5), 1.3, 0, Foams | BoilThrough, General),
        new("dry-black-beans", "Dry black beans", Pulse, new(18, 24, 36, LeftAlone), Ball(3.5), 1.3, 0, Foams, General),
        new("dry-black-eyed-peas", "Dry black-eyed peas", Pulse, new(6, 10, 17, LeftAlone), Ball(3.0), 1.3, 0, Foams, General),
        new("dry-chickpeas", "Dry chickpeas", Pulse, new(32, 40, 60, LeftAlone), Ball(4.5), 1.3, 0, Foams, General),
        new("soaked-chickpeas", "Soaked chickpeas", Pulse, new(9, 14, 24, LeftAlone), Ball(5.5), 0.25, 0, Foams, General),
        new("soaked-white-beans", "Soaked white beans", Pulse, new(5, 8, 15, LeftAlone), Ball(4.5), 0.25, 0, Foams, General),
        new(
            "soaked-kidney-beans",
            "Soaked kidney beans",
            Pulse,
            new(6, 9, 17, LeftAlone),
            Ball(5.5),
            0.25,
            0,
            Foams | BoilThrough,
            General
        ),
        new("soaked-black-beans", "Soaked black beans", Pulse, new(4, 7, 14, LeftAlone), Ball(4.5), 0.25, 0, Foams, General),
        new("canned-white-beans", "Canned white beans", Pulse, new(0, 6, 24, Vented), Ball(4.5), 0.05, 0, None, General),
        new("canned-kidney-beans", "Canned kidney beans", Pulse, new(0, 6, 24, Vented), Ball(5.5), 0.05, 0, None, General),
        new("canned-black-beans", "Canned black beans", Pulse, new(0, 6, 20, Vented), Ball(4.5), 0.05, 0, None, General),
        new("canned-chickpeas", "Canned chickpeas", Pulse, new(0, 10, 40, Vented), Ball(5.5), 0.05, 0, None, General),
        new("green-split-peas", "Split peas", Pulse, new(42, 60, 140, Boiled), Slab(1.5), 1.9, 0, Foams, General),
        new("brown-lentils", "Brown lentils", Pulse, new(5, 8, 14, Vented), Slab(1.3), 1.4, 0, Foams, General),
        new("red-lentils", "Red lentils", Pulse, new(1, 4, 12, Vented), Slab(1.0), 1.8, 0, Foams, General),
        new("penne-pasta", "Penne", Pasta, new(10, 12, 17, Boiled), Slab(0.7), 1.2, 0, Foams, General),
        new("small-pasta", "Small pasta", Pasta, new(8, 9.5, 14, Boiled), Slab(0.7), 1.3, 0, Foams, General),
        new("egg-noodles", "Egg noodles", Pasta, new(5, 7, 11, Boiled), Slab(0.6), 1.2, 0, Foams, General),
        new("potatoes-chunks", "Potatoes in chunks", Root, new(2, 4, 11, Vented), Cube(14), 0, 0.03, None, General),
        new("potatoes-whole-small", "Small whole potatoes", Root, new(6, 10, 28, Vented), Ball(22), 0, 0.02, None, General),
        new("sweet-potato-chunks", "Sweet potato in chunks", Root, new(1, 3, 7, Vented), Cube(14), 0, 0.04, None, General),
        new("carrots-chunks", "Carrots in chunks", Root, new(1, 3, 14, Vented), Cube(10), 0, 0.06, None, General),
        new("carrots-whole", "Whole carrots", Root, new(3, 7, 34, Vented), Rod(12), 0, 0.05, None, General),
        new("parsnips-chunks", "Parsnips in chunks", Root, new(1, 3, 7, Vented), Cube(12), 0, 0.05, None, General),
        new("swede-chunks", "Swede in chunks", Root, new(3, 6, 12, Vented), Cube(12), 0, 0.05, None, General),
        new("celeriac-chunks", "Celeriac in chunks", Root, new(2, 4, 9, Vented), Cube(12), 0, 0.05, None, General),
        new("beetroot-whole", "Whole beetroot", Root, new(13, 20, 45, Vented), Ball(30), 0, 0.03, None, General),
        new("squash-chunks", "Squash in chunks", Flesh, new(2, 4, 8, Vented), Cube(15), 0, 0.10, None, General),
        new("brussels-sprouts", "Brussels sprouts", Green, new(6, 9, 18, Boiled), Ball(13), 0, 0.05, None, General),
        new("green-beans", "Green beans", Green, new(4, 7, 16, Boiled), Rod(4), 0, 0.05, None, General),
        new("broccoli", "Broccoli", Green, new(3, 5, 13, Boiled), Rod(8), 0, 0.06, None, General),
        new("cauliflower", "Cauliflower", Green, new(4, 7, 16, Boiled), Rod(10), 0, 0.06, None, General),
        new("peas", "Peas", Green, new(1, 3, 11, Boiled), Ball(4), 0, 0.04, None, General),
        new("asparagus", "Asparagus", Green, new(2, 4, 10, Boiled), Rod(5), 0, 0.05, None, General),
        new("courgette", "Courgette", Flesh, new(2, 4, 9, Boiled), Slab(5), 0, 0.25, None, General),
        new("spinach", "Spinach", Green, new(0.15, 0.5, 6, Boiled), Slab(0.3), 0, 0.50, None, General),
        new("kale", "Kale", Green, new(4, 8, 25, Boiled), Slab(0.5), 0, 0.20, None, General),
        new("cabbage-wedges", "Cabbage wedges", Flesh, new(2, 4, 9, Vented), Slab(7), 0, 0.15, None, General),
        new("mushrooms", "Mushrooms", Aromatic, new(1, 8, 60, Vented), Slab(5), 0, 0.45, None, General),
        new("onions", "Onions", Aromatic, new(1, 15, 120, Vented), Slab(3), 0, 0.30, None, General),
        new("leeks", "Leeks", Aromatic, new(1, 6, 35, Vented), Rod(6), 0, 0.25, None, General),
        new("celery", "Celery", Aromatic, new(1, 10, 60, Vented), Slab(4), 0, 0.25, None, General),
        new("fennel", "Fennel", Flesh, new(2, 4, 11, Vented), Slab(7), 0, 0.20, None, General),
        new("bell-pepper", "Bell pepper", Aromatic, new(0, 4, 25, Vented), Slab(3), 0, 0.25, None, General),
        new("aubergine-diced", "Diced aubergine", Flesh, new(1, 3, 9, Vented), Cube(10), 0, 0.25, None, General),
        new("tomatoes", "Tomatoes", Aromatic, new(1, 14, 120, Vented), Ball(15), 0, 0.60, Acid, General),
        new("corn-cobs", "Corn cobs", Flesh, new(1, 3, 12, Vented), Slab(6), 0, 0.03, None, General),
        new("apples", "Apples", Flesh, new(0, 1, 6, Vented), Cube(11), 0, 0.20, None, General),
        new("prunes", "Prunes", Aromatic, new(2, 12, 80, Vented), Ball(8), 0.3, 0, Sweet, General),
        new("dumpling-dough", "Dumpling dough", Dough, new(9, 13, 25, Boiled), Ball(15), 0.3, 0, Foams, General),
        new("crushed-tomatoes", "Crushed tomatoes", Aromatic, new(1, 15, 120, Vented), Slab(2), 0, 0.55, Acid | Thick, General),
        new("barbecue-sauce", "Thick sweet sauce", Enrichment, null, Slab(2), 0, 0.40, Thick | Sweet, General),
        new("honey-glaze", "Honey glaze", Enrichment, null, Slab(2), 0, 0.15, Sweet, General),
        new("cream", "Cream", Enrichment, null, Slab(2), 0, 0.70, AfterPressure, General),
        new("milk", "Milk", Enrichment, null, Slab(2), 0, 0.90, AfterPressure, General),
        new("soft-cheese", "Soft cheese", Enrichment, null, Slab(2), 0, 0.30, AfterPressure, General),
        new("coconut-milk", "Coconut milk", Enrichment, null, Slab(2), 0, 0.70, AfterPressure, General),
        new("starch-slurry", "Starch in cold water", Enrichment, null, Slab(2), 0, 0, AfterPressure | Thick, General),
    ];

    private static readonly Dictionary<string, Companion> ById = All.ToDictionary(c => c.Id);

    /// <summary>The companion with an id, or null.</summary>
    public static Companion? Find(string id) => ById.GetValueOrDefault(id);

    private static Piece Slab(double halfMm) => new(PieceForm.Slab, halfMm / 1000);

    private static Piece Rod(double halfMm) => new(PieceForm.Rod, halfMm / 1000);

    private static Piece Cube(double halfMm) => new(PieceForm.Cube, halfMm / 1000);

    private static Piece Ball(double halfMm) => new(PieceForm.Ball, halfMm / 1000);
}
