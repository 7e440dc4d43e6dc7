using Ikuzo.Core.Loads;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Reading;

namespace Ikuzo.Core.Tests.Reading;

public class CounterTextTests
{
    [Theory]
    [InlineData("6 frozen thighs 3 lb", "chicken-thigh-bone-in", 6, 1.3608)]
    [InlineData("duck legs x4 800g", "duck-leg", 4, 0.8)]
    [InlineData("turkey breast bone in 2.2kg 8qt", "turkey-breast-bone-in", 1, 2.2)]
    [InlineData("chicken breasts 1 lb 8 oz", "chicken-breast-boneless", 3, 0.6804)]
    [InlineData("four boneless chicken thighs, 1,5 kg", "chicken-thigh-boneless", 4, 1.5)]
    [InlineData("half a chicken 900 g", "chicken-half", 1, 0.9)]
    [InlineData("half a kilo of chicken wings", "chicken-wing", 6, 0.5)]
    [InlineData("a 1.8 kg chicken", "chicken-whole", 1, 1.8)]
    [InlineData("two 1.2 kg chickens", "chicken-whole", 2, 2.4)]
    [InlineData("2 x 350 g duck breasts", "duck-breast-boneless", 2, 0.7)]
    [InlineData("8 drumsticks 120 g each", "chicken-drumstick", 8, 0.96)]
    [InlineData("spatchcocked chicken 1½ kg", "chicken-spatchcocked", 1, 1.5)]
    [InlineData("turkey crown 6 pounds 4 ounces", "turkey-crown", 1, 2.835)]
    [InlineData("a dozen chicken meatballs 360g", "chicken-meatball", 12, 0.36)]
    [InlineData("poussins x2", "poussin-whole", 2, 1.0)]
    [InlineData("1,200 g turkey thighs bone-in", "turkey-thigh-bone-in", 2, 1.2)]
    [InlineData("diced turkey 500g", "turkey-diced", 20, 0.5)]
    [InlineData("duck carcass", "duck-carcass", 1, 0.6)]
    [InlineData("3 leg quarters", "chicken-leg-quarter", 3, 1.02)]
    [InlineData("turkey tenderloins 2", "turkey-tenderloin", 2, 0.64)]
    [InlineData("bird 4#", "chicken-whole", 1, 1.8144)]
    public void Parse_FindsCutPiecesAndWeight(string text, string cut, int pieces, double kg)
    {
        var question = CounterText.Read(text);
        Assert.Equal(cut, question.Meat!.Cut.Id);
        Assert.Equal(pieces, question.Meat.Pieces);
        Assert.Equal(kg, question.Meat.TotalKg, 0.001);
        Assert.Empty(question.Unknown);
    }

    [Theory]
    [InlineData("thighs frozen in one lump", MeatState.Frozen, Arrangement.Lump)]
    [InlineData("thighs frozen singly", MeatState.Frozen, Arrangement.Single)]
    [InlineData("thighs from the freezer", MeatState.Frozen, null)]
    [InlineData("thawed thighs overlapping", MeatState.Chilled, Arrangement.Overlapping)]
    [InlineData("thighs not frozen", MeatState.Chilled, null)]
    [InlineData("thighs at room temperature", MeatState.Room, null)]
    public void Parse_FindsStateAndArrangement(string text, MeatState state, Arrangement? arrangement)
    {
        var question = CounterText.Read(text);
        Assert.Equal((state, arrangement), (question.State!.Value, question.Arrangement));
    }

    [Theory]
    [InlineData("chicken breast 32 mm thick", 32)]
    [InlineData("chicken breast 1.25 inch", 31.75)]
    [InlineData("chicken breast 1 1/4 in thick", 31.75)]
    [InlineData("chicken breast 3 cm", 30)]
    [InlineData("chicken breast 2\"", 50.8)]
    public void Parse_FindsThickness(string text, double mm) => Assert.Equal(mm, CounterText.Read(text).ThicknessMm!.Value, 0.01);

    [Theory]
    [InlineData("duck legs in a 5.7 litre pot", 5.7, null)]
    [InlineData("duck legs 3l pot with 250 ml stock", 3.0, 250.0)]
    [InlineData("duck legs with 2 cups of water", null, 473.176)]
    [InlineData("duck legs 1 litre of broth 6 quart", 5.678, 1000.0)]
    public void Parse_TellsThePotFromTheLiquid(string text, double? litres, double? ml)
    {
        var question = CounterText.Read(text);
        Assert.Equal(litres, question.PotLitres is { } l ? Math.Round(l, 3) : null);
        Assert.Equal(ml ?? 0, question.LiquidMl ?? 0, 0.1);
    }

    [Fact]
    public void Parse_FindsAimPlacementAndPressure()
    {
        var question = CounterText.Read("4 thighs on the rack to fall apart low pressure");
        Assert.Equal((Aim.FallApart, Placement.Rack, PressureSetting.Low), (question.Aim, question.Placement, question.Pressure));
    }

    [Fact]
    public void Parse_ReportsEveryWordThatItDoesNotKnow() =>
        Assert.Equal(["blorf", "zorgle"], CounterText.Read("6 blorf thighs zorgle 1 kg").Unknown);

    [Fact]
    public void Parse_SaysWhatItAssumed()
    {
        var question = CounterText.Read("thighs");
        Assert.Contains(question.Assumed, a => a.Contains("Chicken"));
        Assert.Contains(question.Assumed, a => a.Contains("typical weight"));
    }

    [Theory]
    [InlineData("")]
    [InlineData("hello there")]
    [InlineData("3 kg frozen")]
    public void Parse_WithoutBirdOrCut_IsNotAQuestion(string text) => Assert.Null(CounterText.Read(text).Meat);

    [Fact]
    public void Parse_AnyText_NeverThrowsAndNeverInventsWeight() =>
        CsCheck.Check.Sample(
            CsCheck.Gen.String,
            text =>
            {
                if (CounterText.Read(text).Meat is { } meat)
                {
                    Assert.True(meat.Pieces >= 1 && meat.TotalKg >= 0);
                }
            }
        );
}
