using Ikuzo.Core.Companions;

namespace Ikuzo.Core.Dishes;

/// <summary>What the open pot asks of the liquid that was poured in before the lid went on.</summary>
internal static class OpenPot
{
    // Broth in which noodles swim, and sauce that they drink; what dough swells in; what is thickened for four. Kitchen practice.
    private const double NoodlesInBroth = 8.5, // ml per g
        NoodlesInSauce = 2.9,
        Dumplings = 1.2,
        ThickenedSauceMl = 300;

    private const double BrothMl = 1000; // from here on a dish is a soup

    /// <summary>True for a soup: pasta in broth, bones in water, or so much liquid that the cook asked for.</summary>
    public static bool IsBroth(DishRequest dish) =>
        dish.Served is Serving.Soup or Serving.Broth
        || dish.BrothMl >= BrothMl
        || dish.Liquids.Sum(l => l.ThinMl) >= BrothMl
        || dish.Items.OfType<MeatItem>().Any(m => m.Load.Cut.UsualAim == Poultry.Aim.Stock)
        || (!IsSauce(dish) && dish.Items.OfType<BesideItem>().Any(IsNoodles));

    /// <summary>Liquid for what is simmered with the lid off, ml, as far as half of the pot holds it; 0 for what steams.</summary>
    /// <param name="dish">The dish.</param>
    /// <param name="open">What finishes in the open pot.</param>
    public static double Ml(DishRequest dish, IReadOnlyCollection<string> open)
    {
        var beside = dish.Items.OfType<BesideItem>().ToList();
        var wanted = beside.Where(b => open.Contains(b.Key)).Select(b => b.Grams * PerGram(dish, b)).DefaultIfEmpty(0).Max();
        var sauce = beside.Where(b => b.Companion.Is(CompanionTraits.Acid | CompanionTraits.Thick)).Sum(b => b.Load.GivesOffMl);
        return Math.Clamp(Math.Ceiling((wanted - sauce) / 10) * 10, 0, RoomMl(dish));
    }

    /// <summary>Liquid beside all that is not meat up to half of the pot, ml.</summary>
    /// <param name="dish">The dish.</param>
    public static double RoomMl(DishRequest dish)
    {
        var room = dish.Pot.HalfLitres * 1000 - dish.Items.OfType<BesideItem>().Sum(b => b.Grams);
        return Math.Max(0, Math.Floor(room / 10) * 10);
    }

    /// <summary>Liquid for a sauce that is thickened at the end, ml; 0 without.</summary>
    public static double ThickenedMl(DishRequest dish) =>
        dish.Items.OfType<BesideItem>().Any(b => b.Companion.Is(CompanionTraits.AfterPressure | CompanionTraits.Thick) && IsStarch(b))
            ? Math.Max(ThickenedSauceMl, dish.Pot.MinimumLiquidMl)
            : 0;

    private static double PerGram(DishRequest dish, BesideItem item) =>
        item.Companion.Kind switch
        {
            CompanionKind.Pasta => IsSauce(dish) ? NoodlesInSauce : NoodlesInBroth,
            CompanionKind.Dough => Dumplings,
            _ => 0,
        };

    private static bool IsNoodles(BesideItem item) => item.Companion is { Kind: CompanionKind.Pasta, IsNeverUnderPressure: true };

    private static bool IsStarch(BesideItem item) => !item.Companion.Is(CompanionTraits.Sweet);

    /// <summary>True where pasta is eaten in a sauce: cream, cheese, tomatoes.</summary>
    public static bool IsSauce(DishRequest dish) =>
        dish.Items.OfType<BesideItem>().Any(b => b.Companion.Kind == CompanionKind.Enrichment || b.Companion.Is(CompanionTraits.Thick));
}
