using System.Collections.Concurrent;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Physics;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Safety;

namespace Ikuzo.Bench;

/// <summary>
/// Holds *sure* against cooks that are computed in another way, with the catalogue's sizes and spreads: pieces as bodies in three
/// dimensions (explicit differences of enthalpy), the thickest of so many that are drawn one by one, a pot as one lump whose heat goes
/// into meat, liquid and kitchen. Where pieces lie on each other, others lie in the middle of a flat face, where no steam gets, from the
/// third layer on of both; the thickest of those free, covered once and covered twice are computed.
/// </summary>
internal static class Independent
{
    private const double AllCells = 3000; // of a block around an eighth: flat pieces have fewer across
    private const int FewestCells = 4,
        MostCells = 8; // across half of the least axis
    private const double LoosePacking = 0.6, // share of a layer that is meat
        ContactSpread = 0.1,
        Slender = 0.1, // how much width and length differ
        LiquidC = 4190;

    private static readonly (string Cut, int Pieces, double Kg, bool Frozen)[] Loads =
    [
        ("chicken-whole", 1, 1.2, false),
        ("chicken-whole", 1, 1.8, false),
        ("chicken-whole", 1, 2.2, false),
        ("chicken-whole", 1, 1.8, true),
        ("chicken-whole", 1, 1.3, true),
        ("poussin-whole", 2, 1, false),
        ("chicken-spatchcocked", 1, 1.7, false),
        ("chicken-half", 2, 1.7, false),
        ("chicken-breast-boneless", 4, 0.9, false),
        ("chicken-breast-boneless", 4, 0.9, true),
        ("chicken-breast-bone-in", 2, 0.8, false),
        ("chicken-cutlet", 4, 0.48, false),
        ("chicken-tender", 8, 0.4, false),
        ("chicken-thigh-bone-in", 6, 1.2, false),
        ("chicken-thigh-bone-in", 6, 1.2, true),
        ("chicken-thigh-boneless", 6, 0.7, false),
        ("chicken-leg-quarter", 4, 1.4, false),
        ("chicken-drumstick", 8, 0.96, false),
        ("chicken-wing", 10, 0.9, false),
        ("chicken-diced", 25, 0.5, false),
        ("chicken-meatball", 20, 0.6, false),
        ("turkey-crown", 1, 2.5, false),
        ("turkey-breast-boneless", 1, 1.2, false),
        ("turkey-breast-bone-in", 1, 2.2, false),
        ("turkey-thigh-bone-in", 2, 1.3, false),
        ("turkey-drumstick", 3, 1.2, false),
        ("turkey-tenderloin", 2, 0.64, false),
        ("turkey-whole", 1, 4, false),
        ("duck-whole", 1, 2.2, false),
        ("duck-leg", 4, 1, false),
        ("duck-breast-boneless", 2, 0.5, false),
        ("duck-crown", 1, 1.1, false),
        ("chicken-breast-boneless", 8, 1.76, true),
        ("chicken-breast-boneless", 9, 1.98, true),
        ("chicken-thigh-bone-in", 11, 1.98, true),
        ("chicken-thigh-bone-in", 12, 2.16, true),
        ("chicken-drumstick", 20, 2.4, true),
        ("chicken-drumstick", 21, 2.52, true),
        ("chicken-wing", 24, 2.16, false),
        ("chicken-breast-boneless", 12, 2.64, false),
    ];

    /// <summary>Prints, for each load, how many are ready at *sure* and the least minutes at which 99 of 100 are.</summary>
    /// <param name="truths">Cooks of each.</param>
    /// <param name="contact">Share of a flat face of a piece in a pile that another lies on; drawn with 0.1 around it.</param>
    /// <param name="part">Part of the cut's name; empty for all.</param>
    public static void Show(int truths, double contact, string part)
    {
        Console.WriteLine("load, sure, ready of 100, 99 of 100 are ready at, sure over that");
        List<double> ratios = [];
        foreach (var (id, pieces, kg, frozen) in Loads.Where(l => l.Cut.Contains(part, StringComparison.Ordinal)))
        {
            var load = new MeatLoad
            {
                Cut = CutCatalogue.Find(id)!,
                Pieces = pieces,
                TotalKg = kg,
                State = frozen ? MeatState.Frozen : MeatState.Chilled,
            };
            var request = new PlanRequest
            {
                Pot = PotDefaults.For(5.7),
                Load = load,
                Aim = Aim.Slice,
                Confirmed = ["giblets", "does-not-fit"],
            };
            var plan = Planner.Compute(request);
            if (plan is not { Minutes: { } sure, Release: { } release })
            {
                Console.WriteLine($"{id} {pieces}: no minutes");
                continue;
            }

            var cooks = Enumerable.Range(0, truths).Select(i => new Truth(request, release, contact, seed: i * 977 + pieces)).ToArray();
            var ready = cooks.Length - NotReady(cooks, sure).Length;
            var needed = Needed(cooks, (int)sure);
            ratios.Add(sure / Math.Max(1, needed));
            Console.WriteLine(
                $"{pieces} {id}{(frozen ? ", frozen" : ""), -9} {kg} kg, {release.Kind}: {sure} min, {100.0 * ready / truths:0.0}, "
                    + $"{needed} min, {sure / Math.Max(1, needed):0.00}"
            );
        }

        ratios.Sort();
        Console.WriteLine($"median {ratios[ratios.Count / 2]:0.00}, from {ratios[0]:0.00} to {ratios[^1]:0.00}");
    }

    private static Truth[] NotReady(Truth[] cooks, double minutes) => [.. cooks.AsParallel().Where(c => !c.IsReady(minutes))];

    // Who is ready after few minutes is so after more.
    private static int Needed(Truth[] cooks, int sure)
    {
        var most = cooks.Length / 100;
        int low = -1,
            high = 2 * sure + 8;
        while (high - low > 1)
        {
            var middle = (low + high) / 2;
            var late = NotReady(cooks, middle);
            if (late.Length > most)
            {
                (low, cooks) = (middle, late);
            }
            else
            {
                high = middle;
            }
        }

        return high;
    }

    private sealed class Truth
    {
        private readonly Lazy<Body[]> _grids;
        private readonly PlanRequest _request;
        private readonly Release _release;
        private readonly List<(Spot Spot, Axes Axes, Place Place, double Kg)> _bodies = []; // the thickest at each place
        private readonly double _start,
            _conductivity,
            _film,
            _watts,
            _loss,
            _held,
            _purge;

        public Truth(PlanRequest request, Release release, double contact, int seed)
        {
            var random = new Random(seed);
            double Normal() =>
                Math.Clamp(Math.Sqrt(-2 * Math.Log(1 - random.NextDouble())) * Math.Cos(2 * Math.PI * random.NextDouble()), -3, 3);
            double Around(Uncertain quantity) => 1 + Spreads.Of(quantity).Value * Normal();
            (_request, _release) = (request, release);
            var (load, pot, of) = (request.Load, request.Pot, request.Load.Cut.Spread);
            var shared = Math.Exp(of.Ours * Normal() + of.Load * Normal());
            // Pieces of one pack: unequal weights that add up to what was weighed, and each as plump as it is.
            double[] weights = [.. Enumerable.Range(0, load.Pieces).Select(_ => load.Pieces == 1 ? 1 : Math.Exp(3 * of.Weight * Normal()))];
            var mean = weights.Average();
            var layers = load.TotalKg / 1000 / (LoosePacking * pot.FloorSquareMetres * load.ThicknessMetres);
            var hidden = Math.Clamp(contact + ContactSpread * Normal(), 0, 0.6);
            var places =
                load.Pieces == 1 || BirdSize.Of(load) is not null ? [new Place(load.Pieces, 0, 0)] : Places(load.Pieces, layers, hidden);
            foreach (var (spot, axes) in load.Cut.Spots.Select((spot, i) => (spot, load.AxesOf(i))))
            {
                double[] plump = [.. weights.Select(w => Math.Cbrt(w / mean) * Math.Exp(of.Piece * Normal()))];
                var first = 0;
                foreach (var place in places)
                {
                    var thick = axes.ThicknessMetres * shared * plump.AsSpan(first, place.Pieces).ToArray().Max();
                    double Across(double metres) => Math.Max(thick, metres * Math.Exp(Slender * Normal()));
                    var own = new Axes(thick, Across(axes.WidthMetres), Across(axes.LengthMetres));
                    _bodies.Add((spot, own, place, load.TotalKg * spot.MassShare.Value * place.Pieces / load.Pieces));
                    first += place.Pieces;
                }
            }

            _start = load.Celsius + Spreads.StartKelvin(load.State == MeatState.Frozen).Value * Normal();
            _conductivity = Around(Uncertain.Conductivity);
            _film = Math.Max(0.3, Around(Uncertain.SurfaceFilm));
            _watts = pot.HeaterWatts * pot.Efficiency * Around(Uncertain.HeaterPower);
            _loss = pot.LossWattPerKelvin * Math.Max(0.3, Around(Uncertain.HeatLoss));
            _held = Saturation.PotCelsius(0, request.GaugeKpa * Around(Uncertain.GaugePressure));
            _purge = pot.PurgeJoule * Math.Max(0, Around(Uncertain.Purge));
            _grids = new(() => [.. _bodies.Select(Grid)]);
        }

        // Side by side, the thickest lies free. Above the first layer others lie on it; above the second some have others on both sides.
        private static List<Place> Places(int pieces, double layers, double hidden)
        {
            int Share(double of) => Math.Clamp((int)Math.Round(pieces * of / layers), 0, pieces);
            List<Place> places =
                layers <= 1 ? [new(pieces, 0, 0)]
                : layers <= 2 ? [new(Share(layers - 1), hidden, 0), new(pieces - Share(layers - 1), 0, 0)]
                : [new(Share(layers - 2), hidden, hidden), new(pieces - Share(layers - 2), hidden, 0)];
            return [.. places.Where(p => p.Pieces > 0)];
        }

        private Body Grid((Spot Spot, Axes Axes, Place Place, double Kg) of) =>
            new(
                of.Spot.Form,
                of.Axes,
                _request.Load.Cut.Tissue.Material,
                _conductivity,
                _start,
                of.Place is { Above: 0, Below: 0 } ? null : (of.Place.Above, of.Place.Below)
            );

        private readonly record struct Place(int Pieces, double Above, double Below);

        /// <summary>True where all its meat is safe when the lid opens.</summary>
        public bool IsReady(double minutes)
        {
            var bodies = _grids.Value;
            Array.ForEach(bodies, b => b.Begin());
            var stored = _request.Pot.ShellJoulePerKelvin + _request.Liquid / 1000 * LiquidC;
            var boiling = Saturation.PotCelsius(0, 0);
            double pot = _request.RoomCelsius,
                purged = 0,
                held = 0,
                rested = 0;
            var opened = false;
            var isOn = true;
            while (!opened)
            {
                var film = FilmIn(pot, boiling);
                var step = bodies.Min(b => b.MostSeconds(film));
                var losing = _loss * (pot - _request.RoomCelsius);
                var taken = bodies.Select((b, i) => b.Step(step, pot, film) * _bodies[i].Kg).Sum();
                var heat = (isOn ? _watts : 0) - losing - taken;
                if (isOn && held == 0 && pot >= boiling && purged < _purge && heat > 0)
                {
                    purged += heat * step;
                }
                else if (held == 0 && pot < _held)
                {
                    pot = Math.Min(_held, Math.Max(_request.RoomCelsius, pot + heat * step / stored));
                }
                else if (held < minutes * 60)
                {
                    held += step;
                }
                else if (
                    _release.Kind == ReleaseKind.Natural
                    || (_release.Kind == ReleaseKind.RestThenVent && rested < _release.RestMinutes * 60)
                )
                {
                    isOn = false;
                    rested += step;
                    held = double.MaxValue;
                    pot += (-losing - taken) * step / stored;
                }
                else
                {
                    isOn = false;
                    held = double.MaxValue;
                    pot = boiling + (pot - boiling) * Math.Exp(-step / Release.VentTauSeconds);
                }

                if (pot >= _held && held == 0)
                {
                    held = double.Epsilon;
                }

                opened = held == double.MaxValue && pot <= boiling + Release.PinKelvin;
            }

            return bodies.All(b => SafetyRule.IsReached(b.Coldest));
        }

        // Condensing steam, throttled by what air is left.
        private double FilmIn(double pot, double boiling)
        {
            var steam = Math.Exp(13.1 * (1 - (boiling + 273.15) / (pot + 273.15)));
            var cold = _request.Placement switch
            {
                Placement.Rack => Film.MoistAir,
                Placement.InLiquid => Film.NaturalConvection,
                _ => (Film.MoistAir + Film.NaturalConvection) / 2,
            };
            return _film * (cold + Math.Min(1, steam * steam * steam) * (Film.SteamOrBoiling - cold));
        }
    }

    /// <summary>An eighth of a piece on a grid, or a quarter where another lies on it.</summary>
    private sealed class Body
    {
        private static readonly ConcurrentDictionary<ThermalMaterial, Table> Tables = new();
        private const double Nearest = 0.25; // of a cell, from its middle to the surface

        private readonly ThermalMaterial _of;
        private readonly int[] _next; // inner neighbours, six of each cell; itself where there is none
        private readonly (int Cell, double Distance, double Facing)[] _faces;
        private readonly double[] _enthalpy,
            _celsius,
            _conductivity,
            _flow;
        private readonly Table _table;
        private readonly double _side,
            _factor, // of conductivity
            _start;

        public Body(Form form, Axes axes, ThermalMaterial of, double conductivity, double start, (double Above, double Below)? contact)
        {
            _of = of;
            double[] half = [axes.ThicknessMetres / 2, axes.WidthMetres / 2, axes.LengthMetres / 2];
            var cells = Math.Clamp((int)Math.Cbrt(AllCells / (half[1] * half[2] / (half[0] * half[0]))), FewestCells, MostCells);
            _side = half[0] / cells;
            int nx = cells,
                ny = (int)Math.Ceiling(half[1] / _side),
                nz = (int)Math.Ceiling(half[2] / _side);
            var number = new Dictionary<(int, int, int), int>();
            for (var k = 0; k < nz; k++)
            for (var j = 0; j < ny; j++)
            for (var i = contact is null ? 0 : -nx; i < nx; i++)
            {
                if (Voxel.Grid.IsInside(form, At(i, j, k), half))
                {
                    number[(i, j, k)] = number.Count;
                }
            }

            _next = new int[6 * number.Count];
            List<(int, double, double)> faces = [];
            foreach (var ((i, j, k), here) in number)
            {
                (int, int, int)[] around = [(i - 1, j, k), (i + 1, j, k), (i, j - 1, k), (i, j + 1, k), (i, j, k - 1), (i, j, k + 1)];
                for (var side = 0; side < 6; side++)
                {
                    _next[6 * here + side] = number.GetValueOrDefault(around[side], here);
                }

                var at = At(i, j, k);
                for (var axis = 0; axis < 3; axis++)
                {
                    var surface = Voxel.Grid.Surface(form, at, half, axis);
                    var hidden =
                        axis > 0 || contact is not { } hides ? 0
                        : i < 0 ? hides.Below
                        : hides.Above;
                    var touches = at[1] * at[1] / (half[1] * half[1]) + at[2] * at[2] / (half[2] * half[2]) < hidden;
                    if (at[axis] + _side > surface && !touches)
                    {
                        faces.Add((here, Math.Max(Nearest * _side, surface - at[axis]), Voxel.Grid.Facing(form, at, half, axis, surface)));
                    }
                }
            }

            _faces = [.. faces];
            _table = Tables.GetOrAdd(of, m => new Table(m));
            _enthalpy = new double[number.Count];
            _celsius = new double[number.Count];
            _conductivity = new double[number.Count];
            _flow = new double[number.Count];
            (_factor, _start) = (conductivity, start);

            double[] At(int i, int j, int k) => [Math.Abs(i + 0.5) * _side, (j + 0.5) * _side, (k + 0.5) * _side];
        }

        /// <summary>Where it is coldest, °C.</summary>
        public double Coldest => _celsius.Min();

        /// <summary>Longest stable step, s.</summary>
        public double MostSeconds(double film)
        {
            var outward = 3 * 1 / (Nearest * _side / _conductivity.Max() + 1 / film) * _side;
            var c = _celsius.Min() < _of.FreezingCelsius ? _of.FrozenC : _of.C0;
            return Math.Min(5, 0.9 * _of.DensityKgPerM3 * c * _side * _side / (6 * _conductivity.Max() + outward));
        }

        /// <summary>Heats it for a while.</summary>
        /// <returns>Heat that it takes, W/kg.</returns>
        public double Step(double seconds, double around, double film)
        {
            Array.Clear(_flow);
            var taken = 0.0;
            foreach (var face in _faces)
            {
                var through = Through(face, around, film);
                _flow[face.Cell] += through;
                taken += through;
            }

            var perSquare = 0.5 / (_side * _side);
            for (var i = 0; i < _enthalpy.Length; i++)
            {
                double here = _celsius[i],
                    k = _conductivity[i],
                    flow = _flow[i];
                for (var n = 6 * i; n < 6 * i + 6; n++)
                {
                    var other = _next[n];
                    flow += (k + _conductivity[other]) * (_celsius[other] - here) * perSquare;
                }

                _enthalpy[i] += seconds * flow / _of.DensityKgPerM3;
            }

            Know();
            return taken / (_enthalpy.Length * _of.DensityKgPerM3);
        }

        // W per m³ of the cell.
        private double Through((int Cell, double Distance, double Facing) face, double around, double film) =>
            (around - _celsius[face.Cell]) / (face.Distance / _conductivity[face.Cell] + 1 / (Math.Max(1e-6, film) * face.Facing)) / _side;

        /// <summary>As it was at lid-on.</summary>
        public void Begin()
        {
            Array.Fill(_enthalpy, _of.Enthalpy(_start));
            Know();
        }

        private void Know()
        {
            for (var i = 0; i < _enthalpy.Length; i++)
            {
                (_celsius[i], _conductivity[i]) = _table.At(_enthalpy[i]);
                _conductivity[i] *= _factor;
            }
        }
    }

    /// <summary>Temperature and conductivity over enthalpy.</summary>
    private sealed class Table
    {
        private const int Entries = 4000;
        private const double LeastCelsius = -40,
            MostCelsius = 130;
        private readonly double[] _celsius = new double[Entries + 1];
        private readonly double[] _conductivity = new double[Entries + 1];
        private readonly double _least,
            _perEntry;

        public Table(ThermalMaterial of)
        {
            _least = of.Enthalpy(LeastCelsius);
            _perEntry = (of.Enthalpy(MostCelsius) - _least) / Entries;
            for (var e = 0; e <= Entries; e++)
            {
                double low = LeastCelsius,
                    high = MostCelsius;
                for (var halving = 0; halving < 40; halving++)
                {
                    var middle = (low + high) / 2;
                    (low, high) = of.Enthalpy(middle) < _least + e * _perEntry ? (middle, high) : (low, middle);
                }

                (_celsius[e], _conductivity[e]) = (low, of.Conductivity(low));
            }
        }

        public (double Celsius, double Conductivity) At(double enthalpy)
        {
            var at = Math.Clamp((enthalpy - _least) / _perEntry, 0, Entries - 1e-6);
            var e = (int)at;
            var share = at - e;
            return (
                _celsius[e] + share * (_celsius[e + 1] - _celsius[e]),
                _conductivity[e] + share * (_conductivity[e + 1] - _conductivity[e])
            );
        }
    }
}
