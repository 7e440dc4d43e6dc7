using Ikuzo.Core.Conduction;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Planning;

/// <summary>What follows the first opening of cooks that are measured: nothing, standing covered, or going back.</summary>
internal sealed class Continuation
{
    private const double Hardly = 0.0005; // returns below this are none

    private readonly Readiness _readiness;
    private readonly double _returnMinutes,
        _returnLossPercent;

    private Continuation(Readiness readiness, GoingBack? back)
    {
        _readiness = readiness;
        if (back is not null)
        {
            var minutes = Quantiles.Sorted(back.Minutes);
            ReturnMinutes = new(Math.Round(Quantiles.Of(minutes, 0.5), 1), Math.Round(Quantiles.Of(minutes, 0.95), 1));
            _returnMinutes = ReturnMinutes.Value.P50;
            _returnLossPercent = Quantiles.Of(Quantiles.Sorted(back.MoreLossPercent), 0.5);
        }
    }

    /// <summary>How often each is enough.</summary>
    public Readiness Readiness => _readiness;

    /// <summary>From the first reading until the pot is open again, of those that go back, min; null when hardly any does.</summary>
    public LikelyAndLate? ReturnMinutes { get; }

    /// <summary>Follows an ending.</summary>
    /// <param name="model">The cook.</param>
    /// <param name="branch">Minutes held and release.</param>
    /// <param name="measured">What a thermometer would find.</param>
    public static Continuation Of(CookModel model, Branch branch, MeasuredOutcome measured)
    {
        var readiness = new Readiness(measured);
        var returns = readiness.ChanceOfReturn;
        int[] likeliest = [.. Enumerable.Range(0, returns.Length).OrderByDescending(p => returns[p]).Take(Lanes.Width)];
        return new(readiness, returns.Average() < Hardly ? null : GoingBack.Of(model, branch, ParticleSource.Some(likeliest)));
    }

    /// <summary>Juice lost, expected over what follows, per particle.</summary>
    /// <param name="atOpening">Juice lost at opening, percent of the raw weight of the muscle.</param>
    public float[] WaterLoss(float[] atOpening) =>
        [.. atOpening.Select((loss, p) => (float)(loss + _readiness.ChanceOfReturn[p] * _returnLossPercent))];

    /// <summary>From lid-on to the table, min, 95th percentile over cooks and what follows in each.</summary>
    /// <param name="toOpening">From lid-on until the lid may be opened, min, per particle.</param>
    /// <param name="load">The meat, which rests before it is cut.</param>
    public double LateMinutes(float[] toOpening, MeatLoad load)
    {
        const double Late = 0.95;
        var rest = KitchenTimes.RestMinutes(load);
        var stood = CoveredRest.MostMinutes + CoveredRest.ReadMinutes;
        var ends = Enumerable
            .Range(0, toOpening.Length)
            .SelectMany(p =>
            {
                var read = toOpening[p] + CoveredRest.ReadMinutes;
                double first = _readiness.ChanceAtFirst[p],
                    back = _readiness.ChanceOfReturn[p];
                return new (double Minutes, double Weight)[]
                {
                    (read + rest, first),
                    (read + Math.Max(stood, rest), 1 - first - back),
                    (read + _returnMinutes + rest, back),
                };
            })
            .OrderBy(e => e.Minutes)
            .ToList();
        var most = Late * ends.Sum(e => e.Weight);
        var sum = 0.0;
        return ends.First(e => (sum += e.Weight) >= most).Minutes;
    }
}
