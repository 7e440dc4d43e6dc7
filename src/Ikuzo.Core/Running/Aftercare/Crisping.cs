namespace Ikuzo.Core.Running.Aftercare;

/// <summary>What crisps skin that came out of steam.</summary>
public enum CrispWay
{
    /// <summary>Under a grill, 10 to 15 cm below it.</summary>
    Grill,

    /// <summary>In a hot oven.</summary>
    Oven,

    /// <summary>Under a lid with a heater of its own.</summary>
    HeatingLid,
}

/// <summary>Crisping: how long and what to mind.</summary>
/// <param name="Way">With what.</param>
/// <param name="LeastMinutes">Look from here on, min.</param>
/// <param name="MostMinutes">Stop here, min.</param>
/// <param name="Text">How.</param>
/// <param name="Mind">What can go wrong.</param>
public sealed record CrispAdvice(CrispWay Way, double LeastMinutes, double MostMinutes, string Text, IReadOnlyList<string> Mind);
