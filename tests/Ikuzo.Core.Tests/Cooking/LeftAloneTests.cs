using Ikuzo.Core.Cooking;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;

namespace Ikuzo.Core.Tests.Cooking;

/// <summary>The closed pot of somebody who comes late.</summary>
public class LeftAloneTests
{
    private static PlanRequest Thighs(double? keepWarmCelsius) =>
        new()
        {
            Pot = PotDefaults.For(5.7) with { KeepWarmCelsius = keepWarmCelsius },
            Load = new MeatLoad
            {
                Cut = CutCatalogue.Find("chicken-thigh-bone-in")!,
                Pieces = 6,
                TotalKg = 1.2,
            },
        };

    private static LeftAlone Of(double? keepWarmCelsius) =>
        LeftAlone.Of(ModelBuilder.Build(Thighs(keepWarmCelsius)), new Branch(15, Release.Natural));

    [Fact]
    public void PotThatKeepsWarm_FallsToItsLevelAndStaysThere()
    {
        var left = Of(65);
        Assert.Equal(17, left.Points.Count);
        Assert.Equal(240, left.Points[^1].Minutes);
        Assert.InRange(left.Points[0].PotCelsius, 100, 102); // the pin drops a kelvin above the boil
        Assert.Equal(65, left.Points[^1].PotCelsius, 0.2);
        Assert.InRange(left.Points[^1].CoreCelsius, 64, 68);
        Assert.Null(left.HotUntilMinutes);
    }

    // Without meat a pot of C = 2150 + 0.25 * 4186 J/K that loses 0.95 W/K falls from 101 to 60 °C in a room of 21 in C/UA ln(80/39).
    [Fact]
    public void PotThatDoesNot_CoolsByItself()
    {
        var empty = ModelBuilder.Build(Thighs(null)) with { Bodies = [], Average = [], MeatKg = 0, MuscleKg = 0 };
        var alone = (2150 + 0.25 * 4186) / 0.95 * Math.Log(80.0 / 39) / 60;
        Assert.Equal(alone, LeftAlone.Of(empty, new Branch(15, Release.Natural)).HotUntilMinutes!.Value, 2.0);
        Assert.InRange(Of(null).HotUntilMinutes!.Value, alone * 1.5, 240); // hot meat keeps it longer
    }

    [Fact]
    public void MeatGoesOnLosingJuiceAndTurningTender()
    {
        var points = Of(75).Points;
        Assert.All(points.Zip(points.Skip(1)), p => Assert.True(p.Second.WaterLossPercent >= p.First.WaterLossPercent));
        Assert.All(points.Zip(points.Skip(1)), p => Assert.True(p.Second.Tenderness >= p.First.Tenderness));
        Assert.True(points[^1].Tenderness > points[0].Tenderness + 0.03);
    }

    [Fact]
    public void LateAtTheTable_SaysItInWords()
    {
        var late = LateAtTheTable.Of(Thighs(65), new Branch(15, Release.Natural));
        Assert.Equal([0.0, 30, 60, 120, 180, 240], late.Moments.Select(m => m.Minutes));
        Assert.Equal(65, late.KeepWarmCelsius);
        Assert.All(late.Moments, m => Assert.NotEmpty(m.Label));
    }
}
