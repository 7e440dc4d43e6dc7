using Ikuzo.Core.Quantities;
using Ikuzo.Core.Safety;

namespace Ikuzo.Core.Poultry;

/// <summary>How the meat should end.</summary>
public enum Aim
{
    /// <summary>Holds together and carves.</summary>
    Slice,

    /// <summary>Pulls into shreds with two forks.</summary>
    Pull,

    /// <summary>Falls from the bone.</summary>
    FallApart,

    /// <summary>Gives its bones' and skin's gelatin to the water around it: see <see cref="Gelatin"/>.</summary>
    Stock,
}

/// <summary>A place where the middle of the meat is slow to heat, and where the probe goes.</summary>
/// <param name="Id">Short name, unique within the cut.</param>
/// <param name="Where">Where to put the probe, in kitchen words.</param>
/// <param name="Form">What it is nearest to in shape.</param>
/// <param name="Axes">Size of the meat around this place at the typical weight of the cut. Estimates of ordinary shop goods.</param>
/// <param name="BoneRadiusMm">Radius of a bone in the middle at the typical weight; 0 without.</param>
/// <param name="MassShare">Share of the piece that heats like this place; adds up to 1 over the spots.</param>
public sealed record Spot(string Id, string Where, Form Form, Axes Axes, Figure BoneRadiusMm, Figure MassShare);

/// <summary>How much thickness differs at one weight, standard deviations of its logarithm, by where it comes from.</summary>
/// <param name="Ours">How far the catalogue's own typical thickness may be off.</param>
/// <param name="Load">What all pieces of a load share: breed, butcher, scale.</param>
/// <param name="Piece">What each piece has of its own at a known weight.</param>
/// <param name="Weight">From pieces of a pack that are not equally heavy.</param>
/// <param name="Source">Citation or "estimate".</param>
public sealed record ThicknessSpread(double Ours, double Load, double Piece, double Weight, string Source)
{
    /// <summary>All of it for one piece of a known weight.</summary>
    public double OfOne => Math.Sqrt(Ours * Ours + Load * Load + Piece * Piece);

    /// <summary>Correlation between two places of one piece, which share all but their own.</summary>
    public double Shared => (Ours * Ours + Load * Load) / (OfOne * OfOne);
}

/// <summary>What a raw piece is made of, by weight; adds up to 1. Muscle loses juice, skin gives fat, bone gives nothing.</summary>
/// <param name="Muscle">Share of muscle.</param>
/// <param name="SkinAndFat">Share of skin and separable fat.</param>
/// <param name="Bone">Share of bone and what is not eaten.</param>
/// <param name="Source">Citation or "estimate".</param>
public sealed record MeatShares(double Muscle, double SkinAndFat, double Bone, string Source);

/// <summary>
/// How long kitchens hold a chilled cut beside something else, as directions of packages and cookery books say: the meat would take less
/// from a household that measures, and what lies beside it is seasoned by it meanwhile. Held against labels.csv (<c>LabelTests</c>).
/// </summary>
/// <param name="SliceMinutes">To carve, min at high pressure; null where they do not agree.</param>
/// <param name="SoftMinutes">To pull or to fall from the bone, min; null where they do not agree.</param>
/// <param name="PieceKg">Mass of the piece that they mean, kg.</param>
public sealed record HeldInKitchens(double? SliceMinutes, double? SoftMinutes, double PieceKg)
{
    /// <summary>Minutes: of birds by their weight, as what heats through; of pieces the same, whatever they weigh.</summary>
    /// <param name="aim">How it is wanted.</param>
    /// <param name="birdKg">Mass of a bird, kg, above 0; null for pieces.</param>
    /// <returns>Minutes at high pressure; 0 where kitchens do not agree, and for stock.</returns>
    public double Minutes(Aim aim, double? birdKg) =>
        (
            aim switch
            {
                Aim.Slice => SliceMinutes,
                Aim.Pull or Aim.FallApart => SoftMinutes,
                _ => null,
            } ?? 0
        ) * Math.Pow((birdKg ?? PieceKg) / PieceKg, 2.0 / 3);
}

/// <summary>Conversion of collagen (0 to 1, mean over the piece) at which a cut reaches each aim.</summary>
/// <param name="TenderLeast">Below this it is cooked and still tough; 0 for what never is.</param>
/// <param name="SliceMost">Above this it no longer carves cleanly.</param>
/// <param name="PullLeast">From here it pulls.</param>
/// <param name="FallApartLeast">From here it falls apart.</param>
/// <param name="Most">Above this it is stringy or mushy.</param>
/// <param name="Source">Citation or "estimate".</param>
public sealed record TendernessWindow(
    double TenderLeast,
    double SliceMost,
    double PullLeast,
    double FallApartLeast,
    double Most,
    string Source
)
{
    /// <summary>Lowest index of the window of an aim.</summary>
    public double Least(Aim aim) =>
        aim switch
        {
            Aim.Pull => PullLeast,
            Aim.FallApart => FallApartLeast,
            Aim.Stock => Gelatin.Sets,
            _ => TenderLeast,
        };

    /// <summary>Highest index of the window of an aim.</summary>
    public double Greatest(Aim aim) =>
        aim switch
        {
            Aim.Slice => SliceMost,
            Aim.Stock => 1,
            _ => Most,
        };

    /// <summary>Up to here what was not asked for softer is as welcome, halfway between falling apart and mush.</summary>
    public double Welcome => (FallApartLeast + Most) / 2;

    /// <summary>Up to here it is eaten, a shade short of mush.</summary>
    public double Eaten => Most - Shade;

    private const double Shade = 0.02;
}

/// <summary>One cut of one bird: everything that the computation and the words need to know about it.</summary>
public sealed record Cut
{
    /// <summary>Stable name in requests and saved plans.</summary>
    public required string Id { get; init; }

    /// <summary>The bird.</summary>
    public required Species Species { get; init; }

    /// <summary>Which part of it.</summary>
    public required Part Part { get; init; }

    /// <summary>What it is raw, for the rules of food safety.</summary>
    public FoodKind Raw =>
        Part switch
        {
            Part.Whole => FoodKind.RawWhole,
            Part.Meatball => FoodKind.RawMince,
            _ => FoodKind.RawPieces,
        };

    /// <summary>
    /// True for pieces in which a probe does not find the middle, and of which there are too many to find the thickest by eye. Estimate.
    /// </summary>
    public bool IsTooSmallToMeasure => Part is Part.Diced or Part.Meatball or Part.Wing || ThicknessMm.Value < ThinnestToMeasureMm;

    /// <summary>True for dark meat in pieces, which gets softer and not dry.</summary>
    public bool IsLegOrWing => Part is Part.Thigh or Part.Leg or Part.Drumstick or Part.Wing;

    private const double ThinnestToMeasureMm = 22; // estimate: the tip of a probe senses over some millimetres

    /// <summary>Name of one piece on screen.</summary>
    public required string Name { get; init; }

    /// <summary>Name of several.</summary>
    public required string Plural { get; init; }

    /// <summary>True when the bone is in.</summary>
    public required bool BoneIn { get; init; }

    /// <summary>True when this is meant where the cook does not say bone in or out.</summary>
    public bool Usual { get; init; }

    /// <summary>Lightest piece that is usual.</summary>
    public required Figure MinKg { get; init; }

    /// <summary>Typical weight of a piece.</summary>
    public required Figure TypicalKg { get; init; }

    /// <summary>Heaviest piece that is usual.</summary>
    public required Figure MaxKg { get; init; }

    /// <summary>How much pieces of one weight differ in thickness.</summary>
    public required ThicknessSpread Spread { get; init; }

    /// <summary>Thickness at the thickest point of a piece of typical weight, mm: that of its first spot.</summary>
    public Figure ThicknessMm => Figure.Estimate(Spots[0].Axes.ThicknessMetres * 1000, "mm");

    /// <summary>Critical spots: two for whole birds, crowns and leg quarters, one for the rest.</summary>
    public required IReadOnlyList<Spot> Spots { get; init; }

    /// <summary>
    /// Outer size of a bird or large part as it lies, trussed, legs tucked, the least upwards, at the typical weight; null for pieces that
    /// settle into the pot. Estimates.
    /// </summary>
    public Axes? Outer { get; init; }

    /// <summary>
    /// Room that a kilogram takes as it lies in a heap, with the air between, l: small pieces with bones hold as much air as meat, a bird
    /// has its cavity. Estimates.
    /// </summary>
    public required Figure HeapLitresPerKg { get; init; }

    /// <summary>What the meat is made of.</summary>
    public required Tissue Tissue { get; init; }

    /// <summary>How much of it is muscle, skin and fat, and bone.</summary>
    public required MeatShares Shares { get; init; }

    /// <summary>Where slices, pulls and falls apart begin.</summary>
    public required TendernessWindow Window { get; init; }

    /// <summary>How it is usually wanted.</summary>
    public required Aim UsualAim { get; init; }

    /// <summary>How long kitchens hold it with something beside it; null where they do not agree.</summary>
    public HeldInKitchens? Held { get; init; }

    /// <summary>True for an aim that this cut can be cooked for: only bones and the skin on them give stock.</summary>
    public bool EndsAs(Aim aim) => aim != Aim.Stock || BoneIn;

    /// <summary>Aims that it can be cooked for.</summary>
    public IReadOnlyList<Aim> Aims => [.. Enum.GetValues<Aim>().Where(EndsAs)];

    // How far from its usual weights a piece may be and still be such a piece. Choices: shops sell what is a little out of the grades.
    internal const double NearLeast = 0.8,
        NearMost = 1.2;

    /// <summary>True for a piece that is as heavy as such pieces are, or not far from it.</summary>
    /// <param name="pieceKg">Mass of one piece, kg.</param>
    public bool IsNearUsual(double pieceKg) => pieceKg >= NearLeast * MinKg.Value && pieceKg <= NearMost * MaxKg.Value;

    // Further out than this it is likely another cut, another number, or another weight. Choices.
    private const double FarLeast = 0.6,
        FarMost = 1.5;

    /// <summary>True for a piece that is hardly such a piece.</summary>
    /// <param name="pieceKg">Mass of one piece, kg.</param>
    public bool IsFarFromUsual(double pieceKg) => pieceKg < FarLeast * MinKg.Value || pieceKg > FarMost * MaxKg.Value;

    /// <summary>How far a weight is from the typical one, as the logarithm of their ratio.</summary>
    /// <param name="pieceKg">Mass of one piece, kg, above 0.</param>
    public double FromTypical(double pieceKg) => Math.Abs(Math.Log(pieceKg / TypicalKg.Value));

    /// <summary>Thickness of a piece of a given weight: all lengths go with the cube root of the mass.</summary>
    /// <param name="pieceKg">Mass of one piece, kg, above 0.</param>
    /// <returns>Thickness at the thickest point, m.</returns>
    public double ThicknessMetres(double pieceKg) => Spots[0].Axes.Scaled(pieceKg / TypicalKg.Value).ThicknessMetres;
}
