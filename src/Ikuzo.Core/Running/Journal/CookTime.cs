namespace Ikuzo.Core.Running.Journal;

/// <summary>The clock of a cook: the wall's, or that of a rehearsal, which runs fast while the pot works and waits for the hand.</summary>
/// <param name="WallAnchor">Moment on the wall at which they parted.</param>
/// <param name="CookAnchor">The same moment on the clock of the cook.</param>
/// <param name="Speed">How many times faster it runs, 1 to 120.</param>
public readonly record struct CookTime(DateTimeOffset WallAnchor, DateTimeOffset CookAnchor, double Speed)
{
    /// <summary>Fastest clock of a rehearsal.</summary>
    public const double MostSpeed = 120;

    /// <summary>The wall's own clock.</summary>
    public static readonly CookTime Wall = new(DateTimeOffset.UnixEpoch, DateTimeOffset.UnixEpoch, 1);

    /// <summary>Moment of the cook from which on the hand has to act, and time passes as it does; null while the pot works alone.</summary>
    public DateTimeOffset? FastUntil { get; init; }

    /// <summary>How long it waits for the hand there before it goes on, s; null for as long as it takes.</summary>
    public double? WaitsSeconds { get; init; }

    /// <summary>Time of the cook at a moment on the wall.</summary>
    public DateTimeOffset At(DateTimeOffset wall)
    {
        var fast = CookAnchor + (wall - WallAnchor) * Speed;
        if (FastUntil is not { } until || Speed <= 1 || fast <= until)
        {
            return fast;
        }

        var reached = WallAnchor + (Max(until, CookAnchor) - CookAnchor) / Speed;
        var slow = wall - reached;
        var waited = WaitsSeconds is { } most && slow.TotalSeconds > most ? TimeSpan.FromSeconds(most) : slow;
        return Max(until, CookAnchor) + waited + (slow - waited) * Speed;
    }

    private static DateTimeOffset Max(DateTimeOffset one, DateTimeOffset other) => one > other ? one : other;
}
