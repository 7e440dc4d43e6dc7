using Ikuzo.Core.Conduction;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Poultry;

namespace Ikuzo.Bench;

/// <summary>
/// Holds the equivalent shape of every cut against a three-dimensional solution of the same ellipsoid or block: when does its middle get
/// there. Explicit differences on an eighth of the body; where its surface cuts a cell, the distance to it counts.
/// </summary>
internal static class Voxel
{
    private const int Cells = 16; // across half of the least axis
    private const double Nearest = 0.25; // of a cell, from its middle to the surface: nearer ones would need tiny steps
    private const double Wanted = 0.375; // (116 - 74) / (116 - 4): from the fridge to safe, in a pot under pressure

    /// <summary>Prints the time of the equivalent shape over that of the body: each spot, three weights, three Biot numbers.</summary>
    public static void Show()
    {
        Console.WriteLine($"a ball: {Ratio(Form.Ellipsoid, new(1, 1, 1), 20, 3):0.000} (1 is exact)");
        List<double> all = [];
        foreach (var cut in CutCatalogue.All)
        {
            foreach (var spot in cut.Spots)
            {
                double[] ratios =
                [
                    .. new[] { cut.MinKg, cut.TypicalKg, cut.MaxKg }.SelectMany(kg =>
                    {
                        var axes = spot.Axes.Scaled(kg.Value / cut.TypicalKg.Value);
                        return new[] { 0.3, 1, 3 }.Select(film =>
                        {
                            var biot = film * ModelBuilder.Biot(axes);
                            return Ratio(spot.Form, axes, biot, ModelBuilder.Dimensionality(spot.Form, axes, biot));
                        });
                    }),
                ];
                all.AddRange(ratios);
                Console.WriteLine(
                    $"{cut.Id + " " + spot.Id, -36} {ratios.Min(), 6:0.000} {ratios.Average(), 6:0.000} {ratios.Max(), 6:0.000}"
                );
            }
        }

        all.Sort();
        Console.WriteLine($"median {all[all.Count / 2]:0.000}, from {all[0]:0.000} to {all[^1]:0.000}");
    }

    private static double Ratio(Form form, Axes axes, double biot, double dimensionality) =>
        Equivalent(dimensionality, biot)
        / Solve(form, axes.WidthMetres / axes.ThicknessMetres, axes.LengthMetres / axes.ThicknessMetres, biot);

    // Fourier number at which the centre of the equivalent shape gets there, from the exact series.
    private static double Equivalent(double dimensionality, double biot)
    {
        double low = 0.01,
            high = 10;
        for (var i = 0; i < 40; i++)
        {
            var middle = (low + high) / 2;
            (low, high) = ConductionSeries.At(dimensionality, biot, middle).Centre > Wanted ? (middle, high) : (low, middle);
        }

        return (low + high) / 2;
    }

    /// <summary>Fourier number (of the least half-axis) at which the middle of a body gets there.</summary>
    private static double Solve(Form form, double width, double length, double biot)
    {
        int nx = Cells,
            ny = (int)Math.Ceiling(Cells * width),
            nz = (int)Math.Ceiling(Cells * length);
        const double Side = 1.0 / Cells;
        var grid = new Grid(form, width, length, biot, nx, ny, nz, Side);
        return grid.Until(Wanted);
    }

    internal sealed class Grid
    {
        private readonly int _nx,
            _ny,
            _nz;
        private readonly float[] _lost; // conductance to the surroundings over that to a neighbour
        private readonly bool[] _inside;
        private readonly double _step; // Fourier number
        private readonly float _share;

        public Grid(Form form, double width, double length, double biot, int nx, int ny, int nz, double side)
        {
            (_nx, _ny, _nz) = (nx, ny, nz);
            _inside = new bool[nx * ny * nz];
            _lost = new float[nx * ny * nz];
            double[] half = [1, width, length];
            double most = 0;
            for (var k = 0; k < nz; k++)
            for (var j = 0; j < ny; j++)
            for (var i = 0; i < nx; i++)
            {
                double[] at = [(i + 0.5) * side, (j + 0.5) * side, (k + 0.5) * side];
                if (!IsInside(form, at, half))
                {
                    continue;
                }

                var here = At(i, j, k);
                _inside[here] = true;
                var lost = 0.0;
                for (var axis = 0; axis < 3; axis++)
                {
                    var surface = Surface(form, at, half, axis);
                    if (at[axis] + side <= surface)
                    {
                        continue;
                    }

                    var distance = Math.Max(Nearest * side, surface - at[axis]);
                    lost += side / (distance + 1 / (biot * Facing(form, at, half, axis, surface)));
                }

                _lost[here] = (float)lost;
                most = Math.Max(most, lost);
            }

            _step = side * side / (6 + most) * 0.95;
            _share = (float)(_step / (side * side));
        }

        public double Until(double wanted)
        {
            var now = new float[_lost.Length];
            var next = new float[_lost.Length];
            Array.Fill(now, 1);
            double time = 0,
                before = 1;
            while (true)
            {
                Parallel.For(0, _nz, k => Layer(now, next, k));
                (now, next) = (next, now);
                time += _step;
                double centre = now[0];
                if (centre <= wanted)
                {
                    return time - _step * (wanted - centre) / (before - centre);
                }

                before = centre;
            }
        }

        private void Layer(float[] now, float[] next, int k)
        {
            for (var j = 0; j < _ny; j++)
            for (var i = 0; i < _nx; i++)
            {
                var here = At(i, j, k);
                if (!_inside[here])
                {
                    continue;
                }

                var t = now[here];
                var flow = -_lost[here] * t;
                flow += i > 0 ? now[here - 1] - t : 0;
                flow += j > 0 ? now[here - _nx] - t : 0;
                flow += k > 0 ? now[here - _nx * _ny] - t : 0;
                flow += i + 1 < _nx && _inside[here + 1] ? now[here + 1] - t : 0;
                flow += j + 1 < _ny && _inside[here + _nx] ? now[here + _nx] - t : 0;
                flow += k + 1 < _nz && _inside[here + _nx * _ny] ? now[here + _nx * _ny] - t : 0;
                next[here] = t + _share * flow;
            }
        }

        private int At(int i, int j, int k) => (k * _ny + j) * _nx + i;

        internal static bool IsInside(Form form, double[] at, double[] half) =>
            form == Form.Block
                ? Enumerable.Range(0, 3).All(a => at[a] < half[a])
                : Enumerable.Range(0, 3).Sum(a => at[a] * at[a] / (half[a] * half[a])) < 1;

        // Where the surface is along an axis.
        internal static double Surface(Form form, double[] at, double[] half, int axis)
        {
            if (form == Form.Block)
            {
                return half[axis];
            }

            var others = Enumerable.Range(0, 3).Where(a => a != axis).Sum(a => at[a] * at[a] / (half[a] * half[a]));
            return half[axis] * Math.Sqrt(1 - others);
        }

        // How much the surface there faces along the axis: the part of its area that is seen from there.
        internal static double Facing(Form form, double[] at, double[] half, int axis, double surface)
        {
            if (form == Form.Block)
            {
                return 1;
            }

            var gradient = Enumerable.Range(0, 3).Select(a => (a == axis ? surface : at[a]) / (half[a] * half[a])).ToArray();
            return gradient[axis] / Math.Sqrt(gradient.Sum(g => g * g));
        }
    }
}
