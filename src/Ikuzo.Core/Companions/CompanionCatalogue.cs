using static Ikuzo.Core.Companions.CompanionKind;
using static Ikuzo.Core.Companions.CompanionTraits;
using static Ikuzo.Core.Companions.ReferenceWay;

namespace Ikuzo.Core.Companions;

/// <summary>Everything that may share the pot with the bird. To add one, add one line here.</summary>
/// <remarks>
/// Minutes are general kitchen knowledge of common pieces and ages: just done, at its best from and to, too far (none for what is meant
/// to fall apart), in the reference cook that is named. Then half-thickness in mm as it is usually cut; liquid that it drinks, that cooks
/// pour
/// for it, that it gives off, ml per g; the usual amount, g. Estimates; minutes, poured liquid and amounts are held row by row against
/// general
/// kitchen practice in <c>KitchenTests</c>, and what follows from them in boiling water too.
/// </remarks>
public static class CompanionCatalogue
{
    private const string General = "minutes: general kitchen knowledge; size and liquid: estimate";

    /// <summary>All companions: grains, pulses, pasta, roots, squash, greens, fruit, dough, and what makes the sauce.</summary>
    public static IReadOnlyList<Companion> All { get; } =
    [
        new(
            "long-grain-white-rice",
            "Long-grain white rice",
            Grain,
            new(2, 4, 6, 16, TenMinutes),
            Rod(1.0),
            1.3,
            1.3,
            0,
            300,
            Foams,
            General
        ),
        new("basmati-rice", "Basmati rice", Grain, new(2, 3, 5, 13, TenMinutes), Rod(0.9), 1.25, 1.25, 0, 300, Foams, General),
        new("risotto-rice", "Round rice", Grain, new(4, 5, 7, 14, Vented), Rod(1.3), 2.2, 3, 0, 300, Foams, General),
        new("brown-rice", "Brown rice", Grain, new(15, 18, 24, 40, TenMinutes), Rod(1.1), 1.5, 1.5, 0, 300, Foams, General),
        new("wild-rice-blend", "Wild rice blend", Grain, new(20, 23, 30, 48, TenMinutes), Rod(1.0), 1.7, 1.7, 0, 280, Foams, General),
        new("pearl-barley", "Pearl barley", Grain, new(14, 18, 25, 50, TenMinutes), Ball(2.0), 2.2, 2.7, 0, 200, Foams, General),
        new("farro", "Farro", Grain, new(7, 9, 13, 32, TenMinutes), Ball(2.0), 1.8, 2, 0, 280, Foams, General),
        new("bulgur", "Bulgur", Grain, new(1, 2, 8, 20, TenMinutes), Ball(1.0), 1.7, 1.8, 0, 280, Foams, General),
        new("quinoa", "Quinoa", Grain, new(0, 1, 3, 12, TenMinutes), Ball(0.8), 1.6, 1.7, 0, 250, Foams, General),
        new("millet", "Millet", Grain, new(6, 8, 10, 22, TenMinutes), Ball(0.9), 1.9, 2.1, 0, 250, Foams, General),
        new("polenta", "Polenta", Grain, new(5, 8, 12, 35, LeftAlone), Ball(0.6), 4.2, 4.5, 0, 200, Foams, General),
        new(
            "dry-navy-beans",
            "Dry navy beans",
            Pulse,
            new(21, 25, 35, 55, LeftAlone),
            Ball(3.5),
            1.3,
            3,
            0,
            300,
            Foams | BoilThrough,
            General
        ),
        new(
            "dry-kidney-beans",
            "Dry kidney beans",
            Pulse,
            new(26, 30, 42, 60, LeftAlone),
            Ball(4.5),
            1.3,
            3,
            0,
            300,
            Foams | BoilThrough,
            General
        ),
        new(
            "dry-black-beans",
            "Dry black beans",
            Pulse,
            new(20, 24, 32, 50, LeftAlone),
            Ball(3.5),
            1.3,
            3,
            0,
            300,
            Foams | BoilThrough,
            General
        ),
        new(
            "dry-black-eyed-peas",
            "Dry black-eyed peas",
            Pulse,
            new(8, 10, 15, 26, LeftAlone),
            Ball(3.0),
            1.3,
            2.7,
            0,
            300,
            Foams,
            General
        ),
        new("dry-chickpeas", "Dry chickpeas", Pulse, new(34, 38, 50, 80, LeftAlone), Ball(4.5), 1.3, 3, 0, 300, Foams, General),
        new("soaked-chickpeas", "Soaked chickpeas", Pulse, new(10, 12, 18, 40, LeftAlone), Ball(5.5), 0.25, 1, 0, 600, Foams, General),
        new(
            "soaked-white-beans",
            "Soaked white beans",
            Pulse,
            new(5, 7, 10, 22, LeftAlone),
            Ball(4.5),
            0.25,
            0.9,
            0,
            600,
            Foams | BoilThrough,
            General
        ),
        new(
            "soaked-kidney-beans",
            "Soaked kidney beans",
            Pulse,
            new(7, 8, 12, 26, LeftAlone),
            Ball(5.5),
            0.25,
            0.9,
            0,
            600,
            Foams | BoilThrough,
            General
        ),
        new(
            "soaked-black-beans",
            "Soaked black beans",
            Pulse,
            new(4, 6, 9, 20, LeftAlone),
            Ball(4.5),
            0.25,
            0.9,
            0,
            600,
            Foams | BoilThrough,
            General
        ),
        new("canned-white-beans", "Canned white beans", Pulse, new(0, 0, 6, 18, Vented), Ball(4.5), 0.05, 0.05, 0, 480, None, General),
        new("canned-kidney-beans", "Canned kidney beans", Pulse, new(0, 0, 8, 20, Vented), Ball(5.5), 0.05, 0.05, 0, 480, None, General),
        new("canned-black-beans", "Canned black beans", Pulse, new(0, 0, 8, 20, Vented), Ball(4.5), 0.05, 0.05, 0, 480, None, General),
        new("canned-chickpeas", "Canned chickpeas", Pulse, new(0, 0, 12, 40, Vented), Ball(5.5), 0.05, 0.05, 0, 480, None, General),
        new("green-split-peas", "Split peas", Pulse, new(7, 10, 18, null, LeftAlone), Slab(1.5), 1.9, 4, 0, 400, Foams, General),
        new("brown-lentils", "Brown lentils", Pulse, new(5, 7, 10, 20, TenMinutes), Slab(1.3), 1.4, 2.2, 0, 300, Foams, General),
        new("red-lentils", "Red lentils", Pulse, new(2, 4, 7, null, TenMinutes), Slab(1.0), 1.8, 3, 0, 250, Foams, General),
        new("penne-pasta", "Penne", Pasta, new(3, 4, 5, 9, InBursts), Slab(0.7), 1.2, 2.1, 0, 350, Foams, General),
        new("small-pasta", "Small pasta", Pasta, new(1, 2, 4, 8, InBursts), Slab(0.7), 1.3, 2.2, 0, 250, Foams, General),
        new("egg-noodles", "Egg noodles", Pasta, new(1, 2, 3, 6, InBursts), Slab(0.6), 1.2, 2.2, 0, 250, Foams, General),
        new("potatoes-chunks", "Potatoes in chunks", Root, new(4, 5, 8, 17, Vented), Cube(14), 0, 0, 0.03, 800, None, General),
        new("potatoes-whole-small", "Small whole potatoes", Root, new(6, 8, 12, 26, Vented), Ball(22), 0, 0, 0.02, 800, None, General),
        new("sweet-potato-chunks", "Sweet potato in chunks", Root, new(2, 3, 5, 10, Vented), Cube(14), 0, 0, 0.04, 700, None, General),
        new("carrots-chunks", "Carrots in chunks", Root, new(2, 4, 7, 24, Vented), Cube(10), 0, 0, 0.06, 400, None, General),
        new("carrots-whole", "Whole carrots", Root, new(4, 6, 10, 30, Vented), Rod(12), 0, 0, 0.05, 400, None, General),
        new("parsnips-chunks", "Parsnips in chunks", Root, new(2, 3, 5, 12, Vented), Cube(12), 0, 0, 0.05, 400, None, General),
        new("swede-chunks", "Swede in chunks", Root, new(4, 6, 9, 25, Vented), Cube(12), 0, 0, 0.05, 600, None, General),
        new("celeriac-chunks", "Celeriac in chunks", Root, new(3, 4, 6, 15, Vented), Cube(12), 0, 0, 0.05, 500, None, General),
        new("beetroot-whole", "Whole beetroot", Root, new(14, 18, 25, 55, TenMinutes), Ball(30), 0, 0, 0.03, 600, None, General),
        new("squash-chunks", "Squash in chunks", Flesh, new(2, 3, 5, 10, Vented), Cube(15), 0, 0, 0.10, 600, None, General),
        new("brussels-sprouts", "Brussels sprouts", Green, new(0, 1, 2, 6, Vented), Ball(13), 0, 0, 0.05, 400, None, General),
        new("green-beans", "Green beans", Green, new(0, 0, 2, 6, Vented), Rod(4), 0, 0, 0.05, 300, None, General),
        new("broccoli", "Broccoli", Green, new(0, 0, 1, 3, Vented), Rod(8), 0, 0, 0.06, 350, None, General),
        new("cauliflower", "Cauliflower", Green, new(0, 1, 2, 6, Vented), Rod(10), 0, 0, 0.06, 600, None, General),
        new("peas", "Peas", Green, new(0, 0, 0, 4, Vented), Ball(4), 0, 0, 0.04, 200, None, General),
        new("asparagus", "Asparagus", Green, new(0, 0, 1, 3, Vented), Rod(5), 0, 0, 0.05, 350, None, General),
        new("courgette", "Courgette", Flesh, new(0, 0, 2, 5, Vented), Slab(5), 0, 0, 0.25, 400, None, General),
        new("spinach", "Spinach", Green, new(0, 0, 0, 4, Vented), Slab(0.3), 0, 0, 0.50, 200, None, General),
        new("kale", "Kale", Green, new(0, 2, 4, 15, Vented), Slab(0.5), 0, 0, 0.20, 200, None, General),
        new("cabbage-wedges", "Cabbage wedges", Flesh, new(2, 3, 5, 12, Vented), Slab(7), 0, 0, 0.15, 700, None, General),
        new("mushrooms", "Mushrooms", Aromatic, new(0, 2, 10, 35, Vented), Slab(5), 0, 0, 0.45, 250, None, General),
        new("onions", "Onions", Aromatic, new(2, 4, 15, null, Vented), Slab(3), 0, 0, 0.30, 200, None, General),
        new("leeks", "Leeks", Aromatic, new(1, 2, 4, 15, Vented), Rod(6), 0, 0, 0.25, 300, None, General),
        new("celery", "Celery", Aromatic, new(1, 3, 8, 30, Vented), Slab(4), 0, 0, 0.25, 150, None, General),
        new("fennel", "Fennel", Flesh, new(2, 3, 6, 18, Vented), Slab(7), 0, 0, 0.20, 500, None, General),
        new("bell-pepper", "Bell pepper", Aromatic, new(0, 1, 3, 12, Vented), Slab(3), 0, 0, 0.25, 320, None, General),
        new("aubergine-diced", "Diced aubergine", Flesh, new(1, 3, 5, 14, Vented), Cube(10), 0, 0, 0.25, 400, None, General),
        new("tomatoes", "Tomatoes", Aromatic, new(0, 1, 15, null, Vented), Ball(15), 0, 0, 0.60, 400, Acid, General),
        new("corn-cobs", "Corn cobs", Flesh, new(1, 2, 4, 14, Vented), Slab(6), 0, 0, 0.03, 1000, None, General),
        new("apples", "Apples", Flesh, new(0, 0, 2, 5, Vented), Cube(11), 0, 0, 0.20, 400, None, General),
        new("prunes", "Prunes", Aromatic, new(1, 4, 12, 35, Vented), Ball(8), 0.3, 0.3, 0, 150, Sweet, General),
        new("dumpling-dough", "Dumpling dough", Dough, new(10, 12, 18, 28, Boiled), Ball(15), 0.3, 0.3, 0, 400, Foams, General),
        new(
            "crushed-tomatoes",
            "Crushed tomatoes",
            Aromatic,
            new(0, 1, 30, null, TenMinutes),
            Slab(2),
            0,
            0,
            0.55,
            400,
            Acid | Thick,
            General
        ),
        new("barbecue-sauce", "Thick sweet sauce", Enrichment, null, Slab(2), 0, 0, 0.40, 250, Thick | Sweet, General),
        new("honey-glaze", "Honey glaze", Enrichment, null, Slab(2), 0, 0, 0.15, 100, Sweet, General),
        new("cream", "Cream", Enrichment, null, Slab(2), 0, 0, 0.70, 150, AfterPressure, General),
        new("milk", "Milk", Enrichment, null, Slab(2), 0, 0, 0.90, 250, AfterPressure, General),
        new("soft-cheese", "Soft cheese", Enrichment, null, Slab(2), 0, 0, 0.30, 150, AfterPressure, General),
        new("coconut-milk", "Coconut milk", Enrichment, null, Slab(2), 0, 0, 0.70, 400, AfterPressure, General),
        new("starch-slurry", "Starch in cold water", Enrichment, null, Slab(2), 0, 0, 0, 45, AfterPressure | Thick, General),
    ];

    private static readonly Dictionary<string, Companion> ById = All.ToDictionary(c => c.Id);

    /// <summary>The companion with an id, or null.</summary>
    public static Companion? Find(string id) => ById.GetValueOrDefault(id);

    private static Piece Slab(double halfMm) => new(PieceForm.Slab, halfMm / 1000);

    private static Piece Rod(double halfMm) => new(PieceForm.Rod, halfMm / 1000);

    private static Piece Cube(double halfMm) => new(PieceForm.Cube, halfMm / 1000);

    private static Piece Ball(double halfMm) => new(PieceForm.Ball, halfMm / 1000);
}
