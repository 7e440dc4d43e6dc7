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

    /// <summary>Makes ill unless it was boiled through, as kidney beans do.</summary>
    BoilThrough = 32,
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
/// <param name="Minutes">When it is done, in the cook that is named; null for what does not soften.</param>
/// <param name="Piece">One piece as it is usually cut.</param>
/// <param name="AbsorbsMlPerGram">Liquid that it drinks until it is at its best, ml per g as put in.</param>
/// <param name="PouredMlPerGram">Liquid that cooks pour for it in all, ml per g as put in: what it drinks, and what is to be left.</param>
/// <param name="GivesOffMlPerGram">Liquid that it gives off, ml per g as put in.</param>
/// <param name="UsualGrams">What a cook means who says no amount, g: for four who eat.</param>
/// <param name="Traits">What it does to pot and release.</param>
/// <param name="Source">Where the figures come from.</param>
public sealed record Companion(
    string Id,
    string Name,
    CompanionKind Kind,
    ReferenceMinutes? Minutes,
    Piece Piece,
    double AbsorbsMlPerGram,
    double PouredMlPerGram,
    double GivesOffMlPerGram,
    double UsualGrams,
    CompanionTraits Traits,
    string Source
)
{
    /// <summary>Stands for other meat in the same pot, of which one meat sees nothing but its heat.</summary>
    public static readonly Companion OtherMeat = new(
        "other-meat",
        "Other meat",
        CompanionKind.Flesh,
        null,
        new(PieceForm.Ball, 0.02),
        0,
        0,
        0,
        1000,
        CompanionTraits.None,
        "stands for its heat"
    );

    // In a pot that it shares with cold meat, food lies in a heap and is the last to be hot: the steam goes into the meat, and dry things
    // must be wet through first. With this one lag, what kitchens name under pressure and in boiling water agree for sixty kinds of food
    // (KitchenMinutesTests). Estimate.
    private const double HeapLagSeconds = 300;

    // A bowl of steel or china in steam: 250 W/m² K through 0.035 m² into half a kilogram of food and water; larger ones by their
    // surface. Estimate.
    private const double BowlLagSeconds = 220,
        BowlKg = 0.5;

    /// <summary>True when it foams or spurts at the valve.</summary>
    public bool Foams => Is(CompanionTraits.Foams);

    /// <summary>True when it is cut by the cook, so that its size changes its minutes.</summary>
    public bool IsCut => Kind is CompanionKind.Root or CompanionKind.Flesh || IsFlorets;

    private bool IsFlorets => Kind == CompanionKind.Green && Piece is { Form: PieceForm.Rod, HalfThicknessMetres: >= FloretMetres };

    private const double FloretMetres = 0.008; // thicker than stalks and pods

    /// <summary>True when it goes in whole: its size is that of what was bought, and not for the cook to choose.</summary>
    public bool IsWhole => Name.Contains("whole", StringComparison.OrdinalIgnoreCase);

    /// <summary>How large it is, in words; null for as its name says.</summary>
    public string? SizeWords(PieceSize size) =>
        (IsCut, size) switch
        {
            (true, PieceSize.Large) => IsWhole ? "large ones" : "cut large",
            (true, PieceSize.Small) => IsWhole ? "small ones" : "cut small",
            _ => null,
        };

    /// <summary>
    /// True for what is done in a moment: in the heat or at a simmer of the open pot it comes out better than under the lid. Greens, and
    /// what bears only minutes. Choice.
    /// </summary>
    public bool IsQuick => Kind == CompanionKind.Green || (IsVegetable && Minutes is { BestFrom: <= QuickBest, TooFar: <= QuickTooFar });

    /// <summary>True for what is paste or mush in minutes under the lid: fine noodles, peas, soft greens and fruit, peppers.</summary>
    public bool IsNeverUnderPressure =>
        Kind == CompanionKind.Dough
        || (Kind == CompanionKind.Pasta && Minutes is { TooFar: <= FinePastaTooFar })
        || (IsQuick && (Kind == CompanionKind.Aromatic || Minutes is { TooFar: <= SoftTooFar }));

    private const double FinePastaTooFar = 6,
        SoftTooFar = 5,
        QuickBest = 1,
        QuickTooFar = 12;

    /// <summary>True for vegetables and fruit that keep their shape.</summary>
    public bool IsVegetable => Kind is CompanionKind.Root or CompanionKind.Flesh or CompanionKind.Green or CompanionKind.Aromatic;

    /// <summary>True when it drinks: its texture is that of the liquid that it had.</summary>
    public bool Drinks => AbsorbsMlPerGram >= LeastDrink;

    /// <summary>What drinks less than this is wet already, ml per g.</summary>
    private const double LeastDrink = 1;

    /// <summary>True when it has a trait.</summary>
    public bool Is(CompanionTraits trait) => (Traits & trait) == trait;

    /// <summary>How fast it softens.</summary>
    public SofteningLaw Law =>
        Kind switch
        {
            CompanionKind.Grain => SofteningLaw.Grain,
            CompanionKind.Pulse => Drinks ? SofteningLaw.DryPulse : SofteningLaw.Pulse,
            CompanionKind.Pasta => SofteningLaw.Grain,
            CompanionKind.Dough => SofteningLaw.Dough,
            _ => SofteningLaw.Pectin,
        };

    /// <summary>True when heat softens it; what makes the sauce does not.</summary>
    public bool Softens => Minutes is not null;

    /// <summary>How it softens.</summary>
    /// <param name="size">How large it is cut; no matter for what is not cut.</param>
    /// <param name="bowlKg">Food and water in its bowl, kg; 0 without a bowl.</param>
    public BesideModel Model(PieceSize size, double bowlKg = 0) =>
        new(Law, (IsCut ? Piece.Cut(size) : Piece).LagSeconds, HeapLagSeconds + BowlLagSeconds * Math.Cbrt(bowlKg / BowlKg));
}
