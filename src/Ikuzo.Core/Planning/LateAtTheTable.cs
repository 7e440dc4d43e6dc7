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
    private static readonly int[] Shown = [0, 30, 60, 120, 180, 240];

    /// <summary>Looks ahead.</summary>
    /// <param name="request">The question.</param>
    /// <param name="branch">Minutes held and release.</param>
    public static LateAtTheTable Of(PlanRequest request, Branch branch)
    {
        var left = LeftAlone.Of(ModelBuilder.Build(request), branch);
        var cut = request.Load.Cut;
        return new(
            request.Pot.KeepWarmCelsius,
            left.HotUntilMinutes,
            [
                .. left
                    .Points.Where(p => Shown.Contains((int)p.Minutes))
                    .Select(p => new LateMoment(
                        p.Minutes,
                        p.CoreCelsius,
                        p.WaterLossPercent,
                        Reasons.Label(cut.Window, p.Tenderness, cut.BoneIn)
                    )),
            ]
        );
    }
}
