using System.Globalization;
using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Planning;

/// <summary>What a promise says, in a line.</summary>
internal static class PromiseWords
{
    // Shares as a cook counts them, the greatest first.
    private static readonly (double Share, string Words)[] Shares =
    [
        (0.99, "99 of 100"),
        (0.95, "19 of 20"),
        (0.9, "9 of 10"),
        (5.0 / 6, "5 of 6"),
        (0.8, "4 of 5"),
        (0.75, "3 of 4"),
        (2.0 / 3, "2 of 3"),
        (0.5, "1 of 2"),
        (0.25, "1 of 4"),
        (0.1, "1 of 10"),
    ];

    /// <summary>A share, never said larger than it is.</summary>
    public static string Share(double share)
    {
        var words = Shares.FirstOrDefault(s => share >= s.Share - 0.001).Words;
        return words ?? "hardly any";
    }

    /// <summary>What the minutes of a plan promise.</summary>
    public static string Of(PlanRequest request, bool isSafe, Continuation follows)
    {
        if (isSafe)
        {
            return request.Promise == Promise.Measured && !request.IsForThermometer
                ? "Too small for a probe, so these are sure: ready in 99 of 100 cooks."
                : "Sure without measuring: ready in 99 of 100 cooks when you open.";
        }

        var ready = $"Then measure: ready in {Share(follows.Readiness.AtFirst)} cooks";
        return Inv($"{ready}, else about {CoveredRest} min more under the lid{Back(follows)}.");
    }

    /// <summary>The other promise beside a plan.</summary>
    /// <param name="promise">The other.</param>
    /// <param name="minutes">Its minutes.</param>
    /// <param name="readyAtFirst">Share that is done at the first reading.</param>
    /// <param name="moreLoss">Juice lost beyond that of the plan, percent.</param>
    public static string Other(Promise promise, double minutes, double readyAtFirst, double moreLoss) =>
        promise == Promise.Sure
            ? Inv($"{minutes:0} min to be sure without measuring{Juice(moreLoss)}.")
            : Inv($"{minutes:0} min, then measure: ready in {Share(readyAtFirst)} cooks{Juice(moreLoss)}.");

    private static int CoveredRest => Cooking.CoveredRest.MostMinutes;

    private static string Back(Continuation follows)
    {
        var returns = (1 - follows.Readiness.AfterRest) * 100;
        return follows.ReturnMinutes is { } back && returns >= 0.5
            ? string.Create(
                CultureInfo.InvariantCulture,
                $"; {returns:0} in 100 {(Math.Round(returns) == 1 ? "goes" : "go")} back, for {back.P50:0} min"
            )
            : "";
    }

    private static string Juice(double more) =>
        Math.Abs(more) < Wording.LeastPercent ? "" : $", {Wording.Percent(Math.Abs(more))} {(more > 0 ? "more" : "less")} juice lost";

    private static string Inv(FormattableString text) => FormattableString.Invariant(text);
}
