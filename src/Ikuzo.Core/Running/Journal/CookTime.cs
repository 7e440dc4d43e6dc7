namespace Ikuzo.Core.Running.Journal;

/// <summary>The clock of a cook: the wall's, or that of a rehearsal, which may run fast.</summary>
/// <param name="WallAnchor">Moment on the wall at which they parted.</param>
/// <param name="CookAnchor">The same moment on the clock of the cook.</param>
/// <param name="Speed">How many times faster it runs, 1 to 120.</param>
public readonly record struct CookTime(DateTimeOffset WallAnchor, DateTimeOffset CookAnchor, double Speed)
{
    /// <summary>Fastest clock of a rehearsal.</summary>
    public const double MostSpeed = 120;

    /// <summary>The wall's own clock.</summary>
    public static readonly CookTime Wall = new(DateTimeOffset.UnixEpoch, DateTimeOffset.UnixEpoch, 1);

    /// <summary>Time of the cook at a moment on the wall.</summary>
    public DateTimeOffset At(DateTimeOffset wall) => CookAnchor + (wall - WallAnchor) * Speed;
}
