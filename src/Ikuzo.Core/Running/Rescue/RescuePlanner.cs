using Ikuzo.Core.Cooking;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Quantities;
using Ikuzo.Core.Safety;

namespace Ikuzo.Core.Running.Rescue;

/// <summary>
/// "It is open and reads 68 °C: what now?" The readings weigh the possible cooks (Bayes), and the minutes to cook on are those after which
/// the coldest spot is at 74 °C in 99 of 100 of what is still believed. A thermometer overrules the model only towards more cooking.
/// </summary>
public static class RescuePlanner
{
    /// <summary>A belief on fewer particles than this is taken again from an ensemble with wider spreads.</summary>
    public const double LeastEffectiveCount = 24;

    /// <summary>No rescue is longer than this, min.</summary>
    public const double MostMinutes = 90;

    private const double SeparatedMarginKelvin = 3; // a lump is colder somewhere than where it was read
    private static readonly double[] Candidates = [.. Enumerable.Range(1, 20), 22, 25, 28, 32, 36, 40, 45, 50, 60, 75, MostMinutes];

    /// <summary>Judges an opened pot and says how to cook on.</summary>
    /// <param name="request">The pot; at least one reading, each at a spot of the cut.</param>
    /// <param name="cancellation">Stops the computation.</param>
    /// <exception cref="ArgumentException">There is no reading, or one at a spot that the cut does not have.</exception>
    public static RescueAdvice Advise(RescueRequest request, CancellationToken cancellation = default)
    {
        if (request.NewestReadings.Count == 0)
        {
            throw new ArgumentException("There must be at least one reading since the pot was last opened.", nameof(request));
        }

        var readings = Checked(request.Plan, request.Readings);
        var later = request.Later.Select(r => r with { Readings = Checked(request.Plan, r.Readings) }).ToArray();
        var model = request.SeparatedAtCelsius is { } apart ? Separated(request, apart) : ModelBuilder.Build(request.Plan);
        Branch? held = request.SeparatedAtCelsius is null ? new Branch(request.MinutesHeld, request.Release) : null;
        ProbeReading[] all = [.. held is null ? [] : readings, .. later.SelectMany(l => l.Readings)];
        OpenedPot Cook(ParticleSource particles) =>
            OpenedPot.Cook(model, particles, held, held is null ? [] : readings, later, cancellation);
        var pot = Cook(ParticleSource.Ensemble);
        var belief = Believe(pot, all);
        if (belief.EffectiveCount < LeastEffectiveCount)
        {
            pot.Dispose();
            pot = Cook(ParticleSource.Wide);
            belief = Believe(pot, all);
        }

        using (pot)
        {
            var likely = belief.Lowest(pot.Coldest);
            var lowest = request.NewestReadings.MinBy(r => r.Celsius);
            return SafetyRule.IsReached(likely, lowest.Scale) && request.NewestReadings.All(r => r.IsSafe)
                    ? Done(request, pot, belief, likely)
                : IsLump(request) ? Separate(request, lowest.Celsius, cancellation)
                : CookOn(request, pot, belief, likely, lowest, cancellation);
        }
    }

    private static ProbeReading[] Checked(PlanRequest plan, IReadOnlyList<ProbeReading> readings)
    {
        var spots = plan.Load.Cut.Spots;
        return readings.Any(r => spots.All(s => s.Id != r.SpotId))
            ? throw new ArgumentException("Every reading needs a spot of the cut.", nameof(readings))
            : [.. readings.OrderBy(r => r.AfterOpeningMinutes)];
    }

    private static Belief Believe(OpenedPot pot, IReadOnlyList<ProbeReading> readings) =>
        Belief.From([
            .. Enumerable
                .Range(0, pot.Coldest.Length)
                .Select(p => readings.Select((r, i) => ProbeError.LogLikelihood(r.Celsius, pot.AtReading[i][p])).Sum()),
        ]);

    private static bool IsLump(RescueRequest request) =>
        request.SeparatedAtCelsius is null && request.Plan.Load is { Arrangement: Arrangement.Lump, Pieces: > 1 };

    private static RescueAdvice Done(RescueRequest request, OpenedPot pot, Belief belief, double likely)
    {
        var say = new Wording(request.Plan.Units);
        return new(
            CheckVerdict.Done,
            RescueMethod.None,
            0,
            [$"The readings and the cook agree: {say.AtLeast(likely)} or more at the coldest spot in 99 of 100 such cooks."],
            Spots(request, belief, pot.Spots)
        );
    }

    private static RescueAdvice CookOn(
        RescueRequest request,
        OpenedPot pot,
        Belief belief,
        double likely,
        ProbeReading lowest,
        CancellationToken cancellation
    )
    {
        var release = Ending(request);
        var outcomes = pot.CookOn(!request.LiquidIsThick, Candidates, release, cancellation);
        var enough = Enough(outcomes, belief);
        var method = request.LiquidIsThick ? RescueMethod.SimmerCovered : RescueMethod.BackUnderPressure;
        return Short(request, method, enough, belief, RescueWords.Short(request, method, enough, likely, lowest));
    }

    // The pieces of a lump, apart at last, are taken as cold throughout as the coldest reading, less a margin.
    private static RescueAdvice Separate(RescueRequest request, double lowest, CancellationToken cancellation)
    {
        using var again = OpenedPot.Cook(Separated(request, lowest), ParticleSource.Ensemble, null, [], [], cancellation);
        var outcomes = again.CookOn(!request.LiquidIsThick, Candidates, Ending(request), cancellation);
        var belief = Belief.Even(ParticleSource.Ensemble.Count);
        var enough = Enough(outcomes, belief);
        return Short(request, RescueMethod.SeparateAndRepeat, enough, belief, RescueWords.Separate(request, enough, lowest));
    }

    private static CookModel Separated(RescueRequest request, double lowest) =>
        ModelBuilder.Build(request.Plan with { Load = request.Plan.Load with { Arrangement = Arrangement.Single } }) with
        {
            StartCelsius = lowest - SeparatedMarginKelvin,
            Frozen = false,
        };

    private static RescueAdvice Short(
        RescueRequest request,
        RescueMethod method,
        BranchOutcome? enough,
        Belief belief,
        IReadOnlyList<string> why
    ) => new(CheckVerdict.Short, method, enough?.Branch.HoldMinutes, why, enough is null ? [] : Spots(request, belief, enough.SpotCelsius));

    private static Release Ending(RescueRequest request) =>
        request.LiquidIsThick ? Release.Vent
        : ReleaseChoice.Spurts(request.Plan) && request.Release.Kind is ReleaseKind.Vent or ReleaseKind.RestThenVent ? Release.Pulsed
        : request.Release;

    private static BranchOutcome? Enough(IReadOnlyList<BranchOutcome> outcomes, Belief belief) =>
        outcomes.FirstOrDefault(o => belief.Holds(o.Coldest));

    // Nothing is counted on after opening, so the peak is what was reached by then.
    private static IReadOnlyList<SpotOutcome> Spots(RescueRequest request, Belief belief, IReadOnlyList<float[]> celsius) =>
        [
            .. request
                .Plan.Load.Cut.Spots.Zip(celsius, (s, values) => (Spot: s, Spread: belief.Spread(values)))
                .Select(s => new SpotOutcome(s.Spot.Id, s.Spot.Where, s.Spread, s.Spread)),
        ];
}
