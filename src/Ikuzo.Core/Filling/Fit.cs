using Ikuzo.Core.Loads;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;

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

    private const double LeastClearanceMetres = 0.010,
        RoomyClearanceMetres = 0.020; // below the lid; estimates
    private const string TooMuch = "Together it is more than the pot holds.";
    private const double Soft = 1.06; // legs fold and the carcass gives by this much; estimate

    /// <summary>Judges a load in its pot.</summary>
    public static FitOutcome Of(FilledPot filled)
    {
        var load = filled.Load;
        var tooMuch = Capacity.CannotGoIn(filled);
        if (BirdSize.Of(load) is not { } size)
        {
            return tooMuch
                ? new(FitVerdict.DoesNotFit, TooMuch, Elsewhere(filled, p => true), 0, 0)
                : new(FitVerdict.Fits, "Pieces settle into the pot.", [], 0, 0);
        }

        var lies = Lie(filled.Pot, size, load.Pieces, Rack(filled));
        var verdict = tooMuch ? FitVerdict.DoesNotFit : lies.Verdict;
        var why = verdict == lies.Verdict ? Why(filled, size, lies) : TooMuch;
        var alternatives = verdict == FitVerdict.Fits ? [] : Alternatives(filled, size);
        return new(verdict, why, alternatives, Math.Round(size.LengthMetres * 1000), Math.Round(size.HeightMetres * 1000))
        {
            WidthMm = Math.Round(size.WidthMetres * 1000),
            SideBySide = lies.SideBySide,
        };
    }

    private static double Rack(FilledPot filled) => filled.Load.Placement == Placement.Rack ? filled.Pot.RackMetres : 0;

    // One above the other, or in pairs where two go side by side: whichever is better.
    private static Lying Lie(PotModel pot, BirdSize size, int pieces, double rack) =>
        Enumerable.Range(1, Math.Min(2, pieces)).Select(n => Judge(pot, size, pieces, n, rack)).MinBy(l => (l.Verdict, -l.SideBySide));

    private static Lying Judge(PotModel pot, BirdSize size, int pieces, int sideBySide, double rack)
    {
        var layers = (pieces + sideBySide - 1) / sideBySide;
        var across = size.CircleMetres(sideBySide);
        var clearance = pot.UsableHeightMetres - size.HeightMetres * layers - rack;
        var verdict =
            across > pot.InnerDiameterMetres * Soft || clearance < LeastClearanceMetres ? FitVerdict.DoesNotFit
            : across > pot.InnerDiameterMetres || clearance < RoomyClearanceMetres ? FitVerdict.Tight
            : FitVerdict.Fits;
        return new(verdict, sideBySide, across, clearance);
    }

    private static string Why(FilledPot filled, BirdSize size, Lying lies)
    {
        var what = lies.SideBySide == 2 ? "Side by side they are" : "It is";
        var across = FormattableString.Invariant(
            $"{what} about {lies.AcrossMetres * 100:0} cm long in a pot {filled.Pot.InnerDiameterMetres * 100:0} cm across"
        );
        return lies.Verdict == FitVerdict.Fits
                ? FormattableString.Invariant($"{across}, and clears the lid by {lies.ClearanceMetres * 100:0} cm.")
            : lies.ClearanceMetres < 0
                ? FormattableString.Invariant($"{across}, and {Math.Ceiling(-lies.ClearanceMetres * 100):0} cm too high for the lid.")
            : lies.ClearanceMetres < RoomyClearanceMetres
                ? FormattableString.Invariant($"{across}, with {lies.ClearanceMetres * 100:0.0} cm left below the lid.")
            : $"{across}.";
    }

    private static IReadOnlyList<string> Alternatives(FilledPot filled, BirdSize size)
    {
        var load = filled.Load;
        bool Goes(PotModel pot, BirdSize other, int pieces, double rack) => Lie(pot, other, pieces, rack).Verdict != FitVerdict.DoesNotFit;
        bool Cuts(Part part, int pieces) =>
            load.Cut.Part == Part.Whole
            && BirdSize.Of(load.Cut.Species, part, load.PieceKg / pieces) is { } cut
            && Goes(filled.Pot, cut, pieces * load.Pieces, 0)
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

        return [.. ways, .. Elsewhere(filled, p => Goes(p, size, load.Pieces, load.Placement == Placement.Rack ? p.RackMetres : 0))];
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
