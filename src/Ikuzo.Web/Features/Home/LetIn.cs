using System.Collections.Concurrent;
using System.Net;
using System.Net.Sockets;
using System.Security.Cryptography;
using System.Text;

namespace Ikuzo.Web.Features.Home;

/// <summary>A code by which one device is let in, once.</summary>
/// <param name="Code">Eight digits.</param>
/// <param name="IsGuest">True for who only sees when dinner is.</param>
/// <param name="Until">Until when it is good.</param>
/// <param name="By">Id of the device that asked for it; null for the machine itself.</param>
public sealed record EntryCode(string Code, bool IsGuest, DateTimeOffset Until, string? By = null);

/// <summary>Codes that were given out and not used yet, and how often somebody tried.</summary>
/// <remarks>They live in memory only: a code that outlives a start is one that nobody needs.</remarks>
internal sealed class LetIn(TimeProvider clock)
{
    /// <summary>
    /// Tries a minute of one address. Who tries more waits, and nobody else: of the 254 addresses of a house all together guess a code of
    /// eight digits, which lives ten minutes, once in eight thousand codes.
    /// </summary>
    public const int MostTries = 5;

    private const int Digits = 8,
        MostCodes = 20;
    private static readonly TimeSpan Life = TimeSpan.FromMinutes(10),
        Minute = TimeSpan.FromMinutes(1);

    private readonly ConcurrentDictionary<string, EntryCode> _codes = new();
    private readonly Lock _lock = new();
    private readonly Dictionary<string, Queue<DateTimeOffset>> _tries = []; // of each address

    /// <summary>A new code.</summary>
    public EntryCode New(bool isGuest, string? by = null)
    {
        Forget();
        while (_codes.Count >= MostCodes && _codes.Values.MinBy(c => c.Until) is { } oldest)
        {
            _codes.TryRemove(oldest.Code, out _);
        }

        var code = new EntryCode(RandomNumberGenerator.GetString("0123456789", Digits), isGuest, clock.GetUtcNow() + Life, by);
        _codes[code.Code] = code;
        return code;
    }

    /// <summary>Takes a code, which is gone then; false where too many were tried in the last minute.</summary>
    /// <param name="said">What somebody says.</param>
    /// <param name="who">Name of the address that says it.</param>
    /// <param name="code">The code; null where there is none like it.</param>
    public bool TryTake(string said, string who, out EntryCode? code)
    {
        code = null;
        lock (_lock)
        {
            var now = clock.GetUtcNow();
            foreach (var other in _tries.Where(t => now - t.Value.Last() >= Minute).Select(t => t.Key).ToList())
            {
                _tries.Remove(other);
            }

            var tries = _tries.TryGetValue(who, out var known) ? known : _tries[who] = [];
            while (tries.TryPeek(out var first) && now - first >= Minute)
            {
                tries.Dequeue();
            }

            if (tries.Count >= MostTries)
            {
                return false;
            }

            tries.Enqueue(now);
            Forget();
            // Each is compared in full, so that the time says nothing.
            var bytes = Encoding.UTF8.GetBytes(said);
            foreach (var given in _codes.Keys)
            {
                if (CryptographicOperations.FixedTimeEquals(bytes, Encoding.UTF8.GetBytes(given)))
                {
                    _codes.TryRemove(given, out code);
                }
            }

            return true;
        }
    }

    /// <summary>Forgets the codes that a device asked for.</summary>
    public void Forget(string by)
    {
        foreach (var code in _codes.Values.Where(c => c.By == by))
        {
            _codes.TryRemove(code.Code, out _);
        }
    }

    /// <summary>Name of an address; one for all that a machine may give itself in a network of version 6.</summary>
    public static string NameOf(IPAddress? address)
    {
        const int Prefix = 8; // bytes that the network gives
        return address switch
        {
            null => "",
            { IsIPv4MappedToIPv6: true } => $"{address.MapToIPv4()}",
            { AddressFamily: AddressFamily.InterNetworkV6 } => Convert.ToHexString(address.GetAddressBytes()[..Prefix]),
            _ => $"{address}",
        };
    }

    private void Forget()
    {
        foreach (var old in _codes.Values.Where(c => c.Until < clock.GetUtcNow()))
        {
            _codes.TryRemove(old.Code, out _);
        }
    }
}
