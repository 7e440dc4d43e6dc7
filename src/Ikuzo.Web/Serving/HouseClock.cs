using System.Globalization;

namespace Ikuzo.Web.Serving;

/// <summary>The clock of this machine, and beside it what has passed since the machine was started, its sleep included.</summary>
internal sealed class HouseClock : TimeProvider
{
    private const string Uptime = "/proc/uptime"; // proc(5): seconds since boot, suspended time included
    private static readonly bool HasUptime = File.Exists(Uptime);

    /// <inheritdoc/>
    public override long TimestampFrequency => TimeSpan.TicksPerSecond;

    /// <inheritdoc/>
    public override long GetTimestamp() =>
        HasUptime
            ? TimeSpan
                .FromSeconds(double.Parse(File.ReadAllText(Uptime).Split(' ')[0], NumberStyles.Float, CultureInfo.InvariantCulture))
                .Ticks
            : TimeSpan.FromMilliseconds(Environment.TickCount64).Ticks;
}
