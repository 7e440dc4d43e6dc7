using Ikuzo.Core.Cooking;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Planning;

/// <summary>Everything that may go wrong with a plan before the lid closes. To add a warning, add one method and its line in the list.</summary>
internal static class Warnings
{
    private const double FillShare = 2.0 / 3; // usual fill mark of such pots
    private const double SwellingFillShare = 1.0 / 2; // usual mark for food that foams or swells
    private const double MeatLitresPerKg = 0.95;
    private const double BoneAndGapLitresPerKg = 1.35; // a whole bird with its cavity; estimate
    private const double HighAltitudeMetres = 600;

    private delegate Warning? Rule(PlanRequest request, Wording say);

    private static readonly Rule[] BeforeTheLid =
    [
        OverCapacity, DoesNotFit, LowLiquid, OverFill, Lump, LumpNotFrozen, Giblets, FrozenAllowed, RoomTemperature, UnusualWeight, DuckFat, Altitude, Unmeasured, Spurts,
    ];

    /// <summary>Warnings that need no computation, stops first.</summary>
    public static IReadOnlyList<Warning> Of(PlanRequest request)
    {
        var say = new Wording(request.Units);
        return [.. BeforeTheLid.Select(rule => rule(request, say)).OfType<Warning>().OrderBy(w => w.Level)];
    }

    /// <summary>True when the load cannot go into this pot at all.</summary>
    public static bool CannotGoIn(PlanRequest request) => Litres(request) > request.Pot.CapacityLitres;

    /// <summary>The stop of a load that is never safe within the longest hold.</summary>
    public static Warning NeverSafe(PlanRequest request) => new(
        "never-safe",
        WarningLevel.Stop,
        request.Load.State == MeatState.Frozen ? "Do not cook it like this. Thaw it first, or cut it smaller." : "Do not cook it like this. Cut it smaller or flatten it.",
        Inv($"Even after {Scout.MostMinutes:0} min under pressure the middle might not reach 74 °C."));

    /// <summary>The stop of a pot that never comes to pressure.</summary>
    public static Warning NoPressure() => new(
        "no-pressure",
        WarningLevel.Stop,
        "Put less in, or use a stronger pot.",
        "With this load the heater may never bring the pot to pressure.");

    /// <summary>Code of the stop of minutes that are not safe.</summary>
    public const string TooShortCode = "too-short";

    /// <summary>The stop of minutes that the cook chose and that are not safe.</summary>
    public static Warning TooShort(double chance, Spread98 coldest, double? safeMinimum, Wording say) => new(
        TooShortCode,
        WarningLevel.Stop,
        safeMinimum is { } least ? Inv($"Set at least {least:0} min.") : "Choose another way to let the steam out, or thinner pieces.",
        Inv($"In {Math.Max(1, (1 - chance) * 100):0} of 100 such cooks the middle would not reach {say.Temperature(SafetyRule.CoreCelsius)}; it could be as low as {say.AtLeast(coldest.P01)}."));

    /// <summary>The caution of meat that is past the window of the aim at the least safe minutes.</summary>
    public static Warning PastWindow(PlanRequest request, TendernessOutcome tenderness) => new(
        "past-window",
        WarningLevel.Caution,
        Inv($"Expect meat that {tenderness.Label}. Thinner or thawed pieces would hold together better."),
        "Being safe in the thickest part takes longer than this aim allows.");

    /// <summary>The note that the household's usual way was not followed.</summary>
    public static Warning SchoolNotFollowed(Saying saying) => new(
        "school-not-followed",
        WarningLevel.Note,
        $"Your usual way, “{saying.School.Name}”, was not followed.",
        "It would not be safe in 99 of 100 such cooks.");

    /// <summary>The note that the household's usual way was followed.</summary>
    public static Warning SchoolFollowed(Saying saying, Plan own) => new(
        "school-followed",
        WarningLevel.Note,
        $"This is your usual way, “{saying.School.Name}”.",
        Inv($"By itself Ikuzo would set {own.Minutes:0} min."));

    /// <summary>The caution of a middle that is slow through the danger zone.</summary>
    public static Warning SlowThroughDanger(double minutes) => new(
        "danger-zone",
        WarningLevel.Caution,
        "Thaw it in the fridge first.",
        Inv($"The middle could spend {minutes:0} min between 5 and 60 °C; two hours is the limit."));

    private static Warning? OverCapacity(PlanRequest r, Wording say) => CannotGoIn(r)
        ? new("over-capacity", WarningLevel.Stop, "Use a bigger pot, or cook it in two batches.",
            Inv($"Together it takes about {Litres(r):0.0} litres; this pot holds {r.Pot.CapacityLitres:0.#}."))
        : null;

    private static Warning? DoesNotFit(PlanRequest r, Wording say)
    {
        var fit = Fit.Of(r);
        return CannotGoIn(r) || fit.Verdict == FitVerdict.Fits ? null
            : fit.Verdict == FitVerdict.Tight ? new("tight-fit", WarningLevel.Caution, "Check that the lid closes without touching it, and have a sling to lift it.", fit.Why)
            : Checkable(r, "does-not-fit", $"Try it {string.Join(", or ", fit.Alternatives)}. Never force the lid.", fit.Why);
    }

    private static Warning? LowLiquid(PlanRequest r, Wording say) => r.Liquid < r.Pot.MinimumLiquidMl - 0.5
        ? new("low-liquid", WarningLevel.Stop, $"Add {say.Volume(r.Pot.MinimumLiquidMl - r.Liquid)} of thin liquid.",
            $"This pot needs {say.Volume(r.Pot.MinimumLiquidMl)} to make steam. Juice from the meat comes too late to count, and a dry pot scorches.")
        : null;

    private static Warning? OverFill(PlanRequest r, Wording say)
    {
        var swells = r.Companions.Any(c => c.Companion.Foams);
        var under = r.Liquid / 1000 + r.Companions.Sum(c => c.Grams) / 1000 * MeatLitresPerKg
            + (r.Load.Placement == Placement.InLiquid ? r.Load.TotalKg * MeatLitresPerKg : 0);
        var mark = r.Pot.CapacityLitres * (swells ? SwellingFillShare : FillShare);
        return under <= mark || CannotGoIn(r)
            ? null
            : new("over-fill", WarningLevel.Stop, Inv($"Keep liquid and swelling food under {mark:0.0} litres: take some out."),
                Inv($"It comes to about {under:0.0} litres. {(swells ? "Food that foams or swells" : "Liquid above the mark")} can block the valve."));
    }

    private static Warning? Lump(PlanRequest r, Wording say) => r.Load is { Arrangement: Arrangement.Lump, State: MeatState.Frozen, Pieces: > 1 }
        ? Checkable(r, "lump", "Break the lump apart under cold water if you can. If not, separate the pieces when you open and check each one.",
            "Frozen together they heat like one thick piece, and nobody can see where the ice is.")
        : null;

    private static Warning? LumpNotFrozen(PlanRequest r, Wording say) => r.Load.Arrangement == Arrangement.Lump && r.Load.State != MeatState.Frozen
        ? new("lump-not-frozen", WarningLevel.Note, "Spread the pieces out.", "They are not frozen together, so they were computed as lying on each other.")
        : null;

    private static Warning? Giblets(PlanRequest r, Wording say) => r.Load.Cut.Part is Part.Whole
        ? Checkable(r, "giblets", "Take out the giblet bag, twine and pads. Do not stuff the bird.",
            "A bag or stuffing in the cavity keeps steam out, so the middle stays cold.")
        : null;

    // A stop until the cook says that it has been seen to.
    private static Warning Checkable(PlanRequest r, string code, string text, string because)
        => new(code, r.Confirmed.Contains(code) ? WarningLevel.Note : WarningLevel.Stop, text, because);

    private static Warning? FrozenAllowed(PlanRequest r, Wording say) => r.Load.State == MeatState.Frozen
        ? new("frozen-manual", WarningLevel.Note, "Check that your pot's manual allows frozen meat.", "The manual of your pot wins over this plan.")
        : null;

    private static Warning? RoomTemperature(PlanRequest r, Wording say) => r.Load.State == MeatState.Room
        ? new("room-temperature", WarningLevel.Caution, "Raw poultry may not stand out for more than two hours in all, one in a hot kitchen. If it has, throw it away.",
            "Germs can leave toxins that cooking does not remove.")
        : null;

    private static Warning? UnusualWeight(PlanRequest r, Wording say)
    {
        double piece = r.Load.PieceKg, least = r.Load.Cut.MinKg.Value, most = r.Load.Cut.MaxKg.Value;
        return piece >= 0.8 * least && piece <= 1.2 * most
            ? null
            : new("unusual-weight", WarningLevel.Caution, "Check weight and number of pieces, or measure the thickness.",
                $"{say.Mass(piece)} each is {(piece < least ? "light" : "heavy")} for this cut; usual is {say.Mass(least)} to {say.Mass(most)}.");
    }

    private static Warning? DuckFat(PlanRequest r, Wording say) => r.Load.Cut.Species == Species.Duck
        ? new("duck-fat", WarningLevel.Note, "Prick the skin, and skim the fat before you thicken the sauce. Never fry under pressure.", "Duck gives off a lot of fat.")
        : null;

    private static Warning? Altitude(PlanRequest r, Wording say) => r.AltitudeMetres > HighAltitudeMetres
        ? new("altitude", WarningLevel.Note, $"Your {say.Altitude(r.AltitudeMetres)} are counted in: no need to add more.",
            "Water boils cooler up there, and the pot holds a lower temperature.")
        : null;

    private static Warning? Unmeasured(PlanRequest r, Wording say) => r.Load.ThicknessMm is null
        ? new("unmeasured", WarningLevel.Note, "Measure the thickest part for a shorter, surer answer.",
            $"From the weight alone it is taken as about {say.Length(r.Load.ThicknessMetres)} thick, give or take a lot.")
        : null;

    private static Warning? Spurts(PlanRequest r, Wording say) => ReleaseChoice.Spurts(r) && r.Release?.Kind is (ReleaseKind.Vent or ReleaseKind.RestThenVent)
        ? new("spurts", WarningLevel.Stop, "Leave it until the pin drops, or vent in short bursts.", "Hot starch, foam or soup spurts out of the valve when it is vented at once.")
        : null;

    private static double Litres(PlanRequest r)
        => r.Liquid / 1000
            + r.Companions.Sum(c => c.Grams) / 1000 * MeatLitresPerKg
            + r.Load.TotalKg * (r.Load.Cut.Part is Part.Whole or Part.Carcass ? BoneAndGapLitresPerKg : MeatLitresPerKg);

    private static string Inv(FormattableString text) => FormattableString.Invariant(text);
}
