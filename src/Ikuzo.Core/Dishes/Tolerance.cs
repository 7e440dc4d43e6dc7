using Ikuzo.Core.Companions;
using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Dishes;

/// <summary>
/// What a cook lets go so that a dish goes in one go: the table that decides which of the two ways is proposed. Held against seventy dishes
/// of general kitchen practice (<c>JudgedDishesTests</c>).
/// </summary>
public static class Tolerance
{
    /// <summary>How far from its best something may come: 0 at its best, 1 where it is too far on its own.</summary>
    /// <param name="item">What, and how much of it.</param>
    /// <param name="served">How the dish comes to the table.</param>
    public static double MostOff(BesideItem item, Serving served) =>
        item.Companion.Kind switch
        {
            _ when Melts(item, served) => double.PositiveInfinity,
            CompanionKind.Pulse or CompanionKind.Root or CompanionKind.Flesh => 1.3, // breaks and thickens, is very soft in a stew
            _ => 1, // grain, pasta, greens and dough turn to paste
        };

    /// <summary>True for what melts into the sauce: onions and their like, and a root or two that are there for their taste.</summary>
    /// <param name="item">What, and how much of it.</param>
    /// <param name="served">How the dish comes to the table: more of them belong into a soup, none into a clear broth.</param>
    public static bool Melts(BesideItem item, Serving served) =>
        item.Companion.Kind switch
        {
            CompanionKind.Aromatic => true,
            CompanionKind.Root or CompanionKind.Flesh => item.Grams
                <= served switch
                {
                    Serving.Soup or Serving.ThickSoup or Serving.Stew => ForTheSoupGrams,
                    Serving.Broth => 0,
                    _ => ForTheSauceGrams,
                },
            _ => false,
        };

    private const double ForTheSauceGrams = 200,
        ForTheSoupGrams = 300;

    /// <summary>The same of meat: 1 where it is past what is wanted.</summary>
    public const double MostOffMeat = 1;

    /// <summary>True when nothing of a dish comes farther from its best than a cook lets go.</summary>
    /// <param name="plan">A way that works.</param>
    public static bool Bears(DishPlan plan) =>
        plan.Best!.Stages.All(s =>
        {
            var items = s.Items.Select(key => plan.Arranged!.Items.First(i => i.Key == key)).ToList();
            var isSour = items.Any(i => i is BesideItem b && b.Companion.Is(CompanionTraits.Acid));
            return items.Zip(s.Outcomes).All(o => Bears(o.First, o.Second, isSour, plan.Arranged!.Served));
        });

    /// <summary>True when nothing of a dish is noticeably off its best, but for what melts into the sauce.</summary>
    /// <param name="plan">A way that works.</param>
    public static bool IsRight(DishPlan plan) =>
        plan.Best!.Stages.SelectMany(s => s.Outcomes)
            .All(o =>
                plan.Arranged!.Items.First(i => i.Key == o.Key) is BesideItem beside
                    ? Melts(beside, plan.Arranged.Served) || Math.Abs(o.Distance ?? 0) <= Noticed
                    : 2 * (1 - o.Score) <= Noticed
            );

    private static bool Bears(DishItem item, ItemOutcome outcome, bool isSour, Serving served) =>
        item switch
        {
            BesideItem beside => outcome.Distance is not { } off || (off >= LeastOff(beside, isSour) && off <= MostOff(beside, served)),
            _ => 2 * (1 - outcome.Score) <= MostOffMeat,
        };

    // Beside something sour beans from dry take longer than is computed.
    private static double LeastOff(BesideItem item, bool isSour) =>
        isSour && item.Companion is { Drinks: true, Kind: CompanionKind.Pulse, Minutes.Just: >= BeansJustMinutes } ? HalfWayToTooFar : -1;

    /// <summary>Pulses that need so many minutes until they are just done go in from dry, min.</summary>
    internal const double BeansJustMinutes = 20;

    private const double HalfWayToTooFar = 0.5;

    /// <summary>What comes of a way: what is off its best, in words; each word once.</summary>
    /// <param name="plan">A way that works.</param>
    public static string Words(DishPlan plan)
    {
        string[] off =
        [
            .. plan.Best!.Stages.SelectMany(s => s.Outcomes)
                .Where(o => o.Distance is { } distance && Math.Abs(distance) > Noticed)
                .GroupBy(o => o.Word, o => DishWords.Name(plan.Arranged!.Items.First(i => i.Key == o.Key)))
                .Select(g => $"{Listed.And([.. g])} {g.Key}"),
        ];
        return off.Length == 0 ? "everything right" : string.Join(", ", off);
    }

    private const double Noticed = 0.5;
}
