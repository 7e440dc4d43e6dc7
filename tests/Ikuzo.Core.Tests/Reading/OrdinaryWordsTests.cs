using Ikuzo.Core.Quantities;
using Ikuzo.Core.Reading;

namespace Ikuzo.Core.Tests.Reading;

/// <summary>Ordinary English is no slip of the hand: a word more changes nothing.</summary>
public class OrdinaryWordsTests(ITestOutputHelper output)
{
    private const string Plain = "6 chicken thighs 1.2 kg";
    private const int Wanted = 1000;

    // The commonest words of the language that say nothing about a cook.
    private static IEnumerable<string> Words =>
        OrdinaryWords
            .Commonest()
            .Where(w =>
                w.Length > 1
                && !Lexicon.Known.IsPartOfOne(w)
                && NumberWords.Of(w) is null
                && !QuantityReader.IsUnit(w)
                && !Grammar.IsTelling(w)
            )
            .Take(Wanted);

    [Fact]
    public void BeforeAPlainQuestion_ThousandWords_ChangeNothing()
    {
        var wrong = Words.Where(w => !IsPlain($"{w} {Plain}")).ToList();
        output.WriteLine(string.Join(", ", wrong));
        Assert.Empty(wrong);
    }

    [Fact]
    public void BehindAPlainQuestion_ThousandWords_ChangeNothing()
    {
        var wrong = Words.Where(w => !IsPlain($"{Plain} {w}")).ToList();
        output.WriteLine(string.Join(", ", wrong));
        Assert.Empty(wrong);
    }

    private static bool IsPlain(string text) =>
        CounterText.Read(text)
            is { Meat: { Cut.Id: "chicken-thigh-bone-in", Pieces: 6, TotalKg: 1.2 }, Also: [], Doubts: [], State: null, Problem: null };
}

/// <summary>The list of ordinary words by how common they are.</summary>
internal static class OrdinaryWords
{
    public static IEnumerable<string> Commonest()
    {
        using var stream = typeof(Ordinary).Assembly.GetManifestResourceStream("Ikuzo.Core.Reading.Words.ordinary.txt")!;
        using var reader = new StreamReader(stream);
        return
        [
            .. reader
                .ReadToEnd()
                .Split('\n', StringSplitOptions.RemoveEmptyEntries)
                .Select(l => l.Split(' '))
                .OrderByDescending(l => int.Parse(l[1], System.Globalization.CultureInfo.InvariantCulture))
                .ThenBy(l => l[0], StringComparer.Ordinal)
                .Select(l => l[0]),
        ];
    }
}
