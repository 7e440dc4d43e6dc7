using Ikuzo.Core.Planning;
using Ikuzo.Core.Running.Journal;
using Ikuzo.Core.Running.Rescue;

namespace Ikuzo.Core.Tests.Running.Journal;

public class EarlyPressureTests
{
    private static PlannedCook Bird(Promise promise)
    {
        var request = Planned.Request("chicken-whole", 1, 1.8) with { Promise = promise };
        return Planned.Cook(request);
    }

    [Theory]
    [InlineData(Promise.Measured, 1.0, 0, 0)]
    [InlineData(Promise.Measured, 1.2, 0, 0)]
    [InlineData(Promise.Measured, 0.94, 1, 3)]
    [InlineData(Promise.Measured, 0.85, 2, 5)]
    [InlineData(Promise.Sure, 0.85, 1, 5)]
    [InlineData(Promise.Sure, 1.1, 0, 0)]
    public void EarlyPot_NeedsMoreMinutes_ALateOneNeverFewer(Promise promise, double ofExpected, int least, int most)
    {
        var cook = Bird(promise);
        Assert.InRange(EarlyPressure.MinutesMore(cook, cook.ToPressureMinutes.P50 * ofExpected), least, most);
    }

    [Fact]
    public void MoreMinutes_EndTheHoldLater_AndAreHeld()
    {
        DateTimeOffset start = new(2026, 1, 4, 17, 0, 0, TimeSpan.Zero);
        var cook = Bird(Promise.Measured);
        CookEvent Entry(string id, CookEventKind kind, double at, double? more = null) =>
            new(id, kind, start.AddMinutes(at), new() { Minutes = more });
        CookEvent[] journal =
        [
            Entry("1", CookEventKind.LidOn, 0),
            Entry("2", CookEventKind.PressureReached, 9),
            Entry("3", CookEventKind.Lengthened, 12, 3),
        ];
        CookState At(double minutes) => CookJournal.StateOf(cook, journal, start.AddMinutes(minutes), r => RescuePlanner.Advise(r));
        Assert.Equal(cook.Minutes + 3, At(13).Minutes);
        Assert.Equal(CookPhase.Holding, At(9 + cook.Minutes + 2.9).Phase);
        Assert.Equal(CookPhase.Resting, At(9 + cook.Minutes + 3.1).Phase);
        CookEvent[] opened = [.. journal, Entry("4", CookEventKind.PinDown, 60), Entry("5", CookEventKind.Opened, 61)];
        Assert.Equal(cook.Minutes + 3, Core.Book.Happened.Of(cook, opened).HeldMinutes);
    }
}
