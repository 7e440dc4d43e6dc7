using Ikuzo.Core.Companions;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Filling;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Planning;

/// <summary>Gives every warning the buttons that make it go; meat that must be thrown away has none, and says why.</summary>
internal static class Mends
{
    private const int Most = 3; // more than three ways are no help

    /// <summary>The warnings with what mends them.</summary>
    /// <param name="request">The question.</param>
    /// <param name="warnings">What is said of it.</param>
    /// <param name="least">Least minutes that keep the promise; null when none do.</param>
    public static IEnumerable<Warning> Added(PlanRequest request, IEnumerable<Warning> warnings, double? least)
    {
        var stopped = new Lazy<HashSet<string>>(() =>
            [.. Warnings.Of(request).Where(w => w.Level == WarningLevel.Stop).Select(w => w.Code)]
        );
        return warnings.Select(w =>
            w.Level == WarningLevel.Note
                ? w
                : w with
                {
                    Mends = [.. w.Mends.Concat(Tried(request, w.Code, least)).Where(m => Goes(m.To(request), w, stopped)).Take(Most)],
                }
        );
    }

    // A button that leads to the same stop, or to one that nothing mends, is none. What only a computation says is not asked here.
    private static bool Goes(PlanRequest mended, Warning warning, Lazy<HashSet<string>> stopped)
    {
        var then = Warnings.Of(mended);
        return !then.Any(w => w.Code == warning.Code && w.Level <= warning.Level)
            && !then.Any(w => w is { Level: WarningLevel.Stop, CanBeSeenTo: false } && !stopped.Value.Contains(w.Code));
    }

    private static IEnumerable<Mend> Tried(PlanRequest request, string code, double? least)
    {
        var say = new Wording(request.Units);
        return code switch
        {
            "over-capacity" or "no-pressure" => [.. OtherPots(request), .. Half(request)],
            "does-not-fit" => [.. WithoutRack(request), .. Flat(request), .. OtherPots(request), .. Half(request)],
            "low-liquid" => [Pour(say, request.Pot.MinimumLiquidMl, request)],
            "not-covered" => [Pour(say, LiquidNeed.ToCover(request), request)],
            "thick-sauce" => [Pour(say, request.Liquid + BesideWarnings.ThinLiquidLacking(request), request)],
            "over-fill" => [.. UnderTheMark(say, request), .. OtherPots(request), .. Half(request)],
            "spurts" =>
            [
                new("Leave it until the pin drops") { Release = Release.Natural },
                new("Vent in short bursts") { Release = Release.Pulsed },
            ],
            "after-pressure" => [LeftOut(request, CompanionTraits.AfterPressure)],
            Plan.TooShortCode => [least is { } enough ? new(Inv($"Set {enough:0} min")) { Minutes = enough } : ByItself],
            BesideWarnings.BoilThroughCode => [ByItself],
            "never-safe" => [.. Thawed(request), .. Flat(request)],
            "danger-zone" => Thawed(request),
            _ => [],
        };
    }

    private static Mend ByItself => new("Let Ikuzo set the minutes") { ByItself = true };

    private static Mend Pour(Wording say, double ml, PlanRequest request) =>
        new($"Pour in {say.Volume(ml - request.Liquid)} more") { LiquidMl = ml };

    private static Mend LeftOut(PlanRequest request, CompanionTraits trait)
    {
        var left = request.Companions.Where(c => c.Companion.Is(trait)).Select(c => c.Companion).ToList();
        return new($"Leave the {string.Join(" and ", left.Select(c => c.Name.ToLowerInvariant()))} out now")
        {
            LeaveOut = [.. left.Select(c => c.Id)],
        };
    }

    private static IEnumerable<Mend> OtherPots(PlanRequest request) =>
        request.OtherPots.OrderBy(p => p.Pot.CapacityLitres).Select(p => new Mend($"Take {p.Name}") { PotId = p.Id });

    private static IEnumerable<Mend> Half(PlanRequest request)
    {
        var pieces = (request.Load.Pieces + 1) / 2;
        return pieces < request.Load.Pieces
            ? [new(Inv($"Cook {pieces} of them now")) { Pieces = pieces, TotalKg = Math.Round(request.Load.PieceKg * pieces, 3) }]
            : [];
    }

    private static IEnumerable<Mend> WithoutRack(PlanRequest request) =>
        request.Placement == Placement.Rack ? [new("Without the rack") { Placement = Placement.InLiquid }] : [];

    private static IEnumerable<Mend> Flat(PlanRequest request) =>
        request.Load.Cut.Part == Part.Whole
        && CutCatalogue.All.FirstOrDefault(c => c.Species == request.Load.Cut.Species && c.Part == Part.Spatchcocked) is { } flat
            ? [new("Cut out its backbone, flatten it") { Cut = flat.Id }]
            : [];

    private static IEnumerable<Mend> Thawed(PlanRequest request) =>
        request.Load.State == MeatState.Frozen ? [new("Thaw it first") { State = MeatState.Chilled }] : [];

    private static IEnumerable<Mend> UnderTheMark(Wording say, PlanRequest request)
    {
        var fill = LiquidBudget.FillOf(request, 0);
        var ml = Math.Floor((request.Liquid - (fill.BeforeLitres - fill.MarkLitres) * 1000) / 10) * 10;
        return ml >= request.Pot.MinimumLiquidMl ? [new($"Pour in only {say.Volume(ml)}") { LiquidMl = ml }] : [];
    }

    private static string Inv(FormattableString text) => FormattableString.Invariant(text);
}
