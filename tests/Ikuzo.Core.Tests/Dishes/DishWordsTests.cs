using Ikuzo.Core.Cooking;
using Ikuzo.Core.Dishes;
using Ikuzo.Core.Pots;

namespace Ikuzo.Core.Tests.Dishes;

public class DishWordsTests
{
    // What is left alone is to fall by itself; at the valve somebody stands anyway.
    [Fact]
    public void KeepWarm_IsOffWhereThePotIsLeftAlone()
    {
        var pot = PotDefaults.For(5.7);
        Assert.Equal(", keep-warm off", DishWords.KeepWarm(pot, Release.Natural));
        Assert.Equal(", keep-warm off", DishWords.KeepWarm(pot, Release.RestThenVent(10)));
        Assert.Equal("", DishWords.KeepWarm(pot, Release.Vent));
        Assert.Equal("", DishWords.KeepWarm(pot, Release.Pulsed));
        Assert.Equal("", DishWords.KeepWarm(pot with { KeepWarmCelsius = null }, Release.Natural));
    }
}
