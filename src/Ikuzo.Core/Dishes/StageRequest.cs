using Ikuzo.Core.Companions;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Filling;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Physics;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Poultry;

namespace Ikuzo.Core.Dishes;

/// <summary>One stage as a question to the planner.</summary>
internal static class StageRequest
{
    /// <summary>The stage as one of its meats sees it: the others are a load of heat. A later stage starts hot.</summary>
    public static PlanRequest Of(DishRequest dish, IReadOnlyList<DishItem> items, MeatItem meat, bool isFirst)
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
            Learned = dish.Learned.GetValueOrDefault(meat.Load.Cut.Id, LearnedDraws.Nothing),
            Browned = dish.Browned,
            StartsHot = dish.StartsHot || !isFirst,
        };
        var others = items.OfType<MeatItem>().Where(m => m != meat).Select(m => m.Load).ToList();
        return whole.WithOtherMeat(others.Sum(o => o.TotalKg), others.Sum(o => o.HeatKg(dish.RoomCelsius)));
    }

    /// <summary>The stage as a pot in which no meat is. A later one starts hot, with what is put in at room temperature.</summary>
    public static CookModel WithoutMeat(DishRequest dish, IReadOnlyList<DishItem> items, bool isFirst)
    {
        var beside = items.OfType<BesideItem>().Select(b => b.Load).ToList();
        var model = CookModel.WithoutMeat(
            dish.Pot,
            LiquidMl(dish, items) / 1000,
            beside.Sum(b => b.JoulePerKelvin),
            [.. beside.Select(b => b.Model).OfType<BesideModel>()],
            dish.RoomCelsius
        ) with
        {
            AltitudeMetres = dish.AltitudeMetres,
        };
        return isFirst && !dish.StartsHot ? model : model.Hot(model.ShellAndLiquidJoulePerKelvin);
    }

    /// <summary>Liquid of a stage: what it needs; with the meat at least what is poured in.</summary>
    public static double LiquidMl(DishRequest dish, IReadOnlyList<DishItem> items) => LiquidMl(dish, items, PouredMl(dish));

    /// <summary>The same for who asks often.</summary>
    /// <param name="dish">The dish.</param>
    /// <param name="items">What is in the stage.</param>
    /// <param name="pouredMl">What is poured in with the meat of the dish, see <see cref="PouredMl"/>.</param>
    public static double LiquidMl(DishRequest dish, IReadOnlyList<DishItem> items, double pouredMl)
    {
        var needed = LiquidNeed.Of(
            dish.Pot,
            [.. items.OfType<MeatItem>().Select(m => m.Load)],
            [.. items.OfType<BesideItem>().Select(b => b.Load)],
            dish.BrothMl
        );
        return items.Any(i => i is MeatItem)
            ? Math.Max(Math.Max(needed, pouredMl), Math.Max(ToCover(dish, items), ForLongHolds(dish, items)))
            : needed;
    }

    // What is held for long loses a little steam all the while: kitchens pour some more.
    private static double ForLongHolds(DishRequest dish, IReadOnlyList<DishItem> items) =>
        items.OfType<MeatItem>().Any(m => m.HeldMinutes >= LongMinutes) ? dish.Pot.MinimumLiquidMl + ForLongHoldsMl : 0;

    private const double LongMinutes = 40, // min at pressure. Kitchen practice
        ForLongHoldsMl = 50;

    /// <summary>What is poured in with the meat at least, ml: what the cook says, and what the dish is served in.</summary>
    public static double PouredMl(DishRequest dish) =>
        new[] { dish.Liquids.Sum(l => l.ThinMl), dish.OpenMl, OpenPot.ThickenedMl(dish), Servings.Ml(dish) }.Max();

    // Bones are covered, unless the cook says what is poured in.
    private static double ToCover(DishRequest dish, IReadOnlyList<DishItem> items)
    {
        if (dish.Liquids.Any(l => l.ThinMl > 0))
        {
            return 0;
        }

        return items
            .OfType<MeatItem>()
            .Where(m => m.WantedAim == Aim.Stock || m.Load.Cut.UsualAim == Aim.Stock)
            .Select(m =>
                LiquidNeed.ToCover(
                    new FilledPot
                    {
                        Pot = dish.Pot,
                        Load = m.Load,
                        Companions = [.. items.OfType<BesideItem>().Select(b => b.Load)],
                    }
                )
            )
            .DefaultIfEmpty(0)
            .Max();
    }

    /// <summary>Heat capacity of a pot with all of it, J/K: meat as the load of heat that it is.</summary>
    public static double JoulePerKelvin(DishRequest dish, IReadOnlyList<DishItem> items) =>
        JoulePerKelvin(dish, items, LiquidMl(dish, items));

    /// <summary>The same with so much liquid, ml.</summary>
    public static double JoulePerKelvin(DishRequest dish, IReadOnlyList<DishItem> items, double liquidMl)
    {
        var food = items.Sum(item =>
            item switch
            {
                MeatItem meat => meat.Load.HeatKg(dish.RoomCelsius) * Bulk.BesideJoulePerKgKelvin,
                BesideItem beside => beside.Load.JoulePerKelvin,
                _ => 0,
            }
        );
        return dish.Pot.ShellJoulePerKelvin + liquidMl / 1000 * Water.JoulePerKgKelvin + food;
    }
}
