using Ikuzo.Core.Physics;

namespace Ikuzo.Core.Companions;

/// <summary>
/// How fast something softens at a temperature, over how fast it does in boiling water at sea level: Arrhenius, of first order.
/// </summary>
/// <param name="ActivationJoulePerMol">Activation energy, J/mol.</param>
/// <param name="ActivationAboveJoulePerMol">The same above <paramref name="TurnsAtCelsius"/>, J/mol.</param>
/// <param name="TurnsAtCelsius">Temperature at which another step becomes the slow one, °C.</param>
/// <param name="Source">Where the figures come from.</param>
public sealed record SofteningLaw(double ActivationJoulePerMol, double ActivationAboveJoulePerMol, double TurnsAtCelsius, string Source)
{
    /// <summary>Temperature at which the rate is 1, °C: boiling water at sea level.</summary>
    public const double ReferenceCelsius = 100;

    /// <summary>
    /// Starch of grain and pasta that swells: 79.5 kJ/mol, and 36.8 where the way of the water is slower than the reaction (Suzuki, Kubota,
    /// Omichi and Hosaka 1976, J. Food Science 41:1180, cooking of rice). They found the turn at 110 °C; whole grain and pasta are thicker
    /// than their rice, and at 100 °C what kitchens name under pressure and in boiling water agree. Estimate.
    /// </summary>
    public static SofteningLaw Grain { get; } = new(79_500, 36_800, ReferenceCelsius, "Suzuki et al. 1976, J. Food Sci. 41:1180: rice");

    /// <summary>Dough: starch as that of grain. Estimate.</summary>
    public static SofteningLaw Dough { get; } = Plain(80_000, "estimate: starch of grain, Suzuki et al. 1976");

    /// <summary>
    /// Pulses that hold their water: middle of the 95 to 105 kJ/mol within which their softening is reported. Estimate.
    /// </summary>
    public static SofteningLaw Pulse { get; } = Plain(100_000, "estimate: middle of 95 to 105 kJ/mol");

    /// <summary>
    /// Dry pulses: the same up to the boil; above it the way of the water into the bean holds them up. 80 kJ/mol there brings what kitchens
    /// name under pressure and in boiling water together. Estimate.
    /// </summary>
    public static SofteningLaw DryPulse { get; } =
        new(100_000, 80_000, ReferenceCelsius, "estimate: pulses, slowed by the way of the water");

    /// <summary>
    /// Pectin between the cells of vegetables and fruit: low end of 100 to 120 kJ/mol; within the 42 to 125 kJ/mol that Lund (1975) gives
    /// for texture in general. Estimate.
    /// </summary>
    public static SofteningLaw Pectin { get; } = Plain(100_000, "estimate: 100 to 120 kJ/mol for the softening of vegetables");

    /// <summary>Rate over that in boiling water at sea level.</summary>
    /// <param name="celsius">Temperature of the piece, °C.</param>
    public double Rate(double celsius)
    {
        double turn = Kelvin(TurnsAtCelsius),
            t = Kelvin(celsius);
        return Math.Exp(
            ActivationJoulePerMol / Kinetics.GasConstant * (1 / Kelvin(ReferenceCelsius) - 1 / Math.Min(t, turn))
                + ActivationAboveJoulePerMol / Kinetics.GasConstant * (1 / turn - 1 / Math.Max(t, turn))
        );
    }

    private static double Kelvin(double celsius) => celsius + Water.ZeroCelsiusKelvin;

    private static SofteningLaw Plain(double activation, string source) => new(activation, activation, ReferenceCelsius, source);
}

/// <summary>What a piece beside the meat is nearest to; decides how heat finds its middle.</summary>
public enum PieceForm
{
    /// <summary>Leaf, slice, flake: from both faces.</summary>
    Slab,

    /// <summary>Bean, stem, stick: from around.</summary>
    Rod,

    /// <summary>Chunk: from six faces.</summary>
    Cube,

    /// <summary>Pea, potato, sprout: from everywhere.</summary>
    Ball,
}

/// <summary>One piece of something beside the meat.</summary>
/// <param name="Form">What it is nearest to.</param>
/// <param name="HalfThicknessMetres">Half of its least way through, m, as it is usually cut.</param>
public readonly record struct Piece(PieceForm Form, double HalfThicknessMetres)
{
    private const double SquareMetrePerSecond = 1.4e-7; // diffusivity of what is mostly water: Choi and Okos 1986, rounded

    // Small dice and large chunks against those of the name. Estimates.
    private const double SmallShare = 0.6,
        LargeShare = 1.7;

    /// <summary>The piece as it is cut.</summary>
    public Piece Cut(PieceSize size) =>
        this with
        {
            HalfThicknessMetres =
                HalfThicknessMetres
                * size switch
                {
                    PieceSize.Small => SmallShare,
                    PieceSize.Large => LargeShare,
                    _ => 1,
                },
        };

    /// <summary>
    /// Time constant with which the piece follows what is around it, s: R² / (α β²) of the slowest term of the exact series at a
    /// surface that is as hot as its surroundings. It begins at 1, between the middle (1.3 to 2.1) and the mean (0.5 to 0.8) of that term.
    /// </summary>
    public double LagSeconds => HalfThicknessMetres * HalfThicknessMetres / SquareMetrePerSecond / Slowest(Form);

    // First roots squared of the exact series: Carslaw and Jaeger 1959; for a cube three times that of a slab.
    private static double Slowest(PieceForm form) =>
        form switch
        {
            PieceForm.Slab => Math.PI * Math.PI / 4,
            PieceForm.Rod => 2.404826 * 2.404826,
            PieceForm.Cube => 3 * Math.PI * Math.PI / 4,
            _ => Math.PI * Math.PI,
        };
}

/// <summary>Something that softens beside the meat, as a pot sees it.</summary>
/// <param name="Law">How fast.</param>
/// <param name="LagSeconds">Time constant with which a piece follows what is around it, s, above 0.</param>
/// <param name="AroundLagSeconds">Time constant with which what is around the piece follows the pot, s; 0 in boiling water.</param>
public sealed record BesideModel(SofteningLaw Law, double LagSeconds, double AroundLagSeconds = 0)
{
    /// <summary>The same in plenty of boiling water, where every piece is surrounded.</summary>
    public BesideModel InWater() => this with { AroundLagSeconds = 0 };
}
