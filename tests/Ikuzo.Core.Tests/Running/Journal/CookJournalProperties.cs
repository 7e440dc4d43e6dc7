using System.Text.Json;
using CsCheck;
using Ikuzo.Core.Running.Journal;
using Ikuzo.Core.Running.Rescue;
using Ikuzo.Core.Safety;

namespace Ikuzo.Core.Tests.Running.Journal;

/// <summary>Whatever a wet hand does, in whatever order.</summary>
public class CookJournalProperties
{
    private static readonly DateTimeOffset Start = new(2026, 12, 6, 17, 0, 0, TimeSpan.Zero);
    private static readonly PlannedCook Cook = Planned.Cook(Planned.Request("chicken-leg-quarter", 2, 0.7));
    private static readonly CookEventKind[] Kinds =
    [
        .. Enum.GetValues<CookEventKind>().Where(k => k is not (CookEventKind.Simulated or CookEventKind.Corrected)),
    ];

    private static readonly Gen<(CookEventKind Kind, double Minutes, double Celsius, int Of)[]> Acts = Gen.Select(
        Gen.Int[0, Kinds.Length - 1].Select(i => Kinds[i]),
        Gen.Double[0.1, 9],
        Gen.Double[40, 95],
        Gen.Int[0, 12]
    ).Array[1, 25];

    // Advice that needs no engine: short under 74 °C at the newest opening.
    private static RescueAdvice Advise(RescueRequest request) =>
        request.NewestReadings.Any(r => r.Celsius < 74)
            ? new(CheckVerdict.Short, RescueMethod.BackUnderPressure, 5, ["Close the lid."], [])
            : new(CheckVerdict.Done, RescueMethod.None, 0, ["Done."], []);

    /// <summary>Tries each act; what is refused is left out, as the server does.</summary>
    private static (List<CookEvent> Journal, DateTimeOffset Now, List<JournalRefusal> Refused) Play(
        (CookEventKind Kind, double Minutes, double Celsius, int Of)[] acts
    )
    {
        var (journal, now, refused) = (new List<CookEvent>(), Start, new List<JournalRefusal>());
        foreach (var (random, minutes, celsius, of) in acts)
        {
            now = now.AddMinutes(minutes);
            var folded = CookJournal.Fold(Cook, journal, Advise);
            var before = folded.State(now);
            var kind = of % 4 == 0 ? random : Sensible(folded, before, (int)random); // mostly what makes sense, so that cooks get far
            var spots = Cook.Request.Load.Cut.Spots;
            var data = new CookEventData
            {
                Of = kind == CookEventKind.Undone ? $"{of}" : null,
                Spot = kind == CookEventKind.Reading ? spots[of % spots.Count].Id : null,
                Celsius = kind == CookEventKind.Reading ? celsius : null,
                Step = kind == CookEventKind.StepDone ? "rest" : null,
            };
            var tried = folded.Try(new CookEvent($"{journal.Count}", kind, now, data), now);
            var entry = tried.Entry;
            if (tried.Refusal is { } refusal)
            {
                refused.Add(refusal);
                Assert.True(refusal.IsTime || !refusal.Possible.Contains(kind), $"{kind} is refused as possible");
            }
            else
            {
                journal.Add(entry);
                var whole = CookJournal.StateOf(Cook, journal, now, Advise);
                Assert.Equal(JsonSerializer.Serialize(whole), JsonSerializer.Serialize(tried.After!.State(now)));
            }
        }

        return (journal, now, refused);
    }

    private static CookEventKind Sensible(FoldedJournal journal, CookState state, int chance)
    {
        CookEventKind[] possible = [.. journal.Possible(state).Where(k => k is not (CookEventKind.Abandoned or CookEventKind.Note))];
        return possible.Length == 0 ? CookEventKind.Note : possible[chance % possible.Length];
    }

    [Fact]
    public void Acts_ReachEveryPhase()
    {
        HashSet<CookPhase> seen = [];
        Acts.Sample(
            acts =>
            {
                var (journal, now, _) = Play(acts);
                lock (seen)
                {
                    seen.Add(CookJournal.StateOf(Cook, journal, now, Advise).Phase);
                }
            },
            iter: Often.Times(600)
        );
        Assert.Equal(Enum.GetValues<CookPhase>().Length, seen.Count);
    }

    [Fact]
    public void AnyJournal_HasAStateWithAStripWithoutGaps() =>
        Acts.Sample(
            acts =>
            {
                var (journal, now, _) = Play(acts);
                var state = CookJournal.StateOf(Cook, journal, now, Advise);
                Assert.True(state.Since <= now);
                Assert.All(state.Strip, p => Assert.True(p.From <= p.To));
                Assert.All(state.Strip.Zip(state.Strip.Skip(1)), p => Assert.True(p.First.To <= p.Second.From));
                Assert.True(state.Phase == CookPhase.Done || state.Next.Count > 0);
            },
            iter: Often.Times(300)
        );

    [Fact]
    public void Served_IsOnlyWhatWasMeasuredOrSaidNotToBe() =>
        Acts.Sample(
            acts =>
            {
                var (journal, now, _) = Play(acts);
                var state = CookJournal.StateOf(Cook, journal, now, Advise);
                if (state.Phase is CookPhase.Finishing || (state.Phase == CookPhase.Done && !state.Abandoned))
                {
                    Assert.True(state.Verdict is CookVerdict.Done or CookVerdict.NotMeasured, $"{state.Phase} with {state.Verdict}");
                }

                if (state.Verdict == CookVerdict.Done)
                {
                    Assert.Empty(state.SpotsToRead);
                    Assert.All(state.Readings, r => Assert.True(r.Celsius >= SafetyRule.CoreCelsius));
                }
            },
            iter: Often.Times(300)
        );

    [Fact]
    public void UndoneAndUndoneAgain_IsAsBefore() =>
        Acts.Sample(
            acts =>
            {
                var (journal, now, _) = Play([.. acts.Where(a => a.Kind != CookEventKind.Undone)]);
                if (journal.Count == 0)
                {
                    return;
                }

                var before = CookJournal.StateOf(Cook, journal, now, Advise);
                var last = journal[^1].Id;
                CookEvent[] twice =
                [
                    .. journal,
                    new("u", CookEventKind.Undone, now, new() { Of = last }),
                    new("v", CookEventKind.Undone, now, new() { Of = "u" }),
                ];
                var after = CookJournal.StateOf(Cook, twice, now, Advise);
                Assert.Equal(
                    (before.Phase, before.Since, before.Verdict, before.Round),
                    (after.Phase, after.Since, after.Verdict, after.Round)
                );
            },
            iter: Often.Times(200)
        );

    [Fact]
    public void WrittenInAnotherOrder_TheStateIsTheSame() =>
        Acts.Sample(
            acts =>
            {
                var (journal, now, _) = Play([.. acts.Where(a => a.Kind != CookEventKind.Undone)]);
                var before = CookJournal.StateOf(Cook, journal, now, Advise);
                var after = CookJournal.StateOf(Cook, [.. journal.AsEnumerable().Reverse()], now, Advise);
                Assert.Equal((before.Phase, before.Since, before.Verdict), (after.Phase, after.Since, after.Verdict));
            },
            iter: Often.Times(200)
        );

    [Fact]
    public void TimeAlone_NeverServesNorOpens() =>
        Acts.Sample(
            acts =>
            {
                var (journal, now, _) = Play(acts);
                var (soon, late) = (
                    CookJournal.StateOf(Cook, journal, now, Advise),
                    CookJournal.StateOf(Cook, journal, now.AddHours(5), Advise)
                );
                Assert.Equal(soon.Verdict, late.Verdict);
                Assert.Equal(
                    soon.Phase is CookPhase.Open or CookPhase.Finishing or CookPhase.Done,
                    late.Phase is CookPhase.Open or CookPhase.Finishing or CookPhase.Done
                );
            },
            iter: Often.Times(200)
        );
}
