using Ikuzo.Core.Running.Aftercare;
using Ikuzo.Core.Running.Journal;

namespace Ikuzo.Core.Store;

/// <summary>What a finished cook puts into the cold by itself: what it was to set aside, and stock.</summary>
/// <remarks>Leftovers are not among it: nobody but the eaters knows whether there are any.</remarks>
public static class SetAside
{
    private const int MostNameCharacters = 80,
        NearestMl = 50; // nobody measures stock finer than that

    /// <summary>The things, each since a moment.</summary>
    /// <param name="cook">The cook.</param>
    /// <param name="name">What the household calls it.</param>
    /// <param name="stockMl">Liquid that is left in the pot, ml; null where nobody computed it.</param>
    /// <param name="at">When it was finished.</param>
    public static IReadOnlyList<StoreItem> Of(PlannedCook cook, string name, double? stockMl, DateTimeOffset at)
    {
        var boxes = AfterPot
            .SetAside(cook.After)
            .Select(line => new StoreItem
            {
                Kind = StoreKind.Meal,
                Name = Short($"{name}: {line}"),
                Cut = cook.Request.Load.Cut,
                Portions = 1,
                Moves = [new("0", IsToFreeze(line) ? StorePlace.Freezer : StorePlace.Fridge, at)],
            });
        return cook.Request.IsForStock
            ?
            [
                .. boxes,
                new StoreItem
                {
                    Kind = StoreKind.Stock,
                    Name = Short($"Stock: {name}"),
                    Ml = stockMl is { } ml ? Math.Round(ml / NearestMl) * NearestMl : null,
                    Moves = [new("0", StorePlace.Fridge, at)],
                },
            ]
            : [.. boxes];
    }

    private static bool IsToFreeze(string line) =>
        line.Contains("freez", StringComparison.OrdinalIgnoreCase) || line.Contains("frozen", StringComparison.OrdinalIgnoreCase);

    private static string Short(string text) => text.Length <= MostNameCharacters ? text : $"{text[..(MostNameCharacters - 1)]}…";
}
