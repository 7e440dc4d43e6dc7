using Ikuzo.Core.Loads;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Asking;

/// <summary>What was said, word by word, before anything is made of it.</summary>
internal sealed record Heard
{
    /// <summary>What the phrases say.</summary>
    public Meaning Meaning { get; init; } = new();

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
    private Heard _heard;

    private Listening(IReadOnlyList<Token> tokens)
    {
        _tokens = tokens;
        _heard = new Heard { Understood = _understood, Unknown = _unknown };
        for (var at = 0; at < tokens.Count; )
        {
            at += Math.Max(1, Take(at));
        }
    }

    /// <summary>What the tokens say.</summary>
    public static Heard To(IReadOnlyList<Token> tokens) => new Listening(tokens)._heard;

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

        if (_tokens[at] is { Number: not null } token && (token.Text != "half" || _heard.Count is null))
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
            Mean(_heard.Meaning with { Part = Part.Half });
            Note(at, 1, "half bird");
            return 1;
        }

        // Of "3-4" the fewer: each is then the thicker.
        var (number, _, length) = QuantityReader.NumberAt(_tokens, at)!.Value;
        if (number != Math.Floor(number) || number is < 1 or > MeatLoad.MostPieces || _heard.Count is not null)
        {
            _unknown.Add(_tokens[at].Text);
            return 1;
        }

        var next = at + length;
        var times = next < _tokens.Count && _tokens[next].Text == "x" ? 1 : 0;
        // "two 1.2 kg chickens" and "2 x 1.2 kg": the weight is of each; in "legs x4 800 g" it is of all.
        var ofEach =
            _heard.Meaning is { Part: null, Species: null, CutId: null }
            && next + times < _tokens.Count
            && QuantityReader.ReadAt(_tokens, next + times) is { Dimension: Dimension.Mass };
        _heard = _heard with { Count = number, Each = _heard.Each || ofEach };
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
        var before = _heard.Meaning;
        Mean(
            before with
            {
                Species = said.Species ?? before.Species,
                Part = said.Part is Part.Whole && before.Part is not null ? before.Part : said.Part ?? before.Part,
                CutId = said.CutId ?? before.CutId,
                BoneIn = said.BoneIn ?? before.BoneIn,
                State = said.State ?? before.State,
                Arrangement = said.Arrangement ?? before.Arrangement,
                Placement = said.Placement ?? before.Placement,
                Aim = said.Aim ?? before.Aim,
                Pressure = said.Pressure ?? before.Pressure,
            }
        );
        _heard = _heard with { Each = _heard.Each || said.Each };
    }

    private void Mean(Meaning meaning) => _heard = _heard with { Meaning = meaning };

    private string Hear(Quantity quantity, int at)
    {
        switch (quantity.Dimension)
        {
            case Dimension.Mass:
                _heard = _heard with { MassKg = quantity.Value };
                return "weight";
            case Dimension.Length:
                _heard = _heard with { ThicknessMm = quantity.Value * 1000 };
                return "thickness";
            case Dimension.Temperature:
                _heard = _heard with { StartCelsius = quantity.Value };
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
            _heard = _heard with { LiquidMl = quantity.Value };
            return "liquid";
        }

        _heard = _heard with { PotMl = quantity.Value };
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
