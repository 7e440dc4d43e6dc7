using Ikuzo.Core.Companions;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Poultry;

namespace Ikuzo.Core.Dishes;

/// <summary>A set of items that may share a stage, each cut and placed as suits it best.</summary>
/// <param name="Items">The items as they are placed.</param>
/// <param name="Release">The release that suits them.</param>
/// <param name="Minutes">Minutes that suit them.</param>
/// <param name="Least">Least minutes of its meat; 0 without.</param>
/// <param name="Cost">What it costs, in the unit of the score.</param>
internal sealed record StageDraft(IReadOnlyList<DishItem> Items, Release Release, int Minutes, int Least, double Cost)
{
    public bool HasMeat => Items.Any(i => i is MeatItem);
}

/// <summary>
/// Judges sets of items, each once. The score is a cost: 1 is one thing at the edge of what it bears (just done, or about too far), and an
/// hour; see <see cref="StageCost"/> and <see cref="Hours"/>.
/// </summary>
internal sealed class StageJudge
{
    /// <summary>Another time under the lid: taking out, keeping warm, a dish more. Choice: not quite one thing at its edge.</summary>
    public const double StageCost = 0.7;

    private const double AtTheValveCost = 0.12; // somebody stands at the valve at once, while the meat would rather rest. Choice
    private const double SoftAtTheValveCost = 0.5; // what is to be soft goes on giving way meanwhile: no kitchen vents it. Choice
    private const double UnusualCost = 1; // not how kitchens let the steam out of such a pot. Choice
    private const double ShortCost = 0.15; // for each minute below those that kitchens name with this release. Choice
    private const double AwayCost = 0.15; // what makes the sauce belongs with the meat. Choice
    private const double HourMinutes = 60; // an hour costs as much as one thing at its edge. Choice
    private const double OverheadMinutes = 12; // come-up and handling, to choose by
    private const int MostHarmlessMinutes = 60; // beyond the least of its meat no stage is looked at for longer

    private readonly DishRequest _dish;
    private readonly BesideCourses _beside;
    private readonly MeatWindow[]?[] _windows; // of each item by release; null for what is not meat
    private readonly double[] _leastLoss;
    private readonly double _pouredMl;
    private readonly Dictionary<int, StageDraft?> _known;
    private readonly Dictionary<StageDraft, bool> _holds = new(ReferenceEqualityComparer.Instance);

    /// <param name="dish">The dish.</param>
    /// <param name="meats">Windows of its meats.</param>
    /// <param name="beside">What every minute does to the rest.</param>
    /// <param name="like">The judge of a dish that differs in one item; null for none.</param>
    /// <param name="changed">Number of that item.</param>
    public StageJudge(DishRequest dish, MeatWindows meats, BesideCourses beside, StageJudge? like = null, int changed = 0)
    {
        _known = like is null ? [] : new(like._known.Where(k => (k.Key & (1 << changed)) == 0));
        (_dish, _beside, _pouredMl) = (dish, beside, StageRequest.PouredMl(dish));
        _windows = [.. dish.Items.Select(i => i is MeatItem meat ? meats.All(meat) : null)];
        _leastLoss = [.. dish.Items.Select(i => i is MeatItem meat ? meats.LeastLoss(meat) : 0)];
    }

    /// <summary>
    /// A set as suits it best, whether it goes into the pot or not (see <see cref="Holds(StageDraft)"/>); null when not all in it can be
    /// done together.
    /// </summary>
    public StageDraft? Of(int set)
    {
        if (!_known.TryGetValue(set, out var draft))
        {
            _known[set] = draft = Best(Members(set), mayFail: false);
        }

        return draft;
    }

    /// <summary>A set as it is asked for, although not all in it may meet; null when it does not go into the pot.</summary>
    public StageDraft? Forced(int set) => (Of(set) ?? Best(Members(set), mayFail: true)) is { } draft && Holds(draft) ? draft : null;

    /// <summary>True when a stage goes into the pot.</summary>
    public bool Holds(StageDraft stage)
    {
        if (!_holds.TryGetValue(stage, out var holds))
        {
            _holds[stage] = holds = Holds(stage.Items);
        }

        return holds;
    }

    /// <summary>What it costs that something is off its best: the square, and more than that where it is noticed.</summary>
    /// <param name="distance">0 at its best, 1 or -1 at the edge of what it bears.</param>
    public static double Off(double distance)
    {
        const double Noticed = 0.5;
        return distance * distance * (1 + 1.5 * Math.Max(0, Math.Abs(distance) - Noticed));
    }

    /// <summary>What a time costs.</summary>
    public static double Hours(double minutes) => minutes / HourMinutes;

    private int[] Members(int set) => [.. Enumerable.Range(0, _dish.Items.Count).Where(i => (set & (1 << i)) != 0)];

    // One bowl fits onto the rack: nothing is in it, or one of those that may.
    private StageDraft? Best(int[] members, bool mayFail)
    {
        var asked = members.Select(i => _dish.Items[i]).ToList();
        var bowls = asked
            .OfType<BesideItem>()
            .Where(b => !b.InBowl && BesideCourses.Places(b).Any(p => p.InBowl))
            .Prepend(null)
            .Where(b => b is null || !asked.OfType<BesideItem>().Any(o => o.InBowl));
        StageDraft? best = null;
        foreach (var bowl in bowls)
        {
            best = Best(members, [.. asked.Select(i => i == bowl ? bowl! with { InBowl = true } : i)], mayFail, best);
        }

        if (best is null)
        {
            return null;
        }

        var pot = StageRequest.JoulePerKelvin(_dish, best.Items, LiquidMl(best.Items));
        return best with { Items = [.. best.Items.Select((placed, i) => Cut(asked[i], placed, best, pot))] };
    }

    // What is not meat, cut as suits the minutes that were found.
    private DishItem Cut(DishItem asked, DishItem placed, StageDraft stage, double joulePerKelvin) =>
        asked is BesideItem item && placed is BesideItem { InBowl: var inBowl }
            ? _beside.Best(item, inBowl, stage.Release, stage.Minutes, joulePerKelvin)
            : asked;

    /// <summary>Minutes that suit some items with a release, whatever else may be tried; null when their meat has none.</summary>
    public int? Minutes(IReadOnlyList<DishItem> placed, Release release)
    {
        int[] members = [.. placed.Select(p => _dish.Items.ToList().FindIndex(i => i.Key == p.Key))];
        return Best(
            members,
            placed,
            release,
            _beside.Between(StageRequest.JoulePerKelvin(_dish, placed, LiquidMl(placed))),
            mayFail: true,
            null
        )?.Minutes;
    }

    private StageDraft? Best(int[] members, IReadOnlyList<DishItem> placed, bool mayFail, StageDraft? best)
    {
        var liquidMl = LiquidMl(placed);
        var pot = _beside.Between(StageRequest.JoulePerKelvin(_dish, placed, liquidMl));
        foreach (var release in Ways(placed, liquidMl))
        {
            best = Best(members, placed, release, pot, mayFail, best);
        }

        return best;
    }

    private StageDraft? Best(
        int[] members,
        IReadOnlyList<DishItem> placed,
        Release release,
        (int Below, double Share) pot,
        bool mayFail,
        StageDraft? best
    )
    {
        var number = StageReleases.IndexOf(release);
        var windows = members
            .Where(i => _windows[i] is not null)
            .Select(i => (Window: _windows[i]![number], Loss: _leastLoss[i]))
            .ToArray();
        if (windows.Any(w => w.Window.Least is null))
        {
            return best;
        }

        var (below, share) = pot;
        double[]?[] Of(int load) =>
            [.. members.Select((item, i) => _beside.Costs(item, placed[i] is BesideItem { InBowl: true }, release, load))];
        var costs = Of(below).Zip(Of(below + 1)).Where(c => c.First is not null).ToArray();
        var least = windows.Length == 0 ? 0 : windows.Max(w => w.Window.Least!.Value);
        var fixedCost =
            Hours(OverheadMinutes + release.UsualMinutes)
            + (StageReleases.IsCustomary(release, placed) ? 0 : UnusualCost)
            + (
                windows.Length == 0 ? AwayCost * placed.Count(IsForTheSauce)
                : release.Kind is ReleaseKind.Vent or ReleaseKind.Pulsed
                    ? placed.Any(IsSoft) ? SoftAtTheValveCost
                        : AtTheValveCost
                : 0
            );
        var named = Named(placed, release);
        var bestOfMeat = windows.Select(w => w.Window.Best).DefaultIfEmpty(0).Max();
        var last = windows.Length == 0 ? BesideCourses.MostMinutes : Math.Min(BesideCourses.MostMinutes, least + MostHarmlessMinutes);
        for (var minutes = least; minutes <= last; minutes++)
        {
            var limit = best?.Cost ?? (mayFail ? double.MaxValue : BesideCourses.NotDone);
            var cost = fixedCost + Hours(minutes) + Short(named, minutes);
            foreach (var (window, loss) in windows)
            {
                cost += window.Cost(minutes, loss);
            }

            if (windows.Length > 0 && minutes >= bestOfMeat && cost >= limit)
            {
                break; // from here on meat only gets farther from its best
            }

            foreach (var (less, more) in costs)
            {
                cost += less![minutes] + share * (more![minutes] - less[minutes]);
            }

            best = cost < limit ? new StageDraft(placed, release, minutes, least, cost) : best;
        }

        return best;
    }

    /// <summary>What it costs to hold grain and soaked pulses for fewer minutes than kitchens name with a release.</summary>
    public static double Short(IReadOnlyList<DishItem> placed, Release release, double minutes) => Short(Named(placed, release), minutes);

    private static double Short(double named, double minutes) => ShortCost * Math.Max(0, named - minutes);

    // Kitchens name minutes for grain and soaked pulses, and hold to them whatever meat is in the pot; for those from dry where none is.
    private static double Named(IReadOnlyList<DishItem> placed, Release release) =>
        StageReleases.IsCustomary(release, placed)
            ? placed
                .OfType<BesideItem>()
                .Where(b => IsNamed(b.Companion, hasMeat: placed.Any(i => i is MeatItem)))
                .Select(b => b.Companion.Minutes!.BestFrom)
                .DefaultIfEmpty(0)
                .Max()
            : 0;

    private static bool IsNamed(Companion companion, bool hasMeat) =>
        companion is { Minutes: { } minutes }
        && (
            companion.Kind == CompanionKind.Grain
            || (companion.Kind == CompanionKind.Pulse && (!hasMeat || minutes.Just < Tolerance.BeansJustMinutes))
        );

    private static bool IsSoft(DishItem item) => item is MeatItem { WantedAim: not Aim.Slice };

    private static bool IsForTheSauce(DishItem item) => item is BesideItem { Companion.Kind: CompanionKind.Aromatic };

    private double LiquidMl(IReadOnlyList<DishItem> items) => StageRequest.LiquidMl(_dish, items, _pouredMl);

    private IReadOnlyList<Release> Ways(IReadOnlyList<DishItem> items, double liquidMl) =>
        StageReleases.For(
            ReleaseChoice.ContentsOf(
                liquidMl,
                _dish.Pot,
                items.OfType<BesideItem>().Any(b => b.Load.Spurts),
                items.OfType<MeatItem>().Any(m => m.WantedAim == Aim.Stock)
            )
        );

    private bool Holds(IReadOnlyList<DishItem> items) =>
        items.OfType<MeatItem>().FirstOrDefault() is { } meat
            ? Warnings.Of(StageRequest.Of(_dish, items, meat, isFirst: true)).All(w => !DishRequest.Hinders(w) || w.Code == "spurts")
            : (LiquidMl(items) + items.OfType<BesideItem>().Sum(b => b.Grams)) / 1000 <= _dish.Pot.CapacityLitres / 2;
}
