namespace Ikuzo.Core.Companions;

/// <summary>What something beside the bird is; decides whether and how its size counts.</summary>
public enum CompanionKind
{
    /// <summary>Rice, barley and their like.</summary>
    Grain,

    /// <summary>Beans, peas and lentils.</summary>
    Pulse,

    /// <summary>Pasta and noodles.</summary>
    Pasta,

    /// <summary>Roots and tubers.</summary>
    Root,

    /// <summary>Squash, fruit and other flesh that is cut.</summary>
    Flesh,

    /// <summary>Greens and florets.</summary>
    Green,

    /// <summary>Onions, tomatoes and others that melt into the sauce.</summary>
    Aromatic,

    /// <summary>Dough.</summary>
    Dough,

    /// <summary>Cream, cheese, glazes: what makes the sauce.</summary>
    Enrichment,
}

/// <summary>What a companion does to pot and release.</summary>
[Flags]
public enum CompanionTraits
{
    /// <summary>Nothing special.</summary>
    None = 0,

    /// <summary>Foams or spurts at the valve.</summary>
    Foams = 1,

    /// <summary>Sour: dry pulses stay hard beside it.</summary>
    Acid = 2,

    /// <summary>Sweet: scorches on the floor of the pot and burns under the grill.</summary>
    Sweet = 4,

    /// <summary>Curdles, or thickens and scorches: goes in after pressure.</summary>
    AfterPressure = 8,

    /// <summary>Thick: scorches unless thinned.</summary>
    Thick = 16,
}

/// <summary>How large something beside the bird is cut.</summary>
public enum PieceSize
{
    /// <summary>Small dice.</summary>
    Small,

    /// <summary>As its name says.</summary>
    Usual,

    /// <summary>Large chunks or whole.</summary>
    Large,
}

/// <summary>Something cooked beside the bird.</summary>
/// <param name="Id">Stable name.</param>
/// <param name="Name">Name on screen.</param>
/// <param name="Kind">What it is.</param>
/// <param name="HighPressureMinutes">Window under high pressure in its usual size, min.</param>
/// <param name="AbsorbsMlPerGram">Liquid that it drinks, ml per g as put in.</param>
/// <param name="GivesOffMlPerGram">Liquid that it gives off, ml per g as put in.</param>
/// <param name="Traits">What it does to pot and release.</param>
/// <param name="Source">Where the figures come from.</param>
public sealed record Companion(
    string Id,
    string Name,
    CompanionKind Kind,
    MinuteWindow HighPressureMinutes,
    double AbsorbsMlPerGram,
    double GivesOffMlPerGram,
    CompanionTraits Traits,
    string Source
)
{
    /// <summary>Stands for other meat in the same pot, of which one meat sees nothing but its heat.</summary>
    public static readonly Companion OtherMeat = new(
        "other-meat",
        "Other meat",
        CompanionKind.Flesh,
        new(0, 0, 240),
        0,
        0,
        CompanionTraits.None,
        "stands for its heat"
    );

    // Conduction goes with the square of the thickness, cell walls soften at their own pace: between the two. Estimates.
    private const double SmallFactor = 0.6,
        LargeFactor = 1.6;

    // In a bowl on the rack the wall and the water of the bowl warm first. Estimates.
    private const double BowlFactor = 1.2,
        BowlMinutes = 4;

    /// <summary>True when it foams or spurts at the valve.</summary>
    public bool Foams => Is(CompanionTraits.Foams);

    /// <summary>True when it is cut by the cook, so that its size changes its minutes.</summary>
    public bool IsCut => Kind is CompanionKind.Root or CompanionKind.Flesh;

    /// <summary>True when it has a trait.</summary>
    public bool Is(CompanionTraits trait) => (Traits & trait) == trait;

    /// <summary>Window under high pressure.</summary>
    /// <param name="size">How large it is cut; no matter for what is not cut.</param>
    /// <param name="inBowl">True in a bowl on the rack, which slows it.</param>
    public MinuteWindow Window(PieceSize size, bool inBowl)
    {
        var factor = (IsCut, size) switch
        {
            (true, PieceSize.Small) => SmallFactor,
            (true, PieceSize.Large) => LargeFactor,
            _ => 1,
        };
        var sized = HighPressureMinutes.Stretched(factor, 0);
        return inBowl ? sized.Stretched(BowlFactor, BowlMinutes) : sized;
    }
}

/// <summary>Minutes under pressure: too short below the first, mush above the last.</summary>
/// <param name="Min">Least.</param>
/// <param name="Likely">Best.</param>
/// <param name="Max">Most.</param>
public sealed record MinuteWindow(double Min, double Likely, double Max)
{
    /// <summary>The window with every minute times a factor and later by some minutes.</summary>
    public MinuteWindow Stretched(double factor, double minutes) =>
        new(Min * factor + minutes, Likely * factor + minutes, Max * factor + minutes);
}
