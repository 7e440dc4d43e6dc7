using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Reading;

/// <summary>A sense that the words from some place on may have.</summary>
/// <param name="Sense">The sense.</param>
/// <param name="Length">Tokens.</param>
/// <param name="Cost">What it costs to read them so: 0 as typed, more the further from what was typed.</param>
/// <param name="Slip">How it is written, where that is not what was typed; else null.</param>
internal readonly record struct Lexeme(Sense Sense, int Length, double Cost, string? Slip);

/// <summary>What was typed, cut into tokens, with all that each place may begin with.</summary>
internal sealed class Script
{
    // What a slip of the hand costs: of what is no word, and of what is one, by how common it is.
    private const double NoWordSlip = 0.8,
        WordSlip = 1.5,
        RareZipf = 2.5,
        PhraseGain = 1.4,
        PerZipf = 1.1;

    private readonly string?[][] _spelled; // the words with one way to write each
    private readonly List<Lexeme>?[] _senses;
    private readonly (bool Known, Quantity? Value)[] _quantities;
    private readonly (bool Known, NumberSpan? Value)[] _numbers;
    private readonly List<(string Word, double Cost)>?[] _variants;

    /// <summary>Cuts a text.</summary>
    /// <param name="text">What was typed.</param>
    /// <param name="asTyped">Words that are no slips: somebody said so.</param>
    public Script(string text, Func<string, bool>? asTyped = null)
    {
        Text = text;
        Tokens = WithoutStopsOfUnits(Quantities.Tokens.Cut(text));
        var count = Tokens.Count;
        Words =
        [
            .. Tokens.Select(t =>
                t.Text == "&" ? "and"
                : t.IsMark || t.Text == Quantities.Tokens.To ? null
                : t.Text
            ),
        ];
        _spelled = [Words];
        _senses = new List<Lexeme>?[count];
        _quantities = new (bool, Quantity?)[count];
        _numbers = new (bool, NumberSpan?)[count];
        _variants = new List<(string, double)>?[count];
        IsAsTyped = asTyped ?? (_ => false);
    }

    /// <summary>What was typed.</summary>
    public string Text { get; }

    /// <summary>Words, numbers and marks.</summary>
    public IReadOnlyList<Token> Tokens { get; }

    /// <summary>Number of tokens.</summary>
    public int Count => Tokens.Count;

    /// <summary>Words in small letters; null for a mark.</summary>
    public string?[] Words { get; }

    private Func<string, bool> IsAsTyped { get; }

    /// <summary>The word at a place; null for a mark and behind the end.</summary>
    public string? Word(int at) => at >= 0 && at < Count ? Words[at] : null;

    /// <summary>True for a mark between words, and for either end.</summary>
    public bool IsMark(int at) => at < 0 || at >= Count || Words[at] is null;

    /// <summary>A quantity with its unit from a place on.</summary>
    public Quantity? Quantity(int at)
    {
        if (IsMark(at))
        {
            return null;
        }

        if (!_quantities[at].Known)
        {
            _quantities[at] = (true, QuantityReader.ReadAt(Tokens, at));
        }

        return _quantities[at].Value;
    }

    /// <summary>A number or a range from a place on.</summary>
    public NumberSpan? Number(int at)
    {
        if (IsMark(at))
        {
            return null;
        }

        if (!_numbers[at].Known)
        {
            _numbers[at] = (true, QuantityReader.NumberAt(Tokens, at));
        }

        return _numbers[at].Value;
    }

    /// <summary>What was typed over some tokens.</summary>
    public string Typed(int from, int end) => from >= end ? "" : Text[Tokens[from].From..Tokens[end - 1].End];

    /// <summary>Ways to write the word at a place: as typed at no cost, and what may have been meant.</summary>
    public IReadOnlyList<(string Word, double Cost)> Variants(int at)
    {
        if (IsMark(at))
        {
            return [];
        }

        return _variants[at] ??= Spell(Words[at]!, Tokens[at].Number is not null);
    }

    /// <summary>All senses that the words from a place on may have.</summary>
    public IReadOnlyList<Lexeme> Senses(int at)
    {
        if (IsMark(at))
        {
            return [];
        }

        if (_senses[at] is { } known)
        {
            return known;
        }

        List<Lexeme> found = [.. Lexicon.Known.At(Words, at).Select(f => new Lexeme(f.Sense, f.Length, 0, null))];
        AddGlued(at, found);

        // One word of a phrase may be mistyped.
        for (var i = at; i < Math.Min(Count, at + 3) && !IsMark(i); i++)
        {
            foreach (var (word, cost) in Variants(i))
            {
                if (cost > 0)
                {
                    var (typed, place) = (Words[i], i);
                    Words[i] = word;
                    foreach (var (sense, length) in Lexicon.Known.At(Words, at))
                    {
                        if (at + length > place)
                        {
                            // Its neighbours in the phrase speak for it.
                            found.Add(
                                new(
                                    sense,
                                    length,
                                    length > 1 ? Math.Max(0.4, cost - PhraseGain) : cost,
                                    string.Join(' ', Words.Skip(at).Take(length))
                                )
                            );
                        }
                    }

                    Words[i] = typed;
                }
            }
        }

        return _senses[at] = found;
    }

    // "chickenbreast" is two words.
    private void AddGlued(int at, List<Lexeme> found)
    {
        const int Shortest = 8;
        var word = Words[at]!;
        if (found.Count > 0 || word.Length < Shortest || Ordinary.Zipf(word) > 0)
        {
            return;
        }

        for (var cut = 4; cut <= word.Length - 4; cut++)
        {
            if (Lexicon.Known.At([word[..cut], word[cut..]], 0).FirstOrDefault(f => f.Length == 2) is { Sense: { } whole })
            {
                found.Add(new(whole, 1, 0.1, null));
            }

            var first = Lexicon.Known.At([word[..cut]], 0).FirstOrDefault(f => f.Sense.Kind == SenseKind.Meat).Sense;
            var second = Lexicon.Known.At([word[cut..]], 0).FirstOrDefault(f => f.Sense.Kind == SenseKind.Meat).Sense;
            if (first?.Species is { } species && second?.Part is { } part)
            {
                found.Add(new(second with { Species = species, Part = part, Name = $"{first.Name} {second.Name}" }, 1, 0.1, null));
            }
        }
    }

    private List<(string, double)> Spell(string word, bool isNumber)
    {
        List<(string, double)> ways = [(word, 0)];
        if (isNumber || word.Length < Slips.Shortest || !word.All(char.IsAsciiLetter) || IsAsTyped(word))
        {
            return ways;
        }

        var isKnown = Lexicon.Known.IsPartOfOne(word) || Grammar.Knows(word) || QuantityReader.IsUnit(word);
        var zipf = Ordinary.Zipf(word);
        if (isKnown)
        {
            // A word of the kitchen may still be another by a slip, dearly.
            zipf = Math.Max(zipf, 4);
        }

        foreach (var (meant, slips) in Lexicon.Known.Near(word).Concat(Grammar.Near(word)))
        {
            var cost = zipf > 0 ? WordSlip * slips + PerZipf * Math.Max(0, zipf - RareZipf) : NoWordSlip * slips;
            if (!ways.Exists(w => w.Item1 == meant) && cost < 7)
            {
                ways.Add((meant, cost));
            }
        }

        return ways.Count <= 6 ? ways : [.. ways.OrderBy(w => w.Item2).Take(6)];
    }

    // "15 oz. can": the stop ends no sentence. Before a number it does, save in "3 lb. 4 oz."
    private static List<Token> WithoutStopsOfUnits(IReadOnlyList<Token> tokens)
    {
        List<Token> kept = [];
        for (var i = 0; i < tokens.Count; i++)
        {
            var token = tokens[i];
            if (
                token is { IsMark: true, Text: "." }
                && kept is [.., { IsMark: false } last]
                && (QuantityReader.IsUnit(last.Text) || IsShort(last.Text))
                && (i + 1 == tokens.Count || tokens[i + 1].Number is null || last.Text is "lb" or "lbs")
            )
            {
                continue;
            }

            // "3 heaped tbsp"
            if (
                QuantityReader.IsUnit(token.Text)
                && kept is [.., { Number: not null }, { Text: "heaped" or "heaping" or "level" or "rounded" or "scant" or "generous" }]
            )
            {
                kept.RemoveAt(kept.Count - 1);
            }

            kept.Add(kept is [.., { Number: not null }] && UnitMeant(token.Text) is { } unit ? token with { Text = unit } : token);
        }

        return kept;
    }

    // "1 pund": what is no word, behind a number, and one slip from the name of a unit.
    private static string? UnitMeant(string word) =>
        word.Length < Slips.Shortest
        || !word.All(char.IsAsciiLetter)
        || Ordinary.Zipf(word) > 0
        || QuantityReader.IsUnit(word)
        || Lexicon.Known.IsPartOfOne(word)
        || Grammar.Knows(word)
            ? null
            : QuantityReader.LongUnits.FirstOrDefault(unit => Math.Abs(unit.Length - word.Length) <= 1 && Slips.Distance(word, unit) == 1);

    private static bool IsShort(string word) => word is "t" or "c" or "approx" or "med" or "lg" or "sm" or "pkg" or "pkt" or "no" or "temp";
}
