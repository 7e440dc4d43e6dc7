using Ikuzo.Core.Cooking;
using Ikuzo.Core.Loads;
using static Ikuzo.Core.Running.Journal.CookEventKind;

namespace Ikuzo.Core.Running.Journal;

/// <summary>
/// The journal of a pot that nobody followed, written back from its opening by what its plan expected. Minutes held and release are what
/// was said.
/// </summary>
public static class BackDated
{
    /// <summary>Text of each entry, so that the journal says what nobody saw.</summary>
    public const string NotSeen = "not seen, as expected";

    /// <summary>From lid-on to opening; the end of the minutes the clock of the journal knows itself.</summary>
    /// <param name="cook">The cook, with the minutes that it was held and the release that it had.</param>
    /// <param name="openedAt">When the lid came off.</param>
    public static IReadOnlyList<CookEvent> Journal(PlannedCook cook, DateTimeOffset openedAt)
    {
        var pin = openedAt.AddMinutes(-KitchenTimes.OpenMinutes);
        var over = pin.AddMinutes(-cook.ReleaseMinutes.P50);
        var pressure = over.AddMinutes(-cook.Minutes);
        (CookEventKind Kind, DateTimeOffset At)[] entries =
        [
            (LidOn, pressure.AddMinutes(-cook.ToPressureMinutes.P50)),
            (PressureReached, pressure),
            .. cook.Release.Kind == ReleaseKind.Natural ? [] : new[] { (Vented, over.AddMinutes(cook.Release.RestMinutes)) },
            (CookEventKind.PinDown, pin),
            (Opened, openedAt),
        ];
        return [.. entries.Select((e, i) => new CookEvent($"{i}", e.Kind, e.At, new CookEventData { Text = NotSeen }))];
    }
}
