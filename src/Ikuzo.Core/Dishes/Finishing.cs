using Ikuzo.Core.Cooking;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Quantities;
using Ikuzo.Core.Safety;

namespace Ikuzo.Core.Dishes;

/// <summary>Computes the stages of an arrangement in full.</summary>
internal static class Finishing
{
    // Where a thermometer decides and cannot be trusted to find the thickest of many pieces, it may take as long as to be sure.
    private const int MostCorrections = 6,
        MostToBeSure = 20;

    /// <summary>The stages in order, each safe with everything in the pot; null when one cannot be made so within its windows.</summary>
    public static StageOrder? Order(DishRequest dish, ItemWindows windows, IReadOnlyList<StageDraft> drafts, CancellationToken cancellation)
    {
        List<DishStage> stages = [];
        for (var i = 0; i < drafts.Count; i++)
        {
            var later = drafts.Skip(i + 1).Sum(d => d.Minutes);
            if (Stage(dish, windows, drafts[i], later, isFirst: i == 0, cancellation) is not { } stage)
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
        ItemWindows windows,
        StageDraft draft,
        double laterMinutes,
        bool isFirst,
        CancellationToken cancellation
    )
    {
        var meats = draft.Items.OfType<MeatItem>().Select(m => (m.Key, Request: StageRequest.Of(dish, draft.Items, m))).ToList();
        var most = dish.Promise == Promise.Measured ? MostToBeSure : MostCorrections;
        for (var minutes = draft.Minutes; minutes <= Math.Min(draft.Range.Most, draft.Minutes + most); minutes++)
        {
            Branch[] ending = [new(minutes, draft.Release)];
            var runs = meats.ToDictionary(
                m => m.Key,
                m => Ensemble.Run(ModelBuilder.Build(m.Request), ParticleSource.Ensemble, ending, m.Request.IsForThermometer, cancellation)
            );
            if (!meats.All(m => runs[m.Key].ReachesPressure && IsKept(m.Request, runs[m.Key])))
            {
                continue;
            }

            var slowest =
                runs.Values.MaxBy(r => PlanReport.Ninety(r.ToPressureMinutes).P50)
                ?? Ensemble.Run(
                    StageRequest.WithoutMeat(dish, draft.Items, isFirst),
                    ParticleSource.Ensemble,
                    ending,
                    cancellation: cancellation
                );
            if (slowest.ReachesPressure)
            {
                return Report(dish, windows, draft, minutes, laterMinutes, runs, slowest) with
                {
                    Warnings =
                    [
                        .. meats
                            .SelectMany(m => Warnings.Of(m.Request))
                            .Where(w => w.Level == WarningLevel.Caution || w.IsToConfirm)
                            .DistinctBy(w => w.Code),
                    ],
                };
            }
        }

        return null;
    }

    private static bool IsKept(PlanRequest request, EnsembleResult run)
    {
        var ready = run.Measured[0] is { } measured ? new Readiness(measured) : null;
        return request.IsKept(run.Outcomes[0].IsSafe, ready?.AtFirst ?? 0, ready?.AfterRest ?? 0);
    }

    private static DishStage Report(
        DishRequest dish,
        ItemWindows windows,
        StageDraft draft,
        int minutes,
        double laterMinutes,
        Dictionary<string, EnsembleResult> runs,
        EnsembleResult slowest
    )
    {
        var outcomes = draft.Items.Select(item =>
        {
            double? coldest = runs.TryGetValue(item.Key, out var run)
                ? Math.Round(Quantiles.Of(Quantiles.Sorted(run.Outcomes[0].Coldest), SafetyRule.ShareBelow), 2)
                : null;
            var range = windows.Of(item, draft.Release);
            return new ItemOutcome(
                item.Key,
                range.Verdict(minutes),
                coldest,
                laterMinutes > 0 && minutes + laterMinutes <= range.Most,
                range.Score(minutes)
            );
        });
        return new DishStage(
            [.. draft.Items.Select(i => i.Key)],
            minutes,
            draft.Release,
            StageRequest.LiquidMl(dish, draft.Items),
            DishWords.Why(draft, minutes, windows),
            [.. outcomes],
            Likely(slowest.ToPressureMinutes),
            Likely(slowest.Outcomes[0].ReleaseMinutes)
        )
        {
            ReadyAtFirst = runs
                .Values.Select(r => r.Measured[0])
                .OfType<MeasuredOutcome>()
                .Select(m => (double?)Math.Round(new Readiness(m).AtFirst, 4))
                .Min(),
        };
    }

    private static LikelyAndLate Likely(float[] values)
    {
        var spread = PlanReport.Ninety(values);
        return new(spread.P50, spread.P95);
    }
}
