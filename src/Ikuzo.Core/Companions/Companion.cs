namespace Ikuzo.Core.Companions;

/// <summary>Something cooked beside the bird.</summary>
/// <param name="Id">Stable name.</param>
/// <param name="Name">Name on screen.</param>
/// <param name="HighPressureMinutes">Window under high pressure, min.</param>
/// <param name="AbsorbsMlPerGram">Liquid that it drinks, ml per g as put in.</param>
/// <param name="GivesOffMlPerGram">Liquid that it gives off, ml per g as put in.</param>
/// <param name="Foams">True when it foams or spurts at the valve.</param>
/// <param name="Source">Where the figures come from.</param>
public sealed record Companion(
    string Id, string Name, MinuteWindow HighPressureMinutes, double AbsorbsMlPerGram, double GivesOffMlPerGram, bool Foams, string Source);

/// <summary>Minutes under pressure: too short below the first, mush above the last.</summary>
/// <param name="Min">Least.</param>
/// <param name="Likely">Best.</param>
/// <param name="Max">Most.</param>
public sealed record MinuteWindow(double Min, double Likely, double Max);
