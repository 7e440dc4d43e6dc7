using Ikuzo.Core.Companions;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Physics;
using Ikuzo.Core.Pots;

namespace Ikuzo.Core.Filling;

/// <summary>How much thin liquid goes in, so that what drinks has enough and the dish is left as wet as it wants to be.</summary>
public static class LiquidNeed
{
    // Left at opening beside what drinks: grain dry, pulses and pasta in a little sauce. Choices.
    private const double GrainLeftMl = 60,
        SauceLeftMl = 120;

    // Juice that is counted on beforehand: what muscle has lost when it is safe, a third of its weight, and of that and what vegetables
    // give so much, since it comes late and may be less: pulses and pasta must lie under liquid from the first. Estimates.
    private const double JuiceShare = 0.33,
        CountedOn = 0.8,
        CountedOnUnderLiquid = 0.3;

    /// <summary>Liquid to put in, ml, rounded up to 10: never under the least of the pot.</summary>
    /// <param name="pot">The pot.</param>
    /// <param name="meats">Meat in it.</param>
    /// <param name="beside">What stands beside it.</param>
    /// <param name="brothMl">Broth that is wanted beyond that, ml.</param>
    public static double Of(PotModel pot, IReadOnlyCollection<MeatLoad> meats, IReadOnlyCollection<CompanionLoad> beside, double brothMl)
    {
        double drunk = 0,
            left = 0,
            given = meats.Sum(m => m.MuscleKg) * 1000 * JuiceShare;
        foreach (var item in beside.Where(c => !c.InBowl))
        {
            drunk += item.AbsorbsMl;
            given += item.GivesOffMl;
            left =
                !item.Companion.Drinks ? left
                : item.Companion.Kind == CompanionKind.Grain ? Math.Max(left, GrainLeftMl)
                : SauceLeftMl;
        }

        var countedOn = left == SauceLeftMl ? CountedOnUnderLiquid : CountedOn;
        var needed = Math.Max(pot.MinimumLiquidMl, drunk + left + PurgeMl(pot) - countedOn * given);
        return Math.Ceiling((needed + brothMl) / 10 - 1e-9) * 10;
    }

    /// <summary>Steam that goes with the air before the valve closes, ml.</summary>
    public static double PurgeMl(PotModel pot) => pot.PurgeJoule / (Water.VaporisationJoulePerKg / 1000);
}
