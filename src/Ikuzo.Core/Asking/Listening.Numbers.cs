using System.Globalization;
using Ikuzo.Core.Companions;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Asking;

/// <summary>What each number without a unit is.</summary>
internal sealed partial class Listening
{
    private const double MostMealPieces = 12; // more without a weight is hardly pieces; estimate
    private const double LeastGrams = 100; // a bare number from here on is grams; estimate
    private const double MostReading = 250; // °F; more is no reading

    private int TakeNumber(int at, NumberSpan number)
    {
        var next = MarkAt(at + 1);
        if (next == Mark.Heaviest && number is { Least: 1, Most: 1 } && Meat is { Count: not null })
        {
            return Note(at, 1, "the heaviest piece"); // "3 breasts, 1 is huge: 400 g"
        }

        if (MeaningAt(at + 1)?.State is not null && Meat?.Count is { } all && number.Most <= all.Least && !MeatAhead(at + 1))
        {
            return Note(at, 1, "how many of them"); // "6 thighs, 3 frozen and 3 thawed"
        }

        if (next == Mark.People || MarkAt(at - 1) == Mark.Serves)
        {
            _heard.Servings = number.Most;
            return Note(at, next == Mark.People ? 2 : 1, "who eats");
        }

        if (next == Mark.Clock || (MarkAt(at - 1) == Mark.Clock && !MeatAhead(at + 1)))
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

        if (MeaningAt(at - 1)?.Beside is not null && _heard.Beside is [.., { Amount: null, Count: null } last] && !MeatAhead(at + 1))
        {
            _heard.Beside[^1] = last with { Count = number.Middle, Text = $"{last.Text} {_words[at].Text}" };
            return Note(at, 1, "how many");
        }

        if (next == Mark.Can && MeaningAt(BesideNounAt(at + 1))?.Liquid is { } canned)
        {
            return Pour(at, BesideNounAt(at + 1), canned, number.Middle * KitchenMeasures.CanMl);
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

    private void Weigh(MeatHeard meat, int at, double kg) => (meat.Kg, meat.WeightText, _weighed) = (kg, _words[at].Text, meat);

    private int BareGrams(int at, double grams)
    {
        var meat = Meat ?? _ahead;
        _doubts.Ask(_words[at].Text, ("grams", () => Weigh(meat, at, grams / 1000)), (Doubts.LeftOut, () => { }));
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

        (string, Action) kilos = ("kilograms", () => Weigh(meat, at, number)),
            pounds = ("pounds", () => Weigh(meat, at, number * Wording.PoundKg));
        _doubts.Ask(_words[at].Text, _units == UnitSystem.Us ? [pounds, kilos] : [kilos, pounds]);
        return 1;
    }
}
