using Ikuzo.Core.Store;

namespace Ikuzo.Core.Tests.Store;

public class StoreMovesTests
{
    private static readonly DateTimeOffset Now = new(2026, 12, 6, 17, 0, 0, TimeSpan.Zero);

    // Hours from now: when it was last moved, when the next move is said to have been, and when it is taken to have been.
    [Theory]
    [InlineData(-5, null, 0)]
    [InlineData(-5, -2.0, -2)]
    [InlineData(-5, 24.0, 0)] // a phone whose clock is a day ahead
    [InlineData(24, 0.0, 24)] // moved on a day on which the machine's clock was
    [InlineData(24, null, 24)]
    [InlineData(24, -1.0, 24)]
    [InlineData(-5, -6.0, -6)] // moved again since by somebody else: refused
    public void Move_IsTakenWhenItWas_OrNow(double last, double? said, double taken)
    {
        var item = new StoreItem
        {
            Kind = StoreKind.Raw,
            Name = "thighs",
            Moves = [new("1", StorePlace.Fridge, Now.AddHours(last))],
        };
        var at = StoreMoves.When(item, said is { } hours ? Now.AddHours(hours) : null, Now);
        Assert.Equal(Now.AddHours(taken), at);
        Assert.Equal(said == -6, StoreMoves.Refusal(item, new("2", StorePlace.Freezer, at), Now) is not null);
    }

    // Hours from now, by the clock as it is now: said, written, how far the clock was set since, and when it is taken to have been.
    [Theory]
    [InlineData(-5, -5, 0, -5)]
    [InlineData(20, 20, -24, -4)] // put away four hours ago on a day on which the clock was a day ahead
    [InlineData(-4, 20, -24, -4)] // said by a phone that was right
    [InlineData(-100, -100, -24, -124)] // as old as the hours that passed
    [InlineData(-100, -2, -24, -100)] // said days later: it stands, and lies before it was written
    [InlineData(-28, -28, 24, -28)] // set forward: never fresher than it was said to be
    public void MoveBeforeTheClockWasSet_IsNoLaterThanItWasWritten(double said, double written, double set, double taken) =>
        Assert.Equal(Now.AddHours(taken), StoreMoves.Settled(Now.AddHours(said), Now.AddHours(written), TimeSpan.FromHours(set)));
}
