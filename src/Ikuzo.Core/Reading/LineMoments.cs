using Ikuzo.Core.Companions;
using Ikuzo.Core.Dishes;

namespace Ikuzo.Core.Reading;

/// <summary>When the lines of a dish go in that change no minutes. What is not understood is not cooked: it waits for the end.</summary>
public static class LineMoments
{
    /// <summary>When a line goes in.</summary>
    public static GoesIn Moment(this LineItem line) => line.When ?? line.Usually ?? GoesIn.After;

    /// <summary>A text as a line with its moment.</summary>
    /// <param name="text">As it was typed or came in.</param>
    public static LineItem Read(string text) =>
        DishLine.Read(text, "") switch
        {
            LineItem line => line,
            BesideItem beside => new("", text)
            {
                When = beside.When ?? (beside.Companion.Is(CompanionTraits.AfterPressure) ? GoesIn.After : GoesIn.Under),
            },
            null => new("", text),
            _ => new("", text) { When = GoesIn.Under },
        };

    /// <summary>A kept line, read again for what was not kept of it.</summary>
    /// <param name="text">As it was typed.</param>
    /// <param name="when">When it goes in, as far as that was said.</param>
    public static LineItem Read(string text, GoesIn? when) => Read(text) is var read && when is null ? read : read with { When = when };

    /// <summary>What goes under the lid.</summary>
    public static IReadOnlyList<string> Under(IEnumerable<LineItem> lines) => [.. Of(lines, GoesIn.Under)];

    /// <summary>What is fried before the lid goes on besides the meat.</summary>
    /// <param name="beside">What stands beside the meat.</param>
    /// <param name="lines">All lines.</param>
    public static IReadOnlyList<FryStep> Fried(IEnumerable<BesideItem> beside, IEnumerable<LineItem> lines) =>
        Frying.Of(beside, lines.Where(l => l.Moment() == GoesIn.Under));

    /// <summary>What is done at the end, in words.</summary>
    public static IReadOnlyList<string> AtTheEnd(IEnumerable<LineItem> lines)
    {
        var all = lines.ToList();
        return
        [
            .. Of(all, GoesIn.After).Select(text => $"Add {text}, the lid off."),
            .. Of(all, GoesIn.Aside).Select(text => $"Beside it: {text}."),
        ];
    }

    private static IEnumerable<string> Of(IEnumerable<LineItem> lines, GoesIn moment) =>
        lines.Where(l => l.Moment() == moment).Select(l => l.Text);
}
