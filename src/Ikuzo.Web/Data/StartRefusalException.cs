namespace Ikuzo.Web.Data;

/// <summary>Why the server does not start, in one sentence for who runs it: what, why, and what to do.</summary>
public sealed class StartRefusalException : Exception
{
    /// <param name="sentence">The sentence.</param>
    /// <param name="cause">What lies behind it.</param>
    public StartRefusalException(string sentence, Exception? cause = null)
        : base(sentence, cause) { }
}
