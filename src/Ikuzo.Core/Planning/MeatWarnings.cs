using System.Globalization;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Quantities;
using Ikuzo.Core.Safety;

namespace Ikuzo.Core.Planning;

/// <summary>Warnings about the meat: its state, its age, how it lies, what it hides.</summary>
internal static class MeatWarnings
{
    private const string Toxins = "Germs can leave toxins that cooking does not remove.";
    private const string UnusualWeightCode = "unusual-weight";

    public static readonly Warnings.Rule[] Rules =
    [
        PastItsDay,
        Lump,
        LumpNotFrozen,
        Piled,
        Giblets,
        FrozenAllowed,
        WarmMeat,
        UnusualWeight,
        DuckFat,
        Unmeasured,
    ];

    private static Warning? PastItsDay(PlanRequest r, Wording say)
    {
        var rule = FoodRules.InFridge(r.Load.Cut.Raw);
        return r.Load.DaysInFridge switch
        {
            { } days when days > rule.Days => new Warning(
                "past-its-day",
                WarningLevel.Stop,
                "Throw it away.",
                string.Create(
                    CultureInfo.InvariantCulture,
                    $"Raw poultry keeps {rule.Spoken} in the fridge at most, thawed or fresh; this has been there for "
                        + $"{days:0.#}. Cooking does not mend it."
                )
            ),
            { } days when days > rule.Days - 1 => new Warning("last-day", WarningLevel.Caution, "Cook it today.", rule.Words(say)),
            _ => null,
        };
    }

    private static Warning? Lump(PlanRequest r, Wording say) =>
        r.Load is { Arrangement: Arrangement.Lump, State: MeatState.Frozen, Pieces: > 1 }
            ? Warnings.Checkable(
                r,
                "lump",
                "Break the lump apart under cold water if you can. If not, separate the pieces when you open and check each one.",
                "Frozen together they heat like one thick piece, and nobody can see where the ice is."
            )
            : null;

    private static Warning? LumpNotFrozen(PlanRequest r, Wording say) =>
        r.Load.Arrangement == Arrangement.Lump && r.Load.State != MeatState.Frozen
            ? new(
                "lump-not-frozen",
                WarningLevel.Note,
                "Spread the pieces out.",
                "They are not frozen together, so they were computed as lying on each other."
            )
            : null;

    private static Warning? Piled(PlanRequest r, Wording say) =>
        ModelBuilder.IsPiled(r.Load, r.Pot)
            ? new(
                "piled",
                WarningLevel.Caution,
                "Turn the pieces so that steam gets between them, or cook them in two batches. Check some from the middle of the pile.",
                "So many lie on each other in this pot; steam finds its way to those in the middle late, which is counted in."
            )
            : null;

    private static Warning? Giblets(PlanRequest r, Wording say) =>
        r.Load.Cut.Part is Part.Whole
            ? Warnings.Checkable(
                r,
                "giblets",
                r.Load.State == MeatState.Frozen
                    ? "Run cold water through the cavity until a giblet bag lets go, and take it out with twine and pads. "
                        + "What is frozen fast comes out when the bird has thawed, so thaw it first. Do not stuff it."
                    : "Look into the cavity: take out giblet bag, twine and pads. Do not stuff the bird.",
                "A bag or stuffing in the cavity keeps steam out, so the middle stays cold."
            )
            : null;

    private static Warning? FrozenAllowed(PlanRequest r, Wording say) =>
        r.Load.State == MeatState.Frozen
            ? new(
                "frozen-manual",
                WarningLevel.Note,
                "Check that your pot's manual allows frozen meat.",
                "The manual of your pot wins over this plan."
            )
            : null;

    // What counts is the temperature and the time that it stood, not the word for its state.
    private static Warning? WarmMeat(PlanRequest r, Wording say)
    {
        var most = FoodRules.OutOfTheCold(Math.Max(r.RoomCelsius, r.Load.Celsius));
        var rule = Wording.Capital(most.Spoken);
        return r.Load switch
        {
            { StoodMinutes: { } stood } when stood > most.Hours * 60 => new(
                "stood-warm",
                WarningLevel.Stop,
                "Throw it away.",
                $"{rule} in the warm is the most for raw poultry, and this stood longer. {Toxins}"
            ),
            { IsWarm: false } => null,
            { StoodMinutes: not null } => new(
                "room-temperature",
                WarningLevel.Caution,
                "Cook it at once.",
                $"{rule} in the warm is the most for raw poultry; in all, since the shop."
            ),
            _ => Warnings.Checkable(
                r,
                "room-temperature",
                $"How long has it stood? At {say.Temperature(r.Load.Celsius)} it is no longer cold. "
                    + $"More than {most.Spoken}: throw it away.",
                Toxins,
                $"Less than {most.Spoken}"
            ),
        };
    }

    private static Warning? UnusualWeight(PlanRequest r, Wording say)
    {
        double piece = r.Load.PieceKg,
            least = r.Load.Cut.MinKg.Value,
            most = r.Load.Cut.MaxKg.Value;
        var because =
            $"{say.Mass(piece)} each is {(piece < least ? "light" : "heavy")} for this cut; usual is {say.Mass(least)} to "
            + $"{say.Mass(most)}.";
        return r.Load.Cut.IsNearUsual(piece) ? null
            : r.Load.Cut.IsFarFromUsual(piece)
                ? Warnings.Checkable(r, UnusualWeightCode, "Is this the cut, the number and the weight?", because, "It is right")
            : new(UnusualWeightCode, WarningLevel.Caution, "Check weight and number of pieces, or measure the thickness.", because);
    }

    private static Warning? DuckFat(PlanRequest r, Wording say) =>
        r.Load.Cut.Species == Species.Duck
            ? new(
                "duck-fat",
                WarningLevel.Note,
                "Prick the skin, and skim the fat before you thicken the sauce. Never fry under pressure.",
                "Duck gives off a lot of fat."
            )
            : null;

    private static Warning? Unmeasured(PlanRequest r, Wording say) =>
        r.Load.ThicknessMm is null
            ? new(
                "unmeasured",
                WarningLevel.Note,
                "Measure the thickest part for a shorter, surer answer.",
                $"From the weight alone it is taken as about {say.Length(r.Load.ThicknessMetres)} thick, give or take "
                    + FormattableString.Invariant(
                        $"{r.Load.Cut.Spread.OfOne * 100:0} %{(r.Load.Pieces > 1 ? ", the thickest as more" : "")}."
                    )
            )
            : null;
}
