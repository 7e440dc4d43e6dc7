using Ikuzo.Core.Loads;
using Ikuzo.Core.Poultry;

namespace Ikuzo.Core.Reading;

/// <summary>Takes down what an item, or a word that describes one, says.</summary>
internal static class Things
{
    /// <summary>An item.</summary>
    public static void Hear(Heard h, Item item, Script script)
    {
        foreach (var stretch in item.Stretches)
        {
            var typed = script.Typed(stretch.From, stretch.End);
            var said =
                item.Says.FirstOrDefault(s => s.From == stretch.From && s.End == stretch.End).Value is { } says
                && stretch.About is About.Describing or About.State
                    ? Words(says)
                    : stretch.As;
            h.Stretches.Add(stretch with { As = said.Length > 0 ? said : stretch.As });
            if (stretch.About != About.Unknown)
            {
                h.Understood.Add(
                    new(
                        typed,
                        said.Length > 0 ? said
                            : stretch.As.Length > 0 ? stretch.As
                            : "said"
                    )
                );
            }
        }

        Slips(h, item, script);
        if (item.Unread is not null)
        {
            h.Unknown.Add(item.Unread.ToLowerInvariant());
        }

        if (item.UnknownNoun is not null)
        {
            h.Unknown.Add(script.Typed(item.From, item.End).ToLowerInvariant());
        }
        else if (item.IsMeat)
        {
            HearMeat(h, item, script);
        }
        else
        {
            HearStateBehind(h, item, script);
            HearFood(h, item with { Measure = MeasureOf(item, script), Text = script.Typed(item.From, item.End).ToLowerInvariant() });
        }
    }

    // From the first to the last word of its amount, without what stands between it and the noun.
    private static string MeasureOf(Item item, Script script)
    {
        var places = new[]
        {
            item.Count is { } n ? (n.From, n.End) : (0, 0),
            item.Mass is { } m ? (m.From, m.End) : (0, 0),
            item.Volume is { } v ? (v.From, v.End) : (0, 0),
            item.Container is { } c ? (c.From, c.End) : (0, 0),
        }
            .Where(p => p.Item2 > p.Item1)
            .ToList();
        return places.Count == 0
            ? item.HasArticle
                ? "1"
                : ""
            : script.Typed(places.Min(p => p.Item1), places.Max(p => p.Item2)).ToLowerInvariant();
    }

    // A word that was taken for another is said; one that was a word of its own is asked about.
    private static void Slips(Heard h, Item item, Script script)
    {
        foreach (var (lexeme, from, end) in item.Nouns)
        {
            if (lexeme.Slip is { } meant)
            {
                h.Slip(script.Typed(from, end), meant, lexeme.Cost);
            }
        }
    }

    private static void HearMeat(Heard h, Item item, Script script)
    {
        var isFormed = item.Nouns.Any(n => n.Value.Sense.Part == Part.Meatball); // "turkey mince meatballs"
        if (!isFormed && item.Nouns.FirstOrDefault(n => n.Value.Sense.Kind == SenseKind.NotComputed) is { Value.Sense: { } no })
        {
            h.NotComputed.Add((script.Typed(item.Nouns[0].From, item.Nouns[^1].End), no.Why!));
            return;
        }

        var meat = MeatNoun.Of(item, script);
        if (item.Is(s => s.IsHeaviest) && meat is { Kg: { } one, IsPlural: false })
        {
            h.HeaviestKg = one; // "biggest thigh 180 g, 6 of them"
            meat.Kg = null;
        }

        if (meat.Species is null && h.Meats is [.., { Species: { } before }] && meat.CutId is null)
        {
            meat.Species = before;
        }

        if (item.Length is { } length && script.Word(length.End) is "thick" or "deep")
        {
            h.ThicknessMm ??= length.Value.Value * 1000; // "30 mm thick fillets"
        }

        h.Meats.Add(meat);
        h.AllMeats.Add(meat);
    }

    private static void HearFood(Heard h, Item item)
    {
        var food = item.Food!;
        if (food.Kind is FoodKind.Meat or FoodKind.Fish or FoodKind.Bird)
        {
            h.Others.Add((item.FoodSense!.Name, food.Kind));
        }

        h.Beside.Add(item);
    }

    // "350 g carrots, still frozen", "still frozen, 350 g carrots": the meat may be meant, and that changes its minutes.
    private static void HearStateBehind(Heard h, Item item, Script script)
    {
        var noun = item.Nouns.Count > 0 ? item.Nouns[^1].End : item.End;
        var behind = item.Says.FirstOrDefault(s =>
            s.Value.State == MeatState.Frozen && (s.From >= noun || Enumerable.Range(s.End, noun - s.End).Any(script.IsMark))
        );
        if (behind.Value is not null)
        {
            h.FrozenBehind = (script.Typed(behind.From, behind.End).ToLowerInvariant(), item.FoodSense!.Name);
        }
    }

    /// <summary>A describing word that stands by itself: it is of the meat before it, or of all.</summary>
    public static void Describe(Heard h, Describing says, Stretch stretch, Script script)
    {
        var words = Words(says);
        h.Stretches.Add(stretch with { As = words });
        if (words.Length > 0)
        {
            h.Understood.Add(new(script.Typed(stretch.From, stretch.End), words));
        }

        var last = h.Meats.LastOrDefault();
        if (says.BoneIn is { } bone)
        {
            if (last is null)
            {
                h.BoneIn = bone;
            }
            else
            {
                last.BoneIn ??= bone;
            }
        }

        if (says.State is { } state)
        {
            h.State = state;
            h.Meats.ForEach(m => m.State = state);
        }

        h.IsCooked |= says.IsCooked;
        h.Arrangement = says.Lies ?? h.Arrangement;
        if (says.Prep is Prep.Grated or Prep.Pulled)
        {
            h.Aims(Aim.Pull);
        }
        else if (says.Prep is Prep.Sliced)
        {
            h.Aims(Aim.Slice);
        }
    }

    /// <summary>The opposite of a describing word: "not frozen", "without the skin".</summary>
    public static void Not(Heard h, Describing says, Stretch stretch, Script script)
    {
        var opposite = new Describing
        {
            BoneIn = !says.BoneIn,
            State = says.State switch
            {
                MeatState.Frozen => MeatState.Chilled,
                MeatState.Chilled => MeatState.Frozen, // what is not thawed throughout
                _ => null,
            },
            Lies = says.Lies is Arrangement.Lump ? Arrangement.Single : null,
        };
        if (says.Prep is Prep.Grated or Prep.Pulled)
        {
            h.NotAims.Add(Aim.Pull);
        }

        if (h.Meats is [.., { BoneIn: not null } last] && opposite.BoneIn is { } bone)
        {
            last.BoneIn = bone;
        }

        Describe(h, opposite, stretch with { About = About.State }, script);
        if (opposite == new Describing())
        {
            h.Understood.Add(new(script.Typed(stretch.From, stretch.End), "said not to be"));
        }
    }

    /// <summary>What a describing word was taken for; empty where it changes nothing.</summary>
    public static string Words(Describing says) =>
        says switch
        {
            { State: MeatState.Frozen, Lies: Arrangement.Lump } => "frozen in one lump",
            { State: MeatState.Frozen, Lies: Arrangement.Single } => "frozen singly",
            { State: MeatState.Frozen } => "frozen",
            { State: MeatState.Chilled } => "chilled",
            { State: MeatState.Room } => "at room temperature",
            { Lies: Arrangement.Single } => "single",
            { BoneIn: true } => "bone in",
            { BoneIn: false } => "no bone",
            { IsCooked: true } => "cooked already",
            { IsDried: true } => "dried",
            { IsSoaked: true } => "soaked",
            { IsCanned: true } => "from a can",
            { Size: SaidSize.Small } => "small of its kind, where no weight is said",
            { Size: SaidSize.Large } => "large of its kind, where no weight is said",
            { Size: SaidSize.Huge } => "huge of its kind, where no weight is said",
            { Prep: Prep.None } => "changes no minutes",
            _ => "how it is cut",
        };
}
