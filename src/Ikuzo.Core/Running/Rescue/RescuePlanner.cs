using Ikuzo.Core.Cooking;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Safety;

namespace Ikuzo.Core.Running.Rescue;

/// <summary>
/// "It is open and reads 72 °C: what now?" The readings weigh the possible cooks (Bayes). It is done when the lowest reading at every spot
/// is at 74 °C and 399 of 400 of what is then believed are there by the end of a short covered rest. If not, the cheapest way on that
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
            var expected = cold.At.Thickest.Min();
            return TooCold(asked, expected, () => HadItRead(expected - ProbeError.MostTooColdKelvin), cancellation);
        }

        // The way on, had nothing read less than a temperature.
        WayOn HadItRead(double least)
        {
            Belief Of(OpenedPot pot) =>
                HadTheyRead(c => Math.Max(c, least), pot, all, all.Length - newest.Count, LogLikelihoods(pot, all[..^newest.Count]));
            var likely = Of(usual);
            using var wider = likely.EffectiveCount < LeastEffectiveCount ? Cook(ParticleSource.Wide) : null;
            Belief[] believed = [wider is null ? likely : Of(wider), .. Hotter(asked, wider ?? usual, all, SafetyRule.CoreCelsius, least)];
            return CookOn(asked, wider ?? usual, believed, cancellation);
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

        var belief = IsRead(asked) ? NoHotterThanCanBe(asked, usual, all) : Believe(usual, all);
        var enough = IsEnoughFrom(asked, newest, before);
        if (IsRead(asked) && SafetyRule.IsReached(Lowest(asked).Celsius - enough + SafetyRule.CoreCelsius, Lowest(asked).Scale))
        {
            return Done(asked, belief, usual.Stand(0, cancellation)[0], Lowest(asked), usual);
        }

        using var wide = belief.EffectiveCount < LeastEffectiveCount ? Cook(ParticleSource.Wide) : null;
        var pot = wide ?? usual;
        Belief[] beliefs = [wide is null ? belief : Believe(wide, all), .. Hotter(asked, pot, all, enough, Lowest(asked).Celsius)];
        return WantsAnother(asked, pot, beliefs)
            ? ReadAgain(asked, pot, beliefs[0], Lowest(asked))
            : Judge(asked, pot, beliefs, cancellation);
    }

    // What reads so much at once is enough even beside the middle of a single piece, where as much was to be expected; at the boil
    // everything is.
    private static double IsEnoughFrom(RescueRequest request, IReadOnlyList<Compared> newest, Belief before) =>
        request is { Plan.Load.Pieces: 1, Later.Count: 0, CoveredMinutes: 0 }
        && newest.All(r => before.Quantile(r.At.Thickest, 0.5) >= Enough)
            ? Enough
            : HottestCelsius;

    private const double Enough = SafetyRule.CoreCelsius + ProbeError.LikelyTooHotKelvin;

    private const double HottestCelsius = 100; // nothing reads more in an open pot

    // What is believed; of a reading that is hotter than nearly all of the possible cooks what would be, had it been as hot as they are.
    private static Belief NoHotterThanCanBe(RescueRequest request, OpenedPot pot, ProbeReading[] all)
    {
        var (belief, first) = (Believe(pot, all), all.Length - request.NewestReadings.Count);
        var earlier = LogLikelihoods(pot, all[..first]);
        for (
            var most = Math.Ceiling(all[first..].Max(r => r.Celsius)) - 1;
            most >= SafetyRule.CoreCelsius && belief.EffectiveCount < LeastEffectiveCount;
            most--
        )
        {
            belief = HadTheyRead(c => Math.Min(c, most), pot, all, first, earlier);
        }

        return belief;
    }

    // What would be believed, had the newest readings, from the first of them on, been others.
    private static Belief HadTheyRead(Func<double, double> celsius, OpenedPot pot, ProbeReading[] all, int first, double[] earlier) =>
        Belief.From([
            .. LogLikelihoods(pot, [.. all[first..].Select(r => r with { Celsius = celsius(r.Celsius) })], first)
                .Zip(earlier, (newest, before) => newest + before),
        ]);

    // What would be believed, had the newest readings been hotter: what is done as it reads must be done as well had it read more, and what
    // goes back must be done by as many minutes, since a hotter reading never gets the harder answer. A reading far above what was expected
    // is likely of another piece.
    private static IEnumerable<Belief> Hotter(RescueRequest request, OpenedPot pot, ProbeReading[] all, double enough, double lowest)
    {
        var first = all.Length - request.NewestReadings.Count;
        var isRead = IsRead(request);
        if (isRead && !CanBeReadAgain(request, Lowest(request).SpotId))
        {
            yield break;
        }

        var earlier = LogLikelihoods(pot, all[..first]);
        var until = isRead ? enough : SafetyRule.CoreCelsius;
        for (var least = Math.Floor(lowest / HotterStep + 1) * HotterStep; least < until; least += HotterStep)
        {
            var to = least;
            var belief = HadTheyRead(c => Math.Max(c, to), pot, all, first, earlier);
            if (belief.EffectiveCount >= LeastEffectiveCount)
            {
                yield return belief;
            }
        }
    }

    private const double HotterStep = 1; // K

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

    // One reading of several pieces is of the thickest or not, and one of what was short before may be beside the middle: other pieces or
    // places are read before it is called done, unless hardly any doubt is left.
    private static bool WantsAnother(RescueRequest request, OpenedPot pot, IReadOnlyList<Belief> beliefs) =>
        IsRead(request)
        && IsOneOfSeveral(request, Lowest(request).SpotId)
        && !beliefs.All(b => SafetyRule.IsReached(b.Low(pot.Coldest, 2 * SafetyRule.ShareBelowAtCheck)));

    private static bool IsOneOfSeveral(RescueRequest request, string spotId) =>
        request.Counting.Count(r => r.SpotId == spotId) < Readings(request);

    // Two pieces of many may both be thin ones, while a cold one lies beside them. Choice, after 2,000 cooks that came out short: with two
    // six of them were served under the rule, the coldest at 69 degrees; with three it is three, the coldest at 73.
    private static int Readings(RescueRequest request) =>
        IsSmall(request) || request.Plan.Load.Pieces > MostPiecesForTwo ? 3
        : request.Plan.Load.Pieces > 1 || request.Later.Count > 0 ? 2
        : 1;

    private const int MostPiecesForTwo = 3;

    // In wings, dice and what is thin a probe hardly finds the middle: they are read as often as may be, stand, and less doubt is left.
    // Choice, after 2,000 cooks that came out short: two wings were served at 65 and 70 degrees.
    private static bool IsSmall(RescueRequest request) => request.Plan.Load.Cut.IsTooSmallToMeasure;

    private const int SmallRest = 3; // min
    private const double SmallShare = 0.25; // of the doubt that may be left

    // What still is short after that is cooked on: read over and over while it hardly warms, it is found beside the middle at last. Choice,
    // after 2,000 cooks that came out short: five were served under the rule, four of them after standing two to four times; with it two.
    private const int MostStands = 2;

    private static ProbeReading Lowest(RescueRequest request) =>
        request.Counting.DefaultIfEmpty(request.NewestReadings[^1]).MinBy(r => r.Celsius);

    private static ProbeReading[] Checked(PlanRequest plan, IReadOnlyList<ProbeReading> readings)
    {
        var spots = plan.Load.Cut.Spots;
        return readings.Any(r => spots.All(s => s.Id != r.SpotId))
            ? throw new ArgumentException("Every reading needs a spot of the cut.", nameof(readings))
            : [.. readings.OrderBy(r => r.AfterOpeningMinutes)];
    }

    private static Belief Believe(OpenedPot pot, IReadOnlyList<ProbeReading> readings) => Belief.From(LogLikelihoods(pot, readings));

    private static double[] LogLikelihoods(OpenedPot pot, IReadOnlyList<ProbeReading> readings, int first = 0) =>
        [
            .. Enumerable
                .Range(0, pot.Coldest.Length)
                .Select(p => readings.Select((r, i) => pot.AtReading[first + i].LogLikelihood(r.Celsius, p)).Sum()),
        ];

    // What was short before stands for so long at least, min: a reading beside the middle is then made good. Choice.
    private static int LeastRest(RescueRequest request) =>
        IsSmall(request) ? SmallRest
        : request.Later.Count > 0 || request.CoveredMinutes > 0 ? 2
        : 0;

    private static RescueAdvice Judge(RescueRequest request, OpenedPot pot, Belief[] beliefs, CancellationToken cancellation)
    {
        var belief = beliefs[0];
        var lowest = Lowest(request);
        var stood = pot.Stand(CoveredRest.MostMinutes, cancellation);
        var isRead = IsRead(request);
        if (
            isRead
            && stood.FirstOrDefault(s => s.Minutes >= LeastRest(request) && beliefs.All(b => IsThere(request, b, s, lowest))) is { } rest
            && rest.Minutes <= CoveredRest.MostRestMinutes
        )
        {
            return Done(request, belief, rest, lowest, pot);
        }

        if (IsLump(request))
        {
            return Separate(request, lowest.Celsius, cancellation);
        }

        if (isRead && CanBeReadAgain(request, lowest.SpotId))
        {
            return ReadAgain(request, pot, belief, lowest);
        }

        var cooked = CookOn(request, pot, beliefs, cancellation);
        var stands = request.NewestReadings.Count(r => r.CoveredMinutes > 0) < MostStands;
        var left = stands ? Math.Max(0, CoveredRest.MostMinutes - (int)Math.Round(request.CoveredMinutes)) : 0;
        return Best(belief, stood.Skip(1).Take(left), cooked) is { } stand
            ? LeaveCovered(request, belief, stand, lowest)
            : Short(request, cooked, belief, RescueWords.Short(request, cooked, belief.Lowest(pot.Coldest), lowest));
    }

    // None of the possible cooks is so cold, so that they say nothing of what is safe: a valve that stood open, a piece far thicker.
    // No shorter than the way on of the coldest reading that they can explain: a colder one never gets the easier answer.
    private static RescueAdvice TooCold(RescueRequest request, double expected, Func<WayOn> ofTheColdest, CancellationToken cancellation)
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
            var believed = ofTheColdest();
            way = believed.Minutes > way.Minutes ? believed : way;
            return Short(request, way, way.Belief, RescueWords.TooCold(request, way, expected, lowest));
        }

        // Nothing but the thermometer vouches for it: it reads so much, or it reads it again and again and it warms while it stands.
        var isSure =
            SafetyRule.IsReached(lowest.Celsius - ProbeError.LikelyTooHotKelvin, lowest.Scale) && !IsOneOfSeveral(request, lowest.SpotId);
        var rest = isSure ? 0 : CoveredRest.MostRestMinutes;
        return !isSure && CanBeReadAgain(request, lowest.SpotId)
            ? Again(RescueWords.ReadAgainThan(request, expected, lowest))
            : new(CheckVerdict.Done, RescueMethod.None, 0, RescueWords.DoneByReadings(request, rest, expected, lowest), [])
            {
                RestMinutes = rest,
            };
    }

    private static RescueAdvice Again(IReadOnlyList<string> why) => new(CheckVerdict.Short, RescueMethod.ReadAgain, 0, why, []);

    private static bool IsThere(RescueRequest request, Belief belief, Stood stood, ProbeReading lowest) =>
        SafetyRule.IsReached(belief.Low(stood.Coldest, SafetyRule.ShareBelowAtCheck * (IsSmall(request) ? SmallShare : 1)), lowest.Scale);

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
    private static WayOn CookOn(RescueRequest request, OpenedPot pot, Belief[] beliefs, CancellationToken cancellation)
    {
        WayOn Way(RescueMethod method, Release release) =>
            new(
                method,
                pot.CookOn(
                    method == RescueMethod.BackUnderPressure,
                    Candidates,
                    release,
                    CoveredRest.MostRestMinutes,
                    c => beliefs.All(b => SafetyRule.IsReached(b.Low(c.ColdestAfterStanding, SafetyRule.ShareBelowAtCheck))),
                    cancellation
                ),
                beliefs[0]
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
