using Ikuzo.Core.Companions;
using Ikuzo.Core.Planning;

namespace Ikuzo.Core.Tests.Companions;

public class CompanionTests
{
    public static TheoryData<string> Ids => [.. CompanionCatalogue.All.Select(c => c.Id)];

    [Theory]
    [MemberData(nameof(Ids))]
    public void EveryCompanion_HasMinutesInOrderAndASource(string id)
    {
        var of = CompanionCatalogue.Find(id)!;
        Assert.Equal(of.Kind == CompanionKind.Enrichment, of.Minutes is null);
        if (of.Minutes is { } minutes)
        {
            var levels = of.Levels();
            Assert.True(0 <= minutes.Just && minutes.Just <= minutes.BestFrom && minutes.BestFrom <= minutes.BestTo);
            Assert.True(0 < levels.Just && levels.Just < levels.BestFrom && levels.BestTo < levels.TooFar);
        }

        Assert.NotEmpty(of.Source);
        Assert.False(of.AbsorbsMlPerGram > 0 && of.GivesOffMlPerGram > 0, "it drinks or gives off, not both");
    }

    [Fact]
    public void Catalogue_HasAtLeastSixtyThingsOfEveryKind()
    {
        Assert.True(CompanionCatalogue.All.Count(c => c.Minutes is not null) >= 60);
        Assert.Equal(Enum.GetValues<CompanionKind>().Length, CompanionCatalogue.All.Select(c => c.Kind).Distinct().Count());
        Assert.Equal(6, CompanionCatalogue.All.Count(c => c.Is(CompanionTraits.BoilThrough)));
    }
}
