using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Running.Journal;

namespace Ikuzo.Core.Tests.Running;

/// <summary>Plans and cooks that tests of a running cook begin with.</summary>
internal static class Planned
{
    public static PlanRequest Request(string cut, int pieces, double kg) =>
        new()
        {
            Pot = PotDefaults.For(5.7),
            Load = new MeatLoad
            {
                Cut = CutCatalogue.Find(cut)!,
                Pieces = pieces,
                TotalKg = kg,
            },
        };

    public static PlannedCook Cook(PlanRequest request) => PlannedCook.Of(request, Planner.Compute(request))!;
}
