using Ikuzo.Core.Physics;

namespace Ikuzo.Core.Cooking;

/// <summary>What nobody knows exactly about a cook. The number is the row of the quantity in <see cref="ParticleDraws"/>.</summary>
public enum Uncertain
{
    /// <summary>Power that reaches the contents.</summary>
    HeaterPower,

    /// <summary>How far our own typical thickness of the cut is off.</summary>
    OwnThickness,

    /// <summary>Thickness that all pieces of the load share.</summary>
    LoadThickness,

    /// <summary>How thick the thickest piece is for its load.</summary>
    PieceThickness,

    /// <summary>The same at the second spot, which has a thickness of its own.</summary>
    SecondThickness,

    /// <summary>How much pieces that touch shield each other.</summary>
    Touching,

    /// <summary>Shape dimensionality.</summary>
    Shape,

    /// <summary>Temperature at lid-on.</summary>
    StartTemperature,

    /// <summary>Conductivity of the meat.</summary>
    Conductivity,

    /// <summary>Heat lost by the pot to the kitchen.</summary>
    HeatLoss,

    /// <summary>Pressure that the pot really holds.</summary>
    GaugePressure,

    /// <summary>Heat transfer at the surface of the meat.</summary>
    SurfaceFilm,

    /// <summary>Steam lost before the valve closes.</summary>
    Purge,

    /// <summary>How much water this meat gives off.</summary>
    WaterLoss,

    /// <summary>How fast this bird's collagen converts.</summary>
    Collagen,
}

/// <summary>One standard deviation of an uncertain quantity and who says so.</summary>
/// <param name="Value">Standard deviation, relative unless the property says otherwise.</param>
/// <param name="Source">Citation or "estimate".</param>
public sealed record Spread(double Value, string Source);

/// <summary>All spreads in one place. Draws are cut at three standard deviations.</summary>
public static class Spreads
{
    /// <summary>Draws beyond this many standard deviations are set to it.</summary>
    public const double CutAt = 3;

    private static readonly Dictionary<Uncertain, Spread> ByQuantity = new()
    {
        [Uncertain.HeaterPower] = new(0.06, "estimate: mains voltage and rating"),
        [Uncertain.Shape] = new(0.05, "estimate"),
        [Uncertain.Conductivity] = new(0.05, "ASHRAE Refrigeration ch. 19: models against measurements, 5 to 10 %"),
        [Uncertain.HeatLoss] = new(0.22, "estimate: power that such pots draw to hold, 75 to 110 W"),
        [Uncertain.Touching] = new(0.10, "estimate"),
        [Uncertain.GaugePressure] = new(0.05, "estimate: pressure switch"),
        [Uncertain.SurfaceFilm] = new(0.25, "estimate: film coefficients of condensing and boiling water"),
        [Uncertain.Purge] = new(0.30, "estimate"),
        [Uncertain.WaterLoss] = new(0.10, "estimate: spread of published cook-loss curves"),
        [Uncertain.Collagen] = new(0.20, "estimate: age and cut"),
    };

    /// <summary>A ruler on soft meat, and the place where it was held.</summary>
    public static readonly Spread Ruler = new(0.05, "estimate: 2 mm on soft meat of 40 mm");

    /// <summary>
    /// Relative standard deviation of a quantity other than start temperature and the thicknesses, which
    /// <see cref="Poultry.ThicknessSpread"/> has by cut.
    /// </summary>
    public static Spread Of(Uncertain quantity) => ByQuantity[quantity];

    /// <summary>Standard deviation of the start temperature, K: a freezer varies more than a fridge.</summary>
    public static Spread StartKelvin(bool frozen) => frozen ? new(3, "estimate: home freezers") : new(1.5, "estimate: home fridges");
}

/// <summary>Latin hypercube of standard normal draws, one row per <see cref="Uncertain"/>, the same for every cook.</summary>
/// <remarks>
/// Common draws make two plans differ only by what the cook changed. Heater power is left in order so that particles computed
/// side by side come to pressure at nearly the same time. What goes along by chance between two quantities is taken out (Owen 1994,
/// "Controlling correlations in Latin hypercube samples", JASA 89:1517, ranked Gram-Schmidt): two unknowns that are bad together less
/// often than they should be make the worst in a hundred too good.
/// </remarks>
public static class ParticleDraws
{
    /// <summary>Particles of the ensemble of a plan.</summary>
    public const int Count = 256;

    /// <summary>Particles of the ensemble of a check: readings leave only those that agree, and a hundred of them must be left.</summary>
    public const int CheckCount = 1024;

    /// <summary>Particles of a small ensemble.</summary>
    public const int FewCount = 64;

    private const ulong Seed = 0x1AB5_2C90_77D3_E46B;
    private const int Passes = 3; // there and back; hardly anything is left to take out after two
    private static readonly double[][] Rows = Draw(Count);
    private static readonly double[][] CheckRows = Draw(CheckCount);
    private static readonly double[][] FewRows = Draw(FewCount);

    /// <summary>Standard normal draws of one quantity for all particles.</summary>
    public static ReadOnlySpan<double> Of(Uncertain quantity) => Rows[(int)quantity];

    /// <summary>The same for the ensemble of a check.</summary>
    public static ReadOnlySpan<double> OfCheck(Uncertain quantity) => CheckRows[(int)quantity];

    /// <summary>The same for a small ensemble.</summary>
    public static ReadOnlySpan<double> OfFew(Uncertain quantity) => FewRows[(int)quantity];

    private static double[][] Draw(int count)
    {
        var random = new SplitMix64(Seed);
        var strata = Strata(count);
        var rows = new double[Enum.GetValues<Uncertain>().Length][];
        for (var row = 0; row < rows.Length; row++)
        {
            rows[row] = [.. strata];
            if (row != (int)Uncertain.HeaterPower)
            {
                random.Shuffle(rows[row]);
            }
        }

        for (var pass = 0; pass < Passes; pass++)
        {
            for (var row = 1; row < rows.Length; row++)
            {
                Unlink(rows[row], rows[..row], strata);
            }

            for (var row = rows.Length - 2; row > 0; row--)
            {
                Unlink(rows[row], rows[(row + 1)..], strata);
            }
        }

        return rows;
    }

    // Takes out of a row what goes along with others, and gives what is left its strata again in the order in which it lies.
    private static void Unlink(double[] row, double[][] others, double[] strata)
    {
        var left = (double[])row.Clone();
        foreach (var other in others)
        {
            var along = left.Zip(other, (l, o) => l * o).Sum() / other.Sum(o => o * o);
            for (var i = 0; i < left.Length; i++)
            {
                left[i] -= along * other[i];
            }
        }

        var places = Enumerable.Range(0, left.Length).ToArray();
        Array.Sort(left, places);
        for (var rank = 0; rank < places.Length; rank++)
        {
            row[places[rank]] = strata[rank];
        }
    }

    private static double[] Strata(int count)
    {
        var values = new double[count];
        for (var i = 0; i < count; i++)
        {
            values[i] = Math.Clamp(NormalQuantile.Of((i + 0.5) / count), -Spreads.CutAt, Spreads.CutAt);
        }

        return values;
    }
}

/// <summary>
/// A small, fixed generator of random bits: Steele, Lea and Flood, "Fast splittable pseudorandom number generators" (2014).
/// </summary>
internal sealed class SplitMix64(ulong seed)
{
    private ulong _state = seed;

    public ulong Next()
    {
        _state += 0x9E3779B97F4A7C15;
        var z = _state;
        z = (z ^ (z >> 30)) * 0xBF58476D1CE4E5B9;
        z = (z ^ (z >> 27)) * 0x94D049BB133111EB;
        return z ^ (z >> 31);
    }

    /// <summary>Uniform between 0 and 1, both excluded.</summary>
    public double Share() => ((Next() >> 11) + 0.5) / (1UL << 53);

    /// <summary>Standard normal.</summary>
    public double Normal() => NormalQuantile.Of(Share());

    public void Shuffle(double[] values)
    {
        for (var i = values.Length - 1; i > 0; i--)
        {
            var j = (int)(Next() % (ulong)(i + 1));
            (values[i], values[j]) = (values[j], values[i]);
        }
    }
}
