using System.Globalization;
using System.Runtime.CompilerServices;
using System.Text.RegularExpressions;
using CsCheck;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Reading;

namespace Ikuzo.Core.Tests.Reading;

/// <summary>The corpus of <c>phrasings.txt</c>: what cooks type, and what it means.</summary>
public partial class PhrasingTests(ITestOutputHelper output)
{
    private const double LeastRightShare = 0.95;

    private static readonly List<(string Text, string Meaning)> Corpus = Read();

    [Fact]
    public void Corpus_IsLargeEnough() => Assert.True(Corpus.Count >= 400, $"{Corpus.Count} phrasings");

    [Fact]
    public void Corpus_MeansWhatItSays()
    {
        var wrong = Corpus.SelectMany(c => Differences(c.Text, c.Meaning).Select(d => $"{c.Text}: {d}")).ToList();
        Assert.True(wrong.Count == 0, string.Join("\n", wrong));
    }

    // Of what has one meaning nearly all must be understood without asking back.
    [Fact]
    public void Corpus_IsMostlyAnsweredWithoutAQuestion()
    {
        var clear = Corpus.Where(c => c.Meaning.Contains("cut=", StringComparison.Ordinal)).ToList();
        var answered = clear.Count(c => CounterText.Read(c.Text).Doubts.Count == 0);
        output.WriteLine($"{answered} of {clear.Count} without a question");
        Assert.True(answered >= LeastRightShare * clear.Count, $"{answered} of {clear.Count}");
    }

    [Fact]
    public void Corpus_LosesNoNumber()
    {
        var lost = Corpus.SelectMany(c => LostNumbers(c.Text).Select(n => $"{c.Text}: {n}")).ToList();
        Assert.True(lost.Count == 0, string.Join("\n", lost));
    }

    [Fact]
    public void AnyMixtureOfWords_LosesNoNumber()
    {
        string[] words = [.. Corpus.SelectMany(c => c.Text.Split(' ')).Distinct(), "7", "12", "1.5", "3/4", "2-3", "180", "25"];
        Check.Sample(
            Gen.Int[0, words.Length - 1].Array[1, 12],
            some => Assert.Empty(LostNumbers(string.Join(" ", some.Select(i => words[i]))))
        );
    }

    // What is not in the pot takes no amount of what follows.
    [Theory]
    [InlineData("no rice 750 g chicken breasts", 0.75)]
    [InlineData("chicken breasts 750 g no rice 2", 0.75)]
    public void WhatIsLeftOut_TakesNoAmount(string text, double kg)
    {
        var question = CounterText.Read(text);
        Assert.Equal(kg, question.Meat!.TotalKg, 1e-9);
        Assert.Empty(question.Beside);
    }

    [Theory]
    [InlineData("6 thighs 25", "25", "pieces", 25, null)]
    [InlineData("6 thighs 25", "25", "minutes", 6, 25.0)]
    public void Doubt_ThatWasAnswered_IsNotAskedAgain(string text, string doubt, string reading, int pieces, double? minutes)
    {
        var question = CounterText.Read(text, settled: [new(doubt, reading)]);
        Assert.Empty(question.Doubts);
        Assert.Equal((pieces, minutes), (question.Meat!.Pieces, question.Minutes));
    }

    [Fact]
    public void SlipThatWasMeant_MayBeLeftOut() =>
        Assert.Equal(["thighz"], CounterText.Read("thighz 6 wings", settled: [new("thighz", Doubts.LeftOut)]).Unknown);

    private static IEnumerable<string> LostNumbers(string text)
    {
        var question = CounterText.Read(text);
        var said = string.Join(
            ' ',
            question.Understood.Select(u => u.Text).Concat(question.Doubts.Select(d => d.Text)).Concat(question.Unknown)
        );
        var left = Digits().Matches(said).Select(m => m.Value).ToList();
        return Digits().Matches(text).Select(m => m.Value).Where(n => !left.Remove(n));
    }

    private static IEnumerable<string> Differences(string text, string meaning)
    {
        var question = CounterText.Read(text);
        var keys = meaning.Split(' ', StringSplitOptions.RemoveEmptyEntries);
        var unknown = keys.FirstOrDefault(k => k.StartsWith("u=", StringComparison.Ordinal))?[2..].Split(',') ?? [];
        if (question.Unknown.SelectMany(u => u.Split(' ')).Except(unknown).ToList() is { Count: > 0 } more)
        {
            yield return $"unknown {string.Join(", ", more)}";
        }

        if (keys.Contains("ask") != question.Doubts.Count > 0)
        {
            yield return $"doubts: {string.Join("; ", question.Doubts.Select(d => $"{d.Text}={d.Reading}"))}";
        }

        foreach (var key in keys.Select(k => k.Split('=')))
        {
            var (is_, wanted) = (Value(question, key[0]), key.Length > 1 ? key[1] : "yes");
            if (is_ is not null && !Same(is_, wanted))
            {
                yield return $"{key[0]} is {is_}, not {wanted}";
            }
        }
    }

    private static bool Same(string one, string other) =>
        double.TryParse(one, CultureInfo.InvariantCulture, out var a) && double.TryParse(other, CultureInfo.InvariantCulture, out var b)
            ? Math.Abs(a - b) <= 0.002 * Math.Max(1, Math.Abs(b))
            : one == other;

    private static string? Value(Question q, string key) =>
        key switch
        {
            "cut" => q.Meat?.Cut.Id ?? "none",
            "n" => Text(q.Meat?.Pieces),
            "kg" => Text(q.Meat?.TotalKg),
            "also" => string.Join('+', q.Also.Select(a => $"{a.Cut.Id}*{a.Pieces}")),
            "beside" => string.Join(
                '+',
                q.Beside.Where(b => b is { Grams: not null, Companion: not null }).Select(b => $"{b.Companion!.Id}:{Text(b.Grams)}")
            ),
            "state" => q.State?.ToString().ToLowerInvariant() ?? "none",
            "arr" => q.Arrangement?.ToString().ToLowerInvariant() ?? "none",
            "place" => q.Placement switch
            {
                Core.Loads.Placement.InLiquid => "in-liquid",
                Core.Loads.Placement.OnBed => "on-bed",
                var p => p?.ToString().ToLowerInvariant() ?? "none",
            },
            "aim" => q.Aim is Core.Poultry.Aim.FallApart ? "fall-apart" : q.Aim?.ToString().ToLowerInvariant() ?? "none",
            "mm" => Text(q.ThicknessMm),
            "min" => Text(q.Minutes),
            "marinade" => Text(q.MarinadeHours) ?? "none",
            "crisp" => Text(q.CrispMinutes) ?? "none",
            "rel" => q.Release switch
            {
                { Kind: ReleaseKind.RestThenVent } r => Text($"rest{r.RestMinutes:0}"),
                { } r => r.Kind.ToString().ToLowerInvariant(),
                _ => "none",
            },
            "ml" => Text(q.LiquidMl),
            "pot" => Text(q.PotLitres),
            "brown" => q.Browned?.ToString().ToLowerInvariant() ?? "none",
            "reads" => Text(q.ReadingCelsius),
            "heaviest" => Text(q.HeaviestKg),
            "days" => Text(q.DaysInFridge),
            "start" => Text(q.StartCelsius),
            "refused" => (q.Meat is null && q.Problem is not null) || q.Stops.Count > 0 ? "yes" : "no",
            "none" => q.Meat is null && q.Problem is not null ? "yes" : "no",
            _ => null,
        };

    private static string Text(FormattableString text) => FormattableString.Invariant(text);

    private static string Text(double? value) => value?.ToString(CultureInfo.InvariantCulture) ?? "none";

    private static List<(string, string)> Read([CallerFilePath] string here = "") =>
        [
            .. File.ReadLines(Path.Combine(Path.GetDirectoryName(here)!, "phrasings.txt"))
                .Where(l => l.Length > 0 && l[0] != '#')
                .Select(l => l.Split('|'))
                .Select(p => (p[0].Trim(), p[1].Trim())),
        ];

    [GeneratedRegex(@"\d+")]
    private static partial Regex Digits();
}
