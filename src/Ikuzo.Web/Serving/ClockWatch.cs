namespace Ikuzo.Web.Serving;

/// <summary>The clock of the machine was set.</summary>
/// <param name="At">When, by the clock as it is now.</param>
/// <param name="Seconds">How far forward; negative for back.</param>
public sealed record ClockSetting(DateTimeOffset At, double Seconds);

/// <summary>
/// Notices that the clock of this machine was set: by hand, by a time service, or because it stood still while the power was off. What
/// really passed is known from the machine's other clock, which nobody sets.
/// </summary>
/// <param name="clock">Both clocks.</param>
public sealed class ClockWatch(TimeProvider clock)
{
    private static readonly TimeSpan Noticed = TimeSpan.FromSeconds(20); // a time service takes less out bit by bit

    private readonly Lock _lock = new();
    private (DateTimeOffset Wall, long Ticks)? _last;
    private bool _isStarted,
        _wasBehind;

    /// <summary>The last setting that was noticed; null for none.</summary>
    public ClockSetting? Last { get; private set; }

    /// <summary>True while nothing was noticed since the last look.</summary>
    public bool IsRight
    {
        get
        {
            lock (_lock)
            {
                return _isStarted && Ahead().Duration() < Noticed;
            }
        }
    }

    /// <summary>
    /// How far it was set since the last look; nothing where it was not. And whether what was written before the start stands where it was
    /// written: the clock stood still while the power was off, and is now set right.
    /// </summary>
    /// <param name="newestWritten">When the newest entry was written, which the first look is held against; null without one.</param>
    public (TimeSpan By, bool WasRightBefore) Take(DateTimeOffset? newestWritten)
    {
        lock (_lock)
        {
            var now = clock.GetUtcNow();
            var set =
                _isStarted ? Ahead()
                : newestWritten > now ? now - newestWritten.Value
                : TimeSpan.Zero;
            (_last, var isFirst, _isStarted) = ((now, clock.GetTimestamp()), !_isStarted, true);
            if (set.Duration() < Noticed)
            {
                return (TimeSpan.Zero, false);
            }

            Last = new(now, set.TotalSeconds);
            var isSetRight = _wasBehind && set > TimeSpan.Zero;
            _wasBehind = isFirst;
            return (set, isSetRight);
        }
    }

    private TimeSpan Ahead() => _last is var (wall, ticks) ? clock.GetUtcNow() - wall - clock.GetElapsedTime(ticks) : TimeSpan.Zero;
}
