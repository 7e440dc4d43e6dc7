using System.Text.Json.Nodes;

namespace Ikuzo.Web.Tests;

public sealed class StoreTests(IkuzoServer server) : CookTests(server), IClassFixture<IkuzoServer>
{
    private async Task<JsonNode> AddAsync(string text) => (await KeptAsync(text))["item"]!;

    private async Task<JsonNode> KeptAsync(string text)
    {
        var (status, kept) = await Server.PostAsync("/api/store", new { text, timeZone = "Europe/Vienna" });
        Assert.True(status == 201, $"{kept}");
        return kept!;
    }

    private Task<(int Status, JsonNode? Body)> MoveAsync(JsonNode item, string to, string? clientId = null) =>
        Server.PostAsync($"/api/store/{item["id"]}/move", new { to, clientId });

    private async Task<JsonArray> ListAsync() => (await Server.GetAsync("/api/store?timeZone=Europe/Vienna")).Body!.AsArray();

    private static double Hours(JsonNode item) =>
        (DateTimeOffset.Parse((string)item["useBy"]!, null) - DateTimeOffset.Parse((string)item["since"]!, null)).TotalHours;

    [Theory]
    [InlineData("8 thighs 1.4 kg fridge bought today", "raw", "fridge", 48)]
    [InlineData("stock 1.2 l", "stock", "fridge", 96)]
    [InlineData("2 boxes shredded, freezer", "cooked", "freezer", 120 * 24)]
    [InlineData("whole chicken 1.8 kg frozen", "raw", "freezer", 365 * 24)]
    [InlineData("6 drumsticks freezer", "raw", "freezer", 270 * 24)]
    public async Task TypedLine_IsKept_WithItsRule(string text, string kind, string place, double hours)
    {
        var item = await AddAsync(text);
        Assert.Equal((kind, place), ((string)item["kind"]!, (string)item["place"]!));
        Assert.Equal(hours, Hours(item), 0.01);
        Assert.Contains("(", (string)item["why"]!);
    }

    [Fact]
    public async Task ForgottenPack_MustBeCookedToday_ComesFirst_AndGoesIntoTheCook()
    {
        var later = await AddAsync("stock 1 l freezer");
        var item = await AddAsync("6 chicken thighs bone in 1.1 kg fridge 2 days ago");
        Assert.Contains((string)item["urgency"]!, new[] { "today", "past" });
        var list = await ListAsync();
        Assert.True(
            list.ToList().FindIndex(i => (string)i!["id"]! == (string)item["id"]!)
                < list.ToList().FindIndex(i => (string)i!["id"]! == (string)later["id"]!)
        );

        var (status, _) = await Server.PostAsync("/api/cooks", new { plan = Breasts, storeId = (string)item["id"]! });
        Assert.Equal(201, status);
        Assert.DoesNotContain(await ListAsync(), i => (string)i!["id"]! == (string)item["id"]!);
        var (undone, back) = await Server.PostAsync($"/api/store/{item["id"]}/undo", new { clientId = "u" });
        Assert.Equal(200, undone);
        Assert.Equal("fridge", (string)back!["place"]!);
    }

    [Fact]
    public async Task Moves_AreTakenOnce_AndUndone()
    {
        var item = await AddAsync("4 duck legs fridge");
        Assert.Equal("freezer", (string)(await MoveAsync(item, "freezer", "m1")).Body!["place"]!);
        Assert.Equal("thawing", (string)(await MoveAsync(item, "thawing", "m2")).Body!["place"]!);
        Assert.Equal("thawing", (string)(await MoveAsync(item, "freezer", "m1")).Body!["place"]!); // sent again by a phone that was away
        Assert.Equal("freezer", (string)(await Server.PostAsync($"/api/store/{item["id"]}/undo", new { clientId = "u1" })).Body!["place"]!);
        Assert.Equal("freezer", (string)(await Server.PostAsync($"/api/store/{item["id"]}/undo", new { clientId = "u1" })).Body!["place"]!);
        Assert.Equal("fridge", (string)(await Server.PostAsync($"/api/store/{item["id"]}/undo", new { clientId = "u2" })).Body!["place"]!);
        Assert.Equal(409, (await Server.PostAsync($"/api/store/{item["id"]}/undo", new { clientId = "u3" })).Status);
        Assert.Equal(200, (await MoveAsync(item, "gone")).Status);
        Assert.Equal(409, (await MoveAsync(item, "fridge")).Status);
        Assert.Equal(404, (await Server.PostAsync("/api/store/nobody/move", new { to = "fridge" })).Status);
        Assert.Equal(400, (await Server.PostAsync($"/api/store/{item["id"]}/move", new { to = "moon" })).Status);
    }

    [Fact]
    public async Task SomePortions_AreEaten_TheRestStays()
    {
        var item = await AddAsync("4 boxes pulled thighs fridge");
        var (_, left) = await Server.PostAsync($"/api/store/{item["id"]}/used", new { portions = 1, clientId = "p" });
        Assert.Equal(3, (double)left!["portions"]!);
        Assert.Equal(
            3,
            (double)(await Server.PostAsync($"/api/store/{item["id"]}/used", new { portions = 1, clientId = "p" })).Body!["portions"]!
        );
        Assert.Equal((string)item["useBy"]!, (string)left["useBy"]!);
        Assert.Equal("gone", (string)(await Server.PostAsync($"/api/store/{item["id"]}/used", new { clientId = "all" })).Body!["place"]!);
    }

    [Fact]
    public async Task BoxThatWasEaten_ComesBackToTheOthers()
    {
        var item = await AddAsync("4 boxes pulled thighs fridge");
        foreach (var eaten in new[] { "first", "second" })
        {
            await Server.PostAsync($"/api/store/{item["id"]}/used", new { portions = 1, clientId = $"{item["id"]}-{eaten}" });
        }

        async Task<double> UndoAsync(string clientId) =>
            (double)(await Server.PostAsync($"/api/store/{item["id"]}/undo", new { clientId })).Body!["portions"]!;
        Assert.Equal(3, await UndoAsync("b1"));
        Assert.Equal(3, await UndoAsync("b1"));
        Assert.Equal(4, await UndoAsync("b2"));
        Assert.Single(await ListAsync(), i => (string)i!["name"]! == (string)item["name"]!);
    }

    [Fact]
    public async Task LabelsCodesAndCalendar_SayWhatIsThere()
    {
        var item = await AddAsync("2 boxes shredded, freezer");
        var label = (await Server.GetAsync($"/api/store/labels?ids={item["id"]}")).Body!.AsArray().Single()!;
        Assert.Contains("74 °C (165 °F)", (string)label["toDo"]!);
        var code = await Server.Http.GetStringAsync((string)label["code"]!, TestContext.Current.CancellationToken);
        Assert.StartsWith("<svg", code);
        Assert.Equal(404, (await Server.GetAsync("/api/store/..%2f/code.svg")).Status);
        var calendar = await Server.Http.GetStringAsync("/api/store/calendar.ics", TestContext.Current.CancellationToken);
        Assert.Contains($"{item["id"]}@ikuzo", calendar);
    }

    [Theory]
    [InlineData("""{"text":"what is this"}""")]
    [InlineData("""{"text":"   "}""")]
    [InlineData("""{"kind":"raw","name":"x"}""")]
    [InlineData("""{"kind":"stock","name":"x","since":"1999-01-01T00:00:00Z"}""")]
    [InlineData("""{"kind":"stock","name":"<b>x</b>"}""")]
    [InlineData("""{"kind":"stock","name":"x","place":"gone"}""")]
    public async Task WhatIsNothing_IsRefused(string body) => Assert.Equal(400, (await Server.PostAsync("/api/store", body)).Status);

    [Fact]
    public async Task HouseholdMayBeStricter_NeverLaxer()
    {
        var kitchen = (await Server.GetAsync("/api/kitchen")).Body!["settings"]!;
        kitchen["rawDays"] = 1;
        Assert.Equal(200, (await Server.SendAsync(HttpMethod.Put, "/api/kitchen", kitchen)).Status);
        Assert.Equal(24, Hours(await AddAsync("5 wings fridge today")), 0.01);
        kitchen["rawDays"] = 3;
        Assert.Equal(400, (await Server.SendAsync(HttpMethod.Put, "/api/kitchen", kitchen)).Status);
        kitchen["rawDays"] = null;
        await Server.SendAsync(HttpMethod.Put, "/api/kitchen", kitchen);
    }
}
