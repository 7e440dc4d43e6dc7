using System.Collections.Concurrent;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Safety;

namespace Ikuzo.Core.Dishes;

/// <summary>Whole minutes at which an item is as it should be, for one release.</summary>
/// <param name="Least">From here.</param>
/// <param name="Most">To here; below <paramref name="Least"/> when there are none.</param>
/// <param name="Wanted">Best in between.</param>
/// <param name="IsPast">True when the item is safe only past its window: then it takes no more than it must.</param>
/// <param name="PastAfter">Beyond so many minutes it is past its best, though it may have to take them to be safe.</param>
internal readonly record struct MinuteRange(int Least, int Most, int Wanted, bool IsPast = false, int PastAfter = int.MaxValue)
{
    public bool IsEmpty => Most < Least;

    /// <summary>How an item ends that is held so long.</summary>
    public ItemVerdict Verdict(int minutes) =>
        IsEmpty || minutes > Most || minutes > PastAfter || IsPast ? ItemVerdict.Over
        : minutes < Least ? ItemVerdict.Under
        : ItemVerdict.InWindow;

    /// <summary>How near to its best: 1 at its best, a half at either end of the window, falling on to 0.</summary>
    public double Score(int minutes)
    {
        const double AtTheEnd = 0.5;
        if (IsEmpty)
        {
            return 0;
        }

        var reach = Math.Max(1.0, minutes < Wanted ? Wanted - Least : Most - Wanted);
        return Math.Round(Math.Clamp(1 - AtTheEnd * Math.Abs(minutes - Wanted) / reach, 0, 1) * (IsPast ? AtTheEnd : 1), 2);
    }

    public MinuteRange And(MinuteRange other) =>
        new(
            Math.Max(Least, other.Least),
            Math.Min(Most, other.Most),
            Math.Max(Wanted, other.Wanted),
            IsPast || other.IsPast,
            Math.Min(PastAfter, other.PastAfter)
        );
}

/// <summary>Windows of items in one pot and kitchen. Meat is scouted with a nominal and a cautious cook; the rest is looked up.</summary>
/// <remarks>Known by the item itself, so that a changed dish scouts only what was changed.</remarks>
internal sealed class ItemWindows(DishRequest dish)
{
    private const int MostMinutes = 120;

    // The scout is near, the ensemble decides: it may need so much more than the scout found.
    private const int SlackMinutes = 4;
    private const double SlackShare = 0.1;
    private static readonly double[] ScoutedMinutes =
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

    // Time from the end of the hold to the pin cooks on at a falling temperature: counted as this share of minutes under pressure.
    // Estimate.
    private const double CooksOn = 0.4;

    private readonly ConcurrentDictionary<(DishItem Item, ReleaseKind Release), MinuteRange> _known = [];

    public MinuteRange Of(DishItem item, Release release) =>
        _known.GetOrAdd((item, release.Kind), _ => item is MeatItem meat ? Of(meat, release) : Of((BesideItem)item, release));

    private static MinuteRange Of(BesideItem item, Release release)
    {
        var after = release.Kind is ReleaseKind.Natural or ReleaseKind.Pulsed ? CooksOn * release.UsualMinutes : 0;
        var window = item.Window;
        int Held(double minutes, Func<double, double> round) => (int)Math.Max(0, round(minutes - after));
        return window.Max < after
            ? new(1, 0, 0)
            : new(Held(window.Min, Math.Ceiling), Held(window.Max, Math.Floor), Held(window.Likely, Math.Round));
    }

    private MinuteRange Of(MeatItem meat, Release release)
    {
        var alone = StageRequest.Of(dish, [meat], meat);
        var model = ModelBuilder.Build(alone);
        var result = Ensemble.Run(model, ParticleSource.Scout, [.. ScoutedMinutes.Select(m => new Branch(m, release))]);
        if (!result.ReachesPressure)
        {
            return new(1, 0, 0);
        }

        // Where a thermometer decides, the cautious cook stands nearer to the nominal one: one in five instead of one in a hundred.
        const int Cautious = ParticleSource.FirstCautious;
        var caution = alone.IsForThermometer ? Scout.Caution(dish.MostReturns) : 1;
        MonotoneCurve Coldest(double share) =>
            new(ScoutedMinutes, [.. result.Outcomes.Select(o => o.Coldest[0] + share * (o.Coldest[Cautious] - o.Coldest[0]))]);
        MonotoneCurve coldest = Coldest(caution),
            surely = Coldest(1);
        var tender = new MonotoneCurve(ScoutedMinutes, [.. result.Outcomes.Select(o => (double)o.Tenderness[0])]);
        var window = meat.Load.Cut.Window;
        bool Enough(MonotoneCurve middle, int m) => SafetyRule.IsReached(middle.At(m)) && tender.At(m) >= window.Least(meat.WantedAim);
        bool NotPast(int m) => tender.At(m) <= window.Greatest(meat.WantedAim);
        var whole = Enumerable.Range(0, MostMinutes + 1).ToArray();
        var least = whole.FirstOrDefault(m => Enough(coldest, m), MostMinutes + 1);
        var sure = whole.FirstOrDefault(m => Enough(surely, m), MostMinutes);
        var most = whole.LastOrDefault(NotPast, -1);
        var reach = sure + (int)Math.Ceiling(sure * SlackShare);
        return least > MostMinutes ? new(least, most, least)
            : most < least ? new(least, Math.Max(reach, sure + SlackMinutes), least, IsPast: true)
            : new(least, Math.Max(most, reach), least, PastAfter: Math.Max(most, least + (int)Math.Ceiling(least * SlackShare)));
    }
}

/// <summary>One stage as a question to the planner.</summary>
internal static class StageRequest
{
    private const double EmptiedCooledKelvin = 15; // pot and liquid, while the stage before is taken out; estimate

    /// <summary>The stage as one of its meats sees it: the others are a load of heat.</summary>
    public static PlanRequest Of(DishRequest dish, IReadOnlyList<DishItem> items, MeatItem meat)
    {
        var whole = new PlanRequest
        {
            Pot = dish.Pot,
            AltitudeMetres = dish.AltitudeMetres,
            RoomCelsius = dish.RoomCelsius,
            Load = meat.Load,
            Aim = meat.WantedAim,
            LiquidMl = LiquidMl(dish, items),
            OtherPots = dish.OtherPots,
            Units = dish.Units,
            Promise = dish.Promise,
            MostReturns = dish.MostReturns,
            Companions = [.. items.OfType<BesideItem>().Select(b => b.Load)],
            Confirmed = dish.SeenTo(meat.Load),
        };
        return whole.WithOtherMeat(items.OfType<MeatItem>().Where(m => m != meat).Sum(m => m.Load.TotalKg));
    }

    /// <summary>The stage as a pot in which no meat is. A later one starts hot, with what is put in at room temperature.</summary>
    public static CookModel WithoutMeat(DishRequest dish, IReadOnlyList<DishItem> items, bool isFirst)
    {
        var model = new CookModel
        {
            Bodies = [],
            Meat = Tissue.ChickenLeg.Material, // of no matter: there is none
            MeatKg = 0,
            StartCelsius = dish.RoomCelsius,
            Pot = dish.Pot,
            GaugeKpa = dish.Pot.HighGaugeKpa,
            LiquidKg = LiquidMl(dish, items) / 1000,
            CompanionJoulePerKelvin = items.OfType<BesideItem>().Sum(b => b.Load.Kg) * Bulk.BesideJoulePerKgKelvin,
            AltitudeMetres = dish.AltitudeMetres,
            RoomCelsius = dish.RoomCelsius,
        };
        var hotShare = 1 - model.CompanionJoulePerKelvin / model.PotJoulePerKelvin;
        var hot = model.BoilingCelsius - EmptiedCooledKelvin - dish.RoomCelsius;
        return isFirst ? model : model with { PotCelsius = dish.RoomCelsius + hotShare * hot };
    }

    /// <summary>
    /// Liquid of a stage: the least of the pot, the broth wanted, and what grains and pulses drink, rounded up to 10 ml; with the meat at
    /// least what is poured in.
    /// </summary>
    public static double LiquidMl(DishRequest dish, IReadOnlyList<DishItem> items)
    {
        var needed =
            Math.Ceiling((dish.Pot.MinimumLiquidMl + dish.BrothMl + items.OfType<BesideItem>().Sum(b => b.Load.AbsorbsMl)) / 10) * 10;
        return items.Any(i => i is MeatItem) ? Math.Max(needed, dish.Liquids.Sum(l => l.ThinMl)) : needed;
    }
}
