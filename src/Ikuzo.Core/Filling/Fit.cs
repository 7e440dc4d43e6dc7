using Ikuzo.Core.Loads;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Filling;

/// <summary>Whether something goes into the pot with the lid clear of it.</summary>
public enum FitVerdict
{
    /// <summary>With room to spare.</summary>
    Fits,

    /// <summary>It goes in, but close to lid or wall.</summary>
    Tight,

    /// <summary>It does not go in like this.</summary>
    DoesNotFit,
}

/// <summary>How the load sits in the pot.</summary>
/// <param name="Verdict">Fits, tight or not.</param>
/// <param name="Why">In one sentence.</param>
/// <param name="Alternatives">What would fit, nearest first; empty when it fits.</param>
/// <param name="LengthMm">Longest way across of one piece as it lies, mm; 0 for small pieces.</param>
/// <param name="HeightMm">Height of one piece as it lies, mm; 0 for small pieces.</param>
public sealed record FitOutcome(FitVerdict Verdict, string Why, IReadOnlyList<string> Alternatives, double LengthMm, double HeightMm)
{
    /// <summary>Width of one piece as it lies, mm; 0 for small pieces.</summary>
    public double WidthMm { get; init; }

    /// <summary>Pieces side by side in one layer; 0 for small pieces.</summary>
    public int SideBySide { get; init; }
}

/// <summary>Whether whole birds and their large parts go into a pot.</summary>
public static class Fit
{
    /// <summary>Code of the stop for what may be too large: the lid is tried over it.</summary>
    public const string TryTheLidCode = "does-not-fit";

    private const double RoomyClearanceMetres = 0.018; // below the lid; estimate
    private const double NoClearanceMetres = 0.004; // less than anybody sees; estimate
    private const string TooMuch = "Together it is more than the pot holds.";
    private const string Full = "It fills the pot nearly to the lid.";

    /// <summary>Judges a load in its pot.</summary>
    /// <param name="filled">Pot and load.</param>
    /// <param name="units">What lengths are said in.</param>
    public static FitOutcome Of(FilledPot filled, UnitSystem units = UnitSystem.Metric)
    {
        var load = filled.Load;
        var tooMuch = Capacity.CannotGoIn(filled);
        if (BirdSize.Of(load) is not { } size)
        {
            return tooMuch ? new(FitVerdict.DoesNotFit, TooMuch, Elsewhere(filled, p => true), 0, 0)
                : Capacity.IsTight(filled) ? new(FitVerdict.Tight, Full, [], 0, 0)
                : new(FitVerdict.Fits, "Pieces settle into the pot.", [], 0, 0);
        }

        var lies = Lie(filled.Pot, size, Give.Of(load.Cut), load.Pieces, Rack(filled));
        var verdict =
            tooMuch ? FitVerdict.DoesNotFit
            : lies.Verdict == FitVerdict.Fits && Capacity.IsTight(filled) ? FitVerdict.Tight
            : lies.Verdict;
        var why =
            verdict == lies.Verdict ? Why(filled, lies, new Wording(units))
            : tooMuch ? TooMuch
            : Full;
        var alternatives = verdict == FitVerdict.Fits ? [] : Alternatives(filled, size);
        return new(verdict, why, alternatives, Math.Round(size.LengthMetres * 1000), Math.Round(size.HeightMetres * 1000))
        {
            WidthMm = Math.Round(size.WidthMetres * 1000),
            SideBySide = lies.SideBySide,
        };
    }

    private static double Rack(FilledPot filled) => filled.Placement == Placement.Rack ? filled.Pot.RackMetres : 0;

    // One above the other, or in pairs where two go side by side: whichever is better.
    private static Lying Lie(PotModel pot, BirdSize size, Give give, int pieces, double rack) =>
        Enumerable
            .Range(1, Math.Min(2, pieces))
            .Select(n => Judge(pot, size, give, pieces, n, rack))
            .MinBy(l => (l.Verdict, -l.SideBySide));

    private static Lying Judge(PotModel pot, BirdSize size, Give give, int pieces, int sideBySide, double rack)
    {
        var layers = (pieces + sideBySide - 1) / sideBySide;
        var across = size.CircleMetres(sideBySide);
        var room = pot.UsableHeightMetres - rack;
        var height = size.HeightMetres * layers;
        var pressed = height * (1 - give.Presses);
        var lies = layers > 1 && give.Settles ? pressed : height;
        var easily = sideBySide == 1 ? give.EasilyAcross : Math.Min(1, give.EasilyAcross);
        var verdict =
            across > pot.InnerDiameterMetres * give.MostAcross || pressed > room ? FitVerdict.DoesNotFit
            : across > pot.InnerDiameterMetres * easily || room - lies < RoomyClearanceMetres ? FitVerdict.Tight
            : FitVerdict.Fits;
        return new(verdict, sideBySide, across, room - lies);
    }

    private static string Why(FilledPot filled, Lying lies, Wording say)
    {
        var what = lies.SideBySide == 2 ? "Side by side they are" : "It is";
        var across = $"{what} about {say.Across(lies.AcrossMetres)} long in a pot {say.Across(filled.Pot.InnerDiameterMetres)} across";
        return lies.Verdict == FitVerdict.Fits ? $"{across}, and clears the lid by {say.Across(lies.ClearanceMetres)}."
            : lies.ClearanceMetres < 0
                ? lies.Verdict == FitVerdict.Tight ? $"{across}. Pressed down by a hand it goes under the lid."
                    : $"{across}, and {say.Across(Math.Ceiling(-lies.ClearanceMetres * 100) / 100)} too high for the lid."
            : lies.ClearanceMetres < NoClearanceMetres ? $"{across}, with nothing to spare below the lid."
            : lies.ClearanceMetres < RoomyClearanceMetres ? $"{across}, with {say.Across(lies.ClearanceMetres)} left below the lid."
            : $"{across}.";
    }

    private static IReadOnlyList<string> Alternatives(FilledPot filled, BirdSize size)
    {
        var load = filled.Load;
        bool Goes(PotModel pot, BirdSize other, int pieces, double rack, Part? part = null) =>
            Lie(pot, other, Give.Of(load.Cut with { Part = part ?? load.Cut.Part }), pieces, rack).Verdict != FitVerdict.DoesNotFit;
        bool Cuts(Part part, int pieces) =>
            load.Cut.Part == Part.Whole
            && BirdSize.Of(load.Cut.Species, part, load.PieceKg / pieces) is { } cut
            && Goes(filled.Pot, cut, pieces * load.Pieces, 0, part)
            && Holds(filled with { Load = load with { Cut = load.Cut with { Part = part } } });
        List<string> ways = [];
        if (Rack(filled) > 0 && Goes(filled.Pot, size, load.Pieces, 0) && Holds(filled))
        {
            ways.Add("without the rack");
        }

        if (Cuts(Part.Spatchcocked, 1))
        {
            ways.Add("flattened, without its backbone");
        }

        if (Cuts(Part.Half, 2))
        {
            ways.Add("halved, the halves on each other");
        }

        if (load.Cut.Part == Part.Whole && load.Cut.Species == Species.Turkey)
        {
            ways.Add("with the crown and the legs apart");
        }

        return [.. ways, .. Elsewhere(filled, p => Goes(p, size, load.Pieces, filled.Placement == Placement.Rack ? p.RackMetres : 0))];
    }

    // Another pot of this kitchen, or a bigger one; and what is several pieces can go one part after the other.
    private static IReadOnlyList<string> Elsewhere(FilledPot filled, Func<PotModel, bool> goes)
    {
        var others = filled.OtherPots.Where(p => goes(p.Pot) && Holds(filled with { Pot = p.Pot })).Select(p => $"in {p.Name}").ToList();
        return [.. others.Count > 0 ? others : ["in a bigger pot"], .. filled.Load.Pieces > 1 ? ["in two batches"] : Array.Empty<string>()];
    }

    private static bool Holds(FilledPot filled) => !Capacity.CannotGoIn(filled);

    private readonly record struct Lying(FitVerdict Verdict, int SideBySide, double AcrossMetres, double ClearanceMetres);
}

/// <summary>How much a bird or a large part gives: legs fold, the breast is pressed by a hand, the carcass settles.</summary>
/// <remarks>
/// Estimates after what households get into their pots: birds of up to 2 kg into 3 litres, of 2.7 into 5.7; flattened ones of 1.8 into 8;
/// ducks of 2.4 into 5.7. The stop is for what no hand gets in; between it and what fits easily the lid is tried.
/// </remarks>
/// <param name="EasilyAcross">Its length over the diameter of the pot up to which it fits easily.</param>
/// <param name="MostAcross">The same up to which it goes in at all.</param>
/// <param name="Presses">Share of its height that a hand presses away.</param>
/// <param name="Settles">True where it does that by itself under another one.</param>
internal readonly record struct Give(double EasilyAcross, double MostAcross, double Presses, bool Settles = false)
{
    /// <summary>How much a cut gives.</summary>
    public static Give Of(Cut cut) =>
        cut.Part switch
        {
            Part.Whole => new(1.06, cut.Species == Species.Duck ? 1.2 : 1.15, 0.15),
            Part.Spatchcocked => new(1.06, 1.21, 0.15),
            Part.Half => new(1, 1.15, 0.15, Settles: true),
            Part.Drumstick => new(1, 1.2, 0.05), // leans against the wall
            _ => new(0.95, 1.05, 0.05), // a crown keeps its bone
        };
}
