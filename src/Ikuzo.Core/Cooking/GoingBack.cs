using Ikuzo.Core.Conduction;
using Ikuzo.Core.Safety;

namespace Ikuzo.Core.Cooking;

/// <summary>What going back under pressure costs the few that are still short after standing covered.</summary>
/// <param name="Minutes">From the first reading until the lid may be opened again, min, one for each cook.</param>
/// <param name="MoreLossPercent">Juice lost on the way, percent of the raw weight of the muscle, one for each cook.</param>
internal sealed record GoingBack(float[] Minutes, float[] MoreLossPercent)
{
    private const double RecloseMinutes = 1; // read again, close, set
    private static readonly double[] Held = [1, 2, 3, 4, 6, 8, 10, 14, 20, 30];

    /// <summary>Cooks some particles to an ending, lets them stand, and cooks them on until each is there.</summary>
    /// <param name="model">A cook that reaches pressure.</param>
    /// <param name="branch">Minutes held and release.</param>
    /// <param name="some">One block of particles.</param>
    public static GoingBack Of(CookModel model, Branch branch, ParticleSource some)
    {
        Span<Lane> peaks = stackalloc Lane[SpotStates.MostSpots];
        var block = Ensemble.Rent();
        block.Load(model, some, 0);
        block.ComeUp();
        block.Hold(branch.HoldMinutes * 60);
        block.Let(branch.Release);
        block.Open(CoveredRest.ReadMinutes * 60, peaks);
        var (since, lost) = (block.ElapsedSeconds, block.WaterLossPercent());
        block.Cover(CoveredRest.MostMinutes * 60, peaks);
        block.Open(RecloseMinutes * 60, peaks);
        block.Reclose(underPressure: true);
        block.ComeUp();
        foreach (var minutes in Held)
        {
            block.Hold(minutes * 60);
            block.Keep(0);
            block.Let(branch.Release);
            var (until, more) = (block.ElapsedSeconds, block.WaterLossPercent());
            block.Centres(peaks);
            block.Cover(CoveredRest.MostRestMinutes * 60, peaks);
            if (SafetyRule.IsReached(Lanes.Least(MeasuredOutcome.Lowest(peaks, block.Spots))) || minutes == Held[^1])
            {
                var back = new GoingBack(new float[Lanes.Width], new float[Lanes.Width]);
                Lanes.Store((until - since) / Lanes.All(60), back.Minutes, 0);
                Lanes.Store(more - lost, back.MoreLossPercent, 0);
                Ensemble.Return(block);
                return back;
            }

            block.GoBack(0);
        }

        throw new InvalidOperationException("The last of the minutes is always taken.");
    }
}
