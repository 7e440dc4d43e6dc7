using Ikuzo.Core.Cooking;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;

namespace Ikuzo.Core.Tests.Planning;

/// <summary>What many cooks do and find done cannot fail often, and what the fridge gives needs no more than it does.</summary>
public class PracticeTests
{
    private static PlanRequest Bird(double kg, MeatState state) =>
        new()
        {
            Pot = PotDefaults.For(5.7),
            Load = new MeatLoad
            {
                Cut = CutCatalogue.Find("chicken-whole")!,
                Pieces = 1,
                TotalKg = kg,
                State = state,
                Placement = Placement.Rack,
            },
        };

    // About 13 min/kg thawed and 22 frozen, and the flat 25 minutes, on a rack and left until the pin drops.
    [Theory]
    [InlineData(1.2, MeatState.Chilled, 16)]
    [InlineData(1.5, MeatState.Chilled, 20)]
    [InlineData(1.8, MeatState.Chilled, 23)]
    [InlineData(2.2, MeatState.Chilled, 29)]
    [InlineData(1.9, MeatState.Chilled, 25)]
    [InlineData(1.2, MeatState.Frozen, 26)]
    [InlineData(1.8, MeatState.Frozen, 40)]
    [InlineData(2.2, MeatState.Frozen, 48)]
    public void BirdByWeight_IsReadyInNineOfTen(double kg, MeatState state, double minutes)
    {
        var plan = Planner.Compute(Bird(kg, state) with { Minutes = minutes, Release = Release.Natural });
        Assert.True(plan.ChanceSafe >= 0.9, $"{plan.ChanceSafe}");
    }

    // All but a whole duck, whose legs are tough until long after.
    [Theory]
    [InlineData("chicken-whole", 1.2)]
    [InlineData("chicken-whole", 1.8)]
    [InlineData("chicken-whole", 2.4)]
    [InlineData("poussin-whole", 0.5)]
    [InlineData("chicken-spatchcocked", 1.7)]
    [InlineData("turkey-crown", 2.5)]
    [InlineData("turkey-whole", 4)]
    [InlineData("duck-crown", 1.1)]
    public void BirdFromTheFridge_HasALikelyCoreUnder99Degrees(string id, double kg)
    {
        var load = new MeatLoad
        {
            Cut = CutCatalogue.Find(id)!,
            Pieces = 1,
            TotalKg = kg,
        };
        var plan = Planner.Compute(new PlanRequest { Pot = PotDefaults.For(10), Load = load });
        Assert.True(plan.Spots.Min(s => s.AtOpening.P50) < 99);
    }

    // Kitchens cook a whole duck for 35 to 50 min, and call it tough after 25.
    [Fact]
    public void WholeDuck_TakesUntilItsLegsAreTender()
    {
        var load = new MeatLoad
        {
            Cut = CutCatalogue.Find("duck-whole")!,
            Pieces = 1,
            TotalKg = 2.2,
        };
        var plan = Planner.Compute(new PlanRequest { Pot = PotDefaults.For(8), Load = load });
        Assert.InRange(plan.Minutes!.Value, 29, 45);
    }

    // A 5.7-litre pot of a kilowatt: 9 to 13 min with a cup of water and a thawed bird, 15 to 20 with a litre or frozen.
    [Theory]
    [InlineData(1.2, MeatState.Chilled, null, 9, 13)]
    [InlineData(1.5, MeatState.Chilled, null, 9, 13)]
    [InlineData(1.5, MeatState.Frozen, null, 15, 20)]
    [InlineData(1.5, MeatState.Chilled, 1000.0, 15, 22)]
    public void Pot_ComesUpAsSuchPotsDo(double kg, MeatState state, double? liquidMl, double least, double most) =>
        Assert.InRange(Planner.Compute(Bird(kg, state) with { LiquidMl = liquidMl }).ToPressureMinutes!.Value.P50, least, most);

    // Nearly dry 8 to 13 min until the pin drops, about 20 with a litre, 30 or more with two; 75 to 110 W to hold a 5.7-litre pot.
    [Theory]
    [InlineData(3, 250, 8, 13)]
    [InlineData(5.7, 250, 8, 13)]
    [InlineData(5.7, 1000, 17, 23)]
    [InlineData(5.7, 2000, 29, 38)]
    [InlineData(8, 250, 8, 13)]
    [InlineData(8, 2000, 26, 38)]
    public void PotLeftAlone_DropsItsPinInTime(double litres, double liquidMl, double least, double most)
    {
        var pot = PotDefaults.For(litres);
        var model = new CookModel
        {
            Bodies = [],
            Meat = Tissue.ChickenLeg.Material,
            MeatKg = 0,
            MuscleKg = 0,
            StartCelsius = 20,
            Pot = pot,
            GaugeKpa = pot.HighGaugeKpa,
            LiquidKg = liquidMl / 1000,
        };
        var minutes = Ensemble.Run(model, ParticleSource.Nominal, [new Branch(5, Release.Natural)]).Outcomes[0].ReleaseMinutes[0];
        Assert.InRange(minutes, least, most);
        Assert.InRange(pot.LossWattPerKelvin * (model.HeldCelsius - 21), 55, 115);
    }
}
