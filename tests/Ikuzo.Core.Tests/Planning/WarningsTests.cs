using Ikuzo.Core.Companions;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Tests.Planning;

public class WarningsTests
{
    private static PlanRequest Request(string cut, int pieces = 1, double? kg = null, MeatState state = MeatState.Chilled)
    {
        var of = CutCatalogue.Find(cut)!;
        return new PlanRequest
        {
            Pot = PotDefaults.For(5.7),
            Load = new MeatLoad { Cut = of, Pieces = pieces, TotalKg = kg ?? of.TypicalKg.Value * pieces, State = state, ThicknessMm = 30 },
        };
    }

    private static WarningLevel? Level(PlanRequest request, string code) => Warnings.Of(request).FirstOrDefault(w => w.Code == code)?.Level;

    [Fact]
    public void AnOrdinaryCook_HasNoWarning() => Assert.Empty(Warnings.Of(Request("chicken-thigh-bone-in", 6)));

    [Fact]
    public void FrozenMeat_PointsToTheManual() => Assert.Equal(WarningLevel.Note, Level(Request("chicken-thigh-bone-in", 6, state: MeatState.Frozen), "frozen-manual"));

    [Fact]
    public void MeatAtRoomTemperature_IsACaution() => Assert.Equal(WarningLevel.Caution, Level(Request("chicken-wing", 8, state: MeatState.Room), "room-temperature"));

    [Theory]
    [InlineData("chicken-whole")]
    [InlineData("poussin-whole")]
    [InlineData("duck-whole")]
    public void WholeBird_IsStoppedUntilTheCavityWasLookedInto(string cut)
    {
        Assert.Equal(WarningLevel.Stop, Level(Request(cut), "giblets"));
        Assert.Equal(WarningLevel.Note, Level(Request(cut) with { Confirmed = ["giblets"] }, "giblets"));
    }

    [Theory]
    [InlineData(0.02, "light")]
    [InlineData(0.9, "heavy")]
    public void PieceOfUnusualWeight_IsAskedAbout(double kg, string word)
    {
        var warning = Assert.Single(Warnings.Of(Request("chicken-drumstick", 1, kg)), w => w.Code == "unusual-weight");
        Assert.Contains(word, warning.Because);
    }

    [Fact]
    public void Duck_GivesOffFat() => Assert.Equal(WarningLevel.Note, Level(Request("duck-leg", 4), "duck-fat"));

    [Theory]
    [InlineData(500, false)]
    [InlineData(1350, true)]
    public void Altitude_IsSaidAboveSixHundredMetres(double metres, bool said)
        => Assert.Equal(said, Level(Request("chicken-wing", 8) with { AltitudeMetres = metres }, "altitude") is not null);

    [Fact]
    public void UnmeasuredThickness_IsMentioned()
    {
        var request = Request("chicken-wing", 8);
        Assert.Equal(WarningLevel.Note, Level(request with { Load = request.Load with { ThicknessMm = null } }, "unmeasured"));
    }

    [Fact]
    public void TooLittleLiquid_SaysHowMuchIsMissingInTheCooksUnits()
    {
        var request = Request("chicken-wing", 8) with { LiquidMl = 100 };
        Assert.Contains("150 ml", Assert.Single(Warnings.Of(request), w => w.Code == "low-liquid").Text);
        Assert.Contains("0.75 cups", Assert.Single(Warnings.Of(request with { Units = UnitSystem.Us }), w => w.Code == "low-liquid").Text);
    }

    [Fact]
    public void SwellingFood_HasTheLowerMark()
    {
        var beans = new CompanionLoad(CompanionCatalogue.Find("dry-chickpeas")!, 800);
        var request = Request("chicken-wing", 8) with { LiquidMl = 2300 };
        Assert.Null(Level(request, "over-fill"));
        Assert.Equal(WarningLevel.Stop, Level(request with { Companions = [beans] }, "over-fill"));
    }

    [Fact]
    public void VentingStarchAtOnce_IsAStop()
    {
        var rice = new CompanionLoad(CompanionCatalogue.Find("brown-rice")!, 200);
        var request = Request("chicken-wing", 8) with { Companions = [rice], LiquidMl = 400 };
        Assert.Equal(WarningLevel.Stop, Level(request with { Release = Release.Vent }, "spurts"));
        Assert.Null(Level(request with { Release = Release.Pulsed }, "spurts"));
        Assert.Null(Level(request, "spurts"));
    }

    [Fact]
    public void ALumpThatIsNotFrozen_IsOnlyANote()
    {
        var request = Request("chicken-wing", 8);
        Assert.Equal(WarningLevel.Note, Level(request with { Load = request.Load with { Arrangement = Arrangement.Lump } }, "lump-not-frozen"));
    }

    [Fact]
    public void Stops_ComeFirst()
    {
        var warnings = Warnings.Of(Request("duck-whole", state: MeatState.Frozen) with { LiquidMl = 0, AltitudeMetres = 2000 });
        Assert.Equal(warnings.OrderBy(w => w.Level), warnings);
        Assert.Equal(WarningLevel.Stop, warnings[0].Level);
    }

    [Fact]
    public void EveryWarning_SaysWhatToDoAndWhyWithoutShouting()
    {
        var warnings = Warnings.Of(Request("duck-whole", state: MeatState.Frozen) with { LiquidMl = 0, AltitudeMetres = 2000 });
        Assert.All(warnings, w =>
        {
            Assert.NotEmpty(w.Text);
            Assert.NotEmpty(w.Because);
            Assert.DoesNotContain('!', w.Text + w.Because);
        });
    }
}
