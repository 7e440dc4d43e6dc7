using Ikuzo.Core.Cooking;
using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Reading;

/// <summary>What a step of a recipe says plainly of the cook; null where it says nothing.</summary>
/// <param name="Browned">True where the meat is browned first.</param>
/// <param name="MarinadeHours">Time in the marinade, h.</param>
/// <param name="CrispMinutes">Minutes under the grill after it.</param>
/// <param name="Minutes">Minutes under pressure.</param>
/// <param name="Release">How the pressure is let go.</param>
public sealed record RecipeStep(bool? Browned, double? MarinadeHours, double? CrispMinutes, double? Minutes, Release? Release)
{
    private const int MostCharacters = 600;

    /// <summary>Reads a step.</summary>
    /// <param name="text">The step.</param>
    public static RecipeStep Read(string text)
    {
        var cut = text.Length > MostCharacters ? text[..MostCharacters] : text;
        var heard = new Heard(new Doubts([]));
        foreach (var sentence in Sentences(cut))
        {
            heard.Take(new Reader(new Script(sentence), Field.Step).Best());
        }

        var isPressure =
            heard.Pressure is not null || cut.Contains("pressure", StringComparison.OrdinalIgnoreCase) || heard.Release is not null;
        return new(
            heard.Browned,
            heard.MarinadeHours,
            heard.CrispMinutes is > 0 ? heard.CrispMinutes : null,
            isPressure ? heard.Minutes : null,
            new Resolving(heard, UnitSystem.Metric, default).Question().Release
        );
    }

    /// <summary>Its sentences.</summary>
    internal static string[] Sentences(string text) =>
        text.Split(['.', ';'], StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries);
}
