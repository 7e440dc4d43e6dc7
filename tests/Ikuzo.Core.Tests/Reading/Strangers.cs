using System.Text.Json;
using Ikuzo.Core.Companions;
using Ikuzo.Core.Dishes;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Quantities;
using Ikuzo.Core.Reading;

namespace Ikuzo.Core.Tests.Reading;

/// <summary>How a text was read, against the truth that somebody wrote beside it.</summary>
/// <param name="Text">The text.</param>
/// <param name="Wrong">Fields that are wrong, each with what was read.</param>
/// <param name="IsAsked">True where it asked, or named a word that it did not know.</param>
internal sealed record Scored(string Text, IReadOnlyList<string> Wrong, bool IsAsked)
{
    public bool IsRight => Wrong.Count == 0;

    public bool IsSilent => Wrong.Count > 0 && !IsAsked;
}

/// <summary>Scores texts of people who knew nothing of how they are read, by field, with sense.</summary>
internal static class Strangers
{
    public static Scored Question(JsonElement row)
    {
        var text = row.GetProperty("text").GetString()!;
        var truth = row.GetProperty("truth");
        var q = CounterText.Read(text, UnitSystem.Metric, new DateOnly(2026, 11, 30));
        List<string> wrong = [];
        foreach (var field in truth.EnumerateObject())
        {
            if (!Holds(field, q, truth))
            {
                wrong.Add($"{field.Name}: {Short(field.Value)} / {Read(field.Name, q)}");
            }
        }

        // What nobody said must not be there.
        void Unsaid(string name, bool isThere)
        {
            if (isThere && !truth.TryGetProperty(name, out _))
            {
                wrong.Add($"{name}: nothing / {Read(name, q)}");
            }
        }

        Unsaid("minutes", q.Minutes is not null);
        Unsaid("stop", q.Stops.Count > 0);
        Unsaid("state", q.State == MeatState.Frozen);
        Unsaid("readingCelsius", q.ReadingCelsius is not null);
        Unsaid("arrangement", q.Arrangement == Arrangement.Lump);
        Unsaid("crispMinutes", q.CrispMinutes is > 0);
        if (
            q.Problem is not null
            && !truth.TryGetProperty("refuse", out _)
            && !truth.TryGetProperty("goTo", out _)
            && !truth.TryGetProperty("stop", out _)
        )
        {
            wrong.Add($"problem: {q.Problem}");
        }

        return new(
            text,
            wrong,
            q.Doubts.Count > 0
                || q.Unknown.Count > 0
                || q.Problem is not null
                || q.Stops.Count > 0
                || (truth.TryGetProperty("meats", out _) && q.GoTo is { Case: not "later" })
        );
    }

    private static bool Holds(JsonProperty field, Question q, JsonElement truth)
    {
        var value = field.Value;
        return field.Name switch
        {
            "meats" => Meats(value, q),
            "beside" => value.EnumerateArray().All(b => Beside(b, q)),
            "liquidMl" => Near(
                q.LiquidMl ?? q.Beside.Where(b => b.IsMeasured && b.Ml is not null).Sum(b => b.Ml) ?? 0,
                value.GetDouble(),
                0.06
            ),
            "thicknessMm" => Near(q.ThicknessMm, value.GetDouble(), 0.05),
            "heaviestKg" => Near(q.HeaviestKg, value.GetDouble(), 0.02),
            "state" => (q.State ?? MeatState.Chilled).ToString().Equals(value.GetString(), StringComparison.OrdinalIgnoreCase)
                || (value.GetString() == "room" && q.StoodMinutes is not null),
            "arrangement" => q.Arrangement?.ToString().Equals(value.GetString(), StringComparison.OrdinalIgnoreCase) == true,
            "placement" => Kebab(q.Placement?.ToString()) == value.GetString(),
            "aim" => Kebab(q.Aim?.ToString()) == value.GetString(),
            "aimNot" => Kebab(q.Aim?.ToString()) != value.GetString(),
            "pressure" => q.Pressure?.ToString().Equals(value.GetString(), StringComparison.OrdinalIgnoreCase) == true,
            "crispMinutes" => (q.CrispMinutes ?? 0) == value.GetDouble(),
            "marinadeHours" => Near(q.MarinadeHours, value.GetDouble(), 0.01),
            "minutes" => q.Minutes == value.GetDouble(),
            "restMinutes" => q.Release?.RestMinutes == value.GetDouble(),
            "release" => Kebab(q.Release?.Kind.ToString()) == value.GetString(),
            "brown" => (q.Browned ?? false) == value.GetBoolean(),
            "potLitres" => Near(q.PotLitres, value.GetDouble(), 0.02),
            "altitudeMetres" => Near(q.AltitudeMetres, value.GetDouble(), 0.01),
            "promise" => q.Promise?.ToString().Equals(value.GetString(), StringComparison.OrdinalIgnoreCase) == true,
            "eatAt" => q.EatAt?.ToString("HH:mm", System.Globalization.CultureInfo.InvariantCulture) == value.GetString(),
            "eatInMinutes" => q.EatInMinutes == value.GetDouble(),
            "readingCelsius" => Near(q.ReadingCelsius, value.GetDouble(), 0.01),
            "goTo" => q.GoTo?.Place == value.GetString() || (value.GetString() is "check" or "pot" && q.GoTo?.Place is "check" or "pot"),
            "stop" => q.Stops.Any(s => s.Code == value.GetString()),
            "refuse" => q.Problem is not null && q.Meat is null,
            "ask" => true,
            _ => throw new InvalidOperationException(field.Name),
        };
    }

    private static bool Meats(JsonElement meats, Question q)
    {
        List<AskedMeat> read = q.Meat is null ? [] : [q.Meat, .. q.Also];
        var wanted = meats.EnumerateArray().ToList();
        return read.Count == wanted.Count && wanted.Zip(read).All(p => Meat(p.First, p.Second));
    }

    private static bool Meat(JsonElement wanted, AskedMeat read) =>
        OneOf(wanted, "cut", read.Cut.Id)
        && (!wanted.TryGetProperty("pieces", out var n) || n.GetInt32() == read.Pieces || read.Cut.Id is "chicken-diced" or "turkey-diced")
        && (!wanted.TryGetProperty("totalKg", out var kg) || Near(read.TotalKg, kg.GetDouble(), 0.02));

    private static bool Beside(JsonElement wanted, Question q)
    {
        var food = wanted.GetProperty("food").GetString()!;
        return q.Beside.Any(b =>
            Named(food, b.Food)
            && (!wanted.TryGetProperty("grams", out var g) || In(g, b.Grams))
            && (!wanted.TryGetProperty("ml", out var ml) || b.Ml is null || In(ml, b.Ml))
        );
    }

    private static readonly string[][] Same =
    [
        ["cornflour", "cornstarch"],
        ["spring onion", "scallion"],
        ["coriander", "cilantro"],
        ["yoghurt", "yogurt"],
        ["sweetcorn", "corn"],
        ["stock", "broth"],
        ["spice", "seasoning"],
        ["chilli", "chili"],
        ["rocket", "arugula"],
        ["pak choi", "bok choy"],
        ["rice wine", "shaoxing wine"],
        ["harissa", "harissa paste"],
        ["sesame paste", "tahini"],
        ["celery", "celery stick"],
        ["barbecue", "bbq"],
        ["tomato puree", "tomato paste"],
        ["greens", "green"],
    ];

    /// <summary>True where one name is the other, or a kind of it.</summary>
    public static bool Named(string wanted, string? read)
    {
        if (read is null)
        {
            return false;
        }

        var (one, other) = (Plain(wanted), Plain(read));
        return one.Length > 0
            && (
                other.Contains(one)
                || one.Contains(other)
                || one.Split(' ').All(w => w is "and" || other.Contains(w))
                || Same.Any(s => s.Any(one.Contains) && s.Any(other.Contains))
            );
    }

    private static string Plain(string name) =>
        string.Join(
            ' ',
            Tokens
                .Split(name)
                .Select(t =>
                    t.Text.EndsWith("ies", StringComparison.Ordinal) ? t.Text[..^3] + "y"
                    : t.Text.EndsWith("oes", StringComparison.Ordinal) ? t.Text[..^2]
                    : t.Text.TrimEnd('s')
                )
        );

    private static bool OneOf(JsonElement of, string name, string read) =>
        !of.TryGetProperty(name, out var v)
        || (v.ValueKind == JsonValueKind.Array ? v.EnumerateArray().Any(x => x.GetString() == read) : v.GetString() == read);

    public static bool In(JsonElement v, double? read) =>
        read is { } is_
        && (
            v.ValueKind == JsonValueKind.Array
                ? is_ >= v[0].GetDouble() * 0.93 && is_ <= v[1].GetDouble() * 1.07
                : Near(is_, v.GetDouble(), 0.07)
        );

    private static bool Near(double? read, double wanted, double share) =>
        read is { } is_ && Math.Abs(is_ - wanted) <= share * Math.Max(1e-9, Math.Abs(wanted)) + 1e-9;

    private static string? Kebab(string? name) =>
        name is null
            ? null
            : string.Concat(
                name.Select((c, i) => i > 0 && char.IsUpper(c) ? $"-{char.ToLowerInvariant(c)}" : $"{char.ToLowerInvariant(c)}")
            );

    private static string Short(JsonElement value) => value.GetRawText().Replace("\"", "", StringComparison.Ordinal);

    private static string Read(string name, Question q) =>
        name switch
        {
            "meats" => string.Join(
                " + ",
                new[] { q.Meat }.OfType<AskedMeat>().Concat(q.Also).Select(m => $"{m.Cut.Id} x{m.Pieces} {m.TotalKg:0.###}")
            ),
            "beside" => string.Join(" + ", q.Beside.Select(b => $"{b.Food} {b.Grams}g {b.Ml}ml")),
            "liquidMl" => $"{q.LiquidMl} {string.Join(" + ", q.Beside.Select(b => $"{b.Food} {b.Ml}ml"))}",
            _ => typeof(Question).GetProperties().FirstOrDefault(p => p.Name.Equals(name, StringComparison.OrdinalIgnoreCase)) is { } p
                ? $"{p.GetValue(q)}"
                : $"{q.Problem} {q.GoTo} {string.Join(',', q.Stops.Select(s => s.Code))}",
        };

    public static Scored Line(string text, JsonElement truth, IReadOnlyList<string>? steps = null)
    {
        var item = DishLine.Read(text, "a");
        item = item is not null && steps is not null ? RecipeSteps.Placed(item, text, steps) : item;
        List<string> wrong = [];
        var kind = truth.GetProperty("kind").GetString()!;
        (string, string?, double?, double?, GoesIn?, string?, double?) all = item switch
        {
            MeatItem m => (
                "meat",
                m.Load.Name,
                m.Load.TotalKg * 1000,
                (double?)null,
                (GoesIn?)GoesIn.Under,
                m.Load.Cut.Id,
                (double?)m.Load.Pieces
            ),
            BesideItem b => ("companion", b.Food, b.Grams, null, b.When ?? GoesIn.Under, null, null),
            LiquidItem l => ("liquid", l.Food, (double?)null, l.Ml, GoesIn.Under, null, null),
            LineItem l => ("line", l.Food, l.Grams, l.Ml, l.When, null, l.Pieces),
            _ => ("nothing", null, null, null, null, null, null),
        };
        var (is_, food, grams, ml, when, cut, pieces) = all;
        var isCooked = truth.TryGetProperty("cooked", out var c) && c.GetBoolean();
        if ((kind == "meat") != (is_ == "meat") && !(kind == "meat" && isCooked && is_ == "line"))
        {
            wrong.Add($"kind: {kind} / {is_} {food}");
        }

        if (truth.TryGetProperty("food", out var f) && is_ != "meat" && !Named(f.GetString()!, food))
        {
            wrong.Add($"food: {f.GetString()} / {food} ({is_})");
        }

        if (kind == "liquid" && is_ is "companion" && truth.TryGetProperty("food", out var fl) && fl.GetString() != "coconut milk")
        {
            wrong.Add($"kind: liquid / {is_}");
        }

        if (
            is_ == "liquid"
            && kind is not "liquid"
            && f.ValueKind == JsonValueKind.String
            && f.GetString()
                is not (
                    "lemon juice"
                    or "lime juice"
                    or "passata"
                    or "tomato sauce"
                    or "tomato"
                    or "orange juice"
                    or "marinara sauce"
                    or "fish sauce"
                    or "soy sauce"
                    or "milk"
                    or "vinegar"
                )
        )
        {
            wrong.Add($"kind: {kind} / liquid {food}");
        }

        if (cut is not null && !OneOf(truth, "cut", cut))
        {
            wrong.Add($"cut: {Short(truth.GetProperty("cut"))} / {cut}");
        }

        if (truth.TryGetProperty("grams", out var g) && !(grams is not null ? In(g, grams) : is_ is "line" or "liquid" && ml is not null))
        {
            wrong.Add($"grams: {Short(g)} / {grams} ({is_} {food})");
        }

        if (
            truth.TryGetProperty("ml", out var v)
            && !truth.TryGetProperty("grams", out _)
            && ml is not null
            && !In(v, ml)
            && !(v.ValueKind == JsonValueKind.Number && Math.Abs(v.GetDouble() - ml.Value) < 0.7)
        )
        {
            wrong.Add($"ml: {Short(v)} / {ml}");
        }

        if (truth.TryGetProperty("ml", out var lv) && kind == "liquid" && ml is null && grams is null)
        {
            wrong.Add($"ml: {Short(lv)} / nothing ({is_} {food})");
        }

        if (
            truth.TryGetProperty("pieces", out var p)
            && is_ == "meat"
            && p.ValueKind == JsonValueKind.Number
            && p.GetDouble() != pieces
            && cut is not ("chicken-diced" or "turkey-diced")
            && !text.Contains("plus")
        )
        {
            wrong.Add($"pieces: {p} / {pieces}");
        }

        if (truth.TryGetProperty("when", out var w) && !WhenFits(w.GetString()!, when, is_))
        {
            wrong.Add($"when: {w.GetString()} / {when} ({is_} {food})");
        }

        return new(text, wrong, false);
    }

    // What goes in after or aside must never be under the lid; where nothing is known the cook is shown a line.
    private static bool WhenFits(string wanted, GoesIn? read, string kind) =>
        wanted switch
        {
            "under" => read is null or GoesIn.Under,
            _ => read is not null and not GoesIn.Under || (read is null && kind == "line"),
        };

    public static Scored Cold(JsonElement row)
    {
        var text = row.GetProperty("text").GetString()!;
        var today = DateOnly.Parse(row.GetProperty("today").GetString()!, System.Globalization.CultureInfo.InvariantCulture);
        var truth = row.GetProperty("truth");
        var read = ColdText.Read(text, today, UnitSystem.Metric);
        List<string> wrong = [];
        void Check(string name, bool holds, object? is_)
        {
            if (truth.TryGetProperty(name, out var wanted) && !holds)
            {
                wrong.Add($"{name}: {Short(wanted)} / {is_}");
            }
        }

        JsonElement Of(string name) => truth.TryGetProperty(name, out var v) ? v : default;
        var kind = read.Kind?.ToString().ToLowerInvariant();
        if (truth.TryGetProperty("refuse", out _))
        {
            return new(text, kind is null || read.Problem is not null ? [] : [$"refuse / {kind} {read.Name}"], false);
        }

        var stopped = read.Stops.Count > 0;
        Check("kind", kind == Of("kind").GetString() || stopped, $"{kind} {read.Problem}");
        Check("stop", stopped, "none");
        if (!stopped)
        {
            if (Of("kind").GetString() == "raw")
            {
                Check("cut", read.Meat is { } m && OneOf(truth, "cut", m.Cut.Id), read.Meat?.Cut.Id);
                Check("pieces", read.Meat?.Pieces == Number("pieces"), read.Meat?.Pieces);
            }

            Check("totalKg", Near(read.TotalKg, Number("totalKg"), 0.02), read.TotalKg);
            Check("portions", read.Portions == Number("portions"), read.Portions);
            Check("ml", Near(read.Ml, Number("ml"), 0.02), read.Ml);
            Check("place", (read.Place ?? "fridge") == Of("place").ToString(), read.Place);
            Check("since", Of("since").ToString().StartsWith($"{read.Since ?? today:yyyy-MM-dd}", StringComparison.Ordinal), read.Since);
            Check("useByPrinted", Of("useByPrinted").ToString() == $"{read.UseBy:yyyy-MM-dd}", read.UseBy);
        }

        return new(text, wrong, read.Unknown.Count > 0 || read.Problem is not null);

        double Number(string name) => Of(name).ValueKind == JsonValueKind.Number ? Of(name).GetDouble() : double.NaN;
    }

    public static IReadOnlyList<Scored> Recipe(JsonElement recipe)
    {
        List<string> steps =
        [
            .. recipe
                .GetProperty("recipeInstructions")
                .EnumerateArray()
                .Select(s => s.ValueKind == JsonValueKind.String ? s.GetString()! : s.GetProperty("text").GetString()!),
        ];
        return
        [
            .. recipe
                .GetProperty("recipeIngredient")
                .EnumerateArray()
                .Zip(recipe.GetProperty("truth").EnumerateArray())
                .Select(p => Line(p.First.GetString()!, p.Second, steps)),
        ];
    }
}
