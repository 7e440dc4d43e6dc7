using Ikuzo.Core.Safety;

namespace Ikuzo.Core.Cooking;

/// <summary>How it stands some time after the pin has dropped, the lid never lifted. The nominal cook.</summary>
/// <param name="Minutes">Since the pin dropped, min.</param>
/// <param name="PotCelsius">Pot, °C.</param>
/// <param name="CoreCelsius">Coldest spot, °C.</param>
/// <param name="WaterLossPercent">Juice lost, percent of the raw weight of the muscle.</param>
/// <param name="Tenderness">Collagen converted, mean over the meat, 0 to 1.</param>
public sealed record LeftPoint(double Minutes, double PotCelsius, double CoreCelsius, double WaterLossPercent, double Tenderness);

/// <summary>What the closed pot does to the meat of somebody who comes late.</summary>
/// <param name="Points">Every quarter of an hour, from the fall of the pin.</param>
/// <param name="HotUntilMinutes">
/// Since the pin dropped, min, when the pot falls below the temperature of hot holding: from then the two hours count. Null when it never
/// does within the time looked at.
/// </param>
public sealed record LeftAlone(IReadOnlyList<LeftPoint> Points, double? HotUntilMinutes)
{
    /// <summary>As far as is looked, min.</summary>
    public const int MostMinutes = 240;

    private const int EveryMinutes = 15;

    /// <summary>Follows a cook that ended but was not opened, on its level of keeping warm or cooling by itself.</summary>
    /// <param name="model">A cook that reaches pressure.</param>
    /// <param name="branch">Minutes held and release.</param>
    public static LeftAlone Of(CookModel model, Branch branch)
    {
        var block = Ensemble.Rent();
        block.Load(model, ParticleSource.Nominal, 0);
        block.ComeUp();
        block.Hold(branch.HoldMinutes * 60);
        block.Let(branch.Release);
        List<LeftPoint> points = [At(block, 0)];
        double? hotUntil = null;
        for (var minute = 1; minute <= MostMinutes; minute++)
        {
            Wait(block, model.Pot.KeepWarmCelsius);
            if (hotUntil is null && block.PotCelsius[0] < SafetyRule.HotHoldingCelsius)
            {
                hotUntil = minute;
            }

            if (minute % EveryMinutes == 0)
            {
                points.Add(At(block, minute));
            }
        }

        Ensemble.Return(block);
        return new(points, hotUntil);
    }

    // The heater comes on once the pot has fallen to its level.
    private static void Wait(CookBlock block, double? keepWarmCelsius)
    {
        if (keepWarmCelsius is { } level && block.PotCelsius[0] <= level)
        {
            block.KeepAt(level);
            block.Live(Surroundings.Hold, 60, 1, Release.VentTauSeconds);
        }
        else
        {
            block.Live(Surroundings.Rest, 60, 0, Release.VentTauSeconds);
        }
    }

    private static LeftPoint At(CookBlock block, int minute) =>
        new(
            minute,
            Math.Round(block.PotCelsius[0], 1),
            Math.Round(block.ColdestCelsius()[0], 1),
            Math.Round(block.WaterLossPercent()[0], 1),
            Math.Round(block.Tenderness()[0], 3)
        );
}
