using Ikuzo.Core.Companions;
using Ikuzo.Core.Cooking;

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
            Assert.True(0 <= minutes.Just && minutes.Just < minutes.Best && minutes.Best < minutes.TooFar);
            Assert.True(0 < levels.Just && levels.Just < levels.Best && levels.Best < levels.TooFar);
        }

        Assert.NotEmpty(of.Source);
        Assert.False(of.AbsorbsMlPerGram > 0 && of.GivesOffMlPerGram > 0, "it drinks or gives off, not both");
    }

    // Minutes become heat once; the engine makes the same minutes of that heat in the cook in which they are named.
    [Theory]
    [MemberData(nameof(Ids))]
    public void EveryCompanion_ComesBackAtItsMinutesInTheReferenceCook(string id)
    {
        var of = CompanionCatalogue.Find(id)!;
        if (of.Minutes is not { Way: not ReferenceWay.Boiled } minutes)
        {
            return;
        }

        var levels = of.Levels();
        var release = ReferenceCook.ReleaseOf(minutes.Way);
        double Heat(double at) =>
            Ensemble.Run(ReferenceCook.Pot(of.Model(PieceSize.Usual)), ParticleSource.Nominal, [new(at, release)]).Outcomes[0].HeatMinutes[
                0
            ][0];
        Assert.InRange(levels.Best, Heat(minutes.Best - 0.5), Heat(minutes.Best + 0.5));
        Assert.Equal(0, levels.Distance(levels.Best));
        Assert.Equal(-1, levels.Distance(levels.Just), 1e-9);
        Assert.Equal(1, levels.Distance(levels.TooFar), 1e-9);
    }

    [Fact]
    public void Catalogue_HasAtLeastSixtyThingsOfEveryKind()
    {
        Assert.True(CompanionCatalogue.All.Count(c => c.Minutes is not null) >= 60);
        Assert.Equal(Enum.GetValues<CompanionKind>().Length, CompanionCatalogue.All.Select(c => c.Kind).Distinct().Count());
        Assert.Equal(2, CompanionCatalogue.All.Count(c => c.Is(CompanionTraits.BoilThrough)));
    }
}
