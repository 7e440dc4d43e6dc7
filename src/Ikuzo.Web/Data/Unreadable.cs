using System.Collections.Concurrent;
using System.Text.Json;

namespace Ikuzo.Web.Data;

/// <summary>Rows that cannot be read: each is left out and reported, and what is readable is served.</summary>
public sealed partial class Unreadable
{
    private readonly ConcurrentDictionary<string, string> _all = new();
    private readonly ILogger<Unreadable> _log;

    /// <param name="database">Where the rows are; what could not be read is forgotten when all of it becomes something else.</param>
    /// <param name="log">The log.</param>
    public Unreadable(Database database, ILogger<Unreadable> log)
    {
        _log = log;
        database.Replaced += _all.Clear;
    }

    /// <summary>What could not be read, each in a sentence.</summary>
    public IReadOnlyCollection<string> All => [.. _all.Values];

    /// <summary>Those of some rows that can be read.</summary>
    /// <param name="what">What a row is, in kitchen words.</param>
    /// <param name="rows">The rows.</param>
    /// <param name="id">Name of a row.</param>
    /// <param name="read">Reads one.</param>
    public IEnumerable<T> Of<TRow, T>(string what, IEnumerable<TRow> rows, Func<TRow, string> id, Func<TRow, T> read)
        where T : class => rows.Select(row => One(what, id(row), () => read(row))).OfType<T>();

    /// <summary>One thing, or null where it cannot be read.</summary>
    public T? One<T>(string what, string id, Func<T> read)
        where T : class
    {
        try
        {
            return read();
        }
        catch (Exception error) when (IsOfARow(error))
        {
            if (_all.TryAdd($"{what} {id}", $"A {what} ({id}) cannot be read and is left out; it stays in the database."))
            {
                LogLeftOut(_log, error, what, id);
            }

            return null;
        }
    }

    private static bool IsOfARow(Exception error) =>
        error
            is JsonException
                or FormatException
                or ArgumentException
                or NotSupportedException
                or InvalidOperationException
                or OverflowException
                or NullReferenceException
                or KeyNotFoundException;

    [LoggerMessage(LogLevel.Error, "A {What} cannot be read: {Id}")]
    private static partial void LogLeftOut(ILogger log, Exception error, string what, string id);
}
