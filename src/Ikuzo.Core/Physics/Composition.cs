namespace Ikuzo.Core.Physics;

/// <summary>What a food is made of, as mass fractions of the raw weight that add up to 1.</summary>
/// <param name="Water">Water, kg/kg.</param>
/// <param name="Protein">Protein, kg/kg.</param>
/// <param name="Fat">Fat, kg/kg.</param>
/// <param name="Ash">Minerals, kg/kg.</param>
public readonly record struct Composition(double Water, double Protein, double Fat, double Ash)
{
    /// <summary>The four fractions added; 1 for a valid composition.</summary>
    public double Total => Water + Protein + Fat + Ash;
}
