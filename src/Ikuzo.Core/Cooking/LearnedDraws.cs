namespace Ikuzo.Core.Cooking;

/// <summary>
/// What a household has learned of its pot and of a cut, as it moves and narrows the draws of an ensemble: a draw z becomes
/// shift + scale · z.
/// </summary>
public sealed record LearnedDraws
{
    /// <summary>Nothing is known besides the catalogue.</summary>
    public static readonly LearnedDraws Nothing = new();

    /// <summary>By quantity: shift in standard deviations, and scale above 0 and at most 1. What is missing stays as it is.</summary>
    public IReadOnlyDictionary<Uncertain, Moved> Moved { get; init; } = new Dictionary<Uncertain, Moved>();

    /// <summary>
    /// True when as many measured cooks agree that minutes may fall below those of who has learned nothing; see
    /// <see cref="Planning.PlanRequest.Learned"/>.
    /// </summary>
    public bool MayShorten { get; init; }

    /// <summary>How much softer than usual this household likes it, in units of tenderness; negative for firmer.</summary>
    public double Softer { get; init; }

    /// <summary>
    /// Of what was learned only what makes minutes more: for a dish until enough measured cooks agree, where no plan without it is at hand.
    /// </summary>
    public LearnedDraws Cautiously() =>
        MayShorten
            ? this
            : Nothing with
            {
                Moved =
                    Moved.TryGetValue(Uncertain.OwnThickness, out var thick) && thick.Shift > 0
                        ? new Dictionary<Uncertain, Moved> { [Uncertain.OwnThickness] = thick with { Scale = 1 } }
                        : [],
                Softer = Math.Max(0, Softer),
            };

    /// <summary>True where nothing is known besides the catalogue.</summary>
    public bool TeachesNothing() => Moved.Count == 0 && Softer == 0;

    /// <summary>A draw as this household has it.</summary>
    public double Of(Uncertain quantity, double draw) =>
        Moved.TryGetValue(quantity, out var moved) ? moved.Shift + moved.Scale * draw : draw;
}

/// <summary>How a draw is moved and narrowed.</summary>
/// <param name="Shift">In standard deviations.</param>
/// <param name="Scale">Above 0, at most 1.</param>
public readonly record struct Moved(double Shift, double Scale);
