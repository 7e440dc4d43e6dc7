using Ikuzo.Core.Poultry;

namespace Ikuzo.Core.Loads;

/// <summary>Outer size of one bird or large part as it lies, m.</summary>
/// <param name="LengthMetres">Longest way across.</param>
/// <param name="WidthMetres">The other way across.</param>
/// <param name="HeightMetres">Upwards.</param>
public readonly record struct BirdSize(double LengthMetres, double WidthMetres, double HeightMetres)
{
    /// <summary>The size of a bird or large part by its weight; null for pieces that settle into the pot.</summary>
    /// <param name="species">The bird.</param>
    /// <param name="part">Whole, crown, half and so on.</param>
    /// <param name="kg">Weight of one, kg, above 0.</param>
    public static BirdSize? Of(Species species, Part part, double kg) =>
        CutCatalogue.All.Where(c => c.Species == species && c.Part == part).MinBy(c => c.FromTypical(kg)) is { } cut ? Of(cut, kg) : null;

    /// <summary>The size of one bird or large part of a load; null for pieces that settle into the pot.</summary>
    public static BirdSize? Of(MeatLoad load) => Of(load.Cut, load.PieceKg);

    private static BirdSize? Of(Cut cut, double kg) =>
        cut.Outer?.Scaled(kg / cut.TypicalKg.Value) is { } axes ? new(axes.LengthMetres, axes.WidthMetres, axes.ThicknessMetres) : null;

    /// <summary>Diameter of the smallest circle around one, or around two side by side, with oval footprints, m.</summary>
    /// <param name="sideBySide">1 or 2.</param>
    public double CircleMetres(int sideBySide)
    {
        if (sideBySide == 1)
        {
            return LengthMetres;
        }

        // Two ovals that touch: the farthest point (w/2 (1 + cos a), l/2 sin a) from where they touch.
        double w = WidthMetres / 2,
            l = LengthMetres / 2;
        return 2
            * Enumerable
                .Range(0, 91)
                .Select(degrees => degrees * Math.PI / 180)
                .Max(a => double.Hypot(w * (1 + Math.Cos(a)), l * Math.Sin(a)));
    }
}
