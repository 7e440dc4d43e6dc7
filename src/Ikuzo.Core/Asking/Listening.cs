using Ikuzo.Core.Companions;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Asking;

/// <summary>Listens to what was typed, from left to right: what each word says, and which noun each number belongs to.</summary>
internal sealed partial class Listening
{
    private readonly IReadOnlyList<Lexeme> _words;
    private readonly UnitSystem _units;
    private readonly Doubts _doubts;
    private readonly Heard _heard = new();

    // Said before the noun that it belongs to.
    private MeatHeard _ahead = new();
    private MeatHeard? _weighed; // whose weight was said last

    private Listening(IReadOnlyList<Lexeme> words, UnitSystem units, Doubts doubts)
    {
        (_words, _units, _doubts) = (words, units, doubts);
        for (var at = 0; at < words.Count; )
        {
            at += Take(at);
        }

        BindTheRest();
    }

    /// <summary>What the lexemes say.</summary>
    public static Heard To(IReadOnlyList<Lexeme> words, UnitSystem units, Doubts doubts) => new Listening(words, units, doubts)._heard;

    private MeatHeard? Meat => _heard.Meats.LastOrDefault();

    private Lexeme? Word(int at) => at >= 0 && at < _words.Count ? _words[at] : null;

    private Mark MarkAt(int at) => Word(at)?.Mark ?? Mark.None;

    private Meaning? MeaningAt(int at) => Word(at)?.Meaning;

    // Each returns how many lexemes it took, one or more.
    private int Take(int at)
    {
        var word = _words[at];
        if (word.SlipOf is { } meant)
        {
            _doubts.Ask(word.Text, ($"“{meant}”", () => { }), (Doubts.LeftOut, () => { }));
        }

        return word switch
        {
            { IsClock: true } => Note(at, 1, "when it is eaten: the Line-up counts back from there"),
            { Quantity: { Dimension: Dimension.Mass } mass } => TakeMass(at, mass),
            { Quantity: { Dimension: Dimension.Volume } volume } => TakeVolume(at, volume),
            { Quantity: { Dimension: Dimension.Length } length } => TakeLength(at, length),
            { Quantity: { Dimension: Dimension.Temperature } temperature } => TakeTemperature(at, temperature),
            { Quantity: { } time } => TakeTime(at, time),
            { Number: { } number } => TakeNumber(at, number),
            { Meaning: { } meaning } => TakeMeaning(at, meaning),
            _ => NotKnown(at, 1),
        };
    }

    private int TakeMeaning(int at, Meaning meaning)
    {
        if (meaning.Refused is { } why)
        {
            if (_heard.Refused is null || meaning.RefusesAll)
            {
                (_heard.Refused, _heard.RefusesAll) = ($"{Wording.Capital(_words[at].Text)} {why}.", meaning.RefusesAll);
            }

            return Note(at, 1, "not computed here");
        }

        if (meaning.IsMeat)
        {
            return TakeMeat(at, meaning);
        }

        if (meaning.Beside is { } beside)
        {
            return TakeBeside(at, beside);
        }

        if (meaning.Size != SaidSize.Usual)
        {
            return TakeSize(at, meaning.Size);
        }

        return meaning.Mark != Mark.None ? TakeMark(at, meaning) : TakeRest(at, meaning);
    }

    private int TakeMark(int at, Meaning meaning)
    {
        switch (meaning.Mark)
        {
            case Mark.Each or Mark.All when _weighed is { } meat:
                meat.WeightOf = meaning.Mark == Mark.Each ? WeightOf.Each : WeightOf.All;
                return Note(at, 1, meaning.Mark == Mark.Each ? "weight of each piece" : "weight of all");
            case Mark.Can when MeaningAt(BesideNounAt(at)) is { Liquid: { } liquid }:
                return Pour(at, BesideNounAt(at), liquid, KitchenMeasures.CanMl);
            case Mark.Lumps:
                return TakeRest(at, meaning);
            case Mark.Open:
                _heard.IsOpen = true;
                return Note(at, 1, "the pot is open");
            case Mark.Clock:
                return Note(at, 1, "when it is eaten: the Line-up counts back from there");
            case Mark.Marinated:
                return Note(at, 1, "changes no minutes");
            case Mark.Crisped:
                _heard.CrispMinutes ??= KitchenTimes.CrispMinutes;
                return Note(at, 1, "crisped after");
            case Mark.Without when MeaningAt(at + 1)?.Beside is not null:
                return Note(at, 2, "left out");
            case Mark.Without when Word(at + 1) is { Meaning: null, Quantity: null, Number: null }:
                return NotKnown(at, 2);
            default:
                return 1;
        }
    }

    // What is said of the whole pot, and words that say nothing.
    private int TakeRest(int at, Meaning said)
    {
        if (said.BoneIn is { } bone)
        {
            (IsAheadOfItsNoun(at) || Meat is null ? _ahead : Meat).BoneIn = bone;
        }

        if (said.State == MeatState.Chilled && _heard.State == MeatState.Frozen && IsOfSome(at))
        {
            return Note(at, 1, "not all are: the frozen ones decide");
        }

        _heard.State = said.State ?? _heard.State;
        _heard.Arrangement = said.Arrangement ?? _heard.Arrangement;
        _heard.Placement = said.Placement ?? _heard.Placement;
        _heard.Aim = said.Aim ?? _heard.Aim;
        _heard.Pressure = said.Pressure ?? _heard.Pressure;
        _heard.Browned = said.Browned ?? _heard.Browned;
        HearRelease(said.Release);
        return Describe(said) is { } what ? Note(at, 1, what) : 1;
    }

    // "3 frozen and 3 thawed", "frozen or thawed".
    private bool IsOfSome(int at) =>
        Word(at - 1) is { Number: not null } or { Text: "some" or "half" or "others" or "other" or "rest" or "one" or "or" };

    // "Natural release, then vent" is rest and vent.
    private void HearRelease(ReleaseKind? release)
    {
        if (release is ReleaseKind.RestThenVent or null)
        {
            return;
        }

        _heard.Release =
            release == ReleaseKind.Vent && _heard.RestMinutes is not null ? ReleaseKind.RestThenVent
            : release == ReleaseKind.Natural && _heard.Release == ReleaseKind.RestThenVent ? ReleaseKind.RestThenVent
            : release;
    }

    private static string? Describe(Meaning said) =>
        said switch
        {
            { Mark: Mark.Lumps } => "frozen in lumps: computed as one",
            { State: { } state, Arrangement: Arrangement.Lump } => $"{state.ToString().ToLowerInvariant()} in one lump",
            { State: { } state } => state.ToString().ToLowerInvariant(),
            { BoneIn: true } => "bone in",
            { BoneIn: false } => "no bone",
            { Arrangement: { } arrangement } => arrangement.ToString().ToLowerInvariant(),
            { Placement: Placement.Rack } => "on the rack",
            { Placement: Placement.InLiquid } => "in the liquid",
            { Placement: not null } => "on a bed",
            { Aim: Aim.Slice } => "to slice",
            { Aim: Aim.Pull } => "to pull",
            { Aim: not null } => "to fall apart",
            { Pressure: { } pressure } => $"{pressure.ToString().ToLowerInvariant()} pressure",
            { Release: ReleaseKind.Natural } => "left until the pin drops",
            { Release: ReleaseKind.RestThenVent } => "left alone, then vented",
            { Release: not null } => "vented",
            { Browned: true } => "browned first",
            { Browned: false } => "not browned",
            { Liquid: not null } => "liquid",
            { PotWord: true } => "the pot",
            { Kept: { } kept } => kept,
            _ => null,
        };

    private int Note(int at, int length, string what)
    {
        _heard.Understood.Add(new(TextOf(at, length), what));
        return length;
    }

    private int NotKnown(int at, int length)
    {
        _heard.Unknown.Add(TextOf(at, length));
        return length;
    }

    private string TextOf(int at, int length) => string.Join(' ', _words.Skip(at).Take(length).Select(w => w.Text));
}
