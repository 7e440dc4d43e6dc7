namespace Ikuzo.Web.Data;

/// <summary>Versions of what several windows may change: the fingerprint of what it is.</summary>
internal static class Versions
{
    private const int Characters = 16;

    /// <summary>The version of a text.</summary>
    public static string Of(string text) => Fingerprint.Of(text)[..Characters];

    /// <summary>True where a change may be made: no version is named, any will do, or it is the present one.</summary>
    /// <param name="ifMatch">The header If-Match, with or without quotes.</param>
    /// <param name="now">The present version.</param>
    public static bool Match(string? ifMatch, string now) => ifMatch is null or "" or "*" || ifMatch.Trim().Trim('"') == now;
}
