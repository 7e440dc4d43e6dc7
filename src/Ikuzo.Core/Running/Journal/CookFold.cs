using Ikuzo.Core.Cooking;
using Ikuzo.Core.Quantities;
using Ikuzo.Core.Running.Rescue;
using Ikuzo.Core.Safety;

namespace Ikuzo.Core.Running.Journal;

/// <summary>Takes the entries of a journal one after the other; the clock moves on by itself what needs no hand.</summary>
internal sealed class CookFold(PlannedCook cook, Func<RescueRequest, RescueAdvice> advise)
{
    private readonly PlannedCook _cook = cook;
    private readonly Func<RescueRequest, RescueAdvice> _advise = advise;
    private readonly List<Round> _rounds = [];
    private readonly List<string> _ignored = [];
    private readonly List<string> _stepsDone = [];
    private readonly List<StripPart> _past = [];
    private CookVerdict _verdict;
    private RescueAdvice? _advice;
    private DateTimeOffset _at, // the moment until which it was taken
        _touchedAt; // when somebody last did something
    private DateTimeOffset? _since,
        _firstOpenedAt,
        _stepDoneAt,
        _servedFrom; // done, but it has to stand covered until then
    private double? _separatedAt;
    private bool _browned,
        _thick,
        _abandoned;

    private CookFold(CookFold other)
        : this(other._cook, other._advise)
    {
        _rounds.AddRange(other._rounds.Select(r => r.Copy()));
        _ignored.AddRange(other._ignored);
        _stepsDone.AddRange(other._stepsDone);
        _past.AddRange(other._past);
        Phase = other.Phase;
        (_verdict, _advice, _separatedAt) = (other._verdict, other._advice, other._separatedAt);
        (_since, _firstOpenedAt, _stepDoneAt, _servedFrom) = (other._since, other._firstOpenedAt, other._stepDoneAt, other._servedFrom);
        (_browned, _thick, _abandoned) = (other._browned, other._thick, other._abandoned);
        (_at, _touchedAt) = (other._at, other._touchedAt);
    }

    /// <summary>Where the cook is.</summary>
    public CookPhase Phase { get; private set; } = CookPhase.Ready;

    /// <summary>True while it is cooked on at a simmer.</summary>
    public bool Simmers => _rounds is [.., { Simmers: true }];

    /// <summary>True when something is cooked on its own before the lid goes on.</summary>
    public bool HasStepsBefore => _cook.Before.Count > 0;

    /// <summary>True while it is done but has to stand covered before it is served.</summary>
    public bool StandsCovered => _servedFrom is not null;

    /// <summary>True where it should have been on the table hours ago and nobody has touched it since.</summary>
    public bool IsForgotten =>
        _rounds.Count > 0
        && Phase is not (CookPhase.Ready or CookPhase.Browning or CookPhase.Done)
        && _at >= Latest(_touchedAt, Expected(_since!.Value).Strip().Last().To).AddHours(ForgottenHours);

    /// <summary>Hours past its end, and past the last touch, after which a cook is asked about. Choice.</summary>
    public const double ForgottenHours = 3;

    private Round Now => _rounds[^1];

    /// <summary>The same, to go on from without changing this one.</summary>
    public CookFold Fork() => new(this);

    /// <summary>Gives an entry that was only tried the name under which it is kept.</summary>
    public void Rename(string tried, string kept)
    {
        foreach (var readings in _rounds.Select(r => r.Readings))
        {
            var at = readings.FindIndex(r => r.EventId == tried);
            if (at >= 0)
            {
                readings[at] = readings[at] with { EventId = kept };
            }
        }
    }

    public void Take(CookEvent entry)
    {
        AdvanceTo(entry.At);
        _since ??= entry.At;
        var transition = Transitions.Of(entry.Kind);
        if (transition.From(this))
        {
            transition.Apply(this, entry);
        }
        else
        {
            _ignored.Add(entry.Id);
        }

        _touchedAt = Latest(_touchedAt, entry.At);
    }

    /// <summary>What the clock does alone: the minutes of pressure or simmering end.</summary>
    public void AdvanceTo(DateTimeOffset now)
    {
        _at = Latest(_at, now);
        _servedFrom = now >= _servedFrom ? null : _servedFrom;
        if (Phase == CookPhase.Holding && now >= Now.PressureAt!.Value.AddMinutes(Now.Minutes))
        {
            EndHold(Now.PressureAt.Value.AddMinutes(Now.Minutes));
        }
        else if (Phase == CookPhase.Rescuing && Now.Simmers && now >= Now.HeatOnAt.AddMinutes(Now.Minutes))
        {
            EndHold(Now.HeatOnAt.AddMinutes(Now.Minutes));
        }
    }

    public CookState State(DateTimeOffset now, bool everNotMeasured)
    {
        var round = _rounds.LastOrDefault();
        var unread = Unread(round);
        var expected = Expected(now);
        IReadOnlyList<NextStep> next = IsForgotten ? [CookExpectation.WasItEaten(_touchedAt, now), .. expected.Next()] : expected.Next();
        return new CookState
        {
            Phase = Phase,
            Since = _since ?? now,
            Now = now,
            Round = _rounds.Count,
            Minutes = round?.Minutes ?? _cook.Minutes,
            Simmers = round?.Simmers ?? false,
            Thick = _thick,
            Burst = next.Count > 0 ? next[0].Burst : null,
            Next = next,
            Late = expected.Late(),
            // Cooked on since: what was read then does not count.
            Verdict = _verdict == CookVerdict.Done && unread.Length > 0 ? CookVerdict.Unknown : _verdict,
            EverNotMeasured = everNotMeasured || _verdict == CookVerdict.NotMeasured,
            Abandoned = _abandoned,
            Advice = _advice,
            Readings = [.. round?.Readings ?? []],
            CoveredUntil = round?.CoveredAt is { } covered ? covered.AddMinutes(round.CoverMinutes) : _servedFrom,
            SpotsToRead = unread,
            AsGoodUntil =
                Phase == CookPhase.PinDown && _rounds.Count == 1 && _cook.AsGoodMinutes > 0
                    ? (_since ?? now).AddMinutes(_cook.AsGoodMinutes)
                    : null,
            OutUntil = _firstOpenedAt?.AddHours(FoodRules.OutOfTheCold(_cook.Request.RoomCelsius).Hours),
            StepsDone = [.. _stepsDone],
            Strip = [.. _past, .. expected.Strip()],
            Ignored = [.. _ignored],
        };
    }

    private CookExpectation Expected(DateTimeOffset now)
    {
        var round = _rounds.LastOrDefault();
        return new(_cook, Phase, _since ?? now, round, _advice, _verdict, Unread(round))
        {
            Now = now,
            Browned = _browned,
            StepsDone = [.. _stepsDone],
            StepFrom = _stepDoneAt > _since ? _stepDoneAt.Value : _since ?? now,
        };
    }

    private static DateTimeOffset Latest(DateTimeOffset one, DateTimeOffset other) => one > other ? one : other;

    /// <summary>Kinds of entries that make sense now.</summary>
    public IReadOnlyList<CookEventKind> Possible(bool hasStep) =>
        [.. Transitions.All.Where(t => t.IsOfHands && t.From(this) && (t.Kind != CookEventKind.StepDone || hasStep)).Select(t => t.Kind)];

    /// <summary>The meat is browned and the bits are loosened.</summary>
    public void Browned(DateTimeOffset at)
    {
        _browned = true;
        Enter(CookPhase.Ready, at);
    }

    /// <summary>The lid goes on for the planned minutes.</summary>
    public void CloseLid(DateTimeOffset at)
    {
        _rounds.Add(new Round(at, _cook.Minutes, Simmers: false) { IsFirst = _rounds.Count == 0 });
        Enter(CookPhase.ComingUp, at);
    }

    /// <summary>The minutes begin to count.</summary>
    public void ReachPressure(DateTimeOffset at)
    {
        Now.PressureAt = at;
        Enter(CookPhase.Holding, at);
        AdvanceTo(at);
    }

    /// <summary>More minutes are set.</summary>
    public void Lengthen(double minutes) => _rounds[^1] = Now with { Minutes = Now.Minutes + minutes };

    /// <summary>The valve is opened; whatever minutes were left are over.</summary>
    public void Vent(DateTimeOffset at)
    {
        Now.HoldOverAt ??= at;
        Now.VentedAt = at;
        Enter(CookPhase.Venting, at);
    }

    /// <summary>The thermometer is read.</summary>
    public void Read(CookEvent entry)
    {
        var said = entry.Data;
        var covered = Now.CoveredAt is { } since ? Math.Max(0, (entry.At - since).TotalMinutes) : 0;
        Now.CoveredAt = null;
        Now.Readings.Add(
            new(entry.Id, said.Spot!, said.Celsius!.Value, said.Piece, entry.At, said.Scale ?? TemperatureScale.Celsius, covered)
        );
        Judge(entry.At);
    }

    /// <summary>The lid is laid on, heater off.</summary>
    public void Cover(CookEvent entry) => (Now.CoveredAt, Now.CoverMinutes) = (entry.At, entry.Data.Minutes ?? CoveredRest.MostMinutes);

    /// <summary>Dairy or starch goes in: what was read is judged anew, without pressure.</summary>
    public void Thicken(DateTimeOffset at)
    {
        _thick = true;
        if (Now.Readings.Count > 0)
        {
            Judge(at);
        }
    }

    /// <summary>The cook goes on without measuring.</summary>
    public void LeaveUnmeasured(DateTimeOffset at)
    {
        _verdict = CookVerdict.NotMeasured;
        Enter(CookPhase.Finishing, at);
    }

    /// <summary>A step before or after the lid is done.</summary>
    public void FinishStep(CookEvent entry)
    {
        _stepsDone.Add(entry.Data.Step!);
        _servedFrom = entry.Data.Step == CookExpectation.CoveredRestId ? null : _servedFrom;
        _stepDoneAt = entry.At;
    }

    /// <summary>It was eaten: what nobody measured stays unmeasured.</summary>
    public void Serve(DateTimeOffset at)
    {
        _verdict = _verdict is CookVerdict.Done or CookVerdict.Short ? _verdict : CookVerdict.NotMeasured;
        Enter(CookPhase.Done, at);
    }

    /// <summary>The cook is given up.</summary>
    public void Abandon(DateTimeOffset at)
    {
        _abandoned = true;
        Enter(CookPhase.Done, at);
    }

    /// <summary>The minutes are over.</summary>
    public void EndHold(DateTimeOffset at)
    {
        Now.HoldOverAt = at;
        Enter(Now.Simmers ? CookPhase.PinDown : CookPhase.Resting, at); // a simmering pot has no pressure to let go
    }

    /// <summary>The lid comes off. Before there was pressure the pot was only looked into: the time does not count.</summary>
    public void OpenUp(DateTimeOffset at)
    {
        if (Phase == CookPhase.ComingUp || (Phase == CookPhase.Rescuing && !Now.Simmers))
        {
            _rounds.RemoveAt(_rounds.Count - 1);
            Enter(_rounds.Count == 0 ? CookPhase.Ready : CookPhase.Open, at);
            return;
        }

        Now.HoldOverAt ??= at;
        Now.OpenedAt = at;
        Now.LeftClosedMinutes = Phase == CookPhase.PinDown ? (at - _since!.Value).TotalMinutes : 0;
        _firstOpenedAt ??= at;
        (_verdict, _advice, _servedFrom) = (CookVerdict.Unknown, null, null);
        Enter(CookPhase.Open, at);
    }

    /// <summary>The lid goes on again, to pressure or to a simmer.</summary>
    public void CookOn(CookEvent entry)
    {
        var advised = Complete(entry.Data, _advice, _thick);
        var opened = new OpenedRounds(_cook, _rounds, _thick, _separatedAt);
        if (advised.Separate == true && opened.ColdestOfLumps() is { } coldest)
        {
            _separatedAt = coldest;
            Now.EndsLump = true;
        }

        _rounds.Add(new Round(entry.At, advised.Minutes ?? LeftToDo, advised.Simmer ?? false));
        Enter(CookPhase.Rescuing, entry.At);
    }

    // Nobody measured: what is missing to be sure, or the whole time once more.
    private double LeftToDo => _cook.MissingMinutes > 0 ? _cook.MissingMinutes : _cook.Minutes;

    /// <summary>How it is cooked on: as the entry says, or as was advised.</summary>
    public static CookEventData Complete(CookEventData said, RescueAdvice? advice, bool thick) =>
        said with
        {
            Minutes = said.Minutes ?? (advice is { Method: not RescueMethod.LeaveCovered, Minutes: > 0 and var minutes } ? minutes : null),
            Simmer = said.Simmer ?? (thick || advice is { Method: RescueMethod.SimmerCovered }),
            Separate = said.Separate ?? advice is { Method: RescueMethod.SeparateAndRepeat },
        };

    /// <summary>How long it stands covered: as the entry says, or as was advised.</summary>
    public static CookEventData CompleteCover(CookEventData said, RescueAdvice? advice) =>
        said with
        {
            Minutes = said.Minutes ?? (advice is { Method: RescueMethod.LeaveCovered } ? advice.Minutes : CoveredRest.MostMinutes),
        };

    private string[] Unread(Round? round) => [.. _cook.Spots.Select(s => s.Id).Except((round?.Counting ?? []).Select(r => r.Spot))];

    // Each meat that was read is judged on its own; all of them must agree.
    private void Judge(DateTimeOffset at)
    {
        var opened = new OpenedRounds(_cook, _rounds, _thick, _separatedAt);
        _advice = JointAdvice.Of([.. _cook.Meats.Where(opened.IsRead).Select(m => (m, _advise(opened.AsSeenBy(m))))]);
        _verdict =
            _advice.Method == RescueMethod.ReadAgain ? CookVerdict.MeasureMore
            : _advice.Verdict == CheckVerdict.Short ? CookVerdict.Short
            : Unread(Now).Length > 0 ? CookVerdict.MeasureMore
            : CookVerdict.Done;
        _servedFrom = _verdict == CookVerdict.Done && _advice.RestMinutes > 0 ? at.AddMinutes(_advice.RestMinutes) : null;
        var phase = _verdict == CookVerdict.Done ? CookPhase.Finishing : CookPhase.Open;
        if (phase != Phase)
        {
            Enter(phase, at);
        }
    }

    /// <summary>Goes over to a phase.</summary>
    public void Enter(CookPhase phase, DateTimeOffset at)
    {
        var counts = Phase is not (CookPhase.Ready or CookPhase.Done) || (Phase == CookPhase.Ready && _cook.Before.Count > 0);
        if (counts && _since is { } since && at > since)
        {
            _past.Add(new StripPart(Phase, since, at, Happened: true));
        }

        (Phase, _since) = (phase, at);
    }
}
