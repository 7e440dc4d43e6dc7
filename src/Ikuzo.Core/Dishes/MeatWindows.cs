using System.Collections.Concurrent;
using Ikuzo.Core.Conduction;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Safety;

namespace Ikuzo.Core.Dishes;

/// <summary>Minutes of one meat with one release, from a nominal and a cautious cook.</summary>
/// <param name="Least">Least whole minutes that keep the promise and are as tender as wanted; null when none do.</param>
/// <param name="PastAfter">Beyond so many it is past what is wanted, though it may have to take them to be safe.</param>
/// <param name="Loss">Juice lost, percent of the raw weight of the muscle, by minutes.</param>
/// <param name="Held">So long kitchens hold it, if that is longer than it takes and it is not past then.</param>
/// <param name="Juice">What its juice is worth over that of breast: legs stay moist by what they give way to.</param>
/// <param name="Welcome">Up to so many it is as welcome, though softer.</param>
internal sealed record MeatWindow(int? Least, int PastAfter, MonotoneCurve Loss, double Held = 0, int Welcome = 0, double Juice = 1)
{
    private const double ShortCost = 0.15; // for each minute below those of kitchens. Choice

    // What a percent of juice costs: as many minutes as where a plan chooses its release.
    private static readonly double PerPercent = StageJudge.Hours(1 / ReleaseChoice.PercentPerMinute);

    /// <summary>Minutes that suit it best.</summary>
    public double Best => Math.Max(Least ?? 0, Held);

    // From here on it gets farther from its best.
    private double Leaves => Math.Max(Best, Math.Min(Welcome, PastAfter));

    /// <summary>Juice lost at its least minutes, percent.</summary>
    public double LossAtLeast { get; } = Least is { } least ? Loss.At(least) : 0;

    /// <summary>True when it is safe only past its window: then it takes no more than it must.</summary>
    public bool IsPast => PastAfter < Least;

    /// <summary>
    /// How far from its best it comes: 0 from its least minutes to its best, 1 where it is past what is wanted; below -1 where it is
    /// not safe.
    /// </summary>
    public double Distance(double minutes)
    {
        const double LeastReach = 4, // minutes that nobody tastes in what is done. Choice
            ReachShare = 0.1;
        var least = Least!.Value;
        var reach = Math.Max(LeastReach, IsPast ? least * ReachShare : PastAfter - Leaves);
        return minutes < least ? -1 - (least - minutes) / LeastReach : Math.Max(0, minutes - Leaves) / reach + (IsPast ? 1 : 0);
    }

    /// <summary>
    /// What minutes cost it, in the unit of the score: distance from its best, and the juice that this release costs beyond the one that
    /// costs least.
    /// </summary>
    /// <param name="minutes">Minutes, at least <see cref="Least"/>.</param>
    /// <param name="leastLoss">Juice lost at its best, whatever the release, percent.</param>
    public double Cost(double minutes, double leastLoss) =>
        StageJudge.Off(Distance(minutes)) + ShortCost * Math.Max(0, Held - minutes) + (LossAtLeast - leastLoss) * PerPercent * Juice;
}

/// <summary>
/// Windows of the meats of a dish in its pot and kitchen, each alone. Known by the meat itself, so that a changed dish scouts only what
/// was changed.
/// </summary>
internal sealed class MeatWindows(DishRequest dish)
{
    private const int MostMinutes = BesideCourses.MostMinutes;
    private const double JuiceOfLegs = 1.0 / 3; // choice
    private const double PastShare = 0.1; // meat that is safe late is not past its best at once: a tenth more

    private static readonly double[] Looked =
    [
        .. Enumerable.Range(0, 10).Select(i => i * 3.0),
        30,
        34,
        38,
        43,
        48,
        54,
        60,
        70,
        80,
        95,
        MostMinutes,
    ];

    private readonly ConcurrentDictionary<MeatItem, MeatWindow[]> _known = [];

    /// <summary>Window of a meat with a release.</summary>
    public MeatWindow Of(MeatItem meat, Release release) => All(meat)[StageReleases.IndexOf(release)];

    /// <summary>Juice lost at its best with the release that suits it, percent.</summary>
    public double LeastLoss(MeatItem meat) => All(meat).Where(w => w.Least is not null).Select(w => w.LossAtLeast).DefaultIfEmpty(0).Min();

    /// <summary>Windows of a meat with every release, in their order.</summary>
    public MeatWindow[] All(MeatItem meat) => _known.GetOrAdd(meat, Scouted);

    private MeatWindow[] Scouted(MeatItem meat)
    {
        var asked = StageRequest.Of(dish, [meat], meat, isFirst: true);
        var alone = asked with { Learned = asked.Learned.Cautiously() };
        var block = Ensemble.Rent();
        block.Load(ModelBuilder.Build(alone), ParticleSource.Scout, 0);
        var found = block.ComeUp() ? Look(block) : null;
        Ensemble.Return(block);
        return
        [
            .. Enumerable.Range(0, StageReleases.Count).Select(r => found is null ? new(null, 0, Flat) : Window(meat, alone, found, r)),
        ];
    }

    private static MonotoneCurve Flat => new([0, MostMinutes], [0, 0]);

    private static Looks Look(CookBlock block)
    {
        var looks = new Looks();
        Lane rest = Lanes.Each(lane => StageReleases.Of(lane % ParticleSource.FirstCautious).MostRestSeconds),
            tau = Lanes.Each(lane => StageReleases.Of(lane % ParticleSource.FirstCautious).TauSeconds);
        for (var i = 0; i < Looked.Length; i++)
        {
            block.Hold(Looked[i] * 60);
            block.Keep(0);
            block.Let(rest, tau);
            (looks.Coldest[i], looks.Tenderness[i], looks.Loss[i]) = (block.ColdestCelsius(), block.Tenderness(), block.WaterLossPercent());
            block.GoBack(0);
        }

        return looks;
    }

    private MeatWindow Window(MeatItem meat, PlanRequest alone, Looks looks, int release)
    {
        // Where a thermometer decides, the cautious cook stands nearer to the nominal one: one in five instead of one in a hundred.
        var caution = alone.IsForThermometer ? Scout.Caution(dish.MostReturns) : 1;
        MonotoneCurve Curve(Func<int, double> at) => new(Looked, [.. Enumerable.Range(0, Looked.Length).Select(at)]);
        var coldest = Curve(i =>
            looks.Coldest[i][release] + caution * (looks.Coldest[i][release + ParticleSource.FirstCautious] - looks.Coldest[i][release])
        );
        var tender = Curve(i => looks.Tenderness[i][release]);
        var window = meat.Load.Cut.Window;
        var wanted = alone.LeastTenderness;
        var (greatest, welcome) = meat.MayBeSofter ? (window.Eaten, window.Welcome) : (window.Greatest(meat.WantedAim), 0);
        int? least = null,
            most = -1;
        var flat = 0;
        for (var m = 0; m <= MostMinutes; m++)
        {
            var now = tender.At(m);
            least ??= SafetyRule.IsReached(coldest.At(m)) && now >= wanted ? m : null;
            most = now <= greatest ? m : most;
            flat = now <= welcome ? m : flat;
        }

        var reach = (least ?? 0) + (int)Math.Ceiling((least ?? 0) * PastShare);
        var past = most < least ? most.Value : Math.Max(most.Value, reach);
        return new(
            least,
            past,
            Curve(i => looks.Loss[i][release]),
            Held(meat, StageReleases.Of(release), past),
            flat,
            meat.Load.Cut.IsLegOrWing ? JuiceOfLegs : 1
        );
    }

    // What is to fall apart may go on falling, as in soup; the rest is held no longer than it bears.
    private double Held(MeatItem meat, Release release, int past)
    {
        var isSoft = meat.WantedAim != Aim.Slice;
        var minutes =
            meat.HeldMinutes == 0 || !dish.Items.Any(i => i is BesideItem) ? 0
            : OpenPot.IsBroth(dish) ? meat.HeldMinutes * InSoup
            : isSoft ? meat.HeldMinutes + Instead * Math.Max(0, Release.Natural.UsualMinutes - release.UsualMinutes)
            : meat.HeldMinutes;
        return meat.WantedAim == Aim.FallApart ? minutes : Math.Min(past, minutes);
    }

    // Meat that is to be soft is left alone in kitchens: what a shorter release leaves out is held instead. Soup is long on the way up and
    // down. Choices, after dishes.json.
    private const double Instead = 0.5, // min for each that the release is shorter
        InSoup = 0.85;

    private sealed class Looks
    {
        public Lane[] Coldest { get; } = new Lane[Looked.Length];

        public Lane[] Tenderness { get; } = new Lane[Looked.Length];

        public Lane[] Loss { get; } = new Lane[Looked.Length];
    }
}
