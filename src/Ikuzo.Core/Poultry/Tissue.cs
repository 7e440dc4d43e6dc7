using Ikuzo.Core.Physics;

namespace Ikuzo.Core.Poultry;

/// <summary>Raw meat of one kind: what it is made of, where it freezes, how much collagen holds it together.</summary>
/// <param name="Id">Short name.</param>
/// <param name="Composition">Mass fractions.</param>
/// <param name="FreezingCelsius">Initial freezing point, °C.</param>
/// <param name="RichInCollagen">True for leg, wing and carcass; breast has little.</param>
/// <param name="Source">Where the fractions come from.</param>
public sealed record Tissue(string Id, Composition Composition, double FreezingCelsius, bool RichInCollagen, string Source)
{
    private const string Usda = "USDA FoodData Central, SR Legacy, raw, rounded";
    private const string Mixed = "estimate: between meat only and meat with skin in USDA FoodData Central, SR Legacy";

    /// <summary>Freezing point of lean poultry, °C (ASHRAE Refrigeration ch. 19, about -1).</summary>
    private const double Lean = -1.0;

    /// <summary>Chicken breast without skin.</summary>
    public static readonly Tissue ChickenBreast = new("chicken-breast", new(0.739, 0.225, 0.026, 0.010), Lean, false, Usda);

    /// <summary>Chicken breast with skin and bone.</summary>
    public static readonly Tissue ChickenBreastSkin = new("chicken-breast-skin", new(0.695, 0.210, 0.085, 0.010), Lean, false, Usda);

    /// <summary>Chicken leg meat without skin.</summary>
    public static readonly Tissue ChickenLeg = new("chicken-leg", new(0.752, 0.197, 0.041, 0.010), Lean, true, Usda);

    /// <summary>Chicken leg, thigh or wing with skin.</summary>
    public static readonly Tissue ChickenLegSkin = new("chicken-leg-skin", new(0.682, 0.172, 0.137, 0.009), Lean, true, Usda);

    /// <summary>Minced chicken.</summary>
    public static readonly Tissue ChickenMince = new("chicken-mince", new(0.733, 0.174, 0.081, 0.012), Lean, false, Usda);

    /// <summary>Turkey breast.</summary>
    public static readonly Tissue TurkeyBreast = new("turkey-breast", new(0.740, 0.235, 0.015, 0.010), Lean, false, Usda);

    /// <summary>Turkey leg, thigh or wing with skin.</summary>
    public static readonly Tissue TurkeyLegSkin = new("turkey-leg-skin", new(0.720, 0.197, 0.073, 0.010), Lean, true, Usda);

    /// <summary>Minced turkey.</summary>
    public static readonly Tissue TurkeyMince = new("turkey-mince", new(0.725, 0.190, 0.075, 0.010), Lean, false, Usda);

    /// <summary>Duck breast with its skin.</summary>
    public static readonly Tissue DuckBreast = new("duck-breast", new(0.620, 0.165, 0.205, 0.010), Lean, false, Mixed);

    /// <summary>Duck leg with its skin.</summary>
    public static readonly Tissue DuckLeg = new("duck-leg", new(0.630, 0.165, 0.195, 0.010), Lean, true, Mixed) { CollagenRate = 0.4 };

    /// <summary>
    /// How fast its collagen gives way, over that of chicken leg. Duck is firmer: cooks find its legs tough after 15 minutes, tender
    /// after 28
    /// and falling from the bone after 42. Estimate.
    /// </summary>
    public double CollagenRate { get; private init; } = 1;

    /// <summary>The tissue as the conduction solver sees it.</summary>
    public ThermalMaterial Material { get; } = ThermalMaterial.Meat(Composition, FreezingCelsius);
}
