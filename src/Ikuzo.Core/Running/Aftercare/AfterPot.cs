using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Poultry;

namespace Ikuzo.Core.Running.Aftercare;

/// <summary>What comes after the pot: rest, crisp, sauce, the clock of two hours.</summary>
public static class AfterPot
{
    /// <summary>Cooked food may stand between 5 and 60 °C for so long, h: USDA FSIS.</summary>
    public const double MostHoursOut = 2;

    /// <summary>The same in a room above <see cref="HotRoomCelsius"/>, h: USDA FSIS.</summary>
    public const double MostHoursOutInHeat = 1;

    /// <summary>A hot room, °C: USDA FSIS, 90 °F.</summary>
    public const double HotRoomCelsius = 32;

    /// <summary>Hot food is held at this or more, °C: USDA FSIS, 140 °F.</summary>
    public const double HotHoldingCelsius = 60;

    private const double CarveMinutes = 5;

    /// <summary>How long cooked food may be out at this room temperature, h.</summary>
    public static double HoursOut(double roomCelsius) => roomCelsius > HotRoomCelsius ? MostHoursOutInHeat : MostHoursOut;

    /// <summary>The steps after the pot, in order.</summary>
    /// <param name="request">The cook.</param>
    /// <param name="stages">What is cooked on its own after the meat, in the liquid that it left.</param>
    /// <param name="finish">What else a dish wants.</param>
    /// <param name="crispMinutes">Minutes under the grill; 0 or null for none.</param>
    public static IReadOnlyList<CookStep> Steps(
        PlanRequest request,
        IReadOnlyList<CookStep>? stages = null,
        IReadOnlyList<string>? finish = null,
        double? crispMinutes = null
    )
    {
        List<CookStep> steps =
        [
            new(
                "rest",
                "Lift it out with both hands and let it rest. Keep the liquid: it is stock.",
                KitchenTimes.RestMinutes(request.Load)
            ),
        ];
        steps.AddRange(stages ?? []);
        steps.AddRange(
            (finish ?? []).Select((line, i) => new CookStep(FormattableString.Invariant($"finish-{i + 1}"), line, CarveMinutes))
        );
        if (crispMinutes is > 0 and var minutes)
        {
            steps.Add(new("crisp", "Crisp the skin in a metal tray, watching it. No glass: it can shatter.", minutes));
        }

        steps.Add(new("carve", request.WantedAim == Aim.Slice ? "Carve and plate." : "Pull apart and plate.", CarveMinutes));
        return steps;
    }

    /// <summary>Ways to crisp the skin of a load. Minutes are general knowledge, shorter for fat birds, which brown faster.</summary>
    public static IReadOnlyList<CrispAdvice> Crisping(MeatLoad load)
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
                "In an oven at 230 °C, patted dry, on a rack over a metal tray.",
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
