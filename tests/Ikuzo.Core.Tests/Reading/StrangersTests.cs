using System.Text.Json;
using static Ikuzo.Core.Tests.Reading.AtTheCounter;

namespace Ikuzo.Core.Tests.Reading;

/// <summary>
/// Texts of people who knew nothing of how they are read, with the truth beside each (<c>words/</c>): so many are right, and no more are
/// wrong without a word than those that are named there with the reason.
/// </summary>
public class StrangersTests(ITestOutputHelper output)
{
    [Fact]
    public void Questions_AreReadRightOrAskedAbout() =>
        Judge("questions", Rows("questions").Select(Strangers.Question), least: 0.95, KnownSilent);

    [Fact]
    public void LinesOfDishes_AreWhatTheySay() =>
        Judge("lines", Rows("lines").Select(r => Strangers.Line(Text(r), r.GetProperty("truth"))), least: 0.95, KnownSilent);

    [Fact]
    public void LinesForTheCold_AreWhatTheySay() => Judge("cold", Rows("cold").Select(Strangers.Cold), least: 0.95, KnownSilent);

    [Fact]
    public void LinesOfRecipes_AreWhatTheySay() => Judge("recipes", Rows("recipes").SelectMany(Strangers.Recipe), least: 0.95, KnownSilent);

    [Theory]
    [InlineData("own-questions")]
    [InlineData("own-events")]
    public void MoreQuestions_AreReadRightOrAskedAbout(string list) =>
        Judge(list, Rows(list).Select(Strangers.Question), least: 0.95, KnownSilent);

    [Fact]
    public void MoreLinesOfDishes_AreWhatTheySay() =>
        Judge("own-lines", Rows("own-lines").Select(r => Strangers.Line(Text(r), r.GetProperty("truth"))), least: 0.95, KnownSilent);

    [Fact]
    public void MoreLinesForTheCold_AreWhatTheySay() =>
        Judge("own-cold", Rows("own-cold").Select(Strangers.Cold), least: 0.95, KnownSilent);

    // What nothing in the line itself decides, or what two cooks would read in two ways.
    private static readonly HashSet<string> KnownSilent =
    [
        .. File.ReadLines(List("known.txt")).Where(l => l.Length > 0 && l[0] != '#').Select(l => l.Split(" | ")[0]),
    ];

    private void Judge(string name, IEnumerable<Scored> scored, double least, HashSet<string> known)
    {
        var all = scored.ToList();
        var right = all.Count(s => s.IsRight);
        var silent = all.Where(s => s.IsSilent && !known.Contains(s.Text)).ToList();
        output.WriteLine($"{name}: {right} right of {all.Count}, {all.Count(s => s.IsSilent)} silent");
        Assert.True(silent.Count == 0, string.Join("\n", silent.Select(s => $"{s.Text}: {string.Join("; ", s.Wrong)}")));
        Assert.True(right >= least * all.Count, $"{right} of {all.Count}");
    }

    private static string Text(JsonElement row) => row.GetProperty("text").GetString()!;
}
