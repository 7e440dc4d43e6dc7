using Ikuzo.Core.Companions;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Dishes;

/// <summary>Changes of cut, state or size that would help.</summary>
internal static class Changes
{
    private const int Most = 2;
    private const double Hardly = 0.5; // no dish costs much less: one time under the lid, everything at its best
    private const double LeastGain = 0.25; // a quarter of a thing at the edge of what it bears

    /// <summary>The two changes that help most, in the score of the search.</summary>
    public static IReadOnlyList<Suggestion> Of(DishRequest dish, DishSolver.Search search, CancellationToken cancellation)
    {
        (string Words, DishSolver.Search Search, double Cost) Tried((string Words, DishItem Item) change)
        {
            var changed = search.With(change.Item);
            return (change.Words, changed, changed.Quick?.Cost ?? double.MaxValue);
        }

        var now = search.Quick?.Cost ?? double.MaxValue;
        return now < Hardly + LeastGain
            ? []
            :
            [
                .. InParallel
                    .Select([.. dish.Items.SelectMany(Of)], Tried, cancellation)
                    .Where(c => c.Cost < now - LeastGain)
                    .OrderBy(c => c.Cost)
                    .Take(Most)
                    .Select(c => (c.Words, Plan: c.Search.Solve(DishSolver.Orders.Best, cancellation).Best))
                    .Where(c => c.Plan is not null)
                    .Select(c => new Suggestion(c.Words, c.Plan!.Stages.Count, c.Plan.TotalMinutes)),
            ];
    }

    private static IEnumerable<(string Words, DishItem Item)> Of(DishItem item) =>
        item switch
        {
            MeatItem meat => States(meat).Concat(Cuts(meat)),
            BesideItem beside => Sizes(beside),
            _ => [],
        };

    // Only legs forgive it under a slow grain: breast and dice dry out even where they are safe.
    private static IEnumerable<(string, DishItem)> States(MeatItem meat)
    {
        if (meat.Load.State != MeatState.Frozen && meat.Load.Cut.Part is not (Part.Thigh or Part.Leg or Part.Drumstick))
        {
            yield break;
        }

        var frozen = meat.Load.State == MeatState.Frozen;
        yield return (
            frozen ? $"Thaw the {DishWords.Name(meat)} first." : $"Take the {DishWords.Name(meat)}, still frozen.",
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
            .Select(c => ($"Take {c.Plural} instead.", (DishItem)(meat with { Load = Load(meat.Load, c), Aim = null })));

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
        if (!beside.MayChange && beside.Companion.IsCut && beside.Size != PieceSize.Large)
        {
            yield return ($"Cut the {DishWords.Name(beside)} large.", beside with { Size = PieceSize.Large });
        }
    }
}
