using Ikuzo.Core.Cooking;
using Ikuzo.Core.Physics;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Quantities;
using Ikuzo.Core.Safety;

namespace Ikuzo.Core.Trust;

/// <summary>How well a figure is known.</summary>
public enum Standing
{
    /// <summary>Follows from a definition or an official rule.</summary>
    Exact,

    /// <summary>Published, with a source.</summary>
    Literature,

    /// <summary>Our judgement; your own cooks may show otherwise.</summary>
    Estimate,

    /// <summary>A scale made up to compare cooks, not a quantity that could be measured.</summary>
    Index,
}

/// <summary>A figure that the computation rests on.</summary>
/// <param name="About">Heading under which it stands.</param>
/// <param name="Name">What it is, in kitchen words.</param>
/// <param name="Value">Value with its unit.</param>
/// <param name="Standing">How well it is known.</param>
/// <param name="Source">Who says so.</param>
public sealed record Assumption(string About, string Name, string Value, Standing Standing, string Source);

/// <summary>Everything that the computation takes as given, read from where it is used.</summary>
public static class Assumptions
{
    private const string Estimate = "estimate";
    private const string Safety = "Safety",
        Pot = "The pot",
        Meat = "The meat",
        Chance = "How much cooks differ",
        Probe = "The thermometer";

    /// <summary>All of them, by heading.</summary>
    /// <param name="units">Units of the words.</param>
    public static IReadOnlyList<Assumption> Of(UnitSystem units) => [.. General(new Wording(units)), .. Spread(), .. OfCuts()];

    private static IEnumerable<Assumption> General(Wording say) =>
        [
            new(
                Safety,
                "Safe at the coldest spot",
                say.Temperature(SafetyRule.CoreCelsius),
                Standing.Exact,
                "USDA FSIS, safe minimum internal temperature for all poultry"
            ),
            new(Safety, "Share of such cooks that must be safe", Inv($"{SafetyRule.ShareSafe:0.##}"), Standing.Exact, "our rule"),
            new(
                Safety,
                $"Time for a tenth of the germs to be left at {say.Temperature(Kinetics.SalmonellaReferenceCelsius)}",
                Inv($"{Kinetics.SalmonellaD60Seconds / 60:0.#} min"),
                Standing.Literature,
                "USDA FSIS Cooking Guideline, appendix A (2021): Salmonella in chicken; shown, never used"
            ),
            new(
                Safety,
                "Warmer by this kills ten times faster",
                Inv($"{Kinetics.SalmonellaZKelvin:0.#} K"),
                Standing.Estimate,
                "spacing of the same table, rounded up"
            ),
            new(Pot, "Temperature under pressure", "from steam tables", Standing.Literature, "IAPWS-IF97, region 4; standard atmosphere"),
            new(Pot, "Heat of the heater that arrives", Inv($"{PotDefaults.For(5.7).Efficiency * 100:0} %"), Standing.Estimate, Estimate),
            new(
                Pot,
                "Heat lost to the kitchen, 5.7-litre pot",
                Inv($"{PotDefaults.For(5.7).LossWattPerKelvin:0.##} W/K"),
                Standing.Estimate,
                "power that such pots draw to hold, 75 to 110 W"
            ),
            new(
                Pot,
                "Heat stored in pot and lid, 5.7 litres",
                Inv($"{PotDefaults.For(5.7).ShellJoulePerKelvin / 1000:0.0} kJ/K"),
                Standing.Estimate,
                "weight of steel and aluminium that warms along"
            ),
            new(
                Pot,
                "Heat transfer, steam or boiling water to meat",
                Inv($"{Film.SteamOrBoiling:0} W/m²K"),
                Standing.Estimate,
                "condensation and boiling: high hundreds in textbooks"
            ),
            new(
                Pot,
                "Fall of temperature with the valve open",
                Inv($"e-fold in {Release.VentTauSeconds:0} s"),
                Standing.Estimate,
                "two minutes until the pin drops"
            ),
            new(Meat, "Heat capacity and conductivity", "from water, protein, fat", Standing.Literature, "Choi and Okos (1986)"),
            new(Meat, "Ice in frozen meat", "from water and protein", Standing.Literature, "ASHRAE Refrigeration, chapter 19"),
            new(
                Meat,
                $"Half of the collagen gone at {say.Temperature(Kinetics.CollagenReferenceCelsius)}",
                Inv($"{Kinetics.CollagenHalfLifeSeconds / 60:0} min"),
                Standing.Estimate,
                "half an hour for leg meat"
            ),
            new(
                Meat,
                "Activation energy of collagen",
                Inv($"{Kinetics.CollagenActivation / 1000:0} kJ/mol"),
                Standing.Estimate,
                "middle of published 90 to 170"
            ),
            new(
                Meat,
                "Most juice that long cooking drives out",
                Inv($"{Kinetics.WaterLossCeilingPercent:0.#} % of the muscle's raw weight"),
                Standing.Estimate,
                "fitted to published cook-loss curves for chicken"
            ),
            new(Meat, "Time for juice to leave", Inv($"e-fold in {Kinetics.WaterLossTauSeconds / 60:0} min"), Standing.Estimate, Estimate),
            new(
                Meat,
                "Tenderness",
                "0 to 1",
                Standing.Index,
                "share of collagen converted; where slices, pulls and falls apart begin is our judgement"
            ),
            new(
                Probe,
                "A probe that misses the middle reads too hot by",
                Inv($"{ProbeError.TooHotKelvin:0.#} K"),
                Standing.Estimate,
                Estimate
            ),
        ];

    // Everything that is drawn, as it is drawn.
    private static IEnumerable<Assumption> Spread() =>
        Enum.GetValues<Uncertain>()
            .SelectMany<Uncertain, Assumption>(quantity =>
                quantity switch
                {
                    Uncertain.OwnThickness => [Percent("Thickness with a ruler", Spreads.Ruler)],
                    Uncertain.LoadThickness or Uncertain.PieceThickness or Uncertain.SecondThickness => [], // by cut
                    Uncertain.StartTemperature =>
                    [
                        Kelvin("Temperature of the fridge", Spreads.StartKelvin(frozen: false)),
                        Kelvin("Temperature of the freezer", Spreads.StartKelvin(frozen: true)),
                    ],
                    _ => [Percent(UncertainWords.Name(quantity), Spreads.Of(quantity))],
                }
            );

    private static Assumption Percent(string name, Spread spread) =>
        new(Chance, name, Inv($"± {spread.Value * 100:0} %"), Known(spread.Source), spread.Source);

    private static Assumption Kelvin(string name, Spread spread) =>
        new(Chance, name, Inv($"± {spread.Value:0.#} K"), Known(spread.Source), spread.Source);

    private static IEnumerable<Assumption> OfCuts() =>
        CutCatalogue.All.Select(c => new Assumption(
            "Thickness of each cut",
            c.Name,
            Inv($"{c.ThicknessMm.Value:0} mm ± {c.Spread.OfOne * 100:0} % at {c.TypicalKg.Value:0.##} kg"),
            Known(c.ThicknessMm.Source),
            c.ThicknessMm.Source
        ));

    private static Standing Known(string source) =>
        source.StartsWith(Estimate, StringComparison.Ordinal) ? Standing.Estimate : Standing.Literature;

    private static string Inv(FormattableString text) => FormattableString.Invariant(text);
}
