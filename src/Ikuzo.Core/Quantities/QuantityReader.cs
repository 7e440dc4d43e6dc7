namespace Ikuzo.Core.Quantities;

/// <summary>What a quantity measures.</summary>
public enum Dimension
{
    /// <summary>Mass, kg.</summary>
    Mass,

    /// <summary>Length, m.</summary>
    Length,

    /// <summary>Volume, ml.</summary>
    Volume,

    /// <summary>Temperature, °C.</summary>
    Temperature,
}

/// <summary>A quantity that was read.</summary>
/// <param name="Dimension">What it measures.</param>
/// <param name="Value">In kg, m, ml or °C.</param>
/// <param name="Tokens">Tokens that it took.</param>
public readonly record struct Quantity(Dimension Dimension, double Value, int Tokens);

/// <summary>Reads "3 lb 4 oz", "1,5 kg", "half a kilo", "1 1/4 inch", "8qt", "74C".</summary>
public static class QuantityReader
{
    private static readonly (Dimension Dimension, double Factor, string Names)[] UnitNames =
    [
        (Dimension.Mass, 1, "kg kgs kilo kilos kilogram kilograms"),
        (Dimension.Mass, 0.001, "g gr gram grams gramme grammes"),
        (Dimension.Mass, Wording.PoundKg, "lb lbs pound pounds #"),
        (Dimension.Mass, Wording.PoundKg / 16, "oz ounce ounces"),
        (Dimension.Length, 0.001, "mm millimetre millimetres millimeter millimeters"),
        (Dimension.Length, 0.01, "cm centimetre centimetres centimeter centimeters"),
        (Dimension.Length, Wording.InchMm / 1000, "inch inches \""),
        (Dimension.Volume, 1, "ml millilitre millilitres milliliters"),
        (Dimension.Volume, 1000, "l litre litres liter liters"),
        (Dimension.Volume, Wording.QuartMl, "qt qts quart quarts"),
        (Dimension.Volume, Wording.CupMl, "cup cups"),
    ];

    private static readonly Dictionary<string, (Dimension Dimension, double Factor)> Units = UnitNames
        .SelectMany(u => u.Names.Split(' ').Select(name => (name, (u.Dimension, u.Factor))))
        .ToDictionary(u => u.name, u => u.Item2);

    /// <summary>Kilograms in a unit of mass by one of its names in lower case; null for anything else.</summary>
    internal static double? KilogramsIn(string unit) =>
        Units.TryGetValue(unit, out var found) && found.Dimension == Dimension.Mass ? found.Factor : null;

    /// <summary>Reads a quantity that starts at a token; null when there is none.</summary>
    public static Quantity? ReadAt(IReadOnlyList<Token> tokens, int at)
    {
        if (tokens[at].Number is not { } number)
        {
            return null;
        }

        var unitAt = tokens[at].Text == "half" && at + 1 < tokens.Count && tokens[at + 1].Text is ("a" or "an") ? at + 2 : at + 1;
        if (Temperature(tokens, unitAt, number) is { } temperature)
        {
            return temperature with { Tokens = temperature.Tokens + unitAt - at };
        }

        return UnitAt(tokens, unitAt) is { } unit
            ? AndSmaller(tokens, at, new Quantity(unit.Dimension, number * unit.Factor, unitAt - at + 1), unit.Factor)
            : null;
    }

    /// <summary>
    /// Reads a text that is one quantity of one kind and nothing else; a bare number counts in <paramref name="bareFactor"/>.
    /// </summary>
    /// <param name="text">What was typed.</param>
    /// <param name="dimension">What it must measure.</param>
    /// <param name="bareFactor">SI value of one when no unit is given.</param>
    /// <returns>Value in kg, m, ml or °C; null when it is not such a quantity.</returns>
    public static double? Read(string text, Dimension dimension, double bareFactor)
    {
        var tokens = Tokens.Split(text);
        return tokens switch
        {
            [] => null,
            [{ Number: { } bare }] => bare * bareFactor,
            _ when ReadAt(tokens, 0) is { } q && q.Dimension == dimension && q.Tokens == tokens.Count => q.Value,
            _ => null,
        };
    }

    private static (Dimension Dimension, double Factor)? UnitAt(IReadOnlyList<Token> tokens, int at)
    {
        if (at >= tokens.Count)
        {
            return null;
        }

        // "in" is an inch only where it cannot begin "in the pot" or "bone in".
        var isInch = tokens[at].Text == "in" && (at + 1 == tokens.Count || tokens[at + 1].Text is "thick" or "thickness" or "deep");
        return isInch ? Units["inch"]
            : Units.TryGetValue(tokens[at].Text, out var unit) ? unit
            : null;
    }

    private static Quantity AndSmaller(IReadOnlyList<Token> tokens, int at, Quantity first, double factor)
    {
        var next = at + first.Tokens;
        return
            next + 1 < tokens.Count
            && tokens[next].Number is { } more
            && UnitAt(tokens, next + 1) is { } unit
            && unit.Dimension == first.Dimension
            && first.Dimension == Dimension.Mass
            && unit.Factor < factor
            ? new Quantity(first.Dimension, first.Value + more * unit.Factor, first.Tokens + 2)
            : first;
    }

    private static Quantity? Temperature(IReadOnlyList<Token> tokens, int at, double number)
    {
        var degree = at < tokens.Count && tokens[at].Text is ("°" or "degrees" or "deg") ? 1 : 0;
        var unit = at + degree < tokens.Count ? tokens[at + degree].Text : "";
        return unit switch
        {
            "c" or "celsius" => new Quantity(Dimension.Temperature, number, degree + 1),
            "f" or "fahrenheit" => new Quantity(Dimension.Temperature, (number - 32) / 1.8, degree + 1),
            _ => null,
        };
    }
}
