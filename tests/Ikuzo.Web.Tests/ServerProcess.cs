using System.Diagnostics;
using System.Text;

namespace Ikuzo.Web.Tests;

/// <summary>The program as it is shipped, in a process of its own: a server, or a tool of the command line.</summary>
internal sealed class ServerProcess : IDisposable
{
    private readonly StringBuilder _said = new();
    private readonly Process _process;

    private ServerProcess(Process process, HttpClient http)
    {
        (_process, Http) = (process, http);
        process.OutputDataReceived += Hear;
        process.ErrorDataReceived += Hear;
        process.BeginOutputReadLine();
        process.BeginErrorReadLine();
    }

    public HttpClient Http { get; }

    /// <summary>All that it wrote.</summary>
    public string Said
    {
        get
        {
            lock (_said)
            {
                return _said.ToString();
            }
        }
    }

    public bool HasExited => _process.HasExited;

    /// <summary>Begins one on a free port of loopback.</summary>
    /// <param name="folder">Its folder.</param>
    /// <param name="settings">Further settings.</param>
    /// <param name="arguments">What stands on the command line.</param>
    /// <param name="before">A program that begins it, with its arguments.</param>
    public static ServerProcess Begin(
        string folder,
        Dictionary<string, string>? settings = null,
        string[]? arguments = null,
        string[]? before = null
    )
    {
        // What is published starts faster; where it was not built for these tests, what they were built with is taken.
        var program = Environment.GetEnvironmentVariable("IKUZO_PUBLISHED") ?? typeof(Program).Assembly.Location;
        string[] command = [.. before ?? [], "dotnet", program, .. arguments ?? []];
        var start = new ProcessStartInfo(command[0], command[1..]) { RedirectStandardOutput = true, RedirectStandardError = true };
        var address = FormattableString.Invariant($"http://127.0.0.1:{FreePort()}");
        start.Environment["IKUZO_URLS"] = address;
        start.Environment["IKUZO_DATA"] = folder;
        start.Environment["Serilog__MinimumLevel__Default"] = "Fatal";
        start.Environment["Serilog__MinimumLevel__Override__Serilog.AspNetCore.RequestLoggingMiddleware"] = "Fatal";
        foreach (var (name, value) in settings ?? [])
        {
            start.Environment[name] = value;
        }

        return new(Process.Start(start)!, new HttpClient { BaseAddress = new Uri(address) });
    }

    /// <summary>Begins one that answers.</summary>
    public static async Task<ServerProcess> StartAsync(string folder, Dictionary<string, string>? settings = null, string[]? before = null)
    {
        var server = Begin(folder, settings, before: before);
        var waited = Stopwatch.StartNew();
        while (waited.Elapsed < Deadline.Most && !server.HasExited)
        {
            try
            {
                using var answer = await server.Http.GetAsync("/api/health");
                return server;
            }
            catch (HttpRequestException)
            {
                await Task.Delay(50);
            }
        }

        var said = $"The server did not start in {waited.Elapsed.TotalSeconds:0} s. It said:\n{server.Said}";
        server.Dispose();
        throw new InvalidOperationException(said);
    }

    /// <summary>Runs one to its end: what it ended with, and what it said.</summary>
    public static async Task<(int Code, string Said)> RunAsync(
        string folder,
        Dictionary<string, string>? settings = null,
        string[]? arguments = null,
        string[]? before = null
    )
    {
        using var server = Begin(folder, settings, arguments, before);
        return (await server.EndAsync(), server.Said);
    }

    /// <summary>Waits for its end.</summary>
    public async Task<int> EndAsync()
    {
        using var late = new CancellationTokenSource(Deadline.Most);
        await _process.WaitForExitAsync(late.Token);
        return _process.ExitCode;
    }

    /// <summary>Asks it to stop, as a terminal does, and waits.</summary>
    public async Task<TimeSpan> StopAsync()
    {
        var clock = Stopwatch.StartNew();
        using var signal = Process.Start("kill", ["-TERM", FormattableString.Invariant($"{_process.Id}")]);
        await EndAsync();
        return clock.Elapsed;
    }

    /// <summary>Kills it, with no chance to write anything.</summary>
    public async Task KillAsync()
    {
        _process.Kill();
        await _process.WaitForExitAsync();
    }

    public static int FreePort()
    {
        using var listener = new System.Net.Sockets.TcpListener(System.Net.IPAddress.Loopback, 0);
        listener.Start();
        return ((System.Net.IPEndPoint)listener.LocalEndpoint).Port;
    }

    private void Hear(object? sender, DataReceivedEventArgs line)
    {
        lock (_said)
        {
            _said.AppendLine(line.Data);
        }
    }

    public void Dispose()
    {
        _process.Kill(entireProcessTree: true); // nothing happens to one that is gone already
        _process.WaitForExit();
        _process.Dispose();
        Http.Dispose();
    }
}
