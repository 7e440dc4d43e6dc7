using Ikuzo.Core.Loads;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Asking;

/// <summary>What was said, word by word, before anything is made of it.</summary>
internal sealed record Heard
{
    /// <summary>What the phrases say.</summary>
    public required Meaning Meaning { get; init; }

    /// <summary>Number of pieces.</summary>
    public double? Count { get; init; }

    /// <summary>Weight of all, or of each, kg.</summary>
    public double? MassKg { get; init; }

    /// <summary>True when the weight is that of each piece.</summary>
    public bool Each { get; init; }

    /// <summary>Thickness, mm.</summary>
    public double? ThicknessMm { get; init; }

    /// <summary>Temperature of the meat, °C.</summary>
    public double? StartCelsius { get; init; }

    /// <summary>Size of the pot, ml.</summary>
    public double? PotMl { get; init; }

    /// <summary>Liquid, ml.</summary>
    public double? LiquidMl { get; init; }

    /// <summary>What was understood, in the order typed.</summary>
    public required IReadOnlyList<Understood> Understood { get; init; }

    /// <summary>Words that mean nothing to us, in the order typed.</summary>
    public required IReadOnlyList<string> Unknown { get; init; }
}

/// <summary>Listens to what was typed, from left to right.</summary>
internal sealed class Listening
{
    private const double LeastPotMl = 2000;

    private readonly IReadOnlyList<Token> _tokens;
    private readonly List<Understood> _understood = [];
    private readonly List<string> _unknown = [];
    private Meaning _meaning = new();
    private double? _count,
        _massKg,
        _thicknessMm,
        _startCelsius,
        _potMl,
        _liquidMl;
    private bool _each;

    private Listening(IReadOnlyList<Token> tokens)
    {
        _tokens = tokens;
        for (var at = 0; at < tokens.Count; )
        {
            at += Math.Max(1, Take(at));
        }
    }

    /// <summary>What the tokens say.</summary>
    public static Heard To(IReadOnlyList<Token> tokens)
    {
        var all = new Listening(tokens);
        return new Heard
        {
            Meaning = all._meaning,
            Count = all._count,
            MassKg = all._massKg,
            Each = all._each,
            ThicknessMm = all._thicknessMm,
            StartCelsius = all._startCelsius,
            PotMl = all._potMl,
            LiquidMl = all._liquidMl,
            Understood = all._understood,
            Unknown = all._unknown,
        };
    }

    private int Take(int at)
    {
        if (Phrase(at, 2) is var phrase and > 0)
        {
            return phrase;
        }

        if (QuantityReader.ReadAt(_tokens, at) is { } quantity)
        {
            Note(at, quantity.Tokens, Hear(quantity, at));
            return quantity.Tokens;
        }

        if (_tokens[at] is { Number: not null } token && (token.Text != "half" || _count is null))
        {
            return TakeCount(at);
        }

        if (Phrase(at, 1) is var word and > 0)
        {
            return word;
        }

        _unknown.Add(_tokens[at].Text);
        return 1;
    }

    // "half" before a bird is a cut, not a number.
    private int TakeCount(int at)
    {
        if (_tokens[at].Text == "half")
        {
            _meaning = _meaning with { Part = Part.Half };
            Note(at, 1, "half bird");
            return 1;
        }

        // Of "3-4" the fewer: each is then the thicker.
        var (number, _, length) = QuantityReader.NumberAt(_tokens, at)!.Value;
        if (number != Math.Floor(number) || number is < 1 or > MeatLoad.MostPieces || _count is not null)
        {
            _unknown.Add(_tokens[at].Text);
            return 1;
        }

        _count = number;
        var next = at + length;
        var times = next < _tokens.Count && _tokens[next].Text == "x" ? 1 : 0;
        // "two 1.2 kg chickens" and "2 x 1.2 kg": the weight is of each; in "legs x4 800 g" it is of all.
        _each |=
            _meaning is { Part: null, Species: null, CutId: null }
            && next + times < _tokens.Count
            && QuantityReader.ReadAt(_tokens, next + times) is { Dimension: Dimension.Mass };
        Note(at, length + times, FormattableString.Invariant($"{number:0} pieces"));
        return length + times;
    }

    private int Phrase(int at, int least)
    {
        for (var length = Math.Min(Vocabulary.LongestPhrase, _tokens.Count - at); length >= least; length--)
        {
            var text = string.Join(' ', _tokens.Skip(at).Take(length).Select(t => t.Text));
            if (Vocabulary.Find(text) is { } meaning)
            {
                Hear(meaning);
                if (Describe(meaning) is { } what)
                {
                    Note(at, length, what);
                }

                return length;
            }
        }

        return 0;
    }

    private void Hear(Meaning said)
    {
        _each |= said.Each;
        _meaning = _meaning with
        {
            Species = said.Species ?? _meaning.Species,
            Part = said.Part is Part.Whole && _meaning.Part is not null ? _meaning.Part : said.Part ?? _meaning.Part,
            CutId = said.CutId ?? _meaning.CutId,
            BoneIn = said.BoneIn ?? _meaning.BoneIn,
            State = said.State ?? _meaning.State,
            Arrangement = said.Arrangement ?? _meaning.Arrangement,
            Placement = said.Placement ?? _meaning.Placement,
            Aim = said.Aim ?? _meaning.Aim,
            Pressure = said.Pressure ?? _meaning.Pressure,
        };
    }

    private string Hear(Quantity quantity, int at)
    {
        switch (quantity.Dimension)
        {
            case Dimension.Mass:
                _massKg = quantity.Value;
                return "weight";
            case Dimension.Length:
                _thicknessMm = quantity.Value * 1000;
                return "thickness";
            case Dimension.Temperature:
                _startCelsius = quantity.Value;
                return "temperature of the meat";
            default:
                return HearVolume(quantity, at);
        }
    }

    private string HearVolume(Quantity quantity, int at)
    {
        var next = at + quantity.Tokens;
        while (next < _tokens.Count && _tokens[next].Text is ("of" or "thin" or "hot" or "cold"))
        {
            next++;
        }

        var after = next < _tokens.Count ? Vocabulary.Find(_tokens[next].Text) : null;
        if (after is { LiquidWord: true } || (after is not { PotWord: true } && quantity.Value < LeastPotMl))
        {
            _liquidMl = quantity.Value;
            return "liquid";
        }

        _potMl = quantity.Value;
        return "size of the pot";
    }

    private void Note(int at, int length, string what) =>
        _understood.Add(new Understood(string.Join(' ', _tokens.Skip(at).Take(length).Select(t => t.Text)), what));

    private static string? Describe(Meaning m) =>
        m switch
        {
            { CutId: not null } or { Part: not null } => "cut",
            { Species: not null } => "bird",
            { BoneIn: { } bone } => bone ? "bone in" : "no bone",
            { State: MeatState.Frozen, Arrangement: Arrangement.Lump } => "frozen in one lump",
            { State: { } state } => state switch
            {
                MeatState.Frozen => "frozen",
                MeatState.Room => "room temperature",
                _ => "from the fridge",
            },
            { Arrangement: not null } => "how the pieces lie",
            { Placement: not null } => "where it lies",
            { Aim: not null } => "how it should end",
            { Pressure: not null } => "pressure",
            { Each: true } => "weight of each piece",
            _ => null,
        };
}
