using Ikuzo.Core.Companions;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Planning;

namespace Ikuzo.Core.Dishes;

/// <summary>Arranges a dish in stages so that each thing lands in its window, with the fewest stages and then the least time.</summary>
/// <remarks>
/// An exact search: every way to put up to eight items into up to three stages is looked at, stage sets are judged once. Windows of meat
/// come
/// from a scout; the arrangements that win are then computed in full with everything in the pot, and minutes are added until they are safe.
/// </remarks>
public static class DishSolver
{
    private const int MostStages = 3;

    /// <summary>Finds the best arrangement and the runner-up, or says which item is to blame.</summary>
    /// <param name="dish">One to eight items with different keys.</param>
    /// <param name="cancellation">Stops the computation.</param>
    /// <exception cref="ArgumentException">No item, more than eight, or a key twice.</exception>
    public static DishPlan Solve(DishRequest dish, CancellationToken cancellation = default) =>
        Solve(Checked(dish), new ItemWindows(dish), withChanges: true, cancellation);

    /// <summary>The same without suggestions, which take as long again, for who only wants the stages.</summary>
    /// <param name="dish">The dish.</param>
    /// <param name="cancellation">Stops the computation.</param>
    /// <exception cref="ArgumentException">No item, more than eight, or a key twice.</exception>
    public static DishPlan Arrange(DishRequest dish, CancellationToken cancellation = default) =>
        Arrange(dish, new ItemWindows(dish), cancellation);

    /// <summary>The stages, with windows that are asked again later.</summary>
    internal static DishPlan Arrange(DishRequest dish, ItemWindows windows, CancellationToken cancellation) =>
        Solve(Checked(dish), windows, withChanges: false, cancellation);

    private static DishRequest Checked(DishRequest dish)
    {
        if (dish.Items.Count is 0 or > DishRequest.MostItems || dish.Items.DistinctBy(i => i.Key).Count() != dish.Items.Count)
        {
            throw new ArgumentException($"A dish has one to {DishRequest.MostItems} items with different keys.", nameof(dish));
        }

        return dish;
    }

    private static DishPlan Solve(DishRequest whole, ItemWindows windows, bool withChanges, CancellationToken cancellation)
    {
        string[] stirIn = [.. whole.Items.OfType<BesideItem>().Where(b => b.IsStirredIn).Select(b => b.Key)];
        var dish = whole with { Items = [.. whole.Items.Where(i => !stirIn.Contains(i.Key))] };
        if (dish.Items.Count == 0)
        {
            return new(null, null, DishWords.BlameOnlyStirredIn(whole), []);
        }

        var judge = new StageJudge(dish, windows);
        if (dish.Items.FirstOrDefault(i => judge.Of(1 << dish.Items.ToList().IndexOf(i)) is null) is { } alone)
        {
            return new(null, null, DishWords.Blame(dish, alone), []);
        }

        var found = Partitions(dish.Items.Count)
            .Select(sets => sets.Select(judge.Of).ToArray())
            .Where(stages => stages.All(s => s is not null))
            .Select(stages =>
                stages
                    .Select(s => s!)
                    .OrderByDescending(s => s.IsQuickVegetable)
                    .ThenByDescending(s => s.HasMeat)
                    .ThenByDescending(s => s.Minutes)
                    .ToArray()
            )
            .OrderBy(stages => stages.Length)
            .ThenBy(stages => stages.Sum(s => s.Cost))
            .Take(8);
        var wanted = Wanted(dish, judge, windows, cancellation);
        var orders = found.Select(stages => Finishing.Order(dish, windows, stages, cancellation)).OfType<StageOrder>().Take(2).ToList();
        if (wanted is not null)
        {
            orders = [wanted, .. orders.Where(o => !IsSame(o, wanted)).Take(1)];
        }

        return orders.Count == 0
            ? new(null, null, DishWords.BlameTogether(FailsAlone(dish, judge, windows, cancellation)), [])
            : new(
                orders[0],
                orders.Skip(1).FirstOrDefault(),
                null,
                withChanges && orders[0].Stages.Count > 1 ? Changes.Of(dish, windows, cancellation) : []
            )
            {
                StirIn = stirIn,
                IsWanted = wanted is not null,
            };
    }

    // What the cook wants stands while it is every item once, it goes into the pot, and the meat can be made safe. What else it does to
    // each is said, not forbidden.
    private static StageOrder? Wanted(DishRequest dish, StageJudge judge, ItemWindows windows, CancellationToken cancellation)
    {
        if (
            dish.Wanted is not { Count: > 0 and <= MostStages } wanted
            || !wanted.SelectMany(s => s).Order().SequenceEqual(dish.Items.Select(i => i.Key).Order())
            || wanted.Any(s => s.Count == 0)
        )
        {
            return null;
        }

        var keys = dish.Items.Select(i => i.Key).ToList();
        var stages = wanted.Select(s => judge.Forced(s.Aggregate(0, (set, key) => set | (1 << keys.IndexOf(key))))).ToList();
        return stages.All(s => s is not null) ? Finishing.Order(dish, windows, [.. stages.Select(s => s!)], cancellation) : null;
    }

    // The first thing that cannot be made safe even alone; else the meat, which decides.
    private static DishItem FailsAlone(DishRequest dish, StageJudge judge, ItemWindows windows, CancellationToken cancellation) =>
        dish.Items.Where((_, i) => Finishing.Order(dish, windows, [judge.Of(1 << i)!], cancellation) is null).FirstOrDefault()
        ?? dish.Items.FirstOrDefault(i => i is MeatItem)
        ?? dish.Items[0];

    private static bool IsSame(StageOrder one, StageOrder other) =>
        one.Stages.Count == other.Stages.Count
        && one.Stages.Zip(other.Stages).All(s => s.First.Items.Order().SequenceEqual(s.Second.Items.Order()));

    /// <summary>True when everything can go in at once.</summary>
    internal static bool IsOneStage(DishRequest dish, ItemWindows windows) =>
        new StageJudge(dish, windows).Of((1 << dish.Items.Count) - 1) is not null;

    // Every way to divide the items into one to three sets, as bit sets: restricted growth strings.
    private static IEnumerable<int[]> Partitions(int items)
    {
        IEnumerable<int[]> Extend(int[] sets, int item)
        {
            if (item == items)
            {
                return [sets];
            }

            var into = Enumerable.Range(0, sets.Length).Select(i => sets.Select((s, j) => j == i ? s | (1 << item) : s).ToArray());
            return (sets.Length < MostStages ? into.Append([.. sets, 1 << item]) : into).SelectMany(s => Extend(s, item + 1));
        }

        return Extend([1], 1);
    }
}

/// <summary>A set of items that may share a stage.</summary>
/// <param name="Items">The items.</param>
/// <param name="Release">The release that suits them.</param>
/// <param name="Range">Minutes at which all are in their window.</param>
/// <param name="Cost">About how long the stage takes, min.</param>
internal sealed record StageDraft(IReadOnlyList<DishItem> Items, Release Release, MinuteRange Range, double Cost)
{
    /// <summary>Minutes to set: what most wants, if all can take it.</summary>
    public int Minutes => Math.Clamp(Range.Wanted, Range.Least, Range.Most);

    public bool HasMeat => Items.Any(i => i is MeatItem);

    /// <summary>
    /// True for vegetables of a moment: they go first, come out, and go back at the end, so that the bird does not wait for them.
    /// </summary>
    public bool IsQuickVegetable =>
        Minutes <= MostQuickMinutes && Items.All(i => i is BesideItem { Companion.Kind: CompanionKind.Green or CompanionKind.Flesh });

    private const int MostQuickMinutes = 1;
}

/// <summary>Judges sets of items, each once.</summary>
internal sealed class StageJudge(DishRequest dish, ItemWindows windows)
{
    private const double StageOverheadMinutes = 12; // come-up and handling, for ordering only
    private static readonly Release[] Ordinary = [Release.Vent, Release.Natural],
        Spurting = [Release.Pulsed, Release.Natural];

    private readonly Dictionary<int, StageDraft?> _known = [];

    public StageDraft? Of(int set)
    {
        if (!_known.TryGetValue(set, out var draft))
        {
            _known[set] = draft = Draft([.. dish.Items.Where((_, i) => (set & (1 << i)) != 0)]);
        }

        return draft;
    }

    /// <summary>A set as it is asked for, although not all in it may meet; null when it does not go into the pot.</summary>
    public StageDraft? Forced(int set)
    {
        if (Of(set) is { } meets)
        {
            return meets;
        }

        IReadOnlyList<DishItem> items = [.. dish.Items.Where((_, i) => (set & (1 << i)) != 0)];
        return Holds(items) ? Ways(items).Select(w => Compromise(items, w)).OfType<StageDraft>().MinBy(d => d.Cost) : null;
    }

    // Meat is what must be safe, so it decides; without any, what is slowest.
    private StageDraft? Compromise(IReadOnlyList<DishItem> items, Release release)
    {
        var ranges = items.Select(i => (IsMeat: i is MeatItem, Range: windows.Of(i, release))).ToList();
        var deciding = ranges.Any(r => r.IsMeat) ? ranges.Where(r => r.IsMeat).ToList() : ranges;
        if (deciding.Any(r => r.Range.IsEmpty))
        {
            return null;
        }

        // What each wants is no less than its least.
        var wanted = deciding.Max(r => r.Range.Wanted);
        var most = Math.Max(deciding.Max(r => r.Range.Most), wanted);
        return new(items, release, new(wanted, most, wanted), StageOverheadMinutes + wanted + release.UsualMinutes);
    }

    private StageDraft? Draft(IReadOnlyList<DishItem> items)
    {
        if (!Holds(items))
        {
            return null;
        }

        return Ways(items)
            .Select(w => (Release: w, Range: items.Select(i => windows.Of(i, w)).Aggregate((a, b) => a.And(b))))
            .Where(w => !w.Range.IsEmpty)
            .Select(w => new StageDraft(
                items,
                w.Release,
                w.Range,
                StageOverheadMinutes + Math.Clamp(w.Range.Wanted, w.Range.Least, w.Range.Most) + w.Release.UsualMinutes
            ))
            .MinBy(d => d.Cost + Price(d, items));
    }

    private Release[] Ways(IReadOnlyList<DishItem> items) =>
        items.OfType<BesideItem>().Any(b => b.Load.Spurts) || ReleaseChoice.IsSoup(StageRequest.LiquidMl(dish, items), dish.Pot)
            ? Spurting
            : Ordinary;

    private bool Holds(IReadOnlyList<DishItem> items) =>
        items.OfType<MeatItem>().FirstOrDefault() is { } meat
            ? Warnings.Of(StageRequest.Of(dish, items, meat)).All(w => !DishRequest.Hinders(w) || w.Code == "spurts")
            : (StageRequest.LiquidMl(dish, items) + items.OfType<BesideItem>().Sum(b => b.Grams)) / 1000 <= dish.Pot.CapacityLitres / 2;

    // A release with which nothing is past its window comes first. Venting at once costs meat about a percent of juice, worth ten minutes
    // or so where nothing is in a hurry.
    private static double Price(StageDraft draft, IReadOnlyList<DishItem> items) =>
        (draft.Range.IsPast ? 60 : 0) + (draft.Release.Kind == ReleaseKind.Vent && items.Any(i => i is MeatItem) ? 12 : 0);
}
