using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;

namespace Ikuzo.Core.Tests.Planning;

public class ModelBuilderTests
{
    private static MeatLoad Load(int pieces, Arrangement arrangement, MeatState state = MeatState.Frozen) =>
        new()
        {
            Cut = CutCatalogue.Find("chicken-thigh-bone-in")!,
            Pieces = pieces,
            TotalKg = 0.18 * pieces,
            State = state,
            Arrangement = arrangement,
        };

    [Theory]
    [InlineData(1, Arrangement.Lump, 1)]
    [InlineData(6, Arrangement.Single, 1)]
    [InlineData(14, Arrangement.Single, 1)] // steam comes late to some of them, which is no thickness
    [InlineData(4, Arrangement.Lump, 1.25)] // once it has come apart
    [InlineData(6, Arrangement.Overlapping, 1.25)]
    public void Thickening_FollowsHowThePiecesLie(int pieces, Arrangement arrangement, double factor) =>
        Assert.Equal(factor, ModelBuilder.Thickening(Load(pieces, arrangement), PotDefaults.For(5.7)), 1e-6);

    [Theory]
    [InlineData(1, 1)]
    [InlineData(2, 1.2599210)]
    [InlineData(4, 1.5874011)]
    [InlineData(100, 2)]
    public void LumpThickening_IsThatOfOnePieceOfAllItsMass(int pieces, double factor)
    {
        Assert.Equal(factor, ModelBuilder.LumpThickening(Load(pieces, Arrangement.Lump)), 1e-6);
        Assert.Equal(1, ModelBuilder.LumpThickening(Load(pieces, Arrangement.Overlapping)));
        Assert.Equal(1, ModelBuilder.LumpThickening(Load(pieces, Arrangement.Lump, MeatState.Chilled)));
    }

    [Fact]
    public void Build_OfALump_IsAPieceThatOverlapsOnceItsJointsHaveThawed()
    {
        var model = ModelBuilder.Build(new PlanRequest { Pot = PotDefaults.For(5.7), Load = Load(8, Arrangement.Lump) });
        Assert.All(model.Bodies.Concat(model.Average), b => Assert.Equal((1.6, 0.25), (b.LumpThickening, b.LumpJoint)));
    }

    [Fact]
    public void Thickening_OfALumpThatIsNotFrozen_IsThatOfOverlappingPieces() =>
        Assert.Equal(1.25, ModelBuilder.Thickening(Load(6, Arrangement.Lump, MeatState.Chilled), PotDefaults.For(5.7)));

    private static MeatLoad Cutlets(int pieces) =>
        new()
        {
            Cut = CutCatalogue.Find("chicken-cutlet")!,
            Pieces = pieces,
            TotalKg = 0.12 * pieces,
        };

    // A floor of 0.038 m² holds 2.8 cutlets of 120 g and 14 mm loosely side by side.
    [Theory]
    [InlineData(1, 1, false)]
    [InlineData(3, 1.01, false)]
    [InlineData(4, 1.07, true)]
    [InlineData(6, 1.19, true)]
    [InlineData(8, 1.25, true)]
    [InlineData(12, 1.25, true)]
    public void FlatPieces_LieOnEachOtherFromTheSecondLayerOn(int cutlets, double factor, bool piled)
    {
        Assert.Equal(factor, ModelBuilder.Thickening(Cutlets(cutlets), PotDefaults.For(5.7)), 0.02);
        Assert.Equal(piled, ModelBuilder.IsPiled(Cutlets(cutlets), PotDefaults.For(5.7)));
    }

    [Theory]
    [InlineData(MeatState.Chilled, 4)]
    [InlineData(MeatState.Frozen, -18)]
    [InlineData(MeatState.Room, 20)]
    public void StartTemperature_IsUsualForTheState(MeatState state, double celsius) =>
        Assert.Equal(celsius, Load(1, Arrangement.Single, state).Celsius);

    [Fact]
    public void Build_TakesTheMeasuredThicknessAndTheHouseholdsPot()
    {
        var request = new PlanRequest
        {
            Pot = PotDefaults.For(8) with { HighGaugeKpa = 70 },
            Load = Load(6, Arrangement.Single) with { ThicknessMm = 40 },
            LiquidMl = 500,
            AltitudeMetres = 1609,
        };
        var model = ModelBuilder.Build(request);
        Assert.Equal(0.02, Assert.Single(model.Bodies).HalfThicknessMetres, 1e-12);
        Assert.Equal((0, 0.05, 0), (model.Bodies[0].Size.Ours, model.Bodies[0].Size.Load, model.Bodies[0].Size.Piece.Of(2)));
        Assert.Equal(112.03, model.HeldCelsius, 0.05);
        Assert.Equal(0.5, model.LiquidKg);
        Assert.Equal(PotDefaults.For(8).MinimumLiquidMl, (request with { LiquidMl = null }).Liquid);
    }

    [Fact]
    public void RulerOnTheBreast_LeavesTheThighOfTheBirdItsOwnThickness()
    {
        var request = new PlanRequest
        {
            Pot = PotDefaults.For(5.7),
            Load = Load(1, Arrangement.Single) with { Cut = CutCatalogue.Find("chicken-whole")!, TotalKg = 1.8, ThicknessMm = 55 },
        };
        var bodies = ModelBuilder.Build(request).Bodies;
        Assert.Equal(0.0275, bodies[0].HalfThicknessMetres, 1e-12);
        // Ours and the load's are two thirds of the variance of an intact bird: so much of the difference is the thigh's too.
        const double Shared = (0.045 * 0.045 + 0.02 * 0.02) / (0.045 * 0.045 + 0.02 * 0.02 + 0.035 * 0.035);
        Assert.Equal(0.029 * Math.Pow(1.1, Shared), bodies[1].HalfThicknessMetres, 1e-9);
        Assert.Equal(0.05 * Shared, bodies[1].Size.Ours + bodies[1].Size.Load, 1e-12);
        Assert.Equal(2 * Math.Sqrt(0.00365 * (1 - Shared * Shared)), bodies[1].Size.Piece.Of(2), 1e-6);
    }

    [Fact]
    public void HeaviestPiece_TakesPartOfTheDoubtAway()
    {
        var load = Load(6, Arrangement.Single);
        double Piece(double? heaviestKg, double z) =>
            ModelBuilder
                .Build(new PlanRequest { Pot = PotDefaults.For(5.7), Load = load with { HeaviestKg = heaviestKg } })
                .Bodies[0]
                .Size.Piece.Of(z);
        Assert.True(Piece(0.19, 2) < Piece(null, 2));
        Assert.True(Piece(0.26, 0) > Piece(null, 0));
    }

    [Fact]
    public void Bone_GrowsWithThePieceAndNeverFillsIt()
    {
        var request = new PlanRequest { Pot = PotDefaults.For(5.7), Load = Load(1, Arrangement.Single) with { ThicknessMm = 6 } };
        Assert.InRange(ModelBuilder.Build(request).Bodies[0].CoreFraction, 0.1, 0.6);
    }
}
