using Ikuzo.Core.Cooking;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Poultry;

namespace Ikuzo.Core.Pots;

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
public sealed record FitOutcome(FitVerdict Verdict, string Why, IReadOnlyList<string> Alternatives, double LengthMm, double HeightMm);

/// <summary>Sizes of whole birds and their large parts, and whether they go into a pot.</summary>
/// <remarks>All lengths go with the cube root of the mass. Sizes at the reference mass are estimates for trussed birds.</remarks>
public static class Fit
{
    private const double LeastClearanceMetres = 0.010, RoomyClearanceMetres = 0.020; // below the lid; estimates
    private const double Soft = 1.06; // legs fold and the carcass gives by this much; estimate

    private static readonly Dictionary<(Species, Part), Size> Sizes = new()
    {
        [(Species.Chicken, Part.Whole)] = new(1.8, 0.205, 0.120),
        [(Species.Chicken, Part.Spatchcocked)] = new(1.7, 0.270, 0.060),
        [(Species.Chicken, Part.Half)] = new(0.85, 0.200, 0.065),
        [(Species.Chicken, Part.Carcass)] = new(0.5, 0.160, 0.090),
        [(Species.Turkey, Part.Whole)] = new(4.5, 0.290, 0.180),
        [(Species.Turkey, Part.Crown)] = new(2.8, 0.220, 0.140),
        [(Species.Turkey, Part.Carcass)] = new(1.2, 0.230, 0.130),
        [(Species.Duck, Part.Whole)] = new(2.2, 0.250, 0.110),
        [(Species.Duck, Part.Crown)] = new(1.1, 0.180, 0.100),
        [(Species.Duck, Part.Carcass)] = new(0.6, 0.190, 0.090),
    };

    /// <summary>Judges a load in its pot.</summary>
    public static FitOutcome Of(PlanRequest request)
    {
        var load = request.Load;
        if (Warnings.CannotGoIn(request))
        {
            return new(FitVerdict.DoesNotFit, "Together it is more than the pot holds.", ["in a bigger pot", "in two batches"], 0, 0);
        }

        if (SizeOf(load.Cut, load.PieceKg) is not { } size)
        {
            return new(FitVerdict.Fits, "Pieces settle into the pot.", [], 0, 0);
        }

        var verdict = Judge(request.Pot, size, load.Pieces, Rack(request));
        var alternatives = verdict == FitVerdict.Fits ? [] : Alternatives(request, size);
        return new(verdict, Why(request, size, verdict), alternatives, Math.Round(size.LengthMetres * 1000), Math.Round(size.HeightMetres * 1000));
    }

    private static Size? SizeOf(Cut cut, double kg)
        => Sizes.TryGetValue((cut.Species, cut.Part), out var size) ? size.At(kg) : null;

    private static double Rack(PlanRequest request) => request.Load.Placement == Placement.Rack ? request.Pot.RackMetres : 0;

    // Two birds lie side by side only where both widths go across; on each other where both heights go up.
    private static FitVerdict Judge(PotModel pot, Size size, int pieces, double rack)
    {
        var height = size.HeightMetres * pieces + rack;
        var over = size.LengthMetres / (pot.InnerDiameterMetres * Soft);
        var clearance = pot.UsableHeightMetres - height;
        return over > 1 || clearance < LeastClearanceMetres ? FitVerdict.DoesNotFit
            : size.LengthMetres > pot.InnerDiameterMetres || clearance < RoomyClearanceMetres ? FitVerdict.Tight
            : FitVerdict.Fits;
    }

    private static string Why(PlanRequest request, Size size, FitVerdict verdict)
    {
        var pot = request.Pot;
        var clearance = pot.UsableHeightMetres - size.HeightMetres * request.Load.Pieces - Rack(request);
        var across = FormattableString.Invariant($"about {size.LengthMetres * 100:0} cm long in a pot {pot.InnerDiameterMetres * 100:0} cm across");
        return verdict == FitVerdict.Fits
            ? FormattableString.Invariant($"It is {across}, and clears the lid by {clearance * 100:0} cm.")
            : clearance < RoomyClearanceMetres
                ? FormattableString.Invariant($"It is {across}, with {Math.Max(0, clearance) * 100:0.0} cm left below the lid.")
                : $"It is {across}.";
    }

    private static IReadOnlyList<string> Alternatives(PlanRequest request, Size size)
    {
        var load = request.Load;
        bool Goes(Size other, int pieces, double rack) => Judge(request.Pot, other, pieces, rack) != FitVerdict.DoesNotFit;
        List<string> ways = [];
        if (Rack(request) > 0 && Goes(size, load.Pieces, 0))
        {
            ways.Add("without the rack");
        }

        if (load.Cut.Part == Part.Whole && Sizes.TryGetValue((load.Cut.Species, Part.Half), out var half) && Goes(half.At(load.PieceKg / 2), 2, 0))
        {
            ways.Add("halved, the halves on each other");
        }

        if (load.Cut.Part == Part.Whole && load.Cut.Species == Species.Turkey)
        {
            ways.Add("with the crown and the legs apart");
        }

        return [.. ways, "in a bigger pot"];
    }

    private readonly record struct Size(double Kg, double LengthMetres, double HeightMetres)
    {
        public Size At(double kg)
        {
            var scale = Math.Cbrt(kg / Kg);
            return new(kg, LengthMetres * scale, HeightMetres * scale);
        }
    }
}
