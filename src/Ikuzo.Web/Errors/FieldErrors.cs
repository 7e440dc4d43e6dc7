using System.Globalization;
using System.Text.RegularExpressions;
using Ikuzo.Core.Planning;

namespace Ikuzo.Web.Errors;

/// <summary>Collects what is wrong with a request, by field.</summary>
public sealed partial class FieldErrors
{
    private readonly Dictionary<string, List<string>> _messages = [];

    /// <summary>True when nothing is wrong.</summary>
    public bool None => _messages.Count == 0;

    /// <summary>Messages by field.</summary>
    public IDictionary<string, string[]> ToDictionary() => _messages.ToDictionary(m => m.Key, m => m.Value.ToArray());

    /// <summary>Notes that a field is wrong.</summary>
    public void Add(string field, string message)
    {
        if (!_messages.TryGetValue(field, out var list))
        {
            _messages[field] = list = [];
        }

        list.Add(message);
    }

    /// <summary>Checks a number that may be missing.</summary>
    public void Range(string field, double? value, double least, double most, string unit)
    {
        if (value is { } v && !(v >= least && v <= most))
        {
            Add(
                field,
                string.Create(CultureInfo.InvariantCulture, $"must lie between {least} and {most}{(unit.Length > 0 ? " " : "")}{unit}.")
            );
        }
    }

    /// <summary>Checks a number that must be there.</summary>
    public void RequiredRange(string field, double? value, double least, double most, string unit)
    {
        if (value is null)
        {
            Add(field, "is missing.");
        }

        Range(field, value, least, most, unit);
    }

    /// <summary>Checks the id of a school that may be missing.</summary>
    public void KnownSchool(string field, string? id)
    {
        if (id is not (null or Schools.None) && Schools.Names.All(s => s.Id != id))
        {
            Add(field, "is not a school that we know; see /api/catalogue.");
        }
    }

    /// <summary>Checks a text that may be missing: no markup, no control characters, not too long.</summary>
    public void PlainText(string field, string? value, int most)
    {
        NotLonger(field, value, most);
        if (value is not null && (Markup().IsMatch(value) || value.Any(char.IsControl)))
        {
            Add(field, "contains markup or control characters; only plain text is taken.");
        }
    }

    /// <summary>Checks a text that must be there: no markup, no control characters, not too long.</summary>
    public void RequiredPlainText(string field, string? value, int most)
    {
        if (string.IsNullOrWhiteSpace(value))
        {
            Add(field, "is missing.");
        }

        PlainText(field, value, most);
    }

    /// <summary>Checks a text that must be there.</summary>
    public void RequiredText(string field, string? value, int most)
    {
        if (string.IsNullOrWhiteSpace(value))
        {
            Add(field, "is missing.");
        }
        else
        {
            NotLonger(field, value, most);
        }
    }

    /// <summary>Checks a time zone; one that is left out is fine.</summary>
    public void TimeZone(string field, string? id)
    {
        if (id is not null && !TimeZoneInfo.TryFindSystemTimeZoneById(id, out _))
        {
            Add(field, "is not a time zone that we know.");
        }
    }

    private void NotLonger(string field, string? value, int most)
    {
        if (value?.Length > most)
        {
            Add(field, string.Create(CultureInfo.InvariantCulture, $"is longer than {most} characters."));
        }
    }

    [GeneratedRegex(@"<\s*[a-zA-Z/!?]|javascript:", RegexOptions.IgnoreCase | RegexOptions.CultureInvariant, matchTimeoutMilliseconds: 100)]
    private static partial Regex Markup();
}
