using Ikuzo.Core.Loads;
using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Reading;

/// <summary>Numbers that may be several things, and what a thermometer says.</summary>
internal sealed partial class Heard
{
    /// <summary>A word was taken for another: said, or asked about where it is a word of its own.</summary>
    public void Slip(string typed, string meant, double cost)
    {
        if (cost >= AskedSlip)
        {
            Doubts.Ask(typed.ToLowerInvariant(), ($"“{meant}”", () => { }), (Doubts.LeftOut, () => { }));
        }
        else
        {
            Assumed.Add($"“{typed}” is read as “{meant}”.");
        }
    }

    private const double AskedSlip = 2.2; // from here on what was typed is a word too, or two slips

    // --- numbers that may be several things

    /// <summary>"For 4".</summary>
    public void ForNumber(Spoken said)
    {
        As = "who eats, minutes or pieces";
        var number = said.Number;
        Doubts.Ask(
            said.Script.Typed(said.Fit.Captured[0].From, said.Fit.Captured[0].End).ToLowerInvariant(),
            ("who eats", () => Servings = number.Most),
            ("minutes", () => Minutes = number.Most),
            (
                "pieces",
                () =>
                {
                    if (Meats is [.., { Count: null } last])
                    {
                        last.Count = number;
                    }
                }
            )
        );
    }

    /// <summary>A thickness.</summary>
    public void Thick(Spoken said)
    {
        var mm = said.Quantity.Value * 1000;
        if (mm > MeatLoad.MostThicknessMm)
        {
            Unknown.Add(said.Text);
            As = "not a thickness";
            return;
        }

        ThicknessMm ??= mm;
    }

    /// <summary>"32 thick".</summary>
    public void BareThick(Spoken said)
    {
        As = "thickness";
        var number = said.Number.Most;
        Doubts.Ask(
            said.Script.Typed(said.Fit.Captured[0].From, said.Fit.Captured[0].End).ToLowerInvariant(),
            ("millimetres thick", () => ThicknessMm = number),
            ("centimetres thick", () => ThicknessMm = number * 10)
        );
    }

    /// <summary>Days in the fridge, or how long it was marinated.</summary>
    public void Aged(Spoken said)
    {
        DaysInFridge = said.Quantity.Value / 1440;
        if (
            said.Text.Contains("thawed", StringComparison.OrdinalIgnoreCase)
            || said.Text.Contains("defrosted", StringComparison.OrdinalIgnoreCase)
        )
        {
            State = MeatState.Chilled;
        }
    }

    private const double HotCelsius = 45; // no raw meat is this warm

    /// <summary>A temperature by itself: of the meat, or what a thermometer says where no raw meat is so warm.</summary>
    public void Warm(Spoken said)
    {
        var celsius = said.Quantity.Value;
        if (celsius < HotCelsius)
        {
            StartCelsius = celsius;
            return;
        }

        As = Doubt.OfThermometer;
        if (IsOver || IsOpen)
        {
            Reads(celsius, ScaleOf(said));
            return;
        }

        Doubts.Ask(
            said.Script.Typed(said.Fit.Captured[0].From, said.Fit.Captured[0].End).ToLowerInvariant(),
            (Doubt.OfThermometer, () => Reads(celsius, ScaleOf(said))),
            (Doubts.LeftOut, () => { })
        );
    }

    // --- what a thermometer says

    private const double LeastBare = 30,
        MostBare = 250,
        MostCelsius = 110; // more is °F

    /// <summary>A temperature that a thermometer says.</summary>
    public void Read(Spoken said)
    {
        foreach (var quantity in said.Fit.Captured.Select(c => c.Value).OfType<Quantity>())
        {
            Reads(quantity.Value, ScaleOf(said));
        }
    }

    /// <summary>The same, where only a hot one makes sense; a cold one is that of raw meat.</summary>
    public void ReadHot(Spoken said)
    {
        if (said.Quantity.Value >= LeastBare)
        {
            Reads(said.Quantity.Value, ScaleOf(said));
        }
        else
        {
            As = "temperature of the meat";
            StartCelsius = said.Quantity.Value;
        }
    }

    /// <summary>Numbers that a thermometer says, in the scale that makes sense.</summary>
    public void ReadBare(Spoken said)
    {
        foreach (var number in said.Fit.All<NumberSpan>())
        {
            ReadBare(said, number.Most);
        }
    }

    private void ReadBare(Spoken said, double number)
    {
        if (number is < LeastBare or > MostBare)
        {
            As = "not a temperature";
            Unknown.Add(said.Text);
            return;
        }

        var isFahrenheit = number > MostCelsius;
        Reads(
            isFahrenheit ? Temperatures.FromFahrenheit(number) : number,
            isFahrenheit ? TemperatureScale.Fahrenheit : TemperatureScale.Celsius
        );
    }

    private static TemperatureScale ScaleOf(Spoken said)
    {
        var captured = said.Fit.Captured.First(c => c.Value is Quantity { Dimension: Dimension.Temperature });
        return said.Script.Word(captured.End - 1) is "f" or "fahrenheit" ? TemperatureScale.Fahrenheit : TemperatureScale.Celsius;
    }

    private void Reads(double celsius, TemperatureScale scale)
    {
        if (ReadingCelsius is null || celsius < ReadingCelsius)
        {
            (ReadingCelsius, ReadingScale) = (celsius, scale);
        }

        Asked("check", "reading");
    }
}
