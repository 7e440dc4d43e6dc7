using Ikuzo.Core.Companions;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Asking;

/// <summary>Which words belong to which noun.</summary>
internal sealed partial class Listening
{
    private int TakeMeat(int at, Meaning said)
    {
        var meat = Meat;
        if (meat is null || !Joins(meat, said, IsAnother(at), MarkAt(Before(at)) == Mark.And))
        {
            meat = new MeatHeard { Species = said.Species ?? (said.CutId is null ? meat?.Species : null) };
            _heard.Meats.Add(meat);
        }

        Name(meat, said);
        meat.Text = meat.Text.Length == 0 ? _words[at].Text : $"{meat.Text} {_words[at].Text}";
        Bind(meat);
        meat.IsOne = !meat.IsPlural && (meat.IsOne || HasArticle(at));
        return Note(at, 1, "meat");
    }

    // Another thing begins where something was said before its noun, or after a comma or an "and".
    private bool IsAnother(int at) =>
        _ahead.Count is not null || _ahead.Kg is not null || _words[at].IsApart || MarkAt(Before(at)) is Mark.And or Mark.Then;

    // "a frozen duck breast": over adjectives only.
    private bool HasArticle(int at)
    {
        for (at--; Word(at) is { Text: not ("a" or "an") } word && (IsAdjective(word) || word.Meaning?.IsMeat == true); at--) { }

        return Word(at)?.Text is "a" or "an";
    }

    private static bool Joins(MeatHeard meat, Meaning said, bool isAnother, bool isAdded)
    {
        if (said.Species is { } bird && meat.Species is { } other && bird != other)
        {
            return false;
        }

        if (said is { Part: null, CutId: null } || !meat.IsNamed)
        {
            return !(isAnother && (isAdded || meat.Count is not null) && meat.IsNamed);
        }

        // "breasts, diced" and "diced breast" are one thing, also after a comma.
        var isCutUp = said.IsCutUp != Meaning.IsCutUpPart(meat.Part) && (meat.Part ?? said.Part) is not Part.Whole;
        return meat.Part == said.Part || isCutUp || IsShape(said.Part) || (!isAnother && GoTogether(meat.Part, said.Part));
    }

    // What a bird or a breast may be made into, and no part of its own beside one.
    private static bool IsShape(Part? part) => part is Part.Half or Part.Spatchcocked;

    // "whole legs", "leg drumsticks", "crown of breast", "halved breasts": the narrower word counts.
    private static bool GoTogether(Part? one, Part? other) =>
        one is Part.Whole or Part.Leg
        || IsShape(one)
        || other is Part.Whole or Part.Leg
        || (one, other) is (Part.Breast, Part.Crown) or (Part.Crown, Part.Breast);

    private static void Name(MeatHeard meat, Meaning said)
    {
        meat.Species ??= said.Species;
        meat.BoneIn ??= said.BoneIn;
        meat.CutId ??= said.CutId;
        if (said.Part is not { } part || part == meat.Part)
        {
            return;
        }

        if (meat.Part is null)
        {
            meat.Part = part;
        }
        else if (Meaning.IsCutUpPart(part))
        {
            (meat.CutFrom, meat.Part) = (meat.Part, part);
        }
        else if (Meaning.IsCutUpPart(meat.Part))
        {
            meat.CutFrom ??= part;
        }
        else
        {
            meat.Part = Narrower(meat.Part.Value, part);
        }
    }

    private static Part Narrower(Part one, Part other) =>
        one is Part.Whole ? other
        : other is Part.Whole ? one
        : IsShape(one) != IsShape(other) ? (IsShape(one) ? other : one) // halved breasts are breasts
        : one is Part.Leg ? other
        : other is Part.Leg or Part.Breast ? one
        : other;

    // What was said before its noun now has one.
    private void Bind(MeatHeard meat)
    {
        if (meat.Count is null && _ahead.Count is not null)
        {
            meat.Count = _ahead.Count;
        }

        if (meat.Kg is null && _ahead.Kg is not null)
        {
            (meat.Kg, meat.WeightOf, meat.WeightText) = (_ahead.Kg, _ahead.WeightOf, _ahead.WeightText);
            _weighed = meat;
        }

        meat.Size = _ahead.Size == SaidSize.Usual ? meat.Size : _ahead.Size;
        meat.Packs ??= _ahead.Packs;
        meat.BoneIn = _ahead.BoneIn ?? meat.BoneIn;
        _ahead = new();
    }

    // A count without a noun belongs to the only meat, if that has none.
    private void BindTheRest()
    {
        if (_heard.Meats is [var only])
        {
            Bind(only);
        }
        else if (_heard.Meats.FirstOrDefault(m => m.Count is null) is { } first)
        {
            Bind(first);
        }
    }

    private int TakeBeside(int at, Companion companion)
    {
        var size = Word(at - 1)?.Text switch
        {
            "large" or "big" => PieceSize.Large,
            "small" => PieceSize.Small,
            _ => PieceSize.Usual,
        };
        var isCanned = MarkAt(at - 1) == Mark.Can || MarkAt(at - 2) == Mark.Can;
        companion = isCanned ? Canned(companion) : companion;
        if (_besideAmount is null && _besideCount is null && MarkBefore(at) is "a" or "an")
        {
            _besideCount = 1;
        }

        var isSaid = _besideAmount is not null || _besideCount is not null;
        _heard.Beside.Add(
            new BesideHeard(companion, isSaid ? $"{_besideText} {_words[at].Text}" : _words[at].Text)
            {
                Amount = _besideAmount,
                Count = _besideCount,
                InCans = isCanned,
                Measure = Measure(isCanned),
                Size = size,
            }
        );
        (_besideAmount, _besideCount, _besideText) = (null, null, "");
        return Note(at, 1, companion.Name.ToLowerInvariant());
    }

    private Quantity? _besideAmount;
    private double? _besideCount;
    private string _besideText = "";

    private string? Measure(bool isCanned) =>
        _besideAmount is { Dimension: Dimension.Mass } || (_besideAmount, _besideCount) is (null, null) ? null
        : isCanned ? $"{(_besideText.Length > 0 ? _besideText : "1")} {(_besideCount > 1 ? "cans" : "can")}"
        : _besideText.Length > 0 ? _besideText
        : "1";

    private string? MarkBefore(int at) => Word(MarkAt(at - 1) == Mark.Can ? at - 2 : at - 1)?.Text;

    // What is dry by itself is not when it comes from a can.
    private static Companion Canned(Companion companion) =>
        companion.Id switch
        {
            "dry-chickpeas" or "soaked-chickpeas" => CompanionCatalogue.Find("canned-chickpeas")!,
            "dry-navy-beans" or "soaked-white-beans" => CompanionCatalogue.Find("canned-white-beans")!,
            "tomatoes" => CompanionCatalogue.Find("crushed-tomatoes")!,
            _ => companion,
        };

    // "rice 250 g": the amount after the noun.
    private bool GivesAmountToBeside(int at, Quantity amount)
    {
        var before = Before(at);
        if (
            MeaningAt(before)?.Beside is null
            || _heard.Beside is not [.., { Amount: null, Count: null } last]
            || (BesideAhead(at + 1) && !EndsHere(at))
        )
        {
            return false;
        }

        _heard.Beside[^1] = last with { Amount = amount, Text = $"{last.Text} {_words[at].Text}" };
        return true;
    }

    // "rice 370 g, onions": a comma follows, and none stands before.
    private bool EndsHere(int at) => !_words[at].IsApart && Word(at + 1) is { IsApart: true };

    // A meat noun that follows, over adjectives and a weight at most.
    private bool MeatAhead(int at)
    {
        var isWeighed = false;
        for (; Word(at) is { } word; at++)
        {
            if (word.Meaning?.IsMeat == true)
            {
                return true;
            }

            var isWeight = word.Is(Dimension.Mass) || word.Is(Dimension.Length);
            if (isWeight ? isWeighed : !IsAdjective(word))
            {
                return false;
            }

            isWeighed |= isWeight;
        }

        return false;
    }

    private bool BesideAhead(int at) => MeaningAt(BesideNounAt(at))?.Beside is not null;

    // "drumsticks 1 kg, honey glaze 100 g": what follows the other noun is its own.
    private bool BesideHasItsOwn(int at) =>
        Word(BesideNounAt(at) + 1) is { IsApart: false, Quantity.Dimension: Dimension.Mass or Dimension.Volume };

    private int BesideNounAt(int at)
    {
        while (
            MarkAt(at) is Mark.Of or Mark.Can || Word(at)?.Text is "a" or "an" or "the" or "some" or "large" or "small" or "medium" or "big"
        )
        {
            at++;
        }

        return at;
    }

    private bool IsAheadOfItsNoun(int at) =>
        (_ahead.Count is not null || _ahead.Kg is not null || MarkAt(at - 1) == Mark.And || Word(at)!.IsApart && Meat?.BoneIn is not null)
        && MeatAhead(at + 1);

    private static bool IsAdjective(Lexeme word) =>
        word.Meaning switch
        {
            null => word is { Number: null, Quantity: null, IsClock: false },
            { Mark: Mark.Of or Mark.Each or Mark.Times or Mark.At } => true,
            { Mark: not Mark.None } => false,
            { Beside: not null } or { Liquid: not null } or { PotWord: true } or { Refused: not null } => false,
            _ => true,
        };

    // The next word that says something, and the last one.
    private int After(int at)
    {
        for (at++; MarkAt(at) == Mark.Of || IsFiller(at); at++) { }

        return at;
    }

    private int Before(int at)
    {
        for (at--; MarkAt(at) is Mark.Of or Mark.At || IsFiller(at); at--) { }

        return at;
    }

    private bool IsFiller(int at) => MeaningAt(at) is { } meaning && meaning with { Size = default } == new Meaning();

    // Of the meat that it stands before or after; of anything else it is that noun's to say.
    private int TakeSize(int at, SaidSize size)
    {
        var isOfAnother = BesideAhead(at) || MeaningAt(at + 1) is { PotWord: true } or { Mark: Mark.Pack };
        var meat =
            isOfAnother ? null
            : MeatAhead(at + 1) ? _ahead
            : MeaningAt(Before(at))?.IsMeat == true ? Meat
            : null;
        if (meat is null)
        {
            return 1;
        }

        meat.Size = size;
        return Note(at, 1, $"{size.ToString().ToLowerInvariant()} of its kind, where no weight is said");
    }
}
