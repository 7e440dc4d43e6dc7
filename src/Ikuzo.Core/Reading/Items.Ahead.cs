using Ikuzo.Core.Poultry;
using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Reading;

/// <summary>What stands before a noun, and the noun.</summary>
internal sealed partial class Items
{
    private IEnumerable<Item> BeforeNoun(Item d)
    {
        var at = d.End;
        if (at >= script.Count)
        {
            yield break;
        }

        if (script.IsMark(at))
        {
            foreach (var way in MarkAhead(d, at))
            {
                yield return way;
            }

            yield break;
        }

        var word = script.Word(at)!;
        if (word is "half" or "quarter" or "third" && script.Word(at + 1) is "of" && script.Word(at + 2) is "a" or "an" && d.HasNoAmount)
        {
            yield return To(d with { HasArticle = true }, at + 3, 0.1); // "a quarter of a turkey breast": its weight says how much
        }

        if (word is "a" or "an" && d.Count is null && !d.HasArticle)
        {
            yield return To(d with { HasArticle = true }, at + 1, 0);
        }
        else if (word is "a" or "an" or "of" && d.Count is { Value.Most: < 1 })
        {
            yield return To(d, at + 1, script.Quantity(at) is null ? 0 : 1); // "half a swede"; "half a cup" is one amount
        }
        else if (ItemWords.Ahead.Contains(word) && at > d.From)
        {
            yield return To(d, at + 1, 0.02);
        }
        else if (word is "some" or "the" or "my" or "our" or "about" or "around" or "another")
        {
            yield return To(d, at + 1, 0.02);
        }

        // "1 red and 1 yellow pepper": of one noun that stands once.
        if (
            word is "and"
            && d is { Count: { } one, Mass: null, Volume: null, Nouns.Count: 0, Says.Count: > 0 }
            && d.Says[^1].End == at
            && script.Number(at + 1) is { } other
            && script.Quantity(at + 1) is null
        )
        {
            var stop = at + 1 + other.Tokens;
            yield return With(
                d with
                {
                    Count = new(new(one.Value.Least + other.Least, one.Value.Most + other.Most, 1), one.From, one.End),
                },
                at,
                stop,
                About.Amount,
                "how many",
                Small
            );
        }

        if (word is "each" && (d.Volume is not null || d.Mass is not null || d.Count is not null) && d.Nouns.Count == 0)
        {
            yield return To(d with { IsOfEach = true }, at + (script.Word(at + 1) is "of" ? 2 : 1), Small);
        }

        foreach (var way in Amounts(d, at, AmountStands.Before))
        {
            yield return way;
        }

        if (word is "at" or "@" && d.Count is { } many && many.End == at && script.Quantity(at + 1) is { Dimension: Dimension.Mass })
        {
            yield return To(d with { IsTimes = true }, at + 1, 0); // "2 at 500 g"
        }

        foreach (var way in Extracts(d, at))
        {
            yield return way;
        }

        foreach (var lexeme in script.Senses(at))
        {
            var end = at + lexeme.Length;
            switch (lexeme.Sense.Kind)
            {
                case SenseKind.Describing:
                    yield return Described(d, at, lexeme, lexeme.Cost);
                    break;
                case SenseKind.Food
                or SenseKind.Meat
                or SenseKind.NotComputed
                or SenseKind.Piece when Named(d, at, end, lexeme) is { } named:
                    yield return named;
                    break;
            }
        }

        if (NounUnknown(d, at) is { } unknown)
        {
            yield return unknown;
            // "6 blorf thighs": a word that nobody knows before the noun.
            if (Ordinary.Zipf(word) == 0)
            {
                yield return With(d with { Unread = script.Typed(at, at + 1) }, at, at + 1, About.Unknown, "", 1.2);
            }
        }
    }

    private IEnumerable<Item> MarkAhead(Item d, int at)
    {
        var mark = script.Tokens[at].Text;
        if (
            mark == "("
            && d.Count is { } said
            && script.Number(at + 1) is { } again
            && again.Most == said.Value.Most
            && script.Tokens.ElementAtOrDefault(at + 2).Text == ")"
        )
        {
            yield return To(d, at + 3, 0); // "six (6)"
        }

        if (mark == "(" && (d.Count is not null || d.Mass is not null || d.Volume is not null))
        {
            yield return To(d with { Open = d.Open + 1 }, at + 1, Small);
        }
        else if (mark == ")" && d.Open > 0)
        {
            yield return To(d with { Open = d.Open - 1 }, at + 1, 0);
        }
        else if (
            mark is ","
            && d.Says.Count > 0
            && d.Says[^1].End == at
            && script.Senses(at + 1).Any(s => s.Sense.Kind is SenseKind.Describing)
        )
        {
            // "onions, chopped, boneless thighs": how it is cut is rather of what stood before; "parsnips cut in chunks, …" surely.
            var isOfBefore = d.HasNoAmount && d.Prep is not Prep.None;
            yield return To(
                d,
                at + 1,
                !isOfBefore ? Small
                    : script.IsMark(d.From - 1) ? 2 * OfTheNext
                    : 4 * OfTheNext
            );
        }
        else if (
            mark is "," or "-" or ":"
            && (d.Mass is not null || d.Count is not null || d.Volume is not null)
            && d.Nouns.Count == 0
            && script.Number(at + 1) is null
            && script.Quantity(at + 1) is null // "900 g, 2 carrots"
        )
        {
            yield return To(d, at + 1, 1.2); // "1 kg, thighs"
        }
        else if (mark is "/" && d.Mass is not null && script.Quantity(at + 1) is { Dimension: Dimension.Mass })
        {
            yield return To(d, at + 1, 0);
        }
        else if (mark is "*" && d.Count is not null)
        {
            yield return To(d with { IsTimes = true }, at + 1, 0);
        }
        else if (mark is "+" or "&" && d.Volume is not null)
        {
            yield return To(d, at + 1, 1.5);
        }
        else if (mark is "•" or "-" or "*" or "~" && at == d.From)
        {
            yield return To(d, at + 1, 0);
        }
    }

    // A noun that fits what stands before it; null where it cannot be one.
    private Item? Named(Item d, int at, int end, Lexeme lexeme)
    {
        var sense = lexeme.Sense;
        var cost = lexeme.Cost;
        if (sense.Kind == SenseKind.Piece || (sense is { Kind: SenseKind.Meat, IsWeak: true } && cost > 0))
        {
            return null; // a noun follows; and what says little is seen through no slip
        }

        if (sense.Kind == SenseKind.NotComputed && !BesideBird(d, at, end))
        {
            return null;
        }

        if (sense.Kind == SenseKind.Food && (d.Is(s => s.IsOfMeat) || IsTorn(d, at, end)))
        {
            return null;
        }

        if (d.Extract is not null && sense.Food is not { Kind: FoodKind.Fruit or FoodKind.Green or FoodKind.Aromatic or FoodKind.Herb })
        {
            return null;
        }

        if (sense is { Kind: SenseKind.Food, IsWeak: true })
        {
            var isAlone = at == d.From && at > 0 && script.IsMark(at - 1) && script.IsMark(end); // "200 ml water; time"
            if (d.HasNoAmount && !isAlone)
            {
                return null;
            }

            cost += isAlone ? 0 : 1.3;
        }

        if (sense.Part is Part.Half && script.Word(end) is "a" or "an")
        {
            cost += 2; // "whole chicken half an hour"
        }

        if (sense.Food is { Kind: FoodKind.Bread } && sense.Name is "roll" or "wrap" or "bun" or "taco")
        {
            cost += 0.6;
        }

        var about =
            sense.Kind != SenseKind.Food ? About.Meat
            : sense.Food!.Liquid is not null ? About.Liquid
            : About.Beside;
        return With(d with { Nouns = d.Nouns.Add(new(lexeme, at, end)) }, at, end, about, sense.Name, cost);
    }

    // "Green" and "beans" are green beans.
    private bool IsTorn(Item d, int at, int end) =>
        d.Says is [.., var last]
        && last.End == at
        && script.Senses(last.From).Any(l => l is { Cost: 0, Sense.Kind: SenseKind.Food } && last.From + l.Length >= end);

    // "Ground turkey", "turkey neck", "chicken livers": a part that is not computed, beside its bird; organs by themselves.
    private bool BesideBird(Item d, int at, int end) =>
        d.Nouns.Any(n => n.Value.Sense.Kind == SenseKind.Meat)
        || script.Senses(end).Any(s => s.Sense is { Kind: SenseKind.Meat })
        || script.Word(at)
            is "livers"
                or "gizzards"
                or "gizzard"
                or "giblets"
                or "hearts"
                or "necks"
                or "feet"
                or "nuggets"
                or "kievs"
                or "kiev"
                or "liver";

    private IEnumerable<Item> Extracts(Item d, int at)
    {
        if (d.Extract is not null)
        {
            yield break;
        }

        foreach (var fit in ItemWords.Extracts.SelectMany(p => p.At(script, at)))
        {
            var text = script.Typed(at, fit.End).ToLowerInvariant();
            var what =
                text.Contains("juice", StringComparison.Ordinal) && !text.Contains("zest", StringComparison.Ordinal)
                || text.Contains("squeeze", StringComparison.Ordinal)
                    ? "juice"
                    : "zest";
            yield return With(d with { Extract = what }, at, fit.End, About.Amount, what, fit.Cost);
        }
    }

    // "2 cups gloop": an amount of a word that nobody knows.
    private Item? NounUnknown(Item d, int at)
    {
        var word = script.Word(at)!;
        if (
            (d.Volume is null && d.Mass is null && d.Container is null && d.Count is null)
            || script.Tokens[at].Number is not null
            || Grammar.IsFiller(word)
            || ItemWords.Containers.ContainsKey(word)
            || QuantityReader.IsUnit(word)
            || script.Senses(at).Any(s => s.Cost == 0)
            || word.Length < 2
        )
        {
            return null;
        }

        var end = at + 1;
        return With(d with { UnknownNoun = script.Typed(at, end) }, at, end, About.Unknown, "", UnknownNoun);
    }
}
