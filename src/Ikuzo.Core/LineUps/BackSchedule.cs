using Ikuzo.Core.Cooking;
using Ikuzo.Core.Dishes;
using Ikuzo.Core.Planning;

namespace Ikuzo.Core.LineUps;

/// <summary>Schedules a meal back from the table, so that it is late in one of twenty at most: come-up and release at their 95th percentile.</summary>
public static class BackSchedule
{
    private const double FridgeHoursPerKg = 12; // 24 h per 2 kg: USDA FSIS
    private const double ColdWaterHoursPerKg = 1; // USDA FSIS: about an hour per kilogram
    private const double WaterChangeMinutes = 30; // USDA FSIS
    private const double MostThawedHours = 48; // 1 to 2 days in the fridge: USDA FSIS
    private const double WarmHoldLimitMinutes = 120; // two-hour rule
    private const double PreheatMinutes = 15, LayerMinutes = 8, VentMinutes = 3, CheckMinutes = 4, BrownMinutesPerBatch = 6, SeasonMinutes = 6, CarveMinutes = 5;
    private const double KgPerBatch = 0.6; // what browns at once without steaming; estimate

    /// <summary>Makes the line-up of a dish.</summary>
    /// <param name="request">The meal.</param>
    /// <param name="cancellation">Stops the computation.</param>
    public static LineUp Make(LineUpRequest request, CancellationToken cancellation = default)
    {
        var thaws = request.Thaw != ThawWay.None;
        var dish = thaws ? Thawed(request.Dish) : request.Dish;
        var plan = DishSolver.Solve(dish, cancellation);
        if (plan.Best is not { } order)
        {
            return new(null, [], [plan.Impossible!.Why]);
        }

        var board = new Board(request.ServeAt);
        var firstLid = Cook(board, request, dish, order);
        Before(board, request, firstLid);
        var tasks = board.Tasks.OrderBy(t => t.Start).ThenBy(t => t.Id, StringComparer.Ordinal).Select(t => InZone(t, request.Zone)).ToList();
        return new(tasks[0].Start, tasks, Conflicts(request, order, tasks));
    }

    // From the table back to the first lid. Returns when that lid goes on.
    private static DateTimeOffset Cook(Board board, LineUpRequest request, DishRequest dish, StageOrder order)
    {
        var at = board.Hands("serve", request.ServeAt, 0, "Serve.");
        at = board.Hands("carve", at, CarveMinutes, "Carve or pull, and plate.");
        if (request.CrispMinutes > 0)
        {
            var crisp = board.Put("crisp", LineUpLane.Oven, at, request.CrispMinutes, "Crisp under the grill, in a metal tray, never glass. Stay and watch.", handsOn: true);
            board.Put("preheat", LineUpLane.Oven, crisp, PreheatMinutes, "Heat the grill.", handsOn: false);
            at = crisp;
        }

        at = at.AddMinutes(-request.RestMinutes);
        for (var i = order.Stages.Count - 1; i >= 0; i--)
        {
            at = Stage(board, dish, order.Stages[i], i, at);
        }

        return at;
    }

    private static DateTimeOffset Stage(Board board, DishRequest dish, DishStage stage, int index, DateTimeOffset done)
    {
        var number = FormattableString.Invariant($"{index + 1}");
        var names = string.Join(", ", dish.Items.Where(i => stage.Items.Contains(i.Key)).Select(DishWords.Name));
        var meat = dish.Items.Any(i => i is MeatItem && stage.Items.Contains(i.Key));
        var opened = board.Hands($"check-{number}", done, CheckMinutes, meat
            ? "Open only when the pin is down, lid away from the face. Measure the coldest spots: 74 °C or more."
            : "Open only when the pin is down, lid away from the face, and taste.");
        var release = opened.AddMinutes(-stage.ReleaseMinutes.P95);
        var vents = stage.Release.Kind is ReleaseKind.Vent or ReleaseKind.Pulsed;
        board.Add(new LineUpTask($"release-{number}", LineUpLane.Pot, release, opened, vents ? "The steam goes." : "Leave it until the pin drops.", HandsOn: false));
        if (vents)
        {
            board.Add(new LineUpTask($"vent-{number}", LineUpLane.Hands, release, release.AddMinutes(Math.Min(VentMinutes, stage.ReleaseMinutes.P95)),
                stage.Release.Kind == ReleaseKind.Pulsed ? "Vent in short bursts, hand covered." : "Vent, hand covered, steam away from the cupboards.", HandsOn: true));
        }

        var pressure = release.AddMinutes(-stage.Minutes);
        board.Add(new LineUpTask($"hold-{number}", LineUpLane.Pot, pressure, release, stage.Minutes > 0
            ? FormattableString.Invariant($"{stage.Minutes:0} min under pressure: {names}. Hands are free.")
            : $"At pressure {names} are done: no minutes more.", HandsOn: false));
        var lid = pressure.AddMinutes(-stage.ToPressureMinutes.P95);
        board.Add(new LineUpTask($"come-up-{number}", LineUpLane.Pot, lid, pressure, FormattableString.Invariant($"Coming to pressure, likely {stage.ToPressureMinutes.P50:0} min."), HandsOn: false));
        return board.Hands($"lid-{number}", lid, index == 0 ? LayerMinutes : Finishing.ChangeMinutes, FormattableString.Invariant(
            $"{(index == 0 ? "Layer" : "Take the rest out, keep it warm; put in")} {names} with {stage.LiquidMl:0} ml of thin liquid. Seal, set {stage.Minutes:0} min, lid on."));
    }

    private static void Before(Board board, LineUpRequest request, DateTimeOffset firstLid)
    {
        var meats = request.Dish.Items.OfType<MeatItem>().ToList();
        var at = firstLid;
        if (request.Brown && meats.Count > 0)
        {
            var batches = Math.Max(1, Math.Ceiling(meats.Sum(m => m.Load.TotalKg) / KgPerBatch));
            at = board.Hands("brown", at, batches * BrownMinutesPerBatch, FormattableString.Invariant(
                $"Brown in {batches:0} {(batches == 1 ? "batch" : "batches")}; then loosen everything from the floor of the pot with a splash of the liquid."));
        }

        at = board.Hands("season", at, SeasonMinutes, "Wash hands. Pat the meat dry, do not rinse; season. Look for giblet bag, twine and pads.");
        if (request.MarinadeHours > 0)
        {
            at = board.Put("marinade", LineUpLane.Fridge, at, request.MarinadeHours * 60, "Marinade in the fridge. It is raw: boil it or throw it away.", handsOn: false);
            at = board.Hands("marinate", at, SeasonMinutes, "Rub or marinate, covered, into the fridge.");
        }

        foreach (var meat in meats.Where(m => m.Load.State == MeatState.Frozen))
        {
            Thaw(board, request.Thaw, meat, at);
        }
    }

    private static void Thaw(Board board, ThawWay way, MeatItem meat, DateTimeOffset until)
    {
        var name = DishWords.Name(meat);
        switch (way)
        {
            case ThawWay.Fridge:
                var from = board.Put($"thaw-{meat.Key}", LineUpLane.Fridge, until, Math.Max(8, FridgeHoursPerKg * meat.Load.TotalKg) * 60, $"Thaw the {name} in the fridge, in a tray.", handsOn: false);
                board.Hands($"take-out-{meat.Key}", from, 2, $"From the freezer into the fridge: {name}.");
                break;
            case ThawWay.ColdWater:
                var minutes = Math.Max(60, ColdWaterHoursPerKg * meat.Load.TotalKg * 60);
                for (var left = WaterChangeMinutes; left < minutes; left += WaterChangeMinutes)
                {
                    board.Hands($"water-{meat.Key}-{left:0}", until.AddMinutes(-left), 2, "Change the cold water.");
                }

                var start = until.AddMinutes(-minutes);
                board.Add(new LineUpTask($"thaw-{meat.Key}", LineUpLane.Fridge, start, until, $"Thaw the {name} in cold water, in a tight bag, and cook it at once.", HandsOn: false));
                board.Hands($"take-out-{meat.Key}", start, 2, $"From the freezer into cold water: {name}.");
                break;
        }
    }

    private static DishRequest Thawed(DishRequest dish) => dish with
    {
        Items = [.. dish.Items.Select(i => i is MeatItem { Load.State: MeatState.Frozen } m ? m with { Load = m.Load with { State = MeatState.Chilled, StartCelsius = null, Arrangement = Arrangement.Single } } : i)],
    };

    private static List<string> Conflicts(LineUpRequest request, StageOrder order, List<LineUpTask> tasks)
    {
        List<string> found = [];
        if (request.Now is { } now && tasks[0].Start < now)
        {
            var late = now - tasks[0].Start;
            found.Add(FormattableString.Invariant(
                $"It is too late for this: “{tasks[0].Text}” was due {Ago(late)} ago. The earliest dinner is {request.ServeAt + late:HH:mm}, or leave something out."));
        }

        var meatOut = order.Stages.Count > 1 ? order.Stages.Skip(1).Sum(s => s.TotalMinutes.P95 + Finishing.ChangeMinutes) : 0;
        if (meatOut > WarmHoldLimitMinutes)
        {
            found.Add("What is cooked first would wait for more than two hours. Keep it at 60 °C or more, or cook it last.");
        }

        if (request.Thaw == ThawWay.Fridge && request.MarinadeHours > MostThawedHours)
        {
            found.Add("Thawed meat keeps two days in the fridge at most. Marinate for less.");
        }

        if (request.Thaw == ThawWay.ColdWater && request.MarinadeHours > 0)
        {
            found.Add("Meat thawed in cold water is cooked at once: leave out the marinade, or thaw it in the fridge.");
        }

        return found;
    }

    private static string Ago(TimeSpan late) => late.TotalHours >= 2
        ? FormattableString.Invariant($"{late.TotalHours:0} hours")
        : FormattableString.Invariant($"{Math.Ceiling(late.TotalMinutes):0} min");

    private static LineUpTask InZone(LineUpTask task, TimeZoneInfo? zone) => zone is null
        ? task
        : task with { Start = TimeZoneInfo.ConvertTime(task.Start, zone), End = TimeZoneInfo.ConvertTime(task.End, zone) };

    /// <summary>Tasks so far. Hands do one thing at a time: what would overlap is done earlier.</summary>
    private sealed class Board(DateTimeOffset serveAt)
    {
        private readonly List<LineUpTask> _tasks = [];

        public IReadOnlyList<LineUpTask> Tasks => _tasks;

        public void Add(LineUpTask task) => _tasks.Add(task with { Start = task.Start.ToOffset(serveAt.Offset), End = task.End.ToOffset(serveAt.Offset) });

        /// <summary>Puts a task so that it ends at a moment; returns its start.</summary>
        public DateTimeOffset Put(string id, LineUpLane lane, DateTimeOffset end, double minutes, string text, bool handsOn)
        {
            var start = end.AddMinutes(-minutes);
            Add(new LineUpTask(id, lane, start, end, text, handsOn));
            return start;
        }

        /// <summary>Puts hands to work until a moment, or earlier where they are busy then; returns the start.</summary>
        public DateTimeOffset Hands(string id, DateTimeOffset end, double minutes, string text)
        {
            while (_tasks.Find(t => t.HandsOn && t.Start < end && t.End > end.AddMinutes(-minutes)) is { } busy)
            {
                end = busy.Start;
            }

            return Put(id, LineUpLane.Hands, end, minutes, text, handsOn: true);
        }
    }
}
