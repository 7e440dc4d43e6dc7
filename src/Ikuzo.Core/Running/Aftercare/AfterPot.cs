using Ikuzo.Core.Dishes;
using Ikuzo.Core.LineUps;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Quantities;
using Ikuzo.Core.Safety;

namespace Ikuzo.Core.Running.Aftercare;

/// <summary>What comes after the pot: rest, crisp, sauce, the clock of two hours.</summary>
public static class AfterPot
{
    private const string ForLater = "For later";
    private const double OvenCelsius = 230; // crisps skin in a quarter of an hour; general knowledge

    /// <summary>The steps after the pot, in order.</summary>
    /// <param name="request">The cook.</param>
    /// <param name="after">What the dish wants besides.</param>
    public static IReadOnlyList<CookStep> Steps(PlanRequest request, AfterMeat after) =>
        [
            .. request.IsForStock ? [Strain] : new[] { Rest(request, after) },
            .. Lines("taste", "Taste", after.Taste, KitchenTimes.TasteMinutes),
            .. after.Stages,
            .. Lines("finish", "To finish", after.Finish),
            .. request.IsForStock ? [Cool(request)] : Crisp(after).Append(Carve(request)),
            .. Lines("later", ForLater, after.Later),
        ];

    private static readonly CookStep Strain = new(
        "strain",
        "Ladle it through a sieve into a wide bowl; it is heavy and hot. The bones have given what they had.",
        KitchenTimes.CarveMinutes
    )
    {
        Title = "Strain",
    };

    private static CookStep Cool(PlanRequest request) =>
        new(
            "cool",
            "What is not eaten now: stand the bowl in cold water and stir, then in shallow boxes into the fridge within "
                + $"{FoodRules.OutOfTheCold(request.RoomCelsius).Spoken}. The fat lifts off when it is cold.",
            KitchenTimes.StoreMinutes
        )
        {
            Title = "Cool it fast",
        };

    /// <summary>How long what is left keeps, in the fridge and frozen.</summary>
    /// <param name="units">Units of the household.</param>
    public static IReadOnlyList<string> Keeping(UnitSystem units) =>
        [.. new[] { FoodRules.InFridge(FoodKind.Cooked), FoodRules.InFreezer(FoodKind.Cooked) }.Select(rule => rule.Words(new(units)))];

    private static CookStep Rest(PlanRequest request, AfterMeat after) =>
        new(
            "rest",
            request.Load switch
            {
                { Cut.Part: Part.Diced or Part.Meatball } => "Leave it in its juices with the heat off; it takes some of them up again.",
                { Pieces: > 1 } => "Lift the pieces out and let them rest, covered. Keep the liquid: it is stock.",
                _ => "Lift it out with both hands and let it rest. Keep the liquid: it is stock.",
            },
            after.RestMinutes ?? KitchenTimes.RestMinutes(request.Load),
            Waits: true
        )
        {
            Title = "Rest",
            Lane = LineUpLane.Hands,
        };

    private static CookStep Carve(PlanRequest request)
    {
        var (title, text) = DishWords.Plating(request.Load.Cut, request.WantedAim);
        return new("carve", text, KitchenTimes.CarveMinutes) { Title = title };
    }

    /// <summary>What a cook sets aside for another meal, with its amounts; empty for most.</summary>
    /// <param name="steps">Its steps after the meat.</param>
    public static IReadOnlyList<string> SetAside(IReadOnlyList<CookStep> steps) =>
        [.. steps.Where(s => s.Title == ForLater).Select(s => s.Text)];

    private static IEnumerable<CookStep> Lines(string id, string title, IReadOnlyList<string> lines, double? usualMinutes = null) =>
        lines.Select(
            (line, i) =>
                new CookStep(
                    FormattableString.Invariant($"{id}-{i + 1}"),
                    line,
                    usualMinutes ?? OwnMinutes.In(line) ?? KitchenTimes.CarveMinutes
                )
                {
                    Title = title,
                }
        );

    // The clean half of the sauce goes on before the grill, which dries it, or at the end where nothing is crisped.
    private static IEnumerable<CookStep> Crisp(AfterMeat after)
    {
        if (after.Sauce is { } sauce)
        {
            yield return new CookStep(
                "sauce-after",
                $"Brush on the clean half: {sauce}. With a brush that raw meat has not touched.",
                KitchenTimes.FetchMinutes
            )
            {
                Title = "Sauce",
            };
        }

        if (after.CrispMinutes > 0)
        {
            yield return new CookStep(
                "crisp",
                "Crisp the skin in a metal tray, watching it. No glass: it can shatter.",
                after.CrispMinutes,
                Waits: true
            )
            {
                Title = "Crisp",
                Lane = LineUpLane.Oven,
            };
        }
    }

    /// <summary>True for meat that may have a skin on it and was not cooked in a soup: there is something to crisp.</summary>
    /// <param name="request">The cook.</param>
    public static bool HasSkin(PlanRequest request) =>
        !request.IsForStock
        && !ReleaseChoice.IsSoup(request.Liquid, request.Pot)
        && request.Load.Cut.Part
            is not (Part.Diced or Part.Cutlet or Part.Tender or Part.Meatball or Part.Carcass or Part.Neck or Part.Foot);

    /// <summary>Ways to crisp the skin of a load. Minutes are general knowledge, shorter for fat birds, which brown faster.</summary>
    public static IReadOnlyList<CrispAdvice> Crisping(MeatLoad load, UnitSystem units)
    {
        var fat = load.Cut.Species == Species.Duck ? 0.75 : 1;
        string[] sugar =
        [
            "A sweet glaze burns in a minute or two: brush it on for the last two only.",
            "Use brush and sauce that raw meat has not touched.",
        ];
        CrispAdvice Way(CrispWay way, double least, double most, string text, params string[] mind) =>
            new(
                way,
                Math.Round(least * fat),
                Math.Round(most * fat),
                text,
                load.Cut.Species == Species.Duck
                    ? [.. mind, "Pour off the fat first; it can catch fire under a grill.", .. sugar]
                    : [.. mind, .. sugar]
            );
        return
        [
            Way(
                CrispWay.Grill,
                4,
                8,
                "10 to 15 cm under a hot grill, patted dry, in a metal tray. At 8 cm take half the minutes.",
                "No glass or ceramic: it can shatter."
            ),
            Way(
                CrispWay.Oven,
                8,
                15,
                $"In an oven at {new Wording(units).Oven(OvenCelsius)}, patted dry, on a rack over a metal tray.",
                "Heat the oven while the pot is under pressure."
            ),
            Way(
                CrispWay.HeatingLid,
                8,
                14,
                "Under the heating lid at its hottest, patted dry, on the rack, liquid poured off.",
                "Unplug before you change lids where the manual says so.",
                "Never in deep fat."
            ),
        ];
    }
}
