using Ikuzo.Core.Companions;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Quantities;
using Ikuzo.Core.Safety;

namespace Ikuzo.Core.Dishes;

/// <summary>Computes the stages of an arrangement in full.</summary>
internal static class Finishing
{
    // Minutes that are tried around those of the draft, few at first, all where those do not reach; between the last that fails and the
    // first that holds every one is tried. Fewer than the scout found only where nothing stands beside the meat.
    private const int Fewer = -3;
    private static readonly int[][] More =
    [
        [0, 2],
        [0, 2, 6, 14],
    ];

    /// <summary>The stages in order, each safe with everything in the pot; null when one cannot be made so.</summary>
    public static StageOrder? Order(
        DishRequest dish,
        DishSolver.Search search,
        IReadOnlyList<StageDraft> drafts,
        CancellationToken cancellation
    )
    {
        List<DishStage> stages = [];
        for (var i = 0; i < drafts.Count; i++)
        {
            var later = drafts.Skip(i + 1).Sum(d => d.Minutes);
            if (Stage(dish, search, drafts[i], later, isFirst: i == 0, cancellation) is not { } stage)
            {
                return null;
            }

            stages.Add(stage);
        }

        var between = KitchenTimes.ChangeMinutes * (stages.Count - 1);
        return new(
            stages,
            new(Math.Round(stages.Sum(s => s.TotalMinutes.P50) + between, 1), Math.Round(stages.Sum(s => s.TotalMinutes.P95) + between, 1))
        );
    }

    private static DishStage? Stage(
        DishRequest dish,
        DishSolver.Search search,
        StageDraft draft,
        double laterMinutes,
        bool isFirst,
        CancellationToken cancellation
    )
    {
        var meats = draft.Items.OfType<MeatItem>().Select(m => StageRequest.Of(dish, draft.Items, m, isFirst)).ToList();
        var ended = search.Ended.Of(
            draft,
            isFirst,
            dish.OpenMl,
            () =>
                meats.Count == 0 ? Alone(dish, StageRequest.WithoutMeat(dish, draft.Items, isFirst), draft, search, cancellation)
                : draft.Items is [MeatItem] ? AsPlanned(meats[0], search.Ended.Particles, cancellation)
                : WithMeat(dish, draft, meats, search, cancellation)
        );
        if (ended is null)
        {
            return null;
        }

        var stage = draft with { Release = ended.Release };
        var distances = Distances(stage, ended);
        return Report(dish, search, stage, ended, distances, laterMinutes) with
        {
            Warnings =
            [
                .. meats
                    .SelectMany(Warnings.Of)
                    .Concat(Raw(stage, distances))
                    .Where(w => w.Level == WarningLevel.Caution || w.IsToConfirm || w.Code == BesideWarnings.BoilThroughCode)
                    .DistinctBy(w => w.Code),
            ],
        };
    }

    // The draft reads between pots in which meat lies; where none does it is found anew, where everything is nearest to its best.
    private static Ended? Alone(DishRequest dish, CookModel pot, StageDraft draft, DishSolver.Search search, CancellationToken cancellation)
    {
        int[] tried = [.. AroundAlone.Select(m => Math.Max(0, draft.Minutes + m)).Distinct()];
        using var session = EnsembleSession.Start(pot, search.Ended.Particles, draft.Release, [.. tried], cancellation: cancellation);
        Ended At(params int[] minutes) =>
            new(
                minutes[0],
                draft.Release,
                [new(session, session.Try([.. minutes.Select(m => new Branch(m, draft.Release))], withThermometer: false, cancellation))],
                0
            );
        return session.ReachesPressure ? At(Nearest(dish, draft, At(tried), tried[0], search).Minutes) : null;
    }

    private static readonly int[] AroundAlone = [-12, -6, 0, 4];

    // First where the promise of every meat is kept, then, from there, where everything is nearest to its best as it really heats.
    private static Ended? WithMeat(
        DishRequest dish,
        StageDraft draft,
        List<PlanRequest> meats,
        DishSolver.Search search,
        CancellationToken cancellation
    )
    {
        var isAlone = draft.Items.All(i => i is MeatItem);
        var from = Math.Max(0, draft.Minutes + (isAlone && draft.Minutes == draft.Least ? Fewer : 0));
        int[] Tried(int[] more) => [.. more.Select(m => draft.Minutes + m).Prepend(from).Distinct().Order()];
        using var pots = new MeatsInPot(draft, meats, Tried(More[0]), search.Ended.Particles, cancellation);
        foreach (var more in More)
        {
            var tried = Tried(more);
            if (pots.First(tried) is not { } first)
            {
                continue;
            }

            // Between the last that failed and the first that held, each may be the first.
            var best = Nearest(dish, draft, first, first.Branch == 0 ? first.Minutes : tried[first.Branch - 1] + 1, search);
            if (best.Cost < BesideCourses.NotDone && best.Minutes < tried[^1] || more == More[^1])
            {
                int[] wanted =
                    best.Minutes >= first.Minutes ? [best.Minutes] : [.. Enumerable.Range(best.Minutes, first.Minutes - best.Minutes)];
                return best.Minutes == first.Minutes ? first : pots.First(wanted) ?? first;
            }
        }

        return null;
    }

    // One meat alone is a plan, and has its minutes and its release.
    private static Ended? AsPlanned(PlanRequest request, ParticleSource particles, CancellationToken cancellation) =>
        Planner.Ending(request, particles, cancellation) is { } run
            ? new((int)run.Outcomes[0].Branch.HoldMinutes, run.Outcomes[0].Branch.Release, [run], 0)
            : null;

    private static (int Minutes, double Cost) Nearest(DishRequest dish, StageDraft draft, Ended ended, int from, DishSolver.Search search)
    {
        var beside = draft.Items.OfType<BesideItem>().Where(b => b.Companion.Softens).ToList();
        if (beside.Count == 0)
        {
            return (from, 0);
        }

        var outcomes = ended.Slowest.Outcomes;
        double[] minutes = [.. outcomes.Select(o => o.Branch.HoldMinutes)];
        var heat = beside
            .Select((_, i) => new MonotoneCurve(minutes, [.. outcomes.Select(o => Math.Log(PlanReport.Median(o.HeatMinutes[i])))]))
            .ToList();
        const double Shade = 0.02; // of a distance: the curve may lie so far beside what is computed, and what is not done is not allowed
        double Cost(int m) =>
            StageJudge.Hours(m)
            + StageJudge.Short(draft.Items, draft.Release, m)
            + draft.Items.OfType<MeatItem>().Sum(meat => search.Meats.Of(meat, draft.Release).Cost(m, search.Meats.LeastLoss(meat)))
            + beside.Select((b, i) => BesideCourses.Cost(b, dish.Served, b.Companion.Levels().DistanceOfLog(heat[i].At(m)) - Shade)).Sum();
        return Enumerable.Range(from, (int)minutes[^1] - from + 1).Select(m => (m, Cost(m))).MinBy(m => m.Item2);
    }

    private static DishStage Report(
        DishRequest dish,
        DishSolver.Search search,
        StageDraft draft,
        Ended ended,
        Dictionary<string, double> distances,
        double laterMinutes
    )
    {
        var slowest = ended.Slowest;
        var meats = draft.Items.OfType<MeatItem>().ToList();
        var outcomes = draft.Items.Select(item =>
        {
            var meat = meats.IndexOf((item as MeatItem)!);
            var coldest =
                meat < 0
                    ? (double?)null
                    : Math.Round(Quantiles.Of(Quantiles.Sorted(ended.Runs[meat].Outcomes[ended.Branch].Coldest), SafetyRule.ShareBelow), 2);
            double Distance(double minutes) =>
                item is MeatItem m ? Math.Max(0, search.Meats.Of(m, draft.Release).Distance(minutes))
                : distances.TryGetValue(item.Key, out var distance) ? distance
                : 0;
            var off = Distance(ended.Minutes);
            return new ItemOutcome(
                item.Key,
                Verdict(off),
                coldest,
                StaysIn(dish, search, draft, item, ended.Minutes, laterMinutes),
                Score(off)
            )
            {
                Distance = item is BesideItem ? Math.Round(off, 2) : null,
                Word = item is BesideItem ? SoftnessLevels.Word(off) : null,
                How = DishWords.How(item),
            };
        });
        return new DishStage(
            [.. draft.Items.Select(i => i.Key)],
            ended.Minutes,
            draft.Release,
            StageRequest.LiquidMl(dish, draft.Items),
            DishWords.Why(dish, draft, ended.Minutes, search, distances),
            [.. outcomes],
            Likely(slowest.ToPressureMinutes),
            Likely(slowest.Outcomes[ended.Branch].ReleaseMinutes)
        )
        {
            ReadyAtFirst = ended
                .Runs.Where(r => r.Measured.Count > 0)
                .Select(r => r.Measured[ended.Branch])
                .OfType<MeasuredOutcome>()
                .Select(m => (double?)Math.Round(new Readiness(m).AtFirst, 4))
                .Min(),
        };
    }

    /// <summary>How far from its best each thing beside the meat comes, likely, by key.</summary>
    private static Dictionary<string, double> Distances(StageDraft draft, Ended ended)
    {
        var heat = ended.Slowest.Outcomes[ended.Branch].HeatMinutes;
        return draft
            .Items.OfType<BesideItem>()
            .Where(b => b.Companion.Softens)
            .Select((b, i) => (b.Key, Distance: b.Companion.Levels().Distance(PlanReport.Median(heat[i]))))
            .ToDictionary(b => b.Key, b => b.Distance);
    }

    private static bool StaysIn(
        DishRequest dish,
        DishSolver.Search search,
        StageDraft draft,
        DishItem item,
        double minutes,
        double laterMinutes
    ) =>
        laterMinutes > 0
        && (
            item is MeatItem meat
                ? search.Meats.Of(meat, draft.Release).Distance(minutes + laterMinutes) <= 1
                : item is BesideItem { Companion.Softens: true } beside
                    && search.Beside.Distance(
                        beside,
                        draft.Release,
                        Math.Min(minutes + laterMinutes, BesideCourses.MostMinutes),
                        StageRequest.JoulePerKelvin(dish, draft.Items)
                    ) <= 1
        );

    private static IEnumerable<Warning> Raw(StageDraft draft, Dictionary<string, double> distances) =>
        draft
            .Items.OfType<BesideItem>()
            .Where(b => b.Companion.Is(CompanionTraits.BoilThrough) && distances[b.Key] < -1)
            .Select(b => BesideWarnings.NotBoiledThrough(b.Companion));

    private static ItemVerdict Verdict(double distance) =>
        distance < -1 ? ItemVerdict.Under
        : distance > 1 ? ItemVerdict.Over
        : ItemVerdict.InWindow;

    // 1 at its best, a half at either end of what it bears, falling on to 0.
    private static double Score(double distance) => Math.Round(Math.Max(0, 1 - Math.Abs(distance) / 2), 2);

    private static LikelyAndLate Likely(float[] values)
    {
        var spread = PlanReport.Ninety(values);
        return new(spread.P50, spread.P95);
    }
}
