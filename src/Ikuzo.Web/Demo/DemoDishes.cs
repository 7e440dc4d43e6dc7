using Ikuzo.Core.Loads;
using Ikuzo.Core.Poultry;
using Ikuzo.Web.Features.Dishes;
using Ikuzo.Web.Features.Plans;

namespace Ikuzo.Web.Demo;

/// <summary>Nine invented dishes, one for each route through the kitchen.</summary>
internal static class DemoDishes
{
    /// <summary>
    /// Frozen under grain, pulses, two stages, quick vegetable first, bowl on the rack, spatchcocked and crisped, soup in bursts, duck with
    /// fat, crown.
    /// </summary>
    public static readonly IReadOnlyList<DishDocument> All =
    [
        new()
        {
            Name = "Frozen thighs on wild rice",
            Servings = 4,
            Items = [Meat("chicken-thigh-bone-in", 6, 1.2, Aim.Pull, MeatState.Frozen), Beside("wild-rice-blend", 270)],
            Seasoning = "smoked salt, orange peel and caraway",
            Aromatics = ["2 bay leaves", "1 strip of orange peel"],
            Finish = ["Pull the meat off the bones and fold it into the grain."],
            Meanwhile = [new("Slice a radish salad", 10)],
        },
        new()
        {
            Name = "Drumsticks with white beans and prunes",
            Servings = 4,
            Items =
            [
                Meat("chicken-drumstick", 8, 0.96, Aim.FallApart),
                Beside("dry-navy-beans", 250),
                Beside("onions", 150),
                Beside("prunes", 80),
            ],
            Brown = true,
            DeglazeWith = "a glass of cider",
            Seasoning = "paprika and crushed fennel seed",
            Meanwhile = [new("Fry breadcrumbs with parsley", 8)],
            Finish = ["Scatter the breadcrumbs over it."],
        },
        new()
        {
            Name = "Chicken breasts, then penne",
            Servings = 4,
            Items = [Meat("chicken-breast-bone-in", 4, 1.3, Aim.Slice), Beside("penne-pasta", 320)],
            RestMinutes = 5,
            Aromatics = ["1 sprig of lovage"],
            Finish = ["Slice the meat over the bowl and grate hard cheese on top."],
        },
        new()
        {
            Name = "Turkey tenderloins with broccoli",
            Servings = 3,
            Items = [Meat("turkey-tenderloin", 2, 0.7, Aim.Slice), Beside("broccoli", 350)],
            Stages =
            [
                ["broccoli"],
                ["bird"],
            ],
            MarinadeHours = 2,
            Seasoning = "sesame, ginger and a little honey",
            Meanwhile = [new("Toast sesame seeds", 5)],
        },
        new()
        {
            Name = "Thighs with mushrooms, farro above",
            Servings = 3,
            Items = [Meat("chicken-thigh-boneless", 6, 0.75, Aim.Pull), Beside("mushrooms", 250), Bowl("farro", 200)],
            Brown = true,
            DeglazeWith = "a splash of vinegar",
            Finish = ["Turn the bowl out in the middle of the plate."],
        },
        new()
        {
            Name = "Flat chicken with potatoes, crisped",
            Servings = 2,
            Items = [Meat("chicken-spatchcocked", 1, 0.9, Aim.Slice, placement: Placement.Rack), Beside("potatoes-whole-small", 300)],
            MarinadeHours = 12,
            Seasoning = "salt, mustard seed and dried thyme",
            CrispMinutes = 10,
            RestMinutes = 10,
            Meanwhile = [new("Chop a jar of pickles into a relish", 10)],
        },
        new()
        {
            Name = "Chicken soup with barley",
            Servings = 6,
            Items =
            [
                Meat("chicken-thigh-boneless", 6, 0.7, Aim.Pull, placement: Placement.InLiquid),
                Beside("pearl-barley", 140),
                Beside("onions", 150),
            ],
            BrothMl = 700,
            Aromatics = ["6 peppercorns", "1 star anise"],
            Finish = ["Pull the meat apart in the pot and stir in a handful of chopped kale."],
            Notes = ["Let the steam out in short bursts: barley foams."],
        },
        new()
        {
            Name = "Duck legs with beetroot and apples",
            Servings = 4,
            Items = [Meat("duck-leg", 4, 1.0, Aim.FallApart), Beside("beetroot-whole", 400), Beside("apples", 200)],
            Brown = true,
            DeglazeWith = "cold black tea",
            CrispMinutes = 6,
            Finish = ["Skim the fat and keep it for potatoes.", "Boil the juice down to a glaze."],
        },
        new()
        {
            Name = "Turkey crown with gravy",
            Servings = 5,
            Items = [Meat("turkey-crown", 1, 1.8, Aim.Slice, placement: Placement.Rack)],
            MarinadeHours = 24,
            Seasoning = "dry salt and juniper",
            CrispMinutes = 8,
            RestMinutes = 15,
            Meanwhile = [new("Whisk starch into cold water for the gravy", 3), new("Warm the plates", 5)],
        },
    ];

    private static DishItemBody Meat(
        string cut,
        int pieces,
        double kg,
        Aim aim,
        MeatState state = MeatState.Chilled,
        Placement placement = Placement.OnBed
    ) =>
        new()
        {
            Key = "bird",
            Kind = ItemKind.Meat,
            Load = new LoadBody
            {
                Cut = cut,
                Pieces = pieces,
                TotalKg = kg,
                State = state,
                Placement = placement,
            },
            Aim = aim,
        };

    private static DishItemBody Beside(string id, double grams) =>
        new()
        {
            Key = id,
            Kind = ItemKind.Companion,
            Id = id,
            Grams = grams,
        };

    private static DishItemBody Bowl(string id, double grams) => Beside(id, grams) with { InBowl = true };
}
