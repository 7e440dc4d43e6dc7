using Ikuzo.Core.Loads;
using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Asking;

/// <summary>What each weight, volume, length and temperature is of.</summary>
internal sealed partial class Listening
{
    private const double LeastPotMl = 2000; // less is what is poured in
    private const double HotCelsius = 45; // no raw meat is this warm
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

        if (GivesAmountToBeside(at, mass))
        {
            return Note(at, 1, "amount");
        }

        if (BesideAhead(at + 1) && !(Meat is { Kg: null } && BesideHasItsOwn(at + 1)))
        {
            (_besideAmount, _besideText) = (mass, _words[at].Text);
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
        var before = Before(at);
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

    private int _pouredUntil; // where the liquid that has its amount ends

    private int TakeVolume(int at, Quantity volume)
    {
        var next = After(at);
        if (MeaningAt(next) is { Liquid: { } liquid })
        {
            return Pour(at, next, liquid, volume.Value);
        }

        if (KeptAfter(at) is { } kept)
        {
            return Note(at, kept, "changes no minutes");
        }

        if (GivesAmountToBeside(at, volume))
        {
            return Note(at, 1, "amount");
        }

        if (MeaningAt(next)?.Beside is not null)
        {
            (_besideAmount, _besideText) = (volume, _words[at].Text);
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
        var next = After(at);
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
                (Doubt.OfThermometer, () => HearReading(at, temperature.Value, scale)),
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
}
