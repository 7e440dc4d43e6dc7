using Ikuzo.Core.Cooking;

namespace Ikuzo.Core.Trust;

/// <summary>What is not known exactly, in kitchen words.</summary>
internal static class UncertainWords
{
    public static string Name(Uncertain quantity) =>
        quantity switch
        {
            Uncertain.HeaterPower => "Power of the heater",
            Uncertain.OwnThickness => "How thick such a cut is on average",
            Uncertain.LoadThickness => "How thick this butcher cuts",
            Uncertain.PieceThickness or Uncertain.SecondThickness => "How thick the thickest piece is",
            Uncertain.Touching => "How much pieces that touch shield each other",
            Uncertain.Shape => "Shape",
            Uncertain.StartTemperature => "Temperature of fridge or freezer",
            Uncertain.Conductivity => "Conductivity of the meat",
            Uncertain.HeatLoss => "Heat lost to the kitchen",
            Uncertain.GaugePressure => "Pressure that the pot holds",
            Uncertain.SurfaceFilm => "Heat transfer to the meat",
            Uncertain.Purge => "Steam lost before the valve closes",
            Uncertain.WaterLoss => "Juice that this meat gives off",
            Uncertain.Collagen => "How fast this bird turns tender",
            _ => throw new ArgumentOutOfRangeException(nameof(quantity), quantity, "has no name yet."),
        };
}
