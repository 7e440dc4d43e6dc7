using System.Text;
using System.Text.Json.Nodes;
using Ikuzo.Core.Book;
using Ikuzo.Core.Running.Journal;
using Ikuzo.Web.Features.Book;
using Ikuzo.Web.Features.Cooks;
using Microsoft.Extensions.DependencyInjection;

namespace Ikuzo.Web.Tests;

public sealed class BookTests(IkuzoServer server) : CookTests(server), IClassFixture<IkuzoServer>
{
    private async Task<(int Status, JsonNode? Body)> ImportAsync(string file, string type, string query = "", string step = "")
    {
        using var content = new StringContent(file, Encoding.UTF8, type);
        using var response = await Server.Http.PostAsync($"/api/book/import{step}{query}", content, TestContext.Current.CancellationToken);
        var text = await response.Content.ReadAsStringAsync(TestContext.Current.CancellationToken);
        return ((int)response.StatusCode, text.Length > 0 ? JsonNode.Parse(text) : null);
    }

    private async Task<JsonArray> ListAsync(string query = "") => (await Server.GetAsync($"/api/book{query}")).Body!["items"]!.AsArray();

    [Fact]
    public async Task FinishedCook_StandsInTheBook_IsFoundAndTasted()
    {
        var id = await CookAsync(92);
        var item = (await ListAsync("?query=tues bone")).Single(i => (string)i!["id"]! == id)!;
        Assert.Equal(92, (double)item["lowestCelsius"]!);
        Assert.True((bool)item["measured"]!);
        Assert.Equal("done", (string)item["verdict"]!);
        Assert.Empty(await ListAsync("?query=tues xylophone"));
        Assert.Empty(await ListAsync("?cut=turkey-wing"));

        object tasting = new
        {
            clientId = "t1",
            juicy = -2,
            nextTime = "Fewer minutes, and brown it.",
        };
        Assert.Equal(200, (await Server.SendAsync(HttpMethod.Put, $"/api/book/{id}/tasting", tasting)).Status);
        await Server.SendAsync(HttpMethod.Put, $"/api/book/{id}/tasting", tasting);
        await Server.SendAsync(HttpMethod.Put, $"/api/book/{id}/tasting", new { clientId = "t2", tender = 1 });
        var page = (await Server.GetAsync($"/api/book/{id}")).Body!;
        Assert.Equal(-2, (int)page["tasting"]!["juicy"]!);
        Assert.Equal(1, (int)page["tasting"]!["tender"]!);
        Assert.Contains("hotter than it had to be", (string)page["proposed"]!, StringComparison.Ordinal);
        Assert.Equal(12, (double)page["beside"]!.AsArray().Single(b => (string)b!["what"]! == "hold")!["happened"]!, 0.2);
        Assert.Contains(await ListAsync("?query=brown it"), i => (string)i!["id"]! == id);
        var entries = (await Server.GetAsync($"/api/cooks/{id}")).Body!["events"]!.AsArray();
        Assert.Equal(2, entries.Count(e => (string)e!["kind"]! == "tasted"));
    }

    [Fact]
    public async Task LineAndLesson_ReadBeforeTheJournalWentOn_AreReadAnew()
    {
        var id = await CookAsync(91);
        var cancellation = TestContext.Current.CancellationToken;
        var before = (await Server.Services.GetRequiredService<CookService>().LoadAsync(id, cancellation))!;
        object tasting = new { clientId = "late", nextTime = "A sharper knife." };
        Assert.Equal(200, (await Server.SendAsync(HttpMethod.Put, $"/api/book/{id}/tasting", tasting)).Status);

        var store = Server.Services.GetRequiredService<BookStore>();
        var line = BookEntry.Of("Tuesday", before.Planned, before.Events, CookVerdict.Done);
        var lesson = Teaching.Of(id, "no pot", before.Planned, before.Events, cancellation);
        Assert.NotEqual("A sharper knife.", line.NextTime);
        await store.WriteAsync(id, "Tuesday", line, before.Last, cancellation);
        await store.TeachAsync(lesson, before.Last, cancellation);

        Assert.Equal("A sharper knife.", (string)(await ListAsync("?query=tues")).Single(i => (string)i!["id"]! == id)!["nextTime"]!);
        Assert.Contains(id, await store.IdsAsync(cancellation));
        Assert.DoesNotContain(await store.LessonsAsync(default, cancellation), l => l.PotId == "no pot");
    }

    [Fact]
    public async Task RemovedCook_IsGone_AndComesBack()
    {
        var id = await CookAsync();
        Assert.Equal(204, (await Server.SendAsync(HttpMethod.Delete, $"/api/book/{id}")).Status);
        Assert.DoesNotContain(await ListAsync(), i => (string)i!["id"]! == id);
        Assert.Equal(404, (await Server.GetAsync($"/api/book/{id}")).Status);
        Assert.Equal(204, (await Server.PostAsync($"/api/book/{id}/restore", "")).Status);
        Assert.Contains(await ListAsync(), i => (string)i!["id"]! == id);
        Assert.Equal(404, (await Server.SendAsync(HttpMethod.Delete, "/api/book/nobody")).Status);
    }

    [Fact]
    public async Task LeftOutAndTakenInAgain_LearnsTheSameBytesAsBefore()
    {
        await CookAsync();
        var odd = await CookAsync(95);
        async Task<string> LearnedAsync() => (await Server.GetAsync("/api/learned")).Body!.ToJsonString();
        var before = await LearnedAsync();
        Assert.Equal(204, (await Server.PostAsync("/api/learned/exclude", new { cookId = odd })).Status);
        Assert.NotEqual(before, await LearnedAsync());
        Assert.Equal(204, (await Server.PostAsync("/api/learned/include", new { cookId = odd })).Status);
        Assert.Equal(before, await LearnedAsync());
        var calibration = (await Server.GetAsync("/api/learned/calibration")).Body!;
        Assert.True((int)calibration["readings"]! >= 2);
        Assert.Equal(204, (await Server.PostAsync("/api/learned/forget", new { cut = "chicken-breast-boneless" })).Status);
        Assert.DoesNotContain(
            (await Server.GetAsync("/api/learned")).Body!["cuts"]!.AsArray(),
            c => (string)c!["cut"]! == "chicken-breast-boneless"
        );
        Assert.Equal(204, (await Server.PostAsync("/api/learned/forget", "null")).Status);
    }

    [Theory]
    [InlineData("yesterday, 8 drumsticks, 12 min, vented, 85 °C", "chicken-drumstick", 8, 12, "vent", 85.0)]
    [InlineData("3 days ago 4 duck legs 1 kg 45 minutes natural release", "duck-leg", 4, 45, "natural", null)]
    public async Task CookThatNobodyFollowed_IsWrittenInByOneLine(
        string text,
        string cut,
        int pieces,
        double minutes,
        string release,
        double? celsius
    )
    {
        var (status, page) = await Server.PostAsync("/api/book", new { text, timeZone = "Europe/Vienna" });
        Assert.Equal(201, status);
        var item = page!["item"]!;
        Assert.Equal((cut, pieces, minutes), ((string)item["cut"]!, (int)item["pieces"]!, (double)item["minutes"]!));
        Assert.Equal(release, (string)item["release"]!["kind"]!);
        Assert.Equal(celsius, (double?)item["lowestCelsius"]);
        Assert.True(DateTimeOffset.Parse((string)item["cookedAt"]!, null) < DateTimeOffset.UtcNow.AddHours(-2));
        Assert.NotEqual("done", (string)item["verdict"]!);
    }

    [Theory]
    [InlineData("yesterday something nice")]
    [InlineData("8 drumsticks yesterday")]
    public async Task LineThatSaysTooLittle_IsRefusedWithWhatIsMissing(string text)
    {
        var (status, problem) = await Server.PostAsync("/api/book", new { text });
        Assert.Equal(400, status);
        Assert.NotEmpty(problem!["errors"]!["text"]!.AsArray());
    }

    [Fact]
    public async Task Book_WrittenOutAndTakenIn_IsTheSame_AndNothingTwice()
    {
        var id = await CookAsync();
        var file = (await Server.GetAsync("/api/book/export")).Body!.ToJsonString();
        var (status, again) = await ImportAsync(file, "application/json");
        Assert.Equal(200, status);
        Assert.Equal(0, (int)again!["taken"]!);

        await using var other = new IkuzoServer();
        using var content = new StringContent(file, Encoding.UTF8, "application/json");
        using var taken = await other.Http.PostAsync("/api/book/import", content, TestContext.Current.CancellationToken);
        Assert.Equal(200, (int)taken.StatusCode);
        var there = (await other.GetAsync("/api/book")).Body!["items"]!.AsArray().Single(i => (string)i!["id"]! == id);
        var here = (await ListAsync()).Single(i => (string)i!["id"]! == id);
        Assert.True(JsonNode.DeepEquals(here, there), $"{here} {there}");
    }

    // What a journal refuses one by one is not taken in from a file either.
    [Theory]
    [InlineData("celsius", "900")]
    [InlineData("spot", "\"nowhere\"")]
    [InlineData("minutes", "1e300")]
    [InlineData("text", "\"<script>\"")]
    [InlineData("speed", "60")]
    public async Task ForeignEntry_IsRefusedWithItsCook(string field, string value)
    {
        var measured = await CookAsync();
        var file = (await Server.GetAsync("/api/book/export")).Body!;
        var cook = file["cooks"]!.AsArray().First(c => (string)c!["id"]! == measured)!.DeepClone();
        cook["id"] = "forged";
        cook["journal"]!.AsArray().First(e => (string)e!["kind"]! == "reading")!["data"]![field] = JsonNode.Parse(value);
        file["cooks"] = new JsonArray(cook);
        var (status, taken) = await ImportAsync(file.ToJsonString(), "application/json");
        Assert.Equal(200, status);
        Assert.Equal(0, (int)taken!["taken"]!);
        Assert.Single(taken["refused"]!.AsArray());
        Assert.Equal(404, (await Server.GetAsync("/api/book/forged")).Status);
    }

    [Fact]
    public async Task TableKeptElsewhere_IsTakenIn_AndWhatCouldNotBeIsSaid()
    {
        const string Table = """
            Datum;Was;Stück;min;Kern;Bemerkung
            2026-03-01;chicken thighs bone in 1.2 kg;6;14;81;salt more
            2026-03-02;a nice salad;1;10;;
            2026-03-03;drumsticks;8;often;;
            soon;drumsticks;8;12;;
            """;
        var (_, look) = await ImportAsync(Table, "text/csv", "?map.Was=meat&map.Datum=date", "/look");
        Assert.Equal(
            ["date", "meat", null, "minutes", null, null],
            look!["columns"]!.AsArray().Select(c => (string?)c!["readAs"]).ToArray()
        );
        Assert.Equal((1, 3), ((int)look["rows"]!, look["refused"]!.AsArray().Count));
        Assert.Equal("a nice salad", (string)look["columns"]![1]!["examples"]![1]!);
        Assert.Equal(0, (int)(await ImportAsync(Table, "text/csv", "", "/look")).Body!["rows"]!);

        var (status, body) = await ImportAsync(
            Table,
            "text/csv",
            "?map.Datum=date&map.Was=meat&map.Stück=pieces&map.Kern=celsius&map.Bemerkung=notes"
        );
        Assert.Equal(200, status);
        Assert.Equal(1, (int)body!["taken"]!);
        Assert.Equal(["Row 3:", "Row 4:", "Row 5:"], body["refused"]!.AsArray().Select(r => ((string)r!)[..6]));
        var item = (await ListAsync("?query=salt more"))[0]!;
        Assert.Equal(
            ("chicken-thigh-bone-in", 6, 14, 81),
            ((string)item["cut"]!, (int)item["pieces"]!, (double)item["minutes"]!, (double)item["lowestCelsius"]!)
        );
        Assert.Equal(
            1,
            (int)
                (
                    await ImportAsync(
                        Table,
                        "text/csv",
                        "?map.Datum=date&map.Was=meat&map.Stück=pieces&map.Kern=celsius&map.Bemerkung=notes"
                    )
                ).Body!["known"]!
        );
    }

    // A bird that is up after eight minutes, where thirteen were expected, has had less heat.
    [Fact]
    public async Task PotThatIsUpEarly_AsksForMoreMinutes_UntilTheyAreSet()
    {
        object bird = new
        {
            load = new
            {
                cut = "chicken-whole",
                pieces = 1,
                totalKg = 1.8,
            },
            promise = "measured",
            confirmed = new[] { "giblets" },
        };
        var (_, cook) = await Server.PostAsync("/api/cooks", new { plan = bird, confirmed = new[] { "giblets" } });
        var id = (string)cook!["id"]!;
        Assert.Equal(409, (await DoAsync(id, "lengthened", data: new { minutes = 2 })).Status);
        await DoAsync(id, "lid-on", Ago(9));
        await DoAsync(id, "pressure-reached", Ago(1));
        // Computed beside, so that the entry waits for nothing.
        var more = await Deadline.UntilAsync(
            async () => (int)(await Server.GetAsync($"/api/cooks/{id}")).Body!["minutesMore"]!,
            m => m > 0
        );
        Assert.InRange(more, 1, 6);
        Assert.Equal(400, (await DoAsync(id, "lengthened")).Status);
        var (status, set) = await DoAsync(id, "lengthened", data: new { minutes = more });
        Assert.Equal(200, status);
        Assert.Equal(0, (int)set!["minutesMore"]!);
        Assert.Equal((double)cook["state"]!["minutes"]! + more, (double)set["state"]!["minutes"]!);
    }

    public static TheoryData<string, string, int> Hostile() =>
        new()
        {
            { new string('x', 10 * 1024 * 1024), "text/csv", 422 },
            { "date,meat,minutes\n" + string.Concat(Enumerable.Repeat("2026-01-01,thighs,12\n", 100_000)), "text/csv", 422 },
            { "[1,2,3]", "application/json", 422 },
            { """{"format":"ikuzo-book","version":1,"cooks":[{"id":7}]}""", "application/json", 422 },
            {
                """{"format":"ikuzo-book","version":1,"cooks":[{"id":"a","createdAt":"2026-01-01T00:00:00Z","verdict":"done"}]}""",
                "application/json",
                200
            },
            { new string('[', 5000), "application/json", 422 },
            { "a;b\n1;2", "text/csv", 422 },
        };

    [Theory]
    [MemberData(nameof(Hostile))]
    public async Task HostileFile_IsRefusedWithAReason(string file, string type, int status)
    {
        var (answered, body) = await ImportAsync(file, type);
        Assert.Equal(status, answered);
        Assert.True(
            status == 200 ? body!["refused"]!.AsArray().Count == 1 : ((string?)body!["detail"] ?? (string)body["title"]!).Length > 20
        );
    }
}
