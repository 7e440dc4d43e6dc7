using System.Net.Http.Headers;
using System.Text;
using System.Text.Json.Nodes;

namespace Ikuzo.Web.Tests;

/// <summary>Letters that nobody can read, and characters that are none.</summary>
public sealed class OddInputTests(IkuzoServer server) : IClassFixture<IkuzoServer>
{
    [Theory]
    [InlineData("application/json; charset=klingon", 415)]
    [InlineData("application/json; charset=utf-7", 415)]
    [InlineData("application/json; charset=iso-8859-1", 415)]
    [InlineData("application/json; charset=\"utf-8\"", 200)]
    [InlineData("application/json; charset=UTF-8", 200)]
    [InlineData("application/json", 200)]
    public async Task Charset_IsReadOrTurnedAway(string type, int status)
    {
        foreach (
            var (path, body) in new[] { ("/api/ask", """{"text":"6 thighs"}"""), ("/api/dishes/item", """{"key":"a","text":"2 legs"}""") }
        )
        {
            using var content = new ByteArrayContent(Encoding.UTF8.GetBytes(body));
            content.Headers.ContentType = MediaTypeHeaderValue.Parse(type);
            using var answer = await server.Http.PostAsync(path, content, TestContext.Current.CancellationToken);
            Assert.Equal((path, status), (path, (int)answer.StatusCode));
        }
    }

    private static readonly string[] Odd = ["\\ud800", "x\\udc00y", "\\ufffe", "\\uffff", "\\ufdd0", "\\ud83f\\udffe"];

    public static TheoryData<string, string, string> Fields
    {
        get
        {
            const string Meat = """{"cut":"duck-leg","pieces":4,"totalKg":1}""";
            var all = new TheoryData<string, string, string>();
            foreach (var odd in Odd)
            {
                all.Add("/api/ask", $$"""{"text":"6 thighs {{odd}}"}""", "text");
                all.Add("/api/dishes/item", $$"""{"key":"a","text":"2 legs {{odd}}"}""", "text");
                all.Add("/api/plans", $$"""{"name":"a{{odd}}","request":{"load":{{Meat}} } }""", "name");
                all.Add("/api/store", $$"""{"text":"stock {{odd}}"}""", "text");
                all.Add("/api/book", $$"""{"text":"yesterday 2 legs {{odd}}"}""", "text");
                all.Add("/api/plans/preview", $$"""{"load":{{Meat}},"confirmed":["{{odd}}"]}""", "confirmed");
            }

            all.Add("/api/plans", $$"""{"name":"a\u0007b","request":{"load":{{Meat}} } }""", "name");
            return all;
        }
    }

    [Theory]
    [InlineData("/api/book/import", "date,meat,minutes\n2026-01-02,4 duck legs {0},12\n")]
    [InlineData("/api/book/import/look", "date,meat,minutes\n2026-01-02,4 duck legs {0},12\n")]
    [InlineData("/api/cooks/{id}/temperatures", "minutes,probe {0}\n1,20\n2,30\n")]
    public async Task WhatIsNoCharacter_IsRefusedInATable(string path, string table)
    {
        var (_, cook) = await server.PostAsync("/api/cooks", """{"plan":{"load":{"cut":"duck-leg","pieces":4,"totalKg":1}}}""");
        path = path.Replace("{id}", (string)cook!["id"]!, StringComparison.Ordinal);
        async Task<int> SendAsync(string name)
        {
            using var file = new StringContent(table.Replace("{0}", name, StringComparison.Ordinal), Encoding.UTF8, "text/csv");
            return (int)(await server.Http.PostAsync(path, file, TestContext.Current.CancellationToken)).StatusCode;
        }

        foreach (var odd in new[] { "\ufffe", "\uffff", "\ufdd0", "\U0001ffff" })
        {
            Assert.Equal(422, await SendAsync(odd));
        }

        Assert.Equal(200, await SendAsync("\ud83e\udd86")); // a duck is one
    }

    [Theory]
    [MemberData(nameof(Fields))]
    public async Task WhatIsNoCharacter_IsRefusedByItsField(string path, string body, string field)
    {
        var (status, problem) = await server.PostAsync(path, body);
        Assert.Equal(400, status);
        Assert.Contains(problem!["errors"]!.AsObject(), e => e.Key.StartsWith(field, StringComparison.Ordinal));
    }

    [Theory]
    [InlineData("""{"\ud800":1,"text":"6 thighs"}""")]
    [InlineData("""{"text":"6 thighs","\udc00x":{}}""")]
    public async Task NameOfAProperty_ThatIsNoText_IsRefused(string body) =>
        Assert.Equal(400, (await server.PostAsync("/api/ask", body)).Status);

    [Fact]
    public async Task EmojiAndWordsOfAnyLanguage_AreText() =>
        Assert.Equal(200, (await server.PostAsync("/api/ask", """{"text":"6 thighs \ud83c\udf57 Hähnchen 鶏"}""")).Status);

    [Theory]
    [InlineData("{}", 400)]
    [InlineData("""{"potId":"nobody's"}""", 400)]
    [InlineData("""{"potId":"first","cut":"duck-leg"}""", 400)]
    [InlineData("""{"cut":"goose"}""", 400)]
    [InlineData("""{"cut":"duck-leg"}""", 204)]
    [InlineData("""{"potId":"first"}""", 204)]
    [InlineData("null", 204)]
    public async Task Forgetting_NeedsATarget_AndCanBeTakenBack(string body, int status)
    {
        async Task<JsonArray> ForgottenAsync() => (await server.GetAsync("/api/learned")).Body!["forgotten"]!.AsArray();
        var before = (await ForgottenAsync()).Count;
        Assert.Equal(status, (await server.PostAsync("/api/learned/forget", body)).Status);
        var after = await ForgottenAsync();
        Assert.Equal(before + (status == 204 ? 1 : 0), after.Count);
        if (status == 204)
        {
            Assert.Equal(204, (await server.PostAsync("/api/learned/remember", new { id = (long)after[0]!["id"]! })).Status);
            Assert.Equal(before, (await ForgottenAsync()).Count);
            Assert.Equal(404, (await server.PostAsync("/api/learned/remember", new { id = (long)after[0]!["id"]! })).Status);
        }
    }
}
