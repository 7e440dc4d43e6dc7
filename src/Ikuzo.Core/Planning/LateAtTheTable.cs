using Ikuzo.Core.Cooking;

namespace Ikuzo.Core.Planning;

/// <summary>How the meat is for who comes later, the pot left closed.</summary>
/// <param name="Minutes">Since the pin dropped, min.</param>
/// <param name="CoreCelsius">Coldest spot, likely, °C.</param>
/// <param name="WaterLossPercent">Juice lost, likely, percent of the raw weight of the muscle.</param>
/// <param name="Label">How it is then, in kitchen words.</param>
public sealed record LateMoment(double Minutes, double CoreCelsius, double WaterLossPercent, string Label);

/// <summary>What the next hours in the closed pot do.</summary>
/// <param name="KeepWarmCelsius">Level at which the pot keeps warm by itself, °C; null when it does not.</param>
/// <param name="HotUntilMinutes">
/// Since the pin dropped, min, until it is no longer held hot: from then the two hours count. Null when it stays hot.
/// </param>
/// <param name="Moments">From the fall of the pin to four hours.</param>
public sealed record LateAtTheTable(double? KeepWarmCelsius, double? HotUntilMinutes, IReadOnlyList<LateMoment> Moments)
{
    private const double AsGoodPercent = 1; // more juice than this is noticed; estimate

    /// <summary>Minutes since the pin dropped until which it is as good as at once: as tender in words, as juicy, and hot.</summary>
    public double AsGoodMinutes { get; private init; }

    private static readonly int[] Shown = [0, 30, 60, 120, 180, 240];

    /// <summary>Looks ahead.</summary>
    /// <param name="request">The question.</param>
    /// <param name="branch">Minutes held and release.</param>
    public static LateAtTheTable Of(PlanRequest request, Branch branch)
    {
        var left = LeftAlone.Of(ModelBuilder.Build(request), branch);
        var cut = request.Load.Cut;
        var first = left.Points[0];
        string Label(LeftPoint p) => Reasons.Label(cut, request.WantedAim, p.Tenderness);
        bool IsAsGood(LeftPoint p) =>
            p.WaterLossPercent <= first.WaterLossPercent + AsGoodPercent
            && Label(p) == Label(first)
            && (left.HotUntilMinutes is not { } hot || p.Minutes <= hot);
        return new(
            request.Pot.KeepWarmCelsius,
            left.HotUntilMinutes,
            [
                .. left
                    .Points.Where(p => Shown.Contains((int)p.Minutes))
                    .Select(p => new LateMoment(p.Minutes, p.CoreCelsius, p.WaterLossPercent, Label(p))),
            ]
        )
        {
            AsGoodMinutes = left.Points.TakeWhile(IsAsGood).Last().Minutes,
        };
    }
}
