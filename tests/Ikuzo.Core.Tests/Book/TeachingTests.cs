using Ikuzo.Core.Book;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Running.Journal;

namespace Ikuzo.Core.Tests.Book;

/// <summary>
/// What a remembered cook teaches: a round number that cooks say for done is at least that, and what was given up is nothing.
/// </summary>
public class TeachingTests
{
    private static readonly DateTimeOffset Sunday = new(2026, 1, 4, 18, 0, 0, TimeSpan.Zero);

    private static PlanRequest Bird(MeatState state) =>
        new()
        {
            Pot = PotDefaults.For(5.7),
            Load = new MeatLoad
            {
                Cut = CutCatalogue.Find("chicken-whole")!,
                Pieces = 1,
                TotalKg = 1.8,
                State = state,
            },
            Promise = Promise.Measured,
        };

    private static PlannedCook Cook(PlanRequest request, double minutes) =>
        new()
        {
            Request = request,
            Minutes = minutes,
            Release = Release.Natural,
            ToPressureMinutes = WrittenIn.ComeUpMinutes,
            ReleaseMinutes = WrittenIn.ReleaseMinutes(Release.Natural),
        };

    private static Learned NineOf(PlanRequest request, double minutes, double celsius) =>
        Learned.Of(
            Enumerable
                .Range(0, 9)
                .Select(i =>
                {
                    var cook = Cook(request, minutes);
                    return Teaching.Of($"{i}", "bertha", cook, WrittenIn.Journal(cook, Sunday.AddDays(7 * i), celsius, null));
                })
        );

    // Good cooks remember "165" of birds whose middle was far hotter.
    [Theory]
    [InlineData(MeatState.Chilled, 25, 73.9)] // 165 °F
    [InlineData(MeatState.Chilled, 25, 74)]
    [InlineData(MeatState.Chilled, 25, 75)]
    [InlineData(MeatState.Frozen, 40, 73.9)]
    public void NineCooksWrittenInAs165_MoveTheMinutesByNoMoreThanOne(MeatState state, double minutes, double celsius)
    {
        var request = Bird(state);
        var draws = NineOf(request, minutes, celsius).Draws("bertha", 5.7, "chicken-whole");
        Assert.InRange(Planner.Compute(request with { Learned = draws }).Minutes!.Value - Planner.Compute(request).Minutes!.Value, -1, 1);
    }

    // What was really read as cold as that, though nobody says so for done, is learned from.
    [Fact]
    public void NineReadingsOf70_LengthenTheMinutes()
    {
        var request = Bird(MeatState.Chilled);
        var draws = NineOf(request, 25, 70).Draws("bertha", 5.7, "chicken-whole");
        Assert.True(Planner.Compute(request with { Learned = draws }).Minutes > Planner.Compute(request).Minutes);
    }

    [Fact]
    public void WhatWasGivenUp_TeachesNothing()
    {
        var cook = Cook(Bird(MeatState.Chilled), 25);
        CookEvent[] journal =
        [
            .. WrittenIn.Journal(cook, Sunday, 80, null),
            new("9", CookEventKind.Abandoned, Sunday.AddMinutes(9), CookEventData.None),
        ];
        Assert.Empty(Teaching.Of("a", "bertha", cook, journal).Sightings);
        Assert.NotEmpty(Teaching.Of("a", "bertha", cook, journal[..^1]).Sightings);
    }

    // A weight at the table says how much juice went, and of a middle that was never measured nothing.
    [Fact]
    public void WhatWasNeverMeasured_TeachesNothingOfTheMiddle()
    {
        var cook = Cook(Bird(MeatState.Chilled), 25);
        CookEvent weighed = new("9", CookEventKind.Tasted, Sunday.AddMinutes(9), new() { RawGrams = 1800, CookedGrams = 1300 });
        CookEvent[] of(double? celsius) => [.. WrittenIn.Journal(cook, Sunday, celsius, null), weighed];
        Sighting Weight(double? celsius) => Teaching.Of("a", "bertha", cook, of(celsius)).Sightings.Single(s => s.What == Sight.WeightLost);
        Assert.DoesNotContain(Uncertain.OwnThickness, Weight(null).Slopes.Keys);
        Assert.Contains(Uncertain.OwnThickness, Weight(85).Slopes.Keys);
    }
}
