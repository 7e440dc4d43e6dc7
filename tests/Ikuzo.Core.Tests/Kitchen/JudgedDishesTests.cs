using System.Globalization;
using System.Text.Json;
using Ikuzo.Core.Companions;
using Ikuzo.Core.Dishes;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;

namespace Ikuzo.Core.Tests.Kitchen;

/// <summary>Seventy dishes as good cooks make them in one pot, for a household that measures: dishes.json.</summary>
public class JudgedDishesTests(ITestOutputHelper output)
{
    // Dishes that take another number of times under the lid than the cook says, and why.
    private static readonly Dictionary<string, string> OtherGoes = new()
    {
        ["Rice porridge on duck bones"] = "rice that falls apart is no aim of ours: it comes after the stock",
        ["Whole bird, bone broth and noodles"] = "a second broth of the bones of what was carved is a cook of its own",
        ["Beetroot first, then breasts with horseradish"] = "beetroot a shade firm beside the breasts is within what is let go",
        ["Frozen whole bird and roots"] = "the bird is not turned halfway, so that two are enough",
        ["Pulled drumsticks with penne"] = "the penne simmers in the sauce, as beside duck",
        ["Small turkey in parts"] = "a whole turkey is not taken apart by itself: it does not fit, which is said",
    };

    [Fact]
    public void Dishes_AreMadeAsCooksMakeThem()
    {
        var agreed = Compare(Rows());
        Assert.Equal(OtherGoes.Keys.Order(), agreed.Goes.Order());
        Assert.Empty(agreed.Under);
        Assert.True(agreed.Minutes >= 60, $"{agreed.Minutes}");
        Assert.True(agreed.Liquid >= 62, $"{agreed.Liquid}");
        Assert.True(agreed.Ends >= 65, $"{agreed.Ends}");
    }

    /// <summary>Thirty of our own, written down before they were computed.</summary>
    [Fact]
    public void DishesOfOurOwn_AreMadeAsWeMakeThem()
    {
        var agreed = Compare(Ours());
        Assert.Equal(["Beetroot, then duck breasts"], agreed.Goes); // a shade firm beside the breasts is let go
        Assert.Empty(agreed.Under);
        Assert.True(agreed.Minutes >= 26, $"{agreed.Minutes}");
        Assert.True(agreed.Liquid >= 30, $"{agreed.Liquid}");
        Assert.True(agreed.Ends >= 30, $"{agreed.Ends}");
    }

    private sealed record Agreed(int Minutes, int Liquid, int Ends, List<string> Goes, List<string> Under);

    private Agreed Compare(IEnumerable<Judged> dishes)
    {
        int minutes = 0,
            liquid = 0,
            ends = 0;
        List<string> goes = [],
            under = [];
        foreach (var dish in dishes)
        {
            var plan = DishSolver.Solve(dish.Request);
            if (plan.Best is not { } best)
            {
                goes.Add(dish.Name);
                continue;
            }

            if (best.Stages.Count != dish.Goes)
            {
                goes.Add(dish.Name);
            }

            if (best.Stages.SelectMany(s => s.Items).Any(dish.NotUnderPressure.Contains))
            {
                under.Add(dish.Name);
            }

            var isTimed =
                best.Stages.Count == dish.Goes && best.Stages.Zip(dish.Minutes).All(s => IsWithin(s.First.Minutes, s.Second, 2, 2));
            var bowls = plan.Arranged!.Items.OfType<BesideItem>().Where(b => b.InBowl).Sum(b => b.Grams * b.Companion.AbsorbsMlPerGram);
            var poured = best.Stages.Max(s => s.LiquidMl) + Math.Round(bowls);
            var isPoured = IsWithin(poured, dish.LiquidMl, 0.15 * dish.LiquidMl.From, 0.15 * dish.LiquidMl.To);
            var isAtTheEnd = dish
                .Request.Items.OfType<BesideItem>()
                .All(b => plan.StirredIn.Any(s => s.Key == b.Key) ? IsSaid(b.Key) : !dish.NotUnderPressure.Contains(b.Key));
            bool IsSaid(string key) => dish.NotUnderPressure.Contains(key) || dish.MayBeAtTheEnd(key);
            (minutes, liquid, ends) = (minutes + (isTimed ? 1 : 0), liquid + (isPoured ? 1 : 0), ends + (isAtTheEnd ? 1 : 0));
            var stages = string.Join(", then ", best.Stages.Select(s => $"{string.Join('+', s.Items)} {s.Minutes} min {s.Release}"));
            output.WriteLine(
                $"{(isTimed ? "" : "MIN ")}{(isPoured ? "" : "LIQUID ")}{(isAtTheEnd ? "" : "END ")}{dish.Name}: {stages}, {poured} ml; "
                    + $"open: {string.Join(", ", plan.StirIn)}; a cook: {string.Join(", ", dish.Minutes)}, {dish.LiquidMl}"
            );
        }

        output.WriteLine($"{minutes} with the cook's minutes, {liquid} with the cook's liquid, {ends} with the cook's end");
        return new(minutes, liquid, ends, goes, under);
    }

    private static bool IsWithin(double value, (double From, double To) range, double below, double above) =>
        value >= range.From - below && value <= range.To + above;

    private sealed record Judged(
        string Name,
        DishRequest Request,
        int Goes,
        IReadOnlyList<(double From, double To)> Minutes,
        IReadOnlyList<string> NotUnderPressure,
        (double From, double To) LiquidMl
    )
    {
        /// <summary>True for what is said of the end, of which some may have gone under the lid before.</summary>
        public Func<string, bool> MayBeAtTheEnd { get; init; } = _ => false;
    }

    private static IEnumerable<Judged> Ours() => ReferenceData.Lines("our_dishes.csv").Select(line => Ours(line.Split(';')));

    private static Judged Ours(string[] cells)
    {
        static string[] Several(string cell) => cell.Split(", ", StringSplitOptions.RemoveEmptyEntries);
        static double Number(string text) => double.Parse(text, CultureInfo.InvariantCulture);
        static (double, double) Range(string text) => (Number(text.Split('-')[0]), Number(text.Split('-')[1]));
        var meat = cells[1].Split(' ');
        MeatItem bird = new(
            "bird",
            new MeatLoad
            {
                Cut = CutCatalogue.Find(meat[0])!,
                Pieces = (int)Number(meat[1]),
                TotalKg = Number(meat[2]),
                State = Enum.Parse<MeatState>(meat[3], ignoreCase: true),
            },
            Enum.Parse<Aim>(cells[2].Replace("-", "", StringComparison.Ordinal), ignoreCase: true)
        );
        var beside = Several(cells[3]).Select(b => b.Split(' ')).Select(b => Beside(b[0], Number(b[1])));
        return new(
            cells[0],
            Request(cells[0], bird, beside),
            (int)Number(cells[4]),
            [.. Several(cells[5]).Select(Range)],
            Several(cells[6]),
            Range(cells[7])
        );
    }

    private static DishRequest Request(string name, MeatItem bird, IEnumerable<BesideItem> beside) =>
        new()
        {
            Pot = PotDefaults.For(5.7),
            Promise = Promise.Measured,
            Items = [bird, .. beside],
            Served = Servings.Named(name),
        };

    private static BesideItem Beside(string id, double grams) => new(id, CompanionCatalogue.Find(id)!, grams) { MayChange = true };

    private static IEnumerable<Judged> Rows()
    {
        using var file = JsonDocument.Parse(
            File.ReadAllText(Path.Combine(AppContext.BaseDirectory, "Reference", "kitchen", "dishes.json"))
        );
        foreach (var row in file.RootElement.EnumerateArray().Select(r => r.Clone()).ToList())
        {
            var meat = row.GetProperty("meat");
            MeatItem bird = new(
                "bird",
                new MeatLoad
                {
                    Cut = CutCatalogue.Find(meat.GetProperty("cut").GetString()!)!,
                    Pieces = meat.GetProperty("pieces").GetInt32(),
                    TotalKg = meat.GetProperty("totalKg").GetDouble(),
                    State = Enum.Parse<MeatState>(meat.GetProperty("state").GetString()!, ignoreCase: true),
                },
                row.GetProperty("aim").GetString() switch
                {
                    "slice" => Aim.Slice,
                    "pull" => Aim.Pull,
                    _ => Aim.FallApart,
                }
            );
            var name = row.GetProperty("name").GetString()!;
            var beside = row.GetProperty("beside")
                .EnumerateArray()
                .Select(b => Beside(b.GetProperty("id").GetString()!, b.GetProperty("grams").GetDouble()))
                .Select(b => b with { InBowl = row.GetProperty("other").EnumerateArray().Any(line => IsTheBowlOf(b, line.GetString()!)) });
            string[] end = [.. row.GetProperty("atTheEnd").EnumerateArray().Select(line => line.GetString()!)];
            yield return new(
                name,
                Request(name, bird, beside),
                row.GetProperty("goes").GetInt32(),
                [.. row.GetProperty("minutes").EnumerateArray().Select(Range)],
                [.. row.GetProperty("notUnderPressure").EnumerateArray().Select(n => n.GetString()!)],
                Range(row.GetProperty("liquidMl"))
            )
            {
                MayBeAtTheEnd = key => end.Any(line => Names(key).Any(n => line.Contains(n, StringComparison.Ordinal))),
            };
        }

        // "bowl: 320 ml water with the rice"
        static bool IsTheBowlOf(BesideItem item, string line) =>
            line.StartsWith("bowl:", StringComparison.Ordinal) && Names(item.Key).Any(n => line.Contains(n, StringComparison.Ordinal));

        static string[] Names(string id) => [.. id.Split('-').Where(n => n.Length > 3)];

        static (double, double) Range(JsonElement pair) => (pair[0].GetDouble(), pair[1].GetDouble());
    }
}
