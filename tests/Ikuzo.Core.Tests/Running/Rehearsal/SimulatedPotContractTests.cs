using Ikuzo.Core.Cooking;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Running.Journal;
using Ikuzo.Core.Running.Rehearsal;

namespace Ikuzo.Core.Tests.Running.Rehearsal;

public class SimulatedPotContractTests : DeviceContract
{
    private static readonly PlannedCook Drumsticks = Planned();

    protected override double MostMinutes => 90;

    protected override string Spot => "centre";

    protected override Attached Make()
    {
        var pot = new SimulatedPot(Drumsticks, 5, [SimulatedFault.ProbeDropout]);
        return new(pot, pot);
    }

    private static PlannedCook Planned()
    {
        var request = new PlanRequest
        {
            Pot = PotDefaults.For(5.7),
            Load = new MeatLoad
            {
                Cut = CutCatalogue.Find("chicken-drumstick")!,
                Pieces = 6,
                TotalKg = 0.7,
            },
            Release = Release.Natural,
        };
        return PlannedCook.Of(request, Planner.Compute(request))!;
    }
}
