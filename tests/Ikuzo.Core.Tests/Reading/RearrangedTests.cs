using System.Globalization;
using Ikuzo.Core.Reading;
using static Ikuzo.Core.Tests.Reading.AtTheCounter;

namespace Ikuzo.Core.Tests.Reading;

/// <summary>
/// What strangers typed, said in another way that means the same: politeness, other marks, capitals, vegetables beside it, an eating time.
/// It is read as before, or asked.
/// </summary>
public class RearrangedTests(ITestOutputHelper output)
{
    private const double MostSilent = 0.005;
    private const int OneOf = 16; // in the tests; all of them in the soak

    private static readonly (string Name, Func<string, string> Say)[] Ways =
    [
        ("greeting", t => $"hi there, {t}"),
        ("please", t => $"{t} please"),
        ("thanks", t => $"{t}, thanks"),
        ("question", t => $"{t.TrimEnd('?')}?"),
        ("capitals", t => t.ToUpperInvariant()),
        ("semicolons", t => t.Replace(", ", "; ", StringComparison.Ordinal)),
        ("lines", t => t.Replace(", ", "\n", StringComparison.Ordinal)),
        ("dashes", t => t.Replace(", ", " - ", StringComparison.Ordinal)),
        ("and", t => t.Replace(", ", " and ", StringComparison.Ordinal)),
        ("vegetables behind", t => $"{t}, 2 carrots chopped"),
        ("vegetables ahead", t => $"1 chopped onion, {t}"),
        ("potatoes", t => $"{t} and 500g potatoes cut in chunks"),
        ("eaten at", t => $"{t}, dinner at 7pm"),
        ("eaten at, ahead", t => $"we eat at 7pm. {t}"),
        ("I have", t => $"I have {t}"),
        ("wanted", t => $"I want to cook {t}"),
        ("how long", t => $"how long for {t}"),
        ("water", t => $"{t}, 1 cup water"),
    ];

    [Fact]
    [Trait("Campaign", "reading")]
    public void SaidOtherwise_IsReadTheSame_OrAsked()
    {
        var isSoak = Environment.GetEnvironmentVariable("IKUZO_SOAK_SENTENCES") is not null;
        var texts = new[] { "questions", "own-questions", "own-events" }
            .SelectMany(list => Rows(list))
            .Where(r => Strangers.Question(r).IsRight)
            .Select(r => r.GetProperty("text").GetString()!)
            .ToList();
        var said = texts
            .SelectMany(t => Ways.Select(w => (Before: t, w.Name, Text: w.Say(t))))
            .Where(s => s.Text != s.Before && s.Text.Length <= CounterText.MostCharacters)
            .Where((_, i) => isSoak || i % OneOf == 0)
            .ToList();
        List<string> silent = [];
        foreach (var (before, name, text) in said)
        {
            var (one, other) = (Read(before), Read(text));
            if (one.Meat is not null && Meaning(one) != Meaning(other) && !IsAsked(other))
            {
                silent.Add($"{name}: {text}\n    {Meaning(one)}\n    {Meaning(other)}");
            }
        }

        output.WriteLine($"{said.Count} texts, {silent.Count} silent");
        Assert.True(silent.Count <= Math.Ceiling(MostSilent * said.Count), $"{silent.Count} of {said.Count}\n{string.Join("\n", silent)}");
    }

    private static string Meat(AskedMeat m) => FormattableString.Invariant($"{m.Cut.Id} {m.Pieces} {m.TotalKg:0.##}");

    private static string Meaning(Question q) =>
        string.Create(
            CultureInfo.InvariantCulture,
            $"{string.Join('+', new[] { q.Meat }.OfType<AskedMeat>().Concat(q.Also).Select(Meat))} "
                + $"{q.Minutes} {q.State} {q.Release?.Kind} {q.Release?.RestMinutes} {q.StoodMinutes} {q.GoTo?.Place} "
                + $"{q.ReadingCelsius:0} {string.Join(',', q.Stops.Select(s => s.Code))} {q.Arrangement} {q.Aim} {q.Pressure} "
                + $"{q.CrispMinutes} {q.MarinadeHours} {q.ThicknessMm:0} {q.PotLitres} {q.AltitudeMetres} {q.Promise}"
        );
}
