namespace Ikuzo.Core.Asking;

/// <summary>Finds the word that was meant by one that was mistyped.</summary>
internal static class Slips
{
    private const int ShortWord = 6; // up to this many letters one slip, above it two

    /// <summary>The nearest word that we know; null when none is near. The first letter is hardly ever wrong.</summary>
    /// <param name="typed">In small letters.</param>
    public static string? Nearest(string typed)
    {
        if (typed.Length < 4 || !typed.All(char.IsLetter))
        {
            return null;
        }

        var most = typed.Length <= ShortWord ? 1 : 2;
        return Vocabulary
            .Words.Where(w => w[0] == typed[0] && Math.Abs(w.Length - typed.Length) <= most)
            .Select(w => (Word: w, Slips: Distance(typed, w)))
            .Where(w => w.Slips <= most)
            .OrderBy(w => w.Slips)
            .ThenBy(w => w.Word.Length)
            .ThenBy(w => w.Word, StringComparer.Ordinal)
            .Select(w => w.Word)
            .FirstOrDefault();
    }

    /// <summary>
    /// Slips from one word to another: a letter too many, one missing, one wrong, or two swapped. Optimal string alignment (Damerau 1964 in
    /// its restricted form).
    /// </summary>
    internal static int Distance(string a, string b)
    {
        var d = new int[a.Length + 1, b.Length + 1];
        for (var i = 0; i <= a.Length; i++)
        {
            for (var j = 0; j <= b.Length; j++)
            {
                d[i, j] =
                    i == 0 ? j
                    : j == 0 ? i
                    : Math.Min(Math.Min(d[i - 1, j], d[i, j - 1]) + 1, d[i - 1, j - 1] + (a[i - 1] == b[j - 1] ? 0 : 1));
                if (i > 1 && j > 1 && a[i - 1] == b[j - 2] && a[i - 2] == b[j - 1])
                {
                    d[i, j] = Math.Min(d[i, j], d[i - 2, j - 2] + 1);
                }
            }
        }

        return d[a.Length, b.Length];
    }
}
