using Ikuzo.Core.Cooking;
using Ikuzo.Core.Filling;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Quantities;
using Ikuzo.Core.Running.Journal;
using Ikuzo.Core.Running.Rescue;
using Ikuzo.Core.Safety;

namespace Ikuzo.Core.Book;

/// <summary>Makes a lesson of a finished cook: its ensemble as who has learned nothing draws it, ended as it really was.</summary>
/// <remarks>
/// Slopes are those of the least squares of what was seen on the draws, over the particles (the gain of an ensemble Kalman filter, Evensen
/// 1994); what they leave is noise. One run of the particles of a plan per cook, and one more to where it was read.
/// </remarks>
public static class Teaching
{
    // Spreads of the seeing. Estimates: hands near a clock, a kitchen scale and dripping meat, two touches at the table.
    private const double SecondsOff = 20,
        ScalePercent = 2,
        TasteOff = 0.7;
    private const double ProbeBias = 0.8; // K: mean of the two halves of ProbeError
    private static readonly double ProbeOff = Math.Sqrt(ProbeError.TooHotKelvin * ProbeError.TooColdKelvin);

    /// <summary>How many marks of tenderness lie between tough and falling apart: one mark for so much of the index. Estimate.</summary>
    internal const double TenderPerMark = 0.12;

    // One mark of juiciness for so many percent of the muscle's weight. Estimate.
    private const double LossPerMark = 4;

    /// <summary>What a household can learn, of its pot and of a cut.</summary>
    internal static readonly IReadOnlyList<Uncertain> OfPot =
        [Uncertain.HeaterPower, Uncertain.HeatLoss, Uncertain.Purge, Uncertain.GaugePressure],
        OfCut = [Uncertain.OwnThickness, Uncertain.WaterLoss, Uncertain.Collagen];

    /// <summary>The lesson of a cook.</summary>
    /// <param name="cookId">The cook.</param>
    /// <param name="potId">Its pot; null for one that the household does not keep.</param>
    /// <param name="cook">What was planned.</param>
    /// <param name="journal">Its journal.</param>
    /// <param name="cancellation">Stops the computation.</param>
    public static Lesson Of(
        string cookId,
        string? potId,
        PlannedCook cook,
        IReadOnlyList<CookEvent> journal,
        CancellationToken cancellation = default
    )
    {
        var happened = Happened.Of(cook, journal);
        var request = cook.Request with { Learned = LearnedDraws.Nothing };
        return new(
            cookId,
            happened.LidOnAt,
            potId,
            request.Pot.CapacityLitres,
            request.Load.Cut.Id,
            happened is { HeldMinutes: not null, Release: not null, IsGivenUp: false } ? [.. Seen(request, happened, cancellation)] : []
        );
    }

    private static IEnumerable<Sighting> Seen(PlanRequest request, Happened happened, CancellationToken cancellation)
    {
        var model = ModelBuilder.Build(request);
        var branch = new Branch(happened.HeldMinutes!.Value, happened.Release!.Value);
        var run = Ensemble.Run(model, ParticleSource.Ensemble, [branch], cancellation: cancellation);
        if (!run.ReachesPressure)
        {
            yield break;
        }

        var outcome = run.Outcomes[0];
        if (happened.ComeUpMinutes is > 1 and var up)
        {
            yield return Time(Sight.ComeUp, up, run.ToPressureMinutes);
        }

        if (happened is { Release.Kind: ReleaseKind.Natural, ReleaseMinutes: > 1 and var down })
        {
            yield return Time(Sight.Release, down, outcome.ReleaseMinutes);
        }

        if (happened.FirstReadings.Count > 0)
        {
            using var pot = OpenedPot.Cook(model, ParticleSource.Ensemble, branch, happened.FirstReadings, [], cancellation);
            for (var i = 0; i < happened.FirstReadings.Count; i++)
            {
                if (Reading(happened.FirstReadings[i], pot.AtReading[i]) is { } sighting)
                {
                    yield return sighting;
                }
            }
        }

        foreach (var sighting in AtTheTable(request, happened, outcome))
        {
            yield return sighting;
        }
    }

    private static Sighting Time(Sight what, double minutes, float[] expected)
    {
        double[] logs = [.. expected.Select(m => Math.Log(Math.Max(0.1, m)))];
        return Fit(what, Math.Log(minutes), logs, OfPot, SecondsOff / 60 / minutes);
    }

    // A round number that is said for done is "at least that": where more was to be expected it says nothing.
    private static Sighting? Reading(ProbeReading reading, SpotCelsius at)
    {
        double Expected(int p) =>
            at.Average is { } average
                ? ProbeError.ThickestTaken * at.Thickest[p] + (1 - ProbeError.ThickestTaken) * average[p]
                : at.Thickest[p];
        double[] expected = [.. Enumerable.Range(0, at.Thickest.Length).Select(Expected)];
        return SaidForDone(reading.Celsius) && expected.Average() >= reading.Celsius
            ? null
            : Fit(Sight.Reading, reading.Celsius - ProbeBias, expected, [.. OfPot, Uncertain.OwnThickness], ProbeOff) with
            {
                Spot = reading.SpotId,
            };
    }

    /// <summary>True for a number that cooks say for "it is done": 165 °F, 74 and 75 °C.</summary>
    /// <param name="celsius">What was said, °C.</param>
    internal static bool SaidForDone(double celsius)
    {
        const double Rounded = 0.06; // to a tenth of a degree
        double[] said = [SafetyRule.CoreCelsius, 75, Temperatures.FromFahrenheit(SafetyRule.CoreFahrenheit)];
        return said.Any(s => Math.Abs(celsius - s) <= Rounded);
    }

    private static IEnumerable<Sighting> AtTheTable(PlanRequest request, Happened happened, BranchOutcome outcome)
    {
        var said = happened.Tasting;
        var onlyOnce = happened.Returns == 0; // what was cooked on lost more than its first time under the lid
        if (onlyOnce && said is { RawGrams: > 0 and var raw, CookedGrams: > 0 and var cooked } && cooked < raw)
        {
            var muscle = request.Load.MuscleKg / request.Load.TotalKg;
            var fat = MeatYield.RenderedMl(request.Load, happened.HeldMinutes!.Value) * MeatYield.FatGramsPerMl;
            double[] lost = [.. outcome.WaterLossPercent.Select(l => l * muscle + fat / (request.Load.TotalKg * 10))];

            // What was never measured teaches nothing of the middle.
            Uncertain[] taught = happened.FirstReadings.Count > 0 ? [Uncertain.WaterLoss, Uncertain.OwnThickness] : [Uncertain.WaterLoss];
            yield return Fit(Sight.WeightLost, (1 - cooked / raw) * 100, lost, taught, ScalePercent);
        }

        if (onlyOnce && request.WantedAim is Aim.Pull or Aim.FallApart && said.Tender is { } tender)
        {
            var right = request.LeastTenderness; // where plans end, which most people call right
            double[] marks = [.. outcome.Tenderness.Select(t => (t - right) / TenderPerMark)];
            yield return Fit(Sight.Tender, tender, marks, [Uncertain.Collagen], TasteOff);
        }

        if (onlyOnce && said.Juicy is { } juicy)
        {
            double[] marks = [.. outcome.WaterLossPercent.Select(l => (UsualLossPercent - l) / LossPerMark)];
            yield return Fit(Sight.Juicy, juicy, marks, [Uncertain.WaterLoss], TasteOff);
        }
    }

    // At which most people call it right. Estimate: boneless breast just done loses about as much.
    private const double UsualLossPercent = 30;

    private static Sighting Fit(Sight what, double seen, double[] expected, IReadOnlyList<Uncertain> learned, double off)
    {
        var mean = expected.Average();
        var slopes = learned.ToDictionary(q => q, q => Slope(q, expected, mean));
        var variance = expected.Average(e => (e - mean) * (e - mean));
        var rest = variance - slopes.Sum(s => s.Value * s.Value * Lasting.Of(s.Key).LastingShare);
        return new(what, seen, mean, slopes, Math.Sqrt(Math.Max(0, rest) + off * off));
    }

    private static double Slope(Uncertain quantity, double[] expected, double mean)
    {
        var draws = ParticleDraws.Of(quantity);
        double product = 0,
            square = 0;
        for (var i = 0; i < expected.Length; i++)
        {
            product += draws[i] * (expected[i] - mean);
            square += draws[i] * draws[i];
        }

        return product / square;
    }
}

/// <summary>How much of a spread lasts from one cook to the next, and can be learned; the rest differs from day to day.</summary>
/// <param name="LastingShare">Share of the variance that lasts, 0 to 1.</param>
/// <param name="Source">Who says so.</param>
internal sealed record Lasting(double LastingShare, string Source)
{
    private static readonly Dictionary<Uncertain, Lasting> ByQuantity = new()
    {
        [Uncertain.HeaterPower] = new(0.8, "estimate: the plate's tolerance lasts, the voltage of the mains varies by the day"),
        [Uncertain.HeatLoss] = new(0.85, "estimate: a pot's jacket lasts, the draught of the kitchen does not"),
        [Uncertain.Purge] = new(0.7, "estimate: a valve closes much as it did, how the seal sits differs"),
        [Uncertain.GaugePressure] = new(0.85, "estimate: a switch drifts little"),
        [Uncertain.OwnThickness] = new(1, "by definition: what our typical thickness is off by is the same each time"),
        [Uncertain.WaterLoss] = new(0.6, "estimate: the butcher's breed and chilling last, the bird differs"),
        [Uncertain.Collagen] = new(0.5, "estimate: age at slaughter lasts with the butcher, the bird differs"),
    };

    /// <summary>Of a quantity that can be learned.</summary>
    public static Lasting Of(Uncertain quantity) => ByQuantity[quantity];
}
