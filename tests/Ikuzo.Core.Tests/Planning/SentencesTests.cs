using System.Globalization;
using System.Text.RegularExpressions;
using Ikuzo.Core.Companions;
using Ikuzo.Core.Dishes;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Quantities;
using Ikuzo.Core.Running.Journal;
using Ikuzo.Core.Running.Rescue;

namespace Ikuzo.Core.Tests.Planning;

/// <summary>
/// Every sentence of sixty plans: printed to be read aloud (<c>-showliveoutput</c>), and held against the figures beside it.
/// </summary>
public partial class SentencesTests(ITestOutputHelper output)
{
    private const int LongestInWords = 34; // a breath

    private static readonly (string Cut, int Pieces, double Kg)[] Birds =
    [
        ("chicken-thigh-bone-in", 6, 1.2),
        ("chicken-breast-boneless", 4, 0.9),
        ("chicken-whole", 1, 1.7),
        ("chicken-wing", 12, 1.1),
        ("turkey-crown", 1, 2.5),
        ("turkey-thigh-bone-in", 2, 1.3),
        ("duck-leg", 4, 1),
        ("chicken-drumstick", 10, 1.2),
        ("chicken-leg-quarter", 3, 1.1),
        ("turkey-breast-boneless", 1, 1.2),
    ];

    /// <summary>Cooks by number: each bird chilled and frozen, by either promise, alone or with things beside it.</summary>
    public static TheoryData<int> Cooks => [.. Enumerable.Range(0, 60)];

    private static PlanRequest Cook(int number)
    {
        var (cut, pieces, kg) = Birds[number % Birds.Length];
        var row = number / Birds.Length;
        return new PlanRequest
        {
            Pot = PotDefaults.For(row % 2 == 0 ? 5.7 : 8),
            Units = row % 3 == 0 ? UnitSystem.Us : UnitSystem.Metric,
            Promise = row < 3 ? Promise.Measured : Promise.Sure,
            Load = new MeatLoad
            {
                Cut = CutCatalogue.Find(cut)!,
                Pieces = pieces,
                TotalKg = kg,
                State = row is 1 or 4 ? MeatState.Frozen : MeatState.Chilled,
            },
            Companions = row is 2 or 5 ? [new(CompanionCatalogue.Find("carrots-chunks")!, 300)] : [],
            Confirmed = ["giblets", "does-not-fit"],
        };
    }

    [Theory]
    [MemberData(nameof(Cooks))]
    public void OfAPlan_AreWhatACookSays_AndWhatItsFiguresSay(int number)
    {
        var request = Cook(number);
        var plan = Together.Compute(request);
        string[] sentences =
        [
            plan.PromiseText ?? "",
            plan.OtherPromise?.Text ?? "",
            .. plan.Why,
            .. plan.Warnings.SelectMany(w => new[] { w.Text, w.Because }),
            .. plan.WorthKnowing.Select(w => w.Text),
            .. plan.Schools.Select(s => s.Consequence),
        ];
        output.WriteLine($"{number}: {request.Load.Name}, {plan.Minutes} min");
        AreSaid([.. sentences, .. AtThePot(request, plan), .. OfTheCheck(request, plan, number), .. OfTheDish(request)], request.Units);
        string[] said = [.. plan.Why, .. plan.Warnings.Select(w => w.Text)];
        Assert.Equal(said.Distinct().Count(), said.Length);
        if (plan.OtherPromise is { } other)
        {
            Assert.StartsWith(other.Minutes.ToString("0", CultureInfo.InvariantCulture) + " min", other.Text);
            SaysJuice(other.Text, other.WaterLossPercent - plan.WaterLossPercent!.Value.P50);
        }

        foreach (var school in plan.Schools.Where(s => s.Consequence.Contains("juice lost", StringComparison.Ordinal)))
        {
            var gives = plan.Band.FirstOrDefault(b => b.Minutes == school.Minutes && school.Release == plan.Release);
            if (gives is not null)
            {
                SaysJuice(school.Consequence, gives.WaterLossP50 - plan.WaterLossPercent!.Value.P50);
            }
        }
    }

    // All that the pot says until it is served, each thing the likeliest.
    private static IEnumerable<string> AtThePot(PlanRequest request, Plan plan)
    {
        var journal = CookJournal.Fold(PlannedCook.Of(request, plan)!, [], r => RescuePlanner.Advise(r));
        var first = journal.State(DateTimeOffset.UnixEpoch);
        return first.Next.Concat(journal.Ahead(first).SelectMany(a => a.Next)).SelectMany(n => new[] { n.Text, n.Early ?? "" });
    }

    // What is said of a spot that is short by much, by little, and done.
    private static IEnumerable<string> OfTheCheck(PlanRequest request, Plan plan, int number) =>
        (number % 4 == 2 ? new[] { 62, 73.5, 80 } : []).SelectMany(celsius =>
            RescuePlanner
                .Advise(
                    new(
                        request,
                        plan.Minutes!.Value,
                        plan.Release!.Value,
                        [.. request.Load.Cut.Spots.Select((s, i) => new ProbeReading(s.Id, celsius, 1 + i))],
                        LiquidIsThick: false
                    )
                )
                .Why
        );

    private static IEnumerable<string> OfTheDish(PlanRequest request) =>
        Together.AsDish(request) is { } dish && DishSolver.Solve(dish) is { Best: { } best } solved
            ? [.. solved.Ways.Select(w => w.Words), .. best.Stages.Select(s => s.Why)]
            : [];

    private void AreSaid(IEnumerable<string> sentences, UnitSystem units)
    {
        foreach (var sentence in sentences.Where(s => s.Length > 0).Distinct())
        {
            output.WriteLine("  " + sentence);
            Assert.DoesNotMatch(Slips(), sentence);
            Assert.All(
                Agree().Matches(sentence),
                m =>
                    Assert.True(int.Parse(m.Groups[1].Value, CultureInfo.InvariantCulture) >= (units == UnitSystem.Us ? 165 : 74), sentence)
            );
            Assert.All(Stops().Split(sentence), s => Assert.InRange(s.Split(' ').Length, 0, LongestInWords));
            if (units == UnitSystem.Us)
            {
                Assert.DoesNotMatch(Metric(), sentence);
            }
        }
    }

    // What is said of juice is the difference of the figures, in whole per cent; nothing is said of less than one.
    private static void SaysJuice(string sentence, double more)
    {
        var said = Juice().Match(sentence);
        var signed = said.Success
            ? int.Parse(said.Groups[1].Value, CultureInfo.InvariantCulture) * (said.Groups[2].Value == "more" ? 1 : -1)
            : 0;
        Assert.InRange(more - signed, -1, 1);
        Assert.False(sentence.Contains("the same juice", StringComparison.Ordinal) && Math.Abs(more) >= 1, sentence);
    }

    [GeneratedRegex(@"NaN|∞|\{|\}|  | ,| \.|\.\.|\d\.\d{3}|(?<![\d.])0 (ml|min more|g|%)|-\d|null|!|([a-z]{3,}) \2\b")]
    private static partial Regex Slips();

    [GeneratedRegex(@"(?<=[.:;?])\s")]
    private static partial Regex Stops();

    [GeneratedRegex(@"\d\s?(ml|cm|mm|kg|g|l|litres?|°C)\b")]
    private static partial Regex Metric();

    [GeneratedRegex(@"agree: (\d+)")]
    private static partial Regex Agree();

    [GeneratedRegex(@"(\d+) % (more|less) juice")]
    private static partial Regex Juice();
}
