using Ikuzo.Core.Cooking;
using Ikuzo.Core.Running.Journal;
using Ikuzo.Core.Running.Rehearsal;

namespace Ikuzo.Core.Tests.Running.Rehearsal;

public class SimulatedPotContractTests : DeviceContract
{
    private static readonly PlannedCook Drumsticks = Planned.Cook(
        Planned.Request("chicken-drumstick", 6, 0.7) with
        {
            Release = Release.Natural,
        }
    );

    protected override double MostMinutes => 90;

    protected override string Spot => "centre";

    protected override Attached Make()
    {
        var pot = new SimulatedPot(Drumsticks, 5, [SimulatedFault.ProbeDropout]);
        return new(pot, pot);
    }
}
