using System.Globalization;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Asking;

/// <summary>What each number is.</summary>
internal sealed partial class Listening
{
    private const double LeastPotMl = 2000; // less is what is poured in
    private const double MostMealPieces = 12; // more without a weight is hardly pieces; estimate
    private const double LeastGrams = 100; // a bare number from here on is grams; estimate
    private const double HotCelsius = 45; // no raw meat is this warm
    private const double MostReading = 250; // °F; more is no reading
    private const double UsualRestMinutes = 15; // "10 minutes natural release" may be a rest up to here
    private const double SameWeight = 0.06; // "2.2 lb (1 kg)" is one weight

    private int TakeMass(int at, Quantity mass)
    {
        if (IsHeaviest(at))
        {
            _heard.HeaviestKg = mass.Value;
            return Note(at, 1, "weight of the heaviest piece");
        }

        if (KeptAfter(at) is { } kept)
        {
            return Note(at, kept, "changes no minutes");
        }

        if (MeaningAt(BesideNounAt(at + 1))?.Liquid is { } poured)
        {
            return Pour(at, BesideNounAt(at + 1), poured, mass.Middle * 1000);
        }

        if (BesideAhead(at + 1) && !(Meat is { Kg: null } && BesideHasItsOwn(at + 1)))
        {
            (_besideAmount, _besideText) = (mass, _words[at].Text);
            return Note(at, 1, "amount");
        }

        if (GivesAmountToBeside(at, mass))
        {
            return Note(at, 1, "amount");
        }

        var meat = Meat is { } known && !BelongsAhead(at, known) ? known : _ahead;
        if (meat.Kg is { } before)
        {
            return SecondMass(at, meat, before, mass.Value);
        }

        var packs = meat.Packs;
        (meat.Kg, meat.WeightText, meat.WeightOf) = (
            mass.Value * (packs ?? 1),
            _words[at].Text,
            packs is null ? Of(at, meat) : WeightOf.All
        );
        _weighed = packs is null ? meat : null;
        return Note(
            at,
            1,
            packs is not null ? "weight of a pack"
                : mass.Least is null ? "weight"
                : "weight, the greater of the two"
        );
    }

    // Before its noun: nothing was named yet, or what was named has its weight or ends here.
    private bool BelongsAhead(int at, MeatHeard known) =>
        MeatAhead(at + 1) && (known.Kg is not null || _words[at].IsApart || _ahead.Count is not null || MarkAt(at - 1) == Mark.And);

    private WeightOf Of(int at, MeatHeard meat) =>
        MarkAt(at - 1) switch
        {
            Mark.Each or Mark.Times => WeightOf.Each,
            Mark.All => WeightOf.All,
            Mark.At or Mark.Of when meat.Count is not null => WeightOf.Each,
            // "two 1.2 kg chickens"
            _ when Word(at - 1)?.Number is not null && MeatAhead(at + 1) => WeightOf.Each,
            _ => WeightOf.Unsaid,
        };

    private int SecondMass(int at, MeatHeard meat, double before, double kg)
    {
        if (Math.Abs(kg - before) <= SameWeight * before)
        {
            return Note(at, 1, "the same weight");
        }

        _doubts.Ask(_words[at].Text, (Doubts.LeftOut, () => { }), ("this is the weight", () => meat.Kg = kg));
        return 1;
    }

    private bool IsHeaviest(int at)
    {
        var before = at - 1;
        while (IsFiller(before) || MarkAt(before) is Mark.At or Mark.Of)
        {
            before--;
        }

        var hasItsOwn = Enumerable.Range(at + 2, 3).Any(i => Word(i)?.Is(Dimension.Mass) == true);
        return MarkAt(before) == Mark.Heaviest || (MarkAt(at + 1) == Mark.Heaviest && !hasItsOwn);
    }

    // From an amount to the noun of the liquid.
    private int Pour(int at, int noun, string liquid, double ml)
    {
        _heard.Liquids.Add((liquid, ml, TextOf(at, noun - at)));
        _pouredUntil = noun + 1;
        return Note(at, noun + 1 - at, "liquid");
    }

    private const double CanMl = 400; // an ordinary can

    private int _pouredUntil; // where the liquid that has its amount ends

    private int TakeVolume(int at, Quantity volume)
    {
        var next = at + 1;
        while (MarkAt(next) == Mark.Of || IsFiller(next))
        {
            next++;
        }

        if (MeaningAt(next) is { Liquid: { } liquid })
        {
            return Pour(at, next, liquid, volume.Value);
        }

        if (KeptAfter(at) is { } kept)
        {
            return Note(at, kept, "changes no minutes");
        }

        if (MeaningAt(next)?.Beside is not null)
        {
            (_besideAmount, _besideText) = (volume, _words[at].Text);
            return Note(at, 1, "amount");
        }

        if (GivesAmountToBeside(at, volume))
        {
            return Note(at, 1, "amount");
        }

        if (MeaningAt(at - 1) is { Liquid: { } before } && _pouredUntil != at)
        {
            _heard.Liquids.Add((before, volume.Value, _words[at].Text));
            return Note(at, 1, "liquid");
        }

        if (MeaningAt(next) is { PotWord: true } || MeaningAt(at - 1) is { PotWord: true } || volume.Value >= LeastPotMl)
        {
            _heard.PotMl = volume.Value;
            return Note(at, 1, "size of the pot");
        }

        // Of something that we do not know, and not of water.
        if (Word(next) is { IsApart: false, Meaning: null, Quantity: null, Number: null, IsClock: false })
        {
            return NotKnown(at, next + 1 - at);
        }

        _heard.Liquids.Add(("water", volume.Value, _words[at].Text));
        return Note(at, 1, "liquid");
    }

    // "1 tbsp butter", "2 bay leaves": how many lexemes, or null.
    private int? KeptAfter(int at)
    {
        var next = at + 1;
        while (MarkAt(next) == Mark.Of || IsFiller(next))
        {
            next++;
        }

        return Word(next) is { IsApart: false, Meaning.Seasons: true } ? next + 1 - at : null;
    }

    private int TakeLength(int at, Quantity length)
    {
        var mm = length.Value * 1000;
        if (MarkAt(at + 1) == Mark.OtherLength || mm > MeatLoad.MostThicknessMm)
        {
            return NotKnown(at, MarkAt(at + 1) == Mark.OtherLength ? 2 : 1);
        }

        _heard.ThicknessMm = mm;
        return Note(at, 1, "thickness");
    }

    private int TakeTemperature(int at, Quantity temperature)
    {
        var isReading = IsReading(at) || MarkAt(at + 1) == Mark.Reads || (_heard.IsOpen && temperature.Value >= HotCelsius);
        if (isReading || temperature.Value >= HotCelsius)
        {
            var scale = _words[at].Text is [.., 'f'] or [.., 't'] ? TemperatureScale.Fahrenheit : TemperatureScale.Celsius;
            if (isReading)
            {
                return HearReading(at, temperature.Value, scale);
            }

            _doubts.Ask(
                _words[at].Text,
                ("what a thermometer says", () => HearReading(at, temperature.Value, scale)),
                (Doubts.LeftOut, () => { })
            );
            return 1;
        }

        _heard.StartCelsius = temperature.Value;
        return Note(at, 1, "temperature of the meat");
    }

    private bool IsReading(int at)
    {
        var before = at - 1;
        while (IsFiller(before) || MarkAt(before) == Mark.At)
        {
            before--;
        }

        return MarkAt(before) == Mark.Reads || (_heard.IsOpen && MarkAt(at + 1) == Mark.Reads) || MarkAt(before) == Mark.Open;
    }

    private int HearReading(int at, double celsius, TemperatureScale scale)
    {
        (_heard.ReadingCelsius, _heard.ReadingScale, _heard.IsOpen) = (celsius, scale, true);
        return Note(at, 1, "what the thermometer says");
    }

    private int TakeTime(int at, Quantity time)
    {
        const double Day = 1440,
            Hour = 60;
        if (MarkAt(at + 1) == Mark.Per)
        {
            return NotKnown(at, Math.Min(3, _words.Count - at));
        }

        if (time.Value >= Day)
        {
            _heard.DaysInFridge = time.Value / Day;
            return Note(at, 1, "days in the fridge");
        }

        if (
            MarkAt(at - 1) == Mark.Marinated
            || MarkAt(at - 2) == Mark.Marinated
            || MarkAt(at + 1) == Mark.Marinated
            || time.Value > 4 * Hour
        )
        {
            return Note(at, 1, "changes no minutes");
        }

        return IsRest(at) is { } isRest ? TakeRest(at, time.Value, isRest) : TakeMinutes(at, time);
    }

    // Null where the minutes are those under pressure.
    private bool? IsRest(int at)
    {
        var next = MarkAt(at + 1) == Mark.Of || IsFiller(at + 1) ? at + 2 : at + 1;
        var before = MarkAt(at - 1) == Mark.For ? at - 2 : at - 1;
        if (
            Word(next + 1) is { IsApart: false } own
            && (own.Is(Dimension.Time) || own.Number is not null)
            && MeaningAt(next)?.Release is not null
        )
        {
            next = -1; // that has minutes of its own
        }

        return (MeaningAt(next)?.Release, Word(next)?.IsApart, MeaningAt(before)?.Release) switch
        {
            (ReleaseKind.RestThenVent, false, _) or (_, _, ReleaseKind.RestThenVent) => true,
            (ReleaseKind.Natural, false, _) when _heard.Minutes is not null => true,
            (ReleaseKind.Natural, false, _) when VentsAfter(next) => true,
            (ReleaseKind.Natural, false, _) when _words[at].Quantity!.Value.Value <= UsualRestMinutes => false,
            (_, _, ReleaseKind.Natural) when _heard.Minutes is not null => true,
            _ => null,
        };
    }

    private bool VentsAfter(int at) => Enumerable.Range(at + 1, 3).Any(i => MeaningAt(i)?.Release == ReleaseKind.Vent);

    private int TakeRest(int at, double minutes, bool isSure)
    {
        void Rest()
        {
            _heard.RestMinutes = minutes;
            _heard.Release = ReleaseKind.RestThenVent;
        }

        if (isSure)
        {
            Rest();
            return Note(at, 1, "left alone before venting");
        }

        _doubts.Ask(_words[at].Text, ("minutes under pressure", () => _heard.Minutes = minutes), ("left alone, then vented", Rest));
        return 1;
    }

    private int TakeMinutes(int at, Quantity time)
    {
        if (_heard.Minutes is { } before)
        {
            _doubts.Ask(
                _words[at].Text,
                (Doubts.LeftOut, () => { }),
                ("minutes under pressure", () => _heard.Minutes = time.Value),
                ("left alone, then vented", () => (_heard.RestMinutes, _heard.Release) = (time.Value, ReleaseKind.RestThenVent))
            );
            return 1;
        }

        _heard.Minutes = time.Value;
        return Note(at, 1, time.Least is null ? "minutes under pressure" : "minutes under pressure, the greater of the two");
    }

    private int TakeNumber(int at, NumberSpan number)
    {
        var next = MarkAt(at + 1);
        if (next == Mark.People || MarkAt(at - 1) == Mark.Serves)
        {
            _heard.Servings = number.Most;
            return Note(at, next == Mark.People ? 2 : 1, "who eats");
        }

        if (next == Mark.Clock || MarkAt(at - 1) == Mark.Clock)
        {
            return Note(at, next == Mark.Clock ? 2 : 1, "when it is eaten: the Line-up counts back from there");
        }

        if (MarkAt(at - 1) == Mark.For && (Word(at + 1) is not { IsApart: false } || next is Mark.Clock or Mark.At))
        {
            _doubts.Ask(
                _words[at].Text,
                ("who eats", () => _heard.Servings = number.Most),
                ("minutes", () => _heard.Minutes = number.Most),
                ("pieces", () => (Meat ?? _ahead).Count ??= number)
            );
            return 1;
        }

        if (_heard.Minutes is not null && MeaningAt(at - 1)?.Release is ReleaseKind.Natural or ReleaseKind.RestThenVent)
        {
            return TakeRest(at, number.Most, isSure: true);
        }

        if (next is Mark.Pack or Mark.Lumps)
        {
            return next == Mark.Pack ? TakePacks(at, number) : Note(at, 1, "lumps") + TakeRest(at + 1, _words[at + 1].Meaning!);
        }

        if (IsReading(at) && number.Most is > 20 and < MostReading)
        {
            return BareReading(at, number.Most);
        }

        if (KeptAfter(at) is { } kept)
        {
            return Note(at, kept, "changes no minutes");
        }

        if (MeaningAt(at - 1)?.Beside is not null && _heard.Beside[^1] is { Amount: null, Count: null } last && !MeatAhead(at + 1))
        {
            _heard.Beside[^1] = last with { Count = number.Middle, Text = $"{last.Text} {_words[at].Text}" };
            return Note(at, 1, "how many");
        }

        if (next == Mark.Can && MeaningAt(BesideNounAt(at + 1))?.Liquid is { } canned)
        {
            return Pour(at, BesideNounAt(at + 1), canned, number.Middle * CanMl);
        }

        if (next == Mark.Can || BesideAhead(at + 1))
        {
            (_besideCount, _besideText) = (number.Middle, _words[at].Text);
            return Note(at, 1, "how many");
        }

        return next == Mark.Thick ? BareThickness(at, number.Most) : TakeCount(at, number);
    }

    private int TakePacks(int at, NumberSpan number)
    {
        var meat = MeatAhead(at + 2) || Meat is null ? _ahead : Meat;
        meat.Packs = number.Most;
        if (meat.Kg is { } kg)
        {
            (meat.Kg, meat.WeightOf) = (kg * number.Most, WeightOf.All);
        }

        return Note(at, 2, "packs");
    }

    private int BareReading(int at, double number)
    {
        var isFahrenheit = number > 110 || (_units == UnitSystem.Us && number > 100);
        return isFahrenheit
            ? HearReading(at, Temperatures.FromFahrenheit(number), TemperatureScale.Fahrenheit)
            : HearReading(at, number, TemperatureScale.Celsius);
    }

    private int BareThickness(int at, double number)
    {
        const double LeastMm = 5;
        var isInches = number < LeastMm;
        _doubts.Ask(
            _words[at].Text,
            isInches
                ? ("inches thick", () => _heard.ThicknessMm = number * Wording.InchMm)
                : ("millimetres thick", () => _heard.ThicknessMm = number),
            ("centimetres thick", () => _heard.ThicknessMm = number * 10)
        );
        return 1;
    }

    private int TakeCount(int at, NumberSpan number)
    {
        var text = _words[at].Text;
        if (text == "half")
        {
            (Meat ?? _ahead).Part = Part.Half;
            return Note(at, 1, "half bird");
        }

        var times = MarkAt(at + 1) == Mark.Times ? 1 : 0;
        if (number.Least >= LeastGrams && (Meat?.Kg ?? _ahead.Kg) is null && !MeatAhead(at + 1))
        {
            return BareGrams(at, number.Most);
        }

        if (number.Most < 1 && number.Most > 0 && MeatAhead(at + 1))
        {
            return Note(at, 1, "half, or less, of one");
        }

        var isWhole = number.Least == Math.Floor(number.Least) && number.Least is >= 1 and <= MeatLoad.MostPieces;
        if (!isWhole)
        {
            return BareWeight(at, number.Most);
        }

        var isAhead = MeatAhead(at + 1 + times);
        var meat =
            Meat is null || (isAhead && (Meat.Count is not null || _words[at].IsApart || MarkAt(at - 1) == Mark.And || CountsGoFirst))
                ? _ahead
                : Meat;
        var isMany = meat == Meat && number.Least > MostMealPieces && MarkAt(at - 1) != Mark.Times && times == 0;
        if (meat.Count is not null || isMany)
        {
            return MinutesOrPieces(at, number, meat);
        }

        // Of "3-4" the fewer: each is then the thicker.
        meat.Count = number;
        return Note(
            at,
            1 + times,
            string.Create(CultureInfo.InvariantCulture, $"{number.Least:0} {(number.Least == 1 ? "piece" : "pieces")}")
        );
    }

    // "10 wings and 4 drumsticks", against "wings 10 drumsticks 4".
    private bool CountsGoFirst => _words[0].Number is not null || _words[0].Quantity is not null;

    private int MinutesOrPieces(int at, NumberSpan number, MeatHeard meat)
    {
        const double MostMinutes = 240;
        (string, Action) pieces = ("pieces", () => meat.Count = number);
        if (_heard.Minutes is not null || number.Most > MostMinutes)
        {
            _doubts.Ask(_words[at].Text, (Doubts.LeftOut, () => { }), pieces);
            return 1;
        }

        _doubts.Ask(_words[at].Text, ("minutes", () => _heard.Minutes = number.Most), pieces);
        return 1;
    }

    private int BareGrams(int at, double grams)
    {
        var meat = Meat ?? _ahead;
        void Weigh(double kg) => (meat.Kg, meat.WeightText, _weighed) = (kg, _words[at].Text, meat);
        _doubts.Ask(_words[at].Text, ("grams", () => Weigh(grams / 1000)), (Doubts.LeftOut, () => { }));
        return 1;
    }

    private int BareWeight(int at, double number)
    {
        var meat = Meat ?? _ahead;
        if (meat.Kg is not null || number is <= 0 or > MeatLoad.MostKg)
        {
            _doubts.Ask(_words[at].Text, (Doubts.LeftOut, () => { }));
            return 1;
        }

        void Weigh(double kg) => (meat.Kg, meat.WeightText, _weighed) = (kg, _words[at].Text, meat);
        (string, Action) kilos = ("kilograms", () => Weigh(number)),
            pounds = ("pounds", () => Weigh(number * Wording.PoundKg));
        _doubts.Ask(_words[at].Text, _units == UnitSystem.Us ? [pounds, kilos] : [kilos, pounds]);
        return 1;
    }
}
