using Ikuzo.Core.Companions;
using Ikuzo.Core.Conduction;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Physics;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Poultry;

namespace Ikuzo.Core.Dishes;

/// <summary>How something stands beside the meat: as large as it is cut, in a bowl or not.</summary>
internal readonly record struct Place(PieceSize Size, bool InBowl);

/// <summary>Minutes under the lid at which something is just done, at its best and too far; null where it never is.</summary>
internal readonly record struct BesideMinutes(double? Just, double? Best, double? TooFar);

/// <summary>
/// What every release and every number of minutes does to what stands beside the meat, in pots that hold little, middling and much: one
/// computation of sixteen pots, in each of which all of it is, cut and placed in every way that is open.
/// </summary>
/// <remarks>
/// Meat counts as a load of heat here, and between the three pots heat is read on straight lines: near enough to choose by. What is
/// chosen is computed in full.
/// </remarks>
internal sealed class BesideCourses
{
    /// <summary>No stage takes longer than this, min.</summary>
    public const int MostMinutes = 120;

    private const int Loads = 3;
    private static readonly double[] Looked = [0, 1, 2, 3, 4, 6, 8, 10, 13, 16, 20, 25, 31, 38, 46, 55, 66, 80, 98, MostMinutes];

    // Work that a change makes, in the unit of the score: a bowl is one more thing to wash, cutting takes a minute. Choices.
    private const double BowlCost = 0.8,
        CutCost = 0.1;

    private readonly Course?[] _courses; // of each item, in the order of the dish; null for what does not soften
    private readonly Serving _served;
    private readonly double _least,
        _most;

    /// <summary>Computes them.</summary>
    /// <param name="dish">A dish; what is stirred in is of no matter.</param>
    public BesideCourses(DishRequest dish)
    {
        _served = dish.Served;
        _courses =
        [
            .. dish.Items.Select(i => i is BesideItem { Companion.Softens: true } beside ? new Course(beside, [.. Places(beside)]) : null),
        ];
        var pot = StageRequest.WithoutMeat(dish, [], isFirst: true);
        _least = pot.PotJoulePerKelvin;
        _most = Math.Max(StageRequest.JoulePerKelvin(dish, dish.Items), _least + 1);
        if (_courses.Any(c => c is not null))
        {
            var meat = dish.Items.OfType<MeatItem>().Sum(m => m.Load.HeatKg(dish.RoomCelsius)) * Bulk.BesideJoulePerKgKelvin;
            Compute(pot, meat / (_most - _least));
        }
    }

    /// <summary>Ways that are open to an item.</summary>
    public static IEnumerable<Place> Places(BesideItem item)
    {
        IEnumerable<PieceSize> sizes = item is { MayChange: true, Companion: { IsCut: true, IsWhole: false } }
            ? [item.Size, .. Enum.GetValues<PieceSize>().Where(s => s != item.Size)]
            : [item.Size];
        IEnumerable<bool> bowls = item.MayChange && MayStandInABowl(item.Companion) ? [item.InBowl, !item.InBowl] : [item.InBowl];
        return bowls.SelectMany(bowl => sizes.Select(size => new Place(size, bowl)));
    }

    /// <summary>
    /// True for what may stand in a bowl of its own: grain, roots and what is eaten in pieces; pulses swim, and the rest makes the sauce.
    /// </summary>
    private static bool MayStandInABowl(Companion companion) =>
        companion.Kind is CompanionKind.Grain or CompanionKind.Root or CompanionKind.Flesh;

    /// <summary>An item as it is placed.</summary>
    public static CompanionLoad Placed(BesideItem item, Place place) => item.Load with { Size = place.Size, InBowl = place.InBowl };

    /// <summary>How far from its best something comes, see <see cref="SoftnessLevels.Distance"/>.</summary>
    /// <param name="placed">An item of the dish that softens, placed in a way that is open to it.</param>
    /// <param name="release">The release.</param>
    /// <param name="minutes">Minutes under pressure.</param>
    /// <param name="joulePerKelvin">Heat capacity of the pot with all that is in it.</param>
    public double Distance(BesideItem placed, Release release, double minutes, double joulePerKelvin) =>
        Distance(CourseOf(placed), PlaceOf(placed), release, minutes, joulePerKelvin);

    /// <summary>Minutes of something with a release.</summary>
    public BesideMinutes Minutes(BesideItem placed, Release release, double joulePerKelvin)
    {
        var (course, place) = (CourseOf(placed), PlaceOf(placed));
        double? Where(double distance) => Crossing.Of(m => Distance(course, place, release, m, joulePerKelvin), distance, MostMinutes);
        return new(Where(-1), Where(0), Where(1));
    }

    /// <summary>
    /// What whole minutes cost an item in a pot that holds so much, in the unit of the score: the square of its distance from its best, and
    /// the work of the way that suits it best; more than anything where it is not done. Null for what does not soften.
    /// </summary>
    /// <param name="item">Number of the item in the dish.</param>
    /// <param name="inBowl">True in a bowl.</param>
    /// <param name="release">The release.</param>
    /// <param name="load">Which of the pots that were computed.</param>
    public double[]? Costs(int item, bool inBowl, Release release, int load) => _courses[item]?.Costs[inBowl ? 1 : 0]?[Lane(release, load)];

    /// <summary>Of the ways that are open in or out of a bowl, the one that suits the minutes best.</summary>
    public BesideItem Best(BesideItem item, bool inBowl, Release release, double minutes, double joulePerKelvin)
    {
        var open = Places(item).Where(p => p.InBowl == inBowl);
        var best = !item.Companion.Softens
            ? open.First()
            : open.MinBy(p => Cost(item, p, Distance(CourseOf(item), p, release, minutes, joulePerKelvin)));
        return item with { Size = best.Size, InBowl = best.InBowl };
    }

    /// <summary>Where a pot lies between those that were computed.</summary>
    public (int Below, double Share) Between(double joulePerKelvin)
    {
        var at = Math.Clamp((joulePerKelvin - _least) / (_most - _least), 0, 1) * (Loads - 1);
        var below = Math.Min((int)at, Loads - 2);
        return (below, at - below);
    }

    /// <summary>What a distance from the best costs something: a thousand and more where it is not done.</summary>
    /// <param name="item">What, and how much of it.</param>
    /// <param name="served">How the dish comes to the table.</param>
    /// <param name="distance">See <see cref="SoftnessLevels.Distance"/>.</param>
    public static double Cost(BesideItem item, Serving served, double distance)
    {
        var accepted = Accepted(item.Companion);
        return distance < -1 ? NotDone + StageJudge.Off(distance)
            : distance <= 0 ? StageJudge.Off(distance)
            : Tolerance.Melts(item, served) ? Melted * StageJudge.Off(Math.Min(distance, MostMelted))
            : StageJudge.Off(distance) * Math.Min(1, accepted + Math.Max(0, distance - 1) * (1 - accepted) / Shrugged);
    }

    // What is softer than its best cooks accept beside meat, up to where it is too far; as far again beyond, they do not. Choices, after
    // what good cooks let go in one pot.
    private static double Accepted(Companion companion) =>
        companion.Kind switch
        {
            CompanionKind.Root or CompanionKind.Pulse => 0.15,
            CompanionKind.Flesh => 0.25,
            CompanionKind.Grain or CompanionKind.Pasta => 0.5,
            _ => 1,
        };

    private const double Shrugged = 1,
        Melted = 0.05, // what melts into the sauce is hardly missed,
        MostMelted = 2; // and then no further

    /// <summary>What it costs that something is not done: more than all else together.</summary>
    public const double NotDone = 1e3;

    private double Cost(BesideItem item, Place place, double distance) =>
        Cost(item, _served, distance) + (place.InBowl && !item.InBowl ? BowlCost : 0) + (place.Size != item.Size ? CutCost : 0);

    private static int Lane(Release release, int load) => StageReleases.IndexOf(release) * Loads + load;

    private static Place PlaceOf(BesideItem item) => new(item.Size, item.InBowl);

    private Course CourseOf(BesideItem item) => _courses.First(c => c?.Item.Key == item.Key)!;

    private double Distance(Course course, Place place, Release release, double minutes, double joulePerKelvin)
    {
        var (below, share) = Between(joulePerKelvin);
        var heat = course.Heat[Array.IndexOf(course.Places, place)];
        double At(int load) => Read(heat[Lane(release, load)], minutes);
        return course.Item.Companion.Levels().DistanceOfLog(At(below) + share * (At(below + 1) - At(below)));
    }

    private static double Read(float[] log, double minutes)
    {
        var at = Array.BinarySearch(Looked, minutes);
        var next = Math.Max(1, at < 0 ? ~at : at);
        var share = (minutes - Looked[next - 1]) / (Looked[next] - Looked[next - 1]);
        return log[next - 1] + share * (log[next] - log[next - 1]);
    }

    // On the way up and under pressure meat takes heat as its mass does; while the pot falls it goes on warming and holds none up.
    private void Compute(CookModel pot, double meatShare)
    {
        var heats = _courses
            .OfType<Course>()
            .SelectMany(c => c.Places.Select((p, i) => (Model: Placed(c.Item, p).Model!, Heat: c.Heat[i])))
            .ToList();
        var block = Ensemble.Rent();
        block.Load(pot with { Beside = [.. heats.Select(h => h.Model)] }, ParticleSource.Nominal, 0);
        var more = Lanes.Each(lane => lane % Loads * (_most - _least) / (Loads - 1));
        block.Burden(more);
        block.ComeUp();
        Lane rest = Lanes.Each(lane => StageReleases.Of(lane / Loads).MostRestSeconds),
            tau = Lanes.Each(lane => StageReleases.Of(lane / Loads).TauSeconds);
        for (var i = 0; i < Looked.Length; i++)
        {
            block.Hold(Looked[i] * 60);
            block.Keep(0);
            block.Burden(more * (float)-meatShare);
            block.Let(rest, tau);
            block.Burden(more * (float)meatShare);
            for (var p = 0; p < heats.Count; p++)
            {
                var heat = block.Beside.HeatMinutes(p);
                for (var lane = 0; lane < Lanes.Width; lane++)
                {
                    heats[p].Heat[lane][i] = MathF.Log(heat[lane]);
                }
            }

            block.GoBack(0);
        }

        Ensemble.Return(block);
        foreach (var course in _courses.OfType<Course>())
        {
            course.Costs[0] = AllCosts(course, inBowl: false);
            course.Costs[1] = AllCosts(course, inBowl: true);
        }
    }

    private double[][]? AllCosts(Course course, bool inBowl)
    {
        int[] places = [.. Enumerable.Range(0, course.Places.Length).Where(p => course.Places[p].InBowl == inBowl)];
        var levels = course.Item.Companion.Levels();
        return places.Length == 0 ? null : [.. Enumerable.Range(0, Lanes.Width).Select(Lane)];

        double[] Lane(int lane)
        {
            var least = new double[MostMinutes + 1];
            Array.Fill(least, double.MaxValue);
            foreach (var p in places)
            {
                for (var minute = 0; minute <= MostMinutes; minute++)
                {
                    var distance = levels.DistanceOfLog(Read(course.Heat[p][lane], minute));
                    least[minute] = Math.Min(least[minute], Cost(course.Item, course.Places[p], distance));
                }
            }

            return least;
        }
    }

    /// <summary>What was computed of one item.</summary>
    /// <param name="Item">The item as it was asked for.</param>
    /// <param name="Places">Ways that are open to it.</param>
    private sealed record Course(BesideItem Item, Place[] Places)
    {
        /// <summary>Logarithm of the heat in each of these ways, by lane, then minutes that were looked at.</summary>
        public float[][][] Heat { get; } =
        [.. Places.Select(_ => Enumerable.Range(0, Lanes.Width).Select(_ => new float[Looked.Length]).ToArray())];

        /// <summary>What it costs out of a bowl and in one, by lane, then whole minutes; null where that is not open.</summary>
        public double[][]?[] Costs { get; } = new double[][]?[2];
    }
}

/// <summary>Ways of letting the pressure go that a stage is tried with.</summary>
internal static class StageReleases
{
    private static readonly Release[] All =
    [
        Release.Vent,
        Release.Pulsed,
        Release.RestThenVent(5),
        Release.RestThenVent(10),
        Release.Natural,
    ];

    /// <summary>How many there are.</summary>
    public static int Count => All.Length;

    private static readonly Release[] Calm = [All[0], All[2], All[3], All[4]],
        Starchy = [All[1], All[3], All[4]],
        Soup = [All[1], All[4]],
        Stock = [All[4]];

    /// <summary>True for the way in which kitchens let the steam out of such a pot: what directions say, not what physics asks.</summary>
    /// <param name="release">The way.</param>
    /// <param name="items">What is in the pot.</param>
    public static bool IsCustomary(Release release, IReadOnlyList<DishItem> items)
    {
        bool Has(CompanionKind kind) => items.Any(i => i is BesideItem b && b.Companion.Kind == kind && b.Companion.Foams);
        var meat = items.OfType<MeatItem>().FirstOrDefault();
        return release.Kind switch
        {
            ReleaseKind.Natural => Has(CompanionKind.Pulse) || meat is { WantedAim: not Aim.Slice } or { Load.Cut.Part: Part.Whole },
            ReleaseKind.Pulsed => Has(CompanionKind.Pasta),
            ReleaseKind.RestThenVent => Has(CompanionKind.Grain) || meat is { WantedAim: Aim.Slice, Load.PieceKg: >= LargeKg }
                ? release.RestMinutes == 10
                : meat is { WantedAim: Aim.Slice },
            _ => !Has(CompanionKind.Grain) && (meat is null || meat.Load.Cut.IsTooSmallToMeasure),
        };
    }

    private const double LargeKg = 0.3; // pieces that kitchens leave alone for ten minutes, not five

    /// <summary>Ways for what a pot holds.</summary>
    public static IReadOnlyList<Release> For(PotContents contents) =>
        contents switch
        {
            PotContents.Stock => Stock,
            PotContents.Soup => Soup,
            PotContents.Starchy => Starchy,
            _ => Calm,
        };

    /// <summary>One of them; the last for a number beyond.</summary>
    public static Release Of(int index) => All[Math.Min(index, All.Length - 1)];

    /// <summary>Its number; of one that is not among them that of the nearest: by kind, and by minutes left alone.</summary>
    public static int IndexOf(Release release) =>
        Array.IndexOf(All, release) is >= 0 and var index
            ? index
            : Array.IndexOf(All, All.Where(r => r.Kind == release.Kind).MinBy(r => Math.Abs(r.RestMinutes - release.RestMinutes)));
}
