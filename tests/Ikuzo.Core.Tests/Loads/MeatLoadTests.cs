using Ikuzo.Core.Loads;
using Ikuzo.Core.Poultry;

namespace Ikuzo.Core.Tests.Loads;

public class MeatLoadTests
{
    // A ball of 1 kg and 1060 kg/m³ is 121.7 mm thick, one of 150 g 64.7.
    [Theory]
    [InlineData(1, 182.5)]
    [InlineData(0.15, 97.0)]
    public void MostThickness_IsHalfAsMuchAgainAsABall(double kg, double mm) => Assert.Equal(mm, MeatLoad.MostThicknessOf(kg), 0.1);

    [Fact]
    public void MostThickness_LeavesRoomForEveryCut() =>
        Assert.All(
            CutCatalogue.All.SelectMany(c => new[] { c.MinKg.Value, c.TypicalKg.Value, c.MaxKg.Value }.Select(kg => (c, kg))),
            of => Assert.True(of.c.ThicknessMetres(of.kg) * 1000 * 1.3 < MeatLoad.MostThicknessOf(of.kg), $"{of.c.Id} of {of.kg} kg")
        );
}
