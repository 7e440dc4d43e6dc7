using System.Runtime.CompilerServices;
using System.Text.RegularExpressions;
using Ikuzo.Core.Dishes;
using Ikuzo.Core.Reading;

namespace Ikuzo.Core.Tests.Reading;

/// <summary>
/// What is typed in the journeys of the browser tests, line by line into a dish and in one go at the Counter: the same, however it is
/// ordered, with chopped vegetables beside it and an eating time at the end.
/// </summary>
public partial class JourneysTests
{
    private static readonly string[] Vegetables = ["1 onion, chopped", "2 carrots cut in chunks"];

    public static TheoryData<string> Journeys => [.. Written().Select(lines => string.Join(" | ", lines))];

    [Fact]
    public void AllAreRead() => Assert.Equal(27, Written().Count);

    [Theory]
    [MemberData(nameof(Journeys))]
    public void CounterAndDish_Agree(string journey)
    {
        string[] lines = journey.Split(" | ");
        var items = lines.Select((line, i) => DishLine.Read(line, $"{i}")!).ToList();
        foreach (var order in new[] { lines, [.. lines.Reverse()] })
        {
            foreach (var separator in new[] { ", ", "; ", " + ", "\n" })
            {
                AssertSame(items, string.Join(separator, order), null);
                AssertSame(items, string.Join(separator, [.. order, .. Vegetables, "dinner at 7pm"]), new TimeOnly(19, 0));
                AssertSame(items, string.Join(separator, [.. Vegetables, .. order, "ready by half six"]), new TimeOnly(18, 30));
            }
        }
    }

    private static void AssertSame(List<DishItem> items, string text, TimeOnly? eatAt)
    {
        var question = AtTheCounter.Read(text);
        var load = items.OfType<MeatItem>().Single().Load;
        Assert.True(question.Meat is not null, $"{text}: {question.Problem}");
        Assert.Equal(
            (text, load.Cut.Id, load.Pieces, load.TotalKg, load.State),
            (text, question.Meat.Cut.Id, question.Meat.Pieces, question.Meat.TotalKg, question.State ?? Core.Loads.MeatState.Chilled)
        );
        Assert.Empty(question.Also);
        Assert.Equal((text, eatAt), (text, question.EatAt));
        Assert.Equal((text, null), (text, question.Minutes));
        foreach (var beside in items.OfType<BesideItem>())
        {
            Assert.Contains(question.Beside, b => b.Companion == beside.Companion && Math.Abs(b.Grams!.Value - beside.Grams) < 1);
        }

        foreach (var liquid in items.OfType<LiquidItem>())
        {
            Assert.Contains(question.Beside, b => b.Liquid == liquid.Liquid.Id && Math.Abs(b.Ml!.Value - liquid.Ml) < 1);
        }
    }

    private static List<string[]> Written([CallerFilePath] string here = "")
    {
        var file = Path.Combine(Path.GetDirectoryName(here)!, "..", "..", "browser", "journeys.ts");
        return [.. Lines().Matches(File.ReadAllText(file)).Select(m => Quoted().Matches(m.Value).Select(q => q.Groups[1].Value).ToArray())];
    }

    [GeneratedRegex(@"lines: \[[^\]]*\]")]
    private static partial Regex Lines();

    [GeneratedRegex("'([^']*)'")]
    private static partial Regex Quoted();
}
