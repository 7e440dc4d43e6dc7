using Ikuzo.Core.Cooking;
using Ikuzo.Core.Quantities;
using Ikuzo.Core.Safety;

namespace Ikuzo.Core.Planning;

/// <summary>What it would save to know one thing more.</summary>
/// <param name="What">Stable name of it.</param>
/// <param name="MinutesSaved">Minutes under pressure, about and on average.</param>
/// <param name="WaterLossSaved">Juice, percent of the raw weight of the muscle.</param>
/// <param name="Text">What to do and what it saves.</param>
public sealed record WorthKnowing(string What, double MinutesSaved, double WaterLossSaved, string Text)
{
    private const double Noticed = 0.5; // min: less is not worth a line

    /// <summary>What each thing that the cook can find out would save, the most first.</summary>
    /// <remarks>
    /// Computed by fixing it: beside the cautious cook of the scout stands for each thing one that is as cautious about all else, and both
    /// are followed to the minutes at which they keep the promise on show.
    /// </remarks>
    /// <param name="request">The question.</param>
    /// <param name="model">Its cook.</param>
    /// <param name="release">Release of the plan.</param>
    /// <param name="band">What every minute gives.</param>
    internal static IReadOnlyList<WorthKnowing> Of(PlanRequest request, CookModel model, Release release, MinuteBand band)
    {
        Known[] knowable = [.. Knowable(request)];
        var looked = Follow(request, model, release, ParticleSource.Knowing([.. knowable.Select(k => k.Draw)]));
        if (looked.Count < 2)
        {
            return [];
        }

        var tender = band.Points.FirstOrDefault(p => p.Tenderness >= request.LeastTenderness)?.Minutes ?? 0;
        var loss = new MonotoneCurve([.. band.Points.Select(p => p.Minutes)], [.. band.Points.Select(p => p.WaterLossP50)]);
        double[] at = [.. looked.Select(l => l.Minutes)];
        double Needs(int lane) => Math.Max(tender, Reached(at, [.. looked.Select(l => l.Short(lane))]));
        var now = Needs(Unknown);
        return
        [
            .. knowable
                .Select(
                    (known, i) =>
                    {
                        var saved = now - Needs(Unknown + 1 + i);
                        var juice = loss.At(now) - loss.At(now - saved);
                        return new WorthKnowing(known.What, Math.Round(saved, 1), Math.Round(juice, 1), Words(known.Act, saved, juice));
                    }
                )
                .Where(w => w.MinutesSaved >= Noticed)
                .OrderByDescending(w => w.MinutesSaved),
        ];
    }

    private const int Nominal = 0,
        Unknown = 1; // lanes: what is likely, and the cautious cook of whom nothing more is known

    // The cooks at rising minutes, until the one of whom nothing more is known keeps the promise.
    private static List<Look> Follow(PlanRequest request, CookModel model, Release release, ParticleSource source)
    {
        List<Look> looked = [];
        Ensemble.ForEachBlock(source, (block, _) => Follow(block), CancellationToken.None);
        return looked;

        void Follow(CookBlock block)
        {
            block.Load(model, source, 0);
            if (!block.ComeUp())
            {
                return;
            }

            foreach (var minutes in Scout.Minutes)
            {
                block.Hold(minutes * 60);
                block.Keep(0);
                block.Let(release);
                looked.Add(Look.At(block, minutes, request));
                block.GoBack(0);
                if (looked.Count > 1 && looked[^1].Short(Unknown) >= 0)
                {
                    return;
                }
            }
        }
    }

    // How far some minutes are from the promise, K: at opening; for a thermometer at the first reading, and after standing covered.
    private sealed record Look(double Minutes, (Lane Celsius, double Caution)[] Kept)
    {
        public static Look At(CookBlock block, double minutes, PlanRequest request)
        {
            if (!request.IsForThermometer)
            {
                return new(minutes, [(block.ColdestCelsius(), 1)]);
            }

            Span<Lane> peaks = stackalloc Lane[SpotStates.MostSpots];
            block.Centres(peaks);
            block.Open(CoveredRest.ReadMinutes * 60, peaks, onlyWarms: true);
            var first = MeasuredOutcome.Lowest(peaks, block.Spots);
            block.Cover(CoveredRest.MostMinutes * 60, peaks, onlyWarms: true);
            return new(
                minutes,
                [
                    (first, Scout.Caution(request.MostReturns)),
                    (MeasuredOutcome.Lowest(peaks, block.Spots), Scout.Caution(1 - Readiness.LeastAfterRest)),
                ]
            );
        }

        public double Short(int lane) =>
            Kept.Min(k => k.Celsius[Nominal] + k.Caution * (k.Celsius[lane] - k.Celsius[Nominal])) - SafetyRule.CoreCelsius;
    }

    private static IEnumerable<Known> Knowable(PlanRequest request)
    {
        const double ThermometerKelvin = 0.7,
            BoilingTimed = 0.02;
        var (load, spread) = (request.Load, request.Load.Cut.Spread);
        if (load.ThicknessMm is null)
        {
            var weight = load.Pieces > 1 && load.HeaviestKg is null ? spread.Weight : 0;
            var all = Math.Sqrt(spread.OfOne * spread.OfOne + weight * weight);
            if (all > Spreads.Ruler.Value)
            {
                yield return new(
                    "thickness",
                    load.Pieces > 1 ? "Lay a ruler on the thickest piece" : "Lay a ruler on the thickest",
                    (q, draw) =>
                        q switch
                        {
                            Uncertain.OwnThickness => MostlySize * Spreads.Ruler.Value / spread.Ours,
                            Uncertain.LoadThickness or Uncertain.PieceThickness => 0,
                            _ => draw,
                        }
                );
            }
        }

        if (load is { ThicknessMm: null, HeaviestKg: null, Pieces: > 1 } && spread.Piece > 0)
        {
            yield return new(
                "heaviest",
                "Weigh the heaviest piece",
                Left(Uncertain.PieceThickness, spread.Piece / double.Hypot(spread.Piece, spread.Weight))
            );
        }

        if (load.StartCelsius is null)
        {
            var frozen = load.State == Loads.MeatState.Frozen;
            yield return new(
                "start",
                frozen ? "Read the thermometer of the freezer" : "Measure the raw middle",
                Left(Uncertain.StartTemperature, Math.Min(1, ThermometerKelvin / Spreads.StartKelvin(frozen).Value))
            );
        }

        yield return new(
            "power",
            "Time your pot to the boil once",
            Left(Uncertain.HeaterPower, BoilingTimed / Spreads.Of(Uncertain.HeaterPower).Value)
        );
    }

    // How far out a cautious cook is in thickness where it is nearly all that is not known, standard deviations: what the three parts of
    // the scout's come to.
    private const double MostlySize = 2.04;

    // The share of the spread of one quantity that is left.
    private static Func<Uncertain, double, double> Left(Uncertain quantity, double share) =>
        (q, draw) => q == quantity ? draw * share : draw;

    private static string Words(string act, double minutes, double juice)
    {
        var saved = FormattableString.Invariant($"{act}: about {Math.Max(1, Math.Round(minutes)):0} min less");
        return juice < Wording.LeastPercent ? $"{saved}." : $"{saved}, {Wording.Percent(juice)} less juice lost.";
    }

    // The minutes from which nothing is missing.
    private static double Reached(double[] minutes, double[] over)
    {
        const double Step = 0.1;
        var curve = new MonotoneCurve(minutes, over);
        var at = minutes[0];
        while (at < minutes[^1] && curve.At(at) < 0)
        {
            at += Step;
        }

        return at;
    }

    private sealed record Known(string What, string Act, Func<Uncertain, double, double> Draw);
}
