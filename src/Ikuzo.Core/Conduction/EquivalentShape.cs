namespace Ikuzo.Core.Conduction;

/// <summary>
/// Equivalent heat-transfer dimensionality E of a solid body: how much faster it heats than a slab of its least thickness, whose heat
/// comes from two sides only.
/// </summary>
/// <remarks>
/// Both formulas as given in ASHRAE Handbook, Refrigeration, "Cooling and freezing times of foods": 1 for a slab, 3 for a ball or,
/// where the surface hardly takes heat, a cube. They are made for freezing. For the middle of a piece that heats, a three-dimensional
/// solution of the same bodies (<c>bench -- voxel</c>) is up to 4 % slower between slab, rod and ball, where they are exact; the two
/// factors below take that out.
/// </remarks>
public static class EquivalentShape
{
    /// <summary>A body rounded on all sides, as an ellipsoid: Hossain, Cleland and Cleland (1992).</summary>
    /// <param name="widthRatio">Middle axis over the least, 1 or more.</param>
    /// <param name="lengthRatio">Greatest axis over the least, 1 or more.</param>
    /// <param name="biot">h R / k with half of the least axis, above 0.</param>
    /// <returns>E, 1 to 3.</returns>
    public static double Ellipsoid(double widthRatio, double lengthRatio, double biot) =>
        1 + AcrossEllipsoid(widthRatio, biot) + AcrossEllipsoid(lengthRatio, biot);

    /// <summary>A rectangular block: Cleland and Earle (1982), with the coefficients of Cleland, Cleland and Earle (1987).</summary>
    /// <param name="widthRatio">Middle side over the least, 1 or more.</param>
    /// <param name="lengthRatio">Greatest side over the least, 1 or more.</param>
    /// <param name="biot">h R / k with half of the least side, above 0.</param>
    /// <returns>E, 1 to 3.</returns>
    public static double Block(double widthRatio, double lengthRatio, double biot) =>
        1 + AcrossBlock(widthRatio, biot, 0.73, 2.50) + AcrossBlock(lengthRatio, biot, 0.50, 3.69);

    private const double FlatterEllipsoid = 0.28, // fitted to the three-dimensional solution
        SlowerBlock = 0.97; // the same

    private static double AcrossEllipsoid(double ratio, double biot)
    {
        var across = (1 + 2 / biot) / (ratio * ratio + 2 * ratio / biot);
        return across * (1 - FlatterEllipsoid * Math.Pow(1 - across, 3));
    }

    private static double AcrossBlock(double ratio, double biot, double coefficient, double power)
    {
        var by = 2.32 / Math.Pow(ratio, 1.77);
        var slow = by / (Math.Pow(biot, 1.34) + by);
        return SlowerBlock * (slow / ratio + (1 - slow) * coefficient / Math.Pow(ratio, power));
    }
}
