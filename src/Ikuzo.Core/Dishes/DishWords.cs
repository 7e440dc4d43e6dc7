using Ikuzo.Core.Cooking;
using Ikuzo.Core.Filling;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Dishes;

/// <summary>Why a dish is arranged as it is, in kitchen words.</summary>
internal static class DishWords
{
    public static string Name(DishItem item) =>
        item switch
        {
            MeatItem meat => meat.Load.Name,
            BesideItem beside => beside.Companion.Name.ToLowerInvariant(),
            _ => item.Key,
        };

    /// <summary>What is in a stage, with commas.</summary>
    public static string Names(DishRequest dish, DishStage stage) =>
        string.Join(", ", dish.Items.Where(i => stage.Items.Contains(i.Key)).Select(Name));

    /// <summary>What goes into a stage, each with its amount, with commas.</summary>
    public static string Amounts(DishRequest dish, DishStage stage)
    {
        var say = new Wording(dish.Units);
        return string.Join(", ", dish.Items.Where(i => stage.Items.Contains(i.Key)).Select(i => Amount(i, say)));
    }

    /// <summary>An item with its amount.</summary>
    public static string Amount(DishItem item, Wording say) =>
        item switch
        {
            MeatItem meat => meat.Load.Words,
            BesideItem beside => beside.Load.Words(say),
            _ => item.Key,
        };

    public static string Why(StageDraft draft, int minutes, ItemWindows windows)
    {
        var parts = draft
            .Items.Select(i => (Name: Name(i), Range: windows.Of(i, draft.Release)))
            .Select(i => Inv($"{i.Name} {i.Range.Least} to {i.Range.Most} min"));
        var ending = draft.Release.Kind switch
        {
            ReleaseKind.Vent => "vented at once",
            ReleaseKind.Pulsed => "vented in bursts, since it would spurt",
            _ => "left until the pin drops",
        };
        var past = draft.Range.IsPast ? " Being safe takes longer than its aim allows; thinner pieces would hold together better." : "";
        var first = draft.IsQuickVegetable
            ? " First and alone, then out of the pot and back in at the end, so that the meat does not wait."
            : "";
        var meet = draft.Items.All(i => windows.Of(i, draft.Release).Verdict(minutes) != ItemVerdict.Under && !IsPast(i))
            ? $"all meet at {minutes} min"
            : $"they do not all meet; {minutes} min as the meat needs it";
        return Inv($"{string.Join(", ", parts)}: {meet}, {ending}.{first}{past}");

        bool IsPast(DishItem item) => windows.Of(item, draft.Release) is { IsPast: false } range && minutes > range.Most;
    }

    public static Blame Blame(DishRequest dish, DishItem item) =>
        item is MeatItem meat
            ? Stop(dish, meat) is { } stop
                ? new(
                    item.Key,
                    $"{Wording.Capital(Name(item))}: {char.ToLowerInvariant(stop.Because[0])}{stop.Because[1..]} {stop.Text}",
                    stop.Code == Fit.TryTheLidCode ? new TriedLid(meat.Load.TotalKg, dish.Pot.CapacityLitres) : null
                )
                : new(
                    item.Key,
                    $"{Wording.Capital(Name(item))} cannot be made safe and as wanted in this pot. Cut it smaller, or choose another aim."
                )
            : new(
                item.Key,
                $"{Wording.Capital(Name(item))} with its liquid is more than half of this pot, or has no minutes that suit it. Take less, "
                    + "or a bigger pot."
            );

    public static Blame BlameTogether(DishItem item) =>
        new(
            item.Key,
            $"{Wording.Capital(Name(item))} is not safe at any minutes that suit it, even alone. Cut it smaller, or choose "
                + "another aim."
        );

    public static Blame BlameOnlyStirredIn(DishRequest dish) =>
        new(
            dish.Items[0].Key,
            $"{Wording.Capital(Name(dish.Items[0]))} goes in after pressure; there is nothing to cook under it. Add meat, or something "
                + "beside it."
        );

    private static Warning? Stop(DishRequest dish, MeatItem meat) =>
        Warnings.Of(StageRequest.Of(dish, [meat], meat)).FirstOrDefault(DishRequest.Hinders);

    private static string Inv(FormattableString text) => FormattableString.Invariant(text);
}
