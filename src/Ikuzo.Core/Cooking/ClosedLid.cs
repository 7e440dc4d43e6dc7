using Ikuzo.Core.Conduction;
using Ikuzo.Core.Safety;

namespace Ikuzo.Core.Cooking;

/// <summary>
/// What waiting does for who has no thermometer: the pot is left closed after the pin has dropped, the heater off, and the middle goes on
/// warming in it.
/// </summary>
public static class ClosedLid
{
    /// <summary>Nobody is asked to wait for longer than this, min; closing it again is quicker. Choice.</summary>
    public const int MostMinutes = 20;

    /// <summary>Whole minutes after the pin has dropped from which the safety rule holds; null when it does not within the limit.</summary>
    /// <param name="model">A cook that reaches pressure.</param>
    /// <param name="branch">Minutes held and release.</param>
    /// <param name="cancellation">Stops between blocks of particles.</param>
    public static int? MinutesToBeSure(CookModel model, Branch branch, CancellationToken cancellation = default)
    {
        var particles = ParticleSource.Ensemble;
        var coldest = Enumerable.Range(0, MostMinutes + 1).Select(_ => new float[particles.Count]).ToArray();
        Ensemble.ForEachBlock(
            particles,
            (block, first) =>
            {
                block.Load(model, particles, first);
                block.ComeUp();
                block.Hold(branch.HoldMinutes * 60);
                block.Let(branch.Release);
                Lanes.Store(block.ColdestCelsius(), coldest[0], first);
                foreach (var minute in coldest[1..])
                {
                    block.Live(Surroundings.Rest, 60, 0, Release.VentTauSeconds);
                    Lanes.Store(block.ColdestCelsius(), minute, first);
                }
            },
            cancellation
        );
        var sure = Array.FindIndex(coldest, c => SafetyRule.Holds(SafetyRule.ShareAtCore(c)));
        return sure < 0 ? null : sure;
    }
}
