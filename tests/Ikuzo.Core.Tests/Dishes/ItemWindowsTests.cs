using Ikuzo.Core.Companions;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Dishes;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;

namespace Ikuzo.Core.Tests.Dishes;

public class ItemWindowsTests
{
    private static readonly DishRequest Empty = new() { Pot = PotDefaults.For(5.7), Items = [] };

    private static MinuteRange Of(DishItem item, Release release) => new ItemWindows(Empty).Of(item, release);

    private static BesideItem Beside(string id, PieceSize size = PieceSize.Usual) => new(id, CompanionCatalogue.Find(id)!, 200, size);

    private static MeatItem Thighs(Aim aim, MeatState state = MeatState.Chilled) =>
        new(
            "bird",
            new MeatLoad
            {
                Cut = CutCatalogue.Find("chicken-thigh-bone-in")!,
                Pieces = 6,
                TotalKg = 1.1,
                State = state,
            },
            aim
        );

    [Fact]
    public void Of_ACompanionVentedAtOnce_IsItsCatalogueWindow()
    {
        var window = CompanionCatalogue.Find("pearl-barley")!.HighPressureMinutes;
        var range = Of(Beside("pearl-barley"), Release.Vent);
        Assert.Equal((window.Min, window.Max, window.Likely), (range.Least, range.Most, range.Wanted));
    }

    [Fact]
    public void Of_ACompanionLeftUntilThePinDrops_NeedsFewerMinutes() =>
        Assert.True(Of(Beside("pearl-barley"), Release.Natural).Least < Of(Beside("pearl-barley"), Release.Vent).Least);

    [Fact]
    public void Of_WhatIsDoneBeforeThePinDrops_IsEmpty() => Assert.True(Of(Beside("peas"), Release.Natural).IsEmpty);

    [Fact]
    public void Of_LargerPieces_TakesLonger() =>
        Assert.True(
            Of(Beside("potatoes-chunks", PieceSize.Large), Release.Vent).Most
                > Of(Beside("potatoes-chunks", PieceSize.Small), Release.Vent).Most
        );

    [Fact]
    public void Of_Meat_BeginsWhereItIsSafeAndLaterForATendererAimOrFromFrozen()
    {
        var slice = Of(Thighs(Aim.Slice), Release.Natural);
        var ensemble = Planner
            .Compute(StageRequest.Of(Empty, [], Thighs(Aim.Slice)) with { Release = Release.Natural })
            .SafeMinimumMinutes!.Value;
        Assert.InRange(slice.Least, ensemble - 3, ensemble + 3);
        Assert.True(Of(Thighs(Aim.FallApart), Release.Natural).Least > slice.Least);
        Assert.True(Of(Thighs(Aim.Slice, MeatState.Frozen), Release.Natural).Least > slice.Least);
    }

    [Fact]
    public void Of_MeatThatIsSafeOnlyPastItsWindow_SaysSo()
    {
        var breast = new MeatItem(
            "bird",
            new MeatLoad
            {
                Cut = CutCatalogue.Find("turkey-breast-boneless")!,
                Pieces = 1,
                TotalKg = 2,
            },
            Aim.Slice
        );
        Assert.True(Of(breast, Release.Natural) is { IsPast: true, IsEmpty: false });
    }

    [Fact]
    public void And_OfTwoRanges_IsWhatBothCanTake() =>
        Assert.Equal(new MinuteRange(5, 8, 7), new MinuteRange(2, 8, 4).And(new MinuteRange(5, 12, 7)));

    [Fact]
    public void LiquidOfAStage_IsTheLeastOfThePotAndWhatIsDrunk() =>
        Assert.Equal(250 + 200 * 2.2, StageRequest.LiquidMl(Empty, [Beside("pearl-barley")]));
}
