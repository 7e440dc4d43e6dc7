using Ikuzo.Core.Running.Journal;
using Ikuzo.Core.Running.Rehearsal;
using Ikuzo.Web.Features.Cooks;

namespace Ikuzo.Web.Devices;

/// <summary>
/// The simulated pot and its probe, for cooks that are rehearsals. Made anew from the same journal they come out the same.
/// </summary>
internal sealed class SimulatedDevices : IDeviceMaker
{
    public bool Serves(KeptCook cook) => cook.Simulated;

    public Attached? Make(LiveCook live)
    {
        if (live.Events.LastOrDefault(e => e.Kind == CookEventKind.Simulated)?.Data is not { } data)
        {
            return null;
        }

        var pot = new SimulatedPot(live.Planned, data.Seed ?? 0, data.Faults ?? []);
        return new Attached(pot, pot);
    }
}
