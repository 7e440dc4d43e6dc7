using Ikuzo.Core.Loads;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Running.Aftercare;
using Ikuzo.Core.Store;
using Ikuzo.Core.Tests.Running;

namespace Ikuzo.Core.Tests.Store;

public class TakeOutTests
{
    private static readonly TimeZoneInfo Vienna = TimeZoneInfo.FindSystemTimeZoneById("Europe/Vienna");

    private static StoreItem Thighs(double kg, StorePlace place = StorePlace.Freezer) =>
        new()
        {
            Kind = StoreKind.Raw,
            Name = "Thighs",
            Cut = CutCatalogue.Find("chicken-thigh-bone-in"),
            TotalKg = kg,
            Moves = [new("0", place, new(2026, 1, 2, 12, 0, 0, TimeSpan.Zero))],
        };

    // 12 h for each kilogram (USDA FSIS: 24 h for each 4 to 5 lb), cooking begins at six, nobody gets up at night.
    [Theory]
    [InlineData(0.5, "2026-03-02T12:00+01:00", "2026-03-02T12:00+01:00", "2026-03-02T18:00+01:00")]
    [InlineData(0.5, "2026-03-02T12:01+01:00", "2026-03-03T12:00+01:00", "2026-03-03T18:00+01:00")]
    [InlineData(1.0, "2026-03-02T12:00+01:00", "2026-03-02T22:00+01:00", "2026-03-03T18:00+01:00")]
    [InlineData(1.0, "2026-03-02T22:30+01:00", "2026-03-03T22:00+01:00", "2026-03-04T18:00+01:00")]
    [InlineData(4.0, "2026-03-02T12:00+01:00", "2026-03-02T18:00+01:00", "2026-03-04T18:00+01:00")]
    [InlineData(1.5, "2026-03-28T12:00+01:00", "2026-03-28T22:00+01:00", "2026-03-29T18:00+02:00")] // the night has 23 hours
    public void FrozenThing_LeavesTheFreezerInTime_ForTheNextDinner(double kg, string now, string by, string begins)
    {
        var takeOut = TakeOut.Of(Thighs(kg), DateTimeOffset.Parse(now, null), Vienna);
        Assert.Equal((DateTimeOffset.Parse(by, null), DateTimeOffset.Parse(begins, null)), (takeOut!.By, takeOut.For));
    }

    [Fact]
    public void ThingThatIsNotFrozen_HasNoSuchMoment() =>
        Assert.Null(TakeOut.Of(Thighs(1, StorePlace.Thawing), new(2026, 3, 2, 12, 0, 0, TimeSpan.Zero), Vienna));

    [Fact]
    public void CarcassLeavesStock_ADishLeavesWhatItSetAside_OthersLeaveNothing()
    {
        var at = new DateTimeOffset(2026, 3, 2, 19, 0, 0, TimeSpan.Zero);
        var breasts = Planned.Cook(Planned.Request("chicken-breast-boneless", 3, 0.7));
        Assert.Empty(SetAside.Of(breasts, "Tuesday", 900, at));

        var lines = new AfterMeat { Later = ["Freeze half of it.", "Shred the rest."] };
        var boxes = SetAside.Of(breasts with { After = AfterPot.Steps(breasts.Request, lines) }, "Tuesday", 900, at);
        Assert.Equal([StorePlace.Freezer, StorePlace.Fridge], boxes.Select(b => b.Place));
        Assert.Equal("Tuesday: Freeze half of it.", boxes[0].Name);

        var load = new MeatLoad
        {
            Cut = CutCatalogue.Find("chicken-carcass")!,
            Pieces = 1,
            TotalKg = 0.7,
        };
        var stock = SetAside.Of(breasts with { Request = breasts.Request with { Load = load } }, "Bones", 1234, at).Single();
        Assert.Equal((StoreKind.Stock, 1250.0, StorePlace.Fridge), (stock.Kind, stock.Ml!.Value, stock.Place));
    }
}
