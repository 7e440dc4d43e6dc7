using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Reading;

/// <summary>How many and how much, before a noun or behind it.</summary>
internal sealed partial class Items
{
    private IEnumerable<Item> Amounts(Item d, int at, AmountStands stands)
    {
        var about = About.Amount;
        var cost = stands == AmountStands.Behind ? Behind : 0;
        if (script.Quantity(at) is { } quantity)
        {
            cost += d.Count is { Value.Most: < 1 } part && part.End == at ? 1 : 0; // "half a cup" is one amount
            var end = at + quantity.Tokens;
            switch (quantity.Dimension)
            {
                case Dimension.Mass when d.Mass is null:
                    var isEach =
                        d.IsTimes
                        || (
                            stands == AmountStands.Before
                            && d.Count is { } number
                            && number.End == at
                            && d.Container is null
                            && ItemWords.Containers.GetValueOrDefault(script.Word(end) ?? "") is null
                        );
                    yield return With(
                        d with
                        {
                            Mass = new(quantity, at, end),
                            MassOf = isEach ? WeightOf.Each : d.MassOf,
                            Stands = stands,
                        },
                        at,
                        end,
                        about,
                        "weight",
                        cost - (stands == AmountStands.Behind ? 0.1 : 0)
                    );
                    break;
                case Dimension.Mass when Same(d.Mass!.Value.Value, quantity):
                    yield return With(d, at, end, about, "the same weight", 0);
                    break;
                case Dimension.Volume when d.Volume is null:
                    yield return With(d with { Volume = new(quantity, at, end), Stands = stands }, at, end, about, "amount", cost);
                    break;
                case Dimension.Volume
                    when d.Volume is { } before && Math.Abs(before.Value.Value - quantity.Value) < 0.1 * before.Value.Value:
                    yield return With(d, at, end, about, "the same amount", 0);
                    break;
                case Dimension.Length when d.Length is null && quantity.Value < 0.2 && stands == AmountStands.Before:
                    yield return With(d with { Length = new(quantity, at, end) }, at, end, About.Describing, "how large", Small);
                    break;
            }
        }

        if (script.Number(at) is { } count)
        {
            var end = at + count.Tokens;
            foreach (var way in CupOrSpoon(d, at, end, count, stands, cost))
            {
                yield return way;
            }

            if (d.Count is null && !(stands == AmountStands.Behind && script.Word(at) is "half" && script.Word(end) is "a" or "an"))
            {
                var times = script.Word(end) is "x" or "times" ? 1 : 0;
                var whole =
                    count.Least == Math.Floor(count.Least)
                    || (count.Most < 1 && count.Most > 0)
                    || count.Most <= 12 && (count.Most * 4 == Math.Floor(count.Most * 4));
                yield return With(
                    d with
                    {
                        Count = new(count, at, end),
                        IsTimes = times > 0,
                        Stands = stands,
                    },
                    at,
                    end + times,
                    about,
                    "how many",
                    cost + (whole ? 0 : 2)
                );
            }
            else if (d.IsTimes == false && d.Count is { } known && known.End == at && known.Value.Most == 1)
            {
                yield break;
            }
        }

        // "x4", "x 2"
        if (script.Word(at) is "x" && d.Count is null && script.Number(at + 1) is { } of)
        {
            yield return With(
                d with
                {
                    Count = new(of, at, at + 1 + of.Tokens),
                    Stands = stands,
                },
                at,
                at + 1 + of.Tokens,
                about,
                "how many",
                0
            );
        }

        foreach (var way in InContainers(d, at, stands, cost))
        {
            yield return way;
        }

        // "litre of water"
        if (
            script.Word(at) is { } unit
            && QuantityReader.IsUnit(unit)
            && unit.Length > 3
            && script.Word(at + 1) is "of"
            && at == d.From
            && QuantityReader.Read($"1 {unit}", Dimension.Volume, 1) is { } ml
        )
        {
            yield return With(
                d with
                {
                    Volume = new(new(Dimension.Volume, ml, 1), at, at + 1),
                    Stands = stands,
                },
                at,
                at + 2,
                about,
                "amount",
                0.4
            );
        }
    }

    // "1 c broth", "1 t cumin": short for a cup and a teaspoon.
    private IEnumerable<Item> CupOrSpoon(Item d, int at, int end, NumberSpan count, AmountStands stands, double cost)
    {
        var ml = script.Word(end) switch
        {
            "c" when count.Most <= 12 => Wording.CupMl,
            "t" when count.Most <= 12 => Wording.CupMl / 48,
            _ => 0,
        };
        if (ml > 0 && d.Volume is null)
        {
            var quantity = new Quantity(Dimension.Volume, count.Most * ml, count.Tokens + 1);
            yield return With(
                d with
                {
                    Volume = new(quantity, at, end + 1),
                    Stands = stands,
                },
                at,
                end + 1,
                About.Amount,
                "amount",
                cost + 0.1
            );
        }
    }

    private static bool Same(Quantity one, Quantity other) => Math.Abs(one.Value - other.Value) <= SameWeight * one.Value;

    private const double SameWeight = 0.06; // "2.2 lb (1 kg)" is one weight

    private IEnumerable<Item> InContainers(Item d, int at, AmountStands stands, double cost)
    {
        if (d.Container is not null)
        {
            yield break;
        }

        // "a small tin", "2 large handfuls": the size is that of the measure.
        var from = at;
        var size = SaidSize.Usual;
        if (
            script.Word(at) is "small" or "large" or "big" or "good" or "heaped" or "generous" or "medium" or "little" or "nice" or "full"
            && script.Word(at + 1) is { } next
            && ItemWords.Containers.ContainsKey(next)
        )
        {
            size =
                script.Word(at) is "small" or "little" ? SaidSize.Small
                : script.Word(at) is "large" or "big" or "generous" or "good" or "heaped" ? SaidSize.Large
                : SaidSize.Usual;
            at++;
        }

        foreach (var (word, slip) in script.Variants(at))
        {
            if (slip > 0 || !ItemWords.Containers.TryGetValue(word, out var measure))
            {
                continue;
            }

            var end = at + 1;
            // "1 inch piece of ginger" is a piece; where a noun of meat may be meant it is one.
            var isPiece = measure is "slice" or "piece" or "leaf" or "cube" or "fillet" or "part" or "head" or "pint" or "inch" or "pod";
            if (measure is "pint" or "inch")
            {
                continue;
            }

            if (d.IsMeat && measure is "cube" or "slice" or "piece" or "fillet" or "part" or "floret" or "head" or "knob" or "leaf")
            {
                continue; // of meat they are its pieces
            }

            var of = script.Word(end) is "of" ? 1 : 0;
            if (
                stands == AmountStands.Before
                && d.HasNoAmount
                && measure
                    is not (
                        "can"
                        or "jar"
                        or "packet"
                        or "handful"
                        or "bunch"
                        or "splash"
                        or "pinch"
                        or "stick"
                        or "thumb"
                        or "bottle"
                        or "knob"
                    )
            )
            {
                continue;
            }

            yield return With(
                d with
                {
                    Container = new(measure, from, end),
                    ContainerSize = size,
                    Stands = stands,
                },
                from,
                end + of,
                About.Amount,
                "measure",
                cost + (isPiece ? 0.1 : 0) + (d.HasNoAmount ? 0.3 : 0)
            );
        }
    }

    // "each", "in all", "pieces", "of them", "per person", "off".
    private IEnumerable<Item> Measured(Item d, int at, double apart)
    {
        if (d.Volume is not null && d.Count is not null && d.MassOf == WeightOf.Unsaid)
        {
            foreach (var fit in ItemWords.Each.SelectMany(p => p.At(script, at)))
            {
                yield return With(d with { MassOf = WeightOf.Each }, at, fit.End, About.Amount, "amount of each", fit.Cost);
            }
        }

        if (d.Mass is not null && d.MassOf is WeightOf.Unsaid or WeightOf.Each)
        {
            foreach (var fit in ItemWords.Each.SelectMany(p => p.At(script, at)))
            {
                // "500 g thighs, each cut in three": without a number it is rather the next word's.
                var far = d.Count is null && d.Mass.Value.End < at && d.Stands == AmountStands.Before ? 0.5 : 0;
                yield return With(d with { MassOf = WeightOf.Each }, at, fit.End, About.Amount, "weight of each piece", fit.Cost + far);
            }
        }

        if (d.Mass is not null)
        {
            foreach (var fit in ItemWords.All.SelectMany(p => p.At(script, at)))
            {
                yield return With(
                    d with
                    {
                        MassOf = d.MassOf == WeightOf.Unsaid ? WeightOf.All : d.MassOf,
                    },
                    at,
                    fit.End,
                    About.Amount,
                    "weight of all",
                    fit.Cost
                );
            }
        }

        var word = script.Word(at);
        if (d.Count is not null && word is "portions" or "portion" or "servings" or "boxes" or "tubs")
        {
            yield return With(d with { IsPortions = true }, at, at + 1, About.Amount, "portions", Small);
        }

        if (d.Count is not null && word is "pieces" or "piece" or "pcs" or "pc" or "pce" or "off" or "total" or "joints")
        {
            yield return With(d, at, at + 1, About.Amount, "how many", Small);
        }

        if (d.Count is not null && word is "of" && script.Word(at + 1) is "them" or "em" or "these" or "those")
        {
            yield return With(d, at, at + 2, About.Amount, "how many", 0);
        }

        if (d is { IsMeat: true, Count: not null, Mass: null, IsPerPerson: false } && word is "each" or "apiece")
        {
            yield return With(d with { IsPerPerson = true }, at, at + 1, About.Amount, "for each who eats", Small);
        }

        if (word is "per" or "each" && script.Word(at + 1) is "person" or "head" or "adult")
        {
            yield return With(d with { IsPerPerson = true }, at, at + 2, About.Amount, "for each who eats", 0);
        }

        if (d.IsMeat)
        {
            foreach (var lexeme in script.Senses(at))
            {
                if (lexeme.Sense.Kind == SenseKind.Piece)
                {
                    yield return With(d, at, at + lexeme.Length, About.Meat, "pieces", Small + lexeme.Cost + apart);
                }
            }
        }
    }
}
