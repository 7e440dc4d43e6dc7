using Ikuzo.Core.Loads;
using Ikuzo.Core.Poultry;

namespace Ikuzo.Core.Filling;

/// <summary>What a load gives to eat.</summary>
/// <param name="CookedGrams">Cooked meat without skin and bone, g.</param>
/// <param name="SkinGrams">Skin and the fat that is left in it, g.</param>
/// <param name="Portions">Helpings of cooked meat.</param>
public sealed record MeatYield(double CookedGrams, double SkinGrams, double Portions)
{
    private const double PortionGrams = 125; // cooked meat of a helping; choice
    private const double RenderingMinutes = 15; // time constant at pressure; estimate
    private const double ComeUpMinutes = 8; // that the skin is hot before the minutes count; estimate

    /// <summary>Grams of rendered fat to the ml.</summary>
    internal const double FatGramsPerMl = 0.91; // rendered poultry fat: USDA FoodData Central, 205 g to the cup, rounded

    // Share of skin and separable fat that melts out in the end. Estimates: a duck of 2.2 kg gives about a quarter of a litre.
    private const double LeanRenders = 0.25,
        DuckRenders = 0.35;

    /// <summary>What a load gives.</summary>
    /// <param name="load">The meat, raw.</param>
    /// <param name="lossPercent">Juice lost, percent of the muscle's weight.</param>
    /// <param name="minutes">Minutes under pressure.</param>
    public static MeatYield Of(MeatLoad load, double lossPercent, double minutes)
    {
        var meat = load.MuscleKg * 1000 * (1 - lossPercent / 100);
        var skin = load.TotalKg * 1000 * load.Cut.Shares.SkinAndFat - RenderedMl(load, minutes) * FatGramsPerMl;
        return new(Math.Round(meat), Math.Round(skin), Math.Round(meat / PortionGrams, 1));
    }

    /// <summary>Fat that melts out of skin and separable fat and floats on the liquid, ml: of first order in time.</summary>
    /// <param name="load">The meat, raw.</param>
    /// <param name="minutes">Minutes under pressure.</param>
    public static double RenderedMl(MeatLoad load, double minutes)
    {
        var most = load.Cut.Species == Species.Duck ? DuckRenders : LeanRenders;
        var share = most * (1 - Math.Exp(-(minutes + ComeUpMinutes) / RenderingMinutes));
        return load.TotalKg * 1000 * load.Cut.Shares.SkinAndFat * share / FatGramsPerMl;
    }
}
