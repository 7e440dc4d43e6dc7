using System.Globalization;
using CsvHelper;
using CsvHelper.Configuration;
using Ikuzo.Core.Book;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Reading;
using Ikuzo.Core.Running.Journal;
using Ikuzo.Web.Errors;
using Ikuzo.Web.Features.Cooks;
using Ikuzo.Web.Features.Kitchen;
using Ikuzo.Web.Features.Plans;

namespace Ikuzo.Web.Features.Book;

/// <summary>Reads a table of cooks that was kept elsewhere. Columns are found by their names, or as somebody says.</summary>
internal static class BookTable
{
    private const int MostColumns = 100;

    /// <summary>What a column may be, each with names under which it is found.</summary>
    public static readonly IReadOnlyDictionary<string, string[]> Fields = new Dictionary<string, string[]>
    {
        ["date"] = ["date", "when", "cooked", "cookedat", "day"],
        ["name"] = ["name", "dish", "title", "recipe"],
        ["meat"] = ["meat", "cut", "what", "text"],
        ["pieces"] = ["pieces", "number", "count"],
        ["kg"] = ["kg", "totalkg", "weight", "weightkg"],
        ["minutes"] = ["minutes", "min", "time"],
        ["release"] = ["release", "venting", "vent"],
        ["celsius"] = ["celsius", "core", "temperature", "lowestcelsius", "c"],
        ["notes"] = ["notes", "note", "nexttime", "comment"],
    };

    /// <summary>What its columns would be read as, with the first rows of each; nothing is taken.</summary>
    /// <exception cref="FormatException">It is no table.</exception>
    public static IReadOnlyList<TableColumn> Columns(string text, IReadOnlyDictionary<string, string> mapping)
    {
        const int Examples = 3;
        using var csv = new CsvReader(new StringReader(text), Configuration);
        var header = Header(csv);
        var read = Read(header, mapping);
        List<string>[] examples = [.. header.Select(_ => new List<string>())];
        for (var row = 0; row < Examples && csv.Read(); row++)
        {
            for (var i = 0; i < header.Length; i++)
            {
                examples[i].Add(csv.GetField(i)?.Trim() ?? "");
            }
        }

        return [.. header.Select((name, i) => new TableColumn(name, read.GetValueOrDefault(name), examples[i]))];
    }

    private static CsvConfiguration Configuration =>
        new(CultureInfo.InvariantCulture)
        {
            DetectDelimiter = true,
            MissingFieldFound = null,
            BadDataFound = null,
            MaxFieldSize = 2000,
        };

    private static string[] Header(CsvReader csv) =>
        csv.Read() && csv.ReadHeader() && csv.HeaderRecord is { Length: > 1 and <= MostColumns } header
            ? header
            : throw new FormatException("The file has no line with the names of its columns.");

    // A column that somebody says is nothing ("") is not read, whatever its name.
    private static Dictionary<string, string> Read(string[] header, IReadOnlyDictionary<string, string> mapping)
    {
        Dictionary<string, string> columns = [];
        foreach (var column in header)
        {
            var name = new string([.. column.ToLowerInvariant().Where(char.IsLetterOrDigit)]);
            var field = mapping.GetValueOrDefault(column) ?? Fields.FirstOrDefault(f => f.Value.Contains(name)).Key;
            if (field is not null && Fields.ContainsKey(field))
            {
                columns[column] = field;
            }
        }

        return columns;
    }

    /// <summary>Reads the rows.</summary>
    /// <param name="text">The table, its first line with names.</param>
    /// <param name="mapping">Field by column, for columns with other names.</param>
    /// <param name="usual">The kitchen.</param>
    /// <param name="now">The present moment.</param>
    /// <param name="refused">Gets a line for each row that cannot be taken.</param>
    /// <param name="columns">Gets what each column was read as.</param>
    /// <exception cref="FormatException">It is no table, or too long a one.</exception>
    public static IEnumerable<(string Name, PlannedBody Planned, IReadOnlyList<CookEvent> Journal, CookVerdict Verdict)> Read(
        string text,
        IReadOnlyDictionary<string, string> mapping,
        UsualKitchen usual,
        DateTimeOffset now,
        List<string> refused,
        Dictionary<string, string> columns
    )
    {
        using var csv = new CsvReader(new StringReader(text), Configuration);
        var header = Header(csv);
        foreach (var (column, field) in Read(header, mapping))
        {
            columns[column] = field;
        }

        if (!columns.ContainsValue("meat") && !columns.ContainsValue("name"))
        {
            throw new FormatException($"No column says what was cooked. Columns: {string.Join(", ", header)}. Say which is which.");
        }

        // Many rows say the same.
        Dictionary<string, Question> heard = [];
        Question Hear(string said) =>
            heard.TryGetValue(said, out var known) ? known : heard[said] = CounterText.Read(said, usual.Settings.Units);
        for (var row = 2; csv.Read(); row++)
        {
            if (row > BookFile.MostCooks + 1)
            {
                throw new FormatException($"The table has more than {BookFile.MostCooks} rows. Divide it.");
            }

            string? Get(string field) =>
                columns.FirstOrDefault(c => c.Value == field).Key is { } column ? csv.GetField(column)?.Trim() : null;
            if (Row(Get, Hear, usual, now, out var why) is { } cook)
            {
                yield return cook;
            }
            else
            {
                refused.Add($"Row {row}: {why}");
            }
        }
    }

    private static (string, PlannedBody, IReadOnlyList<CookEvent>, CookVerdict)? Row(
        Func<string, string?> get,
        Func<string, Question> hear,
        UsualKitchen usual,
        DateTimeOffset now,
        out string why
    )
    {
        var said = string.Join(
            ' ',
            new[] { get("pieces"), get("meat") ?? get("name"), get("kg") is { } kg ? $"{kg} kg" : null }.OfType<string>()
        );
        if (said.Length > CounterText.MostCharacters)
        {
            why = "its meat is longer than a question may be.";
            return null;
        }

        var question = hear(said);
        if (question.Meat is not { } meat)
        {
            why = $"\"{said}\" names no meat that is known here.";
            return null;
        }

        if (
            !double.TryParse(get("minutes"), NumberStyles.Float, CultureInfo.InvariantCulture, out var minutes)
            || minutes is not (>= 0 and <= 240)
        )
        {
            why = $"\"{get("minutes")}\" is not a number of minutes from 0 to 240.";
            return null;
        }

        var date = get("date");
        DateTimeOffset at = default;
        if (
            date is null
            || !DateTimeOffset.TryParse(date, CultureInfo.InvariantCulture, DateTimeStyles.AssumeUniversal, out at)
            || at > now
            || at.Year < 2000
        )
        {
            why = $"\"{date}\" is not a day in the past, as in 2026-03-14.";
            return null;
        }

        why = "";
        var celsius =
            double.TryParse(get("celsius"), NumberStyles.Float, CultureInfo.InvariantCulture, out var read) && read is > -30 and < 130
                ? read
                : (double?)null;
        var release = hear(get("release") is { Length: > 0 and < 40 } way ? way : "natural").Release ?? Release.Natural;
        var planned = Planned(meat, minutes, release, usual);
        var note =
            get("notes") is { Length: > 0 } notes && new PlainTextAttribute().IsValid(notes) ? notes[..Math.Min(notes.Length, 500)] : null;
        var name =
            get("name") is { Length: > 0 and <= 80 } called && new PlainTextAttribute().IsValid(called)
                ? called
                : $"{meat.Pieces} {meat.Cut.Plural}";
        return (name, planned, WrittenIn.Journal(planned.ToCook(usual), at, celsius, note), WrittenIn.Verdict(celsius));
    }

    private static PlannedBody Planned(AskedMeat meat, double minutes, Release release, UsualKitchen usual) =>
        PlannedBody.Over(
            usual,
            usual.Kept[0],
            new()
            {
                Load = LoadBody.Of(
                    new MeatLoad
                    {
                        Cut = meat.Cut,
                        Pieces = meat.Pieces,
                        TotalKg = Math.Round(meat.TotalKg, 3),
                    }
                ),
                Minutes = minutes,
                Release = ReleaseBody.Of(release),
            },
            WrittenIn.ComeUpMinutes,
            WrittenIn.ReleaseMinutes(release)
        );
}
