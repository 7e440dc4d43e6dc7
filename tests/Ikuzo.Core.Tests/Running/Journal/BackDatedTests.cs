using Ikuzo.Core.Cooking;
using Ikuzo.Core.Quantities;
using Ikuzo.Core.Running.Journal;
using Ikuzo.Core.Running.Rescue;

namespace Ikuzo.Core.Tests.Running.Journal;

public class BackDatedTests
{
    private static readonly DateTimeOffset Opened = new(2026, 12, 6, 18, 0, 0, TimeSpan.Zero);

    private static PlannedCook Cook(Release release) =>
        new()
        {
            Request = Planned.Request("duck-leg", 4, 1),
            Minutes = 17,
            Release = release,
            ToPressureMinutes = new Spread90(8, 10, 13),
            ReleaseMinutes = new Spread90(6, 9, 12),
        };

    public static TheoryData<Release, double?> Releases =>
        new()
        {
            { Release.Natural, null },
            { Release.Vent, 0 },
            { Release.Pulsed, 0 },
            { Release.RestThenVent(5), 5 },
        };

    [Theory]
    [MemberData(nameof(Releases))]
    public void Journal_LeadsToTheOpenPotWithWhatWasSaid(Release release, double? ventedAfter)
    {
        var cook = Cook(release);
        var journal = BackDated.Journal(cook, Opened);
        DateTimeOffset? At(CookEventKind kind) => journal.FirstOrDefault(e => e.Kind == kind)?.At;
        var state = CookJournal.StateOf(cook, journal, Opened.AddMinutes(1), r => RescuePlanner.Advise(r));
        Assert.Equal((CookPhase.Open, Opened), (state.Phase, state.Since));
        Assert.Empty(state.Ignored);
        Assert.Equal(10, (At(CookEventKind.PressureReached) - At(CookEventKind.LidOn))!.Value.TotalMinutes, 1e-9);
        Assert.Equal(9, (At(CookEventKind.PinDown) - At(CookEventKind.PressureReached))!.Value.TotalMinutes - 17, 1e-9);
        Assert.Equal(ventedAfter, (At(CookEventKind.Vented) - At(CookEventKind.PressureReached))?.TotalMinutes - 17);
    }
}
