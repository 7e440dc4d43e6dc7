using Ikuzo.Core.Cooking;
using Ikuzo.Core.Dishes;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Reading;
using Ikuzo.Core.Running.Aftercare;
using Ikuzo.Core.Running.Journal;
using Ikuzo.Web.Features.Dishes;
using Ikuzo.Web.Features.Kitchen;
using Ikuzo.Web.Features.Plans;

namespace Ikuzo.Web.Features.Cooks;

/// <summary>Makes a cook of a plan or of a kept dish, with everything that it needs to be understood later.</summary>
internal sealed class CookMaker(KitchenStore kitchen, DishStore dishes)
{
    /// <summary>A cook to keep.</summary>
    /// <param name="Name">What it is called unless the household says otherwise.</param>
    /// <param name="Planned">What is kept; null when there are no minutes.</param>
    /// <param name="Stop">Why it may not begin like this; null when it may.</param>
    public sealed record Made(string Name, PlannedBody? Planned, string? Stop)
    {
        /// <summary>Stops that wait for a word of the cook.</summary>
        public IReadOnlyList<Warning> ToConfirm { get; init; } = [];

        /// <summary>What it is called, where the household says so or not.</summary>
        public string Called(string? name) => string.IsNullOrWhiteSpace(name) ? Name : name;
    }

    private sealed record Meat(string Key, PreviewBody Plan, double OtherMeatKg, double OtherHeatKg);

    /// <summary>Of what a client asks to begin; null when there is no such dish.</summary>
    public async Task<Made?> OfAsync(StartBody body, CancellationToken cancellation) =>
        body.DishId is { } dish
            ? await OfDishAsync(dish, body.Stage, body.Confirmed ?? [], cancellation)
            : await OfAsync(body.Plan!, body.Confirmed ?? [], cancellation);

    /// <summary>Of a plan that has been checked. With something beside the meat it is the dish that it is.</summary>
    public async Task<Made> OfAsync(PreviewBody plan, IReadOnlyList<string> confirmed, CancellationToken cancellation)
    {
        var usual = await kitchen.UsualAsync(cancellation);
        var whole = Whole(plan with { Confirmed = [.. plan.Confirmed ?? [], .. confirmed] }, usual);
        var request = whole.ToRequest(usual);
        return Together.AsDish(request) is { } dish && DishSolver.Arrange(dish, cancellation) is { Best: not null } solved
            ? OfStage(
                request.Load.Words,
                new Dish(solved.Arranged!, solved, whole, null),
                solved.Best.StageWithMeat(dish),
                usual,
                cancellation
            )
            : Of(new Meat("", whole, 0, 0), usual, r => AfterPot.Steps(r, new()), cancellation);
    }

    /// <summary>
    /// Of a kept dish: one of its times under the lid with meat, and what is cooked without any before and after it; null when there is no
    /// such dish.
    /// </summary>
    public async Task<Made?> OfDishAsync(string id, int? stageNumber, IReadOnlyList<string> confirmed, CancellationToken cancellation)
    {
        if (await dishes.FindAsync(id, cancellation) is not { Document: var document })
        {
            return null;
        }

        var usual = await dishes.UsualAsync(kitchen, cancellation);
        var request = document.ToRequest(usual);
        var solved = DishSolver.Arrange(request, cancellation);
        if (solved.Best is not { Stages: var stages })
        {
            return new(document.Name!, null, "This dish cannot be arranged; look at it under Dishes.");
        }

        var arranged = solved.Arranged!;
        var withMeat = WithMeat(arranged, stages);
        if ((stageNumber - 1 ?? Only(withMeat)) is not { } chosen || !withMeat.Contains(chosen))
        {
            return new(document.Name!, null, WhichStage(withMeat));
        }

        var plan = new PreviewBody
        {
            Pot = document.Pot,
            AltitudeMetres = document.AltitudeMetres,
            Promise = document.Promise,
            Browned = document.Brown,
            Confirmed = confirmed,
        };
        return OfStage(document.Name!, new Dish(arranged, solved, plan, document), chosen, usual, cancellation);
    }

    // A dish that is cooked: how it is arranged, what was asked for all of it, and the document if it is kept.
    private sealed record Dish(DishRequest Request, DishPlan Solved, PreviewBody Asked, DishDocument? Document)
    {
        public IReadOnlyList<DishStage> Stages => Solved.Best!.Stages;
    }

    private static Made OfStage(string name, Dish dish, int chosen, UsualKitchen usual, CancellationToken cancellation)
    {
        var (request, stages) = (dish.Request, dish.Stages);
        var lines = dish.Document?.AllLines() ?? [];
        var together = Meats(request, stages[chosen]).ToList();
        List<Meat> meats =
        [
            .. together.Select(m => new Meat(
                m.Key,
                Whole(StagePlan(dish, chosen, m), usual),
                together.Where(o => o != m).Sum(o => o.Load.TotalKg),
                together.Where(o => o != m).Sum(o => o.Load.HeatKg(request.RoomCelsius))
            )),
        ];
        var withMeat = WithMeat(request, stages);
        var (before, after) = (withMeat.LastOrDefault(i => i < chosen, -1), withMeat.FirstOrDefault(i => i > chosen, stages.Count));
        IReadOnlyList<CookStep> Steps(int from, int to) =>
            [.. Enumerable.Range(from, to - from).SelectMany(i => StageSteps.Of(request, stages, i + 1))];
        var isLast = after == stages.Count;
        var made = Of(
            meats[0],
            usual,
            r =>
                AfterPot.Steps(
                    r,
                    new AfterMeat
                    {
                        Taste = Tasting.Lines(request, stages[chosen]),
                        Stages = Steps(chosen + 1, after),
                        Finish = isLast
                            ?
                            [
                                .. StirringIn.Lines(request, stages, dish.Solved.StirredIn, dish.Document?.CrispMinutes > 0),
                                .. dish.Document?.AtTheEnd(lines) ?? [],
                            ]
                            : [],
                        CrispMinutes = isLast ? dish.Document?.CrispMinutes ?? 0 : 0,
                        Sauce = isLast ? dish.Document?.Sauce : null,
                        Later = isLast ? dish.Document?.Later ?? [] : [],
                        RestMinutes = dish.Document?.RestMinutes,
                    }
                ),
            cancellation
        );
        return made with
        {
            Name = name,
            ToConfirm = [.. meats.SelectMany(m => Planner.LookOver(Question(m, usual))).Where(w => w.IsToConfirm).DistinctBy(w => w.Code)],
            Planned = made.Planned is { } planned
                ? SureForAll([planned, .. meats.Skip(1).Select(m => Of(m, usual, _ => [], cancellation).Planned!)]) with
                {
                    Before = [.. Seasoning(dish.Document), .. Steps(before + 1, chosen)],
                    Liquids = PouringIn.Lines(request, stages[chosen]),
                    Aromatics = LineMoments.Under(lines),
                    Frying = dish.Document is null ? [] : LineMoments.Fried(request.Items.OfType<BesideItem>(), lines),
                    DeglazeWith = dish.Document?.DeglazeWith,
                    OtherMeatKg = meats[0].OtherMeatKg,
                    OtherHeatKg = meats[0].OtherHeatKg,
                    Others =
                    [
                        .. meats
                            .Skip(1)
                            .Select(m => new OtherMeatBody(
                                m.Key,
                                Settled(m.Plan, planned.Request.Minutes, planned.Request.Release),
                                m.OtherMeatKg
                            )
                            {
                                OtherHeatKg = m.OtherHeatKg,
                                Learned = Question(m, usual).Learned,
                            }),
                    ],
                    Meanwhile = dish.Document?.Meanwhile ?? [],
                }
                : null,
        };
    }

    // The meat that needs most decides what is missing to be sure, and how long the pot must stand closed for it.
    private static PlannedBody SureForAll(IReadOnlyList<PlannedBody> meats) =>
        meats[0] with
        {
            SureMinutes = meats.Max(m => m.SureMinutes),
            SureClosedMinutes = meats.Any(m => m.SureMinutes is not null && m.SureClosedMinutes is null)
                ? null
                : meats.Max(m => m.SureClosedMinutes),
        };

    // The first half of the sauce goes on before the lid.
    private static IEnumerable<CookStep> Seasoning(DishDocument? dish) =>
        dish?.Sauce is { } sauce
            ?
            [
                new CookStep("sauce", $"Divide it: {sauce}. One half onto the meat now; keep the other half clean for the end.", 2)
                {
                    Title = "Sauce",
                },
            ]
            : [];

    private static List<int> WithMeat(DishRequest dish, IReadOnlyList<DishStage> stages) =>
        [.. Enumerable.Range(0, stages.Count).Where(i => Meats(dish, stages[i]).Any())];

    private static int? Only(List<int> withMeat) => withMeat.Count == 1 ? withMeat[0] : null;

    private static string WhichStage(List<int> withMeat) =>
        withMeat.Count == 0
            ? "There is no meat in this dish to follow; the Line-up has its times."
            : $"Follow one time under the lid after the other. There is meat in {string.Join(" and ", withMeat.Select(i => i + 1))}: say "
                + "which.";

    private static IEnumerable<MeatItem> Meats(DishRequest dish, DishStage stage) =>
        dish.Items.OfType<MeatItem>().Where(m => stage.Items.Contains(m.Key));

    // Minutes, release and liquid that the cook asked for win over those of the stage.
    private static PreviewBody StagePlan(Dish dish, int chosen, MeatItem meat)
    {
        var stage = dish.Stages[chosen];
        return dish.Asked with
        {
            StartsHot = chosen > 0 || dish.Asked.StartsHot == true,
            Load = LoadBody.Of(meat.Load),
            Aim = meat.WantedAim,
            LiquidMl = dish.Asked.LiquidMl ?? stage.LiquidMl,
            Companions =
            [
                .. dish
                    .Request.Items.OfType<BesideItem>()
                    .Where(b => stage.Items.Contains(b.Key))
                    .Select(b => new CompanionBody(b.Companion.Id, b.Grams, b.InBowl, b.Size, b.Measure)),
            ],
            Minutes = dish.Asked.Minutes ?? stage.Minutes,
            Release = dish.Asked.Release ?? ReleaseBody.Of(stage.Release),
            Confirmed = [.. dish.Request.SeenTo(meat.Load), .. dish.Asked.Confirmed ?? []],
        };
    }

    private static Made Of(Meat meat, UsualKitchen usual, Func<PlanRequest, IReadOnlyList<CookStep>> after, CancellationToken cancellation)
    {
        var request = Question(meat, usual);
        var plan = Planner.Compute(request, cancellation);
        var tooShort = plan.Warnings.FirstOrDefault(w => w.Code == Plan.TooShortCode);
        var stop = plan.Warnings.FirstOrDefault(w => w.Level == WarningLevel.Stop && w != tooShort && !w.CanBeSeenTo);
        if (plan is not { Minutes: { } minutes, Release: { } release, ToPressureMinutes: { } up, ReleaseMinutes: { } down })
        {
            return new("", null, stop?.Text ?? "No minutes make this safe.");
        }

        return new(
            request.Load.Words,
            new PlannedBody
            {
                Request = Settled(meat.Plan, minutes, ReleaseBody.Of(release)),
                PotId = usual.Own(meat.Plan.Pot)?.Id,
                Learned = request.Learned,
                ToPressureMinutes = up,
                ReleaseMinutes = down,
                SureMinutes = plan.SureMinutes,
                SureClosedMinutes = plan.SureMinutes is null
                    ? null
                    : ClosedLid.MinutesToBeSure(ModelBuilder.Build(request), new(minutes, release), cancellation),
                AsGoodMinutes = LateAtTheTable.Of(request, new(minutes, release)).AsGoodMinutes,
                TooShort = tooShort,
                After = after(request),
            },
            stop?.Text
        )
        {
            ToConfirm = [.. plan.Warnings.Where(w => w.IsToConfirm)],
        };
    }

    private static PlanRequest Question(Meat meat, UsualKitchen usual) =>
        meat.Plan.ToRequest(usual).WithOtherMeat(meat.OtherMeatKg, meat.OtherHeatKg);

    private static PreviewBody Settled(PreviewBody plan, double? minutes, ReleaseBody? release) =>
        plan with
        {
            Minutes = minutes,
            Release = release,
            LidOnAt = null,
        };

    // Whatever changes in the kitchen later, this cook stays what it was.
    private static PreviewBody Whole(PreviewBody plan, UsualKitchen usual) =>
        plan with
        {
            Pot = plan.Pot ?? usual.Kept[0].ToBody(),
            AltitudeMetres = plan.AltitudeMetres ?? usual.Settings.AltitudeMetres,
            RoomCelsius = plan.RoomCelsius ?? usual.Settings.RoomCelsius,
            School = plan.School ?? usual.Settings.DefaultSchool,
            Promise = plan.PromiseIn(usual.Settings),
            MostReturns = plan.MostReturns ?? usual.Settings.MostReturns,
            Units = plan.Units ?? usual.Settings.Units,
        };
}
