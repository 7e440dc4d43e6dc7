using System.Globalization;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Quantities;
using Ikuzo.Core.Safety;

namespace Ikuzo.Core.Planning;

/// <summary>Why the plan is what it is, in short sentences that quote the computed numbers.</summary>
internal static class Reasons
{
    public static IReadOnlyList<string> Of(
        PlanRequest request,
        CookModel model,
        Branch chosen,
        double? safeMinimum,
        DetailedRun run,
        IReadOnlyList<ScoutedRelease> scouted
    )
    {
        var say = new Wording(request.Units);
        return
        [
            .. new[]
            {
                Slowest(request, run, chosen, say),
                Aim(request, chosen, safeMinimum),
                request.IsForStock && chosen.Release == Release.Natural
                    ? "Vented sooner it boils up, spurts and turns cloudy; the bones go on giving while it cools."
                    : Ending(chosen.Release, [.. scouted.Select(s => s.Of(request.Promise))]),
                Waiting(request, model, run, say),
            }.OfType<string>(),
        ];
    }

    private static string Slowest(PlanRequest request, DetailedRun run, Branch chosen, Wording say)
    {
        var lowest = run.Outcome.SpotCelsius.Select(s => Quantiles.Of(Quantiles.Sorted(s), SafetyRule.ShareBelow)).ToArray();
        var slow = Array.IndexOf(lowest, lowest.Min());
        var spot = request.Load.Cut.Spots[slow];
        var name = request.Load.Cut.Spots.Count > 1 ? $"The {spot.Id} is slowest" : "The middle is slowest";
        var held = say.Temperature(Quantiles.Of(Quantiles.Sorted(run.Outcome.SpotCelsius[slow]), 0.5));
        return string.Create(
            CultureInfo.InvariantCulture,
            $"{name}: after {chosen.HoldMinutes:0} min it is likely at {held}, and at {say.AtLeast(lowest[slow])} or more in 99 of 100 "
                + $"such cooks."
        );
    }

    private static string? Aim(PlanRequest request, Branch chosen, double? safeMinimum)
    {
        if (safeMinimum is not { } safe || chosen.HoldMinutes <= safe || request.Minutes is not null)
        {
            return null;
        }

        var rest = request.WantedAim switch
        {
            Poultry.Aim.Stock => "the bones to give their gelatin",
            Poultry.Aim.Pull => "the meat to pull",
            _ => "the meat to fall from the bone",
        };
        return FormattableString.Invariant($"Safe after {safe:0} min; the rest is for {rest}.");
    }

    private static string? Ending(Release release, IReadOnlyList<ScoutedRelease> scouted)
    {
        var mine = scouted.FirstOrDefault(s => s.Release == release && s.Minutes is not null);
        var other = scouted.FirstOrDefault(s =>
            s.Release.Kind == (release.Kind == ReleaseKind.Vent ? ReleaseKind.Natural : ReleaseKind.Vent) && s.Minutes is not null
        );
        if (mine is null)
        {
            return null;
        }

        if (other is null)
        {
            return release.Kind is ReleaseKind.Pulsed or ReleaseKind.Natural && scouted.Any(s => s.Release.Kind == ReleaseKind.Pulsed)
                ? "Starch, foam or soup would spurt from the valve, so it is not vented at once."
                : null;
        }

        double juice = other.WaterLossPercent - mine.WaterLossPercent,
            minutes = other.TotalMinutes - mine.TotalMinutes;
        var name = other.Release.Kind == ReleaseKind.Vent ? "Venting at once" : "Waiting for the pin";
        return string.Create(
            CultureInfo.InvariantCulture,
            $"{name} would need {other.Minutes:0} min, {Costs(juice)} and take {Longer(minutes)} in all."
        );
    }

    private static string Longer(double minutes) =>
        Math.Round(Math.Abs(minutes)) == 0
            ? "as long"
            : string.Create(CultureInfo.InvariantCulture, $"{Math.Abs(minutes):0} min {(minutes > 0 ? "longer" : "less")}");

    private static string Costs(double juice) =>
        Math.Abs(juice) < Wording.LeastPercent
            ? "cost the same juice"
            : $"{(juice > 0 ? "cost" : "save")} about {Wording.Percent(Math.Abs(juice))} {(juice > 0 ? "more" : "of the")} juice";

    private static string Waiting(PlanRequest request, CookModel model, DetailedRun run, Wording say)
    {
        var up = Quantiles.Of(Quantiles.Sorted(run.ToPressureMinutes), 0.5);
        var frozen = request.Load.State == MeatState.Frozen ? "from frozen " : "";
        return string.Create(
            CultureInfo.InvariantCulture,
            $"Coming to pressure takes about {up:0} min {frozen}before the minutes count; then the pot holds "
                + $"{say.Temperature(model.HeldCelsius)}."
        );
    }

    /// <summary>Tenderness in kitchen words, to complete "meat that ...".</summary>
    /// <param name="cut">What it is.</param>
    /// <param name="aim">What it is cooked for.</param>
    /// <param name="index">Share of the collagen, or of the gelatin of stock, 0 to 1.</param>
    public static string Label(Cut cut, Aim aim, double index) =>
        aim == Poultry.Aim.Stock ? Gelatin.Label(index) : Label(cut.Window, index, cut.BoneIn);

    private static string Label(TendernessWindow window, double index, bool boneIn) =>
        Math.Round(index, 2) switch
        {
            var said when said < window.TenderLeast => "is still tough",
            var said when said > window.Most => "goes stringy",
            var said when said >= window.FallApartLeast => boneIn ? "falls from the bone" : "falls apart",
            var said when said >= window.PullLeast && said > window.SliceMost => "pulls",
            var said when said >= window.PullLeast => "slices or pulls",
            _ => "slices",
        };
}
