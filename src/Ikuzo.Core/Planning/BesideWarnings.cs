using Ikuzo.Core.Companions;
using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Planning;

/// <summary>Warnings about what is cooked beside the bird.</summary>
internal static class BesideWarnings
{
    private const double MuchThickShare = 0.5; // thick food over thin liquid from which the floor scorches; estimate
    private const double MuchAcidGrams = 150; // estimate

    public static readonly Warnings.Rule[] Rules = [AfterPressure, ThickSauce, SweetScorches, AcidKeepsPulsesHard];

    private static Warning? AfterPressure(PlanRequest r, Wording say) =>
        Names(r, CompanionTraits.AfterPressure) is { Length: > 0 } names
            ? new(
                "after-pressure",
                WarningLevel.Stop,
                $"Leave the {names} out now and stir it in after pressure.",
                "Dairy curdles and starch scorches on the floor, and the pot may not come to pressure."
            )
            : null;

    private static Warning? ThickSauce(PlanRequest r, Wording say) =>
        Grams(r, CompanionTraits.Thick) is > 0 and var grams && grams > r.Liquid * MuchThickShare
            ? Warnings.Checkable(
                r,
                "thick-sauce",
                $"Put the {Names(r, CompanionTraits.Thick)} on top and do not stir it in, or add "
                    + $"{say.Volume(ThinLiquidLacking(r))} of thin liquid.",
                "Thick food makes no steam; it scorches on the floor and the pot does not come to pressure.",
                "I will"
            )
            : null;

    /// <summary>Thin liquid that lacks beside what is thick, ml.</summary>
    public static double ThinLiquidLacking(PlanRequest r) =>
        Math.Ceiling((Grams(r, CompanionTraits.Thick) / MuchThickShare - r.Liquid) / 10) * 10;

    private static Warning? SweetScorches(PlanRequest r, Wording say) =>
        Names(r, CompanionTraits.Sweet) is { Length: > 0 } names
            ? new(
                "sweet",
                WarningLevel.Caution,
                $"Keep the {names} off the floor of the pot, and half of a glaze clean for the grill.",
                "Sugar scorches under pressure and burns quickly under a grill."
            )
            : null;

    private static Warning? AcidKeepsPulsesHard(PlanRequest r, Wording say) =>
        Grams(r, CompanionTraits.Acid) >= MuchAcidGrams && r.Companions.Any(c => c.Companion is { Kind: CompanionKind.Pulse, Drinks: true })
            ? new(
                "acid-pulses",
                WarningLevel.Caution,
                "Cook the dry pulses first, or use canned ones.",
                "Beside something sour dry pulses stay hard."
            )
            : null;

    /// <summary>Code of <see cref="NotBoiledThrough"/>.</summary>
    public const string BoilThroughCode = "boil-through";

    /// <summary>
    /// What makes ill unless it was boiled through is never served under that: general food-safety advice on kidney beans.
    /// </summary>
    public static Warning NotBoiledThrough(Companion companion) =>
        new(
            BoilThroughCode,
            WarningLevel.Stop,
            $"Cook the {companion.Name.ToLowerInvariant()} on until soft right through before anybody eats them.",
            "Beans of this kind carry a lectin that makes ill until they have boiled; hard or half soft they are not safe."
        );

    private static double Grams(PlanRequest r, CompanionTraits trait) => r.Companions.Where(c => c.Companion.Is(trait)).Sum(c => c.Grams);

    private static string Names(PlanRequest r, CompanionTraits trait) =>
        string.Join(" and ", r.Companions.Where(c => c.Companion.Is(trait)).Select(c => c.Companion.Name.ToLowerInvariant()));
}
