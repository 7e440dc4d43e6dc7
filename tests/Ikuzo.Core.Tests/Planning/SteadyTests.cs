using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;

namespace Ikuzo.Core.Tests.Planning;

/// <summary>A little more of anything moves the minutes by a little, and never forth and back.</summary>
/// <remarks>
/// Where a thermometer decides, the minutes are those of the least cost among many that keep the promise; they may go back by one. So may
/// those of cuts that are not among the usual ones.
/// </remarks>
public class SteadyTests
{
    private static readonly string[] Usual =
    [
        "chicken-whole",
        "chicken-breast-boneless",
        "chicken-thigh-bone-in",
        "chicken-drumstick",
        "turkey-crown",
        "turkey-thigh-bone-in",
        "duck-leg",
    ];

    public static TheoryData<string, Promise, bool> Loads =>
        new(
            (Often.Times(1) > 1 ? CutCatalogue.All.Where(c => c.UsualAim != Aim.Stock).Select(c => c.Id) : Often.Some(Usual)).SelectMany(
                cut =>
                    new[]
                    {
                        new TheoryDataRow<string, Promise, bool>(cut, Promise.Sure, false),
                        new TheoryDataRow<string, Promise, bool>(cut, Promise.Sure, true),
                        new TheoryDataRow<string, Promise, bool>(cut, Promise.Measured, false),
                        new TheoryDataRow<string, Promise, bool>(cut, Promise.Measured, true),
                    }
            )
        );

    [Theory]
    [MemberData(nameof(Loads))]
    public void Minutes_OfOneStepMore_MoveByOneAtMost_AndNeverBack(string id, Promise promise, bool frozen)
    {
        var cut = CutCatalogue.Find(id)!;
        var pieces = cut.Outer is not null || cut.TypicalKg.Value > 0.6 ? 1 : 6;
        var request = new PlanRequest
        {
            Pot = PotDefaults.For(8),
            Load = new MeatLoad
            {
                Cut = cut,
                Pieces = pieces,
                TotalKg = cut.TypicalKg.Value * pieces,
                State = frozen ? MeatState.Frozen : MeatState.Chilled,
            },
            Promise = promise,
        };
        if (Planner.Compute(request).Release is not { } release)
        {
            return;
        }

        var held = request with { Release = release };
        var load = request.Load;
        var back = promise == Promise.Measured || !Usual.Contains(id) ? 1 : 0;
        Rises(
            back,
            "1 % heavier",
            Enumerable.Range(-3, 7).Select(i => held with { Load = load with { TotalKg = load.TotalKg * (1 + i * 0.01) } })
        );
        Rises(back, "10 m higher", Enumerable.Range(0, 5).Select(i => held with { AltitudeMetres = i * 10 }));
        Rises(
            back,
            "1 K colder",
            Enumerable.Range(0, 5).Select(i => held with { Load = load with { StartCelsius = load.Celsius + 2 - i } })
        );
    }

    // A minute a step; of what takes over half an hour two, since one per cent of the weight is more than one of the minutes.
    private static void Rises(double back, string what, IEnumerable<PlanRequest> steps)
    {
        var minutes = steps.Select(s => Planner.Compute(s).Minutes).TakeWhile(m => m is not null).Select(m => m!.Value).ToList();
        foreach (var (before, after) in minutes.Zip(minutes.Skip(1)))
        {
            Assert.True(after >= before - back && after - before <= (before > 30 ? 2 : 1), $"{what}: {string.Join(' ', minutes)}");
        }
    }
}
