using Ikuzo.Core.Companions;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Poultry;

namespace Ikuzo.Core.Dishes;

/// <summary>Changes of cut, state or size that would let everything go in at once.</summary>
internal static class Changes
{
    private const int Most = 3;

    public static IReadOnlyList<Suggestion> Of(DishRequest dish, ItemWindows windows, CancellationToken cancellation) =>
        [
            .. dish
                .Items.SelectMany(
                    (item, i) =>
                        Of(item)
                            .Select(c => (c.Words, Dish: dish with { Items = [.. dish.Items.Select((old, j) => j == i ? c.Item : old)] }))
                )
                .AsParallel()
                .AsOrdered()
                .WithCancellation(cancellation)
                .Where(c => DishSolver.IsOneStage(c.Dish, windows))
                .AsSequential()
                .Select(c => (c.Words, Plan: DishSolver.Arrange(c.Dish, windows, cancellation).Best))
                .Where(c => c.Plan is { Stages.Count: 1 })
                .Select(c => new Suggestion(c.Words, 1, c.Plan!.TotalMinutes))
                .Take(Most),
        ];

    private static IEnumerable<(string Words, DishItem Item)> Of(DishItem item) =>
        item switch
        {
            MeatItem meat => States(meat).Concat(Cuts(meat)),
            BesideItem beside => Sizes(beside),
            _ => [],
        };

    // Breast under a slow grain dries out even where it is safe: it is never sent there frozen.
    private static IEnumerable<(string, DishItem)> States(MeatItem meat)
    {
        if (meat.Load.State != MeatState.Frozen && meat.Load.Cut.Part is (Part.Breast or Part.Cutlet or Part.Tender or Part.Crown))
        {
            yield break;
        }

        var frozen = meat.Load.State == MeatState.Frozen;
        yield return (
            frozen ? $"Thaw the {DishWords.Name(meat)} first." : $"Put the {DishWords.Name(meat)} in still frozen.",
            meat with
            {
                Load = meat.Load with { State = frozen ? MeatState.Chilled : MeatState.Frozen, StartCelsius = null },
            }
        );
    }

    // Legs forgive: the same weight of them, to pull.
    private static IEnumerable<(string, DishItem)> Cuts(MeatItem meat) =>
        CutCatalogue
            .All.Where(c => c.Species == meat.Load.Cut.Species && (c.Part is Part.Thigh or Part.Leg) && c != meat.Load.Cut)
            .Select(c => ($"Take {c.Plural} instead.", (DishItem)(meat with { Load = Load(meat.Load, c), Aim = c.UsualAim })));

    private static MeatLoad Load(MeatLoad load, Cut cut) =>
        load with
        {
            Cut = cut,
            Pieces = Math.Max(1, (int)Math.Round(load.TotalKg / cut.TypicalKg.Value)),
            ThicknessMm = null,
            HeaviestKg = null,
        };

    private static IEnumerable<(string, DishItem)> Sizes(BesideItem beside)
    {
        if (beside.Companion.IsCut && beside.Size != PieceSize.Large)
        {
            yield return ($"Cut the {DishWords.Name(beside)} large.", beside with { Size = PieceSize.Large });
        }
    }
}
