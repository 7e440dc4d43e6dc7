using Ikuzo.Core.Cooking;
using Ikuzo.Core.Filling;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Poultry;

namespace Ikuzo.Core.Tests.Kitchen;

/// <summary>More of the same: what one piece more does to the minutes.</summary>
public class PileTests
{
    private const int MostPieces = 24;

    public static TheoryData<string, bool> Pieces =>
        new(
            Often
                .Some(CutCatalogue.All.Where(c => c.Outer is null && c.UsualAim is not Aim.Stock))
                .SelectMany(c => new[] { (c.Id, false), (c.Id, true) })
                .Select(c => new TheoryDataRow<string, bool>(c.Item1, c.Item2))
        );

    // With the release held: two minutes, of what takes longer than twenty a tenth, since of two pieces that were weighed together the
    // thicker decides.
    [Theory]
    [MemberData(nameof(Pieces))]
    public void Minutes_OfOnePieceMore_MoveByTwoAtMost(string id, bool frozen)
    {
        var cut = CutCatalogue.Find(id)!;
        var minutes = Counts(cut, frozen).Select(n => Minutes(cut, n, frozen)).TakeWhile(m => m is not null).Select(m => m!.Value).ToList();
        foreach (var (before, after) in minutes.Zip(minutes.Skip(1)))
        {
            Assert.InRange(after - before, -2, Math.Max(2, Math.Ceiling(before * 0.11)));
        }

        // What is cooked until it falls apart had more of its heat on a longer way to pressure.
        var most = cut.UsualAim == Aim.Slice || cut.Species != Species.Duck ? 2 : 7;
        var highest = 0.0;
        foreach (var m in minutes)
        {
            highest = Math.Max(highest, m);
            Assert.True(highest - m <= most, $"{m} after {highest}");
        }
    }

    private static IEnumerable<int> Counts(Cut cut, bool frozen) =>
        Enumerable.Range(1, MostPieces).TakeWhile(n => !Capacity.CannotGoIn(Request(cut, n, frozen)));

    private static PlanRequest Request(Cut cut, int pieces, bool frozen) =>
        KitchenRows.Request(5.7, cut.Id, pieces, pieces * cut.TypicalKg.Value, frozen) with
        {
            Release = Release.Natural,
        };

    private static double? Minutes(Cut cut, int pieces, bool frozen) => Planner.Compute(Request(cut, pieces, frozen)).Minutes;
}
