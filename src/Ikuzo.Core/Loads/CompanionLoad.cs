using Ikuzo.Core.Companions;
using Ikuzo.Core.Physics;
using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Loads;

/// <summary>A companion with its amount.</summary>
/// <param name="Companion">What.</param>
/// <param name="Grams">How much, g.</param>
/// <param name="InBowl">True in a bowl on the rack, with its own water.</param>
/// <param name="Size">How large it is cut.</param>
public sealed record CompanionLoad(Companion Companion, double Grams, bool InBowl = false, PieceSize Size = PieceSize.Usual)
{
    /// <summary>How much, as the cook measured it; null for grams.</summary>
    public string? Measure { get; init; }

    /// <summary>Amount and name: "250 g pearl barley", "3 carrots".</summary>
    /// <param name="say">In which units.</param>
    public string Words(Wording say)
    {
        var size = Companion.SizeWords(Size) is { } words ? $", {words}" : "";
        return $"{Measure ?? say.Mass(Grams / 1000)} {Companion.Name.ToLowerInvariant()}{size}";
    }

    /// <summary>True when the cook has not said how it is cut and where it stands, so that the dish may choose.</summary>
    public bool MayChange { get; init; }

    /// <summary>How it softens; null for what does not.</summary>
    public BesideModel? Model => !Companion.Softens ? null : Companion.Model(Size, InBowl ? Kg : 0);

    /// <summary>True when it makes the valve spurt.</summary>
    public bool Spurts => Companion.Foams && !InBowl;

    /// <summary>Liquid that it takes from the pot until it is at its best, ml.</summary>
    public double AbsorbsMl => InBowl ? 0 : Grams * Companion.AbsorbsMlPerGram;

    /// <summary>Liquid that cooks pour for it, ml.</summary>
    public double PouredMl => InBowl ? 0 : Grams * Companion.PouredMlPerGram;

    /// <summary>Liquid that it gives to the pot in the end, ml.</summary>
    public double GivesOffMl => InBowl ? 0 : Grams * Companion.GivesOffMlPerGram;

    /// <summary>Liquid that it has drunk from the pot after some heat, ml: of first order, nearly all of it at its best.</summary>
    /// <param name="heat">Heat that it had over that at which it is at its best.</param>
    public double DrunkMl(double heat)
    {
        const double Lives = 3; // time constants until it is at its best. Estimate: 95 % of what it can take
        return AbsorbsMl * (1 - Math.Exp(-Lives * heat)) / (1 - Math.Exp(-Lives));
    }

    /// <summary>How it is cut and where it stands, where that matters; null for as its name says.</summary>
    public string? How =>
        (Companion.SizeWords(Size), InBowl) switch
        {
            ({ } size, true) => $"{size}, {InABowl}",
            ({ } size, _) => size,
            (_, true) => InABowl,
            _ => null,
        };

    private const string InABowl = "in a bowl on the rack";

    /// <summary>Mass that warms with it, kg: in a bowl with the water that it will drink.</summary>
    public double Kg => HeatKg ?? Grams / 1000 + BowlWaterKg;

    /// <summary>Heat capacity of it, J/K: in a bowl with the water that it will drink.</summary>
    public double JoulePerKelvin =>
        HeatKg is { } kg ? kg * Bulk.BesideJoulePerKgKelvin
        : Companion.Drinks ? Grams / 1000 * Bulk.DryJoulePerKgKelvin + BowlWaterKg * Water.JoulePerKgKelvin
        : Kg * Bulk.BesideJoulePerKgKelvin;

    private double BowlWaterKg => InBowl ? Grams * Companion.AbsorbsMlPerGram / 1000 : 0;

    /// <summary>Heat that it takes, as kilograms of what is as warm as the kitchen; null for what is.</summary>
    public double? HeatKg { get; init; }
}
