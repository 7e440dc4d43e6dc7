using System.Text.Json.Nodes;

namespace Ikuzo.Web.Tests;

/// <summary>What was begun while the server was away arrives later, once.</summary>
public class BegunAwayTests(IkuzoServer server) : CookTests(server), IClassFixture<IkuzoServer>
{
    private static readonly object Thighs = new
    {
        load = new
        {
            cut = "chicken-thigh-bone-in",
            pieces = 6,
            totalKg = 0.9,
        },
    };

    private static readonly object Bird = new
    {
        load = new
        {
            cut = "chicken-whole",
            pieces = 1,
            totalKg = 1.6,
        },
    };

    private Task<(int Status, JsonNode? Body)> BeginAsync(object plan, Guid id, DateTimeOffset? begunAt = null) =>
        Server.PostAsync(
            "/api/cooks",
            new
            {
                id,
                begunAt,
                plan,
            }
        );

    [Fact]
    public async Task Outline_SaysWhatTheCookWouldBe_AndKeepsNothing()
    {
        var before = (await Server.GetAsync("/api/cooks")).Body!.AsArray().Count;
        var (status, outline) = await Server.PostAsync("/api/cooks/outline", new { plan = Thighs });
        Assert.Equal(200, status);
        Assert.Empty(outline!["toConfirm"]!.AsArray());
        Assert.Equal(before, (await Server.GetAsync("/api/cooks")).Body!.AsArray().Count);

        var (_, cook) = await Server.PostAsync("/api/cooks", new { plan = Thighs });
        foreach (var what in new[] { "phase", "name", "plan", "spots", "toPressureMinutes", "tooShort" })
        {
            Assert.True(JsonNode.DeepEquals(cook![what], outline["cook"]![what]), what);
        }

        static IEnumerable<string> Ahead(JsonNode view) =>
            view["ahead"]!.AsArray().Select(a => $"{(string)a!["after"]!} {(string?)a["step"]} {(string)a["phase"]!}");
        Assert.Equal(Ahead(cook!), Ahead(outline["cook"]!));
    }

    [Fact]
    public async Task Outline_OfWhatMustBeSeenTo_SaysSo_AndOfWhatHasNoMinutes_Refuses()
    {
        var (status, bird) = await Server.PostAsync("/api/cooks/outline", new { plan = Bird });
        Assert.Equal(200, status);
        Assert.Contains(
            bird!["toConfirm"]!.AsArray(),
            w => (string)w!["code"]! == "giblets" && (string?)w["confirmWith"] is { Length: > 0 }
        );
        Assert.Equal(404, (await Server.PostAsync("/api/cooks/outline", new { dishId = "nowhere" })).Status);
        Assert.Equal(400, (await Server.PostAsync("/api/cooks/outline", new { })).Status);
        object tooMuch = new
        {
            load = new
            {
                cut = "turkey-whole",
                pieces = 1,
                totalKg = 9.5,
            },
        };
        Assert.Equal(409, (await Server.PostAsync("/api/cooks/outline", new { plan = tooMuch })).Status);
    }

    [Fact]
    public async Task Begun_TheSameName_BeginsOnce()
    {
        var id = Guid.NewGuid();
        var answers = await Task.WhenAll(Enumerable.Range(0, 6).Select(_ => BeginAsync(Thighs, id)));
        Assert.All(answers, a => Assert.Equal((201, id.ToString("N")), (a.Status, (string)a.Body!["id"]!)));
        await DoAsync(id.ToString("N"), "lid-on");
        var (_, again) = await BeginAsync(Bird, id); // whatever it says by then
        Assert.Equal("coming-up", (string)again!["phase"]!);
        Assert.Single(
            (await Server.GetAsync("/api/cooks?state=active&pageSize=200")).Body!.AsArray(),
            c => (string)c!["id"]! == id.ToString("N")
        );
    }

    [Fact]
    public async Task BegunAnHourAgo_ThenItsEntries_StandAtTheirTimes()
    {
        var (id, now) = (Guid.NewGuid(), DateTimeOffset.UtcNow);
        DateTimeOffset[] at = [now.AddMinutes(-60), now.AddMinutes(-58), now.AddMinutes(-46)];
        await BeginAsync(Thighs, id, at[0]);
        await DoAsync(id.ToString("N"), "lid-on", $"{at[1]:O}");
        var (_, cook) = await DoAsync(id.ToString("N"), "pressure-reached", $"{at[2]:O}");
        Assert.Equal(at[1..], cook!["events"]!.AsArray().Select(e => (DateTimeOffset)e!["at"]!));
        var listed = (await Server.GetAsync("/api/cooks?state=active&pageSize=200")).Body!.AsArray();
        var begun = (DateTimeOffset)listed.Single(c => (string)c!["id"]! == id.ToString("N"))!["createdAt"]!;
        Assert.Equal(at[0], begun, TimeSpan.FromMilliseconds(1));
    }

    // The lid is on: no stop undoes that. One that begins here and now is asked first.
    [Fact]
    public async Task BegunAway_IsTaken_WhateverWasNotSeenTo()
    {
        Assert.Equal(409, (await BeginAsync(Bird, Guid.NewGuid())).Status);
        Assert.Equal(201, (await BeginAsync(Bird, Guid.NewGuid(), DateTimeOffset.UtcNow.AddMinutes(-3))).Status);
    }

    [Fact]
    public async Task BegunInTheFuture_BeginsNow()
    {
        var id = Guid.NewGuid();
        await BeginAsync(Thighs, id, DateTimeOffset.UtcNow.AddDays(1));
        var (status, cook) = await DoAsync(id.ToString("N"), "lid-on");
        Assert.Equal((200, "coming-up"), (status, (string)cook!["phase"]!));
        var listed = (await Server.GetAsync("/api/cooks?state=active&pageSize=200")).Body!.AsArray();
        Assert.True((DateTimeOffset)listed.Single(c => (string)c!["id"]! == id.ToString("N"))!["createdAt"]! <= DateTimeOffset.UtcNow);
    }

    [Fact]
    public async Task Plan_TheSameName_IsKeptOnce()
    {
        var id = Guid.NewGuid();
        object body = new
        {
            id,
            name = "Kept twice",
            request = Thighs,
        };
        var (first, second) = (await Server.PostAsync("/api/plans", body), await Server.PostAsync("/api/plans", body));
        Assert.Equal((201, 201), (first.Status, second.Status));
        Assert.Single((await Server.GetAsync("/api/plans")).Body!.AsArray(), p => (string)p!["name"]! == "Kept twice");
    }

    [Theory]
    [InlineData("/api/cooks")]
    [InlineData("/api/plans")]
    public async Task AnIdThatIsNone_IsRefusedByField(string path)
    {
        var (status, problem) = await Server.PostAsync(path, """{"id":"my cook","plan":{},"name":"x","request":{}}""");
        Assert.Equal(400, status);
        Assert.Contains(problem!["errors"]!.AsObject(), e => e.Key.EndsWith("id", StringComparison.Ordinal));
    }
}
