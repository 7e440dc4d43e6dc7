using Ikuzo.Core.Companions;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Dishes;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;

namespace Ikuzo.Core.Tests.Planning;

/// <summary>Nothing that a cook can do is a dead end: every stop has the button that makes it go, or says why nothing does.</summary>
public class MendsTests
{
    private static PlanRequest Ask(string cut, int pieces, double kg, double litres = 5.7) =>
        new()
        {
            Pot = PotDefaults.For(litres),
            Load = new MeatLoad
            {
                Cut = CutCatalogue.Find(cut)!,
                Pieces = pieces,
                TotalKg = kg,
            },
            OtherPots = [new NamedPot("big", "Bertha", PotDefaults.For(10))],
            Confirmed = ["giblets"],
        };

    private static CompanionLoad Beside(string id, double grams) => new(CompanionCatalogue.Find(id)!, grams);

    // The question, its stop, and what the first button says.
    public static TheoryData<string, PlanRequest, string> Stops =>
        new()
        {
            { "over-capacity", Ask("chicken-thigh-bone-in", 40, 7), "Take Bertha" },
            { "over-capacity", Ask("chicken-thigh-bone-in", 40, 7) with { OtherPots = [] }, "Cook 20 of them now" },
            { "does-not-fit", Ask("turkey-whole", 1, 4.2, 8), "Take Bertha" },
            { "low-liquid", Ask("chicken-thigh-bone-in", 6, 1.1) with { LiquidMl = 50 }, "Pour in 200 ml more" },
            {
                "spurts",
                Ask("chicken-thigh-bone-in", 6, 1.1) with
                {
                    LiquidMl = 600,
                    Companions = [Beside("long-grain-white-rice", 300)],
                    Release = Release.Vent,
                },
                "Leave it until the pin drops"
            },
            { "over-fill", Ask("chicken-diced", 40, 1.0) with { LiquidMl = 4000 }, "Pour in only 3800 ml" },
            { "too-short", Ask("chicken-whole", 1, 1.8) with { Minutes = 5 }, "Set 25 min" },
            {
                "boil-through",
                Ask("chicken-thigh-bone-in", 6, 1.1) with
                {
                    LiquidMl = 600,
                    Companions = [Beside("soaked-kidney-beans", 300)],
                    Minutes = 3,
                    Release = Release.Natural,
                },
                "Let Ikuzo set the minutes"
            },
        };

    [Theory]
    [MemberData(nameof(Stops))]
    public void Stop_HasTheButtonThatMakesItGo(string code, PlanRequest request, string first)
    {
        var stop = Together.Compute(request).Warnings.Single(w => w.Code == code);
        Assert.Equal(WarningLevel.Stop, stop.Level);
        Assert.Equal(first, stop.Mends[0].Text);
        Assert.All(
            stop.Mends,
            m => Assert.DoesNotContain(Together.Compute(m.To(request)).Warnings, w => w.Code == code && w.Level == WarningLevel.Stop)
        );
    }

    // The Counter stirs cream in by itself; who asks the planner alone is stopped.
    [Fact]
    public void Cream_UnderPressure_IsLeftOutByOneButton()
    {
        var request = Ask("chicken-thigh-bone-in", 6, 1.1) with { Companions = [Beside("cream", 200)] };
        var mend = Planner.Compute(request).Warnings.Single(w => w.Code == "after-pressure").Mends[0];
        Assert.Equal("Leave the cream out now", mend.Text);
        Assert.DoesNotContain(Planner.Compute(mend.To(request)).Warnings, w => w.Code == "after-pressure");
    }

    [Fact]
    public void NeverSafe_WhenFrozen_IsThawedFirst()
    {
        var frozen = Ask("turkey-whole", 1, 12, 20) with { Confirmed = ["giblets", "does-not-fit", "unusual-weight"] };
        var asked = frozen with { Load = frozen.Load with { State = MeatState.Frozen } };
        var stop = Planner.Compute(asked).Warnings.Single(w => w.Code == "never-safe");
        Assert.Equal("Thaw it first", stop.Mends[0].Text);
        Assert.NotNull(Planner.Compute(stop.Mends[0].To(asked)).Minutes);
    }

    // Meat that stood too long is mended by nothing, and the stop says why.
    [Theory]
    [InlineData(3.0, null, "past-its-day")]
    [InlineData(null, 200.0, "stood-warm")]
    public void MeatThatIsThrownAway_HasNoButton_AndSaysWhy(double? days, double? stood, string code)
    {
        var request = Ask("chicken-thigh-bone-in", 6, 1.1);
        var old = request with { Load = request.Load with { DaysInFridge = days, StoodMinutes = stood } };
        var stop = Planner.Compute(old).Warnings.Single(w => w.Code == code);
        Assert.Equal("Throw it away.", stop.Text);
        Assert.Empty(stop.Mends);
        Assert.NotEmpty(stop.Because);
    }
}
