using System.Security.Cryptography;
using System.Text;

namespace Ikuzo.Web.Data;

/// <summary>Short names of texts: the same for the same text, and nothing can be read from them.</summary>
internal static class Fingerprint
{
    /// <summary>SHA-256 of a text, 64 letters and digits.</summary>
    public static string Of(string text) => Convert.ToHexStringLower(SHA256.HashData(Encoding.UTF8.GetBytes(text)));
}
