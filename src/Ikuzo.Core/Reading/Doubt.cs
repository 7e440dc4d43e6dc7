namespace Ikuzo.Core.Reading;

/// <summary>Something that could be read otherwise. While there is one, the answer is a question.</summary>
/// <param name="Text">As typed.</param>
/// <param name="Reading">How it was read.</param>
/// <param name="Or">How else it could be read; empty when it can only be right or wrong.</param>
public sealed record Doubt(string Text, string Reading, IReadOnlyList<string> Or)
{
    /// <summary>Reading of a temperature of meat that is cooked.</summary>
    public const string OfThermometer = "what a thermometer says";
}

/// <summary>What the cook answered to a doubt.</summary>
/// <param name="Text">What was typed.</param>
/// <param name="Reading">How it is to be read.</param>
public sealed record Settled(string Text, string Reading);

/// <summary>Asks where something can be read in several ways, or takes the answer that was given.</summary>
internal sealed class Doubts(IReadOnlyList<Settled> settled)
{
    private readonly List<Doubt> _open = [];

    /// <summary>Reading of a word that is to be left out.</summary>
    public const string LeftOut = "leave it out";

    /// <summary>What is not settled.</summary>
    public IReadOnlyList<Doubt> Open => _open;

    /// <summary>True when a word is to be left out.</summary>
    public bool IsLeftOut(string text) => settled.Any(s => s.Text == text && s.Reading == LeftOut);

    /// <summary>Reads something in the first of several ways, and asks, unless it is settled how.</summary>
    /// <param name="text">As typed.</param>
    /// <param name="ways">Ways to read it, the likeliest first, each with what it does.</param>
    public void Ask(string text, params (string Reading, Action Apply)[] ways)
    {
        if (settled.FirstOrDefault(s => s.Text == text && ways.Any(w => w.Reading == s.Reading)) is { } known)
        {
            ways.First(w => w.Reading == known.Reading).Apply();
            return;
        }

        ways[0].Apply();
        _open.Add(new(text, ways[0].Reading, [.. ways.Skip(1).Select(w => w.Reading)]));
    }
}
