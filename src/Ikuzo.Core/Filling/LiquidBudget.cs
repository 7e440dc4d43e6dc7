using Ikuzo.Core.Companions;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Physics;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Filling;

/// <summary>Liquid in the pot when it is opened after some minutes under pressure.</summary>
/// <param name="Minutes">Minutes under pressure.</param>
/// <param name="GivenOffMl">Given off so far by meat and vegetables, ml.</param>
/// <param name="InPotMl">In the pot, ml.</param>
public sealed record LiquidPoint(double Minutes, double GivenOffMl, double InPotMl);

/// <summary>How full the pot is, against its marks.</summary>
/// <param name="BeforeLitres">Liquid and what lies in it at lid-on, l.</param>
/// <param name="AfterLitres">The same at opening, l.</param>
/// <param name="MarkLitres">The mark that counts, l.</param>
/// <param name="Swells">True when the lower mark counts, for food that foams or swells.</param>
public sealed record FillOutcome(double BeforeLitres, double AfterLitres, double MarkLitres, bool Swells);

/// <summary>Starch that takes the sauce to a consistency, stirred into as much cold water.</summary>
/// <param name="Name">The consistency in kitchen words.</param>
/// <param name="StarchGrams">Starch, g.</param>
/// <param name="ColdWaterMl">Cold water, ml.</param>
public sealed record Thickening(string Name, double StarchGrams, double ColdWaterMl)
{
    private const double GramsPerMl = 0.54; // maize starch, 128 g to the cup: USDA FoodData Central

    /// <summary>The starch by volume, ml, for who has spoons and no scale.</summary>
    public double StarchMl => Math.Round(StarchGrams / GramsPerMl, 1);
}

/// <summary>Boiling down on the browning function, lid off: to half, or as far as a quarter of an hour goes.</summary>
/// <param name="ToMl">What is left, ml.</param>
/// <param name="Minutes">How long, min.</param>
public sealed record Reduction(double ToMl, double Minutes);

/// <summary>The liquid: what goes in, comes out of the food, is drunk and is left, and how it becomes a sauce.</summary>
/// <param name="MinimumMl">Least that the pot asks for, ml.</param>
/// <param name="GivenOffMl">Given off by meat and vegetables, ml.</param>
/// <param name="AbsorbedMl">Drunk by grains, pulses and pasta, ml.</param>
/// <param name="AtEndMl">Left at opening, ml.</param>
public sealed record LiquidOutcome(double MinimumMl, MedianOnly GivenOffMl, double AbsorbedMl, MedianOnly AtEndMl)
{
    /// <summary>Put in, ml.</summary>
    public double PutInMl { get; init; }

    /// <summary>Carried off as steam, before the valve closes and when it is opened, ml.</summary>
    public double SteamMl { get; init; }

    /// <summary>What grains, pulses and pasta would have drunk beyond what was there, ml.</summary>
    public double ShortMl { get; init; }

    /// <summary>Fat that floats on top and is skimmed, ml.</summary>
    public double FatMl { get; init; }

    /// <summary>How full the pot is.</summary>
    public FillOutcome Fill { get; init; } = new(0, 0, 0, false);

    /// <summary>What opening after other minutes would find.</summary>
    public IReadOnlyList<LiquidPoint> OverTime { get; init; } = [];

    /// <summary>Starch for a sauce, thin to thick.</summary>
    public IReadOnlyList<Thickening> Thicken { get; init; } = [];

    /// <summary>Boiling down; null when there is little to boil down, or too much.</summary>
    public Reduction? Reduce { get; init; }

    /// <summary>Names of what goes in only after pressure.</summary>
    public IReadOnlyList<string> AfterPressure { get; init; } = [];
}

/// <summary>Adds up the liquid of a cook.</summary>
public static class LiquidBudget
{
    private const double MeatMlPerGramLost = 1.0; // meat juice is nearly water
    private const double VegetableMinutes = 6; // time constant with which vegetables give off theirs; estimate
    private const double SoupMl = 1500; // above this it is soup, and nobody boils it down; estimate
    private const double BrowningShare = 0.6; // share of the heater's power on the browning function, which cycles; estimate
    private const double MostReductionMinutes = 15; // nobody stands there for longer; choice

    // Starch by litre of sauce, g: common kitchen practice with maize starch.
    private static readonly (string Name, double GramsPerLitre)[] Consistencies =
    [
        ("to pour like cream", 15),
        ("to coat a spoon", 28),
        ("for gravy", 45),
    ];

    /// <summary>The budget of a cook.</summary>
    /// <param name="filled">What is in the pot.</param>
    /// <param name="meatLossPercent">Water that the muscle loses into the pot, percent of its raw weight.</param>
    /// <param name="lossByMinutes">The same for other minutes under pressure.</param>
    /// <param name="minutes">Minutes under pressure.</param>
    /// <param name="drunkMl">What grain, pulses and pasta have drunk after some minutes, ml.</param>
    /// <param name="steamMl">What has gone as steam, ml.</param>
    public static LiquidOutcome Of(
        FilledPot filled,
        double meatLossPercent,
        IReadOnlyList<(double Minutes, double LossPercent)> lossByMinutes,
        double minutes,
        Func<double, double> drunkMl,
        double steamMl
    )
    {
        double Given(double loss, double after) => loss / 100 * filled.Load.MuscleKg * 1000 * MeatMlPerGramLost + FromBeside(filled, after);
        double There(double given) => Math.Max(0, filled.Liquid + given - steamMl);
        double Left(double given, double after) => Math.Max(0, There(given) - drunkMl(after));
        var given = Given(meatLossPercent, minutes);
        var wanted = drunkMl(minutes);
        var absorbed = Math.Min(wanted, There(given));
        var left = Left(given, minutes);
        return new(Math.Round(filled.Pot.MinimumLiquidMl), new(Round(given)), Round(absorbed), new(Round(left)))
        {
            PutInMl = Round(filled.Liquid),
            SteamMl = Round(steamMl),
            ShortMl = Round(wanted - absorbed),
            FatMl = Math.Round(MeatYield.RenderedMl(filled.Load, minutes)),
            Fill = FillOf(filled, given),
            OverTime =
            [
                .. lossByMinutes
                    .Select(p => (p.Minutes, Given: Given(p.LossPercent, p.Minutes)))
                    .Select(p => new LiquidPoint(p.Minutes, Round(p.Given), Round(Left(p.Given, p.Minutes)))),
            ],
            Thicken = left < 30 ? [] : [.. Consistencies.Select(c => Slurry(c.Name, c.GramsPerLitre * left / 1000))],
            Reduce = left is > 200 and < SoupMl ? Reduction(filled.Pot, left) : null,
            AfterPressure = [.. filled.Companions.Where(c => c.Companion.Is(CompanionTraits.AfterPressure)).Select(c => c.Companion.Name)],
        };
    }

    private static Reduction Reduction(PotModel pot, double leftMl)
    {
        var goes = Math.Min(leftMl / 2, MostReductionMinutes * 60 * BrowningWatts(pot) / (Water.VaporisationJoulePerKg / 1000));
        return new(Math.Round((leftMl - goes) / 10) * 10, ReductionMinutes(pot, goes));
    }

    private static double BrowningWatts(PotModel pot) => pot.HeaterWatts * pot.Efficiency * BrowningShare;

    /// <summary>Minutes on the browning function to boil off some liquid, lid off.</summary>
    /// <param name="pot">The pot.</param>
    /// <param name="offMl">What goes, ml.</param>
    public static double ReductionMinutes(PotModel pot, double offMl) =>
        Math.Ceiling(offMl * (Water.VaporisationJoulePerKg / 1000) / BrowningWatts(pot) / 60);

    /// <summary>
    /// How full the pot is at lid-on and at opening. The mark is about liquid and what swells: a bird that stands above it is neither,
    /// and small pieces lie under it. Grains drink what is there already: only what food gives off is added.
    /// </summary>
    /// <param name="filled">What is in the pot.</param>
    /// <param name="givenOffMl">Given off by meat and vegetables, ml.</param>
    public static FillOutcome FillOf(FilledPot filled, double givenOffMl)
    {
        var before = filled.Liquid / 1000 + filled.BesideLitres + (filled.IsUnderLiquid ? filled.Load.TotalKg * Bulk.LitresPerKg : 0);
        return new(Math.Round(before, 2), Math.Round(before + givenOffMl / 1000, 2), Math.Round(filled.MarkLitres, 2), filled.Swells);
    }

    private static double FromBeside(FilledPot filled, double minutes) =>
        filled.Companions.Where(c => !c.InBowl).Sum(c => c.Grams * c.Companion.GivesOffMlPerGram)
        * (1 - Math.Exp(-(minutes + VegetableMinutes) / VegetableMinutes));

    private static Thickening Slurry(string name, double grams)
    {
        var starch = Math.Max(1, Math.Round(grams));
        return new(name, starch, starch);
    }

    private static double Round(double ml) => Math.Round(ml, 1);
}
