using Ikuzo.Core.Conduction;

namespace Ikuzo.Core.Cooking;

/// <summary>Which possible cooks to compute: a whole number of lane blocks of standard normal draws.</summary>
public sealed class ParticleSource
{
    /// <summary>Of a scout, the first particle that is cautious.</summary>
    internal const int FirstCautious = Lanes.Width / 2;

    // Tuning numbers: what surprises is nearly always a size; three standard deviations of it become nine, of all else more than five.
    private const double WideSize = 3,
        WideFactor = 1.8;

    private readonly Func<Uncertain, int, double> _draw;

    private ParticleSource(int count, Func<Uncertain, int, double> draw)
    {
        Count = count;
        _draw = draw;
    }

    /// <summary>The ensemble of a plan.</summary>
    public static ParticleSource Ensemble { get; } = new(ParticleDraws.Count, (q, i) => ParticleDraws.Of(q)[i]);

    /// <summary>A small ensemble, for who asks about how long.</summary>
    public static ParticleSource Few { get; } = new(ParticleDraws.FewCount, (q, i) => ParticleDraws.OfFew(q)[i]);

    /// <summary>The ensemble of a check.</summary>
    public static ParticleSource Check { get; } = new(ParticleDraws.CheckCount, (q, i) => ParticleDraws.OfCheck(q)[i]);

    /// <summary>The ensemble of a check with every spread widened, for a cook that turned out to be unlike what was expected.</summary>
    public static ParticleSource Wide { get; } =
        new(ParticleDraws.CheckCount, (q, i) => ParticleDraws.OfCheck(q)[i] * (IsSize(q) ? WideSize : WideFactor));

    /// <summary>
    /// A scout of one block: the first half of the lanes is nominal, the second half cautious (thicker, flatter, colder, a worse
    /// conductor at lower pressure).
    /// </summary>
    public static ParticleSource Scout { get; } = new(Lanes.Width, (q, i) => i < FirstCautious ? 0 : Cautious(q));

    /// <summary>
    /// One block of which the first lane is nominal, the second cautious, and each further one as cautious where one thing more is known.
    /// </summary>
    /// <param name="known">What a cautious draw of a quantity becomes in each further lane; at most fourteen.</param>
    internal static ParticleSource Knowing(IReadOnlyList<Func<Uncertain, double, double>> known) =>
        new(
            Lanes.Width,
            (q, i) =>
                i == 0 ? 0
                : i > 1 && i - 2 < known.Count ? known[i - 2](q, Cautious(q))
                : Cautious(q)
        );

    /// <summary>Some particles of the ensemble of a plan, as many as there are lanes.</summary>
    /// <param name="particles">Their numbers.</param>
    public static ParticleSource Some(int[] particles) => new(Lanes.Width, (q, i) => ParticleDraws.Of(q)[particles[i]]);

    /// <summary>Only the nominal cook, repeated in every lane of one block.</summary>
    public static ParticleSource Nominal { get; } = new(Lanes.Width, (_, _) => 0);

    /// <summary>One block of cooks drawn by chance from the same spreads, to test the ensemble with.</summary>
    /// <param name="seed">Same seed, same cooks.</param>
    public static ParticleSource Chance(ulong seed)
    {
        var random = new SplitMix64(seed);
        var quantities = Enum.GetValues<Uncertain>().Length;
        var draws = Enumerable
            .Range(0, quantities * Lanes.Width)
            .Select(_ => Math.Clamp(random.Normal(), -Spreads.CutAt, Spreads.CutAt))
            .ToArray();
        return new ParticleSource(Lanes.Width, (q, i) => draws[(int)q * Lanes.Width + i]);
    }

    /// <summary>The same particles in a household that has learned something.</summary>
    /// <param name="learned">What it has learned.</param>
    public ParticleSource Knowing(LearnedDraws learned) =>
        learned.Moved.Count == 0 ? this : new(Count, (q, i) => learned.Of(q, _draw(q, i)));

    /// <summary>Number of particles, a multiple of the lane width.</summary>
    public int Count { get; }

    /// <summary>Draws of one quantity for the sixteen particles from <paramref name="first"/>.</summary>
    public Lane Draw(Uncertain quantity, int first) => Lanes.Each(i => _draw(quantity, first + i));

    /// <summary>1 + σ z for each particle: a quantity over its expected value.</summary>
    public Lane Factor(Uncertain quantity, int first) => Lane.One + Draw(quantity, first) * (float)Spreads.Of(quantity).Value;

    /// <summary>exp(σ z) for each particle: the same for what is known to a factor and is never negative.</summary>
    public Lane LogFactor(Uncertain quantity, int first) => Lanes.Exp(Draw(quantity, first) * (float)Spreads.Of(quantity).Value);

    // What all pieces share; the piece's own does not turn a pack of equal pieces into one with a giant in it.
    private static bool IsSize(Uncertain quantity) => quantity is Uncertain.OwnThickness or Uncertain.LoadThickness;

    // About the point on the 1 % contour that lies in the direction of steepest cooling: thickness carries most of it.
    private static double Cautious(Uncertain quantity) =>
        quantity switch
        {
            Uncertain.PieceThickness or Uncertain.SecondThickness => 1.5,
            Uncertain.OwnThickness or Uncertain.Touching => 1.2,
            Uncertain.LoadThickness => 0.8,
            Uncertain.Shape or Uncertain.Conductivity => -0.8,
            Uncertain.StartTemperature or Uncertain.GaugePressure or Uncertain.SurfaceFilm => -0.4,
            _ => 0,
        };
}
