using Ikuzo.Core.Companions;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Reading;

/// <summary>What follows a noun.</summary>
internal sealed partial class Items
{
    // "onions 200 g, 6 breasts": what stands behind a comma and a weight is rather the next one's.
    private const double OfTheNext = 0.5;

    private IEnumerable<Item> AfterNoun(Item d)
    {
        var at = d.End;
        if (at >= script.Count)
        {
            yield break;
        }

        if (EachByItself(d, at) is { } weighed)
        {
            yield return weighed;
        }

        foreach (var way in Purposed(d, at))
        {
            yield return way;
        }

        if (script.IsMark(at))
        {
            foreach (var way in MarkBehind(d, at))
            {
                yield return way;
            }

            yield break;
        }

        foreach (var way in Behindhand(d, at, 0))
        {
            yield return way;
        }
    }

    // "180 g + 240 g", "one 210 g, the other 260 g": as many weights as there are pieces.
    private Item? EachByItself(Item d, int at)
    {
        if (d is not { IsMeat: true, Mass: null, Count.Value: { Least: >= 2 and <= MostByThemselves } many } || many.Least != many.Most)
        {
            return null;
        }

        List<double> weights = [];
        var next = at;
        for (var end = at; end < script.Count && weights.Count < many.Least; )
        {
            if (script.Quantity(end) is { Dimension: Dimension.Mass } mass)
            {
                weights.Add(mass.Value);
                end += mass.Tokens;
                next = end;
            }
            else if (script.IsMark(end) || (script.Word(end) is { } word && ItemWords.BetweenWeights.Contains(word)))
            {
                end++;
            }
            else
            {
                return null;
            }
        }

        return weights.Count < many.Least || IsOfAnother(next)
            ? null
            : With(
                d with
                {
                    Mass = new(new(Dimension.Mass, weights.Sum(), next - at), at, next),
                    MassOf = WeightOf.All,
                    HeaviestKg = weights.Max(),
                    Stands = AmountStands.Behind,
                },
                at,
                next,
                About.Amount,
                "weight of each by itself"
            );
    }

    // "210 g and 150 g of carrots": the second is theirs.
    private bool IsOfAnother(int at)
    {
        var noun = script.Word(at) is "of" ? at + 1 : at;
        return script.Senses(noun).Any(s => s.Cost < NearSlip && s.Sense.Kind is SenseKind.Food or SenseKind.Meat or SenseKind.Describing);
    }

    private const int MostByThemselves = 6;
    private const double NearSlip = 2; // "350 g mushromos"

    private IEnumerable<Item> MarkBehind(Item d, int at)
    {
        var mark = script.Tokens[at].Text;
        if (mark == "(")
        {
            yield return To(d with { Open = d.Open + 1 }, at + 1, Small);
            yield break;
        }

        if (mark == ")" && d.Open > 0)
        {
            yield return To(d with { Open = d.Open - 1 }, at + 1, 0);
            yield break;
        }

        if (mark is "/" && d.Mass is not null && script.Quantity(at + 1) is { Dimension: Dimension.Mass })
        {
            yield return To(d, at + 1, 0);
        }

        if (mark is "," or "-" or ":" or "–" or "*" or "!" or ";" || script.Tokens[at].Text == Quantities.Tokens.To)
        {
            var next = at + 1;
            while (script.IsMark(next) && next < script.Count && script.Tokens[next].Text is "," or "!" or "-")
            {
                next++;
            }

            var cost =
                mark is ";" ? 0.6
                : mark is "!" ? 0.3
                : Apart;
            foreach (var way in Behindhand(To(d, next, 0), next, cost))
            {
                yield return way;
            }

            if (mark is "," && script.Tokens.ElementAtOrDefault(next).Text is "(")
            {
                yield return To(d with { Open = d.Open + 1 }, next + 1, cost);
            }
        }
    }

    // What follows a noun, after a comma or not.
    private IEnumerable<Item> Behindhand(Item d, int at, double apart)
    {
        if (at >= script.Count)
        {
            yield break;
        }

        foreach (var way in NounsBehind(d, at, apart))
        {
            yield return way;
        }

        foreach (var fit in ItemWords.CutTo.SelectMany(p => p.At(script, at)))
        {
            if (d.Length is null && fit.Captured is [var measured] && (!d.IsMeat || NamesPieces(measured.End, fit.End)))
            {
                var length = (Quantity)measured.Value;
                yield return With(
                    d with
                    {
                        Length = new(length, at, fit.End),
                        Says = d.Says.Add(new(new Describing { Prep = PrepIn(script.Typed(at, fit.End)) }, at, fit.End)),
                    },
                    at,
                    fit.End,
                    About.Describing,
                    "how it is cut",
                    apart
                );
            }
        }

        foreach (var fit in ItemWords.CutInto.SelectMany(p => p.At(script, at)))
        {
            var prep = ((NumberSpan)fit.Captured[0].Value).Most > 2 ? Prep.Quartered : Prep.Halved;
            yield return With(
                d with
                {
                    Says = d.Says.Add(new(new Describing { Prep = prep }, at, fit.End)),
                },
                at,
                fit.End,
                About.Describing,
                "how it is cut",
                apart + fit.Cost
            );
        }

        foreach (var lexeme in script.Senses(at))
        {
            if (lexeme.Sense.Kind == SenseKind.Describing && (d.IsMeat || !lexeme.Sense.Says!.IsOfMeat))
            {
                yield return Described(d, at, lexeme, lexeme.Cost + apart);
            }
        }

        foreach (var way in Amounts(d, at, AmountStands.Behind))
        {
            yield return way with
            {
                Cost = way.Cost + apart + (apart > 0 && ((d.Mass ?? d.Volume) is not null || IsOfAnother(way.End)) ? OfTheNext : 0),
            };
        }

        foreach (var way in Measured(d, at, apart))
        {
            yield return way;
        }

        foreach (var fit in ItemWords.Alternatives.SelectMany(p => p.At(script, at)))
        {
            // "turkey or chicken stock", "lard or oil": the first counts.
            foreach (var lexeme in script.Senses(fit.End))
            {
                if (lexeme.Sense.Kind == SenseKind.Food && !d.IsMeat)
                {
                    yield return With(d, at, fit.End + lexeme.Length, About.Ordinary, "instead of it", apart + lexeme.Cost + Small);
                }
            }
        }

        if (script.Word(at) is { } bridge && ItemWords.Bridges.Contains(bridge))
        {
            foreach (var way in Bridged(d, at, apart))
            {
                yield return way;
            }
        }

        if (
            d.Open > 0
            && script.Word(at) is { } inside
            && !Grammar.IsNot(inside)
            && script.Tokens[at].Number is null
            && script.Quantity(at) is null
        )
        {
            yield return To(d, at + 1, InBracket + (Grammar.IsFiller(inside) ? -0.2 : 0));
        }
    }

    // Of meat "2.5 cm thick" is its thickness, "in 2.5 cm pieces" how it is cut.
    private bool NamesPieces(int from, int end) => end > from && script.Word(end - 1) is not ("thick" or "long" or "wide" or "square");

    private static Prep PrepIn(string text) =>
        text.Contains("slice", StringComparison.OrdinalIgnoreCase)
        || text.Contains("round", StringComparison.OrdinalIgnoreCase)
        || text.Contains("thick", StringComparison.OrdinalIgnoreCase)
            ? Prep.Sliced
        : text.Contains("dice", StringComparison.OrdinalIgnoreCase) || text.Contains("cube", StringComparison.OrdinalIgnoreCase)
            ? Prep.Diced
        : Prep.Chunks;

    // "weighing about", "at", "there's": words between a noun and its amount, or what describes it.
    private IEnumerable<Item> Bridged(Item d, int at, double apart)
    {
        var end = at;
        while (
            end < at + 5
            && script.Word(end) is { } word
            && !Grammar.IsNot(word)
            && (Grammar.IsFiller(word) || word is "weighing" or "total" or "totalling" or "coming" or "qty" or "@")
            && script.Tokens[end].Number is null
        )
        {
            end++;
            var cost = apart + 0.1 * (end - at);
            // "thighs, then 650 g carrots": what follows is another thing.
            var isNext =
                Enumerable.Range(at, end - at).Any(i => script.Word(i) is "and" or "plus" or "then")
                || (script.Word(at) is "with" && script.Word(end - 1) is not "weighing");
            var isEach = script.Word(end - 1) is "each" || (script.Word(end - 1) is "at" or "@" or "of" && d.Count is not null);
            var isAll = script.Word(end - 1) is "total" or "totalling" or "all" or "together" or "altogether";
            if (!isNext && script.Quantity(end) is { Dimension: Dimension.Mass } mass && d.Mass is null)
            {
                yield return With(
                    d with
                    {
                        Mass = new(mass, end, end + mass.Tokens),
                        MassOf =
                            isEach ? WeightOf.Each
                            : isAll ? WeightOf.All
                            : d.MassOf,
                        Stands = AmountStands.Behind,
                    },
                    at,
                    end + mass.Tokens,
                    About.Amount,
                    isEach ? "weight of each piece" : "weight",
                    cost
                );
            }

            if (
                script.Number(end) is { } number
                && d is { Count: null, HasArticle: false, IsMeat: true }
                && !isNext
                && script.Quantity(end) is null
                && number.Least == Math.Floor(number.Least)
            )
            {
                yield return With(
                    d with
                    {
                        Count = new(number, end, end + number.Tokens),
                        Stands = AmountStands.Behind,
                    },
                    at,
                    end + number.Tokens,
                    About.Amount,
                    "how many",
                    cost + Behind
                );
            }

            foreach (var lexeme in script.Senses(end))
            {
                if (
                    lexeme.Sense.Kind == SenseKind.Describing
                    && (d.IsMeat || !lexeme.Sense.Says!.IsOfMeat)
                    && ItemWords.DescribingBridges.Contains(script.Word(at)!)
                )
                {
                    yield return Described(d, end, lexeme, cost + lexeme.Cost + (script.Word(at) is "and" or "with" ? 0.35 : 0));
                }
            }

            // "breast of turkey", "the carcass of a roast turkey"
            if (script.Word(at) is "of" && end <= at + 2)
            {
                var noun = end;
                foreach (
                    var lexeme in script
                        .Senses(end)
                        .Where(l =>
                            l.Sense.Kind == SenseKind.Describing
                            && script.Word(end) is "roast" or "roasted" or "cooked" or "small" or "large"
                        )
                )
                {
                    noun = end + lexeme.Length;
                }

                foreach (var way in NounsBehind(d with { End = noun }, noun, apart))
                {
                    yield return way;
                }
            }
        }
    }

    private IEnumerable<Item> NounsBehind(Item d, int at, double apart)
    {
        if (
            d.Nouns.Count > 0
            && d.Nouns.All(n => n.Value.Sense.IsWeak)
            && Enumerable.Range(d.Nouns[^1].End, at - d.Nouns[^1].End).Any(script.IsMark)
        )
        {
            yield break; // "in chunks, then thighs": chunks alone are no meat
        }

        foreach (var lexeme in script.Senses(at))
        {
            var end = at + lexeme.Length;
            if (d.IsMeat && lexeme.Sense.Kind is SenseKind.Meat or SenseKind.NotComputed && MeatNoun.Joins(d, lexeme.Sense))
            {
                var more = (apart > 0 ? 0.2 : 0) + (lexeme.Sense.Part is Part.Half && script.Word(end) is "a" or "an" ? 2 : 0);
                // A bird after its part is said last as in "drumsticks, chicken"; a part after a count of others is another thing.
                yield return With(
                    d with
                    {
                        Nouns = d.Nouns.Add(new(lexeme, at, end)),
                    },
                    at,
                    end,
                    About.Meat,
                    lexeme.Sense.Name,
                    lexeme.Cost + apart + more
                );
            }
        }
    }

    private IEnumerable<Item> Purposed(Item d, int at)
    {
        foreach (var (when, pattern) in ItemWords.Purposes)
        {
            var from = script.IsMark(at) && script.Tokens[at].Text is "," or "(" or "-" ? at + 1 : at;
            var open = script.IsMark(at) && script.Tokens[at].Text is "(" ? 1 : 0;
            if (from >= script.Count)
            {
                continue;
            }

            foreach (var fit in pattern.At(script, from))
            {
                yield return With(
                    d with
                    {
                        When = d.When ?? when,
                        Open = d.Open + open,
                    },
                    from,
                    fit.End,
                    About.Wish,
                    when is { } w ? Said(w) : "as said",
                    fit.Cost + Small
                );
            }
        }
    }

    private static string Said(GoesIn when) =>
        when switch
        {
            GoesIn.After => "after pressure",
            GoesIn.Aside => "at the table",
            _ => "under the lid",
        };
}
