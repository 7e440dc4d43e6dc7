using Ikuzo.Core.Cooking;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Running.Rescue;

namespace Ikuzo.Core.Tests.Running.Rescue;

/// <summary>Pots that were opened more than once.</summary>
public class RescueRoundsTests
{
    private static readonly RescueRequest Once = new(
        new PlanRequest
        {
            Pot = PotDefaults.For(5.7),
            Load = new MeatLoad
            {
                Cut = CutCatalogue.Find("turkey-breast-boneless")!,
                Pieces = 1,
                TotalKg = 1.3,
            },
        },
        10,
        Release.Vent,
        [Read(45)],
        LiquidIsThick: false
    );

    private static ProbeReading Read(double celsius) => new("centre", celsius, 1);

    private static RescueRequest Again(double held, double reading, bool underPressure = true) =>
        Once with
        {
            Later = [new RescueRound(underPressure, held, Release.Vent, [Read(reading)])],
        };

    [Fact]
    public void SecondReading_ThatIsHot_AfterTheAdvisedMinutes_IsDone()
    {
        var advice = RescuePlanner.Advise(Once);
        Assert.Equal(CheckVerdict.Short, advice.Verdict);
        var once = Again(advice.Minutes!.Value, 84);
        Assert.Equal(RescueMethod.ReadAgain, RescuePlanner.Advise(once).Method);
        var twice = once with { Later = [once.Later[0] with { Readings = [Read(90), Read(91)] }] };
        var done = RescuePlanner.Advise(twice);
        Assert.Equal((CheckVerdict.Done, 2), (done.Verdict, done.RestMinutes)); // what was short before stands two minutes
    }

    [Theory]
    [InlineData(0, 0)]
    [InlineData(4, 2)]
    public void WhatStoodBefore_StandsTwoMinutesMore(double covered, double rest)
    {
        var load = new MeatLoad
        {
            Cut = CutCatalogue.Find("chicken-thigh-bone-in")!,
            Pieces = 1,
            TotalKg = 0.19,
        };
        ProbeReading[] read = [new("centre", covered > 0 ? 72 : 92, 1), new("centre", 94, 7) { CoveredMinutes = covered }];
        var opened = new RescueRequest(new() { Pot = PotDefaults.For(5.7), Load = load }, 14, Release.Vent, read, false);
        var advice = RescuePlanner.Advise(opened);
        Assert.Equal((CheckVerdict.Done, rest), (advice.Verdict, advice.RestMinutes));
    }

    // Read over and over while it hardly warms, it would be found beside the middle at last.
    [Theory]
    [InlineData(0, true)]
    [InlineData(1, true)]
    [InlineData(2, false)]
    public void WhatHasStoodTwiceAndIsShort_IsCookedOn(int stood, bool standsAgain)
    {
        var load = new MeatLoad
        {
            Cut = CutCatalogue.Find("chicken-thigh-bone-in")!,
            Pieces = 1,
            TotalKg = 0.19,
        };
        ProbeReading[] read =
        [
            new("centre", 72, 1),
            .. Enumerable.Range(1, stood).Select(i => new ProbeReading("centre", 72 + 0.5 * i, 1 + 2 * i) { CoveredMinutes = 1 }),
        ];
        var advice = RescuePlanner.Advise(new(new() { Pot = PotDefaults.For(5.7), Load = load }, 8, Release.Vent, read, false));
        Assert.Equal(standsAgain, advice.Method == RescueMethod.LeaveCovered);
        Assert.Equal(CheckVerdict.Short, advice.Verdict);
        Assert.True(advice.Minutes > 0);
    }

    // One of several pieces says little of the thickest, unless it was sure before.
    [Theory]
    [InlineData(6, 1.1, 8, 82, RescueMethod.ReadAgain)]
    [InlineData(6, 1.1, 12, 81, RescueMethod.ReadAgain)] // as much was to be expected, of the thickest
    [InlineData(6, 1.1, 25, 101, RescueMethod.None)]
    [InlineData(1, 0.19, 8, 82, RescueMethod.None)]
    public void OneReading_OfSeveralPieces_WantsAnother(int pieces, double kg, double held, double celsius, RescueMethod method)
    {
        var load = new MeatLoad
        {
            Cut = CutCatalogue.Find("chicken-thigh-bone-in")!,
            Pieces = pieces,
            TotalKg = kg,
        };
        var opened = new RescueRequest(new() { Pot = PotDefaults.For(5.7), Load = load }, held, Release.Vent, [Read(celsius)], false);
        Assert.Equal(method, RescuePlanner.Advise(opened).Method);
    }

    [Fact]
    public void SecondReading_TheColderItIs_TheStrongerTheWayOn()
    {
        RescueAdvice[] advice = [.. new[] { 72.0, 66, 58 }.Select(r => RescuePlanner.Advise(Again(8, r)))];
        Assert.Equal(advice.Select(a => a.Method).Order(), advice.Select(a => a.Method));
        Assert.Equal((RescueMethod.LeaveCovered, RescueMethod.BackUnderPressure), (advice[0].Method, advice[2].Method));
    }

    [Fact]
    public void HotReading_AfterHardlyAnyMinutes_IsNotBelieved() =>
        Assert.Equal(CheckVerdict.Short, RescuePlanner.Advise(Again(0, 74.5)).Verdict);

    [Fact]
    public void BothReadings_Count()
    {
        var knownCold = RescuePlanner.Advise(Again(8, 70));
        var knownWarm = RescuePlanner.Advise(Again(8, 70) with { Readings = [Read(58)] });
        Assert.True(knownCold.Minutes >= knownWarm.Minutes, $"{knownCold.Minutes} and {knownWarm.Minutes}");
    }

    [Fact]
    public void Simmer_TakesLongerThanPressure() =>
        Assert.True(RescuePlanner.Advise(Again(8, 60) with { LiquidIsThick = true }).Minutes > RescuePlanner.Advise(Again(8, 60)).Minutes);

    [Fact]
    public void LumpTakenApart_IsJudgedByItsPiecesFromThen()
    {
        var lump = new RescueRequest(
            new PlanRequest
            {
                Pot = PotDefaults.For(5.7),
                Load = new MeatLoad
                {
                    Cut = CutCatalogue.Find("chicken-thigh-bone-in")!,
                    Pieces = 5,
                    TotalKg = 1.0,
                    State = MeatState.Frozen,
                    Arrangement = Arrangement.Lump,
                },
            },
            10,
            Release.Vent,
            [Read(20)],
            LiquidIsThick: false
        );
        var advice = RescuePlanner.Advise(lump);
        Assert.Equal(RescueMethod.SeparateAndRepeat, advice.Method);
        var apart = lump with { SeparatedAtCelsius = 20, Later = [new RescueRound(true, advice.Minutes!.Value, Release.Vent, [Read(86)])] };
        Assert.Equal(CheckVerdict.Done, RescuePlanner.Advise(apart).Verdict);
        Assert.Equal(
            RescueMethod.BackUnderPressure,
            RescuePlanner.Advise(apart with { Later = [apart.Later[0] with { Readings = [Read(60)] }] }).Method
        );
    }

    [Fact]
    public void OpenedAgainWithoutAReading_IsRefused() =>
        Assert.Throws<ArgumentException>(() => RescuePlanner.Advise(Once with { Later = [new RescueRound(true, 5, Release.Vent, [])] }));

    [Fact]
    public void EveryMinuteOfThePause_WarmsTheMiddle()
    {
        double At(double pause)
        {
            RescueRound again = new(true, 4, Release.Vent, [Read(0)]) { ReclosedAfterMinutes = pause };
            var held = new Branch(Once.MinutesHeld, Once.Release);
            using var pot = OpenedPot.Cook(ModelBuilder.Build(Once.Plan), ParticleSource.Nominal, held, Once.Readings, [again], default);
            return pot.AtReading[1].Thickest[0];
        }

        Assert.InRange(At(5) - At(0.5), 0.3, 5);
    }

    [Fact]
    public void StandingCovered_WarmsTheMiddleMoreThanStandingOpen()
    {
        double At(double covered)
        {
            ProbeReading[] twice = [Read(70), new("centre", 0, 7) { CoveredMinutes = covered }];
            var held = new Branch(Once.MinutesHeld, Once.Release);
            using var pot = OpenedPot.Cook(ModelBuilder.Build(Once.Plan), ParticleSource.Nominal, held, twice, [], default);
            return pot.AtReading[1].Thickest[0] - pot.AtReading[0].Thickest[0];
        }

        Assert.True(At(6) > At(0), $"{At(6)} and {At(0)}");
        Assert.InRange(At(6), 2, 25);
    }
}
