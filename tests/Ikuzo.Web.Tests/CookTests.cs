using System.Globalization;
using System.Text.Json.Nodes;

namespace Ikuzo.Web.Tests;

/// <summary>What every test of a running cook does: begin it, say what happened, read the thermometer.</summary>
public abstract class CookTests(IkuzoServer server)
{
    protected IkuzoServer Server { get; } = server;

    internal static readonly object Breasts = new
    {
        load = new
        {
            cut = "chicken-breast-boneless",
            pieces = 3,
            totalKg = 0.7,
        },
        minutes = 12,
        release = new { kind = "vent" },
    };

    protected async Task<string> StartAsync(object? plan = null)
    {
        var (status, cook) = await Server.PostAsync("/api/cooks", new { plan = plan ?? Breasts, name = "Tuesday" });
        Assert.Equal(201, status);
        Assert.Equal("ready", (string)cook!["phase"]!);
        return (string)cook["id"]!;
    }

    /// <summary>Three breasts, begun, measured in two of them and finished.</summary>
    protected async Task<string> CookAsync(double celsius = 89)
    {
        var id = await StartAsync();
        (string Kind, double Ago)[] entries = [("lid-on", 58), ("pressure-reached", 46), ("vented", 34), ("pin-down", 32), ("opened", 31)];
        foreach (var (kind, ago) in entries)
        {
            Assert.Equal(200, (await DoAsync(id, kind, Ago(ago))).Status);
        }

        // Two of the three breasts.
        foreach (var ago in new[] { 30.0, 29 })
        {
            object reading = new
            {
                clientId = $"{Guid.NewGuid()}",
                spot = "centre",
                celsius,
                at = Ago(ago),
            };
            Assert.Equal(200, (await Server.PostAsync($"/api/cooks/{id}/readings", reading)).Status);
        }

        var (status, cook) = await DoAsync(id, "finished");
        Assert.True(status == 200, $"{cook}");
        return id;
    }

    protected Task<(int Status, JsonNode? Body)> DoAsync(
        string id,
        string kind,
        string? at = null,
        object? data = null,
        string? clientId = null
    ) =>
        Server.PostAsync(
            $"/api/cooks/{id}/events",
            new
            {
                clientId = clientId ?? Guid.NewGuid().ToString(),
                kind,
                at,
                data,
            }
        );

    protected Task<(int Status, JsonNode? Body)> ReadAsync(string id, double celsius, string? clientId = null, string? scale = null) =>
        Server.PostAsync(
            $"/api/cooks/{id}/readings",
            new
            {
                clientId = clientId ?? Guid.NewGuid().ToString(),
                spot = "centre",
                celsius,
                scale,
            }
        );

    protected static string Ago(double minutes) => DateTimeOffset.UtcNow.AddMinutes(-minutes).ToString("O", CultureInfo.InvariantCulture);

    protected async Task OpenAsync(string id, double heldMinutes)
    {
        await DoAsync(id, "lid-on", Ago(heldMinutes + 20));
        await DoAsync(id, "pressure-reached", Ago(heldMinutes + 5));
        await DoAsync(id, "vented", Ago(5));
        await DoAsync(id, "pin-down", Ago(3));
        Assert.Equal(200, (await DoAsync(id, "opened", Ago(2))).Status);
    }
}
