using System.Diagnostics;
using System.Net;
using System.Net.Http.Json;
using System.Net.Security;
using System.Security.Cryptography.X509Certificates;
using System.Text.Json.Nodes;
using Microsoft.AspNetCore.Http.Connections;
using Microsoft.AspNetCore.SignalR.Client;

namespace Ikuzo.Web.Tests;

/// <summary>Two machines of a house, one of them with the server: who is let in, and who is not.</summary>
public sealed class HouseTests : IDisposable
{
    private static readonly string Number = FormattableString.Invariant($"{Environment.ProcessId % 200 + 20}");
    private static readonly string House = $"ikuzo-{Number}",
        There = $"10.213.{Number}.2",
        Here = $"10.213.{Number}.1";

    private readonly string _folder = Directory.CreateTempSubdirectory("ikuzo-house-").FullName;

    public HouseTests()
    {
        Assert.SkipUnless(
            Run("ip", "netns", "add", House) == 0
                && Run("ip", "link", "add", $"{House}a", "type", "veth", "peer", "name", $"{House}b", "netns", House) == 0,
            "This machine lets nobody make another one."
        );
        Run("ip", "addr", "add", $"{Here}/24", "dev", $"{House}a");
        Run("ip", "link", "set", $"{House}a", "up");
        Run("ip", "-n", House, "addr", "add", $"{There}/24", "dev", $"{House}b");
        Run("ip", "-n", House, "link", "set", $"{House}b", "up");
        Run("ip", "-n", House, "link", "set", "lo", "up");
    }

    public void Dispose()
    {
        Run("ip", "netns", "del", House);
        Directory.Delete(_folder, recursive: true);
    }

    private static int Run(params string[] command)
    {
        try
        {
            using var process = Process.Start(
                new ProcessStartInfo(command[0], command[1..]) { RedirectStandardError = true, RedirectStandardOutput = true }
            )!;
            process.WaitForExit();
            return process.ExitCode;
        }
        catch (System.ComponentModel.Win32Exception)
        {
            return -1; // there is no such program
        }
    }

    // What somebody at the machine itself asks.
    private static async Task<JsonNode?> InsideAsync(string method, string path, string body = "{}")
    {
        var request =
            $"{method} {path} HTTP/1.0\\r\\nHost: localhost\\r\\nConnection: close\\r\\nContent-Type: application/json\\r\\n"
            + $"Content-Length: {body.Length}\\r\\n\\r\\n{body.Replace("\"", "\\\"", StringComparison.Ordinal)}";
        using var asked = Process.Start(
            new ProcessStartInfo(
                "ip",
                ["netns", "exec", House, "bash", "-c", $"exec 3<>/dev/tcp/127.0.0.1/5180; printf \"{request}\" >&3; cat <&3"]
            )
            {
                RedirectStandardOutput = true,
                RedirectStandardError = true,
            }
        )!;
        var text = await asked.StandardOutput.ReadToEndAsync();
        var (from, to) = (text.IndexOf('{', StringComparison.Ordinal), text.LastIndexOf('}'));
        return from < 0 ? null : JsonNode.Parse(text[from..(to + 1)]);
    }

    private async Task<ServerProcess> StartAsync(bool home)
    {
        var settings = new Dictionary<string, string> { ["IKUZO_URLS"] = "http://127.0.0.1:5180", ["IKUZO_HOME"] = $"{home}" };
        var server = ServerProcess.Begin(_folder, settings, before: ["ip", "netns", "exec", House]);
        await Deadline.UntilAsync(
            async () =>
            {
                Assert.False(server.HasExited, server.Said);
                return await IsUpAsync(home);
            },
            up => up
        );
        return server;
    }

    private static async Task<bool> IsUpAsync(bool home)
    {
        using var knock = new System.Net.Sockets.TcpClient();
        return await InsideAsync("GET", "/api/health") is not null
            && (!home || await knock.ConnectAsync(There, 5443).ContinueWith(c => c.IsCompletedSuccessfully, TaskScheduler.Default));
    }

    // A phone trusts the certificate of the household and nothing else, and keeps its cookie.
    private static HttpClient Phone(X509Certificate2 trusted, CookieContainer? cookies = null) =>
        new(
            new SocketsHttpHandler
            {
                CookieContainer = cookies ?? new CookieContainer(),
                SslOptions = new SslClientAuthenticationOptions
                {
                    CertificateChainPolicy = new X509ChainPolicy
                    {
                        TrustMode = X509ChainTrustMode.CustomRootTrust,
                        CustomTrustStore = { trusted },
                        RevocationMode = X509RevocationMode.NoCheck,
                    },
                },
            }
        )
        {
            BaseAddress = new Uri($"https://{There}:5443"),
            Timeout = Deadline.Most,
        };

    private static async Task<int> StatusAsync(HttpClient phone, string path) =>
        (int)(await phone.GetAsync(path, TestContext.Current.CancellationToken)).StatusCode;

    private static async Task<int> LetInAsync(HttpClient phone, string code) =>
        (int)(await phone.PostAsJsonAsync("/api/let-in", new { code, name = "Phone" }, TestContext.Current.CancellationToken)).StatusCode;

    [Fact]
    public async Task WithoutHome_NothingAnswersAnotherMachine()
    {
        using var server = await StartAsync(home: false);
        using var phone = new HttpClient { Timeout = TimeSpan.FromSeconds(5) };
        foreach (var address in new[] { $"http://{There}:5180/", $"https://{There}:5443/" })
        {
            await Assert.ThrowsAnyAsync<HttpRequestException>(() => phone.GetAsync(address, TestContext.Current.CancellationToken));
        }

        Assert.Equal("/problems/not-now", (string)(await InsideAsync("POST", "/api/home/codes"))!["type"]!);
    }

    [Fact]
    public async Task WithHome_OnlyADeviceThatWasLetInIsAnswered()
    {
        using var server = await StartAsync(home: true);
        using var trusted = X509CertificateLoader.LoadPkcs12FromFile(Path.Combine(_folder, "certificate", "root.pfx"), null);
        using var stranger = Phone(trusted);
        foreach (
            var path in new[] { "/api/kitchen", "/api/book", "/api/dinner", "/api/health", "/hubs/cooks", "/metrics", "/openapi/v1.json" }
        )
        {
            Assert.True(await StatusAsync(stranger, path) == 401, path);
        }

        var file = await stranger.GetByteArrayAsync("/home/certificate.crt", TestContext.Current.CancellationToken);
        Assert.Equal(trusted.RawData, file);
        using var phone = Phone(trusted);
        Assert.Equal(401, await LetInAsync(phone, "00000000"));
        var code = (string)(await InsideAsync("POST", "/api/home/codes"))!["code"]!;
        Assert.Matches("^[0-9]{8}$", code);
        Assert.Equal(200, await LetInAsync(phone, $"{code[..4]} {code[4..]}"));
        Assert.Equal(200, await StatusAsync(phone, "/api/kitchen"));
        Assert.Equal(401, await StatusAsync(phone, "/metrics"));

        using var replay = Phone(trusted);
        Assert.Equal(401, await LetInAsync(replay, code));
        var guests = (string)(await InsideAsync("POST", "/api/home/codes", """{"isGuest":true}"""))!["code"]!;
        Assert.Equal(200, await LetInAsync(replay, guests));
        Assert.Equal(200, await StatusAsync(replay, "/api/dinner"));
        Assert.Equal(403, await StatusAsync(replay, "/api/kitchen"));
        Assert.Equal(403, await StatusAsync(replay, "/hubs/cooks"));

        Assert.Equal(401, await LetInAsync(stranger, "12345678")); // the fifth in this minute
        var good = (string)(await InsideAsync("POST", "/api/home/codes"))!["code"]!;
        Assert.Equal(429, await LetInAsync(stranger, good));

        using var asked = new HttpRequestMessage(HttpMethod.Get, "/api/kitchen");
        asked.Headers.Add("Origin", $"http://{There}:5443");
        Assert.Equal(403, (int)(await phone.SendAsync(asked, TestContext.Current.CancellationToken)).StatusCode);
        using var plain = new HttpClient();
        await Assert.ThrowsAnyAsync<HttpRequestException>(() =>
            plain.GetAsync($"http://{There}:5443/api/kitchen", TestContext.Current.CancellationToken)
        );

        var devices = (await InsideAsync("GET", "/api/home"))!["devices"]!.AsArray();
        Assert.Equal(2, devices.Count);
        var id = (string)devices.Single(d => !(bool)d!["isGuest"]!)!["id"]!;
        await InsideAsync("DELETE", $"/api/home/devices/{id}");
        Assert.Equal(401, await StatusAsync(phone, "/api/kitchen"));
        Assert.Equal(200, await StatusAsync(replay, "/api/dinner"));
    }

    // Who comes in and what is kept elsewhere belongs to the machine, or to a phone that it made its keeper. A phone that is shown the door
    // takes along nothing: not what it has open, not what it gave others to come in with.
    [Fact]
    public async Task PhoneThatIsShownTheDoor_LeavesNothingOpen()
    {
        using var server = await StartAsync(home: true);
        using var trusted = X509CertificateLoader.LoadPkcs12FromFile(Path.Combine(_folder, "certificate", "root.pfx"), null);
        var cookies = new CookieContainer();
        using var phone = Phone(trusted, cookies);
        Assert.Equal(200, await LetInAsync(phone, (string)(await InsideAsync("POST", "/api/home/codes"))!["code"]!));
        var id = (string)(await InsideAsync("GET", "/api/home"))!["devices"]![0]!["id"]!;
        (string Method, string Path)[] kept =
        [
            ("POST", "/api/home/codes"),
            ("DELETE", "/api/home/devices/another"),
            ("PUT", $"/api/home/devices/{id}/keeper"),
            ("GET", "/api/backups"),
            ("POST", "/api/backups"),
            ("GET", "/api/backup"),
            ("GET", "/api/backups/ikuzo.db"),
            ("POST", "/api/restore"),
            ("POST", "/api/restore/look"),
        ];
        foreach (var (method, path) in kept)
        {
            Assert.Equal((path, 403), (path, await AskAsync(phone, method, path)));
        }

        Assert.Equal(200, await StatusAsync(phone, "/api/home"));
        Assert.True((bool)(await InsideAsync("PUT", $"/api/home/devices/{id}/keeper", """{"isKeeper":true}"""))!["isKeeper"]!);
        Assert.Equal(200, await AskAsync(phone, "GET", "/api/backups"));
        Assert.Equal(403, await AskAsync(phone, "PUT", $"/api/home/devices/{id}/keeper")); // only the machine makes keepers
        var given = await phone.PostAsJsonAsync("/api/home/codes", new { isGuest = false }, TestContext.Current.CancellationToken);
        var code = (string)(await given.Content.ReadFromJsonAsync<JsonNode>(TestContext.Current.CancellationToken))!["code"]!;

        await using var hub = new HubConnectionBuilder()
            .WithUrl(
                $"https://{There}:5443/hubs/cooks",
                o =>
                {
                    o.Cookies = cookies;
                    (o.Transports, o.SkipNegotiation) = (HttpTransportType.WebSockets, true);
                    o.WebSocketConfiguration = socket =>
                        socket.RemoteCertificateValidationCallback = (_, served, _, _) => served?.Issuer == trusted.Subject;
                }
            )
            .Build();
        var closed = new TaskCompletionSource();
        hub.Closed += _ =>
        {
            closed.TrySetResult();
            return Task.CompletedTask;
        };
        await hub.StartAsync(TestContext.Current.CancellationToken);
        await hub.InvokeAsync("WatchAll", TestContext.Current.CancellationToken);
        await InsideAsync("DELETE", $"/api/home/devices/{id}");
        await Deadline.ForAsync(closed.Task.ContinueWith(_ => true, TaskScheduler.Default));
        Assert.Equal(401, await StatusAsync(phone, "/api/kitchen"));
        using var friend = Phone(trusted);
        Assert.Equal(401, await LetInAsync(friend, code));
    }

    private static async Task<int> AskAsync(HttpClient phone, string method, string path)
    {
        using var request = new HttpRequestMessage(new HttpMethod(method), path);
        if (method != "GET")
        {
            request.Content = JsonContent.Create(new { isKeeper = true });
        }

        return (int)(await phone.SendAsync(request, TestContext.Current.CancellationToken)).StatusCode;
    }
}
