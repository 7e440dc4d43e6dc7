using Ikuzo.Core.Cooking;
using Ikuzo.Core.Running.Rescue;

namespace Ikuzo.Core.Running.Journal;

/// <summary>Where a cook waits for a hand: there the clock of a rehearsal does not run away from it.</summary>
internal static class HandMoments
{
    private const double AtTheValveSeconds = 20; // longer than this a real pin would fall meanwhile; choice

    /// <summary>The clock of a rehearsal after an entry.</summary>
    /// <param name="cook">What was planned.</param>
    /// <param name="time">The clock until then.</param>
    /// <param name="state">The state after it.</param>
    public static CookTime After(PlannedCook cook, CookTime time, CookState state) =>
        state switch
        {
            { Phase: CookPhase.ComingUp or CookPhase.Venting or CookPhase.Done } => time,
            { Phase: CookPhase.Rescuing, Simmers: false } => time,
            { Phase: CookPhase.Holding or CookPhase.Resting } when cook.Release.Kind == ReleaseKind.Natural => time,
            { Next: [{ Kind: CookEventKind.HoldOver, DueAt: { } due }, ..] } => AtTheValve(time, due.AddMinutes(cook.Release.RestMinutes)),
            { Next: [{ Kind: CookEventKind.Vented, DueAt: { } due }, ..] } => AtTheValve(time, due),
            { Phase: CookPhase.Resting } => time,
            { Next: [{ Waits: true, DueAt: { } due }, ..] } => time with { FastUntil = due },
            _ => time with { FastUntil = state.Now },
        };

    private static CookTime AtTheValve(CookTime time, DateTimeOffset due) =>
        time with
        {
            FastUntil = due,
            WaitsSeconds = AtTheValveSeconds,
        };

    /// <summary>What readings lead to as far as the clock asks: done, or not yet.</summary>
    public static RescueAdvice Likely(RescueRequest request) =>
        new(
            request.NewestReadings.All(r => r.IsSafe) ? CheckVerdict.Done : CheckVerdict.Short,
            RescueMethod.BackUnderPressure,
            1,
            [""],
            []
        );
}
