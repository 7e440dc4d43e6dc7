using static Ikuzo.Core.Companions.CompanionKind;
using static Ikuzo.Core.Companions.CompanionTraits;
using static Ikuzo.Core.Companions.ReferenceWay;

namespace Ikuzo.Core.Companions;

/// <summary>Everything that may share the pot with the bird. To add one, add one line here.</summary>
/// <remarks>
/// Minutes are general kitchen knowledge of common pieces and ages: just done, at its best from and to, too far (none for what is meant
/// to fall apart), in the reference cook that is named. Then half-thickness in mm as it is usually cut; liquid that it drinks, that cooks
/// pour for it, that it gives off, ml per g; the usual amount, g. Estimates; minutes, poured liquid and amounts are held row by row
/// against general kitchen practice in <c>KitchenMinutesTests</c>, and what follows from them in boiling water too.
/// </remarks>
public static class CompanionCatalogue
{
    private const string General = "minutes: general kitchen knowledge; size and liquid: estimate";

    /// <summary>All companions: grains, pulses, pasta, roots, squash, greens, fruit, dough, and what makes the sauce.</summary>
    public static IReadOnlyList<Companion> All { get; } =
    [
        Of("long-grain-white-rice", "Long-grain white rice", Grain, new(2, 4, 6, 16, TenMinutes), Rod(1.0), 1.3, 1.3, 0, 300, Foams),
        Of("basmati-rice", "Basmati rice", Grain, new(2, 3, 5, 13, TenMinutes), Rod(0.9), 1.25, 1.25, 0, 300, Foams),
        Of("risotto-rice", "Round rice", Grain, new(4, 5, 7, 14, Vented), Rod(1.3), 2.2, 3, 0, 300, Foams),
        Of("brown-rice", "Brown rice", Grain, new(15, 18, 24, 40, TenMinutes), Rod(1.1), 1.5, 1.5, 0, 300, Foams),
        Of("wild-rice-blend", "Wild rice blend", Grain, new(20, 23, 30, 48, TenMinutes), Rod(1.0), 1.7, 1.7, 0, 280, Foams),
        Of("pearl-barley", "Pearl barley", Grain, new(14, 18, 25, 50, TenMinutes), Ball(2.0), 2.2, 2.7, 0, 200, Foams),
        Of("farro", "Farro", Grain, new(7, 9, 13, 32, TenMinutes), Ball(2.0), 1.8, 2, 0, 280, Foams),
        Of("bulgur", "Bulgur", Grain, new(1, 2, 8, 20, TenMinutes), Ball(1.0), 1.7, 1.8, 0, 280, Foams),
        Of("quinoa", "Quinoa", Grain, new(0, 1, 3, 12, TenMinutes), Ball(0.8), 1.6, 1.7, 0, 250, Foams),
        Of("millet", "Millet", Grain, new(6, 8, 10, 22, TenMinutes), Ball(0.9), 1.9, 2.1, 0, 250, Foams),
        Of("polenta", "Polenta", Grain, new(5, 8, 12, 35, LeftAlone), Ball(0.6), 4.2, 4.5, 0, 200, Foams),
        Of("dry-navy-beans", "Dry navy beans", Pulse, new(21, 25, 35, 55, LeftAlone), Ball(3.5), 1.3, 3, 0, 300, Foams | BoilThrough),
        Of("dry-kidney-beans", "Dry kidney beans", Pulse, new(26, 30, 42, 60, LeftAlone), Ball(4.5), 1.3, 3, 0, 300, Foams | BoilThrough),
        Of("dry-black-beans", "Dry black beans", Pulse, new(20, 24, 32, 50, LeftAlone), Ball(3.5), 1.3, 3, 0, 300, Foams | BoilThrough),
        Of("dry-black-eyed-peas", "Dry black-eyed peas", Pulse, new(8, 10, 15, 26, LeftAlone), Ball(3.0), 1.3, 2.7, 0, 300, Foams),
        Of("dry-chickpeas", "Dry chickpeas", Pulse, new(34, 38, 50, 80, LeftAlone), Ball(4.5), 1.3, 3, 0, 300, Foams),
        Of("soaked-chickpeas", "Soaked chickpeas", Pulse, new(10, 12, 18, 40, LeftAlone), Ball(5.5), 0.25, 1, 0, 600, Foams),
        Of(
            "soaked-white-beans",
            "Soaked white beans",
            Pulse,
            new(5, 7, 10, 22, LeftAlone),
            Ball(4.5),
            0.25,
            0.9,
            0,
            600,
            Foams | BoilThrough
        ),
        Of(
            "soaked-kidney-beans",
            "Soaked kidney beans",
            Pulse,
            new(7, 8, 12, 26, LeftAlone),
            Ball(5.5),
            0.25,
            0.9,
            0,
            600,
            Foams | BoilThrough
        ),
        Of(
            "soaked-black-beans",
            "Soaked black beans",
            Pulse,
            new(4, 6, 9, 20, LeftAlone),
            Ball(4.5),
            0.25,
            0.9,
            0,
            600,
            Foams | BoilThrough
        ),
        Of("canned-white-beans", "Canned white beans", Pulse, new(0, 0, 6, 18, Vented), Ball(4.5), 0.05, 0.05, 0, 480),
        Of("canned-kidney-beans", "Canned kidney beans", Pulse, new(0, 0, 8, 20, Vented), Ball(5.5), 0.05, 0.05, 0, 480),
        Of("canned-black-beans", "Canned black beans", Pulse, new(0, 0, 8, 20, Vented), Ball(4.5), 0.05, 0.05, 0, 480),
        Of("canned-chickpeas", "Canned chickpeas", Pulse, new(0, 0, 12, 40, Vented), Ball(5.5), 0.05, 0.05, 0, 480),
        Of("green-split-peas", "Split peas", Pulse, new(7, 10, 18, null, LeftAlone), Slab(1.5), 1.9, 4, 0, 400, Foams),
        Of("brown-lentils", "Brown lentils", Pulse, new(5, 7, 10, 20, TenMinutes), Slab(1.3), 1.4, 2.2, 0, 300, Foams),
        Of("red-lentils", "Red lentils", Pulse, new(2, 4, 7, null, TenMinutes), Slab(1.0), 1.8, 3, 0, 250, Foams),
        Of("penne-pasta", "Penne", Pasta, new(3, 4, 5, 9, InBursts), Slab(0.7), 1.2, 2.1, 0, 350, Foams),
        Of("small-pasta", "Small pasta", Pasta, new(1, 2, 4, 8, InBursts), Slab(0.7), 1.3, 2.2, 0, 250, Foams),
        Of("egg-noodles", "Egg noodles", Pasta, new(1, 2, 3, 6, InBursts), Slab(0.6), 1.2, 2.2, 0, 250, Foams),
        Of("potatoes-chunks", "Potatoes in chunks", Root, new(4, 5, 8, 17, Vented), Cube(14), 0, 0, 0.03, 800),
        Of("potatoes-whole-small", "Small whole potatoes", Root, new(6, 8, 12, 26, Vented), Ball(22), 0, 0, 0.02, 800),
        Of("sweet-potato-chunks", "Sweet potato in chunks", Root, new(2, 3, 5, 10, Vented), Cube(14), 0, 0, 0.04, 700),
        Of("carrots-chunks", "Carrots in chunks", Root, new(2, 4, 7, 24, Vented), Cube(10), 0, 0, 0.06, 400),
        Of("carrots-whole", "Whole carrots", Root, new(4, 6, 10, 30, Vented), Rod(12), 0, 0, 0.05, 400),
        Of("parsnips-chunks", "Parsnips in chunks", Root, new(2, 3, 5, 12, Vented), Cube(12), 0, 0, 0.05, 400),
        Of("swede-chunks", "Swede in chunks", Root, new(4, 6, 9, 25, Vented), Cube(12), 0, 0, 0.05, 600),
        Of("celeriac-chunks", "Celeriac in chunks", Root, new(3, 4, 6, 15, Vented), Cube(12), 0, 0, 0.05, 500),
        Of("beetroot-whole", "Whole beetroot", Root, new(14, 18, 25, 55, TenMinutes), Ball(30), 0, 0, 0.03, 600),
        Of("squash-chunks", "Squash in chunks", Flesh, new(2, 3, 5, 10, Vented), Cube(15), 0, 0, 0.10, 600),
        Of("brussels-sprouts", "Brussels sprouts", Green, new(0, 1, 2, 6, Vented), Ball(13), 0, 0, 0.05, 400),
        Of("green-beans", "Green beans", Green, new(0, 0, 2, 6, Vented), Rod(4), 0, 0, 0.05, 300),
        Of("broccoli", "Broccoli", Green, new(0, 0, 1, 3, Vented), Rod(8), 0, 0, 0.06, 350),
        Of("cauliflower", "Cauliflower", Green, new(0, 1, 2, 6, Vented), Rod(10), 0, 0, 0.06, 600),
        Of("peas", "Peas", Green, new(0, 0, 0, 4, Vented), Ball(4), 0, 0, 0.04, 200),
        Of("asparagus", "Asparagus", Green, new(0, 0, 1, 3, Vented), Rod(5), 0, 0, 0.05, 350),
        Of("courgette", "Courgette", Flesh, new(0, 0, 2, 5, Vented), Slab(5), 0, 0, 0.25, 400),
        Of("spinach", "Spinach", Green, new(0, 0, 0, 4, Vented), Slab(0.3), 0, 0, 0.50, 200),
        Of("kale", "Kale", Green, new(0, 2, 4, 15, Vented), Slab(0.5), 0, 0, 0.20, 200),
        Of("cabbage-wedges", "Cabbage wedges", Flesh, new(2, 3, 5, 12, Vented), Slab(7), 0, 0, 0.15, 700),
        Of("mushrooms", "Mushrooms", Aromatic, new(0, 2, 10, 35, Vented), Slab(5), 0, 0, 0.45, 250),
        Of("onions", "Onions", Aromatic, new(2, 4, 15, null, Vented), Slab(3), 0, 0, 0.30, 200),
        Of("leeks", "Leeks", Aromatic, new(1, 2, 4, 15, Vented), Rod(6), 0, 0, 0.25, 300),
        Of("celery", "Celery", Aromatic, new(1, 3, 8, 30, Vented), Slab(4), 0, 0, 0.25, 150),
        Of("fennel", "Fennel", Flesh, new(2, 3, 6, 18, Vented), Slab(7), 0, 0, 0.20, 500),
        Of("bell-pepper", "Bell pepper", Aromatic, new(0, 1, 3, 12, Vented), Slab(3), 0, 0, 0.25, 320),
        Of("aubergine-diced", "Diced aubergine", Flesh, new(1, 3, 5, 14, Vented), Cube(10), 0, 0, 0.25, 400),
        Of("tomatoes", "Tomatoes", Aromatic, new(0, 1, 15, null, Vented), Ball(15), 0, 0, 0.60, 400, Acid),
        Of("corn-cobs", "Corn cobs", Flesh, new(1, 2, 4, 14, Vented), Slab(6), 0, 0, 0.03, 1000),
        Of("apples", "Apples", Flesh, new(0, 0, 2, 5, Vented), Cube(11), 0, 0, 0.20, 400),
        Of("prunes", "Prunes", Aromatic, new(1, 4, 12, 35, Vented), Ball(8), 0.3, 0.3, 0, 150, Sweet),
        Of("dumpling-dough", "Dumpling dough", Dough, new(10, 12, 18, 28, Boiled), Ball(15), 0.3, 0.3, 0, 400, Foams),
        Of("crushed-tomatoes", "Crushed tomatoes", Aromatic, new(0, 1, 30, null, TenMinutes), Slab(2), 0, 0, 0.55, 400, Acid | Thick),
        Of("barbecue-sauce", "Thick sweet sauce", Enrichment, null, Slab(2), 0, 0, 0.40, 250, AfterPressure | Thick | Sweet),
        Of("honey-glaze", "Honey glaze", Enrichment, null, Slab(2), 0, 0, 0.15, 100, AfterPressure | Sweet),
        Of("cream", "Cream", Enrichment, null, Slab(2), 0, 0, 0.70, 150, AfterPressure),
        Of("milk", "Milk", Enrichment, null, Slab(2), 0, 0, 0.90, 250, AfterPressure),
        Of("soft-cheese", "Soft cheese", Enrichment, null, Slab(2), 0, 0, 0.30, 150, AfterPressure),
        Of("coconut-milk", "Coconut milk", Enrichment, null, Slab(2), 0, 0, 0.70, 400, AfterPressure),
        Of("starch-slurry", "Starch in cold water", Enrichment, null, Slab(2), 0, 0, 0, 45, AfterPressure | Thick),
    ];

    private static readonly Dictionary<string, Companion> ById = All.ToDictionary(c => c.Id);

    /// <summary>The companion with an id, or null.</summary>
    public static Companion? Find(string id) => ById.GetValueOrDefault(id);

    private static Companion Of(
        string id,
        string name,
        CompanionKind kind,
        ReferenceMinutes? minutes,
        Piece piece,
        double absorbs,
        double poured,
        double givesOff,
        double usualGrams,
        CompanionTraits traits = None
    ) => new(id, name, kind, minutes, piece, absorbs, poured, givesOff, usualGrams, traits, General);

    private static Piece Slab(double halfMm) => new(PieceForm.Slab, halfMm / 1000);

    private static Piece Rod(double halfMm) => new(PieceForm.Rod, halfMm / 1000);

    private static Piece Cube(double halfMm) => new(PieceForm.Cube, halfMm / 1000);

    private static Piece Ball(double halfMm) => new(PieceForm.Ball, halfMm / 1000);
}
