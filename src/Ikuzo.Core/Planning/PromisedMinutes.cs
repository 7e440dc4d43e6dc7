using Ikuzo.Core.Cooking;
using Ikuzo.Core.Safety;

namespace Ikuzo.Core.Planning;

/// <summary>The minutes of both promises with one release, each confirmed by the full computation.</summary>
/// <param name="Safe">Least whole minutes that are safe at opening; null when none are.</param>
/// <param name="Sure">The same, and as tender as wanted.</param>
/// <param name="Measured">Minutes of those who measure, never more than <paramref name="Sure"/>.</param>
internal sealed record PromisedMinutes(double? Safe, double? Sure, double? Measured)
{
    private const int MostCorrections = 6;

    // What was interpolated is off by less. Tuning numbers.
    private const double NearKelvin = 0.5,
        NearIndex = 0.004;

    /// <summary>Minutes of a promise.</summary>
    public double? Of(Promise promise) => promise == Promise.Sure ? Sure : Measured;

    /// <summary>The same, none fewer than others; null where either has none.</summary>
    public PromisedMinutes NotBelow(PromisedMinutes least)
    {
        double? More(double? mine, double? others) => mine is { } m && others is { } o ? Math.Max(m, o) : null;
        return new(More(Safe, least.Safe), More(Sure, least.Sure), More(Measured, least.Measured));
    }

    /// <summary>Finds them.</summary>
    /// <param name="request">The question.</param>
    /// <param name="session">The ensemble with the release that was chosen.</param>
    /// <param name="band">What every minute gives, read between the nodes.</param>
    /// <param name="release">The release.</param>
    /// <param name="cancellation">Stops the computation.</param>
    public static PromisedMinutes Find(
        PlanRequest request,
        EnsembleSession session,
        MinuteBand band,
        Release release,
        CancellationToken cancellation
    )
    {
        if (!session.ReachesPressure)
        {
            return new(null, null, null);
        }

        var aim = request.LeastTenderness;
        var safe = band.SafeMinimum;
        var wanted = band.Least(aim) ?? safe;
        var sure = Confirm(
            wanted,
            (wanted ?? 0) + MostCorrections,
            withThermometer: false,
            e =>
            {
                var minutes = e.Outcome.Branch.HoldMinutes;
                safe = e.Outcome.IsSafe ? Math.Min(safe!.Value, minutes) : Math.Max(safe!.Value, minutes + 1);
                return e.Outcome.IsSafe && IsTender(e);
            },
            p => p.ColdestP01 >= SafetyRule.CoreCelsius - NearKelvin && p.Tenderness >= aim - NearIndex
        );
        if (sure is not { } most)
        {
            return new(null, null, null);
        }

        if (request.Load.Cut.IsTooSmallToMeasure)
        {
            return new(safe, sure, sure);
        }

        var measured = Confirm(
            band.LeastMeasured(aim, request.MostReturns, most),
            most - 1,
            withThermometer: true,
            e => new Readiness(e.Measured!).Keeps(request.MostReturns) && IsTender(e),
            p => false
        );
        return new(safe, sure, Math.Min(most, measured ?? most));

        bool IsTender(TriedEnding ending) => PlanReport.Median(ending.Outcome.Tenderness) >= aim;

        // Interpolation between nodes can promise a shade too much or too little; the full computation has the last word both ways, or the
        // minutes would go forth and back with where the nodes happen to lie.
        double? Confirm(double? from, double last, bool withThermometer, Func<TriedEnding, bool> isKept, Func<BandPoint, bool> isNear)
        {
            if (from is not { } minutes || minutes > last)
            {
                return null;
            }

            bool Keeps(double m) => isKept(session.Try([new Branch(m, release)], withThermometer, cancellation)[0]);
            if (Keeps(minutes))
            {
                while (minutes > 0 && isNear(band.At(minutes - 1)) && Keeps(minutes - 1))
                {
                    minutes--;
                }

                return minutes;
            }

            while (++minutes <= last)
            {
                if (Keeps(minutes))
                {
                    return minutes;
                }
            }

            return null;
        }
    }
}
