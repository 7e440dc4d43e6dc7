namespace Ikuzo.Core.LineUps;

/// <summary>Tasks so far. Hands do one thing at a time: what would overlap is done earlier.</summary>
internal sealed class Board(DateTimeOffset serveAt)
{
    private readonly List<LineUpTask> _tasks = [];

    public IReadOnlyList<LineUpTask> Tasks => _tasks;

    public void Add(LineUpTask task) =>
        _tasks.Add(task with { Start = task.Start.ToOffset(serveAt.Offset), End = task.End.ToOffset(serveAt.Offset) });

    /// <summary>Puts a task so that it ends at a moment; returns its start.</summary>
    public DateTimeOffset Put(string id, LineUpLane lane, DateTimeOffset end, double minutes, string text, bool handsOn)
    {
        var start = end.AddMinutes(-minutes);
        Add(new LineUpTask(id, lane, start, end, text, handsOn));
        return start;
    }

    /// <summary>Puts hands to work until a moment, or earlier where they are busy then; returns the start.</summary>
    public DateTimeOffset Hands(string id, DateTimeOffset end, double minutes, string text) =>
        Put(id, LineUpLane.Hands, FreeBefore(end, minutes), minutes, text, handsOn: true);

    /// <summary>Puts hands to work in the latest stretch in which the pot comes up or holds; false when the job fits nowhere.</summary>
    public bool InAGap(string id, double minutes, string text)
    {
        foreach (
            var gap in _tasks
                .Where(t => t.Lane == LineUpLane.Pot && !t.Id.StartsWith("release", StringComparison.Ordinal))
                .OrderByDescending(t => t.End)
        )
        {
            var end = FreeBefore(gap.End, minutes);
            if (end.AddMinutes(-minutes) >= gap.Start)
            {
                Put(id, LineUpLane.Hands, end, minutes, text, handsOn: true);
                return true;
            }
        }

        return false;
    }

    private DateTimeOffset FreeBefore(DateTimeOffset end, double minutes)
    {
        while (_tasks.Find(t => t.HandsOn && t.Start < end && t.End > end.AddMinutes(-minutes)) is { } busy)
        {
            end = busy.Start;
        }

        return end;
    }
}
