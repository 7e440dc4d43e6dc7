namespace Ikuzo.Core.Loads;

/// <summary>How long things take that are done by hand around the pot. Estimates of an unhurried cook.</summary>
public static class KitchenTimes
{
    private const double PieceRestMinutes = 5,
        BirdRestMinutes = 12,
        BirdKg = 0.8;

    /// <summary>How long meat rests before it is cut, min.</summary>
    public static double RestMinutes(MeatLoad load) => load.PieceKg >= BirdKg ? BirdRestMinutes : PieceRestMinutes;
}
