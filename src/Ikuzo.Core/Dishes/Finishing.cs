using Ikuzo.Core.Cooking;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Quantities;
using Ikuzo.Core.Safety;

namespace Ikuzo.Core.Dishes;

/// <summary>Computes the stages of an arrangement in full.</summary>
internal static class Finishing
{
    /// <summary>Hands between two stages, min: open, take out, put in, close. Estimate.</summary>
    public const double ChangeMinutes = 6;

    private const int MostCorrections = 6;
    private const double SteamMinutes = 2,
        PulsedMinutes = 5,
        NaturalMinutes = 10,
        LateFactor = 1.25;

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

        var between = ChangeMinutes * (stages.Count - 1);
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
        for (var minutes = draft.Minutes; minutes <= Math.Min(draft.Range.Most, draft.Minutes + MostCorrections); minutes++)
        {
            Branch[] ending = [new(minutes, draft.Release)];
            var runs = meats.ToDictionary(
                m => m.Key,
                m => Ensemble.Run(ModelBuilder.Build(m.Request), ParticleSource.Ensemble, ending, cancellation)
            );
            if (runs.Values.All(r => r.ReachesPressure && Planner.IsSafe(r.Outcomes[0])))
            {
                return Report(dish, windows, draft, minutes, laterMinutes, isFirst, runs) with
                {
                    Warnings =
                    [
                        .. meats
                            .SelectMany(m => Warnings.Of(m.Request))
                            .Where(w => w.Level == WarningLevel.Caution)
                            .DistinctBy(w => w.Code),
                    ],
                };
            }
        }

        return null;
    }

    private static DishStage Report(
        DishRequest dish,
        ItemWindows windows,
        StageDraft draft,
        int minutes,
        double laterMinutes,
        bool isFirst,
        Dictionary<string, EnsembleResult> runs
    )
    {
        var outcomes = draft.Items.Select(item =>
        {
            double? coldest = runs.TryGetValue(item.Key, out var run)
                ? Math.Round(Quantiles.Of(Quantiles.Sorted(run.Outcomes[0].Coldest), 1 - SafetyRule.ShareSafe), 2)
                : null;
            var range = windows.Of(item, draft.Release);
            return new ItemOutcome(
                item.Key,
                range.IsPast ? ItemVerdict.Over : ItemVerdict.InWindow,
                coldest,
                laterMinutes > 0 && minutes + laterMinutes <= range.Most
            );
        });
        var slowest = runs.Values.MaxBy(r => PlanReport.Ninety(r.ToPressureMinutes).P50);
        return new DishStage(
            [.. draft.Items.Select(i => i.Key)],
            minutes,
            draft.Release,
            StageRequest.LiquidMl(dish, draft.Items),
            DishWords.Why(draft, minutes, windows),
            [.. outcomes],
            slowest is null ? Spread(ComeUpMinutes(dish, draft.Items, isFirst)) : Likely(slowest.ToPressureMinutes),
            slowest is null ? Spread(ReleaseMinutes(draft.Release)) : Likely(slowest.Outcomes[0].ReleaseMinutes)
        );
    }

    private static LikelyAndLate Likely(float[] values)
    {
        var spread = PlanReport.Ninety(values);
        return new(spread.P50, spread.P95);
    }

    private static LikelyAndLate Spread(double minutes) => new(Math.Round(minutes, 1), Math.Round(minutes * LateFactor, 1));

    /// <summary>About how long a release takes, min. Estimate; stages with meat are computed.</summary>
    public static double ReleaseMinutes(Release release) =>
        release.Kind switch
        {
            ReleaseKind.Natural => NaturalMinutes,
            ReleaseKind.Pulsed => PulsedMinutes,
            _ => SteamMinutes,
        };

    // Without meat the pot's balance is a straight line: heat for pot, liquid and food, less what is lost on the way. A later stage starts
    // hot.
    private static double ComeUpMinutes(DishRequest dish, IReadOnlyList<DishItem> items, bool isFirst)
    {
        const double LiquidHeat = 4190,
            FoodHeat = 3600; // J/kg K
        var pot = dish.Pot;
        var held = Physics.Saturation.PotCelsius(dish.AltitudeMetres, pot.HighGaugeKpa);
        var hot = isFirst ? dish.RoomCelsius : Physics.Saturation.PotCelsius(dish.AltitudeMetres, 0) - 15;
        var food = items.OfType<BesideItem>().Sum(b => b.Grams) / 1000 * FoodHeat * (held - dish.RoomCelsius);
        var rest = (pot.ShellJoulePerKelvin + StageRequest.LiquidMl(dish, items) / 1000 * LiquidHeat) * (held - hot);
        var watts = pot.HeaterWatts * pot.Efficiency - pot.LossWattPerKelvin * ((held + hot) / 2 - dish.RoomCelsius);
        return (food + rest + pot.PurgeJoule) / watts / 60;
    }
}
