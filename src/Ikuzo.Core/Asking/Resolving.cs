using Ikuzo.Core.Companions;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Asking;

/// <summary>
/// Makes a question of what was heard, says what it assumes where nothing was said, and asks where two readings are likely.
/// </summary>
internal sealed class Resolving(Heard heard, Doubts doubts)
{
    private const double RawKgPerServing = 0.25; // meat with its bone for one who eats; estimate

    private const double HardlyABird = 0.6; // of the lightest of its kind; choice

    private readonly List<string> _assumed = [];

    /// <summary>The question.</summary>
    public Question Question()
    {
        var refused = heard.RefusesAll || heard.Meats.All(m => m.Species is null) ? heard.Refused : null;
        refused ??=
            heard.Meats.Any(IsChickenCrown) ? NoCrown
            : heard.Meats.Any(IsBonedBird) ? BonedBird
            : null;
        ShareEvenly();
        var meats = refused is null ? Share([.. heard.Meats.Select(Meat)]) : [];
        var beside = heard.Beside.Select(Beside).Concat(heard.Liquids.Select(Liquid)).OfType<AskedBeside>().ToList();
        if (meats.Count > 1)
        {
            _assumed.Add("Two kinds of meat in one pot: the thicker one decides.");
        }

        var heaviest = Heaviest(meats);
        return new Question
        {
            Meat = meats.Count > 0 ? meats[0] : null,
            Also = [.. meats.Skip(1)],
            Beside = beside,
            ThicknessMm = Thickness(meats, heaviest),
            HeaviestKg = heaviest,
            State = heard.State,
            StartCelsius = heard.StartCelsius,
            DaysInFridge = heard.DaysInFridge,
            Arrangement = heard.Arrangement,
            Placement = heard.Placement,
            Aim = heard.Aim,
            Pressure = heard.Pressure,
            PotLitres = heard.PotMl / 1000,
            LiquidMl = heard.Liquids.Count > 0 ? heard.Liquids.Sum(l => l.Ml * LiquidCatalogue.Find(l.Id)!.ThinShare) : null,
            Minutes = heard.Minutes,
            Release = ReleaseOf(),
            Browned = heard.Browned,
            MarinadeHours = heard.MarinadeHours,
            CrispMinutes = heard.CrispMinutes,
            Servings = heard.Servings,
            ReadingCelsius = heard.ReadingCelsius,
            ReadingScale = heard.ReadingCelsius is null ? null : heard.ReadingScale,
            Understood = heard.Understood,
            Unknown = heard.Unknown,
            Doubts = doubts.Open,
            Assumed = _assumed,
            Problem = refused ?? (meats.Count == 0 && heard.ReadingCelsius is null ? NoMeat : null),
        };
    }

    private const double AverageOfHeaviest = 0.85; // of packs of four to six; estimate

    private const string NoMeat = "No bird or cut in it. Try: 6 frozen thighs 1.3 kg, or: duck legs x4 800 g.";

    // Neither its breasts without bone nor a small bird: each would be thinner.
    private const string NoCrown =
        "A crown of chicken is not computed here. Ask for the whole bird that it comes from, about twice its weight, and measure.";

    private const string BonedBird =
        "Without its bones it is no whole bird: say breasts, thighs or diced. Boned and rolled it is as thick as a boneless turkey breast "
        + "of its weight: ask for that, and measure.";

    private static bool IsBonedBird(MeatHeard meat) => meat is { BoneIn: false, CutId: null, Part: null or Part.Whole };

    private static bool IsChickenCrown(MeatHeard meat) => meat.Part == Part.Crown && (meat.Species ?? Species.Chicken) == Species.Chicken;

    private Release? ReleaseOf() =>
        heard.Release switch
        {
            null => null,
            ReleaseKind.RestThenVent => Release.RestThenVent(heard.RestMinutes ?? 10),
            ReleaseKind.Vent => Release.Vent,
            ReleaseKind.Pulsed => Release.Pulsed,
            _ => Release.Natural,
        };

    // "Thighs and drumsticks, 2 kg": where nothing was counted, one weight at the end is of all.
    private void ShareEvenly()
    {
        if (
            heard.Meats is [_, .., { Kg: { } kg, WeightOf: not WeightOf.Each }]
            && heard.Meats.All(m => m is { Count: null, Packs: null })
            && heard.Meats.Count(m => m.Kg is not null) == 1
        )
        {
            _assumed.Add($"{heard.Meats[^1].WeightText} is taken as the weight of all, the same of each kind.");
            heard.Meats.ForEach(m => m.Kg = kg / heard.Meats.Count);
        }
    }

    // "5 thighs and 3 drumsticks, 1.4 kg": too much for those it stands beside is likely of all, shared as such pieces usually weigh.
    private IReadOnlyList<AskedMeat> Share(IReadOnlyList<AskedMeat> meats)
    {
        var weighed = Enumerable.Range(0, meats.Count).Where(i => heard.Meats[i].Kg is not null).ToList();
        if (meats.Count < 2 || weighed is not [var only] || heard.Meats[only] is { WeightOf: WeightOf.Each })
        {
            return meats;
        }

        var (kg, meat) = (meats[only].TotalKg, meats[only]);
        if (meat.Cut.IsNearUsual(kg / meat.Pieces))
        {
            return meats;
        }

        var usual = meats.Sum(m => m.Cut.TypicalKg.Value * m.Pieces);
        var shared = meats;
        doubts.Ask(
            heard.Meats[only].WeightText,
            (
                "all together",
                () => shared = [.. meats.Select(m => m with { TotalKg = Math.Round(kg * m.Cut.TypicalKg.Value * m.Pieces / usual, 3) })]
            ),
            ($"only the {meat.Cut.Plural}", () => { })
        );
        return shared;
    }

    private AskedMeat Meat(MeatHeard meat)
    {
        var cut = CutOf(meat);
        if (meat.CutFrom is { } source && meat.Count is not null)
        {
            return CutUp(meat, cut, source);
        }

        var count = meat.Count?.Least * (meat is { Packs: { } packs, Kg: null } ? packs : 1);
        var pieces = (int)Math.Clamp(count ?? GuessPieces(meat, cut), 1, MeatLoad.MostPieces);
        return new(cut, pieces, meat.Kg is { } kg ? Total(meat, cut, pieces, kg) : Typical(cut, pieces, meat.Size));
    }

    // "2 breasts, diced": what was counted and weighed were the breasts.
    private AskedMeat CutUp(MeatHeard meat, Cut cut, Part source)
    {
        var whole = new MeatHeard
        {
            Species = meat.Species,
            Part = source,
            BoneIn = meat.BoneIn ?? false,
            Kg = meat.Kg,
            WeightOf = meat.WeightOf,
            WeightText = meat.WeightText,
        };
        var from = CutOf(whole);
        var count = (int)meat.Count!.Value.Least;
        var total = meat.Kg is { } kg ? Total(whole, from, count, kg) : Typical(from, count, meat.Size);
        var pieces = (int)Math.Clamp(Math.Round(total / cut.TypicalKg.Value), 1, MeatLoad.MostPieces);
        _assumed.Add(Text($"{pieces} {(pieces == 1 ? cut.Name : cut.Plural)} of {count} {(count == 1 ? from.Name : from.Plural)}."));
        return new(cut, pieces, total);
    }

    // Without a word for it the weight is of all, unless only the weight of each makes sense.
    private double Total(MeatHeard meat, Cut cut, int pieces, double kg)
    {
        if (pieces == 1 || meat.WeightOf == WeightOf.All || (meat.WeightOf == WeightOf.Unsaid && meat.Count is null))
        {
            return AskWhole(meat, cut, pieces, kg);
        }

        if (meat.WeightOf == WeightOf.Each)
        {
            var total = kg * pieces;
            if (!cut.IsNearUsual(kg) && cut.IsNearUsual(kg / pieces))
            {
                doubts.Ask(meat.WeightText, ("each", () => { }), ("all together", () => total = kg));
            }

            return total;
        }

        var (ofAll, ofEach) = (cut.IsNearUsual(kg / pieces), cut.IsNearUsual(kg));
        if (!ofAll && ofEach)
        {
            _assumed.Add($"{meat.WeightText} is taken as the weight of each: of all it would be little for {cut.Plural}.");
            return kg * pieces;
        }

        var answer = kg;
        if (ofAll && ofEach && cut.FromTypical(kg) < cut.FromTypical(kg / pieces))
        {
            doubts.Ask(meat.WeightText, ("each", () => answer = kg * pieces), ("all together", () => answer = kg));
        }

        return answer;
    }

    // A bird alone, and far too light for one, is likely a part.
    private double AskWhole(MeatHeard meat, Cut cut, int pieces, double kg)
    {
        if (!meat.IsNamed && cut.Part == Part.Whole && kg / pieces < HardlyABird * cut.MinKg.Value)
        {
            doubts.Ask(meat.Text, (cut.Name, () => { }), ("one of its parts: say which", () => { }));
        }

        return kg;
    }

    private Cut CutOf(MeatHeard meat)
    {
        if (meat.CutId is { } id)
        {
            return CutCatalogue.Find(id)!;
        }

        var species = meat.Species ?? Species.Chicken;
        var cuts = OfPart(species, meat.Part ?? Part.Whole);
        var cut = cuts.FirstOrDefault(c => c.BoneIn == meat.BoneIn) ?? cuts.First(c => c.Usual);
        if (meat.Species is null)
        {
            _assumed.Add("Chicken, since no bird was named.");
        }

        if (meat.BoneIn is { } bone && cut.BoneIn != bone && meat.CutFrom is null)
        {
            _assumed.Add($"{cut.Name}: we know this cut only {(cut.BoneIn ? "with" : "without")} bone.");
        }
        else if (meat.BoneIn is null && cuts.Count > 1)
        {
            _assumed.Add(cut.BoneIn ? "Bone in, as is usual for this cut." : "No bone, as is usual for this cut.");
        }

        return cut;
    }

    private List<Cut> OfPart(Species species, Part part)
    {
        List<Cut> Cuts(Part p) => [.. CutCatalogue.All.Where(c => c.Species == species && c.Part == p && c.Id != "poussin-whole")];
        if (Cuts(part) is { Count: > 0 } found)
        {
            return found;
        }

        Part[] nearest = part switch
        {
            Part.Leg => [Part.Drumstick], // of the same weight the thicker
            Part.Thigh or Part.Drumstick => [Part.Leg],
            Part.Cutlet or Part.Tender or Part.Diced => [Part.Breast],
            _ => [Part.Whole],
        };
        var near = nearest.SelectMany(Cuts).ToList();
        _assumed.Add($"The nearest cut that we know: {near.First(c => c.Usual).Name}.");
        return near;
    }

    // "A breast"; and of turkey a leg with its thigh, which is too heavy to come in numbers.
    private bool IsOne(MeatHeard meat) =>
        (meat.IsOne && heard.Servings is null) || (meat is { Species: Species.Turkey, Part: Part.Leg, IsPlural: false });

    private double GuessPieces(MeatHeard meat, Cut cut)
    {
        var isLarge = cut.TypicalKg.Value >= UsualLoad.LargePieceKg;
        var isWeighed = meat is { Kg: not null, WeightOf: not WeightOf.Each };
        var guess =
            IsOne(meat) ? 1
            : isWeighed ? ByWeight(meat, cut, isLarge)
            : isLarge ? 1
            : heard.Servings is { } eaters ? Math.Ceiling(eaters * RawKgPerServing / Each(cut, meat.Size))
            : UsualLoad.FewPieces;
        guess = Math.Clamp(guess, 1, MeatLoad.MostPieces);
        var why =
            isWeighed ? "from the weight"
            : heard.Servings is { } served && !isLarge ? Text($"for {served:0} who eat")
            : "since no number was given";
        _assumed.Add(guess == 1 ? "One piece." : Text($"{guess:0} pieces, {why}."));
        return guess;
    }

    // Of large pieces as few as it can be, unless several were named: each is then the thicker.
    private static double ByWeight(MeatHeard meat, Cut cut, bool isLarge)
    {
        var least = meat.IsPlural && cut.IsNearUsual(meat.Kg!.Value / 2) ? 2 : 1;
        var usual = Math.Max(least, Math.Round(meat.Kg!.Value / Each(cut, meat.Size)));
        return isLarge && !meat.IsPlural ? Math.Ceiling(Math.Round(meat.Kg.Value / (cut.MaxKg.Value * Cut.NearMost), 6)) : usual;
    }

    // The heaviest of the meat that decides cannot weigh less than the average; then one of the two is wrong.
    private double? Heaviest(IReadOnlyList<AskedMeat> meats)
    {
        if (heard.HeaviestKg is not { } kg || meats is not [var meat, ..] || MeatLoad.CanBeHeaviest(kg, meat.Pieces, meat.TotalKg))
        {
            return heard.HeaviestKg;
        }

        _assumed.Add(Text($"The heaviest cannot weigh {kg * 1000:0} g of {meat.TotalKg * 1000:0} g in all: left out."));
        return null;
    }

    // What is thicker than a ball of its weight was heard or typed wrongly.
    private double? Thickness(IReadOnlyList<AskedMeat> meats, double? heaviestKg)
    {
        if (heard.ThicknessMm is not { } mm || meats is not [var meat, ..])
        {
            return heard.ThicknessMm;
        }

        if (mm <= MeatLoad.MostThicknessOf(meat.Pieces, meat.TotalKg, heaviestKg, heard.Arrangement ?? default))
        {
            return mm;
        }

        _assumed.Add(Text($"Of {meat.Pieces} in {meat.TotalKg * 1000:0} g none can be {mm:0} mm thick: left out."));
        return null;
    }

    // Half the way to the lightest or heaviest that is usual, and all of it. Choices.
    private static double Each(Cut cut, SaidSize size) =>
        size switch
        {
            SaidSize.Small => (cut.TypicalKg.Value + cut.MinKg.Value) / 2,
            SaidSize.Large => (cut.TypicalKg.Value + cut.MaxKg.Value) / 2,
            SaidSize.Huge => cut.MaxKg.Value,
            _ => cut.TypicalKg.Value,
        };

    private double Typical(Cut cut, int pieces, SaidSize size)
    {
        if (heard is { HeaviestKg: { } only, Meats.Count: 1 } && pieces == 1)
        {
            return only;
        }

        if (heard.HeaviestKg is { } heaviest && pieces > 1)
        {
            _assumed.Add("A weight from that of the heaviest; weigh all for a surer answer.");
            return Math.Round(heaviest * AverageOfHeaviest * pieces, 3);
        }

        _assumed.Add(
            size == SaidSize.Usual
                ? "A typical weight; weigh it for a surer answer."
                : $"A typical weight of {size.ToString().ToLowerInvariant()} ones; weigh it for a surer answer."
        );
        return Math.Round(Each(cut, size) * pieces, 3);
    }

    private AskedBeside? Beside(BesideHeard said)
    {
        var measure = KitchenMeasures.Of(said.Companion);
        double? grams = said switch
        {
            // "a 400 g can": what is in it without its liquid.
            { Amount: { Dimension: Dimension.Mass } mass, InCans: true } => mass.Middle
                * 1000
                * (measure.CanGrams ?? KitchenMeasures.CanMl)
                / KitchenMeasures.CanMl,
            { Amount: { Dimension: Dimension.Mass } mass } => mass.Middle * 1000,
            { Amount: { } volume } => volume.Middle / Wording.CupMl * (measure.CupGrams ?? Wording.CupMl),
            { Count: { } cans, InCans: true } => cans * (measure.CanGrams ?? KitchenMeasures.CanMl),
            { Count: { } pieces } => pieces * measure.Piece(said.Size),
            _ => null,
        };
        if (grams is null)
        {
            var usual = UsualGrams(said.Companion);
            doubts.Ask(said.Text, (Text($"{usual:0} g, as is usual"), () => grams = usual), (Doubts.LeftOut, () => { }));
        }

        return grams is { } known ? new(said.Companion, Math.Round(known, 1), null, null, said.Measure ?? "") : null;
    }

    private static AskedBeside Liquid((string Id, double Ml, string Measure) said) =>
        new(null, null, said.Id, Math.Round(said.Ml, 1), said.Measure);

    // For four who eat. Estimates.
    private static double UsualGrams(Companion companion) =>
        companion.Kind switch
        {
            CompanionKind.Grain or CompanionKind.Pulse or CompanionKind.Pasta => 250,
            CompanionKind.Root => 600,
            CompanionKind.Enrichment => 100,
            CompanionKind.Aromatic => 150,
            _ => 300,
        };

    private static string Text(FormattableString text) => FormattableString.Invariant(text);
}
