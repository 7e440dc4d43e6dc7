using Ikuzo.Core.Loads;

namespace Ikuzo.Core.Filling;

/// <summary>A piece in the cut-away of a pot, as an oval.</summary>
/// <param name="CentreMm">Its middle from the axis of the pot, mm; negative on the left.</param>
/// <param name="BottomMm">Its lowest point above the floor, mm.</param>
/// <param name="WidthMm">Width, mm.</param>
/// <param name="HeightMm">Height, mm.</param>
public sealed record PlacedPiece(double CentreMm, double BottomMm, double WidthMm, double HeightMm);

/// <summary>A pot with its load, cut through the middle, to scale.</summary>
/// <param name="DiameterMm">Inner diameter, mm.</param>
/// <param name="HeightMm">From the floor to the underside of the lid, mm.</param>
/// <param name="RackMm">Height of the rack, mm; 0 without.</param>
/// <param name="BedMm">Height of what lies on the floor, mm; 0 when there is nothing.</param>
/// <param name="LiquidMm">Height of the liquid at lid-on, mm.</param>
/// <param name="LiquidAtEndMm">Height of the liquid at opening, mm.</param>
/// <param name="FillMarkMm">Mark that liquid stays under, mm.</param>
/// <param name="HalfMarkMm">Mark for what foams or swells, mm.</param>
/// <param name="ClearanceMm">From the highest piece to the lid, mm; negative when the lid does not close.</param>
/// <param name="Pieces">The pieces.</param>
public sealed record PotPicture(
    double DiameterMm,
    double HeightMm,
    double RackMm,
    double BedMm,
    double LiquidMm,
    double LiquidAtEndMm,
    double FillMarkMm,
    double HalfMarkMm,
    double ClearanceMm,
    IReadOnlyList<PlacedPiece> Pieces
)
{
    private const double Loose = 0.75; // share of a layer of pieces that is meat, estimate
    private const double Sagging = 0.92; // pieces settle into each other by this much, estimate
    private const double GapMm = 2;
    private const int MostDrawn = 60;

    /// <summary>
    /// True for a heap so far above the pot that a drawing of it says nothing: more than it holds, and not one or two birds.
    /// </summary>
    public static bool IsHeap(FilledPot filled) =>
        Capacity.CannotGoIn(filled) && (filled.Load.Pieces > 2 || BirdSize.Of(filled.Load) is null);

    /// <summary>Draws a load in its pot.</summary>
    /// <param name="filled">The load and the pot.</param>
    /// <param name="liquidAtEndMl">Liquid at opening, ml.</param>
    public static PotPicture Of(FilledPot filled, double liquidAtEndMl)
    {
        var pot = filled.Pot;
        var floor = pot.FloorSquareMetres;
        var bed = filled.Companions.Where(c => !c.InBowl).Sum(c => c.Grams) / 1000 / Bulk.BesideKgPerCubicMetre / floor * 1000;
        var rack = filled.Placement == Placement.Rack ? pot.RackMetres * 1000 : 0;
        var bottom = filled.Placement switch
        {
            Placement.Rack => Math.Max(rack, bed),
            Placement.OnBed => bed,
            _ => 0,
        };
        var pieces = Place(filled, bottom);
        var top = pieces.Max(p => p.BottomMm + p.HeightMm);
        // The level rises by what lies in it: the bed, and meat from its bottom upwards.
        double Level(double ml)
        {
            var empty = ml / 1e6 / floor * 1000 + bed;
            var meat = filled.Load.TotalKg / Bulk.MeatKgPerCubicMetre / floor * 1000;
            var share = meat / Math.Max(meat, top - bottom);
            return empty <= bottom ? empty : Math.Min(bottom + (empty - bottom) / (1 - share * 0.999), empty + meat);
        }

        double Mark(double litres) => Math.Round(litres / 1000 / floor * 1000, 1);
        return new(
            Math.Round(pot.InnerDiameterMetres * 1000),
            Math.Round(pot.UsableHeightMetres * 1000),
            rack,
            Math.Round(bed, 1),
            Math.Round(Level(filled.Liquid), 1),
            Math.Round(Level(liquidAtEndMl), 1),
            Mark(pot.FillLitres),
            Mark(pot.HalfLitres),
            Math.Round(pot.UsableHeightMetres * 1000 - top, 1),
            pieces
        );
    }

    private static IReadOnlyList<PlacedPiece> Place(FilledPot filled, double bottomMm)
    {
        var load = filled.Load;
        return BirdSize.Of(load) is { } size
            ? Rows(
                load.Pieces,
                load.Pieces == 1 ? 1 : Math.Max(1, Fit.Of(filled).SideBySide),
                1000 * (load.Pieces == 1 ? Math.Min(size.LengthMetres, filled.Pot.InnerDiameterMetres) : size.WidthMetres), // legs fold
                size.HeightMetres * 1000,
                bottomMm
            )
            : Layers(filled, bottomMm);
    }

    // Small pieces lie flat, their thickness upwards. A row of the cut-away is what goes across the pot.
    private static IReadOnlyList<PlacedPiece> Layers(FilledPot filled, double bottomMm)
    {
        var load = filled.Load;
        var axes = load.AxesOf(0);
        var thick = axes.ThicknessMetres;
        var across = Math.Sqrt(axes.WidthMetres * axes.LengthMetres); // whichever way they lie
        var width = Math.Min(across, filled.Pot.InnerDiameterMetres) * 1000;
        var inRow = Math.Max(1, (int)(filled.Pot.InnerDiameterMetres * 1000 / (width + GapMm)));
        var inLayer = Math.Max(inRow, (int)(filled.Pot.FloorSquareMetres * Loose / (width * width / 1e6)));
        var layers = Math.Ceiling((double)load.Pieces / inLayer);
        var shown = load.Pieces <= inLayer ? Math.Min(load.Pieces, inRow) : (int)Math.Min(MostDrawn, layers * inRow);
        return Rows(shown, inRow, width, thick * 1000, bottomMm);
    }

    private static IReadOnlyList<PlacedPiece> Rows(int pieces, int inRow, double widthMm, double heightMm, double bottomMm) =>
        [
            .. Enumerable
                .Range(0, pieces)
                .Select(i =>
                {
                    var row = i / inRow;
                    var here = Math.Min(inRow, pieces - row * inRow);
                    var centre = (i % inRow - (here - 1) / 2.0) * (widthMm + GapMm);
                    return new PlacedPiece(
                        Math.Round(centre, 1),
                        Math.Round(bottomMm + row * heightMm * Sagging, 1),
                        Math.Round(widthMm, 1),
                        Math.Round(heightMm, 1)
                    );
                }),
        ];
}
