using Ikuzo.Core.Companions;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Dishes;

/// <summary>
/// Arranges a dish so that each thing comes out as near to its best as can be, in as few stages and as little time as that is worth.
/// </summary>
/// <remarks>
/// <para>
/// An exact search over what is stirred in at the end and every way to put the rest into up to three stages; for each stage over release,
/// whole minutes, and how each thing that may be changed is cut and whether it stands in a bowl. Stage sets are judged once, from one
/// computation of sixteen pots (<see cref="BesideCourses"/>) and one scout per meat (<see cref="MeatWindows"/>).
/// </para>
/// <para>
/// The score: for each thing the square of its distance from its best, where 1 is the edge of what it bears; for meat the juice beyond the
/// least that it can lose as well; a little for a bowl, another cut and a time under the lid; 1 for an hour. What is not done is not
/// allowed. The best arrangements are then computed in full with everything in the pot, and minutes are added until the promise is kept.
/// </para>
/// </remarks>
public static class DishSolver
{
    private const int MostStages = 3;

    // Arrangements that are computed in full at most, the best first: so many that one that cannot be made safe does not decide.
    private const int MostInFull = 4;

    private const double StirCost = 0.1, // to stand there and stir
        SimmerCost = 0.35; // to watch it simmer. Choice

    /// <summary>Finds the best arrangement and the runner-up, or says which item is to blame.</summary>
    /// <param name="dish">One to eight items with different keys.</param>
    /// <param name="cancellation">Stops the computation.</param>
    /// <exception cref="ArgumentException">No item, more than eight, or a key twice.</exception>
    public static DishPlan Solve(DishRequest dish, CancellationToken cancellation = default)
    {
        var search = new Search(Checked(dish));
        var plan = search.Solve(Orders.BestAndNext, cancellation);
        return plan.Best is null || (plan.Best.Stages.Count == 1 && Tolerance.IsRight(plan))
            ? plan
            : plan with
            {
                Suggestions = Changes.Of(dish, search, cancellation),
            };
    }

    /// <summary>The same without suggestions, which take as long again, and without a runner-up, for who only wants the stages.</summary>
    /// <param name="dish">The dish.</param>
    /// <param name="cancellation">Stops the computation.</param>
    /// <exception cref="ArgumentException">No item, more than eight, or a key twice.</exception>
    public static DishPlan Arrange(DishRequest dish, CancellationToken cancellation = default) =>
        new Search(Checked(dish)).Solve(Orders.Best, cancellation);

    private static DishRequest Checked(DishRequest dish)
    {
        if (dish.Items.Count is 0 or > DishRequest.MostItems || dish.Items.DistinctBy(i => i.Key).Count() != dish.Items.Count)
        {
            throw new ArgumentException($"A dish has one to {DishRequest.MostItems} items with different keys.", nameof(dish));
        }

        return dish;
    }

    /// <summary>How many arrangements are wanted in full.</summary>
    internal enum Orders
    {
        /// <summary>Only the best.</summary>
        Best = 1,

        /// <summary>The best and the runner-up.</summary>
        BestAndNext,
    }

    /// <summary>One way to arrange a dish, before it is computed in full.</summary>
    /// <param name="Stages">Stages in order.</param>
    /// <param name="StirIn">What is stirred in.</param>
    /// <param name="Cost">What it costs, in the unit of the score.</param>
    internal sealed record Draft(IReadOnlyList<StageDraft> Stages, IReadOnlyList<StirredIn> StirIn, double Cost);

    /// <summary>The search for one dish.</summary>
    internal sealed class Search
    {
        private readonly DishRequest _whole;
        private readonly MeatWindows _meats;
        private readonly BesideCourses _beside;
        private readonly IReadOnlyList<StirredIn> _always;
        private readonly DishRequest _dish; // without what is always stirred in
        private readonly StageJudge _judge;
        private readonly Dictionary<string, StirredIn> _stirrable; // what may be, by key

        /// <param name="whole">The dish.</param>
        public Search(DishRequest whole)
            : this(whole, new MeatWindows(whole), new EndedStages(ParticleSource.Ensemble)) { }

        private Search(DishRequest whole, MeatWindows meats, EndedStages ended)
        {
            _whole = whole;
            (_meats, Ended) = (meats, ended);
            _always =
            [
                .. whole
                    .Items.OfType<BesideItem>()
                    .Where(b => b.IsStirredIn || (b.MayChange && b.Companion.IsNeverUnderPressure))
                    .Select(b => StirringHeat.Of(whole, b))
                    .OfType<StirredIn>(),
            ];
            _dish = whole with { Items = [.. whole.Items.Where(i => _always.All(s => s.Key != i.Key))] };
            _beside = ScoutedBeside(_dish, meats);
            _judge = new StageJudge(_dish, _meats, _beside);
            _stirrable = _dish
                .Items.OfType<BesideItem>()
                .Select(b => StirringHeat.Of(whole, b))
                .OfType<StirredIn>()
                .ToDictionary(s => s.Key);
        }

        // The scouts of the meats and the pots of what stands beside them have nothing to do with each other.
        private static BesideCourses ScoutedBeside(DishRequest dish, MeatWindows meats)
        {
            BesideCourses? beside = null;
            Action[] scouts = [() => beside = new(dish), .. dish.Items.OfType<MeatItem>().Select(m => new Action(() => meats.All(m)))];
            InParallel.For(scouts.Length, i => scouts[i]());
            return beside!;
        }

        // Another meat beside the same things: sets without it are known.
        private Search(Search like, MeatItem meat)
        {
            (_whole, _dish) = (Changed(like._whole, meat), Changed(like._dish, meat));
            (_meats, _always, _beside, _stirrable, Ended) = (
                like._meats,
                like._always,
                like._beside,
                like._stirrable,
                like.Ended.Roughly()
            );
            _judge = new StageJudge(_dish, _meats, _beside, like._judge, _dish.Items.ToList().FindIndex(i => i.Key == meat.Key));
        }

        /// <summary>
        /// The search for the same dish with another item in the place of one of the same key, which knows about how long that takes.
        /// </summary>
        public Search With(DishItem item) => item is MeatItem meat ? new(this, meat) : new(Changed(_whole, item), _meats, Ended.Roughly());

        // Stages laid by hand were laid for the dish as it was.
        private static DishRequest Changed(DishRequest dish, DishItem item) =>
            dish with
            {
                Wanted = null,
                Items = [.. dish.Items.Select(i => i.Key == item.Key ? item : i)],
            };

        /// <summary>Windows of its meats, for who asks about another dish with the same.</summary>
        public MeatWindows Meats => _meats;

        /// <summary>Stages that were computed in full.</summary>
        public EndedStages Ended { get; }

        /// <summary>What every minute does to what stands beside its meat.</summary>
        public BesideCourses Beside => _beside;

        /// <summary>The best way before anything is computed in full; null when none works.</summary>
        public Draft? Quick => Drafts(MostStages).FirstOrDefault();

        /// <summary>Minutes that suit some items, as they are placed, with a release; null when none do.</summary>
        public int? Minutes(IReadOnlyList<DishItem> placed, Release release) => _judge.Minutes(placed, release);

        public DishPlan Solve(Orders wanted, CancellationToken cancellation)
        {
            if (_dish.Items.Count == 0)
            {
                return new(null, null, DishWords.BlameOnlyStirredIn(_whole), []);
            }

            if (ByHand() is { } laid && Full(laid, cancellation) is { } byHand)
            {
                var other = wanted == Orders.Best ? null : Proposed(wanted, cancellation);
                return byHand with { RunnerUp = other is null || IsSame(other.Best!, byHand.Best!) ? null : other.Best, IsWanted = true };
            }

            return Proposed(wanted, cancellation) ?? new(null, null, Blame(cancellation), []);
        }

        // As it is wanted or usual here, else in one go where that is tolerable; the other beside it, for who wants to see it.
        private DishPlan? Proposed(Orders wanted, CancellationToken cancellation)
        {
            var inOne = InFull(1, cancellation);
            var isInOne =
                inOne is not null && (_whole.Way ?? _whole.UsualWay ?? (Tolerance.Bears(inOne) ? WayId.OneGo : WayId.Best)) == WayId.OneGo;
            var best = isInOne && wanted == Orders.Best ? null : InFull(MostStages, cancellation);
            (DishPlan Plan, DishWay Way)[] ways =
            [
                .. inOne is null ? [] : new[] { (inOne, Way(WayId.OneGo, inOne)) },
                .. best is null or { Best.Stages.Count: 1 } ? [] : new[] { (best, Way(WayId.Best, best)) },
            ];
            ways = [.. ways.OrderBy(w => w.Way.Id == WayId.OneGo != isInOne)];
            return ways.Length == 0
                ? null
                : ways[0].Plan with
                {
                    RunnerUp = ways.Length == 1 ? null : ways[1].Plan.Best,
                    Ways = [.. ways.Select(w => w.Way)],
                };
        }

        private DishPlan? InFull(int mostStages, CancellationToken cancellation) =>
            Drafts(mostStages).Take(MostInFull).Select(d => Full(d, cancellation)).FirstOrDefault(p => p is not null);

        private static DishWay Way(WayId id, DishPlan plan) =>
            new(id, plan.Best!, plan.StirredIn, Tolerance.Words(plan), Tolerance.Bears(plan));

        // The best ways, the best first; a stage that does not go into the pot takes its way with it.
        private IEnumerable<Draft> Drafts(int mostStages)
        {
            var stirrable = _dish
                .Items.Select((item, i) => (Bit: 1 << i, Stirred: _stirrable.GetValueOrDefault(item.Key)))
                .Where(s => s.Stirred is not null)
                .ToList();
            var all = (1 << _dish.Items.Count) - 1;
            var ways = new PriorityQueue<(int[] Sets, List<StirredIn> Stirred), double>();
            foreach (var some in Enumerable.Range(0, 1 << stirrable.Count))
            {
                var stirred = stirrable.Where((_, i) => (some & (1 << i)) != 0).ToList();
                List<StirredIn> said = [.. _always, .. stirred.Select(s => s.Stirred!)];
                var under = all & ~stirred.Sum(s => s.Bit);
                if (under != 0)
                {
                    Divide(under, new int[mostStages], 0, said.Sum(Cost), (sets, cost) => ways.Enqueue((sets, said), cost));
                }
            }

            while (ways.TryDequeue(out var way, out var cost))
            {
                StageDraft[] stages = [.. way.Sets.Select(set => _judge.Of(set)!)];
                if (stages.All(_judge.Holds))
                {
                    yield return new(InOrder(stages), way.Stirred, cost);
                }
            }
        }

        private double Cost(StirredIn stirred)
        {
            if (stirred.Minutes == 0)
            {
                return 0;
            }

            var item = _whole.Items.OfType<BesideItem>().First(i => i.Key == stirred.Key);
            return StageJudge.Hours(stirred.Minutes)
                + (
                    item.Companion.IsQuick ? StirCost
                    : _whole.Served == Serving.Broth && KeepsItsShape(item.Companion) ? 0 // late anyway
                    : SimmerCost
                );
        }

        // What is seen in clear broth: roots, leeks; onions, celery and mushrooms are there for their taste.
        private static bool KeepsItsShape(Companion companion) =>
            companion.Kind is CompanionKind.Root or CompanionKind.Flesh || companion.Minutes is { BestTo: <= ShapeMinutes };

        private const double ShapeMinutes = 5; // min at pressure

        // Every way to divide some items into one to three sets: the set with the first of them, then one with the first of the rest.
        private void Divide(int left, int[] sets, int count, double cost, Action<int[], double> found)
        {
            if (left == 0)
            {
                found(sets[..count], cost + (count - 1) * StageJudge.StageCost);
                return;
            }

            if (count == sets.Length)
            {
                return;
            }

            var first = left & -left;
            var rest = left & ~first;
            for (var some = count == sets.Length - 1 ? rest : 0; ; some = (some - rest) & rest)
            {
                if (_judge.Of(first | some) is { } stage)
                {
                    sets[count] = first | some;
                    Divide(rest & ~some, sets, count + 1, cost + stage.Cost, found);
                }

                if (some == rest)
                {
                    return;
                }
            }
        }

        private static StageDraft[] InOrder(StageDraft[] stages) =>
            [.. stages.OrderByDescending(s => s.Minutes).ThenByDescending(s => s.HasMeat)];

        // What the cook wants stands while it is every item once, it goes into the pot, and the meat can be made safe. What else it does
        // to each is said, not forbidden.
        private Draft? ByHand()
        {
            var keys = _dish.Items.Select(i => i.Key).ToList();
            if (_dish.Wanted is not { Count: > 0 and <= MostStages } wanted || wanted.Any(s => s.Count == 0))
            {
                return null;
            }

            // What goes under no lid is stirred in at the end, if it can be.
            var under = wanted.SelectMany(s => s).ToList();
            var rest = keys.Except(under).ToList();
            if (!rest.All(_stirrable.ContainsKey) || under.Distinct().Count() != under.Count || under.Except(keys).Any())
            {
                return null;
            }

            IReadOnlyList<StirredIn> said = [.. _always, .. rest.Select(key => _stirrable[key])];
            var stages = wanted.Select(s => _judge.Forced(s.Sum(key => 1 << keys.IndexOf(key)))).OfType<StageDraft>().ToList();
            return stages.Count == wanted.Count
                ? new(stages, said, stages.Sum(s => s.Cost) + said.Sum(Cost) + (stages.Count - 1) * StageJudge.StageCost)
                : null;
        }

        private DishPlan? Full(Draft draft, CancellationToken cancellation)
        {
            var stirred = draft.StirIn.Select(s => s.Key).ToHashSet();
            var arranged = _whole with
            {
                Items =
                [
                    .. _whole.Items.Select(i =>
                        stirred.Contains(i.Key) ? i : draft.Stages.SelectMany(s => s.Items).Single(placed => placed.Key == i.Key)
                    ),
                ],
                OpenMl = OpenPot.Ml(_whole, stirred),
            };
            return Finishing.Order(arranged, this, draft.Stages, cancellation) is { } order
                ? new(order with { Cost = Math.Round(draft.Cost, 2) }, null, null, []) { Arranged = arranged, StirredIn = draft.StirIn }
                : null;
        }

        // The first thing that cannot go in even alone, or cannot be made safe; else the meat, which decides.
        private Blame Blame(CancellationToken cancellation)
        {
            if (_dish.Items.Where((_, i) => _judge.Of(1 << i) is not { } draft || !_judge.Holds(draft)).FirstOrDefault() is { } alone)
            {
                return DishWords.Blame(_dish, alone);
            }

            var item =
                _dish.Items.Where((_, i) => Full(new([_judge.Of(1 << i)!], StirAll(i), 0), cancellation) is null).FirstOrDefault()
                ?? _dish.Items.FirstOrDefault(i => i is MeatItem)
                ?? _dish.Items[0];
            return DishWords.BlameTogether(item);
        }

        private StirredIn[] StirAll(int but) =>
            [.. _whole.Items.Where(i => i != _dish.Items[but]).Select(i => new StirredIn(i.Key, 0, false))];

        private static bool IsSame(StageOrder one, StageOrder other) =>
            one.Stages.Count == other.Stages.Count
            && one.Stages.Zip(other.Stages).All(s => s.First.Items.Order().SequenceEqual(s.Second.Items.Order()));
    }
}
