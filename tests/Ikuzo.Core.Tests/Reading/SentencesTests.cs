using System.Globalization;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Poultry;
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

    private static readonly string[] Cuts = ["", ", chopped", " cut in chunks", ", halved", ", sliced"];

    private static readonly Said[] Refused =
    [
        new("no browning", q => q.Browned == false),
        new("do not brown", q => q.Browned == false),
        new("not to be shredded", q => q.Aim != Aim.Pull && q.NotAims.Contains(Aim.Pull)),
        new("without rice", q => q.Beside.All(b => b.Food != "rice")),
        new("not frozen", q => q.State != MeatState.Frozen),
    ];

    private static readonly Said[] Wanted =
    [
        new("then 6 minutes under the grill", q => q.CrispMinutes == 6),
        new("browned first", q => q.Browned == true),
        new("to shred", q => q.Aim == Aim.Pull),
        new("marinated for 4 hours", q => q.MarinadeHours == 4),
        new("at 1500 m", q => q.AltitudeMetres == 1500),
        new("in a 5.7 litre pot", q => q.PotLitres == 5.7),
        new("without a thermometer", q => q.Promise == Promise.Sure),
    ];

    private static readonly string[] Fillers = ["please", "thanks", "for tonight", "just that", "you know"];

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
        var quarters = Math.Max(1, Math.Round(kg * 4));
        var isQuarters = random.Next(5) == 0;
        kg = isQuarters ? quarters / 4 : kg;
        var weight = random.Next(3) switch
        {
            _ when isQuarters => $"{Fraction((int)quarters)} kg",
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

    // "1 1/4", "3/4", "2".
    private static string Fraction(int quarters)
    {
        var (whole, rest) = (quarters / 4, quarters % 4);
        var part = rest switch
        {
            1 => "1/4",
            2 => "1/2",
            3 => "3/4",
            _ => "",
        };
        return $"{(whole > 0 ? $"{whole}" : "")} {part}".Trim();
    }

    private static Said Side(Random random)
    {
        var (name, id) = Of(random, Beside);
        var grams = 50 * random.Next(2, 17);
        var cut = Of(random, Cuts);
        var text = random.Next(4) switch
        {
            0 => $"{grams} g {name}",
            1 => $"{grams}g of {name}",
            2 => $"{grams} g {name}{cut}",
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
            var isRefused = random.Next(4) == 0;
            if (isRefused || random.Next(3) == 0)
            {
                yield return Of(random, isRefused ? Refused : Wanted);
            }
        }

        if (random.Next(4) == 0)
        {
            yield return new(Of(random, Fillers), _ => true);
        }

        yield return new("", q => q.GoTo is null);
    }

    // Two letters swapped within one long word of it.
    private static string Slip(Random random, string text)
    {
        var words = text.Split(' ');
        var at = Array.FindIndex(words, w => w.Length >= LongWord && w.All(char.IsAsciiLetter));
        if (at < 0 || random.Next(OneSlipIn) > 0)
        {
            return text;
        }

        var letters = words[at].ToCharArray();
        var i = random.Next(1, letters.Length - 2);
        (letters[i], letters[i + 1]) = (letters[i + 1], letters[i]);
        words[at] = new(letters);
        return string.Join(' ', words);
    }

    private const int LongWord = 7,
        OneSlipIn = 12;

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

        string[] spoken = [.. parts.Select(p => Slip(random, p.Text)).Where(t => t.Length > 0)];
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
            var q = AtTheCounter.Read(text);
            if (parts.All(p => p.Holds(q)))
            {
                right++;
            }
            else if (!AtTheCounter.IsAsked(q))
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
