namespace Ikuzo.Core.Quantities;

/// <summary>Several things in one sentence.</summary>
public static class Listed
{
    /// <summary>"a", "a and b", "a, b and c"; nothing for none.</summary>
    /// <param name="names">What they are called.</param>
    public static string And(IReadOnlyList<string> names) =>
        names.Count < 2 ? string.Concat(names) : $"{string.Join(", ", names.Take(names.Count - 1))} and {names[^1]}";
}
