using System.Net;
using System.Net.NetworkInformation;
using System.Net.Sockets;
using Ikuzo.Web.Data;
using Microsoft.AspNetCore.Connections;

namespace Ikuzo.Web.Serving;

/// <summary>Where the server listens, and by which names it may be called.</summary>
/// <param name="urls">Addresses, as in IKUZO_URLS; null for the usual one of this machine.</param>
/// <param name="isHome">True where phones of the house may come in.</param>
/// <param name="homePort">Port for them, encrypted.</param>
/// <param name="names">Further names of this machine, divided by commas, as in IKUZO_HOSTS.</param>
internal sealed class Addresses(string? urls, bool isHome, int homePort, string? names)
{
    private const string Usual = "http://127.0.0.1:5180";

    private readonly string[] _named = names?.Split(',', StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries) ?? [];

    /// <summary>True where phones of the house may come in.</summary>
    public bool IsHome => isHome;

    /// <summary>What to listen on.</summary>
    /// <param name="isServing">False where the program only describes itself.</param>
    /// <exception cref="StartRefusalException">It names a host, or would answer other machines although nobody asked for that.</exception>
    public string Listening(bool isServing)
    {
        var here = (urls ?? Usual).Split(';', StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries);
        foreach (var url in here)
        {
            Check(url);
        }

        if (!isServing)
        {
            return string.Join(';', here);
        }

        foreach (var url in here.Select(u => new Uri(u)).Where(u => u.Port != 0))
        {
            CheckFree(IPAddress.TryParse(url.Host.Trim('[', ']'), out var address) ? address : IPAddress.Loopback, url.Port);
        }

        if (isHome)
        {
            CheckFree(IPAddress.Any, homePort);
        }

        return string.Join(';', isHome ? [.. here, FormattableString.Invariant($"https://*:{homePort}")] : here);
    }

    // Said before anything is begun; who takes it in the meantime is said by the server itself.
    private static void CheckFree(IPAddress address, int port)
    {
        try
        {
            using var tried = new TcpListener(address, port);
            tried.Start();
        }
        catch (SocketException error) when (error.SocketErrorCode is SocketError.AddressAlreadyInUse)
        {
            throw new StartRefusalException(
                FormattableString.Invariant(
                    $"Something else listens on {address}:{port} already; stop it, or choose another in IKUZO_URLS."
                ),
                error
            );
        }
    }

    private static void Check(string url)
    {
        if (!Uri.TryCreate(url, UriKind.Absolute, out var uri) || uri.Scheme is not ("http" or "https"))
        {
            throw new StartRefusalException($"IKUZO_URLS is not an address: {url}; write one such as {Usual}.");
        }

        if (uri.Host != "localhost" && !IPAddress.TryParse(uri.Host.Trim('[', ']'), out _))
        {
            throw new StartRefusalException(
                $"IKUZO_URLS names the host {uri.Host}, which would answer on every address of this machine; write {Usual}, and use "
                    + "./ikuzo serve --home for phones of the house."
            );
        }

        if (!uri.IsLoopback)
        {
            throw new StartRefusalException(
                $"IKUZO_URLS would answer other machines on {uri.Host} without a lock; use ./ikuzo serve --home for phones of the house."
            );
        }
    }

    /// <summary>True for a name by which this server may be called: others are those of a site that wants to pass for it.</summary>
    /// <remarks>An address in numbers cannot be made to point elsewhere by anybody's name server.</remarks>
    public bool Knows(HostString host)
    {
        var name = host.Host.Trim('[', ']');
        return name.Equals("localhost", StringComparison.OrdinalIgnoreCase)
            || IPAddress.TryParse(name, out _)
            || (isHome && Names().Contains(name, StringComparer.OrdinalIgnoreCase));
    }

    /// <summary>Names of this machine in the house.</summary>
    public IEnumerable<string> Names() => [Dns.GetHostName(), $"{Dns.GetHostName()}.local", .. _named];

    /// <summary>Addresses of this machine in the house.</summary>
    public static IReadOnlyList<IPAddress> InTheHouse() =>
        [
            .. NetworkInterface
                .GetAllNetworkInterfaces()
                .Where(i => i.OperationalStatus == OperationalStatus.Up && i.NetworkInterfaceType != NetworkInterfaceType.Loopback)
                .SelectMany(i => i.GetIPProperties().UnicastAddresses.Select(a => a.Address))
                .Where(a => a.AddressFamily == AddressFamily.InterNetwork || !(a.IsIPv6LinkLocal || a.IsIPv6Multicast)),
        ];

    /// <summary>How a phone of the house reaches this server; null where none may.</summary>
    public string? ForPhones() =>
        isHome && InTheHouse().FirstOrDefault(a => a.AddressFamily == AddressFamily.InterNetwork) is { } address
            ? FormattableString.Invariant($"https://{address}:{homePort}")
            : null;

    /// <summary>True where something else listens already.</summary>
    public static bool IsTaken(Exception error) => error is IOException { InnerException: AddressInUseException };
}
