namespace Ikuzo.Core.Poultry;

/// <summary>What a piece of meat is nearest to in shape.</summary>
public enum Form
{
    /// <summary>Rounded on all sides: muscles.</summary>
    Ellipsoid,

    /// <summary>Cut square: cubes.</summary>
    Block,
}

/// <summary>
/// Three axes across a piece, at right angles: the one place where its size is said. How it heats, how it lies and how it is drawn follow.
/// </summary>
/// <param name="ThicknessMetres">The least of the three, m.</param>
/// <param name="WidthMetres">The middle one, m.</param>
/// <param name="LengthMetres">The greatest, m.</param>
public readonly record struct Axes(double ThicknessMetres, double WidthMetres, double LengthMetres)
{
    /// <summary>The same shape at another mass: all lengths go with its cube root.</summary>
    /// <param name="massRatio">New mass over old, above 0.</param>
    public Axes Scaled(double massRatio)
    {
        var length = Math.Cbrt(massRatio);
        return new(ThicknessMetres * length, WidthMetres * length, LengthMetres * length);
    }

    /// <summary>
    /// The same mass with another thickness: what is thicker is as much shorter and narrower, though never less than it is thick.
    /// </summary>
    /// <param name="ratio">New thickness over old, above 0.</param>
    public Axes Stretched(double ratio)
    {
        var thickness = ThicknessMetres * ratio;
        var across = 1 / Math.Sqrt(ratio);
        return new(thickness, Math.Max(thickness, WidthMetres * across), Math.Max(thickness, LengthMetres * across));
    }
}
