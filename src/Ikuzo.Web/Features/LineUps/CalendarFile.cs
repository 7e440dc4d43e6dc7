using System.Text;
using Ical.Net;
using Ical.Net.CalendarComponents;
using Ical.Net.DataTypes;
using Ical.Net.Serialization;
using Ikuzo.Core.LineUps;

namespace Ikuzo.Web.Features.LineUps;

/// <summary>Something in a calendar.</summary>
/// <param name="Uid">Name that stays the same when it is made anew.</param>
/// <param name="Start">When it begins, which an alarm says.</param>
/// <param name="End">When it ends.</param>
/// <param name="Summary">In one line.</param>
/// <param name="Description">In more; null for nothing.</param>
internal sealed record CalendarEntry(string Uid, DateTimeOffset Start, DateTimeOffset End, string Summary, string? Description = null);

/// <summary>iCalendar files (RFC 5545): an event with an alarm for each entry.</summary>
internal static class CalendarFile
{
    public const string ContentType = "text/calendar; charset=utf-8";

    /// <summary>The tasks of the hands and the oven in a line-up.</summary>
    public static byte[] Of(LineUp lineUp) =>
        Of(
            "Line-up",
            lineUp
                .Tasks.Where(t => t.HandsOn || t.Lane == LineUpLane.Oven)
                .Select(t => new CalendarEntry($"{t.Id}-{t.Start.ToUnixTimeSeconds()}@ikuzo", t.Start, t.End, t.Text))
        );

    /// <summary>A calendar.</summary>
    public static byte[] Of(string name, IEnumerable<CalendarEntry> entries)
    {
        var calendar = new Calendar { ProductId = $"-//Ikuzo//{name}//EN" };
        calendar.Events.AddRange(entries.Select(Event));
        return Encoding.UTF8.GetBytes(new CalendarSerializer().SerializeToString(calendar) ?? "");
    }

    private static CalendarEvent Event(CalendarEntry entry) =>
        new()
        {
            Uid = entry.Uid,
            DtStamp = new CalDateTime(entry.Start.UtcDateTime),
            Summary = entry.Summary,
            Description = entry.Description,
            Start = new CalDateTime(entry.Start.UtcDateTime),
            End = new CalDateTime(entry.End.UtcDateTime),
            Alarms =
            {
                new Alarm
                {
                    Action = AlarmAction.Display,
                    Description = entry.Summary,
                    Trigger = new Trigger(Duration.Zero),
                },
            },
        };
}
