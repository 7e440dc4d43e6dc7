using Ikuzo.Core.Companions;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Pots;

namespace Ikuzo.Core.Tests.Kitchen;

/// <summary>Come-up from cold and natural release, row by row.</summary>
public class ReleaseRowsTests
{
    // What a row names, as a load, and the minutes at pressure that such a dish gets.
    private static readonly Dictionary<
        (double Litres, string What),
        (string Cut, int Pieces, double Hold, (string Id, double Grams)[] Beside)
    > Loads = new()
    {
        [(3, "chicken breast boneless chilled")] = ("chicken-breast-boneless", 2, 10, []),
        [(3, "chicken thighs bone-in chilled")] = ("chicken-thigh-bone-in", 5, 16, []),
        [(3, "soup with diced chicken to two thirds")] = ("chicken-diced", 25, 6, []),
        [(3, "rice 200 g with diced chicken")] = ("chicken-diced", 20, 5, [("long-grain-white-rice", 200)]),
        [(5.7, "water only")] = ("", 0, 5, []),
        [(5.7, "chicken breast boneless chilled on the rack")] = ("chicken-breast-boneless", 4, 12, []),
        [(5.7, "chicken thighs bone-in chilled")] = ("chicken-thigh-bone-in", 6, 17, []),
        [(5.7, "chicken thighs with 300 g rice")] = ("chicken-thigh-bone-in", 6, 12, [("long-grain-white-rice", 300)]),
        [(5.7, "whole chicken chilled on the rack")] = ("chicken-whole", 1, 24, []),
        [(5.7, "chicken breast boneless frozen single")] = ("chicken-breast-boneless", 4, 25, []),
        [(5.7, "chicken stew with roots")] = ("chicken-thigh-boneless", 6, 8, [("carrots-chunks", 400)]),
        [(5.7, "chicken soup")] = ("chicken-thigh-bone-in", 7, 14, []),
        [(5.7, "stock with carcass to two thirds")] = ("chicken-carcass", 1, 60, []),
        [(5.7, "soaked beans 500 g with drumsticks")] = ("chicken-drumstick", 8, 13, [("soaked-white-beans", 500)]),
        [(5.7, "duck legs browned")] = ("duck-leg", 4, 38, []),
        [(5.7, "turkey crown chilled")] = ("turkey-crown", 1, 45, []),
        [(5.7, "pasta 350 g with meatballs and tomato")] = ("turkey-meatball", 24, 4, [("penne-pasta", 350)]),
        [(8, "chicken thighs bone-in chilled")] = ("chicken-thigh-bone-in", 8, 17, []),
        [(8, "whole chicken chilled on the rack")] = ("chicken-whole", 1, 32, []),
    };

    // Where the energy of the pot does not come to the figure of kitchens, by what, and why.
    private static readonly Dictionary<(double Litres, string What), string> Explained = new()
    {
        [(3, "soup with diced chicken to two thirds")] =
            "1.8 kg of soup hold 110 kJ between the pressure and the pin; at 60 W, what such a pot draws to hold, that is half an hour",
        [(3, "rice 200 g with diced chicken")] = "nearly a kilogram at 640 W is up in 11 min; the row says 9",
        [(5.7, "chicken soup")] =
            "three kilograms of soup at the 91 W that such a pot draws to hold: 35 min; water alone takes 30 with two litres",
        [(5.7, "soaked beans 500 g with drumsticks")] =
            "half a kilogram of wet beans, 0.7 l and the meat are up in 19 min and take 26 to lose it; the row says 18 and 24",
        [(5.7, "stock with carcass to two thirds")] = "2.8 litres alone: two litres take 30 min and more by the same kitchens",
        [(5.7, "duck legs browned")] =
            "held for 38 min the legs are hot through and their fat and juice are in the pot: 17 min, the row says 16",
    };

    public static TheoryData<int> Agreed => [.. Enumerable.Range(0, Rows.Count).Where(i => Rows[i].IsAgreed)];

    private static readonly List<KitchenRow> Rows = [.. KitchenRows.Of("release.csv")];

    [Theory]
    [MemberData(nameof(Agreed))]
    public void ComeUpAndRelease_AreAsInKitchens(int index)
    {
        var row = Rows[index];
        var key = (row.Number("pot_litres"), row["what"]);
        var load = Loads[key];
        var result = Ensemble.Run(Model(row, load), ParticleSource.Nominal, [new(load.Hold, Release.Natural)]);
        bool Within(double minutes, string what) =>
            minutes >= row.Number($"{what}_min_low") - 0.5 && minutes <= row.Number($"{what}_min_high") + 0.5;
        var meets = Within(result.ToPressureMinutes[0], "come_up") && Within(result.Outcomes[0].ReleaseMinutes[0], "natural_release");
        Assert.True(
            meets != Explained.ContainsKey(key),
            $"{row}: up {result.ToPressureMinutes[0]:0.0}, release {result.Outcomes[0].ReleaseMinutes[0]:0.0}"
        );
    }

    private static CookModel Model(KitchenRow row, (string Cut, int Pieces, double Hold, (string Id, double Grams)[] Beside) load)
    {
        var what = row["what"];
        if (load.Pieces == 0)
        {
            return CookModel.WithoutMeat(PotDefaults.For(row.Number("pot_litres")), row.Number("liquid_ml") / 1000, 0, [], 21);
        }

        // In a stew the weight is that of meat and roots together.
        var roots = load.Beside.Where(b => b.Id == "carrots-chunks").Sum(b => b.Grams) / 1000;
        var request = KitchenRows.Request(
            row.Number("pot_litres"),
            load.Cut,
            load.Pieces,
            row.Number("kg") - roots,
            what.Contains("frozen", StringComparison.Ordinal)
        );
        var isWet = new[] { "soup", "stock", "stew", "beans" }.Any(w => what.Contains(w, StringComparison.Ordinal));
        return ModelBuilder.Build(
            request with
            {
                LiquidMl = row.Number("liquid_ml"),
                Load = request.Load with { Placement = isWet ? Placement.InLiquid : Placement.Rack },
                Companions = [.. load.Beside.Select(b => new CompanionLoad(CompanionCatalogue.Find(b.Id)!, b.Grams))],
                Browned = what.Contains("browned", StringComparison.Ordinal),
            }
        );
    }
}
