using System.Globalization;
using System.Text.Json;
using System.Text.RegularExpressions;
using Ikuzo.Core.Dishes;
using Ikuzo.Core.LineUps;
using Ikuzo.Core.Reading;
using static Ikuzo.Web.Features.Dishes.RecipeFile;

namespace Ikuzo.Web.Features.Dishes;

/// <summary>Reads a recipe as a dish, and lists what has no place in one.</summary>
internal static partial class RecipeReader
{
    private const int MostRead = 500; // lines; a long recipe has eighty

    /// <summary>Reads a recipe; the messages say what could not be taken over.</summary>
    /// <exception cref="FormatException">It is not a Recipe, or has nothing to cook.</exception>
    public static (DishDocument Dish, IReadOnlyList<string> NotMapped) Read(JsonElement root, CancellationToken cancellation)
    {
        var recipe = Find(root) ?? throw new FormatException("There is no schema.org Recipe in this file.");
        var read = new Reading(cancellation);
        foreach (var line in Lines(recipe, "recipeIngredient"))
        {
            read.Ingredient(line);
        }

        if (recipe.TryGetProperty("recipeInstructions", out var instructions))
        {
            Instructions(instructions, "", read);
        }

        read.PlaceByTheSteps();

        foreach (var line in Lines(recipe, "comment"))
        {
            read.Note(line);
        }

        return read.Items.Count == 0
            ? throw new FormatException("No poultry and nothing that we know was found among its ingredients.")
            : (read.ToDish(Text(recipe, "name") ?? "Imported dish", Yield(recipe)), [.. read.NotMapped, .. read.NotRead]);
    }

    // The recipe itself, in a list, or in a graph.
    private static JsonElement? Find(JsonElement at) =>
        at.ValueKind switch
        {
            JsonValueKind.Array => at.EnumerateArray().Select(Find).FirstOrDefault(r => r is not null),
            JsonValueKind.Object when Types(at).Contains("Recipe") => at,
            JsonValueKind.Object when at.TryGetProperty("@graph", out var graph) => Find(graph),
            _ => null,
        };

    private static IEnumerable<string> Types(JsonElement at) => Lines(at, "@type").Select(t => t[(t.LastIndexOf('/') + 1)..]);

    private static IEnumerable<string> Lines(JsonElement of, string name) =>
        !of.TryGetProperty(name, out var value)
            ? []
            : value.ValueKind switch
            {
                JsonValueKind.String => [value.GetString()!],
                JsonValueKind.Array => value.EnumerateArray().Where(v => v.ValueKind == JsonValueKind.String).Select(v => v.GetString()!),
                _ => [],
            };

    private static string? Text(JsonElement of, string name) => Lines(of, name).FirstOrDefault(t => !string.IsNullOrWhiteSpace(t));

    private static int Yield(JsonElement recipe) =>
        recipe.TryGetProperty("recipeYield", out var value)
        && Digits().Match(value.ToString()) is { Success: true } match
        && int.TryParse(match.Value, out var n)
            ? Math.Clamp(n, 1, DishDocument.MostServings)
            : 4;

    private static void Instructions(JsonElement at, string section, Reading read)
    {
        switch (at.ValueKind)
        {
            case JsonValueKind.String:
                read.Step(at.GetString()!, section);
                break;
            case JsonValueKind.Array:
                foreach (var step in at.EnumerateArray())
                {
                    Instructions(step, section, read);
                }

                break;
            case JsonValueKind.Object when at.TryGetProperty("itemListElement", out var steps):
                Instructions(steps, Text(at, "name") ?? section, read);
                break;
            case JsonValueKind.Object:
                read.Step(Text(at, "text") ?? Text(at, "name") ?? "", section);
                break;
        }
    }

    [GeneratedRegex(@"\d{1,3}", RegexOptions.CultureInvariant, matchTimeoutMilliseconds: 100)]
    private static partial Regex Digits();

    [GeneratedRegex(
        @"(?<n>\d+(?:[.,]\d+)?)\s*(?<unit>h(?:ours?)?|min(?:utes?)?)\b",
        RegexOptions.IgnoreCase | RegexOptions.CultureInvariant,
        matchTimeoutMilliseconds: 100
    )]
    private static partial Regex Duration();

    /// <summary>What was read so far.</summary>
    private sealed class Reading(CancellationToken cancellation)
    {
        private int _lines;

        private readonly List<string> _aromatics = [],
            _finish = [],
            _notes = [],
            _notMapped = [];
        private readonly List<string> _steps = [];
        private readonly List<JobBody> _meanwhile = [];
        private string? _seasoning,
            _deglaze;
        private bool _brown,
            _pressureSaid;
        private double? _marinadeHours,
            _crispMinutes,
            _restMinutes;
        private ThawWay? _thaw;

        private readonly Dictionary<string, string> _lineOf = [];

        public List<DishItem> Items { get; } = [];

        public IReadOnlyList<string> NotMapped => _notMapped;

        /// <summary>What is said of lines beyond those that are read.</summary>
        public IEnumerable<string> NotRead => _lines > MostRead ? [$"{_lines - MostRead} more lines were not read."] : [];

        private bool IsRead()
        {
            cancellation.ThrowIfCancellationRequested();
            return ++_lines <= MostRead;
        }

        // A thing that the steps name only after the pot was opened goes in then, or stands beside.
        public void PlaceByTheSteps()
        {
            for (var i = 0; i < Items.Count; i++)
            {
                Items[i] = RecipeSteps.Placed(Items[i], _lineOf.GetValueOrDefault(Items[i].Key, ""), _steps);
            }
        }

        public void Ingredient(string line)
        {
            if (!IsRead())
            {
                return;
            }

            var key = FormattableString.Invariant($"item-{Items.Count + 1}");
            if (Items.Count < DishRequest.MostItems && DishLine.Read(line, key) is { } item and not LineItem)
            {
                Items.Add(item);
                _lineOf[key] = line;
                return;
            }

            Keep(_aromatics, line, "Kept in words, it changes no minutes");
        }

        public void Note(string line)
        {
            if (IsRead())
            {
                Keep(_notes, line, null);
            }
        }

        public void Step(string text, string section)
        {
            if (!IsRead())
            {
                return;
            }

            if (section == UnderPressure)
            {
                if (!_pressureSaid)
                {
                    _notMapped.Add("Minutes and release of the file are not taken over: they are computed for this pot.");
                }

                _pressureSaid = true;
            }
            else if (section == Meanwhile && Minutes(text) is { } minutes)
            {
                _meanwhile.Add(
                    new JobBody(
                        Cut(text[..(text.LastIndexOf('(') is > 0 and var at ? at : text.Length)].Trim()),
                        Math.Clamp(minutes, 1, 120)
                    )
                );
            }
            else if (!Known(text))
            {
                _steps.Add(text);
                Plainly(text);
                Keep(section == AtTheEnd ? _finish : _notes, text, section == AtTheEnd ? null : "Kept as a note");
            }
        }

        public DishDocument ToDish(string name, int servings) =>
            new()
            {
                Name = name.Length > DishDocument.MostNameCharacters ? name[..DishDocument.MostNameCharacters] : name,
                Servings = servings,
                Items = [.. Items.Select(DishItemBody.Of)],
                Aromatics = _aromatics,
                Seasoning = _seasoning,
                Brown = _brown,
                DeglazeWith = _deglaze,
                MarinadeHours = _marinadeHours,
                CrispMinutes = _crispMinutes,
                RestMinutes = _restMinutes,
                Thaw = _thaw,
                Meanwhile = _meanwhile,
                Finish = _finish,
                Notes = _notes,
            };

        // What a step of another's recipe says plainly; the step itself stays a note.
        private void Plainly(string text)
        {
            var step = RecipeStep.Read(text);
            _brown |= step.Browned == true;
            _marinadeHours ??= Math.Min(48, step.MarinadeHours ?? 0) is > 0 and var hours ? hours : null;
            _crispMinutes ??= Math.Min(60, step.CrispMinutes ?? 0) is > 0 and var crisp ? crisp : null;
            if (step is { Minutes: not null } or { Release: not null } && !_pressureSaid)
            {
                _notMapped.Add("Minutes and release of the recipe are kept as a note: they are computed for this pot.");
                _pressureSaid = true;
            }
        }

        // Steps that have a place of their own in a dish.
        private bool Known(string text)
        {
            var said = text.ToLowerInvariant();
            if (said.StartsWith("thaw in ", StringComparison.Ordinal))
            {
                _thaw = said.Contains("water", StringComparison.Ordinal) ? ThawWay.ColdWater : ThawWay.Fridge;
            }
            else if (said.StartsWith("season with ", StringComparison.Ordinal))
            {
                _seasoning = Cut(text["season with ".Length..].TrimEnd('.'));
            }
            else if (said.StartsWith("marinate ", StringComparison.Ordinal) && Minutes(text) is { } marinade)
            {
                _marinadeHours = Math.Min(48, marinade / 60);
            }
            else if (said.StartsWith("brown ", StringComparison.Ordinal) && said.Contains("loosen with ", StringComparison.Ordinal))
            {
                _brown = true;
                _deglaze = Cut(text[(said.IndexOf("loosen with ", StringComparison.Ordinal) + "loosen with ".Length)..].TrimEnd('.'));
            }
            else if (said.StartsWith("brown the meat", StringComparison.Ordinal))
            {
                _brown = true;
            }
            else if (said.StartsWith("crisp ", StringComparison.Ordinal) && Minutes(text) is { } crisp)
            {
                _crispMinutes = Math.Min(60, crisp);
            }
            else if (said.StartsWith("rest ", StringComparison.Ordinal) && Minutes(text) is { } rest)
            {
                _restMinutes = Math.Min(60, rest);
            }
            else
            {
                return false;
            }

            return true;
        }

        private void Keep(List<string> list, string line, string? message)
        {
            if (string.IsNullOrWhiteSpace(line))
            {
                return;
            }

            var cut = Cut(line.Trim());
            if (list.Count == DishDocument.MostLines)
            {
                _notMapped.Add($"Left out, there are more than {DishDocument.MostLines} lines: {cut}");
                return;
            }

            list.Add(cut);
            if (message is not null)
            {
                _notMapped.Add($"{message}: {cut}");
            }
        }

        private static string Cut(string text) =>
            text.Length > DishDocument.MostLineCharacters ? text[..DishDocument.MostLineCharacters] : text;

        private static double? Minutes(string text) =>
            Duration().Match(text) is { Success: true } m
            && double.TryParse(
                m.Groups["n"].Value.Replace(',', '.'),
                NumberStyles.AllowDecimalPoint,
                CultureInfo.InvariantCulture,
                out var n
            )
                ? n * (m.Groups["unit"].Value.StartsWith('h') || m.Groups["unit"].Value.StartsWith('H') ? 60 : 1)
                : null;
    }
}
