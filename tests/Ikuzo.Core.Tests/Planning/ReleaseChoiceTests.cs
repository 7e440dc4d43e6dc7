using Ikuzo.Core.Companions;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;

namespace Ikuzo.Core.Tests.Planning;

public class ReleaseChoiceTests
{
    private static PlanRequest Request(double liquidMl = 300, params string[] beside) =>
        new()
        {
            Pot = PotDefaults.For(5.7),
            LiquidMl = liquidMl,
            Load = new MeatLoad
            {
                Cut = CutCatalogue.Find("chicken-thigh-bone-in")!,
                Pieces = 6,
                TotalKg = 1.1,
            },
            Companions = [.. beside.Select(id => new CompanionLoad(CompanionCatalogue.Find(id)!, 200))],
        };

    [Theory]
    [InlineData("brown-rice")]
    [InlineData("red-lentils")]
    [InlineData("penne-pasta")]
    public void Open_WithStarchOrFoam_LeavesOutVentingAtOnce(string id) =>
        Assert.DoesNotContain(
            ReleaseChoice.Open(Request(600, id)),
            r => r.Kind is ReleaseKind.Vent || r is { Kind: ReleaseKind.RestThenVent, RestMinutes: < 10 }
        );

    [Fact]
    public void Open_WithVegetables_LeavesEverythingOpen() =>
        Assert.Contains(Release.Vent, ReleaseChoice.Open(Request(300, "carrots-chunks", "onions")));

    [Fact]
    public void Open_OfASoup_IsNeverVentedAtOnce() => Assert.DoesNotContain(Release.Vent, ReleaseChoice.Open(Request(2500)));

    [Fact]
    public void Best_TakesTheLeastJuiceLost()
    {
        ScoutedRelease juicy = new(Release.Natural, 10, 40, 5, 28),
            quick = new(Release.Vent, 12, 35, 5, 31);
        Assert.Equal(juicy, ReleaseChoice.Best([quick, juicy]));
    }

    [Fact]
    public void Best_OfEqualJuice_TakesTheQuicker()
    {
        ScoutedRelease slow = new(Release.Natural, 10, 45, 5, 30),
            quick = new(Release.Vent, 12, 35, 5, 30.2);
        Assert.Equal(quick, ReleaseChoice.Best([slow, quick]));
    }

    [Fact]
    public void Best_IgnoresWhatIsNeverSafe()
    {
        ScoutedRelease never = new(Release.Natural, null, 140, 5, 1),
            safe = new(Release.Vent, 12, 35, 5, 40);
        Assert.Equal(safe, ReleaseChoice.Best([never, safe]));
        Assert.Null(ReleaseChoice.Best([never]));
    }
}
