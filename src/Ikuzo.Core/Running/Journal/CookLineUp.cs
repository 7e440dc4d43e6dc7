using Ikuzo.Core.Cooking;
using Ikuzo.Core.LineUps;
using Ikuzo.Core.Running.Aftercare;
using Ikuzo.Core.Running.Rescue;

namespace Ikuzo.Core.Running.Journal;

/// <summary>The line-up of a cook that is on: what is left of it from where it is, so that a late pin or a rescue moves the rest.</summary>
public static class CookLineUp
{
    private const double TellMinutes = 2; // less than this is not worth a word

    /// <summary>What is left.</summary>
    /// <param name="cook">What was planned.</param>
    /// <param name="state">Where it is.</param>
    /// <param name="firstLidOn">When the lid first went on; null before that.</param>
    /// <param name="zone">Time zone of the kitchen, in which instants are written.</param>
    public static LineUp Of(PlannedCook cook, CookState state, DateTimeOffset? firstLidOn, TimeZoneInfo zone)
    {
        List<LineUpTask> tasks = [];
        void Add(string id, LineUpLane lane, DateTimeOffset from, DateTimeOffset to, string text, bool handsOn) =>
            tasks.Add(new LineUpTask(id, lane, TimeZoneInfo.ConvertTime(from, zone), TimeZoneInfo.ConvertTime(to, zone), text, handsOn));

        var number = FormattableString.Invariant($"{Math.Max(1, state.Round)}");
        foreach (var part in state.Strip.Where(p => !p.Happened))
        {
            switch (part.Phase)
            {
                case CookPhase.Ready:
                    Steps(cook.Before, state, part, Add);
                    break;
                case CookPhase.Browning:
                    Add("brown", LineUpLane.Hands, part.From, part.To, CookWords.Browning(cook), true);
                    break;
                case CookPhase.Finishing:
                    Steps(cook.After, state, part, Add);
                    Add("serve", LineUpLane.Hands, part.To, part.To, CookWords.Serve, true);
                    break;
                case CookPhase.ComingUp or CookPhase.Rescuing:
                    Add(
                        $"come-up-{number}",
                        LineUpLane.Pot,
                        part.From,
                        part.To,
                        state.Simmers && part.Phase == CookPhase.Rescuing ? CookWords.Simmering : CookWords.ComingUp,
                        false
                    );
                    break;
                case CookPhase.Holding:
                    Add(
                        $"hold-{number}",
                        LineUpLane.Pot,
                        part.From,
                        part.To,
                        FormattableString.Invariant($"{state.Minutes:0} min under pressure. {CookWords.Holding(cook)}"),
                        false
                    );
                    break;
                case CookPhase.Resting or CookPhase.Venting:
                    Add(
                        $"release-{number}",
                        LineUpLane.Pot,
                        part.From,
                        part.To,
                        cook.Release.Kind == ReleaseKind.Natural ? CookWords.LeaveIt : CookWords.Vent,
                        false
                    );
                    break;
                case CookPhase.PinDown:
                    Add($"open-{number}", LineUpLane.Hands, part.From, part.To, CookWords.Open, true);
                    break;
                case CookPhase.Open:
                    Add($"check-{number}", LineUpLane.Hands, part.From, part.To, CookWords.Read(cook, state.SpotsToRead), true);
                    break;
            }
        }

        return new(
            tasks.Count > 0 ? tasks[0].Start : null,
            tasks,
            firstLidOn is { } lid && tasks.Count > 0 ? [.. Moved(cook, lid, tasks[^1].End)] : []
        );
    }

    /// <summary>When it was thought to be on the table as the lid went on.</summary>
    public static DateTimeOffset ExpectedAtLidOn(PlannedCook cook, DateTimeOffset lidOn) =>
        CookJournal
            .StateOf(cook, [new CookEvent("lid", CookEventKind.LidOn, lidOn, CookEventData.None)], lidOn, r => RescuePlanner.Advise(r))
            .Strip[^1]
            .To;

    private static void Steps(
        IReadOnlyList<CookStep> steps,
        CookState state,
        StripPart part,
        Action<string, LineUpLane, DateTimeOffset, DateTimeOffset, string, bool> add
    )
    {
        var left = steps.Where(s => !state.StepsDone.Contains(s.Id)).ToList();
        var at = part.To.AddMinutes(-left.Sum(s => s.Minutes));
        foreach (var step in left)
        {
            add(
                step.Id,
                step.Lane ?? (step.Waits ? LineUpLane.Pot : LineUpLane.Hands),
                at,
                at.AddMinutes(step.Minutes),
                step.Text,
                !step.Waits
            );
            at = at.AddMinutes(step.Minutes);
        }
    }

    private static IEnumerable<string> Moved(PlannedCook cook, DateTimeOffset lidOn, DateTimeOffset end)
    {
        var minutes = (end - ExpectedAtLidOn(cook, lidOn)).TotalMinutes;
        if (Math.Abs(minutes) >= TellMinutes)
        {
            yield return FormattableString.Invariant(
                $"{Math.Abs(minutes):0} min {(minutes > 0 ? "later" : "earlier")} than it looked when the lid went on."
            );
        }
    }
}
