using System.Globalization;

namespace Ikuzo.Core.Book;

/// <summary>What a household's readings say about the band, in a sentence.</summary>
public static class CalibrationWords
{
    private const int Few = 8; // readings that say little
    private const double MuchKelvin = 3;

    // Two standard deviations of a share of 98 % over so many readings.
    private static double LeastShare(int readings) => 0.98 - 2 * Math.Sqrt(0.98 * 0.02 / readings);

    /// <summary>The sentence.</summary>
    /// <param name="readings">How many readings.</param>
    /// <param name="inside">How many fell inside the band of 98 of 100.</param>
    /// <param name="offKelvin">By how much they are hotter than foretold, K on average.</param>
    public static string Of(int readings, int inside, double offKelvin)
    {
        if (readings == 0)
        {
            return "No reading yet: after the first few it stands here how well the forecast agrees with your thermometer.";
        }

        var fell = string.Create(CultureInfo.InvariantCulture, $"{inside} of {readings} readings fell inside the band");
        var off = string.Create(CultureInfo.InvariantCulture, $"{Math.Abs(offKelvin):0.0} K {(offKelvin > 0 ? "hotter" : "colder")}");
        return readings < Few ? $"{fell}. That is too few to say much."
            : inside < LeastShare(readings) * readings
                ? $"Only {fell}, which should hold 98 of 100. Do not rely on it: measure, and check the thermometer in ice and boiling "
                    + "water."
            : Math.Abs(offKelvin) > MuchKelvin ? $"{fell}, but on average they are {off} than foretold."
            : $"{fell}, as they should.";
    }
}
