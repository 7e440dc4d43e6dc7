using Ikuzo.Core.Cooking;
using Ikuzo.Core.Dishes;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Quantities;
using Ikuzo.Core.Running.Aftercare;

namespace Ikuzo.Core.Running.Journal;

/// <summary>A time under the lid without meat, as steps at the pot: it has nothing to measure, so its clock is all that it needs.</summary>
public static class StageSteps
{
    /// <summary>Put in, wait for the pin, hold, let go, open.</summary>
    /// <param name="dish">The dish.</param>
    /// <param name="stage">One of its stages.</param>
    /// <param name="number">Which one, from 1.</param>
    public static IReadOnlyList<CookStep> Of(DishRequest dish, DishStage stage, int number)
    {
        var names = DishWords.Names(dish, stage);
        CookStep Step(string name, string text, double minutes, bool waits) =>
            new(FormattableString.Invariant($"{name}-stage-{number}"), text, minutes, waits);
        var put = number == 1 ? "" : "Take the rest out and keep it warm. ";
        List<CookStep> steps =
        [
            Step(
                "lid",
                CookWords.Close(
                    $"{put}{Wording.Capital(DishWords.Amounts(dish, stage))} and ",
                    new Wording(dish.Units).Pour(stage.LiquidMl),
                    stage.Minutes
                ),
                number == 1 ? KitchenTimes.LayerMinutes : KitchenTimes.ChangeMinutes,
                false
            ),
            Step("come-up", CookWords.ComingUp, stage.ToPressureMinutes.P50, true),
        ];
        if (stage.Minutes > 0)
        {
            steps.Add(Step("hold", FormattableString.Invariant($"{stage.Minutes:0} min under pressure: {names}."), stage.Minutes, true));
        }

        var (words, waits) = stage.Release.Kind switch
        {
            ReleaseKind.Natural => (CookWords.LeaveIt, true),
            ReleaseKind.Pulsed => (CookWords.VentInBursts, false),
            _ => (CookWords.Vent, false),
        };
        steps.Add(Step("release", words, stage.ReleaseMinutes.P50, waits) with { InBursts = stage.Release.Kind == ReleaseKind.Pulsed });
        steps.Add(Step("open", $"{CookWords.Open} Taste: {names}.", KitchenTimes.TasteMinutes, false));
        return steps;
    }
}
