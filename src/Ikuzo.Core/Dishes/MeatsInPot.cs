using Ikuzo.Core.Cooking;
using Ikuzo.Core.Planning;

namespace Ikuzo.Core.Dishes;

/// <summary>The meats of a stage at pressure with everything in the pot, which ends in as many ways as are asked for.</summary>
internal sealed class MeatsInPot : IDisposable
{
    // The scout's nominal cook finds when it is tender; the ensemble's median may lie a shade beside it.
    private const double AboutAsTender = 0.02;

    private readonly (PlanRequest Meat, EnsembleSession Session)[] _pots;
    private readonly Release _release;
    private readonly CancellationToken _cancellation;

    /// <summary>Computes them at some minutes.</summary>
    /// <param name="draft">The stage.</param>
    /// <param name="meats">A question for each meat in it, at least one.</param>
    /// <param name="minutes">Minutes under pressure, rising; no fewer can be asked for later.</param>
    /// <param name="particles">Which possible cooks.</param>
    /// <param name="cancellation">Stops the computation.</param>
    public MeatsInPot(
        StageDraft draft,
        IReadOnlyList<PlanRequest> meats,
        int[] minutes,
        ParticleSource particles,
        CancellationToken cancellation
    )
    {
        (_release, _cancellation) = (draft.Release, cancellation);
        double[] nodes = [.. minutes];
        _pots =
        [
            .. meats
                .Select(m => m with { Learned = m.Learned.Cautiously() })
                .Select(m =>
                    (
                        m,
                        EnsembleSession.Start(
                            ModelBuilder.Build(m),
                            particles,
                            _release,
                            nodes,
                            at => at == nodes[0] && m.IsForThermometer,
                            cancellation
                        )
                    )
                ),
        ];
    }

    /// <summary>The first of some rising minutes at which every meat keeps its promise; null when none is.</summary>
    /// <param name="minutes">Minutes under pressure, none fewer than those computed first.</param>
    public Ended? First(int[] minutes)
    {
        if (!_pots.All(p => p.Session.ReachesPressure))
        {
            return null;
        }

        Branch[] endings = [.. minutes.Select(m => new Branch(m, _release))];
        var tried = _pots
            .Select(p => (p.Meat, p.Session, Endings: p.Session.Try(endings, p.Meat.IsForThermometer, _cancellation)))
            .ToList();
        for (var branch = 0; branch < minutes.Length; branch++)
        {
            if (tried.All(p => IsKept(p.Meat, p.Endings[branch])))
            {
                return new(minutes[branch], _release, [.. tried.Select(p => new EnsembleResult(p.Session, p.Endings))], branch);
            }
        }

        return null;
    }

    /// <summary>Gives the memory back.</summary>
    public void Dispose()
    {
        foreach (var (_, session) in _pots)
        {
            session.Dispose();
        }
    }

    private static bool IsKept(PlanRequest request, TriedEnding ending)
    {
        if (PlanReport.Median(ending.Outcome.Tenderness) < request.LeastTenderness - AboutAsTender)
        {
            return false;
        }

        var ready = ending.Measured is { } measured ? new Readiness(measured) : null;
        return request.IsKept(ending.Outcome.IsSafe, ready?.AtFirst ?? 0, ready?.AfterRest ?? 0);
    }
}
