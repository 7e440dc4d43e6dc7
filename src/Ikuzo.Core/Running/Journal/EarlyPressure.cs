using Ikuzo.Core.Cooking;
using Ikuzo.Core.Planning;

namespace Ikuzo.Core.Running.Journal;

/// <summary>
/// What the time at which pressure was reached says of a cook that is still on. A pot that is up early has heated the meat less, or the
/// meat takes less heat, being thicker: then it needs more minutes to be as likely ready. Never fewer.
/// </summary>
public static class EarlyPressure
{
    /// <summary>No more than this is asked for, min: what is still missing then is found by measuring.</summary>
    public const int MostMinutes = 6;

    private const double TimedShare = 0.04; // of the come-up: a hand near a clock, and what the model does not know of a pot. Estimate
    private const double LeastShare = 0.005; // of cooks: less is not told apart by so many particles

    /// <summary>Whole minutes more that keep the share of cooks that are ready at opening where the plan had it; 0 for none.</summary>
    /// <param name="cook">What is cooked; of several meats each is asked.</param>
    /// <param name="comeUpMinutes">From lid-on until pressure, min, above 0.</param>
    /// <param name="cancellation">Stops the computation.</param>
    public static int MinutesMore(PlannedCook cook, double comeUpMinutes, CancellationToken cancellation = default) =>
        cook.Meats.Max(m => MinutesMore(m.Request, cook.Minutes, cook.Release, comeUpMinutes, cancellation));

    private static int MinutesMore(
        PlanRequest request,
        double minutes,
        Release release,
        double comeUpMinutes,
        CancellationToken cancellation
    )
    {
        var run = Ensemble.Run(
            ModelBuilder.Build(request),
            ParticleSource.Check,
            [.. Enumerable.Range(0, MostMinutes + 1).Select(more => new Branch(minutes + more, release))],
            cancellation: cancellation
        );
        if (!run.ReachesPressure || comeUpMinutes >= PlanReport.Median(run.ToPressureMinutes))
        {
            return 0;
        }

        var belief = Belief.From([
            .. run.ToPressureMinutes.Select(expected =>
            {
                var off = Math.Log(comeUpMinutes / expected) / TimedShare;
                return -off * off / 2;
            }),
        ]);
        // As cold as the same share of what was expected: readiness is kept, whatever the promise.
        var missing = Math.Max(LeastShare, 1 - run.Outcomes[0].ShareAtCore);
        var least = Quantiles.Of(Quantiles.Sorted(run.Outcomes[0].Coldest), missing);
        return Enumerable
            .Range(0, MostMinutes + 1)
            .FirstOrDefault(more => belief.Low(run.Outcomes[more].Coldest, missing) >= least - Hardly, MostMinutes);
    }

    private const double Hardly = 0.2; // K: no minute is worth less
}
