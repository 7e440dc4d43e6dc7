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
        if (Earliest(request, tasks) is { } earliest)
        {
            yield return string.Create(
                CultureInfo.InvariantCulture,
                $"It is too late for this: “{tasks[0].Text}” was due {Ago(earliest - request.ServeAt)} ago. The earliest dinner is "
                    + $"{earliest:HH:mm}, or leave something out."
            );
        }

        var firstOut = tasks.First(t => t.Id == "check-1").End;
        var hours = SafetyRule.HoursOut(request.Dish.RoomCelsius);
        if ((request.ServeAt - firstOut).TotalHours > hours)
        {
            yield return $"What is cooked first would wait for more than {Hours(hours)}. "
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

    /// <summary>The earliest moment at which it can be eaten; null where that which was asked for can be kept.</summary>
    public static DateTimeOffset? Earliest(LineUpRequest request, IReadOnlyList<LineUpTask> tasks) =>
        request.Now is { } now && tasks[0].Start < now ? request.ServeAt + (now - tasks[0].Start) : null;

    /// <summary>So many hours, in words.</summary>
    public static string Hours(double hours) => hours > 1 ? "two hours" : "an hour";

    private static string Ago(TimeSpan late) =>
        late.TotalHours >= 2
            ? FormattableString.Invariant($"{late.TotalHours:0} hours")
            : FormattableString.Invariant($"{Math.Ceiling(late.TotalMinutes):0} min");
}
