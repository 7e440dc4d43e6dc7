using Ikuzo.Core.Pots;

namespace Ikuzo.Core.Loads;

/// <summary>A pot with everything that is in it when the lid closes.</summary>
public record FilledPot
{
    /// <summary>The pot.</summary>
    public required PotModel Pot { get; init; }

    /// <summary>The meat.</summary>
    public required MeatLoad Load { get; init; }

    /// <summary>Thin liquid, ml; null for the least that the pot asks for.</summary>
    public double? LiquidMl { get; init; }

    /// <summary>What else is in the pot.</summary>
    public IReadOnlyList<CompanionLoad> Companions { get; init; } = [];

    /// <summary>Other pots of the kitchen, for what does not fit into this one.</summary>
    public IReadOnlyList<NamedPot> OtherPots { get; init; } = [];

    /// <summary>Liquid in the pot, ml.</summary>
    public virtual double Liquid => LiquidMl ?? Pot.MinimumLiquidMl;

    /// <summary>Room that what lies beside the meat takes under a liquid line, l; what stands in a bowl takes none of it.</summary>
    public double BesideLitres => Companions.Where(c => !c.InBowl).Sum(c => c.Grams) / 1000 * Bulk.LitresPerKg;

    /// <summary>True where something foams or swells.</summary>
    public bool Swells => Companions.Any(c => c.Spurts);

    /// <summary>Mark that liquid and what swells stay under, l.</summary>
    public double MarkLitres => Swells ? Pot.HalfLitres : Pot.FillLitres;

    /// <summary>Where the meat lies.</summary>
    public virtual Placement Placement => Load.Placement;

    /// <summary>True where the liquid is there to cover the meat: then it fills what lies between the pieces.</summary>
    public virtual bool IsForStock => false;

    /// <summary>True for meat that lies under the liquid: small pieces in it do, a bird stands above.</summary>
    public bool IsUnderLiquid => IsForStock || (Placement == Placement.InLiquid && Load.Cut.Outer is null);
}
