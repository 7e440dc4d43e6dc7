using System.Globalization;
using Ikuzo.Core.Companions;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;

namespace Ikuzo.Core.Tests.Planning;

/// <summary>Whole plans as they are today, so that any change of the engine shows as a reviewed change of numbers in plans.csv.</summary>
public class ReferencePlansTests
{
    // Columns 9 to 20 are what the plan says. Minutes and release are exact; the rest may move by what another processor rounds
    // differently.
    private static readonly double[] Tolerances = [0, 0, 0, Particle, Kelvin, Kelvin, Percent, Minute, Minute, Minute, Kelvin, Minute];
    private const int FirstAnswer = 9;
    private static readonly DateTimeOffset LidOn = new(2026, 11, 1, 17, 0, 0, TimeSpan.Zero);
    private const double Kelvin = 0.05;
    private const double Minute = 0.05;
    private const double Percent = 0.05;
    private const double Particle = 0.004; // one of 256

    public static TheoryData<string> Plans() => [.. ReferenceData.Lines("plans.csv")];

    [Theory]
    [MemberData(nameof(Plans))]
    public void Plan_IsAsReviewed(string line)
    {
        var cells = line.Split(',');
        var reviewed = cells[FirstAnswer..];
        var today = Answer(Planner.Compute(Request(cells)));
        Assert.True(
            reviewed.Length == today.Length && Enumerable.Range(0, today.Length).All(i => IsClose(reviewed[i], today[i], Tolerances[i])),
            $"reviewed {line}{Environment.NewLine}today    {string.Join(',', cells[..FirstAnswer].Concat(today))}"
        );
    }

    private static bool IsClose(string reviewed, string today, double tolerance) =>
        reviewed == today || tolerance > 0 && Math.Abs(Number(reviewed) - Number(today)) <= tolerance;

    private static string[] Answer(Plan plan) =>
        plan.Minutes is not { } minutes
            ? ["none"]
            :
            [
                Text(minutes),
                $"{plan.Release!.Value.Kind} {Text(plan.Release.Value.RestMinutes)}",
                plan.SafeMinimumMinutes is { } least ? Text(least) : "none",
                Text(plan.ChanceSafe!.Value),
                Text(plan.Spots.Min(s => s.AtOpening.P01)),
                Text(plan.Spots.Min(s => s.AtOpening.P50)),
                Text(plan.WaterLossPercent!.Value.P50),
                Text(plan.TotalMinutes!.Value.P50),
                Text(plan.TotalMinutes.Value.P95),
                Text(plan.DangerZoneMinutesP95!.Value),
                Text(plan.Band[(int)minutes].ColdestP01),
                Text((plan.Clock!.Eat - LidOn).TotalMinutes),
            ];

    private static string Text(double number) => number.ToString("0.####", CultureInfo.InvariantCulture);

    private static double Number(string text) => double.Parse(text, CultureInfo.InvariantCulture);

    private static PlanRequest Request(string[] cells) =>
        new()
        {
            Pot = PotDefaults.For(Number(cells[5])),
            AltitudeMetres = Number(cells[6]),
            Load = new MeatLoad
            {
                Cut = CutCatalogue.Find(cells[0])!,
                Pieces = int.Parse(cells[1], CultureInfo.InvariantCulture),
                TotalKg = Number(cells[2]),
                State = Enum.Parse<MeatState>(cells[3], ignoreCase: true),
                Arrangement = Enum.Parse<Arrangement>(cells[4], ignoreCase: true),
            },
            Companions = cells[7].Length == 0 ? [] : [new CompanionLoad(CompanionCatalogue.Find(cells[7])!, 300)],
            LiquidMl = cells[8].Length == 0 ? null : Number(cells[8]),
            Confirmed = ["giblets", "lump"],
            LidOnAt = LidOn,
        };
}
