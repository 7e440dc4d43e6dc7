using System.Globalization;
using Ikuzo.Core.Dishes;
using Ikuzo.Core.LineUps;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Running.Journal;

/// <summary>What the running cook says: what to do, then why.</summary>
internal static class CookWords
{
    public const string Brown =
        "Set the pot to fry and wait until the fat shimmers. Brown in batches; leave the skin until it lets go by itself.";
    public const string ComingUp = "Wait for the pin. The minutes count from there.";
    public const string Simmering = "Keep it at a simmer with the lid on; do not lock it.";
    public const string LeaveIt = "Leave it alone until the pin drops by itself.";
    public const string Vent = "Cover your hand, turn the vent away from the cupboards, and open the valve.";
    public static readonly string VentInBursts = string.Create(
        CultureInfo.InvariantCulture,
        $"Open the valve for {Burst.Usual.OpenSeconds:0} seconds, close it for {Burst.Usual.ClosedSeconds:0}, again and again: the steam "
            + $"must stay clear."
    );
    public const string Open = "The pin is down. Tilt the lid away from your face.";
    public const string NotMeasured = "Go on without measuring. The record will always say so.";
    public const string EndedEarly =
        "Its minutes are not over. Ended now, the middle may stay raw: it would have to be measured, and go back under the lid.";
    public const string Serve = "On the table.";
    public const string WasItEaten = "Was it eaten?";
    public const string Eaten = "Yes, it was eaten";

    public static string Forgotten(double hours) =>
        FormattableString.Invariant($"Nothing was noted for {Math.Floor(hours):0} hours. ")
        + "If it still stands in the pot or on the table, throw it away; then give this cook up.";

    public const string LeaveCovered = "Leave it covered";
    public const string StandsCovered = "It stands covered";
    public const string ReadIt = "Read it again";
    public const string CookOnInstead = "Cook on at once instead.";

    public const string NotSure = "Go on without measuring. These minutes were for a thermometer; the record will always say so.";

    public static string OpenOrWait(PlannedCook cook) =>
        cook is { MissingMinutes: > 0, SureClosedMinutes: { } minutes }
            ? FormattableString.Invariant($"{Open} No thermometer? Leave it closed for {minutes:0} min from now: then it is sure.")
            : Open;

    public static string NoThermometer(double minutes) =>
        FormattableString.Invariant($"No thermometer? Close the lid again for {minutes:0} min under pressure: then it is sure.");

    public static string Browning(PlannedCook cook) =>
        $"Loosen every brown bit with {cook.DeglazeWith ?? "a splash of the liquid"}: what sticks keeps the pot from coming to pressure. "
        + "Then cancel frying, so that the pot takes its pressure setting.";

    public static string LidOn(PlannedCook cook) =>
        $"In this order, from the floor up, with {new Wording(cook.Request.Units).Pour(cook.Request.Liquid)} of thin liquid. "
        + Set(cook.Minutes, cook.Request.Pressure, DishWords.KeepWarm(cook.Request.Pot, cook.Release));

    public static string Close(string with, string liquid, double minutes, string keepWarm) =>
        $"{with}{liquid} of thin liquid in. {Set(minutes, PressureSetting.High, keepWarm)}";

    public static string CloseAgain(string? lift, string liquid, string amounts, double minutes, string keepWarm) =>
        $"{(lift is null ? "" : $"{lift} ")}{liquid}. Put in {amounts}. " + Set(minutes, PressureSetting.High, keepWarm);

    private static string Set(double minutes, PressureSetting pressure, string keepWarm) =>
        string.Create(
            CultureInfo.InvariantCulture,
            $"Lid on, valve to sealing, set {minutes:0} min at {(pressure == PressureSetting.High ? "high" : "low")} pressure{keepWarm}."
        );

    public static string Holding(PlannedCook cook) =>
        cook.Meanwhile.Count > 0 ? $"Your hands are free: {string.Join("; ", cook.Meanwhile.Select(Job))}." : "Your hands are free.";

    private static string Job(HandsFreeJob job) => FormattableString.Invariant($"{job.Text} ({job.Minutes:0} min)");

    public static string Venting(bool pulsed) =>
        pulsed ? "Short bursts until only clear steam comes, then leave the valve open." : "Stay clear of the steam until the pin drops.";

    public static string Read(PlannedCook cook, IReadOnlyList<string> unread)
    {
        var where = cook.Spots.Where(s => unread.Contains(s.Id)).Select(s => s.Where).ToArray();
        var pieces = cook.Meats.Max(m => m.Request.Load.Pieces) switch
        {
            1 => "",
            2 => " Take the thicker piece, then the other.",
            _ => " Take the thickest piece, then two more.",
        };
        return where.Length == 0 ? $"Measure another piece.{pieces}" : $"Measure: {string.Join(", then ", where)}.{pieces}";
    }

    public static string Late(CookPhase phase, double minutes) =>
        phase switch
        {
            CookPhase.ComingUp or CookPhase.Rescuing => string.Create(
                CultureInfo.InvariantCulture,
                $"{minutes:0} minutes and no pin. Is the valve on sealing? The ring in its place? Enough thin liquid? Does it smell "
                    + $"scorched? Steam from the lid means that it leaks."
            ),
            CookPhase.Resting => FormattableString.Invariant(
                $"{minutes:0} minutes and the pin is still up. Do not force the lid; vent the rest with your hand covered."
            ),
            _ => FormattableString.Invariant(
                $"{minutes:0} minutes and the pin is still up. Tap the vent with a spoon; never force the lid."
            ),
        };

    public static string Name(CookPhase phase) =>
        phase switch
        {
            CookPhase.Ready => "not started",
            CookPhase.Browning => "browning",
            CookPhase.ComingUp => "coming up to pressure",
            CookPhase.Holding => "under pressure",
            CookPhase.Resting => "letting go by itself",
            CookPhase.Venting => "venting",
            CookPhase.PinDown => "ready to open",
            CookPhase.Open => "open and not known to be done",
            CookPhase.Rescuing => "cooking on",
            CookPhase.Finishing => "done in the pot",
            _ => "over",
        };
}
