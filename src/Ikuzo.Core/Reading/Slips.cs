namespace Ikuzo.Core.Reading;

/// <summary>How far a word is from one that may have been meant.</summary>
internal static class Slips
{
    /// <summary>Shorter words are taken as they stand: among them nearly everything is near.</summary>
    public const int Shortest = 4;

    private const int ShortWord = 5; // up to this many letters one slip, above it two

    /// <summary>Slips that are believed in a word of a length.</summary>
    public static int Most(int length) => length <= ShortWord ? 1 : 2;

    /// <summary>
    /// Slips from one word to another: a letter too many, one missing, one wrong, or two swapped. Optimal string alignment (Damerau 1964 in
    /// its restricted form).
    /// </summary>
    internal static int Distance(string a, string b)
    {
        Span<int> before = stackalloc int[b.Length + 1];
        Span<int> last = stackalloc int[b.Length + 1];
        Span<int> row = stackalloc int[b.Length + 1];
        for (var j = 0; j <= b.Length; j++)
        {
            last[j] = j;
        }

        for (var i = 1; i <= a.Length; i++)
        {
            row[0] = i;
            for (var j = 1; j <= b.Length; j++)
            {
                row[j] = Math.Min(Math.Min(last[j], row[j - 1]) + 1, last[j - 1] + (a[i - 1] == b[j - 1] ? 0 : 1));
                if (i > 1 && j > 1 && a[i - 1] == b[j - 2] && a[i - 2] == b[j - 1])
                {
                    row[j] = Math.Min(row[j], before[j - 2] + 1);
                }
            }

            last.CopyTo(before);
            row.CopyTo(last);
        }

        return last[b.Length];
    }
}
