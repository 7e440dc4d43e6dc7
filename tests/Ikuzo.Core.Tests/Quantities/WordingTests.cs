using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Tests.Quantities;

public class WordingTests
{
    private static readonly Wording Metric = new(UnitSystem.Metric);
    private static readonly Wording Us = new(UnitSystem.Us);

    [Fact]
    public void Temperature_IsRoundedToWholeDegrees()
    {
        Assert.Equal("74 °C", Metric.Temperature(74.2));
        Assert.Equal("165 °F", Us.Temperature(74));
    }

    [Fact]
    public void Temperature_ThatIsAboutSafety_IsNeverRoundedUp()
    {
        Assert.Equal("73 °C", Metric.AtLeast(73.99));
        Assert.Equal("164 °F", Us.AtLeast(73.8));
        Assert.Equal("-4 °C", Metric.AtLeast(-3.2));
    }

    [Fact]
    public void Mass_ChoosesGramsOrKilograms()
    {
        Assert.Equal("900 g", Metric.Mass(0.9));
        Assert.Equal("1.35 kg", Metric.Mass(1.35));
        Assert.Equal("3.0 lb", Us.Mass(1.36077711));
    }

    [Fact]
    public void Volume_IsRoundedAsACookWouldPour()
    {
        Assert.Equal("250 ml", Metric.Volume(247));
        Assert.Equal("1 cup", Us.Volume(240));
        Assert.Equal("1¼ cups", Us.Volume(300));
        Assert.Equal(
            ["1 tsp", "1 tbsp", "2 tbsp", "¼ cup", "½ cup", "1½ cups", "5¼ quarts"],
            new[] { 5, 15, 30, 60, 118, 355, 5060.0 }.Select(Us.Volume)
        );
    }

    [Fact]
    public void Length_AndAltitude_FollowTheUnits()
    {
        Assert.Equal("32 mm", Metric.Length(0.0319));
        Assert.Equal("1.3 in", Us.Length(0.032));
        Assert.Equal("1,350 m", Metric.Altitude(1350));
        Assert.Equal("4,429 ft", Us.Altitude(1350));
    }
}
