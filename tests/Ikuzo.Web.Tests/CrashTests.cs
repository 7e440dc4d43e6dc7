using System.Globalization;
using System.Net.Http.Json;
using System.Text.Json.Nodes;
using Dapper;
using Ikuzo.Web.Data;

namespace Ikuzo.Web.Tests;

/// <summary>The server is killed in the middle of cooks, again and again. What it acknowledged is there afterwards.</summary>
public sealed class CrashTests : FolderTests
{
    private static readonly int Kills = int.Parse(
        Environment.GetEnvironmentVariable("IKUZO_SOAK_KILLS") ?? "2",
        CultureInfo.InvariantCulture
    );

    private readonly Dictionary<string, List<string>> _acknowledged = [];
    private readonly Dictionary<string, string> _phases = [];
    private readonly Dictionary<string, (string Kept, string Sent)> _places = []; // of things in the cold
    private readonly Dictionary<string, (int Kept, int Sent)> _tastings = []; // of cooks in the book: their numbers
    private readonly Dictionary<string, (int Kept, int Sent)> _numbers = []; // of what is replaced as a whole: the number in its name
    private string? _dish;
    private int _backups;
    private readonly Random _random = new(20261206);
    private ServerProcess? _server;

    private HttpClient Http => _server!.Http;

    protected override void Leave() => _server?.Dispose();

    // The long campaign is ./ikuzo soak.
    [Fact]
    [Trait("Campaign", "crash")]
    public async Task KilledServer_LosesNothingThatItAcknowledged()
    {
        var sent = 0;
        for (var kill = 0; kill < Kills; kill++)
        {
            await StartAsync();
            await CheckAsync();
            while (_phases.Count(p => p.Value != "done") < 3)
            {
                await BeginAsync(simulated: _phases.Count % 3 == 2);
            }

            if (_tastings.Count == 0)
            {
                var page = await PostAsync("/api/book", new { text = "yesterday, 8 drumsticks, 12 min, vented" });
                _tastings[(string)page!["item"]!["id"]!] = (0, 0);
            }

            using var stop = new CancellationTokenSource();
            var writing = Task.WhenAll(
                ((Func<Task>[])[MoveAsync, TasteAsync, DishAsync, KitchenAsync, BackUpAsync]).Select(w => WhileThereAsync(w, stop.Token))
            );
            var cooking = Task.WhenAll(_phases.Where(p => p.Value != "done").Select(p => CookAsync(p.Key, stop.Token)).ToArray());
            await Task.Delay(_random.Next(40, 700), TestContext.Current.CancellationToken);
            await _server!.KillAsync();
            await stop.CancelAsync();
            await cooking;
            await writing;
            sent = _acknowledged.Values.Sum(a => a.Count);
        }

        await StartAsync();
        await CheckAsync();
        await _server!.KillAsync();

        var backups = new Backups(new Database(Folder), TimeProvider.System);
        Assert.All(backups.List(), b => Assert.Null(Backups.Look(backups.PathOf(b.Name)!).Wrong));
        await using var db = await new Database(Folder).OpenAsync(TestContext.Current.CancellationToken);
        Assert.Equal("ok", await db.ExecuteScalarAsync<string>("PRAGMA integrity_check"));
        Console.WriteLine(
            $"{Kills} kills, {_acknowledged.Count} cooks, {sent} entries, {_places.Count} things in the cold and "
                + $"{_tastings.Values.Sum(t => t.Kept)} tastings, {_numbers.Values.Sum(n => n.Kept)} "
                + $"changes of a dish and the kitchen acknowledged, none lost; {_backups} backups; the database is whole."
        );
    }

    private async Task StartAsync()
    {
        _server?.Dispose();
        _server = await ServerProcess.StartAsync(Folder);
    }

    private static bool IsGone(Exception error) =>
        error is HttpRequestException or IOException or System.Net.Sockets.SocketException or ObjectDisposedException;

    private static async Task WhileThereAsync(Func<Task> write, CancellationToken stop)
    {
        try
        {
            while (!stop.IsCancellationRequested)
            {
                await write();
            }
        }
        catch (Exception error) when (IsGone(error))
        {
            // The server is gone, as it should be.
        }
    }

    // A new thing now and then; else the last goes to and fro.
    private async Task MoveAsync()
    {
        if (_places.Count == 0 || _places.Last() is { Value: var (kept, sent) } && kept != sent || _places.Count < Kills)
        {
            var item = await PostAsync("/api/store", new { text = "8 thighs 1.4 kg fridge", clientId = $"item-{Guid.NewGuid()}" });
            if (item is not null)
            {
                _places[(string)item["item"]!["id"]!] = ("fridge", "fridge");
            }

            return;
        }

        var (id, (place, _)) = _places.Last();
        var to = place == "fridge" ? "freezer" : "thawing";
        if (place == "thawing")
        {
            to = "fridge";
        }

        _places[id] = (place, to);
        if (await PostAsync($"/api/store/{id}/move", new { to, clientId = $"{Guid.NewGuid()}" }) is not null)
        {
            _places[id] = (to, to);
        }
    }

    private async Task TasteAsync()
    {
        var (id, (kept, sent)) = _tastings.First();
        _tastings[id] = (kept, sent + 1);
        using var answer = await Http.PutAsJsonAsync($"/api/book/{id}/tasting", new { nextTime = $"{sent + 1}", juicy = 1 });
        if (answer.IsSuccessStatusCode)
        {
            _tastings[id] = (sent + 1, sent + 1);
        }
    }

    private async Task DishAsync()
    {
        _dish ??= (string?)(await PostAsync("/api/dishes", Dish("Dish 0")))?["id"];
        await NumberedAsync("dish", number => Http.PutAsJsonAsync($"/api/dishes/{_dish}", Dish($"Dish {number}")));
    }

    private async Task KitchenAsync()
    {
        var settings = (await Http.GetFromJsonAsync<JsonObject>("/api/kitchen"))!["settings"]!;
        await NumberedAsync(
            "kitchen",
            number =>
            {
                settings["name"] = $"Kitchen {number}";
                return Http.PutAsJsonAsync("/api/kitchen", settings);
            }
        );
    }

    private async Task NumberedAsync(string what, Func<int, Task<HttpResponseMessage>> put)
    {
        var (kept, sent) = _numbers.GetValueOrDefault(what);
        _numbers[what] = (kept, sent + 1);
        using var answer = await put(sent + 1);
        if (answer.IsSuccessStatusCode)
        {
            _numbers[what] = (sent + 1, sent + 1);
        }
    }

    private async Task BackUpAsync()
    {
        _backups += await PostAsync("/api/backups", new { }) is null ? 0 : 1;
        await Task.Delay(300);
    }

    private async Task CheckWrittenAsync()
    {
        foreach (var (what, (kept, sent)) in _numbers)
        {
            var thing = await Http.GetFromJsonAsync<JsonObject>(what == "kitchen" ? "/api/kitchen" : $"/api/dishes/{_dish}");
            var name = (string)(what == "kitchen" ? thing!["settings"]! : thing!["document"]!)["name"]!;
            var number = int.TryParse(name.Split(' ')[^1], CultureInfo.InvariantCulture, out var read) ? read : 0;
            Assert.InRange(number, kept, sent);
        }

        foreach (var (id, (kept, sent)) in _places)
        {
            var place = (string)(await Http.GetFromJsonAsync<JsonObject>($"/api/store/{id}"))!["place"]!;
            Assert.True(place == kept || place == sent, $"{place}, not {kept} or {sent}");
            _places[id] = (place, place);
        }

        foreach (var (id, (kept, sent)) in _tastings)
        {
            var said = (string?)(await Http.GetFromJsonAsync<JsonObject>($"/api/book/{id}"))!["tasting"]!["nextTime"] ?? "0";
            Assert.InRange(int.Parse(said, CultureInfo.InvariantCulture), kept, sent);
        }
    }

    private async Task BeginAsync(bool simulated)
    {
        var cook =
            await PostAsync("/api/cooks", new { plan = CookTests.Breasts, name = "Killed" })
            ?? throw new InvalidOperationException("No cook was begun.");
        var id = (string)cook["id"]!;
        (_acknowledged[id], _phases[id]) = ([], "ready");
        if (simulated)
        {
            await PostAsync($"/api/cooks/{id}/simulate", new { speed = 60, seed = 3 });
        }
    }

    private async Task CookAsync(string id, CancellationToken stop)
    {
        try
        {
            while (!stop.IsCancellationRequested && _phases[id] != "done")
            {
                await OneStepAsync(id);
            }
        }
        catch (Exception error) when (IsGone(error))
        {
            // The server is gone, as it should be. What was under way was not acknowledged.
        }
    }

    // Mostly notes; now and then what is next.
    private async Task OneStepAsync(string id)
    {
        var cook = (await Http.GetFromJsonAsync<JsonObject>($"/api/cooks/{id}"))!;
        var next = (string?)cook["next"]!.AsArray().FirstOrDefault()?["kind"];
        var clientId = Guid.NewGuid().ToString();
        int chance;
        lock (_random)
        {
            chance = _random.Next(4);
        }

        var after =
            chance > 0 || next is null
                ? await PostAsync(
                    $"/api/cooks/{id}/events",
                    new
                    {
                        clientId,
                        kind = "note",
                        data = new { text = "hiss" },
                    }
                )
            : next == "reading"
                ? (JsonObject?)
                    (
                        await PostAsync(
                            $"/api/cooks/{id}/readings",
                            new
                            {
                                clientId,
                                spot = "centre",
                                celsius = 85,
                            }
                        )
                    )?["cook"]
            : await PostAsync(
                $"/api/cooks/{id}/events",
                new
                {
                    clientId,
                    kind = next,
                    data = new { step = "rest" },
                }
            );
        if (after is not null)
        {
            _acknowledged[id].Add((string)after["events"]!.AsArray()[^1]!["id"]!);
            _phases[id] = (string)after["phase"]!;
        }
    }

    private async Task<JsonObject?> PostAsync(string path, object body)
    {
        using var answer = await Http.PostAsJsonAsync(path, body);
        return answer.IsSuccessStatusCode ? await answer.Content.ReadFromJsonAsync<JsonObject>() : null;
    }

    // Every acknowledged entry is there once, and the state follows from the journal. The clock, or an entry whose answer was lost, may
    // have moved it on.
    private async Task CheckAsync()
    {
        await CheckWrittenAsync();
        string[] order =
        [
            "ready",
            "browning",
            "coming-up",
            "holding",
            "resting",
            "venting",
            "pin-down",
            "open",
            "rescuing",
            "finishing",
            "done",
        ];
        foreach (var (id, entries) in _acknowledged)
        {
            var cook = (await Http.GetFromJsonAsync<JsonObject>($"/api/cooks/{id}"))!;
            var kept = cook["events"]!.AsArray().Select(e => (string)e!["id"]!).ToList();
            Assert.Equal(kept.Count, kept.Distinct().Count());
            Assert.Empty(entries.Except(kept));
            Assert.True(
                Array.IndexOf(order, (string)cook["phase"]!) >= Array.IndexOf(order, _phases[id]),
                $"{cook["phase"]} after {_phases[id]}"
            );
            Assert.Empty(cook["state"]!["ignored"]!.AsArray());
        }
    }
}
