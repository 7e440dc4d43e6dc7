using Ikuzo.Core.Cooking;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Safety;

namespace Ikuzo.Core.Running.Rescue;

/// <summary>
/// "It is open and reads 72 °C: what now?" The readings weigh the possible cooks (Bayes). It is done when the lowest reading at every spot
/// is at 74 °C and 99 of 100 of what is then believed are there by the end of a short covered rest. If not, the cheapest way on that
/// is likely to end there: read again, leave it covered, simmer or go back under pressure, take it apart.
/// </summary>
public static class RescuePlanner
{
    /// <summary>A belief on fewer particles than this is taken again from an ensemble with wider spreads.</summary>
    public const double LeastEffectiveCount = 24;

    /// <summary>No rescue is longer than this, min.</summary>
    public const double MostMinutes = 90;

    private const double SeparatedMarginKelvin = 3; // a lump is colder somewhere than where it was read
    private static readonly double[] Candidates = [.. Enumerable.Range(1, 20), 22, 25, 28, 32, 36, 40, 45, 50, 60, 75, MostMinutes];

    /// <summary>Judges an opened pot and says how to go on.</summary>
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
        var pot = Cook(ParticleSource.Check);
        var belief = Believe(pot, all);
        if (belief.EffectiveCount < LeastEffectiveCount)
        {
            pot.Dispose();
            pot = Cook(ParticleSource.Wide);
            belief = Believe(pot, all);
        }

        using (pot)
        {
            return Judge(request with { Readings = readings, Later = later }, pot, belief, cancellation);
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
                .Select(p => readings.Select((r, i) => pot.AtReading[i].LogLikelihood(r.Celsius, p)).Sum()),
        ]);

    private static RescueAdvice Judge(RescueRequest request, OpenedPot pot, Belief belief, CancellationToken cancellation)
    {
        var counting = request.Counting;
        var lowest = counting.DefaultIfEmpty(request.NewestReadings[^1]).MinBy(r => r.Celsius);
        var stood = pot.Stand(CoveredRest.MostMinutes, cancellation);
        var isRead = counting.All(r => r.IsSafe);
        if (isRead && stood.FirstOrDefault(s => IsThere(belief, s, lowest)) is { } rest && rest.Minutes <= CoveredRest.MostRestMinutes)
        {
            return Done(request, belief, rest, lowest, pot);
        }

        if (IsLump(request))
        {
            return Separate(request, lowest.Celsius, cancellation);
        }

        var likely = belief.Lowest(pot.Coldest);
        if (isRead && counting.Count(r => r.SpotId == lowest.SpotId) < CoveredRest.MostReadings)
        {
            return ReadAgain(request, pot, belief, likely, lowest);
        }

        var cooked = CookOn(request, pot, belief, cancellation);
        var left = Math.Max(0, CoveredRest.MostMinutes - (int)Math.Round(request.CoveredMinutes));
        return Best(belief, stood.Skip(1).Take(left), cooked) is { } stand
            ? LeaveCovered(request, belief, stand, lowest)
            : Short(request, cooked, belief, RescueWords.Short(request, cooked, likely, lowest));
    }

    private static bool IsThere(Belief belief, Stood stood, ProbeReading lowest) =>
        SafetyRule.IsReached(belief.Lowest(stood.Coldest), lowest.Scale);

    // Standing is worth it where what it saves when it is enough outweighs the time that is lost when it is not.
    private static Stood? Best(Belief belief, IEnumerable<Stood> stood, WayOn cooked)
    {
        const double Likely = 0.5;
        double Chance(Stood s) =>
            belief.Mean(p => SafetyRule.IsReached(s.Coldest[p]) ? s.Spots.Min(spot => spot.ChanceAbove(SafetyRule.CoreCelsius, p)) : 0);
        return stood
            .Select(s => (Stood: s, Chance: Chance(s)))
            .Where(s => s.Chance >= Likely)
            .Select(s => (s.Stood, Gain: s.Chance * cooked.WorthMinutes - s.Stood.Minutes - CoveredRest.ReadMinutes))
            .Where(s => s.Gain > 0)
            .OrderByDescending(s => s.Gain)
            .FirstOrDefault()
            .Stood;
    }

    private static bool IsLump(RescueRequest request) =>
        request.SeparatedAtCelsius is null && request.Plan.Load is { Arrangement: Arrangement.Lump, Pieces: > 1 };

    private static RescueAdvice Done(RescueRequest request, Belief belief, Stood rest, ProbeReading lowest, OpenedPot pot) =>
        new(
            CheckVerdict.Done,
            RescueMethod.None,
            0,
            RescueWords.Done(request, rest.Minutes, belief.Lowest(rest.Coldest), lowest),
            Spots(request, belief, rest.Minutes == 0 ? pot.Spots : [.. rest.Spots.Select(s => s.Thickest)])
        )
        {
            RestMinutes = rest.Minutes,
        };

    private static RescueAdvice ReadAgain(RescueRequest request, OpenedPot pot, Belief belief, double likely, ProbeReading lowest) =>
        new(
            CheckVerdict.Short,
            RescueMethod.ReadAgain,
            0,
            RescueWords.ReadAgain(request, likely, lowest),
            Spots(request, belief, pot.Spots)
        );

    private static RescueAdvice LeaveCovered(RescueRequest request, Belief belief, Stood stand, ProbeReading lowest)
    {
        IReadOnlyList<SpotOutcome> spots = Spots(request, belief, [.. stand.Spots.Select(s => s.Thickest)]);
        var foretold = spots.Min(s => s.AtOpening.P50);
        return new(
            CheckVerdict.Short,
            RescueMethod.LeaveCovered,
            stand.Minutes,
            RescueWords.LeaveCovered(request, stand.Minutes, foretold, lowest),
            spots
        );
    }

    // Thick liquid scorches under pressure; thin liquid has the choice, and the quicker one is taken.
    private static WayOn CookOn(RescueRequest request, OpenedPot pot, Belief belief, CancellationToken cancellation)
    {
        WayOn Way(RescueMethod method, Release release) =>
            new(
                method,
                pot.CookOn(
                    method == RescueMethod.BackUnderPressure,
                    Candidates,
                    release,
                    CoveredRest.MostRestMinutes,
                    c => belief.Holds(c.ColdestAfterStanding),
                    cancellation
                ),
                belief
            );
        var simmer = Way(RescueMethod.SimmerCovered, Release.Vent);
        if (request.LiquidIsThick)
        {
            return simmer;
        }

        var back = Way(RescueMethod.BackUnderPressure, Ending(request));
        return simmer.Minutes < back.Minutes ? simmer : back;
    }

    // The pieces of a lump, apart at last, are taken as cold throughout as the coldest reading, less a margin.
    private static RescueAdvice Separate(RescueRequest request, double lowest, CancellationToken cancellation)
    {
        using var again = OpenedPot.Cook(Separated(request, lowest), ParticleSource.Check, null, [], [], cancellation);
        var belief = Belief.Even(ParticleSource.Check.Count);
        var way = new WayOn(
            RescueMethod.SeparateAndRepeat,
            again.CookOn(!request.LiquidIsThick, Candidates, Ending(request), 0, c => belief.Holds(c.Outcome.Coldest), cancellation),
            belief
        );
        return Short(request, way, belief, RescueWords.Separate(request, way, lowest));
    }

    private static CookModel Separated(RescueRequest request, double lowest) =>
        ModelBuilder.Build(request.Plan with { Load = request.Plan.Load with { Arrangement = Arrangement.Single } }) with
        {
            StartCelsius = lowest - SeparatedMarginKelvin,
            Frozen = false,
        };

    private static RescueAdvice Short(RescueRequest request, WayOn way, Belief belief, IReadOnlyList<string> why) =>
        new(
            CheckVerdict.Short,
            way.Method,
            way.Ending?.Outcome.Branch.HoldMinutes,
            why,
            way.Ending is { } ending ? Spots(request, belief, ending.Outcome.SpotCelsius, ending.Peaks) : []
        );

    private static Release Ending(RescueRequest request) =>
        request.LiquidIsThick ? Release.Vent
        : ReleaseChoice.Spurts(request.Plan) && request.Release.Kind is ReleaseKind.Vent or ReleaseKind.RestThenVent ? Release.Pulsed
        : request.Release;

    private static IReadOnlyList<SpotOutcome> Spots(
        RescueRequest request,
        Belief belief,
        IReadOnlyList<float[]> celsius,
        IReadOnlyList<float[]>? peaks = null
    ) =>
        [
            .. request.Plan.Load.Cut.Spots.Select(
                (s, i) => new SpotOutcome(s.Id, s.Where, belief.Spread(celsius[i]), belief.Spread((peaks ?? celsius)[i]))
            ),
        ];
}
