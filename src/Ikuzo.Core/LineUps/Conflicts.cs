using System.Globalization;
using Ikuzo.Core.Dishes;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Quantities;
using Ikuzo.Core.Safety;

namespace Ikuzo.Core.LineUps;

/// <summary>What does not work about a line-up, in words.</summary>
internal static class Conflicts
{
    public static IEnumerable<string> Of(LineUpRequest request, IReadOnlyList<LineUpTask> tasks)
    {
        if (Earliest(request, tasks) is { } earliest)
        {
            yield return string.Create(
                CultureInfo.InvariantCulture,
                $"It is too late for this: “{tasks[0].Text}” was due {Ago(earliest - request.ServeAt)} ago. The earliest dinner is "
                    + $"{earliest:HH:mm}, or leave something out."
            );
        }

        var firstOut = tasks.First(t => t.Id == "check-1").End;
        var most = FoodRules.OutOfTheCold(request.Dish.RoomCelsius);
        if ((request.ServeAt - firstOut).TotalHours > most.Hours)
        {
            yield return $"What is cooked first would wait for more than {most.Spoken}. "
                + $"Keep it at {new Wording(request.Dish.Units).Temperature(SafetyRule.HotHoldingCelsius)} or more, or cook it last.";
        }

        var thaws = request.Dish.Items.Any(i => i is MeatItem { Load.State: MeatState.Frozen });
        if (
            thaws
            && request.Thaw == ThawWay.Fridge
            && FoodRules.Thawed(ThawedWhere.Fridge) is var kept
            && request.MarinadeHours > kept.Hours
        )
        {
            yield return $"Thawed meat keeps {kept.Spoken} in the fridge at most. Marinate for less.";
        }

        if (thaws && request.Thaw == ThawWay.ColdWater && request.MarinadeHours > FoodRules.Thawed(ThawedWhere.ColdWater).Hours)
        {
            yield return "Meat thawed in cold water is cooked at once: leave out the marinade, or thaw it in the fridge.";
        }
    }

    /// <summary>The earliest moment at which it can be eaten; null where that which was asked for can be kept.</summary>
    public static DateTimeOffset? Earliest(LineUpRequest request, IReadOnlyList<LineUpTask> tasks) =>
        request.Now is { } now && tasks[0].Start < now ? request.ServeAt + (now - tasks[0].Start) : null;

    private static string Ago(TimeSpan late) =>
        late.TotalHours >= 2
            ? FormattableString.Invariant($"{late.TotalHours:0} hours")
            : FormattableString.Invariant($"{Math.Ceiling(late.TotalMinutes):0} min");
}
