using Ikuzo.Core.Dishes;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Quantities;
using Ikuzo.Core.Safety;

namespace Ikuzo.Core.LineUps;

/// <summary>
/// Schedules a meal back from the table, so that it is late in one of twenty at most: come-up and release at their 95th percentile.
/// </summary>
public static class BackSchedule
{
    /// <summary>Makes the line-up of a dish.</summary>
    /// <param name="request">The meal.</param>
    /// <param name="cancellation">Stops the computation.</param>
    public static LineUp Make(LineUpRequest request, CancellationToken cancellation = default)
    {
        var dish = request.Thaw == ThawWay.None ? request.Dish : Thawed(request.Dish);
        var plan = DishSolver.Arrange(dish, cancellation);
        if (plan.Best is not { } order)
        {
            return new(null, [], [plan.Impossible!.Why]);
        }

        var board = new Board(request.ServeAt);
        var (firstLid, lastOpening) = Cook(board, request with { Dish = dish }, plan, order);
        Meanwhile(board, request, firstLid);
        Before(board, request, firstLid);
        Store(board, request, lastOpening);
        Later(board, request);
        var tasks = board
            .Tasks.OrderBy(t => t.Start)
            .ThenBy(t => t.Id, StringComparer.Ordinal)
            .Select(t => InZone(t, request.Zone))
            .ToList();
        return new(tasks[0].Start, tasks, [.. Conflicts.Of(request, tasks)]) { Earliest = Conflicts.Earliest(request, tasks) };
    }

    // From the table back to the first lid. Returns when that lid goes on and when the last one comes off.
    private static (DateTimeOffset FirstLid, DateTimeOffset LastOpening) Cook(
        Board board,
        LineUpRequest request,
        DishPlan plan,
        StageOrder order
    )
    {
        var at = board.Hands("serve", request.ServeAt, 0, "Serve.");
        if (plan.Arranged!.Items.OfType<MeatItem>().FirstOrDefault() is { } meat)
        {
            at = board.Hands("carve", at, KitchenTimes.CarveMinutes, DishWords.Plating(meat.Load.Cut, meat.WantedAim).Text);
        }

        if (request.CrispMinutes > 0)
        {
            var crisp = board.Put(
                "crisp",
                LineUpLane.Oven,
                at,
                request.CrispMinutes,
                "Crisp under the grill, in a metal tray, never glass. Stay and watch.",
                handsOn: true
            );
            board.Put("preheat", LineUpLane.Oven, crisp, KitchenTimes.PreheatMinutes, "Heat the grill.", handsOn: false);
            at = crisp;
        }

        at = Finish(board, request, plan, at);

        // 19 of 20 dinners are on time: meat that is measured may have to stand covered first, and rests meanwhile.
        at = at.AddMinutes(-Math.Max(request.RestMinutes, order.Stages.Max(s => s.StandMinutes)));
        var opening = at;
        for (var i = order.Stages.Count * request.Batches - 1; i >= 0; i--)
        {
            at = StageTasks.Put(board, plan.Arranged!, order.Stages, i, request.Aromatics, at);
        }

        return (at, opening);
    }

    // What says how long it takes takes as long; the rest is done in one go.
    private static DateTimeOffset Finish(Board board, LineUpRequest request, DishPlan plan, DateTimeOffset at)
    {
        var timed = request.Finish.Where(line => OwnMinutes.In(line) is not null).ToList();
        for (var i = timed.Count - 1; i >= 0; i--)
        {
            at = board.Put(
                FormattableString.Invariant($"finish-{i + 1}"),
                LineUpLane.Oven,
                at,
                OwnMinutes.In(timed[i])!.Value,
                timed[i],
                handsOn: false
            );
        }

        string[] quick =
        [
            .. StirringIn.Lines(plan.Arranged!, plan.Best!.Stages, plan.StirredIn, request.CrispMinutes > 0),
            .. request.Finish.Except(timed),
        ];
        return quick.Length == 0
            ? at
            : board.Hands(
                "finish",
                at,
                KitchenTimes.StirInMinutes + StirredIn.Longest(plan.StirredIn) + quick.Length - plan.StirIn.Count,
                string.Join(" ", quick)
            );
    }

    // What is frozen for another day has days of its own: out of the freezer the evening before, eaten while it is good.
    private static void Later(Board board, LineUpRequest request)
    {
        var at = request.ServeAt.AddMinutes(AfterDinnerMinutes);
        foreach (var (line, i) in request.Later.Select((line, i) => (line, i)))
        {
            var frozen = line.Contains("freez", StringComparison.OrdinalIgnoreCase);
            var until = request.ServeAt.AddHours(FoodRules.InFreezer(FoodKind.Cooked).Hours);
            var words = frozen
                ? FormattableString.Invariant($"{line} Good until {until:d MMMM yyyy}; into the fridge the evening before.")
                : line;
            var minutes = OwnMinutes.In(line) ?? KitchenTimes.StoreMinutes;
            board.Add(
                new LineUpTask(
                    FormattableString.Invariant($"later-{i + 1}"),
                    LineUpLane.Hands,
                    at,
                    at.AddMinutes(minutes),
                    words,
                    HandsOn: true
                )
            );
            at = at.AddMinutes(minutes);
        }
    }

    private const double AfterDinnerMinutes = 30;

    // Jobs go into the latest stretch in which the pot works alone; what fits nowhere is done before the first lid.
    private static void Meanwhile(Board board, LineUpRequest request, DateTimeOffset firstLid)
    {
        var jobs = request.Meanwhile.Append(new HandsFreeJob("Set the table and warm the plates.", KitchenTimes.TableMinutes)).ToList();
        for (var i = jobs.Count - 1; i >= 0; i--)
        {
            var id = FormattableString.Invariant($"meanwhile-{i + 1}");
            if (!board.InAGap(id, jobs[i].Minutes, jobs[i].Text))
            {
                board.Hands(id, firstLid, jobs[i].Minutes, jobs[i].Text);
            }
        }
    }

    private static void Before(Board board, LineUpRequest request, DateTimeOffset firstLid)
    {
        var meats = request.Dish.Items.OfType<MeatItem>().ToList();
        var at = firstLid;
        if (request.Brown && meats.Count > 0)
        {
            var browning = Browning.Of([.. meats.Select(m => m.Load)]);
            at = board.Hands(
                "loosen",
                at,
                KitchenTimes.LoosenMinutes,
                $"Loosen everything from the floor of the pot with {request.DeglazeWith ?? "a splash of the liquid"}; cancel frying."
            );
            foreach (var fried in request.Frying.Where(f => !f.IsBeforeMeat).Reverse())
            {
                at = board.Hands(fried.Id, at, fried.Minutes, fried.Text);
            }

            at = board.Hands("brown", at, browning.Minutes, $"{browning.Words}.");
            foreach (var fried in request.Frying.Where(f => f.IsBeforeMeat))
            {
                at = board.Hands(fried.Id, at, fried.Minutes, fried.Text);
            }
        }

        var seasoning = request.Seasoning is { } with ? $" with {with}" : "";
        if (request.MarinadeHours > 0)
        {
            at = board.Hands(
                "dry",
                at,
                KitchenTimes.SeasonMinutes,
                "Wash hands. Lift the meat out of its marinade and pat it dry. The marinade is raw: boil it or throw it away."
            );
            at = board.Put(
                "marinade",
                LineUpLane.Fridge,
                at,
                request.MarinadeHours * 60,
                "Marinade in the fridge, covered.",
                handsOn: false
            );
            at = board.Hands(
                "marinate",
                at,
                KitchenTimes.SeasonMinutes,
                $"{Look(meats)}Rub or marinate{seasoning}, covered, into the fridge. Its own board and knife; do not rinse."
            );
        }
        else
        {
            at = board.Hands(
                "season",
                at,
                KitchenTimes.SeasonMinutes,
                $"Wash hands. {Look(meats)}Pat the meat dry, do not rinse; season{seasoning}. Its own board and knife."
            );
        }

        foreach (var meat in meats.Where(m => m.Load.State == MeatState.Frozen))
        {
            Thaw(board, request.Thaw, meat, at);
        }
    }

    // Only a whole bird hides something.
    private static string Look(IReadOnlyList<MeatItem> meats) =>
        meats.Any(m => m.Load.Cut.Part == Poultry.Part.Whole) ? "Look for giblet bag, twine and pads. " : "";

    private static void Thaw(Board board, ThawWay way, MeatItem meat, DateTimeOffset until)
    {
        if (way == ThawWay.None)
        {
            return;
        }

        var name = DishWords.Name(meat);
        var thaw = Thawing.Of(meat.Load, way);
        var start = until.AddHours(-thaw.Hours);
        board.Add(new LineUpTask($"thaw-{meat.Key}", LineUpLane.Fridge, start, until, $"Thaw the {name}. {thaw.How}", HandsOn: false));
        if (way == ThawWay.ColdWater)
        {
            for (var after = Thawing.WaterChangeMinutes; after < thaw.Hours * 60; after += Thawing.WaterChangeMinutes)
            {
                board.Hands(
                    FormattableString.Invariant($"water-{meat.Key}-{after:0}"),
                    start.AddMinutes(after),
                    KitchenTimes.FetchMinutes,
                    "Change the cold water."
                );
            }
        }

        board.Hands(
            $"take-out-{meat.Key}",
            start,
            KitchenTimes.FetchMinutes,
            $"From the freezer into {(way == ThawWay.Fridge ? "the fridge" : "cold water")}: {name}."
        );
    }

    private static void Store(Board board, LineUpRequest request, DateTimeOffset opening)
    {
        var most = FoodRules.OutOfTheCold(request.Dish.RoomCelsius);
        var due = opening.AddHours(most.Hours);
        if (due.AddMinutes(-KitchenTimes.StoreMinutes) >= request.ServeAt)
        {
            board.Put(
                "store",
                LineUpLane.Hands,
                due,
                KitchenTimes.StoreMinutes,
                $"By now leftovers are in shallow boxes in the fridge: {most.Spoken} after opening, never overnight on warm.",
                handsOn: true
            );
        }
    }

    private static DishRequest Thawed(DishRequest dish) =>
        dish with
        {
            Items =
            [
                .. dish.Items.Select(i =>
                    i is MeatItem { Load.State: MeatState.Frozen } m
                        ? m with
                        {
                            Load = m.Load with { State = MeatState.Chilled, StartCelsius = null, Arrangement = Arrangement.Single },
                        }
                        : i
                ),
            ],
        };

    private static LineUpTask InZone(LineUpTask task, TimeZoneInfo? zone) =>
        zone is null
            ? task
            : task with
            {
                Start = TimeZoneInfo.ConvertTime(task.Start, zone),
                End = TimeZoneInfo.ConvertTime(task.End, zone),
            };
}
