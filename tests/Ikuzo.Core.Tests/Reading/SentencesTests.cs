using System.Globalization;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Quantities;
using Ikuzo.Core.Reading;

namespace Ikuzo.Core.Tests.Reading;

/// <summary>
/// Sentences made of parts whose meaning is known, in any order and parted in any way: each is read as it was made, or asks. A part says
/// what it means in literals, so nothing of the grammar is asked what is right.
/// </summary>
public sealed class SentencesTests(ITestOutputHelper output)
{
    private const double LeastRight = 0.99;

    private sealed record Said(string Text, Func<Question, bool> Holds);

    private static readonly (string Text, string Cut, double Kg)[] Meats =
    [
        ("chicken thighs", "chicken-thigh-bone-in", 0.17),
        ("bone-in chicken thighs", "chicken-thigh-bone-in", 0.17),
        ("boneless chicken thighs", "chicken-thigh-boneless", 0.11),
        ("skinless boneless chicken thighs", "chicken-thigh-boneless", 0.11),
        ("drumsticks", "chicken-drumstick", 0.12),
        ("chicken drumsticks", "chicken-drumstick", 0.12),
        ("chicken breasts", "chicken-breast-boneless", 0.22),
        ("chicken breast fillets", "chicken-breast-boneless", 0.22),
        ("chicken legs", "chicken-leg-quarter", 0.3),
        ("chicken wings", "chicken-wing", 0.09),
        ("turkey drumsticks", "turkey-drumstick", 0.45),
        ("duck legs", "duck-leg", 0.25),
    ];

    private static readonly (string Text, string Id)[] Beside =
    [
        ("potatoes", "potatoes"),
        ("carrots", "carrots"),
        ("parsnips", "parsnips"),
        ("onions", "onions"),
        ("white rice", "long-grain-white-rice"),
        ("green beans", "green-beans"),
        ("mushrooms", "mushrooms"),
    ];

    private static readonly (string Text, ReleaseKind Kind, double Stands)[] Releases =
    [
        ("quick release", ReleaseKind.Vent, 0),
        ("vent at once", ReleaseKind.Vent, 0),
        ("qr", ReleaseKind.Vent, 0),
        ("natural release", ReleaseKind.Natural, 0),
        ("leave it until the pin drops", ReleaseKind.Natural, 0),
        ("then 10 minutes natural release, then vent", ReleaseKind.RestThenVent, 10),
        ("5 min npr then quick release", ReleaseKind.RestThenVent, 5),
    ];

    private static readonly (string Text, int Hour, int Minute)[] Eating =
    [
        ("eat at 19:00", 19, 0),
        ("dinner at half past six", 18, 30),
        ("to eat at quarter to seven", 18, 45),
        ("we eat at 7pm", 19, 0),
    ];

    private static readonly (string Text, MeatState State)[] States =
    [
        ("straight from the freezer", MeatState.Frozen),
        ("frozen solid", MeatState.Frozen),
        ("still frozen", MeatState.Frozen),
    ];

    private static readonly string[] Stood =
    [
        "left out on the counter for 3 hours",
        "out of the fridge for 4 hours",
        "been on the worktop since this morning, 5 hours",
        "stood at room temperature 3 hours",
    ];

    private static readonly string[] Joints = [", ", ", ", "; ", " and ", ", then ", ". "];
    private static readonly string[] Numbers =
    [
        "",
        "",
        "two",
        "three",
        "four",
        "five",
        "six",
        "seven",
        "eight",
        "nine",
        "ten",
        "eleven",
        "twelve",
    ];

    private static Said Meat(Random random)
    {
        var (name, cut, each) = Of(random, Meats);
        var pieces = random.Next(2, 13);
        var kg = Math.Round(pieces * each * (0.85 + 0.3 * random.NextDouble()), 2);
        var count = random.Next(2) == 0 ? pieces.ToString(CultureInfo.InvariantCulture) : Numbers[pieces];
        var weight = random.Next(3) switch
        {
            0 => FormattableString.Invariant($"{kg} kg"),
            1 => FormattableString.Invariant($"{kg * 1000:0} g"),
            _ => FormattableString.Invariant($"{kg * 1000:0}g in all"),
        };
        var text = random.Next(4) switch
        {
            0 => $"{count} {name}",
            1 => $"{count} {name} {weight}",
            2 => $"{count} {name}, {weight}",
            _ => $"{name} x{pieces}, {weight}",
        };
        var isWeighed = text.EndsWith(weight, StringComparison.Ordinal);
        return new(
            text,
            q =>
                q.Meat?.Cut.Id == cut
                && q.Meat.Pieces == pieces
                && (!isWeighed || Math.Abs(q.Meat.TotalKg - kg) < 0.001)
                && q.Also.Count == 0
        );
    }

    private static Said Side(Random random)
    {
        var (name, id) = Of(random, Beside);
        var grams = 50 * random.Next(2, 17);
        var text = random.Next(3) switch
        {
            0 => $"{grams} g {name}",
            1 => $"{grams}g of {name}",
            _ => $"{name} {grams} g",
        };
        return new(text, q => q.Beside.Any(b => b.Companion?.Id.StartsWith(id, StringComparison.Ordinal) == true && b.Grams == grams));
    }

    private static IEnumerable<Said> Wishes(Random random)
    {
        if (random.Next(2) == 0)
        {
            var minutes = random.Next(5, 36);
            var (release, kind, rest) = Of(random, Releases);
            var hold = random.Next(3) switch
            {
                0 => $"{minutes} min high pressure",
                1 => $"{minutes} minutes at high pressure",
                _ => $"cook for {minutes} min under pressure",
            };
            yield return new($"{hold}, {release}", q => q.Minutes == minutes && q.Release == new Release(kind, rest));
        }

        if (random.Next(3) == 0)
        {
            var (text, hour, minute) = Of(random, Eating);
            yield return new(text, q => q.EatAt == new TimeOnly(hour, minute));
        }

        if (random.Next(4) == 0)
        {
            var (text, state) = Of(random, States);
            yield return new(text, q => q.State == state);
        }
        else if (random.Next(6) == 0)
        {
            yield return new(Of(random, Stood), q => q.Stops.Any(s => s.Code == "stood-warm"));
        }
        else
        {
            yield return new("", q => q.State != MeatState.Frozen && q.Stops.Count == 0);
        }
    }

    private static T Of<T>(Random random, IReadOnlyList<T> all) => all[random.Next(all.Count)];

    private static (string Text, IReadOnlyList<Said> Parts) Sentence(Random random)
    {
        List<Said> parts = [Meat(random), .. Wishes(random)];
        for (var more = random.Next(3); more > 0; more--)
        {
            var side = Side(random);
            if (parts.TrueForAll(p => !p.Text.Contains(side.Text.Split(' ')[^1], StringComparison.Ordinal)))
            {
                parts.Add(side);
            }
        }

        string[] spoken = [.. parts.Select(p => p.Text).Where(t => t.Length > 0)];
        random.Shuffle(spoken);
        var text = spoken.Aggregate((before, next) => before + Joint(random, before, next) + next);
        return (text, parts);
    }

    // "3 hours and 14 min" is one time.
    private static string Joint(Random random, string before, string next)
    {
        var joint = Of(random, Joints);
        return joint == " and " && before.EndsWith("hours", StringComparison.Ordinal) && char.IsAsciiDigit(next[0]) ? ", " : joint;
    }

    [Fact, Trait("Campaign", "reading")]
    public void Sentences_MeanWhatTheyWereMadeOf_OrAsk()
    {
        var many = int.Parse(Environment.GetEnvironmentVariable("IKUZO_SOAK_SENTENCES") ?? "500", CultureInfo.InvariantCulture);
        var random = new Random(25);
        List<string> silent = [];
        var right = 0;
        for (var i = 0; i < many; i++)
        {
            var (text, parts) = Sentence(random);
            var q = CounterText.Read(text, UnitSystem.Metric, new DateOnly(2026, 11, 30));
            if (parts.All(p => p.Holds(q)))
            {
                right++;
            }
            else if (q.Doubts.Count == 0 && q.Unknown.Count == 0 && q.Problem is null)
            {
                silent.Add(
                    $"{text} // {string.Join(" | ", parts.Where(p => !p.Holds(q)).Select(p => p.Text.Length > 0 ? p.Text : "(nothing)"))}"
                );
            }
        }

        output.WriteLine($"{right} right of {many}, {silent.Count} silent");
        Assert.True(silent.Count == 0, string.Join('\n', silent.Take(40)));
        Assert.InRange(right, LeastRight * many, many);
    }
}
