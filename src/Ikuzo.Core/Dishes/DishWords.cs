using Ikuzo.Core.Companions;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Filling;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;
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

    /// <summary>What is taken out before another time under the lid, in words; null where nothing comes out.</summary>
    /// <param name="dish">The dish.</param>
    /// <param name="before">Stages before it.</param>
    /// <param name="now">The stage that follows.</param>
    public static string? LiftedOut(DishRequest dish, IEnumerable<DishStage> before, DishStage now)
    {
        var were = before.ToList();
        var bones = dish
            .Items.OfType<MeatItem>()
            .Where(m => m.WantedAim == Aim.Stock && were.Any(s => s.Items.Contains(m.Key)) && !now.Items.Contains(m.Key))
            .Select(Name)
            .ToList();
        string[] lines =
        [
            .. bones.Count > 0 ? [$"Strain {Listed.And(bones)} out: it has given what it had."] : Array.Empty<string>(),
            .. Waiting(dish, were, now) is { Length: > 0 } names
                ? [$"Lift out {string.Join(", ", names)} and keep covered."]
                : Array.Empty<string>(),
        ];
        return lines.Length > 0 ? string.Join(" ", lines) : null;
    }

    /// <summary>What becomes of the liquid of the stage before, in words: made up, or ladled out where grain would drown in it.</summary>
    /// <param name="dish">The dish.</param>
    /// <param name="before">The stage before.</param>
    /// <param name="now">The stage that goes in now.</param>
    public static string Liquid(DishRequest dish, DishStage before, DishStage now)
    {
        var wanted = new Wording(dish.Units).Pour(now.LiquidMl);
        var drunk = dish.Items.OfType<BesideItem>().Where(b => before.Items.Contains(b.Key)).Sum(b => b.Load.AbsorbsMl);
        var isOver = before.LiquidMl - drunk > now.LiquidMl + MostOverMl && dish.Served is not (Serving.Soup or Serving.Broth);
        return isOver ? $"Ladle out all of the liquid but {wanted}, and keep it" : $"The liquid stays: make it up to {wanted}";
    }

    private const double MostOverMl = 300; // so much more than it needs drowns nothing. Choice

    /// <summary>What waited beside the pot and goes back in at the end, in words; none where nothing waited.</summary>
    /// <param name="dish">The dish.</param>
    /// <param name="stages">All of its stages.</param>
    public static IEnumerable<string> BackIn(DishRequest dish, IReadOnlyList<DishStage> stages) =>
        Waiting(dish, stages.Take(stages.Count - 1), stages[^1]) is { Length: > 0 } names
            ? [$"Put back in what waited, to warm through: {string.Join(", ", names)}."]
            : [];

    // Meat comes out, though it may stand more: it only gets drier. What has melted into the sauce stays in, and so does what may.
    private static string[] Waiting(DishRequest dish, IEnumerable<DishStage> before, DishStage now)
    {
        var were = before.SelectMany(s => s.Outcomes).ToDictionary(o => o.Key, o => o.StaysIn);
        return
        [
            .. dish
                .Items.Where(i => were.ContainsKey(i.Key) && !now.Items.Contains(i.Key))
                .Where(i =>
                    i is MeatItem { WantedAim: not Aim.Stock }
                    || (i is not MeatItem && !were[i.Key] && i is not BesideItem { Companion.Kind: CompanionKind.Aromatic })
                )
                .Select(Name),
        ];
    }

    /// <summary>How meat comes to the table, in words: nobody carves dice or legs.</summary>
    /// <param name="cut">The cut.</param>
    /// <param name="aim">How it was wanted.</param>
    public static (string Title, string Text) Plating(Cut cut, Aim aim) =>
        (aim, cut.Part) switch
        {
            (Aim.Stock, _) => ("Strain", "Strain it once more into warm bowls."),
            (not Aim.Slice, _) => ("Pull apart", "Pull apart and plate."),
            (_, Part.Whole or Part.Spatchcocked or Part.Half or Part.Crown or Part.Breast) => ("Carve", "Carve and plate."),
            _ => ("Plate", "Plate it."),
        };

    /// <summary>An item with its amount.</summary>
    public static string Amount(DishItem item, Wording say) =>
        item switch
        {
            MeatItem meat => meat.Load.Words,
            BesideItem { Measure: "1", Food: { } one } beside => string.Join(", ", new[] { $"1 {one}", beside.Load.How }.OfType<string>()),
            BesideItem beside => beside.Load.Words(say),
            _ => item.Key,
        };

    /// <summary>How something is cut and where it stands, where that matters; null for as its name says.</summary>
    public static string? How(DishItem item) => (item as BesideItem)?.Load.How;

    /// <summary>Why a stage is as it is: what each wants, where they meet, and what comes of it.</summary>
    public static string Why(
        DishRequest dish,
        StageDraft draft,
        int minutes,
        DishSolver.Search search,
        IReadOnlyDictionary<string, double> distances
    )
    {
        var load = StageRequest.JoulePerKelvin(dish, draft.Items);
        var wants = draft.Items.Select(i => Wants(i, draft, minutes, search, load));
        var ending = draft.Release.Kind switch
        {
            ReleaseKind.Vent => "vented at once",
            ReleaseKind.Pulsed => "vented in bursts, since it would spurt",
            ReleaseKind.RestThenVent => Inv($"vented after {draft.Release.RestMinutes:0} min"),
            _ => "left until the pin drops",
        };
        var past = draft.Items.OfType<MeatItem>().Any(m => search.Meats.Of(m, draft.Release).IsPast)
            ? " Being safe takes longer than its aim allows; thinner pieces would hold together better."
            : "";
        string[] off = [.. draft.Items.Select(i => Off(i, draft, minutes, search, distances)).OfType<string>()];
        var comes = off.Length == 0 ? "" : $" They do not all meet: {string.Join(", ", off)}.";
        return Inv($"{string.Join("; ", wants)}: {minutes} min, {ending}.{comes}{past}");
    }

    private static string Wants(DishItem item, StageDraft draft, int minutes, DishSolver.Search search, double load)
    {
        if (item is MeatItem meat)
        {
            return draft.Items.Count > 1 && search.Meats.Of(meat, draft.Release).Least is { } least
                ? Inv($"{Name(item)} from {Math.Min(least, minutes)} min")
                : Name(item);
        }

        var how = How(item) is { } words ? $" {words}" : "";
        if (item is not BesideItem { Companion.Softens: true } beside)
        {
            return Name(item) + how;
        }

        var at = search.Beside.Minutes(beside, draft.Release, load);
        return at switch
        {
            { Just: null } => Inv($"{Name(item)}{how} never done in {BesideCourses.MostMinutes} min"),
            { Best: null } => Inv($"{Name(item)}{how} from {at.Just:0} min"),
            { TooFar: { } tooFar, Best: <= 0 } => Inv($"{Name(item)}{how} up to {Math.Round(tooFar):0} min, the less the better"),
            { TooFar: { } tooFar } => Inv(
                $"{Name(item)}{how} {Math.Round(at.Just.Value):0} to {Math.Round(tooFar):0} min, best at {at.Best:0}"
            ),
            _ => Inv($"{Name(item)}{how} from {Math.Round(at.Just.Value):0} min, best at {at.Best:0}"),
        };
    }

    // What is not as it should be in the end.
    private static string? Off(
        DishItem item,
        StageDraft draft,
        int minutes,
        DishSolver.Search search,
        IReadOnlyDictionary<string, double> distances
    ) =>
        item is MeatItem meat
            ? search.Meats.Of(meat, draft.Release) is var window && window.Distance(minutes) > (window.IsPast ? 2 : 1) // it has to be safe
                ? $"{Name(item)} past its best"
                : null
            : distances.TryGetValue(item.Key, out var distance) && Math.Abs(distance) > 1
                ? $"{Name(item)} {SoftnessLevels.Word(distance)}"
                : null;

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
        Warnings.Of(StageRequest.Of(dish, [meat], meat, isFirst: true)).FirstOrDefault(DishRequest.Hinders);

    private static string Inv(FormattableString text) => FormattableString.Invariant(text);

    /// <summary>
    /// What is left alone is to fall by itself: the heater that keeps food warm would hold it up, and dry grain onto the floor. Nothing
    /// where somebody stands at the valve, or where the pot has none.
    /// </summary>
    public static string KeepWarm(PotModel pot, Release release) =>
        pot.KeepWarmCelsius is not null && release.Kind is (ReleaseKind.Natural or ReleaseKind.RestThenVent) ? ", keep-warm off" : "";
}
