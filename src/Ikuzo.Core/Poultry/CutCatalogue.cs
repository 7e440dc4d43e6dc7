using static Ikuzo.Core.Quantities.Figure;

namespace Ikuzo.Core.Poultry;

/// <summary>All cuts. To add one, add one entry here.</summary>
/// <remarks>
/// Weights, thicknesses, shapes and bones are estimates of ordinary shop goods; a measured thickness always overrules
/// them. Dimensionality follows the equivalent heat-transfer dimensionality (Cleland and Earle; Pham 2014, ch. 5): a flat
/// piece about 1.3, a rod 2, a ball 3.
/// </remarks>
public static class CutCatalogue
{
    private static readonly TendernessWindow Breast = new(0.55, 0.35, 0.75, 0.90, "estimate");
    private static readonly TendernessWindow Leg = new(0.60, 0.55, 0.80, 0.97, "estimate");
    private static readonly TendernessWindow DuckLegs = new(0.60, 0.60, 0.84, 0.98, "estimate");
    private static readonly TendernessWindow Mince = new(0.95, 0.95, 0.97, 0.98, "estimate");
    private static readonly TendernessWindow Bones = new(0.90, 0.80, 0.90, 1.0, "estimate");

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
            thicknessMm: 52,
            tissue: Tissue.ChickenBreastSkin,
            window: Leg,
            usualAim: Aim.Slice,
            spots: Bird(1.15, 6),
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
            thicknessMm: 42,
            tissue: Tissue.ChickenBreastSkin,
            window: Leg,
            usualAim: Aim.Slice,
            spots: Bird(1.10, 6, 1.35, 1.7),
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
            thicknessMm: 42,
            tissue: Tissue.ChickenBreastSkin,
            window: Leg,
            usualAim: Aim.Slice,
            spots: Bird(1.10, 6, 1.35, 1.7),
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
            thicknessMm: 32,
            tissue: Tissue.ChickenBreast,
            window: Breast,
            usualAim: Aim.Slice,
            spots: One("thickest part of the breast, from the side", 1.35),
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
            thicknessMm: 42,
            tissue: Tissue.ChickenBreastSkin,
            window: Breast,
            usualAim: Aim.Slice,
            spots: One("thickest part of the breast, beside the bone but not on it", 1.4)
        ),
        Of(
            id: "chicken-cutlet",
            species: Species.Chicken,
            part: Part.Cutlet,
            name: "chicken cutlet",
            plural: "chicken cutlets",
            boneIn: false,
            kg: (0.06, 0.12, 0.20),
            thicknessMm: 14,
            tissue: Tissue.ChickenBreast,
            window: Breast,
            usualAim: Aim.Slice,
            spots: One("the middle, from the side", 1.1),
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
            thicknessMm: 16,
            tissue: Tissue.ChickenBreast,
            window: Breast,
            usualAim: Aim.Slice,
            spots: One("the thick end, along the piece", 1.6),
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
            thicknessMm: 24,
            tissue: Tissue.ChickenLeg,
            window: Leg,
            usualAim: Aim.Pull,
            spots: One("thickest fold of the thigh", 1.3)
        ),
        Of(
            id: "chicken-thigh-bone-in",
            species: Species.Chicken,
            part: Part.Thigh,
            name: "chicken thigh, bone in",
            plural: "chicken thighs, bone in",
            boneIn: true,
            kg: (0.11, 0.18, 0.30),
            thicknessMm: 36,
            tissue: Tissue.ChickenLegSkin,
            window: Leg,
            usualAim: Aim.Pull,
            spots: One("thickest part, next to the bone but not on it", 1.6, 5),
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
            thicknessMm: 40,
            tissue: Tissue.ChickenLegSkin,
            window: Leg,
            usualAim: Aim.Pull,
            spots: Quarter(0.97, 5),
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
            thicknessMm: 40,
            tissue: Tissue.ChickenLegSkin,
            window: Leg,
            usualAim: Aim.Pull,
            spots: One("thickest part, next to the bone but not on it", 2.0, 5),
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
            thicknessMm: 25,
            tissue: Tissue.ChickenLegSkin,
            window: Leg,
            usualAim: Aim.Pull,
            spots: One("thickest part of the upper wing, beside the bone", 1.7, 3),
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
            thicknessMm: 25,
            tissue: Tissue.ChickenBreast,
            window: Breast,
            usualAim: Aim.Slice,
            spots: One("the middle of the largest cube", 2.6),
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
            thicknessMm: 38,
            tissue: Tissue.ChickenMince,
            window: Mince,
            usualAim: Aim.Slice,
            spots: One("the middle of the largest ball", 3),
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
            thicknessMm: 22,
            tissue: Tissue.ChickenLegSkin,
            window: Bones,
            usualAim: Aim.FallApart,
            spots: One("the meatiest part of the back", 1.4),
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
            thicknessMm: 34,
            tissue: Tissue.ChickenBreastSkin,
            window: Leg,
            usualAim: Aim.Slice,
            spots: Bird(1.15, 4)
        ),
        Of(
            id: "turkey-whole",
            species: Species.Turkey,
            part: Part.Whole,
            name: "whole turkey",
            plural: "whole turkeys",
            boneIn: true,
            kg: (2.5, 4.5, 7.0),
            thicknessMm: 72,
            tissue: Tissue.TurkeyBreast,
            window: Leg,
            usualAim: Aim.Slice,
            spots: Bird(1.15, 9),
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
            thicknessMm: 72,
            tissue: Tissue.TurkeyBreast,
            window: Breast,
            usualAim: Aim.Slice,
            spots: CrownSpots,
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
            thicknessMm: 64,
            tissue: Tissue.TurkeyBreast,
            window: Breast,
            usualAim: Aim.Slice,
            spots: One("thickest part of the breast, from the side", 1.7),
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
            thicknessMm: 74,
            tissue: Tissue.TurkeyBreast,
            window: Breast,
            usualAim: Aim.Slice,
            spots: One("thickest part of the breast, beside the bone but not on it", 1.6)
        ),
        Of(
            id: "turkey-tenderloin",
            species: Species.Turkey,
            part: Part.Tender,
            name: "turkey tenderloin",
            plural: "turkey tenderloins",
            boneIn: false,
            kg: (0.2, 0.32, 0.5),
            thicknessMm: 42,
            tissue: Tissue.TurkeyBreast,
            window: Breast,
            usualAim: Aim.Slice,
            spots: One("the thick end, along the piece", 1.8),
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
            thicknessMm: 38,
            tissue: Tissue.TurkeyLegSkin,
            window: Leg,
            usualAim: Aim.Pull,
            spots: One("thickest fold of the thigh", 1.35)
        ),
        Of(
            id: "turkey-thigh-bone-in",
            species: Species.Turkey,
            part: Part.Thigh,
            name: "turkey thigh, bone in",
            plural: "turkey thighs, bone in",
            boneIn: true,
            kg: (0.35, 0.65, 1.1),
            thicknessMm: 58,
            tissue: Tissue.TurkeyLegSkin,
            window: Leg,
            usualAim: Aim.Pull,
            spots: One("thickest part, next to the bone but not on it", 1.6, 8),
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
            thicknessMm: 60,
            tissue: Tissue.TurkeyLegSkin,
            window: Leg,
            usualAim: Aim.Pull,
            spots: One("thickest part, next to the bone but not on it", 2.0, 8),
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
            thicknessMm: 38,
            tissue: Tissue.TurkeyLegSkin,
            window: Leg,
            usualAim: Aim.Pull,
            spots: One("thickest part of the upper wing, beside the bone", 1.8, 5),
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
            thicknessMm: 28,
            tissue: Tissue.TurkeyBreast,
            window: Breast,
            usualAim: Aim.Slice,
            spots: One("the middle of the largest cube", 2.6),
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
            thicknessMm: 38,
            tissue: Tissue.TurkeyMince,
            window: Mince,
            usualAim: Aim.Slice,
            spots: One("the middle of the largest ball", 3),
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
            thicknessMm: 28,
            tissue: Tissue.TurkeyLegSkin,
            window: Bones,
            usualAim: Aim.FallApart,
            spots: One("the meatiest part of the back", 1.4),
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
            thicknessMm: 44,
            tissue: Tissue.DuckBreast,
            window: DuckLegs,
            usualAim: Aim.Slice,
            spots: Bird(1.30, 7),
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
            thicknessMm: 42,
            tissue: Tissue.DuckBreast,
            window: Breast,
            usualAim: Aim.Slice,
            spots: CrownSpots,
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
            thicknessMm: 30,
            tissue: Tissue.DuckBreast,
            window: Breast,
            usualAim: Aim.Slice,
            spots: One("thickest part of the breast, from the side", 1.3),
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
            thicknessMm: 40,
            tissue: Tissue.DuckLeg,
            window: DuckLegs,
            usualAim: Aim.FallApart,
            spots: Quarter(0.90, 5),
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
            thicknessMm: 27,
            tissue: Tissue.DuckLeg,
            window: DuckLegs,
            usualAim: Aim.Pull,
            spots: One("thickest part of the upper wing, beside the bone", 1.7, 4),
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
            thicknessMm: 24,
            tissue: Tissue.DuckLeg,
            window: Bones,
            usualAim: Aim.FallApart,
            spots: One("the meatiest part of the back", 1.4),
            usual: true
        ),
    ];

    private static readonly Dictionary<string, Cut> ById = All.ToDictionary(cut => cut.Id);

    private static Spot[] CrownSpots =>
        [
            SpotOf("breast", "deepest part of the breast, from the neck end, not touching bone", 1, 1.6, 0, 0.8),
            SpotOf("shoulder", "beside the shoulder joint where the wing was, not touching bone", 0.85, 1.9, 4, 0.2),
        ];

    /// <summary>The cut with an id, or null.</summary>
    public static Cut? Find(string id) => ById.GetValueOrDefault(id);

    private static Spot[] One(string where, double dimensionality, double boneRadiusMm = 0) =>
        [SpotOf("centre", where, 1, dimensionality, boneRadiusMm, 1)];

    private static Spot[] Bird(double thighThickness, double boneRadiusMm, double breastShape = 1.5, double thighShape = 2.0) =>
        [
            SpotOf("breast", "deepest part of the breast, from the neck end, not touching bone", 1, breastShape, 0, 0.5),
            SpotOf("thigh", "inner thigh, next to the joint but not on the bone", thighThickness, thighShape, boneRadiusMm, 0.5),
        ];

    private static Spot[] Quarter(double drumstickThickness, double boneRadiusMm) =>
        [
            SpotOf("thigh", "thickest part of the thigh, next to the bone but not on it", 1, 1.7, boneRadiusMm, 0.6),
            SpotOf(
                "drumstick",
                "thickest part of the drumstick, next to the bone but not on it",
                drumstickThickness,
                1.95,
                boneRadiusMm,
                0.4
            ),
        ];

    private static Spot SpotOf(string id, string where, double thickness, double dimensionality, double boneRadiusMm, double massShare) =>
        new(id, where, Estimate(thickness, "1"), Estimate(dimensionality, "1"), Estimate(boneRadiusMm, "mm"), Estimate(massShare, "1"));

    private static Cut Of(
        string id,
        Species species,
        Part part,
        string name,
        string plural,
        bool boneIn,
        (double Min, double Typical, double Max) kg,
        double thicknessMm,
        Tissue tissue,
        TendernessWindow window,
        Aim usualAim,
        Spot[] spots,
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
            ThicknessMm = Estimate(thicknessMm, "mm"),
            Spots = spots,
            Tissue = tissue,
            Window = window,
            UsualAim = usualAim,
        };
}
