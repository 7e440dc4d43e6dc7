using Ikuzo.Core.Dishes;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Reading;
using static Ikuzo.Core.Tests.Reading.AtTheCounter;

namespace Ikuzo.Core.Tests.Reading;

/// <summary>What a reader of known words got wrong: each is right now.</summary>
public class WhatWentWrongTests
{
    [Theory]
    [InlineData("1 onion, diced")]
    [InlineData("1 lb baby potatoes halved")]
    [InlineData("1 chicken stock cube")]
    [InlineData("50 g cold butter, cubed")]
    [InlineData("100 mls whole milk")]
    [InlineData("1/3 cup half-and-half")]
    public void WhatIsCut_IsNoBird(string line) => Assert.IsNotType<MeatItem>(DishLine.Read(line, "a"));

    [Theory]
    [InlineData("50 g cold butter, cubed")]
    [InlineData("1/3 cup half-and-half")]
    [InlineData("1 chicken stock cube")]
    public void WhatIsNoWater_IsNoLiquid(string line) => Assert.IsNotType<LiquidItem>(DishLine.Read(line, "a"));

    [Theory]
    [InlineData("6 chicken thighs 1.2 kg, 1 onion chopped", "chicken-thigh-bone-in", 6, 1.2)]
    [InlineData("whole chicken 1.8 kg so it is tender", "chicken-whole", 1, 1.8)]
    [InlineData("turkey breast 6 lb, carrots", "turkey-breast-boneless", 1, 2.722)]
    [InlineData("5 and 1/4 pounds duck", "duck-whole", 1, 2.381)]
    [InlineData("8 drumsticks and potatoes cut in chunks", "chicken-drumstick", 8, 0.96)]
    public void TheBird_IsWhatWasSaid(string text, string cut, int pieces, double kg)
    {
        var meat = Read(text).Meat!;
        Assert.Equal((cut, pieces), (meat.Cut.Id, meat.Pieces));
        Assert.Equal(kg, meat.TotalKg, 0.002);
        Assert.Empty(Read(text).Also);
    }

    [Fact]
    public void AWeight_IsOfTheNounBeforeIt()
    {
        var question = Read("chicken thighs 800 g, coconut milk");
        Assert.Equal((Part.Thigh, 0.8), (question.Meat!.Cut.Part, question.Meat.TotalKg));
        Assert.Equal("coconut milk", Assert.Single(question.Beside).Food);
        var carrots = Assert.Single(Read("turkey breast 6 lb, carrots").Beside);
        Assert.Equal(400, carrots.Grams); // as is usual for four
    }

    [Theory]
    [InlineData("whole chicken out of the fridge for 4 hours")]
    [InlineData("thighs left out overnight")]
    public void WhatStoodWarm_Stops(string text)
    {
        Assert.Equal("stood-warm", Assert.Single(Read(text).Stops).Code);
        Assert.Null(Read(text).Minutes);
    }

    [Theory]
    [InlineData("6 drumsticks, and no frozen ones")]
    [InlineData("6 drumsticks, then not frozen")]
    [InlineData("6 drumsticks but no frozen ones")]
    [InlineData("6 drumsticks (these are not frozen)")]
    [InlineData("6 drumsticks (and are not frozen) 800 g")]
    public void ANot_IsNeverPassedOver(string text)
    {
        Assert.Equal(Core.Loads.MeatState.Chilled, Read(text).State);
        Assert.Equal("chicken-drumstick", Read(text).Meat!.Cut.Id);
    }

    [Theory]
    [InlineData("out of the freezer straight in the pot: 800g boneless breasts")]
    [InlineData("boneless breasts out of the freezer and into the pot")]
    [InlineData("it's out of the freezer, 6 thighs")]
    public void OutOfTheFreezer_IsNotNotFrozen(string text) =>
        Assert.True(Read(text).State == Core.Loads.MeatState.Frozen || Read(text).Doubts.Count > 0);

    [Theory]
    [InlineData("6 wings 5 kg potatoes", 5000)]
    [InlineData("2 drumsticks 2 kg carrots", 2000)]
    public void WhatNoPieceWeighs_IsOfTheNext(string text, double grams)
    {
        Assert.Equal(grams, Assert.Single(Read(text).Beside).Grams);
        Assert.InRange(Read(text).Meat!.TotalKg, 0.1, 1);
    }

    [Theory]
    [InlineData("chicken pechuga sin hueso 4")]
    [InlineData("pollo entero congelado 2 kg")]
    [InlineData("4 hähnchenbrust ohne knochen")]
    public void OtherLanguages_AreToldSo(string text)
    {
        Assert.StartsWith("Only English is read here.", Read(text).Problem, StringComparison.Ordinal);
        Assert.Null(Read(text).Meat);
    }

    [Fact]
    public void Not_TurnsRoundWhatFollows()
    {
        Assert.NotEqual(Aim.Pull, Read("4 breasts not shredded").Aim);
        Assert.Contains(Aim.Pull, Read("4 breasts not shredded").NotAims);
        Assert.False(Read("4 duck legs, do not brown").Browned);
    }

    [Theory]
    [InlineData("4 thighs, dinner at 6:30", 18, 30)]
    [InlineData("4 thighs, ready by half six", 18, 30)]
    public void WhenItIsEaten_IsNoPieceAndNoMinute(string text, int hour, int minute)
    {
        var question = Read(text);
        Assert.Equal(new TimeOnly(hour, minute), question.EatAt);
        Assert.Equal((4, null), (question.Meat!.Pieces, question.Minutes));
    }

    [Fact]
    public void InAnHour_IsNotUnderPressure()
    {
        Assert.Equal((60, null), (Read("4 thighs, in an hour").EatInMinutes, Read("4 thighs, in an hour").Minutes));
    }

    [Theory]
    [InlineData("still pink", "check")]
    [InlineData("says burn", "pot")]
    [InlineData("no pressure after 30 minutes", "pot")]
    public void WhatHappened_GoesWhereItIsAnswered(string text, string place)
    {
        Assert.Equal(place, Read(text).GoTo!.Place);
        Assert.Null(Read(text).Minutes);
    }

    [Theory]
    [InlineData("best")]
    [InlineData("oven")]
    [InlineData("then")]
    [InlineData("been")]
    [InlineData("less")]
    public void OrdinaryWords_AreNoSlips(string word)
    {
        var question = Read($"{word} thighs");
        Assert.Equal((Part.Thigh, 0, 0), (question.Meat!.Cut.Part, question.Beside.Count, question.Unknown.Count));
        Assert.DoesNotContain(question.Doubts, d => d.Text == word);
    }
}
