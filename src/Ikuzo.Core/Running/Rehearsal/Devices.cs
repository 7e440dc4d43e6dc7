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

/// <summary>A multicooker that can be asked.</summary>
/// <remarks>
/// Rules for whoever implements one, held by the contract tests: the clock is that of the cook and never runs backwards; each change is
/// told once,
/// in the order of time, and no change is told before it happened; what a hand did is followed and never told back; before the lid is on
/// nothing is
/// told. One thread at a time calls it.
/// </remarks>
public interface IMulticooker
{
    /// <summary>How it is now.</summary>
    CookerReport Report { get; }

    /// <summary>Lets time pass until a moment on the clock of the cook. An earlier moment than the last changes nothing.</summary>
    /// <param name="until">The moment.</param>
    void AdvanceTo(DateTimeOffset until);

    /// <summary>Follows what a hand did, at the moment at which it did.</summary>
    /// <param name="entry">Entry of the journal; kinds that are none of its business change nothing.</param>
    void Take(CookEvent entry);

    /// <summary>What happened by itself since the last call: pressure reached, minutes over, pin down.</summary>
    IReadOnlyList<Announcement> TakeAnnouncements();
}

/// <summary>A probe thermometer that can be asked.</summary>
public interface IProbe
{
    /// <summary>The temperature at a spot, °C; null while the probe is silent, and for a spot that the cook does not have.</summary>
    /// <param name="spotId">Spot of the cook.</param>
    double? Read(string spotId);
}

/// <summary>A device that keeps what it measured.</summary>
public interface IRecorder
{
    /// <summary>Minutes since the first lid-on, pot and coldest spot, °C.</summary>
    IReadOnlyList<(double Minutes, double Pot, double Coldest)> Curve { get; }
}

/// <summary>A pot and a probe at one cook.</summary>
/// <param name="Pot">The pot.</param>
/// <param name="Probe">The probe.</param>
public sealed record Attached(IMulticooker Pot, IProbe Probe)
{
    /// <summary>The same after a whole journal and some time.</summary>
    /// <param name="events">Entries that hold, in the order in which they happened.</param>
    /// <param name="until">Moment on the clock of the cook.</param>
    public Attached After(IEnumerable<CookEvent> events, DateTimeOffset until)
    {
        foreach (var entry in events)
        {
            Pot.Take(entry);
        }

        Pot.AdvanceTo(until);
        return this;
    }
}
