using System.Globalization;
using System.Text.RegularExpressions;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;

namespace Ikuzo.Core.Tests.Kitchen;

/// <summary>One row of general kitchen practice, by the headings of its file.</summary>
public sealed record KitchenRow(IReadOnlyDictionary<string, string> Cells)
{
    public string this[string heading] => Cells[heading];

    public double Number(string heading) => double.Parse(Cells[heading], CultureInfo.InvariantCulture);

    public bool Has(string heading) => Cells[heading].Length > 0;

    /// <summary>True where practice is agreed enough to be held to.</summary>
    public bool IsAgreed => Cells["sure"] is "high" or "medium";

    /// <summary>"vented", "bursts", "natural", "rest10".</summary>
    public Release Release =>
        Cells["release"] switch
        {
            "vented" => Release.Vent,
            "bursts" => Release.Pulsed,
            "natural" => Release.Natural,
            var rest => Release.RestThenVent(double.Parse(rest[4..], CultureInfo.InvariantCulture)),
        };

    public override string ToString() => string.Join(' ', Cells.Values.Take(6));
}

internal static class KitchenRows
{
    public static IEnumerable<KitchenRow> Of(string file)
    {
        var lines = File.ReadLines(Path.Combine(AppContext.BaseDirectory, "Reference", "kitchen", file)).ToList();
        var headings = Split(lines[0]);
        return lines.Skip(1).Select(line => new KitchenRow(headings.Zip(Split(line)).ToDictionary(c => c.First, c => c.Second)));
    }

    public static PlanRequest Request(double litres, string cut, int pieces, double kg, bool frozen = false) =>
        new()
        {
            Pot = PotDefaults.For(litres),
            Load = new MeatLoad
            {
                Cut = CutCatalogue.Find(cut)!,
                Pieces = pieces,
                TotalKg = kg,
                State = frozen ? MeatState.Frozen : MeatState.Chilled,
            },
        };

    // Cells in quotes may hold commas.
    private static string[] Split(string line) =>
        [
            .. Regex
                .Matches(line, "(?:^|,)(?:\"([^\"]*)\"|([^,]*))")
                .Select(m => m.Groups[1].Success ? m.Groups[1].Value : m.Groups[2].Value),
        ];
}
