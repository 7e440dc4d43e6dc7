namespace Ikuzo.Core.Quantities;

/// <summary>Volumes as the measures in a drawer have them: spoons, quarter cups, cups, quarts.</summary>
public static class KitchenSizes
{
    private const double TeaspoonMl = Wording.CupMl / 48,
        TablespoonMl = Wording.CupMl / 16;
    private const double MostCups = 8; // more is said in quarts
    private static readonly string[] Quarters = ["", "¼", "½", "¾"];

    /// <summary>A volume in words: "½ cup", "2 tbsp", "1 tsp", "2½ quarts".</summary>
    /// <param name="ml">How much, ml, 0 or more.</param>
    public static string Of(double ml)
    {
        var cups = ml / Wording.CupMl;
        return ml < 0.9 * TablespoonMl ? Said(Half(ml / TeaspoonMl), "tsp", "tsp")
            : ml < 0.22 * Wording.CupMl ? Said(Half(ml / TablespoonMl), "tbsp", "tbsp")
            : cups < MostCups ? Said(Quarter(cups), "cup", "cups")
            : Said(Quarter(cups / 4), "quart", "quarts");
    }

    private static double Half(double number) => Math.Max(0.5, Math.Round(number * 2) / 2);

    private static double Quarter(double number) => Math.Round(number * 4) / 4;

    private static string Said(double number, string one, string several)
    {
        var whole = Math.Floor(number);
        var part = Quarters[(int)Math.Round((number - whole) * 4)];
        return FormattableString.Invariant($"{(whole > 0 || part.Length == 0 ? $"{whole:0}" : "")}{part} {(number <= 1 ? one : several)}");
    }
}
