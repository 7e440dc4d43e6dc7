using Ikuzo.Core.Loads;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Quantities;
using Ikuzo.Core.Running.Journal;

namespace Ikuzo.Core.Asking;

/// <summary>Understands what a cook types: "6 frozen thighs 3 lb", "duck legs x4 800g", "turkey breast bone in 2.2kg 8qt".</summary>
public static class QuestionParser
{
    /// <summary>Longest text that is read, characters.</summary>
    public const int MostCharacters = 300;

    private const double LeastPotMl = 2000;

    /// <summary>Reads a question. Words that are not understood are listed, never dropped.</summary>
    /// <param name="text">What was typed.</param>
    /// <returns>The question; null when no bird or cut is named.</returns>
    public static Question? Parse(string text)
    {
        var heard = new Heard(Tokens.Split(text));
        return heard.ToQuestion();
    }

    /// <summary>Collects what the tokens say, from left to right.</summary>
    private sealed class Heard
    {
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

        public Heard(IReadOnlyList<Token> tokens)
        {
            _tokens = tokens;
            for (var at = 0; at < tokens.Count; )
            {
                at += Math.Max(1, Take(at));
            }
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

            if (_tokens[at] is { Number: { } number } token && (token.Text != "half" || _count is null))
            {
                return TakeCount(at, number);
            }

            if (Phrase(at, 1) is var word and > 0)
            {
                return word;
            }

            _unknown.Add(_tokens[at].Text);
            return 1;
        }

        // "half" before a bird is a cut, not a number.
        private int TakeCount(int at, double number)
        {
            if (_tokens[at].Text == "half")
            {
                _meaning = _meaning with { Part = Part.Half };
                Note(at, 1, "half bird");
                return 1;
            }

            if (number != Math.Floor(number) || number is < 1 or > MeatLoad.MostPieces || _count is not null)
            {
                _unknown.Add(_tokens[at].Text);
                return 1;
            }

            _count = number;
            var times = at + 1 < _tokens.Count && _tokens[at + 1].Text == "x" ? 1 : 0;
            // "two 1.2 kg chickens" and "2 x 1.2 kg": the weight is of each; in "legs x4 800 g" it is of all.
            _each |=
                _meaning is { Part: null, Species: null, CutId: null }
                && at + 1 + times < _tokens.Count
                && QuantityReader.ReadAt(_tokens, at + 1 + times) is { Dimension: Dimension.Mass };
            Note(at, 1 + times, FormattableString.Invariant($"{number:0} pieces"));
            return 1 + times;
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

        public Question? ToQuestion()
        {
            if (_meaning is { Species: null, Part: null, CutId: null })
            {
                return null;
            }

            var assumed = new List<string>();
            var cut = Resolve(assumed);
            var pieces = (int)(_count ?? GuessPieces(cut, assumed));
            var total = _massKg is { } mass ? (_each ? mass * pieces : mass) : Typical(cut, pieces, assumed);
            return new Question
            {
                Cut = cut,
                Pieces = pieces,
                TotalKg = total,
                ThicknessMm = _thicknessMm,
                State = _meaning.State,
                StartCelsius = _startCelsius,
                Arrangement = _meaning.Arrangement,
                Placement = _meaning.Placement,
                Aim = _meaning.Aim,
                Pressure = _meaning.Pressure,
                PotLitres = _potMl / 1000,
                LiquidMl = _liquidMl,
                Understood = _understood,
                Unknown = _unknown,
                Assumed = assumed,
            };
        }

        private Cut Resolve(List<string> assumed)
        {
            if (_meaning.CutId is { } id)
            {
                return CutCatalogue.Find(id)!;
            }

            var species = _meaning.Species ?? Species.Chicken;
            var part = _meaning.Part ?? Part.Whole;
            var cuts = OfPart(species, part, assumed);
            var cut = cuts.FirstOrDefault(c => c.BoneIn == _meaning.BoneIn) ?? cuts.First(c => c.Usual);
            if (_meaning.Species is null)
            {
                assumed.Add("Chicken, since no bird was named.");
            }

            if (_meaning.BoneIn is { } bone && cut.BoneIn != bone)
            {
                assumed.Add($"{cut.Name}: we know this cut only {(cut.BoneIn ? "with" : "without")} bone.");
            }
            else if (_meaning.BoneIn is null && cuts.Count > 1)
            {
                assumed.Add(cut.BoneIn ? "Bone in, as is usual for this cut." : "No bone, as is usual for this cut.");
            }

            return cut;
        }

        private static List<Cut> OfPart(Species species, Part part, List<string> assumed)
        {
            List<Cut> Cuts(Part p) => [.. CutCatalogue.All.Where(c => c.Species == species && c.Part == p && c.Id != "poussin-whole")];
            if (Cuts(part) is { Count: > 0 } found)
            {
                return found;
            }

            Part[] nearest = part switch
            {
                Part.Leg => [Part.Drumstick],
                Part.Thigh or Part.Drumstick => [Part.Leg],
                Part.Cutlet or Part.Tender or Part.Diced => [Part.Breast],
                Part.Crown => [Part.Breast],
                _ => [Part.Whole],
            };
            var near = nearest.SelectMany(Cuts).ToList();
            assumed.Add($"The nearest cut that we know: {near.First(c => c.Usual).Name}.");
            return near;
        }

        private double GuessPieces(Cut cut, List<string> assumed)
        {
            const double LargePieceKg = 0.45,
                FewPieces = 4;
            if (_each || (_massKg is null && cut.TypicalKg.Value >= LargePieceKg))
            {
                assumed.Add("One piece.");
                return 1;
            }

            var guess = _massKg is { } mass ? Math.Clamp(Math.Round(mass / cut.TypicalKg.Value), 1, MeatLoad.MostPieces) : FewPieces;
            assumed.Add(
                guess == 1
                    ? "One piece."
                    : FormattableString.Invariant(
                        $"{guess:0} pieces, {(_massKg is null ? "since no number was given" : "from the weight")}."
                    )
            );
            return guess;
        }

        private static double Typical(Cut cut, int pieces, List<string> assumed)
        {
            assumed.Add("A typical weight; weigh it for a surer answer.");
            return Math.Round(cut.TypicalKg.Value * pieces, 3);
        }
    }
}
