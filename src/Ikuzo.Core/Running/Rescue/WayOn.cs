using Ikuzo.Core.Cooking;

namespace Ikuzo.Core.Running.Rescue;

/// <summary>A way to cook on: the shortest that is enough, or none.</summary>
/// <param name="Method">How.</param>
/// <param name="Ending">What it gives; null when no time is enough.</param>
/// <param name="Belief">What is believed of the pot.</param>
internal sealed record WayOn(RescueMethod Method, CookedOn? Ending, Belief Belief)
{
    // A pot that is closed again keeps dinner waiting and the cook standing: a tuning number, min.
    private const double NuisanceMinutes = 5;

    /// <summary>From now until the lid may be opened again, likely, min; endless when no time is enough.</summary>
    public double Minutes => Ending is null ? double.PositiveInfinity : Belief.Quantile(Ending.MinutesFromNow, 0.5);

    /// <summary>What it is worth not to need it, min.</summary>
    public double WorthMinutes =>
        double.IsInfinity(Minutes) ? RescuePlanner.MostMinutes : Minutes + CoveredRest.ReadMinutes + NuisanceMinutes;
}
