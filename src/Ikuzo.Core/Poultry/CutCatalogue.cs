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
            "chicken-whole",
            Species.Chicken,
            Part.Whole,
            "whole chicken",
            "whole chickens",
            true,
            (0.9, 1.8, 3.0),
            52,
            Tissue.ChickenBreastSkin,
            Leg,
            Aim.Slice,
            Bird(1.15, 6),
            usual: true
        ),
        Of(
            "chicken-spatchcocked",
            Species.Chicken,
            Part.Spatchcocked,
            "flattened chicken",
            "flattened chickens",
            true,
            (0.9, 1.7, 2.6),
            42,
            Tissue.ChickenBreastSkin,
            Leg,
            Aim.Slice,
            Bird(1.10, 6, 1.35, 1.7),
            usual: true
        ),
        Of(
            "chicken-half",
            Species.Chicken,
            Part.Half,
            "chicken half",
            "chicken halves",
            true,
            (0.45, 0.85, 1.4),
            42,
            Tissue.ChickenBreastSkin,
            Leg,
            Aim.Slice,
            Bird(1.10, 6, 1.35, 1.7),
            usual: true
        ),
        Of(
            "chicken-breast-boneless",
            Species.Chicken,
            Part.Breast,
            "chicken breast, no bone",
            "chicken breasts, no bone",
            false,
            (0.12, 0.22, 0.40),
            32,
            Tissue.ChickenBreast,
            Breast,
            Aim.Slice,
            One("thickest part of the breast, from the side", 1.35),
            usual: true
        ),
        Of(
            "chicken-breast-bone-in",
            Species.Chicken,
            Part.Breast,
            "chicken breast on the bone",
            "chicken breasts on the bone",
            true,
            (0.25, 0.40, 0.65),
            42,
            Tissue.ChickenBreastSkin,
            Breast,
            Aim.Slice,
            One("thickest part of the breast, beside the bone but not on it", 1.4)
        ),
        Of(
            "chicken-cutlet",
            Species.Chicken,
            Part.Cutlet,
            "chicken cutlet",
            "chicken cutlets",
            false,
            (0.06, 0.12, 0.20),
            14,
            Tissue.ChickenBreast,
            Breast,
            Aim.Slice,
            One("the middle, from the side", 1.1),
            usual: true
        ),
        Of(
            "chicken-tender",
            Species.Chicken,
            Part.Tender,
            "chicken tender",
            "chicken tenders",
            false,
            (0.03, 0.05, 0.08),
            16,
            Tissue.ChickenBreast,
            Breast,
            Aim.Slice,
            One("the thick end, along the piece", 1.6),
            usual: true
        ),
        Of(
            "chicken-thigh-boneless",
            Species.Chicken,
            Part.Thigh,
            "chicken thigh, no bone",
            "chicken thighs, no bone",
            false,
            (0.07, 0.11, 0.18),
            24,
            Tissue.ChickenLeg,
            Leg,
            Aim.Pull,
            One("thickest fold of the thigh", 1.3)
        ),
        Of(
            "chicken-thigh-bone-in",
            Species.Chicken,
            Part.Thigh,
            "chicken thigh, bone in",
            "chicken thighs, bone in",
            true,
            (0.11, 0.18, 0.30),
            36,
            Tissue.ChickenLegSkin,
            Leg,
            Aim.Pull,
            One("thickest part, next to the bone but not on it", 1.6, 5),
            usual: true
        ),
        Of(
            "chicken-leg-quarter",
            Species.Chicken,
            Part.Leg,
            "chicken leg quarter",
            "chicken leg quarters",
            true,
            (0.22, 0.34, 0.50),
            40,
            Tissue.ChickenLegSkin,
            Leg,
            Aim.Pull,
            Quarter(0.97, 5),
            usual: true
        ),
        Of(
            "chicken-drumstick",
            Species.Chicken,
            Part.Drumstick,
            "chicken drumstick",
            "chicken drumsticks",
            true,
            (0.07, 0.12, 0.18),
            40,
            Tissue.ChickenLegSkin,
            Leg,
            Aim.Pull,
            One("thickest part, next to the bone but not on it", 2.0, 5),
            usual: true
        ),
        Of(
            "chicken-wing",
            Species.Chicken,
            Part.Wing,
            "chicken wing",
            "chicken wings",
            true,
            (0.05, 0.09, 0.14),
            25,
            Tissue.ChickenLegSkin,
            Leg,
            Aim.Pull,
            One("thickest part of the upper wing, beside the bone", 1.7, 3),
            usual: true
        ),
        Of(
            "chicken-diced",
            Species.Chicken,
            Part.Diced,
            "chicken cube",
            "chicken cubes",
            false,
            (0.008, 0.02, 0.05),
            25,
            Tissue.ChickenBreast,
            Breast,
            Aim.Slice,
            One("the middle of the largest cube", 2.6),
            usual: true
        ),
        Of(
            "chicken-meatball",
            Species.Chicken,
            Part.Meatball,
            "chicken meatball",
            "chicken meatballs",
            false,
            (0.015, 0.03, 0.08),
            38,
            Tissue.ChickenMince,
            Mince,
            Aim.Slice,
            One("the middle of the largest ball", 3),
            usual: true
        ),
        Of(
            "chicken-carcass",
            Species.Chicken,
            Part.Carcass,
            "chicken carcass",
            "chicken carcasses",
            true,
            (0.2, 0.5, 1.0),
            22,
            Tissue.ChickenLegSkin,
            Bones,
            Aim.FallApart,
            One("the meatiest part of the back", 1.4),
            usual: true
        ),
        Of(
            "poussin-whole",
            Species.Chicken,
            Part.Whole,
            "poussin",
            "poussins",
            true,
            (0.35, 0.50, 0.70),
            34,
            Tissue.ChickenBreastSkin,
            Leg,
            Aim.Slice,
            Bird(1.15, 4)
        ),
        Of(
            "turkey-whole",
            Species.Turkey,
            Part.Whole,
            "whole turkey",
            "whole turkeys",
            true,
            (2.5, 4.5, 7.0),
            72,
            Tissue.TurkeyBreast,
            Leg,
            Aim.Slice,
            Bird(1.15, 9),
            usual: true
        ),
        Of(
            "turkey-crown",
            Species.Turkey,
            Part.Crown,
            "turkey crown",
            "turkey crowns",
            true,
            (1.5, 2.8, 4.5),
            72,
            Tissue.TurkeyBreast,
            Breast,
            Aim.Slice,
            CrownSpots,
            usual: true
        ),
        Of(
            "turkey-breast-boneless",
            Species.Turkey,
            Part.Breast,
            "turkey breast, no bone",
            "turkey breasts, no bone",
            false,
            (0.5, 1.2, 2.2),
            64,
            Tissue.TurkeyBreast,
            Breast,
            Aim.Slice,
            One("thickest part of the breast, from the side", 1.7),
            usual: true
        ),
        Of(
            "turkey-breast-bone-in",
            Species.Turkey,
            Part.Breast,
            "turkey breast on the bone",
            "turkey breasts on the bone",
            true,
            (1.0, 2.2, 3.5),
            74,
            Tissue.TurkeyBreast,
            Breast,
            Aim.Slice,
            One("thickest part of the breast, beside the bone but not on it", 1.6)
        ),
        Of(
            "turkey-tenderloin",
            Species.Turkey,
            Part.Tender,
            "turkey tenderloin",
            "turkey tenderloins",
            false,
            (0.2, 0.32, 0.5),
            42,
            Tissue.TurkeyBreast,
            Breast,
            Aim.Slice,
            One("the thick end, along the piece", 1.8),
            usual: true
        ),
        Of(
            "turkey-thigh-boneless",
            Species.Turkey,
            Part.Thigh,
            "turkey thigh, no bone",
            "turkey thighs, no bone",
            false,
            (0.25, 0.45, 0.8),
            38,
            Tissue.TurkeyLegSkin,
            Leg,
            Aim.Pull,
            One("thickest fold of the thigh", 1.35)
        ),
        Of(
            "turkey-thigh-bone-in",
            Species.Turkey,
            Part.Thigh,
            "turkey thigh, bone in",
            "turkey thighs, bone in",
            true,
            (0.35, 0.65, 1.1),
            58,
            Tissue.TurkeyLegSkin,
            Leg,
            Aim.Pull,
            One("thickest part, next to the bone but not on it", 1.6, 8),
            usual: true
        ),
        Of(
            "turkey-drumstick",
            Species.Turkey,
            Part.Drumstick,
            "turkey drumstick",
            "turkey drumsticks",
            true,
            (0.22, 0.40, 0.65),
            60,
            Tissue.TurkeyLegSkin,
            Leg,
            Aim.Pull,
            One("thickest part, next to the bone but not on it", 2.0, 8),
            usual: true
        ),
        Of(
            "turkey-wing",
            Species.Turkey,
            Part.Wing,
            "turkey wing",
            "turkey wings",
            true,
            (0.2, 0.35, 0.55),
            38,
            Tissue.TurkeyLegSkin,
            Leg,
            Aim.Pull,
            One("thickest part of the upper wing, beside the bone", 1.8, 5),
            usual: true
        ),
        Of(
            "turkey-diced",
            Species.Turkey,
            Part.Diced,
            "turkey cube",
            "turkey cubes",
            false,
            (0.01, 0.025, 0.06),
            28,
            Tissue.TurkeyBreast,
            Breast,
            Aim.Slice,
            One("the middle of the largest cube", 2.6),
            usual: true
        ),
        Of(
            "turkey-meatball",
            Species.Turkey,
            Part.Meatball,
            "turkey meatball",
            "turkey meatballs",
            false,
            (0.015, 0.03, 0.08),
            38,
            Tissue.TurkeyMince,
            Mince,
            Aim.Slice,
            One("the middle of the largest ball", 3),
            usual: true
        ),
        Of(
            "turkey-carcass",
            Species.Turkey,
            Part.Carcass,
            "turkey carcass",
            "turkey carcasses",
            true,
            (0.5, 1.2, 2.5),
            28,
            Tissue.TurkeyLegSkin,
            Bones,
            Aim.FallApart,
            One("the meatiest part of the back", 1.4),
            usual: true
        ),
        Of(
            "duck-whole",
            Species.Duck,
            Part.Whole,
            "whole duck",
            "whole ducks",
            true,
            (1.5, 2.2, 3.0),
            44,
            Tissue.DuckBreast,
            DuckLegs,
            Aim.Slice,
            Bird(1.30, 7),
            usual: true
        ),
        Of(
            "duck-crown",
            Species.Duck,
            Part.Crown,
            "duck crown",
            "duck crowns",
            true,
            (0.7, 1.1, 1.6),
            42,
            Tissue.DuckBreast,
            Breast,
            Aim.Slice,
            CrownSpots,
            usual: true
        ),
        Of(
            "duck-breast-boneless",
            Species.Duck,
            Part.Breast,
            "duck breast, no bone",
            "duck breasts, no bone",
            false,
            (0.15, 0.25, 0.45),
            30,
            Tissue.DuckBreast,
            Breast,
            Aim.Slice,
            One("thickest part of the breast, from the side", 1.3),
            usual: true
        ),
        Of(
            "duck-leg",
            Species.Duck,
            Part.Leg,
            "duck leg",
            "duck legs",
            true,
            (0.17, 0.25, 0.38),
            40,
            Tissue.DuckLeg,
            DuckLegs,
            Aim.FallApart,
            Quarter(0.90, 5),
            usual: true
        ),
        Of(
            "duck-wing",
            Species.Duck,
            Part.Wing,
            "duck wing",
            "duck wings",
            true,
            (0.07, 0.12, 0.18),
            27,
            Tissue.DuckLeg,
            DuckLegs,
            Aim.Pull,
            One("thickest part of the upper wing, beside the bone", 1.7, 4),
            usual: true
        ),
        Of(
            "duck-carcass",
            Species.Duck,
            Part.Carcass,
            "duck carcass",
            "duck carcasses",
            true,
            (0.3, 0.6, 1.1),
            24,
            Tissue.DuckLeg,
            Bones,
            Aim.FallApart,
            One("the meatiest part of the back", 1.4),
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
