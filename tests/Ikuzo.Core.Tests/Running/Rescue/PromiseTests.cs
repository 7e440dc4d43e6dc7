using System.Globalization;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Filling;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Safety;

namespace Ikuzo.Core.Tests.Running.Rescue;

/// <summary>
/// Cooks with hidden truths through the whole route of the promise of those who measure: opened, read with an error, left covered, cooked
/// on, and served. What was promised is what happens.
/// </summary>
public class PromiseTests(ITestOutputHelper output)
{
    private static readonly int Blocks = Number("IKUZO_SOAK_PROMISES", 1);
    private static readonly double Offset = Number("IKUZO_SOAK_OFFSET_TENTHS", 0) / 10.0;
    private static readonly string[] Quick = ["chicken-whole", "chicken-breast-boneless", "turkey-breast-boneless", "duck-whole"];

    private static int Number(string name, int otherwise) =>
        int.Parse(
            Environment.GetEnvironmentVariable(name) ?? otherwise.ToString(CultureInfo.InvariantCulture),
            CultureInfo.InvariantCulture
        );

    private sealed record Route(Cut Cut, Plan Plan, IReadOnlyList<Walked> Walked, double SureLoss, double SureMinutes)
    {
        public int Cooks => Walked.Count;

        public double AtFirst => Share(w => w is { IsDone: true, Stood: 0, Returns: 0 });

        public double AfterRest => Share(w => w is { IsDone: true, Returns: 0 });

        public double Cold => Share(w => w.IsDone && !SafetyRule.IsReached(w.AtServing));

        public double Loss => Walked.Average(w => w.WaterLossPercent);

        public double Minutes => Walked.Average(w => w.Minutes);

        private double Share(Func<Walked, bool> of) => Walked.Count(of) / (double)Cooks;
    }

    [Fact]
    [Trait("Campaign", "promises")]
    public void MeasuredCooks_GoAsWasPromised_AndAreSafeWhenTheyAreServed()
    {
        var cuts = Blocks > 1 ? CutCatalogue.All : [.. CutCatalogue.All.Where(c => Quick.Contains(c.Id))];
        List<Route> routes = [.. cuts.Select(Follow).OfType<Route>()];
        foreach (var r in routes)
        {
            output.WriteLine(
                string.Create(
                    CultureInfo.InvariantCulture,
                    $"{r.Cut.Id, -26} {r.Plan.Minutes, 3:0} of {r.Plan.OtherPromise?.Minutes ?? r.Plan.Minutes, 3:0} min; first "
                        + $"{r.Plan.ReadyAtFirst:0.000} {r.AtFirst:0.000}, after rest {r.Plan.ReadyAfterRest:0.000} {r.AfterRest:0.000}; "
                        + $"cold {r.Cold:0.0000} lowest {r.Walked.Where(w => w.IsDone).Min(w => w.AtServing):0.0}; juice {r.Loss:0.0} "
                        + $"{r.SureLoss:0.0}; minutes {r.Minutes:0.0} {r.SureMinutes:0.0}"
                )
            );
        }

        var all = routes.Sum(r => r.Cooks);
        var cold = routes.Sum(r => r.Cold * r.Cooks) / all;
        output.WriteLine(string.Create(CultureInfo.InvariantCulture, $"{all} cooks, {cold:0.0000} served cold"));
        Assert.True(cold <= 0.003 + (Blocks > 1 ? 0 : 0.02), $"{cold}");
        Assert.All(routes.SelectMany(r => r.Walked).Where(w => w.IsDone), w => Assert.True(w.AtServing > 71 - (Blocks > 1 ? 0 : 1)));
        Assert.All(routes, r => Assert.True(r.Plan.Minutes <= (r.Plan.OtherPromise?.Minutes ?? r.Plan.Minutes)));
    }

    private static Route? Follow(Cut cut)
    {
        var pieces = cut.TypicalKg.Value < 0.6 ? 4 : 1;
        var request = new PlanRequest
        {
            Pot = PotDefaults.For(8),
            Load = new MeatLoad
            {
                Cut = cut,
                Pieces = pieces,
                TotalKg = cut.TypicalKg.Value * pieces,
            },
            Promise = Promise.Measured,
            Confirmed = ["giblets", "lump"],
        };
        if (Capacity.CannotGoIn(request) || Planner.Compute(request) is not { Minutes: { } minutes, Release: { } release } plan)
        {
            return null;
        }

        var branch = new Branch(minutes, release);
        var sure = new Branch(plan.OtherPromise?.Minutes ?? minutes, release);
        var random = new SplitMix64((ulong)cut.Id.Length * 7919 + cut.Id[0]);
        List<Walked> walked = [];
        List<float> loss = [],
            elapsed = [];
        for (var block = 0; block < Blocks; block++)
        {
            var truth = ParticleSource.Chance(random.Next());
            walked.AddRange(new Walk(request, branch, random) { OffsetKelvin = Offset }.Run(truth));
            var outcome = Ensemble.Run(ModelBuilder.Build(request), truth, [sure]).Outcomes[0];
            loss.AddRange(outcome.WaterLossPercent);
            elapsed.AddRange(outcome.ElapsedMinutes);
        }

        return new(cut, plan, walked, loss.Average(), elapsed.Average());
    }
}
