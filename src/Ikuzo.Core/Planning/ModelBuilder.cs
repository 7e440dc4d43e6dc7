using Ikuzo.Core.Companions;
using Ikuzo.Core.Conduction;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;

namespace Ikuzo.Core.Planning;

/// <summary>Turns what a cook says into a physical model.</summary>
public static class ModelBuilder
{
    /// <summary>Thickness of pieces that lie on each other over that of one: typical, how much differs is drawn. Estimate.</summary>
    public const double OverlapThickening = 1.25;

    /// <summary>Layers of loose pieces between which steam still finds its way. Estimate.</summary>
    public const double MostLooseLayers = 2.5;

    private const double MostFlatLayers = 1.2; // flat pieces that lean on each other at the edge. Estimate

    private const double LoosePacking = 0.6; // share of a layer that is meat, as of loosely packed rounds. Estimate.

    private const double FlatRatio = 5; // width of what lies flush over its thickness: cutlets, and nothing else that is cooked. Estimate.

    /// <summary>A lump is never taken as thicker than this many times its piece. Estimate.</summary>
    public const double MostLumpThickening = 2;

    /// <summary>
    /// The joints of the innermost piece lie at its radius in that of the lump. It is apart once the lump has thawed to half of that: then
    /// the lump that shrinks to a piece, its warm rim with it, is done when a piece is that was cold throughout at its joints, within 4 %
    /// (compared for 2 to 8 pieces of 25 and 40 mm and E from 1.4 to 2.3).
    /// </summary>
    public const double JointShare = 0.5;

    private const double MostBoneFraction = 0.6;
    private const double MeatWattPerMetreKelvin = 0.5; // thawed meat: ASHRAE Refrigeration ch. 19

    /// <summary>The model of a request.</summary>
    public static CookModel Build(PlanRequest request)
    {
        var load = request.Load;
        BodyModel[] thickest = [.. load.Cut.Spots.Select((_, i) => Body(load, request.Pot, i))];
        var cold = new CookModel
        {
            Bodies = thickest,
            Average = load.Pieces == 1 ? [] : [.. thickest.Select(body => Average(body, load.Pieces))],
            Meat = load.Cut.Tissue.Material,
            MeatKg = load.TotalKg,
            MuscleKg = load.MuscleKg,
            PileLagSeconds = PileLagSeconds(load, request.Pot),
            CollagenRate = request.IsForStock ? Gelatin.Rate : load.Cut.Tissue.CollagenRate,
            StartCelsius = load.Celsius,
            Frozen = load.State == MeatState.Frozen,
            Placement = request.Placement,
            Pot = request.Pot,
            GaugeKpa = request.GaugeKpa,
            LiquidKg = request.Liquid / 1000,
            CompanionJoulePerKelvin = request.Companions.Sum(c => c.JoulePerKelvin),
            Beside = [.. request.Companions.Select(c => c.Model).OfType<BesideModel>()],
            AltitudeMetres = request.AltitudeMetres,
            RoomCelsius = request.RoomCelsius,
            Learned = request.Learned,
        };
        return request.StartsHot ? cold.Hot(cold.ShellAndLiquidJoulePerKelvin)
            : request.Browned ? cold.Hot(request.Pot.ShellJoulePerKelvin)
            : cold;
    }

    /// <summary>
    /// Thickness of the arrangement over that of one piece: pieces that are said to overlap, and those of a lump once it has come apart,
    /// shield each other, and so do flat ones, smoothly from one layer to those that are loose no more: they
    /// lie flush, where others touch at points; 1 otherwise.
    /// </summary>
    /// <param name="load">The meat.</param>
    /// <param name="pot">Its pot.</param>
    public static double Thickening(MeatLoad load, PotModel pot) =>
        load switch
        {
            { Pieces: 1 } => 1,
            { Arrangement: not Arrangement.Single } => OverlapThickening,
            _ when IsFlat(load.Cut) => 1 + (OverlapThickening - 1) * Math.Clamp((Layers(load, pot) - 1) / (MostLooseLayers - 1), 0, 1),
            _ => 1,
        };

    private static bool IsFlat(Cut cut) =>
        cut.Outer is null && cut.Spots[0].Axes is var a && a.WidthMetres >= FlatRatio * a.ThicknessMetres;

    // Share of the time that the heater needs for all of the meat. With it a further piece neither shortens nor lengthens the minutes by
    // much, as kitchens say: the longer way to pressure warms those in the middle no sooner. Estimate.
    private const double PileShare = 0.52;

    // What more of it there is among flat pieces, whose faces lie on each other, where rods and balls touch at a line or a point. Estimate,
    // so that six thighs and eleven frozen ones are ready by an independent solution too.
    private const double FlatPileShare = 0.12,
        RoundRatio = 1.5; // width over thickness up to which a piece is none of these: rods, balls, dice, necks

    /// <summary>
    /// Time constant with which what is around pieces among others follows the pot, s: steam condenses on their neighbours first, and those
    /// take the heat that the heater gives. It grows smoothly with how much lies there; 0 for one piece, and for birds, which steam gets
    /// around.
    /// </summary>
    /// <param name="load">The meat.</param>
    /// <param name="pot">Its pot.</param>
    public static double PileLagSeconds(MeatLoad load, PotModel pot)
    {
        if (BirdSize.Of(load) is not null)
        {
            return 0;
        }

        var neighbours = 1 - 1.0 / load.Pieces;
        var axes = load.Cut.Spots[0].Axes;
        var isOpen = load.Cut.Part == Part.Carcass; // steam goes through it
        var share = PileShare + (isOpen ? 0 : FlatPileShare) * Math.Max(0, 1 - RoundRatio * axes.ThicknessMetres / axes.WidthMetres);
        return share * neighbours * neighbours * load.HeatJoule / (pot.HeaterWatts * pot.Efficiency);
    }

    private static double Layers(MeatLoad load, PotModel pot) =>
        BirdSize.Of(load) is null
            ? load.TotalKg / Bulk.MeatKgPerCubicMetre / (LoosePacking * pot.FloorSquareMetres * load.ThicknessMetres)
            : 0;

    /// <summary>
    /// Thickness of a frozen lump over that of one of its pieces, until its joints thaw: n pieces heat like one of n times the mass, so
    /// n^(1/3), at most <see cref="MostLumpThickening"/>; 1 for what is no lump.
    /// </summary>
    public static double LumpThickening(MeatLoad load) =>
        load is { Pieces: > 1, Arrangement: Arrangement.Lump, State: MeatState.Frozen }
            ? Math.Min(MostLumpThickening, Math.Cbrt(load.Pieces))
            : 1;

    /// <summary>True when single pieces must lie on each other so deep, or so flat, that steam no longer reaches all of them.</summary>
    public static bool IsPiled(MeatLoad load, PotModel pot) =>
        load is { Pieces: > 1, Arrangement: Arrangement.Single }
        && Layers(load, pot) > (IsFlat(load.Cut) ? MostFlatLayers : MostLooseLayers);

    private static BodyModel Body(MeatLoad load, PotModel pot, int index)
    {
        var spot = load.Cut.Spots[index];
        var scale = load.PieceKg / load.Cut.TypicalKg.Value;
        var axes = load.AxesOf(index);
        var thickening = Thickening(load, pot);
        var half = axes.ThicknessMetres / 2 * thickening;
        var bone = spot.BoneRadiusMm.Value / 1000 * Math.Cbrt(scale);
        return new BodyModel(
            spot.Id,
            half,
            Dimensionality(spot.Form, axes, Biot(axes)),
            Math.Min(MostBoneFraction, bone / half),
            spot.MassShare.Value / load.Pieces,
            Size(load, index) with
            {
                Touching = Spreads.Of(Uncertain.Touching).Value * (thickening - 1) / (OverlapThickening - 1),
            }
        )
        {
            LumpThickening = Math.Max(1, LumpThickening(load) / thickening),
            LumpJoint = JointShare / LumpThickening(load),
        };
    }

    // All but the thickest.
    private static BodyModel Average(BodyModel thickest, int pieces) =>
        thickest with
        {
            MassShare = thickest.MassShare * (pieces - 1),
            Size = thickest.Size with { Piece = ThickestPiece.None },
        };

    /// <summary>Biot number of a piece in steam or boiling water.</summary>
    /// <param name="axes">Its size.</param>
    public static double Biot(Axes axes) => Film.SteamOrBoiling * axes.ThicknessMetres / 2 / MeatWattPerMetreKelvin;

    /// <summary>Equivalent heat-transfer dimensionality of a piece.</summary>
    /// <param name="form">What it is nearest to.</param>
    /// <param name="axes">Its size.</param>
    /// <param name="biot">Biot number of half of its least axis: <see cref="Biot"/> in steam.</param>
    public static double Dimensionality(Form form, Axes axes, double biot)
    {
        double width = axes.WidthMetres / axes.ThicknessMetres,
            length = axes.LengthMetres / axes.ThicknessMetres;
        return form == Form.Block ? EquivalentShape.Block(width, length, biot) : EquivalentShape.Ellipsoid(width, length, biot);
    }

    // A ruler on the thickest piece says all about the place where it was held, and of another place what the two share.
    private static SizeSpread Size(MeatLoad load, int index)
    {
        var of = load.Cut.Spread;
        return load switch
        {
            { ThicknessMm: not null } when index == 0 => new(0, Spreads.Ruler.Value, ThickestPiece.None),
            { ThicknessMm: not null } => new(
                0,
                Spreads.Ruler.Value * of.Shared,
                new(of.OfOne * Math.Sqrt(1 - of.Shared * of.Shared), 0, load.Pieces)
            ),
            { HeaviestKg: { } heaviest, Pieces: > 1 } => new(
                of.Ours,
                of.Load,
                ThickestPiece.OfKnownHeaviest(of.Piece, of.Weight, load.Pieces, Math.Max(1, heaviest / load.PieceKg))
            ),
            _ => new(of.Ours, of.Load, new(of.Piece, of.Weight, load.Pieces)),
        };
    }
}
