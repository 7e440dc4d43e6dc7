using static Ikuzo.Core.Running.Journal.CookEventKind;

namespace Ikuzo.Core.Running.Journal;

/// <summary>What one kind of entry needs, does and is called.</summary>
/// <param name="Kind">The kind.</param>
/// <param name="Name">What it is called in a sentence.</param>
/// <param name="From">True where it makes sense.</param>
/// <param name="Apply">What it does.</param>
internal sealed record Transition(CookEventKind Kind, string Name, Func<CookFold, bool> From, Action<CookFold, CookEvent> Apply)
{
    /// <summary>False for what is said about the journal rather than about the cook.</summary>
    public bool IsOfHands { get; init; } = true;
}

/// <summary>Every kind of entry of a journal. To add one, add it to <see cref="CookEventKind"/> and one row here.</summary>
internal static class Transitions
{
    /// <summary>One row for each kind.</summary>
    public static readonly IReadOnlyList<Transition> All =
    [
        new(BrowningStarted, "Browning", In(CookPhase.Ready), (f, e) => f.Enter(CookPhase.Browning, e.At)),
        new(BrowningDone, "The end of browning", In(CookPhase.Browning), (f, e) => f.Browned(e.At)),
        new(LidOn, "Putting the lid on", In(CookPhase.Ready, CookPhase.Browning), (f, e) => f.CloseLid(e.At)),
        new(PressureReached, "Reaching pressure", f => IsHeating(f) && !f.Simmers, (f, e) => f.ReachPressure(e.At)),
        new(Lengthened, "Setting more minutes", In(CookPhase.Holding), (f, e) => f.Lengthen(e.Data.Minutes ?? 0)),
        new(HoldOver, "The end of the minutes", f => f.Phase == CookPhase.Holding || IsSimmering(f), (f, e) => f.EndHold(e.At)),
        new(Vented, "Venting", In(CookPhase.Holding, CookPhase.Resting), (f, e) => f.Vent(e.At)),
        new(
            CookEventKind.PinDown,
            "The fall of the pin",
            In(CookPhase.Resting, CookPhase.Venting),
            (f, e) => f.Enter(CookPhase.PinDown, e.At)
        ),
        new(Opened, "Opening", In(CookPhase.PinDown, CookPhase.ComingUp, CookPhase.Rescuing), (f, e) => f.OpenUp(e.At)),
        new(CookEventKind.Reading, "A reading", In(CookPhase.Open, CookPhase.Finishing), (f, e) => f.Read(e)),
        new(Covered, "Laying the lid on", In(CookPhase.Open), (f, e) => f.Cover(e)),
        new(NotMeasured, "Going on unmeasured", In(CookPhase.Open), (f, e) => f.LeaveUnmeasured(e.At)),
        new(BackUnderPressure, "Cooking on", In(CookPhase.Open, CookPhase.Finishing), (f, e) => f.CookOn(e)),
        new(Thickened, "Thickening", In(CookPhase.Open, CookPhase.Finishing), (f, e) => f.Thicken(e.At)),
        new(StepDone, "A step after the pot", HasSteps, (f, e) => f.FinishStep(e)),
        new(Note, "This entry", Always, Nothing),
        new(Finished, "Serving", f => f is { Phase: CookPhase.Finishing, StandsCovered: false } || f.IsForgotten, (f, e) => f.Serve(e.At)),
        new(Tasted, "A tasting", In(CookPhase.Finishing, CookPhase.Done), Nothing),
        new(Abandoned, "Giving up", f => f.Phase != CookPhase.Done, (f, e) => f.Abandon(e.At)),
        new(Corrected, "This entry", Always, Nothing) { IsOfHands = false },
        new(Undone, "This entry", Always, Nothing) { IsOfHands = false },
        new(Simulated, "A rehearsal", f => f.Phase != CookPhase.Done, Nothing) { IsOfHands = false },
        new(ClockSet, "A clock that was set", Always, Nothing) { IsOfHands = false },
    ];

    private static readonly Dictionary<CookEventKind, Transition> ByKind = All.ToDictionary(t => t.Kind);

    /// <summary>The row of a kind.</summary>
    public static Transition Of(CookEventKind kind) => ByKind[kind];

    private static Func<CookFold, bool> In(params CookPhase[] phases) => fold => phases.Contains(fold.Phase);

    private static bool Always(CookFold fold) => true;

    private static void Nothing(CookFold fold, CookEvent entry) { }

    private static bool IsHeating(CookFold fold) => fold.Phase is CookPhase.ComingUp or CookPhase.Rescuing;

    private static bool IsSimmering(CookFold fold) => fold is { Phase: CookPhase.Rescuing, Simmers: true };

    private static bool HasSteps(CookFold fold) =>
        fold.Phase is CookPhase.Finishing or CookPhase.Browning || (fold.Phase == CookPhase.Ready && fold.HasStepsBefore);
}
