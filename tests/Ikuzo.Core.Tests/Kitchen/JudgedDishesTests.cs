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

    // What the cook keeps from the pressure, and goes under it here.
    private static readonly Dictionary<string, string> UnderAllTheSame = new()
    {
        ["Carcass broth, then barley"] = "carrots beside barley that takes as long",
    };

    [Fact]
    public void Dishes_AreMadeAsCooksMakeThem()
    {
        int minutes = 0,
            liquid = 0;
        List<string> goes = [],
            under = [];
        foreach (var dish in Rows())
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
            var poured = best.Stages.Max(s => s.LiquidMl);
            var isPoured = IsWithin(poured, dish.LiquidMl, 0.15 * dish.LiquidMl.From, 0.15 * dish.LiquidMl.To);
            (minutes, liquid) = (minutes + (isTimed ? 1 : 0), liquid + (isPoured ? 1 : 0));
            output.WriteLine(
                $"{dish.Name}: {string.Join(", then ", best.Stages.Select(s => $"{s.Minutes} min {s.Release}"))}, {poured} ml"
            );
        }

        output.WriteLine($"{minutes} with the cook's minutes, {liquid} with the cook's liquid");
        Assert.Equal(OtherGoes.Keys.Order(), goes.Order());
        Assert.Equal(UnderAllTheSame.Keys, under);
        Assert.True(minutes >= 43, $"{minutes}");
        Assert.True(liquid >= 49, $"{liquid}");
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
    );

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
            var beside = row.GetProperty("beside").EnumerateArray().Select(Beside);
            yield return new(
                row.GetProperty("name").GetString()!,
                new()
                {
                    Pot = PotDefaults.For(5.7),
                    Promise = Promise.Measured,
                    Items = [bird, .. beside],
                },
                row.GetProperty("goes").GetInt32(),
                [.. row.GetProperty("minutes").EnumerateArray().Select(Range)],
                [.. row.GetProperty("notUnderPressure").EnumerateArray().Select(n => n.GetString()!)],
                Range(row.GetProperty("liquidMl"))
            );
        }

        static (double, double) Range(JsonElement pair) => (pair[0].GetDouble(), pair[1].GetDouble());
        static BesideItem Beside(JsonElement item)
        {
            var companion = CompanionCatalogue.Find(item.GetProperty("id").GetString()!)!;
            return new(companion.Id, companion, item.GetProperty("grams").GetDouble()) { MayChange = true };
        }
    }
}
