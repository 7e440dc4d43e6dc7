using Ikuzo.Core.Cooking;
using Ikuzo.Core.LineUps;
using Ikuzo.Core.Quantities;
using Ikuzo.Core.Running.Journal;
using Ikuzo.Core.Running.Rescue;
using static Ikuzo.Core.Running.Journal.CookEventKind;

namespace Ikuzo.Core.Tests.Running.Journal;

/// <summary>The line-up of a cook that is on moves with it.</summary>
public class CookLineUpTests
{
    private static readonly DateTimeOffset Start = new(2026, 12, 6, 17, 0, 0, TimeSpan.Zero);
    private static readonly TimeZoneInfo Vienna = TimeZoneInfo.FindSystemTimeZoneById("Europe/Vienna");

    private static readonly PlannedCook Cook = new()
    {
        Request = Planned.Request("chicken-thigh-bone-in", 4, 0.8),
        Minutes = 10,
        Release = Release.Vent,
        ToPressureMinutes = new Spread90(8, 10, 13),
        ReleaseMinutes = new Spread90(2, 3, 4),
        Before = [new("greens", "Greens first.", 6)],
        After = [new("rest", "Let it rest.", 5), new("pasta", "Pasta under the lid.", 8, Waits: true), new("carve", "Carve.", 5)],
    };

    private static LineUp At(double minute, params (CookEventKind Kind, double Minute, double? Celsius)[] acts)
    {
        CookEvent[] journal =
        [
            .. acts.Select(
                (a, i) =>
                    new CookEvent(
                        $"{i}",
                        a.Kind,
                        Start.AddMinutes(a.Minute),
                        new()
                        {
                            Spot = "centre",
                            Celsius = a.Celsius,
                            Step = "greens",
                        }
                    )
            ),
        ];
        var lidOn = journal.FirstOrDefault(e => e.Kind == LidOn)?.At;
        return CookLineUp.Of(
            Cook,
            CookJournal.StateOf(Cook, journal, Start.AddMinutes(minute), r => RescuePlanner.Advise(r)),
            lidOn,
            Vienna
        );
    }

    private static double Served(LineUp lineUp) => (lineUp.Tasks[^1].End - Start).TotalMinutes;

    [Fact]
    public void BeforeTheLid_TheWholeCookIsAhead()
    {
        var lineUp = At(0);
        Assert.Equal(
            ["greens", "come-up-1", "hold-1", "release-1", "check-1", "rest", "pasta", "carve", "serve"],
            lineUp.Tasks.Select(t => t.Id)
        );
        Assert.Equal(6 + 10 + 10 + 3 + 4 + 18, Served(lineUp), 1e-6);
        Assert.Equal(LineUpLane.Pot, lineUp.Tasks.Single(t => t.Id == "pasta").Lane);
        Assert.All(lineUp.Tasks, t => Assert.Equal(TimeSpan.FromHours(1), t.Start.Offset));
        Assert.Empty(lineUp.Conflicts);
    }

    [Fact]
    public void LatePin_MovesTheRestAndSaysSo()
    {
        Assert.Empty(At(5, (LidOn, 0, null)).Conflicts);
        var late = At(25, (LidOn, 0, null), (PressureReached, 24, null));
        Assert.Contains("14 min later", Assert.Single(late.Conflicts), StringComparison.Ordinal);
        Assert.Equal(24 + 10 + 3 + 4 + 18, Served(late), 1e-6);
    }

    [Fact]
    public void Rescue_MovesTheRestByWhatItTakes()
    {
        (CookEventKind, double, double?)[] shortOf =
        [
            (LidOn, 0, null),
            (PressureReached, 10, null),
            (Vented, 13, null),
            (CookEventKind.PinDown, 15, null),
            (CookEventKind.Opened, 16, null),
            (CookEventKind.Reading, 17, 55),
        ];
        for (var acts = 0; acts <= shortOf.Length; acts++)
        {
            Assert.Distinct(At(17, shortOf[..acts]).Tasks.Select(t => t.Id));
        }

        var rescued = At(18, [.. shortOf, (BackUnderPressure, 18, null)]);
        Assert.StartsWith("come-up-2", rescued.Tasks[0].Id, StringComparison.Ordinal);
        Assert.True(Served(rescued) > Served(At(17, shortOf)));
        Assert.All(rescued.Tasks.Zip(rescued.Tasks.Skip(1)), p => Assert.True(p.First.End <= p.Second.Start));
    }
}
