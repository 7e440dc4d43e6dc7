using System.Text;

namespace Ikuzo.Core.Reading;

/// <summary>How common words of spoken English are. Ordinary English is no slip of the hand.</summary>
/// <remarks>
/// After SUBTLEX-US (Brysbaert and New 2009, Behavior Research Methods 41), 51 million words of films and television, made into a sorted
/// list when this is built (<c>scripts/ordinary.mjs</c>). It is searched as it lies: nothing is read at the start.
/// </remarks>
internal static class Ordinary
{
    private static readonly byte[] Lines = Read();

    /// <summary>
    /// How common a word is: the decimal logarithm of how often it comes in a thousand million words, 1 to 8; 0 for what is no word.
    /// </summary>
    /// <param name="word">In small letters.</param>
    public static double Zipf(string word)
    {
        Span<byte> wanted = stackalloc byte[32];
        if (word.Length is 0 or > 30 || !Encoding.ASCII.TryGetBytes(word, wanted, out var length))
        {
            return 0;
        }

        wanted = wanted[..length];
        var (low, high) = (0, Lines.Length);
        while (low < high)
        {
            var start = LineStart((low + high) / 2, low);
            var line = Lines.AsSpan(start);
            line = line[..line.IndexOf((byte)'\n')];
            var space = line.IndexOf((byte)' ');
            var order = wanted.SequenceCompareTo(line[..space]);
            if (order == 0)
            {
                return int.Parse(line[(space + 1)..], System.Globalization.CultureInfo.InvariantCulture) / 10.0;
            }

            (low, high) = order < 0 ? (low, start) : (start + line.Length + 1, high);
        }

        return 0;
    }

    private static int LineStart(int at, int least)
    {
        while (at > least && Lines[at - 1] != (byte)'\n')
        {
            at--;
        }

        return at;
    }

    private static byte[] Read()
    {
        using var stream = typeof(Ordinary).Assembly.GetManifestResourceStream("Ikuzo.Core.Reading.Words.ordinary.txt")!;
        var all = new byte[stream.Length];
        stream.ReadExactly(all);
        return all;
    }
}
