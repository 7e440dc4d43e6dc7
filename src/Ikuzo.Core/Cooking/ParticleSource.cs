using Ikuzo.Core.Conduction;

namespace Ikuzo.Core.Cooking;

/// <summary>Which possible cooks to compute: a whole number of lane blocks of standard normal draws.</summary>
public sealed class ParticleSource
{
    private readonly Func<Uncertain, int, double> _draw;

    private ParticleSource(int count, Func<Uncertain, int, double> draw)
    {
        Count = count;
        _draw = draw;
    }

    /// <summary>The full ensemble.</summary>
    public static ParticleSource Ensemble { get; } = new(ParticleDraws.Count, (q, i) => ParticleDraws.Of(q)[i]);

    /// <summary>
    /// A scout of one block: the first half of the lanes is nominal, the second half cautious (thicker, flatter, colder, a worse
    /// conductor at lower pressure).
    /// </summary>
    public static ParticleSource Scout { get; } = new(Lanes.Width, (q, i) => i < Lanes.Width / 2 ? 0 : Cautious(q));

    /// <summary>Only the nominal cook, repeated in every lane of one block.</summary>
    public static ParticleSource Nominal { get; } = new(Lanes.Width, (_, _) => 0);

    /// <summary>Number of particles, a multiple of the lane width.</summary>
    public int Count { get; }

    /// <summary>Draws of one quantity for the eight particles from <paramref name="first"/>.</summary>
    public Lane Draw(Uncertain quantity, int first)
    {
        Span<float> eight = stackalloc float[Lanes.Width];
        for (var i = 0; i < Lanes.Width; i++)
        {
            eight[i] = (float)_draw(quantity, first + i);
        }

        return Lanes.From(eight);
    }

    // About the point on the 1 % contour that lies in the direction of steepest cooling: thickness carries most of it.
    private static double Cautious(Uncertain quantity) => quantity switch
    {
        Uncertain.Thickness => 2.1,
        Uncertain.Shape or Uncertain.Conductivity => -0.8,
        Uncertain.StartTemperature or Uncertain.GaugePressure or Uncertain.SurfaceFilm => -0.4,
        _ => 0,
    };
}
