using System.Globalization;
using System.Text.Json.Nodes;

namespace Ikuzo.Web.Tests;

/// <summary>What every test of a running cook does: begin it, say what happened, read the thermometer.</summary>
public abstract class CookTests(IkuzoServer server)
{
    protected IkuzoServer Server { get; } = server;

    protected static readonly object Breasts = new
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
