using System.Globalization;
using Ikuzo.Core.Filling;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Planning;

/// <summary>Warnings about the pot: what fits, how full, how much liquid, how the steam goes.</summary>
internal static class PotWarnings
{
    private const double HighAltitudeMetres = 600;
    private const double OneCup = 0.945; // a cup is 237 ml, 240 on a packet, 250 in a manual: whoever pours one has poured it

    private const double Nearly = 0.8; // how much of what covers still reaches most of it. Estimate

    public static readonly Warnings.Rule[] Rules =
    [
        OverCapacity,
        DoesNotFit,
        LowLiquid,
        NotCovered,
        OverFill,
        Spurts,
        BrownedBits,
        LiftingAid,
        Altitude,
    ];

    private static Warning? OverCapacity(PlanRequest r, Wording say) =>
        Capacity.CannotGoIn(r)
            ? new(
                "over-capacity",
                WarningLevel.Stop,
                $"Try it {string.Join(", or ", Fit.Of(r).Alternatives)}.",
                Inv($"Together it takes about {Capacity.Litres(r):0.0} litres; this pot holds {r.Pot.CapacityLitres:0.#}.")
            )
            : null;

    private static Warning? DoesNotFit(PlanRequest r, Wording say)
    {
        var fit = Fit.Of(r, r.Units);
        return Capacity.CannotGoIn(r) || fit.Verdict == FitVerdict.Fits ? null
            : fit.Verdict == FitVerdict.Tight
                ? new(
                    "tight-fit",
                    WarningLevel.Caution,
                    r.Load.Cut.Outer is null
                        ? "Check that the lid closes without touching them."
                        : "Check that the lid closes without touching it, and have a sling to lift it.",
                    fit.Why
                )
            : Warnings.Checkable(
                r,
                Fit.TryTheLidCode,
                $"Try it {string.Join(", or ", fit.Alternatives)}. Never force the lid.",
                fit.Why,
                "I tried: it closes"
            );
    }

    private static Warning? LowLiquid(PlanRequest r, Wording say) =>
        r.Liquid < OneCup * r.Pot.MinimumLiquidMl - 0.5
            ? new(
                "low-liquid",
                WarningLevel.Stop,
                $"Add {say.Volume(r.Pot.MinimumLiquidMl - r.Liquid)} of thin liquid.",
                $"This pot needs {say.Volume(r.Pot.MinimumLiquidMl)} to make steam. Juice from the meat comes too late to count, and a "
                    + "dry pot scorches."
            )
            : null;

    private static Warning? Spurts(PlanRequest r, Wording say) =>
        r.Release is { } release && ReleaseChoice.MakesItSpurt(r, release)
            ? new(
                "spurts",
                WarningLevel.Stop,
                "Leave it until the pin drops, or vent in short bursts.",
                "Hot starch, foam or soup spurts out of the valve when it is vented at once."
            )
            : null;

    private static Warning? NotCovered(PlanRequest r, Wording say) =>
        r.IsForStock && LiquidNeed.ToCover(r) is var covers && r.Liquid < Nearly * covers
            ? new(
                "not-covered",
                WarningLevel.Caution,
                $"Pour in {say.Volume(covers - r.Liquid)} more: {say.Volume(covers)} covers it.",
                "Bones give their gelatin to the water that they lie in; what stands above it gives little."
            )
            : null;

    private static Warning? OverFill(PlanRequest r, Wording say)
    {
        var fill = LiquidBudget.FillOf(r, 0);
        return fill.BeforeLitres <= fill.MarkLitres || Capacity.CannotGoIn(r)
            ? null
            : new(
                "over-fill",
                WarningLevel.Stop,
                Inv($"Keep liquid and swelling food under {fill.MarkLitres:0.0} litres: take some out."),
                string.Create(
                    CultureInfo.InvariantCulture,
                    $"It comes to about {fill.BeforeLitres:0.0} litres. "
                        + $"{(fill.Swells ? "Food that foams or swells" : "Liquid above the mark")} can block the valve."
                )
            );
    }

    private static Warning? BrownedBits(PlanRequest r, Wording say) =>
        r.Browned
            ? Warnings.Checkable(
                r,
                "browned-bits",
                "Loosen everything brown from the floor of the pot with a splash of the liquid.",
                "What sticks there scorches, and the pot may refuse to come to pressure.",
                "I will"
            )
            : null;

    private static Warning? LiftingAid(PlanRequest r, Wording say) =>
        r.Load.Cut.Part is Part.Whole or Part.Spatchcocked or Part.Half or Part.Crown || (r.WantedAim == Aim.FallApart && r.Load.Cut.BoneIn)
            ? new(
                "lifting-aid",
                WarningLevel.Note,
                "Have a rack with handles, a basket or a foil sling under it.",
                "It comes out so tender that it falls apart when it is lifted."
            )
            : null;

    private static Warning? Altitude(PlanRequest r, Wording say) =>
        r.AltitudeMetres > HighAltitudeMetres
            ? new(
                "altitude",
                WarningLevel.Note,
                $"Your {say.Altitude(r.AltitudeMetres)} are counted in: no need to add more.",
                "Water boils cooler up there, and the pot holds a lower temperature."
            )
            : null;

    private static string Inv(FormattableString text) => FormattableString.Invariant(text);
}
