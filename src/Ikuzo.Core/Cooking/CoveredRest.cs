namespace Ikuzo.Core.Cooking;

/// <summary>
/// What may be asked of a cook after opening: the outer meat is hotter than the middle, which goes on warming while it stands covered.
/// The one place for what is promised, judged and rehearsed.
/// </summary>
public static class CoveredRest
{
    /// <summary>
    /// Longest that meat is left covered in all before it is cooked on, min: as long as a cook waits with the plates warm.
    /// </summary>
    public const int MostMinutes = 8;

    /// <summary>Longest covered rest that goes with the verdict that it is done, min: no more than meat rests anyway.</summary>
    public const int MostRestMinutes = 5;

    /// <summary>Readings at a spot, the lowest of which counts, before something else is done. Their errors are independent.</summary>
    public const int MostReadings = 3;

    /// <summary>To open, find the middle and read it, min. Estimate.</summary>
    public const double ReadMinutes = 1;
}
