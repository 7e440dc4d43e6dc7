using Ikuzo.Core.Cooking;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;

namespace Ikuzo.Core.Planning;

/// <summary>Turns what a cook says into a physical model.</summary>
public static class ModelBuilder
{
    /// <summary>Thickness of pieces that lie on each other over that of one. Estimate.</summary>
    public const double OverlapThickening = 1.35;

    /// <summary>Layers of loose pieces between which steam still finds its way. Estimate.</summary>
    public const double MostLooseLayers = 2.5;

    private const double LoosePacking = 0.6; // share of a layer that is meat, as of loosely packed rounds. Estimate.

    /// <summary>A lump is never taken as thicker than this many times its piece. Estimate.</summary>
    public const double MostLumpThickening = 2;

    private const double MostBoneFraction = 0.6;

    /// <summary>The model of a request.</summary>
    public static CookModel Build(PlanRequest request)
    {
        var load = request.Load;
        return new CookModel
        {
            Bodies = [.. load.Cut.Spots.Select(spot => Body(load, spot, request.Pot))],
            Meat = load.Cut.Tissue.Material,
            MeatKg = load.TotalKg,
            StartCelsius = load.Celsius,
            Frozen = load.State == MeatState.Frozen,
            ThicknessMeasured = load.ThicknessMm is not null,
            Placement = load.Placement,
            Pot = request.Pot,
            GaugeKpa = request.GaugeKpa,
            LiquidKg = request.Liquid / 1000,
            CompanionJoulePerKelvin = request.Companions.Sum(c => c.Kg) * Bulk.BesideJoulePerKgKelvin,
            AltitudeMetres = request.AltitudeMetres,
            RoomCelsius = request.RoomCelsius,
        };
    }

    /// <summary>
    /// Thickness of the arrangement over that of one piece: 1 when single; overlapping pieces shield each other; a frozen lump
    /// of n pieces heats like one piece of n times the mass, so n^(1/3), kept for the whole cook although it thaws apart.
    /// Pieces said to be single that need more than <see cref="MostLooseLayers"/> layers in this pot count as overlapping.
    /// </summary>
    public static double Thickening(MeatLoad load, PotModel pot) =>
        load switch
        {
            { Pieces: 1 } => 1,
            { Arrangement: Arrangement.Single } => IsPiled(load, pot) ? OverlapThickening : 1,
            { Arrangement: Arrangement.Lump, State: MeatState.Frozen } => Math.Min(
                MostLumpThickening,
                Math.Max(OverlapThickening, Math.Cbrt(load.Pieces))
            ),
            _ => OverlapThickening,
        };

    /// <summary>True when single pieces must lie on each other so deep that steam no longer reaches all of them.</summary>
    public static bool IsPiled(MeatLoad load, PotModel pot) =>
        load is { Pieces: > 1, Arrangement: Arrangement.Single }
        && BirdSize.Of(load) is null
        && load.TotalKg / Bulk.MeatKgPerCubicMetre > MostLooseLayers * LoosePacking * pot.FloorSquareMetres * load.ThicknessMetres;

    private static BodyModel Body(MeatLoad load, Spot spot, PotModel pot)
    {
        var half = load.ThicknessMetres * spot.Thickness.Value / 2 * Thickening(load, pot);
        var bone = spot.BoneRadiusMm.Value / 1000 * Math.Cbrt(load.PieceKg / load.Cut.TypicalKg.Value);
        return new BodyModel(spot.Id, half, spot.Dimensionality.Value, Math.Min(MostBoneFraction, bone / half), spot.MassShare.Value);
    }
}
