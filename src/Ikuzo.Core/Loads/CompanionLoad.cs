using Ikuzo.Core.Companions;
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
    public string Words(Wording say) => $"{Measure ?? say.Mass(Grams / 1000)} {Companion.Name.ToLowerInvariant()}";

    /// <summary>True when it makes the valve spurt.</summary>
    public bool Spurts => Companion.Foams && !InBowl;

    /// <summary>Liquid that it takes from the pot, ml.</summary>
    public double AbsorbsMl => InBowl ? 0 : Grams * Companion.AbsorbsMlPerGram;

    /// <summary>Mass that warms with it, kg: in a bowl with the water that it will drink.</summary>
    public double Kg => (Grams + (InBowl ? Grams * Companion.AbsorbsMlPerGram : 0)) / 1000;
}
