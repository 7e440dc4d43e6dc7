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

    /// <summary>Time, min.</summary>
    Time,
}

/// <summary>A quantity that was read.</summary>
/// <param name="Dimension">What it measures.</param>
/// <param name="Value">In kg, m, ml, °C or min; the greatest of a range.</param>
/// <param name="Tokens">Tokens that it took.</param>
/// <param name="Least">The least of a range; null for a single quantity.</param>
public readonly record struct Quantity(Dimension Dimension, double Value, int Tokens, double? Least = null)
{
    /// <summary>The middle of a range, or the value itself.</summary>
    public double Middle => ((Least ?? Value) + Value) / 2;
}

/// <summary>A number or a range of numbers that was read.</summary>
/// <param name="Least">The least.</param>
/// <param name="Most">The greatest; the same for a single number.</param>
/// <param name="Tokens">Tokens that it took.</param>
public readonly record struct NumberSpan(double Least, double Most, int Tokens)
{
    /// <summary>The middle of a range, or the number itself.</summary>
    public double Middle => (Least + Most) / 2;
}

/// <summary>
/// The one reader of numbers with and without units: "3 lb 4 oz", "1,5 kg", "half a kilo", "1 1/4 inch", "8qt", "74C", "2-3 lb", "2 to 3".
/// </summary>
public static class QuantityReader
{
    private static readonly (Dimension Dimension, double Factor, string Names)[] UnitNames =
    [
        (Dimension.Mass, 1, "kg kgs kilo kilos kilogram kilograms kilogramme kilogrammes"),
        (Dimension.Mass, 0.001, "g gr gm gms grs gram grams gramme grammes"),
        (Dimension.Mass, Wording.PoundKg, "lb lbs ib ibs lbm pound pounds #"),
        (Dimension.Mass, Wording.PoundKg / 16, "oz ounce ounces"),
        (Dimension.Length, 0.001, "mm millimetre millimetres millimeter millimeters"),
        (Dimension.Length, 0.01, "cm centimetre centimetres centimeter centimeters"),
        (Dimension.Length, Wording.InchMm / 1000, "inch inches inchs \""),
        (Dimension.Length, 1, "m metre metres meter meters"),
        (Dimension.Length, Wording.FootMetres, "ft foot feet"),
        (Dimension.Time, 1, "min mins minute minutes minuets"),
        (Dimension.Time, 60, "h hr hrs hour hours"),
        (Dimension.Time, 1440, "day days"),
        (Dimension.Time, 7 * 1440, "week weeks wk wks"),
        (Dimension.Volume, 1, "ml mls millilitre millilitres milliliter milliliters"),
        (Dimension.Volume, 1000, "l ltr ltrs litre litres liter liters"),
        (Dimension.Volume, Wording.QuartMl, "qt qts quart quarts"),
        (Dimension.Volume, Wording.QuartMl / 2, "pint pints pt pts"),
        (Dimension.Volume, Wording.CupMl, "cup cups cupful cupfuls"),
        (Dimension.Volume, Wording.CupMl / 16, "tbsp tbsps tbs tbl tblsp tablespoon tablespoons tablespoonful tablespoonfuls"),
        (Dimension.Volume, Wording.CupMl / 48, "tsp tsps teaspoon teaspoons teaspoonful teaspoonfuls"),
        (Dimension.Volume, 10, "cl centilitre centilitres"),
        (Dimension.Volume, 100, "dl decilitre decilitres"),
    ];

    private static readonly Dictionary<string, (Dimension Dimension, double Factor)> Units = UnitNames
        .SelectMany(u => u.Names.Split(' ').Select(name => (name, (u.Dimension, u.Factor))))
        .ToDictionary(u => u.name, u => u.Item2);

    /// <summary>True for the name of a unit.</summary>
    internal static bool IsUnit(string word) => Units.ContainsKey(word);

    /// <summary>The names of units that are long enough to be seen through a slip.</summary>
    internal static IReadOnlyList<string> LongUnits { get; } =
    [.. Units.Keys.Where(name => name.Length >= 4 && name.All(char.IsAsciiLetter))];

    /// <summary>Reads a number, or a range of two, that starts at a token; null when there is none.</summary>
    public static NumberSpan? NumberAt(IReadOnlyList<Token> tokens, int at)
    {
        if (tokens[at].Text is "between" && at + 1 < tokens.Count)
        {
            return
                NumberWords.OneAt(tokens, at + 1) is var (from, one)
                && at + one + 2 < tokens.Count
                && tokens[at + one + 1].Text is "and" or "to" or Tokens.To
                && NumberWords.ReadAt(tokens, at + one + 2) is var (to, two)
                && to > from
                ? new(from, to, one + two + 2)
                : null;
        }

        if (NumberWords.ReadAt(tokens, at) is not var (least, length))
        {
            return null;
        }

        var next = at + length;
        return
            next + 1 < tokens.Count
            && tokens[next].Text is (Tokens.To or "to" or "or")
            && NumberWords.ReadAt(tokens, next + 1) is var (most, more)
            && most > least
            && most <= MostOfRange * least
            ? new(least, most, length + 1 + more)
            : new(least, least, length);
    }

    private const double MostOfRange = 12; // "two - 700 g" are two numbers; choice

    /// <summary>Reads a quantity that starts at a token; null when there is none.</summary>
    public static Quantity? ReadAt(IReadOnlyList<Token> tokens, int at)
    {
        // "a pound of wings", "an inch": one, where the unit is written out.
        if (tokens[at].Text is "a" or "an" && at + 1 < tokens.Count && tokens[at + 1].Text.Length > 2 && UnitAt(tokens, at + 1) is { } one)
        {
            return More(tokens, at, new Quantity(one.Dimension, one.Factor, 2), one.Factor);
        }

        if (tokens[at].Text == "minus" && at + 1 < tokens.Count && ReadAt(tokens, at + 1) is { Dimension: Dimension.Temperature } above)
        {
            return Below(tokens, at + 1, above);
        }

        if (NumberAt(tokens, at) is not { } number)
        {
            return null;
        }

        var next = at + number.Tokens;
        var unitAt = tokens[at].Text == "half" && next < tokens.Count && tokens[next].Text is ("a" or "an" or "n") ? next + 1 : next;
        if (TemperatureAt(tokens, unitAt) is var (celsius, length))
        {
            return Span(Dimension.Temperature, number, celsius, unitAt - at + length);
        }

        return UnitAt(tokens, unitAt) is { } unit
            ? More(tokens, at, Span(unit.Dimension, number, n => n * unit.Factor, unitAt - at + 1), unit.Factor)
            : null;
    }

    // "minus 18 degrees"; of °F what is said is turned, not what it is in °C.
    private static Quantity Below(IReadOnlyList<Token> tokens, int at, Quantity above)
    {
        var number = NumberAt(tokens, at)!.Value;
        var (toCelsius, _) = TemperatureAt(tokens, at + number.Tokens)!.Value;
        return new(Dimension.Temperature, toCelsius(-number.Most), above.Tokens + 1);
    }

    // "3 lb 4 oz", "a pound and a half", "1kg500", "2lb4".
    private static Quantity More(IReadOnlyList<Token> tokens, int at, Quantity first, double factor) =>
        first.Least is not null ? first : AndSmaller(tokens, at, AndAHalf(tokens, at, first, factor), factor);

    private static Quantity AndAHalf(IReadOnlyList<Token> tokens, int at, Quantity first, double factor)
    {
        var next = at + first.Tokens;
        string? Word(int i) => next + i < tokens.Count ? tokens[next + i].Text : null;
        return
            Word(0) is "and"
            && Word(1) is "a"
            && Word(2) is ("half" or "quarter") and var part
            && !(Word(3) is { } unit && (IsUnit(unit) || unit is "a" or "an"))
            ? first with
            {
                Value = first.Value + (part == "half" ? 0.5 : 0.25) * factor,
                Tokens = first.Tokens + 3,
            }
            : first;
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
            _ when ReadAt(tokens, 0) is { } q && q.Dimension == dimension && q.Tokens == tokens.Count && q.Least is null => q.Value,
            _ => null,
        };
    }

    /// <summary>Reads a text that is one temperature and nothing else, and the scale in which it was said.</summary>
    /// <param name="text">What was typed.</param>
    /// <param name="bare">Scale of a bare number.</param>
    public static (double Celsius, TemperatureScale Scale)? ReadTemperature(string text, TemperatureScale bare)
    {
        TemperatureScale? said = Tokens.Split(text) switch
        {
            [.., { Text: "f" or "fahrenheit" }] => TemperatureScale.Fahrenheit,
            [.., { Text: "c" or "celsius" }] => TemperatureScale.Celsius,
            _ => null,
        };
        var whole = said is null ? $"{text} {(bare == TemperatureScale.Fahrenheit ? "f" : "c")}" : text;
        return Read(whole, Dimension.Temperature, 1) is { } celsius ? (celsius, said ?? bare) : null;
    }

    private static Quantity Span(Dimension dimension, NumberSpan number, Func<double, double> toSi, int tokens) =>
        new(dimension, toSi(number.Most), tokens, number.Tokens > 1 ? toSi(number.Least) : null);

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

    // Grams of a kilo, ounces of a pound, minutes of an hour: nobody says a pound and 500 g of one thing.
    private static bool IsPartOf(double small, double large) => Math.Round(large / small, 6) is 16 or 60 or 1000 or 24 * 60;

    private static Quantity AndSmaller(IReadOnlyList<Token> tokens, int at, Quantity first, double factor)
    {
        var next = at + first.Tokens;
        // "1 kg and 300 g potatoes" are two things; nobody says "2 lb and 4 oz" of two.
        var and = next < tokens.Count && tokens[next].Text == "and" && factor != 1 ? 1 : 0;
        var from = next + and;
        // "1.96 kg 200 g carrots" are two as well.
        var isWhole = first.Value / factor % 1 == 0;
        if (!isWhole || first.Dimension is not (Dimension.Mass or Dimension.Time) || from >= tokens.Count || tokens[from].Number is null)
        {
            return first;
        }

        var (more, length) = NumberWords.ReadAt(tokens, from)!.Value;
        if (first.Dimension == Dimension.Time && from + length < tokens.Count && tokens[from + length].Text == "m")
        {
            return first with { Value = first.Value + more, Tokens = first.Tokens + and + length + 1 }; // "1h 20m"
        }

        if (UnitAt(tokens, from + length) is { } unit)
        {
            return unit.Dimension == first.Dimension && IsPartOf(unit.Factor, factor)
                ? first with
                {
                    Value = first.Value + more * unit.Factor,
                    Tokens = first.Tokens + and + length + 1,
                }
                : first;
        }

        return and == 0 && Bare(tokens, from, more, factor) is { } smaller
            ? first with
            {
                Value = first.Value + more * smaller,
                Tokens = first.Tokens + length,
            }
            : first;
    }

    // What hangs on a unit without one of its own: grams after kilograms ("1kg500", "1 kg 500"), ounces after pounds ("2lb4").
    private static double? Bare(IReadOnlyList<Token> tokens, int at, double number, double factor)
    {
        const double Gram = 0.001;
        var isHundreds = number is >= 100 and < 1000 && number == Math.Floor(number);
        return factor == 1 && isHundreds && !tokens[at].IsApart ? Gram
            : factor == Wording.PoundKg && number is >= 1 and < 16 && tokens[at].IsGlued ? Wording.PoundKg / 16
            : null;
    }

    private static (Func<double, double> ToCelsius, int Tokens)? TemperatureAt(IReadOnlyList<Token> tokens, int at)
    {
        var degree = at < tokens.Count && tokens[at].Text is ("°" or "degrees" or "deg") ? 1 : 0;
        var unit = at + degree < tokens.Count ? tokens[at + degree].Text : "";
        return unit switch
        {
            "c" or "celsius" => (celsius => celsius, degree + 1),
            "f" or "fahrenheit" => (Temperatures.FromFahrenheit, degree + 1),
            _ => null,
        };
    }
}
