using Ikuzo.Core.Cooking;

namespace Ikuzo.Core.Running;

/// <summary>What is expected of a cook from where it is: next steps, what is late, and the rest of its strip.</summary>
internal sealed class CookExpectation(
    PlannedCook cook, CookPhase phase, DateTimeOffset since, Round? round, RescueAdvice? advice, CookVerdict verdict, IReadOnlyList<string> unread, IReadOnlyList<string> stepsDone)
{
    // A pot that is hot already needs about this share of its first come-up, at most this much. Estimates.
    private const double AgainLikely = 0.4, AgainLate = 0.9;
    private const double VentLikelyMinutes = 2.5, VentLateMinutes = 6, PulsedLikelyMinutes = 5, PulsedLateMinutes = 10;
    private const double CheckMinutes = 4; // for the strip

    public IReadOnlyList<NextStep> Next() => phase switch
    {
        CookPhase.Ready => cook.Request.Browned
            ? [Step(CookEventKind.BrowningStarted, CookWords.Brown), Step(CookEventKind.LidOn, CookWords.LidOn(cook))]
            : [Step(CookEventKind.LidOn, CookWords.LidOn(cook))],
        CookPhase.Browning => [Step(CookEventKind.BrowningDone, CookWords.Browning)],
        CookPhase.ComingUp => [Due(CookEventKind.PressureReached, cook.ToPressureMinutes.P50, cook.ToPressureMinutes.P95, CookWords.ComingUp)],
        CookPhase.Rescuing when round!.Simmers => [Due(CookEventKind.Opened, round.Minutes, null, CookWords.Simmering)],
        CookPhase.Rescuing => [Due(CookEventKind.PressureReached, cook.ToPressureMinutes.P50 * AgainLikely, cook.ToPressureMinutes.P95 * AgainLate, CookWords.ComingUp)],
        CookPhase.Holding => [Due(CookEventKind.HoldOver, round!.Minutes, null, CookWords.Holding(cook))],
        CookPhase.Resting => Resting(),
        CookPhase.Venting => [Due(CookEventKind.PinDown, IsPulsed ? PulsedLikelyMinutes : VentLikelyMinutes, IsPulsed ? PulsedLateMinutes : VentLateMinutes, CookWords.Venting(IsPulsed))],
        CookPhase.PinDown => [Step(CookEventKind.Opened, CookWords.Open)],
        CookPhase.Open => Open(),
        CookPhase.Finishing => Finishing(),
        _ => [],
    };

    /// <summary>What is wrong, when what is expected has not come.</summary>
    public string? Late(DateTimeOffset now)
        => Next() is [{ LateAt: { } late }, ..] && now > late ? CookWords.Late(phase, (now - since).TotalMinutes) : null;

    /// <summary>The present stretch and those to come.</summary>
    public IEnumerable<StripPart> Strip(DateTimeOffset now)
    {
        if (phase == CookPhase.Done)
        {
            yield break;
        }

        var at = phase == CookPhase.Ready ? now : since;
        foreach (var (part, minutes) in Ahead())
        {
            var end = at.AddMinutes(minutes);
            if (part == phase && end < now)
            {
                end = now;
            }

            yield return new StripPart(part, at, end, Happened: false);
            at = end;
        }
    }

    private bool IsPulsed => cook.Release.Kind == ReleaseKind.Pulsed;

    private IEnumerable<(CookPhase Phase, double Minutes)> Ahead()
    {
        var after = cook.After.Sum(s => s.Minutes);
        (CookPhase, double)[] all =
        [
            (CookPhase.ComingUp, cook.ToPressureMinutes.P50),
            (CookPhase.Rescuing, round is { Simmers: true } ? round.Minutes : cook.ToPressureMinutes.P50 * AgainLikely),
            (CookPhase.Holding, round?.Minutes ?? cook.Minutes),
            (CookPhase.Resting, cook.ReleaseMinutes.P50),
            (CookPhase.Open, CheckMinutes),
            (CookPhase.Finishing, after),
        ];
        var from = phase switch
        {
            CookPhase.Ready or CookPhase.Browning => CookPhase.ComingUp,
            CookPhase.Venting or CookPhase.PinDown => CookPhase.Open,
            _ => phase,
        };
        if (phase is CookPhase.Venting or CookPhase.PinDown)
        {
            yield return (phase, VentLikelyMinutes);
        }

        foreach (var part in all.SkipWhile(p => p.Item1 != from))
        {
            var skipped = part.Item1 == CookPhase.Rescuing && phase != CookPhase.Rescuing;
            var simmered = round is { Simmers: true } && phase == CookPhase.Rescuing && part.Item1 is CookPhase.Holding or CookPhase.Resting;
            if (!skipped && !simmered)
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
            ReleaseKind.Natural => [Due(CookEventKind.PinDown, down.P50, down.P95 * 1.5, CookWords.LeaveIt), Step(CookEventKind.Vented, CookWords.Vent)],
            ReleaseKind.RestThenVent => [Due(CookEventKind.Vented, cook.Release.RestMinutes, null, CookWords.Vent), Step(CookEventKind.PinDown, CookWords.LeaveIt)],
            _ => [Due(CookEventKind.Vented, 0, null, IsPulsed ? CookWords.VentInBursts : CookWords.Vent), Step(CookEventKind.PinDown, CookWords.LeaveIt)],
        };
    }

    private IReadOnlyList<NextStep> Open()
    {
        var read = Step(CookEventKind.Reading, CookWords.Read(cook, unread));
        return verdict == CookVerdict.Short
            ? [Step(CookEventKind.BackUnderPressure, advice!.Why[0]), read]
            : [read, Step(CookEventKind.NotMeasured, CookWords.NotMeasured)];
    }

    private IReadOnlyList<NextStep> Finishing()
    {
        var at = since;
        List<NextStep> steps = [];
        foreach (var step in cook.After)
        {
            at = at.AddMinutes(step.Minutes);
            if (!stepsDone.Contains(step.Id))
            {
                steps.Add(new NextStep(CookEventKind.StepDone, at, null, step.Text));
            }
        }

        return [.. steps, Step(CookEventKind.Finished, CookWords.Serve)];
    }

    private static NextStep Step(CookEventKind kind, string text) => new(kind, null, null, text);

    private NextStep Due(CookEventKind kind, double likelyMinutes, double? lateMinutes, string text)
        => new(kind, since.AddMinutes(likelyMinutes), lateMinutes is { } late ? since.AddMinutes(late) : null, text);
}
