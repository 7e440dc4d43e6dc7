using Ikuzo.Core.Cooking;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Safety;

namespace Ikuzo.Core.Running.Rescue;

/// <summary>
/// "It is open and reads 72 °C: what now?" The readings weigh the possible cooks (Bayes). It is done when the lowest reading at every spot
/// is at 74 °C and 99 of 100 of what is then believed are there by the end of a short covered rest. If not, the cheapest way on that
/// is likely to end there: read again, leave it covered, simmer or go back under pressure, take it apart. What is colder than any of the
/// possible cooks can be is believed rather than they: the meat is then taken as cold throughout as it reads.
/// </summary>
public static class RescuePlanner
{
    /// <summary>A belief on fewer particles than this is taken again from an ensemble with wider spreads.</summary>
    public const double LeastEffectiveCount = 24;

    /// <summary>No rescue is longer than this, min.</summary>
    public const double MostMinutes = 90;

    private const double ColdMarginKelvin = 3; // it is colder somewhere than where it was read
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

        if (Lowest(request) is var coldest && coldest.Celsius < request.Plan.Load.Celsius - ColdMarginKelvin)
        {
            return Again(RescueWords.ColderThanItWentIn(request, coldest));
        }

        var readings = Checked(request.Plan, request.Readings);
        var later = request.Later.Select(r => r with { Readings = Checked(request.Plan, r.Readings) }).ToArray();
        var model = request.SeparatedAtCelsius is { } apart
            ? ColdThroughout(request, Arrangement.Single, apart)
            : ModelBuilder.Build(request.Plan);
        Branch? held = request.SeparatedAtCelsius is null ? new Branch(request.MinutesHeld, request.Release) : null;
        ProbeReading[] all = [.. held is null ? [] : readings, .. later.SelectMany(l => l.Readings)];
        OpenedPot Cook(ParticleSource particles) =>
            OpenedPot.Cook(model, particles, held, held is null ? [] : readings, later, cancellation);
        var asked = request with { Readings = readings, Later = later };
        if (IsLump(asked) && !IsRead(asked))
        {
            return Separate(asked, Lowest(asked).Celsius, cancellation); // whatever is believed of it
        }

        using var usual = Cook(ParticleSource.Check);
        var newest = Newest(asked, usual, all);
        if (newest.FirstOrDefault(r => r.At.IsColderThanAll(r.Celsius)) is { } cold)
        {
            return TooCold(asked, cold.At.Thickest.Min(), cancellation);
        }

        var before = Believe(usual, all[..^newest.Count]);
        if (
            IsRead(asked)
            && newest.FirstOrDefault(r => r.At.IsTooHotToBelieve(r.Celsius, before)) is { } hot
            && CanBeReadAgain(asked, hot.SpotId)
        )
        {
            return Again(RescueWords.TooHot(asked, hot.At.HighestLikely(before), hot.Celsius));
        }

        var belief = Believe(usual, all);
        using var wide = belief.EffectiveCount < LeastEffectiveCount ? Cook(ParticleSource.Wide) : null;
        var wasSure = before.Holds(usual.Coldest);
        if (WantsAnother(asked, wasSure, usual, all))
        {
            return ReadAgain(asked, usual, belief, Lowest(asked));
        }

        var judged = wide is null ? Judge(asked, usual, belief, cancellation) : Judge(asked, wide, Believe(wide, all), cancellation);
        return Easier(judged, asked, usual, all, before, wasSure, cancellation);
    }

    // A hotter reading is never worth less than a colder one: what would be done, or after a shorter rest, had the newest readings been
    // colder, is. And what is enough even beside the middle, where as much was to be expected, needs no more belief.
    private static RescueAdvice Easier(
        RescueAdvice advice,
        RescueRequest request,
        OpenedPot pot,
        ProbeReading[] all,
        Belief before,
        bool wasSure,
        CancellationToken cancellation
    )
    {
        if (!IsRead(request) || IsLump(request) || advice is not ({ Method: RescueMethod.ReadAgain } or { RestMinutes: > 0 }))
        {
            return advice;
        }

        var lowest = Lowest(request);
        var stood = pot.Stand(CoveredRest.MostRestMinutes, cancellation);
        var asExpected = Newest(request, pot, all).Min(r => Math.Min(r.Celsius, before.Quantile(r.At.Thickest, 0.5)));
        if (
            (wasSure || request.Plan.Load.Pieces == 1)
            && SafetyRule.IsReached(Math.Min(asExpected, lowest.Celsius) - ProbeError.LikelyTooHotKelvin, lowest.Scale)
        )
        {
            return Done(request, before, stood[0], lowest, pot);
        }

        foreach (var belief in NoHotter(request, pot, all))
        {
            if (
                stood.FirstOrDefault(s => IsThere(belief, s, lowest)) is { } rest
                && (advice.Verdict != CheckVerdict.Done || rest.Minutes < advice.RestMinutes)
            )
            {
                advice = Done(request, belief, rest, lowest, pot);
            }
        }

        return advice;
    }

    // What would be believed, had the newest readings been no hotter than each degree from that of the rule up to the lowest of them.
    private static IEnumerable<Belief> NoHotter(RescueRequest request, OpenedPot pot, ProbeReading[] all)
    {
        var first = all.Length - request.NewestReadings.Count;
        for (var most = SafetyRule.CoreCelsius; most < Lowest(request).Celsius; most++)
        {
            var belief = Believe(pot, [.. all.Select((r, i) => i < first ? r : r with { Celsius = Math.Min(r.Celsius, most) })]);
            if (belief.EffectiveCount >= LeastEffectiveCount)
            {
                yield return belief;
            }
        }
    }

    private sealed record Compared(string SpotId, double Celsius, SpotCelsius At);

    private static List<Compared> Newest(RescueRequest request, OpenedPot pot, ProbeReading[] all) =>
        [
            .. Enumerable
                .Range(all.Length - request.NewestReadings.Count, request.NewestReadings.Count)
                .Select(i => new Compared(all[i].SpotId, all[i].Celsius, pot.AtReading[i])),
        ];

    private static bool IsRead(RescueRequest request) => request.Counting.All(r => r.IsSafe);

    private static bool CanBeReadAgain(RescueRequest request, string spotId) =>
        request.Counting.Count(r => r.SpotId == spotId) < CoveredRest.MostReadings;

    // Less doubt than this needs no second reading. Choice: half of what the rule leaves out.
    private const double HardlyAny = SafetyRule.ShareBelow / 2;

    // One reading of several pieces is of the thickest or not, and one of what was short before may be beside the middle: unless it was
    // sure before anybody measured, or leaves hardly any doubt, another piece or place is read before it is called done.
    private static bool WantsAnother(RescueRequest request, bool wasSure, OpenedPot pot, ProbeReading[] all) =>
        !wasSure
        && IsRead(request)
        && (request.Plan.Load.Pieces > 1 || request.Later.Count > 0)
        && Lowest(request).SpotId is var spot
        && request.Counting.Count(r => r.SpotId == spot) == 1
        && !NoHotter(request, pot, all).Any(b => SafetyRule.IsReached(b.Low(pot.Coldest, HardlyAny)));

    private static ProbeReading Lowest(RescueRequest request) =>
        request.Counting.DefaultIfEmpty(request.NewestReadings[^1]).MinBy(r => r.Celsius);

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
        var lowest = Lowest(request);
        var stood = pot.Stand(CoveredRest.MostMinutes, cancellation);
        var isRead = IsRead(request);
        if (isRead && stood.FirstOrDefault(s => IsThere(belief, s, lowest)) is { } rest && rest.Minutes <= CoveredRest.MostRestMinutes)
        {
            return Done(request, belief, rest, lowest, pot);
        }

        if (IsLump(request))
        {
            return Separate(request, lowest.Celsius, cancellation);
        }

        var likely = belief.Lowest(pot.Coldest);
        if (isRead && CanBeReadAgain(request, lowest.SpotId))
        {
            return ReadAgain(request, pot, belief, lowest);
        }

        var cooked = CookOn(request, pot, belief, cancellation);
        var left = Math.Max(0, CoveredRest.MostMinutes - (int)Math.Round(request.CoveredMinutes));
        return Best(belief, stood.Skip(1).Take(left), cooked) is { } stand
            ? LeaveCovered(request, belief, stand, lowest)
            : Short(request, cooked, belief, RescueWords.Short(request, cooked, likely, lowest));
    }

    // None of the possible cooks is so cold, so that they say nothing of what is safe: a valve that stood open, a piece far thicker.
    private static RescueAdvice TooCold(RescueRequest request, double expected, CancellationToken cancellation)
    {
        var lowest = Lowest(request);
        if (IsLump(request))
        {
            return Separate(request, lowest.Celsius, cancellation);
        }

        if (!IsRead(request))
        {
            var method = request.LiquidIsThick ? RescueMethod.SimmerCovered : RescueMethod.BackUnderPressure;
            var way = AsNew(request, method, ColdThroughout(request, request.Plan.Load.Arrangement, lowest.Celsius), cancellation);
            return Short(request, way, way.Belief, RescueWords.TooCold(request, way, expected, lowest));
        }

        // Nothing but the thermometer vouches for it: it reads so much, or it reads it again and again and it warms while it stands.
        var isSure = SafetyRule.IsReached(lowest.Celsius - ProbeError.LikelyTooHotKelvin, lowest.Scale);
        var rest = isSure ? 0 : CoveredRest.MostRestMinutes;
        return !isSure && CanBeReadAgain(request, lowest.SpotId)
            ? Again(RescueWords.ReadAgainThan(request, expected, lowest))
            : new(CheckVerdict.Done, RescueMethod.None, 0, RescueWords.DoneByReadings(request, rest, expected, lowest), [])
            {
                RestMinutes = rest,
            };
    }

    private static RescueAdvice Again(IReadOnlyList<string> why) => new(CheckVerdict.Short, RescueMethod.ReadAgain, 0, why, []);

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

    private static RescueAdvice ReadAgain(RescueRequest request, OpenedPot pot, Belief belief, ProbeReading lowest) =>
        new(CheckVerdict.Short, RescueMethod.ReadAgain, 0, RescueWords.ReadAgain(request, lowest), Spots(request, belief, pot.Spots));

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
        var way = AsNew(request, RescueMethod.SeparateAndRepeat, ColdThroughout(request, Arrangement.Single, lowest), cancellation);
        return Short(request, way, way.Belief, RescueWords.Separate(request, way, lowest));
    }

    private static WayOn AsNew(RescueRequest request, RescueMethod method, CookModel model, CancellationToken cancellation)
    {
        using var again = OpenedPot.Cook(model, ParticleSource.Check, null, [], [], cancellation);
        var belief = Belief.Even(ParticleSource.Check.Count);
        return new(
            method,
            again.CookOn(!request.LiquidIsThick, Candidates, Ending(request), 0, c => belief.Holds(c.Outcome.Coldest), cancellation),
            belief
        );
    }

    private static CookModel ColdThroughout(RescueRequest request, Arrangement lies, double readCelsius) =>
        ModelBuilder.Build(request.Plan with { Load = request.Plan.Load with { Arrangement = lies } }) with
        {
            StartCelsius = readCelsius - ColdMarginKelvin,
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
