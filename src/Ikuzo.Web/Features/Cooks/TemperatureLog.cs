using System.Globalization;
using CsvHelper;
using CsvHelper.Configuration;

namespace Ikuzo.Web.Features.Cooks;

/// <summary>Reads a log of temperatures: a column with time, then any number of channels in °C or °F.</summary>
internal static class TemperatureLog
{
    public const int MostBytes = 1024 * 1024;
    private const int MostRows = 20_000,
        MostChannels = 16,
        MostNameCharacters = 40;
    private const double LeastCelsius = -40,
        MostCelsius = 400,
        MostMinutes = 24 * 60;

    /// <summary>The channels of a log.</summary>
    /// <param name="text">
    /// CSV with comma, semicolon or tab; a heading is wanted. Time is in minutes, in seconds when the heading says so, as h:mm:ss, or on
    /// the wall.
    /// </param>
    /// <param name="lidOnAt">Lid-on, for times on the wall; null when the lid was never on.</param>
    /// <param name="cancellation">Stops it.</param>
    /// <exception cref="FormatException">It is no such log.</exception>
    public static IReadOnlyList<TemperatureChannel> Read(string text, DateTimeOffset? lidOnAt, CancellationToken cancellation)
    {
        using var csv = new CsvReader(
            new StringReader(text),
            new CsvConfiguration(CultureInfo.InvariantCulture)
            {
                DetectDelimiter = true,
                DetectDelimiterValues = [";", ",", "\t"],
                BadDataFound = null,
                MissingFieldFound = null,
            }
        );
        if (!csv.Read() || !csv.ReadHeader() || csv.HeaderRecord is not { Length: >= 2 and <= MostChannels + 1 } heading)
        {
            throw new FormatException($"The first line must name a column of time and one to {MostChannels} channels.");
        }

        if (heading.Any(h => h.Length > MostNameCharacters || h.Contains('<', StringComparison.Ordinal)))
        {
            throw new FormatException($"A heading is longer than {MostNameCharacters} characters or contains markup.");
        }

        var channels = heading
            .Skip(1)
            .Select(
                (name, i) =>
                    (
                        Name: string.IsNullOrWhiteSpace(name) ? $"channel {i + 1}" : name.Trim(),
                        Minutes: new List<double>(),
                        Celsius: new List<double>()
                    )
            )
            .ToArray();
        while (csv.Read())
        {
            cancellation.ThrowIfCancellationRequested();
            Row(csv, heading, channels, lidOnAt);
        }

        // Two columns may have one name, and a log may go back in time.
        return channels.Any(c => c.Minutes.Count > 0)
            ?
            [
                .. channels
                    .Where(c => c.Minutes.Count > 0)
                    .GroupBy(c => c.Name)
                    .Select(g => InOrder(g.Key, g.SelectMany(c => c.Minutes.Zip(c.Celsius)))),
            ]
            : throw new FormatException("There is no temperature in this file.");
    }

    private static TemperatureChannel InOrder(string name, IEnumerable<(double Minutes, double Celsius)> values)
    {
        var inOrder = values.OrderBy(v => v.Minutes).ToList();
        return new(name, [.. inOrder.Select(v => v.Minutes)], [.. inOrder.Select(v => v.Celsius)]);
    }

    private static void Row(
        CsvReader csv,
        string[] heading,
        (string Name, List<double> Minutes, List<double> Celsius)[] channels,
        DateTimeOffset? lidOnAt
    )
    {
        var line = csv.Parser.Row;
        if (line > MostRows)
        {
            throw new FormatException($"The log has more than {MostRows} lines.");
        }

        var minutes =
            Minutes(csv.GetField(0) ?? "", heading[0], lidOnAt)
            ?? throw new FormatException($"Line {line}: \"{Short(csv.GetField(0))}\" is not a time.");
        if (minutes is < -MostMinutes or > MostMinutes)
        {
            throw new FormatException($"Line {line}: the time is more than a day from lid-on.");
        }

        for (var i = 0; i < channels.Length; i++)
        {
            var field = csv.GetField(i + 1)?.Trim();
            if (string.IsNullOrEmpty(field))
            {
                continue; // a channel that was silent
            }

            channels[i].Minutes.Add(Math.Round(minutes, 3));
            channels[i]
                .Celsius.Add(
                    Celsius(field, heading[i + 1])
                        ?? throw new FormatException(
                            $"Line {line}: \"{Short(field)}\" is not a temperature between {LeastCelsius} and {MostCelsius} °C."
                        )
                );
        }
    }

    private static double? Minutes(string field, string heading, DateTimeOffset? lidOnAt)
    {
        if (Number(field) is { } number)
        {
            return
                heading.Contains("sec", StringComparison.OrdinalIgnoreCase) || heading.EndsWith("(s)", StringComparison.OrdinalIgnoreCase)
                ? number / 60
                : number;
        }

        if (
            field.Contains(':', StringComparison.Ordinal)
            && !field.Contains('-', StringComparison.Ordinal)
            && TimeSpan.TryParse(field, CultureInfo.InvariantCulture, out var span)
        )
        {
            return span.TotalMinutes;
        }

        return
            lidOnAt is { } lid
            && DateTimeOffset.TryParse(field, CultureInfo.InvariantCulture, DateTimeStyles.AssumeUniversal, out var moment)
            ? (moment - lid).TotalMinutes
            : null;
    }

    private static double? Celsius(string field, string heading)
    {
        var fahrenheit =
            heading.Contains("°F", StringComparison.OrdinalIgnoreCase)
            || heading.Contains("fahrenheit", StringComparison.OrdinalIgnoreCase)
            || heading.EndsWith("(F)", StringComparison.OrdinalIgnoreCase);
        return
            Number(field) is { } number && (fahrenheit ? (number - 32) / 1.8 : number) is >= LeastCelsius and <= MostCelsius and var celsius
            ? Math.Round(celsius, 2)
            : null;
    }

    private static double? Number(string field) =>
        double.TryParse(field.Replace(',', '.'), NumberStyles.Float, CultureInfo.InvariantCulture, out var number)
        && double.IsFinite(number)
            ? number
            : null;

    private static string Short(string? text) => text is { Length: > 30 } ? text[..30] : text ?? "";
}
