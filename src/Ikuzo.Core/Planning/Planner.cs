using Ikuzo.Core.Cooking;
using Ikuzo.Core.Filling;
using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Planning;

/// <summary>Answers "how long for this, and how do I let the steam out": from a request to a plan.</summary>
/// <remarks>
/// A scout of nominal and cautious cooks finds roughly what each release needs; the ensemble is computed at some minutes around it with
/// the best release; every whole minute between is interpolated per particle; the minutes of both promises are then confirmed and the
/// chosen ending is computed in full.
/// </remarks>
public static class Planner
{
    private static readonly double[] SharesUpTo = [0, 0.4, 0.7, 0.9],
        SharesBeyond = [0.2, 1];
    private const double LeastBandMinutes = 10,
        BandBeyond = 0.7,
        MostBandBeyondMinutes = 20,
        MoreBeside = 1.4;

    /// <summary>Computes a plan. Deterministic: the same request gives the same plan.</summary>
    /// <param name="request">The question, within the limits of its types.</param>
    /// <param name="cancellation">Stops the computation.</param>
    public static Plan Compute(PlanRequest request, CancellationToken cancellation = default) =>
        request is { School: not (null or Schools.None), Minutes: null, Release: null }
            ? Follow(request.School, request, cancellation)
            : ComputeOwn(request, cancellation);

    // The way of the household is followed where it is safe. It never beats a stop. A school about the release alone gets the minutes that
    // its release needs.
    private static Plan Follow(string id, PlanRequest request, CancellationToken cancellation)
    {
        var own = ComputeOwn(request, cancellation);
        if (own.Minutes is null || Schools.Of(request).FirstOrDefault(s => s.School.Id == id) is not { } saying)
        {
            return own;
        }

        var followed = ComputeOwn(request with { Minutes = saying.Minutes, Release = saying.School.Release }, cancellation);
        return followed.KeepsPromise
            ? followed with
            {
                RecommendedMinutes = own.RecommendedMinutes,
                Warnings = [.. followed.Warnings, Warnings.SchoolFollowed(saying, own)],
            }
            : own with
            {
                Warnings = [.. own.Warnings, Warnings.SchoolNotFollowed(saying)],
            };
    }

    private static Plan ComputeOwn(PlanRequest request, CancellationToken cancellation)
    {
        var model = ModelBuilder.Build(request);
        if (Capacity.CannotGoIn(request))
        {
            return Refuse(request, model, [], []);
        }

        var (scouted, sayings) = InParallel.Both(() => Scouted(request), () => Schools.Of(request), cancellation);
        if (scouted is null)
        {
            return Refuse(request, model, [], [Warnings.NoPressure()]);
        }

        var best = Chosen(request, scouted);
        return best?.Minutes is null && request.Minutes is null
            ? Refuse(request, model, scouted, [Warnings.NeverSafe(request)])
            : Answer(request, model, scouted, best ?? scouted[0], sayings, cancellation);
    }

    /// <summary>
    /// Only the minutes and the release that keep the promise, as a plan says them, and what they give; null when none do. The load goes
    /// into the pot, and no minutes are asked for.
    /// </summary>
    /// <param name="request">The question, within the limits of its types.</param>
    /// <param name="particles">Which possible cooks: those of a plan, or fewer for who asks about how long.</param>
    /// <param name="cancellation">Stops the computation.</param>
    internal static EnsembleResult? Ending(PlanRequest request, ParticleSource particles, CancellationToken cancellation)
    {
        var model = ModelBuilder.Build(request);
        if (Scouted(request) is not { } scouted || Chosen(request, scouted) is not { Minutes: not null } best)
        {
            return null;
        }

        using var session = Start(request, model, best, particles, cancellation);
        var band = new MinuteBand(session.Nodes, session.Measured);
        if (Promised(request, session, band, best, particles, cancellation).Of(request.Promise) is not { } minutes)
        {
            return null;
        }

        return new(session, session.Try([new(minutes, best.Release)], request.IsForThermometer, cancellation));
    }

    // What was learned may lengthen at once, but shortens only when enough measured cooks agree: till then the release is that of who has
    // learned nothing, and so are the least minutes.
    private static PlanRequest Licensed(PlanRequest request) =>
        request.Learned.MayShorten ? request : request with { Learned = LearnedDraws.Nothing };

    private static PromisedMinutes Promised(
        PlanRequest request,
        EnsembleSession session,
        MinuteBand band,
        ScoutedRelease best,
        ParticleSource particles,
        CancellationToken cancellation
    )
    {
        var promised = PromisedMinutes.Find(request, session, band, best.Release, cancellation);
        if (request.Learned.MayShorten || request.Learned.TeachesNothing())
        {
            return promised;
        }

        var plain = request with { Learned = LearnedDraws.Nothing };
        using var without = Start(plain, ModelBuilder.Build(plain), best, particles, cancellation);
        return promised.NotBelow(PromisedMinutes.Find(plain, without, new(without.Nodes, without.Measured), best.Release, cancellation));
    }

    private static IReadOnlyList<ScoutedRelease>? Scouted(PlanRequest request)
    {
        var licensed = Licensed(request);
        return Scout.Run(
            ModelBuilder.Build(licensed),
            request.Release is { } wanted
                ? [wanted, .. ReleaseChoice.Open(request).Where(r => r != wanted).Take(3)]
                : ReleaseChoice.Open(request),
            licensed.LeastTenderness,
            request.IsForThermometer ? Scout.Caution(request.MostReturns) : null
        );
    }

    // The one that was asked for, which is scouted first, else the best.
    private static ScoutedRelease? Chosen(PlanRequest request, IReadOnlyList<ScoutedRelease> scouted) =>
        request.Release is null ? ReleaseChoice.Best(scouted) : scouted[0];

    private static EnsembleSession Start(
        PlanRequest request,
        CookModel model,
        ScoutedRelease best,
        ParticleSource particles,
        CancellationToken cancellation
    ) => EnsembleSession.Start(model, particles, best.Release, Nodes(request, best), Stands(best), cancellation);

    /// <summary>Warnings about a question that need no computation, stops first.</summary>
    /// <param name="request">The question, within the limits of its types.</param>
    public static IReadOnlyList<Warning> LookOver(PlanRequest request) => Warnings.Of(request);

    private static Plan Answer(
        PlanRequest request,
        CookModel model,
        IReadOnlyList<ScoutedRelease> scouted,
        ScoutedRelease best,
        IReadOnlyList<Saying> sayings,
        CancellationToken cancellation
    )
    {
        using var session = Start(request, model, best, ParticleSource.Ensemble, cancellation);
        if (!session.ReachesPressure)
        {
            return Refuse(request, model, scouted, [Warnings.NoPressure()]);
        }

        var band = new MinuteBand(session.Nodes, session.Measured);
        var minutes = Promised(request, session, band, best, ParticleSource.Ensemble, cancellation);
        if ((request.Minutes ?? minutes.Of(request.Promise)) is not { } held)
        {
            return Refuse(request, model, scouted, [Warnings.NeverSafe(request)]);
        }

        var branch = new Branch(held, best.Release);
        using var run = session.Finish(held, CurveMinutes(branch, best), cancellation);
        // Schools are measured against what Ikuzo itself would set, whatever the cook is trying.
        var own = new Branch(minutes.Of(request.Promise) ?? held, best.Release);
        var schools = Schools.Judge(sayings, request, session, (own, band), cancellation);
        var (report, worth) = InParallel.Both(Report, () => WorthKnowing.Of(request, model, best.Release, band), cancellation);
        return report with { Schools = schools, WaysAlike = ReleaseChoice.Alike(scouted, best), WorthKnowing = worth };

        Plan Report()
        {
            var follows = Continuation.Of(model, branch, run.Measured);
            return PlanReport.Of(new(request, model, scouted, band, branch, minutes, run, follows, new(request.Companions, session.Nodes)));
        }
    }

    // Minutes at which the ensemble is computed: around what the scout found, and as far as the cook wants to try.
    private static double[] Nodes(PlanRequest request, ScoutedRelease best)
    {
        var around = Around(best);
        var beyond = Math.Min(MostBandBeyondMinutes, around * BandBeyond);
        // With something beside the meat the minutes that are set are seldom the least: what a few more do is looked at as well.
        var tried = Math.Ceiling((request.Minutes ?? 0) * (request.Companions.Any(c => c.Companion.Softens) ? MoreBeside : 1));
        var last = Math.Max(Math.Round(around + beyond), tried);
        return
        [
            .. SharesUpTo
                .Select(s => Math.Round(around * s))
                .Concat(SharesBeyond.Select(s => Math.Round(around + beyond * s)))
                .Append(last)
                .Distinct()
                .Order(),
        ];
    }

    private static double Around(ScoutedRelease best) => Math.Max(LeastBandMinutes, best.Minutes ?? Scout.MostMinutes / 2);

    // Where the answer for a thermometer may lie: not at once, unless all is short, and not where it is sure.
    private static Func<double, bool> Stands(ScoutedRelease best)
    {
        var around = Around(best);
        return minutes => (minutes > 0 || around <= LeastBandMinutes) && minutes < around;
    }

    private static double CurveMinutes(Branch branch, ScoutedRelease best)
    {
        const double SlowerThanNominal = 1.3,
            Tail = 12;
        return (best.TotalMinutes - (best.Minutes ?? 0)) * SlowerThanNominal + branch.HoldMinutes + Tail;
    }

    private static Plan Refuse(PlanRequest request, CookModel model, IReadOnlyList<ScoutedRelease> scouted, IReadOnlyList<Warning> stops) =>
        new()
        {
            Minutes = null,
            Pressure = request.Pressure,
            Release = null,
            Why = [.. stops.Select(s => s.Because)],
            SafeMinimumMinutes = null,
            RecommendedMinutes = null,
            HeldCelsius = model.HeldCelsius,
            BoilingCelsius = model.BoilingCelsius,
            ThicknessMm = request.Load.ThicknessMetres * 1000,
            Fit = Fit.Of(request, request.Units),
            Picture = PotPicture.IsHeap(request) ? null : PotPicture.Of(request, request.Liquid),
            Releases = [.. scouted.Select(s => PlanReport.Option(s.Of(request.Promise)))],
            Warnings = [.. Mends.Added(request, stops.Concat(Warnings.Of(request)), null)],
        };
}
