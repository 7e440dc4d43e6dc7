using static Ikuzo.Core.Quantities.Figure;

namespace Ikuzo.Core.Poultry;

/// <summary>All cuts. To add one, add one entry here.</summary>
/// <remarks>
/// Weights, sizes and bones are estimates of ordinary shop goods; a measured thickness always overrules them. The three axes of a
/// piece are those of an ellipsoid of about its mass (of the muscle around the spot, for a bird); how it heats follows from them, see
/// <see cref="Conduction.EquivalentShape"/>.
/// </remarks>
public static class CutCatalogue
{
    private const string Refuse = "estimate: refuse (bone, skin and separable fat) in USDA FoodData Central, SR Legacy, rounded";

    // How much thickness differs at one weight: in all 6 % for a bird left whole, 7 opened or halved, 8 to 9 on the bone, 11 without one.
    private const string Judged = "estimate: shop goods of one weight; ours 4.5 %, the rest split between load and piece";
    private static readonly ThicknessSpread Intact = new(0.045, 0.020, 0.035, 0.03, Judged);
    private static readonly ThicknessSpread Opened = new(0.045, 0.025, 0.047, 0.03, Judged);
    private static readonly ThicknessSpread BoneIn = new(0.045, 0.030, 0.065, 0.04, Judged);
    private static readonly ThicknessSpread Boneless = new(0.045, 0.050, 0.085, 0.05, Judged);
    private static readonly ThicknessSpread HandCut = new(0.045, 0.060, 0.060, 0.04, Judged);

    // Tough below, slices up to, pulls from, falls apart from, stringy above: mean conversion, held against how cooks call the meat after
    // some minutes (LabelTests). Thin pieces are hot through and through, thick ones at their rim first, hence a window for each shape.
    private const string Called = "estimate, after how cooks call it";
    private static readonly TendernessWindow Breast = new(0, 0.50, 0.31, 0.75, 0.85, Called);
    private static readonly TendernessWindow Dice = new(0, 0.88, 0.88, 0.92, 0.94, Called);
    private static readonly TendernessWindow TurkeyDice = new(0, 0.94, 0.94, 0.96, 0.97, Called);
    private static readonly TendernessWindow WholeBird = new(0, 0.64, 0.62, 0.72, 0.97, Called);
    private static readonly TendernessWindow Thigh = new(0, 0.63, 0.61, 0.67, 0.97, Called);
    private static readonly TendernessWindow BonelessThigh = new(0, 0.60, 0.58, 0.84, 0.97, Called);
    private static readonly TendernessWindow Drumstick = new(0, 0.60, 0.58, 0.72, 0.97, Called);
    private static readonly TendernessWindow Quarters = new(0, 0.70, 0.68, 0.80, 0.97, Called);
    private static readonly TendernessWindow Wing = new(0, 0.70, 0.68, 0.80, 0.98, Called);
    private static readonly TendernessWindow TurkeyThigh = new(0.40, 0.60, 0.58, 0.72, 0.97, Called);
    private static readonly TendernessWindow TurkeyLeg = new(0.40, 0.70, 0.68, 0.80, 0.98, Called);
    private static readonly TendernessWindow TurkeyWing = new(0.60, 0.92, 0.90, 0.95, 0.99, Called);

    // The outside of a large piece is long done when its middle is; thick slices across the grain hold together all the same.
    private static readonly TendernessWindow LargeBreast = new(0, 0.80, 0.55, 0.85, 0.95, Called);
    private static readonly TendernessWindow LargeBird = new(0, 0.75, 0.60, 0.82, 0.97, Called);
    private static readonly TendernessWindow WholeDuck = new(0.80, 0.96, 0.95, 0.97, 1.0, Called);
    private static readonly TendernessWindow DuckLegs = new(0.50, 0.75, 0.73, 0.80, 0.98, Called);
    private static readonly TendernessWindow Mince = new(0, 0.95, 0.95, 0.97, 0.98, Called);
    private static readonly TendernessWindow Bones = new(0, 0.90, 0.80, 0.90, 1.0, Called);

    // Room that a kilogram takes, l: of a bird with its cavity; of what settles, thighs between it.
    private const double HollowBird = 1.35,
        Settled = 1.0,
        Drumsticks = 1.7,
        LongLegs = 1.9,
        Wings = 1.95,
        BrokenUp = 2.4; // a carcass is all cavity

    /// <summary>Every cut, chicken first.</summary>
    public static IReadOnlyList<Cut> All { get; } =
    [
        Of(
            id: "chicken-whole",
            species: Species.Chicken,
            part: Part.Whole,
            name: "whole chicken",
            plural: "whole chickens",
            boneIn: true,
            kg: (0.9, 1.8, 3.0),
            tissue: Tissue.ChickenBreastSkin,
            shares: (0.52, 0.15, 0.33),
            spread: Intact,
            window: WholeBird,
            usualAim: Aim.Slice,
            held: new(23, 35, 1.6),
            spots: Bird((50, 92, 152), (58, 74, 118), 6),
            outerMm: (120, 150, 205),
            usual: true
        ),
        Of(
            id: "chicken-spatchcocked",
            species: Species.Chicken,
            part: Part.Spatchcocked,
            name: "flattened chicken",
            plural: "flattened chickens",
            boneIn: true,
            kg: (0.9, 1.7, 2.6),
            tissue: Tissue.ChickenBreastSkin,
            shares: (0.55, 0.16, 0.29),
            spread: Opened,
            window: WholeBird,
            usualAim: Aim.Slice,
            spots: Bird((42, 100, 165), (46, 78, 120), 6),
            outerMm: (60, 240, 270),
            usual: true
        ),
        Of(
            id: "chicken-half",
            species: Species.Chicken,
            part: Part.Half,
            name: "chicken half",
            plural: "chicken halves",
            boneIn: true,
            kg: (0.45, 0.85, 1.4),
            tissue: Tissue.ChickenBreastSkin,
            shares: (0.52, 0.15, 0.33),
            spread: Opened,
            window: WholeBird,
            usualAim: Aim.Slice,
            spots: Bird((42, 100, 165), (46, 78, 120), 6),
            outerMm: (65, 120, 200),
            usual: true
        ),
        Of(
            id: "chicken-breast-boneless",
            species: Species.Chicken,
            part: Part.Breast,
            name: "chicken breast, no bone",
            plural: "chicken breasts, no bone",
            boneIn: false,
            kg: (0.12, 0.22, 0.40),
            tissue: Tissue.ChickenBreast,
            shares: (0.98, 0.02, 0.00),
            spread: Boneless,
            window: Breast,
            usualAim: Aim.Slice,
            held: new(8, 15, 0.22),
            spots: One("thickest part of the breast, from the side", (31, 87, 155)),
            usual: true
        ),
        Of(
            id: "chicken-breast-bone-in",
            species: Species.Chicken,
            part: Part.Breast,
            name: "chicken breast on the bone",
            plural: "chicken breasts on the bone",
            boneIn: true,
            kg: (0.25, 0.40, 0.65),
            tissue: Tissue.ChickenBreastSkin,
            shares: (0.70, 0.10, 0.20),
            spread: BoneIn,
            window: Breast,
            usualAim: Aim.Slice,
            held: new(14, null, 0.4),
            spots: One("thickest part of the breast, beside the bone but not on it", (40, 100, 165))
        ),
        Of(
            id: "chicken-cutlet",
            species: Species.Chicken,
            part: Part.Cutlet,
            name: "chicken cutlet",
            plural: "chicken cutlets",
            boneIn: false,
            kg: (0.06, 0.12, 0.20),
            tissue: Tissue.ChickenBreast,
            shares: (0.99, 0.01, 0.00),
            spread: Boneless,
            window: Breast,
            usualAim: Aim.Slice,
            held: new(3, null, 0.13),
            spots: One("the middle, from the side", (14, 95, 165)),
            usual: true
        ),
        Of(
            id: "chicken-tender",
            species: Species.Chicken,
            part: Part.Tender,
            name: "chicken tender",
            plural: "chicken tenders",
            boneIn: false,
            kg: (0.03, 0.05, 0.08),
            tissue: Tissue.ChickenBreast,
            shares: (0.99, 0.01, 0.00),
            spread: Boneless,
            window: Breast,
            usualAim: Aim.Slice,
            spots: One("the thick end, along the piece", (16, 35, 160)),
            usual: true
        ),
        Of(
            id: "chicken-thigh-boneless",
            species: Species.Chicken,
            part: Part.Thigh,
            name: "chicken thigh, no bone",
            plural: "chicken thighs, no bone",
            boneIn: false,
            kg: (0.07, 0.11, 0.18),
            tissue: Tissue.ChickenLeg,
            shares: (0.93, 0.07, 0.00),
            spread: Boneless,
            window: BonelessThigh,
            usualAim: Aim.Slice,
            held: new(9, 15, 0.11),
            spots: One("thickest fold of the thigh", (24, 80, 110))
        ),
        Of(
            id: "chicken-thigh-bone-in",
            species: Species.Chicken,
            part: Part.Thigh,
            name: "chicken thigh, bone in",
            plural: "chicken thighs, bone in",
            boneIn: true,
            kg: (0.11, 0.18, 0.30),
            tissue: Tissue.ChickenLegSkin,
            shares: (0.63, 0.16, 0.21),
            spread: BoneIn,
            window: Thigh,
            usualAim: Aim.Slice,
            held: new(10, null, 0.17),
            spots: One("thickest part, next to the bone but not on it", (33, 80, 122), 5),
            usual: true
        ),
        Of(
            id: "chicken-leg-quarter",
            species: Species.Chicken,
            part: Part.Leg,
            name: "chicken leg quarter",
            plural: "chicken leg quarters",
            boneIn: true,
            kg: (0.22, 0.34, 0.50),
            tissue: Tissue.ChickenLegSkin,
            shares: (0.60, 0.13, 0.27),
            spread: BoneIn,
            window: Quarters,
            usualAim: Aim.Slice,
            held: new(14, 22, 0.3),
            spots: Quarter((36, 85, 120), (38, 40, 120), 5),
            heap: LongLegs,
            usual: true
        ),
        Of(
            id: "chicken-drumstick",
            species: Species.Chicken,
            part: Part.Drumstick,
            name: "chicken drumstick",
            plural: "chicken drumsticks",
            boneIn: true,
            kg: (0.07, 0.12, 0.18),
            tissue: Tissue.ChickenLegSkin,
            shares: (0.58, 0.09, 0.33),
            spread: BoneIn,
            window: Drumstick,
            usualAim: Aim.Slice,
            held: new(10, 18, 0.11),
            spots: One("thickest part, next to the bone but not on it", (40, 42, 130), 5),
            heap: Drumsticks,
            usual: true
        ),
        Of(
            id: "chicken-wing",
            species: Species.Chicken,
            part: Part.Wing,
            name: "chicken wing",
            plural: "chicken wings",
            boneIn: true,
            kg: (0.05, 0.09, 0.14),
            tissue: Tissue.ChickenLegSkin,
            shares: (0.33, 0.21, 0.46),
            spread: BoneIn,
            window: Wing,
            usualAim: Aim.Slice,
            held: new(8, 15, 0.09),
            spots: One("thickest part of the upper wing, beside the bone", (25, 30, 95), 3),
            heap: Wings,
            usual: true
        ),
        Of(
            id: "chicken-diced",
            species: Species.Chicken,
            part: Part.Diced,
            name: "chicken cube",
            plural: "chicken cubes",
            boneIn: false,
            kg: (0.008, 0.02, 0.05),
            tissue: Tissue.ChickenBreast,
            shares: (0.99, 0.01, 0.00),
            spread: HandCut,
            window: Dice,
            usualAim: Aim.Slice,
            held: new(4, null, 0.015),
            spots: One("the middle of the largest cube", (25, 27, 28), form: Form.Block),
            usual: true
        ),
        Of(
            id: "chicken-meatball",
            species: Species.Chicken,
            part: Part.Meatball,
            name: "chicken meatball",
            plural: "chicken meatballs",
            boneIn: false,
            kg: (0.015, 0.03, 0.08),
            tissue: Tissue.ChickenMince,
            shares: (0.92, 0.08, 0.00),
            spread: HandCut,
            window: Mince,
            usualAim: Aim.Slice,
            held: new(5, null, 0.03),
            spots: One("the middle of the largest ball", (38, 38, 38)),
            usual: true
        ),
        Of(
            id: "chicken-carcass",
            species: Species.Chicken,
            part: Part.Carcass,
            name: "chicken carcass",
            plural: "chicken carcasses",
            boneIn: true,
            kg: (0.2, 0.5, 1.0),
            tissue: Tissue.ChickenLegSkin,
            shares: (0.20, 0.15, 0.65),
            spread: Opened,
            window: Bones,
            usualAim: Aim.Stock,
            spots: One("the meatiest part of the back, not on the bone", (22, 90, 140)),
            heap: BrokenUp,
            usual: true
        ),
        Of(
            id: "chicken-neck",
            species: Species.Chicken,
            part: Part.Neck,
            name: "chicken neck",
            plural: "chicken necks",
            boneIn: true,
            kg: (0.03, 0.05, 0.09),
            tissue: Tissue.ChickenLegSkin,
            shares: (0.36, 0.28, 0.36),
            spread: BoneIn,
            window: Quarters,
            usualAim: Aim.Stock,
            spots: One("the thick end, beside the bone", (26, 29, 115), 7),
            heap: Drumsticks,
            usual: true
        ),
        Of(
            id: "chicken-foot",
            species: Species.Chicken,
            part: Part.Foot,
            name: "chicken foot",
            plural: "chicken feet",
            boneIn: true,
            kg: (0.02, 0.035, 0.06),
            tissue: Tissue.ChickenLegSkin,
            shares: (0.05, 0.45, 0.50),
            spread: BoneIn,
            window: Wing,
            usualAim: Aim.Stock,
            spots: One("the pad of the foot", (18, 26, 105), 4),
            heap: Wings,
            usual: true
        ),
        Of(
            id: "poussin-whole",
            species: Species.Chicken,
            part: Part.Whole,
            name: "poussin",
            plural: "poussins",
            boneIn: true,
            kg: (0.35, 0.50, 0.70),
            tissue: Tissue.ChickenBreastSkin,
            shares: (0.50, 0.14, 0.36),
            spread: Intact,
            window: WholeBird,
            usualAim: Aim.Slice,
            held: new(10, null, 0.45),
            spots: Bird((33, 60, 99), (38, 48, 77), 4),
            outerMm: (78, 98, 134)
        ),
        Of(
            id: "turkey-whole",
            species: Species.Turkey,
            part: Part.Whole,
            name: "whole turkey",
            plural: "whole turkeys",
            boneIn: true,
            kg: (2.5, 4.5, 7.0),
            tissue: Tissue.TurkeyBreast,
            shares: (0.58, 0.14, 0.28),
            spread: Intact,
            window: LargeBird,
            usualAim: Aim.Slice,
            spots: Bird((68, 125, 207), (79, 101, 160), 9),
            outerMm: (180, 225, 290),
            usual: true
        ),
        Of(
            id: "turkey-crown",
            species: Species.Turkey,
            part: Part.Crown,
            name: "turkey crown",
            plural: "turkey crowns",
            boneIn: true,
            kg: (1.5, 2.8, 4.5),
            tissue: Tissue.TurkeyBreast,
            shares: (0.76, 0.10, 0.14),
            spread: Opened,
            window: LargeBreast,
            usualAim: Aim.Slice,
            spots: Crown((68, 134, 220), (58, 68, 100)),
            outerMm: (140, 200, 220),
            usual: true
        ),
        Of(
            id: "turkey-breast-boneless",
            species: Species.Turkey,
            part: Part.Breast,
            name: "turkey breast, no bone",
            plural: "turkey breasts, no bone",
            boneIn: false,
            kg: (0.5, 1.2, 2.2),
            tissue: Tissue.TurkeyBreast,
            shares: (0.97, 0.03, 0.00),
            spread: Boneless,
            window: LargeBreast,
            usualAim: Aim.Slice,
            spots: One("thickest part of the breast, from the side", (60, 135, 260)),
            usual: true
        ),
        Of(
            id: "turkey-breast-bone-in",
            species: Species.Turkey,
            part: Part.Breast,
            name: "turkey breast on the bone",
            plural: "turkey breasts on the bone",
            boneIn: true,
            kg: (1.0, 2.2, 3.5),
            tissue: Tissue.TurkeyBreast,
            shares: (0.80, 0.09, 0.11),
            spread: BoneIn,
            window: LargeBreast,
            usualAim: Aim.Slice,
            spots: One("thickest part of the breast, beside the bone but not on it", (66, 140, 240))
        ),
        Of(
            id: "turkey-tenderloin",
            species: Species.Turkey,
            part: Part.Tender,
            name: "turkey tenderloin",
            plural: "turkey tenderloins",
            boneIn: false,
            kg: (0.2, 0.32, 0.5),
            tissue: Tissue.TurkeyBreast,
            shares: (0.99, 0.01, 0.00),
            spread: Boneless,
            window: LargeBreast,
            usualAim: Aim.Slice,
            held: new(11, null, 0.35),
            spots: One("the thick end, along the piece", (40, 72, 190)),
            usual: true
        ),
        Of(
            id: "turkey-thigh-boneless",
            species: Species.Turkey,
            part: Part.Thigh,
            name: "turkey thigh, no bone",
            plural: "turkey thighs, no bone",
            boneIn: false,
            kg: (0.25, 0.45, 0.8),
            tissue: Tissue.TurkeyLegSkin,
            shares: (0.90, 0.10, 0.00),
            spread: Boneless,
            window: TurkeyLeg,
            usualAim: Aim.Slice,
            held: new(null, 22, 0.5),
            spots: One("thickest fold of the thigh", (38, 125, 170))
        ),
        Of(
            id: "turkey-thigh-bone-in",
            species: Species.Turkey,
            part: Part.Thigh,
            name: "turkey thigh, bone in",
            plural: "turkey thighs, bone in",
            boneIn: true,
            kg: (0.35, 0.65, 1.1),
            tissue: Tissue.TurkeyLegSkin,
            shares: (0.68, 0.12, 0.20),
            spread: BoneIn,
            window: TurkeyThigh,
            usualAim: Aim.Slice,
            held: new(30, null, 0.7),
            spots: One("thickest part, next to the bone but not on it", (52, 115, 190), 8),
            usual: true
        ),
        Of(
            id: "turkey-drumstick",
            species: Species.Turkey,
            part: Part.Drumstick,
            name: "turkey drumstick",
            plural: "turkey drumsticks",
            boneIn: true,
            kg: (0.22, 0.40, 0.65),
            tissue: Tissue.TurkeyLegSkin,
            shares: (0.62, 0.09, 0.29),
            spread: BoneIn,
            window: TurkeyLeg,
            usualAim: Aim.Pull,
            held: new(null, 42, 0.5),
            spots: One("thickest part, next to the bone but not on it", (57, 62, 190), 8),
            outerMm: (65, 70, 195),
            heap: Drumsticks,
            usual: true
        ),
        Of(
            id: "turkey-wing",
            species: Species.Turkey,
            part: Part.Wing,
            name: "turkey wing",
            plural: "turkey wings",
            boneIn: true,
            kg: (0.2, 0.35, 0.55),
            tissue: Tissue.TurkeyLegSkin,
            shares: (0.43, 0.20, 0.37),
            spread: BoneIn,
            window: TurkeyWing,
            usualAim: Aim.Pull,
            held: new(22, 30, 0.4),
            spots: One("thickest part of the upper wing, beside the bone", (38, 46, 130), 5),
            heap: Wings,
            usual: true
        ),
        Of(
            id: "turkey-diced",
            species: Species.Turkey,
            part: Part.Diced,
            name: "turkey cube",
            plural: "turkey cubes",
            boneIn: false,
            kg: (0.01, 0.025, 0.06),
            tissue: Tissue.TurkeyBreast,
            shares: (0.99, 0.01, 0.00),
            spread: HandCut,
            window: TurkeyDice,
            usualAim: Aim.Slice,
            held: new(10, null, 0.02),
            spots: One("the middle of the largest cube", (28, 29, 30), form: Form.Block),
            usual: true
        ),
        Of(
            id: "turkey-meatball",
            species: Species.Turkey,
            part: Part.Meatball,
            name: "turkey meatball",
            plural: "turkey meatballs",
            boneIn: false,
            kg: (0.015, 0.03, 0.08),
            tissue: Tissue.TurkeyMince,
            shares: (0.92, 0.08, 0.00),
            spread: HandCut,
            window: Mince,
            usualAim: Aim.Slice,
            held: new(6, null, 0.03),
            spots: One("the middle of the largest ball", (38, 38, 38)),
            usual: true
        ),
        Of(
            id: "turkey-carcass",
            species: Species.Turkey,
            part: Part.Carcass,
            name: "turkey carcass",
            plural: "turkey carcasses",
            boneIn: true,
            kg: (0.5, 1.2, 2.5),
            tissue: Tissue.TurkeyLegSkin,
            shares: (0.20, 0.15, 0.65),
            spread: Opened,
            window: Bones,
            usualAim: Aim.Stock,
            spots: One("the meatiest part of the back, not on the bone", (28, 120, 200)),
            heap: BrokenUp,
            usual: true
        ),
        Of(
            id: "turkey-neck",
            species: Species.Turkey,
            part: Part.Neck,
            name: "turkey neck",
            plural: "turkey necks",
            boneIn: true,
            kg: (0.12, 0.25, 0.45),
            tissue: Tissue.TurkeyLegSkin,
            shares: (0.42, 0.15, 0.43),
            spread: BoneIn,
            window: TurkeyLeg,
            usualAim: Aim.Stock,
            spots: One("the thick end, beside the bone", (43, 47, 190), 10),
            heap: Drumsticks,
            usual: true
        ),
        Of(
            id: "duck-whole",
            species: Species.Duck,
            part: Part.Whole,
            name: "whole duck",
            plural: "whole ducks",
            boneIn: true,
            kg: (1.5, 2.2, 3.0),
            tissue: Tissue.DuckBreast,
            shares: (0.34, 0.38, 0.28),
            spread: Intact,
            window: WholeDuck,
            usualAim: Aim.Slice,
            held: new(42, 48, 2.2),
            spots: Bird((44, 85, 150), (57, 75, 120), 7),
            outerMm: (110, 150, 250),
            usual: true
        ),
        Of(
            id: "duck-crown",
            species: Species.Duck,
            part: Part.Crown,
            name: "duck crown",
            plural: "duck crowns",
            boneIn: true,
            kg: (0.7, 1.1, 1.6),
            tissue: Tissue.DuckBreast,
            shares: (0.45, 0.38, 0.17),
            spread: Opened,
            window: Breast,
            usualAim: Aim.Slice,
            spots: Crown((42, 85, 150), (36, 45, 80)),
            outerMm: (100, 150, 180),
            usual: true
        ),
        Of(
            id: "duck-breast-boneless",
            species: Species.Duck,
            part: Part.Breast,
            name: "duck breast, no bone",
            plural: "duck breasts, no bone",
            boneIn: false,
            kg: (0.15, 0.25, 0.45),
            tissue: Tissue.DuckBreast,
            shares: (0.62, 0.38, 0.00),
            spread: Boneless,
            window: Breast,
            usualAim: Aim.Slice,
            spots: One("thickest part of the breast, from the side", (28, 88, 185)),
            usual: true
        ),
        Of(
            id: "duck-leg",
            species: Species.Duck,
            part: Part.Leg,
            name: "duck leg",
            plural: "duck legs",
            boneIn: true,
            kg: (0.17, 0.25, 0.38),
            tissue: Tissue.DuckLeg,
            shares: (0.42, 0.33, 0.25),
            spread: BoneIn,
            window: DuckLegs,
            usualAim: Aim.FallApart,
            held: new(28, 42, 0.28),
            spots: Quarter((34, 72, 108), (33, 35, 105), 5),
            heap: LongLegs,
            usual: true
        ),
        Of(
            id: "duck-wing",
            species: Species.Duck,
            part: Part.Wing,
            name: "duck wing",
            plural: "duck wings",
            boneIn: true,
            kg: (0.07, 0.12, 0.18),
            tissue: Tissue.DuckLeg,
            shares: (0.28, 0.30, 0.42),
            spread: BoneIn,
            window: DuckLegs,
            usualAim: Aim.Pull,
            held: new(null, 30, 0.11),
            spots: One("thickest part of the upper wing, beside the bone", (27, 32, 100), 4),
            heap: Wings,
            usual: true
        ),
        Of(
            id: "duck-carcass",
            species: Species.Duck,
            part: Part.Carcass,
            name: "duck carcass",
            plural: "duck carcasses",
            boneIn: true,
            kg: (0.3, 0.6, 1.1),
            tissue: Tissue.DuckLeg,
            shares: (0.15, 0.30, 0.55),
            spread: Opened,
            window: Bones,
            usualAim: Aim.Stock,
            spots: One("the meatiest part of the back, not on the bone", (24, 95, 150)),
            heap: BrokenUp,
            usual: true
        ),
        Of(
            id: "duck-neck",
            species: Species.Duck,
            part: Part.Neck,
            name: "duck neck",
            plural: "duck necks",
            boneIn: true,
            kg: (0.06, 0.11, 0.18),
            tissue: Tissue.DuckLeg,
            shares: (0.30, 0.35, 0.35),
            spread: BoneIn,
            window: DuckLegs,
            usualAim: Aim.Stock,
            spots: One("the thick end, beside the bone", (31, 34, 165), 8),
            heap: Drumsticks,
            usual: true
        ),
    ];

    private static readonly Dictionary<string, Cut> ById = All.ToDictionary(cut => cut.Id);

    /// <summary>The cut with an id, or null.</summary>
    public static Cut? Find(string id) => ById.GetValueOrDefault(id);

    // Sizes in mm: thickness, width, length.
    private static Spot[] One(
        string where,
        (double Thickness, double Width, double Length) mm,
        double boneRadiusMm = 0,
        Form form = Form.Ellipsoid
    ) => [SpotOf("centre", where, mm, boneRadiusMm, 1, form)];

    private static Spot[] Bird(
        (double Thickness, double Width, double Length) breast,
        (double Thickness, double Width, double Length) thigh,
        double boneRadiusMm
    ) =>
        [
            SpotOf("breast", "deepest part of the breast, from the neck end, not touching bone", breast, 0, 0.5),
            SpotOf("thigh", "inner thigh, next to the joint but not on the bone", thigh, boneRadiusMm, 0.5),
        ];

    private static Spot[] Crown(
        (double Thickness, double Width, double Length) breast,
        (double Thickness, double Width, double Length) shoulder
    ) =>
        [
            SpotOf("breast", "deepest part of the breast, from the neck end, not touching bone", breast, 0, 0.8),
            SpotOf("shoulder", "beside the shoulder joint where the wing was, not touching bone", shoulder, 4, 0.2),
        ];

    private static Spot[] Quarter(
        (double Thickness, double Width, double Length) thigh,
        (double Thickness, double Width, double Length) drumstick,
        double boneRadiusMm
    ) =>
        [
            SpotOf("thigh", "thickest part of the thigh, next to the bone but not on it", thigh, boneRadiusMm, 0.6),
            SpotOf("drumstick", "thickest part of the drumstick, next to the bone but not on it", drumstick, boneRadiusMm, 0.4),
        ];

    private static Spot SpotOf(
        string id,
        string where,
        (double Thickness, double Width, double Length) mm,
        double boneRadiusMm,
        double massShare,
        Form form = Form.Ellipsoid
    ) =>
        new(
            id,
            where,
            form,
            new(mm.Thickness / 1000, mm.Width / 1000, mm.Length / 1000),
            Estimate(boneRadiusMm, "mm"),
            Estimate(massShare, "1")
        );

    private static Cut Of(
        string id,
        Species species,
        Part part,
        string name,
        string plural,
        bool boneIn,
        (double Min, double Typical, double Max) kg,
        Tissue tissue,
        (double Muscle, double SkinAndFat, double Bone) shares,
        ThicknessSpread spread,
        TendernessWindow window,
        Aim usualAim,
        Spot[] spots,
        HeldInKitchens? held = null,
        (double Height, double Width, double Length)? outerMm = null,
        double? heap = null,
        bool usual = false
    ) =>
        new()
        {
            Id = id,
            Species = species,
            Part = part,
            Name = name,
            Plural = plural,
            BoneIn = boneIn,
            Usual = usual,
            MinKg = Estimate(kg.Min, "kg"),
            TypicalKg = Estimate(kg.Typical, "kg"),
            MaxKg = Estimate(kg.Max, "kg"),
            Shares = new(shares.Muscle, shares.SkinAndFat, shares.Bone, Refuse),
            Spread = spread,
            Spots = spots,
            Outer = outerMm is var (height, width, length) ? new(height / 1000, width / 1000, length / 1000) : null,
            HeapLitresPerKg = Estimate(heap ?? (part is Part.Whole ? HollowBird : Settled), "l/kg"),
            Tissue = tissue,
            Window = window,
            UsualAim = usualAim,
            Held = held,
        };
}
