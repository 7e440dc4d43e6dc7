using Ikuzo.Core.Companions;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Physics;
using Ikuzo.Core.Pots;

namespace Ikuzo.Core.Filling;

/// <summary>How much thin liquid goes in, so that what drinks has enough and the dish is left as wet as it wants to be.</summary>
public static class LiquidNeed
{
    // Left at opening beside grain, so that the last of it has something to drink. Choice.
    private const double LeastLeftMl = 60;

    // Juice of the kilogram of poultry beside which cooks pour what they pour: thighs on the bone, of whose muscle more than a third runs
    // out until they are safe. It comes late, so that it stands for no more than a third of what is poured. Estimates.
    private const double UsualJuiceMl = 200,
        JuiceShare = 0.37,
        MostCountedOn = 1.0 / 3;

    /// <summary>
    /// Liquid to put in, ml: the least of the pot, or what cooks pour, more where there is less meat to give juice, rounded up to 10.
    /// </summary>
    /// <param name="pot">The pot.</param>
    /// <param name="meats">Meat in it.</param>
    /// <param name="beside">What stands beside it.</param>
    /// <param name="brothMl">Broth that is wanted beyond that, ml.</param>
    public static double Of(PotModel pot, IReadOnlyCollection<MeatLoad> meats, IReadOnlyCollection<CompanionLoad> beside, double brothMl)
    {
        var given = meats.Sum(m => m.MuscleKg) * 1000 * JuiceShare + beside.Sum(c => c.GivesOffMl);
        var (poured, drunk) = (beside.Sum(c => c.PouredMl), beside.Sum(c => c.AbsorbsMl));
        // Pulses are covered, whatever the meat gives.
        var measured = poured - beside.Where(c => c.Companion.Kind == CompanionKind.Pulse).Sum(c => c.PouredMl);
        var counted = CountedOn(given, measured);
        var lacks = meats.Count > 0 ? CountedOn(UsualJuiceMl, measured) - counted : 0; // of the juice beside which so much is poured
        var least = drunk > 0 ? drunk + LeastLeftMl + PurgeMl(pot) - counted : 0;
        var wanted = Math.Max(poured + lacks, least);
        var more = Math.Max(0, wanted - pot.MinimumLiquidMl) + brothMl;
        return more > 0 ? Math.Ceiling((pot.MinimumLiquidMl + more) / 10 - 1e-9) * 10 : pot.MinimumLiquidMl;
    }

    /// <summary>Liquid that is to be left around what drinks, ml: what is left where cooks pour what they pour.</summary>
    /// <param name="pot">The pot.</param>
    /// <param name="beside">What stands beside the meat.</param>
    public static double LeftMl(PotModel pot, IReadOnlyCollection<CompanionLoad> beside)
    {
        var poured = beside.Sum(c => c.PouredMl);
        return Math.Max(LeastLeftMl, poured + UsualJuiceMl - beside.Sum(c => c.AbsorbsMl) - PurgeMl(pot));
    }

    private static double CountedOn(double juiceMl, double pouredMl) => Math.Min(juiceMl, pouredMl * MostCountedOn);

    // Stands over what is to be covered, m. Estimate: the width of two fingers, which is what cooks pour.
    private const double OverMetres = 0.02;

    /// <summary>
    /// Water that covers meat in a heap by two fingers, ml, rounded up to 50: what lies between the pieces, and what stands over them; as
    /// much as the mark of the pot allows, never under its least.
    /// </summary>
    /// <param name="filled">What is in the pot; its liquid does not count.</param>
    public static double ToCover(FilledPot filled)
    {
        var solid = filled.Load.TotalKg * Bulk.LitresPerKg;
        var covers = filled.Load.TotalKg * filled.Load.Cut.HeapLitresPerKg.Value - solid + filled.Pot.FloorSquareMetres * OverMetres * 1000;
        var mark = filled.MarkLitres - solid - filled.BesideLitres;
        var poured = Math.Min(Math.Ceiling(covers * 20 - 1e-9), Math.Floor(mark * 20 + 1e-9)) * 50;
        return Math.Max(filled.Pot.MinimumLiquidMl, poured);
    }

    /// <summary>Steam that goes with the air before the valve closes, ml.</summary>
    public static double PurgeMl(PotModel pot) => pot.PurgeJoule / (Water.VaporisationJoulePerKg / 1000);
}
