using CsCheck;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Store;

namespace Ikuzo.Core.Tests.Store;

public class UseByTests
{
    private static readonly DateTimeOffset Start = new(2026, 3, 2, 12, 0, 0, TimeSpan.Zero);
    private static readonly StoreHabits Usual = new();

    private static StoreItem Item(StoreKind kind, string? cut, double? kg, params (StorePlace To, double Hours)[] moves) =>
        new()
        {
            Kind = kind,
            Name = "It",
            Cut = cut is null ? null : CutCatalogue.Find(cut),
            TotalKg = kg,
            Moves = [.. moves.Select((m, i) => new Move($"{i}", m.To, Start.AddHours(m.Hours)))],
        };

    private static StoreItem Thighs(params (StorePlace To, double Hours)[] moves) => Item(StoreKind.Raw, "chicken-thigh-bone-in", 1, moves);

    private static double Hours(StoreItem item) => (UseBy.Of(item, Usual).At!.Value - Start).TotalHours;

    // USDA FSIS and FoodSafety.gov: raw and thawed poultry 1 to 2 days, cooked and stock 3 to 4; a whole bird frozen a year, pieces 9
    // months, leftovers 2 to 4; at most two hours out.
    [Theory]
    [InlineData(StoreKind.Raw, "chicken-thigh-bone-in", StorePlace.Fridge, 48)]
    [InlineData(StoreKind.Raw, "chicken-thigh-bone-in", StorePlace.Freezer, 6480)]
    [InlineData(StoreKind.Raw, "chicken-whole", StorePlace.Freezer, 8760)]
    [InlineData(StoreKind.Raw, "chicken-whole", StorePlace.Out, 2)]
    [InlineData(StoreKind.Raw, "chicken-meatball", StorePlace.Fridge, 48)]
    [InlineData(StoreKind.Raw, "chicken-meatball", StorePlace.Freezer, 2880)]
    [InlineData(StoreKind.Raw, null, StorePlace.Freezer, 6480)]
    [InlineData(StoreKind.Stock, null, StorePlace.Freezer, 2880)]
    [InlineData(StoreKind.Cooked, null, StorePlace.Fridge, 96)]
    [InlineData(StoreKind.Cooked, null, StorePlace.Freezer, 2880)]
    [InlineData(StoreKind.Stock, null, StorePlace.Fridge, 96)]
    [InlineData(StoreKind.Meal, null, StorePlace.Fridge, 96)]
    [InlineData(StoreKind.Meal, null, StorePlace.Out, 2)]
    public void InOnePlace_ItKeepsAsTheRuleSays(StoreKind kind, string? cut, StorePlace place, double hours) =>
        Assert.Equal(hours, Hours(Item(kind, cut, 1, (place, 0))), 6);

    [Fact]
    public void FridgeHours_AddUp_AndTheFreezerOnlyStopsTheClock() =>
        Assert.Equal(500 + 18, Hours(Thighs((StorePlace.Fridge, 0), (StorePlace.Freezer, 30), (StorePlace.Fridge, 500))), 6);

    // 12 h per kilogram for the ice, once.
    [Fact]
    public void Thawing_CountsBeyondTheIce_OnlyTheFirstTime()
    {
        Assert.Equal(100 + 12 + 48, Hours(Thighs((StorePlace.Freezer, 0), (StorePlace.Thawing, 100))), 6);
        Assert.Equal(
            300 + 48 - 8,
            Hours(Thighs((StorePlace.Freezer, 0), (StorePlace.Thawing, 100), (StorePlace.Freezer, 120), (StorePlace.Thawing, 300))),
            6
        );
    }

    // About an hour for each kilogram, then at once (USDA FSIS, the big thaw): no cold makes it good again.
    [Fact]
    public void ThawedInWater_IsCookedAtOnce_AndNotFrozenAgain()
    {
        Assert.Equal(101, Hours(Thighs((StorePlace.Freezer, 0), (StorePlace.ColdWater, 100))), 6);
        var back = Thighs((StorePlace.Freezer, 0), (StorePlace.ColdWater, 100), (StorePlace.Fridge, 100.5));
        Assert.Equal(101, Hours(back), 6);
        Assert.DoesNotContain(StorePlace.Freezer, StoreMoves.Of(back, UseBy.Of(back, Usual), Start.AddHours(100.6)));
    }

    [Fact]
    public void OutTooLong_IsPast_WhateverFollows()
    {
        var item = Thighs((StorePlace.Fridge, 0), (StorePlace.Out, 10), (StorePlace.Freezer, 12.5));
        Assert.Equal(12, Hours(item), 6);
        Assert.Equal(Urgency.Past, UseBy.Of(item, Usual).UrgencyAt(Start.AddHours(13), TimeZoneInfo.Utc));
        Assert.Equal([StorePlace.Gone], StoreMoves.Of(item, UseBy.Of(item, Usual), Start.AddHours(13)));
        Assert.Equal(11, Hours(Thighs((StorePlace.Out, 10))) is var once ? once - 1 : 0, 6);
        Assert.Equal(1, (UseBy.Of(Thighs((StorePlace.Out, 0)), new(RoomCelsius: 35)).At!.Value - Start).TotalHours, 6);
    }

    [Fact]
    public void PastInTheFridge_IsNotSavedByTheFreezer() =>
        Assert.Equal(48, Hours(Thighs((StorePlace.Fridge, 0), (StorePlace.Freezer, 49))), 6);

    [Theory]
    [InlineData(1, 4, 24, 96)]
    [InlineData(9, 40, 48, 96)]
    public void Household_MayBeStricter_NeverLaxer(double rawDays, double cookedDays, double raw, double cooked)
    {
        var habits = new StoreHabits(rawDays, cookedDays);
        Assert.Equal(raw, (UseBy.Of(Thighs((StorePlace.Fridge, 0)), habits).At!.Value - Start).TotalHours, 6);
        Assert.Equal(cooked, (UseBy.Of(Item(StoreKind.Cooked, null, 1, (StorePlace.Fridge, 0)), habits).At!.Value - Start).TotalHours, 6);
    }

    // On 29 March 2026 the clocks of Vienna go from two to three: two days are 48 hours, not two dates.
    [Fact]
    public void ClockChange_TakesNoHour_AndGivesNone()
    {
        var vienna = TimeZoneInfo.FindSystemTimeZoneById("Europe/Vienna");
        DateTimeOffset bought = new(2026, 3, 28, 10, 0, 0, TimeSpan.FromHours(1));
        var item = Thighs((StorePlace.Fridge, 0)) with { Moves = [new("0", StorePlace.Fridge, bought)] };
        var at = UseBy.Of(item, Usual).At!.Value;
        Assert.Equal(new DateTime(2026, 3, 30, 11, 0, 0), TimeZoneInfo.ConvertTime(at, vienna).DateTime);
        Assert.Equal(Urgency.Soon, UseBy.Of(item, Usual).UrgencyAt(bought, vienna));
        Assert.Equal(Urgency.Today, UseBy.Of(item, Usual).UrgencyAt(bought.AddDays(1.4), vienna));
    }

    // Whatever is moved where and when: hours outside the freezer that are neither ice nor over are never more than the rule has.
    [Fact]
    public void NoMoves_MakeItKeepLongerThanTheRule()
    {
        StorePlace[] places = [StorePlace.Fridge, StorePlace.Freezer, StorePlace.Thawing, StorePlace.ColdWater, StorePlace.Out];
        Gen.Select(Gen.Int[0, 4], Gen.Double[0.1, 60])
            .Array[1, 12]
            .Sample(
                steps =>
                {
                    var at = 0.0;
                    var item = Thighs([
                        .. steps.Select(s =>
                        {
                            var move = (places[s.Item1], at);
                            at += s.Item2;
                            return move;
                        }),
                    ]);
                    var until = UseBy.Of(item, Usual);
                    if (until.IsQuality)
                    {
                        return;
                    }

                    var end = until.At!.Value;
                    var cold = item.Hours(end, StorePlace.Fridge, StorePlace.Thawing);
                    Assert.True(cold <= 48 + 12 + 1e-6, $"{cold}");
                    Assert.True(item.Hours(end, StorePlace.Out) <= 2 + 1e-6);
                    Assert.True(item.Hours(end, StorePlace.ColdWater) <= 1 + 1e-6);
                },
                iter: 20_000
            );
    }
}
