using Ikuzo.Core.Cooking;
using Ikuzo.Core.Dishes;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Quantities;
using Ikuzo.Core.Safety;

namespace Ikuzo.Core.LineUps;

/// <summary>The tasks of one time under the lid, from opening back to layering.</summary>
internal static class StageTasks
{
    /// <summary>Puts the tasks of a stage on the board so that its check is over at a moment; returns when layering begins.</summary>
    public static DateTimeOffset Put(
        Board board,
        DishRequest dish,
        IReadOnlyList<DishStage> stages,
        int index,
        IReadOnlyList<string> aromatics,
        DateTimeOffset done
    )
    {
        var stage = stages[index % stages.Count];
        var number = FormattableString.Invariant($"{index + 1}");
        var names = DishWords.Names(dish, stage);
        var say = new Wording(dish.Units);
        var meats = dish.Items.OfType<MeatItem>().Where(m => stage.Items.Contains(m.Key)).ToList();
        var place =
            meats.Any(m => m.Load.Cut.BoneIn) ? "the coldest spots, not on the bone"
            : meats.Any(m => m.Load.Cut.IsTooSmallToMeasure) ? "the middle of the three thickest"
            : "the middle of the thickest";
        var opened = board.Hands(
            $"check-{number}",
            done,
            KitchenTimes.CheckMinutes,
            "Open only when the pin is down, lid away from the face. "
                + (
                    meats.Count > 0 && meats.All(m => m.WantedAim == Aim.Stock) ? "The bones have given what they had."
                    : meats.Count > 0
                        ? $"Measure {place}: {say.Temperature(SafetyRule.CoreCelsius)} or more."
                            + string.Concat(Tasting.Lines(dish, stage).Select(line => $" {line}"))
                    : Tasting.Words(dish, stage)
                )
        );
        var release = Release(board, stage, number, opened);
        var pressure = release.AddMinutes(-stage.Minutes);
        board.Add(
            new LineUpTask(
                $"hold-{number}",
                LineUpLane.Pot,
                pressure,
                release,
                stage.Minutes > 0
                    ? FormattableString.Invariant($"{stage.Minutes:0} min under pressure: {names}. Hands are free.")
                    : $"At pressure {names} are done: no minutes more.",
                HandsOn: false
            )
        );
        var lid = pressure.AddMinutes(-Math.Ceiling(stage.ToPressureMinutes.P95));
        board.Add(
            new LineUpTask(
                $"come-up-{number}",
                LineUpLane.Pot,
                lid,
                pressure,
                FormattableString.Invariant($"Coming to pressure, likely {stage.ToPressureMinutes.P50:0} min."),
                HandsOn: false
            )
        );
        var with = index == 0 && aromatics.Count > 0 ? $", {string.Join(", ", aromatics)}," : "";
        return board.Hands(
            $"lid-{number}",
            lid,
            index == 0 ? KitchenTimes.LayerMinutes : KitchenTimes.ChangeMinutes,
            In(dish, stages, index, with)
        );
    }

    // The next batch begins with a clean pot; what follows within one goes into the liquid that is there.
    private static string In(DishRequest dish, IReadOnlyList<DishStage> stages, int index, string with)
    {
        var of = index % stages.Count;
        var stage = stages[of];
        var (amounts, liquid) = (DishWords.Amounts(dish, stage), new Wording(dish.Units).Pour(stage.LiquidMl));
        var close = FormattableString.Invariant(
            $"Valve to sealing, lid on, set {stage.Minutes:0} min{DishWords.KeepWarm(dish.Pot, stage.Release)}."
        );
        var lift = DishWords.LiftedOut(dish, stages.Take(of), stage);
        return of == 0
            ? $"{(index == 0 ? "Layer" : "The next batch: layer")} {amounts}{with} with {liquid} of thin liquid. {close}"
            : $"{(lift is null ? "" : $"{lift} ")}{DishWords.Liquid(dish, stages[of - 1], stage)}. Put in {amounts}. {close}";
    }

    private static DateTimeOffset Release(Board board, DishStage stage, string number, DateTimeOffset opened)
    {
        var release = opened.AddMinutes(-Math.Ceiling(stage.ReleaseMinutes.P95));
        var rests = stage.Release.Kind == ReleaseKind.RestThenVent;
        var vents = stage.Release.Kind != ReleaseKind.Natural;
        board.Add(
            new LineUpTask(
                $"release-{number}",
                LineUpLane.Pot,
                release,
                opened,
                rests ? FormattableString.Invariant($"Leave it for {stage.Release.RestMinutes:0} min, then the steam goes.")
                    : vents ? "The steam goes."
                    : "Leave it until the pin drops.",
                HandsOn: false
            )
        );
        if (vents)
        {
            board.Add(
                new LineUpTask(
                    $"vent-{number}",
                    LineUpLane.Hands,
                    release.AddMinutes(stage.Release.RestMinutes),
                    release.AddMinutes(Math.Min(stage.Release.RestMinutes + KitchenTimes.ValveMinutes, stage.ReleaseMinutes.P95)),
                    stage.Release.Kind == ReleaseKind.Pulsed
                        ? "Vent in short bursts, hand covered."
                        : "Vent, hand covered, steam away from the cupboards.",
                    HandsOn: true
                )
            );
        }

        return release;
    }
}
