using System.Globalization;

namespace Ikuzo.Web.Data;

/// <summary>Moments as the database has them: in UTC, so that their order is that of their letters.</summary>
internal static class StoredMoment
{
    /// <summary>A moment to store.</summary>
    public static string Text(DateTimeOffset at) => at.ToUniversalTime().ToString("O");

    /// <summary>A moment that was stored.</summary>
    public static DateTimeOffset Of(string text) => DateTimeOffset.Parse(text, CultureInfo.InvariantCulture);
}
