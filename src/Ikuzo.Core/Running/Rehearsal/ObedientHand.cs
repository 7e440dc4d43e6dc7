using Ikuzo.Core.Running.Journal;
using Ikuzo.Core.Running.Rescue;

namespace Ikuzo.Core.Running.Rehearsal;

/// <summary>
/// A cook who does what the journal says: for campaigns, and for cooks that nobody cooked. One thread at a time uses it.
/// </summary>
/// <param name="cook">What is cooked.</param>
public sealed class ObedientHand(PlannedCook cook)
{
    private readonly List<CookEvent> _journal = [];

    /// <summary>What happened so far.</summary>
    public IReadOnlyList<CookEvent> Journal => _journal;

    /// <summary>The moment until which it has gone.</summary>
    public DateTimeOffset Now { get; private set; }

    /// <summary>Minutes of all that was cooked on, min.</summary>
    public double ExtraMinutes { get; private set; }

    /// <summary>How often it was left covered and read again.</summary>
    public int Stood { get; private set; }

    /// <summary>Does something and writes it down.</summary>
    /// <exception cref="InvalidOperationException">It makes no sense then.</exception>
    public void Do(SimulatedPot pot, CookEventKind kind, DateTimeOffset at, CookEventData? data = null)
    {
        Now = at;
        var entry = new CookEvent(FormattableString.Invariant($"{_journal.Count}"), kind, at, data ?? CookEventData.None);
        var tried = CookJournal.Fold(cook, _journal, Advise).Try(entry, at);
        if (tried.Refusal is { } refusal)
        {
            throw new InvalidOperationException(refusal.Why);
        }

        ExtraMinutes += kind == CookEventKind.BackUnderPressure ? tried.Entry.Data.Minutes!.Value : 0;
        _journal.Add(tried.Entry);
        pot.Take(tried.Entry);
    }

    /// <summary>Waits for the pot, vents when it is time, and opens it.</summary>
    public void UntilOpen(SimulatedPot pot)
    {
        while (State().Phase is not (CookPhase.PinDown or CookPhase.Open))
        {
            var next = Now.AddSeconds(SimulatedPot.GridSeconds);
            pot.AdvanceTo(next);
            Now = next;
            foreach (var (kind, at) in pot.TakeAnnouncements())
            {
                if (kind != CookEventKind.HoldOver) // the clock of the journal knows that itself
                {
                    Do(pot, kind, at);
                }
            }

            if (State() is { Phase: CookPhase.Resting, Next: [{ Kind: CookEventKind.Vented, DueAt: { } due }, ..] } && due <= Now)
            {
                Do(pot, CookEventKind.Vented, Now);
            }
        }

        Do(pot, CookEventKind.Opened, Now.AddSeconds(20));
    }

    private CookState Measure(SimulatedPot pot, IEnumerable<string> spots)
    {
        foreach (var spot in spots)
        {
            pot.AdvanceTo(Now.AddSeconds(30));
            Do(pot, CookEventKind.Reading, Now.AddSeconds(30), new CookEventData { Spot = spot, Celsius = pot.Read(spot) });
        }

        return State();
    }

    /// <summary>Measures, reads again and leaves it covered, as often as it is told to.</summary>
    public CookState MeasureAndWait(SimulatedPot pot)
    {
        var state = Measure(pot, cook.Spots.Select(s => s.Id));
        while (true)
        {
            if (state.Verdict == CookVerdict.Done)
            {
                pot.Take(new CookEvent("covered", CookEventKind.Covered, Now, CookEventData.None));
                Now = state.CoveredUntil ?? Now;
                pot.AdvanceTo(Now);
                return state;
            }

            if (state.Advice is { Method: RescueMethod.LeaveCovered })
            {
                Stood++;
                Do(pot, CookEventKind.Covered, Now.AddSeconds(15));
                pot.AdvanceTo(State().CoveredUntil!.Value);
                Now = State().CoveredUntil!.Value;
                state = Measure(pot, State().SpotsToRead);
            }
            else if (state.Verdict == CookVerdict.MeasureMore)
            {
                var lowest = state.Readings.MinBy(r => r.Celsius)!.Spot;
                state = Measure(pot, state.SpotsToRead is { Count: > 0 } left ? left : [lowest]);
            }
            else
            {
                return state;
            }
        }
    }

    /// <summary>Where the cook is.</summary>
    public CookState State() => CookJournal.StateOf(cook, _journal, Now, Advise);

    private readonly Dictionary<string, RescueAdvice> _known = [];

    private RescueAdvice Advise(RescueRequest request)
    {
        var key =
            $"{request.Plan.Load.Cut.Id} {request.Plan.Load.TotalKg} "
            + string.Join(
                "|",
                request
                    .Readings.Concat(request.Later.SelectMany(l => l.Readings))
                    .Select(r => $"{r.SpotId} {r.Celsius} {r.AfterOpeningMinutes} {r.CoveredMinutes}")
            );
        return _known.TryGetValue(key, out var advice) ? advice : _known[key] = RescuePlanner.Advise(request);
    }
}
