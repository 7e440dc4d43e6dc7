namespace Ikuzo.Core.Running.Journal;

/// <summary>Where a cook is once the next thing has happened, so that whoever is cut off from the server can go on step by step.</summary>
/// <param name="After">What happened.</param>
/// <param name="Step">Which step was done, for that kind; else null.</param>
/// <param name="At">
/// When it is taken to happen; if it happens at another moment, every time in <paramref name="Next"/> moves by as much.
/// </param>
/// <param name="ByClock">True when the clock alone brings it about.</param>
/// <param name="Phase">Where the cook is then.</param>
/// <param name="Verdict">What is known about the meat then.</param>
/// <param name="Burst">How to vent then; null unless in bursts.</param>
/// <param name="Next">What may happen then, the most likely first.</param>
public sealed record CookAhead(
    CookEventKind After,
    string? Step,
    DateTimeOffset At,
    bool ByClock,
    CookPhase Phase,
    CookVerdict Verdict,
    Burst? Burst,
    IReadOnlyList<NextStep> Next
)
{
    private const int Most = 30; // steps of a dish included

    /// <summary>
    /// What follows step by step, each thing the likeliest and at its expected moment, until it is served. What a thermometer says can only
    /// be judged by who computes: who is cut off there may go on unmeasured, and is told so.
    /// </summary>
    /// <param name="fold">The journal until now; it is not changed.</param>
    /// <param name="state">Its state at the present moment.</param>
    internal static IReadOnlyList<CookAhead> Of(CookFold fold, CookState state)
    {
        List<CookAhead> ahead = [];
        var future = fold.Fork();
        while (ahead.Count < Most && !IsJudged(state) && state.Next is [var next, ..])
        {
            var kind = state.Phase == CookPhase.Open ? CookEventKind.NotMeasured : next.Kind;
            var at = next.DueAt > state.Now ? next.DueAt.Value : state.Now;
            future.AdvanceTo(at);
            var byClock = future.Phase != state.Phase;
            if (!byClock)
            {
                future.Take(
                    new CookEvent($"ahead-{ahead.Count}", kind, at, new CookEventData { Step = kind == next.Kind ? next.Step : null })
                );
            }

            var after = future.State(at, state.EverNotMeasured);
            ahead.Add(
                new(
                    byClock ? CookEventKind.HoldOver : kind,
                    byClock || kind != next.Kind ? null : next.Step,
                    at,
                    byClock,
                    after.Phase,
                    after.Verdict,
                    after.Burst,
                    after.Next
                )
            );
            state = after;
        }

        return ahead;
    }

    // Once a thermometer has said something, only what it says counts.
    private static bool IsJudged(CookState state) => state.Phase == CookPhase.Open && state.Verdict != CookVerdict.Unknown;
}
