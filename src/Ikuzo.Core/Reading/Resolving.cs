using Ikuzo.Core.Companions;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Reading;

/// <summary>
/// Makes a question of what was heard, says what it assumes where nothing was said, and asks where two readings are likely.
/// </summary>
internal sealed partial class Resolving(Heard heard, UnitSystem units, DateOnly today)
{
    private const double RawKgPerServing = 0.25; // meat with its bone for one who eats; estimate

    private const double HardlyABird = 0.6; // of the lightest of its kind; choice

    private readonly List<string> _assumed = [];

    /// <summary>The question.</summary>
    /// <param name="isLine">True for a line of a dish: what it names as poultry is taken as it is.</param>
    public Question Question(bool isLine = false)
    {
        BindLoose();
        DropJointed();
        DropAnnounced();
        heard.HeaviestKg ??= heard.Meats.Select(m => m.HeaviestKg).FirstOrDefault(kg => kg is not null);
        var refused = isLine ? null : Refusal();
        ShareEvenly();
        var meats = refused is null ? Share([.. heard.Meats.Select(Meat)]) : [];
        var beside = heard.Beside.Select(Beside).OfType<AskedBeside>().ToList();
        if (meats.Count > 1)
        {
            _assumed.Add("Two kinds of meat in one pot: the thicker one decides.");
        }

        var heaviest = Heaviest(meats);
        var isElsewhere = heard.GoTo is not null && heard.Meats.Count == 0;
        return new Question
        {
            Meat = meats.Count > 0 ? meats[0] : null,
            Also = [.. meats.Skip(1)],
            Beside = beside,
            ThicknessMm = Thickness(meats, heaviest),
            HeaviestKg = heaviest,
            State = State(),
            StartCelsius = heard.StartCelsius,
            DaysInFridge = heard.DaysInFridge,
            StoodMinutes = heard.StoodMinutes,
            Arrangement = heard.Arrangement ?? heard.Meats.Select(m => m.Arrangement).FirstOrDefault(a => a is not null),
            Placement = heard.Placement ?? (heard.Meats.Exists(m => m.IsPoached) ? Core.Loads.Placement.InLiquid : null),
            Aim = AimOf(meats),
            NotAims = heard.NotAims,
            Pressure = heard.Pressure,
            PotLitres = heard.PotMl / 1000,
            LiquidMl = LiquidMl(beside),
            Minutes = heard.Minutes,
            Release = ReleaseOf(),
            Browned = heard.Browned,
            MarinadeHours = heard.MarinadeHours,
            CrispMinutes = heard.CrispMinutes,
            AltitudeMetres = heard.AltitudeMetres,
            Promise = heard.Promise,
            Servings = heard.Servings,
            EatAt = heard.EatAt,
            EatDay = today == default ? null : heard.EatDay?.On(today, ahead: true),
            EatInMinutes = heard.EatInMinutes,
            ReadingCelsius = heard.Declined is null ? heard.ReadingCelsius : null,
            ReadingScale = heard.ReadingCelsius is null ? null : heard.ReadingScale,
            Stops = [.. Stops()],
            GoTo = GoToOf(),
            Understood = heard.Understood,
            Unknown = heard.Unknown,
            Doubts = heard.Doubts.Open,
            Assumed = [.. heard.Assumed, .. _assumed],
            Problem = refused ?? (meats.Count == 0 && !isElsewhere && heard.ReadingCelsius is null ? NoMeat : null),
        };
    }

    private Elsewhere? GoToOf() =>
        heard.GoTo
        ?? (
            heard.Meats.Count > 0 && (heard.EatAt, heard.EatDay) is (not null, { Away: not 0 })
                ? new("line-up", "later", "The Line-up counts back from another day: from the freezer on.")
                : null
        );

    // What is said of all, and what of each: one that is frozen decides.
    private MeatState? State()
    {
        var states = heard.Meats.Select(m => m.State).Append(heard.State).OfType<MeatState>().ToList();
        if (states.Distinct().Count() > 1 && heard.Meats.Count > 1 && states.Contains(MeatState.Frozen))
        {
            heard.Doubts.Ask(
                "frozen",
                ("the frozen ones decide for all", () => { }),
                ("one after the other: ask for each by itself", () => { })
            );
        }

        return states.Count == 0 ? null
            : states.Contains(MeatState.Frozen) && !(heard.State == MeatState.Room && heard.StoodMinutes is not null) ? MeatState.Frozen
            : states.Contains(MeatState.Room) ? MeatState.Room
            : states[0];
    }

    // Stock wants bones: of anything else only the liquid was meant.
    private Aim? AimOf(IReadOnlyList<AskedMeat> meats)
    {
        var aim = heard.Aim ?? heard.Meats.Select(m => m.Aim).FirstOrDefault(a => a is not null);
        return aim is { } said && (heard.NotAims.Contains(said) || !meats.Any(m => m.Cut.EndsAs(said))) ? null : aim;
    }

    // What is poured and measured; what seasons by the spoon makes no steam to speak of.
    private static double? LiquidMl(IReadOnlyList<AskedBeside> beside)
    {
        const double Seasons = 120;
        var poured = beside
            .Where(b =>
                b is { Liquid: not null, IsMeasured: true, Ml: not null }
                && !LiquidCatalogue.Find(b.Liquid)!.IsThick
                && !(b.Liquid is "soy-sauce" or "vinegar" && b.Ml < Seasons)
            )
            .ToList();
        return poured.Count == 0 ? null : poured.Sum(b => b.Ml!.Value);
    }

    private const double AverageOfHeaviest = 0.85; // of packs of four to six; estimate

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
        heard.Doubts.Ask(
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

        var count =
            meat.IsPerPerson && heard.Servings is not null
                ? null
                : meat.Count?.Least * (meat is { Packs: { } packs, Kg: null } ? packs : 1);
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
            Text = meat.Text,
        };
        var from = CutOf(whole);
        var count = (int)Math.Clamp(meat.Count!.Value.Least, 1, MeatLoad.MostPieces);
        var total = meat.Kg is { } kg ? Total(whole, from, count, kg) : Typical(from, count, meat.Size);
        var pieces = (int)Math.Clamp(Math.Round(total / cut.TypicalKg.Value), 1, MeatLoad.MostPieces);
        _assumed.Add(Text($"{pieces} {(pieces == 1 ? cut.Name : cut.Plural)} of {count} {(count == 1 ? from.Name : from.Plural)}."));
        return new(cut, pieces, total);
    }

    // Without a word for it the weight is of all, unless only the weight of each makes sense.
    private double Total(MeatHeard meat, Cut cut, int pieces, double kg)
    {
        var isAnother = meat.Part is { } part && part != cut.Part; // the nearest that we know: its weights say nothing of these
        if (
            pieces == 1
            || (isAnother && meat.WeightOf != WeightOf.Each)
            || meat.WeightOf == WeightOf.All
            || (meat.WeightOf == WeightOf.Unsaid && meat.Count is null)
        )
        {
            return AskWhole(meat, cut, pieces, kg);
        }

        if (meat.WeightOf == WeightOf.Each)
        {
            var total = kg * pieces;
            if (!cut.IsNearUsual(kg) && cut.IsNearUsual(kg / pieces))
            {
                heard.Doubts.Ask(meat.WeightText, ("each", () => { }), ("all together", () => total = kg));
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
            heard.Doubts.Ask(meat.WeightText, ("each", () => answer = kg * pieces), ("all together", () => answer = kg));
        }

        return answer;
    }

    // A bird alone, and far too light for one, is likely a part.
    private double AskWhole(MeatHeard meat, Cut cut, int pieces, double kg)
    {
        if (!meat.IsNamed && cut.Part == Part.Whole && kg / pieces < HardlyABird * cut.MinKg.Value)
        {
            heard.Doubts.Ask(meat.Text, (cut.Name, () => { }), ("one of its parts: say which", () => { }));
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
            meat.IsPerPerson && heard.Servings is { } who ? (meat.Count?.Least ?? 1) * who
            : IsOne(meat) ? 1
            : isLarge && meat.Packs is { } packs ? packs
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

    private const double MostOfOne = 1.6; // of the heaviest that is usual: "a breast" is one, and both halves of it at most; choice

    // Of large pieces as few as it can be, unless several were named: each is then the thicker.
    private static double ByWeight(MeatHeard meat, Cut cut, bool isLarge)
    {
        var least = meat.IsPlural && cut.IsNearUsual(meat.Kg!.Value / 2) ? 2 : 1;
        var usual = Math.Max(least, Math.Round(meat.Kg!.Value / Each(cut, meat.Size)));
        return isLarge && !meat.IsPlural ? Math.Ceiling(Math.Round(meat.Kg.Value / (cut.MaxKg.Value * MostOfOne), 6)) : usual;
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

        if (
            mm
            <= MeatLoad.MostThicknessOf(
                meat.Pieces,
                meat.TotalKg,
                heaviestKg,
                heard.Arrangement ?? heard.Meats.Select(m => m.Arrangement).FirstOrDefault(a => a is not null) ?? default
            )
        )
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

    // What stands beside: computed by its weight where there are figures, poured by its volume, else a line.
    private AskedBeside Beside(Item item)
    {
        var said = Amounts.Of(item);
        if (said is { Companion: { } companion, Grams: null })
        {
            var usual = companion.UsualGrams;
            var isAsked = companion.Kind is CompanionKind.Grain or CompanionKind.Pulse or CompanionKind.Pasta;
            if (isAsked)
            {
                heard.Doubts.Ask(
                    item.Text,
                    (Text($"{usual:0} g, as is usual"), () => said = said with { Grams = usual }),
                    (Doubts.LeftOut, () => { })
                );
            }
            else
            {
                said = said with { Grams = usual };
                _assumed.Add(Text($"{Wording.Capital(said.Food)}: {usual:0} g, as is usual."));
            }
        }

        return said;
    }

    private static string Text(FormattableString text) => FormattableString.Invariant(text);
}
