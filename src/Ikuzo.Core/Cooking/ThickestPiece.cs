using Ikuzo.Core.Physics;

namespace Ikuzo.Core.Cooking;

/// <summary>
/// How much thicker the thickest piece of a load is than its average piece, as a logarithm: of several pieces the thickest decides.
/// </summary>
/// <remarks>
/// A piece is thick because it is heavy (the cube root of its mass) or because it is plump. Both are normal in their logarithms. The
/// thickest of n independent pieces lies below t with the n-th power of the share of one (order statistics); where the heaviest was
/// weighed, the others weigh less, and it differs by its plumpness alone.
/// </remarks>
public sealed class ThickestPiece
{
    private const int Nodes = 97; // of the table of a known heaviest piece
    private const double Furthest = 6; // standard deviations
    private const int Slices = 24; // of the weights of the others

    /// <summary>No difference from the average.</summary>
    public static readonly ThickestPiece None = new(0, 0, 1);

    private readonly double _spread;
    private readonly int _pieces;
    private readonly (double At, double Share)[]? _table;

    /// <summary>Pieces of which only the sum was weighed.</summary>
    /// <param name="plump">Standard deviation of thickness at a known weight, relative.</param>
    /// <param name="weight">Standard deviation of thickness from unequal weights, relative; of no matter for one piece.</param>
    /// <param name="pieces">Number of pieces, 1 or more.</param>
    public ThickestPiece(double plump, double weight, int pieces)
    {
        _spread = pieces == 1 ? plump : double.Hypot(plump, weight);
        _pieces = pieces;
    }

    private ThickestPiece(double plump, double weight, int pieces, double heaviest)
        : this(plump, weight, pieces) => _table = Tabulate(plump, weight, pieces, heaviest);

    /// <summary>Pieces of which the heaviest was weighed on its own.</summary>
    /// <param name="plump">Standard deviation of thickness at a known weight, relative, above 0.</param>
    /// <param name="weight">Standard deviation of thickness from unequal weights, relative, above 0.</param>
    /// <param name="pieces">Number of pieces, 2 or more.</param>
    /// <param name="massRatio">Mass of the heaviest over the average, 1 or more.</param>
    public static ThickestPiece OfKnownHeaviest(double plump, double weight, int pieces, double massRatio) =>
        new(plump, weight, pieces, Math.Log(massRatio) / 3);

    /// <summary>Logarithm of its thickness over the average piece's, for a standard normal draw.</summary>
    /// <param name="z">The draw: larger is thicker.</param>
    public double Of(double z)
    {
        if (_spread == 0)
        {
            return 0;
        }

        if (_table is null)
        {
            return _pieces == 1 ? _spread * z : _spread * NormalQuantile.Of(Within(Math.Pow(NormalShare.Of(z), 1.0 / _pieces)));
        }

        var share = NormalShare.Of(z);
        var above = Array.FindIndex(_table, node => node.Share >= share);
        return above switch
        {
            < 0 => _table[^1].At,
            0 => _table[0].At,
            _ => Between(_table[above - 1], _table[above], share),
        };
    }

    private static double Between((double At, double Share) low, (double At, double Share) high, double share) =>
        low.At + (high.At - low.At) * (share - low.Share) / (high.Share - low.Share);

    private static double Within(double share) => Math.Clamp(share, 1e-12, 1 - 1e-12);

    // The heaviest by its plumpness, and none of the lighter ones thicker.
    private static (double At, double Share)[] Tabulate(double plump, double weight, int pieces, double heaviest)
    {
        var all = NormalShare.Of(heaviest / weight);
        double OfOther(double at) =>
            Enumerable
                .Range(0, Slices)
                .Average(i => NormalShare.Of((at - weight * NormalQuantile.Of(Within(all * (i + 0.5) / Slices))) / plump));
        return
        [
            .. Enumerable
                .Range(0, Nodes)
                .Select(i => heaviest + plump * Furthest * (2.0 * i / (Nodes - 1) - 1))
                .Select(at => (at, NormalShare.Of((at - heaviest) / plump) * Math.Pow(OfOther(at), pieces - 1))),
        ];
    }
}
