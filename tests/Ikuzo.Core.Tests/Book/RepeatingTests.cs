using Ikuzo.Core.Book;
using Ikuzo.Core.Cooking;

namespace Ikuzo.Core.Tests.Book;

/// <summary>A cook of the book is repeated as it was, until measured cooks know better.</summary>
public class RepeatingTests
{
    private static readonly Happened Well = new()
    {
        LidOnAt = DateTimeOffset.UnixEpoch,
        Tasting = new(null, null, null, null, null),
        HeldMinutes = 15.2,
        Release = Release.Natural,
    };

    [Theory]
    [InlineData(0, 15.0)]
    [InlineData(1, 15.0)]
    [InlineData(2, null)]
    public void AsItWas_FifteenStaysFifteen_UnlessTwoMeasuredCooksSayOtherwise(int agreeing, double? minutes) =>
        Assert.Equal(minutes, Repeating.AsItWas(Well, agreeing)?.HoldMinutes);

    [Fact]
    public void AsItWas_OfWhatDidNotComeOutWell_IsComputedAnew()
    {
        Assert.Equal(Release.Natural, Repeating.AsItWas(Well with { LowestCelsius = 74 }, 0)!.Value.Release);
        Assert.Null(Repeating.AsItWas(Well with { LowestCelsius = 73 }, 0));
        Assert.Null(Repeating.AsItWas(Well with { IsGivenUp = true }, 0));
        Assert.Null(Repeating.AsItWas(Well with { Returns = 1 }, 0));
        Assert.Null(Repeating.AsItWas(Well with { Stood = true }, 0));
        Assert.Null(Repeating.AsItWas(Well with { HeldMinutes = null }, 0));
    }
}
