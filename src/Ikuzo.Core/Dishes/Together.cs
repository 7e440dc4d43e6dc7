using System.Globalization;
using Ikuzo.Core.Companions;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Filling;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Dishes;

/// <summary>
/// The answer for meat with something beside it: minutes, release and liquid are those of the dish that it is, so that whoever asks, as a
/// plan or as a dish, hears the same.
/// </summary>
public static class Together
{
    private const string Bird = "bird";

    /// <summary>Computes a plan; of meat alone it is that of <see cref="Planner"/>.</summary>
    /// <param name="request">The question, within the limits of its types.</param>
    /// <param name="cancellation">Stops the computation.</param>
    public static Plan Compute(PlanRequest request, CancellationToken cancellation = default)
    {
        // What is boiled out with bones is there for its taste, and thrown away with them.
        if (request.IsForStock || AsDish(request) is not { } dish)
        {
            return Planner.Compute(request, cancellation);
        }

        var search = new DishSolver.Search(dish);
        var plan = search.Solve(DishSolver.Orders.Best, cancellation);
        return plan.Best is { } order
            ? WithOrder(request, search, plan, order, cancellation)
            : WithWarning(Planner.Compute(Under(request, dish, plan.StirIn, null), cancellation), CannotBeArranged(plan.Impossible!));
    }

    /// <summary>
    /// Minutes of the same question in a household that has learned nothing, with a release; null where none keep the promise. Costs as
    /// much as a plan, and the answer does not wait for it: it is asked for once that is there.
    /// </summary>
    /// <param name="request">The question, within the limits of its types.</param>
    /// <param name="release">The release of the household's own plan.</param>
    /// <param name="cancellation">Stops the computation.</param>
    public static double? UnlearnedMinutes(PlanRequest request, Release release, CancellationToken cancellation = default) =>
        Compute(
            request with
            {
                Learned = LearnedDraws.Nothing,
                Release = release,
                Minutes = null,
                School = Schools.None,
            },
            cancellation
        ).RecommendedMinutes;

    /// <summary>The question as a dish: the meat, and each thing beside it; null for meat alone, or for more than a dish takes.</summary>
    /// <param name="request">The question.</param>
    public static DishRequest? AsDish(PlanRequest request)
    {
        var beside = request.Companions.Where(c => c.Companion != Companion.OtherMeat).ToList();
        if (beside.Count is 0 or >= DishRequest.MostItems)
        {
            return null;
        }

        var dish = new DishRequest
        {
            Pot = request.Pot,
            AltitudeMetres = request.AltitudeMetres,
            RoomCelsius = request.RoomCelsius,
            Units = request.Units,
            Promise = request.Promise,
            MostReturns = request.MostReturns,
            OtherPots = request.OtherPots,
            Browned = request.Browned,
            StartsHot = request.StartsHot,
            Learned = new Dictionary<string, LearnedDraws> { [request.Load.Cut.Id] = request.Learned },
            LidTried = request.Confirmed.Contains(Fit.TryTheLidCode)
                ? new TriedLid(request.Load.TotalKg, request.Pot.CapacityLitres)
                : null,
            Items =
            [
                new MeatItem(Bird, request.Load, request.Aim),
                .. beside.Select(
                    (c, i) =>
                        new BesideItem(Key(i), c.Companion, c.Grams, c.Size, c.InBowl) { MayChange = c.MayChange, Measure = c.Measure }
                ),
            ],
        };
        // What the cook pours in beyond what the dish needs is broth.
        var needed = StageRequest.LiquidMl(dish, dish.Items);
        return dish with { BrothMl = Math.Max(0, request.Liquid - needed) };
    }

    private static string Key(int number) => FormattableString.Invariant($"beside-{number + 1}");

    private static Plan WithOrder(
        PlanRequest request,
        DishSolver.Search search,
        DishPlan dishPlan,
        StageOrder order,
        CancellationToken cancellation
    )
    {
        var dish = dishPlan.Arranged!;
        var stage = order.Stages.First(s => s.Items.Contains(Bird));
        var tried = IsFixed(request);
        var apart = tried ? [] : Elsewhere(order, stage).ToList();
        var stirred = tried ? [.. dishPlan.StirredIn.Where(s => IsForAfter(dish, s.Key))] : dishPlan.StirredIn;
        List<string> without = [.. stirred.Select(s => s.Key), .. apart];
        var liquidMl = tried ? StageRequest.LiquidMl(dish, [.. dish.Items.Where(i => !without.Contains(i.Key))]) : stage.LiquidMl;
        var under = Under(request, dish, without, liquidMl) with { StartsHot = request.StartsHot || (!tried && stage != order.Stages[0]) };
        var minutes =
            request.Minutes
            ?? (request.Release is { } release ? MinutesFor(under, search, dish, stage, release, cancellation) : stage.Minutes);
        var plan = Planner.Compute(
            under with
            {
                Minutes = minutes,
                Release = request.Release ?? (ReleaseChoice.MakesItSpurt(under, stage.Release) ? Release.Natural : stage.Release),
                School = Schools.None,
            },
            cancellation
        );
        Warning?[] more =
        [
            apart.Count > 0 ? Apart(dish, order, stage, dishPlan.Ways) : null,
            StirIn(dish, stirred),
            Thirsty(request, dish, stage),
            Drowned(request, plan),
            tried ? OutOfWindow(plan, stage) : null,
            .. under.Companions.Where(c => IsStillRaw(c, plan)).Select(c => BesideWarnings.NotBoiledThrough(c.Companion)),
        ];
        return WithWarning(plan, [.. Mends.Added(request, more.OfType<Warning>(), null)]) with
        {
            RecommendedMinutes = stage.Minutes,
            // Where what stands beside the meat wants more minutes than the meat, fewer for another promise would leave it hard.
            OtherPromise = plan.RecommendedMinutes < minutes && plan.OtherPromise?.Minutes < minutes ? null : plan.OtherPromise,
            Why = [stage.Why, .. plan.Why],
            Releases = [.. plan.Releases.Select(r => Suited(r, search, dish, stage))],
        };
    }

    /// <summary>
    /// True where the cook has fixed how it ends or where something stands: then all of it stays with the meat, comes up with the pot and
    /// is judged, and nothing is moved to a turn of its own.
    /// </summary>
    private static bool IsFixed(PlanRequest request) =>
        request.Minutes is not null || request.Release is not null || request.Companions.Any(c => c is { InBowl: true, MayChange: false });

    private static bool IsForAfter(DishRequest dish, string key) =>
        dish.Items.OfType<BesideItem>().Any(b => b.Key == key && b.Companion.Is(CompanionTraits.AfterPressure));

    private static bool IsStillRaw(CompanionLoad load, Plan plan) =>
        load.Companion.Is(CompanionTraits.BoilThrough) && plan.Beside.Any(b => b.Id == load.Companion.Id && b.Distance < -1);

    // Under the lid with the meat: what is not put in elsewhere, and the liquid that it needs unless the cook says how much.
    private static PlanRequest Under(PlanRequest request, DishRequest dish, IReadOnlyList<string> without, double? liquidMl) =>
        request with
        {
            Companions =
            [
                .. request.Companions.Where(c => c.Companion == Companion.OtherMeat),
                .. dish.Items.OfType<BesideItem>().Where(b => !without.Contains(b.Key)).Select(b => b.Load),
            ],
            LiquidMl = request.LiquidMl ?? liquidMl,
        };

    private static IEnumerable<string> Elsewhere(StageOrder order, DishStage stage) =>
        order.Stages.Where(s => s != stage).SelectMany(s => s.Items);

    // Another release than the dish would take: what suits all that is under the lid with it, and is safe.
    private static double? MinutesFor(
        PlanRequest under,
        DishSolver.Search search,
        DishRequest dish,
        DishStage stage,
        Release release,
        CancellationToken cancellation
    )
    {
        var alone = Planner.Ending(under with { Release = release }, ParticleSource.Ensemble, cancellation)?.Outcomes[0].Branch.HoldMinutes;
        var suits = search.Minutes([.. dish.Items.Where(i => stage.Items.Contains(i.Key))], release);
        return alone is { } least && suits is { } minutes ? Math.Max(least, minutes) : alone;
    }

    // A way to let the pressure go, with the minutes that suit all that is under the lid.
    private static ReleaseOption Suited(ReleaseOption option, DishSolver.Search search, DishRequest dish, DishStage stage)
    {
        DishItem[] items = [.. dish.Items.Where(i => stage.Items.Contains(i.Key))];
        var suits = option.Release == stage.Release ? (int)stage.Minutes : search.Minutes(items, option.Release);
        if (option.Minutes is not { } alone || suits is not { } minutes || minutes <= alone && option.Release != stage.Release)
        {
            return option;
        }

        var loss = search.Meats.Of(items.OfType<MeatItem>().First(), option.Release).Loss;
        return option with
        {
            Minutes = minutes,
            TotalMinutes = Math.Round(option.TotalMinutes + minutes - alone, 2),
            WaterLossPercent = Math.Round(option.WaterLossPercent + loss.At(minutes) - loss.At(alone), 2),
        };
    }

    private static Plan WithWarning(Plan plan, params Warning[] more) =>
        more.Length == 0 ? plan : plan with { Warnings = [.. plan.Warnings.Concat(more).OrderBy(w => w.Level)] };

    private static Warning CannotBeArranged(Blame blame) =>
        new("not-together", WarningLevel.Caution, "These do not meet in one pot, whole or in turns.", blame.Why);

    private static Warning Apart(DishRequest dish, StageOrder order, DishStage own, IReadOnlyList<DishWay> ways)
    {
        var turns = order.Stages.Where(s => s != own).Select(s => Turn(dish, s));
        var before = order.Stages.TakeWhile(s => s != own).Any();
        return new(
            "in-turns",
            WarningLevel.Caution,
            $"Cook {string.Join(" and ", turns)} alone, {(before ? "before" : "after")} the meat. The answer is for the rest.",
            "They want other minutes than the meat. As a dish, both times are followed at the pot."
        )
        {
            Mends = [.. ways.Where(w => w.Id == WayId.OneGo).Select(InOneGo)],
        };
    }

    private static Mend InOneGo(DishWay way)
    {
        var stage = way.Order.Stages[0];
        return new(FormattableString.Invariant($"All in one go: {stage.Minutes:0} min, {way.Words}"))
        {
            Minutes = stage.Minutes,
            Release = stage.Release,
        };
    }

    private static string Turn(DishRequest dish, DishStage stage) =>
        string.Create(CultureInfo.InvariantCulture, $"the {DishWords.Names(dish, stage)} {stage.Minutes:0} min");

    private static Warning? StirIn(DishRequest dish, IReadOnlyList<StirredIn> stirred) =>
        stirred.Count == 0
            ? null
            : new(
                "stir-in",
                WarningLevel.Caution,
                string.Join(" ", StirringIn.Lines(dish, stirred)),
                stirred.All(s => s.Minutes > 0)
                    ? "It is done in that time; under the lid with the rest it would be too soft."
                    : "Dairy curdles and starch scorches under pressure; it is left out until the lid is open."
            );

    private static Warning? Thirsty(PlanRequest request, DishRequest dish, DishStage stage)
    {
        const double Noticed = 10; // ml
        var needed = StageRequest.LiquidMl(dish, [.. dish.Items.Where(i => stage.Items.Contains(i.Key))]) - dish.BrothMl;
        var say = new Wording(request.Units);
        return request.LiquidMl is { } ml && ml < needed - Noticed
            ? new(
                "thirsty",
                WarningLevel.Caution,
                $"Add {say.Volume(needed - ml)} of thin liquid.",
                $"What drinks in the pot would leave it dry: {say.Volume(needed)} is needed in all."
            )
            : null;
    }

    // Grain in much more than it drinks is boiled, not steamed.
    private static Warning? Drowned(PlanRequest request, Plan plan)
    {
        const double Drowns = 1; // as much left over as was drunk. Estimate
        var grain = request.Companions.FirstOrDefault(c => c is { InBowl: false, Companion: { Kind: CompanionKind.Grain, Drinks: true } });
        var say = new Wording(request.Units);
        return
            grain is not null
            && request.LiquidMl is not null
            && plan.Liquid is { } liquid
            && liquid.AtEndMl.P50 > Drowns * liquid.AbsorbedMl
            ? new(
                "drowned",
                WarningLevel.Caution,
                $"Drain the {grain.Companion.Name.ToLowerInvariant()}, or pour in {say.Volume(liquid.AtEndMl.P50)} less.",
                $"It drinks {say.Volume(liquid.AbsorbedMl)}; the rest stands over it."
            )
            : null;
    }

    // What the minutes that are tried do to what stands beside.
    private static Warning? OutOfWindow(Plan plan, DishStage stage)
    {
        var off = plan
            .Beside.Where(b => Math.Abs(b.Distance) > 1)
            .Select(b => $"the {char.ToLowerInvariant(b.Name[0])}{b.Name[1..]} {b.Word}")
            .ToList();
        return off.Count == 0
            ? null
            : new(
                "beside-off",
                WarningLevel.Caution,
                $"Expect {string.Join(" and ", off)}.",
                string.Create(CultureInfo.InvariantCulture, $"Together they meet at {stage.Minutes:0} min.")
            );
    }
}
