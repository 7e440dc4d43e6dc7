using System.Globalization;
using System.Text.Json;
using System.Text.Json.Nodes;
using System.Text.RegularExpressions;
using Ikuzo.Core.Asking;
using Ikuzo.Core.Dishes;
using Ikuzo.Core.LineUps;

namespace Ikuzo.Web.Features.Dishes;

/// <summary>A dish as schema.org Recipe in JSON-LD, written and read.</summary>
internal static partial class RecipeFile
{
    public const string ContentType = "application/ld+json";
    private const string Before = "Before",
        UnderPressure = "Under pressure",
        AtTheEnd = "At the end",
        Meanwhile = "Meanwhile";

    /// <summary>The recipe of a dish. The stages are for people: they are computed anew when it is read.</summary>
    public static JsonObject Write(DishDocument dish, IReadOnlyList<DishItem> items, DishPlan plan) =>
        new()
        {
            ["@context"] = "https://schema.org",
            ["@type"] = "Recipe",
            ["name"] = dish.Name,
            ["recipeYield"] = FormattableString.Invariant($"{dish.Servings} servings"),
            ["recipeIngredient"] = Texts(items.Select(IngredientReader.Write).Concat(dish.Aromatics ?? [])),
            ["recipeInstructions"] = new JsonArray(
                Section(Before, BeforeSteps(dish)),
                Section(
                    UnderPressure,
                    (plan.Best?.Stages ?? []).Select(
                        (s, i) =>
                            FormattableString.Invariant(
                                $"Stage {i + 1}: {s.LiquidMl:0} ml of thin liquid, {s.Minutes:0} min at high pressure. {s.Why}"
                            )
                    )
                ),
                Section(Meanwhile, (dish.Meanwhile ?? []).Select(j => FormattableString.Invariant($"{j.Text} ({j.Minutes:0} min)"))),
                Section(AtTheEnd, EndSteps(dish))
            ),
            ["totalTime"] = plan.Best is { } best ? FormattableString.Invariant($"PT{Math.Ceiling(best.TotalMinutes.P95):0}M") : null,
            ["comment"] = Texts(dish.Notes ?? []),
        };

    /// <summary>Reads a recipe; the messages say what could not be taken over.</summary>
    /// <exception cref="FormatException">It is not a Recipe, or has nothing to cook.</exception>
    public static (DishDocument Dish, IReadOnlyList<string> NotMapped) Read(JsonElement root)
    {
        var recipe = Find(root) ?? throw new FormatException("There is no schema.org Recipe in this file.");
        var read = new Reading();
        foreach (var line in Lines(recipe, "recipeIngredient"))
        {
            read.Ingredient(line);
        }

        if (recipe.TryGetProperty("recipeInstructions", out var instructions))
        {
            Instructions(instructions, "", read);
        }

        foreach (var line in Lines(recipe, "comment"))
        {
            read.Note(line);
        }

        return read.Items.Count == 0
            ? throw new FormatException("No poultry and nothing that we know was found among its ingredients.")
            : (read.ToDish(Text(recipe, "name") ?? "Imported dish", Yield(recipe)), read.NotMapped);
    }

    private static IEnumerable<string> BeforeSteps(DishDocument dish)
    {
        if (dish.Thaw is ThawWay.Fridge or ThawWay.ColdWater)
        {
            yield return dish.Thaw == ThawWay.Fridge ? "Thaw in the fridge." : "Thaw in cold water.";
        }

        if (dish.Seasoning is { } seasoning)
        {
            yield return $"Season with {seasoning}.";
        }

        if (dish.MarinadeHours > 0)
        {
            yield return FormattableString.Invariant($"Marinate for {dish.MarinadeHours:0.##} hours in the fridge.");
        }

        if (dish.Brown == true)
        {
            yield return $"Brown in batches{(dish.DeglazeWith is { } with ? $" and loosen with {with}" : "")}.";
        }
    }

    private static IEnumerable<string> EndSteps(DishDocument dish)
    {
        if (dish.RestMinutes is { } rest)
        {
            yield return FormattableString.Invariant($"Rest for {rest:0.##} minutes.");
        }

        if (dish.CrispMinutes > 0)
        {
            yield return FormattableString.Invariant($"Crisp for {dish.CrispMinutes:0.##} minutes under the grill.");
        }

        foreach (var line in dish.Finish ?? [])
        {
            yield return line;
        }
    }

    private static JsonObject Section(string name, IEnumerable<string> steps) =>
        new()
        {
            ["@type"] = "HowToSection",
            ["name"] = name,
            ["itemListElement"] = new JsonArray([.. steps.Select(text => new JsonObject { ["@type"] = "HowToStep", ["text"] = text })]),
        };

    private static JsonArray Texts(IEnumerable<string> texts) => new([.. texts.Select(t => JsonValue.Create(t))]);

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
    private sealed class Reading
    {
        private readonly List<string> _aromatics = [],
            _finish = [],
            _notes = [],
            _notMapped = [];
        private readonly List<JobBody> _meanwhile = [];
        private string? _seasoning,
            _deglaze;
        private bool _brown,
            _pressureSaid;
        private double? _marinadeHours,
            _crispMinutes,
            _restMinutes;
        private ThawWay? _thaw;

        public List<DishItem> Items { get; } = [];

        public IReadOnlyList<string> NotMapped => _notMapped;

        public void Ingredient(string line)
        {
            var key = FormattableString.Invariant($"item-{Items.Count + 1}");
            if (Items.Count < DishRequest.MostItems && IngredientReader.Read(line, key) is { } item)
            {
                Items.Add(item);
                return;
            }

            Keep(_aromatics, line, "Kept in words, it changes no minutes");
        }

        public void Note(string line) => Keep(_notes, line, null);

        public void Step(string text, string section)
        {
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
            else if (said.Contains("marinat", StringComparison.Ordinal) && Minutes(text) is { } marinade)
            {
                _marinadeHours = Math.Min(48, marinade / 60);
            }
            else if (said.StartsWith("brown ", StringComparison.Ordinal))
            {
                _brown = true;
                _deglaze = said.IndexOf("loosen with ", StringComparison.Ordinal) is >= 0 and var at
                    ? Cut(text[(at + "loosen with ".Length)..].TrimEnd('.'))
                    : null;
            }
            else if (
                (said.Contains("crisp", StringComparison.Ordinal) || said.Contains("grill", StringComparison.Ordinal))
                && Minutes(text) is { } crisp
            )
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
