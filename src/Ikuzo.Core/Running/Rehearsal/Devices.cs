using Ikuzo.Core.Poultry;
using Ikuzo.Core.Running.Journal;

namespace Ikuzo.Core.Running.Rehearsal;

/// <summary>What a pot says about itself.</summary>
/// <param name="LidOn">True when the lid is on.</param>
/// <param name="PinUp">True when the pin is up: there is pressure.</param>
/// <param name="Heats">True while the heater is on.</param>
/// <param name="Celsius">Temperature inside, °C.</param>
public readonly record struct CookerReport(bool LidOn, bool PinUp, bool Heats, double Celsius);

/// <summary>What a pot says of itself.</summary>
/// <param name="Kind">Pressure reached, minutes over, or pin down.</param>
/// <param name="At">When, on the clock of the cook.</param>
public readonly record struct Announcement(CookEventKind Kind, DateTimeOffset At);

/// <summary>A multicooker that can be asked. Implementers tell each change once, in the order of time.</summary>
public interface IMulticooker
{
    /// <summary>How it is now.</summary>
    CookerReport Report { get; }

    /// <summary>What happened by itself since the last call.</summary>
    IReadOnlyList<Announcement> TakeAnnouncements();
}

/// <summary>A probe thermometer that can be asked.</summary>
public interface IProbe
{
    /// <summary>The temperature at a spot, °C; null while the probe is silent.</summary>
    /// <param name="spotId">Spot of the cut.</param>
    double? Read(string spotId);
}
