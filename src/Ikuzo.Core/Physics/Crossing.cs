namespace Ikuzo.Core.Physics;

/// <summary>Where something that rises reaches a level.</summary>
internal static class Crossing
{
    private const double Near = 0.05;

    /// <summary>By halving: the least at which it does, to 0.05 above; null when it does not by the most.</summary>
    /// <param name="rising">Never falls from 0 to <paramref name="most"/>.</param>
    /// <param name="level">The level.</param>
    /// <param name="most">As far as is looked.</param>
    public static double? Of(Func<double, double> rising, double level, double most)
    {
        if (rising(0) >= level)
        {
            return 0;
        }

        if (rising(most) < level)
        {
            return null;
        }

        double from = 0,
            to = most;
        while (to - from > Near)
        {
            var middle = (from + to) / 2;
            (from, to) = rising(middle) < level ? (middle, to) : (from, middle);
        }

        return to;
    }
}
