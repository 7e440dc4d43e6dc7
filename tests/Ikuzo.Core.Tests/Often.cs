using System.Globalization;

namespace Ikuzo.Core.Tests;

/// <summary>How many samples a property is tried on: the usual number in the tests, many times that in a campaign.</summary>
internal static class Often
{
    private static readonly int Factor = int.Parse(
        Environment.GetEnvironmentVariable("IKUZO_SOAK_SAMPLES") ?? "1",
        CultureInfo.InvariantCulture
    );

    public static int Times(int usual) => usual * Factor;

    /// <summary>Every third of what a long property is tried on; all of it in a campaign.</summary>
    public static IEnumerable<T> Some<T>(IEnumerable<T> all) => all.Where((_, i) => Factor > 1 || i % 3 == 0);
}
