using Ikuzo.Core.Loads;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;

namespace Ikuzo.Core.Asking;

/// <summary>What a phrase says about the cook. Only the part that it is about is set.</summary>
internal sealed record Meaning
{
    public Species? Species { get; init; }

    public Part? Part { get; init; }

    public string? CutId { get; init; }

    public bool? BoneIn { get; init; }

    public MeatState? State { get; init; }

    public Arrangement? Arrangement { get; init; }

    public Placement? Placement { get; init; }

    public Aim? Aim { get; init; }

    public PressureSetting? Pressure { get; init; }

    public bool Each { get; init; }

    public bool PotWord { get; init; }

    public bool LiquidWord { get; init; }
}

/// <summary>The words that cooks use. To teach one, add it here.</summary>
internal static class Vocabulary
{
    private static readonly (Meaning Meaning, string Phrases)[] Entries =
    [
        (new() { Species = Species.Chicken }, "chicken|chickens|hen|hens|fowl|chook"),
        (new() { Species = Species.Turkey }, "turkey|turkeys|gobbler"),
        (new() { Species = Species.Duck }, "duck|ducks|duckling|ducklings"),
        (new() { CutId = "poussin-whole" }, "poussin|poussins|spring chicken|spring chickens"),
        (new() { Part = Part.Whole }, "whole|bird|birds|roaster|roasters"),
        (new() { Part = Part.Spatchcocked }, "spatchcocked|spatchcock|flattened|butterflied|opened flat|backbone out"),
        (new() { Part = Part.Half }, "halves|half bird|half chicken|half a chicken|half chickens"),
        (new() { Part = Part.Crown }, "crown|crowns|breast crown"),
        (new() { Part = Part.Breast }, "breast|breasts|fillet|fillets|filet|filets|magret|magrets"),
        (new() { Part = Part.Cutlet }, "cutlet|cutlets|escalope|escalopes|schnitzel|schnitzels|thin slices"),
        (new() { Part = Part.Tender }, "tender|tenders|tenderloin|tenderloins|strips|goujons|inner fillet|inner fillets|mini fillets"),
        (new() { Part = Part.Thigh }, "thigh|thighs"),
        (new() { Part = Part.Leg }, "leg|legs|leg quarter|leg quarters|quarter|quarters|whole leg|whole legs|maryland|marylands"),
        (new() { Part = Part.Drumstick }, "drumstick|drumsticks|drum|drums"),
        (new() { Part = Part.Wing }, "wing|wings|wingettes"),
        (new() { Part = Part.Diced }, "diced|cubed|cubes|chunks|dice|stewing pieces"),
        (new() { Part = Part.Meatball }, "meatball|meatballs|meat balls|mince balls"),
        (new() { Part = Part.Carcass }, "carcass|carcasses|carcase|frame|frames|stock bones|bones|backs"),
        (new() { BoneIn = true }, "bone in|bone-in|on the bone|with bone|with the bone|with bones"),
        (
            new() { BoneIn = false },
            "boneless|no bone|bone out|bone-out|off the bone|without bone|without the bone|deboned|boned|skinless boneless|boneless "
                + "skinless"
        ),
        (new() { State = MeatState.Frozen }, "frozen|from frozen|from the freezer|rock hard|deep-frozen"),
        (
            new() { State = MeatState.Frozen, Arrangement = Arrangement.Single },
            "frozen singly|frozen separately|frozen loose|loose frozen|individually frozen"
        ),
        (
            new() { State = MeatState.Frozen, Arrangement = Arrangement.Lump },
            "frozen together|frozen in one lump|frozen in a lump|frozen lump|frozen block|frozen solid|in one lump|in a lump|in one block|"
                + "in a block|lump|stuck together"
        ),
        (new() { State = MeatState.Chilled }, "thawed|defrosted|chilled|fresh|raw|from the fridge|refrigerated|not frozen|unfrozen"),
        (new() { State = MeatState.Room }, "room temperature|at room temperature|tempered"),
        (new() { Arrangement = Arrangement.Single }, "singly|separate|single layer|in one layer|side by side|loose"),
        (new() { Arrangement = Arrangement.Overlapping }, "overlapping|stacked|piled|on top of each other|in two layers|piled up"),
        (new() { Placement = Placement.Rack }, "on a rack|on the rack|rack|on a trivet|in a basket|steamed"),
        (
            new() { Placement = Placement.InLiquid },
            "in liquid|in the liquid|in sauce|in the sauce|in broth|in stock|in soup|in water|submerged|poached|braised|soup|stew"
        ),
        (new() { Placement = Placement.OnBed }, "on a bed|on vegetables|on rice|on onions|on top of rice|on potatoes"),
        (new() { Aim = Aim.Slice }, "to slice|for slicing|slice|slices|sliced|sliceable|to carve|for carving|carve|juicy|just done"),
        (new() { Aim = Aim.Pull }, "to pull|to pull apart|pull|pull apart|pulled|to shred|for shredding|shred|shredded|shreds|for pulling"),
        (
            new() { Aim = Aim.FallApart },
            "to fall apart|fall apart|falling apart|falls apart|fall-apart|falls off the bone|fall off the bone|falling off the bone|"
                + "falling from the bone|falls from the bone|meltingly tender|very tender"
        ),
        (new() { Pressure = PressureSetting.High }, "high pressure|on high|high"),
        (new() { Pressure = PressureSetting.Low }, "low pressure|on low|low"),
        (new() { Each = true }, "each|a piece|apiece|per piece"),
        (new() { PotWord = true }, "pot|cooker|multicooker|machine"),
        (new() { LiquidWord = true }, "water|stock|broth|liquid|wine|juice"),
        (
            new(),
            "of|a|an|the|with|and|in|my|our|please|for|at|some|piece|pieces|weighing|weigh|weighs|about|around|roughly|to|x|thick|"
                + "thickness|how|long|minutes|do|i|cook|have|got|is|are|they|it|total|altogether|skin|skin-on|skin on|skinless|skin off|"
                + "meat|raw weight|large|small|medium|big|cut|into|that|from|on|want|need"
        ),
    ];

    private static readonly Dictionary<string, Meaning> ByPhrase = Entries
        .SelectMany(e => e.Phrases.Split('|').Select(phrase => (phrase, e.Meaning)))
        .ToDictionary(p => p.phrase, p => p.Meaning);

    /// <summary>Longest phrase, in words.</summary>
    public const int LongestPhrase = 5;

    /// <summary>What a phrase means; null for one that is not known.</summary>
    public static Meaning? Find(string phrase) => ByPhrase.GetValueOrDefault(phrase);
}
