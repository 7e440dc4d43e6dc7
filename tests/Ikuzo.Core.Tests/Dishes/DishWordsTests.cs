using Ikuzo.Core.Cooking;
using Ikuzo.Core.Dishes;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;

namespace Ikuzo.Core.Tests.Dishes;

public class DishWordsTests
{
    // What kitchens say of thighs is said of chilled ones; to pull only where that was asked for.
    [Theory]
    [InlineData(MeatState.Chilled, null, 10)]
    [InlineData(MeatState.Chilled, Aim.Slice, 10)]
    [InlineData(MeatState.Frozen, null, 0)]
    public void HeldMinutes_AreThoseOfKitchens_NotFromTheFreezer(MeatState state, Aim? aim, double minutes)
    {
        var load = new MeatLoad
        {
            Cut = CutCatalogue.Find("chicken-thigh-bone-in")!,
            Pieces = 6,
            TotalKg = 1.2,
            State = state,
        };
        Assert.Equal(minutes, new MeatItem("bird", load, aim).HeldMinutes);
    }

    [Theory]
    [InlineData("chicken-whole", Aim.Slice, "Carve and plate.")]
    [InlineData("turkey-breast-boneless", Aim.Slice, "Carve and plate.")]
    [InlineData("chicken-thigh-bone-in", Aim.Slice, "Plate it.")]
    [InlineData("chicken-diced", Aim.Slice, "Plate it.")]
    [InlineData("chicken-thigh-bone-in", Aim.Pull, "Pull apart and plate.")]
    [InlineData("chicken-carcass", Aim.Stock, "Strain it once more into warm bowls.")]
    public void Plating_FitsWhatItIs(string cut, Aim aim, string says) =>
        Assert.Equal(says, DishWords.Plating(CutCatalogue.Find(cut)!, aim).Text);

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
