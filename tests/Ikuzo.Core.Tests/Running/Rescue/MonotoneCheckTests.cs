using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Running.Rescue;

namespace Ikuzo.Core.Tests.Running.Rescue;

/// <summary>A hotter reading never gets the harder answer.</summary>
public class MonotoneCheckTests
{
    public static TheoryData<string> Cuts => [.. Often.Some(CutCatalogue.All.Select(c => c.Id))];

    [Theory]
    [MemberData(nameof(Cuts))]
    public void AHotterReading_NeverGetsTheHarderAnswer(string id)
    {
        var cut = CutCatalogue.Find(id)!;
        var pieces = cut.Outer is not null || cut.TypicalKg.Value > 0.6 ? 1 : 6;
        PlanRequest plan = new()
        {
            Pot = PotDefaults.For(10),
            Load = new MeatLoad
            {
                Cut = cut,
                Pieces = pieces,
                TotalKg = cut.TypicalKg.Value * pieces,
            },
            Promise = Promise.Measured,
        };
        var own = Planner.Compute(plan);
        if (own.Minutes is not { } minutes)
        {
            return;
        }

        RescueAdvice At(double celsius) =>
            RescuePlanner.Advise(
                new(plan, minutes, own.Release!.Value, [.. cut.Spots.Select((s, i) => new ProbeReading(s.Id, celsius, 1 + i))], false)
            );
        // Below the rule the quickest of three ways is advised; minutes of one do not compare with those of another.
        var before = (Effort: double.MaxValue, Celsius: 0.0, Advice: (RescueAdvice?)null);
        for (var celsius = 58.0; celsius <= 90; celsius += celsius < 73 ? 1.5 : 1)
        {
            var advice = At(celsius);
            var effort = Effort(advice);
            var isOtherWay = celsius < 73 && advice.Method != before.Advice?.Method;
            Assert.True(effort <= before.Effort || isOtherWay, $"{before.Celsius}: {Said(before.Advice)}; {celsius}: {Said(advice)}");
            before = (effort, celsius, advice);
        }
    }

    private static string Said(RescueAdvice? advice) => $"{advice?.Verdict} {advice?.Method} {advice?.Minutes} rest {advice?.RestMinutes}";

    // By kind, and by minutes within a kind: back under pressure or a simmer, standing covered, a second reading, a rest, done.
    private static double Effort(RescueAdvice advice) =>
        advice switch
        {
            { Verdict: CheckVerdict.Done } => advice.RestMinutes,
            { Method: RescueMethod.ReadAgain } => 100,
            { Method: RescueMethod.LeaveCovered } => 200 + advice.Minutes!.Value,
            _ => 400 + (advice.Minutes ?? 999),
        };
}
