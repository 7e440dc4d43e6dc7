using Ikuzo.Core.Running.Journal;
using Ikuzo.Core.Running.Rehearsal;

namespace Ikuzo.Core.Tests.Running.Rehearsal;

/// <summary>What every pot and probe must keep; a test of a real one derives from this and says how to make it.</summary>
public abstract class DeviceContract
{
    private static readonly CookEventKind[] OfItself = [CookEventKind.PressureReached, CookEventKind.HoldOver, CookEventKind.PinDown];

    /// <summary>When the lid goes on.</summary>
    protected static DateTimeOffset Start { get; } = new(2026, 12, 6, 17, 0, 0, TimeSpan.Zero);

    /// <summary>Longest time that the cook may take under the lid, its pin left to drop by itself, min.</summary>
    protected abstract double MostMinutes { get; }

    /// <summary>A spot of the cook.</summary>
    protected abstract string Spot { get; }

    /// <summary>Pot and probe before the lid is on.</summary>
    protected abstract Attached Make();

    private static CookEvent Entry(CookEventKind kind, double minute) => new($"{kind}", kind, Start.AddMinutes(minute), CookEventData.None);

    private Attached Closed()
    {
        var made = Make();
        made.Pot.Take(Entry(CookEventKind.LidOn, 0));
        return made;
    }

    private List<Announcement> Hear(IMulticooker pot, double fromMinute = 0)
    {
        List<Announcement> said = [];
        for (var minute = fromMinute; minute <= MostMinutes; minute += 0.5)
        {
            pot.AdvanceTo(Start.AddMinutes(minute));
            var now = pot.TakeAnnouncements();
            Assert.All(now, a => Assert.True(a.At <= Start.AddMinutes(minute), "told before it happened"));
            said.AddRange(now);
        }

        return said;
    }

    [Fact]
    public void BeforeTheLid_NothingIsToldAndThePinIsDown()
    {
        var pot = Make().Pot;
        pot.AdvanceTo(Start.AddMinutes(-1));
        Assert.Empty(pot.TakeAnnouncements());
        Assert.False(pot.Report.LidOn || pot.Report.PinUp || pot.Report.Heats);
    }

    [Fact]
    public void AWholeCook_IsToldOnceInOrder()
    {
        var said = Hear(Closed().Pot);
        Assert.Equal(OfItself, said.Select(a => a.Kind));
        Assert.Equal(said.Select(a => a.At), said.Select(a => a.At).Order());
    }

    [Fact]
    public void Report_AgreesWithWhatWasTold()
    {
        var pot = Closed().Pot;
        Assert.True(pot.Report is { LidOn: true, PinUp: false });
        var up = false;
        for (var minute = 0.0; minute <= MostMinutes; minute += 0.5)
        {
            pot.AdvanceTo(Start.AddMinutes(minute));
            var kinds = pot.TakeAnnouncements().Select(a => a.Kind).ToList();
            up = kinds.Contains(CookEventKind.PinDown) ? false : up || kinds.Contains(CookEventKind.PressureReached);
            Assert.Equal(up, pot.Report.PinUp);
            Assert.InRange(pot.Report.Celsius, -5, 130);
        }
    }

    [Fact]
    public void AnEarlierMoment_ChangesNothing()
    {
        var pot = Closed().Pot;
        pot.AdvanceTo(Start.AddMinutes(20));
        pot.TakeAnnouncements();
        var before = pot.Report;
        pot.AdvanceTo(Start.AddMinutes(5));
        Assert.Empty(pot.TakeAnnouncements());
        Assert.Equal(before, pot.Report);
    }

    [Fact]
    public void Venting_BringsThePinDownSooner()
    {
        var untouched = Hear(Closed().Pot);
        var over = (untouched.Single(a => a.Kind == CookEventKind.HoldOver).At - Start).TotalMinutes;
        var pot = Closed().Pot;
        pot.AdvanceTo(Start.AddMinutes(over));
        pot.Take(Entry(CookEventKind.Vented, over));
        var vented = Hear(pot, over);
        Assert.True(vented.Last().At < untouched.Last().At);
        Assert.DoesNotContain(vented, a => a.Kind == CookEventKind.Vented);
    }

    [Fact]
    public void Opened_TakesTheLidOff()
    {
        var made = Closed();
        Hear(made.Pot);
        made.Pot.Take(Entry(CookEventKind.Opened, MostMinutes));
        Assert.False(made.Pot.Report.LidOn);
    }

    [Fact]
    public void WhatIsNoneOfItsBusiness_ChangesNothing()
    {
        var (one, other) = (Closed().Pot, Closed().Pot);
        other.Take(Entry(CookEventKind.Note, 1));
        Assert.Equal(Hear(one), Hear(other));
    }

    [Fact]
    public void Probe_KnowsTheSpotsOfTheCookOnly()
    {
        var made = Closed();
        made.Pot.AdvanceTo(Start.AddMinutes(3));
        Assert.InRange(Enumerable.Range(0, 5).Select(_ => made.Probe.Read(Spot)).OfType<double>().First(), -30, 130);
        Assert.Null(made.Probe.Read("no such spot"));
    }
}
