using Ikuzo.Core.Poultry;

namespace Ikuzo.Core.Loads;

/// <summary>Outer size of one bird or large part as it lies, m.</summary>
/// <param name="LengthMetres">Longest way across.</param>
/// <param name="WidthMetres">The other way across.</param>
/// <param name="HeightMetres">Upwards.</param>
/// <remarks>
/// All lengths go with the cube root of the mass. Sizes at the reference mass are estimates for trussed birds, legs tucked.
/// </remarks>
public readonly record struct BirdSize(double LengthMetres, double WidthMetres, double HeightMetres)
{
    private static readonly Dictionary<(Species, Part), (double Kg, BirdSize Size)> Known = new()
    {
        [(Species.Chicken, Part.Whole)] = (1.8, new(0.205, 0.150, 0.120)),
        [(Species.Chicken, Part.Spatchcocked)] = (1.7, new(0.270, 0.240, 0.060)),
        [(Species.Chicken, Part.Half)] = (0.85, new(0.200, 0.120, 0.065)),
        [(Species.Chicken, Part.Carcass)] = (0.5, new(0.160, 0.120, 0.090)),
        [(Species.Turkey, Part.Whole)] = (4.5, new(0.290, 0.225, 0.180)),
        [(Species.Turkey, Part.Crown)] = (2.8, new(0.220, 0.200, 0.140)),
        [(Species.Turkey, Part.Carcass)] = (1.2, new(0.230, 0.170, 0.130)),
        [(Species.Duck, Part.Whole)] = (2.2, new(0.250, 0.150, 0.110)),
        [(Species.Duck, Part.Crown)] = (1.1, new(0.180, 0.150, 0.100)),
        [(Species.Duck, Part.Carcass)] = (0.6, new(0.190, 0.130, 0.090)),
    };

    /// <summary>The size of a bird or large part by its weight; null for pieces that settle into the pot.</summary>
    /// <param name="species">The bird.</param>
    /// <param name="part">Whole, crown, half and so on.</param>
    /// <param name="kg">Weight of one, kg, above 0.</param>
    public static BirdSize? Of(Species species, Part part, double kg) =>
        Known.TryGetValue((species, part), out var known) ? known.Size.Times(Math.Cbrt(kg / known.Kg)) : null;

    /// <summary>The size of one bird or large part of a load; null for pieces that settle into the pot.</summary>
    public static BirdSize? Of(MeatLoad load) => Of(load.Cut.Species, load.Cut.Part, load.PieceKg);

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

    private BirdSize Times(double scale) => new(LengthMetres * scale, WidthMetres * scale, HeightMetres * scale);
}
