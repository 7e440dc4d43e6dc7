using Ikuzo.Core.Cooking;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Running.Journal;
using Ikuzo.Core.Running.Rehearsal;
using Ikuzo.Core.Running.Rescue;

namespace Ikuzo.Core.Tests.Running.Rehearsal;

/// <summary>
/// Whole cooks on the simulated pot with hidden truths: as planned or cut short, measured, rescued until the journal says done.
/// </summary>
internal static class CookCampaign
{
    /// <summary>How one cook ended.</summary>
    /// <param name="Cut">What it was.</param>
    /// <param name="Verdict">What the journal said in the end.</param>
    /// <param name="TrueCelsius">Highest that the coldest spot truly was when it said so, °C.</param>
    /// <param name="Rescues">How often it went back.</param>
    /// <param name="Stood">How often it was left covered and read again.</param>
    /// <param name="ExtraMinutes">Minutes of all rescues under the lid.</param>
    internal sealed record Ended(string Cut, CookVerdict Verdict, double TrueCelsius, int Rescues, int Stood, double ExtraMinutes);

    private const int MostRescues = 4;
    private static readonly DateTimeOffset Start = new(2026, 12, 6, 17, 0, 0, TimeSpan.Zero);

    public static IEnumerable<Ended> Run(int cooks, ulong seed)
    {
        var random = new SplitMix64(seed);
        for (var done = 0; done < cooks; )
        {
            if (Draw(random) is { } cook)
            {
                yield return Cook(cook, (long)(random.Next() >> 2));
                done++;
            }
        }
    }

    // Any cut, chilled, frozen or in a lump, one in five with other meat in the same pot; half are cut short as by an impatient cook.
    private static PlannedCook? Draw(SplitMix64 random)
    {
        var pot = PotDefaults.For(random.Share() < 0.5 ? 5.7 : 8);
        var altitude = random.Share() * 1500;
        var loads = Enumerable.Range(0, random.Share() < 0.2 ? 2 : 1).Select(_ => Load(random)).ToArray();
        PlanRequest Request(MeatLoad load) =>
            new()
            {
                Pot = pot,
                AltitudeMetres = altitude,
                Load = load,
                Confirmed = ["giblets", "lump"],
            };
        var requests = loads.Select(l => Request(l).WithOtherMeat(loads.Sum(o => o.TotalKg) - l.TotalKg)).ToArray();
        var plans = requests.Select(r => Planner.Compute(r)).ToArray();
        if (plans.Any(p => p.Minutes is null))
        {
            return null;
        }

        var most = plans.Max(p => p.Minutes!.Value);
        var minutes = random.Share() < 0.5 ? Math.Floor(most * 0.9 * random.Share()) : most;
        return PlannedCook.Of(requests[0], plans[0] with { Minutes = minutes })! with
        {
            Others = [.. requests.Skip(1).Select(r => new PlannedMeat("other", r))],
        };
    }

    private static MeatLoad Load(SplitMix64 random)
    {
        var cut = CutCatalogue.All[(int)(random.Share() * CutCatalogue.All.Count)];
        var pieces = cut.TypicalKg.Value > 0.8 ? 1 : 1 + (int)(random.Share() * 5);
        var state = random.Share() < 0.35 ? MeatState.Frozen : MeatState.Chilled;
        return new MeatLoad
        {
            Cut = cut,
            Pieces = pieces,
            TotalKg = pieces * (cut.MinKg.Value + random.Share() * (cut.MaxKg.Value - cut.MinKg.Value)),
            State = state,
            Arrangement = state == MeatState.Frozen && pieces > 1 && random.Share() < 0.3 ? Arrangement.Lump : Arrangement.Single,
            Placement = random.Share() < 0.3 ? Placement.InLiquid : Placement.Rack,
        };
    }

    private static Ended Cook(PlannedCook cook, long seed)
    {
        var (pot, hand) = (new SimulatedPot(cook, seed, []), new Hand(cook));
        hand.Do(pot, CookEventKind.LidOn, Start);
        for (var rescues = 0; ; rescues++)
        {
            hand.UntilOpen(pot);
            var state = hand.MeasureAndWait(pot);
            if (state.Verdict == CookVerdict.Done || state.Advice?.Minutes is null || rescues == MostRescues)
            {
                return new(
                    string.Join(" + ", cook.Meats.Select(m => m.Request.Load.Cut.Id)),
                    state.Verdict,
                    pot.WarmestColdest,
                    rescues,
                    hand.Stood,
                    hand.ExtraMinutes
                );
            }

            hand.Do(pot, CookEventKind.BackUnderPressure, hand.Now.AddSeconds(30 + 60 * rescues + seed % 120)); // quick hands and slow ones
        }
    }

    /// <summary>A cook who does what the journal says.</summary>
    private sealed class Hand(PlannedCook cook)
    {
        private readonly List<CookEvent> _journal = [];

        public DateTimeOffset Now { get; private set; }

        public double ExtraMinutes { get; private set; }

        public int Stood { get; private set; }

        public void Do(SimulatedPot pot, CookEventKind kind, DateTimeOffset at, CookEventData? data = null)
        {
            Now = at;
            var entry = new CookEvent(FormattableString.Invariant($"{_journal.Count}"), kind, at, data ?? CookEventData.None);
            var tried = CookJournal.Fold(cook, _journal, Advise).Try(entry, at);
            Assert.Null(tried.Refusal);
            ExtraMinutes += kind == CookEventKind.BackUnderPressure ? tried.Entry.Data.Minutes!.Value : 0;
            _journal.Add(tried.Entry);
            pot.Take(tried.Entry);
        }

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

        private CookState State() => CookJournal.StateOf(cook, _journal, Now, Advise);

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
}
