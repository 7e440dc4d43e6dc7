using System.Collections.Concurrent;
using System.Security.Cryptography;
using System.Text;

namespace Ikuzo.Web.Features.Home;

/// <summary>A code by which one device is let in, once.</summary>
/// <param name="Code">Eight digits.</param>
/// <param name="IsGuest">True for who only sees when dinner is.</param>
/// <param name="Until">Until when it is good.</param>
public sealed record EntryCode(string Code, bool IsGuest, DateTimeOffset Until);

/// <summary>Codes that were given out and not used yet, and how often somebody tried.</summary>
/// <remarks>They live in memory only: a code that outlives a start is one that nobody needs.</remarks>
internal sealed class LetIn(TimeProvider clock)
{
    /// <summary>Tries a minute, of one address and of all together: of eight digits that is one in ten thousand in a month.</summary>
    public const int MostTries = 5;

    private const int Digits = 8,
        MostCodes = 20;
    private static readonly TimeSpan Life = TimeSpan.FromMinutes(10),
        Minute = TimeSpan.FromMinutes(1);

    private readonly ConcurrentDictionary<string, EntryCode> _codes = new();
    private readonly Lock _lock = new();
    private readonly Queue<DateTimeOffset> _tries = [];

    /// <summary>A new code.</summary>
    public EntryCode New(bool isGuest)
    {
        Forget();
        while (_codes.Count >= MostCodes && _codes.Values.MinBy(c => c.Until) is { } oldest)
        {
            _codes.TryRemove(oldest.Code, out _);
        }

        var code = new EntryCode(RandomNumberGenerator.GetString("0123456789", Digits), isGuest, clock.GetUtcNow() + Life);
        _codes[code.Code] = code;
        return code;
    }

    /// <summary>Takes a code, which is gone then; false where too many were tried in the last minute.</summary>
    /// <param name="said">What somebody says.</param>
    /// <param name="code">The code; null where there is none like it.</param>
    public bool TryTake(string said, out EntryCode? code)
    {
        code = null;
        lock (_lock)
        {
            var now = clock.GetUtcNow();
            while (_tries.TryPeek(out var first) && now - first >= Minute)
            {
                _tries.Dequeue();
            }

            if (_tries.Count >= MostTries)
            {
                return false;
            }

            _tries.Enqueue(now);
            Forget();
            // Each is compared in full, so that the time says nothing.
            var bytes = Encoding.UTF8.GetBytes(said);
            foreach (var known in _codes.Keys)
            {
                if (CryptographicOperations.FixedTimeEquals(bytes, Encoding.UTF8.GetBytes(known)))
                {
                    _codes.TryRemove(known, out code);
                }
            }

            return true;
        }
    }

    private void Forget()
    {
        foreach (var old in _codes.Values.Where(c => c.Until < clock.GetUtcNow()))
        {
            _codes.TryRemove(old.Code, out _);
        }
    }
}
