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
    /// <param name="stages">Its stages.</param>
    /// <param name="number">Which one, from 1.</param>
    public static IReadOnlyList<CookStep> Of(DishRequest dish, IReadOnlyList<DishStage> stages, int number)
    {
        var stage = stages[number - 1];
        var names = DishWords.Names(dish, stage);
        CookStep Step(string name, string text, double minutes, bool waits) =>
            new(FormattableString.Invariant($"{name}-stage-{number}"), text, minutes, waits);
        var liquid = new Wording(dish.Units).Pour(stage.LiquidMl);
        var amounts = DishWords.Amounts(dish, stage);
        var keepWarm = DishWords.KeepWarm(dish.Pot, stage.Release);
        var words =
            number == 1
                ? CookWords.Close($"{Wording.Capital(amounts)} and ", liquid, stage.Minutes, keepWarm)
                : CookWords.CloseAgain(
                    DishWords.LiftedOut(dish, stages.Take(number - 1), stage),
                    DishWords.Liquid(dish, stages[number - 2], stage),
                    amounts,
                    stage.Minutes,
                    keepWarm
                );
        List<CookStep> steps =
        [
            Step("lid", words, number == 1 ? KitchenTimes.LayerMinutes : KitchenTimes.ChangeMinutes, false),
            Step("come-up", CookWords.ComingUp, stage.ToPressureMinutes.P50, true),
        ];
        if (stage.Minutes > 0)
        {
            steps.Add(Step("hold", FormattableString.Invariant($"{stage.Minutes:0} min under pressure: {names}."), stage.Minutes, true));
        }

        var (lets, waits) = stage.Release.Kind switch
        {
            ReleaseKind.Natural => (CookWords.LeaveIt, true),
            ReleaseKind.Pulsed => (CookWords.VentInBursts, false),
            _ => (CookWords.Vent, false),
        };
        steps.Add(Step("release", lets, stage.ReleaseMinutes.P50, waits) with { InBursts = stage.Release.Kind == ReleaseKind.Pulsed });
        steps.Add(Step("open", $"{CookWords.Open} {Tasting.Words(dish, stage)}", KitchenTimes.TasteMinutes, false));
        return steps;
    }
}
