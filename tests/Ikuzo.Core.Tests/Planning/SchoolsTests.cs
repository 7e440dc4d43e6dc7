using Ikuzo.Core.Companions;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Safety;

namespace Ikuzo.Core.Tests.Planning;

public class SchoolsTests
{
    private static PlanRequest Request(string cut, int pieces, double kg, MeatState state = MeatState.Chilled) =>
        new()
        {
            Pot = PotDefaults.For(5.7),
            Load = new MeatLoad
            {
                Cut = CutCatalogue.Find(cut)!,
                Pieces = pieces,
                TotalKg = kg,
                State = state,
            },
        };

    private static SchoolOutcome School(Plan plan, string id) => Assert.Single(plan.Schools, s => s.Id == id);

    [Fact]
    public void WholeBird_IsTimedByWeightByOneNumberAndTenderFirst()
    {
        var plan = Planner.Compute(Request("chicken-whole", 1, 1.8));
        Assert.Equal(23, School(plan, "by-weight").Minutes);
        Assert.Equal(25, School(plan, "flat").Minutes);
        Assert.Equal(29, School(plan, "tender-first").Minutes);
        Assert.DoesNotContain(plan.Schools, s => s.Id is "same-minutes" or "half-again");
    }

    [Fact]
    public void FrozenBird_ByWeight_TakesMoreMinutesPerKilogram() =>
        Assert.Equal(40, School(Planner.Compute(Request("chicken-whole", 1, 1.8, MeatState.Frozen)), "by-weight").Minutes);

    [Fact]
    public void FrozenPieces_AsIfThawed_AreJudgedForThisPiece()
    {
        var plan = Planner.Compute(Request("chicken-breast-boneless", 4, 0.9, MeatState.Frozen));
        var same = School(plan, "same-minutes");
        Assert.Equal(SchoolVerdict.Short, same.Verdict);
        Assert.Contains("Not sure", same.Consequence);
        Assert.True(School(plan, "half-again").ColdestP01 > same.ColdestP01);
    }

    [Fact]
    public void Verdict_AgreesWithTheNumbers()
    {
        foreach (var plan in new[] { Planner.Compute(Request("chicken-whole", 1, 1.8)), Planner.Compute(Request("duck-leg", 4, 1)) })
        {
            Assert.All(plan.Schools, s => Assert.Equal(s.Verdict == SchoolVerdict.Short, s.ColdestP01 < SafetyRule.CoreCelsius));
        }
    }

    // What is read off the ribbon is what their way gives when it is set.
    [Theory]
    [InlineData("chicken-whole", 1, 1.2, 2.6, 0.2)]
    [InlineData("chicken-breast-boneless", 4, 0.5, 1.3, 0.2)]
    public void Verdict_IsThatOfTheWholeComputation(string cut, int pieces, double fromKg, double toKg, double stepKg)
    {
        foreach (var promise in new[] { Promise.Sure, Promise.Measured })
        {
            for (var kg = fromKg; kg < toKg; kg += stepKg)
            {
                foreach (var state in new[] { MeatState.Chilled, MeatState.Frozen })
                {
                    var request = Request(cut, pieces, kg, state) with { Promise = promise };
                    foreach (var school in Planner.Compute(request).Schools)
                    {
                        var set = Planner.Compute(request with { Minutes = school.Minutes, Release = school.Release });
                        Assert.True(
                            set.KeepsPromise == (school.Verdict != SchoolVerdict.Short),
                            $"{kg:0.0} kg {state} {promise} {school}: {set.ChanceSafe} {set.ReadyAtFirst} {set.ReadyAfterRest}"
                        );
                        Assert.Equal(set.Spots.Min(s => s.AtOpening.P01), school.ColdestP01, 1.5);
                    }
                }
            }
        }
    }

    [Fact]
    public void ReleaseSchools_TakeThePlansMinutesAndAreNotOfferedTwice()
    {
        var plan = Planner.Compute(Request("chicken-thigh-bone-in", 6, 1.1));
        Assert.DoesNotContain(plan.Schools, s => s.Release == plan.Release && s.Minutes == plan.Minutes);
        Assert.Equal(plan.Minutes, School(plan, "vent-at-once").Minutes);
    }

    [Fact]
    public void VentingAtOnce_IsNotOfferedWhereItWouldSpurt()
    {
        var rice = new CompanionLoad(CompanionCatalogue.Find("brown-rice")!, 250);
        var plan = Planner.Compute(Request("chicken-thigh-bone-in", 6, 1.1) with { Companions = [rice], LiquidMl = 600 });
        Assert.DoesNotContain(plan.Schools, s => s.Release.Kind is ReleaseKind.Vent or ReleaseKind.RestThenVent);
    }

    [Fact]
    public void Schools_DoNotMoveWithTheMinutesThatAreTried()
    {
        var request = Request("chicken-thigh-bone-in", 6, 1.1);
        Assert.Equal(Planner.Compute(request).Schools, Planner.Compute(request with { Minutes = 5 }).Schools);
    }
}
