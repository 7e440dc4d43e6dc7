using Ikuzo.Core.Companions;
using Ikuzo.Core.Conduction;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Planning;

namespace Ikuzo.Core.Dishes;

/// <summary>Something that is stirred in when the lid is off.</summary>
/// <param name="Key">The item.</param>
/// <param name="Minutes">How long it is left, min; 0 for what is only stirred.</param>
/// <param name="Simmers">True when the heat that is left is not enough, so that it simmers meanwhile.</param>
public sealed record StirredIn(string Key, double Minutes, bool Simmers)
{
    /// <summary>The same in a word.</summary>
    public OpenHeat How => Simmers ? OpenHeat.Simmer : OpenHeat.Heat;

    /// <summary>Minutes of what takes longest, all of it at once; 0 for nothing.</summary>
    public static double Longest(IEnumerable<StirredIn> stirred) => stirred.Select(s => s.Minutes).DefaultIfEmpty(0).Max();
}

/// <summary>What finishes something in the open pot.</summary>
public enum OpenHeat
{
    /// <summary>The heat that is left.</summary>
    Heat,

    /// <summary>A simmer, the lid laid on loosely.</summary>
    Simmer,
}

/// <summary>
/// What the heat that is left in an opened pot does to something that is stirred in, and how long it takes at a simmer.
/// </summary>
internal static class StirringHeat
{
    // Nobody waits longer for it. Choice.
    private const int MostMinutes = 15,
        MostMinutesLeft = 5;
    private const double StepSeconds = 5;

    // What is sweet boils down to a glaze, starch thickens in a moment. Kitchen practice.
    private const double ReducingMinutes = 3,
        ThickeningMinutes = 1;

    /// <summary>Minutes until it is at its best; null for what would take too long, or is not stirred in.</summary>
    /// <param name="dish">The dish.</param>
    /// <param name="item">What.</param>
    public static StirredIn? Of(DishRequest dish, BesideItem item)
    {
        if (item.IsStirredIn)
        {
            var boils =
                item.Companion.Is(CompanionTraits.Sweet) ? ReducingMinutes
                : item.Companion.Is(CompanionTraits.Thick) ? ThickeningMinutes
                : 0;
            return new(item.Key, boils, Simmers: boils > 0);
        }

        if (!item.MayChange || !item.Companion.Softens || !MayFinishOpen(dish, item))
        {
            return null;
        }

        var levels = item.Companion.Levels();
        var pot = StageRequest.WithoutMeat(dish, [], isFirst: true);
        var taken = item.Load.JoulePerKelvin;
        var start = pot.BoilingCelsius - CookBlock.OpenCooledKelvin;
        var mixed = start - taken / (taken + pot.PotJoulePerKelvin) * (start - dish.RoomCelsius);
        var cooling = dish.Pot.LossWattPerKelvin / (taken + pot.PotJoulePerKelvin);
        return Minutes(dish, item, levels, t => dish.RoomCelsius + (mixed - dish.RoomCelsius) * Math.Exp(-cooling * t))
                is { } left
                    and <= MostMinutesLeft
                ? new(item.Key, left, false)
            : Minutes(dish, item, levels, _ => pot.BoilingCelsius) is { } simmered ? new(item.Key, simmered, true)
            : null;
    }

    // What is done in a moment steams under the loose lid; noodles and dough get the liquid that they simmer in (see OpenPot), other
    // pasta and vegetables swim where there is broth or sauce.
    private static bool MayFinishOpen(DishRequest dish, BesideItem item) =>
        item.Companion.Kind == CompanionKind.Dough
        || (
            item.Companion.Kind == CompanionKind.Pasta
            && (item.Companion.IsNeverUnderPressure || OpenPot.IsSauce(dish) || OpenPot.IsBroth(dish))
        )
        || (item.Companion.IsQuick && !IsForTheSauce(dish, item))
        || (item.Companion.IsVegetable && !item.Companion.IsWhole && OpenPot.IsBroth(dish) && dish.Served != Serving.Soup);

    // Peppers and their like melt into a stew, and beside what is held for long enough: they go in with the onions. Beside what is quick
    // they would be neither crisp nor melted, and beside what takes long nothing would be left of them.
    private static bool IsForTheSauce(DishRequest dish, BesideItem item) =>
        item.Companion.Kind == CompanionKind.Aromatic
        && (
            dish.Served is Serving.Stew or Serving.Sauce
            || dish.Items.OfType<MeatItem>().Select(m => m.HeldMinutes).DefaultIfEmpty(0).Max() is >= MeltFrom and <= MeltTo
        );

    private const double MeltFrom = 8, // min under pressure. Kitchen practice
        MeltTo = 25;

    private static int? Minutes(DishRequest dish, BesideItem item, SoftnessLevels levels, Func<double, double> celsius)
    {
        var states = new SofteningStates();
        states.Load([item.Load.Model!.InWater()], Lanes.All(dish.RoomCelsius));
        for (var t = StepSeconds; t <= MostMinutes * 60; t += StepSeconds)
        {
            states.Step(Lanes.All(StepSeconds), Lanes.All(celsius(t)));
            if (states.HeatMinutes(0)[0] >= levels.BestFrom)
            {
                return (int)Math.Ceiling(t / 60);
            }
        }

        return null;
    }
}
