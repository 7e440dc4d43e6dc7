using System.Runtime.CompilerServices;
using System.Text.Json;
using Ikuzo.Core.Quantities;
using Ikuzo.Core.Reading;

namespace Ikuzo.Core.Tests.Reading;

/// <summary>Texts as they are read at the Counter on one day, and the lists of them.</summary>
internal static class AtTheCounter
{
    public static Question Read(string text) => CounterText.Read(text, UnitSystem.Metric, new DateOnly(2026, 11, 30));

    /// <summary>True where it asks, refuses, or names what it did not know.</summary>
    public static bool IsAsked(Question q) => q.Doubts.Count > 0 || q.Unknown.Count > 0 || q.Problem is not null;

    public static JsonElement.ArrayEnumerator Rows(string list) =>
        JsonDocument.Parse(File.ReadAllText(List($"{list}.json"))).RootElement.EnumerateArray();

    public static string List(string file, [CallerFilePath] string here = "") => Path.Combine(Path.GetDirectoryName(here)!, "words", file);
}
