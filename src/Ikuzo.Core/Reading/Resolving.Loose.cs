using Ikuzo.Core.Loads;
using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Reading;

/// <summary>Amounts that found no noun beside them.</summary>
internal sealed partial class Resolving
{
    // Amounts that found no noun beside them.
    private void BindLoose()
    {
        if (heard.BoneIn is { } bone)
        {
            heard.Meats.ForEach(m => m.BoneIn ??= bone);
        }

        if (heard.OfEach is { } each)
        {
            heard.Meats.ForEach(m => m.Count ??= each);
        }

        foreach (var (kg, of, text) in heard.LooseKg)
        {
            BindKg(kg, of, text);
        }

        foreach (var (number, text) in heard.LooseNumbers)
        {
            BindNumber(number, text);
        }

        foreach (var (ml, text) in heard.LooseMl)
        {
            BindMl(ml, text);
        }

        foreach (
            var meat in heard.Meats.Where(m => m.Count is { } c && (c.Least < 1 && c.Least <= 0 || c.Most > MeatLoad.MostPieces)).ToList()
        )
        {
            var wrong = meat.Count!.Value;
            heard.Doubts.Ask(Text($"{wrong.Most:0.##}"), (Doubts.LeftOut, () => meat.Count = null));
            meat.Count = null;
        }
    }

    private void BindKg(double kg, WeightOf of, string text)
    {
        if (heard.Meats.LastOrDefault(m => m.Kg is null) is { } meat)
        {
            (meat.Kg, meat.WeightOf, meat.WeightText) = (kg, of, text);
        }
        else if (heard.Meats.Count > 0 && !heard.Meats.Exists(m => Math.Abs(m.Kg!.Value - kg) <= SameWeight * kg))
        {
            var last = heard.Meats[^1];
            heard.Doubts.Ask(text, (Doubts.LeftOut, () => { }), ("this is the weight", () => last.Kg = kg));
        }
    }

    private void BindNumber(NumberSpan number, string text)
    {
        var last = heard.Meats.LastOrDefault();
        var free = heard.Meats.LastOrDefault(m => m.Count is null);
        var isWhole = number.Least == Math.Floor(number.Least) && number.Least >= 1;
        if (last is null)
        {
            heard.Unknown.Add(text);
        }
        else if (number.Most >= LeastGrams && last.Kg is null)
        {
            heard.Doubts.Ask(text, ("grams", () => last.Kg = number.Most / 1000), (Doubts.LeftOut, () => { }));
        }
        else if (!isWhole)
        {
            AskKilograms(last, number, text);
        }
        else if (free is not null && number.Most <= MostMealPieces)
        {
            free.Count = number;
        }
        else if (heard.Minutes is null && number.Most <= MostMinutes)
        {
            heard.Doubts.Ask(text, ("minutes", () => heard.Minutes = number.Most), ("pieces", () => last.Count = number));
        }
        else
        {
            heard.Doubts.Ask(text, (Doubts.LeftOut, () => { }), ("pieces", () => last.Count = number));
        }
    }

    private void AskKilograms(MeatHeard meat, NumberSpan number, string text)
    {
        if (meat.Kg is not null || number.Most is <= 0 or > MeatLoad.MostKg)
        {
            heard.Doubts.Ask(text, (Doubts.LeftOut, () => { }));
            return;
        }

        (string, Action) kilos = ("kilograms", () => (meat.Kg, meat.WeightText) = (number.Most, text)),
            pounds = ("pounds", () => (meat.Kg, meat.WeightText) = (number.Most * Wording.PoundKg, text));
        heard.Doubts.Ask(text, units == UnitSystem.Us ? [pounds, kilos] : [kilos, pounds]);
    }

    private void BindMl(double ml, string text)
    {
        if (ml >= LeastPotMl && heard.PotMl is null)
        {
            heard.PotMl = ml;
            return;
        }

        heard.Beside.Add(Item.Water(ml, text));
    }

    private const double SameWeight = 0.06; // "2.2 lb (1 kg)" is one weight
    private const double LeastGrams = 100; // a bare number from here on is grams; estimate
    private const double MostMealPieces = 12; // more without a weight is hardly pieces; estimate
    private const double MostMinutes = 240;

    private const double LeastPotMl = 2000; // less is what is poured in
}
