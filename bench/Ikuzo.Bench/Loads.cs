using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;

namespace Ikuzo.Bench;

/// <summary>The cooks that are measured: one spot and two, thawed and frozen, thick and thin.</summary>
internal static class Loads
{
    public static IReadOnlyList<(string Name, PlanRequest Request)> All { get; } =
    [
        ("6 chicken thighs, bone in", Of("chicken-thigh-bone-in", 6, 1.1)),
        ("4 chicken breasts, frozen", Of("chicken-breast-boneless", 4, 0.9, MeatState.Frozen)),
        ("whole chicken, 1.8 kg", Of("chicken-whole", 1, 1.8)),
        ("whole chicken, frozen", Of("chicken-whole", 1, 1.8, MeatState.Frozen)),
        ("4 duck legs, to fall apart", Of("duck-leg", 4, 1.0)),
        ("6 chicken cutlets", Of("chicken-cutlet", 6, 0.7)),
    ];

    public static PlanRequest Named(string name) => All.First(l => l.Name == name).Request;

    private static PlanRequest Of(string cut, int pieces, double kg, MeatState state = MeatState.Chilled) =>
        new()
        {
            Pot = PotDefaults.For(5.7),
            Load = new MeatLoad
            {
                Cut = CutCatalogue.Find(cut)!,
                Pieces = pieces,
                TotalKg = kg,
                State = state,
                Placement = Placement.Rack,
            },
        };
}
