using Ikuzo.Core.Cooking;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;

namespace Ikuzo.Core.Asking;

/// <summary>The words that cooks use. To teach one, add it here.</summary>
internal static class Vocabulary
{
    private const string OtherBird = "is not computed here; Ikuzo knows chicken, turkey and duck";
    private const string OtherPart = "are not computed here: they are small and done by eye in minutes in a pan";
    private const string OneOtherPart = "is not computed here: it is small and done by eye in minutes in a pan";
    private const string OtherMeat = "is not poultry; Ikuzo knows chicken, turkey and duck";
    private const string Minced = "is minced: a block of it has no thickness to go by. Form meatballs, or brown it in a pan";
    private const string Stuffed = "does not go into a pressure-cooked bird: the middle would stay cold. Cook it beside";
    private const string ReadyMade = "comes ready made: follow what its packet says";
    private const string Jointed = "means pieces of several kinds: name them, as 2 legs and 2 breasts with bone";
    private const string CookedAlready = "is done once: minutes here are for raw meat. Warm it through, to 74 °C (165 °F)";

    // What is not thawed throughout counts as frozen.
    private static readonly string HardlyThawed = string.Join(
        '|',
        from how in "not|isn't|aren't|wasn't|weren't|never|hardly|barely|partially|partly|part|half|semi|mostly|almost|nearly".Split('|')
        from quite in "|fully|quite|yet|completely|entirely|properly|all".Split('|')
        from thawed in "thawed|defrosted".Split('|')
        select quite.Length == 0 ? $"{how} {thawed}" : $"{how} {quite} {thawed}"
    );

    private static readonly (Meaning Meaning, string Phrases)[] Entries =
    [
        (new() { Species = Species.Chicken }, "chicken|chickens|hen|hens|fowl|chook|chooks|broiler|broilers|pullet"),
        (new() { Species = Species.Turkey }, "turkey|turkeys|gobbler"),
        (new() { Species = Species.Duck }, "duck|ducks|duckling|ducklings"),
        (new() { CutId = "turkey-crown" }, "whole turkey breast|whole turkey breasts|whole bone-in turkey breast|turkey breast whole"),
        (
            new() { CutId = "poussin-whole" },
            "poussin|poussins|spring chicken|spring chickens|cornish hen|cornish hens|game hen|game hens|"
                + "cornish game hen|cornish game hens|baby chicken|baby chickens"
        ),
        (
            new() { Part = Part.Whole },
            "whole|bird|birds|capon|capons|fryer|fryers|roaster|roasters|whole bird|whole birds|"
                + "roasting chicken|roasting chickens|whole one"
        ),
        (
            new() { Part = Part.Spatchcocked },
            "spatchcocked|spatchcock|flattened|butterflied|opened flat|backbone out|without its backbone|" + "without backbone|no backbone"
        ),
        (new() { Part = Part.Half }, "halves|half bird|half birds|half a bird|halved|cut in half|split in half|in two halves"),
        (new() { Species = Species.Chicken, Part = Part.Half }, "half chicken|half a chicken|half chickens|chicken halves"),
        (new() { Species = Species.Duck, Part = Part.Half }, "half duck|half a duck|half ducks|duck halves"),
        (new() { Species = Species.Turkey, Part = Part.Half }, "half turkey|half a turkey|half turkeys|turkey halves"),
        (new() { Part = Part.Crown }, "crown|crowns|breast crown|breast crowns|double breast|double breasts"),
        (
            new() { Part = Part.Breast },
            "breast|breasts|fillet|fillets|filet|filets|breast fillet|breast fillets|breast half|breast halves|supreme|supremes"
        ),
        (new() { Species = Species.Duck, Part = Part.Breast }, "magret|magrets"),
        (new() { Part = Part.Thigh, BoneIn = false }, "thigh fillet|thigh fillets|thigh meat"),
        (
            new() { Part = Part.Cutlet },
            "cutlet|cutlets|escalope|escalopes|schnitzel|schnitzels|thin slices|in slices|thinly sliced|breast slices|"
                + "cut in slices|cut into slices|cut into cutlets|pounded thin|paillard|paillards"
        ),
        (
            new() { Part = Part.Tender },
            "tender|tenders|tenderloin|tenderloins|strips|goujons|inner fillet|inner fillets|mini fillets|mini fillet|"
                + "in strips|cut in strips|cut into strips|breast strips"
        ),
        (new() { Part = Part.Thigh }, "thigh|thighs|upper leg|upper legs"),
        (
            new() { Part = Part.Leg },
            "leg|legs|leg quarter|leg quarters|quarter|quarters|whole leg|whole legs|maryland|marylands|hindquarter|hindquarters"
        ),
        (new() { Part = Part.Drumstick }, "drumstick|drumsticks|drum|drums|lower leg|lower legs|drummers"),
        (new() { Part = Part.Wing }, "wing|wings|wingettes|wingette|flats|drumettes|drumette|party wings"),
        (
            new() { Part = Part.Diced },
            "diced|cubed|cubes|chunks|dice|stewing pieces|chopped|bite-size|bite-sized|bite size|bite sized|bitesize|"
                + "in bite-size pieces|bite-size pieces|bite-sized pieces|bite size pieces|bite sized pieces|small pieces|"
                + "in small pieces|in chunks|in cubes|cut in cubes|cut into cubes|cut into chunks|cut into dice|cut small|"
                + "cut up small|chopped up|in pieces|cut in pieces|cut into pieces|cut into small pieces|"
                + "cut into bite-size pieces|stir-fry pieces|nuggets of meat|in dice"
        ),
        (new() { Part = Part.Meatball }, "meatball|meatballs|meat balls|meat ball|mince balls|balls of mince"),
        (
            new() { Part = Part.Carcass },
            "carcass|carcasses|carcase|carcases|frame|frames|stock bones|bones|backs|bones for stock|bird bones"
        ),
        (new() { BoneIn = true }, "bone in|bone-in|split|on the bone|with bone|with the bone|with bones|unboned|on bone"),
        (
            new() { BoneIn = false },
            "boneless|no bone|no bones|bone out|bone-out|off the bone|without bone|without the bone|without bones|"
                + "deboned|de-boned|boned|boned and rolled|rolled and boned|boned out|skinless boneless|boneless skinless"
        ),
        (
            new() { State = MeatState.Frozen },
            "frozen|freezer|in the freezer|deep freeze|from frozen|from the freezer|rock hard|deep-frozen|"
                + "deep frozen|straight from the freezer|"
                + "still frozen|frozen solid|icy|from freezer|out of the freezer|half frozen|partly frozen|partially frozen|"
                + "semi-frozen|semi frozen|frozen inside|thawing|unthawed|"
                + HardlyThawed
        ),
        (
            new() { State = MeatState.Frozen, Arrangement = Arrangement.Single },
            "frozen singly|frozen separately|frozen loose|loose frozen|individually frozen|frozen individually|"
                + "frozen apart|frozen one by one"
        ),
        (
            new() { State = MeatState.Frozen, Arrangement = Arrangement.Lump },
            "frozen together|frozen in one lump|frozen in a lump|frozen lump|frozen block|in one lump|in a lump|"
                + "in one block|frozen in a block|in a block|lump|stuck together|frozen in one block|frozen in a clump|"
                + "in a clump|one lump|one block|one solid block|solid block|in one piece frozen|frozen stuck together|block|"
                + "clump"
        ),
        (
            new()
            {
                State = MeatState.Frozen,
                Arrangement = Arrangement.Lump,
                Mark = Mark.Lumps,
            },
            "lumps|blocks|clumps"
        ),
        (
            new() { State = MeatState.Chilled },
            "thawed|defrosted|chilled|fresh|raw|from the fridge|refrigerated|not frozen|isn't frozen|"
                + "aren't frozen|never frozen|no longer frozen|"
                + "unfrozen|cold|fully thawed|"
                + "completely thawed|out of the fridge|straight from the fridge|from fridge"
        ),
        (new() { State = MeatState.Room }, "room temperature|at room temperature|tempered|room temp|at room temp"),
        (new() { Arrangement = Arrangement.Single }, "singly|separate|single layer|in one layer|in a single layer|side by side|loose"),
        (
            new() { Arrangement = Arrangement.Overlapping },
            "overlapping|stacked|piled|on top of each other|in two layers|piled up|in a pile|in a heap|heaped|layered"
        ),
        (
            new() { Placement = Placement.Rack },
            "on a rack|on the rack|rack|on a trivet|on the trivet|trivet|in a basket|in the basket|steamed|with rack|with a rack"
        ),
        (
            new() { Placement = Placement.InLiquid },
            "in liquid|in the liquid|in sauce|in the sauce|in broth|in stock|in soup|in water|submerged|poached|"
                + "braised|soup|stew|no rack|without rack|without a rack|without the rack|no trivet|without a trivet|"
                + "on the floor|on the bottom|straight in the pot|covered with water|covered in water|swimming|in the broth|"
                + "in the stock|in the soup|in a stew|for soup|for stew"
        ),
        (
            new() { Placement = Placement.OnBed },
            "on a bed|on vegetables|on onions|on rice|on potatoes|on top of rice|on a bed of vegetables|"
                + "on the vegetables|on the rice|on top of the rice"
        ),
        (
            new() { Aim = Aim.Slice },
            "to slice|for slicing|slice|slices|sliced|sliceable|to carve|for carving|carve|juicy|just done|for salad|"
                + "for sandwiches|sliceable"
        ),
        (
            new() { Aim = Aim.Pull },
            "to pull|to pull apart|pull|pull apart|pulled|to shred|for shredding|shred|shredded|shreds|for pulling|"
                + "shreddable|for tacos|to be shredded|to be pulled"
        ),
        (
            new() { Aim = Aim.FallApart },
            "to fall apart|fall apart|falling apart|falls apart|fall-apart|falls off the bone|fall off the bone|"
                + "falling off the bone|falling from the bone|falls from the bone|fall from the bone|meltingly tender|"
                + "very tender|super tender|fall-off-the-bone|meltingly soft"
        ),
        (new() { Pressure = PressureSetting.High }, "high pressure|on high|high|at high pressure|on high pressure"),
        (new() { Pressure = PressureSetting.Low }, "low pressure|on low|low|at low pressure|on low pressure"),
        (
            new() { Release = ReleaseKind.Natural },
            "natural release|natural|naturally|natural pressure release|let it go by itself|release naturally|"
                + "released naturally|leave it alone|wait for the pin|slow release|natural venting|release by itself|"
                + "let the pressure fall|npr|full natural release"
        ),
        (
            new() { Release = ReleaseKind.Vent },
            "quick release|quick|vent|vent at once|vented|vented at once|release at once|quick pressure release|"
                + "fast release|venting|qr|vent immediately|release quickly|quickly released|open the valve|vent the rest|"
                + "release the rest|quick release the rest"
        ),
        (new() { Release = ReleaseKind.Pulsed }, "in bursts|in short bursts|vent in bursts|pulsed|pulse release|short bursts"),
        (
            new() { Release = ReleaseKind.RestThenVent },
            "rest|resting|rest then vent|rested|stand|standing|let rest|let it rest|let stand|let it stand|wait"
        ),
        (
            new() { Browned = true },
            "browned|browned first|seared|seared first|brown first|brown it first|sear first|brown them first|"
                + "already browned|brown|sear|browned in batches|browning first"
        ),
        (new() { Browned = false }, "not browned|unbrowned|no browning|without browning|not seared"),
        (new() { Mark = Mark.Each }, "each|a piece|apiece|per piece|every one|per one|each one|each of them|ea"),
        (
            new() { Mark = Mark.All },
            "total|altogether|in total|in all|all together|together|all in all|combined|for all|for the lot|the lot|"
                + "all of them|total weight|overall|all"
        ),
        (new() { Mark = Mark.Times }, "x|times|*"),
        (new() { Mark = Mark.At }, "at|@"),
        (new() { Mark = Mark.Of }, "of"),
        (new() { Mark = Mark.For }, "for"),
        (new() { Mark = Mark.Serves }, "serves|serving|feeds|feeding|to serve|to feed"),
        (
            new() { Mark = Mark.People },
            "people|persons|person|guests|guest|adults|adult|kids|children|servings|portions|eaters|of us|mouths|" + "diners|hungry people"
        ),
        (
            new() { Mark = Mark.Pack },
            "pack|packs|packet|packets|tray|trays|bag|bags|package|packages|box|boxes|punnet|punnets|container|containers"
        ),
        (new() { Mark = Mark.Can }, "can|cans|tin|tins|can of|cans of|tin of|tins of|jar|jars"),
        (new() { Mark = Mark.Thick }, "thick|thickness|deep|thickest|at the thickest|at the thickest point|at its thickest|thick at most"),
        (new() { Mark = Mark.OtherLength }, "long|wide|across|in length|length|width|diameter|in diameter"),
        (
            new() { Mark = Mark.Heaviest },
            "heaviest|the heaviest|largest|the largest|biggest|the biggest|heaviest piece|the heaviest piece|"
                + "largest piece|the largest piece|biggest piece|the biggest piece|biggest one|the biggest one|heaviest one|"
                + "the heaviest one|largest one|the largest one|thickest one|the thickest one|bigger one|the bigger one|larger one|"
                + "the larger one|huge one|the huge one|big one|the big one|large one|the large one|is huge|is big|is bigger|is larger|"
                + "is very big|one is huge|one is big|one is bigger|one is larger"
        ),
        (
            new() { Mark = Mark.Reads },
            "reads|is at|it is at|it's at|read|reading|measures|thermometer says|thermometer reads|thermometer shows|"
                + "thermometer|probe says|probe reads|it says|shows|it shows|inside|in the middle|core|core temperature|"
                + "internal temperature|internal temp|temperature is|is only at|only at|is only|middle is|the middle is|"
                + "probe"
        ),
        (
            new() { Mark = Mark.Open },
            "open|opened|opened lid|lid open|is open|it is open|it's open|lid is off|lid off|just opened|i opened it|"
                + "opened it|pot is open|the pot is open"
        ),
        (new() { Mark = Mark.Fridge }, "in the fridge|in fridge|fridge|ago|old|since thawing|in the refrigerator"),
        (
            new() { Mark = Mark.Marinated },
            "marinated|marinade|marinating|marinated for|marinate|brined|brine|dry salted|dry-salted|overnight|salted overnight"
        ),
        (
            new() { Mark = Mark.Crisped },
            "crisp|crisped|crispy|crispy skin|crisp skin|crisp the skin|under the grill|under the broiler|grilled|broiled"
        ),
        (new() { Mark = Mark.Per }, "per|/"),
        (new() { Mark = Mark.Then }, "then|followed by|afterwards|after that"),
        (new() { Mark = Mark.And }, "and|with|plus|w|alongside|beside|together with|as well as|n"),
        (new() { Mark = Mark.Without }, "without|no|not"),
        (
            new() { Mark = Mark.Clock },
            "o'clock|oclock|pm|am|p.m|a.m|tonight|tomorrow|today|this evening|for dinner|for lunch|noon|dinner at|"
                + "ready at|ready by|eat at|eat by"
        ),
        (new() { PotWord = true }, "pot|cooker|multicooker|machine|multi-cooker|pressure cooker"),
        (new() { Liquid = "water" }, "water|liquid|hot water|cold water|thin liquid|warm water"),
        (
            new() { Liquid = "stock" },
            "stock|broth|bouillon|chicken stock|chicken broth|turkey stock|turkey broth|duck stock|vegetable stock|"
                + "vegetable broth|beef stock|beef broth|veg stock|bone broth|stock cube|stock cubes"
        ),
        (new() { Liquid = "wine" }, "wine|white wine|red wine|sherry|vermouth"),
        (new() { Liquid = "cider" }, "cider"),
        (new() { Liquid = "beer" }, "beer|ale|stout"),
        (new() { Liquid = "canned-tomatoes" }, "canned tomatoes|tinned tomatoes|chopped tomatoes|diced tomatoes"),
        (new() { Liquid = "passata" }, "passata|tomato sauce|tomato puree|pasta sauce|salsa"),
        (new() { Liquid = "cheese-sauce" }, "cheese sauce|thick cheese sauce"),
        (new() { Liquid = "soy-sauce" }, "soy sauce|soya sauce"),
        (new() { Liquid = "vinegar" }, "vinegar|wine vinegar|cider vinegar"),
        (new() { Liquid = "juice" }, "juice|orange juice|apple juice|lemon juice|lime juice|pineapple juice"),
        (
            new() { Kept = "changes no minutes" },
            "skin|skin-on|skin on|skinless|skin off|no skin|without skin|with skin|with the skin|salted|rubbed|"
                + "seasoned|spiced|organic|free range|free-range|corn-fed|corn fed|kosher|halal|floured|dusted with flour|"
                + "coated in flour|patted dry|trimmed|rinsed|tied|trussed|with giblets|with the giblets|with its giblets|"
                + "giblet bag|giblets inside|giblets removed|giblets out|no giblets|without giblets|foil|sling|bowl|"
                + "in a bowl"
        ),
        (
            new() { Kept = "changes no minutes", Seasons = true },
            "salt|pepper|garlic|thyme|rosemary|bay leaf|bay leaves|paprika|herbs|spices|rub|lemon|lime|ginger|"
                + "butter|oil|olive oil|parsley|sage|oregano|cumin|chilli|chili|curry powder|duck fat|"
                + "chicken fat|chicken seasoning|poultry seasoning|seasoning|basil|coriander|cilantro|mustard|"
                + "lemongrass|cloves garlic|clove garlic|clove of garlic|cloves of garlic|garlic cloves|garlic clove|"
                + "sprigs of thyme|sprig of thyme|sprigs of rosemary|sprig of rosemary|flour|sugar|lemons|limes"
        ),
        (
            new() { Refused = OtherBird },
            "goose|geese|gosling|pheasant|pheasants|quail|quails|guinea fowl|guineafowl|partridge|partridges|pigeon|"
                + "pigeons|grouse|ostrich|squab"
        ),
        (new() { Refused = OtherPart, RefusesAll = true }, "livers|gizzards|hearts|giblets|necks|feet|kidneys|tongues"),
        (new() { Refused = OneOtherPart, RefusesAll = true }, "liver|gizzard|heart|neck|foot"),
        (
            new() { Refused = OtherMeat },
            "beef|pork|lamb|mutton|veal|fish|salmon|cod|shrimp|prawns|ham|rabbit|rabbits|venison|steak|brisket|ribs|"
                + "tofu|goat|bacon|sausage|sausages"
        ),
        (new() { Refused = Minced, RefusesAll = true }, "mince|minced|ground|mincemeat"),
        (
            new() { Refused = CookedAlready, RefusesAll = true },
            "leftover chicken|leftover turkey|leftover duck|leftover roast chicken|leftover roast turkey|leftover roast duck|"
                + "leftover meat|already cooked|cooked already|precooked|pre-cooked|fully cooked"
        ),
        (
            new() { Refused = ReadyMade, RefusesAll = true },
            "turkey sausage|turkey sausages|chicken sausage|chicken sausages|turkey bacon|turkey ham|nuggets|chicken nuggets|kiev|"
                + "kievs|burger|burgers|patty|patties|hot dog|hot dogs"
        ),
        (new() { Refused = Jointed, RefusesAll = true }, "quartered|jointed|disjointed|cut in quarters|cut into quarters"),
        (new() { Refused = Stuffed, RefusesAll = true }, "stuffed|stuffing"),
        (new() { Size = SaidSize.Small }, "small|smallish|tiny"),
        (new() { Size = SaidSize.Large }, "large|big|jumbo|extra large|extra-large|xl"),
        (new() { Size = SaidSize.Huge }, "huge|giant|enormous|massive|xxl"),
        (
            new(),
            "a|an|the|in|my|our|please|some|piece|pieces|weighing|weigh|weighs|about|around|roughly|approx|"
                + "approximately|to|how|long|do|i|cook|cooked|cooking|have|got|is|are|they|it|its|it's|meat|raw weight|"
                + "medium|cut|into|that|from|on|want|need|i've|ive|i'm|we|we've|there|need to|should|time|"
                + "under pressure|pressure|weight|raw|size|sized|average|normal|good|nice|well|done|per cent|bought|set|what|"
                + "now|can|you|me|tell|if|when|must|get|make|making|use|using|up|just|only|bit|little|a little|a bit|pcs|pc|"
                + "pce|qty|dinner|lunch|supper|style|rotisserie|confit|curry|sticky|roll|rolls|roast|roasted|casserole|lid|"
                + "or so|ish|inside the pot|first|second|each other|one|this|these|those|them|their|off|out|be|as|by|from a|"
                + "lot|them all|hello|hi|release|released|releasing|open it|let|go|goes|going|put|frying|not too|too|enough|"
                + "very|really|quite|ones|heavy|weighted|fat|thin|home|shop|supermarket|butcher|butcher's|"
                + "today's|yesterday|half of them|half are|some are|some of them|others|the rest|rest|party|flat|"
                + "multicooker's|electric|instead|like|so|also|still|but"
        ),
    ];

    private static readonly Dictionary<string, Meaning> ByPhrase = Make();

    /// <summary>Longest phrase, in words.</summary>
    public const int LongestPhrase = 5;

    /// <summary>Single words of which a slip may be made.</summary>
    public static IReadOnlyList<string> Words { get; } =
    [
        .. ByPhrase
            .Where(p =>
                !p.Key.Contains(' ', StringComparison.Ordinal) && p.Key.Length > 3 && p.Value with { Size = default } != new Meaning()
            )
            .Select(p => p.Key),
    ];

    /// <summary>What a phrase means; null for one that is not known.</summary>
    public static Meaning? Find(string phrase) => ByPhrase.GetValueOrDefault(phrase);

    private static Dictionary<string, Meaning> Make()
    {
        Dictionary<string, Meaning> words = [];
        foreach (var (meaning, phrases) in Entries)
        {
            foreach (var phrase in phrases.Split('|'))
            {
                words.TryAdd(phrase, meaning);
            }
        }

        foreach (var (companion, phrase) in BesideNames.All)
        {
            words.TryAdd(phrase, new Meaning { Beside = companion });
        }

        return words;
    }
}
