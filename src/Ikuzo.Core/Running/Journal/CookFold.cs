using Ikuzo.Core.Cooking;
using Ikuzo.Core.Dishes;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Running.Rescue;
using Ikuzo.Core.Safety;
using static Ikuzo.Core.Running.Journal.CookEventKind;

namespace Ikuzo.Core.Running.Journal;

/// <summary>Takes the entries of a journal one after the other; the clock moves on by itself what needs no hand.</summary>
internal sealed class CookFold(PlannedCook cook, Func<RescueRequest, RescueAdvice> advise)
{
    private const double VentedAtOnceMinutes = 0.75; // a hand is not faster
    private const double MostReadingMinutes = 60;

    private readonly List<Round> _rounds = [];
    private readonly List<string> _ignored = [],
        _stepsDone = [];
    private readonly List<StripPart> _past = [];
    private CookPhase _phase = CookPhase.Ready;
    private CookVerdict _verdict;
    private RescueAdvice? _advice;
    private DateTimeOffset? _since,
        _firstOpenedAt,
        _stepDoneAt;
    private double? _separatedAt;
    private bool _browned,
        _thick,
        _abandoned;

    private Round Now => _rounds[^1];

    public void Take(CookEvent entry)
    {
        AdvanceTo(entry.At);
        _since ??= entry.At;
        var noSteps = entry.Kind == StepDone && _phase == CookPhase.Ready && cook.Before.Count == 0;
        if (noSteps || !IsPossible(entry.Kind, _phase, _rounds.LastOrDefault()))
        {
            _ignored.Add(entry.Id);
            return;
        }

        Apply(entry);
    }

    /// <summary>What the clock does alone: the minutes of pressure or simmering end.</summary>
    public void AdvanceTo(DateTimeOffset now)
    {
        if (_phase == CookPhase.Holding && now >= Now.PressureAt!.Value.AddMinutes(Now.Minutes))
        {
            EndHold(Now.PressureAt.Value.AddMinutes(Now.Minutes));
        }
        else if (_phase == CookPhase.Rescuing && Now.Simmers && now >= Now.HeatOnAt.AddMinutes(Now.Minutes))
        {
            EndHold(Now.HeatOnAt.AddMinutes(Now.Minutes));
        }
    }

    public CookState State(DateTimeOffset now, bool everNotMeasured)
    {
        var round = _rounds.LastOrDefault();
        var readings = round?.Readings ?? [];
        var unread = Unread(readings);
        var expected = new CookExpectation(cook, _phase, _since ?? now, round, _advice, _verdict, unread)
        {
            Now = now,
            Browned = _browned,
            StepsDone = _stepsDone,
            StepFrom = _stepDoneAt > _since ? _stepDoneAt.Value : _since ?? now,
        };
        return new CookState
        {
            Phase = _phase,
            Since = _since ?? now,
            Now = now,
            Round = _rounds.Count,
            Minutes = round?.Minutes ?? cook.Minutes,
            Simmers = round?.Simmers ?? false,
            Thick = _thick,
            Burst = _phase == CookPhase.Venting && cook.Release.Kind == ReleaseKind.Pulsed ? Burst.Usual : null,
            Next = expected.Next(),
            Late = expected.Late(),
            // Cooked on since: what was read then does not count.
            Verdict = _verdict == CookVerdict.Done && unread.Length > 0 ? CookVerdict.Unknown : _verdict,
            EverNotMeasured = everNotMeasured,
            Abandoned = _abandoned,
            Advice = _advice,
            Readings = readings,
            SpotsToRead = unread,
            OutUntil = _firstOpenedAt?.AddHours(SafetyRule.HoursOut(cook.Request.RoomCelsius)),
            StepsDone = _stepsDone,
            Strip = [.. _past, .. expected.Strip()],
            Ignored = _ignored,
        };
    }

    /// <summary>Kinds that make sense in a state.</summary>
    public static IReadOnlyList<CookEventKind> Possible(CookState state)
    {
        var round = state.Round == 0 ? null : new Round(default, state.Minutes, state.Simmers);
        return
        [
            .. Enum.GetValues<CookEventKind>()
                .Where(k =>
                    k is not (Undone or Corrected or Simulated)
                    && IsPossible(k, state.Phase, round)
                    && (k != StepDone || state.Next.Any(n => n.Kind == StepDone))
                ),
        ];
    }

    private static bool IsPossible(CookEventKind kind, CookPhase phase, Round? round) =>
        kind switch
        {
            BrowningStarted => phase == CookPhase.Ready,
            BrowningDone => phase == CookPhase.Browning,
            LidOn => phase is CookPhase.Ready or CookPhase.Browning,
            PressureReached => phase == CookPhase.ComingUp || (phase == CookPhase.Rescuing && round is { Simmers: false }),
            HoldOver => phase == CookPhase.Holding || (phase == CookPhase.Rescuing && round is { Simmers: true }),
            Vented => phase is CookPhase.Holding or CookPhase.Resting,
            CookEventKind.PinDown => phase is CookPhase.Resting or CookPhase.Venting,
            Opened => phase is CookPhase.PinDown or CookPhase.ComingUp or CookPhase.Rescuing,
            Reading => phase is CookPhase.Open or CookPhase.Finishing,
            NotMeasured => phase == CookPhase.Open,
            BackUnderPressure or Thickened => phase is CookPhase.Open or CookPhase.Finishing,
            StepDone => phase is CookPhase.Ready or CookPhase.Finishing,
            Finished => phase == CookPhase.Finishing,
            Abandoned => phase != CookPhase.Done,
            _ => true,
        };

    private void Apply(CookEvent entry)
    {
        switch (entry.Kind)
        {
            case BrowningStarted:
                Enter(CookPhase.Browning, entry.At);
                break;
            case BrowningDone:
                _browned = true;
                Enter(CookPhase.Ready, entry.At);
                break;
            case LidOn:
                _rounds.Add(new Round(entry.At, cook.Minutes, Simmers: false));
                Enter(CookPhase.ComingUp, entry.At);
                break;
            case PressureReached:
                Now.PressureAt = entry.At;
                Enter(CookPhase.Holding, entry.At);
                AdvanceTo(entry.At);
                break;
            case HoldOver:
                EndHold(entry.At);
                break;
            case Vented:
                Now.HoldOverAt ??= entry.At;
                Now.VentedAt = entry.At;
                Enter(CookPhase.Venting, entry.At);
                break;
            case CookEventKind.PinDown:
                Enter(CookPhase.PinDown, entry.At);
                break;
            case Opened:
                OpenUp(entry.At);
                break;
            case Reading:
                Now.Readings.Add(new CountedReading(entry.Id, entry.Data.Spot!, entry.Data.Celsius!.Value, entry.Data.Piece, entry.At));
                Judge(entry.At);
                break;
            case Thickened:
                _thick = true;
                if (Now.Readings.Count > 0)
                {
                    Judge(entry.At);
                }

                break;
            case NotMeasured:
                _verdict = CookVerdict.NotMeasured;
                Enter(CookPhase.Finishing, entry.At);
                break;
            case BackUnderPressure:
                CookOn(entry);
                break;
            case StepDone:
                _stepsDone.Add(entry.Data.Step!);
                _stepDoneAt = entry.At;
                break;
            case Finished:
                Enter(CookPhase.Done, entry.At);
                break;
            case Abandoned:
                _abandoned = true;
                Enter(CookPhase.Done, entry.At);
                break;
        }
    }

    private void EndHold(DateTimeOffset at)
    {
        Now.HoldOverAt = at;
        Enter(Now.Simmers ? CookPhase.PinDown : CookPhase.Resting, at); // a simmering pot has no pressure to let go
    }

    // Opened before there was pressure, the pot was only looked into: the time does not count.
    private void OpenUp(DateTimeOffset at)
    {
        if (_phase == CookPhase.ComingUp || (_phase == CookPhase.Rescuing && !Now.Simmers))
        {
            _rounds.RemoveAt(_rounds.Count - 1);
            Enter(_rounds.Count == 0 ? CookPhase.Ready : CookPhase.Open, at);
            return;
        }

        Now.HoldOverAt ??= at;
        Now.OpenedAt = at;
        _firstOpenedAt ??= at;
        (_verdict, _advice) = (CookVerdict.Unknown, null);
        Enter(CookPhase.Open, at);
    }

    private void CookOn(CookEvent entry)
    {
        var advised = Complete(entry.Data, _advice, _thick);
        var ofLumps = cook.Meats.Where(IsLump).SelectMany(m => ReadingsOf(m, Now)).ToList();
        if (advised.Separate == true && ofLumps.Count > 0)
        {
            _separatedAt = ofLumps.Min(r => r.Celsius);
            Now.EndsLump = true;
        }

        _rounds.Add(new Round(entry.At, advised.Minutes ?? cook.Minutes, advised.Simmer ?? false));
        Enter(CookPhase.Rescuing, entry.At);
    }

    /// <summary>How it is cooked on: as the entry says, or as was advised.</summary>
    public static CookEventData Complete(CookEventData said, RescueAdvice? advice, bool thick) =>
        said with
        {
            Minutes = said.Minutes ?? (advice?.Minutes is > 0 and var minutes ? minutes : null),
            Simmer = said.Simmer ?? (thick || advice is { Method: RescueMethod.SimmerCovered }),
            Separate = said.Separate ?? advice is { Method: RescueMethod.SeparateAndRepeat },
        };

    private string[] Unread(IReadOnlyList<CountedReading> readings) =>
        [.. cook.Spots.Select(s => s.Id).Except(readings.Select(r => r.Spot))];

    // Each meat that was read is judged on its own; all of them must agree.
    private void Judge(DateTimeOffset at)
    {
        _advice = JointAdvice.Of([.. cook.Meats.Where(m => ReadingsOf(m, Now).Count > 0).Select(m => (m, advise(AsOpened(m))))]);
        _verdict =
            _advice.Verdict == CheckVerdict.Short ? CookVerdict.Short
            : Unread(Now.Readings).Length > 0 ? CookVerdict.MeasureMore
            : CookVerdict.Done;
        var phase = _verdict == CookVerdict.Done ? CookPhase.Finishing : CookPhase.Open;
        if (phase != _phase)
        {
            Enter(phase, at);
        }
    }

    /// <summary>The pot as it was opened, each time with what really happened, as one of its meats sees it.</summary>
    private RescueRequest AsOpened(PlannedMeat meat)
    {
        var first = _rounds[0];
        var apart = IsLump(meat) ? _separatedAt : null;
        var from = 1 + (apart is null ? 0 : _rounds.FindIndex(r => r.EndsLump));
        return new RescueRequest(meat.Request, first.MinutesHeld, Release(first), ProbeReadings(meat, first), _thick)
        {
            Later =
            [
                .. _rounds
                    .Skip(from)
                    .Select(
                        (r, i) =>
                            new RescueRound(!r.Simmers, r.MinutesHeld, Release(r), ProbeReadings(meat, r))
                            {
                                ReclosedAfterMinutes = Pause(meat, _rounds[from + i - 1], r),
                            }
                    ),
            ],
            SeparatedAtCelsius = apart,
        };
    }

    private static bool IsLump(PlannedMeat meat) => meat.Request.Load is { Arrangement: Arrangement.Lump, Pieces: > 1 };

    private List<CountedReading> ReadingsOf(PlannedMeat meat, Round round) =>
        cook.Others.Count == 0
            ? round.Readings
            : [.. round.Readings.Where(r => meat.Request.Load.Cut.Spots.Any(s => meat.SpotId(s) == r.Spot))];

    private double Pause(PlannedMeat meat, Round before, Round after) =>
        Math.Clamp(
            (after.HeatOnAt - (ReadingsOf(meat, before) is [.., var last] ? last.At : before.OpenedAt!.Value)).TotalMinutes,
            0,
            MostReadingMinutes
        );

    private IReadOnlyList<ProbeReading> ProbeReadings(PlannedMeat meat, Round round) =>
        [
            .. ReadingsOf(meat, round)
                .Select(r => new ProbeReading(
                    r.Spot[(r.Spot.LastIndexOf('/') + 1)..],
                    r.Celsius,
                    Math.Clamp((r.At - round.OpenedAt!.Value).TotalMinutes, 0, MostReadingMinutes)
                )),
        ];

    private Release Release(Round round)
    {
        if (round.VentedAt is not { } vented || round.HoldOverAt is not { } over)
        {
            return Cooking.Release.Natural;
        }

        var rested = (vented - over).TotalMinutes;
        return rested > VentedAtOnceMinutes ? Cooking.Release.RestThenVent(Math.Min(120, rested))
            : cook.Release.Kind == ReleaseKind.Pulsed ? Cooking.Release.Pulsed
            : Cooking.Release.Vent;
    }

    private void Enter(CookPhase phase, DateTimeOffset at)
    {
        var counts = _phase is not (CookPhase.Ready or CookPhase.Done) || (_phase == CookPhase.Ready && cook.Before.Count > 0);
        if (counts && _since is { } since && at > since)
        {
            _past.Add(new StripPart(_phase, since, at, Happened: true));
        }

        (_phase, _since) = (phase, at);
    }
}

/// <summary>One time under the lid.</summary>
internal sealed record Round(DateTimeOffset HeatOnAt, double Minutes, bool Simmers)
{
    public DateTimeOffset? PressureAt { get; set; }

    public DateTimeOffset? HoldOverAt { get; set; }

    public DateTimeOffset? VentedAt { get; set; }

    public DateTimeOffset? OpenedAt { get; set; }

    /// <summary>True when its lump was taken apart afterwards.</summary>
    public bool EndsLump { get; set; }

    public List<CountedReading> Readings { get; } = [];

    public double MinutesHeld => Math.Clamp(((HoldOverAt - (Simmers ? HeatOnAt : PressureAt)) ?? TimeSpan.Zero).TotalMinutes, 0, 240);
}
