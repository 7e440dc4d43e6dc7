namespace Ikuzo.Core.Quantities;

/// <summary>The units that words on screen use. Numbers in requests and answers are always SI.</summary>
public enum UnitSystem
{
    /// <summary>Grams, millimetres, millilitres, °C.</summary>
    Metric,

    /// <summary>Pounds, inches, cups, °F.</summary>
    Us,
}

/// <summary>The scale in which a temperature was said or read. A limit is compared in the scale in which the value was said.</summary>
public enum TemperatureScale
{
    /// <summary>°C.</summary>
    Celsius,

    /// <summary>°F.</summary>
    Fahrenheit,
}

/// <summary>Temperatures from one scale to another.</summary>
public static class Temperatures
{
    /// <summary>The scale of who uses some units.</summary>
    public static TemperatureScale ScaleOf(UnitSystem units) =>
        units == UnitSystem.Us ? TemperatureScale.Fahrenheit : TemperatureScale.Celsius;

    /// <summary>°C in °F.</summary>
    public static double ToFahrenheit(double celsius) => celsius * 1.8 + 32;

    /// <summary>°F in °C.</summary>
    public static double FromFahrenheit(double fahrenheit) => (fahrenheit - 32) / 1.8;

    /// <summary>
    /// °C in °F to a tenth, as a thermometer shows it: a reading that came as °C with two decimals is what was read again.
    /// </summary>
    public static double Shown(double celsius) => Math.Round(ToFahrenheit(celsius), 1);
}

/// <summary>Quantities in words. The only place where Core turns numbers into text.</summary>
/// <param name="units">Units to speak in.</param>
public sealed class Wording(UnitSystem units)
{
    /// <summary>Pounds in a kilogram (international pound, exact: 0.45359237 kg).</summary>
    public const double PoundKg = 0.45359237;

    /// <summary>Millimetres in an inch (exact).</summary>
    public const double InchMm = 25.4;

    /// <summary>Metres in a foot (exact).</summary>
    public const double FootMetres = 0.3048;

    /// <summary>Millilitres in a US customary cup (236.588 ml).</summary>
    public const double CupMl = 236.588;

    /// <summary>Millilitres in a US liquid quart.</summary>
    public const double QuartMl = 4 * CupMl;

    private bool Us => units == UnitSystem.Us;

    /// <summary>A temperature in whole degrees.</summary>
    public string Temperature(double celsius) => Us ? Text($"{Temperatures.ToFahrenheit(celsius):0} °F") : Text($"{celsius:0} °C");

    /// <summary>Two temperatures in whole degrees: "5 and 60 °C".</summary>
    public string Between(double fromCelsius, double toCelsius) =>
        Us
            ? Text($"{Temperatures.ToFahrenheit(fromCelsius):0} and {Temperature(toCelsius)}")
            : Text($"{fromCelsius:0} and {Temperature(toCelsius)}");

    /// <summary>A temperature in whole degrees, never rounded up: for what is said about safety.</summary>
    public string AtLeast(double celsius) =>
        Us ? Text($"{Math.Floor(Temperatures.Shown(celsius)):0} °F") : Text($"{Math.Floor(celsius):0} °C");

    /// <summary>A temperature as the knob of an oven has it: tens of °C, steps of 25 °F.</summary>
    public string Oven(double celsius) =>
        Us ? Text($"{Math.Round(Temperatures.ToFahrenheit(celsius) / 25) * 25:0} °F") : Text($"{Math.Round(celsius / 10) * 10:0} °C");

    /// <summary>A volume: rounded to 10 ml; or in the spoons, cups and quarts of a kitchen.</summary>
    public string Volume(double ml) => Us ? KitchenSizes.Of(ml) : Text($"{Math.Round(ml / 10) * 10:0} ml");

    /// <summary>A volume to pour: whole millilitres, or the spoons and cups of a kitchen.</summary>
    public string Pour(double ml) => Us ? Volume(ml) : Text($"{ml:0} ml");

    /// <summary>A mass: grams below a kilogram; ounces below a pound.</summary>
    public string Mass(double kg) =>
        Us && kg < PoundKg ? Text($"{kg / PoundKg * 16:0.#} oz")
        : Us ? Text($"{kg / PoundKg:0.0} lb")
        : kg < 1 ? Text($"{kg * 1000:0} g")
        : Text($"{kg:0.0#} kg");

    /// <summary>A thickness.</summary>
    public string Length(double metres) => Us ? Text($"{metres * 1000 / InchMm:0.0} in") : Text($"{metres * 1000:0} mm");

    /// <summary>How wide or long a large thing is: in whole centimetres, or in inches to the half; never nothing.</summary>
    public string Across(double metres) =>
        Us ? Text($"{Math.Max(0.5, Math.Round(metres * 2000 / InchMm) / 2):0.#} in") : Text($"{Math.Max(1, metres * 100):0} cm");

    /// <summary>A height above the sea.</summary>
    public string Altitude(double metres) => Us ? Text($"{metres / FootMetres:#,0} ft") : Text($"{metres:#,0} m");

    /// <summary>Whole minutes.</summary>
    public static string Minutes(double minutes) => Text($"{minutes:0} min");

    /// <summary>A share in whole percent.</summary>
    public static string Percent(double percent) => Text($"{percent:0} %");

    /// <summary>Less than so many percent are none in words.</summary>
    public const double LeastPercent = 0.5;

    /// <summary>A text that begins a sentence.</summary>
    /// <param name="text">At least one character.</param>
    public static string Capital(string text) => char.ToUpperInvariant(text[0]) + text[1..];

    private static string Text(FormattableString text) => FormattableString.Invariant(text);
}
