using System.Globalization;
using System.Text.Json.Nodes;
using Microsoft.Extensions.DependencyInjection;

namespace Ikuzo.Web.Tests;

/// <summary>
/// The clock of the machine, or of a phone, is wrong or is set while a pot is on the stove: the pot goes on as it was, and nothing that
/// was pressed is lost.
/// </summary>
public sealed class ClockTests : FolderTests
{
    private static readonly string[] Acts = ["lid-on", "pressure-reached", "hold-over", "vented", "pin-down", "opened"];
    private static readonly double[] Minutes = [0, 11, 16, 17, 20, 21];

    private readonly TwoClocks _clock = new();

    private IkuzoServer Start() => new(demo: false, Folder, services => services.AddSingleton<TimeProvider>(_clock));

    private async Task<string> BeginAsync(IkuzoServer server, int acts)
    {
        var (status, cook) = await server.PostAsync("/api/cooks", new { plan = CookTests.Breasts });
        Assert.Equal(201, status);
        var id = (string)cook!["id"]!;
        for (var i = 0; i < acts; i++)
        {
            _clock.Pass(TimeSpan.FromMinutes(Minutes[i] - (i == 0 ? 0 : Minutes[i - 1])));
            Assert.Equal(200, (await SayAsync(server, id, Acts[i])).Status);
        }

        _clock.Pass(TimeSpan.FromMinutes(0.5));
        return id;
    }

    private static Task<(int Status, JsonNode? Body)> SayAsync(
        IkuzoServer server,
        string id,
        string kind,
        DateTimeOffset? at = null,
        string? known = null
    ) =>
        server.PostAsync(
            $"/api/cooks/{id}/events",
            new
            {
                clientId = $"{Guid.NewGuid()}",
                kind,
                at,
                known,
                data = new { text = "hiss" },
            }
        );

    private static DateTimeOffset Moment(JsonNode? node) => DateTimeOffset.Parse((string)node!, CultureInfo.InvariantCulture);

    private static async Task<(string Phase, double Since, double? Due, JsonNode Cook)> LookAsync(IkuzoServer server, string id)
    {
        var (status, cook) = await server.GetAsync($"/api/cooks/{id}");
        Assert.Equal(200, status);
        var now = Moment(cook!["now"]);
        var due = cook["next"]!.AsArray().FirstOrDefault()?["dueAt"];
        return (
            (string)cook["phase"]!,
            (now - Moment(cook["since"])).TotalSeconds,
            due is null ? null : (Moment(due) - now).TotalSeconds,
            cook
        );
    }

    public static TheoryData<double, int> Settings
    {
        get
        {
            var all = new TheoryData<double, int>();
            foreach (var hours in new[] { 1.0, -1, 24, -24 })
            foreach (var acts in Enumerable.Range(0, Acts.Length + 1))
            {
                all.Add(hours, acts);
            }

            return all;
        }
    }

    [Theory]
    [MemberData(nameof(Settings))]
    public async Task ClockOfTheMachineIsSet_AndTheCookGoesOnAsItWas(double hours, int acts)
    {
        await using var server = Start();
        var id = await BeginAsync(server, acts);
        var before = await LookAsync(server, id);
        var known = (string?)before.Cook["events"]!.AsArray().LastOrDefault()?["id"] ?? "";
        var pressed = _clock.GetUtcNow(); // on a phone that is offline while it is set
        _clock.Pass(TimeSpan.FromSeconds(20));
        _clock.Set(TimeSpan.FromHours(hours));
        _clock.Pass(TimeSpan.FromSeconds(20));
        var after = await LookAsync(server, id);
        Assert.Equal(before.Phase, after.Phase);
        if (acts > 0)
        {
            Assert.Equal(before.Since + 40, after.Since, 5.0);
            Assert.Equal(before.Due is null, after.Due is null);
            Assert.Equal(before.Due - 40 ?? 0, after.Due ?? 0, 5.0);
        }

        // What follows was pressed by the clock as it was.
        var next = acts < Acts.Length ? Acts[acts] : "note";
        var (status, cook) = await SayAsync(server, id, next, pressed, known);
        Assert.True(status == 200, $"{cook}");
        var said = cook!["events"]!.AsArray().Last(e => (string)e!["kind"]! == next)!;
        Assert.Equal(0, (Moment(said["at"]) - pressed - TimeSpan.FromHours(hours)).TotalSeconds, 5.0);
        Assert.Equal(200, (await SayAsync(server, id, "note", pressed.AddDays(3))).Status);
        Assert.Equal(200, (await SayAsync(server, id, "note", pressed.AddDays(-30))).Status);
        var health = (await server.GetAsync("/api/health")).Body!;
        Assert.Equal("ok", (string)health["status"]!);
        Assert.Contains(health["problems"]!.AsArray(), p => ((string)p!).Contains("clock", StringComparison.Ordinal));
    }

    // Who asks while another still writes that it was set waits for that, and sees no cook of an hour.
    [Fact]
    public async Task EverybodyWhoAsksAtThatMoment_SeesTheCookAsItWas()
    {
        await using var server = Start();
        var id = await BeginAsync(server, 1);
        for (var i = 0; i < 5; i++)
        {
            var before = await LookAsync(server, id);
            _clock.Set(TimeSpan.FromHours(i % 2 == 0 ? 1 : -1));
            var after = await Task.WhenAll(Enumerable.Range(0, 12).Select(_ => LookAsync(server, id)));
            Assert.All(after, look => Assert.Equal(before.Since, look.Since, 20.0));
        }
    }

    // The power was off for half an hour. The machine comes up with its clock an hour behind, and is set right later.
    [Fact]
    public async Task MachineWithoutABatteryClock_GoesOnWhereItWas_AndIsSetRight()
    {
        string id;
        DateTimeOffset[] at;
        await using (var server = Start())
        {
            id = await BeginAsync(server, 2);
            at = [.. (await LookAsync(server, id)).Cook["events"]!.AsArray().Select(e => Moment(e!["at"]))];
        }

        _clock.Pass(TimeSpan.FromMinutes(30));
        _clock.Set(TimeSpan.FromHours(-1));
        await using var again = Start();
        var behind = await LookAsync(again, id);
        Assert.Equal("holding", behind.Phase);
        Assert.InRange(behind.Since, 0, 60);
        Assert.Equal(200, (await SayAsync(again, id, "note")).Status);
        _clock.Set(TimeSpan.FromHours(1));
        var right = await LookAsync(again, id);
        var kept = right.Cook["events"]!.AsArray();
        Assert.Equal(at, kept.Take(2).Select(e => Moment(e!["at"])));
        Assert.Equal(1, kept.Count(e => (string)e!["kind"]! == "note"));
        Assert.InRange((_clock.GetUtcNow() - Moment(kept.Single(e => (string)e!["kind"]! == "note")!["at"])).TotalSeconds, 0, 60);
        Assert.Equal("resting", right.Phase); // its minutes were over while the power was off
    }

    [Fact]
    public async Task NobodyElseSaysThatTheClockWasSet()
    {
        await using var server = Start();
        var id = await BeginAsync(server, 1);
        Assert.Equal(400, (await SayAsync(server, id, "clock-set")).Status);
        _clock.Set(TimeSpan.FromHours(1));
        var set = (await LookAsync(server, id)).Cook["events"]!.AsArray().Single(e => (string)e!["kind"]! == "clock-set")!;
        var undo = new
        {
            clientId = "u",
            kind = "undone",
            data = new { of = (string)set["id"]! },
        };
        Assert.Equal(400, (await server.PostAsync($"/api/cooks/{id}/events", undo)).Status);
    }

    // Put into the fridge in an hour in which the clock was a day ahead: it keeps for the hours that passed, and not a day longer.
    [Theory]
    [InlineData(true)]
    [InlineData(false)] // set while the server is not running
    public async Task ClockIsSetBack_AndTheColdKeepsNothingLonger(bool runs)
    {
        var until = _clock.GetUtcNow().AddHours(48);
        async Task<double> TooLongAsync(IkuzoServer server) =>
            (Moment((await server.GetAsync("/api/store")).Body!.AsArray().Single()!["useBy"]) - until).TotalHours;
        static Task SetAsync(IkuzoServer server, int sign) =>
            Deadline.UntilAsync(
                () => server.GetAsync("/api/health"),
                h => Math.Sign((double?)h.Body!["clockSet"]?["seconds"] ?? 0) == sign
            );

        var server = Start();
        _clock.Set(TimeSpan.FromHours(24));
        await SetAsync(server, 1);
        await server.PostAsync("/api/store", new { text = "6 chicken thighs 1 kg fridge" });
        Assert.Equal(24, await TooLongAsync(server), 0.1);
        _clock.Pass(TimeSpan.FromHours(2));
        if (!runs)
        {
            await server.DisposeAsync();
        }

        _clock.Set(TimeSpan.FromHours(-24));
        server = runs ? server : Start();
        await SetAsync(server, -1);
        var passed = runs ? 0 : 2; // what passed while nobody looked cannot be known better
        await Deadline.UntilAsync(() => TooLongAsync(server), h => Math.Abs(h - passed) < 0.1);
        await server.DisposeAsync();
        await using var again = Start(); // and the next start changes nothing of it
        Assert.Equal(passed, await TooLongAsync(again), 0.1);
    }

    /// <summary>What the clock shows, and beside it what passes.</summary>
    private sealed class TwoClocks : TimeProvider
    {
        private TimeSpan _set,
            _passed;

        public override DateTimeOffset GetUtcNow() => base.GetUtcNow() + _set + _passed;

        public override long TimestampFrequency => TimeSpan.TicksPerSecond;

        public override long GetTimestamp() => TimeSpan.FromMilliseconds(Environment.TickCount64).Ticks + _passed.Ticks;

        public void Set(TimeSpan by) => _set += by;

        public void Pass(TimeSpan time) => _passed += time;
    }
}
