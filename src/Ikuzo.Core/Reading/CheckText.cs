using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Reading;

/// <summary>
/// Reads what is typed at Check: a number there is a temperature, in the scale that makes sense for meat that was cooked.
/// </summary>
public static class CheckText
{
    // Between them a number may be either: then it is the household's.
    private const double LeastFahrenheit = 100, // colder than this in °F no cooked meat is; estimate
        MostCelsius = 110; // hotter than this in °C no meat is

    /// <summary>The reading; null where there is none.</summary>
    /// <param name="text">What was typed: "71", "160", "71 inside", "it says 165 F".</param>
    /// <param name="usual">The household's scale.</param>
    public static (double Celsius, TemperatureScale Scale)? Read(string text, TemperatureScale usual)
    {
        var tokens = Tokens.Split(text);
        if (tokens is [{ Number: { } bare }])
        {
            var scale =
                bare > MostCelsius ? TemperatureScale.Fahrenheit
                : bare < LeastFahrenheit && bare > 30 ? TemperatureScale.Celsius
                : usual;
            return (scale == TemperatureScale.Fahrenheit ? Temperatures.FromFahrenheit(bare) : bare, scale);
        }

        if (QuantityReader.ReadTemperature(text, usual) is { } plain)
        {
            return plain;
        }

        var question = CounterText.Read(text);
        return question.ReadingCelsius is { } celsius ? (celsius, question.ReadingScale!.Value) : null;
    }
}
