using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Reading;

/// <summary>Where a text was typed: it decides what may be meant.</summary>
internal enum Field
{
    /// <summary>The Counter.</summary>
    Counter,

    /// <summary>A line of a dish or a recipe.</summary>
    Line,

    /// <summary>The cold store.</summary>
    Cold,

    /// <summary>A line for the Book: a cook that is over.</summary>
    Book,

    /// <summary>A step of a recipe.</summary>
    Step,
}

/// <summary>One part of a reading: a thing, a circumstance, or a word that is passed over.</summary>
internal sealed record Phrase(int From, int End, double Cost, IReadOnlyList<Stretch> Stretches, Action<Heard> Apply)
{
    /// <summary>The thing; null for all else.</summary>
    public Item? Item { get; init; }
}

/// <summary>A reading of a text as far as it goes; the whole text where it ends at its end.</summary>
internal sealed record Course(Course? Before, Phrase? Last, double Cost, AmountStands Style)
{
    /// <summary>Its phrases in order.</summary>
    public IReadOnlyList<Phrase> Phrases
    {
        get
        {
            List<Phrase> phrases = [];
            for (var at = this; at is { Last: { } last }; at = at.Before!)
            {
                phrases.Add(last);
            }

            phrases.Reverse();
            return phrases;
        }
    }
}

/// <summary>
/// Finds the cheapest readings of a text: a text is a row of things, circumstances, and words that say nothing; each has its cost, and
/// all rows are tried from left to right, the cheapest kept at each place.
/// </summary>
internal sealed class Reader(Script script, Field field = Field.Counter)
{
    private const int Beam = 10;

    // What it costs to read a part as it is read. The less is left over, the better.
    private const double PerItem = 0.6,
        PerCircumstance = 0.1,
        Filler = 0.2,
        OrdinaryWord = 0.7,
        UnknownWord = 2.0,
        Negation = 2.6,
        Meaningful = 2.0,
        Named = 6.0,
        LooseNumber = 3.0,
        LooseCounted = 1.1,
        LooseMass = 1.7,
        LooseVolume = 1.3,
        LoosePot = 0.7,
        LeastPotMl = 2000,
        Binding = 5,
        LooseDescribing = 0.9,
        LooseOfTheMeat = 0.9,
        OtherStyle = 0.35,
        SameStyle = 0.2, // what it costs to stand behind is paid once
        NoSlip = 0.5,
        Torn = 6; // "2 chicken" and "cutlets"

    /// <summary>Readings of the whole text, the cheapest first.</summary>
    /// <param name="most">How many.</param>
    public IReadOnlyList<Course> Read(int most)
    {
        var items = new Items(script);
        var courses = new List<Course>[script.Count + 1];
        for (var i = 0; i <= script.Count; i++)
        {
            courses[i] = [];
        }

        courses[0].Add(new(null, null, 0, AmountStands.Nowhere));
        for (var at = 0; at < script.Count; at++)
        {
            if (courses[at].Count == 0)
            {
                continue;
            }

            var kept = Kept(courses[at]);
            // Of phrases that end at one place and do the same the cheapest counts.
            foreach (var phrase in PhrasesAt(items, at))
            {
                foreach (var course in kept)
                {
                    courses[phrase.End].Add(Onward(course, phrase));
                }
            }
        }

        return [.. Kept(courses[script.Count], most)];
    }

    /// <summary>The cheapest reading; of an empty text one without words.</summary>
    public Course Best() => Read(1) is [var best, ..] ? best : new(null, null, 0, AmountStands.Nowhere);

    private static List<Course> Kept(List<Course> courses, int most = Beam) =>
        [.. courses.GroupBy(c => (c.Last, c.Style, Math.Round(c.Cost, 2))).Select(g => g.First()).OrderBy(c => c.Cost).Take(most)];

    // Who says amounts behind their nouns goes on to.
    private Course Onward(Course course, Phrase phrase)
    {
        var style = phrase.Item?.Stands ?? AmountStands.Nowhere;
        var turns = style != AmountStands.Nowhere && course.Style != AmountStands.Nowhere && style != course.Style;
        var stays = style == AmountStands.Behind && course.Style == AmountStands.Behind;
        var isTorn =
            phrase.Item is { IsMeat: true } part
            && course.Last?.Item is { IsMeat: true } bird
            && bird.Nouns.All(n => n.Value.Sense.Part is null or Core.Poultry.Part.Whole)
            && part.From == bird.End
            && part.Nouns[0].From == part.From;
        // "duck eggs" are no duck.
        isTorn |=
            phrase.Item is { IsMeat: false, Nouns: [var food, ..] }
            && course.Last?.Item is { IsMeat: true, Nouns: [.., var meat] }
            && food.From == meat.End
            && script.Senses(meat.From).Any(s => s.Cost == 0 && meat.From + s.Length > meat.End);
        return new(
            course,
            phrase,
            course.Cost
                + phrase.Cost
                + (
                    turns ? OtherStyle
                    : stays ? -SameStyle
                    : 0
                )
                + (isTorn ? Torn : 0),
            style == AmountStands.Nowhere ? course.Style : style
        );
    }

    private IEnumerable<Phrase> PhrasesAt(Items items, int at)
    {
        if (script.IsMark(at))
        {
            yield return Skip(at, 0);
            if (script.Tokens[at].Text is "•" or "-" or "*")
            {
                yield break;
            }
        }

        foreach (var item in items.At(at))
        {
            yield return OfItem(item, PerItem + item.Cost);
        }

        if (script.IsMark(at))
        {
            yield break;
        }

        foreach (var (production, fit) in Grammar.At(script, at, field))
        {
            yield return Circumstance(production, at, fit);
        }

        foreach (var phrase in Negated(items, at))
        {
            yield return phrase;
        }

        foreach (var phrase in Loose(at))
        {
            yield return phrase;
        }
    }

    private Phrase OfItem(Item item, double cost) =>
        new(item.From, item.End, cost, item.Stretches, h => Things.Hear(h, item, script)) { Item = item };

    private Phrase Circumstance(Production production, int at, Fit fit)
    {
        var spoken = new Spoken(script, at, fit);
        return new(
            at,
            fit.End,
            PerCircumstance + production.Cost + fit.Cost,
            [],
            h =>
            {
                h.As = null;
                production.Follows.Does(h, spoken);
                Note(h, new(at, fit.End, production.About, h.As ?? production.As));
            }
        );
    }

    private void Note(Heard h, Stretch stretch)
    {
        h.Stretches.Add(stretch);
        if (stretch.As.Length > 0)
        {
            h.Understood.Add(new(script.Typed(stretch.From, stretch.End), stretch.As));
        }
    }

    // "No rice", "not thawed", "without browning", "never mind the thighs": the opposite of the one phrase that follows.
    private IEnumerable<Phrase> Negated(Items items, int at)
    {
        foreach (var (negation, isOfThings) in ItemWords.Not.Select(p => (p, false)).Concat(ItemWords.RanOut.Select(p => (p, true))))
        {
            foreach (var fit in negation.At(script, at))
            {
                var from = fit.End;
                if (from >= script.Count || script.IsMark(from) || fit.Cost >= NoSlip)
                {
                    continue; // "minutes" is no slip of "minus"
                }

                foreach (
                    var item in items.At(from).Where(i => i.Mass is null && i.Volume is null && i.Container is null && i.Count is null)
                )
                {
                    yield return Left(at, item.End, PerItem + item.Cost + 0.2, item.IsMeat ? "not that" : "left out");
                }

                if (isOfThings)
                {
                    continue;
                }

                foreach (var (production, inner) in Grammar.At(script, from, field))
                {
                    var p = production;
                    yield return new(
                        at,
                        inner.End,
                        PerCircumstance + production.Cost + inner.Cost + (production.Follows.Not is null ? 1.2 : 0.1),
                        [],
                        h =>
                        {
                            p.Follows.Not?.Invoke(h);
                            Note(h, new(at, inner.End, p.About, $"not {(p.As.Length > 0 ? p.As : "that")}"));
                        }
                    );
                }

                foreach (var lexeme in script.Senses(from).Where(s => s.Sense.Kind == SenseKind.Describing))
                {
                    var says = lexeme.Sense.Says!;
                    var end = from + lexeme.Length;
                    yield return new(
                        at,
                        end,
                        (says == new Describing() ? 0.7 : 0.3) + lexeme.Cost,
                        [],
                        h => Things.Not(h, says, new(at, end, About.State, ""), script)
                    );
                }
            }
        }
    }

    private Phrase Left(int at, int end, double cost, string @as) =>
        new(at, end, cost, [], h => Note(h, new(at, end, About.Ordinary, @as)));

    // What belongs to nothing: amounts that look for a noun, words that say nothing, and words that nobody knows.
    private IEnumerable<Phrase> Loose(int at)
    {
        var word = script.Word(at)!;
        if (script.Quantity(at) is { } quantity)
        {
            var end = at + quantity.Tokens;
            switch (quantity.Dimension)
            {
                case Dimension.Mass:
                    foreach (var (of, stop) in Items.WeightsOf(script, end))
                    {
                        yield return Amount(
                            at,
                            stop,
                            LooseMass,
                            "weight",
                            h => h.LooseKg.Add(new(quantity.Value, of, script.Typed(at, end).ToLowerInvariant()))
                        );
                    }

                    break;
                case Dimension.Volume:
                    yield return Amount(
                        at,
                        end,
                        quantity.Value >= LeastPotMl ? LoosePot : LooseVolume,
                        "amount",
                        h => h.LooseMl.Add((quantity.Value, script.Typed(at, end).ToLowerInvariant()))
                    );
                    break;
            }
        }

        if (script.Number(at) is { } number)
        {
            var end = at + number.Tokens;
            foreach (var counted in ItemWords.Counted.SelectMany(p => p.At(script, end)))
            {
                yield return Amount(
                    at,
                    counted.End,
                    LooseCounted,
                    "how many",
                    h => h.LooseNumbers.Add((number, script.Typed(at, end).ToLowerInvariant()))
                );
            }

            foreach (var ofEach in ItemWords.OfEach.SelectMany(p => p.At(script, end)))
            {
                yield return Amount(at, ofEach.End, LooseCounted, "how many of each", h => h.OfEach = number);
            }

            yield return Amount(
                at,
                end,
                LooseNumber,
                "how many",
                h => h.LooseNumbers.Add((number, script.Typed(at, end).ToLowerInvariant()))
            );
        }

        foreach (var phrase in OfTheMeat(at))
        {
            yield return phrase;
        }

        foreach (var lexeme in script.Senses(at).Where(s => s.Sense.Kind == SenseKind.Describing))
        {
            var says = lexeme.Sense.Says!;
            var end = at + lexeme.Length;
            var isPlain = says == new Describing();
            yield return new(
                at,
                end,
                (isPlain ? 0.35 : LooseDescribing) + lexeme.Cost,
                [],
                h => Things.Describe(h, says, new(at, end, isPlain ? About.Ordinary : About.State, ""), script)
            );
        }

        if (script.Tokens[at].Number is not null && !(word is "one" or "half"))
        {
            yield break;
        }

        yield return Grammar.IsNot(word) ? Skip(at, Negation)
        : word is "each" or "apiece" or "altogether" ? Skip(at, Binding)
        : NamesMeat(at) ? Skip(at, Named)
        : SaysMuch(at) || MayBeFoodAlone(at) ? Skip(at, Meaningful)
        : Grammar.IsFiller(word) || word.Length == 1 && char.IsLetter(word[0]) ? Skip(at, Filler)
        : Ordinary.Zipf(word) > 0
        || QuantityReader.IsUnit(word)
        || Lexicon.Known.Has(word)
        || Lexicon.Known.IsPartOfOne(word)
        || Grammar.Knows(word)
            ? Skip(at, OrdinaryWord)
        : new(
            at,
            at + 1,
            UnknownWord,
            [],
            h =>
            {
                h.Unknown.Add(script.Typed(at, at + 1).ToLowerInvariant());
                h.Stretches.Add(new(at, at + 1, About.Unknown, ""));
            }
        );
    }

    // "Thighs, peas, 6 boneless", "a curry of thighs, 700 g bone in": an amount of the meat that was named before.
    private IEnumerable<Phrase> OfTheMeat(int at)
    {
        var (mass, number) = (script.Quantity(at), script.Number(at));
        var end =
            mass is { Dimension: Dimension.Mass } ? at + mass.Value.Tokens
            : mass is null && number is not null ? at + number.Value.Tokens
            : at;
        if (end == at)
        {
            yield break;
        }

        foreach (var lexeme in script.Senses(end).Where(s => s.Sense is { Kind: SenseKind.Describing, Says.IsOfMeat: true }))
        {
            var (amount, stop, says) = (script.Typed(at, end).ToLowerInvariant(), end + lexeme.Length, lexeme.Sense.Says!);
            yield return new(
                at,
                stop,
                LooseOfTheMeat + lexeme.Cost,
                [],
                h =>
                {
                    if (mass is { } weight)
                    {
                        h.LooseKg.Add(new(weight.Value, WeightOf.Unsaid, amount));
                    }
                    else
                    {
                        h.LooseNumbers.Add((number!.Value, amount));
                    }

                    Note(h, new(at, end, About.Amount, mass is null ? "how many" : "weight"));
                    Things.Describe(h, says, new(end, stop, About.State, ""), script);
                }
            );
        }
    }

    private bool NamesMeat(int at) =>
        script.Senses(at).Any(s => s is { Cost: 0, Length: 1, Sense: { Kind: SenseKind.Meat, IsWeak: false } });

    // "200 ml water; time": what is heard for a food, between marks.
    private bool MayBeFoodAlone(int at) =>
        at > 0
        && script.IsMark(at - 1)
        && script.IsMark(at + 1)
        && script.Senses(at).Any(s => s is { Cost: 0, Length: 1, Sense: { Kind: SenseKind.Food, IsWeak: true } });

    // A thing, or what changes minutes: passing it over is dear.
    private bool SaysMuch(int at) =>
        QuantityReader.IsUnit(script.Word(at)!) && script.Word(at)!.Length > 1
        || Grammar.IsTelling(script.Word(at)!)
        || script
            .Senses(at)
            .Any(s =>
                s.Cost == 0
                && s.Length == 1
                && (
                    s.Sense is { Kind: SenseKind.Food, IsWeak: false }
                    || (s.Sense.Says is { } says && (says.BoneIn ?? (object?)says.State) is not null)
                )
            );

    private Phrase Amount(int at, int end, double cost, string @as, Action<Heard> apply) =>
        new(
            at,
            end,
            cost,
            [],
            h =>
            {
                apply(h);
                Note(h, new(at, end, About.Amount, @as));
            }
        );

    private static Phrase Skip(int at, double cost) => new(at, at + 1, cost, [], h => h.Stretches.Add(new(at, at + 1, About.Ordinary, "")));
}
