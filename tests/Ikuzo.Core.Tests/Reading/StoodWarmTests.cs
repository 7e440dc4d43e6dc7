using Ikuzo.Core.Reading;

namespace Ikuzo.Core.Tests.Reading;

/// <summary>Meat that stood warm: two hours, one above 32 °C. A minute too kind is the worst that a reader can do.</summary>
public class StoodWarmTests
{
    [Theory]
    [InlineData("4 breasts left on the counter for 4 hours")]
    [InlineData("6 thighs left out 121 min")]
    [InlineData("out of the fridge for 4 hours, 8 drumsticks")]
    [InlineData("6 thighs on the counter all night")]
    [InlineData("forgot 6 thighs in the car overnight")]
    [InlineData("4 breasts in the hot car for 90 minutes")]
    [InlineData("4 breasts left out in the sun for 90 minutes")]
    [InlineData("thighs sat out 1.5 hours, it's 34 C in here")]
    [InlineData("whole chicken 1.8 kg, power was out all night")]
    public void LongerThanTheRule_IsAStop(string text) => Assert.Equal("stood-warm", Assert.Single(CounterText.Read(text).Stops).Code);

    [Theory]
    [InlineData("6 thighs left out 119 min")]
    [InlineData("4 breasts left on the counter for 1 hour")]
    [InlineData("6 thighs from the garage freezer")]
    [InlineData("6 thighs straight out of the fridge")]
    [InlineData("4 breasts in the hot car for 50 minutes")]
    public void ShorterIsNone(string text) => Assert.Empty(CounterText.Read(text).Stops);

    [Theory]
    [InlineData("6 thighs are on the counter")]
    [InlineData("4 breasts were in the car")]
    [InlineData("left out, 6 thighs")]
    public void HowLong_IsAsked_AndUntilThenItIsAStop(string text)
    {
        var q = CounterText.Read(text);
        var doubt = Assert.Single(q.Doubts);
        Assert.Equal("for over two hours, or nobody knows", doubt.Reading);
        Assert.Single(q.Stops);
        Assert.Empty(CounterText.Read(text, settled: [new(doubt.Text, "for less than an hour")]).Stops);
    }
}

/// <summary>Minutes of other heat are never the hold.</summary>
public class OtherHeatTests
{
    [Theory]
    [InlineData("grill them 5 min each side, 6 boneless thighs")]
    [InlineData("6 thighs then 5 min under the grill")]
    [InlineData("6 thighs, in the oven at 200 for 10 minutes")]
    [InlineData("6 thighs fry 3 minutes a side")]
    [InlineData("6 thighs air fryer 5 min")]
    public void OtherHeat_HoldsNothing(string text) => Assert.Null(CounterText.Read(text).Minutes);

    [Fact]
    public void TimeBesideHeatThatNothingCameOf_IsAsked()
    {
        var q = CounterText.Read("hob 6 boneless thighs 5 min");
        Assert.Null(q.Minutes);
        Assert.Equal("not under pressure", Assert.Single(q.Doubts).Reading);
    }
}
