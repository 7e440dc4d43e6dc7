using System.Globalization;
using Ikuzo.Core.Dishes;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Quantities;
using Ikuzo.Core.Safety;

namespace Ikuzo.Core.LineUps;

/// <summary>What does not work about a line-up, in words.</summary>
internal static class Conflicts
{
    private const double MostThawedHours = 48; // 1 to 2 days in the fridge: USDA FSIS

    public static IEnumerable<string> Of(LineUpRequest request, IReadOnlyList<LineUpTask> tasks)
    {
        if (request.Now is { } now && tasks[0].Start < now)
        {
            var late = now - tasks[0].Start;
            yield return string.Create(
                CultureInfo.InvariantCulture,
                $"It is too late for this: “{tasks[0].Text}” was due {Ago(late)} ago. The earliest dinner is "
                    + $"{request.ServeAt + late:HH:mm}, or leave something out."
            );
        }

        var firstOut = tasks.First(t => t.Id == "check-1").End;
        if ((request.ServeAt - firstOut).TotalMinutes > SafetyRule.MostHoursOut * 60)
        {
            yield return "What is cooked first would wait for more than two hours. "
                + $"Keep it at {new Wording(request.Dish.Units).Temperature(SafetyRule.HotHoldingCelsius)} or more, or cook it last.";
        }

        var thaws = request.Dish.Items.Any(i => i is MeatItem { Load.State: MeatState.Frozen });
        if (thaws && request.Thaw == ThawWay.Fridge && request.MarinadeHours > MostThawedHours)
        {
            yield return "Thawed meat keeps two days in the fridge at most. Marinate for less.";
        }

        if (thaws && request.Thaw == ThawWay.ColdWater && request.MarinadeHours > 0)
        {
            yield return "Meat thawed in cold water is cooked at once: leave out the marinade, or thaw it in the fridge.";
        }
    }

    private static string Ago(TimeSpan late) =>
        late.TotalHours >= 2
            ? FormattableString.Invariant($"{late.TotalHours:0} hours")
            : FormattableString.Invariant($"{Math.Ceiling(late.TotalMinutes):0} min");
}
