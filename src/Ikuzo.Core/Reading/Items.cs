namespace Ikuzo.Core.Reading;

/// <summary>
/// The grammar of things: how many and how much, what it is measured by, what describes it, its noun, and what follows the noun. Each
/// step is a production; all ways are kept while they are cheap.
/// </summary>
internal sealed partial class Items(Script script)
{
    private const int MostDrafts = 24;

    // What it costs beside the cheapest way: the unusual order, the comma, the skipped word.
    private const double Behind = 0.25,
        Apart = 0.15,
        Small = 0.05,
        InBracket = 0.3,
        WeakAlone = 2.6,
        UnknownNoun = 2.6,
        CutShort = 4;

    /// <summary>Of what a weight is that ends at a place: unsaid, and as the words behind it say.</summary>
    public static IEnumerable<(WeightOf Of, int End)> WeightsOf(Script script, int at)
    {
        yield return (WeightOf.Unsaid, at);
        foreach (var fit in ItemWords.Each.SelectMany(p => p.At(script, at)))
        {
            yield return (WeightOf.Each, fit.End);
        }

        foreach (var fit in ItemWords.All.SelectMany(p => p.At(script, at)))
        {
            yield return (WeightOf.All, fit.End);
        }
    }

    /// <summary>All items from a place on that may end somewhere, the cheapest for each end.</summary>
    public IReadOnlyList<Item> At(int at) => _known.TryGetValue(at, out var items) ? items : _known[at] = [.. Find(at)];

    private readonly Dictionary<int, IReadOnlyList<Item>> _known = [];

    private IEnumerable<Item> Find(int at)
    {
        List<Item> work = [new Item { From = at, End = at }];
        List<Item> done = [];
        for (var next = 0; next < work.Count && next < 4000; next++)
        {
            var draft = work[next];
            if (draft.IsNamed && draft.End > draft.From)
            {
                done.Add(draft);
            }

            var more = Steps(draft).Where(d => d.End <= script.Count).ToList();
            work.AddRange(more);
            if (work.Count - next > MostDrafts)
            {
                // The costliest ways are given up.
                var kept = work.Skip(next + 1).OrderBy(d => d.Cost - 0.15 * (d.End - d.From)).Take(MostDrafts).ToList();
                work.RemoveRange(next + 1, work.Count - next - 1);
                work.AddRange(kept);
            }
        }

        return done.Select(Judged)
            .Where(d => d.Cost < 12)
            .GroupBy(d => (d.End, Key(d)))
            .Select(g => g.MinBy(d => d.Cost)!)
            .GroupBy(d => d.End)
            .SelectMany(g => g.OrderBy(d => d.Cost).Take(4));
    }

    // What it says; two ways of reading the same are one.
    private static string Key(Item item) =>
        string.Create(
            System.Globalization.CultureInfo.InvariantCulture,
            $"{string.Join('+', item.Nouns.Select(n => n.Value.Sense.Name))}|{item.Count?.Value}|{item.Mass?.Value.Value}|{item.MassOf}|"
                + $"|{item.Volume?.Value.Value}|{item.Container?.Value}|{item.Is(s => s.State == Loads.MeatState.Frozen)}|"
                + $"{item.Is(s => s.BoneIn is not null)}|{item.Prep}"
        );

    private IEnumerable<Item> Steps(Item d) => d.IsNamed ? AfterNoun(d) : BeforeNoun(d);

    private static Item To(Item d, int end, double cost) => d with { End = end, Cost = d.Cost + cost };

    private static Item With(Item d, int from, int end, About about, string @as, double cost = 0) =>
        d with
        {
            End = end,
            Cost = d.Cost + cost,
            Stretches = d.Stretches.Add(new(from, end, about, @as)),
        };

    private static Item Described(Item d, int at, Lexeme lexeme, double cost)
    {
        var end = at + lexeme.Length;
        var says = lexeme.Sense.Says!;
        var about = says.State is not null || says.Lies is not null ? About.State : About.Describing;
        return With(d with { Says = d.Says.Add(new(says, at, end)) }, at, end, about, lexeme.Slip ?? lexeme.Sense.Name, cost + Small);
    }

    // What kitchens think of it: five ducks of 23 g lose to one of 2.4 kg.
    private Item Judged(Item d)
    {
        var cost = d.Cost + Plausibility.Of(d);
        if (d.Open > 0)
        {
            cost += 0.4;
        }

        // "1.25 kg in all": cut short.
        if (d.Mass is { } weight && weight.End == d.End && script.Word(d.End) is "in" && script.Word(d.End + 1) is "all" or "total")
        {
            cost += CutShort;
        }

        if (
            d.IsMeat
            && d.Nouns.All(n => n.Value.Sense.IsWeak)
            && d.Mass is null
            && d.Count is null
            && !d.Says.Any(s => s.Value.BoneIn is not null)
        )
        {
            cost += WeakAlone;
        }
        else if (d.IsMeat && d.Nouns.All(n => n.Value.Sense.IsWeak))
        {
            cost += 1.3;
        }

        return d with
        {
            Cost = cost,
        };
    }
}
