using System.Collections.Concurrent;

namespace Ikuzo.Web.Features.Cooks;

/// <summary>Remembers what takes long to make and depends on nothing but its key; all of it is forgotten when it is too much.</summary>
/// <param name="most">Most that is remembered.</param>
internal sealed class Remembered<TKey, TValue>(int most)
    where TKey : notnull
{
    private readonly ConcurrentDictionary<TKey, TValue> _known = new();

    /// <summary>What is remembered under a key; made where nothing is.</summary>
    public TValue Of(TKey key, Func<TValue> make)
    {
        if (_known.Count > most)
        {
            _known.Clear();
        }

        return _known.GetOrAdd(key, _ => make());
    }
}
