using Ikuzo.Core.Cooking;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Running.Aftercare;
using Ikuzo.Core.Running.Rescue;

namespace Ikuzo.Core.Running.Journal;

/// <summary>What is expected of a cook from where it is: next steps, what is late, and the rest of its strip.</summary>
internal sealed class CookExpectation(
    PlannedCook cook,
    CookPhase phase,
    DateTimeOffset since,
    Round? round,
    RescueAdvice? advice,
    CookVerdict verdict,
    IReadOnlyList<string> unread
)
{
    // A pot that is hot already needs about this share of its first come-up, at most this much. Estimates.
    private const double AgainLikely = 0.4,
        AgainLate = 0.9;
    private const double VentLateMinutes = 4; // later than usual by this much, the pin is stuck; estimate

    /// <summary>Id of the rest that goes with the verdict that it is done.</summary>
    public const string CoveredRestId = "covered-rest";

    /// <summary>The moment for which this is said.</summary>
    public required DateTimeOffset Now { get; init; }

    /// <summary>True once the meat was browned.</summary>
    public bool Browned { get; init; }

    /// <summary>Ids of steps that are done.</summary>
    public required IReadOnlyList<string> StepsDone { get; init; }

    /// <summary>When the step that is on began.</summary>
    public required DateTimeOffset StepFrom { get; init; }

    public IReadOnlyList<NextStep> Next() =>
        phase switch
        {
            CookPhase.Ready => [.. Steps(cook.Before), .. Ready()],
            CookPhase.Browning => [.. Steps(BrowningSteps.Of(cook)), Step(CookEventKind.BrowningDone, CookWords.Browning(cook))],
            CookPhase.ComingUp =>
            [
                Due(CookEventKind.PressureReached, cook.ToPressureMinutes.P50, cook.ToPressureMinutes.P95, CookWords.ComingUp),
            ],
            CookPhase.Rescuing when round!.Simmers => [Due(CookEventKind.Opened, round.Minutes, null, CookWords.Simmering)],
            CookPhase.Rescuing =>
            [
                Due(
                    CookEventKind.PressureReached,
                    cook.ToPressureMinutes.P50 * AgainLikely,
                    cook.ToPressureMinutes.P95 * AgainLate,
                    CookWords.ComingUp
                ),
            ],
            CookPhase.Holding =>
            [
                Due(CookEventKind.HoldOver, round!.Minutes, null, CookWords.Holding(cook)) with
                {
                    Early = CookWords.EndedEarly,
                },
            ],
            CookPhase.Resting => Resting(),
            CookPhase.Venting =>
            [
                Due(CookEventKind.PinDown, VentMinutes, VentMinutes + VentLateMinutes, CookWords.Venting(IsPulsed)) with
                {
                    Burst = Beat(IsPulsed),
                },
            ],
            CookPhase.PinDown => [Step(CookEventKind.Opened, round is { IsFirst: true } ? CookWords.OpenOrWait(cook) : CookWords.Open)],
            CookPhase.Open => Open(),
            CookPhase.Finishing => [.. Steps(After), Step(CookEventKind.Finished, CookWords.Serve)],
            _ => [],
        };

    /// <summary>The question of a cook that should have been on the table hours ago.</summary>
    /// <param name="touchedAt">When somebody last did something.</param>
    /// <param name="now">The present moment.</param>
    public static NextStep WasItEaten(DateTimeOffset touchedAt, DateTimeOffset now) =>
        Step(CookEventKind.Finished, CookWords.Forgotten((now - touchedAt).TotalHours)) with
        {
            Title = CookWords.WasItEaten,
            Says = CookWords.Eaten,
        };

    /// <summary>What is wrong, when what is expected has not come.</summary>
    public string? Late() => Next() is [{ LateAt: { } late }, ..] && Now > late ? CookWords.Late(phase, (Now - since).TotalMinutes) : null;

    /// <summary>The present stretch and those to come.</summary>
    public IEnumerable<StripPart> Strip()
    {
        if (phase == CookPhase.Done)
        {
            yield break;
        }

        var at = phase == CookPhase.Ready && StepMinutes(cook.Before) == 0 ? Now : since;
        foreach (var (part, minutes) in Ahead())
        {
            var end = at.AddMinutes(minutes);
            if (part == phase && end < Now)
            {
                end = Now;
            }

            yield return new StripPart(part, at, end, Happened: false);
            at = end;
        }
    }

    // From the start of this stretch until it is read again.
    private double StandsMinutes => round?.CoveredAt is { } covered ? (covered - since).TotalMinutes + round.CoverMinutes : 0;

    private double VentMinutes => (IsPulsed ? Release.Pulsed : Release.Vent).UsualMinutes;

    private static Burst? Beat(bool inBursts) => inBursts ? Burst.Usual : null;

    private bool IsPulsed => cook.Release.Kind == ReleaseKind.Pulsed;

    private IEnumerable<(CookPhase Phase, double Minutes)> Ahead()
    {
        (CookPhase, double)[] all =
        [
            (CookPhase.Ready, phase == CookPhase.Ready ? StepMinutes(cook.Before) : 0),
            (CookPhase.ComingUp, cook.ToPressureMinutes.P50),
            (CookPhase.Rescuing, round is { Simmers: true } ? round.Minutes : cook.ToPressureMinutes.P50 * AgainLikely),
            (CookPhase.Holding, round?.Minutes ?? cook.Minutes),
            (CookPhase.Resting, cook.ReleaseMinutes.P50),
            (CookPhase.Open, KitchenTimes.CheckMinutes + StandsMinutes),
            (CookPhase.Finishing, phase == CookPhase.Finishing ? StepMinutes(After) : cook.After.Sum(s => s.Minutes)),
        ];
        var from = phase switch
        {
            CookPhase.Browning => CookPhase.ComingUp,
            CookPhase.Venting or CookPhase.PinDown => CookPhase.Open,
            _ => phase,
        };
        if (phase is CookPhase.Venting or CookPhase.PinDown)
        {
            yield return (phase, VentMinutes);
        }

        foreach (var part in all.SkipWhile(p => p.Item1 != from))
        {
            var skipped = part.Item1 == CookPhase.Rescuing && phase != CookPhase.Rescuing;
            var simmered =
                round is { Simmers: true } && phase == CookPhase.Rescuing && part.Item1 is CookPhase.Holding or CookPhase.Resting;
            if (!skipped && !simmered && (part.Item1 != CookPhase.Ready || part.Item2 > 0))
            {
                yield return part;
            }
        }
    }

    private IReadOnlyList<NextStep> Resting()
    {
        var down = cook.ReleaseMinutes;
        return cook.Release.Kind switch
        {
            ReleaseKind.Natural =>
            [
                Due(CookEventKind.PinDown, down.P50, down.P95 * 1.5, CookWords.LeaveIt),
                Step(CookEventKind.Vented, CookWords.Vent),
            ],
            ReleaseKind.RestThenVent =>
            [
                Due(CookEventKind.Vented, cook.Release.RestMinutes, null, CookWords.Vent),
                Step(CookEventKind.PinDown, CookWords.LeaveIt),
            ],
            _ =>
            [
                Due(CookEventKind.Vented, 0, null, IsPulsed ? CookWords.VentInBursts : CookWords.Vent),
                Step(CookEventKind.PinDown, CookWords.LeaveIt),
            ],
        };
    }

    private IReadOnlyList<NextStep> Open()
    {
        var read = Step(CookEventKind.Reading, advice is { Method: RescueMethod.ReadAgain } ? advice.Why[0] : CookWords.Read(cook, unread));
        var back = Step(CookEventKind.BackUnderPressure, CookWords.CookOnInstead);
        return (verdict, round) switch
        {
            (_, { CoveredAt: { } since, CoverMinutes: var minutes }) =>
            [
                read with
                {
                    DueAt = since.AddMinutes(minutes),
                    Title = Now < since.AddMinutes(minutes) ? CookWords.StandsCovered : CookWords.ReadIt,
                    Waits = Now < since.AddMinutes(minutes),
                },
                back,
            ],
            (CookVerdict.Short, _) when advice!.Method == RescueMethod.LeaveCovered =>
            [
                Step(CookEventKind.Covered, advice.Why[0]) with
                {
                    Title = CookWords.LeaveCovered,
                },
                back,
                read,
            ],
            (CookVerdict.Short, _) => [Step(CookEventKind.BackUnderPressure, advice!.Why[0]), read],
            (CookVerdict.Unknown, { IsFirst: true }) when cook.MissingMinutes > 0 && !(round.LeftClosedMinutes >= cook.SureClosedMinutes) =>

                [
                    read,
                    Step(CookEventKind.BackUnderPressure, CookWords.NoThermometer(cook.MissingMinutes)),
                    Step(CookEventKind.NotMeasured, CookWords.NotSure),
                ],
            _ => [read, Step(CookEventKind.NotMeasured, CookWords.NotMeasured)],
        };
    }

    // The covered rest that goes with the verdict comes first; the meat rests that much less afterwards.
    private IReadOnlyList<CookStep> After =>
        advice is { RestMinutes: > 0 and var minutes }
            ?
            [
                new CookStep(CoveredRestId, advice.Why[0], minutes, Waits: true) { Title = CookWords.LeaveCovered },
                .. cook.After.Select((s, i) => i == 0 && s.Waits ? s with { Minutes = Math.Max(0, s.Minutes - minutes) } : s),
            ]
            : cook.After;

    // What was spent on steps of this phase, and what is left of them.
    private double StepMinutes(IReadOnlyList<CookStep> steps) =>
        (StepFrom - since).TotalMinutes + steps.Where(s => !StepsDone.Contains(s.Id)).Sum(s => s.Minutes);

    private IReadOnlyList<NextStep> Ready()
    {
        var lid = Step(CookEventKind.LidOn, CookWords.LidOn(cook)) with { Lines = Layering.Lines(cook) };
        return cook.Request.Browned && !Browned ? [Step(CookEventKind.BrowningStarted, CookWords.Brown), lid] : [lid];
    }

    // One after the other, each from when the one before it was done.
    private IEnumerable<NextStep> Steps(IReadOnlyList<CookStep> steps)
    {
        var at = StepFrom;
        foreach (var step in steps.Where(s => !StepsDone.Contains(s.Id)))
        {
            at = at.AddMinutes(step.Minutes);
            yield return new NextStep(CookEventKind.StepDone, at, null, step.Text)
            {
                Step = step.Id,
                Title = step.Title,
                Waits = step.Waits && Now < at,
                Burst = Beat(step.InBursts),
            };
        }
    }

    private static NextStep Step(CookEventKind kind, string text) => new(kind, null, null, text);

    private NextStep Due(CookEventKind kind, double likelyMinutes, double? lateMinutes, string text) =>
        new(kind, since.AddMinutes(likelyMinutes), lateMinutes is { } late ? since.AddMinutes(late) : null, text);
}
