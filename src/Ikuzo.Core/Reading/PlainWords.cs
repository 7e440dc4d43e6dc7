namespace Ikuzo.Core.Reading;

/// <summary>Plain lists of words, from <c>Words/plain.txt</c>.</summary>
internal static class PlainWords
{
    private static readonly Dictionary<string, HashSet<string>> Lists = Read();

    /// <summary>The words of a list.</summary>
    public static HashSet<string> Of(string list) => Lists[list];

    private static Dictionary<string, HashSet<string>> Read()
    {
        Dictionary<string, HashSet<string>> lists = [];
        HashSet<string> list = [];
        foreach (var line in Lexicon.Lines("plain"))
        {
            if (line[0] == '[')
            {
                lists[line[1..^1]] = list = [];
            }
            else
            {
                list.UnionWith(line.Split(',', StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries));
            }
        }

        return lists;
    }
}
