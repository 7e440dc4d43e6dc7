using System.Net.Http.Json;
using System.Text.Json.Nodes;
using Microsoft.AspNetCore.Hosting;
using Microsoft.AspNetCore.Mvc.Testing;
using Microsoft.AspNetCore.TestHost;
using Microsoft.Extensions.DependencyInjection;

namespace Ikuzo.Web.Tests;

/// <summary>The real server on a free port of loopback, with a database file of its own.</summary>
public sealed class IkuzoServer : WebApplicationFactory<Program>
{
    private readonly bool _demo;
    private readonly bool _keep;
    private readonly Action<IServiceCollection>? _services;

    /// <summary>A server with an empty database.</summary>
    public IkuzoServer()
        : this(demo: false, folder: null) { }

    /// <summary>
    /// A server with or without demo data, in a folder of its own or a given one that it leaves behind, with other services.
    /// </summary>
    internal IkuzoServer(bool demo, string? folder, Action<IServiceCollection>? services = null)
    {
        _services = services;
        _demo = demo;
        _keep = folder is not null;
        Folder = folder ?? Directory.CreateTempSubdirectory("ikuzo-test-").FullName;
        UseKestrel(0);
        StartServer();
        Http = CreateClient();
    }

    public string Folder { get; }

    public HttpClient Http { get; }

    public async Task<(int Status, JsonNode? Body)> SendAsync(HttpMethod method, string path, object? body = null)
    {
        using var request = new HttpRequestMessage(method, path);
        request.Content = body switch
        {
            null => null,
            string raw => new StringContent(raw, System.Text.Encoding.UTF8, "application/json"),
            _ => JsonContent.Create(body),
        };
        using var response = await Http.SendAsync(request, TestContext.Current.CancellationToken);
        var text = await response.Content.ReadAsStringAsync(TestContext.Current.CancellationToken);
        return ((int)response.StatusCode, text.Length > 0 && text[0] is ('{' or '[') ? JsonNode.Parse(text) : null);
    }

    public Task<(int Status, JsonNode? Body)> PostAsync(string path, object body) => SendAsync(HttpMethod.Post, path, body);

    public async Task<string> PostTextAsync(string path, object body)
    {
        using var response = await Http.PostAsJsonAsync(path, body, TestContext.Current.CancellationToken);
        return await response.EnsureSuccessStatusCode().Content.ReadAsStringAsync(TestContext.Current.CancellationToken);
    }

    public Task<(int Status, JsonNode? Body)> GetAsync(string path) => SendAsync(HttpMethod.Get, path);

    protected override void ConfigureWebHost(IWebHostBuilder builder)
    {
        builder.ConfigureTestServices(services => _services?.Invoke(services));
        builder.UseEnvironment("Production"); // as it is shipped
        builder.UseSetting("IKUZO_URLS", "http://127.0.0.1:0");
        builder.UseSetting("IKUZO_DATA", Folder);
        builder.UseSetting("IKUZO_DEMO", _demo ? "true" : "false");
        builder.UseSetting("Serilog:MinimumLevel:Default", "Fatal");
        builder.UseSetting("Serilog:MinimumLevel:Override:Microsoft", "Fatal");
        builder.UseSetting("Serilog:MinimumLevel:Override:Serilog.AspNetCore.RequestLoggingMiddleware", "Fatal");
        builder.UseSetting("IKUZO_LOG_FILES", "false");
    }

    protected override void Dispose(bool disposing)
    {
        base.Dispose(disposing);
        if (disposing && !_keep)
        {
            Microsoft.Data.Sqlite.SqliteConnection.ClearAllPools();
            Directory.Delete(Folder, recursive: true);
        }
    }
}
